package jorn.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Palette;
import jorn.art.Path;
import jorn.art.Side;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion;
import jorn.calendar.Span;
import jorn.content.Item;
import jorn.content.Subjects;
import org.junit.jupiter.api.Test;

/** Art is drawn once for all pages that are equal in what was read, without anybody declaring it. */
class ArtCacheTest {
    private static final BookLook LOOK = SampleFlow.look(Palette.BLACK, CalendarChoice.UNDATED);
    private static final Box TRIM = new Box(0, 0, 200, 300);

    private final AtomicInteger drawn = new AtomicInteger();

    private static Frame frame(Side side, double from) {
        return new Frame(side, side == Side.RECTO, TRIM, TRIM, new Box(from, 20, 150, 260));
    }

    private static final Frame RECTO = frame(Side.RECTO, 30);
    private static final Frame VERSO = frame(Side.VERSO, 20);

    /** A design that reads what the test lets it read, and draws a box in its room. */
    private ArtCache cache(java.util.function.Consumer<Flow> reads) {
        return new ArtCache((room, flow) -> {
            drawn.incrementAndGet();
            reads.accept(flow);
            return List.of(new Mark.Fill(Path.box(room), Ink.BLACK));
        });
    }

    private static PageFacts page(Map<String, String> fields, Object... subjects) {
        return SampleFlow.page(Subjects.of(subjects), fields);
    }

    private List<Mark> on(ArtCache cache, PageFacts page, Frame frame) {
        return cache.art(LOOK, page, frame, frame.text()).marks();
    }

    @Test
    void whatReadsNothingIsDrawnOnceAndMovedToTheOtherSide() {
        ArtCache cache = cache(f -> {});
        List<Mark> recto = on(cache, page(Map.of()), RECTO);
        List<Mark> verso = on(cache, page(Map.of()), VERSO);
        assertEquals(1, drawn.get());
        assertEquals(RECTO.text(), Marks.bounds(recto));
        assertEquals(VERSO.text(), Marks.bounds(verso));
        assertSame(verso, on(cache, page(Map.of()), VERSO));
        assertSame(((Mark.Stamped) recto.get(0)).stamp(), ((Mark.Stamped) verso.get(0)).stamp(), "one stamp for both");
    }

    @Test
    void whatReadsItsSideIsDrawnForEachSide() {
        ArtCache cache = cache(f -> f.gutterAtLeft());
        on(cache, page(Map.of()), RECTO);
        on(cache, page(Map.of()), VERSO);
        on(cache, page(Map.of()), RECTO);
        assertEquals(2, drawn.get());
    }

    @Test
    void aFieldIsNeverFrozenAtItsFirstValue() {
        ArtCache cache = cache(f -> f.fill("{run}"));
        on(cache, page(Map.of("run", "January pages")), RECTO);
        on(cache, page(Map.of("run", "February pages")), RECTO);
        on(cache, page(Map.of("run", "January pages")), RECTO);
        assertEquals(2, drawn.get());
    }

    @Test
    void whatShowsItsPageNumberIsDrawnForEachPageAndNotKept() {
        ArtCache cache = cache(f -> f.fill("Page {page}"));
        assertFalse(
                cache.art(LOOK, page(Map.of("page", "1")), RECTO, RECTO.text()).repeated());
        on(cache, page(Map.of("page", "2")), RECTO);
        assertEquals(2, drawn.get());
    }

    @Test
    void anUnknownFieldAndWordsOfTheBookDependOnNothing() {
        ArtCache cache = cache(f -> f.fill("{nonsense} {title}"));
        on(cache, page(Map.of()), RECTO);
        assertTrue(cache.art(LOOK, page(Map.of()), RECTO, RECTO.text()).repeated());
        assertEquals(1, drawn.get());
    }

    /** What is read may hang on what was read before it. */
    @Test
    void aDesignMayReadMoreOnSomePagesThanOnOthers() {
        ArtCache cache = cache(f -> {
            if (f.date().isEmpty()) {
                f.fill("{prompt}");
            }
        });
        Occasion monday = Occasion.of(Span.DAY, LocalDate.of(2027, 3, 1));
        on(cache, page(Map.of("prompt", "A"), monday), RECTO);
        on(cache, page(Map.of("prompt", "B"), monday), RECTO);
        assertEquals(1, drawn.get(), "dated pages do not read their words");
        on(cache, page(Map.of("prompt", "A")), RECTO);
        on(cache, page(Map.of("prompt", "B")), RECTO);
        on(cache, page(Map.of("prompt", "A")), VERSO);
        assertEquals(3, drawn.get());
    }

    @Test
    void theDateIsReadWithoutWhichOneItIsInItsRun() {
        ArtCache cache = cache(f -> f.date());
        on(cache, page(Map.of(), Occasion.undated(Span.WEEK, 1)), RECTO);
        on(cache, page(Map.of(), Occasion.undated(Span.WEEK, 2)), RECTO);
        assertEquals(1, drawn.get());
    }

    @Test
    void subjectsOfATypeAreCompared() {
        List<String> seen = new ArrayList<>();
        ArtCache cache =
                cache(f -> seen.add(f.subject(Item.class).map(Item::words).orElse("none")));
        on(cache, page(Map.of(), new Item("A", 1)), RECTO);
        on(cache, page(Map.of(), new Item("A", 1)), RECTO);
        on(cache, page(Map.of(), new Item("B", 2)), RECTO);
        on(cache, page(Map.of()), RECTO);
        assertEquals(List.of("A", "B", "none"), seen);
    }

    @Test
    void otherRoomIsDrawnAnew() {
        ArtCache cache = cache(f -> {});
        List<Mark> high = cache.art(LOOK, page(Map.of()), RECTO, new Box(30, 20, 150, 260))
                .marks();
        List<Mark> low = cache.art(LOOK, page(Map.of()), RECTO, new Box(30, 40, 150, 240))
                .marks();
        assertNotEquals(Marks.bounds(high), Marks.bounds(low));
        assertEquals(2, drawn.get());
    }
}
