package jorn.puzzle.arithmetic;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import jorn.chance.Dice;
import jorn.measure.Trouble;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;
import jorn.puzzle.PuzzleOrder;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.arithmetic.SumSheet.Exercise;
import jorn.puzzle.arithmetic.SumSheet.SumSign;
import jorn.say.Label;
import jorn.say.Wording;

/**
 * Sheets of sums.
 *
 * @param what is practised
 * @param least the smallest number that stands in a sum, from 0
 * @param most the largest number in a sum of adding and taking away, its result too, and the largest factor of multiplying and dividing; 0 for
 *     what the grade has
 * @param carrying whether digits are carried
 * @param count sums on a sheet, 4 to 100
 */
@RecordBuilder
public record ArithmeticRules(
        @Label("puzzle.arithmetic.what") Practice what,
        @Label("puzzle.arithmetic.least") Integer least,
        @Label("puzzle.arithmetic.most") Integer most,
        @Label("puzzle.arithmetic.carrying") Carrying carrying,
        @Label("puzzle.arithmetic.count") Integer count)
        implements PuzzleRules, ArithmeticRulesBuilder.With {
    /** What is practised. */
    public enum Practice {
        @Label("puzzle.practice.add")
        ADD,
        @Label("puzzle.practice.subtract")
        SUBTRACT,
        @Label("puzzle.practice.add-subtract")
        ADD_AND_SUBTRACT,
        @Label("puzzle.practice.multiply")
        MULTIPLY,
        @Label("puzzle.practice.divide")
        DIVIDE,
        @Label("puzzle.practice.multiply-divide")
        MULTIPLY_AND_DIVIDE,
        @Label("puzzle.practice.all")
        ALL;

        List<SumSign> signs() {
            return switch (this) {
                case ADD -> List.of(SumSign.ADD);
                case SUBTRACT -> List.of(SumSign.SUBTRACT);
                case ADD_AND_SUBTRACT -> List.of(SumSign.ADD, SumSign.SUBTRACT);
                case MULTIPLY -> List.of(SumSign.MULTIPLY);
                case DIVIDE -> List.of(SumSign.DIVIDE);
                case MULTIPLY_AND_DIVIDE -> List.of(SumSign.MULTIPLY, SumSign.DIVIDE);
                case ALL -> List.of(SumSign.values());
            };
        }
    }

    /** Whether digits are carried in adding and borrowed in taking away. */
    public enum Carrying {
        /** Not in gentle ones. */
        @Label("puzzle.carrying.by-grade")
        BY_GRADE,
        @Label("puzzle.carrying.without")
        WITHOUT,
        @Label("puzzle.carrying.with")
        WITH
    }

    /** Largest number of adding and taking away by grade (common practice in primary schools). */
    private static final int[] ADD_UP_TO = {10, 20, 100, 1000, 10_000};

    /** Largest factor by grade (common practice: the tables of 5, 10 and 12, then larger ones). */
    private static final int[] FACTOR_UP_TO = {5, 10, 12, 25, 100};

    private static final int CUSTOMARY_COUNT = 20;
    private static final int FEWEST = 4;
    private static final int MOST_COUNT = 100;
    private static final int LARGEST = 100_000;
    private static final int MOST_TRIES = 4000;

    public ArithmeticRules {
        what = what == null ? Practice.ADD_AND_SUBTRACT : what;
        least = least == null ? Integer.valueOf(0) : least;
        most = most == null ? Integer.valueOf(0) : most;
        carrying = carrying == null ? Carrying.BY_GRADE : carrying;
        count = count == null ? Integer.valueOf(CUSTOMARY_COUNT) : count;
        if (count < FEWEST || count > MOST_COUNT) {
            throw Trouble.of("puzzle.arithmetic.no-such-count", count, FEWEST, MOST_COUNT);
        }
        if (least < 0 || most < 0 || most > LARGEST || (most > 0 && least >= most)) {
            throw Trouble.of("puzzle.arithmetic.no-such-range", least, most, LARGEST);
        }
    }

    public static ArithmeticRules of(Practice what) {
        return new ArithmeticRules(what, 0, 0, Carrying.BY_GRADE, CUSTOMARY_COUNT);
    }

    @Override
    public String id() {
        return "arithmetic";
    }

    @Override
    public String word() {
        return Wording.of("puzzle.arithmetic.word");
    }

    @Override
    public Grade highest() {
        return Grade.FIERCE;
    }

    @Override
    public Puzzle make(PuzzleOrder order) {
        Dice dice = order.dice(0);
        Set<Exercise> all = new LinkedHashSet<>();
        List<SumSign> signs = what.signs();
        int again = 0;
        for (int i = 0; all.size() < count && i < MOST_TRIES; i++) {
            Exercise each = exercise(signs.get(all.size() % signs.size()), order.grade(), dice);
            boolean fits = fits(each, order.grade());
            // A narrow range has fewer sums than a sheet has room for: then some come again.
            again += fits && all.contains(each) ? 1 : 0;
            if (fits) {
                all.add(each);
            }
        }
        if (all.isEmpty()) {
            throw Trouble.of("puzzle.arithmetic.none-found", least, most(signs.get(0), order.grade()));
        }
        List<Exercise> sheet = new ArrayList<>(all);
        while (sheet.size() < count && again > 0) {
            sheet.add(sheet.get(dice.below(all.size())));
        }
        return new SumSheet(sheet, order.grade());
    }

    private int most(SumSign sign, Grade grade) {
        boolean factors = sign == SumSign.MULTIPLY || sign == SumSign.DIVIDE;
        return most > 0 ? most : (factors ? FACTOR_UP_TO : ADD_UP_TO)[grade.ordinal()];
    }

    private boolean fits(Exercise each, Grade grade) {
        if (each.sign() == SumSign.MULTIPLY || each.sign() == SumSign.DIVIDE) {
            return true;
        }
        if (each.sign() == SumSign.ADD && each.result() > most(SumSign.ADD, grade)) {
            return false;
        }
        return switch (carrying) {
            case WITHOUT -> !each.carries();
            case WITH -> each.carries();
            case BY_GRADE -> grade != Grade.GENTLE || !each.carries();
        };
    }

    private Exercise exercise(SumSign sign, Grade grade, Dice dice) {
        int top = most(sign, grade);
        int low = Math.min(least, top);
        int a = low + dice.below(top - low + 1);
        int b = low + dice.below(top - low + 1);
        return switch (sign) {
            case ADD -> {
                int first = low + dice.below(Math.max(1, top - 2 * low + 1));
                int second = low + dice.below(Math.max(1, top - first - low + 1));
                yield dice.falls(0.5) ? new Exercise(first, sign, second) : new Exercise(second, sign, first);
            }
            case SUBTRACT -> new Exercise(Math.max(a, b), sign, Math.min(a, b));
            case MULTIPLY -> new Exercise(a, sign, b);
            case DIVIDE -> new Exercise(a * Math.max(1, b), sign, Math.max(1, b));
        };
    }

    @Override
    public String howTo() {
        return "@how-arithmetic";
    }
}
