package jorn.desk.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import jorn.art.Picture;
import jorn.book.Book;
import jorn.book.PatternRuns;
import jorn.pattern.run.ArtItem;
import jorn.pattern.run.ArtPages;
import jorn.store.BookFile;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Patterns and colouring books from the command line. */
class PatternCommandTest extends CommandTest {
    @Test
    void theListNamesAllGroupsAndMotifs() {
        assertEquals(0, jorn("pattern", "--list"));
        List<String> lines = out.toString().lines().toList();
        assertEquals(17, lines.stream().filter(l -> l.startsWith("group\t")).count());
        assertTrue(lines.stream().filter(l -> l.startsWith("motif\t")).count() >= 40);
    }

    @ParameterizedTest
    @ValueSource(strings = {"p1", "pg", "cmm", "p4g", "p31m", "p6m"})
    void aPatternIsWrittenAsOnePageOfTheTrim(String group) throws IOException {
        Path to = folder.resolve("pattern.pdf");
        assertEquals(
                0,
                jorn("pattern", "--group", group, "--seed", "3", "--trim", "6x9in", "--to", to.toString(), "--json"),
                err.toString());
        assertEquals(group, json().path("group").asText());
        assertEquals(group, json().path("actualGroup").asText());
        assertTrue(json().path("fields").asInt() > 10);
        try (var pdf = Loader.loadPDF(to.toFile())) {
            assertEquals(1, pdf.getNumberOfPages());
            assertEquals(432, pdf.getPage(0).getMediaBox().getWidth(), 0.1);
        }
    }

    @Test
    void anSvgIsWellFormedAndTheSeedMakesTheSameAgain() throws Exception {
        Path a = folder.resolve("a.svg");
        Path b = folder.resolve("b.svg");
        Path c = folder.resolve("c.svg");
        String[] said = {"pattern", "--group", "p4m", "--change", "weight:left-to-right", "--window", "letter:B"};
        for (Path to : List.of(a, b)) {
            assertEquals(0, jorn(join(said, "--seed", "5", "--to", to.toString())), err.toString());
        }
        assertEquals(0, jorn(join(said, "--seed", "6", "--to", c.toString())), err.toString());
        assertEquals(Files.readString(a), Files.readString(b));
        assertNotEquals(Files.readString(a), Files.readString(c));
        var factory = DocumentBuilderFactory.newInstance();
        assertEquals(
                "svg",
                factory.newDocumentBuilder()
                        .parse(a.toFile())
                        .getDocumentElement()
                        .getTagName());
        // What was written can be taken as a motif again.
        assertEquals(
                0,
                jorn(
                        "pattern",
                        "--motif",
                        a.toString(),
                        "--to",
                        folder.resolve("d.pdf").toString()),
                err.toString());
    }

    private static String[] join(String[] first, String... rest) {
        String[] all = java.util.Arrays.copyOf(first, first.length + rest.length);
        System.arraycopy(rest, 0, all, first.length, rest.length);
        return all;
    }

    @Test
    void aSymmetricMotifIsSaidToRaiseTheGroup() throws IOException {
        Path bar = Files.writeString(
                folder.resolve("bar.svg"),
                "<svg xmlns='http://www.w3.org/2000/svg'><rect width='40' height='10'/></svg>");
        assertEquals(
                0,
                jorn(
                        "pattern",
                        "--group",
                        "p1",
                        "--motif",
                        bar.toString(),
                        "--to",
                        folder.resolve("x.pdf").toString()),
                err.toString());
        assertTrue(err.toString().contains("p2"), err.toString());
    }

    @Test
    void whatIsNotKnownIsRefusedInPlainWords() throws IOException {
        String to = folder.resolve("x.pdf").toString();
        Files.writeString(folder.resolve("none.svg"), "<svg xmlns='http://www.w3.org/2000/svg'><text>a</text></svg>");
        for (String[] said : new String[][] {
            {"--group", "p5"},
            {"--motif", "unicorn"},
            {"--change", "colour:up"},
            {"--window", "door"},
            {"--mandala", "E3"},
            {"--border", "gold"},
            {"--trim", "1x1in"},
            {"--motif", folder.resolve("none.svg").toString()},
            {"--motif", folder.resolve("nowhere.svg").toString()}
        }) {
            err.getBuffer().setLength(0);
            assertNotEquals(0, jorn("pattern", said[0], said[1], "--to", to), said[1]);
            assertTrue(err.toString().strip().endsWith("."), err.toString());
            assertTrue(Files.notExists(Path.of(to)), said[1]);
        }
        assertNotEquals(0, jorn("pattern", "--to", folder.resolve("x.png").toString()));
        assertNotEquals(0, jorn("pattern"));
    }

    @Test
    void aColouringBookHasSoManyPictures() {
        Path to = folder.resolve("book.jorn");
        assertEquals(
                0, jorn("new", "colouring-book", "--count", "7", "--seed", "9", "-o", to.toString()), err.toString());
        var patterns = BookFile.open(to).book().runs().stream()
                .flatMap(r -> PatternRuns.of(r).stream())
                .findFirst()
                .orElseThrow();
        assertEquals(7, patterns.count());
        assertEquals(9, patterns.seed());
        assertNotEquals(
                0,
                jorn(
                        "new",
                        "colouring-book",
                        "--count",
                        "0",
                        "-o",
                        folder.resolve("y.jorn").toString()));
        assertNotEquals(
                0,
                jorn(
                        "new",
                        "lined-journal",
                        "--art",
                        folder.toString(),
                        "-o",
                        folder.resolve("z.jorn").toString()));
    }

    private static void drawing(Path to, String kind) throws IOException {
        BufferedImage image = new BufferedImage(500, 700, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(240, 236, 220));
        g.fillRect(0, 0, 500, 700);
        g.setColor(new Color(30, 30, 40));
        g.setStroke(new BasicStroke(5));
        g.drawOval(80, 120, 300, 420);
        g.dispose();
        ImageIO.write(image, kind, to.toFile());
    }

    @Test
    void aFolderOfDrawingsBecomesAPageEachInTheOrderOfTheirNumbers() throws IOException {
        Path art = Files.createDirectory(folder.resolve("art"));
        drawing(art.resolve("hive 10.png"), "png");
        drawing(art.resolve("hive 2.jpg"), "jpg");
        Files.writeString(
                art.resolve("hive 3.svg"),
                "<svg xmlns='http://www.w3.org/2000/svg' width='10' height='10'><circle cx='5' cy='5' r='4'/></svg>");
        Files.write(art.resolve("holiday.mp4"), new byte[] {0, 0, 0, 24});
        Path to = folder.resolve("art.jorn");
        assertEquals(0, jorn("new", "colouring-book", "--art", art.toString(), "-o", to.toString()), err.toString());
        assertTrue(err.toString().contains("holiday.mp4"), err.toString());
        Book book = BookFile.open(to).book();
        ArtPages pages = book.runs().stream()
                .flatMap(r -> PatternRuns.art(r).stream())
                .findFirst()
                .orElseThrow();
        assertEquals(
                List.of("hive 2", "hive 3", "hive 10"),
                pages.items().stream().map(ArtItem::title).toList());
        for (ArtItem item : pages.items()) {
            Picture shown = book.pictures().get(item.picture());
            assertTrue(shown.name().endsWith(".svg"), shown.name());
            assertTrue(book.pictures().containsKey(item.original()), "what came in is kept");
        }
        Path empty = Files.createDirectory(folder.resolve("empty"));
        assertNotEquals(
                0,
                jorn(
                        "new",
                        "colouring-book",
                        "--art",
                        empty.toString(),
                        "-o",
                        folder.resolve("e.jorn").toString()));
        assertTrue(err.toString().contains("empty"), err.toString());
    }
}
