package jorn.puzzle.words;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Words that nobody wants to find in a puzzle by chance. They are stored with each letter moved by half the alphabet, so that nobody reads them by chance either. */
final class KeptOut {
    private static final List<String> WORDS = read();

    private KeptOut() {}

    /** In capitals. */
    static List<String> words() {
        return WORDS;
    }

    private static List<String> read() {
        try (InputStream in = KeptOut.class.getResourceAsStream("/jorn/puzzle/kept-out.txt")) {
            if (in == null) {
                throw new IllegalStateException("no list of words to keep out");
            }
            return new String(in.readAllBytes(), StandardCharsets.US_ASCII)
                    .lines()
                    .filter(l -> !l.isBlank())
                    .map(KeptOut::moved)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String moved(String word) {
        StringBuilder clear = new StringBuilder();
        word.chars().forEach(c -> clear.append((char) ('A' + (c - 'A' + 13) % 26)));
        return clear.toString();
    }
}
