package jorn.print.bindery;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.print.Poppler;
import jorn.print.bindery.Joiner.Manner;
import jorn.print.export.Progress;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionGoTo;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDNamedDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files become one: every page looks as it did, every link leads where it led, and what is equal is there once. */
class JoinerTest {
    @TempDir
    Path folder;

    private Path a;
    private Path b;
    private Path out;

    @BeforeEach
    void files() throws IOException {
        a = PdfBench.file(folder.resolve("part 2.pdf"), "Alpha", 3, PDRectangle.A5);
        b = PdfBench.file(folder.resolve("part 10.pdf"), "Beta", 4, PDRectangle.A5);
        out = folder.resolve("all.pdf");
    }

    private Joined join(Manner how, JoinPart... parts) {
        return Joiner.join(List.of(parts), how, out, Progress.SILENT);
    }

    @Test
    void everyPageLooksAndReadsAsItDid() throws IOException {
        Joined joined = join(Manner.CUSTOMARY, JoinPart.of(a), JoinPart.of(b));
        assertEquals(7, joined.pages());
        assertTrue(joined.notes().isEmpty());
        Poppler.run("qpdf", "--check", out.toString());
        for (int i = 1; i <= 7; i++) {
            Path from = i <= 3 ? a : b;
            int page = i <= 3 ? i : i - 3;
            assertEquals(PdfBench.text(from, page), PdfBench.text(out, i));
            assertEquals(0, PdfBench.unlike(PdfBench.picture(from, page), PdfBench.picture(out, i)));
        }
    }

    @Test
    void bookmarksStandUnderTheirFilesAndLinksLeadIntoTheirOwnFile() throws IOException {
        join(Manner.CUSTOMARY, JoinPart.of(a), JoinPart.of(b));
        try (PDDocument read = Loader.loadPDF(out.toFile())) {
            List<PDPage> pages = new ArrayList<>();
            read.getPages().forEach(pages::add);
            List<String> marks = new ArrayList<>();
            for (PDOutlineItem file :
                    read.getDocumentCatalog().getDocumentOutline().children()) {
                marks.add(file.getTitle() + ">" + pages.indexOf(file.findDestinationPage(read)));
                for (PDOutlineItem own : file.children()) {
                    marks.add(own.getTitle() + ">" + pages.indexOf(own.findDestinationPage(read)));
                }
            }
            assertEquals(
                    List.of(
                            "part 2>0",
                            "Alpha 1>0",
                            "Alpha 2>1",
                            "Alpha 3>2",
                            "part 10>3",
                            "Beta 1>3",
                            "Beta 2>4",
                            "Beta 3>5",
                            "Beta 4>6"),
                    marks);
            for (int i = 0; i < 7; i++) {
                PDAnnotationLink link =
                        (PDAnnotationLink) pages.get(i).getAnnotations().get(0);
                PDNamedDestination name = (PDNamedDestination) ((PDActionGoTo) link.getAction()).getDestination();
                PDPage leads =
                        read.getDocumentCatalog().findNamedDestinationPage(name).getPage();
                assertEquals(i < 3 ? 0 : 3, pages.indexOf(leads), "the link on page " + (i + 1));
            }
            assertEquals(
                    List.of("i", "ii", "iii", "i", "ii", "iii", "iv"),
                    List.of(read.getDocumentCatalog().getPageLabels().getLabelsByPageIndices()));
            assertEquals("Alpha", read.getDocumentInformation().getTitle());
        }
    }

    /** The picture is in both files; its bytes are in the new one once. The typeface's are, too. */
    @Test
    void whatIsEqualIsThereOnce() throws IOException {
        join(Manner.CUSTOMARY, JoinPart.of(a), JoinPart.of(b), JoinPart.of(a));
        assertEquals(1, PdfBench.streams(out, "Image"));
        assertTrue(Files.size(out) < Files.size(a) + Files.size(b) / 2, Files.size(out) + " bytes");
    }

    @Test
    void pagesComeInTheOrderThatIsSaidTurnedAndWithBlanks() throws IOException {
        JoinPart turned = JoinPart.of(b).withPages("4-3, 1").turned(90);
        Joined joined = join(
                new Manner(false, Optional.empty()),
                turned,
                JoinPart.blanks(2),
                JoinPart.of(a).withPages("2"));
        assertEquals(6, joined.pages());
        // What lies on its side is read letter by letter.
        assertEquals("Betapage4.", PdfBench.text(out, 1).replaceAll("\\s", ""));
        assertEquals("Betapage1.", PdfBench.text(out, 3).replaceAll("\\s", ""));
        assertEquals("", PdfBench.text(out, 4));
        assertEquals("Alpha page 2.", PdfBench.text(out, 6));
        try (PDDocument read = Loader.loadPDF(out.toFile())) {
            assertEquals(90, read.getPage(0).getRotation());
            assertEquals(0, read.getPage(5).getRotation());
            // Bookmarks of pages that did not come along are gone, and so are places with names.
            List<String> marks = new ArrayList<>();
            read.getDocumentCatalog().getDocumentOutline().children().forEach(i -> marks.add(i.getTitle()));
            assertEquals(List.of("Beta 1", "Beta 3", "Beta 4", "Alpha 2"), marks);
            assertEquals(
                    4,
                    read.getDocumentCatalog().getNames().getDests().getNames().size());
        }
    }

    @Test
    void pagesAreMadeEqualInProportion() throws IOException {
        Path wide = PdfBench.file(folder.resolve("wide.pdf"), "Wide", 1, new PDRectangle(600, 300));
        Joined joined = join(Manner.CUSTOMARY, JoinPart.of(a), JoinPart.of(wide));
        assertEquals(1, joined.notes().size());
        assertTrue(joined.notes().get(0).text().contains("2 sizes"));
        join(new Manner(true, Optional.of(Size.of(6, 9, Unit.INCH))), JoinPart.of(a), JoinPart.of(wide));
        try (PDDocument read = Loader.loadPDF(out.toFile())) {
            for (PDPage page : read.getPages()) {
                PDRectangle box = page.getCropBox();
                double shorter = Math.min(box.getWidth(), box.getHeight());
                assertEquals(432, shorter, 0.01);
                assertEquals(648, Math.max(box.getWidth(), box.getHeight()), 0.01);
            }
            // A5 fits by its width: 432 of 419.53 points; the link has moved with its picture.
            PDRectangle link = read.getPage(0).getAnnotations().get(0).getRectangle();
            double scale = 432 / PDRectangle.A5.getWidth();
            assertEquals(40 * scale, link.getLowerLeftX(), 0.01);
            assertEquals((648 - PDRectangle.A5.getHeight() * scale) / 2 + 40 * scale, link.getLowerLeftY(), 0.01);
        }
        assertEquals("Alpha page 1.", PdfBench.text(out, 1));
    }

    @Test
    void aListOrAFolderSaysTheOrder() throws IOException {
        Path list = folder.resolve("list.txt");
        Files.writeString(list, "# the zine\npart 10.pdf | 2-3 | turn 180\n\nblank | 1\npart 2.pdf\n");
        List<JoinPart> parts = JoinList.read(list);
        assertEquals(3, parts.size());
        assertEquals(180, parts.get(0).turn());
        assertEquals(6, join(Manner.CUSTOMARY, parts.toArray(JoinPart[]::new)).pages());
        assertEquals("Beta page 2.", PdfBench.text(out, 1));
        Files.delete(out);
        assertEquals(
                List.of(a, b),
                JoinList.folder(folder).stream()
                        .map(p -> p.file().orElseThrow())
                        .toList());
        Files.writeString(list, "part 10.pdf | turn 90 | turn 180 of 2, 4\n");
        JoinPart some = JoinList.read(list).get(0);
        assertEquals(
                List.of(90, 270, 90, 270), List.of(some.turnOf(1), some.turnOf(2), some.turnOf(3), some.turnOf(4)));
        Files.writeString(list, "part 2.pdf | turn 45\n");
        assertTrue(assertThrows(Trouble.class, () -> JoinList.read(list))
                .getMessage()
                .contains("Line 1"));
    }

    @Test
    void aLockedFileAsksForItsWordAndNothingIsWrittenWithoutIt() throws IOException {
        Path locked = folder.resolve("locked.pdf");
        try (PDDocument file = Loader.loadPDF(a.toFile())) {
            file.protect(new StandardProtectionPolicy("owner", "honey", new AccessPermission()));
            file.save(locked.toFile());
        }
        assertThrows(Trouble.class, () -> join(Manner.CUSTOMARY, JoinPart.of(locked), JoinPart.of(b)));
        assertFalse(Files.exists(out));
        join(Manner.CUSTOMARY, JoinPart.of(locked).opened(Optional.of("honey")), JoinPart.of(b));
        assertEquals("Alpha page 2.", PdfBench.text(out, 2));
        AccessPermission closed = new AccessPermission();
        closed.setCanAssembleDocument(false);
        Path forbidden = folder.resolve("forbidden.pdf");
        try (PDDocument file = Loader.loadPDF(a.toFile())) {
            file.protect(new StandardProtectionPolicy("owner", "", closed));
            file.save(forbidden.toFile());
        }
        assertTrue(assertThrows(Trouble.class, () -> join(Manner.CUSTOMARY, JoinPart.of(forbidden)))
                .getMessage()
                .contains("does not allow"));
    }

    @Test
    void whatIsNoPdfIsCalledWhatItIs() throws IOException {
        Path jpeg = Files.write(folder.resolve("photo.pdf"), new byte[] {(byte) 0xff, (byte) 0xd8, (byte) 0xff, 0, 1});
        Path folderNamedSo = Files.createDirectory(folder.resolve("x.pdf"));
        Path empty = Files.write(folder.resolve("empty.pdf"), new byte[0]);
        Path noPages = Files.writeString(
                folder.resolve("none.pdf"),
                "%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[]/Count 0>>endobj\n"
                        + "trailer<</Root 1 0 R>>\n%%EOF\n");
        assertTrue(told(jpeg).contains("is a picture"));
        assertTrue(told(folderNamedSo).contains("is a folder"));
        assertTrue(told(empty).contains("is empty"));
        assertTrue(told(noPages).contains("no pages"), told(noPages));
        assertTrue(told(folder.resolve("gone.pdf")).contains("cannot be read"));
    }

    private String told(Path file) {
        return assertThrows(Trouble.class, () -> join(Manner.CUSTOMARY, JoinPart.of(file)))
                .getMessage();
    }

    /** A tree of pages in a loop, a tree that is lost, a file whose end is missing. */
    @Test
    void damagedFilesAreReadAsFarAsTheyGo() throws IOException {
        Path loop = Files.writeString(
                folder.resolve("loop.pdf"),
                "%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n"
                        + "2 0 obj<</Type/Pages/Kids[3 0 R 2 0 R]/Count 2>>endobj\n"
                        + "3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 100 100]>>endobj\ntrailer<</Root 1 0 R>>\n%%EOF\n",
                StandardCharsets.US_ASCII);
        assertEquals(1, join(Manner.CUSTOMARY, JoinPart.of(loop)).pages());
        try (PDDocument file = Loader.loadPDF(b.toFile())) {
            file.save(folder.resolve("plain.pdf").toFile(), CompressParameters.NO_COMPRESSION);
        }
        byte[] whole = Files.readAllBytes(folder.resolve("plain.pdf"));
        // The table of all objects stands at the end.
        Path cut = Files.write(folder.resolve("cut.pdf"), java.util.Arrays.copyOf(whole, whole.length - 900));
        assertEquals(4, join(Manner.CUSTOMARY, JoinPart.of(cut)).pages());
        assertEquals("Beta page 4.", PdfBench.text(out, 4));
    }

    @Test
    void whoStopsItLeavesTheOldFileAsItWas() throws IOException {
        Files.writeString(out, "before");
        assertThrows(
                CancellationException.class,
                () -> Joiner.join(
                        List.of(JoinPart.of(a), JoinPart.of(b)), Manner.CUSTOMARY, out, (done, of, what) -> done < 3));
        assertEquals("before", Files.readString(out));
    }

    @Test
    void aSourceIsNeverWrittenOver() throws IOException {
        byte[] before = Files.readAllBytes(a);
        assertThrows(
                Trouble.class,
                () -> Joiner.join(
                        List.of(JoinPart.of(a), JoinPart.of(b)),
                        Manner.CUSTOMARY,
                        folder.resolve("x/../part 2.pdf"),
                        Progress.SILENT));
        org.junit.jupiter.api.Assertions.assertArrayEquals(before, Files.readAllBytes(a));
        join(Manner.CUSTOMARY, JoinPart.of(a));
        assertEquals(List.of(), jorn.print.export.Authorship.strangers(List.of(out)), "it may be written again");
    }
}
