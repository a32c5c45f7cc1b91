package jorn.block.puzzle;

import jorn.art.Box;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.puzzle.number.BoxGrid;
import jorn.puzzle.number.NumberPuzzle;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/** Number placement: boxes by strong lines, what is given strong and, in a solution, on a tint; so are diagonals that count. */
final class NumberFace implements PuzzleFace<NumberPuzzle> {
    private static final int NINE = 9;

    @Override
    public void draw(NumberPuzzle puzzle, Box in, boolean solved, PuzzlePaper sheet) {
        BoxGrid grid = puzzle.grid();
        int n = grid.size();
        SquarePen squares = new SquarePen(sheet, in, n, n);
        if (grid.hasDiagonals()) {
            for (int i = 0; i < n; i++) {
                squares.fill(i, i, sheet.pen().tint(Role.TINT));
                if (i != n - 1 - i) {
                    squares.fill(i, n - 1 - i, sheet.pen().tint(Role.TINT));
                }
            }
        }
        if (solved) {
            for (int cell = 0; cell < grid.cells(); cell++) {
                int row = cell / n;
                if (puzzle.given(row, cell % n) > 0) {
                    squares.fill(row, cell % n, sheet.flow().palette().ink(Role.TINT));
                }
            }
        }
        lines(squares, grid);
        for (int r = 0; r < n; r++) {
            for (int c = 0; c < n; c++) {
                int given = puzzle.given(r, c);
                if (given > 0) {
                    squares.sign(sign(given, sheet), r, c, Voice.FIGURES, Style.BOLD, Role.TEXT);
                } else if (solved) {
                    squares.sign(sign(puzzle.solved(r, c), sheet), r, c, Voice.FIGURES, Style.REGULAR, Role.TEXT);
                }
            }
        }
    }

    private static String sign(int figure, PuzzlePaper sheet) {
        return sheet.letters() && figure > NINE
                ? String.valueOf((char) ('A' + figure - NINE - 1))
                : Integer.toString(figure);
    }

    private static void lines(SquarePen squares, BoxGrid grid) {
        Box all = squares.all();
        double side = squares.side();
        int n = grid.size();
        Path.Builder fine = Path.builder();
        Path.Builder strong = Path.builder();
        // The outer corners close: strong lines reach half their weight beyond.
        double over = squares.strong() / 2;
        for (int i = 0; i <= n; i++) {
            double y = all.y() + i * side;
            double x = all.x() + i * side;
            if (i % grid.boxHeight() == 0) {
                strong.move(all.x() - over, y).line(all.right() + over, y);
            } else {
                fine.move(all.x(), y).line(all.right(), y);
            }
            if (i % grid.boxWidth() == 0) {
                strong.move(x, all.y() - over).line(x, all.bottom() + over);
            } else {
                fine.move(x, all.y()).line(x, all.bottom());
            }
        }
        squares.lines(fine.build(), squares.fine(), Role.LINE);
        squares.lines(strong.build(), squares.strong(), Role.TEXT);
    }
}
