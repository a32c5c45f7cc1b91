package jorn.print.pdf;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import javax.imageio.ImageIO;
import jorn.art.Box;
import jorn.art.ForeignPage;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Picture;
import jorn.deliver.ColourPolicy;
import jorn.deliver.FileStandard;
import jorn.print.Poppler;
import jorn.print.read.ContentScan;
import jorn.print.read.ContentScan.Use;
import jorn.print.read.FileClauses;
import jorn.text.Shaper;
import jorn.text.TypeShelf;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Files by the standards of the press, held against the clauses of ISO 15930-1:2001 and ISO 15930-7, and opened by programs that did not write them:
 * poppler, qpdf and Ghostscript.
 */
class PressReadyTest {
    private static final Box TRIM = new Box(0, 0, 200, 150);
    private static final PdfTerms X1A = new PdfTerms(ColourPolicy.FOUR_INKS, FileStandard.X1A);
    private static final Mark RED = area(20, 20, 90, 60, Ink.hex("A1352A"));
    private static final Mark BLUE = area(70, 50, 90, 60, Ink.hex("27496D"));

    @TempDir
    Path folder;

    private static Mark area(double x, double y, double w, double h, Ink ink) {
        return new Mark.Fill(jorn.art.Path.box(new Box(x, y, w, h)), ink);
    }

    private static Mark words(String text, double x, double y, Ink ink) {
        return new Mark.Words(x, y, Shaper.shape(TypeShelf.typeface("alegreya").regular(), 14, text), ink);
    }

    private static Picture photograph() throws IOException {
        BufferedImage pixels = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 300; y++) {
            for (int x = 0; x < 400; x++) {
                pixels.setRGB(x, y, Color.HSBtoRGB(x / 400f, 0.6f, 0.4f + y / 600f));
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(pixels, "png", out);
        return Picture.of("meadow.png", out.toByteArray());
    }

    private static Mark photograph(Box to) throws IOException {
        return new Mark.Image(photograph(), new Box(0, 0, 400, 300), to, 1);
    }

    private Path written(PdfTerms terms, Mark... marks) throws IOException {
        Path file = Files.createTempFile(folder, "press", ".pdf");
        try (PdfSink sink = new PdfSink("Hive Notes", "Skep & Sedge", terms);
                OutputStream out = Files.newOutputStream(file)) {
            sink.add(new PageArt(TRIM, TRIM.outset(9), TRIM.outset(9), List.of(marks)));
            sink.writeTo(out);
        }
        assertTrue(Poppler.run("qpdf", "--check", file.toString()).contains("No syntax or stream encoding errors"));
        String said = Poppler.run("gs", "-q", "-dNOPAUSE", "-dBATCH", "-sDEVICE=nullpage", file.toString());
        assertFalse(said.toLowerCase(java.util.Locale.ROOT).contains("error") || said.contains("warning"), said);
        return file;
    }

    private static List<FileClauses.Broken> broken(Path file, FileStandard standard) throws IOException {
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            assertEquals(standard, FileClauses.claimed(document));
            return FileClauses.broken(document, standard);
        }
    }

    private static Set<Use> uses(Path file) throws IOException {
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            return ContentScan.of(document.getPage(0)).uses();
        }
    }

    private static String text(Path file) throws IOException {
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            return new PDFTextStripper().getText(document).strip();
        }
    }

    /** Everything that a page can hold, and things that shine over each of them. */
    private static Mark[] everything() throws IOException {
        byte[] drawing =
                ("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 10 10'><circle cx='5' cy='5' r='4' fill='#C9A24A'/>"
                                + "<path d='M1 1 L9 9' stroke='black'/></svg>")
                        .getBytes(StandardCharsets.UTF_8);
        Picture comb = Picture.of("comb.svg", drawing);
        return new Mark[] {
            RED,
            new Mark.Shade(
                    jorn.art.Path.box(new Box(120, 100, 60, 30)),
                    Ink.hex("F0E0B0"),
                    Ink.black(0.8),
                    new Mark.Shade.Ends(120, 0, 180, 0)),
            photograph(new Box(10, 90, 80, 50)),
            new Mark.Image(comb, new Box(0, 0, comb.width(), comb.height()), new Box(150, 10, 30, 30), 1),
            words("first office flight", 30, 120, Ink.WHITE),
            new Mark.Link(new Box(0, 0, 20, 20), new jorn.art.Target.Page(1)),
            new Mark.Group(0.5, List.of(BLUE, words("shining", 60, 75, Ink.BLACK)))
        };
    }

    @Test
    void aFileForAFourInkPressBreaksNoClauseOfX1a() throws IOException {
        Path file = written(X1A, everything());
        assertEquals(List.of(), broken(file, FileStandard.X1A));
        assertTrue(Files.readString(file, StandardCharsets.ISO_8859_1).startsWith("%PDF-1.3"));
        assertTrue(Poppler.run("pdfinfo", file.toString()).contains("PDF/X-1"));
    }

    @Test
    void anOrdinaryFileOfTheSamePageBreaksSeveral() throws IOException {
        Path file = written(PdfTerms.ORDINARY, everything());
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            Set<String> clauses = new java.util.TreeSet<>(FileClauses.broken(document, FileStandard.X1A).stream()
                    .map(FileClauses.Broken::number)
                    .toList());
            // Identification, intent, colours, transparency, annotations, trapping.
            assertEquals(Set.of("6.1", "6.2", "6.3.2", "6.4", "6.10", "6.11"), clauses);
        }
    }

    @Test
    void aFileByTheFourthStandardSaysSoAndHoldsItsProfile() throws IOException {
        Path file = written(new PdfTerms(ColourPolicy.FOUR_INKS, FileStandard.X4), everything());
        assertEquals(List.of(), broken(file, FileStandard.X4));
        assertTrue(uses(file).contains(Use.TRANSPARENCY), "what shines is left to the press");
        assertFalse(uses(file).contains(Use.RGB));
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            var intent = document.getDocumentCatalog().getOutputIntents().get(0);
            try (InputStream profile = intent.getDestOutputIntent().createInputStream()) {
                assertEquals(4, java.awt.color.ICC_Profile.getInstance(profile).getNumComponents());
            }
        }
    }

    @Test
    void whatShinesLooksAsBeforeWhenItHasBeenMixed() throws IOException {
        Mark[] all = everything();
        BufferedImage shining =
                Poppler.picture(written(new PdfTerms(ColourPolicy.FOUR_INKS, FileStandard.X4), all), 1, 72);
        Path flat = written(X1A, all);
        BufferedImage mixed = Poppler.picture(flat, 1, 72);
        assertEquals(shining.getWidth(), mixed.getWidth());
        double sum = 0;
        int far = 0;
        for (int y = 0; y < mixed.getHeight(); y++) {
            for (int x = 0; x < mixed.getWidth(); x++) {
                int a = shining.getRGB(x, y);
                int b = mixed.getRGB(x, y);
                int most = 0;
                for (int shift = 0; shift <= 16; shift += 8) {
                    most = Math.max(most, Math.abs((a >> shift & 255) - (b >> shift & 255)));
                }
                sum += most;
                far += most > 40 ? 1 : 0;
            }
        }
        int pixels = mixed.getWidth() * mixed.getHeight();
        assertEquals(0, sum / pixels, 2, "mean difference of a pixel");
        // Edges of letters and areas fall on different fractions of a pixel.
        assertTrue(far < pixels / 150, far + " of " + pixels + " pixels differ");
        assertTrue(text(flat).contains("shining"), "words stay words: " + text(flat));
        assertTrue(text(flat).contains("first office flight"), "ligatures and all: " + text(flat));
    }

    @Test
    void theInksOfAFileAreThoseThatWereReckoned() throws IOException {
        Ink.Cmyk inks = (Ink.Cmyk) ColourPolicy.FOUR_INKS.ink(Ink.hex("A1352A"));
        Path file = written(X1A, area(-9, -9, 218, 168, Ink.hex("A1352A")));
        String said = Poppler.run("gs", "-q", "-o", "-", "-sDEVICE=inkcov", file.toString());
        // Ghostscript's own: how much of the page has any of each ink.
        String[] parts = said.strip().split("\\s+");
        double[] reckoned = {inks.cyan(), inks.magenta(), inks.yellow(), inks.black()};
        for (int i = 0; i < 4; i++) {
            assertEquals(reckoned[i] > 0.002 ? 1 : 0, Double.parseDouble(parts[i]), 0.01, said);
        }
        String much = Poppler.run("gs", "-q", "-o", "-", "-sDEVICE=ink_cov", file.toString());
        parts = much.strip().split("\\s+");
        for (int i = 0; i < 4; i++) {
            assertEquals(reckoned[i] * 100, Double.parseDouble(parts[i]), 1, much);
        }
    }

    @Test
    void blackWordsAndGreyLinesAreBlackInkAlone() throws IOException {
        Path file = written(
                X1A,
                words("black", 20, 40, Ink.hex("000000")),
                words("grey", 20, 80, Ink.hex("808080")),
                new Mark.Stroke(jorn.art.Path.line(20, 90, 150, 90), 1, Ink.black(0.4)));
        String[] parts = Poppler.run("gs", "-q", "-o", "-", "-sDEVICE=inkcov", file.toString())
                .strip()
                .split("\\s+");
        assertEquals(List.of("0.00000", "0.00000", "0.00000"), List.of(parts[0], parts[1], parts[2]));
        assertTrue(Double.parseDouble(parts[3]) > 0);
    }

    @Test
    void aPageMadeElsewhereIsBroughtIntoTheInksOfTheFileAndItsWordsStay() throws IOException {
        byte[] elsewhere = Files.readAllBytes(written(
                PdfTerms.ORDINARY,
                RED,
                photograph(new Box(20, 100, 60, 40)),
                words("made elsewhere", 30, 40, Ink.hex("000000"))));
        ForeignPage page = new ForeignPage("a", "elsewhere.pdf", 1, 218, 168, elsewhere);
        Path file = written(X1A, new Mark.Foreign(page, TRIM));
        assertEquals(List.of(), broken(file, FileStandard.X1A));
        assertTrue(text(file).contains("made elsewhere"), text(file));
        BufferedImage seen = Poppler.picture(file, 1, 72);
        int red = seen.getRGB(9 + 60, 9 + 70);
        assertTrue((red >> 16 & 255) > 120 && (red & 255) < 90, Integer.toHexString(red));
    }

    @Test
    void aPageMadeElsewhereThatShinesBecomesAPicture() throws IOException {
        byte[] elsewhere = Files.readAllBytes(
                written(PdfTerms.ORDINARY, RED, new Mark.Group(0.5, List.of(BLUE, words("seen", 80, 80, Ink.BLACK)))));
        ForeignPage page = new ForeignPage("b", "elsewhere.pdf", 1, 218, 168, elsewhere);
        Path file = written(X1A, new Mark.Foreign(page, TRIM));
        assertEquals(List.of(), broken(file, FileStandard.X1A));
        assertEquals("", text(file));
        BufferedImage seen = Poppler.picture(file, 1, 72);
        assertTrue((seen.getRGB(9 + 40, 9 + 40) >> 16 & 255) > 120, "the red of the page is there");
    }
}
