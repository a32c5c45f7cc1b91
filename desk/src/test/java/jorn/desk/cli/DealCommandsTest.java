package jorn.desk.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import jorn.book.Book;
import jorn.json.Json;
import jorn.press.PressProfile;
import jorn.store.BookFile;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Money, edges, presses that change and the order slip from the command line. */
class DealCommandsTest extends CommandTest {
    private JsonNode measured(String... more) {
        List<String> args =
                new ArrayList<>(List.of("measure", "--press", "online", "--trim", "6x9in", "--pages", "120", "--json"));
        args.addAll(List.of(more));
        assertEquals(0, jorn(args.toArray(String[]::new)), err.toString());
        return json();
    }

    private static double value(JsonNode all, String key) {
        return all.path(key).path("value").asDouble(Double.NaN);
    }

    /** By hand: 5.49 ÷ 1.2 = 4.575; tax 0.915; 60 % are 2.745; less 1.00 + 1.44. */
    @Test
    void measuresTaxShareAndCost() {
        JsonNode all = measured("--price", "5.49", "--tax", "20");
        assertEquals(0.92, value(all, "price.tax"), 0.006);
        assertEquals(2.75, value(all, "price.share"), 0.006);
        assertEquals(1.00, value(all, "cost.fixed"), 1e-9);
        assertEquals(1.44, value(all, "cost.pages"), 1e-9);
        assertEquals(0.305, value(all, "price.kept"), 0.006);
        assertEquals(16, value(all, "cover.weight"), 1e-9);
        JsonNode wider = measured("--price", "5.99", "--channel", "wider");
        assertEquals(-0.04, value(wider, "price.kept"), 1e-9);
        JsonNode copies = measured("--copies", "10");
        assertEquals(24.40, value(copies, "direct.order"), 1e-9);
    }

    @Test
    void refusesWhatMakesNoSense() {
        String[][] bad = {
            {"--price", "5.49", "--tax", "-5"},
            {"--tax", "many"},
            {"--channel", "moon"},
            {"--copies", "0"},
            {"--edge", "head"},
            {"--edge", "top"},
            {"--holes", "seven"},
            {"--finish", "silk"}
        };
        for (String[] each : bad) {
            List<String> args =
                    new ArrayList<>(List.of("measure", "--press", "online", "--trim", "6x9in", "--pages", "120"));
            args.addAll(List.of(each));
            assertEquals(2, jorn(args.toArray(String[]::new)), String.join(" ", each));
            assertTrue(err.toString().contains(each[each.length - 1].replace("-5", "5")), err.toString());
        }
        assertEquals(2, jorn("measure", "--press", "copyshop", "--trim", "A4", "--pages", "40", "--finish", "matte"));
        assertEquals(2, jorn("measure", "--press", "home", "--trim", "A4", "--pages", "40", "--price", "5"));
    }

    @Test
    void edgeHolesAndFinishAreDecidedThere() {
        assertEquals(
                0,
                jorn(
                        "measure",
                        "--press",
                        "copyshop",
                        "--trim",
                        "A4",
                        "--pages",
                        "80",
                        "--binding",
                        "loose",
                        "--edge",
                        "head",
                        "--holes",
                        "iso-838",
                        "--json"),
                err.toString());
        assertEquals(17, json().path("margin.gutter").path("mm").asDouble(), 1e-6);
        measured("--finish", "matte", "--edge", "right");
    }

    private Path made(String... more) {
        Path file = folder.resolve("hive.jorn");
        List<String> args = new ArrayList<>(List.of(
                "new",
                "lined-journal",
                "-o",
                file.toString(),
                "--replace",
                "--title",
                "Hive Notes",
                "--author",
                "Ada"));
        args.addAll(List.of(more));
        assertEquals(0, jorn(args.toArray(String[]::new)), err.toString());
        return file;
    }

    @Test
    void tellsWhatAnotherProfileWouldChange() {
        Path file = made();
        assertEquals(0, jorn("presses", "--changes", file.toString()));
        assertTrue(out.toString().contains("is the one with which the book was reckoned"), out.toString());
        Book book = BookFile.load(file);
        ObjectNode older = (ObjectNode) Json.tree(book.brief().press());
        older.put("version", "2025-01");
        ((ObjectNode) older.at("/papers/0/thickness")).put("perPage", "0.002 in");
        book = book.withBrief(book.brief().withPress(Json.read(older, PressProfile.class, "it")));
        BookFile.save(book, file);
        assertEquals(0, jorn("presses", "--changes", file.toString()));
        assertTrue(out.toString().contains("keeps the profile 2025-01; there is now 2026-11"), out.toString());
        // 120 × 0.000252 in.
        assertTrue(out.toString().contains("Cover width 0.030 in more, 12.52 in"), out.toString());
        assertTrue(out.toString().contains("papers.white.thickness.perPage\t0.002 in\t0.002252 in"), out.toString());
        assertEquals(0, jorn("presses", "--changes", file.toString(), "--json"));
        assertEquals("2025-01", json().path("was").asText());
        assertEquals(1, json().path("clauses").size());
        ObjectNode gone = older.put("id", "gone-press");
        BookFile.save(book.withBrief(book.brief().withPress(Json.read(gone, PressProfile.class, "it"))), file);
        assertEquals(0, jorn("presses", "--changes", file.toString()));
        assertTrue(out.toString().contains("the book keeps its own"), out.toString());
    }

    @Test
    void printsTheOrderSlip() throws Exception {
        Path file = made();
        assertEquals(0, jorn("slip", file.toString()), err.toString());
        assertTrue(out.toString().contains("Trim: 6 × 9 in (152.4 × 228.6 mm)"), out.toString());
        assertEquals(0, jorn("slip", file.toString(), "--json"));
        assertEquals("title", json().path("lines").get(1).path("key").asText());
        assertEquals("Hive Notes", json().path("lines").get(1).path("value").asText());
        Path text = folder.resolve("slip.txt");
        assertEquals(0, jorn("slip", file.toString(), "--to", text.toString(), "--mm"));
        assertTrue(Files.readString(text).contains("Trim: 152.4 × 228.6 mm (6 × 9 in)"));
        Path pdf = folder.resolve("slip.pdf");
        assertEquals(0, jorn("slip", file.toString(), "--to", pdf.toString()));
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            String read = new PDFTextStripper().getText(document);
            assertTrue(read.contains("Order slip: Hive Notes") && read.contains("6 × 9 in"), read);
        }
        assertEquals(
                2,
                jorn("slip", file.toString(), "--to", folder.resolve("slip.doc").toString()));
        Book book = BookFile.load(file);
        book = book.withCover(
                book.cover().planned(p -> p.edited("title", e -> e.withWords(java.util.Optional.of("Hive Note")))));
        BookFile.save(book, file);
        assertEquals(0, jorn("slip", file.toString()));
        assertTrue(err.toString().contains("“Hive Note”, not “Hive Notes”"), err.toString());
    }

    @Test
    void anOrderNamesTheFilesThatWereExported() {
        String book = folder.resolve("hive.jorn").toString();
        assertEquals(
                0,
                jorn(
                        "new",
                        "lined-journal",
                        "-o",
                        book,
                        "--press",
                        "copyshop",
                        "--trim",
                        "A5",
                        "--title",
                        "Hive Notes"),
                err.toString());
        assertEquals(0, jorn("order", book));
        assertTrue(out.toString().contains("not written yet"), out.toString());
        assertEquals(0, jorn("export", book, "--to", folder.resolve("out").toString()));
        assertEquals(0, jorn("order", book));
        assertTrue(out.toString().contains("hive-notes-interior.pdf, 120 pages"), out.toString());
        assertTrue(out.toString().contains("hive-notes-cover.pdf, 2 pages"), out.toString());
        assertEquals(
                0,
                jorn("export", book, "--one-file", "--to", folder.resolve("one").toString()));
        assertEquals(0, jorn("order", book, "--files", folder.resolve("one").toString()));
        assertTrue(out.toString().contains("hive-notes-book.pdf, 124 pages"), out.toString());
        assertEquals(2, jorn("order", book, "--files", folder.resolve("nowhere").toString()));
        assertEquals(
                2,
                jorn(
                        "order",
                        book,
                        "--files",
                        folder.resolve("out").resolveSibling("home").toString()));
    }
}
