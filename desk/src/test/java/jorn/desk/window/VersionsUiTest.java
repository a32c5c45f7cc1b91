package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import jorn.store.BookFile;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** Earlier versions are looked at beside the book as it is, and gone back to. */
class VersionsUiTest extends WindowTest {
    private void save(String title) {
        interact(() -> desk.change(title, b -> b.withTitle(title)));
        push(KeyCode.CONTROL, KeyCode.S);
    }

    @Test
    void anEarlierVersionIsSeenBesideThePresentOneAndGoneBackTo() throws Exception {
        save("One");
        save("Two");
        interact(() -> desk.changeBrief("pages", b -> b.withPages(96)));
        push(KeyCode.CONTROL, KeyCode.S);
        open("#books", "#earlier-versions");
        clickOn("#earlier-versions");
        await("#version-0");
        assertEquals("The same as the book is now.", text("#version-difference"));
        clickOn("#version-2");
        assertEquals("Its title was “One”, and is “Two”. It had 120 pages, and has 96.", text("#version-difference"));
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> ((ImageView) lookup("#version-then").query()).getImage() != null);
        clickOn("#version-page-after");
        assertNotNull(lookup("page 2").query());
        clickOn("#version-back");
        assertEquals("One", desk.book().title());
        assertTrue(text("#news").contains("is what it was then"), text("#news"));
        push(KeyCode.CONTROL, KeyCode.Z);
        assertEquals("Two", desk.book().title());
        assertEquals("Two", BookFile.load(folder.resolve("hive.jorn")).title(), "the file is as it was saved");
        try (Stream<java.nio.file.Path> beside = Files.list(folder)) {
            assertEquals(
                    2, beside.count(), "only the book and the settings: nothing of it is given away with the file");
        }
    }

    @Test
    void aBookThatWasNeverSavedHasNone() {
        open("#books", "#earlier-versions");
        clickOn("#earlier-versions");
        await("There are none yet: each time you save, the book as it is then is kept here.");
    }
}
