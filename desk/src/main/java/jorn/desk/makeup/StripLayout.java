package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import jorn.art.Box;
import jorn.art.Side;
import jorn.book.Pagination;
import jorn.desk.model.BookState;
import org.jspecify.annotations.Nullable;

/**
 * Where spreads, runs and cycles of the flat plan lie, in pixels from its left end. A book that reads from right to left has
 * its first spread at the right.
 */
final class StripLayout {
    static final double TOP = 5;
    static final double SIDE_GAP = 9;

    /** The rows of the plan, from the top. */
    enum Row {
        PAGES,
        RUNS,
        CYCLES
    }

    /**
     * A gap between runs, where another can be put.
     *
     * @param x where it is
     * @param run before which run
     * @param inside whether it lies between two rounds, or inside a round, of a cycle
     */
    record Gap(double x, int run, boolean inside) {}

    private final BookState state;
    private final Strip strip;
    private final double em;
    private final double thumbWidth;
    private final double thumbHeight;
    /** How far from its beginning, in the direction of reading, each spread begins. */
    private final double[] starts;

    private final double width;
    private final boolean fromRight;

    StripLayout(BookState state, Strip strip, double height, double em) {
        this.state = state;
        this.strip = strip;
        this.em = em;
        thumbHeight = Math.max(20, height - TOP - marks(strip.hasCycles(), em));
        Box trim = state.edition().pages().frame(Side.RECTO).trim();
        thumbWidth = thumbHeight * trim.width() / trim.height();
        fromRight = !state.book().brief().isRightHand(Side.RECTO);
        starts = new double[strip.shown().size()];
        double x = SIDE_GAP;
        for (int i = 0; i < starts.length; i++) {
            starts[i] = x;
            x += step() + hiddenWidth(i);
        }
        width = x + SIDE_GAP;
    }

    /** Room for the marks of runs under the pages, and of cycles under those. */
    static double marks(boolean cycles, double em) {
        return em * (cycles ? 3.25 : 1.85);
    }

    /** How high a line of pages with its marks is. */
    double lineHeight() {
        return TOP + thumbHeight + marks(strip.hasCycles(), em);
    }

    Strip strip() {
        return strip;
    }

    double em() {
        return em;
    }

    double thumbWidth() {
        return thumbWidth;
    }

    double thumbHeight() {
        return thumbHeight;
    }

    double step() {
        return 2 * thumbWidth + SIDE_GAP;
    }

    /** How wide all of it is. */
    double width() {
        return width;
    }

    /** Room for the word that says how much is folded away after a spread. */
    double hiddenWidth(int place) {
        return strip.hiddenAfter(place) > 0 ? em * 2.6 : 0;
    }

    /** Whether spreads follow one another from the right. */
    boolean isFromRight() {
        return fromRight;
    }

    /** The left edge of a spread. */
    double left(int place) {
        return fromRight ? width - starts[place] - 2 * thumbWidth : starts[place];
    }

    /** The middle of the room for the word that says how much is folded away after a spread. */
    double hiddenMiddle(int place) {
        double half = hiddenWidth(place) / 2;
        return fromRight ? left(place) - half - 2 : left(place) + 2 * thumbWidth + half + 2;
    }

    /** Where a page's left edge is; of a hidden one, that of the word that stands for it. */
    double xOf(int page) {
        int place = strip.placeOf(Pagination.spreadOf(page));
        if (strip.isShown(page)) {
            return left(place) + (isAtRight(page) ? thumbWidth : 0);
        }
        return fromRight ? left(place) - hiddenWidth(place) : left(place) + 2 * thumbWidth;
    }

    private double rightOf(int page) {
        return xOf(page) + (strip.isShown(page) ? thumbWidth : hiddenWidth(strip.placeOf(Pagination.spreadOf(page))));
    }

    private boolean isAtRight(int page) {
        return state.book().brief().isRightHand(Side.of(page));
    }

    /** The left edge of what a stretch of pages shows. */
    double from(int first, int last) {
        return Math.min(xOf(first), xOf(last));
    }

    /** The right edge of what a stretch of pages shows. */
    double to(int first, int last) {
        return Math.max(rightOf(first), rightOf(last));
    }

    Row rowAt(double y) {
        double runs = TOP + thumbHeight + 3;
        return y < runs ? Row.PAGES : strip.hasCycles() && y > runs + em * 1.5 ? Row.CYCLES : Row.RUNS;
    }

    /** Which of the shown spreads is at a place, or the nearest. */
    int placeAt(double x) {
        int at = Arrays.binarySearch(starts, fromRight ? width - x : x);
        int place = at >= 0 ? at : -at - 2;
        return Math.max(0, Math.min(starts.length - 1, place));
    }

    /** The page at a place; between two, the one before. */
    OptionalInt pageAt(double x) {
        int place = placeAt(x);
        int spread = strip.shown().get(place);
        boolean atRight = x - left(place) > thumbWidth;
        Pagination p = state.pagination();
        boolean recto = atRight == isAtRight(1);
        OptionalInt wanted = recto ? p.rectoOf(spread) : p.versoOf(spread);
        return wanted.isPresent() ? wanted : recto ? p.versoOf(spread) : p.rectoOf(spread);
    }

    /** The run at a place, if no blank is there. */
    OptionalInt runAt(double x) {
        OptionalInt page = pageAt(x);
        if (page.isEmpty() || state.pagination().page(page.getAsInt()).isBlank()) {
            return OptionalInt.empty();
        }
        return OptionalInt.of(state.pagination().page(page.getAsInt()).run());
    }

    Optional<Strip.Group> groupAt(double x) {
        OptionalInt page = pageAt(x);
        return page.isPresent() ? strip.groupOf(page.getAsInt()) : Optional.empty();
    }

    /** The gap between runs that is nearest to a place. */
    Optional<Gap> gapAt(double x) {
        Gap best = null;
        for (Gap gap : gaps()) {
            if (best == null || Math.abs(gap.x() - x) < Math.abs(best.x() - x)) {
                best = gap;
            }
        }
        return Optional.ofNullable(best);
    }

    /** One gap before each shown stretch, and one after the last. Between two rounds, it is the end of the first. */
    private List<Gap> gaps() {
        List<Gap> gaps = new ArrayList<>();
        Strip.@Nullable Stretch before = null;
        for (Strip.Stretch s : strip.stretches()) {
            if (strip.isShown(s.from())) {
                boolean inside = before != null && sameCycle(before.to(), s.from());
                int run = before != null && inside ? before.run() + 1 : s.run();
                gaps.add(new Gap(edge(s, true), run, inside));
            }
            before = s;
        }
        if (before != null) {
            gaps.add(new Gap(edge(before, false), before.run() + 1, false));
        }
        return gaps;
    }

    /** The middle of the gap before or after a stretch, in the direction of reading. */
    private double edge(Strip.Stretch s, boolean before) {
        return before == fromRight ? to(s.from(), s.to()) + SIDE_GAP / 2 : from(s.from(), s.to()) - SIDE_GAP / 2;
    }

    private boolean sameCycle(int page, int next) {
        Optional<Strip.Group> group = strip.groupOf(page);
        return group.isPresent() && group.get().cycle().isPresent() && group.equals(strip.groupOf(next));
    }

    /** Stretches of pages that lie between two places. */
    List<Strip.Stretch> stretchesBetween(double x1, double x2) {
        return strip.stretches().isEmpty()
                ? Collections.emptyList()
                : strip.stretches().stream()
                        .filter(s -> to(s.from(), s.to()) >= x1 && from(s.from(), s.to()) <= x2)
                        .toList();
    }
}
