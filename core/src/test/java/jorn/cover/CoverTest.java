package jorn.cover;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.makeup.PageComposer;
import jorn.makeup.PageGeometry;
import jorn.makeup.Paginator;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class CoverTest {
    private static Book titled(String title) {
        Book book = EarlierBooks.linedJournal()
                .withTitle(title)
                .withAuthor("Skep & Sedge")
                .withSubtitle("For bees");
        return book.withCover(book.cover().withBlurb("Room for every inspection. ".repeat(12)));
    }

    private static Cover cover(Book book, CoverGeometry geometry) {
        return new Cover(book, new PageComposer(book, Paginator.of(book), PageGeometry.of(book, 120)).look(), geometry);
    }

    @Test
    void theGroundReachesTheBleedOnAllSides() {
        Book book = titled("Hive Notes");
        CoverGeometry g = CoverGeometry.of(book, 120);
        PageArt art = cover(book, g).plane();
        assertEquals(g.bled(), art.marks().get(0).bounds());
        assertEquals(g.bled(), art.bleed());
    }

    @Property(tries = 60)
    void wordsOfAnyTitleStayInsideTheSafeAreaOfTheirPanel(@ForAll("titles") String title) {
        Book book = titled(title);
        CoverGeometry g = CoverGeometry.of(book, 120);
        Box front = g.safe(g.front());
        Box back = g.safe(g.back().orElseThrow());
        Box spine = g.spineSafe().orElseThrow();
        assertTrue(
                Marks.standing(cover(book, g).plane().marks()).iterator().hasNext(), "there is something to look at");
        for (Marks.Standing m : Marks.standing(cover(book, g).plane().marks())) {
            if (m.mark() instanceof Mark.Words words) {
                Box b = m.bounds();
                assertTrue(front.holds(b) || back.holds(b) || spine.holds(b), () -> words.run() + " at " + b);
            }
        }
    }

    @Provide
    Arbitrary<String> titles() {
        return Arbitraries.of("Bee", "notes", "winter", "A", "honeycomb", "of", "Supercalifragilistic", "swarm", "&")
                .list()
                .ofMinSize(1)
                .ofMaxSize(14)
                .map(words -> String.join(" ", words));
    }

    @Test
    void aShortTitleIsLargeEnoughToReadOnAStamp() {
        Book book = titled("Hive Notes");
        CoverGeometry g = CoverGeometry.of(book, 120);
        double size = cover(book, g).frontArt().marks().stream()
                .filter(m -> m instanceof Mark.Words)
                .mapToDouble(m -> ((Mark.Words) m).run().size())
                .max()
                .orElse(0);
        double onStamp = size * 160 / g.front().height();
        assertTrue(onStamp > 9, "title is " + onStamp + " px high on a stamp of 160 px");
    }
}
