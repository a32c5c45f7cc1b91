package jorn.print.pdf;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Picture;
import jorn.art.Target;
import jorn.art.Turn;
import jorn.colour.PrintCondition;
import jorn.deliver.ColourPolicy;
import jorn.print.Poppler;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionURI;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageDestination;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a file says: its inks by policy, its links, its ends. Read back by the library, by poppler and by qpdf. */
class PdfSinkTest {
    private static final Box TRIM = new Box(0, 0, 200, 100);
    private static final Ink HONEY = Ink.hex("C9A24A");

    @TempDir
    Path folder;

    private Path written(ColourPolicy policy, PageArt... pages) throws IOException {
        Path file = folder.resolve("art.pdf");
        try (PdfSink sink = new PdfSink("Hive\u0007 & <Notes>", "Skep & Sedge", policy);
                OutputStream out = Files.newOutputStream(file)) {
            for (PageArt page : pages) {
                sink.add(page);
            }
            sink.writeTo(out);
        }
        assertTrue(Poppler.run("qpdf", "--check", file.toString()).contains("No syntax or stream encoding errors"));
        return file;
    }

    private static PageArt filled(Ink... inks) {
        List<Mark> marks = new ArrayList<>();
        for (Ink ink : inks) {
            marks.add(new Mark.Fill(jorn.art.Path.box(new Box(10, 10, 30, 30)), ink));
        }
        return new PageArt(TRIM, TRIM, marks);
    }

    /** The operators that choose an ink for areas, each with its numbers: "k 0 0 0 1". */
    private static List<String> inks(Path file) throws IOException {
        List<String> found = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            List<Object> numbers = new ArrayList<>();
            for (Object token : new PDFStreamParser(document.getPage(0)).parse()) {
                if (token instanceof Operator op) {
                    if (List.of("g", "rg", "k", "scn").contains(op.getName())) {
                        StringBuilder said = new StringBuilder(op.getName());
                        for (Object n : numbers) {
                            said.append(' ').append(Math.round(((COSNumber) n).floatValue() * 100) / 100.0);
                        }
                        found.add(said.toString());
                    }
                    numbers.clear();
                } else if (token instanceof COSNumber) {
                    numbers.add(token);
                }
            }
        }
        return found;
    }

    @Test
    void inksAreWrittenAsTheyAreMixed() throws IOException {
        Path file = written(
                ColourPolicy.AS_MIXED,
                filled(Ink.black(0.35), new Ink.Gray(0.2), HONEY, new Ink.Cmyk(0.1, 0.2, 0.3, 0.4)));
        assertEquals(List.of("g 0.65", "g 0.2", "rg 0.79 0.64 0.29", "k 0.1 0.2 0.3 0.4"), inks(file));
    }

    @Test
    void aSpotInkIsASeparationWithItsNameAndItsLookElsewhere() throws IOException {
        Ink honey = new Ink.Spot("Honey", 0.5, new Ink.Cmyk(0, 0.3, 0.8, 0.1));
        Path file = written(ColourPolicy.FOUR_INKS_AND_SPOTS, filled(honey, Ink.BLACK));
        assertEquals(List.of("scn 0.5", "k 0.0 0.0 0.0 1.0"), inks(file));
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            PDSeparation space =
                    (PDSeparation) document.getPage(0).getResources().getColorSpace(COSName.getPDFName("C1"));
            assertEquals("Honey", space.getColorantName());
            assertEquals("DeviceCMYK", space.getAlternateColorSpace().getName());
        }
        assertEquals(List.of("k 0.0 0.15 0.4 0.05"), inks(written(ColourPolicy.FOUR_INKS, filled(honey))));
    }

    @Test
    void fourInksAreThoseOfThePrintingCondition() throws IOException {
        double[] inks = PrintCondition.shipped().inksOf(HONEY.rgb());
        String said = inks(written(ColourPolicy.FOUR_INKS, filled(HONEY))).get(0);
        String[] parts = said.split(" ");
        for (int i = 0; i < 4; i++) {
            assertEquals(inks[i], Double.parseDouble(parts[i + 1]), 0.011, said);
        }
        assertEquals("k", parts[0]);
    }

    @Test
    void fourInksNameTheConditionForWhichTheyAreMeant() throws IOException {
        try (PDDocument document =
                Loader.loadPDF(written(ColourPolicy.FOUR_INKS, filled(HONEY)).toFile())) {
            var intents = document.getDocumentCatalog().getOutputIntents();
            assertEquals(1, intents.size());
            assertEquals("CGATS TR 001", intents.get(0).getOutputConditionIdentifier());
        }
        try (PDDocument document =
                Loader.loadPDF(written(ColourPolicy.AS_MIXED, filled(HONEY)).toFile())) {
            assertTrue(document.getDocumentCatalog().getOutputIntents().isEmpty());
        }
    }

    @Test
    void inBlackInkNothingIsColoured() throws IOException {
        Path file = written(
                ColourPolicy.GREY,
                filled(HONEY, new Ink.Cmyk(1, 0, 0, 0), new Ink.Spot("Honey", 1, HONEY), Ink.black(0.3)));
        assertTrue(
                inks(file).stream().allMatch(i -> i.startsWith("g ")),
                inks(file).toString());
        assertEquals(4, inks(file).size());
    }

    @Test
    void picturesFollowThePolicy() throws IOException {
        BufferedImage image = new BufferedImage(20, 10, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 200; i++) {
            image.setRGB(i % 20, i / 20, i % 20 < 10 ? 0xC9A24A : 0x27496D);
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        Picture picture = Picture.of("two.png", bytes.toByteArray());
        PageArt art = new PageArt(
                TRIM, TRIM, List.of(new Mark.Image(picture, new Box(0, 0, 20, 10), new Box(10, 10, 180, 80), 1)));
        assertEquals("DeviceRGB", space(written(ColourPolicy.AS_MIXED, art)));
        assertEquals("DeviceGray", space(written(ColourPolicy.GREY, art)));
        Path four = written(ColourPolicy.FOUR_INKS, art);
        assertEquals("DeviceCMYK", space(four));
        try (PDDocument document = Loader.loadPDF(four.toFile())) {
            PDImageXObject shown =
                    (PDImageXObject) document.getPage(0).getResources().getXObject(COSName.getPDFName("P1"));
            byte[] raw = shown.createInputStream().readAllBytes();
            double[] wanted = PrintCondition.shipped().inksOf(new int[] {0xC9, 0xA2, 0x4A});
            for (int i = 0; i < 4; i++) {
                assertEquals(wanted[i], (raw[i] & 255) / 255.0, 0.03, "ink " + i);
            }
        }
    }

    private static String space(Path file) throws IOException {
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            PDImageXObject shown =
                    (PDImageXObject) document.getPage(0).getResources().getXObject(COSName.getPDFName("P1"));
            return shown.getColorSpace().getName();
        }
    }

    @Test
    void linksLeadWhereTheyShouldFromWhereTheyStand() throws IOException {
        Mark forward = new Mark.Link(new Box(10, 20, 30, 10), new Target.Page(2));
        Mark out = new Mark.Link(new Box(0, 0, 10, 10), new Target.Web(URI.create("https://example.org/a")));
        Mark astray = new Mark.Link(new Box(0, 0, 10, 10), new Target.Page(9));
        PageArt first =
                new PageArt(TRIM, TRIM, List.of(forward, new Mark.Turned(Turn.move(100, 50), List.of(out)), astray));
        Path file = written(ColourPolicy.SCREEN, first, filled(HONEY));
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            var links = document.getPage(0).getAnnotations();
            assertEquals(2, links.size(), "one that leads to no page is left out");
            PDAnnotationLink there = (PDAnnotationLink) links.get(0);
            assertEquals(1, ((PDPageDestination) there.getDestination()).retrievePageNumber());
            assertEquals(10, there.getRectangle().getLowerLeftX(), 1e-3);
            assertEquals(70, there.getRectangle().getLowerLeftY(), 1e-3, "measured from the foot");
            assertEquals(0, there.getBorderStyle().getWidth(), "no line round it");
            PDAnnotationLink web = (PDAnnotationLink) links.get(1);
            assertEquals("https://example.org/a", ((PDActionURI) web.getAction()).getURI());
            assertEquals(100, web.getRectangle().getLowerLeftX(), 1e-3, "moved with its group");
        }
    }

    @Test
    void theCrossReferencesAreWhole() throws IOException {
        Path file = written(ColourPolicy.AS_MIXED, filled(HONEY));
        String shown = Poppler.run("qpdf", "--show-xref", file.toString());
        String last = shown.strip().lines().reduce((a, b) -> b).orElseThrow();
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            long size = document.getDocument().getTrailer().getLong(COSName.SIZE);
            assertTrue(last.startsWith((size - 1) + "/0"), "Size " + size + ", last object " + last);
        }
    }

    @Test
    void theMetadataSaysTitleAndAuthorWhateverIsInThem() throws IOException {
        Path file = written(ColourPolicy.AS_MIXED, filled(HONEY));
        String said = Poppler.run("pdfinfo", "-meta", file.toString());
        assertTrue(said.contains("Hive &amp; &lt;Notes&gt;") || said.contains("Hive  &amp; &lt;Notes&gt;"), said);
        assertTrue(said.contains("<rdf:li>Skep &amp; Sedge</rdf:li>"), said);
        assertArrayEquals(new int[0], said.chars().filter(c -> c == 7).toArray());
    }
}
