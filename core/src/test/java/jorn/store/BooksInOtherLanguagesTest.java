package jorn.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.annotation.JsonValue;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.FileVisitOption;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import jorn.book.Run;
import jorn.book.Starter;
import jorn.json.Json;
import jorn.say.Language;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A book belongs to its maker, not to the language that her window speaks: files are the same in all of them. */
class BooksInOtherLanguagesTest {
    @TempDir
    Path folder;

    /** Called in each language: saves a book of every kind. */
    static Object saveAll(Object to) {
        for (Starter each : Starter.values()) {
            BookFile.save(each.begin(), Path.of((String) to).resolve(each.id() + BookFile.ENDING));
        }
        return Starter.values().length;
    }

    /** Called in each language: opens all books of a folder and saves them into one inside it. */
    static Object openAll(Object from) throws IOException {
        Path again = Files.createDirectories(Path.of((String) from).resolve("again"));
        try (Stream<Path> all = Files.list(Path.of((String) from))) {
            all.filter(BookFile::isNamedSo)
                    .forEach(f -> BookFile.save(BookFile.load(f), again.resolve(f.getFileName())));
        }
        return again.toString();
    }

    /** Called in each language: what every constant is called in files. */
    static Object ids(Object classes) throws ReflectiveOperationException {
        Map<String, String> all = new TreeMap<>();
        for (String name : ((String) classes).split("\n")) {
            Class<?> type = Class.forName(name, false, Thread.currentThread().getContextClassLoader());
            if (type.isEnum()) {
                for (var method : type.getDeclaredMethods()) {
                    if (method.isAnnotationPresent(JsonValue.class)) {
                        method.setAccessible(true);
                        for (Object each : type.getEnumConstants()) {
                            all.put(name + " " + ((Enum<?>) each).name(), String.valueOf(method.invoke(each)));
                        }
                    }
                }
            }
        }
        return new HashMap<>(all);
    }

    @Test
    void aBookOfEveryKindOpensInEveryOtherLanguageAndSaysTheSame() throws Exception {
        for (Language saved : Language.values()) {
            Path there = Files.createDirectory(folder.resolve(saved.code()));
            assertEquals(
                    Starter.values().length,
                    LanguagesApart.call(saved, BooksInOtherLanguagesTest.class, "saveAll", there.toString()));
            for (Language opened : Language.values()) {
                if (opened == saved) {
                    continue;
                }
                LanguagesApart.call(opened, BooksInOtherLanguagesTest.class, "openAll", there.toString());
                for (Starter each : Starter.values()) {
                    String name = each.id() + BookFile.ENDING;
                    assertEquals(
                            tree(there.resolve(name)),
                            tree(there.resolve("again").resolve(name)),
                            each.id() + " of " + saved + " in " + opened);
                }
            }
        }
    }

    private static JsonNode tree(Path file) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            byte[] json = zip.getInputStream(zip.getEntry("book.json")).readAllBytes();
            return Json.read(json, JsonNode.class, "book");
        }
    }

    /** The rule: what a file calls a thing is the same in every language, and no word that people read. */
    @Test
    void noIdComesFromATableOfWords() throws Exception {
        String classes = enums();
        Object english = LanguagesApart.call(Language.ENGLISH, BooksInOtherLanguagesTest.class, "ids", classes);
        for (Language each : Language.values()) {
            assertEquals(english, LanguagesApart.call(each, BooksInOtherLanguagesTest.class, "ids", classes));
        }
        Map<?, ?> ids = (Map<?, ?>) english;
        assertTrue(ids.size() > 100, "constants with ids: " + ids.size());
        ids.forEach((constant, id) ->
                assertTrue(((String) id).matches("[a-z0-9.-]+|[0-9]+"), constant + " is called " + id));
    }

    /** The program's classes, a name a line. */
    private static String enums() {
        Path root = Path.of(
                Run.class.getProtectionDomain().getCodeSource().getLocation().getPath());
        try (Stream<Path> all = Files.walk(root, FileVisitOption.FOLLOW_LINKS)) {
            return String.join(
                    "\n",
                    all.map(f -> root.relativize(f).toString())
                            .filter(f -> f.endsWith(".class") && f.startsWith("jorn"))
                            .map(f -> f.substring(0, f.length() - 6).replace('/', '.'))
                            .filter(f -> !f.endsWith("package-info"))
                            .sorted()
                            .toArray(String[]::new));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void aBodyThatWasSavedInGermanIsStillRead() {
        JsonNode tree = Json.tree(Starter.LINED_JOURNAL.begin().runs().get(3));
        assertEquals("body", tree.path("matter").asText());
        ((com.fasterxml.jackson.databind.node.ObjectNode) tree).put("matter", "Hauptteil");
        assertEquals(Run.Matter.BODY, Json.read(tree, Run.class, "The run").matter());
        assertFalse(Arrays.stream(Run.Matter.values()).anyMatch(m -> m.id().equals("Hauptteil")));
    }
}
