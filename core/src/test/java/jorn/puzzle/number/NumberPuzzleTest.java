package jorn.puzzle.number;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import jorn.chance.Dice;
import jorn.measure.Trouble;
import jorn.puzzle.Grade;
import jorn.puzzle.PuzzleOrder;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.variables.IntVar;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Number placements have one solution, and the grade that was asked for. */
class NumberPuzzleTest {
    static Stream<Arguments> kinds() {
        List<Arguments> all = new ArrayList<>();
        for (int size : BoxGrid.sizes()) {
            for (boolean diagonals : new boolean[] {false, true}) {
                all.add(Arguments.of(size, diagonals));
            }
        }
        return all.stream();
    }

    private static NumberPuzzle make(NumberRules rules, Grade grade, int place) {
        return (NumberPuzzle) rules.make(PuzzleOrder.of(grade, 77, place, place));
    }

    private static int[] givens(NumberPuzzle puzzle) {
        int n = puzzle.grid().size();
        int[] all = new int[n * n];
        for (int i = 0; i < all.length; i++) {
            all[i] = puzzle.given(i / n, i % n);
        }
        return all;
    }

    private static int[] solution(NumberPuzzle puzzle) {
        int n = puzzle.grid().size();
        int[] all = new int[n * n];
        for (int i = 0; i < all.length; i++) {
            all[i] = puzzle.solved(i / n, i % n);
        }
        return all;
    }

    /** How many solutions a solver from elsewhere finds, up to two. */
    private static int solutionsByChoco(int size, int high, int wide, boolean diagonals, int[] givens) {
        Model model = new Model();
        IntVar[][] x = model.intVarMatrix(size, size, 1, size);
        for (int i = 0; i < size; i++) {
            int line = i;
            model.allDifferent(x[i]).post();
            model.allDifferent(Arrays.stream(x).map(r -> r[line]).toArray(IntVar[]::new))
                    .post();
            int top = i / (size / wide) * high;
            int left = i % (size / wide) * wide;
            IntVar[] box = new IntVar[size];
            for (int k = 0; k < size; k++) {
                box[k] = x[top + k / wide][left + k % wide];
            }
            model.allDifferent(box).post();
        }
        if (diagonals) {
            IntVar[] down = new IntVar[size];
            IntVar[] up = new IntVar[size];
            for (int i = 0; i < size; i++) {
                down[i] = x[i][i];
                up[i] = x[i][size - 1 - i];
            }
            model.allDifferent(down).post();
            model.allDifferent(up).post();
        }
        for (int i = 0; i < givens.length; i++) {
            if (givens[i] > 0) {
                model.arithm(x[i / size][i % size], "=", givens[i]).post();
            }
        }
        return model.getSolver()
                .findAllSolutions(new org.chocosolver.solver.search.limits.SolutionCounter(model, 2))
                .size();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyGradeHasOneSolutionAndIsWhatItSays(int size, boolean diagonals) {
        NumberRules rules = new NumberRules(size, diagonals, false, false);
        int high = rules.grid().boxHeight();
        int wide = rules.grid().boxWidth();
        for (Grade grade : Grade.values()) {
            if (grade.isHarderThan(rules.highest())) {
                continue;
            }
            NumberPuzzle puzzle = make(rules, grade, 1);
            int[] givens = givens(puzzle);
            assertEquals(grade, puzzle.grade());
            assertEquals(1, ExactCover.count(size, high, wide, diagonals, givens, 2), "exact cover");
            assertEquals(1, solutionsByChoco(size, high, wide, diagonals, givens), "choco-solver");
            for (int level = 1; level <= 3; level++) {
                boolean solved = new PlainReasoner(size, high, wide, diagonals, givens).solvesBy(level);
                assertEquals(level >= grade.number(), solved, size + " " + grade + " by reasoning of level " + level);
            }
            int[] solution = solution(puzzle);
            for (int i = 0; i < givens.length; i++) {
                assertTrue(givens[i] == 0 || givens[i] == solution[i]);
            }
            assertEquals(1, ExactCover.count(size, high, wide, diagonals, solution, 2), "the solution keeps all rules");
        }
    }

    /** All grids of 4 × 4 there are, each with one choice of givens in 32: none needs more than its boxes. */
    @Test
    void noGridOfFourNeedsMoreThanTheGentlestSteps() {
        assertEquals(0, gridsOfFourThatNeedMore(32));
        Trouble refused = assertThrows(
                Trouble.class,
                () -> new jorn.puzzle.run.Making(
                        NumberRules.of(4), List.of(3, 1), 1L, null, java.util.Map.of(), List.of()));
        assertTrue(refused.what().contains("gentle"), refused.what());
    }

    /** Likewise with every choice. */
    @Test
    @Tag("long")
    void noGridOfFourNeedsMoreWhateverIsGiven() {
        assertEquals(0, gridsOfFourThatNeedMore(1));
    }

    private static int gridsOfFourThatNeedMore(int step) {
        BoxGrid grid = BoxGrid.of(4, false);
        List<int[]> all = SolutionSearch.solutions(grid, new int[16], 1000);
        assertEquals(288, all.size(), "the number of such grids is known (OEIS A107739)");
        int more = 0;
        for (int[] full : all) {
            // By renaming, all others are like those that begin with 1, 2.
            if (full[0] != 1 || full[1] != 2 || full[2] != 3) {
                continue;
            }
            // An odd step meets every cell given and not given.
            for (int chosen = 0; chosen < 1 << 16; chosen += step == 1 ? 1 : step - 1) {
                int[] givens = new int[16];
                for (int i = 0; i < 16; i++) {
                    givens[i] = (chosen >> i & 1) != 0 ? full[i] : 0;
                }
                boolean gentle = Reasoning.of(grid, givens, NumberMaker.hardest(Grade.GENTLE))
                        .solved();
                if (!gentle && Reasoning.of(grid, givens, Technique.CHAIN).solved()) {
                    more++;
                }
            }
        }
        return more;
    }

    /** No step strikes out or writes what is not so, whatever came before; and the puzzles together need every step. */
    @Test
    void noStepEverContradictsTheSolution() {
        Set<Technique> seen = EnumSet.noneOf(Technique.class);
        for (int size : new int[] {6, 8, 9, 12}) {
            for (int place = 0; place < (size == 12 ? 12 : 30); place++) {
                BoxGrid grid = BoxGrid.of(size, place % 3 == 0);
                int[] full = SolutionSearch.full(grid, Dice.of(size * 1000L + place));
                Notes notes = new Notes(grid, thinned(grid, full, place));
                boolean led = true;
                while (led && !notes.isDone()) {
                    led = false;
                    for (Technique each : Technique.values()) {
                        if (each.take(notes)) {
                            seen.add(each);
                            led = true;
                            for (int cell = 0; cell < grid.cells(); cell++) {
                                boolean right = notes.isEmpty(cell)
                                        ? (notes.open(cell) >> (full[cell] - 1) & 1) != 0
                                        : notes.figures()[cell] == full[cell];
                                assertTrue(right, each + " on " + size);
                            }
                            break;
                        }
                    }
                }
            }
        }
        Set<Technique> rare = EnumSet.of(Technique.QUARTET, Technique.HIDDEN_QUARTET, Technique.FOUR_LINES);
        for (Technique each : Technique.values()) {
            assertTrue(seen.contains(each) || rare.contains(each), each + " was never needed");
        }
    }

    /** As few givens as have one solution. */
    private static int[] thinned(BoxGrid grid, int[] full, int seed) {
        int[] givens = full.clone();
        for (int cell : Dice.of(seed).order(grid.cells())) {
            givens[cell] = 0;
            if (SolutionSearch.solutions(grid, givens, 2).size() != 1) {
                givens[cell] = full[cell];
            }
        }
        return givens;
    }

    @Test
    void theSameSeedMakesTheSamePuzzleAndAnotherAnotherOne() {
        NumberRules rules = NumberRules.of(9);
        assertEquals(make(rules, Grade.HARD, 3), make(rules, Grade.HARD, 3));
        assertNotEquals(make(rules, Grade.HARD, 3), make(rules, Grade.HARD, 4));
    }

    @Test
    void givensAreSymmetricWhereThatIsWanted() {
        NumberPuzzle puzzle = make(NumberRules.of(9).withSymmetric(true), Grade.STEADY, 1);
        int[] givens = givens(puzzle);
        for (int i = 0; i < givens.length; i++) {
            assertEquals(givens[i] == 0, givens[givens.length - 1 - i] == 0);
        }
    }

    /** The eight ways of laying a square on itself, and any renaming, change nothing of what a puzzle is like. */
    @Test
    void turnedMirroredAndRenamedPuzzlesAreAlike() {
        NumberPuzzle puzzle = make(NumberRules.of(9), Grade.TRICKY, 5);
        int[] givens = givens(puzzle);
        int[] names = {0, 4, 7, 1, 9, 2, 8, 3, 6, 5};
        Set<Object> likenesses = new HashSet<>();
        int[] now = givens;
        for (int turn = 0; turn < 4; turn++) {
            likenesses.add(NumberPuzzle.of(puzzle.grid(), now).likeness());
            likenesses.add(NumberPuzzle.of(puzzle.grid(), mirrored(now)).likeness());
            likenesses.add(NumberPuzzle.of(
                            puzzle.grid(), Arrays.stream(now).map(f -> names[f]).toArray())
                    .likeness());
            now = turned(now);
        }
        assertArrayEquals(givens, now, "four turns lead back");
        assertEquals(1, likenesses.size());
        assertNotEquals(
                puzzle.likeness(), make(NumberRules.of(9), Grade.TRICKY, 6).likeness());
    }

    private static int[] turned(int[] squares) {
        int n = (int) Math.sqrt(squares.length);
        int[] all = new int[squares.length];
        for (int i = 0; i < all.length; i++) {
            all[i % n * n + n - 1 - i / n] = squares[i];
        }
        return all;
    }

    private static int[] mirrored(int[] squares) {
        int n = (int) Math.sqrt(squares.length);
        int[] all = new int[squares.length];
        for (int i = 0; i < all.length; i++) {
            all[i / n * n + n - 1 - i % n] = squares[i];
        }
        return all;
    }

    @Test
    void gridsWithNoSolutionOrSeveralAreRefusedWithTheReason() {
        int[] twice = new int[81];
        twice[0] = 5;
        twice[8] = 5;
        Trouble none = assertThrows(Trouble.class, () -> NumberPuzzle.of(BoxGrid.of(9, false), twice));
        assertTrue(none.what().contains("no solution"), none.what());
        Trouble many = assertThrows(Trouble.class, () -> NumberPuzzle.of(BoxGrid.of(9, false), new int[81]));
        assertTrue(many.what().contains("more than one"), many.what());
        assertThrows(Trouble.class, () -> NumberRules.of(7));
    }

    /** What needs more than the named steps is still graded, as the hardest there is (this grid is from memory of what is called hard). */
    @Test
    void aGridBeyondAllNamedStepsIsOfTheHighestGrade() {
        String hard = "8..........36......7..9.2...5...7.......457.....1...3...1....68..85...1..9....4..";
        int[] givens = hard.chars().map(c -> c == '.' ? 0 : c - '0').toArray();
        NumberPuzzle puzzle = NumberPuzzle.of(BoxGrid.of(9, false), givens);
        assertEquals(Grade.FIERCE, puzzle.grade());
        assertTrue(
                puzzle.techniques().contains("supposition"), puzzle.techniques().toString());
    }

    @Test
    @Tag("long")
    void tenThousandPuzzlesKeepTheirWord() {
        int[] sizes = {4, 6, 8, 9, 9, 9, 9, 9, 12, 9};
        for (int i = 0; i < 10_000; i++) {
            int size = sizes[i % sizes.length];
            NumberRules rules = new NumberRules(size, i % 7 == 0, i % 5 == 0 && size > 6, false);
            Grade grade = Grade.of(1 + i / 10 % rules.highest().number());
            NumberPuzzle puzzle = (NumberPuzzle) rules.make(PuzzleOrder.of(grade, i, i, i));
            assertEquals(grade, puzzle.grade());
            BoxGrid grid = rules.grid();
            assertEquals(
                    1,
                    ExactCover.count(size, grid.boxHeight(), grid.boxWidth(), grid.hasDiagonals(), givens(puzzle), 2));
        }
    }
}
