package jorn.print.bindery;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import jorn.measure.Trouble;
import jorn.print.Poppler;
import jorn.print.bindery.Joiner.Manner;
import jorn.print.export.Progress;
import jorn.say.Message;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files that break off are read as far as they go, and what is missing is said. */
class RescueTest {
    @TempDir
    Path folder;

    private Path whole;

    @BeforeEach
    void file() throws IOException {
        whole = PdfBench.file(folder.resolve("whole.pdf"), "Alpha", 4, PDRectangle.A5);
    }

    private Path first(Path of, int bytes) throws IOException {
        byte[] all = Files.readAllBytes(of);
        return Files.write(folder.resolve("cut.pdf"), Arrays.copyOf(all, bytes));
    }

    private String told(Path file) {
        try (PdfSource source = PdfSource.open(file)) {
            return String.join(" ", source.missing().stream().map(Message::text).toList());
        }
    }

    /** Pages stand in a stream of objects, and the table that leads to it is gone. qpdf made the file. */
    @Test
    void pagesInStreamsOfObjectsAreFoundWithoutTheTable() throws IOException {
        Path packed = folder.resolve("packed.pdf");
        Poppler.run("qpdf", "--warning-exit-0", "--object-streams=generate", whole.toString(), packed.toString());
        String text = Files.readString(packed, StandardCharsets.ISO_8859_1);
        int table = text.lastIndexOf("/Type /XRef");
        int begin = text.lastIndexOf("endobj", table) + "endobj".length();
        Path cut = first(packed, begin);
        Path out = folder.resolve("out.pdf");
        Joined joined = Joiner.join(List.of(JoinPart.of(cut)), Manner.CUSTOMARY, out, Progress.SILENT);
        assertEquals(4, joined.pages());
        for (int i = 1; i <= 4; i++) {
            assertEquals(0, PdfBench.unlike(PdfBench.picture(whole, i), PdfBench.picture(out, i)));
        }
        assertTrue(Files.exists(cut), "the source stays");
    }

    /** The root is at the end and lost; a page whose own words are lost is named. */
    @Test
    void pagesAreFoundOneByOneAndThoseThatLackSomethingAreNamed() throws IOException {
        String head = "%PDF-1.4\n1 0 obj\n<</Type /Page/Parent 9 0 R/MediaBox[0 0 200 300]/Contents 2 0 R>>\nendobj\n"
                + "2 0 obj\n<</Length 12>>\nstream\n0 0 9 9 re f\nendstream\nendobj\n"
                + "3 0 obj\n<</Parent 9 0 R/Type/Page/MediaBox[0 0 200 300]/Contents 4 0 R>>\nendobj\n"
                + "9 0 obj\n<</Type/Pages/Count 2/Kids[1 0 R 3 0 R]/Rotate 90>>\nendobj\n";
        Path cut = folder.resolve("cut.pdf");
        Files.writeString(cut, head, StandardCharsets.US_ASCII);
        try (PdfSource source = PdfSource.open(cut)) {
            assertEquals(2, source.count());
            assertEquals(200, source.height(1), 1e-9, "turned, as the node above says");
            List<String> told = source.missing().stream().map(Message::text).toList();
            assertEquals(2, told.size());
            assertTrue(told.get(0).contains("2 pages were found"), told.get(0));
            assertTrue(told.get(1).contains("one page lacks"), told.get(1));
            assertTrue(told.get(1).contains("(2)"), told.get(1));
        }
        Files.writeString(cut, head + "5 0 obj\n<</Type/Page/Parent 9 0 R/Med", StandardCharsets.US_ASCII);
        try (PdfSource source = PdfSource.open(cut)) {
            assertEquals(2, source.count(), "a page that breaks off with the file is none");
        }
        Files.writeString(cut, head + "4 0 obj\n<</Length 999>>\nstream\n0 0 9 9 re", StandardCharsets.US_ASCII);
        assertTrue(told(cut).contains("one page lacks"), "an object of which only the beginning is there");
        Files.writeString(
                cut, head + "4 0 obj\n<</Length 3>>\nstream\nq Q\nendstream\nendobj\n", StandardCharsets.US_ASCII);
        assertTrue(!told(cut).contains("lack"), told(cut));
    }

    /** A node still says how many pages there were. */
    @Test
    void pagesThatAreGoneAreCounted() throws IOException {
        Path cut = folder.resolve("cut.pdf");
        Files.writeString(
                cut,
                "%PDF-1.4\n9 0 obj\n<</Type/Pages/Count 7/Kids[1 0 R 3 0 R]>>\nendobj\n"
                        + "1 0 obj\n<</Type /Page/Parent 9 0 R/MediaBox[0 0 200 300]>>\nendobj\n",
                StandardCharsets.US_ASCII);
        assertTrue(told(cut).contains("one page was found"), told(cut));
        assertTrue(told(cut).contains("6 of 7 pages"), told(cut));
    }

    /** Numbers that no file can have are passed over, and the pages are found all the same. */
    @Test
    void oneOversizedNumberDoesNotEndTheSearch() throws IOException {
        Path cut = folder.resolve("cut.pdf");
        String page = " 0 obj\n<</Type /Page/Parent 9 0 R/MediaBox[0 0 200 300]>>\nendobj\n";
        Files.writeString(
                cut,
                "%PDF-1.4\n9 0 obj\n<</Type/Pages/Count 99999999999999999999/Kids[1 0 R 3 0 R]>>\nendobj\n1" + page
                        + "8 0 obj\n<</Type/ObjStm/N 99999999999999999999/First 99999999999999999999/Length 3>>\nstream\nabc\n"
                        + "endstream\nendobj\n"
                        + "99999999999999999999" + page + "3" + page,
                StandardCharsets.US_ASCII);
        try (PdfSource source = PdfSource.open(cut)) {
            assertEquals(2, source.count());
        }
    }

    @Test
    void aWholeFileIsNotSaidToLackAnything() {
        assertEquals("", told(whole));
    }

    @Test
    void whereNoPageIsLeftThatIsSaid() throws IOException {
        Path cut = first(whole, 40);
        assertTrue(assertThrows(Trouble.class, () -> PdfSource.open(cut))
                .getMessage()
                .contains("cut.pdf"));
    }

    /** An object of two gigabytes that is said to be there, and is not; sparse, so that it takes no room. */
    @Test
    void aGiantThatIsDamagedIsRefusedAtOnceAndOneThatIsWholeSaysWhatItLacks() throws IOException {
        Path giant = folder.resolve("giant.pdf");
        String head = "%PDF-1.4\n1 0 obj\n<</Type/Catalog/Pages 2 0 R>>\nendobj\n"
                + "2 0 obj\n<</Type/Pages/Kids[3 0 R]/Count 1>>\nendobj\n"
                + "3 0 obj\n<</Type/Page/Parent 2 0 R/MediaBox[0 0 200 300]/Contents 4 0 R>>\nendobj\n"
                + "4 0 obj\n<</Length 2200000000>>\nstream\n";
        long size = 2_200_000_000L;
        write(giant, head, size, "\nendstream\nendobj\ntrailer\n<</Root 1 0 R>>\n%%EOF\n");
        assertTrue(assertThrows(Trouble.class, () -> PdfSource.open(giant))
                .getMessage()
                .contains("too large to be mended"));
        String end = "\nendstream\nendobj\nxref\n0 5\n0000000000 65535 f \n" + entry(head, 1) + entry(head, 2)
                + entry(head, 3) + entry(head, 4) + "trailer\n<</Root 1 0 R/Size 5>>\nstartxref\n"
                + (head.length() + size + "\nendstream\nendobj\n".length()) + "\n%%EOF\n";
        write(giant, head, size, end);
        assertTrue(told(giant).contains("one page lacks"), told(giant));
    }

    private static String entry(String head, int object) {
        return String.format("%010d 00000 n %n", head.indexOf(object + " 0 obj"))
                .replace(System.lineSeparator(), "\n");
    }

    private static void write(Path file, String head, long hole, String end) throws IOException {
        Files.deleteIfExists(file);
        try (var channel = java.nio.channels.FileChannel.open(
                file,
                java.nio.file.StandardOpenOption.CREATE_NEW,
                java.nio.file.StandardOpenOption.SPARSE,
                java.nio.file.StandardOpenOption.WRITE)) {
            channel.write(java.nio.ByteBuffer.wrap(head.getBytes(StandardCharsets.US_ASCII)));
            channel.position(head.length() + hole);
            channel.write(java.nio.ByteBuffer.wrap(end.getBytes(StandardCharsets.US_ASCII)));
        }
    }
}
