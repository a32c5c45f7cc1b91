package jorn.puzzle.sums;

import java.util.ArrayList;
import java.util.List;
import jorn.chance.Dice;

/** The figures of a board while they are sought: none twice in a run. */
final class SumFill {
    private final SumBoard board;
    private final Dice dice;
    private final int[] figures;

    SumFill(SumBoard board, Dice dice) {
        this.board = board;
        this.dice = dice;
        this.figures = new int[board.size() * board.size()];
        fill(0);
    }

    private boolean fill(int from) {
        int cell = from;
        while (cell < figures.length && !board.isWritten(cell)) {
            cell++;
        }
        if (cell == figures.length) {
            return true;
        }
        for (int figure : allowed(cell)) {
            figures[cell] = figure;
            if (fill(cell + 1)) {
                return true;
            }
        }
        figures[cell] = 0;
        return false;
    }

    /** The figures that no other square of the two runs has, in an order of chance. */
    private List<Integer> allowed(int cell) {
        int there = 0;
        for (int run : board.runsOf(cell)) {
            for (int other : board.runs().get(run)) {
                there |= other == cell || figures[other] == 0 ? 0 : 1 << figures[other];
            }
        }
        List<Integer> all = new ArrayList<>();
        for (int figure = 1; figure <= 9; figure++) {
            if ((there >> figure & 1) == 0) {
                all.add(figure);
            }
        }
        dice.shuffle(all);
        return all;
    }

    int[] figures() {
        return figures.clone();
    }

    void reset(int[] before) {
        System.arraycopy(before, 0, figures, 0, figures.length);
    }

    /** Gives a square another figure, and so its runs other sums. */
    void change(int cell) {
        for (int figure : allowed(cell)) {
            if (figure != figures[cell]) {
                figures[cell] = figure;
                return;
            }
        }
    }
}
