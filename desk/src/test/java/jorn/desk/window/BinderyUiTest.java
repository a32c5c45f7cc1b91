package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Labeled;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.Test;

/** A person binds a zine by hand: folds it, sees the stack, turns it over, and writes what the printer gets. */
class BinderyUiTest extends BinderyWindow {

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
        var stack = lookup("#bindery-stack")
                .queryAs(javafx.scene.layout.VBox.class)
                .getChildren()
                .get(0);
        var seen = stack.localToScreen(stack.getBoundsInLocal());
        clickOn(seen.getCenterX() + 30, seen.getCenterY());
        settle();
        assertTrue(text("#bindery-told").startsWith("Page 3 lies on the front of sheet 2"), text("#bindery-told"));
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
        assertEquals(20, desk.book().plans().selling().orders().get(0).copies());
        press("#parcel-press");
        press("#sent-order-0");
        String kept = lookup("#sent-order-0-words").queryAs(Labeled.class).getText();
        assertTrue(kept.contains("Copies: 20") && kept.contains("double-sided"), kept);
        press("#parcel-shop");
        retype("#shop-copies", "0");
        assertTrue(
                lookup("#shop-order #refusal").queryAs(Labeled.class).getText().contains("0 copies"));
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

    /** A locked file is bound once its word is given; another word opens nothing. */
    @Test
    void aLockedFileAsksForItsWord() throws Exception {
        zine();
        Path file = other(8);
        try (PDDocument open = Loader.loadPDF(file.toFile())) {
            open.protect(new org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy(
                    "owner", "honey", new org.apache.pdfbox.pdmodel.encryption.AccessPermission()));
            open.save(folder.resolve("locked.pdf").toFile());
        }
        Files.move(folder.resolve("locked.pdf"), file, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        press("#bindery-other");
        await("#bindery-word");
        retype("#bindery-word", "wax");
        waitForNotice("does not open");
        retype("#bindery-word", "honey");
        waitFor("#bindery-figures", "2 sheets");
        assertTrue(lookup("#bindery-word").tryQuery().isEmpty());
    }

    /** A sheet is as thick as the book's paper, until somebody has measured one. */
    @Test
    void theThicknessIsThatOfThePaperUntilItIsMeasured() throws Exception {
        zine();
        String ofZine = lookup("#bindery-caliper").queryTextInputControl().getText();
        // 100 g/m² at 1.2 cm³/g, by the profile of the press.
        assertEquals("0.12 mm", ofZine);
        assertTrue(text("#bindery-figures").contains("move 0.36 mm towards the fold"), text("#bindery-figures"));
        retype("#bindery-caliper", "0.2 mm");
        waitFor("#bindery-figures", "move 0.6 mm");
        interact(() -> desk.changeBrief("pages", b -> b.withPages(20)));
        waitFor("#bindery-figures", "5 sheets");
        assertEquals(
                "0.2 mm", lookup("#bindery-caliper").queryTextInputControl().getText());
    }

    /** Each way to fold can be followed to its end along the time line, without a word missing. */
    @Test
    void everyFoldIsFollowedFromTheTrayToTheHand() throws Exception {
        zine();
        for (jorn.impose.FoldKind kind : jorn.impose.FoldKind.values()) {
            press("#bindery-fold-" + kind.name().toLowerCase(java.util.Locale.ROOT));
            Slider time = lookup("#bindery-time").query();
            for (double t = 0; t <= time.getMax(); t += 0.25) {
                double now = t;
                interact(() -> time.setValue(now));
            }
            settle();
            assertTrue(time.getMax() >= 1, kind + " has steps");
            boolean opened = !lookup("#bindery-step-opened").queryAll().isEmpty();
            assertEquals(kind.isNested() || kind == jorn.impose.FoldKind.ONE_CUT, opened, kind.toString());
        }
    }

    /** What a printer leaves white is told where ink lies in it, and no longer once pages are kept inside. */
    @Test
    void inkInThePrintersRimIsTold() throws Exception {
        interact(() -> desk.settings()
                .setPrinter(
                        jorn.impose.PrinterTraits.TRUE.withRim(jorn.impose.Unprinted.all(jorn.measure.Length.mm(25)))));
        zine();
        press("#bindery-inside");
        press("#bindery-inside");
        waitFor("#bindery-caution", "ink where the printer leaves the paper white");
        press("#bindery-inside");
        waitFor("#bindery-figures", "% of their size");
        assertEquals("", text("#bindery-caution"));
        dark();
        press("#bindery-other");
        press("#bindery-fold-loose");
        waitFor("#bindery-figures", "One sheet");
        press("#bindery-inside");
        press("#bindery-holes-three");
        waitFor("#bindery-caution", "One page has ink where a hole is punched");
        press("#bindery-holes-none");
        assertFalse(text("#bindery-caution").contains("punched"));
    }

    /** A page that is ink all over. */
    private void dark() throws Exception {
        try (PDDocument file = new PDDocument()) {
            PDPage page = new PDPage(PDRectangle.LETTER);
            file.addPage(page);
            try (var out = new org.apache.pdfbox.pdmodel.PDPageContentStream(file, page)) {
                out.addRect(0, 0, 612, 792);
                out.fill();
            }
            file.save(folder.resolve("other.pdf").toFile());
        }
    }
}
