package jorn.block.puzzle;

import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.block.puzzle.PuzzleFace.PuzzlePaper;
import jorn.layout.Align;
import jorn.layout.Grid;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.puzzle.run.PuzzlePlaces;
import jorn.style.LetterForm;
import jorn.text.Face;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/** Draws in the squares of a grid: lines of two weights, and signs in the middle of a square. */
final class SquarePen {
    /** Height of a sign as a share of its square's side. */
    static final double SIGN = 0.62;

    private static final double FINE = 0.018;
    private static final double STRONG = 0.085;
    /** Share of the white that lies above. */
    private static final double HIGH = 0.4;

    private static final double FINEST = 0.4;
    private static final double STRONGEST = 3;

    private final PuzzlePaper sheet;
    private final Box at;
    private final double side;

    /**
     * @param room in whose middle at the head the squares stand
     * @param across squares in a row
     * @param down squares in a column
     */
    SquarePen(PuzzlePaper sheet, Box room, double across, double down) {
        this.sheet = sheet;
        Box inside = room.inset(PuzzlePlaces.EDGE);
        this.side = Math.min(inside.width() / across, inside.height() / down);
        // Among several solutions they stand where their number does; alone in the middle, a little high.
        this.at = Box.orEmpty(
                sheet.small() ? inside.x() : inside.centreX() - side * across / 2,
                sheet.small() ? inside.y() : inside.y() + (inside.height() - side * down) * HIGH,
                side * across,
                side * down);
    }

    double side() {
        return side;
    }

    Box all() {
        return at;
    }

    /** A square, by its row and column from 0. */
    Box square(double row, double column) {
        return Box.orEmpty(at.x() + column * side, at.y() + row * side, side, side);
    }

    double fine() {
        return Math.max(FINEST, Math.min(0.6, side * FINE));
    }

    double strong() {
        return Math.max(2 * FINEST, Math.min(STRONGEST, side * STRONG));
    }

    void lines(Path path, double weight, Role role) {
        sheet.lines(path, weight, role);
    }

    void fill(double row, double column, Ink ink) {
        sheet.pen().fill(Path.box(square(row, column)), ink);
    }

    private StyledPen pen() {
        return sheet.pen();
    }

    /** How large a sign is in a square, in points. */
    double size(String text) {
        double size = side * (text.length() > 1 && Character.isDigit(text.charAt(0)) ? SIGN * 0.8 : SIGN);
        return Math.max(Grid.SMALLEST_TYPE, size);
    }

    /** A sign in the middle of a square. */
    void sign(String text, double row, double column, Voice voice, Style style, Role role) {
        Box box = square(row, column);
        Face face = sheet.flow().face(voice).face(style);
        double size = size(text);
        Lettering as = new Lettering(voice, style, size, LetterForm.AS_WRITTEN, Align.CENTRE, pen().ink(role));
        pen().words(text, box, box.centreY() + face.capHeight() * size / 2, as);
    }
}
