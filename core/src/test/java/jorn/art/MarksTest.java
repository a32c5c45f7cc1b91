package jorn.art;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.AffineTransform;
import java.util.List;
import jorn.measure.Trouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class MarksTest {
    private static final Mark SQUARE = new Mark.Fill(Path.box(new Box(0, 0, 10, 10)), Ink.BLACK);

    private static Box only(Mark mark) {
        List<Marks.Standing> all = Marks.standing(List.of(mark));
        assertEquals(1, all.size());
        return all.get(0).bounds();
    }

    @Test
    void aMarkInAStampStandsWhereTheStampIsPlaced() {
        assertEquals(new Box(100, 50, 10, 10), only(new Mark.Stamped(new Stamp(List.of(SQUARE)), 100, 50)));
    }

    @Test
    void aMarkIsMovedByEveryGroupThatItIsIn() {
        Mark scaled = new Mark.Turned(Turn.scale(2, 5, 0), List.of(SQUARE));
        assertEquals(new Box(105, 50, 20, 20), only(new Mark.Turned(Turn.move(100, 50), List.of(scaled))));
    }

    @Test
    void whatIsClippedAwayIsNotThere() {
        Mark clipped = new Mark.Clip(Path.box(new Box(4, -5, 100, 8)), List.of(SQUARE));
        assertEquals(new Box(4, 0, 6, 3), only(clipped));
        assertEquals(new Box(4, 0, 6, 3), clipped.bounds());
    }

    @Test
    void opacityOfGroupsInGroupsIsMultiplied() {
        Mark group = new Mark.Group(0.5, List.of(new Mark.Group(0.4, List.of(SQUARE))));
        assertEquals(0.2, Marks.standing(List.of(group)).get(0).opacity(), 1e-12);
        assertThrows(IllegalArgumentException.class, () -> new Mark.Group(1.2, List.of()));
    }

    /** Against the platform's own transformations. */
    @Property(tries = 100)
    void oneTurnAfterAnotherIsBothTogether(
            @ForAll @DoubleRange(min = -3, max = 3) double a,
            @ForAll @DoubleRange(min = -3, max = 3) double b,
            @ForAll @DoubleRange(min = -50, max = 50) double e,
            @ForAll @DoubleRange(min = -50, max = 50) double f) {
        AffineTransform both = new AffineTransform(a, b, -b, a, e, f);
        both.concatenate(new AffineTransform(0, 1, -1, 0, f, e));
        Turn turn = new Turn(a, b, -b, a, e, f).after(Turn.quarterDown(f, e));
        double[] m = new double[6];
        both.getMatrix(m);
        assertEquals(m[0], turn.a(), 1e-9);
        assertEquals(m[1], turn.b(), 1e-9);
        assertEquals(m[2], turn.c(), 1e-9);
        assertEquals(m[3], turn.d(), 1e-9);
        assertEquals(m[4], turn.e(), 1e-9);
        assertEquals(m[5], turn.f(), 1e-9);
        assertEquals(Math.sqrt(a * a + b * b), turn.enlarges(), 1e-9);
    }

    @Test
    void aBoxOfLessThanNothingIsRefusedUnlessItIsAskedToBeEmpty() {
        assertThrows(IllegalArgumentException.class, () -> new Box(0, 0, -1, 5));
        assertThrows(IllegalArgumentException.class, () -> new Box(0, 0, 5, Double.NaN));
        assertTrue(Box.orEmpty(0, 0, -1, 5).isEmpty());
        assertTrue(new Box(0, 0, 10, 10).inset(6).isEmpty());
    }

    @Test
    void inksThatCannotBePrintedAreRefused() {
        assertThrows(Trouble.class, () -> Ink.black(1.2));
        assertThrows(Trouble.class, () -> Ink.black(-0.1));
        assertThrows(Trouble.class, () -> new Ink.Gray(Double.NaN));
        assertThrows(Trouble.class, () -> new Ink.Cmyk(0, 0, 2, 0));
        assertThrows(Trouble.class, () -> new Ink.Spot("", 1, Ink.BLACK));
    }

    @Test
    void inksSayTheirNames() {
        assertEquals("black 35 %", Ink.black(0.35).name());
        assertEquals("C9A24A", Ink.hex("c9a24a").name());
        assertEquals("C 10 % M 0 % Y 80 % K 5 %", new Ink.Cmyk(0.1, 0, 0.8, 0.05).name());
        assertEquals("Honey 60 %", new Ink.Spot("Honey", 0.6, Ink.hex("C9A24A")).name());
    }

    @Test
    void fadedInksGoTowardsThePaper() {
        assertEquals(new Ink.Black(0.2), Ink.black(0.4).faded(0.5));
        assertEquals(new Ink.Gray(0.75), new Ink.Gray(0.5).faded(0.5));
        assertEquals(new Ink.Cmyk(0.5, 0, 0.25, 0), new Ink.Cmyk(1, 0, 0.5, 0).faded(0.5));
        assertEquals(new Ink.Spot("H", 0.3, Ink.BLACK), new Ink.Spot("H", 0.6, Ink.BLACK).faded(0.5));
        assertEquals("FFFFFF", Ink.hex("C9A24A").faded(0).hex());
    }

    /** A straight line has no width or no height and is seen; what a clip leaves nothing of is not. */
    @Test
    void whatIsClippedAwayWhollyIsNotSeen() {
        Mark upright = new Mark.Stroke(Path.line(5, 0, 5, 30), 1, Ink.BLACK);
        Mark slanting = new Mark.Stroke(Path.line(50, 0, 80, 30), 1, Ink.BLACK);
        Mark.Clip clip = new Mark.Clip(Path.box(new Box(0, 0, 20, 20)), List.of(upright, slanting));
        List<Marks.Standing> all = Marks.standing(List.of(clip));
        assertEquals(2, all.size());
        assertEquals(
                List.of(true, false), all.stream().map(Marks.Standing::isSeen).toList());
        assertEquals(true, Marks.standing(List.of(slanting)).get(0).isSeen());
    }
}
