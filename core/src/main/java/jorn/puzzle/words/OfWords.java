package jorn.puzzle.words;

import java.util.List;
import jorn.measure.Trouble;
import jorn.puzzle.PuzzleRules;

/** Rules of puzzles that are made of the user's own words. */
public interface OfWords {
    /** So many words a list may have. */
    int MOST_WORDS = 5000;

    int LONGEST_LINE = 300;

    /** One on each line, each with its clue behind it where there is one. */
    List<String> words();

    /** The same rules for other words. */
    PuzzleRules of(List<String> others);

    /** @throws Trouble where the list or a line of it is too long */
    static List<String> checked(List<String> words) {
        List<String> all = words == null ? List.of() : List.copyOf(words);
        if (all.size() > MOST_WORDS) {
            throw Trouble.of("puzzle.words.too-many", all.size(), MOST_WORDS);
        }
        all.stream().filter(w -> w.length() > LONGEST_LINE).findFirst().ifPresent(w -> {
            throw Trouble.of("puzzle.words.long-line", w.substring(0, 30), w.length(), LONGEST_LINE);
        });
        return all;
    }
}
