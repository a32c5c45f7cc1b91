package jorn.puzzle.words;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;

/**
 * Words hidden among letters, each of them once.
 *
 * @param letters of each row
 * @param words where each word lies
 * @param sentence what the letters that belong to no word say when they are read on; empty for nothing
 * @param grade by the ways in which words lie
 */
public record WordSearch(List<List<String>> letters, List<Hidden> words, String sentence, Grade grade)
        implements Puzzle {
    /**
     * A word and where it lies.
     *
     * @param word as it was typed
     * @param row of its first letter, from 0
     * @param column of its first letter, from 0
     * @param length how many letters
     * @param direction from letter to letter
     */
    public record Hidden(String word, int row, int column, int length, Direction direction) {
        public int lastRow() {
            return row + (length - 1) * direction.down();
        }

        public int lastColumn() {
            return column + (length - 1) * direction.across();
        }

        boolean covers(int r, int c) {
            for (int i = 0; i < length; i++) {
                if (row + i * direction.down() == r && column + i * direction.across() == c) {
                    return true;
                }
            }
            return false;
        }
    }

    public WordSearch {
        letters = letters.stream().map(List::copyOf).toList();
        words = List.copyOf(words);
    }

    public int size() {
        return letters.size();
    }

    /** Whether a letter belongs to a word. */
    public boolean isHidden(int row, int column) {
        return words.stream().anyMatch(w -> w.covers(row, column));
    }

    @Override
    public List<String> techniques() {
        return List.of();
    }

    @Override
    public Object likeness() {
        return letters;
    }

    @Override
    public Map<String, Object> told() {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("size", size());
        all.put("letters", letters);
        List<Map<String, Object>> found = new ArrayList<>();
        for (Hidden each : words) {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("word", each.word());
            one.put("from", List.of(each.row(), each.column()));
            one.put("to", List.of(each.lastRow(), each.lastColumn()));
            found.add(one);
        }
        all.put("words", found);
        all.put("sentence", sentence);
        all.put("grade", grade.number());
        all.put("techniques", techniques());
        return all;
    }
}
