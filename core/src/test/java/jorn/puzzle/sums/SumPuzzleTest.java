package jorn.puzzle.sums;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jorn.measure.Trouble;
import jorn.puzzle.Grade;
import jorn.puzzle.PuzzleOrder;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.search.limits.SolutionCounter;
import org.chocosolver.solver.variables.IntVar;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Sums in crossing rows: one solution, no figure twice in a run, every sum as it says. */
class SumPuzzleTest {
    private static SumPuzzle make(int size, Grade grade, int place) {
        return (SumPuzzle) new SumRules(size).make(PuzzleOrder.of(grade, 5, place, place));
    }

    /** The runs of a puzzle as a reader sees them: a sum in a square, and the white squares behind it. */
    private static Map<List<List<Integer>>, Integer> runs(SumPuzzle puzzle) {
        Map<List<List<Integer>>, Integer> all = new HashMap<>();
        for (int r = -1; r < puzzle.size(); r++) {
            for (int c = -1; c < puzzle.size(); c++) {
                for (boolean across : new boolean[] {true, false}) {
                    int sum = puzzle.sum(r, c, across);
                    if (sum > 0) {
                        List<List<Integer>> squares = new ArrayList<>();
                        int row = across ? r : r + 1;
                        int column = across ? c + 1 : c;
                        while (puzzle.isWritten(row, column)) {
                            squares.add(List.of(row, column));
                            row += across ? 0 : 1;
                            column += across ? 1 : 0;
                        }
                        all.put(squares, sum);
                    }
                }
            }
        }
        return all;
    }

    private static int solutionsByChoco(SumPuzzle puzzle) {
        Model model = new Model();
        Map<List<Integer>, IntVar> squares = new HashMap<>();
        runs(puzzle).forEach((run, sum) -> {
            IntVar[] vars = run.stream()
                    .map(s -> squares.computeIfAbsent(s, k -> model.intVar(1, 9)))
                    .toArray(IntVar[]::new);
            model.allDifferent(vars).post();
            model.sum(vars, "=", sum).post();
        });
        return model.getSolver().findAllSolutions(new SolutionCounter(model, 2)).size();
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 5, 7, 8})
    void hasOneSolutionOfTheGradeThatWasAskedFor(int size) {
        for (Grade grade : List.of(Grade.GENTLE, Grade.STEADY, Grade.TRICKY)) {
            SumPuzzle puzzle = make(size, grade, 2);
            assertEquals(grade, puzzle.grade());
            assertEquals(1, solutionsByChoco(puzzle), size + " " + grade);
            int white = 0;
            for (int r = 0; r < size; r++) {
                for (int c = 0; c < size; c++) {
                    assertEquals(puzzle.isWritten(r, c), puzzle.solved(r, c) > 0);
                    assertEquals(
                            puzzle.isWritten(r, c), puzzle.isWritten(size - 1 - r, size - 1 - c), "turned upside down");
                    white += puzzle.isWritten(r, c) ? 1 : 0;
                }
            }
            assertTrue(white * 2 >= size * size, "half of it is written in");
            int crossed = 0;
            for (Map.Entry<List<List<Integer>>, Integer> run : runs(puzzle).entrySet()) {
                List<Integer> figures = run.getKey().stream()
                        .map(s -> puzzle.solved(s.get(0), s.get(1)))
                        .toList();
                assertEquals(run.getValue(), figures.stream().mapToInt(f -> f).sum());
                assertEquals(figures.size(), figures.stream().distinct().count());
                assertTrue(figures.size() >= 2);
                crossed += figures.size();
            }
            assertEquals(2 * white, crossed, "every square lies in a run across and in one down");
        }
    }

    /** By hand: 3 and 4 in two squares go one way each, 1+2 and 1+3, so the corner is 1 and all else follows. */
    @Test
    void theGentlestStepsAreEnoughWhereSumsGoOneWay() {
        SumPuzzle puzzle = make(5, Grade.GENTLE, 1);
        assertTrue(puzzle.techniques().contains("one-way"), puzzle.techniques().toString());
        assertTrue(List.of("rest-of-sum", "one-way").containsAll(puzzle.techniques()));
        SumPuzzle tricky = make(5, Grade.TRICKY, 1);
        assertTrue(tricky.techniques().contains("places-of-ways"));
    }

    @Test
    void refusesSizesAndGradesThatThereAreNot() {
        assertThrows(Trouble.class, () -> new SumRules(3));
        assertThrows(Trouble.class, () -> new SumRules(11));
        assertEquals(Grade.TRICKY, new SumRules(7).highest());
    }

    @Test
    void theSameOrderMakesTheSameBoardAndLikenessesTellBoardsApart() {
        assertEquals(make(6, Grade.STEADY, 4), make(6, Grade.STEADY, 4));
        assertNotEquals(
                make(6, Grade.STEADY, 4).likeness(), make(6, Grade.STEADY, 5).likeness());
    }

    /** A file says the same in the same order on every run: the sum of a run, then where it stands. */
    @Test
    void whatIsToldIsInOneOrder() {
        Map<String, Object> told = make(6, Grade.GENTLE, 1).told();
        assertEquals(List.of("size", "runs", "solution", "grade", "techniques"), List.copyOf(told.keySet()));
        for (Object run : (List<?>) told.get("runs")) {
            assertTrue(run instanceof java.util.LinkedHashMap, "in the order in which it is put in: " + run.getClass());
            assertEquals(List.of("sum", "squares"), List.copyOf(((Map<?, ?>) run).keySet()));
        }
    }
}
