package jorn.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;

/**
 * A column on the book's grid: each part begins on a line and is whole rows high. What is fixed or natural gets its rows first,
 * what is left goes to the shares row by row, those that lost most by rounding first. Where there is too little, parts keep
 * their rows in order and the last go short: the parts themselves say so.
 */
final class Rows {
    private final Stack stack;
    private final Flow flow;
    private final Grid grid;
    private final int gap;

    Rows(Stack stack, Flow flow) {
        this.stack = stack;
        this.flow = flow;
        this.grid = flow.grid();
        this.gap = grid.nearestRows(stack.gap().points());
    }

    private int wanted(Part part, double width) {
        return part.extent().fixed().isPresent()
                ? grid.nearestRows(part.extent().fixed().get().points())
                : grid.rowsFor(part.wanted(Axis.DOWN, width, flow));
    }

    /** A gap stands between parts that have any height. */
    private int gaps(List<Integer> rows) {
        int standing = 0;
        for (int i = 0; i < rows.size(); i++) {
            boolean shares = stack.parts().get(i).share(Axis.DOWN).isPresent();
            standing += rows.get(i) > 0 || shares ? 1 : 0;
        }
        return gap * Math.max(0, standing - 1);
    }

    double naturalHeight(double width) {
        List<Integer> rows = stack.parts().stream().map(p -> wanted(p, width)).toList();
        int all = rows.stream().mapToInt(r -> r).sum();
        return (all + gaps(rows)) * grid.step();
    }

    List<Box> places(Box area) {
        List<Integer> wanted =
                stack.parts().stream().map(p -> wanted(p, area.width())).toList();
        int room = Math.max(0, grid.rowsIn(area.height()) - gaps(wanted));
        int[] rows = divide(room, wanted);
        List<Box> places = new ArrayList<>();
        int at = 0;
        for (int i = 0; i < rows.length; i++) {
            double y = Math.min(area.bottom(), area.y() + at * grid.step());
            double height = Math.min(rows[i] * grid.step(), area.bottom() - y);
            places.add(new Box(area.x(), y, area.width(), Math.max(0, height)));
            boolean shares = stack.parts().get(i).share(Axis.DOWN).isPresent();
            at += rows[i] + (rows[i] > 0 || shares ? gap : 0);
        }
        return places;
    }

    private int[] divide(int room, List<Integer> wanted) {
        int n = wanted.size();
        int[] rows = new int[n];
        double shares = 0;
        int left = room;
        for (int i = 0; i < n; i++) {
            Optional<Double> share = stack.parts().get(i).share(Axis.DOWN);
            if (share.isPresent()) {
                shares += share.get();
            } else {
                rows[i] = Math.min(left, wanted.get(i));
                left -= rows[i];
            }
        }
        if (shares == 0) {
            return rows;
        }
        double[] lost = new double[n];
        int given = 0;
        for (int i = 0; i < n; i++) {
            double exact = stack.parts().get(i).share(Axis.DOWN).orElse(0.0) / shares * left;
            if (exact > 0) {
                rows[i] = (int) Math.floor(exact + 1e-9);
                lost[i] = exact - rows[i];
                given += rows[i];
            }
        }
        for (int spare = left - given; spare > 0; spare--) {
            int most = 0;
            for (int i = 1; i < n; i++) {
                // Of equals the last: a note page may be a line longer than what stands above it.
                most = lost[i] >= lost[most] ? i : most;
            }
            rows[most]++;
            lost[most] = -1;
        }
        return rows;
    }
}
