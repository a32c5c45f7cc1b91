package jorn.makeup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Reading;
import jorn.art.Side;
import jorn.block.picture.Decoration;
import jorn.block.text.Folio;
import jorn.book.Book;
import jorn.book.Furniture;
import jorn.book.MarginChoice;
import jorn.book.PageKey;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.book.Slot;
import jorn.book.Starter;
import jorn.calendar.Span;
import jorn.edition.Edition;
import jorn.layout.Placed;
import jorn.layout.Surface;
import jorn.measure.Unit;
import jorn.press.PressShelf;
import jorn.recipe.Catalogue;
import org.junit.jupiter.api.Test;

/** What a page is asked by those who show it: its parts, its room, whether it is like its neighbours, what it rests on. */
class PageAnswersTest {
    private static Book book(Run... runs) {
        return Starter.EMPTY.begin().withRuns(List.of(runs)).withCycles(List.of());
    }

    private static Run lined(int pages) {
        return Run.of("Lined", Catalogue.recipe("lined"), pages, Start.ANYWHERE);
    }

    private static boolean alike(Book book) {
        Edition edition = Edition.of(book);
        edition.page(3);
        return edition.pages().isLikeAllOfItsRun(edition.pagination().page(3));
    }

    @Test
    void pagesAreAlikeWhereNothingOnThemDiffers() {
        Book plain = book(lined(24));
        assertTrue(alike(plain));
        assertFalse(alike(plain.withFurniture(
                new Furniture(Optional.of(Folio.customary(Folio.FolioPlace.FORE_EDGE)), false, Optional.empty()))));
        assertFalse(alike(
                plain.withRun(0, r -> r.withExceptions(Map.of(new PageKey.Counted(1), Catalogue.recipe("dotted"))))));
        assertFalse(alike(plain.withRun(0, r -> r.withDecorations(List.of(Decoration.customary())))));
        Edition unseen = Edition.of(plain);
        assertFalse(
                unseen.pages().isLikeAllOfItsRun(unseen.pagination().page(3)), "a page that was not made is not known");
        Book dated = book(Run.per(Span.DAY, "Days", Catalogue.recipe("day-lines"), Start.ANYWHERE));
        dated = dated.withCalendar(dated.calendar().dated(LocalDate.of(2027, 3, 1), LocalDate.of(2027, 3, 31)));
        assertFalse(alike(dated), "each has its date");
    }

    @Test
    void aPageThatShowsItsDateIsToldFromOneThatDoesNot() {
        Book days = book(
                Run.per(Span.DAY, "Days", Catalogue.recipe("day-lines"), Start.ANYWHERE),
                Run.of("Notes", Catalogue.recipe("dotted"), 3, Start.ANYWHERE));
        days = days.withCalendar(days.calendar().dated(LocalDate.of(2027, 3, 1), LocalDate.of(2027, 3, 30)));
        Edition edition = Edition.of(days);
        assertTrue(edition.pages().showsSubject(edition.pagination().page(1)));
        Slot notes = edition.pagination().slots().stream()
                .filter(s -> s.run() == 1)
                .findFirst()
                .orElseThrow();
        assertFalse(edition.pages().showsSubject(notes));
        Slot blank = edition.pagination().page(edition.pagination().pageCount());
        assertTrue(blank.isBlank());
        assertFalse(edition.pages().showsSubject(blank));
        assertEquals(List.of(), edition.pages().parts(blank.number()));
        List<Placed> parts = edition.pages().parts(1);
        assertTrue(parts.size() > 1);
        assertEquals(
                edition.pages().room(edition.pagination().page(1)), parts.get(0).box());
    }

    @Test
    void aPageIsASurfaceWithItsDesignInTheRoomBetweenTheMargins() {
        Edition edition = Edition.of(book(lined(24)));
        Surface surface = edition.pages().surface(3);
        assertEquals(Surface.SurfaceKind.PAGE, surface.kind());
        assertEquals(Catalogue.recipe("lined").root(), surface.root());
        assertEquals(edition.pages().frame(Side.RECTO), surface.frame());
        assertEquals(edition.pages().room(edition.pagination().page(3)), surface.room());
    }

    private static Decoration ornament(boolean inTurn) {
        Decoration d = Decoration.customary();
        return new Decoration(d.shape(), d.picture(), d.anchor(), d.size(), d.opacity(), false, inTurn, d.toEdge());
    }

    @Test
    void anOrnamentThatIsTurnedInTurnIsTurnedOnEverySecondPage() {
        Edition still = Edition.of(book(lined(24).withDecorations(List.of(ornament(false)))));
        Edition turning = Edition.of(book(lined(24).withDecorations(List.of(ornament(true)))));
        for (int n = 1; n <= 6; n++) {
            assertEquals(
                    n % 2 == 1, still.page(n).marks().equals(turning.page(n).marks()), "page " + n);
        }
    }

    private static String source(Book book, String figure) {
        return Edition.of(book).measures().get(figure).source();
    }

    @Test
    void aFigureNamesTheRuleThatItCameFrom() {
        Book plain = book(lined(24));
        Book bleeding = plain.withBrief(plain.brief().withBleed(true));
        String press = plain.brief().press().name();
        assertEquals("without bleed, " + press, source(plain, "margin.outside"));
        assertEquals("with bleed, " + press, source(bleeding, "margin.outside"));
        assertEquals("up to 150 pages, " + press, source(plain, "margin.gutter"));
        Book schooled = plain.withMargins(MarginChoice.NONE.withSchool(Optional.of("flat")));
        assertEquals("always, the school “Always wide”", source(schooled, "margin.set.gutter"));
        assertEquals("without bleed the page is the trim size", source(plain, "page.width"));
        assertEquals("bleed at head, foot and fore-edge, none at the spine, " + press, source(bleeding, "page.width"));
        Book four = bleeding.withBrief(bleeding.brief().at(PressShelf.shipped().find("magazine")));
        assertTrue(source(four, "page.width").startsWith("bleed on all four sides"), source(four, "page.width"));
    }

    /** Handbook: 6 × 9 in with bleed at three sides is 6.125 × 9.25 in in the file, 9.25 of it twice 0.125 more. */
    @Test
    void theFilesPageIsTheTrimWithItsBleed() {
        Book plain = book(lined(24));
        Book bleeding = plain.withBrief(plain.brief().withBleed(true));
        assertEquals("6 in", Edition.of(plain).measures().get("page.width").text(Unit.INCH));
        assertEquals(
                "6.125 in", Edition.of(bleeding).measures().get("page.width").text(Unit.INCH));
        assertEquals(
                "9.25 in", Edition.of(bleeding).measures().get("page.height").text(Unit.INCH));
        assertTrue(Edition.of(bleeding).measures().get("page.height").formula().contains("2 ×"));
        assertFalse(Edition.of(bleeding).measures().get("page.width").formula().contains("2 ×"));
    }

    @Test
    void theGutterIsAtTheSpineWhicheverWayTheBookReads() {
        Book book = book(lined(24));
        Box recto = Edition.of(book).geometry().safe(Side.RECTO);
        Book leftward = book.withBrief(book.brief().withReading(Reading.RIGHT_TO_LEFT));
        Box mirrored = Edition.of(leftward).geometry().safe(Side.RECTO);
        assertTrue(recto.x() > 432 - recto.right(), "more at the left");
        assertEquals(recto.x(), 432 - mirrored.right(), 1e-9);
    }
}
