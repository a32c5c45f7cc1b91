package jorn.say;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.Properties;

/** Words by key, as a table in {@code jorn/say} has them. */
public final class WordTable {
    private final String name;
    private final Properties words = new Properties();

    /**
     * Reads the English table.
     *
     * @param name of the table: {@code designs}
     */
    public WordTable(String name) {
        this.name = name;
        String file = "/jorn/say/" + name + "_en.properties";
        try (Reader in = new InputStreamReader(WordTable.class.getResourceAsStream(file), StandardCharsets.UTF_8)) {
            words.load(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public Optional<String> find(String key) {
        return Optional.ofNullable(words.getProperty(key));
    }

    /** @throws IllegalStateException where the table lacks the key, which is a fault of the program */
    public String get(String key) {
        return find(key).orElseThrow(() -> new IllegalStateException("no words for " + key + " in " + name));
    }
}
