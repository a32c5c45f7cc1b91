package jorn.desk.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import jorn.say.Language;
import jorn.say.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CommandLineTest extends CommandTest {
    private String made(String... more) {
        String file = folder.resolve("hive.jorn").toString();
        String[] args = new String[6 + more.length];
        System.arraycopy(new String[] {"new", "lined-journal", "-o", file, "--title", "Hive Notes"}, 0, args, 0, 6);
        System.arraycopy(more, 0, args, 6, more.length);
        assertEquals(0, jorn(args), err.toString());
        return file;
    }

    @Test
    void helpAndRefusalsAreInTheLanguageThatIsSpoken() {
        Language before = Wording.language();
        try {
            Wording.speak(Language.GERMAN);
            jorn("help");
            assertTrue(out.toString().contains("Ein Buch prüfen"), out.toString());
            assertEquals(2, jorn("measure"));
            assertTrue(err.toString().contains("nichts zum Messen"), err.toString());
        } finally {
            Wording.speak(before);
        }
    }

    @Test
    void measuresABriefAsTheTradeDoes() {
        assertEquals(
                0,
                jorn(
                        "measure", "--press", "online", "--trim", "6x9in", "--pages", "120", "--paper", "white",
                        "--bleed", "--json"));
        JsonNode n = json();
        assertEquals(6.125, n.at("/page.width/in").asDouble(), 1e-9);
        assertEquals(9.25, n.at("/page.height/in").asDouble(), 1e-9);
        assertEquals(0.375, n.at("/margin.gutter/in").asDouble(), 1e-9);
        assertEquals(0.375, n.at("/margin.outside/in").asDouble(), 1e-9);
        assertEquals(0.27024, n.at("/spine.width/in").asDouble(), 1e-9);
        assertEquals(12.52024, n.at("/cover.width/in").asDouble(), 1e-9);
        assertEquals(234.95, n.at("/cover.height/mm").asDouble(), 1e-9);
        assertEquals(3756, n.at("/cover.pixels.width/value").asInt());
        assertEquals(2775, n.at("/cover.pixels.height/value").asInt());
        assertEquals("px", n.at("/cover.pixels.height/unit").asText());
        assertTrue(n.at("/spine.width/working").asText().contains("120 pages × 0.002252 in"));
    }

    @Test
    void measuresABookAsItsBrief() {
        String file = made("--bleed", "--paper", "cream");
        assertEquals(0, jorn("measure", file, "--json"));
        assertEquals(0.3, json().at("/spine.width/in").asDouble(), 1e-9);
        assertEquals(6.125, json().at("/page.width/in").asDouble(), 1e-9);
        assertEquals(0, jorn("measure", file));
        assertTrue(out.toString().contains("spine.width\t0.300 in\t7.62 mm"), out.toString());
    }

    @Test
    void listsTheStarters() {
        assertEquals(0, jorn("new", "--list"));
        assertTrue(out.toString().startsWith("lined-journal\t"));
    }

    @Test
    void makesChecksAndExportsABook() {
        String file = made();
        assertEquals(0, jorn("check", file, "--json"));
        assertEquals(0, json().size());
        assertEquals(0, jorn("export", file, "--to", folder.resolve("out").toString(), "--json"));
        assertEquals("interior", json().at("/0/role").asText());
        assertTrue(Files.isRegularFile(Path.of(json().at("/1/file").asText())));
        assertEquals(0, jorn("export", file, "--to", folder.resolve("out").toString()));
        assertEquals(2, out.toString().lines().count());
    }

    @Test
    void aCheckThatFindsErrorsEndsWithOne() throws IOException {
        String file = made("--bleed");
        Path book = Path.of(file);
        assertEquals(
                0,
                jorn(
                        "new",
                        "lined-journal",
                        "-o",
                        file,
                        "--press",
                        "home",
                        "--trim",
                        "A5",
                        "--pages",
                        "32",
                        "--bleed",
                        "--replace"));
        assertEquals(1, jorn("check", file, "--json"));
        JsonNode f = json().get(0);
        assertEquals("bleed.missing", f.get("id").asText());
        assertEquals("error", f.get("severity").asText());
        assertEquals(5, f.get("page").asInt());
        assertFalse(f.get("says").asText().isEmpty());
        assertTrue(f.has("measured") && f.has("required") && f.has("remedy"));
        assertTrue(f.at("/box/width").asDouble() > 400, "the first line, from edge to edge");
        assertTrue(Files.exists(book));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "measure",
                "measure --press online --trim six_by_nine --pages 120 --paper white",
                "measure --press online --trim 20x30in --pages 120 --paper white",
                "measure --press online --trim 6x9in --pages 0 --paper white",
                "measure --press online --trim 6x9in --pages 10000 --paper white",
                "measure --press online --trim 6x9in --pages many --paper white",
                "measure --press online --trim 6x9in --pages 120 --paper vellum",
                "measure --press online --trim 6x9in --pages 120 --paper white --ink gold",
                "measure --press nobody --trim 6x9in --pages 120 --paper white",
                "measure --press /none/there.json --trim 6x9in --pages 120 --paper white",
                "measure none.jorn",
                "check none.jorn",
                "check",
                "export none.jorn --to x",
                "export none.jorn",
                "new lined-journal",
                "new nonsense -o x.jorn",
                "new",
                "nonsense",
                "measure --nonsense",
                "measure --pages"
            })
    void badUsageEndsWithTwoAndOnePlainSentence(String line) {
        assertEquals(2, jorn(line.split(" ")), line);
        String said = err.toString();
        assertFalse(said.isBlank(), line);
        assertFalse(said.contains("Exception") || said.contains("\tat "), said);
        assertEquals(1, said.lines().count(), said);
        assertEquals("", out.toString());
    }

    @Test
    void aDamagedBookIsToldAndEndsWithTwo() throws IOException {
        Path file = Files.writeString(folder.resolve("bad.jorn"), "PK but not really");
        assertEquals(2, jorn("check", file.toString()));
        assertTrue(err.toString().contains("is damaged"), err.toString());
        assertEquals(2, jorn("export", file.toString(), "--to", folder.toString()));
    }

    @Test
    void anUnwritableFolderIsToldAndEndsWithTwo() throws IOException {
        String file = made();
        Path plain = Files.writeString(folder.resolve("file"), "x");
        assertEquals(2, jorn("export", file, "--to", plain.toString()));
        assertEquals(2, jorn("export", file, "--to", "/proc/jorn"));
        assertEquals(2, jorn("new", "lined-journal", "-o", "/proc/jorn/x.jorn"));
    }

    @Test
    void aBrokenProfileIsToldAndEndsWithTwo() throws IOException {
        Path profile = Files.writeString(folder.resolve("mine.json"), "{\"format\": 1}");
        assertEquals(2, jorn("measure", "--press", profile.toString(), "--trim", "6x9in", "--pages", "120"));
        assertTrue(err.toString().contains("lacks the field"), err.toString());
    }

    @Test
    void helpNamesEveryCommand() {
        assertEquals(0, jorn("help"));
        for (String command :
                new String[] {"new", "measure", "check", "export", "demo", "screenshots", "bench", "test"}) {
            assertTrue(out.toString().contains("  " + command + " "), command);
        }
    }

    @Test
    void helpTellsOfOneCommandAndOfNoOther() {
        assertEquals(0, jorn("help", "check"));
        assertTrue(out.toString().contains("jorn check") && out.toString().contains("--json"), out.toString());
        assertEquals(2, jorn("help", "fold"));
        assertTrue(err.toString().contains("“fold”"), err.toString());
    }

    @Test
    void aWordThatIsNoCommandAndNoBookIsToldInWords() {
        assertEquals(2, jorn("fold"));
        assertTrue(err.toString().contains("neither a command nor a .jorn file"), err.toString());
    }

    @Test
    void measuresEveryBinding() {
        for (String[] each : new String[][] {
            {"online", "6x9in", "glued"}, {"casebound", "6x9in", "cased"}, {"casebound", "6x9in", "jacket"},
            {"magazine", "A5", "stitched"}, {"copyshop", "A5", "coil"}, {"copyshop", "A5", "loose"}
        }) {
            assertEquals(
                    0,
                    jorn(
                            "measure",
                            "--press",
                            each[0],
                            "--trim",
                            each[1],
                            "--pages",
                            "60",
                            "--paper",
                            "white",
                            "--binding",
                            each[2],
                            "--json"),
                    err.toString());
            for (String key : new String[] {
                "page.width",
                "page.height",
                "margin.gutter",
                "margin.outside",
                "spine.width",
                "cover.width",
                "cover.height",
                "cover.pixels.width",
                "cover.pixels.height",
                "book.thickness",
                "book.weight",
                "cost.print",
                "price.lowest",
                "spine.text.allowed"
            }) {
                assertTrue(json().has(key), each[2] + " has no " + key);
            }
        }
    }

    @Test
    void reckonsWithAPriceInAMarket() {
        assertEquals(
                0,
                jorn(
                        "measure", "--press", "online", "--trim", "6x9in", "--pages", "120", "--paper", "white",
                        "--price", "5.99", "--json"));
        assertEquals(2.44, json().at("/cost.print/value").asDouble(), 1e-9);
        assertEquals(4.07, json().at("/price.lowest/value").asDouble(), 1e-9);
        assertEquals(1.15, json().at("/price.kept/value").asDouble(), 1e-9);
        assertEquals("USD", json().at("/price.kept/unit").asText());
        assertEquals(
                0,
                jorn(
                        "measure",
                        "--press",
                        "online",
                        "--trim",
                        "6x9in",
                        "--pages",
                        "120",
                        "--paper",
                        "white",
                        "--price",
                        "5,99",
                        "--market",
                        "uk",
                        "--json"));
        assertEquals("GBP", json().at("/price.kept/unit").asText());
        assertEquals(2, jorn("measure", "--press", "online", "--market", "moon"));
        assertEquals(2, jorn("measure", "--press", "online", "--price", "much"));
        assertEquals(2, jorn("measure", "--press", "online", "--binding", "stitched"));
    }

    @Test
    void rightToLeftGivesTheSameFigures() {
        assertEquals(0, jorn("measure", "--press", "online", "--pages", "120", "--json"));
        String ltr = out.toString();
        assertEquals(0, jorn("measure", "--press", "online", "--pages", "120", "--rtl", "--json"));
        assertEquals(ltr, out.toString());
    }

    @Test
    void listsAndChecksPresses() throws IOException {
        assertEquals(0, jorn("presses"));
        for (String id : new String[] {"online", "trade", "magazine", "copyshop", "home", "casebound", "screen"}) {
            assertTrue(out.toString().contains(id + "\t"), id);
        }
        assertEquals(0, jorn("presses", "--json"));
        JsonNode all = json();
        assertEquals(7, all.size());
        Path file = Files.writeString(folder.resolve("mine.json"), all.get(0).toString());
        assertEquals(0, jorn("presses", "--check", file.toString()));
        Files.writeString(file, all.get(0).toString().replace("\"upTo\":300", "\"upTo\":1"));
        assertEquals(2, jorn("presses", "--check", file.toString()));
        assertTrue(err.toString().contains("margins"), err.toString());
        assertEquals(2, jorn("presses", "--check", folder.resolve("none.json").toString()));
    }

    @Test
    void everyStarterCanBeMadeCheckedAndExported() {
        jorn("new", "--list");
        assertTrue(
                out.toString()
                        .lines()
                        .map(l -> l.split("\t")[0])
                        .toList()
                        .iterator()
                        .hasNext(),
                "there is something to look at");
        for (String id : out.toString().lines().map(l -> l.split("\t")[0]).toList()) {
            String file = folder.resolve(id + ".jorn").toString();
            assertEquals(0, jorn("new", id, "-o", file, "--title", "Hive Notes"), err.toString());
            int checked = jorn("check", file);
            // A starter whose filling is not there yet says so, and nothing else.
            assertTrue(
                    checked == 0
                            || out.toString()
                                    .lines()
                                    .filter(l -> l.startsWith("error"))
                                    .allMatch(l -> l.contains("still bare")),
                    id + out);
            assertEquals(0, jorn("export", file, "--to", folder.resolve(id).toString()), id + err);
        }
    }

    @Test
    void listsTheStylesDressesBooksAndWritesSheets() throws IOException {
        assertEquals(0, jorn("styles"));
        assertTrue(out.toString().lines().count() >= 9, out.toString());
        assertEquals(0, jorn("styles", "--json"));
        assertEquals("quiet", json().get(0).get("id").asText());
        String file = folder.resolve("ledger.jorn").toString();
        assertEquals(0, jorn("new", "weekly-planner", "-o", file, "--style", "ledger"), err.toString());
        assertEquals("ledger", jorn.store.BookFile.load(Path.of(file)).style().id());
        assertTrue(jorn("new", "weekly-planner", "-o", folder.resolve("x.jorn").toString(), "--style", "baroque") != 0);
        assertTrue(err.toString().contains("meadow"), err.toString());
        String page = folder.resolve("page.pdf").toString();
        assertEquals(
                0, jorn("recipe", "week-left", "--style", "poster", "--side", "verso", "--to", page), err.toString());
        try (var pdf = org.apache.pdfbox.Loader.loadPDF(Path.of(page).toFile())) {
            assertEquals(1, pdf.getNumberOfPages());
            assertEquals(432, pdf.getPage(0).getMediaBox().getWidth(), 0.1);
        }
        String sheet = folder.resolve("sheet.pdf").toString();
        assertEquals(
                0,
                jorn("sheet", "--to", sheet, "--style", "meadow", "--family", "trackers", "--trim", "A5"),
                err.toString());
        try (var pdf = org.apache.pdfbox.Loader.loadPDF(Path.of(sheet).toFile())) {
            assertEquals(1, pdf.getNumberOfPages());
            String text = new org.apache.pdfbox.text.PDFTextStripper().getText(pdf);
            assertTrue(text.contains("Habits of a month") && text.contains("Meadow"), text);
            assertFalse(text.contains("Lined, narrow"));
        }
        assertTrue(jorn("sheet", "--to", sheet, "--replace", "--family", "cakes") != 0);
        assertTrue(err.toString().contains("trackers"), err.toString());
        assertTrue(jorn("sheet", "--to", sheet, "--replace", "--columns", "13") != 0);
    }

    @Test
    void listsTheDesignsAndWritesOne() throws IOException {
        assertEquals(0, jorn("recipes"));
        assertTrue(out.toString().lines().count() >= 80);
        assertEquals(0, jorn("recipes", "--json"));
        assertTrue(json().get(0).has("id") && json().get(0).has("group"));
        Path file = folder.resolve("one.pdf");
        for (String side : new String[] {"recto", "verso"}) {
            assertEquals(
                    0,
                    jorn("recipe", "dotted", "--trim", "A5", "--side", side, "--to", file.toString()),
                    err.toString());
            try (var pdf = org.apache.pdfbox.Loader.loadPDF(file.toFile())) {
                assertEquals(1, pdf.getNumberOfPages());
                assertEquals(419.53, pdf.getPage(0).getTrimBox().getWidth(), 0.01);
            }
        }
        assertEquals(2, jorn("recipe", "nonsense", "--to", file.toString()));
        assertEquals(2, jorn("recipe", "dotted", "--side", "left", "--to", file.toString()));
    }

    @Test
    void makesADatedPlannerAndListsItsPages() {
        String file = folder.resolve("year.jorn").toString();
        assertEquals(
                0,
                jorn(
                        "new",
                        "dated-planner",
                        "-o",
                        file,
                        "--from",
                        "2026-07-01",
                        "--to",
                        "2027-06-30",
                        "--first-day",
                        "monday",
                        "--language",
                        "de",
                        "--holidays",
                        "DE"),
                err.toString());
        assertEquals(0, jorn("pages", file, "--json"));
        JsonNode pages = json();
        assertEquals("recto", pages.get(0).get("side").asText());
        long weeks = 0;
        boolean hasW53 = false;
        for (JsonNode p : pages) {
            weeks += p.get("run").asText().equals("Weeks") ? 1 : 0;
            hasW53 |= p.get("for").asText().equals("2026-W53");
        }
        assertEquals(53 * 2, weeks);
        assertTrue(hasW53);
        assertEquals(2, jorn("new", "dated-planner", "-o", file, "--from", "2026-07-01"));
        assertEquals(2, jorn("new", "dated-planner", "-o", file, "--from", "2027-07-01", "--to", "2026-07-01"));
        assertEquals(2, jorn("new", "dated-planner", "-o", file, "--first-day", "friday"));
        assertEquals(2, jorn("new", "dated-planner", "-o", file, "--holidays", "ZZ"));
    }

    @Test
    void aBookIsNotWrittenOverUnasked() throws IOException {
        String file = made();
        byte[] before = Files.readAllBytes(Path.of(file));
        assertEquals(2, jorn("new", "dated-planner", "-o", file));
        assertTrue(err.toString().contains("There is a file hive.jorn already"), err.toString());
        org.junit.jupiter.api.Assertions.assertArrayEquals(before, Files.readAllBytes(Path.of(file)));
        assertEquals(0, jorn("new", "dated-planner", "-o", file, "--replace"));
    }

    @Test
    void whatOthersWroteIsNotWrittenOverUnaskedAndOnesOwnIs() throws IOException {
        String file = made();
        String to = folder.resolve("out").toString();
        assertEquals(0, jorn("export", file, "--to", to));
        assertEquals(0, jorn("export", file, "--to", to), "its own");
        Path interior = Path.of(to, "hive-notes-interior.pdf");
        for (String words : new String[] {"a letter", "%PDF-1.4 of somebody else"}) {
            Files.writeString(interior, words);
            assertEquals(2, jorn("export", file, "--to", to));
            assertTrue(err.toString().contains("which Jorn did not write"), err.toString());
            assertEquals(words, Files.readString(interior));
        }
        assertEquals(0, jorn("export", file, "--to", to, "--replace"));
        assertTrue(Files.size(interior) > 1000);
        Path design = Files.writeString(folder.resolve("page.pdf"), "mine");
        assertEquals(2, jorn("recipe", "lined", "--to", design.toString()));
        assertEquals(0, jorn("recipe", "lined", "--to", design.toString(), "--replace"));
        assertEquals(0, jorn("recipe", "lined", "--to", design.toString()));
    }

    @Test
    void anExportSaysWhatTheProofWouldAndIsRefusedOnlyWhereReadinessIsAskedFor() {
        String file = folder.resolve("home.jorn").toString();
        jorn("new", "lined-journal", "-o", file, "--press", "home", "--trim", "A5", "--pages", "32", "--bleed");
        String to = folder.resolve("out").toString();
        assertEquals(1, jorn("export", file, "--to", to, "--ready"));
        assertFalse(Files.exists(Path.of(to)), "nothing is written");
        assertEquals(0, jorn("export", file, "--to", to));
        assertTrue(err.toString().startsWith("error\tpage 5\t"), err.toString());
        assertEquals(0, jorn("export", made(), "--to", to, "--ready"));
    }

    @Test
    void aTitleMayBeginWithAnAtSignAndHoldAnyLetter() {
        String file = made("--author", "Søren & 蜂");
        assertEquals(2, jorn("new", "dated-planner", "-o", file, "--title", "@bees"));
        String other = folder.resolve("at.JORN").toString();
        assertEquals(0, jorn("new", "dated-planner", "-o", other, "--title", "@bees"));
        assertEquals("@bees", jorn.store.BookFile.load(Path.of(other)).title());
    }

    @Test
    void aPathThatCannotBeOneIsToldAndEndsWithTwo() {
        assertEquals(2, jorn("check", "a\0b.jorn"));
        assertEquals(2, jorn("check", "/dev/zero"));
        assertEquals(2, jorn("presses", "--check", "/dev/zero"));
        assertFalse(err.toString().contains("java."), err.toString());
    }

    @Test
    void newerWorkThatWaitsIsMentionedAndNotRead() {
        String file = made();
        jorn.book.Book book = jorn.store.BookFile.load(Path.of(file));
        var kept = new jorn.store.KeptBooks(jorn.desk.model.Settings.load().keptFolder())
                .of(book.identity().id());
        var work = kept.open();
        work.keep(
                new jorn.book.History(book.withTitle("Newer")),
                new jorn.store.Waiting.Whereabouts(java.util.Optional.of(file), jorn.store.FileStamp.NONE, 1, "BRIEF"));
        work.letGo();
        try {
            assertEquals(0, jorn("check", file));
            assertTrue(err.toString().contains("newer work on hive.jorn"), err.toString());
            assertEquals("Nothing to mend.", out.toString().strip());
        } finally {
            kept.waiting().forEach(jorn.store.Waiting::drop);
        }
    }
}
