package jorn.block.puzzle;

import java.util.Comparator;
import java.util.List;
import jorn.art.Box;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.layout.Align;
import jorn.layout.StyledPen.Lettering;
import jorn.puzzle.PuzzleRules.Squares;
import jorn.puzzle.run.PuzzlePlaces;
import jorn.puzzle.words.WordSearch;
import jorn.puzzle.words.WordSearch.Hidden;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/** A word search: letters in a frame, the words below; in its solution a line runs round each word. */
final class WordSearchFace implements PuzzleFace<WordSearch> {
    private static final double LARGER = 1.25;
    private static final double LOOP = 0.4;
    private static final double QUARTER = 0.5523;

    @Override
    public void draw(WordSearch puzzle, Box in, boolean solved, PuzzlePaper sheet) {
        int n = puzzle.size();
        Squares of = new Squares(
                n, n, SquarePen.SIGN, sheet.small() ? 0 : puzzle.words().size(), 0);
        Box room = PuzzlePlaces.squares(of, in, sheet.pitch());
        SquarePen squares = new SquarePen(sheet, room, n, n);
        squares.lines(Path.box(squares.all()), squares.strong() * 0.7, Role.TEXT);
        for (int r = 0; r < n; r++) {
            for (int c = 0; c < n; c++) {
                boolean faint =
                        solved && !puzzle.isHidden(r, c) && puzzle.sentence().isEmpty();
                squares.sign(
                        puzzle.letters().get(r).get(c), r, c, Voice.BODY, Style.REGULAR, faint ? Role.LINE : Role.TEXT);
            }
        }
        if (solved) {
            double weight = Math.max(0.6, squares.side() * 0.045);
            puzzle.words().forEach(w -> squares.lines(loop(w, squares), weight, Role.ACCENT));
        }
        if (!sheet.small()) {
            list(puzzle, PuzzlePlaces.below(of, in, sheet.pitch()), sheet);
        }
    }

    /** A line round the letters of a word, with round ends. */
    private static Path loop(Hidden word, SquarePen squares) {
        Box a = squares.square(word.row(), word.column());
        Box b = squares.square(word.lastRow(), word.lastColumn());
        double r = squares.side() * LOOP;
        double angle = Math.atan2(b.centreY() - a.centreY(), b.centreX() - a.centreX());
        double ux = Math.cos(angle) * r;
        double uy = Math.sin(angle) * r;
        double k = QUARTER;
        return Path.builder()
                .move(a.centreX() - uy, a.centreY() + ux)
                .curve(
                        a.centreX() - uy - k * ux,
                        a.centreY() + ux - k * uy,
                        a.centreX() - ux - k * uy,
                        a.centreY() - uy + k * ux,
                        a.centreX() - ux,
                        a.centreY() - uy)
                .curve(
                        a.centreX() - ux + k * uy,
                        a.centreY() - uy - k * ux,
                        a.centreX() + uy - k * ux,
                        a.centreY() - ux - k * uy,
                        a.centreX() + uy,
                        a.centreY() - ux)
                .line(b.centreX() + uy, b.centreY() - ux)
                .curve(
                        b.centreX() + uy + k * ux,
                        b.centreY() - ux + k * uy,
                        b.centreX() + ux + k * uy,
                        b.centreY() + uy - k * ux,
                        b.centreX() + ux,
                        b.centreY() + uy)
                .curve(
                        b.centreX() + ux - k * uy,
                        b.centreY() + uy + k * ux,
                        b.centreX() - uy + k * ux,
                        b.centreY() + ux + k * uy,
                        b.centreX() - uy,
                        b.centreY() + ux)
                .close()
                .build();
    }

    private static void list(WordSearch puzzle, Box below, PuzzlePaper sheet) {
        List<String> words = puzzle.words().stream()
                .map(Hidden::word)
                .sorted(Comparator.comparing(
                        (String w) -> w.toLowerCase(sheet.pen().locale())))
                .toList();
        int columns = PuzzlePlaces.wordColumns(below.width());
        int lines = (words.size() + columns - 1) / columns;
        double top = below.y() + sheet.pitch() * 0.6;
        double line = (below.bottom() - top) / Math.max(1, lines);
        double width = below.width() / columns;
        Lettering text = sheet.pen().text();
        Lettering as = text.sized(Math.min(text.size() * LARGER, line * 0.82)).at(Align.LEFT);
        for (int i = 0; i < words.size(); i++) {
            int column = i / Math.max(1, lines);
            Box at = Box.orEmpty(below.x() + column * width, top + i % Math.max(1, lines) * line, width - 6, line);
            double base = at.y() + line * 0.75;
            sheet.pen().words(words.get(i), at, base, as);
        }
    }
}
