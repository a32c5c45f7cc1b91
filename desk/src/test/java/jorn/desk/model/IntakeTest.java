package jorn.desk.model;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import jorn.book.Book;
import jorn.desk.Journals;
import jorn.measure.Trouble;
import jorn.press.PressShelf;
import jorn.recipe.Catalogue;
import jorn.store.RecipeFile;
import jorn.store.RecipeShelf;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is dropped on the window: taken in, or refused in plain words with the book as it was. */
class IntakeTest {
    @TempDir
    Path folder;

    private Desk desk;
    private Intake intake;

    @BeforeEach
    void aJournalOnTheDesk() {
        desk = new Desk(Settings.load(folder.resolve("settings")), Journals.lined(), Runnable::run);
        desk.page().set(5);
        intake = new Intake(desk);
    }

    private Path file(String name, byte[] content) throws IOException {
        return Files.write(folder.resolve(name), content);
    }

    private List<String> items() {
        return desk.book().runs().get(2).items();
    }

    @ParameterizedTest
    @CsvSource({"UTF-8", "UTF-16", "windows-1252"})
    void aListIsReadInTheEncodingThatItHas(String encoding) throws IOException {
        intake.take(file("prompts.txt", "What bloomed?\r\n\r\nFrüh auf – wofür?\r\n".getBytes(encoding)));
        assertEquals(List.of("What bloomed?", "Früh auf – wofür?"), items());
        assertTrue(
                desk.notice().get().text().contains("2 lines"),
                desk.notice().get().text());
    }

    @Test
    void theFirstColumnOfATableIsAList() throws IOException {
        intake.take(file("p.csv", "\"Smoke, first\";a\nSecond;b\n".getBytes(StandardCharsets.UTF_8)));
        assertEquals(List.of("Smoke, first", "Second"), items());
    }

    @Test
    void aTableOfDatesGoesToTheCalendar() throws IOException {
        intake.take(file("d.csv", "2026-10-09, Open day\n".getBytes(StandardCharsets.UTF_8)));
        assertEquals("Open day", desk.book().calendar().personal().get(LocalDate.of(2026, 10, 9)));
        assertTrue(items().isEmpty());
    }

    @ParameterizedTest
    @CsvSource({
        "d.csv, '2026-10-09, Open day\n2026-13-40, Never', not a day",
        "d.ics, garbage, d.ics",
        "empty.txt, '', holds no lines",
        "thing.xyz, x, does not know",
        "a.png, not a picture, is not a picture",
        "bad.json, '{', The file bad.json is not JSON",
        "other.json, '{\"a\": 1}', neither a page design nor a press profile",
        "block.json, '{\"format\": 1, \"id\": \"a\", \"name\": \"A\", \"root\": {\"is\": \"waffle\"}}', waffle",
        "new.json, '{\"format\": 99, \"id\": \"a\", \"name\": \"A\", \"root\": {\"is\": \"space\"}}', newer Jorn",
        "range.json, '{\"format\": 1, \"id\": \"a\", \"name\": \"A\", \"root\": {\"is\": \"check-list\", \"spacing\": \"0 mm\", \"sign\": \"box\"}}', 0"
    })
    void whatIsNotInOrderIsRefusedAndNothingIsLost(String name, String content, String said) throws IOException {
        Book before = desk.book();
        Path path = file(name, content.getBytes(StandardCharsets.UTF_8));
        Trouble t = assertThrows(Trouble.class, () -> intake.take(path));
        assertTrue(t.getMessage().contains(said), t.getMessage());
        assertEquals(before, desk.book());
    }

    @Test
    void aListThatWouldMakeTooManyPagesIsRefused() throws IOException {
        Path path = file("long.txt", "a line\n".repeat(10_000).getBytes(StandardCharsets.UTF_8));
        assertThrows(Trouble.class, () -> intake.take(path));
        assertTrue(items().isEmpty());
    }

    @Test
    void aListForABlankPageIsRefused() throws IOException {
        desk.page().set(2);
        Path path = file("p.txt", "one\n".getBytes(StandardCharsets.UTF_8));
        Trouble t = assertThrows(Trouble.class, () -> intake.take(path));
        assertTrue(t.what().contains("blank"), t.what());
    }

    @Test
    void aDesignGoesOnTheShelfAndAPressToTheBook() throws IOException {
        Path design = folder.resolve("mine.json");
        RecipeFile.write(Catalogue.find("week").orElseThrow().recipe(), design);
        intake.take(design);
        assertEquals(
                1, new RecipeShelf(desk.settings().recipeFolder()).all(t -> {}).size());
        Path press = folder.resolve("press.json");
        Files.write(press, jorn.json.Json.write(PressShelf.shipped().find("home")));
        intake.take(press);
        assertEquals("home", desk.book().brief().press().id());
    }

    @Test
    void aPictureThatIsCutIsRefusedWithTheReason() throws IOException {
        java.io.ByteArrayOutputStream out = new java.io.ByteArrayOutputStream();
        javax.imageio.ImageIO.write(
                new java.awt.image.BufferedImage(90, 60, java.awt.image.BufferedImage.TYPE_INT_RGB), "jpeg", out);
        byte[] half = java.util.Arrays.copyOf(out.toByteArray(), out.size() - 9);
        Trouble t = assertThrows(Trouble.class, () -> intake.take(file("half.jpg", half)));
        assertTrue(t.what().contains("half.jpg is cut short"), t.what());
        assertTrue(desk.book().pictures().isEmpty());
        intake.take(file("whole.JPG", out.toByteArray()));
        assertEquals(1, desk.book().pictures().size());
    }
}
