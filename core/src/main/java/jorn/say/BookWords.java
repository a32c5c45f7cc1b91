package jorn.say;

import java.util.List;
import java.util.Optional;

/**
 * The words that are printed on pages, by key, in a book's own language. They stand in the tables {@code pages}, one file for each
 * language. A design that ships with Jorn names a key where it wants words, {@code @notes}; words that somebody typed stand as
 * they are.
 */
public final class BookWords {
    /** What a word begins with where it is a key. */
    private static final String KEY = "@";

    private static final String TABLE = "pages.";

    private BookWords() {}

    /** The key's words in a language, as an IETF tag; in English where the language has none of its own. */
    public static String in(String language, String key) {
        return Wording.inTag(language, TABLE + key)
                .orElseThrow(() -> new IllegalStateException("there are no page words for " + key));
    }

    /** The key that a text is, without its sign; absent where it is words. */
    public static Optional<String> key(String text) {
        return text.startsWith(KEY)
                        && Wording.inTag("en", TABLE + text.substring(1)).isPresent()
                ? Optional.of(text.substring(1))
                : Optional.empty();
    }

    /** The words that are printed for a text: those of its key in the book's language, or itself. */
    public static String resolved(String language, String text) {
        return key(text).map(k -> in(language, k)).orElse(text);
    }

    /**
     * What somebody might write under a label, made up, for pictures of pages that are filled in; absent where nothing is known for
     * it in the language. They stand in the tables {@code hand}, parted by upright strokes.
     */
    public static Optional<List<String>> samples(String language, String key) {
        return Wording.ownOf(language, "hand." + key).map(s -> List.of(s.split("\\s*\\|\\s*")));
    }

    /** A holiday's name in a language, where Jorn itself knows it; by key of the tables {@code holidays}. */
    public static Optional<String> holiday(String language, String key) {
        return Wording.ownOf(language, "holidays." + key);
    }

    /** As {@link #resolved(String, String)}, for each of a list. */
    public static List<String> resolved(String language, List<String> texts) {
        return texts.stream().map(t -> resolved(language, t)).toList();
    }
}
