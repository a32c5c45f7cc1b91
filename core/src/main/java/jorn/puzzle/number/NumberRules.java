package jorn.puzzle.number;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.measure.Trouble;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;
import jorn.puzzle.PuzzleOrder;
import jorn.puzzle.PuzzleRules;
import jorn.say.Label;
import jorn.say.Wording;

/**
 * Number placements of a size.
 *
 * @param size squares in a row: 4, 6, 8, 9, 12 or 16
 * @param diagonals whether the diagonals too hold every figure once
 * @param symmetric whether the givens look the same turned upside down
 * @param letters whether letters stand for the figures above nine, instead of two digits
 */
@RecordBuilder
public record NumberRules(
        Integer size,
        @Label("puzzle.number.diagonals") boolean diagonals,
        @Label("puzzle.number.symmetric") boolean symmetric,
        @Label("puzzle.number.letters") boolean letters)
        implements PuzzleRules, NumberRulesBuilder.With {
    private static final int CUSTOMARY = 9;

    public NumberRules {
        size = size == null ? Integer.valueOf(CUSTOMARY) : size;
        BoxGrid.of(size, diagonals);
    }

    public static NumberRules of(int size) {
        return new NumberRules(size, false, false, false);
    }

    @Override
    public String id() {
        return "number";
    }

    @Override
    public String word() {
        return Wording.of("puzzle.number.word", size);
    }

    @JsonIgnore
    public BoxGrid grid() {
        return BoxGrid.of(size, diagonals);
    }

    /** In a grid of 4 × 4 every square follows from its boxes; that was tried with all puzzles that there are. */
    @Override
    public Grade highest() {
        return size == 4 ? Grade.GENTLE : Grade.FIERCE;
    }

    @Override
    public Puzzle make(PuzzleOrder order) {
        return NumberMaker.make(grid(), symmetric, order)
                .map(givens -> NumberPuzzle.of(grid(), givens))
                .orElseThrow(() ->
                        Trouble.of("puzzle.number.none-found", order.grade().word(), size));
    }

    @Override
    public Optional<Squares> squares() {
        return Optional.of(Squares.of(size, size > 9 && !letters ? 0.5 : 0.62));
    }

    @Override
    public String howTo() {
        return diagonals ? "@how-number-diagonals" : "@how-number";
    }
}
