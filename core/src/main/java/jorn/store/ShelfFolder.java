package jorn.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import jorn.measure.Trouble;

/**
 * A folder with a file for each of the user's own things of a kind: page designs, styles.
 *
 * @param folder where they lie; made when the first is kept
 */
record ShelfFolder(Path folder) {
    private static final String ENDING = ".json";
    private static final int LONGEST_NAME = 80;

    /**
     * All that can be read.
     *
     * @param tell hears of those that cannot; the others are given all the same
     * @param key of the sentence that the folder cannot be read
     */
    <T> List<T> all(Function<Path, T> read, Function<T, String> name, Consumer<Trouble> tell, String key) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        List<T> all = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file :
                    files.filter(f -> f.toString().endsWith(ENDING)).sorted().toList()) {
                try {
                    all.add(read.apply(file));
                } catch (Trouble t) {
                    tell.accept(t);
                }
            }
        } catch (IOException e) {
            tell.accept(Trouble.because(e, key, folder));
        }
        all.sort((a, b) -> name.apply(a).compareToIgnoreCase(name.apply(b)));
        return all;
    }

    /** The file of the thing with this id; its folder is there then. */
    Path fileFor(String id, String key) {
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw Trouble.because(e, key, folder);
        }
        return folder.resolve(id + ENDING);
    }

    /** Takes the thing with this id away. */
    void drop(String id, String key, String name) {
        try {
            Files.deleteIfExists(folder.resolve(id + ENDING));
        } catch (IOException e) {
            throw Trouble.because(e, key, name);
        }
    }

    /** A name without spaces around it, where it can be one. */
    static String name(String wanted, String key) {
        String name = wanted.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw Trouble.of(key);
        }
        return name;
    }

    /**
     * A short name for a file.
     *
     * @param otherwise what ids begin with whose names have no letters of the alphabet
     * @param taken whether something that ships has an id
     */
    static String idOf(String name, String otherwise, Predicate<String> taken) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        String id = plain.isEmpty() ? otherwise + "-" + Integer.toHexString(name.hashCode()) : plain;
        return taken.test(id) ? "own-" + id : id;
    }
}
