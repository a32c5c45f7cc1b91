package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;

/** A person joins files and splits them, and puts their pages into another order by hand. */
class JoinUiTest extends BinderyWindow {
    @Test
    void filesAreLaidInOrderJoinedAndSplit() throws Exception {
        zine();
        other(3);
        press("#parcel-files");
        press("#join-add");
        press("#join-add");
        retype("#join-pages-1", "3-2");
        press("#join-earlier-1");
        press("#join-turn-0");
        press("#join-write");
        waitForNotice("5 pages were joined");
        Path joined = folder.resolve("out").resolve("joined.pdf");
        assertEquals(5, pages(joined));
        try (PDDocument read = Loader.loadPDF(joined.toFile())) {
            assertEquals(90, read.getPage(0).getRotation());
            assertEquals(0, read.getPage(2).getRotation());
        }
        press("#join-out-0");
        press("#split-odd-even");
        waitForNotice("2 files were written");
        assertEquals(2, pages(folder.resolve("out").resolve("other-odd.pdf")));
        assertFalse(Files.exists(folder.resolve("out").resolve("other-1.pdf")));
    }

    /** Two scans are put together, a booklet's sheets taken apart, blanks put in; nothing that is there is written over. */
    @Test
    void pagesAreInterleavedUnfoldedAndBlanksPutIn() throws Exception {
        zine();
        other(4);
        Path out = folder.resolve("out");
        press("#parcel-files");
        press("#join-add");
        press("#split-unfold");
        waitForNotice("8 pages");
        assertEquals(8, pages(out.resolve("joined.pdf")));
        press("#join-add");
        press("#join-interleave-backwards");
        waitForNotice("joined-2");
        assertEquals(8, pages(out.resolve("joined-2.pdf")));
        press("#join-add-blank");
        retype("#join-pages-2", "3");
        press("#join-write");
        waitForNotice("11 pages were joined");
        assertEquals(11, pages(out.resolve("joined-3.pdf")));
    }

    /** Rows are dragged to another place, and what is dropped below the last goes behind it. */
    @Test
    void filesAreDraggedToAnotherPlace() throws Exception {
        zine();
        press("#parcel-files");
        other(2);
        press("#join-add");
        press("#join-add-blank");
        retype("#join-pages-1", "5");
        press("#join-add-blank");
        drag(lookup("#join-row-2").query(), 0, 0);
        dropAt("#join-row-0", 0, -10);
        assertEquals("1", lookup("#join-pages-0").queryTextInputControl().getText());
        assertEquals("5", lookup("#join-pages-2").queryTextInputControl().getText());
        drag(lookup("#join-row-0").query(), 0, 0);
        dropAt("#join-row-2", 0, 10);
        assertEquals("", lookup("#join-pages-0").queryTextInputControl().getText());
        assertEquals("1", lookup("#join-pages-2").queryTextInputControl().getText());
        press("#join-write");
        waitForNotice("8 pages were joined");
    }

    /** In the middle of a row are fields and words; its beginning is its name. */
    private void drag(javafx.scene.Node row, double dx, double dy) {
        var bounds = row.localToScreen(row.getBoundsInLocal());
        drag(new javafx.geometry.Point2D(bounds.getMinX() + 40 + dx, bounds.getCenterY() + dy), MouseButton.PRIMARY);
    }

    private void dropAt(String id, double dx, double dy) {
        var bounds = lookup(id).query().localToScreen(lookup(id).query().getBoundsInLocal());
        moveTo(bounds.getMinX() + 60 + dx, bounds.getCenterY() + dy);
        dropTo(bounds.getMinX() + 40 + dx, bounds.getCenterY() + dy);
        settle();
    }

    /** Pages of a file are seen, dragged, moved by keys, turned and taken out; the file keeps them all. */
    @Test
    void pagesArePutIntoAnotherOrderByHand() throws Exception {
        zine();
        press("#parcel-files");
        Path file = other(5);
        press("#join-add");
        press("#join-show-0");
        await("#join-tile-5");
        drag("#join-tile-1", MouseButton.PRIMARY);
        var third = lookup("#join-tile-3").query();
        var at = third.localToScreen(third.getBoundsInLocal());
        moveTo(at.getMinX(), at.getCenterY());
        dropTo(at.getMaxX() - 4, at.getCenterY());
        settle();
        assertEquals(
                "2, 3, 1, 4, 5", lookup("#join-pages-0").queryTextInputControl().getText());
        clickOn("#join-tile-5");
        press(KeyCode.ALT).press(KeyCode.LEFT).release(KeyCode.LEFT).release(KeyCode.ALT);
        settle();
        assertEquals(
                "2, 3, 1, 5, 4", lookup("#join-pages-0").queryTextInputControl().getText());
        clickOn("#join-tile-2");
        press("#join-page-turn");
        clickOn("#join-tile-1");
        press(KeyCode.DELETE).release(KeyCode.DELETE);
        settle();
        assertEquals(
                "3, 1, 5, 4", lookup("#join-pages-0").queryTextInputControl().getText());
        press("#join-write");
        waitForNotice("4 pages were joined");
        try (PDDocument read = Loader.loadPDF(folder.resolve("out/joined.pdf").toFile())) {
            assertEquals(90, read.getPage(0).getRotation());
            assertEquals(0, read.getPage(1).getRotation());
        }
        assertEquals(5, pages(file));
        retype("#join-pages-0", "99");
        waitForNotice("There is no page 99");
        assertTrue(lookup("#join-tile-4").tryQuery().isPresent(), "what was shown stays");
        retype("#join-pages-0", "1");
        settle();
        clickOn("#join-tile-1");
        press("#join-page-out");
        assertTrue(desk.notice().get().text().contains("At least one page"));
    }

    /** A folder of many comes in the order of its numbers; some are shown at once, and the others are a word away. */
    @Test
    void manyFilesAreShownInPortions() throws Exception {
        zine();
        Path one = other(1);
        Path many = Files.createDirectories(folder.resolve("chosen"));
        for (int i = 1; i <= 45; i++) {
            Files.copy(one, many.resolve("part " + i + ".pdf"));
        }
        press("#parcel-files");
        press("#join-add-folder");
        assertTrue(lookup("#join-row-39").tryQuery().isPresent());
        assertTrue(lookup("#join-row-40").tryQuery().isEmpty());
        press("#join-list-behind");
        assertTrue(lookup("#join-row-39").tryQuery().isEmpty());
        press("#join-out-44");
        press("#join-out-40");
        press("#join-write");
        waitForNotice("43 pages were joined");
        try (PDDocument read = Loader.loadPDF(folder.resolve("out/joined.pdf").toFile())) {
            var titles = new java.util.ArrayList<String>();
            read.getDocumentCatalog().getDocumentOutline().children().forEach(i -> titles.add(i.getTitle()));
            assertEquals("part 10", titles.get(9));
            assertEquals("part 42", titles.get(40));
            assertEquals("part 44", titles.get(42));
        }
    }

    /** Pages of two sizes are told of, and made equal to a size that is typed. */
    @Test
    void pagesAreMadeOfOneSizeThatIsTyped() throws Exception {
        zine();
        press("#parcel-files");
        other(1);
        press("#join-add");
        press("#join-add-blank");
        press("#join-equal");
        retype("#join-size", "6 x 9 in");
        press("#join-write");
        waitForNotice("2 pages were joined");
        try (PDDocument read = Loader.loadPDF(folder.resolve("out/joined.pdf").toFile())) {
            for (int i = 0; i < 2; i++) {
                assertEquals(432, read.getPage(i).getMediaBox().getWidth(), 0.01);
                assertEquals(648, read.getPage(i).getMediaBox().getHeight(), 0.01);
            }
        }
    }

    @Test
    void aFileIsSplitByPagesByNumberAndBySize() throws Exception {
        zine();
        press("#parcel-files");
        other(5);
        press("#join-add");
        retype("#split-ranges", "1-2, 5");
        press("#split-ranges-go");
        waitForNotice("2 files were written");
        assertEquals(2, pages(folder.resolve("out/other-1-2.pdf")));
        retype("#split-every", "3");
        press("#split-every-go");
        waitForNotice("2 files were written");
        assertEquals(3, pages(folder.resolve("out/other-1-3.pdf")));
        retype("#split-size", "50 MB");
        press("#split-size-go");
        waitForNotice("One file");
        assertEquals(5, pages(folder.resolve("out/other-1-5.pdf")));
    }
}
