package jorn.block.puzzle;

import java.util.List;
import jorn.art.Box;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.layout.Align;
import jorn.layout.Grid;
import jorn.layout.StyledPen.Lettering;
import jorn.puzzle.arithmetic.SumSheet;
import jorn.puzzle.arithmetic.SumSheet.Exercise;
import jorn.style.LetterForm;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/** Sums to practise, in columns, each with a line to write on or its result. */
final class ArithmeticFace implements PuzzleFace<SumSheet> {
    private static final double LARGEST = 17;
    private static final double ROW = 2.1;
    private static final double MOST_ROW = 3.2;

    @Override
    public void draw(SumSheet puzzle, Box in, boolean solved, PuzzlePaper sheet) {
        List<Exercise> all = puzzle.exercises();
        Lettering plain = new Lettering(
                Voice.FIGURES,
                Style.REGULAR,
                1,
                LetterForm.AS_WRITTEN,
                Align.RIGHT,
                sheet.pen().ink(Role.TEXT));
        double asked = all.stream()
                .mapToDouble(e -> sheet.pen().width(e.asked(), plain))
                .max()
                .orElse(1);
        double answer = all.stream()
                .mapToDouble(e -> sheet.pen().width(Integer.toString(e.result()), plain))
                .max()
                .orElse(1);
        double room = solved ? answer + 0.6 : Math.max(2.6, answer * 1.8);
        int columns = 1;
        double size = 0;
        // As many columns as let the figures be largest.
        for (int c = 1; c <= 5; c++) {
            int rows = (all.size() + c - 1) / c;
            double fits = Math.min(LARGEST, Math.min(in.width() / c / (asked + room + 1), in.height() / rows / ROW));
            if (fits > size + 0.2) {
                size = fits;
                columns = c;
            }
        }
        size = Math.max(Grid.SMALLEST_TYPE, size);
        int rows = (all.size() + columns - 1) / columns;
        double row = Math.min(in.height() / rows, size * MOST_ROW);
        double width = in.width() / columns;
        Lettering as = plain.sized(size);
        Path.Builder lines = Path.builder();
        for (int i = 0; i < all.size(); i++) {
            Exercise each = all.get(i);
            int column = i / rows;
            double x = in.x() + column * width;
            double base = in.y() + (i % rows + 0.68) * row;
            Box question = Box.orEmpty(x, base - size, asked * size + 1, size * 1.3);
            sheet.pen().words(each.asked(), question, base, as);
            double from = question.right() + size * 0.4;
            if (solved) {
                sheet.pen()
                        .words(
                                Integer.toString(each.result()),
                                Box.orEmpty(from, base - size, answer * size + 1, size * 1.3),
                                base,
                                as.in(Style.BOLD));
            } else {
                lines.move(from, base + size * 0.15).line(from + room * size * 0.85, base + size * 0.15);
            }
        }
        if (!solved) {
            sheet.lines(lines.build(), 0.6, Role.TEXT);
        }
    }
}
