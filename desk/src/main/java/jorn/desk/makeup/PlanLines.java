package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;

/** The lines of the flat plan where it is pulled taller: as many whole spreads in each as the width holds. */
final class PlanLines {
    private final List<Line> lines = new ArrayList<>();
    private final double height;

    /**
     * One line.
     *
     * @param first the first spread shown in it, by its place among those that are shown
     * @param last the last one
     * @param offset what of the whole strip lies at the view's left edge
     * @param top of the line, in pixels from the top of the first
     */
    record Line(int first, int last, double offset, double top) {}

    /**
     * Breaks a strip.
     *
     * @param width of the view, in pixels
     */
    PlanLines(StripLayout layout, double width) {
        height = layout.lineHeight();
        int places = layout.strip().shown().size();
        int first = 0;
        while (first < places) {
            int last = first;
            while (last + 1 < places && across(layout, first, last + 1) <= width) {
                last++;
            }
            double offset = layout.isFromRight()
                    ? layout.left(first) + 2 * layout.thumbWidth() + StripLayout.SIDE_GAP - width
                    : layout.left(first) - StripLayout.SIDE_GAP;
            lines.add(new Line(first, last, offset, lines.size() * height));
            first = last + 1;
        }
    }

    private static double across(StripLayout layout, int first, int last) {
        double from = Math.min(layout.left(first), layout.left(last) - layout.hiddenWidth(last));
        double to = Math.max(layout.left(first), layout.left(last) + layout.hiddenWidth(last));
        return to - from + 2 * layout.thumbWidth() + 2 * StripLayout.SIDE_GAP;
    }

    List<Line> all() {
        return lines;
    }

    /** How high all of them are. */
    double height() {
        return lines.size() * height;
    }

    /** The line at a height, or the nearest. */
    Line at(double y) {
        return lines.get(Math.max(0, Math.min(lines.size() - 1, (int) Math.floor(y / height))));
    }

    /** The line that a spread is in. */
    Line of(int place) {
        return lines.stream()
                .filter(l -> place >= l.first() && place <= l.last())
                .findFirst()
                .orElse(lines.get(0));
    }
}
