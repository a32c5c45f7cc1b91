package jorn.block.puzzle;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.layout.Align;
import jorn.layout.Grid;
import jorn.layout.StyledPen.Lettering;
import jorn.puzzle.words.CrissCross;
import jorn.puzzle.words.CrissCross.LaidWord;
import jorn.style.LetterForm;
import jorn.text.LineBreaker;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/** Words interlocked: their squares, each first one with a number, and the clues below in two columns, across and down. */
final class CrissCrossFace implements PuzzleFace<CrissCross> {
    private static final double NUMBER = 0.3;
    private static final double LARGER = 1.3;
    private static final double LEADING = 1.25;
    private static final double LARGEST_SQUARE = 34;

    @Override
    public void draw(CrissCross puzzle, Box in, boolean solved, PuzzlePaper sheet) {
        double below = sheet.small() ? 0 : in.height() * CrissCross.CLUES;
        Box above = Box.orEmpty(in.x(), in.y(), in.width(), in.height() - below);
        double most = LARGEST_SQUARE * Math.max(puzzle.columns(), puzzle.rows());
        Box room = Box.orEmpty(
                above.centreX() - Math.min(above.width(), most) / 2,
                above.y(),
                Math.min(above.width(), most),
                Math.min(above.height(), most));
        SquarePen squares = new SquarePen(sheet, room, puzzle.columns(), puzzle.rows());
        Path.Builder lines = Path.builder();
        for (int r = 0; r < puzzle.rows(); r++) {
            for (int c = 0; c < puzzle.columns(); c++) {
                String letter = puzzle.letter(r, c);
                if (letter.isEmpty()) {
                    continue;
                }
                lines.path(Path.box(squares.square(r, c)));
                if (solved || puzzle.isGiven(r, c)) {
                    Style style = puzzle.isGiven(r, c) && solved ? Style.BOLD : Style.REGULAR;
                    squares.sign(letter, r, c, Voice.BODY, style, Role.TEXT);
                }
                int number = puzzle.number(r, c);
                if (number > 0 && !sheet.small()) {
                    number(number, squares.square(r, c), sheet);
                }
            }
        }
        squares.lines(lines.build(), squares.fine() * 1.3, Role.TEXT);
        if (!sheet.small()) {
            clues(puzzle, Box.orEmpty(in.x(), in.bottom() - below, in.width(), below), sheet);
        }
    }

    private static void number(int number, Box box, PuzzlePaper sheet) {
        double size = Math.max(Grid.SMALLEST_TYPE, box.height() * NUMBER);
        Lettering as = new Lettering(
                Voice.FIGURES,
                Style.REGULAR,
                size,
                LetterForm.AS_WRITTEN,
                Align.LEFT,
                sheet.pen().ink(Role.TEXT));
        sheet.pen().words(Integer.toString(number), box.inset(0, 0, 0, 1.6), box.y() + size * 0.85, as);
    }

    private record Line(String text, boolean heading, boolean first) {}

    private static void clues(CrissCross puzzle, Box in, PuzzlePaper sheet) {
        double gap = sheet.pitch();
        double width = (in.width() - gap) / 2;
        double size = sheet.pen().text().size() * LARGER;
        // Where there is too little room all clues are set smaller, down to the floor.
        while (size > Grid.SMALLEST_TYPE && tallest(puzzle, width, size, sheet) > in.height() - gap / 2) {
            size = Math.max(Grid.SMALLEST_TYPE, size - 0.4);
        }
        for (boolean across : new boolean[] {true, false}) {
            double x = across ? in.x() : in.x() + width + gap;
            double y = in.y() + gap / 2 + size;
            for (Line line : lines(puzzle, across, width, size, sheet)) {
                Lettering as = line.heading()
                        ? sheet.pen().title().sized(size * 1.05)
                        : sheet.pen().text().sized(size);
                double indent = line.heading() || line.first() ? 0 : size * 1.6;
                sheet.pen().words(line.text(), Box.orEmpty(x + indent, y - size, width - indent, size * 1.3), y, as);
                y += size * LEADING;
            }
        }
    }

    private static double tallest(CrissCross puzzle, double width, double size, PuzzlePaper sheet) {
        int most = Math.max(
                lines(puzzle, true, width, size, sheet).size(),
                lines(puzzle, false, width, size, sheet).size());
        return most * size * LEADING;
    }

    /** Whether all clues have room. */
    static boolean hasRoom(CrissCross puzzle, Box in, PuzzlePaper sheet) {
        double width = (in.width() - sheet.pitch()) / 2;
        return tallest(puzzle, width, Grid.SMALLEST_TYPE, sheet) <= in.height() * CrissCross.CLUES;
    }

    private static List<Line> lines(CrissCross puzzle, boolean across, double width, double size, PuzzlePaper sheet) {
        List<Line> all = new ArrayList<>();
        all.add(new Line(sheet.flow().fill(across ? "@clues-across" : "@clues-down"), true, true));
        for (LaidWord each : puzzle.words()) {
            if (each.across() != across) {
                continue;
            }
            // A word without a clue is told itself: then it is to be fitted in.
            String clue = each.clue().isEmpty() ? each.word() : each.clue();
            String text = each.number() + "  " + clue + " (" + each.letters().size() + ")";
            List<String> broken = LineBreaker.breakAt(
                    sheet.flow().face(Voice.BODY).face(Style.REGULAR), size, text, width - size * 1.6);
            for (int i = 0; i < broken.size(); i++) {
                all.add(new Line(broken.get(i), false, i == 0));
            }
        }
        return all;
    }
}
