package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Labeled;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import jorn.book.Starter;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** A person binds a zine by hand: folds it, sees the stack, turns it over, and writes what the printer gets. */
class BinderyUiTest extends WindowTest {
    private void zine() {
        interact(() -> desk.lay(Starter.ZINE.begin().withTitle("Smoke Signals"), Optional.empty()));
        clickOn("#bench-despatch");
        interact(
                () -> ((javafx.scene.control.TextField) lookup("#export-folder").query())
                        .setText(folder.resolve("out").toString()));
        press("#parcel-printer");
        waitFor("#bindery-figures", "sheets");
    }

    private void press(String id) {
        interact(() -> ((ButtonBase) lookup(id).query()).fire());
        settle();
    }

    private void waitFor(String id, String words) {
        try {
            WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> lookup(id)
                    .tryQuery()
                    .filter(n -> ((Labeled) n).getText().contains(words))
                    .isPresent());
        } catch (java.util.concurrent.TimeoutException e) {
            throw new AssertionError(id + " says: " + text(id), e);
        }
        settle();
    }

    private void waitForNotice(String words) {
        try {
            WaitForAsyncUtils.waitFor(
                    30,
                    TimeUnit.SECONDS,
                    () -> desk.notice().get() != null
                            && desk.notice().get().text().contains(words));
        } catch (java.util.concurrent.TimeoutException e) {
            throw new AssertionError(String.valueOf(desk.notice().get()), e);
        }
        settle();
    }

    private static int pages(Path file) throws IOException {
        try (PDDocument read = Loader.loadPDF(file.toFile())) {
            return read.getNumberOfPages();
        }
    }

    private Path other(int pages) throws IOException {
        try (PDDocument file = new PDDocument()) {
            for (int i = 0; i < pages; i++) {
                file.addPage(new PDPage(PDRectangle.A5));
            }
            file.save(folder.resolve("other.pdf").toFile());
        }
        return folder.resolve("other.pdf");
    }

    @Test
    void theZineIsFoldedSeenAndWritten() throws Exception {
        zine();
        assertTrue(
                text("#bindery-figures").startsWith("4 sheets, no blank; pages at 100.0 %"), text("#bindery-figures"));
        assertTrue(text("#bindery-told").startsWith("Page 1 lies on the front of sheet 1 of 4"));
        interact(() -> lookup("#bindery-stack")
                .queryAs(javafx.scene.layout.VBox.class)
                .getChildren()
                .get(0)
                .requestFocus());
        push(KeyCode.RIGHT);
        settle();
        assertTrue(text("#bindery-told").startsWith("Page 2 lies on the back of sheet 1"));
        press("#bindery-step-opened");
        assertEquals(4, ((Slider) lookup("#bindery-time").query()).getValue());
        press("#bindery-mark-staple");
        press("#bindery-write");
        waitForNotice("8 sides were written");
        try (var files = Files.list(folder.resolve("out"))) {
            Path sheets = files.findFirst().orElseThrow();
            assertTrue(sheets.getFileName().toString().endsWith("-sheets.pdf"));
            assertEquals(8, pages(sheets));
        }
    }

    @Test
    void foldSheetAndFitFollowTheDecisionsAndRefusalsLeaveThem() throws Exception {
        zine();
        press("#bindery-fold-signatures");
        waitFor("#bindery-figures", "4 sheets");
        retype("#bindery-count", "2");
        settle();
        retype("#bindery-count", "99");
        assertTrue(
                ((Labeled) lookup("#bindery-slip #refusal").query()).getText().contains("99")
                        || desk.notice().get() != null);
        press("#bindery-fold-up");
        press("#bindery-up-4");
        waitFor("#bindery-figures", "2 sheets");
        press("#bindery-fit-stretch");
        waitFor("#bindery-caution", "stretched");
        retype("#bindery-sheet", "6 x 9 in");
        waitFor("#bindery-figures", "2 sheets");
        press("#bindery-fold-nest");
        waitFor("#bindery-figures", "4 sheets");
    }

    @Test
    void oneSideAfterTheOtherAndThePrinterIsRemembered() throws Exception {
        zine();
        assertTrue(text("#bindery-turn").contains("without turning it over"));
        press("#bindery-measure");
        press("#bindery-face-up");
        assertTrue(text("#bindery-turn").contains("turn it over"));
        retype("#bindery-rim-left", "4");
        retype("#bindery-shift-right", "-1.5 mm");
        assertEquals(4, desk.settings().printer().rim().left().in(jorn.measure.Unit.MILLIMETRE), 1e-4);
        assertEquals(-1.5, desk.settings().printer().right(), 1e-9);
        press("#bindery-leaf");
        waitForNotice("test leaf");
        assertEquals(2, pages(folder.resolve("out").resolve("test-leaf.pdf")));
        press("#bindery-write-backs");
        waitForNotice("4 sides were written");
        press("#bindery-print-fronts");
        waitForNotice("no printer");
        try (var files = Files.list(folder.resolve("out"))) {
            assertTrue(files.anyMatch(f -> f.toString().endsWith(".ps")), "what a printer would get is there");
        }
    }

    @Test
    void anyPdfIsBoundAndOneThatIsNoneIsCalledSo() throws Exception {
        zine();
        other(10);
        press("#bindery-other");
        waitFor("#bindery-figures", "3 sheets");
        assertTrue(text("#bindery-figures").contains("2 blanks"));
        press("#bindery-this-book");
        waitFor("#bindery-figures", "4 sheets");
        Files.writeString(folder.resolve("other.pdf"), "no PDF at all");
        press("#bindery-other");
        waitForNotice("is no PDF");
    }

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

    @Test
    void theCopyShopGetsAnOrderInPlainWords() throws Exception {
        zine();
        press("#parcel-shop");
        retype("#shop-copies", "20");
        press("#shop-write");
        waitForNotice("The order is");
        try (var files = Files.list(folder.resolve("out"))) {
            Path order = files.filter(f -> f.toString().endsWith("-copy-shop.pdf"))
                    .findFirst()
                    .orElseThrow();
            try (PDDocument read = Loader.loadPDF(order.toFile())) {
                String words = new org.apache.pdfbox.text.PDFTextStripper().getText(read);
                assertTrue(words.contains("20") && words.contains("double-sided") && words.contains("stapled"), words);
            }
        }
        retype("#shop-copies", "0");
        assertTrue(
                lookup("#shop-order #refusal").queryAs(Labeled.class).getText().contains("0 copies"));
    }

    /** A folder that is dropped on a photo booklet becomes its pages; captions are typed, two to a page. */
    @Test
    void aFolderOfPhotographsBecomesABooklet() throws Exception {
        interact(() -> desk.lay(Starter.PHOTO_BOOKLET.begin().withTitle("May"), Optional.empty()));
        Path photos = Files.createDirectories(folder.resolve("photos"));
        for (int i = 1; i <= 5; i++) {
            var image = new java.awt.image.BufferedImage(90, 60, java.awt.image.BufferedImage.TYPE_INT_RGB);
            image.setRGB(i, 1, 0xFFFFFF);
            javax.imageio.ImageIO.write(image, "png", photos.resolve(i + ".png").toFile());
        }
        interact(() -> files.takeIn(photos));
        files.finish();
        settle();
        clickOn("#bench-makeup");
        interact(() -> desk.page().set(3));
        settle();
        assertEquals("2", lookup("#photo-caption-1").queryTextInputControl().getText());
        retype("#photo-caption-1", "The second hive");
        press("#photo-later-1");
        press("#photo-each-2");
        var pages = desk.book().runs().stream()
                .flatMap(r -> jorn.book.PhotoRuns.of(r).stream())
                .findFirst()
                .orElseThrow();
        assertEquals(2, pages.each());
        assertEquals("The second hive", pages.items().get(2).caption());
        assertEquals(5, pages.items().size());
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

    /** A fold that is decided while another file is being read holds for that file. */
    @Test
    void whatIsDecidedWhileAFileIsReadHoldsForIt() throws Exception {
        zine();
        other(12);
        interact(() -> {
            ((ButtonBase) lookup("#bindery-other").query()).fire();
            ((ButtonBase) lookup("#bindery-fold-loose").query()).fire();
        });
        waitFor("#bindery-figures", "6 sheets");
        press("#bindery-fold-signatures");
        waitFor("#bindery-figures", "3 sheets");
        retype("#bindery-blanks", "99");
        waitForNotice("99");
        assertEquals("", lookup("#bindery-blanks").queryTextInputControl().getText(), "what cannot be is not kept");
        waitFor("#bindery-figures", "3 sheets");
    }
}
