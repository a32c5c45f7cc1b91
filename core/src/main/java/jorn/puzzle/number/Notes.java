package jorn.puzzle.number;

import java.util.Arrays;

/** A grid as a person works on it with a pencil: which figures are set, and which each empty square may still have. */
final class Notes {
    private final BoxGrid grid;
    private final int[] figures;
    private final int[] open;
    private int left;
    private boolean wrong;

    /** @param givens figures from 1, 0 for an empty square */
    Notes(BoxGrid grid, int[] givens) {
        this.grid = grid;
        this.figures = new int[grid.cells()];
        this.open = new int[grid.cells()];
        this.left = grid.cells();
        Arrays.fill(open, grid.all());
        for (int cell = 0; cell < givens.length; cell++) {
            if (givens[cell] > 0) {
                if ((open[cell] & (1 << (givens[cell] - 1))) == 0) {
                    wrong = true;
                }
                set(cell, givens[cell] - 1);
            }
        }
    }

    private Notes(Notes other) {
        grid = other.grid;
        figures = other.figures.clone();
        open = other.open.clone();
        left = other.left;
        wrong = other.wrong;
    }

    Notes copy() {
        return new Notes(this);
    }

    BoxGrid grid() {
        return grid;
    }

    boolean isDone() {
        return left == 0;
    }

    /** Whether an empty square has nothing left, or a figure no place in a house. */
    boolean isWrong() {
        if (wrong) {
            return true;
        }
        for (int[] house : grid.houses()) {
            int there = 0;
            for (int cell : house) {
                there |= isEmpty(cell) ? open[cell] : 1 << (figures[cell] - 1);
            }
            if (there != grid.all()) {
                return true;
            }
        }
        return false;
    }

    boolean isEmpty(int cell) {
        return figures[cell] == 0;
    }

    /** What a square may still have, one bit a figure; 0 where it is set. */
    int open(int cell) {
        return open[cell];
    }

    int[] figures() {
        return figures.clone();
    }

    /**
     * Writes a figure.
     *
     * @param figure from 0
     */
    void set(int cell, int figure) {
        if (figures[cell] == 0) {
            left--;
        }
        figures[cell] = figure + 1;
        open[cell] = 0;
        for (int peer : grid.peers(cell)) {
            remove(peer, 1 << figure);
            wrong |= figures[peer] == figure + 1;
        }
    }

    /**
     * Strikes figures out of a square.
     *
     * @return whether one of them was still there
     */
    boolean remove(int cell, int bits) {
        if ((open[cell] & bits) == 0) {
            return false;
        }
        open[cell] &= ~bits;
        wrong |= open[cell] == 0 && figures[cell] == 0;
        return true;
    }

    /** In which of a house's squares a figure may stand, one bit each in the house's order. */
    int places(int[] house, int figure) {
        int places = 0;
        for (int i = 0; i < house.length; i++) {
            places |= (open[house[i]] >> figure & 1) << i;
        }
        return places;
    }
}
