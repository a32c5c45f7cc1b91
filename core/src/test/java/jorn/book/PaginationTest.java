package jorn.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.OptionalInt;
import jorn.art.Side;
import jorn.block.paper.Ruling;
import jorn.book.Placement.Start;
import jorn.makeup.Paginator;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.PressShelf;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipes;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class PaginationTest {
    private static Book journal(int pages) {
        return EarlierBooks.linedJournal(
                Brief.at(PressShelf.shipped().find("online"), Size.of(6, 9, Unit.INCH), pages));
    }

    @Test
    void aJournalFillsUpToItsPageCount() {
        Pagination p = Paginator.of(journal(120));
        assertEquals(120, p.pageCount());
        assertEquals(0, p.blanksAdded());
        assertEquals(0, p.page(1).run());
        assertTrue(p.page(2).isBlank());
        assertEquals(1, p.page(3).run());
        assertTrue(p.page(4).isBlank());
        assertEquals(2, p.page(5).run());
        assertEquals(115, p.page(120).index());
    }

    /** Common practice: 5 before, 31 of story and 3 after are 39 pages, which a press rounds up to 40 with a blank. */
    @Test
    void thirtyNinePagesBecomeForty() {
        Book book = journal(24)
                .withRuns(List.of(
                        Run.of("Front matter", Catalogue.recipe("blank"), 5, Start.ANYWHERE),
                        Run.of("Story", Recipes.lined(Ruling.customary()), 31, Start.ANYWHERE),
                        Run.of("Back matter", Catalogue.recipe("blank"), 3, Start.ANYWHERE)));
        Pagination p = Paginator.of(book);
        assertEquals(39, p.planned());
        assertEquals(40, p.pageCount());
        assertEquals(1, p.blanksAdded());
        assertTrue(p.page(40).isBlank());
    }

    @Test
    void spreadsAreThoseOfAnOpenBook() {
        Pagination p = Paginator.of(journal(120));
        assertEquals(61, p.spreadCount());
        assertEquals(OptionalInt.empty(), p.versoOf(0));
        assertEquals(OptionalInt.of(1), p.rectoOf(0));
        assertEquals(OptionalInt.of(2), p.versoOf(1));
        assertEquals(OptionalInt.of(3), p.rectoOf(1));
        assertEquals(OptionalInt.of(120), p.versoOf(60));
        assertEquals(OptionalInt.empty(), p.rectoOf(60));
    }

    @Property(tries = 200)
    void anyCountIsMetOrRoundedUpAndEveryRunBeginsOnItsSide(@ForAll @IntRange(min = 6, max = 900) int pages) {
        Pagination p = Paginator.of(journal(pages));
        assertEquals(pages + pages % 2, p.pageCount());
        for (int i = 0; i < p.pageCount(); i++) {
            assertEquals(i + 1, p.slots().get(i).number());
            if (p.slots().get(i).index() == 0 && !p.slots().get(i).isBlank()) {
                assertEquals(Side.RECTO, p.slots().get(i).side());
            }
        }
    }

    private static Book storyBook(BlanksAt at, int pages) {
        Book book = journal(pages);
        return book.withRuns(List.of(
                        Run.of("Front matter", Catalogue.recipe("blank"), 5, Start.ANYWHERE)
                                .as(Run.Matter.FRONT),
                        Run.of("Story", Catalogue.recipe("blank"), 31, Start.ANYWHERE),
                        Run.of("Back matter", Catalogue.recipe("blank"), 3, Start.ANYWHERE)
                                .as(Run.Matter.BACK)))
                .withBlanksAt(at);
    }

    @Test
    void blanksGoWhereTheBookSays() {
        assertTrue(Paginator.of(storyBook(BlanksAt.END, 24)).page(40).isBlank());
        Pagination before = Paginator.of(storyBook(BlanksAt.BEFORE_BACK_MATTER, 24));
        assertEquals(40, before.pageCount());
        assertTrue(before.page(37).isBlank());
        assertEquals(2, before.page(40).run());
        Pagination after = Paginator.of(storyBook(BlanksAt.AFTER_FRONT_MATTER, 24));
        assertTrue(after.page(6).isBlank());
        assertEquals(1, after.page(7).run());
    }

    @Test
    void aBookIsFilledWithBlanksToAWantedCount() {
        Pagination p = Paginator.of(storyBook(BlanksAt.END, 120));
        assertEquals(120, p.pageCount());
        assertEquals(39, p.planned());
        assertEquals(81, p.blanksAdded());
    }

    @Test
    void stapledBooksComeInFours() {
        for (int pages = 9; pages <= 12; pages++) {
            Book zine = Starter.ZINE.begin(Starter.ZINE.usualBrief().withPages(pages));
            assertEquals(12, Paginator.of(zine).pageCount());
        }
    }

    @Test
    void aFillingRunTakesThePageThatWouldOtherwiseBeBlank() {
        for (int pages = 40; pages < 60; pages += 2) {
            Book book = journal(pages)
                    .withRuns(List.of(
                            Run.filling("Body", Catalogue.recipe("blank"), Start.ANYWHERE),
                            Run.of("Back", Catalogue.recipe("blank"), 2, Start.RECTO)));
            Pagination p = Paginator.of(book);
            assertEquals(pages, p.planned());
            assertTrue(p.slots().stream().noneMatch(Slot::isBlank));
        }
    }
}
