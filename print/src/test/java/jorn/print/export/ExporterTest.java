package jorn.print.export;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import jorn.block.paper.Ruling;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.Furniture;
import jorn.book.MarginChoice;
import jorn.book.Starter;
import jorn.deliver.SheetPlan.FileRole;
import jorn.edition.Edition;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.PressShelf;
import jorn.print.Poppler;
import jorn.print.read.PdfLook;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ExporterTest {
    private static List<WrittenFile> export(Book book, Path folder, Progress progress) {
        return Exporter.export(Edition.of(book), folder, progress);
    }

    private static List<Path> files(Book book, Path folder) {
        return Exporter.files(Edition.of(book), folder);
    }

    @TempDir
    Path folder;

    /** Which of the journal's runs is lined. */
    private static final int LINED = 3;

    private static Book journal(boolean bleed) {
        Book book = Starter.LINED_JOURNAL
                .begin(Brief.at(PressShelf.shipped().find("online"), Size.of(6, 9, Unit.INCH), 120))
                .withTitle("The Offal & Fiddle Affair")
                .withSubtitle("Über “bees”")
                .withAuthor("Skep & Sedge");
        // Pages without numbers, which are equal.
        return book.withFurniture(Furniture.NONE)
                .withMargins(MarginChoice.NONE)
                .withRecipe(
                        LINED,
                        r -> r.withRuling(
                                Ruling.customary().withReach(bleed ? Ruling.Reach.EDGE : Ruling.Reach.MARGINS)));
    }

    private Path interior(Book book) {
        return export(book, folder, Progress.SILENT).get(0).file();
    }

    /** The one case in which a book is not exported: an empty box would stand where a letter should. */
    @Test
    void aLetterThatNoTypefaceHasStopsTheExportAndNamesIt() {
        Path before = interior(journal(false));
        Trouble refused =
                assertThrows(Trouble.class, () -> interior(journal(false).withTitle("Bees ኦ")));
        assertTrue(refused.getMessage().contains("ኦ") && refused.getMessage().contains("page 1"), refused.getMessage());
        assertTrue(Files.exists(before), "the earlier file stays");
    }

    @Test
    void titlesInOtherScriptsAreEmbeddedAndCanBeRead() throws Exception {
        Path file = interior(journal(false).withTitle("蜂蜜の本").withSubtitle("꿀벌").withAuthor("Ада Марш"));
        try (PDDocument pdf = Loader.loadPDF(file.toFile())) {
            String text = new org.apache.pdfbox.text.PDFTextStripper().getText(pdf);
            assertTrue(text.contains("蜂蜜の本") && text.contains("Ада Марш"), text);
        }
    }

    @Test
    void writesInteriorAndCoverForAPressThatTakesBoth() {
        List<WrittenFile> written = export(journal(true), folder, Progress.SILENT);
        assertEquals(
                List.of(FileRole.INTERIOR, FileRole.COVER),
                written.stream().map(WrittenFile::role).toList());
        assertEquals(
                "the-offal-fiddle-affair-interior.pdf",
                written.get(0).file().getFileName().toString());
        assertEquals(
                files(journal(true), folder),
                written.stream().map(WrittenFile::file).toList());
    }

    @Test
    void writesNoCoverForOneThatTakesNone() {
        Book home =
                Starter.NOTEBOOK.begin(Brief.at(PressShelf.shipped().find("home"), Size.parse("A5", Unit.INCH), 32));
        assertEquals(1, export(home, folder, Progress.SILENT).size());
    }

    @Test
    void popplerSeesTheBoxesOfEachSide() {
        String file = interior(journal(true)).toString();
        String recto = Poppler.run("pdfinfo", "-box", "-f", "1", "-l", "1", file);
        String verso = Poppler.run("pdfinfo", "-box", "-f", "2", "-l", "2", file);
        assertTrue(recto.matches("(?s).*Pages: +120\\n.*"), recto);
        assertTrue(recto.matches("(?s).*MediaBox: +0.00 +0.00 +441.00 +666.00\\n.*"), recto);
        assertTrue(recto.matches("(?s).*BleedBox: +0.00 +0.00 +441.00 +666.00\\n.*"), recto);
        assertTrue(recto.matches("(?s).*TrimBox: +0.00 +9.00 +432.00 +657.00\\n.*"), recto);
        assertTrue(verso.matches("(?s).*TrimBox: +9.00 +9.00 +441.00 +657.00\\n.*"), verso);
    }

    @Test
    void withoutBleedAllBoxesAreTheTrim() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(interior(journal(false)).toFile())) {
            assertTrue(pdf.getPages().iterator().hasNext(), "there is something to look at");
            for (PDPage page : pdf.getPages()) {
                for (PDRectangle box : List.of(page.getMediaBox(), page.getBleedBox(), page.getTrimBox())) {
                    assertEquals("[0.0,0.0,432.0,648.0]", box.toString());
                }
            }
        }
    }

    @Test
    void theCoverSheetHasItsSizeAndItsTrim() {
        Path cover = export(journal(true), folder, Progress.SILENT).get(1).file();
        String said = Poppler.run("pdfinfo", "-box", cover.toString());
        assertTrue(said.matches("(?s).*MediaBox: +0.00 +0.00 +901.46 +666.00\\n.*"), said);
        assertTrue(said.matches("(?s).*TrimBox: +9.00 +9.00 +892.46 +657.00\\n.*"), said);
    }

    @Test
    void qpdfFindsNothingToRemarkOn() {
        assertTrue(
                export(journal(true), folder, Progress.SILENT).iterator().hasNext(), "there is something to look at");
        for (WrittenFile d : export(journal(true), folder, Progress.SILENT)) {
            assertTrue(Poppler.run("qpdf", "--check", d.file().toString())
                    .contains("No syntax or stream encoding errors"));
        }
    }

    @Test
    void everyFontIsEmbeddedAndSubset() {
        assertTrue(
                export(journal(true), folder, Progress.SILENT).iterator().hasNext(), "there is something to look at");
        for (WrittenFile d : export(journal(true), folder, Progress.SILENT)) {
            List<String> fonts =
                    Poppler.run("pdffonts", d.file().toString()).lines().skip(2).toList();
            assertFalse(fonts.isEmpty());
            for (String font : fonts) {
                assertTrue(font.matches("[A-Z]{6}\\+.* yes yes yes .*"), font);
            }
        }
    }

    @Test
    void textCanBeFoundLigaturesAndAll() {
        List<WrittenFile> written = export(journal(true), folder, Progress.SILENT);
        String title = Poppler.run("pdftotext", "-l", "3", written.get(0).file().toString(), "-");
        assertTrue(title.replaceAll("\\s+", " ").contains("The Offal & Fiddle Affair"), title);
        assertTrue(title.contains("Über “bees”"), title);
        assertTrue(title.contains("This book belongs to"), title);
        String cover = Poppler.run("pdftotext", written.get(1).file().toString(), "-");
        assertTrue(cover.contains("Skep & Sedge"), cover);
    }

    @Test
    void equalPagesAreOneFormAndOneContent() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(interior(journal(true)).toFile())) {
            Set<COSBase> contents = new HashSet<>();
            for (int i = 4; i < 116; i++) {
                contents.add(pdf.getPage(i).getCOSObject().getDictionaryObject(COSName.CONTENTS));
            }
            assertEquals(2, contents.size(), "one for rectos, one for versos");
        }
    }

    @Test
    void aHundredAndTwentyEqualPagesAreOneForm() {
        Book lined = journal(false);
        Book all = lined.withRuns(List.of(lined.runs().get(LINED)));
        assertEquals(1, PdfLook.forms(interior(all)), "rectos and versos differ only in where it stands");
    }

    @Test
    void theInformationNamesTitleAuthorAndMaker() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(interior(journal(true)).toFile())) {
            assertEquals(
                    "The Offal & Fiddle Affair", pdf.getDocumentInformation().getTitle());
            assertEquals("Skep & Sedge", pdf.getDocumentInformation().getAuthor());
            String xmp = new String(pdf.getDocumentCatalog().getMetadata().toByteArray(), StandardCharsets.UTF_8);
            assertTrue(xmp.contains("The Offal &amp; Fiddle Affair"), xmp);
            assertNotNull(pdf.getDocumentInformation().getCreationDate());
        }
    }

    @Test
    void stoppingLeavesTheOldFileWholeAndNothingBehind() throws IOException {
        Path file = files(journal(true), folder).get(0);
        Files.writeString(file, "the old one");
        assertThrows(CancellationException.class, () -> export(journal(true), folder, (done, of, what) -> done < 50));
        assertEquals("the old one", Files.readString(file));
        try (var all = Files.list(folder)) {
            assertEquals(1, all.count());
        }
    }

    @Test
    void progressCountsUpToTheEnd() {
        int[] last = {-1, 0};
        export(journal(true), folder, (done, of, what) -> {
            assertTrue(done > last[0], what);
            last[0] = done;
            last[1] = of;
            return true;
        });
        assertEquals(last[1] - 1, last[0]);
    }

    @Test
    void aFolderThatIsAFileIsTold() throws IOException {
        Path file = Files.writeString(folder.resolve("x"), "x");
        assertThrows(Trouble.class, () -> export(journal(true), file, Progress.SILENT));
        assertThrows(Trouble.class, () -> export(journal(true), file.resolve("y"), Progress.SILENT));
        assertThrows(Trouble.class, () -> export(journal(true), Path.of("/proc/jorn"), Progress.SILENT));
    }

    @Test
    void fileNamesAreFitForEverySystem() {
        assertEquals("hive-notes", FileNames.of("Hive Notes"));
        assertEquals("a-b-c", FileNames.of("../A/B\\C?"));
        assertEquals("bees-dont-tell", FileNames.of("Bees don’t tell"));
        assertEquals("uber-cafe", FileNames.of("Über Café"));
        assertEquals("", FileNames.of("***"));
    }

    @Test
    void aTitleOfPictureSignsIsSpelledAndBooksWithoutTitleKeepApart() {
        assertEquals("honeybee-honey-pot", FileNames.of("\uD83D\uDC1D \uD83C\uDF6F"));
        Book one = Starter.NOTEBOOK.begin();
        Book other = Starter.NOTEBOOK.begin();
        assertTrue(FileNames.of(one).startsWith("untitled-"));
        org.junit.jupiter.api.Assertions.assertNotEquals(FileNames.of(one), FileNames.of(other));
        String longest = FileNames.of("蜂".repeat(100));
        assertEquals(60, longest.length());
        assertTrue((longest + "-interior.pdf").getBytes(java.nio.charset.StandardCharsets.UTF_8).length <= 255);
        int wide = FileNames.of("\uD840\uDC00".repeat(100))
                .codePointCount(0, FileNames.of("\uD840\uDC00".repeat(100)).length());
        assertEquals(50, wide, "no letter is cut in two, and 200 bytes are not passed");
    }

    @Test
    void controlCharactersInATitleDoNotSpoilTheFile() throws IOException {
        Book book = Starter.NOTEBOOK.begin().withTitle("Hive\u0001\u0008 \uD800 Notes \uFFFE<&>");
        Path written = Exporter.export(Edition.of(book), folder, Progress.SILENT)
                .get(0)
                .file();
        try (var document = org.apache.pdfbox.Loader.loadPDF(written.toFile())) {
            byte[] xmp = document.getDocumentCatalog().getMetadata().toByteArray();
            var parsed = javax.xml.parsers.DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new java.io.ByteArrayInputStream(xmp));
            assertTrue(parsed.getDocumentElement().getTextContent().contains("Notes"));
        } catch (org.xml.sax.SAXException | javax.xml.parsers.ParserConfigurationException e) {
            throw new AssertionError(e);
        }
    }
}
