package jorn.print.bindery;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.Set;
import jorn.art.Box;
import jorn.art.Turn;
import jorn.impose.BlankPlace;
import jorn.impose.Fitting;
import jorn.impose.FoldKind;
import jorn.impose.HandMark;
import jorn.impose.HandMarks;
import jorn.impose.Scheme;
import jorn.impose.SheetLayout;
import jorn.impose.SheetSpec;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.print.Poppler;
import jorn.print.bindery.PdfImposer.Pass;
import jorn.print.bindery.PdfImposer.SheetSides;
import jorn.print.export.Progress;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotation;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationRubberStamp;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAppearanceDictionary;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAppearanceStream;
import org.apache.pdfbox.text.PDFTextStripperByArea;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Sheets carry the pages of a file, each in its place and unharmed. */
class PdfImposerTest {
    private static final Size A4 = Size.of(210, 297, Unit.MILLIMETRE);

    private static final Size A5_SHEET =
            new Size(Length.points(PDRectangle.A5.getWidth()), Length.points(PDRectangle.A5.getHeight()));

    @TempDir
    Path folder;

    private Path impose(Path file, Scheme scheme, SheetSpec spec, Pass pass, Set<HandMark> marks) throws IOException {
        Path out = folder.resolve("sheets.pdf");
        try (PdfSource source = PdfSource.open(file)) {
            PageBoxes boxes = PageBoxes.whole(source);
            SheetLayout layout = SheetLayout.of(scheme, source.count(), BlankPlace.AT_END, spec, boxes.largest());
            PdfImposer imposer = new PdfImposer(source, layout, new HandMarks(layout, marks), boxes);
            try (var to = Files.newOutputStream(out)) {
                imposer.write(pass, to, Progress.SILENT);
            }
        }
        return out;
    }

    /** The words in a part of a sheet, in shares of it. */
    private static String words(Path file, int page, double left, double top, double right, double bottom)
            throws IOException {
        try (PDDocument read = Loader.loadPDF(file.toFile())) {
            PDPage sheet = read.getPage(page - 1);
            double w = sheet.getMediaBox().getWidth();
            double h = sheet.getMediaBox().getHeight();
            PDFTextStripperByArea stripper = new PDFTextStripperByArea();
            stripper.addRegion(
                    "part",
                    new java.awt.geom.Rectangle2D.Double(left * w, top * h, (right - left) * w, (bottom - top) * h));
            stripper.extractRegions(sheet);
            return stripper.getTextForRegion("part").strip();
        }
    }

    @Test
    void aBookletHasItsPagesWhereTheFoldWantsThem() throws IOException {
        Path book = PdfBench.file(folder.resolve("book.pdf"), "Book", 8, PDRectangle.A5);
        Path out = impose(book, Scheme.of(FoldKind.NEST), SheetSpec.of(A4), Pass.DUPLEX, Set.of());
        Poppler.run("qpdf", "--check", out.toString());
        int[][] wanted = {{8, 1}, {2, 7}, {6, 3}, {4, 5}};
        for (int i = 0; i < 4; i++) {
            assertEquals("Book page " + wanted[i][0] + ".", words(out, i + 1, 0, 0, 0.5, 1));
            assertEquals("Book page " + wanted[i][1] + ".", words(out, i + 1, 0.5, 0, 1, 1));
        }
        try (PDDocument read = Loader.loadPDF(out.toFile())) {
            assertEquals(4, read.getNumberOfPages());
            assertTrue(read.getPage(0).getMediaBox().getWidth()
                    > read.getPage(0).getMediaBox().getHeight());
            assertEquals(
                    "DuplexFlipShortEdge",
                    read.getDocumentCatalog().getViewerPreferences().getDuplex());
        }
        assertEquals(1, PdfBench.streams(out, "Image"));
        assertTrue(Files.size(out) < 1.1 * Files.size(book), Files.size(out) + " of " + Files.size(book));
    }

    /** The right half of the first sheet is page 1 as it was, to the pixel but for the edges of letters. */
    @Test
    void aPageLooksAsItDid() throws IOException {
        Path book = PdfBench.file(folder.resolve("book.pdf"), "Book", 4, new PDRectangle(396, 612));
        Path out = impose(
                book, Scheme.of(FoldKind.NEST), SheetSpec.of(Size.of(8.5, 11, Unit.INCH)), Pass.DUPLEX, Set.of());
        BufferedImage sheet = PdfBench.picture(out, 1);
        BufferedImage right = sheet.getSubimage(sheet.getWidth() / 2, 0, sheet.getWidth() / 2, sheet.getHeight());
        assertEquals(0, PdfBench.unlike(PdfBench.picture(book, 1), right), 0.004);
    }

    /** Pages with any turn and with a crop box off zero come upright and cut as they are shown. */
    @Test
    void turnedAndCroppedPagesComeAsTheyAreShown() throws IOException {
        for (int turn : new int[] {0, 90, 180, 270}) {
            Path book = PdfBench.file(folder.resolve("book.pdf"), "Book", 2, new PDRectangle(300, 420));
            try (PDDocument file = Loader.loadPDF(book.toFile())) {
                for (PDPage page : file.getPages()) {
                    page.setMediaBox(new PDRectangle(-10, -20, 340, 460));
                    page.setCropBox(new PDRectangle(20, 30, 240, 380));
                    page.setRotation(turn);
                }
                file.save(folder.resolve("turned.pdf").toFile());
            }
            Path turned = folder.resolve("turned.pdf");
            BufferedImage shown = PdfBench.picture(turned, 1);
            double points = 72 / 40.0;
            Size size =
                    new Size(Length.points(turn % 180 == 0 ? 240 : 380), Length.points(turn % 180 == 0 ? 380 : 240));
            Path out = impose(
                    turned,
                    Scheme.of(FoldKind.LOOSE),
                    SheetSpec.of(size).withFitting(Fitting.TRUE_SIZE),
                    Pass.DUPLEX,
                    Set.of());
            BufferedImage sheet = PdfBench.picture(out, 1);
            assertEquals(shown.getWidth(), sheet.getWidth(), points);
            assertEquals(0, PdfBench.unlike(shown, sheet), 0.006, turn + "°");
        }
    }

    @Test
    void backsAreTurnedAndComeBackwardsWhereThePassWantsIt() throws IOException {
        Path book = PdfBench.file(folder.resolve("book.pdf"), "Book", 8, PDRectangle.A5);
        Pass backs = new Pass(SheetSides.BACKS, true, true, Turn.NONE, Turn.NONE);
        Path out = impose(book, Scheme.of(FoldKind.NEST), SheetSpec.of(A4), backs, Set.of());
        // The inner sheet comes first; on its head, page 4 lies at the right and its first line at the foot.
        assertEquals("Book page 4.", words(out, 1, 0.5, 0.5, 1, 1));
        assertEquals("Book page 7.", words(out, 2, 0, 0.5, 0.5, 1));
    }

    /** A shift of the back by 3 mm to the right is made good by 3 mm to the left. */
    @Test
    void whatThePrinterDoesToBacksIsMadeGood() throws IOException {
        Path book = PdfBench.file(folder.resolve("book.pdf"), "Book", 2, PDRectangle.A6);
        SheetSpec spec = SheetSpec.of(A4).withFitting(Fitting.TRUE_SIZE);
        Path plain = impose(book, Scheme.of(FoldKind.LOOSE), spec, Pass.DUPLEX, Set.of());
        int before = firstInk(PdfBench.picture(plain, 2));
        double left = Length.mm(3).points();
        Pass pass = new Pass(SheetSides.BOTH, false, false, Turn.NONE, Turn.move(-left, 0));
        Path moved = impose(book, Scheme.of(FoldKind.LOOSE), spec, pass, Set.of());
        assertEquals(before - left * 40 / 72, firstInk(PdfBench.picture(moved, 2)), 1);
        assertEquals(before, firstInk(PdfBench.picture(moved, 1)), 1);
    }

    private static int firstInk(BufferedImage image) {
        for (int x = 0; x < image.getWidth(); x++) {
            for (int y = 0; y < image.getHeight(); y++) {
                if ((image.getRGB(x, y) & 255) < 128) {
                    return x;
                }
            }
        }
        return -1;
    }

    /** White margins go, the same on all odd pages and on all even ones, and what is left is larger. */
    @Test
    void whiteMarginsAreFoundAndLeftOut() throws IOException {
        Path book = folder.resolve("book.pdf");
        try (PDDocument file = new PDDocument()) {
            for (int i = 0; i < 4; i++) {
                PDPage page = new PDPage(PDRectangle.A5);
                file.addPage(page);
                try (var out = new org.apache.pdfbox.pdmodel.PDPageContentStream(file, page)) {
                    out.addRect(i % 2 == 0 ? 80 : 60, 120, 200, 300 - 40f * i);
                    out.fill();
                }
            }
            file.save(book.toFile());
        }
        try (PdfSource source = PdfSource.open(book)) {
            PageBoxes boxes = PageBoxes.inked(source, new InkFinder(source));
            Box odd = boxes.of(1);
            assertEquals(80, odd.x(), 2.1);
            assertEquals(200, odd.width(), 4.1);
            assertEquals(PDRectangle.A5.getHeight() - 420, odd.y(), 2.1);
            assertEquals(odd, boxes.of(3));
            assertEquals(60, boxes.of(2).x(), 2.1);
            assertEquals(260, boxes.of(4).height(), 4.1);
        }
    }

    @Test
    void marksForHandsAreDrawnOutsideOfThePages() throws IOException {
        Path book = PdfBench.file(folder.resolve("book.pdf"), "Book", 8, PDRectangle.A6);
        SheetSpec spec = SheetSpec.of(A4).withFitting(Fitting.TRUE_SIZE);
        Path without = impose(book, Scheme.of(FoldKind.NEST), spec, Pass.DUPLEX, Set.of());
        BufferedImage plain = PdfBench.picture(without, 1);
        Path with =
                impose(book, Scheme.of(FoldKind.NEST), spec, Pass.DUPLEX, EnumSet.of(HandMark.CUT, HandMark.NUMBERS));
        BufferedImage marked = PdfBench.picture(with, 1);
        assertTrue(PdfBench.unlike(plain, marked) > 0);
        // Within the pages nothing has changed.
        double scale = 40 / 72.0;
        int w = (int) (PDRectangle.A6.getWidth() * scale) - 2;
        int h = (int) (PDRectangle.A6.getHeight() * scale) - 2;
        int x = marked.getWidth() / 4 - w / 2;
        int y = marked.getHeight() / 2 - h / 2;
        assertEquals(0, PdfBench.unlike(plain.getSubimage(x, y, w, h), marked.getSubimage(x, y, w, h)));
    }

    /** A stamp that is printed lies on the sheet where it lay on the page; one that is only seen on a screen does not. */
    @Test
    void whatLiesOnAPageIsPrintedWithIt() throws IOException {
        Path file = folder.resolve("stamped.pdf");
        try (PDDocument made = new PDDocument()) {
            PDPage page = new PDPage(PDRectangle.A5);
            made.addPage(page);
            made.addPage(new PDPage(PDRectangle.A5));
            page.getAnnotations().add(stamp(made, 40, true));
            page.getAnnotations().add(stamp(made, 200, false));
            made.save(file.toFile());
        }
        Path out = impose(file, Scheme.of(FoldKind.LOOSE), SheetSpec.of(A5_SHEET), Pass.DUPLEX, Set.of());
        Poppler.run("qpdf", "--check", out.toString());
        BufferedImage seen = Poppler.picture(out, 1, 72);
        int high = seen.getHeight();
        // Rectangles are 100 wide and 50 high; their forms are 10 by 10 units, lying on their sides.
        assertEquals(0xFF0000, seen.getRGB(60, high - 60) & 0xFFFFFF, "its left half is red");
        assertEquals(0xFFFFFF, seen.getRGB(120, high - 60) & 0xFFFFFF, "its right half is bare");
        assertEquals(0xFFFFFF, seen.getRGB(60, high - 220) & 0xFFFFFF, "not printed");
    }

    /** Its form fills the upper half of its own box, which is turned a quarter so that the upper half comes to lie at the left. */
    private static PDAnnotation stamp(PDDocument file, float y, boolean printed) throws IOException {
        PDAppearanceStream look = new PDAppearanceStream(file);
        look.setBBox(new PDRectangle(10, 10));
        look.setMatrix(new java.awt.geom.AffineTransform(0, 1, -1, 0, 0, 0));
        try (var content = look.getContentStream().createOutputStream()) {
            content.write("1 0 0 rg 0 5 10 5 re f".getBytes(java.nio.charset.StandardCharsets.US_ASCII));
        }
        PDAnnotationRubberStamp stamp = new PDAnnotationRubberStamp();
        stamp.setRectangle(new PDRectangle(40, y, 100, 50));
        PDAppearanceDictionary looks = new PDAppearanceDictionary();
        looks.setNormalAppearance(look);
        stamp.setAppearance(looks);
        stamp.setPrinted(printed);
        return stamp;
    }
}
