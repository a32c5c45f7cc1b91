package jorn.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.book.Run;
import jorn.book.Starter;
import jorn.check.Checker;
import jorn.check.Finding;
import jorn.check.Proof;
import jorn.edition.Edition;
import jorn.json.Json;
import jorn.layout.UnknownPart;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A book that a newer Jorn has written holds more than this one knows; nothing of it is lost. */
class NewerBookTest {
    @TempDir
    Path folder;

    /** A saved planner, with its JSON changed as a newer Jorn may have written it. */
    private Path newer(Consumer<ObjectNode> change) throws IOException {
        Path file = folder.resolve("newer.jorn");
        Files.deleteIfExists(file);
        BookFile.save(Starter.WEEKLY_PLANNER.begin().withTitle("Hive Notes"), file);
        ObjectNode tree = (ObjectNode) json(file);
        change.accept(tree);
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file), StandardCharsets.UTF_8)) {
            zip.putNextEntry(new ZipEntry("book.json"));
            zip.write(Json.write(tree));
        }
        return file;
    }

    private static JsonNode json(Path file) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            return Json.mapper().readTree(zip.getInputStream(zip.getEntry("book.json")));
        }
    }

    private static ObjectNode book(ObjectNode tree) {
        return (ObjectNode) tree.get("book");
    }

    private static ObjectNode run(JsonNode tree, int index) {
        return (ObjectNode) tree.at("/book/interior/runs").get(index);
    }

    private static ObjectNode hologram(ObjectNode near) {
        ObjectNode part = near.objectNode();
        part.put("is", "hologram").put("depth", "3 mm").putArray("colours").add("gold");
        return part;
    }

    private JsonNode savedAgain(Book book) throws IOException {
        Path again = folder.resolve("again.jorn");
        BookFile.save(book, again);
        return json(again);
    }

    @Test
    void fieldsThatAreNotKnownAreWrittenBackWhereTheyStood() throws IOException {
        Path file = newer(tree -> {
            tree.put("writtenOn", "a slate");
            book(tree).putObject("ribbon").put("colour", "red");
            ((ObjectNode) book(tree).get("identity")).put("series", "Bees");
            run(tree, 1).put("shimmer", 3);
            ((ObjectNode) run(tree, 1).at("/designs/main/root")).put("grain", true);
        });
        JsonNode before = json(file);
        Book book = BookFile.load(file);
        assertEquals(
                List.of(
                                "writtenOn",
                                "book.ribbon",
                                "book.identity.series",
                                "book.interior.runs[2].designs.main.root.grain",
                                "book.interior.runs[2].shimmer")
                        .stream()
                        .sorted()
                        .toList(),
                book.identity().kept().paths().stream().sorted().toList());
        assertEquals(before, savedAgain(book));
        Book changed = book.withTitle("Other");
        assertEquals("red", savedAgain(changed).at("/book/ribbon/colour").asText());
        assertEquals("Other", savedAgain(changed).at("/book/identity/title").asText());
    }

    @Test
    void whatBelongsToARunMovesAndGoesWithIt() throws IOException {
        Book book = BookFile.load(newer(tree -> {
            run(tree, 0).put("shimmer", 1);
            run(tree, 1).put("shimmer", 2);
        }));
        List<Run> turned = new ArrayList<>(book.runs());
        Collections.swap(turned, 0, 1);
        JsonNode saved = savedAgain(book.withRuns(turned));
        assertEquals(2, run(saved, 0).path("shimmer").asInt());
        assertEquals(1, run(saved, 1).path("shimmer").asInt());

        turned.set(0, turned.get(0).withInTurn(List.of("changed and moved")));
        saved = savedAgain(book.withRuns(turned));
        assertEquals(2, run(saved, 0).path("shimmer").asInt(), "found by its name");

        List<Run> fewer = new ArrayList<>(book.runs());
        fewer.remove(0);
        saved = savedAgain(book.withRuns(fewer));
        assertEquals(2, run(saved, 0).path("shimmer").asInt());
        assertTrue(run(saved, 1).path("shimmer").isMissingNode());

        saved = savedAgain(book.withRun(0, r -> r.withName("Renamed")));
        assertEquals(1, run(saved, 0).path("shimmer").asInt(), "found by its place");
    }

    @Test
    void aPartThatIsNotKnownStaysEmptyAndIsSaidAndWrittenBack() throws IOException {
        Path file = newer(tree -> ((ObjectNode) run(tree, 1).at("/designs/main")).set("root", hologram(tree)));
        JsonNode before = json(file);
        Book book = BookFile.load(file);
        UnknownPart part = (UnknownPart) book.runs().get(1).recipe().root();
        assertEquals("hologram", part.kind());
        assertEquals(before, savedAgain(book));
        Finding said = Checker.check(Proof.of(book, Unit.INCH)).stream()
                .filter(f -> f.id().equals("page.unknown"))
                .findFirst()
                .orElseThrow();
        assertTrue(said.message().contains("“hologram”"), said.message());
        assertEquals(
                book.runs().get(1),
                book.runOf(Edition.of(book).pagination().page(said.place().page())));
    }

    @Test
    void aBookAsItIsWrittenHasNothingThatIsNotKnown() throws IOException {
        for (Starter starter : Starter.values()) {
            Path file = folder.resolve(starter.id() + ".jorn");
            BookFile.save(starter.begin(), file);
            List<String> passedOver = new ArrayList<>();
            Json.read(json(file).get("book"), Book.class, "the book", passedOver::add);
            assertEquals(List.of(), passedOver, starter.id());
        }
    }

    @Test
    void whatOlderFilesSaidOfInksIsForgotten() throws IOException {
        Book book = BookFile.load(newer(tree -> {
            ((ObjectNode) tree.at("/book/cover/ground")).put("coloured", true);
            tree.put("glow", 1);
        }));
        assertEquals(List.of("glow"), book.unknownFields());
    }

    @Test
    void whatIsKeptIsSaidByTheProof() throws IOException {
        Book book = BookFile.load(newer(tree -> {
            for (String field : List.of("a", "b", "c", "d", "e")) {
                tree.put(field, 1);
            }
        }));
        Finding said = Checker.check(Proof.of(book, Unit.INCH)).stream()
                .filter(f -> f.id().equals("book.unknown"))
                .findFirst()
                .orElseThrow();
        assertEquals("a, b, c and 2 more", said.measured());
        assertEquals(Finding.Severity.NOTE, said.severity());
    }

    @Test
    void aNewerFormatIsOpenedOnlyWhereItSaysThatItCanBeRead() throws IOException {
        Path readable = newer(tree -> tree.put("format", BookFile.FORMAT + 1)
                .put("readableFrom", BookFile.FORMAT)
                .put("glow", true));
        assertEquals("Hive Notes", BookFile.load(readable).title());
        assertTrue(BookFile.isNewer(readable));
        Trouble over = assertThrows(Trouble.class, () -> BookFile.save(BookFile.load(readable), readable));
        assertTrue(over.remedy().contains("another name"), over.remedy());
        assertTrue(savedAgain(BookFile.load(readable)).path("glow").asBoolean());
        assertEquals(
                BookFile.FORMAT,
                savedAgain(BookFile.load(readable)).path("format").asInt());

        Path other = newer(tree -> tree.put("format", BookFile.FORMAT + 1).put("readableFrom", BookFile.FORMAT + 1));
        assertThrows(Trouble.class, () -> BookFile.load(other));
        Path silent = newer(tree -> tree.put("format", BookFile.FORMAT + 1).remove("readableFrom"));
        assertThrows(Trouble.class, () -> BookFile.load(silent));
        assertFalse(BookFile.isNewer(newer(tree -> {})));
    }

    @Test
    void aBookKeepsItsIdentityAndTwoBooksNeverShareOne() throws IOException {
        Book book = EarlierBooks.notebook();
        assertNotEquals(book.identity().id(), EarlierBooks.notebook().identity().id());
        Path file = folder.resolve("a.jorn");
        BookFile.save(book.withTitle("Named"), file);
        assertEquals(book.identity().id(), BookFile.load(file).identity().id());
        Path without = newer(tree -> ((ObjectNode) book(tree).get("identity")).remove("id"));
        Book given = BookFile.load(without);
        assertEquals(
                given.identity().id().toString(),
                savedAgain(given).at("/book/identity/id").asText());
    }

    @Test
    void whatIsWrongInAKnownFieldIsStillRefused() throws IOException {
        Path file = newer(
                tree -> ((ArrayNode) tree.at("/book/interior/runs")).removeAll().add(5));
        assertThrows(Trouble.class, () -> BookFile.load(file));
    }
}
