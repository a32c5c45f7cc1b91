package jorn.puzzle.number;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import jorn.measure.Trouble;

/**
 * The squares of a number placement and what belongs together in it: its houses, which are the rows, the columns, the boxes and, where
 * they count, the two diagonals. Squares are counted from 0, row by row.
 */
public final class BoxGrid {
    /** The sizes that there are, and how high and wide their boxes are. */
    private static final Map<Integer, int[]> BOXES = Map.of(
            4, new int[] {2, 2},
            6, new int[] {2, 3},
            8, new int[] {2, 4},
            9, new int[] {3, 3},
            12, new int[] {3, 4},
            16, new int[] {4, 4});

    private static final Map<Integer, BoxGrid> PLAIN = new ConcurrentHashMap<>();
    private static final Map<Integer, BoxGrid> DIAGONAL = new ConcurrentHashMap<>();

    private final int size;
    private final int boxHeight;
    private final int boxWidth;
    private final boolean diagonals;
    private final int[][] houses;
    private final int[][] housesOf;
    private final int[][] peers;
    private final BitSet[] sees;

    private BoxGrid(int size, boolean diagonals) {
        int[] box = Objects.requireNonNull(BOXES.get(size));
        this.size = size;
        this.boxHeight = box[0];
        this.boxWidth = box[1];
        this.diagonals = diagonals;
        this.houses = makeHouses();
        int cells = size * size;
        housesOf = new int[cells][];
        peers = new int[cells][];
        sees = new BitSet[cells];
        for (int cell = 0; cell < cells; cell++) {
            List<Integer> own = new ArrayList<>();
            BitSet seen = new BitSet(cells);
            for (int h = 0; h < houses.length; h++) {
                int wanted = cell;
                if (Arrays.stream(houses[h]).anyMatch(c -> c == wanted)) {
                    own.add(h);
                    Arrays.stream(houses[h]).forEach(seen::set);
                }
            }
            seen.clear(cell);
            housesOf[cell] = own.stream().mapToInt(Integer::intValue).toArray();
            peers[cell] = seen.stream().toArray();
            sees[cell] = seen;
        }
    }

    /** The sizes that there are, the smallest first. */
    public static List<Integer> sizes() {
        return BOXES.keySet().stream().sorted().toList();
    }

    /**
     * @param size squares in a row
     * @param diagonals whether the two diagonals are houses too
     * @throws Trouble where there is no such size
     */
    public static BoxGrid of(int size, boolean diagonals) {
        if (!BOXES.containsKey(size)) {
            throw Trouble.of("puzzle.number.no-such-size", size);
        }
        return (diagonals ? DIAGONAL : PLAIN).computeIfAbsent(size, s -> new BoxGrid(s, diagonals));
    }

    private int[][] makeHouses() {
        List<int[]> all = new ArrayList<>();
        for (int b = 0; b < size; b++) {
            int top = b / (size / boxWidth) * boxHeight;
            int left = b % (size / boxWidth) * boxWidth;
            int[] house = new int[size];
            for (int i = 0; i < size; i++) {
                house[i] = (top + i / boxWidth) * size + left + i % boxWidth;
            }
            all.add(house);
        }
        for (int r = 0; r < size; r++) {
            int[] row = new int[size];
            int[] column = new int[size];
            for (int i = 0; i < size; i++) {
                row[i] = r * size + i;
                column[i] = i * size + r;
            }
            all.add(row);
            all.add(column);
        }
        if (diagonals) {
            int[] down = new int[size];
            int[] up = new int[size];
            for (int i = 0; i < size; i++) {
                down[i] = i * size + i;
                up[i] = i * size + size - 1 - i;
            }
            all.add(down);
            all.add(up);
        }
        return all.toArray(int[][]::new);
    }

    /** Squares in a row, and how many figures there are. */
    public int size() {
        return size;
    }

    public int cells() {
        return size * size;
    }

    public int boxHeight() {
        return boxHeight;
    }

    public int boxWidth() {
        return boxWidth;
    }

    public boolean hasDiagonals() {
        return diagonals;
    }

    /** All figures, one bit each from the lowest. */
    int all() {
        return (1 << size) - 1;
    }

    /** The squares of each house; the boxes first. */
    int[][] houses() {
        return houses;
    }

    boolean isBox(int house) {
        return house < size;
    }

    /** The rows, or the columns. */
    int[][] lines(boolean rows) {
        int[][] lines = new int[size][];
        for (int i = 0; i < size; i++) {
            lines[i] = houses[size + 2 * i + (rows ? 0 : 1)];
        }
        return lines;
    }

    /** The houses in which a square lies. */
    int[] housesOf(int cell) {
        return housesOf[cell];
    }

    /** The squares that share a house with one. */
    int[] peers(int cell) {
        return peers[cell];
    }

    boolean sees(int cell, int other) {
        return sees[cell].get(other);
    }

    /** The square opposite of one through the middle. */
    int opposite(int cell) {
        return cells() - 1 - cell;
    }
}
