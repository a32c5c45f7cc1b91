package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import jorn.desk.model.BenchName;
import jorn.store.BookFile;
import org.junit.jupiter.api.Test;

/** What is being typed belongs to the book before anybody reads it: whoever saves, writes or goes elsewhere takes it along. */
class TypingTakenUiTest extends WindowTest {
    private Path saved() {
        return folder.resolve("hive.jorn");
    }

    /** Types into the sentence's slip and leaves the caret where it is. */
    private void typePages(String text) {
        open("#decision-pages", "#field-pages");
        push(KeyCode.CONTROL, KeyCode.A);
        write(text);
        settle();
        assertTrue(scene().getFocusOwner() instanceof TextInputControl, "still typing");
    }

    private javafx.scene.Scene scene() {
        return lookup("#sentence").query().getScene();
    }

    @Test
    void savingTakesTheFieldThatIsBeingTypedIn() {
        typePages("144");
        push(KeyCode.CONTROL, KeyCode.S);
        assertEquals(144, desk.book().brief().pages());
        assertEquals(144, BookFile.load(saved()).brief().pages(), "in the file");
        assertTrue(desk.isSaved());
    }

    @Test
    void anotherBenchTakesItToo() {
        typePages("148");
        push(KeyCode.CONTROL, KeyCode.DIGIT4);
        assertEquals(148, desk.book().brief().pages());
        assertEquals(BenchName.PROOF, desk.bench().get());
    }

    @Test
    void whatIsRefusedIsNeitherSavedNorLeftNorLost() {
        typePages("many");
        push(KeyCode.CONTROL, KeyCode.S);
        assertFalse(Files.exists(saved()), "nothing is said to be saved that is not");
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        assertEquals(BenchName.BRIEF, desk.bench().get());
        assertEquals("many", ((TextInputControl) lookup("#field-pages").query()).getText());
        push(KeyCode.ESCAPE);
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        assertEquals(BenchName.COVER, desk.bench().get(), "given up, nothing holds her back");
    }

    @Test
    void wordsThatAreTypedOnTheCoverAreSaved() {
        interact(() -> {
            desk.change("cover", b -> b.withTitle("Hive")
                    .withCover(b.cover().planned(p -> jorn.book.CoverPlan.of("label"))));
            desk.goTo(BenchName.COVER);
        });
        settle();
        interact(() -> lookup("#cover-view").query().requestFocus());
        // The parts come one after the other; the first with words is typed over.
        for (int i = 0; i < 8 && lookup("#cover-typing").queryAll().isEmpty(); i++) {
            push(KeyCode.SPACE);
            push(KeyCode.F2);
        }
        await("#cover-typing");
        push(KeyCode.CONTROL, KeyCode.A);
        write("Bee Walks");
        push(KeyCode.CONTROL, KeyCode.S);
        assertTrue(BookFile.load(saved()).toString().contains("Bee Walks"), "in the file");
    }

    @Test
    void closingKeepsIt() {
        typePages("152");
        interact(() -> assertTrue(files.mayClose()));
        assertEquals(152, desk.book().brief().pages());
    }

    @Test
    void aBookThatCannotBeOpenedIsToldOfInTheWindow() throws Exception {
        Path broken = Files.writeString(folder.resolve("broken.jorn"), "no book");
        interact(() -> files.open(broken));
        settle();
        assertTrue(desk.notice().get() != null, "something is said");
        assertTrue(desk.notice().get().what().text().contains("broken.jorn"));
        assertEquals(120, desk.book().brief().pages(), "and the desk has its book");
    }
}
