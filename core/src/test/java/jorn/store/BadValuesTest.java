package jorn.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.book.Starter;
import jorn.check.Checker;
import jorn.check.Proof;
import jorn.edition.Edition;
import jorn.json.Json;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Every value of a book's file, one at a time, is something that it must not be: the book opens, or the refusal is in words. */
class BadValuesTest {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private static final List<JsonNode> BAD = List.of(
            JSON.nullNode(),
            JSON.textNode(""),
            JSON.textNode("nonsense"),
            JSON.textNode("-1 in"),
            JSON.textNode("1e9 mm"),
            JSON.textNode("0 in"),
            JSON.textNode("9999-99-99"),
            JSON.numberNode(-1),
            JSON.numberNode(0),
            JSON.numberNode(Integer.MAX_VALUE),
            JSON.numberNode(1e308),
            JSON.numberNode(Double.NaN),
            JSON.booleanNode(true),
            JSON.arrayNode(),
            JSON.arrayNode().add(JSON.nullNode()),
            JSON.objectNode(),
            JSON.objectNode().put("is", "nonsense"),
            JSON.objectNode().set("x", JSON.nullNode()));

    @TempDir
    Path folder;

    private record Place(JsonNode parent, String field, int index, String path) {
        JsonNode set(JsonNode value) {
            return parent instanceof ObjectNode o ? o.replace(field, value) : ((ArrayNode) parent).set(index, value);
        }
    }

    private static void places(JsonNode node, String path, List<Place> all) {
        if (node instanceof ObjectNode object) {
            object.fieldNames().forEachRemaining(f -> {
                all.add(new Place(object, f, -1, path + "." + f));
                places(object.get(f), path + "." + f, all);
            });
        } else if (node instanceof ArrayNode list) {
            for (int i = 0; i < list.size(); i++) {
                all.add(new Place(list, null, i, path + "[" + i + "]"));
                places(list.get(i), path + "[" + i + "]", all);
            }
        }
    }

    private static Book planner() throws URISyntaxException {
        return BookFile.load(
                Path.of(BadValuesTest.class.getResource("/format1/planner.jorn").toURI()));
    }

    /** What happened that should not have, by the place it came from. */
    private List<String> faults(Book book, int step) throws IOException {
        ObjectNode tree = JSON.objectNode().put("format", BookFile.FORMAT);
        tree.set("book", Json.tree(book));
        List<Place> places = new ArrayList<>();
        places(tree.get("book"), "book", places);
        TreeMap<String, String> faults = new TreeMap<>();
        int opened = 0;
        int refused = 0;
        int turn = 0;
        for (Place place : places) {
            for (JsonNode bad : BAD) {
                if (turn++ % step != 0) {
                    continue;
                }
                JsonNode good = place.set(bad.deepCopy());
                Optional<String> fault = fault(tree);
                if (fault.isPresent() && !fault.get().isEmpty()) {
                    faults.putIfAbsent(fault.get(), place.path() + " = " + bad);
                }
                opened += fault.isPresent() ? 0 : 1;
                refused += fault.filter(String::isEmpty).isPresent() ? 1 : 0;
                place.set(good);
            }
        }
        assertTrue(opened > 0 && refused > 0, opened + " opened, " + refused + " refused");
        return faults.entrySet().stream()
                .map(e -> e.getValue() + ": " + e.getKey())
                .toList();
    }

    /** Nothing where it opens, empty where it is refused in words, and else what went wrong. */
    private Optional<String> fault(JsonNode tree) throws IOException {
        Path file = folder.resolve("bad.jorn");
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes, StandardCharsets.UTF_8)) {
            zip.putNextEntry(new ZipEntry("book.json"));
            zip.write(Json.write(tree));
        }
        Files.write(file, bytes.toByteArray());
        long begun = System.nanoTime();
        Optional<String> result = Optional.empty();
        try {
            Book book = BookFile.load(file);
            Edition edition = Edition.of(book);
            Checker.check(new Proof(edition, Unit.INCH));
            BookFile.save(book, folder.resolve("again.jorn"));
            assertEquals(book, BookFile.load(folder.resolve("again.jorn")));
        } catch (Trouble t) {
            String said = t.getMessage();
            result = Optional.of(
                    (said.contains("jorn.") && !said.contains(".jorn"))
                                    || said.contains("Exception")
                                    || said.contains("null")
                            ? "not in words: " + said
                            : "");
        } catch (RuntimeException | AssertionError | OutOfMemoryError | StackOverflowError e) {
            StackTraceElement at = e.getStackTrace().length == 0
                    ? null
                    : java.util.Arrays.stream(e.getStackTrace())
                            .filter(s -> s.getClassName().startsWith("jorn."))
                            .findFirst()
                            .orElse(e.getStackTrace()[0]);
            result = Optional.of(e.getClass().getSimpleName() + " at " + at);
        }
        long ms = (System.nanoTime() - begun) / 1_000_000;
        return ms > 20_000 ? Optional.of("took " + ms + " ms") : result;
    }

    @Test
    void someOfThemInAPlanner() throws Exception {
        assertEquals(List.of(), faults(planner(), 211));
    }

    /** Each value of a file in turn; what goes wrong in using it. */
    private List<String> wrongly(JsonNode tree, Consumer<Path> use) throws IOException {
        List<Place> places = new ArrayList<>();
        places(tree, "it", places);
        assertTrue(places.size() > 10, "the file has values");
        TreeMap<String, String> faults = new TreeMap<>();
        Path file = folder.resolve("bad.json");
        for (Place place : places) {
            for (JsonNode bad : BAD) {
                JsonNode good = place.set(bad.deepCopy());
                Files.write(file, Json.write(tree));
                try {
                    use.accept(file);
                } catch (Trouble t) {
                    assertFalse(t.getMessage().contains("Exception"), t.getMessage());
                } catch (RuntimeException | StackOverflowError e) {
                    faults.putIfAbsent(
                            e.getClass().getSimpleName() + " at " + e.getStackTrace()[0], place.path() + " = " + bad);
                }
                place.set(good);
            }
        }
        return faults.entrySet().stream()
                .map(e -> e.getValue() + ": " + e.getKey())
                .toList();
    }

    @Test
    void allOfThemInAPressProfile() throws IOException {
        Book book = EarlierBooks.linedJournal();
        for (String press : List.of("trade", "casebound")) {
            assertEquals(List.of(), wrongly(Json.tree(PressShelf.shipped().find(press)), file -> {
                PressProfile read = PressShelf.read(file);
                Book there = book.withBrief(book.brief().at(read));
                Checker.check(new Proof(Edition.of(there), Unit.INCH));
            }));
        }
    }

    @Test
    void allOfThemInAPageDesign() throws IOException {
        Path file = folder.resolve("week.json");
        RecipeFile.write(Catalogue.recipe("week-hours"), file);
        Book book = EarlierBooks.linedJournal();
        assertEquals(List.of(), wrongly(Json.mapper().readTree(Files.readAllBytes(file)), bad -> {
            Recipe read = RecipeFile.read(bad);
            Edition.of(book.withRecipe(2, r -> read)).page(5);
        }));
    }

    @Test
    @Tag("long")
    void manyOfThemInEveryKindOfBook() throws Exception {
        List<String> all = new ArrayList<>(faults(planner(), 5));
        for (Starter s : Starter.values()) {
            all.addAll(faults(s.begin(), 53));
        }
        assertEquals(List.of(), all);
    }
}
