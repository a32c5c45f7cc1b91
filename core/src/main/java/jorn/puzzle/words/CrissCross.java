package jorn.puzzle.words;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;

/**
 * Words that are interlocked across and down, each with its clue.
 *
 * @param rows squares down
 * @param columns squares across
 * @param words where each lies, in the order of their numbers
 * @param grade gentle where first letters are given
 */
public record CrissCross(int rows, int columns, List<LaidWord> words, Grade grade) implements Puzzle {
    /** Share of the height that clues take below the squares. */
    public static final double CLUES = 0.42;

    /**
     * A word and where it lies.
     *
     * @param number that stands in its first square, from 1
     * @param word as it was typed
     * @param letters what stands in its squares
     * @param clue what is asked; empty where there is none, then the word itself is told
     * @param row of its first letter, from 0
     * @param column of its first letter, from 0
     * @param across or down
     */
    public record LaidWord(
            int number, String word, List<String> letters, String clue, int row, int column, boolean across) {
        public LaidWord {
            letters = List.copyOf(letters);
        }
    }

    public CrissCross {
        words = List.copyOf(words);
    }

    /** What stands in a square; empty where none is. */
    public String letter(int row, int column) {
        for (LaidWord each : words) {
            int along = each.across() ? column - each.column() : row - each.row();
            boolean on = each.across() ? row == each.row() : column == each.column();
            if (on && along >= 0 && along < each.letters().size()) {
                return each.letters().get(along);
            }
        }
        return "";
    }

    /** Whether a letter is given from the start. */
    public boolean isGiven(int row, int column) {
        return grade == Grade.GENTLE && words.stream().anyMatch(w -> w.row() == row && w.column() == column);
    }

    /** The number in a square; 0 for none. */
    public int number(int row, int column) {
        return words.stream()
                .filter(w -> w.row() == row && w.column() == column)
                .mapToInt(LaidWord::number)
                .findFirst()
                .orElse(0);
    }

    @Override
    public List<String> techniques() {
        return List.of();
    }

    @Override
    public Object likeness() {
        String one = seen(false);
        String other = seen(true);
        return one.compareTo(other) < 0 ? one : other;
    }

    /** @param over turned over its long diagonal, so that across is down */
    private String seen(boolean over) {
        StringBuilder seen = new StringBuilder();
        for (int a = 0; a < (over ? columns : rows); a++) {
            for (int b = 0; b < (over ? rows : columns); b++) {
                String letter = over ? letter(b, a) : letter(a, b);
                seen.append(letter.isEmpty() ? "." : letter);
            }
            seen.append('/');
        }
        return seen.toString();
    }

    @Override
    public Map<String, Object> told() {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("size", List.of(rows, columns));
        List<List<String>> squares = new ArrayList<>();
        for (int r = 0; r < rows; r++) {
            List<String> row = new ArrayList<>();
            for (int c = 0; c < columns; c++) {
                row.add(letter(r, c));
            }
            squares.add(row);
        }
        all.put("solution", squares);
        List<Map<String, Object>> laid = new ArrayList<>();
        for (LaidWord each : words) {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("number", each.number());
            one.put("word", each.word());
            one.put("clue", each.clue());
            one.put("at", List.of(each.row(), each.column()));
            one.put("across", each.across());
            laid.add(one);
        }
        all.put("words", laid);
        all.put("grade", grade.number());
        all.put("techniques", techniques());
        return all;
    }
}
