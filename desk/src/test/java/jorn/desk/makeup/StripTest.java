package jorn.desk.makeup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import jorn.art.Reading;
import jorn.book.Book;
import jorn.book.Cycle;
import jorn.book.Pagination;
import jorn.book.RunOrder;
import jorn.book.Starter;
import jorn.desk.model.BookState;
import jorn.makeup.Paginator;
import org.junit.jupiter.api.Test;

/** Which spreads the flat plan shows, and where runs can be put. */
class StripTest {
    private static final Book PLANNER = Starter.DATED_PLANNER.begin();
    private static final Pagination PAGES = Paginator.of(PLANNER);

    private static Strip strip(String... folded) {
        return new Strip(PLANNER, PAGES, Set.of(folded));
    }

    private static Strip.Group months() {
        return strip().groups().stream()
                .filter(g -> g.cycle().isPresent())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void unfoldedEverySpreadIsShown() {
        assertEquals(PAGES.spreadCount(), strip().shown().size());
        assertEquals(12, months().rounds());
        assertTrue(months().canFold());
    }

    @Test
    void aFoldedCycleShowsItsFirstRoundAlone() {
        Strip folded = strip(months().key());
        for (int page = 1; page <= PAGES.pageCount(); page++) {
            if (!PAGES.page(page).isBlank() && PAGES.page(page).round() <= 1) {
                assertTrue(folded.isShown(page), "page " + page + " is not of a later round");
            }
        }
        long laterAndShown = IntStream.rangeClosed(1, PAGES.pageCount())
                .filter(n -> PAGES.page(n).round() > 1 && folded.isShown(n))
                .count();
        assertTrue(laterAndShown <= 2, "at most what shares a spread with what is shown");
        int hidden = IntStream.range(0, folded.shown().size())
                .map(folded::hiddenAfter)
                .sum();
        assertEquals(PAGES.spreadCount(), folded.shown().size() + hidden, "nothing is lost");
    }

    @Test
    void aHiddenSpreadIsFoundAtTheShownOneBeforeIt() {
        Strip folded = strip(months().key());
        int last = Pagination.spreadOf(months().to()) - 3;
        assertFalse(folded.isShown(last * 2));
        assertTrue(folded.shown().get(folded.placeOf(last)) < last);
    }

    @Test
    void stretchesFollowEachOtherAndEachIsOfOneRun() {
        int before = 0;
        assertTrue(strip().stretches().iterator().hasNext(), "there is something to look at");
        for (Strip.Stretch s : strip().stretches()) {
            assertTrue(s.from() > before && s.to() >= s.from());
            for (int n = s.from(); n <= s.to(); n++) {
                assertEquals(s.run(), PAGES.page(n).run());
            }
            before = s.to();
        }
    }

    @Test
    void betweenTwoRoundsARunIsPutInsideTheCycleAndBeforeItOutside() {
        BookState state = BookState.of(PLANNER);
        StripLayout layout = new StripLayout(state, strip(), 120, 15);
        Cycle cycle = months().cycle().orElseThrow();
        int secondRound = IntStream.rangeClosed(1, PAGES.pageCount())
                .filter(n -> PAGES.page(n).round() == 2)
                .findFirst()
                .orElseThrow();
        StripLayout.Gap between = layout.gapAt(layout.xOf(secondRound)).orElseThrow();
        assertEquals(cycle.to(), between.run());
        assertTrue(between.inside());
        StripLayout.Gap ahead = layout.gapAt(layout.xOf(months().from())).orElseThrow();
        assertEquals(cycle.from(), ahead.run());
        assertFalse(ahead.inside());
        Book put = RunOrder.insert(PLANNER, between.run(), PLANNER.runs().get(0), between.inside());
        assertEquals(cycle.to() + 1, put.cycles().get(0).to());
    }

    /** Page 1 is a left-hand page and stands at the right end; reading goes to the left. */
    @Test
    void aBookThatReadsFromTheRightIsListedFromTheRight() {
        Book turned = PLANNER.withBrief(PLANNER.brief().withReading(Reading.RIGHT_TO_LEFT));
        BookState state = BookState.of(turned);
        for (String folded : List.of("", months().key())) {
            StripLayout layout = new StripLayout(state, strip(folded), 120, 15);
            double before = Double.MAX_VALUE;
            for (int page = 1; page <= PAGES.pageCount(); page++) {
                if (layout.strip().isShown(page)) {
                    double x = layout.xOf(page);
                    assertTrue(x < before, "page " + page);
                    assertTrue(x >= 0 && x + layout.thumbWidth() <= layout.width());
                    assertEquals(
                            page, layout.pageAt(x + layout.thumbWidth() / 2).orElseThrow());
                    before = x;
                }
            }
            StripLayout.Gap first = layout.gapAt(layout.width()).orElseThrow();
            assertEquals(0, first.run(), "what is put at the right end comes first");
            StripLayout.Gap last = layout.gapAt(0).orElseThrow();
            assertEquals(turned.runs().size(), last.run());
        }
    }

    @Test
    void aPlaceInThePlanIsThePageThatIsDrawnThere() {
        BookState state = BookState.of(PLANNER);
        for (String folded : List.of("", months().key())) {
            StripLayout layout = new StripLayout(state, strip(folded), 120, 15);
            for (int page = 1; page <= PAGES.pageCount(); page++) {
                if (layout.strip().isShown(page)) {
                    assertEquals(
                            page,
                            layout.pageAt(layout.xOf(page) + layout.thumbWidth() / 2)
                                    .orElseThrow());
                }
            }
        }
    }
}
