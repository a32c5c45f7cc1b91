package jorn.puzzle.words;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jorn.chance.Dice;
import jorn.puzzle.words.WordList.Entry;
import jorn.puzzle.words.WordSearch.Hidden;

/** Hides words in a square of letters and fills it up, so that each word stands there once and no bad word stands there at all. */
final class WordSearchMaker {
    private static final int MOST_PLACES = 160;
    private static final int MOST_FILLS = 400;

    /** With fewer letters in all words the filling would show where they are not. */
    private static final int FEW_LETTERS = 8;

    private final int size;
    private final List<Direction> directions;
    private final Dice dice;
    private final String[][] squares;
    private final List<Hidden> hidden = new ArrayList<>();
    private final List<Entry> placed = new ArrayList<>();

    WordSearchMaker(int size, List<Direction> directions, Dice dice) {
        this.size = size;
        this.directions = directions;
        this.dice = dice;
        this.squares = new String[size][size];
        for (String[] row : squares) {
            Arrays.fill(row, "");
        }
    }

    /** Puts a word where it shares most letters with those that lie there, of several places by chance. */
    boolean hide(Entry word) {
        Optional<Hidden> best = Optional.empty();
        int most = -1;
        for (int i = 0; i < MOST_PLACES; i++) {
            Hidden at =
                    new Hidden(word.word(), dice.below(size), dice.below(size), word.length(), dice.one(directions));
            int shared = shared(word, at);
            if (shared > most) {
                most = shared;
                best = Optional.of(at);
            }
        }
        best.ifPresent(at -> {
            for (int i = 0; i < word.length(); i++) {
                squares[at.row() + i * at.direction().down()][
                                at.column() + i * at.direction().across()] =
                        word.letters().get(i);
            }
            hidden.add(at);
            placed.add(word);
        });
        return best.isPresent();
    }

    /** How many letters are there already; −1 where it does not fit. */
    private int shared(Entry word, Hidden at) {
        if (at.lastRow() < 0 || at.lastRow() >= size || at.lastColumn() < 0 || at.lastColumn() >= size) {
            return -1;
        }
        int shared = 0;
        for (int i = 0; i < word.length(); i++) {
            String there = squares[at.row() + i * at.direction().down()][
                    at.column() + i * at.direction().across()];
            if (there.equals(word.letters().get(i))) {
                shared++;
            } else if (!there.isEmpty()) {
                return -1;
            }
        }
        // One that lies wholly in others could be found in two ways.
        return shared == word.length() ? -1 : shared;
    }

    List<Hidden> hidden() {
        return hidden;
    }

    /** How many squares are free. */
    int free() {
        return (int) Arrays.stream(squares)
                .flatMap(Arrays::stream)
                .filter(String::isEmpty)
                .count();
    }

    /**
     * Fills what is free.
     *
     * @param sentence letters that come first, in the order in which one reads
     * @return the letters; nothing where a word would stand there twice however it is filled
     */
    Optional<List<List<String>>> fill(List<String> sentence) {
        List<String> stock = stock();
        boolean[][] chance = new boolean[size][size];
        int said = 0;
        for (int r = 0; r < size; r++) {
            for (int c = 0; c < size; c++) {
                if (squares[r][c].isEmpty()) {
                    chance[r][c] = said >= sentence.size();
                    squares[r][c] = chance[r][c] ? dice.one(stock) : sentence.get(said);
                    said++;
                }
            }
        }
        for (int i = 0; i < MOST_FILLS; i++) {
            List<int[]> wrong = wrong();
            if (wrong.isEmpty()) {
                return Optional.of(
                        Arrays.stream(squares).map(row -> List.of(row)).toList());
            }
            boolean changed = false;
            for (int[] square : wrong) {
                if (chance[square[0]][square[1]]) {
                    squares[square[0]][square[1]] = dice.one(stock);
                    changed = true;
                    break;
                }
            }
            if (!changed) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** Letters to fill with: those of the words, as often as they have them, and where these are few those of the alphabet. */
    private List<String> stock() {
        List<String> stock = new ArrayList<>();
        placed.forEach(w -> stock.addAll(w.letters()));
        if (new HashSet<>(stock).size() < FEW_LETTERS
                && stock.stream().allMatch(l -> l.length() == 1 && l.charAt(0) < 128)) {
            for (char c = 'A'; c <= 'Z'; c++) {
                stock.add(String.valueOf(c));
            }
        }
        return stock;
    }

    /** The squares of one thing that must not stand there: a word for the second time, or a bad one. Those filled by chance come in turn. */
    private List<int[]> wrong() {
        for (int w = 0; w < placed.size(); w++) {
            Hidden own = hidden.get(w);
            for (Hidden found : find(placed.get(w).letters())) {
                if (!isSame(found, own)) {
                    return squaresOf(found);
                }
            }
        }
        for (String bad : KeptOut.words()) {
            List<String> letters =
                    bad.chars().mapToObj(c -> String.valueOf((char) c)).toList();
            for (Hidden found : find(letters)) {
                boolean within = hidden.stream().anyMatch(h -> covers(h, found));
                if (!within) {
                    return squaresOf(found);
                }
            }
        }
        return List.of();
    }

    private static boolean covers(Hidden whole, Hidden part) {
        return squaresOf(part).stream().allMatch(s -> whole.covers(s[0], s[1]));
    }

    private static boolean isSame(Hidden a, Hidden b) {
        return a.length() == b.length() && covers(a, b);
    }

    private static List<int[]> squaresOf(Hidden at) {
        List<int[]> all = new ArrayList<>();
        for (int i = 0; i < at.length(); i++) {
            all.add(new int[] {
                at.row() + i * at.direction().down(),
                at.column() + i * at.direction().across()
            });
        }
        return all;
    }

    /** All places where letters stand one after the other, in all eight ways. */
    private List<Hidden> find(List<String> letters) {
        List<Hidden> all = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (int r = 0; r < size; r++) {
            for (int c = 0; c < size; c++) {
                if (!squares[r][c].equals(letters.get(0))) {
                    continue;
                }
                for (Direction d : Direction.all()) {
                    Hidden at = new Hidden("", r, c, letters.size(), d);
                    if (stands(letters, at) && seen.add(ends(at))) {
                        all.add(at);
                    }
                }
            }
        }
        return all;
    }

    /** The same for a word that reads the same from both ends. */
    private static String ends(Hidden at) {
        String a = at.row() + "." + at.column();
        String b = at.lastRow() + "." + at.lastColumn();
        return a.compareTo(b) < 0 ? a + "-" + b : b + "-" + a;
    }

    private boolean stands(List<String> letters, Hidden at) {
        if (at.lastRow() < 0 || at.lastRow() >= size || at.lastColumn() < 0 || at.lastColumn() >= size) {
            return false;
        }
        for (int i = 1; i < letters.size(); i++) {
            if (!squares[at.row() + i * at.direction().down()][
                    at.column() + i * at.direction().across()].equals(letters.get(i))) {
                return false;
            }
        }
        return true;
    }
}
