package jorn.puzzle.number;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Counts the solutions of a number placement as an exact cover, apart from everything that makes them (Knuth, Dancing Links, 2000, Algorithm
 * X, here on sets). Knows nothing of houses but what the rules of the puzzle say.
 */
final class ExactCover {
    /** A figure in a square. */
    private record Row(int row, int column, int figure) {}

    private final Map<String, Set<Row>> columns = new HashMap<>();
    private final Map<Row, List<String>> rows = new HashMap<>();
    private int found;

    private ExactCover() {}

    static int count(int size, int boxHeight, int boxWidth, boolean diagonals, int[] givens, int most) {
        ExactCover cover = new ExactCover();
        for (int r = 0; r < size; r++) {
            for (int c = 0; c < size; c++) {
                for (int f = 1; f <= size; f++) {
                    if (givens[r * size + c] == 0 || givens[r * size + c] == f) {
                        List<String> needs = new ArrayList<>(List.of(
                                "square " + r + " " + c,
                                "row " + r + " " + f,
                                "column " + c + " " + f,
                                "box " + r / boxHeight + " " + c / boxWidth + " " + f));
                        if (diagonals && r == c) {
                            needs.add("down " + f);
                        }
                        if (diagonals && r + c == size - 1) {
                            needs.add("up " + f);
                        }
                        Row row = new Row(r, c, f);
                        cover.rows.put(row, needs);
                        needs.forEach(n -> cover.columns
                                .computeIfAbsent(n, k -> new HashSet<>())
                                .add(row));
                    }
                }
            }
        }
        int needed = size * size * 4 + (diagonals ? 2 * size : 0);
        if (cover.columns.size() < needed) {
            return 0;
        }
        cover.solve(most);
        return cover.found;
    }

    private void solve(int most) {
        if (columns.isEmpty()) {
            found++;
            return;
        }
        Set<Row> fewest = null;
        for (Set<Row> each : columns.values()) {
            fewest = fewest == null || each.size() < fewest.size() ? each : fewest;
        }
        for (Row row : new ArrayList<>(fewest)) {
            List<Map.Entry<String, Set<Row>>> taken = take(row);
            solve(most);
            for (int i = taken.size() - 1; i >= 0; i--) {
                Map.Entry<String, Set<Row>> column = taken.get(i);
                columns.put(column.getKey(), column.getValue());
                for (Row other : column.getValue()) {
                    for (String name : rows.get(other)) {
                        if (!name.equals(column.getKey()) && columns.containsKey(name)) {
                            columns.get(name).add(other);
                        }
                    }
                }
            }
            if (found >= most) {
                return;
            }
        }
    }

    private List<Map.Entry<String, Set<Row>>> take(Row row) {
        List<Map.Entry<String, Set<Row>>> taken = new ArrayList<>();
        for (String name : rows.get(row)) {
            Set<Row> column = columns.get(name);
            for (Row other : column) {
                for (String also : rows.get(other)) {
                    if (!also.equals(name) && columns.containsKey(also)) {
                        columns.get(also).remove(other);
                    }
                }
            }
            columns.remove(name);
            taken.add(Map.entry(name, column));
        }
        return taken;
    }
}
