package jorn.say;

import java.util.regex.Pattern;

/**
 * Makes words that somebody gave safe for lines, names of files, terminals and the data of a PDF: nothing in them begins a line of its own, moves a
 * cursor, or turns what stands beside them round. Marks that say which way single letters are read stay: Arabic and Hebrew need them.
 */
public final class PlainWords {
    /** Controls, ends of lines and of paragraphs, halves of a pair, and what Unicode never gives a meaning to. */
    private static final Pattern NO_LETTERS = Pattern.compile("[\\p{Cc}\\p{Cs}\\p{Zl}\\p{Zp}\\uFFFE\\uFFFF]");

    /** Embeddings, overrides and isolates (Unicode Standard Annex 9, 2): they reach beyond the words in which they stand. */
    private static final Pattern TURNS = Pattern.compile("[\\u202A-\\u202E\\u2066-\\u2069]");

    private static final Pattern NOT_FOR_TERMINALS =
            Pattern.compile("[\\p{Cc}&&[^\\n\\r\\t]]|[\\u202A-\\u202E\\u2066-\\u2069]");

    private PlainWords() {}

    /** The words on one line; spaces stay as they are typed. */
    public static String line(String words) {
        return TURNS.matcher(NO_LETTERS.matcher(words).replaceAll(" ")).replaceAll("");
    }

    /** Text of several lines, for a terminal. */
    public static String lines(String text) {
        return NOT_FOR_TERMINALS.matcher(text).replaceAll("");
    }
}
