package jorn.art;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import jorn.text.Shaper;
import jorn.text.TypeShelf;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Left and right exchanged. */
class MirrorTest {
    private static final Box ROOM = new Box(40, 50, 300, 500);

    @Property(tries = 50)
    void marksChangeSidesAndComeBack(
            @ForAll @DoubleRange(min = 0, max = 300) double x, @ForAll @DoubleRange(min = 1, max = 80) double w) {
        GlyphRun run = Shaper.shape(TypeShelf.typeface("alegreya").regular(), 12, "27 May");
        List<Mark> inner = List.of(
                new Mark.Fill(Path.box(new Box(x, 60, w, 10)), Ink.BLACK), new Mark.Words(x, 90, run, Ink.BLACK));
        List<Mark> marks = List.of(
                new Mark.Stroke(
                        Path.builder()
                                .move(x, 1)
                                .curve(x + 1, 2, x + w, 3, x + w, 9)
                                .close()
                                .build(),
                        1,
                        Ink.BLACK),
                new Mark.Clip(Path.box(new Box(x, 0, w, 20)), inner),
                new Mark.Group(0.5, inner),
                new Mark.Stamped(new Stamp(inner), 7, 3),
                new Mark.Turned(Turn.quarterUp(x, 100), inner));
        Mirror mirror = Mirror.in(ROOM);
        List<Mark> there = mirror.of(marks);
        for (int i = 0; i < marks.size(); i++) {
            Box was = marks.get(i).bounds();
            Box is = there.get(i).bounds();
            assertEquals(
                    ROOM.x() + ROOM.right() - was.right(),
                    is.x(),
                    1e-6,
                    marks.get(i).getClass().getSimpleName());
            assertEquals(was.width(), is.width(), 1e-6);
            assertEquals(was.y(), is.y(), 1e-6);
        }
        List<Mark> back = mirror.of(there);
        for (int i = 0; i < marks.size(); i++) {
            assertEquals(marks.get(i).bounds().x(), back.get(i).bounds().x(), 1e-6);
        }
    }

    @Test
    void wordsKeepTheirGlyphsAndFramesTheirOtherGutter() {
        GlyphRun run = Shaper.shape(TypeShelf.typeface("alegreya").regular(), 12, "27");
        Mark.Words there = (Mark.Words) Mirror.in(ROOM)
                .of(List.of(new Mark.Words(40, 60, run, Ink.BLACK)))
                .get(0);
        assertEquals(run, there.run());
        assertEquals(ROOM.right(), there.x() + run.width(), 1e-9);
        Frame frame = new Frame(Side.RECTO, true, new Box(0, 0, 400, 600), new Box(-9, -9, 418, 618), ROOM);
        Frame other = Mirror.in(ROOM).of(frame);
        assertTrue(!other.gutterAtLeft());
        assertEquals(ROOM, other.text());
        assertEquals(-20, other.trim().x(), 1e-9);
    }
}
