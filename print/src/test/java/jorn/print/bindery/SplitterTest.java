package jorn.print.bindery;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import jorn.measure.Trouble;
import jorn.print.bindery.Splitter.Piece;
import jorn.print.export.Progress;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A file becomes several, each whole in itself. */
class SplitterTest {
    @TempDir
    Path folder;

    private PdfSource source(int pages) throws IOException {
        return PdfSource.open(PdfBench.file(folder.resolve("book.pdf"), "Book", pages, PDRectangle.A6));
    }

    @Test
    void everyFewPages() throws IOException {
        try (PdfSource source = source(11)) {
            List<Piece> pieces = Splitter.every(source, 4);
            assertEquals(
                    List.of("book-01-04", "book-05-08", "book-09-11"),
                    pieces.stream().map(Piece::name).toList());
            List<Path> files = Splitter.write(source, pieces, folder.resolve("out"), Progress.SILENT);
            assertEquals("Book page 5.", PdfBench.text(files.get(1), 1));
            assertEquals("Book page 11.", PdfBench.text(files.get(2), 3));
            try (PDDocument read = Loader.loadPDF(files.get(1).toFile())) {
                assertEquals(4, read.getNumberOfPages());
                assertEquals("v", read.getDocumentCatalog().getPageLabels().getLabelsByPageIndices()[0]);
                assertEquals(
                        "Book 5",
                        read.getDocumentCatalog()
                                .getDocumentOutline()
                                .getFirstChild()
                                .getTitle());
            }
            // Pages that did not come along do not come along by a back door.
            assertTrue(Files.size(files.get(2)) < Files.size(folder.resolve("book.pdf")));
            assertThrows(Trouble.class, () -> Splitter.every(source, 0));
        }
    }

    @Test
    void atBookmarksByRangesAndOddFromEven() throws IOException {
        try (PdfSource source = source(3)) {
            assertEquals(
                    List.of(
                            new Piece("01 Book 1", List.of(1)),
                            new Piece("02 Book 2", List.of(2)),
                            new Piece("03 Book 3", List.of(3))),
                    Splitter.atBookmarks(source));
            assertEquals(
                    List.of(new Piece("book-3-2", List.of(3, 2)), new Piece("book-1", List.of(1))),
                    Splitter.ranges(source, "3-2, 1"));
            assertEquals(
                    List.of(new Piece("book-odd", List.of(1, 3)), new Piece("book-even", List.of(2))),
                    Splitter.oddAndEven(source));
            List<Path> files =
                    Splitter.write(source, Splitter.ranges(source, "1,1"), folder.resolve("twice"), Progress.SILENT);
            assertEquals(
                    List.of("book-1.pdf", "book-1-2.pdf"),
                    files.stream().map(f -> f.getFileName().toString()).toList());
        }
    }

    @Test
    void bySizeOfFileEachIsAsLargeAsItMayBe() throws IOException {
        try (PdfSource source = source(12)) {
            long whole = Files.size(folder.resolve("book.pdf"));
            long most = whole - 1200;
            List<Piece> pieces = Splitter.bySize(source, most);
            List<Path> files = Splitter.write(source, pieces, folder.resolve("out"), Progress.SILENT);
            assertEquals(12, pieces.stream().mapToInt(p -> p.pages().size()).sum());
            for (Path file : files) {
                assertTrue(Files.size(file) <= most, file + " has " + Files.size(file) + " of " + most);
            }
            // The first could not have held one page more.
            int first = pieces.get(0).pages().size();
            if (pieces.size() > 1) {
                List<Piece> more = Splitter.ranges(source, "1-" + (first + 1));
                Path larger = Splitter.write(source, more, folder.resolve("more"), Progress.SILENT)
                        .get(0);
                assertTrue(Files.size(larger) > most);
            }
            assertEquals(12, Splitter.bySize(source, 10).size(), "a page alone is a file all the same");
        }
    }

    @Test
    void twoScansBecomeOneFile() throws IOException {
        Path fronts = PdfBench.file(folder.resolve("fronts.pdf"), "Front", 3, PDRectangle.A6);
        Path backs = PdfBench.file(folder.resolve("backs.pdf"), "Back", 3, PDRectangle.A6);
        Path out = folder.resolve("woven.pdf");
        try (PdfSource a = PdfSource.open(fronts);
                PdfSource b = PdfSource.open(backs)) {
            assertEquals(6, Weaver.interleave(a, b, true, out));
            assertEquals("Front page 1.", PdfBench.text(out, 1));
            assertEquals("Back page 3.", PdfBench.text(out, 2));
            assertEquals("Back page 1.", PdfBench.text(out, 6));
            Weaver.interleave(a, b, false, out);
            assertEquals("Back page 1.", PdfBench.text(out, 2));
        }
        Path one = PdfBench.file(folder.resolve("one.pdf"), "One", 1, PDRectangle.A6);
        try (PdfSource a = PdfSource.open(fronts);
                PdfSource b = PdfSource.open(one)) {
            assertThrows(Trouble.class, () -> Weaver.interleave(a, b, true, out));
            assertThrows(Trouble.class, () -> Weaver.interleave(b, a, true, out));
            assertThrows(Trouble.class, () -> Weaver.unfold(a, false, out));
        }
    }

    /** What was laid on sheets and is unfolded again is the book that it was. */
    @Test
    void theSheetsOfABookletAreUnfolded() throws IOException {
        Path book = PdfBench.file(folder.resolve("book.pdf"), "Book", 8, PDRectangle.A6);
        Path sheets = folder.resolve("sheets.pdf");
        try (PdfSource source = PdfSource.open(book)) {
            PageBoxes boxes = PageBoxes.whole(source);
            jorn.impose.SheetLayout layout = jorn.impose.SheetLayout.of(
                    jorn.impose.Scheme.of(jorn.impose.FoldKind.NEST).fromRight(true),
                    8,
                    jorn.impose.BlankPlace.AT_END,
                    jorn.impose.SheetSpec.of(jorn.measure.PaperSize.A5.size()),
                    boxes.largest());
            try (var out = Files.newOutputStream(sheets)) {
                new PdfImposer(source, layout, new jorn.impose.HandMarks(layout, java.util.Set.of()), boxes)
                        .write(PdfImposer.Pass.DUPLEX, out, Progress.SILENT);
            }
        }
        Path back = folder.resolve("back.pdf");
        try (PdfSource source = PdfSource.open(sheets)) {
            assertEquals(8, Weaver.unfold(source, true, back));
        }
        for (int i = 1; i <= 8; i++) {
            try (PDDocument read = Loader.loadPDF(back.toFile())) {
                assertEquals(
                        read.getPage(i - 1).getCropBox().getHeight() / Math.sqrt(2),
                        read.getPage(i - 1).getCropBox().getWidth(),
                        1.5);
                org.apache.pdfbox.text.PDFTextStripperByArea stripper =
                        new org.apache.pdfbox.text.PDFTextStripperByArea();
                PDRectangle box = read.getPage(i - 1).getCropBox();
                stripper.addRegion("seen", new java.awt.geom.Rectangle2D.Double(0, 0, box.getWidth(), box.getHeight()));
                stripper.extractRegions(read.getPage(i - 1));
                assertEquals(
                        "Book page " + i + ".",
                        stripper.getTextForRegion("seen").strip());
            }
        }
    }

    @Test
    void whatOthersWroteIsNotWrittenOver() throws IOException {
        Files.writeString(folder.resolve("book-odd.pdf"), "others");
        try (PdfSource source = source(2)) {
            List<Piece> pieces = Splitter.oddAndEven(source);
            assertThrows(Trouble.class, () -> Splitter.write(source, pieces, folder, Progress.SILENT));
            assertEquals("others", Files.readString(folder.resolve("book-odd.pdf")));
            Path fresh = folder.resolve("fresh");
            assertEquals(
                    2, Splitter.write(source, pieces, fresh, Progress.SILENT).size());
            assertEquals(
                    2, Splitter.write(source, pieces, fresh, Progress.SILENT).size(), "its own may be");
        }
    }
}
