package jorn.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.art.Turn;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** What shines through is mixed as ISO 32000-1, 11.3.3 (normal blend mode) has it; nothing shines any more. */
class FlattenerTest {
    private static final Flattener FLAT = new Flattener((marks, part) -> {
        throw new AssertionError("no pictures here");
    });

    private static Mark area(double x, double y, double side, Ink ink) {
        return new Mark.Fill(Path.box(new Box(x, y, side, side)), ink);
    }

    /** The strength of black that is seen at a point: of the last area that holds it. */
    private static double seen(List<Mark> marks, double x, double y) {
        double[] strength = {0};
        look(marks, x, y, strength, 1);
        return strength[0];
    }

    private static void look(List<Mark> marks, double x, double y, double[] strength, double opacity) {
        for (Mark mark : marks) {
            if (mark instanceof Mark.Fill f) {
                if (f.bounds().x() <= x
                        && x < f.bounds().right()
                        && f.bounds().y() <= y
                        && y < f.bounds().bottom()) {
                    strength[0] += (((Ink.Black) f.ink()).strength() - strength[0]) * opacity;
                }
            } else if (mark instanceof Mark.Clip c) {
                Box b = c.shape().bounds();
                if (b.x() <= x && x < b.right() && b.y() <= y && y < b.bottom()) {
                    look(c.marks(), x, y, strength, opacity);
                }
            } else if (mark instanceof Mark.Group g) {
                // A group is mixed as one: first all of it, then over what is below.
                double[] inside = {strength[0]};
                boolean[] hit = new boolean[1];
                for (Mark m : g.marks()) {
                    double[] alone = {-1};
                    look(List.of(m), x, y, alone, 1);
                    if (alone[0] >= 0) {
                        inside[0] = alone[0];
                        hit[0] = true;
                    }
                }
                if (hit[0]) {
                    strength[0] += (inside[0] - strength[0]) * g.opacity();
                }
            }
        }
    }

    @Test
    void aPageOnWhichNothingShinesStaysWhatItIs() {
        List<Mark> marks = List.of(area(0, 0, 10, Ink.BLACK));
        assertFalse(Flattener.isNeeded(marks));
        assertSame(marks, FLAT.flat(marks));
    }

    /** Worked by hand: 40 % of black over a tint of half, and over paper. */
    @Test
    void blackOverATintIsATint() {
        List<Mark> flat = FLAT.flat(
                List.of(area(0, 0, 20, Ink.black(0.5)), new Mark.Group(0.4, List.of(area(10, 10, 20, Ink.BLACK)))));
        assertFalse(Flattener.isNeeded(flat));
        assertEquals(0.5, seen(flat, 5, 5), 1e-9);
        assertEquals(0.5 * 0.6 + 0.4, seen(flat, 15, 15), 1e-9);
        assertEquals(0.4, seen(flat, 25, 25), 1e-9);
    }

    @Test
    void fourInksAreMixedEachByItself() {
        Ink mixed = Flattener.mixed(new Ink.Cmyk(1, 0, 0, 0), new Ink.Cmyk(0, 1, 0, 0.5), 0.25);
        assertEquals(new Ink.Cmyk(0.75, 0.25, 0, 0.125), mixed);
    }

    @Test
    void whereAPictureTakesPartThePlaceIsMadeOnePictureOfWhatIsBelowAndTheShiningOnTop() {
        List<List<Mark>> asked = new ArrayList<>();
        Flattener flattener = new Flattener((marks, part) -> {
            asked.add(marks);
            assertEquals(new Box(10, 10, 10, 10), part);
            return area(part.x(), part.y(), part.width(), Ink.black(0.3));
        });
        var page = new jorn.art.ForeignPage("a", "a.pdf", 1, 20, 20, new byte[0]);
        List<Mark> flat = flattener.flat(List.of(
                new Mark.Foreign(page, new Box(0, 0, 20, 20)),
                new Mark.Group(0.4, List.of(area(10, 10, 20, Ink.BLACK)))));
        assertEquals(1, asked.size());
        assertTrue(asked.get(0).get(1) instanceof Mark.Group);
        assertEquals(0.3, seen(flat, 15, 15), 1e-9);
    }

    /** Squares of tints, some of them shining, one group in another turn: each point looks as it did. */
    @Property(tries = 300)
    void everyPointLooksAsBefore(
            @ForAll @IntRange(min = 0, max = 1 << 20) int seed,
            @ForAll @DoubleRange(min = 0.05, max = 0.95) double opacity) {
        java.util.Random random = new java.util.Random(seed);
        List<Mark> marks = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            List<Mark> some = new ArrayList<>();
            for (int j = 0; j <= random.nextInt(2); j++) {
                some.add(area(
                        random.nextInt(30),
                        random.nextInt(30),
                        5 + random.nextInt(20),
                        Ink.black(random.nextInt(11) / 10.0)));
            }
            marks.addAll(random.nextBoolean() ? some : List.of(new Mark.Group(opacity, some)));
        }
        List<Mark> flat = FLAT.flat(marks);
        for (int i = 0; i < 40; i++) {
            double x = random.nextInt(50) + 0.5;
            double y = random.nextInt(50) + 0.5;
            assertEquals(seen(marks, x, y), seen(flat, x, y), 1e-9, "at " + x + ", " + y + " of " + marks);
        }
    }

    @Property(tries = 200)
    void aTurnIsUndoneByItsWayBack(
            @ForAll @DoubleRange(min = -400, max = 400) double x,
            @ForAll @DoubleRange(min = -170, max = 170) double degrees) {
        Turn turn = Turn.about(x, 7, degrees).after(Turn.scale(1.7, x, -3));
        Box box = new Box(10, 20, 0, 0);
        Box there = turn.back().of(turn.of(box));
        assertEquals(10, there.x(), 1e-6);
        assertEquals(20, there.y(), 1e-6);
    }
}
