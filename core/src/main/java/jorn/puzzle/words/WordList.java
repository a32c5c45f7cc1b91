package jorn.puzzle.words;

import com.ibm.icu.text.BreakIterator;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import jorn.chance.Dice;
import jorn.measure.Trouble;
import jorn.puzzle.PuzzleOrder;
import jorn.say.Message;
import jorn.say.Wording;

/**
 * A list of words as people type it, one a line, each with a clue behind it where there is one ({@code bee: makes honey}), and the letters
 * that stand in the squares of it. A letter is what a reader takes for one (Unicode Standard Annex 29): with its marks, in any script.
 *
 * @param entries those that can stand in a puzzle, in the order of the list
 * @param cautions what is left out, and why
 */
record WordList(List<Entry> entries, List<Message> cautions) {
    private static final int SHORTEST = 2;
    private static final int MOST_NAMED = 5;
    private static final Pattern CLUE = Pattern.compile("\\s*[\t;:=|,]\\s*|\\s+[–—-]\\s+");

    /**
     * A word.
     *
     * @param word as it was typed
     * @param letters what stands in its squares
     * @param clue what is asked; may be empty
     */
    record Entry(String word, List<String> letters, String clue) {
        int length() {
            return letters.size();
        }

        /** All letters as one text, to look for others in it. */
        String joined() {
            return "\u0000" + String.join("\u0000", letters) + "\u0000";
        }

        /** Its letters from the other end. */
        Entry reversed() {
            List<String> back = new ArrayList<>(letters);
            java.util.Collections.reverse(back);
            return new Entry(word, back, clue);
        }

        /** Whether one can be read inside of the other, either way. */
        boolean clashesWith(Entry other) {
            return joined().contains(other.joined())
                    || other.joined().contains(joined())
                    || joined().contains(other.reversed().joined())
                    || other.joined().contains(reversed().joined());
        }
    }

    /**
     * Reads what was typed.
     *
     * @param language by whose rules capitals are made, by BCP 47
     * @param longest letters that a word may have
     */
    static WordList of(List<String> lines, String language, int longest) {
        Locale locale = Locale.forLanguageTag(language);
        Map<List<String>, Entry> entries = new LinkedHashMap<>();
        List<String> tooLong = new ArrayList<>();
        List<String> notWords = new ArrayList<>();
        List<String> twice = new ArrayList<>();
        for (String line : lines) {
            String[] parts = CLUE.split(line.strip(), 2);
            String word = parts[0].strip();
            List<String> letters = letters(word, locale);
            if (line.isBlank()) {
                continue;
            }
            if (letters.size() < SHORTEST) {
                notWords.add(word.isEmpty() ? line.strip() : word);
            } else if (letters.size() > longest) {
                tooLong.add(word);
            } else if (entries.putIfAbsent(letters, new Entry(word, letters, parts.length > 1 ? parts[1].strip() : ""))
                    != null) {
                twice.add(word);
            }
        }
        List<Message> cautions = new ArrayList<>();
        caution("puzzle.words.too-long", tooLong, longest, cautions);
        caution("puzzle.words.no-words", notWords, SHORTEST, cautions);
        caution("puzzle.words.twice", twice, 0, cautions);
        return new WordList(List.copyOf(entries.values()), cautions);
    }

    private static void caution(String key, List<String> words, int limit, List<Message> to) {
        if (!words.isEmpty()) {
            to.add(Message.of(key, words.size(), Wording.some(words, MOST_NAMED), limit));
        }
    }

    /** @throws Trouble where no word is left */
    WordList orRefuse() {
        if (entries.isEmpty()) {
            throw cautions.isEmpty()
                    ? Trouble.of("puzzle.words.none")
                    : Trouble.of(cautions.get(0), Message.of("puzzle.words.none.do"));
        }
        return this;
    }

    /**
     * The words of one puzzle: the list, in an order of chance, is gone through from puzzle to puzzle.
     *
     * @param count so many, or fewer where there are not as many
     * @param apart whether one that can be read inside another must not be with it
     */
    List<Entry> dealt(PuzzleOrder order, int count, boolean apart) {
        List<Entry> shuffled = new ArrayList<>(entries);
        Dice.of(order.runSeed()).shuffle(shuffled);
        List<Entry> own = new ArrayList<>();
        int from = (int) ((long) order.turn() * count % shuffled.size());
        for (int i = 0; i < shuffled.size() && own.size() < count; i++) {
            Entry next = shuffled.get((from + i) % shuffled.size());
            if (!apart || own.stream().noneMatch(next::clashesWith)) {
                own.add(next);
            }
        }
        return own;
    }

    /** The letters and figures of a text, as capitals; all else is passed over. */
    static List<String> letters(String text, Locale locale) {
        String capitals = Normalizer.normalize(text.toUpperCase(locale), Normalizer.Form.NFC);
        BreakIterator between = BreakIterator.getCharacterInstance(locale);
        between.setText(capitals);
        List<String> letters = new ArrayList<>();
        int from = between.first();
        for (int to = between.next(); to != BreakIterator.DONE; from = to, to = between.next()) {
            String letter = capitals.substring(from, to);
            if (Character.isLetterOrDigit(letter.codePointAt(0))) {
                letters.add(letter);
            }
        }
        return letters;
    }
}
