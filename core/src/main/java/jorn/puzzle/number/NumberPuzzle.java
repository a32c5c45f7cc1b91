package jorn.puzzle.number;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jorn.measure.Trouble;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;

/** A number placement with one solution. */
public final class NumberPuzzle implements Puzzle {
    private final BoxGrid grid;
    private final int[] givens;
    private final int[] solution;
    private final Set<Technique> steps;

    private NumberPuzzle(BoxGrid grid, int[] givens, int[] solution, Set<Technique> steps) {
        this.grid = grid;
        this.givens = givens;
        this.solution = solution;
        this.steps = steps;
    }

    /**
     * The puzzle of givens.
     *
     * @param givens figures from 1, 0 for an empty square, row by row
     * @throws Trouble where they have no solution, or more than one
     */
    public static NumberPuzzle of(BoxGrid grid, int[] givens) {
        List<int[]> solutions = SolutionSearch.solutions(grid, givens, 2);
        if (solutions.isEmpty()) {
            throw Trouble.of("puzzle.number.no-solution");
        }
        if (solutions.size() > 1) {
            int[] a = solutions.get(0);
            int[] b = solutions.get(1);
            int differs = Arrays.mismatch(a, b);
            throw Trouble.of(
                    "puzzle.number.several-solutions",
                    differs / grid.size() + 1,
                    differs % grid.size() + 1,
                    Math.min(a[differs], b[differs]),
                    Math.max(a[differs], b[differs]));
        }
        Reasoning reasoning = Reasoning.of(grid, givens);
        Set<Technique> steps = reasoning.techniques();
        if (!reasoning.solved()) {
            steps.add(Technique.SUPPOSITION);
        }
        return new NumberPuzzle(grid, givens.clone(), solutions.get(0), steps);
    }

    public BoxGrid grid() {
        return grid;
    }

    /** The figure that is given in a square, from 1; 0 where it is empty. */
    public int given(int row, int column) {
        return givens[row * grid.size() + column];
    }

    /** The figure of the solution in a square, from 1. */
    public int solved(int row, int column) {
        return solution[row * grid.size() + column];
    }

    @Override
    public Grade grade() {
        return steps.stream().map(Technique::grade).reduce(Grade.GENTLE, Grade::orHarder);
    }

    @Override
    public List<String> techniques() {
        return steps.stream().map(Technique::id).toList();
    }

    @Override
    public Map<String, Object> told() {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("size", grid.size());
        all.put("diagonals", grid.hasDiagonals());
        all.put("givens", rows(givens));
        all.put("solution", rows(solution));
        all.put("grade", grade().number());
        all.put("techniques", techniques());
        return all;
    }

    private List<List<Integer>> rows(int[] squares) {
        List<List<Integer>> rows = new ArrayList<>();
        for (int r = 0; r < grid.size(); r++) {
            rows.add(Arrays.stream(squares, r * grid.size(), (r + 1) * grid.size())
                    .boxed()
                    .toList());
        }
        return rows;
    }

    /** The givens with their figures renamed in the order in which they come, turned and mirrored so that they come first in order. */
    @Override
    public String likeness() {
        String least = "";
        for (int way = 0; way < 8; way++) {
            String seen = seen(way);
            if (least.isEmpty() || seen.compareTo(least) < 0) {
                least = seen;
            }
        }
        return grid.size() + (grid.hasDiagonals() ? "x" : "") + least;
    }

    /** @param way one of the eight ways of laying a square on itself */
    private String seen(int way) {
        int n = grid.size();
        char[] names = new char[n + 1];
        char next = 'a';
        StringBuilder seen = new StringBuilder();
        for (int r = 0; r < n; r++) {
            for (int c = 0; c < n; c++) {
                int row = (way & 1) == 0 ? r : n - 1 - r;
                int column = (way & 2) == 0 ? c : n - 1 - c;
                int given = (way & 4) == 0 ? given(row, column) : given(column, row);
                if (given > 0 && names[given] == 0) {
                    names[given] = next++;
                }
                seen.append(given == 0 ? '.' : names[given]);
            }
        }
        return seen.toString();
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof NumberPuzzle p && grid.equals(p.grid) && Arrays.equals(givens, p.givens);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(givens);
    }
}
