package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.input.Clipboard;
import jorn.book.Book;
import jorn.json.Json;
import jorn.press.PressProfile;
import jorn.store.BookFile;
import org.junit.jupiter.api.Test;

/** A person orders a book at the press, and hears that the press has changed. */
class OrderUiTest extends WindowTest {
    private String onClipboard() {
        String[] text = new String[1];
        interact(() -> text[0] = Clipboard.getSystemClipboard().getString());
        return text[0];
    }

    @Test
    void theOrderSlipIsCopiedLineByLineAndPrinted() {
        clickOn("#decision-name");
        retype("#field-title", "Hive Notes");
        clickOn("#bench-despatch");
        assertEquals("Hive Notes", text("#slip-title"));
        clickOn("#copy-trim");
        assertEquals("6 × 9 in", onClipboard());
        retype("#slip-contributors", "Bo Ling (pictures); Mara Weir");
        assertEquals(2, desk.book().plans().selling().contributors().size());
        clickOn("#copy-slip");
        assertTrue(onClipboard().contains("Contributors: Bo Ling (pictures); Mara Weir\n"), onClipboard());
        assertTrue(onClipboard().contains("Finish of the cover: to be decided\n"), onClipboard());
        retype("#export-folder", folder.resolve("out").toString());
        clickOn("#write-slip");
        assertTrue(Files.isRegularFile(folder.resolve("out").resolve("hive-notes-order.pdf")), text("#news"));
    }

    @Test
    void aReminderIsShownOnce() {
        clickOn("#bench-despatch");
        clickOn("#read-maker-address");
        assertTrue(lookup("#reminder-maker-address").tryQuery().isEmpty());
        assertTrue(desk.book().plans().selling().read().contains("maker-address"));
        clickOn("#reminders-again");
        assertTrue(lookup("#reminder-maker-address").tryQuery().isPresent());
    }

    @Test
    void aNameThatIsTypedOverOnTheCoverIsToldAtDespatch() {
        interact(() -> desk.change("x", b -> b.withTitle("Hive Notes")
                .withCover(b.cover().planned(p -> p.edited("title", e -> e.withWords(Optional.of("Hive Note")))))));
        clickOn("#bench-despatch");
        assertEquals("The title on the cover says “Hive Note”, not “Hive Notes”.", text("#differs-title"));
    }

    private Path older() {
        Book book = desk.book();
        ObjectNode tree = (ObjectNode) Json.tree(book.brief().press());
        tree.put("version", "2025-01");
        ((ObjectNode) tree.at("/papers/0/thickness")).put("perPage", "0.002 in");
        Path file = folder.resolve("older.jorn");
        PressProfile press = Json.read(tree, PressProfile.class, "it");
        BookFile.save(book.withBrief(book.brief().withPress(press)), file);
        return file;
    }

    @Test
    void aBookIsToldAtOpeningWhatAnotherProfileChanges() {
        Path file = older();
        takeIn(file);
        files.finish();
        settle();
        assertTrue(text("#notice").contains("Cover width 0.030 in more, 12.52 in"), text("#notice"));
        assertEquals("0.240 in", value("spine.width"), "nothing has changed yet");
        clickOn("#answer-take-press");
        assertEquals("0.270 in", value("spine.width"));
        clickOn("#undo");
        assertEquals("0.240 in", value("spine.width"));
    }

    @Test
    void whoKeepsTheOldProfileIsNotAskedAgain() {
        Path file = older();
        takeIn(file);
        files.finish();
        settle();
        clickOn("#answer-keep-old-press");
        assertEquals("0.240 in", value("spine.width"));
        interact(() -> BookFile.save(desk.book(), file));
        interact(() -> desk.markSaved(file, jorn.store.FileStamp.of(file)));
        takeIn(file);
        files.finish();
        settle();
        assertFalse(lookup("#answer-take-press").tryQuery().isPresent());
    }

    @Test
    void edgeHolesAndFinishAreDecidedAtTheBrief() {
        clickOn("#step-finish");
        clickOn("Matte");
        assertEquals("matte", text("#step-finish"));
        interact(() -> desk.changeBrief("press", b -> b.at(desk.shelf().find("copyshop"))));
        clickOn("#step-edge");
        clickOn("At the head");
        clickOn("#step-edge");
        clickOn("Two holes, 80 mm apart");
        assertEquals("at the head, with two holes, 80 mm apart", text("#step-edge"));
        assertEquals(
                "0.669 in", desk.state().get().measures().get("margin.gutter").text(jorn.measure.Unit.INCH));
        assertFalse(lookup("#step-finish").query().isVisible()
                && lookup("#step-finish").query().getParent().isVisible());
    }
}
