package jorn.puzzle.sums;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;

/** Sums in crossing rows with one solution. */
public final class SumPuzzle implements Puzzle {
    private final SumBoard board;
    private final int[] solution;
    private final int[] sums;
    private final Set<SumStep> steps;

    SumPuzzle(SumBoard board, int[] solution, Set<SumStep> steps) {
        this.board = board;
        this.solution = solution;
        this.sums = sums(board, solution);
        this.steps = steps;
    }

    /** What the runs of a full board make. */
    static int[] sums(SumBoard board, int[] solution) {
        return board.runs().stream()
                .mapToInt(run -> Arrays.stream(run).map(c -> solution[c]).sum())
                .toArray();
    }

    /** Squares in a row, without the strip at the left and at the head in which sums stand. */
    public int size() {
        return board.size();
    }

    /** Whether a figure is to be written there; rows and columns from 0, −1 for the strip of sums. */
    public boolean isWritten(int row, int column) {
        return row >= 0 && column >= 0 && row < size() && column < size() && board.isWritten(row * size() + column);
    }

    /** The sum of the run that begins behind a square, or below it; 0 where none does. */
    public int sum(int row, int column, boolean across) {
        int r = across ? row : row + 1;
        int c = across ? column + 1 : column;
        if (isWritten(row, column) || !isWritten(r, c)) {
            return 0;
        }
        return sums[board.runsOf(r * size() + c)[across ? 0 : 1]];
    }

    /** The figure of the solution, from 1; 0 where none is written. */
    public int solved(int row, int column) {
        return isWritten(row, column) ? solution[row * size() + column] : 0;
    }

    @Override
    public Grade grade() {
        return steps.stream().map(SumStep::grade).reduce(Grade.GENTLE, Grade::orHarder);
    }

    @Override
    public List<String> techniques() {
        return steps.stream().map(SumStep::id).toList();
    }

    /** The board with its sums, turned over its long diagonal where that comes first. */
    @Override
    public String likeness() {
        String one = seen(false);
        String other = seen(true);
        return one.compareTo(other) < 0 ? one : other;
    }

    private String seen(boolean over) {
        StringBuilder seen = new StringBuilder();
        for (int r = -1; r < size(); r++) {
            for (int c = -1; c < size(); c++) {
                int row = over ? c : r;
                int column = over ? r : c;
                seen.append(isWritten(row, column) ? '.' : '#')
                        .append(sum(row, column, !over))
                        .append(sum(row, column, over));
            }
        }
        return seen.toString();
    }

    @Override
    public Map<String, Object> told() {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("size", size());
        List<Map<String, Object>> runs = new ArrayList<>();
        for (int i = 0; i < sums.length; i++) {
            int[] run = board.runs().get(i);
            // In one order always: what a file says is the same on every run.
            Map<String, Object> told = new LinkedHashMap<>();
            told.put("sum", sums[i]);
            told.put(
                    "squares",
                    Arrays.stream(run)
                            .mapToObj(c -> List.of(c / size(), c % size()))
                            .toList());
            runs.add(told);
        }
        all.put("runs", runs);
        List<List<Integer>> rows = new ArrayList<>();
        for (int r = 0; r < size(); r++) {
            rows.add(Arrays.stream(solution, r * size(), (r + 1) * size())
                    .boxed()
                    .toList());
        }
        all.put("solution", rows);
        all.put("grade", grade().number());
        all.put("techniques", techniques());
        return all;
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof SumPuzzle p && seen(false).equals(p.seen(false));
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(sums);
    }
}
