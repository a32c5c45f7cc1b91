package jorn.pattern.plane;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.Ellipse2D;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import jorn.chance.Dice;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** Fields against Euler's formula, against JTS, and against areas worked out by hand. */
class ArrangementTest {
    private static final double SLIVER = 0.05;

    private static double[] box(double x, double y, double w, double h) {
        return new double[] {x, y, x + w, y, x + w, y + h, x, y + h, x, y};
    }

    private static double[] circle(double x, double y, double r, int sides) {
        double[] ring = new double[2 * sides + 2];
        for (int i = 0; i <= sides; i++) {
            double t = 2 * Math.PI * (i % sides) / sides;
            ring[2 * i] = x + r * Math.cos(t);
            ring[2 * i + 1] = y + r * Math.sin(t);
        }
        return ring;
    }

    @Test
    void aBoxWithACrossInItHasFourFields() {
        Arrangement a =
                Arrangement.of(List.of(box(0, 0, 10, 10), new double[] {5, 0, 5, 10}, new double[] {0, 4, 10, 4}));
        assertEquals(List.of(20.0, 20.0, 30.0, 30.0), areas(a));
        assertEquals(9, a.nodes());
        assertEquals(12, a.edges());
        assertEquals(1, a.components());
    }

    @Test
    void whatTouchesNothingIsAHoleInTheFieldRoundIt() {
        Arrangement a = Arrangement.of(List.of(box(0, 0, 10, 10), box(2, 2, 3, 3), box(6, 6, 2, 2), box(3, 3, 1, 1)));
        assertEquals(List.of(1.0, 4.0, 8.0, 87.0), areas(a));
        Field round =
                a.fields().stream().filter(f -> f.area() == 87).findFirst().orElseThrow();
        assertEquals(3, round.rings().size());
    }

    /** In patterns many points lie at the same height; what lies beside a tip belongs to the field round both. */
    @Test
    void holesBesideATipAtTheSameHeightAreNotInIt() {
        double[] tip = {0, 0, 4, 5, 0, 10, 0, 0};
        Arrangement a = Arrangement.of(List.of(box(-10, -10, 60, 40), tip, circle(20, 5, 3, 32), circle(20, 5, 1, 32)));
        double all = 60 * 40;
        double disc = 32 / 2.0 * Math.sin(2 * Math.PI / 32);
        assertEquals(all - 20 - 9 * disc, areas(a).get(areas(a).size() - 1), 1e-9);
    }

    @Test
    void aLineThatEndsInTheOpenClosesNothing() {
        Arrangement a = Arrangement.of(List.of(box(0, 0, 10, 10), new double[] {5, 0, 5, 6}));
        assertEquals(List.of(100.0), areas(a));
    }

    @Test
    void linesThatLieOnEachOtherAreOne() {
        Arrangement a = Arrangement.of(List.of(box(0, 0, 10, 10), box(10, 2, 5, 4), new double[] {0, 0, 4, 0}));
        assertEquals(List.of(20.0, 100.0), areas(a));
    }

    @Test
    void linesThatEndOnOthersMeetThem() {
        Arrangement a = Arrangement.of(
                List.of(box(0, 0, 30, 30), new double[] {10, 0, 10, 30}, new double[] {10, 11.3, 30, 11.3}));
        assertEquals(List.of(226.0, 300.0, 374.0), rounded(a));
    }

    private static List<Double> rounded(Arrangement a) {
        return areas(a).stream().map(v -> Math.rint(v * 1e6) / 1e6).toList();
    }

    @Test
    void onlyEdgesThatAreWantedStay() {
        Arrangement a =
                Arrangement.of(List.of(box(0, 0, 10, 10), box(5, 5, 10, 10)), (x, y) -> x <= 10 && y <= 10 ? 1 : 0);
        assertEquals(List.of(25.0, 75.0), areas(a));
    }

    @Test
    void theLargestCircleInABoxTouchesItsLongSides() {
        Field box = Arrangement.of(List.of(box(3, 4, 40, 12))).fields().get(0);
        assertEquals(6, Roundel.of(box, 0.001).radius(), 0.002);
        assertEquals(10, Roundel.of(box, 0.001).y(), 0.01);
    }

    /** Of a triangle: twice its area by its circumference (Euclid, Elements IV.4). */
    @Test
    void theLargestCircleInATriangleIsItsInscribedOne() {
        double[] triangle = {0, 0, 30, 0, 0, 40, 0, 0};
        Roundel r = Roundel.of(Arrangement.of(List.of(triangle)).fields().get(0), 0.001);
        assertEquals(10, r.radius(), 0.002);
        assertEquals(10, r.x(), 0.05);
        assertEquals(10, r.y(), 0.05);
    }

    @Test
    void theLargestCircleKeepsClearOfHoles() {
        Arrangement a = Arrangement.of(List.of(circle(0, 0, 20, 360), circle(0, 0, 8, 360)));
        Field ring = a.fields().stream()
                .filter(f -> f.rings().size() == 2)
                .findFirst()
                .orElseThrow();
        assertEquals(6, Roundel.of(ring, 0.001).radius(), 0.01);
    }

    @Test
    void aShapeHoldsWhatLiesInIt() {
        Inside disc = new Inside(new Ellipse2D.Double(-5, -5, 10, 10), 0.001);
        assertTrue(disc.holds(0, 0));
        assertTrue(disc.holds(3.5, 3.5));
        assertTrue(!disc.holds(3.6, 3.6));
        assertTrue(!disc.holds(0, 7));
        assertEquals(1, disc.near(0, 4, 3), 0.002);
        assertEquals(3, disc.near(0, 0, 3), 0);
    }

    /** V − E + F = 1 + C (Euler), where F counts the outside once. */
    @Property(tries = 60)
    void fieldsFollowEulersFormula(@ForAll @LongRange(min = 1, max = 1_000_000) long seed) {
        Arrangement a = Arrangement.of(scattered(seed));
        assertEquals(1 + a.components(), a.nodes() - a.edges() + a.fields().size() + 1);
        assertEquals(a.walks(), a.fields().size() + a.components());
    }

    @Property(tries = 40)
    void fieldsAreThoseOfJts(@ForAll @LongRange(min = 1, max = 1_000_000) long seed) {
        List<double[]> lines = scattered(seed);
        GeometryFactory make = new GeometryFactory();
        List<Geometry> all = new ArrayList<>();
        for (double[] line : lines) {
            Coordinate[] spots = new Coordinate[line.length / 2];
            for (int i = 0; i < spots.length; i++) {
                spots[i] = new Coordinate(line[2 * i], line[2 * i + 1]);
            }
            all.add(make.createLineString(spots));
        }
        Polygonizer polygonizer = new Polygonizer();
        polygonizer.add(UnaryUnionOp.union(all));
        @SuppressWarnings("unchecked")
        Collection<Polygon> polygons = polygonizer.getPolygons();
        Arrangement a = Arrangement.of(lines);
        // Slivers may close or not by a thousandth of a point.
        double[] their =
                polygons.stream().mapToDouble(Geometry::getArea).sorted().toArray();
        double[] our = a.fields().stream().mapToDouble(Field::area).sorted().toArray();
        long doubtful = count(their, SLIVER / 2) - count(their, SLIVER * 2);
        assertTrue(Math.abs(count(their, SLIVER) - count(our, SLIVER)) <= doubtful);
        double theirs = polygons.stream().mapToDouble(Geometry::getArea).sum();
        double ours = a.fields().stream().mapToDouble(Field::area).sum();
        assertEquals(theirs, ours, theirs * 1e-5 + 1e-6);
    }

    private static long count(double[] areas, double above) {
        return java.util.Arrays.stream(areas).filter(v -> v > above).count();
    }

    /** Circles and broken lines, in a box or not. */
    private static List<double[]> scattered(long seed) {
        Dice dice = Dice.of(seed);
        List<double[]> lines = new ArrayList<>();
        if (dice.falls(0.7)) {
            lines.add(box(-5, -5, 110, 110));
        }
        int count = 3 + dice.below(12);
        for (int i = 0; i < count; i++) {
            double x = 100 * dice.share();
            double y = 100 * dice.share();
            if (dice.falls(0.6)) {
                lines.add(circle(x, y, 4 + 25 * dice.share(), 11 + dice.below(20)));
            } else {
                lines.add(new double[] {
                    x, y, 100 * dice.share(), 100 * dice.share(), 100 * dice.share(), 100 * dice.share()
                });
            }
        }
        return lines;
    }

    private static List<Double> areas(Arrangement a) {
        return a.fields().stream().map(Field::area).sorted().toList();
    }
}
