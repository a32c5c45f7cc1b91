package jorn.puzzle.sums;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jorn.chance.Dice;

/**
 * Which squares of a board are written in, and the runs that they make, across and down. Each written square lies in one run of either
 * direction; squares are counted from 0, row by row.
 */
final class SumBoard {
    private static final int SHORTEST = 2;
    private static final int PATIENCE = 400;

    private final int size;
    private final boolean[] written;
    private final List<int[]> runs = new ArrayList<>();
    private final int[][] runsOf;

    private SumBoard(int size, boolean[] written) {
        this.size = size;
        this.written = written;
        this.runsOf = new int[size * size][2];
        for (int i = 0; i < size; i++) {
            gather(i * size, 1, 0);
            gather(i, size, 1);
        }
    }

    private void gather(int from, int step, int direction) {
        int length = 0;
        for (int i = 0; i <= size; i++) {
            if (i < size && written[from + i * step]) {
                length++;
            } else if (length > 0) {
                int[] run = new int[length];
                for (int k = 0; k < length; k++) {
                    run[k] = from + (i - length + k) * step;
                    runsOf[run[k]][direction] = runs.size();
                }
                runs.add(run);
                length = 0;
            }
        }
    }

    int size() {
        return size;
    }

    boolean isWritten(int cell) {
        return written[cell];
    }

    List<int[]> runs() {
        return runs;
    }

    /** The run across and the run down in which a square lies. */
    int[] runsOf(int cell) {
        return runsOf[cell];
    }

    /**
     * A board by chance, the same when it is turned upside down, all of one piece.
     *
     * @param longest squares of a run, from 2 to 9
     */
    static SumBoard by(Dice dice, int size, int longest) {
        for (int tries = 0; ; tries++) {
            // Where boards of short runs only fall apart, a run may be longer.
            int most = longest + tries / PATIENCE;
            boolean[] written = new boolean[size * size];
            Arrays.fill(written, true);
            int wanted = (int) Math.round(size * size * 0.2);
            for (int i = 0; i < wanted / 2; i++) {
                black(written, dice.below(size * size));
            }
            if (settle(written, size, most, dice) && isWhole(written, size)) {
                SumBoard board = new SumBoard(size, written);
                if (board.count() * 2 >= size * size && board.fillsEdges()) {
                    return board;
                }
            }
        }
    }

    private int count() {
        int n = 0;
        for (boolean each : written) {
            n += each ? 1 : 0;
        }
        return n;
    }

    private static void black(boolean[] written, int cell) {
        written[cell] = false;
        written[written.length - 1 - cell] = false;
    }

    /** Blackens squares until no run is too long or too short. */
    private static boolean settle(boolean[] written, int size, int longest, Dice dice) {
        for (int rounds = 0; rounds < 200; rounds++) {
            boolean changed = false;
            for (int line = 0; line < 2 * size; line++) {
                int from = line < size ? line * size : line - size;
                int step = line < size ? 1 : size;
                int length = 0;
                for (int i = 0; i <= size; i++) {
                    if (i < size && written[from + i * step]) {
                        length++;
                        continue;
                    }
                    if (length > longest) {
                        int at = i - length + SHORTEST + dice.below(Math.max(1, length - 2 * SHORTEST));
                        black(written, from + at * step);
                        changed = true;
                    } else if (length > 0 && length < SHORTEST) {
                        black(written, from + (i - 1) * step);
                        changed = true;
                    }
                    length = 0;
                }
            }
            if (!changed) {
                return true;
            }
        }
        return false;
    }

    /** Whether one can go from every written square to every other one. */
    private static boolean isWhole(boolean[] written, int size) {
        int start = 0;
        while (start < written.length && !written[start]) {
            start++;
        }
        if (start == written.length) {
            return false;
        }
        boolean[] reached = new boolean[written.length];
        List<Integer> next = new ArrayList<>(List.of(start));
        reached[start] = true;
        for (int i = 0; i < next.size(); i++) {
            int cell = next.get(i);
            int[] around = {
                cell % size > 0 ? cell - 1 : cell,
                cell % size < size - 1 ? cell + 1 : cell,
                cell >= size ? cell - size : cell,
                cell + size < written.length ? cell + size : cell
            };
            for (int other : around) {
                if (written[other] && !reached[other]) {
                    reached[other] = true;
                    next.add(other);
                }
            }
        }
        return Arrays.equals(reached, written);
    }

    /** Whether no row or column at an edge is bare, so that the board is as large as it was asked for. */
    private boolean fillsEdges() {
        boolean top = false;
        boolean left = false;
        for (int i = 0; i < size; i++) {
            top |= written[i];
            left |= written[i * size];
        }
        return top && left;
    }
}
