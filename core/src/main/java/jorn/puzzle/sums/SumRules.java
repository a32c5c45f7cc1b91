package jorn.puzzle.sums;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.chance.Dice;
import jorn.measure.Trouble;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;
import jorn.puzzle.PuzzleOrder;
import jorn.puzzle.PuzzleRules;
import jorn.say.Label;
import jorn.say.Wording;

/**
 * Sums in crossing rows.
 *
 * @param size squares in a row, 4 to 10
 */
@RecordBuilder
public record SumRules(@Label("puzzle.sums.size") Integer size) implements PuzzleRules, SumRulesBuilder.With {
    private static final int SMALLEST = 4;
    private static final int LARGEST = 10;
    private static final int CUSTOMARY = 7;
    private static final int MOST_TRIES = 60;
    private static final int MOST_CHANGES = 1500;

    public SumRules {
        size = size == null ? Integer.valueOf(CUSTOMARY) : size;
        if (size < SMALLEST || size > LARGEST) {
            throw Trouble.of("puzzle.sums.no-such-size", size, SMALLEST, LARGEST);
        }
    }

    @Override
    public String id() {
        return "sums";
    }

    @Override
    public String word() {
        return Wording.of("puzzle.sums.word", size);
    }

    /** What needs more than the ways of its sums would have to be guessed. */
    @Override
    public Grade highest() {
        return Grade.TRICKY;
    }

    @Override
    public Puzzle make(PuzzleOrder order) {
        for (int attempt = 0; attempt < MOST_TRIES; attempt++) {
            Optional<SumPuzzle> made = attempt(order.grade(), order.dice(attempt));
            if (made.isPresent()) {
                return made.get();
            }
        }
        throw Trouble.of("puzzle.sums.none-found", order.grade().word(), size);
    }

    /** Fills a board by chance and changes figures as long as fewer squares stay undecided for it. */
    private Optional<SumPuzzle> attempt(Grade grade, Dice dice) {
        SumBoard board = SumBoard.by(dice, size, longest(grade));
        SumFill fill = new SumFill(board, dice);
        SumReasoning best = reason(board, fill, grade);
        for (int i = 0; i < MOST_CHANGES && !best.isSolved(); i++) {
            int[] before = fill.figures();
            fill.change(dice.one(best.undecidedSquares()));
            SumReasoning now = reason(board, fill, grade);
            if (now.undecided() <= best.undecided()) {
                best = now;
            } else {
                fill.reset(before);
            }
        }
        return best.isSolved() && best.grade() == grade
                ? Optional.of(new SumPuzzle(board, fill.figures(), best.used()))
                : Optional.empty();
    }

    private static SumReasoning reason(SumBoard board, SumFill fill, Grade grade) {
        return new SumReasoning(board, SumPuzzle.sums(board, fill.figures())).to(grade);
    }

    /** Short runs have few ways to make a sum. */
    private static int longest(Grade grade) {
        return switch (grade) {
            case GENTLE -> 3;
            case STEADY -> 4;
            default -> 6;
        };
    }

    @Override
    public Optional<Squares> squares() {
        return Optional.of(Squares.of(size + 1, 0.36));
    }

    @Override
    public String howTo() {
        return "@how-sums";
    }
}
