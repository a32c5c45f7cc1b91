package jorn.desk.model;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.logging.Level;
import java.util.logging.Logger;
import jorn.book.Book;
import jorn.json.Json;
import jorn.measure.SmallFile;
import jorn.say.Wording;
import jorn.store.SafeFile;

/** The ISBNs of the books that were saved here, so that no number is given to two of them. */
final class BookNumbers {
    private static final Logger LOG = Logger.getLogger(BookNumbers.class.getName());
    private static final int LARGEST_MB = 5;

    private final Path file;
    /** By number: the id of the book, and its title. */
    private final Map<String, Entry> all = new TreeMap<>();

    private record Entry(String book, String title) {}

    BookNumbers(Path file) {
        this.file = file;
        if (Files.isRegularFile(file)) {
            try {
                JsonNode read = Json.read(
                        SmallFile.read(file, LARGEST_MB), JsonNode.class, Wording.of("desk.settings.settings"));
                read.properties()
                        .forEach(e -> all.put(
                                e.getKey(),
                                new Entry(
                                        e.getValue().path("book").asText(),
                                        e.getValue().path("title").asText())));
            } catch (RuntimeException e) {
                // They are written anew as books are saved.
                LOG.log(Level.WARNING, "The numbers of books cannot be read.", e);
            }
        }
    }

    private static String plain(Book book) {
        return book.isbn().replaceAll("[^0-9X]", "");
    }

    /** Remembers the number of a book that has been saved, instead of the one that it had before. */
    void remember(Book book) {
        String id = book.identity().id().toString();
        String number = plain(book);
        Map<String, Entry> before = new HashMap<>(all);
        all.values().removeIf(e -> e.book().equals(id));
        if (!number.isEmpty() && !all.containsKey(number)) {
            all.put(number, new Entry(id, book.shownTitle()));
        }
        if (!before.equals(all)) {
            write();
        }
    }

    private void write() {
        ObjectNode object = Json.mapper().createObjectNode();
        all.forEach(
                (number, e) -> object.putObject(number).put("book", e.book()).put("title", e.title()));
        try {
            SafeFile.write(file, out -> out.write(Json.write(object)));
        } catch (RuntimeException e) {
            LOG.log(Level.WARNING, "The numbers of books cannot be kept.", e);
        }
    }

    /** Titles of other books by their numbers. */
    Map<String, String> besides(Book book) {
        Map<String, String> others = new HashMap<>();
        all.forEach((number, e) -> {
            if (!e.book().equals(book.identity().id().toString())) {
                others.put(number, e.title());
            }
        });
        return others;
    }
}
