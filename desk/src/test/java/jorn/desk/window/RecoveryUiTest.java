package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.desk.Journals;
import jorn.desk.model.BenchName;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.model.Settings;
import jorn.store.BookFile;
import jorn.store.KeptBooks;
import org.junit.jupiter.api.Test;

/** Work is never lost: left unsaved, changed by two windows, or written over. */
class RecoveryUiTest extends WindowTest {
    private Path file() {
        return folder.resolve("hive.jorn");
    }

    private void title(String title) {
        interact(() -> desk.change(title, b -> b.withTitle(title)));
    }

    /** Saves the book on the desk under a title, changes it, and closes the window. */
    private void saveChangeAndClose() {
        title("As saved");
        push(KeyCode.CONTROL, KeyCode.S);
        title("Not saved");
        interact(() -> {
            desk.bench().set(BenchName.MAKEUP);
            desk.page().set(7);
            assertTrue(files.mayClose());
        });
    }

    private interface InAnother {
        void at(Desk desk, BookFiles files);
    }

    /** What happens at another window of the same user. */
    private void another(InAnother work) {
        interact(() -> {
            Desk another = new Desk(Settings.load(folder.resolve("settings")), Journals.lined());
            work.at(another, new BookFiles(another, files.asker()));
        });
    }

    private static void answer(Desk desk, String id) {
        assertTrue(desk.notice().get().isQuestion(), () -> desk.notice().get().text());
        desk.answer(desk.notice().get().choices().stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow());
    }

    @Test
    void theNextStartGoesOnInTheFileAndThePlace() {
        saveChangeAndClose();
        another((desk, files) -> {
            assertTrue(files.recover());
            assertEquals("Not saved", desk.book().title());
            assertEquals(7, desk.page().get());
            assertEquals(BenchName.MAKEUP, desk.bench().get());
            assertEquals(file(), desk.file().orElseThrow());
            assertTrue(desk.file().isPresent(), "its file is known");
            files.save();
            files.finishHere();
            assertEquals("Not saved", BookFile.load(file()).title());
            desk.undo();
            assertEquals("As saved", desk.book().title());
            assertTrue(files.mayClose());
        });
    }

    @Test
    void openingTheFileOffersTheNewerWorkAndAnEditDoesNotOverwriteIt() {
        saveChangeAndClose();
        another((desk, files) -> {
            files.open(file());
            files.finishHere();
            assertEquals("As saved", desk.book().title());
            answer(desk, "leave");
            desk.change("t", b -> b.withTitle("Third"));
            assertTrue(files.mayClose());
        });
        another((desk, files) -> {
            assertEquals(2, files.waiting().size(), "both wait");
            files.open(file());
            files.finishHere();
            answer(desk, "throw-away");
            assertEquals(1, files.waiting().size());
            files.open(file());
            files.finishHere();
            answer(desk, "go-on");
            assertEquals("Not saved", desk.book().title());
            assertTrue(files.mayClose());
        });
    }

    @Test
    void whatIsSavedWaitsForNobody() {
        saveChangeAndClose();
        another((desk, files) -> {
            assertTrue(files.recover());
            files.save();
            files.finishHere();
            assertTrue(files.mayClose());
        });
        another((desk, files) -> {
            assertFalse(files.recover());
            files.open(file());
            files.finishHere();
            assertEquals("Not saved", desk.book().title());
            assertTrue(desk.notice().get() == null, "nothing is asked");
        });
    }

    @Test
    void twoWindowsDoNotOverwriteEachOthersWork() {
        title("As saved");
        push(KeyCode.CONTROL, KeyCode.S);
        title("Here");
        interact(files::keepUnsaved);
        files.finish();
        another((desk, files) -> {
            files.open(file());
            files.finishHere();
            assertTrue(desk.notice().get().text().contains("Another window"));
            desk.change("t", b -> b.withTitle("There"));
            files.save();
            files.finishHere();
            assertTrue(files.mayClose());
        });
        push(KeyCode.CONTROL, KeyCode.S);
        assertTrue(text("#notice").contains("was changed by another program or window"), text("#notice"));
        assertEquals("There", BookFile.load(file()).title(), "nothing is written before the answer");
        clickOn("#answer-keep-both");
        assertEquals("There", BookFile.load(file()).title());
        assertEquals("Here", BookFile.load(folder.resolve("hive-2.jorn")).title());
        assertEquals(folder.resolve("hive-2.jorn"), desk.file().orElseThrow());
    }

    @Test
    void takingTheirsIsOneStepThatCanBeTakenBack() {
        title("As saved");
        push(KeyCode.CONTROL, KeyCode.S);
        Book theirs = desk.book().withTitle("Theirs");
        BookFile.save(theirs, file());
        title("Mine");
        push(KeyCode.CONTROL, KeyCode.S);
        clickOn("#answer-take-theirs");
        assertEquals("Theirs", desk.book().title());
        assertTrue(desk.isSaved());
        push(KeyCode.CONTROL, KeyCode.Z);
        assertEquals("Mine", desk.book().title());
    }

    @Test
    void keepingMineLeavesTheirsAnEarlierVersion() {
        title("As saved");
        push(KeyCode.CONTROL, KeyCode.S);
        BookFile.save(desk.book().withTitle("Theirs"), file());
        title("Mine");
        push(KeyCode.CONTROL, KeyCode.S);
        clickOn("#answer-keep-mine");
        assertEquals("Mine", BookFile.load(file()).title());
        interact(() -> assertEquals(
                java.util.List.of("Mine", "Theirs", "As saved"),
                files.versions().stream().map(v -> files.version(v).title()).toList()));
    }

    /** Also where a slow machine has kept the change by now. */
    private void putAFileWhereWorkIsKept() {
        files.finish();
        Path kept = settings.keptFolder();
        try {
            if (Files.isDirectory(kept)) {
                try (Stream<Path> all = Files.walk(kept)) {
                    for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
                        Files.delete(each);
                    }
                }
            }
            Files.createDirectories(kept.getParent());
            Files.writeString(kept, "a file where a folder should be");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void closingAsksWhereNothingCanBeKept() throws Exception {
        title("Nowhere to go");
        interact(this::putAFileWhereWorkIsKept);
        interact(() -> assertFalse(files.mayClose()));
        settle();
        clickOn("#answer-stay");
        assertFalse(lookup("#notice").query().getParent().isVisible());
        boolean[] closed = {false};
        interact(() -> {
            files.setOnClose(() -> closed[0] = true);
            assertFalse(files.mayClose());
        });
        settle();
        clickOn("#answer-save-elsewhere");
        assertTrue(closed[0]);
        assertEquals("Nowhere to go", BookFile.load(file()).title());
        title("Given up");
        interact(() -> assertFalse(files.mayClose()));
        settle();
        clickOn("#answer-lose");
        interact(() -> assertTrue(files.mayClose()));
    }

    @Test
    void aBookInCapitalsOpensAndWhatIsAskedStaysUntilItIsAnswered() {
        saveChangeAndClose();
        another((desk, files) -> {
            Path capitals = folder.resolve("HIVE.JORN");
            BookFile.save(BookFile.load(file()), capitals);
            files.takeIn(capitals);
            files.finishHere();
            assertEquals("As saved", desk.book().title());
            String asked = desk.notice().get().text();
            desk.say("desk.jorn-app.your-work-from-last");
            desk.putAwayNotice();
            assertEquals(asked, desk.notice().get().text());
            answer(desk, "leave");
            assertTrue(desk.notice().get().good(), "what was said meanwhile comes after");
        });
        assertEquals(1, new KeptBooks(settings.keptFolder()).waiting().size());
    }

    @Test
    void whatOthersWroteIsWrittenOverOnlyWhenAsked() throws Exception {
        title("Hive");
        Path out = Files.createDirectories(folder.resolve("out"));
        Path interior = Files.writeString(out.resolve("hive-interior.pdf"), "a letter");
        push(KeyCode.CONTROL, KeyCode.DIGIT5);
        retype("#export-folder", out.toString());
        clickOn("#write-files");
        assertTrue(text("#notice").contains("which Jorn did not write"), text("#notice"));
        clickOn("#answer-leave");
        assertEquals("a letter", Files.readString(interior));
        clickOn("#write-files");
        clickOn("#answer-replace");
        await("#written-interior");
        assertTrue(Files.size(interior) > 1000);
        clickOn("#write-files");
        assertTrue(desk.notice().get() == null, "its own files are written again unasked");
    }

    @Test
    void workThatWaitsIsFoundUnderBooks() {
        saveChangeAndClose();
        interact(() -> desk.lay(Starter.NOTEBOOK.begin(), java.util.Optional.empty()));
        open("#books", "#earlier-versions");
        clickOn("Not saved");
        assertEquals("Not saved", desk.book().title());
        assertEquals(7, desk.page().get());
    }

    @Test
    void workThatAnOlderJornKeptComesBackOnce() {
        Path former = folder.resolve("settings").resolve("recovery.jorn");
        BookFile.save(desk.book().withTitle("From before"), former);
        another((desk, files) -> {
            assertTrue(files.recover());
            assertEquals("From before", desk.book().title());
            assertFalse(desk.isSaved());
            assertFalse(Files.exists(former));
            assertTrue(files.mayClose());
        });
        another((desk, files) -> {
            assertTrue(files.recover());
            assertEquals("From before", desk.book().title());
        });
    }
}
