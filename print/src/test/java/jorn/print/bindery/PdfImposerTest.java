package jorn.print.bindery;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
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
import org.apache.pdfbox.pdmodel.PDPageContentStream;
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

    /** Pages of black bleed round a white trim, and beyond the bleed a grey that is never seen. */
    private Path bleeding(double wide, double high, int pages) throws IOException {
        Path file = folder.resolve("bleeding.pdf");
        try (PDDocument document = new PDDocument()) {
            for (int n = 1; n <= pages; n++) {
                PDPage page = new PDPage(new PDRectangle((float) wide + 40, (float) high + 40));
                page.setTrimBox(new PDRectangle(20, 20, (float) wide, (float) high));
                page.setBleedBox(new PDRectangle(11, 11, (float) wide + 18, (float) high + 18));
                document.addPage(page);
                try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                    fill(out, 0.5f, page.getMediaBox());
                    fill(out, 0, page.getBleedBox());
                    fill(out, 1, page.getTrimBox());
                }
            }
            document.save(file.toFile());
        }
        return file;
    }

    private static void fill(PDPageContentStream out, float grey, PDRectangle box) throws IOException {
        out.setNonStrokingColor(grey);
        out.addRect(box.getLowerLeftX(), box.getLowerLeftY(), box.getWidth(), box.getHeight());
        out.fill();
    }

    private static int grey(BufferedImage picture, double x, double y) {
        return picture.getRGB((int) Math.round(x), (int) Math.round(y)) & 255;
    }

    @Test
    void halfLetterPagesWithBleedFillTheirHalvesOfALetterSheet() throws IOException {
        Size letter = Size.of(8.5, 11, Unit.INCH);
        Path out = impose(bleeding(396, 612, 4), Scheme.of(FoldKind.NEST), SheetSpec.of(letter), Pass.DUPLEX, Set.of());
        BufferedImage sheet = Poppler.pictures(out, 72).get(0);
        for (double x : new double[] {3, 200, 392, 400, 600, 788}) {
            for (double y : new double[] {3, 300, 608}) {
                assertEquals(255, grey(sheet, x, y), 3, "the trim is the half: " + x + ", " + y);
            }
        }
    }

    @Test
    void pagesStandByTheirTrimAndBleedIntoTheWasteAlone() throws IOException {
        Size letter = Size.of(8.5, 11, Unit.INCH);
        SheetSpec spec = SheetSpec.of(letter).withFitting(Fitting.TRUE_SIZE).withAtFold(true);
        Path out = impose(bleeding(300, 400, 4), Scheme.of(FoldKind.NEST), spec, Pass.DUPLEX, Set.of(HandMark.CUT));
        BufferedImage sheet = Poppler.pictures(out, 72).get(0);
        // The trims of 300 meet at the fold, 396; up and down they stand in the middle: 106 to 506.
        assertEquals(255, grey(sheet, 392, 300), 3, "the left page at the fold");
        assertEquals(255, grey(sheet, 400, 300), 3, "the right one");
        assertEquals(255, grey(sheet, 396 - 296, 300), 3, "within the trim");
        assertEquals(0, grey(sheet, 396 - 304, 300), 3, "its bleed");
        assertEquals(255, grey(sheet, 396 - 312, 300), 3, "and no more than that");
        assertEquals(0, grey(sheet, 300, 102), 3, "above the trim");
        assertEquals(255, grey(sheet, 300, 92), 3);
        // A tick of the knife stands at the corner of the trim: 696 across, above the bleed's end.
        assertTrue(grey(sheet, 696, 97) < 200 || grey(sheet, 695, 97) < 200, "the cut is the trim's");
    }

    @Test
    void pagesThatAreCutApartBleedIntoTheirGapAndNotIntoEachOther() throws IOException {
        Size letter = Size.of(8.5, 11, Unit.INCH);
        SheetSpec spec = SheetSpec.of(letter).withFitting(Fitting.TRUE_SIZE).withGap(Length.points(10));
        Path out = impose(bleeding(300, 400, 2), Scheme.of(FoldKind.TWO_COPIES), spec, Pass.DUPLEX, Set.of());
        BufferedImage sheet = Poppler.pictures(out, 72).get(0);
        assertEquals(255, grey(sheet, 200, 300), 3);
        assertEquals(255, grey(sheet, 600, 300), 3);
        int black = 0;
        for (int x = 0; x < 792; x++) {
            black += grey(sheet, x, 300) < 60 ? 1 : 0;
        }
        assertEquals(4 * 9, black, 3, "nine points of bleed on either side of both");
    }

    /** Lines that begin at one height begin at one height on all pages of a side, however short a page is. */
    @Test
    void whiteIsLeftOutOfAllPagesOfASideAlike() throws IOException {
        Path file = folder.resolve("short.pdf");
        try (PDDocument document = new PDDocument()) {
            for (int n = 0; n < 8; n++) {
                PDPage page = new PDPage(PDRectangle.A5);
                document.addPage(page);
                try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                    // The first line at the head of each; the last further down on long pages.
                    fill(out, 0, new PDRectangle(n % 2 == 0 ? 60 : 40, 520, 300, 10));
                    fill(out, 0, new PDRectangle(n % 2 == 0 ? 60 : 40, n % 4 < 2 ? 60 : 400, 300, 10));
                }
            }
            document.save(file.toFile());
        }
        try (PdfSource source = PdfSource.open(file)) {
            PageBoxes boxes = PageBoxes.inked(source, new InkFinder(source));
            for (Fitting fitting : Fitting.values()) {
                SheetSpec spec = SheetSpec.of(A4).withFitting(fitting);
                SheetLayout layout = SheetLayout.of(
                        Scheme.of(FoldKind.NEST), source.count(), BlankPlace.AT_END, spec, boxes.largest());
                Set<String> places = new TreeSet<>();
                layout.imposition().sheets().forEach(s -> {
                    for (boolean front : new boolean[] {true, false}) {
                        layout.side(s, front, boxes::of).forEach(p -> {
                            Box taken = boxes.of(p.seat().page());
                            double first = PDRectangle.A5.getHeight() - 530 - taken.y();
                            places.add(String.format(
                                    Locale.ROOT,
                                    "%.1f %.3f",
                                    p.turn().y(0, first),
                                    p.turn().d()));
                        });
                    }
                });
                assertEquals(1, places.size(), fitting + ": " + places);
            }
        }
    }
}
