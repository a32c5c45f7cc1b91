package jorn.puzzle.run;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.content.Request.Room;
import jorn.measure.Length;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.PuzzleRules.Squares;

/** Where puzzles stand on a page, and how large their squares become there; lengths in points. */
public final class PuzzlePlaces {
    /** Least side of a square for readers with weak eyes (common practice: figures of at least 16 points in it). */
    public static final Length LARGE = Length.mm(9);

    /** A sign in a solution, in points; and for weak eyes. */
    private static final double SMALLEST_SOLVED = 6.8;

    private static final double SMALLEST_SOLVED_LARGE = 10.5;

    /** A room of a maze whose way is only to be seen. */
    private static final double SMALLEST_ROOM = 5;

    private static final List<Integer> SOLUTIONS = List.of(12, 9, 6, 4, 2);
    private static final int SOLUTIONS_WITHOUT_SQUARES = 6;

    /** Of a page with one puzzle, in pitches. */
    private static final double HEADING = 2.2;

    private static final double HEADING_OF_MANY = 1.5;
    private static final double HEADING_OF_SMALL = 0.95;
    private static final double FOOT = 1;
    private static final double FOOT_OF_SMALL = 0.8;
    private static final double TOLD = 0.5;
    private static final double GAP = 0.9;

    /** Between a puzzle and what is said below it. */
    private static final double CLEAR = 0.35;

    /** A column of the list of words. */
    private static final double WORD_COLUMN = 105;

    private static final int MOST_WORD_COLUMNS = 4;
    private static final double WORD_LINE = 0.85;

    /** So far half of the strongest line reaches beyond the squares. */
    public static final double EDGE = 1.5;

    private PuzzlePlaces() {}

    /**
     * One place.
     *
     * @param heading number and grade
     * @param face the puzzle itself, with its words or clues
     * @param foot where to find the other
     */
    public record PuzzlePlace(Box heading, Box face, Box foot) {}

    /** As {@link #of(Box, int, double, boolean, int)}, with nothing said of the steps of reasoning. */
    public static List<PuzzlePlace> of(Box area, int count, double pitch, boolean small) {
        return of(area, count, pitch, small, 0);
    }

    /**
     * The places of a page, row by row.
     *
     * @param count how many, from 1
     * @param small whether they are solutions among several
     * @param told lines below that tell of the steps of reasoning
     */
    public static List<PuzzlePlace> of(Box area, int count, double pitch, boolean small, int told) {
        int columns = columns(area, count);
        int rows = (count + columns - 1) / columns;
        double gap = GAP * pitch;
        double width = (area.width() - (columns - 1) * gap) / columns;
        double height = (area.height() - (rows - 1) * gap / 2) / rows;
        double heading = pitch * (small ? HEADING_OF_SMALL : count > 1 ? HEADING_OF_MANY : HEADING);
        double foot = pitch * ((small ? FOOT_OF_SMALL : FOOT) + told * TOLD);
        List<PuzzlePlace> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int row = i / columns;
            double x = area.x() + i % columns * (width + gap);
            double y = area.y() + row * (height + gap / 2);
            all.add(new PuzzlePlace(
                    Box.orEmpty(x, y, width, heading),
                    Box.orEmpty(x, y + heading, width, height - heading - foot - (small ? 0 : pitch * CLEAR)),
                    Box.orEmpty(x, y + height - foot, width, foot)));
        }
        return all;
    }

    /** So many columns that what is as high as wide becomes largest. */
    private static int columns(Box area, int count) {
        int best = 1;
        double most = 0;
        for (int columns = 1; columns <= count; columns++) {
            int rows = (count + columns - 1) / columns;
            double side = Math.min(area.width() / columns, area.height() / rows);
            if (side > most + 1e-6) {
                most = side;
                best = columns;
            }
        }
        return best;
    }

    /** Where squares stand in a face: above its words or clues. */
    public static Box squares(Squares of, Box face, double pitch) {
        double list = of.listed() == 0 ? 0 : wordLines(of.listed(), face.width()) * pitch * WORD_LINE + pitch * 0.6;
        double below = Math.max(list, face.height() * of.below());
        return Box.orEmpty(face.x(), face.y(), face.width(), face.height() - below);
    }

    /** What lies below the squares. */
    public static Box below(Squares of, Box face, double pitch) {
        Box above = squares(of, face, pitch);
        return Box.orEmpty(face.x(), above.bottom(), face.width(), face.bottom() - above.bottom());
    }

    /** Columns in which words are listed. */
    public static int wordColumns(double width) {
        return Math.max(1, Math.min(MOST_WORD_COLUMNS, (int) (width / WORD_COLUMN)));
    }

    private static int wordLines(int words, double width) {
        int columns = wordColumns(width);
        return (words + columns - 1) / columns;
    }

    /** The side of a square. */
    public static double side(Squares of, Box face, double pitch) {
        Box room = squares(of, face, pitch).inset(EDGE);
        return Math.min(room.width() / of.across(), room.height() / of.down());
    }

    /** The side of a square with so many puzzles to a page; 0 where the kind has none. */
    public static double side(PuzzleRules rules, Box area, int count, double pitch) {
        return rules.squares()
                .filter(Squares::written)
                .map(s -> side(s, of(area, count, pitch, false).get(0).face(), pitch))
                .orElse(0.0);
    }

    private static Box area(Room room) {
        return new Box(0, 0, Math.max(1, room.width()), Math.max(1, room.height()));
    }

    /** How many stand on a page: as many as are wanted, or fewer where squares have to be large. */
    static int fitting(Puzzles puzzles, Room room) {
        int wanted = puzzles.use().perPage();
        if (!puzzles.use().large() || puzzles.making().rules().squares().isEmpty()) {
            return wanted;
        }
        return PageUse.PER_PAGE.stream()
                .filter(n -> n <= wanted)
                .filter(n -> side(puzzles.making().rules(), area(room), n, room.pitch()) >= LARGE.points() - 0.01)
                .reduce((a, b) -> b)
                .orElse(1);
    }

    /**
     * How many solutions stand on a page: as many as can be read, but no more places than there are solutions.
     *
     * @param left how many are still to be placed
     */
    static int solutions(PuzzleRules rules, boolean large, int left, Room room) {
        int most = mostSolutions(rules, large, room);
        return SOLUTIONS.stream()
                .filter(n -> n >= left && n <= most)
                .reduce((a, b) -> b)
                .orElse(most);
    }

    private static int mostSolutions(PuzzleRules rules, boolean large, Room room) {
        if (rules.squares().isEmpty()) {
            return SOLUTIONS_WITHOUT_SQUARES;
        }
        Squares squares = rules.squares().get();
        double least =
                squares.written() ? (large ? SMALLEST_SOLVED_LARGE : SMALLEST_SOLVED) / squares.sign() : SMALLEST_ROOM;
        // Solutions have no words or clues below.
        Squares bare = new Squares(squares.across(), squares.down(), squares.sign(), 0, 0);
        return SOLUTIONS.stream()
                .filter(n ->
                        side(bare, of(area(room), n, room.pitch(), true).get(0).face(), room.pitch()) >= least)
                .findFirst()
                .orElse(1);
    }
}
