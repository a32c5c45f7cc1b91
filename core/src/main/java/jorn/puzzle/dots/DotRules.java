package jorn.puzzle.dots;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.Shape;
import java.util.ArrayList;
import java.util.List;
import jorn.chance.Dice;
import jorn.measure.Trouble;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;
import jorn.puzzle.PuzzleOrder;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.dots.DotPicture.Dot;
import jorn.say.Label;
import jorn.say.Wording;
import jorn.shape.Silhouettes;
import jorn.shape.SvgOutline;

/**
 * Dots to be joined.
 *
 * @param shapes names of silhouettes, or letters, that come in turn; none for all that ship, and all letters and figures
 * @param outlines of the user's own drawings, as {@link SvgOutline#read} gives them; where there are some, they come instead
 * @param dots in one picture, 8 to 250; 0 for what the grade has
 */
@RecordBuilder
public record DotRules(
        @Label("puzzle.dots.shapes") List<String> shapes,
        List<String> outlines,
        @Label("puzzle.dots.dots") Integer dots)
        implements PuzzleRules, DotRulesBuilder.With {
    private static final int[] DOTS = {24, 40, 62, 90, 130};
    private static final int FEWEST = 8;
    private static final int MOST = 250;

    public DotRules {
        shapes = shapes == null
                ? List.of()
                : shapes.stream().map(String::strip).filter(s -> !s.isEmpty()).toList();
        outlines = outlines == null ? List.of() : List.copyOf(outlines);
        dots = dots == null ? Integer.valueOf(0) : dots;
        if (dots != 0 && (dots < FEWEST || dots > MOST)) {
            throw Trouble.of("puzzle.dots.no-such-count", dots, FEWEST, MOST);
        }
    }

    /** All that ships. */
    public static DotRules customary() {
        return new DotRules(List.of(), List.of(), 0);
    }

    @Override
    public String id() {
        return "dots";
    }

    @Override
    public String word() {
        return Wording.of("puzzle.dots.word");
    }

    @Override
    public Grade highest() {
        return Grade.FIERCE;
    }

    /** What comes in turn. */
    private List<String> all() {
        if (!shapes.isEmpty()) {
            return shapes;
        }
        List<String> all = new ArrayList<>(Silhouettes.names());
        for (char c = 'A'; c <= 'Z'; c++) {
            all.add(String.valueOf(c));
        }
        for (char c = '0'; c <= '9'; c++) {
            all.add(String.valueOf(c));
        }
        return all;
    }

    @Override
    public Puzzle make(PuzzleOrder order) {
        List<String> from = new ArrayList<>(outlines.isEmpty() ? all() : outlines);
        Dice.of(order.runSeed()).shuffle(from);
        // Its own seed moves it on, so that another one is another shape.
        long moved = order.exchanged()
                ? order.turn() + 1L + Dice.of(order.seed()).below(Math.max(1, from.size() - 1))
                : order.turn();
        String chosen = from.get((int) (moved % from.size()));
        Shape shape = outlines.isEmpty() ? Silhouettes.of(chosen) : SvgOutline.shape(chosen);
        List<Dot> on = DotMaker.on(shape, dots == 0 ? DOTS[order.grade().ordinal()] : dots);
        return new DotPicture(on, shape.getBounds2D().getWidth(), order.grade());
    }

    @Override
    public String howTo() {
        return "@how-dots";
    }
}
