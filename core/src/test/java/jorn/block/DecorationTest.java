package jorn.block;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Side;
import jorn.block.picture.Decoration;
import jorn.block.picture.Decoration.Anchor;
import jorn.block.picture.Ornament;
import jorn.block.picture.PictureBlock;
import jorn.calendar.Occasion;
import jorn.layout.SampleFlow;
import jorn.measure.Length;
import jorn.measure.Trouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class DecorationTest {
    private static final Box SAFE = new Box(30, 30, 360, 560);

    private static Decoration at(Anchor anchor, boolean mirrored, boolean inTurn) {
        return new Decoration(
                Ornament.Shape.SPRIG, Optional.empty(), anchor, Length.mm(15), 0.5, mirrored, inTurn, false);
    }

    private static Box box(Decoration d, Side side, boolean other) {
        return Marks.bounds(d.draw(SAFE, SampleFlow.on(side, SAFE, Occasion.NONE, Map.of()), other));
    }

    @Property
    void itKeepsToTheSafeAreaWhereverItStands(
            @ForAll Anchor anchor, @ForAll boolean mirrored, @ForAll boolean inTurn, @ForAll Side side) {
        assertTrue(SAFE.outset(0.5).holds(box(at(anchor, mirrored, inTurn), side, true)));
    }

    @Test
    void anOpacityOfNothingIsNotMadeFull() {
        Decoration unseen = new Decoration(
                Ornament.Shape.SPRIG, Optional.empty(), Anchor.HEAD, Length.mm(15), 0.0, false, false, false);
        assertEquals(0, unseen.opacity());
        assertEquals(
                1,
                new Decoration(null, Optional.empty(), Anchor.HEAD, Length.mm(15), null, false, false, false)
                        .opacity());
        assertThrows(
                Trouble.class,
                () -> new Decoration(null, Optional.empty(), Anchor.HEAD, Length.mm(15), 1.5, false, false, false));
        assertEquals(0, new PictureBlock("p", PictureBlock.Fit.FILL, Length.mm(50), 0.0).opacity());
    }

    @Test
    void onALeftHandPageItChangesSides() {
        Decoration d = at(Anchor.HEAD_RIGHT, true, false);
        Box recto = box(d, Side.RECTO, false);
        Box verso = box(d, Side.VERSO, false);
        assertEquals(SAFE.right() - recto.right(), verso.x() - SAFE.x(), 0.01);
        assertEquals(
                recto.x(),
                box(at(Anchor.HEAD_RIGHT, false, false), Side.VERSO, false).x(),
                0.01);
    }

    @Test
    void everyOtherPageHasItTurnedOver() {
        Decoration d = at(Anchor.FOOT, false, true);
        List<Mark> even = d.draw(SAFE, SampleFlow.undated(SAFE), false);
        List<Mark> odd = d.draw(SAFE, SampleFlow.undated(SAFE), true);
        assertTrue(even.stream().noneMatch(m -> m instanceof Mark.Turned));
        assertTrue(odd.get(0) instanceof Mark.Turned t && t.turn().a() == -1);
    }

    @Test
    void faintInksAreMixedWithThePaperAndNotTransparent() {
        Mark first = at(Anchor.HEAD, false, false)
                .draw(SAFE, SampleFlow.undated(SAFE), false)
                .get(0);
        double strength = first instanceof Mark.Stroke s ? ((jorn.art.Ink.Black) s.ink()).strength() : -1;
        assertEquals(0.375, strength, 0.001, "half of the accent's 75 %");
    }
}
