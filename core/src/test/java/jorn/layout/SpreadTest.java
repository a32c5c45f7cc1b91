package jorn.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.PageArt;
import jorn.art.Palette;
import jorn.art.Path;
import jorn.art.Side;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.calendar.CalendarChoice;
import jorn.makeup.PageGeometry;
import org.junit.jupiter.api.Test;

/** Art that runs across the gutter, cut into the two pages again. */
class SpreadTest {
    private static Spread spread() {
        Book book = EarlierBooks.notebook();
        PageGeometry geometry = PageGeometry.of(book.withBrief(book.brief().withBleed(true)), 120);
        return new Spread(geometry.frame(Side.VERSO), geometry.frame(Side.RECTO));
    }

    /** A box across the whole spread, off all its edges. */
    private record Band() implements Node {
        @Override
        public void draw(Box area, Flow flow, List<Mark> out) {
            Box b = flow.frame().bleed();
            out.add(new Mark.Fill(Path.box(new Box(b.x(), 100, b.width(), 50)), Ink.BLACK));
        }

        @Override
        public double naturalHeight(double width, Flow flow) {
            return 50;
        }
    }

    @Test
    void theSurfaceIsBothPagesWithBleedOutsideOnly() {
        Surface surface = spread().surface(new Band());
        assertEquals(new Box(0, 0, 864, 648), surface.frame().trim());
        assertEquals(new Box(-9, -9, 882, 666), surface.frame().bleed());
        assertEquals(spread().left().text().x(), surface.frame().text().x());
        assertEquals(
                432 + spread().right().text().right(), surface.frame().text().right());
    }

    @Test
    void eachPageShowsItsHalfUpToItsOwnBleed() {
        Spread spread = spread();
        List<Mark> marks = spread.surface(new Band())
                .marks(SampleFlow.look(Palette.BLACK, CalendarChoice.UNDATED), PageFacts.NONE);
        PageArt left = spread.leftPage(marks);
        PageArt right = spread.rightPage(marks);
        assertEquals(spread.left().bleed(), left.bleed());
        assertEquals(new Box(-9, 100, 441, 50), only(left));
        assertEquals(new Box(0, 100, 441, 50), only(right));
        assertTrue(spread.leftPage(List.of()).marks().isEmpty());
    }

    @Test
    void whatLiesOnOneSideIsNotSeenOnTheOther() {
        Mark onRight = new Mark.Fill(Path.box(new Box(500, 50, 20, 20)), Ink.BLACK);
        assertTrue(only(spread().leftPage(List.of(onRight))).isEmpty());
        assertEquals(new Box(68, 50, 20, 20), only(spread().rightPage(List.of(onRight))));
    }

    private static Box only(PageArt art) {
        return Marks.standing(art.marks()).get(0).bounds();
    }
}
