package jorn.makeup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.PageArt;
import jorn.art.Path;
import jorn.art.Side;
import jorn.block.paper.Ruling;
import jorn.block.paper.Ruling.Reach;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.EarlierBooks;
import jorn.edition.Edition;
import jorn.measure.Length;
import jorn.measure.PaperSize;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.PressShelf;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class ComposerTest {
    private static Book journal(Size trim) {
        return EarlierBooks.linedJournal(Brief.at(PressShelf.shipped().find("online"), trim, 120))
                .withTitle("Hive Notes")
                .withSubtitle("A journal for the bee yard")
                .withAuthor("Skep & Sedge");
    }

    private static Book ruled(Book book, Ruling ruling) {
        return book.withRecipe(2, r -> r.withRuling(ruling));
    }

    private static List<Mark> marks(PageArt art) {
        List<Mark> all = new ArrayList<>();
        for (Mark m : art.marks()) {
            all.addAll(m instanceof Mark.Stamped p ? p.stamp().marks() : List.of(m));
        }
        return all;
    }

    private static SortedSet<Long> heights(PageArt art) {
        TreeSet<Long> ys = new TreeSet<>();
        for (Mark m : marks(art)) {
            if (m instanceof Mark.Stroke s) {
                s.path().walk(new Path.Walker() {
                    @Override
                    public void move(double x, double y) {
                        ys.add(Math.round(y * 1000));
                    }

                    @Override
                    public void line(double x, double y) {
                        ys.add(Math.round(y * 1000));
                    }

                    @Override
                    public void curve(double a, double b, double c, double d, double x, double y) {}

                    @Override
                    public void close() {}
                });
            }
        }
        return ys;
    }

    @Test
    void equalPagesShareOneStamp() {
        Edition c = Edition.of(journal(Size.of(6, 9, Unit.INCH)));
        assertSame(c.page(5), c.page(119));
        assertSame(c.page(6), c.page(120));
        assertNotEquals(c.page(5), c.page(6));
    }

    @Test
    void linesStandAtTheirSpacingAndFacingPagesShareTheGrid() {
        for (Reach reach : Reach.values()) {
            Ruling ruling = Ruling.customary().withReach(reach);
            Edition c = Edition.of(ruled(journal(Size.of(6, 9, Unit.INCH)), ruling));
            List<Long> recto = List.copyOf(heights(c.page(7)));
            assertEquals(recto, List.copyOf(heights(c.page(6))));
            assertTrue(recto.size() > 20, "lines: " + recto.size());
            for (int i = 1; i < recto.size(); i++) {
                double mm = (recto.get(i) - recto.get(i - 1)) / 1000.0 / Unit.MILLIMETRE.points();
                assertEquals(7.1, mm, 0.001);
            }
        }
    }

    @Test
    void linesOffThePageReachTheBleedOnBothSides() {
        Edition c = Edition.of(
                ruled(journal(Size.of(6, 9, Unit.INCH)), Ruling.customary().withReach(Reach.EDGE)));
        for (int n : new int[] {5, 6}) {
            Box bounds = Marks.bounds(c.page(n).marks());
            assertEquals(c.pages().frame(Side.of(n)).bleed().x(), bounds.x(), 1e-6);
            assertEquals(c.pages().frame(Side.of(n)).bleed().right(), bounds.right(), 1e-6);
        }
        assertTrue(c.geometry().bleeds());
    }

    @Test
    void noLineIsRuledWhereTheKnifeWouldHalveIt() {
        Edition c = Edition.of(
                ruled(journal(Size.of(6, 9, Unit.INCH)), Ruling.customary().withReach(Reach.EDGE)));
        Box trim = c.pages().frame(Side.RECTO).trim();
        assertTrue(heights(c.page(5)).iterator().hasNext(), "there is something to look at");
        for (long y : heights(c.page(5))) {
            assertTrue(y / 1000.0 > Length.mm(3).points() - 0.01);
            assertTrue(y / 1000.0 < trim.height() - Length.mm(3).points() + 0.01);
        }
    }

    @Property(tries = 120)
    void whatDoesNotBleedStaysWithinTheMargins(@ForAll("trims") Size trim, @ForAll("rulings") Ruling ruling) {
        Edition c = Edition.of(ruled(journal(trim), ruling));
        for (int n : new int[] {1, 3, 5, 6}) {
            Box text = c.pages().frame(Side.of(n)).text();
            assertTrue(c.page(n).marks().iterator().hasNext(), "there is something to look at");
            for (Mark m : c.page(n).marks()) {
                assertTrue(text.holds(m.bounds()), () -> "page " + trim + ": " + m + " outside " + text);
            }
        }
    }

    @Provide
    Arbitrary<Size> trims() {
        List<Size> all = new ArrayList<>(PressShelf.shipped().find("online").trims());
        all.add(PaperSize.A6.size());
        all.add(PaperSize.A4.size());
        return Arbitraries.of(all);
    }

    @Provide
    Arbitrary<Ruling> rulings() {
        return Arbitraries.doubles().between(4, 20).map(mm -> Ruling.customary().withSpacing(Length.mm(mm)));
    }
}
