package jorn.edition;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.check.Checker;
import jorn.check.Proof;
import jorn.measure.Unit;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Where no cover is handed over, the composed one stands on the first and the last page: what was asked for is printed. */
class CoverPagesTest {
    private static Book zine(String press) {
        Book begun = Starter.ZINE.begin();
        return begun.withBrief(
                        begun.brief().at(PressShelf.shipped().find(press)).withSelfCover(true))
                .withTitle("Smoke Signals")
                .withAuthor("Skep & Sedge");
    }

    private static boolean says(PageArt art, String words) {
        String all = Marks.single(art.marks())
                .filter(Mark.Words.class::isInstance)
                .map(m -> ((Mark.Words) m).run().text())
                .reduce("", (a, b) -> a + " " + b);
        return all.contains(words);
    }

    @ParameterizedTest
    @ValueSource(strings = {"magazine", "home", "copyshop"})
    void theCoverThatWasAskedForTakesTheFirstAndTheLastPage(String press) {
        Book own = zine(press);
        Edition before = Edition.of(own);
        Edition after = Edition.of(own.wearing(p -> p.composedAs("wreath")));
        int last = after.pagination().pageCount();
        assertFalse(before.isCoverPage(1), "a book keeps its pages until somebody asks");
        assertTrue(after.isCoverPage(1) && after.isCoverPage(last));
        assertFalse(after.isCoverPage(2));
        assertEquals(before.pagination().pageCount(), last, "no page is added");
        assertEquals(before.page(2).marks(), after.page(2).marks());
        assertFalse(before.page(1).equals(after.page(1)));
        assertTrue(says(after.page(1), "Smoke"), "the title stands on the front");
        Box trim = after.page(1).trim();
        boolean bleeds = after.geometry().bleeds();
        assertEquals(press.equals("magazine"), bleeds, "it runs off the page where the press lets it");
        for (var standing : Marks.standing(after.page(1).marks())) {
            Box room = bleeds ? after.page(1).bleed() : after.geometry().safe(jorn.art.Side.RECTO);
            assertTrue(
                    standing.bounds().isEmpty() || room.outset(0.01).holds(standing.bounds()),
                    standing.bounds() + " in " + room + " of " + trim);
        }
    }

    @Test
    void aPageOfItsOwnComesBackWhenItIsNotWanted() {
        Book worn = zine("magazine").wearing(p -> p.composedAs("wreath"));
        Book plain = worn.withBrief(worn.brief().withCoverOnPages(false));
        assertFalse(Edition.of(plain).isCoverPage(1));
        assertEquals(
                Edition.of(zine("magazine")).page(16).marks(),
                Edition.of(plain).page(16).marks());
    }

    @Test
    void aBookWithACoverOfItsOwnKeepsItsPages() {
        Book journal = Starter.LINED_JOURNAL.begin().withTitle("Hive Notes").wearing(p -> p.composedAs("wreath"));
        assertFalse(journal.hasCoverOnPages());
        assertFalse(Edition.of(journal).isCoverPage(1));
    }

    /** A book of bare pages at home has neither cover nor title page, and nothing is said of them. */
    @Test
    void whoHasNoTitleToShowIsNotAskedForOne() {
        Book empty = Starter.EMPTY.begin();
        Book home = empty.withBrief(empty.brief().at(PressShelf.shipped().find("home")));
        assertFalse(Checker.check(Proof.of(home, Unit.INCH)).stream().anyMatch(f -> f.id().equals("cover.title")));
        assertTrue(Checker.check(Proof.of(Starter.LINED_JOURNAL.begin(), Unit.INCH)).stream()
                .anyMatch(f -> f.id().equals("cover.title")));
    }
}
