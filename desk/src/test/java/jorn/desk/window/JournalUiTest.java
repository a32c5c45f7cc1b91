package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import jorn.book.Starter;
import jorn.desk.Journals;
import jorn.desk.model.BenchName;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.measure.Unit;
import jorn.say.Language;
import jorn.store.BookFile;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** A person makes a lined journal through the window, by mouse and keyboard only. */
class JournalUiTest extends WindowTest {
    @Test
    void makesAJournalAndWritesItsFiles() throws Exception {
        clickOn("#decision-name");
        retype("#field-title", "Hive Notes");
        assertEquals("HIVE NOTES", text("#decision-name"));

        clickOn("#decision-pages");
        retype("#field-pages", "240");
        assertEquals("240 pages", text("#decision-pages"));
        assertEquals("12.79 × 9.25 in", value("cover.width"), "2 × (6 + 0.125) + 240 × 0.002252");
        assertEquals("0.540 in", value("spine.width"));
        assertTrue(lookup("#tag-spine-width").query().getStyleClass().contains("changed"));

        clickOn("#bench-makeup");
        clickOn("#flat-plan");
        push(KeyCode.END);
        assertEquals(240, desk.page().get());
        push(KeyCode.PAGE_UP);
        push(KeyCode.LEFT);
        assertEquals(Optional.of(7.1), spacing());
        clickOn("Wide");
        assertEquals(Optional.of(8.7), spacing());
        clickOn("Off the edge");
        assertEquals("6.125 × 9.25 in", value("page.width"));

        clickOn("#bench-proof");
        assertTrue(lookup("Nothing to mend").tryQuery().isPresent());

        clickOn("#bench-despatch");
        retype("#export-folder", folder.resolve("out").toString());
        clickOn("#write-files");
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> lookup("#written-cover").tryQuery().isPresent());
        try (PDDocument pdf =
                Loader.loadPDF(folder.resolve("out/hive-notes-interior.pdf").toFile())) {
            assertEquals(240, pdf.getNumberOfPages());
            assertEquals(441, pdf.getPage(5).getMediaBox().getWidth(), 0.01);
        }
        try (PDDocument pdf =
                Loader.loadPDF(folder.resolve("out/hive-notes-cover.pdf").toFile())) {
            assertEquals(12.79048 * 72, pdf.getPage(0).getMediaBox().getWidth(), 0.01);
        }
        clickOn("Open the folder");
        assertEquals(List.of(folder.resolve("out")), opened);
    }

    private Optional<Double> spacing() {
        return desk.book()
                .runs()
                .get(2)
                .recipe()
                .ruling()
                .map(r -> Math.round(r.spacing().in(Unit.MILLIMETRE) * 10) / 10.0);
    }

    @Test
    void refusesAPageCountInPlainWordsAndKeepsWhatWasTyped() {
        clickOn("#decision-pages");
        retype("#field-pages", "10000");
        assertTrue(text("#refusal").contains("Write a whole number"), text("#refusal"));
        retype("#field-pages", "900");
        assertTrue(text("#refusal").contains("24 to 828 pages"), text("#refusal"));
        assertEquals("900", ((TextField) lookup("#field-pages").query()).getText());
        assertEquals("120 pages", text("#decision-pages"));
        push(KeyCode.ESCAPE);
        assertFalse(lookup("#field-pages").tryQuery().isPresent());
        assertEquals("decision-pages", focused());
    }

    @Test
    void takesATrimInMillimetresFractionsOrByName() {
        clickOn("#decision-trim");
        retype("#field-trim", "5 1/2 x 8 1/2");
        assertEquals("5.5 × 8.5 in", text("#decision-trim"));
        clickOn("#decision-trim");
        retype("#field-trim", "A5");
        assertEquals("A5", text("#decision-trim"));
        clickOn("#decision-trim");
        retype("#field-trim", "six by nine");
        assertTrue(text("#refusal").contains("is not a size"), text("#refusal"));
        retype("#field-trim", "20 x 20");
        assertTrue(text("#refusal").contains("The nearest it has is 8.5 × 11 in"), text("#refusal"));
        push(KeyCode.ESCAPE);
        clickOn("#unit-mm");
        assertEquals("148 × 210 mm", value("page.width"));
        assertEquals(Unit.MILLIMETRE, settings.unit());
    }

    @Test
    void undoesAndRedoesWithTheKeys() {
        clickOn("#decision-paper");
        clickOn("Cream paper");
        assertEquals("0.300 in", value("spine.width"));
        push(KeyCode.CONTROL, KeyCode.Z);
        assertEquals("0.270 in", value("spine.width"));
        press(KeyCode.CONTROL, KeyCode.SHIFT).push(KeyCode.Z).release(KeyCode.SHIFT, KeyCode.CONTROL);
        assertEquals("0.300 in", value("spine.width"));
        clickOn("#undo");
        assertEquals("white paper", text("#decision-paper"));
    }

    @Test
    void savesAndOpensWithTheKeysAndRemembersTheBook() {
        clickOn("#decision-name");
        retype("#field-title", "Saved Notes");
        push(KeyCode.CONTROL, KeyCode.S);
        assertEquals("saved in hive.jorn", text("#saved-state"));
        assertEquals("Saved Notes", BookFile.load(folder.resolve("hive.jorn")).title());
        clickOn("#decision-name");
        retype("#field-title", "Other");
        assertEquals("changed since saved in hive.jorn", text("#saved-state"));
        push(KeyCode.CONTROL, KeyCode.S);
        push(KeyCode.CONTROL, KeyCode.N);
        assertEquals("UNTITLED", text("#decision-name"));
        push(KeyCode.CONTROL, KeyCode.O);
        assertEquals("OTHER", text("#decision-name"));
        clickOn("#books");
        assertTrue(lookup("hive.jorn").tryQuery().isPresent());
    }

    @Test
    void aBookOfANewerJornIsOpenForReadingAndNeverWrittenOver() throws IOException {
        Path file = folder.resolve("hive.jorn");
        BookFile.save(Starter.NOTEBOOK.begin().withTitle("From Tomorrow"), file);
        byte[] json;
        try (ZipFile zip = new ZipFile(file.toFile())) {
            json = zip.getInputStream(zip.getEntry("book.json")).readAllBytes();
        }
        String newer =
                new String(json, StandardCharsets.UTF_8).replace("\"format\" : 3", "\"format\" : 4, \"glow\" : true");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            zip.putNextEntry(new ZipEntry("book.json"));
            zip.write(newer.getBytes(StandardCharsets.UTF_8));
        }
        byte[] before = Files.readAllBytes(file);
        push(KeyCode.CONTROL, KeyCode.O);
        assertEquals("FROM TOMORROW", text("#decision-name"));
        assertTrue(text("#news").contains("open for reading"), text("#news"));
        push(KeyCode.CONTROL, KeyCode.S);
        assertTrue(text("#notice").contains("under another name"), text("#notice"));
        assertArrayEquals(before, Files.readAllBytes(file));
    }

    @Test
    void theLanguageIsChosenByHandForTheNextStart() {
        clickOn("#books");
        clickOn("#language-de");
        assertTrue(text("#news").contains("Deutsch"), text("#news"));
        assertEquals(Optional.of(Language.GERMAN), settings.language().byHand());
        assertEquals(Language.GERMAN, settings.language().now());
        clickOn("#books");
        clickOn("#language-system");
        assertEquals(Optional.empty(), settings.language().byHand());
    }

    @Test
    void aFigureShowsItsWorkingOnEnter() {
        clickOn("#measures");
        await("#figure-spine-width");
        Node row = lookup("#figure-spine-width").query();
        interact(row::requestFocus);
        push(KeyCode.ENTER);
        assertTrue(
                text("#working-spine-width").contains("120 pages × 0.002252 in = 0.270 in"),
                text("#working-spine-width"));
        push(KeyCode.ENTER);
        assertFalse(lookup("#working-spine-width").tryQuery().isPresent());
    }

    @Test
    void showsAtTheProofWhatMustBeMended() {
        clickOn("#bench-makeup");
        clickOn("#subject-all");
        retype("#margin-gutter", "0.1");
        clickOn("#bench-proof");
        assertTrue(lookup("#note-margin-gutter").tryQuery().isPresent());
        int mend = desk.findings().get().toMend().size();
        assertTrue(mend >= 2, "the gutter itself, and what stands in it");
        assertEquals(mend + " to mend", text("#bench-proof .waiting"));
        clickOn("#bench-despatch");
        assertTrue(lookup((Node n) -> n instanceof Label l && l.getText().startsWith("It is not ready"))
                .tryQuery()
                .isPresent());
    }

    @Test
    void walksThroughTheBenchesAndTheSentenceByKeyboard() {
        for (int i = 0; i < 5; i++) {
            push(KeyCode.CONTROL, KeyCode.values()[KeyCode.DIGIT1.ordinal() + i]);
            assertEquals(BenchName.values()[i], desk.bench().get());
        }
        push(KeyCode.CONTROL, KeyCode.DIGIT1);
        interact(() -> lookup("#decision-kind").query().requestFocus());
        push(KeyCode.TAB);
        assertEquals("decision-pages", focused());
        push(KeyCode.TAB);
        assertEquals("decision-trim", focused());
        push(KeyCode.SPACE);
        assertTrue(lookup("#field-trim").tryQuery().isPresent());
        push(KeyCode.ESCAPE);
        push(KeyCode.F1);
        assertTrue(lookup("Width and height of the closed book.").tryQuery().isPresent());
    }

    @Test
    void workThatWasNotSavedComesBack() {
        clickOn("#decision-name");
        retype("#field-title", "Half done");
        interact(() -> assertTrue(files.mayClose()));
        interact(() -> {
            Desk another = new Desk(settings, Journals.lined());
            assertTrue(new BookFiles(another, files.asker()).recover());
            assertEquals("Half done", another.book().title());
            assertFalse(another.isSaved());
        });
    }

    @Test
    void aBadFileIsToldInTheWindowAndTheBookStays() throws Exception {
        Files.writeString(folder.resolve("hive.jorn"), "not a book");
        push(KeyCode.CONTROL, KeyCode.O);
        assertTrue(text("#notice").contains("hive.jorn is not a Jorn book"), text("#notice"));
        assertEquals("120 pages", text("#decision-pages"));
        clickOn("Put away");
        assertFalse(lookup("#notice").query().getParent().isVisible());
        takeIn(folder.resolve("song.mp3"));
        assertTrue(text("#notice").contains("does not know what to do with song.mp3"));
    }
}
