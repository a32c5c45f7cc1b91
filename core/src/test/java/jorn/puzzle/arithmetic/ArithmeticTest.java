package jorn.puzzle.arithmetic;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import jorn.measure.Trouble;
import jorn.puzzle.Grade;
import jorn.puzzle.PuzzleOrder;
import jorn.puzzle.arithmetic.ArithmeticRules.Carrying;
import jorn.puzzle.arithmetic.ArithmeticRules.Practice;
import jorn.puzzle.arithmetic.SumSheet.Exercise;
import jorn.puzzle.arithmetic.SumSheet.SumSign;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Sums to practise keep to their range, and carry where they should. */
class ArithmeticTest {
    private static SumSheet make(ArithmeticRules rules, Grade grade) {
        return (SumSheet) rules.make(PuzzleOrder.of(grade, 9, 0, 0));
    }

    @ParameterizedTest
    @EnumSource(Practice.class)
    void everyResultIsRightWholeAndNotBelowNought(Practice what) {
        for (Grade grade : Grade.values()) {
            SumSheet sheet = make(ArithmeticRules.of(what), grade);
            assertEquals(20, sheet.exercises().size());
            for (Exercise e : sheet.exercises()) {
                double right =
                        switch (e.sign()) {
                            case ADD -> e.first() + (double) e.second();
                            case SUBTRACT -> e.first() - (double) e.second();
                            case MULTIPLY -> e.first() * (double) e.second();
                            case DIVIDE -> e.first() / (double) e.second();
                        };
                assertEquals(right, e.result(), e.asked());
                assertTrue(e.result() >= 0);
            }
        }
    }

    @Test
    void rangesAreKept() {
        ArithmeticRules rules =
                ArithmeticRules.of(Practice.ALL).withLeast(3).withMost(20).withCount(40);
        for (Exercise e : make(rules, Grade.HARD).exercises()) {
            assertTrue(e.second() >= 3 || e.sign() == SumSign.DIVIDE, e.asked());
            switch (e.sign()) {
                case ADD -> assertTrue(e.result() <= 20 && e.first() >= 3, e.asked());
                case SUBTRACT -> assertTrue(e.first() <= 20, e.asked());
                default -> assertTrue(e.second() <= 20, e.asked());
            }
        }
    }

    /** By hand: 27 + 5 and 32 − 5 go over a ten, 27 + 2 and 29 − 5 do not, and 95 + 10 does so in the tens. */
    @Test
    void carryingIsKnown() {
        assertTrue(new Exercise(27, SumSign.ADD, 5).carries());
        assertTrue(new Exercise(32, SumSign.SUBTRACT, 5).carries());
        assertTrue(new Exercise(95, SumSign.ADD, 10).carries());
        assertFalse(new Exercise(27, SumSign.ADD, 2).carries());
        assertFalse(new Exercise(29, SumSign.SUBTRACT, 5).carries());
        assertFalse(new Exercise(100, SumSign.SUBTRACT, 100).carries());
        ArithmeticRules base = ArithmeticRules.of(Practice.ADD_AND_SUBTRACT);
        assertTrue(make(base.withCarrying(Carrying.WITH), Grade.TRICKY).exercises().stream()
                .allMatch(Exercise::carries));
        assertTrue(make(base.withCarrying(Carrying.WITHOUT), Grade.TRICKY).exercises().stream()
                .noneMatch(Exercise::carries));
        assertTrue(make(base, Grade.GENTLE).exercises().stream().noneMatch(Exercise::carries));
    }

    @Test
    void sumsComeOnceWhereTheRangeHasEnoughOfThem() {
        SumSheet sheet = make(ArithmeticRules.of(Practice.ADD).withCount(50), Grade.TRICKY);
        assertEquals(50, new HashSet<>(sheet.exercises()).size());
        assertEquals(
                100,
                make(ArithmeticRules.of(Practice.ADD).withMost(5).withCount(100), Grade.GENTLE)
                        .exercises()
                        .size());
    }

    @Test
    void whatMakesNoSumsIsRefused() {
        ArithmeticRules base = ArithmeticRules.of(Practice.ADD);
        assertThrows(Trouble.class, () -> base.withCount(2));
        assertThrows(Trouble.class, () -> base.withLeast(20).withMost(10));
        assertThrows(Trouble.class, () -> make(base.withMost(100).withLeast(60), Grade.HARD));
    }
}
