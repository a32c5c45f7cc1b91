package jorn.puzzle.words;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jorn.chance.Dice;
import jorn.puzzle.Grade;
import jorn.puzzle.words.CrissCross.LaidWord;
import jorn.puzzle.words.WordList.Entry;

/** Interlocks words one after the other, each where it crosses most and makes the whole no larger than need be. */
final class CrissCrossMaker {
    private static final int EACH_CROSSING = 8;

    private final int size;
    private final Dice dice;
    private final Map<Long, String> squares = new HashMap<>();
    private final List<Spot> spots = new ArrayList<>();
    private int top;
    private int left;
    private int bottom = -1;
    private int right = -1;

    private record Spot(Entry word, int row, int column, boolean across) {
        int lastRow() {
            return across ? row : row + word.length() - 1;
        }

        int lastColumn() {
            return across ? column + word.length() - 1 : column;
        }
    }

    /** @param size most squares in a row or a column */
    CrissCrossMaker(int size, Dice dice) {
        this.size = size;
        this.dice = dice;
    }

    private static long key(int row, int column) {
        return ((long) row << 32) + column;
    }

    private String at(int row, int column) {
        return squares.getOrDefault(key(row, column), "");
    }

    int laid() {
        return spots.size();
    }

    /** How many squares the whole takes. */
    int area() {
        return (bottom - top + 1) * (right - left + 1);
    }

    /** Lays a word; false where it crosses nothing, or leads beyond the size. */
    boolean lay(Entry word) {
        if (spots.isEmpty()) {
            put(new Spot(word, 0, 0, true));
            return true;
        }
        Spot best = null;
        int most = Integer.MIN_VALUE;
        for (Spot each : spots) {
            for (int i = 0; i < each.word().length(); i++) {
                for (int k = 0; k < word.length(); k++) {
                    if (!each.word().letters().get(i).equals(word.letters().get(k))) {
                        continue;
                    }
                    Spot spot = each.across()
                            ? new Spot(word, each.row() - k, each.column() + i, false)
                            : new Spot(word, each.row() + i, each.column() - k, true);
                    int worth = worth(spot);
                    if (worth > most) {
                        most = worth;
                        best = spot;
                    }
                }
            }
        }
        if (best == null || most == Integer.MIN_VALUE) {
            return false;
        }
        put(best);
        return true;
    }

    /** More for each crossing, less for each square that the whole grows; the least number where it cannot lie there. */
    private int worth(Spot spot) {
        int high = Math.max(bottom, spot.lastRow()) - Math.min(top, spot.row()) + 1;
        int wide = Math.max(right, spot.lastColumn()) - Math.min(left, spot.column()) + 1;
        int dr = spot.across() ? 0 : 1;
        int dc = spot.across() ? 1 : 0;
        boolean endsFree = at(spot.row() - dr, spot.column() - dc).isEmpty()
                && at(spot.lastRow() + dr, spot.lastColumn() + dc).isEmpty();
        if (high > size || wide > size || !endsFree) {
            return Integer.MIN_VALUE;
        }
        int crossings = 0;
        for (int i = 0; i < spot.word().length(); i++) {
            int r = spot.row() + i * dr;
            int c = spot.column() + i * dc;
            String there = at(r, c);
            if (there.equals(spot.word().letters().get(i)) && isCrossed(r, c, spot.across())) {
                crossings++;
            } else if (!there.isEmpty()
                    || !at(r + dc, c + dr).isEmpty()
                    || !at(r - dc, c - dr).isEmpty()) {
                return Integer.MIN_VALUE;
            }
        }
        return crossings * EACH_CROSSING * size - high * wide + dice.below(size);
    }

    /** Whether only a word of the other direction lies there. */
    private boolean isCrossed(int row, int column, boolean across) {
        return spots.stream()
                .noneMatch(s -> s.across() == across
                        && row >= s.row()
                        && row <= s.lastRow()
                        && column >= s.column()
                        && column <= s.lastColumn());
    }

    private void put(Spot spot) {
        for (int i = 0; i < spot.word().length(); i++) {
            squares.put(
                    key(spot.row() + (spot.across() ? 0 : i), spot.column() + (spot.across() ? i : 0)),
                    spot.word().letters().get(i));
        }
        boolean first = spots.isEmpty();
        top = first ? spot.row() : Math.min(top, spot.row());
        left = first ? spot.column() : Math.min(left, spot.column());
        bottom = Math.max(bottom, spot.lastRow());
        right = Math.max(right, spot.lastColumn());
        spots.add(spot);
    }

    /** The puzzle, its words numbered in the order in which one reads their first squares. */
    CrissCross puzzle(Grade grade) {
        Map<Integer, List<Spot>> byStart = new TreeMap<>();
        int columns = right - left + 1;
        for (Spot each : spots) {
            byStart.computeIfAbsent((each.row() - top) * columns + each.column() - left, k -> new ArrayList<>())
                    .add(each);
        }
        List<LaidWord> words = new ArrayList<>();
        int number = 0;
        for (List<Spot> starting : byStart.values()) {
            number++;
            for (Spot s : starting) {
                words.add(new LaidWord(
                        number,
                        s.word().word(),
                        s.word().letters(),
                        s.word().clue(),
                        s.row() - top,
                        s.column() - left,
                        s.across()));
            }
        }
        return new CrissCross(bottom - top + 1, columns, words, grade);
    }
}
