package jorn.puzzle.number;

import java.util.ArrayList;
import java.util.List;
import jorn.chance.Dice;
import org.jspecify.annotations.Nullable;

/**
 * Finds the solutions of a grid by trying: it sets what is forced, then tries the figures of the square, or the squares of the figure, that
 * has fewest, and goes back where nothing is left.
 */
final class SolutionSearch {
    private final BoxGrid grid;
    private final int most;
    private final @Nullable Dice dice;
    private final List<int[]> found = new ArrayList<>();
    private long steps;
    private final long patience;

    private SolutionSearch(BoxGrid grid, int most, @Nullable Dice dice, long patience) {
        this.grid = grid;
        this.most = most;
        this.dice = dice;
        this.patience = patience;
    }

    /**
     * The solutions of a grid.
     *
     * @param givens figures from 1, 0 for an empty square
     * @param most after so many it stops
     */
    static List<int[]> solutions(BoxGrid grid, int[] givens, int most) {
        SolutionSearch search = new SolutionSearch(grid, most, null, Long.MAX_VALUE);
        int[] open = search.start(givens);
        if (open.length > 0) {
            search.go(open);
        }
        return search.found;
    }

    /** A full grid by chance. */
    static int[] full(BoxGrid grid, Dice dice) {
        while (true) {
            // A grid that goes wrong early goes on for ever: it is given up, and another begun.
            SolutionSearch search = new SolutionSearch(grid, 1, dice, 40L * grid.cells());
            search.go(search.start(new int[grid.cells()]));
            if (!search.found.isEmpty()) {
                return search.found.get(0);
            }
        }
    }

    /** Which figures each square may have, one bit each; nothing where the givens contradict each other. */
    private int[] start(int[] givens) {
        int[] open = new int[grid.cells()];
        java.util.Arrays.fill(open, grid.all());
        for (int cell = 0; cell < givens.length; cell++) {
            if (givens[cell] > 0 && !set(open, cell, 1 << (givens[cell] - 1))) {
                return new int[0];
            }
        }
        return open;
    }

    /** Gives a square a figure and takes that from all that see it, and so on; false where a square is left with none. */
    private boolean set(int[] open, int cell, int bit) {
        if ((open[cell] & bit) == 0) {
            return false;
        }
        open[cell] = bit;
        for (int peer : grid.peers(cell)) {
            if ((open[peer] & bit) != 0) {
                open[peer] &= ~bit;
                if (open[peer] == 0 || (Integer.bitCount(open[peer]) == 1 && !set(open, peer, open[peer]))) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Sets every figure that has but one place in a house; false where one has none. */
    private boolean setOnlyPlaces(int[] open) {
        boolean again = true;
        while (again) {
            again = false;
            for (int[] house : grid.houses()) {
                int once = 0;
                int more = 0;
                for (int cell : house) {
                    more |= once & open[cell];
                    once |= open[cell];
                }
                if (once != grid.all()) {
                    return false;
                }
                int only = once & ~more;
                for (int i = 0; only != 0 && i < house.length; i++) {
                    int here = open[house[i]] & only;
                    if (here != 0 && Integer.bitCount(open[house[i]]) > 1) {
                        if (Integer.bitCount(here) > 1 || !set(open, house[i], here)) {
                            return false;
                        }
                        again = true;
                    }
                }
            }
        }
        return true;
    }

    private void go(int[] open) {
        if (found.size() >= most || ++steps > patience || !setOnlyPlaces(open)) {
            return;
        }
        int best = choose(open);
        if (best < 0) {
            found.add(java.util.Arrays.stream(open)
                    .map(o -> Integer.numberOfTrailingZeros(o) + 1)
                    .toArray());
            return;
        }
        for (int figure : figures(open[best])) {
            int[] next = open.clone();
            if (set(next, best, 1 << figure)) {
                go(next);
            }
            if (found.size() >= most || steps > patience) {
                return;
            }
        }
    }

    /** A square with fewest figures left, by chance where there are dice; -1 where all are set. */
    private int choose(int[] open) {
        int best = -1;
        int fewest = Integer.MAX_VALUE;
        int ties = 0;
        for (int cell = 0; cell < open.length; cell++) {
            int n = Integer.bitCount(open[cell]);
            if (n < 2 || n > fewest) {
                continue;
            }
            ties = n < fewest ? 1 : ties + 1;
            if (n < fewest || (dice != null && dice.below(ties) == 0)) {
                best = cell;
            }
            fewest = n;
            if (n == 2 && dice == null) {
                break;
            }
        }
        return best;
    }

    private int[] figures(int bits) {
        int[] all = new int[Integer.bitCount(bits)];
        int n = 0;
        for (int rest = bits; rest != 0; rest &= rest - 1) {
            all[n++] = Integer.numberOfTrailingZeros(rest);
        }
        if (dice != null) {
            dice.shuffle(all);
        }
        return all;
    }
}
