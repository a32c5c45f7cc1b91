package jorn.recipe;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Side;
import jorn.calendar.Occasion;
import jorn.measure.Length;
import jorn.recipe.Decoration.Anchor;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class DecorationTest {
    private static final Box SAFE = new Box(30, 30, 360, 560);

    private static Decoration at(Anchor anchor, boolean mirrored, boolean inTurn) {
        return new Decoration(
                Ornament.Shape.SPRIG, Optional.empty(), anchor, Length.mm(15), 0.5, mirrored, inTurn, false);
    }

    private static Box box(Decoration d, Side side, int index) {
        return jorn.art.Marks.bounds(d.draw(SAFE, SampleFlow.on(side, SAFE, Occasion.NONE, Map.of()), index));
    }

    @Property
    void itKeepsToTheSafeAreaWhereverItStands(
            @ForAll Anchor anchor, @ForAll boolean mirrored, @ForAll boolean inTurn, @ForAll Side side) {
        assertTrue(SAFE.outset(0.5).holds(box(at(anchor, mirrored, inTurn), side, 1)));
    }

    @Test
    void onALeftHandPageItChangesSides() {
        Decoration d = at(Anchor.HEAD_RIGHT, true, false);
        Box recto = box(d, Side.RECTO, 0);
        Box verso = box(d, Side.VERSO, 0);
        assertEquals(SAFE.right() - recto.right(), verso.x() - SAFE.x(), 0.01);
        assertEquals(
                recto.x(),
                box(at(Anchor.HEAD_RIGHT, false, false), Side.VERSO, 0).x(),
                0.01);
    }

    @Test
    void everyOtherPageHasItTurnedOver() {
        Decoration d = at(Anchor.FOOT, false, true);
        List<Mark> even = d.draw(SAFE, SampleFlow.undated(SAFE), 0);
        List<Mark> odd = d.draw(SAFE, SampleFlow.undated(SAFE), 1);
        assertTrue(even.stream().noneMatch(m -> m instanceof Mark.Turned));
        assertTrue(odd.get(0) instanceof Mark.Turned t && t.turn().a() == -1);
    }

    @Test
    void faintInksAreMixedWithThePaperAndNotTransparent() {
        Mark first = at(Anchor.HEAD, false, false)
                .draw(SAFE, SampleFlow.undated(SAFE), 0)
                .get(0);
        double strength = first instanceof Mark.Stroke s ? ((jorn.art.Ink.Black) s.ink()).strength() : -1;
        assertEquals(0.375, strength, 0.001, "half of the accent's 75 %");
    }
}
