package jorn.impose;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jorn.impose.OneCutFold.Point;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A sheet of paper that is folded in the mind: it neither stretches nor tears but at its cut, and what comes of it is read from the front. */
class OneCutFoldTest {
    private static final OneCutFold FOLD = new OneCutFold(70, 105);

    private static double apart(Point a, Point b) {
        return Math.sqrt(Math.pow(a.x() - b.x(), 2) + Math.pow(a.y() - b.y(), 2) + Math.pow(a.z() - b.z(), 2));
    }

    @Property(tries = 300)
    void paperIsNeverStretched(
            @ForAll @DoubleRange(min = 0, max = 4) double time,
            @ForAll @IntRange(min = 0, max = 3) int column,
            @ForAll boolean upper) {
        for (double out : new double[] {0, 1}) {
            assertEquals(
                    70,
                    apart(FOLD.at(time, column, upper, out), FOLD.at(time, column + 1, upper, out)),
                    1e-6,
                    "across");
        }
        assertEquals(105, apart(FOLD.at(time, column, upper, 0), FOLD.at(time, column, upper, 1)), 1e-6, "down");
        assertEquals(
                Math.hypot(70, 105),
                apart(FOLD.at(time, column, upper, 0), FOLD.at(time, column + 1, upper, 1)),
                1e-6,
                "no cell is warped");
    }

    @Property(tries = 200)
    void paperIsTornNowhereButAtTheCut(@ForAll @DoubleRange(min = 0, max = 4) double time) {
        for (int edge : new int[] {0, 1, 3, 4}) {
            assertEquals(0, apart(FOLD.at(time, edge, true, 0), FOLD.at(time, edge, false, 0)), 1e-6, "edge " + edge);
        }
        double open = apart(FOLD.at(time, 2, true, 0), FOLD.at(time, 2, false, 0));
        assertTrue(time <= OneCutFold.FOLDED ? open < 1e-6 : time > 2.01 ? open > 0.1 : open < 20, time + ": " + open);
    }

    /** Nothing jumps: between two moments no point goes far. */
    @Property(tries = 200)
    void handsMoveItWithoutAJump(
            @ForAll @DoubleRange(min = 0, max = 3.99) double time,
            @ForAll @IntRange(min = 0, max = 4) int edge,
            @ForAll boolean upper) {
        assertTrue(apart(FOLD.at(time, edge, upper, 1), FOLD.at(time + 0.001, edge, upper, 1)) < 1);
    }

    /** Faces of the closed booklet from the front to the back, each with the page that the sheet has there. */
    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void whatIsFoldedReadsFromOneToEight(boolean fromRight) {
        Scheme scheme = Scheme.of(FoldKind.ONE_CUT).fromRight(fromRight);
        PressSheet sheet = Imposition.of(scheme, 8).sheets().get(0);
        record Face(int page, double z) {}
        List<Face> faces = new ArrayList<>();
        for (Seat seat : sheet.front()) {
            boolean upper = seat.row() == 0;
            int column = fromRight ? 3 - seat.column() : seat.column();
            Point left = FOLD.at(OneCutFold.CLOSED, column, upper, 0);
            Point right = FOLD.at(OneCutFold.CLOSED, column + 1, upper, 0);
            // A cell of the lower row shows its page to the eye while it lies from the left to the right; one of the
            // upper row while it lies the other way.
            boolean towardsTheEye = (right.x() > left.x()) != upper;
            double z = (left.z() + right.z()) / 2;
            faces.add(new Face(seat.page(), towardsTheEye ? z + 0.1 : z - 0.1));
            assertEquals(upper, seat.turned());
        }
        faces.sort(Comparator.comparingDouble(Face::z).reversed());
        assertEquals(
                List.of(1, 2, 3, 4, 5, 6, 7, 8), faces.stream().map(Face::page).toList());
    }
}
