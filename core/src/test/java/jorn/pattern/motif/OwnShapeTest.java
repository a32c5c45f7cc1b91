package jorn.pattern.motif;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import jorn.measure.Trouble;
import jorn.pattern.motif.ShapePoints.PadPoint;
import org.junit.jupiter.api.Test;

/** A shape drawn with a few points, or traced on a picture, becomes a motif. */
class OwnShapeTest {
    private static final ShapePoints SQUARE = new ShapePoints(
            List.of(new PadPoint(0.2, 0.2), new PadPoint(0.8, 0.2), new PadPoint(0.8, 0.8), new PadPoint(0.2, 0.8)));

    @Test
    void aNewPointGoesBetweenThoseWhoseSideItIsNearestTo() {
        assertEquals(1, SQUARE.placeFor(new PadPoint(0.5, 0.1)));
        assertEquals(2, SQUARE.placeFor(new PadPoint(0.9, 0.5)));
        assertEquals(4, SQUARE.placeFor(new PadPoint(0.1, 0.5)), "between the last and the first");
        ShapePoints more = SQUARE.with(2, new PadPoint(0.9, 0.5));
        assertEquals(new PadPoint(0.9, 0.5), more.points().get(2));
        assertEquals(SQUARE, more.without(2));
    }

    @Test
    void aPointIsFoundWithinReachAndStaysOnThePad() {
        assertEquals(1, SQUARE.at(new PadPoint(0.83, 0.2), 0.06));
        assertEquals(-1, SQUARE.at(new PadPoint(0.5, 0.5), 0.06));
        assertEquals(
                new PadPoint(1, 0),
                SQUARE.moved(1, new PadPoint(1.4, -0.2)).points().get(1));
    }

    @Test
    void threePointsStayAndThereAreNeverTooMany() {
        ShapePoints three = SQUARE.without(3);
        assertEquals(three, three.without(0));
        ShapePoints now = SQUARE;
        for (int i = 0; i < 2 * ShapePoints.MOST; i++) {
            now = now.with(1, new PadPoint(0.5, 0.1 + i * 0.001));
        }
        assertEquals(ShapePoints.MOST, now.points().size());
        assertThrows(
                IllegalArgumentException.class, () -> new ShapePoints(List.of(new PadPoint(0, 0), new PadPoint(1, 1))));
    }

    @Test
    void theShapeIsReadBackFromItsMotifButNotFromAnother() {
        OutlineMotif motif = SQUARE.motif("mine");
        assertEquals(SQUARE, ShapePoints.of(motif));
        assertEquals(ShapePoints.BEGINNING, ShapePoints.of(new ShippedMotif("petal")));
        OutlineMotif traced = OutlineMotif.traced("fox", List.of(new double[] {0, 0, 40, 0, 40, 40, 0, 40, 0, 0}));
        assertFalse(traced.isDrawn());
        assertEquals(ShapePoints.BEGINNING, ShapePoints.of(traced));
    }

    /** The first line is the largest, and has no more points than it needs. */
    @Test
    void tracedOutlinesAreSimplifiedAndTheLargestComesFirst() {
        double[] round = new double[2 * 361];
        for (int i = 0; i <= 360; i++) {
            round[2 * i] = 100 + 90 * Math.cos(Math.toRadians(i % 360));
            round[2 * i + 1] = 100 + 90 * Math.sin(Math.toRadians(i % 360));
        }
        double[] eye = {95, 95, 105, 95, 105, 105, 95, 105, 95, 95};
        OutlineMotif motif = OutlineMotif.traced("face", List.of(eye, round));
        int points = motif.points().length / 2;
        assertTrue(points > 8 && points < 40, points + " points");
        assertEquals(2, motif.lines().size());
        assertEquals(MotifPen.BOLD, motif.lines().get(0).weight());
        // A curve through those points is as round as it was.
        for (double[] line : Curves.flat(motif.lines().get(0).path(), 0.005)) {
            for (int i = 0; i + 1 < line.length; i += 2) {
                assertEquals(1, Math.hypot(line[i], line[i + 1]), 0.02);
            }
        }
        assertThrows(Trouble.class, () -> OutlineMotif.traced("nothing", List.of()));
    }

    private static OutlineMotif random(int points) {
        java.util.Random random = new java.util.Random(4);
        StringBuilder d = new StringBuilder("M0 0");
        for (int i = 0; i < points; i++) {
            d.append(" L").append(random.nextInt(1000)).append(' ').append(random.nextInt(1000));
        }
        String svg = "<svg xmlns='http://www.w3.org/2000/svg'><path d='" + d + "Z'/></svg>";
        return OutlineMotif.of(svg.getBytes(java.nio.charset.StandardCharsets.UTF_8), "tangle.svg");
    }

    /** Four kilobytes of points at random cross each other ten thousand times; as a motif they would hold a page up for minutes. */
    @Test
    void crossingsAreCountedAndNotPoints() {
        Trouble refused = assertTimeoutPreemptively(
                java.time.Duration.ofSeconds(10), () -> assertThrows(Trouble.class, () -> random(300)));
        assertTrue(refused.getMessage().contains("tangle.svg"), refused.getMessage());
        assertTimeoutPreemptively(
                java.time.Duration.ofSeconds(10), () -> assertThrows(Trouble.class, () -> random(15_000)));
        assertEquals("tangle.svg", random(40).word());
    }
}
