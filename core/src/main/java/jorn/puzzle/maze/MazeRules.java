package jorn.puzzle.maze;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.Shape;
import java.awt.geom.Rectangle2D;
import java.util.Optional;
import jorn.content.Memo;
import jorn.measure.Trouble;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;
import jorn.puzzle.PuzzleOrder;
import jorn.puzzle.PuzzleRules;
import jorn.say.Label;
import jorn.say.SettingKind;
import jorn.say.Wording;
import jorn.shape.Silhouettes;

/**
 * Mazes.
 *
 * @param form what its rooms are
 * @param across rooms across, 5 to 60; 0 for what the grade needs
 * @param shape of mazes inside a shape: a letter, or the name of an outline that ships
 */
@RecordBuilder
public record MazeRules(
        @Label("puzzle.maze.form") MazeForm form,
        @Label("puzzle.maze.across") Integer across,
        @Label(value = "puzzle.maze.shape", as = SettingKind.WORDS) String shape)
        implements PuzzleRules, MazeRulesBuilder.With {
    /** What the rooms of a maze are. */
    public enum MazeForm {
        @Label("puzzle.maze-form.rectangle")
        RECTANGLE,
        @Label("puzzle.maze-form.round")
        ROUND,
        @Label("puzzle.maze-form.hexagons")
        HEXAGONS,
        @Label("puzzle.maze-form.shape")
        SHAPE
    }

    private record FieldKey(MazeForm form, String shape, int wide) {}

    private static final int FIELDS_KEPT = 64;

    private static final Memo<FieldKey, MazeField> FIELDS = new Memo<>(FIELDS_KEPT);

    private static final int SMALLEST = 5;
    private static final int LARGEST = 60;
    private static final int MOST_TRIES = 300;

    /** A page is a quarter higher than wide, without its heading. */
    private static final double TALL = 1.2;

    /** Rooms, from which a grade is mostly reached at the first try. */
    private static final int[] ROOMS = {110, 260, 560, 1050, 1700};

    /** No way through so many rooms with all its dead ends counts more than this share of them. */
    private static final double MOST_EFFORT = 0.62;

    /** In a shape the way leads from its head to its foot, and arms that it passes by count little. */
    private static final double MOST_EFFORT_IN_SHAPE = 0.45;

    private static final double LONG_WAY = 0.97;

    public MazeRules {
        form = form == null ? MazeForm.RECTANGLE : form;
        across = across == null ? Integer.valueOf(0) : across;
        shape = shape == null || shape.isBlank() ? "A" : shape.strip();
        if (across != 0 && (across < SMALLEST || across > LARGEST)) {
            throw Trouble.of("puzzle.maze.no-such-size", across, SMALLEST, LARGEST);
        }
        if (!Silhouettes.isShipped(shape) && shape.codePointCount(0, shape.length()) > 1) {
            throw Trouble.of("puzzle.maze.long-shape", shape);
        }
    }

    public static MazeRules of(MazeForm form) {
        return new MazeRules(form, 0, "A");
    }

    @Override
    public String id() {
        return "maze";
    }

    @Override
    public String word() {
        return Wording.of("puzzle.maze.word");
    }

    @Override
    public Grade highest() {
        int most = across == 0 ? LARGEST : across;
        double share = form == MazeForm.SHAPE ? MOST_EFFORT_IN_SHAPE : MOST_EFFORT;
        return Maze.gradeOf((int) (field(most).rooms().size() * share));
    }

    @Override
    public Puzzle make(PuzzleOrder order) {
        MazeField field = field(across == 0 ? acrossFor(order.grade()) : across);
        for (int attempt = 0; attempt < MOST_TRIES; attempt++) {
            // The larger the field, the more branched it must be for an easy grade.
            double winding = across == 0
                    ? 0.5 + 0.5 * order.dice(attempt).share()
                    : order.dice(attempt).share();
            Maze maze = Maze.in(field, winding > LONG_WAY ? 1 : winding, order.dice(attempt));
            if (maze.grade() == order.grade()) {
                return maze;
            }
        }
        throw Trouble.of("puzzle.maze.none-found", order.grade().word());
    }

    private int acrossFor(Grade grade) {
        int rooms = ROOMS[grade.ordinal()];
        int wide = SMALLEST;
        while (wide < LARGEST && field(wide).rooms().size() < rooms) {
            wide++;
        }
        return wide;
    }

    /** The field; kept, as it is asked for its size again and again. */
    private MazeField field(int wide) {
        FieldKey key = new FieldKey(form, form == MazeForm.SHAPE ? shape : "", wide);
        return FIELDS.of(key, () -> fresh(wide));
    }

    private MazeField fresh(int wide) {
        return switch (form) {
            case RECTANGLE -> SquareField.rectangle(wide, (int) Math.round(wide * TALL));
            case ROUND -> RingField.of(Math.max(2, (wide - 2) / 2));
            case HEXAGONS -> HexField.of(Math.max(2, (wide - 1) / 2));
            case SHAPE -> {
                Shape outline = Silhouettes.of(shape);
                Rectangle2D box = outline.getBounds2D();
                yield SquareField.within(outline, box.getWidth(), wide);
            }
        };
    }

    @Override
    public Optional<Squares> squares() {
        MazeField field = field(across == 0 ? acrossFor(Grade.TRICKY) : across);
        return Optional.of(new Squares(field.width(), field.height(), 0, 0, 0));
    }

    @Override
    public String howTo() {
        return "@how-maze";
    }
}
