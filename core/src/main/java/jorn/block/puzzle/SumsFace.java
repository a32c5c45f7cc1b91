package jorn.block.puzzle;

import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.layout.Align;
import jorn.layout.Grid;
import jorn.layout.StyledPen.Lettering;
import jorn.puzzle.sums.SumPuzzle;
import jorn.style.LetterForm;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/** Sums in crossing rows: sums stand in parted squares on a tint, the sum of a row above the line, that of a column below it. */
final class SumsFace implements PuzzleFace<SumPuzzle> {
    private static final double SUM = 0.36;

    @Override
    public void draw(SumPuzzle puzzle, Box in, boolean solved, PuzzlePaper sheet) {
        int n = puzzle.size();
        SquarePen squares = new SquarePen(sheet, in, n + 1, n + 1);
        Ink tint = sheet.flow().palette().ink(Role.TINT);
        Path.Builder lines = Path.builder();
        Path.Builder parted = Path.builder();
        for (int r = -1; r < n; r++) {
            for (int c = -1; c < n; c++) {
                Box box = squares.square(r + 1, c + 1);
                if (puzzle.isWritten(r, c)) {
                    lines.path(Path.box(box));
                    if (solved) {
                        squares.sign(
                                Integer.toString(puzzle.solved(r, c)),
                                r + 1,
                                c + 1,
                                Voice.FIGURES,
                                Style.REGULAR,
                                Role.TEXT);
                    }
                    continue;
                }
                int across = puzzle.sum(r, c, true);
                int down = puzzle.sum(r, c, false);
                if (across > 0 || down > 0) {
                    sheet.pen().fill(Path.box(box), tint);
                    lines.path(Path.box(box));
                    parted.move(box.x(), box.y()).line(box.right(), box.bottom());
                    sum(across, box, true, sheet);
                    sum(down, box, false, sheet);
                }
            }
        }
        squares.lines(parted.build(), squares.fine(), Role.LINE);
        squares.lines(lines.build(), squares.fine() * 1.3, Role.TEXT);
    }

    private static void sum(int sum, Box box, boolean across, PuzzlePaper sheet) {
        if (sum == 0) {
            return;
        }
        double size = Math.max(Grid.SMALLEST_TYPE, box.height() * SUM);
        Lettering as = new Lettering(
                Voice.FIGURES,
                Style.REGULAR,
                size,
                LetterForm.AS_WRITTEN,
                across ? Align.RIGHT : Align.LEFT,
                sheet.pen().ink(Role.TEXT));
        double pad = box.width() * 0.08;
        double base = across ? box.y() + pad + size * 0.72 : box.bottom() - pad;
        sheet.pen().words(Integer.toString(sum), box.inset(0, pad, 0, pad), base, as);
    }
}
