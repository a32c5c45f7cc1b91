package jorn.block;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Mark;
import jorn.art.Side;
import jorn.block.days.CountBy;
import jorn.block.days.CountBy.CountedRow;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion;
import jorn.calendar.Span;
import jorn.calendar.WeekRule;
import jorn.content.Subjects;
import jorn.layout.BookLook;
import jorn.layout.Flow;
import jorn.layout.Grid;
import jorn.layout.Lack;
import jorn.layout.Node;
import jorn.layout.NodeKinds;
import jorn.layout.SampleFlow;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Blocks that count days, months and hours, and say where they have too little room. */
class CountedBlocksTest {
    private static final Size TRIM = Size.parse("6x9in", Unit.INCH);

    private static Flow flow(Box area, Occasion occasion, CalendarChoice calendar, PageStyle style) {
        Box trim = area.outset(40);
        BookLook look = SampleFlow.in(style, Grid.of(Length.mm(7), TRIM), calendar);
        Map<String, String> fields = Map.of("month", "May", "year", "2027", "prompt", "Why?");
        return new Flow(
                look, SampleFlow.page(Subjects.of(occasion), fields), new Frame(Side.RECTO, true, trim, trim, area));
    }

    private static Flow flow(Occasion occasion, String language) {
        return flow(
                new Box(0, 0, 300, 500),
                occasion,
                CalendarChoice.UNDATED.withLanguage(language),
                StyleShelf.of("quiet"));
    }

    /** The days of months as java.time counts them: 28 to 31, leap years too. */
    @ParameterizedTest
    @CsvSource({"2027-02-01, 28", "2028-02-01, 29", "2100-02-01, 28", "2027-04-01, 30", "2027-05-01, 31"})
    void aMonthHasItsDays(LocalDate from, int days) {
        List<CountedRow> rows = CountBy.MONTH.rows(flow(Occasion.of(Span.MONTH, from), "en"));
        assertEquals(days, rows.size());
        for (int d = 1; d <= days; d++) {
            String day = YearMonth.from(from)
                    .atDay(d)
                    .getDayOfWeek()
                    .getDisplayName(TextStyle.SHORT_STANDALONE, Locale.ENGLISH);
            assertEquals(d + " " + day, rows.get(d - 1).full());
        }
        assertEquals(31, CountBy.MONTH.most());
    }

    @Test
    void undatedRowsCountAllTheSame() {
        Flow undated = flow(Occasion.NONE, "de");
        assertEquals(31, CountBy.MONTH.rows(undated).size());
        assertEquals("1", CountBy.MONTH.rows(undated).get(0).full());
        assertEquals("Montag", CountBy.WEEK.rows(undated).get(0).full());
        assertEquals(
                List.of("Januar", "Dezember"),
                List.of(
                        CountBy.YEAR.rows(undated).get(0).full(),
                        CountBy.YEAR.rows(undated).get(11).full()));
        assertEquals(24, CountBy.HOURS.rows(undated).size());
        assertEquals(13, CountBy.QUARTER.rows(undated).size());
        assertTrue(CountBy.ROOM.rows(undated).isEmpty());
    }

    @Test
    void aWeekBeginsOnItsFirstDayAndNamesItsDates() {
        Flow sunday = flow(
                new Box(0, 0, 300, 500),
                Occasion.of(Span.WEEK, LocalDate.of(2027, 5, 2)),
                CalendarChoice.UNDATED.withWeeks(WeekRule.SUNDAY),
                StyleShelf.of("quiet"));
        List<CountedRow> rows = CountBy.WEEK.rows(sunday);
        assertEquals("Sunday 2", rows.get(0).full());
        assertEquals("Saturday 8", rows.get(6).full());
        assertTrue(
                rows.get(0).weekend() && rows.get(6).weekend() && !rows.get(1).weekend());
    }

    @Test
    void aYearThatBeginsInJulyCountsFromJuly() {
        List<CountedRow> rows = CountBy.YEAR.rows(flow(Occasion.of(Span.YEAR, LocalDate.of(2027, 7, 1)), "en"));
        assertEquals("July", rows.get(0).full());
        assertEquals("June", rows.get(11).full());
    }

    @Test
    void theDaysOfAYearsPageAreThoseOfNoMonth() {
        List<CountedRow> rows = CountBy.MONTH.rows(flow(Occasion.of(Span.YEAR, LocalDate.of(2027, 2, 1)), "en"));
        assertEquals(31, rows.size());
        assertEquals("3", rows.get(2).full());
    }

    private static List<Node> fresh() {
        return NodeKinds.offers().stream()
                .map(o -> (Node) o.fresh().get())
                .filter(n -> n.getClass().getPackageName().matches("jorn\\.block\\.(page|form|days)"))
                .toList();
    }

    /** Whatever the room: nothing leaves it by more than a frame's line, nothing is set under the floors, and what has no room is said. */
    @Property(tries = 1500)
    void everyBlockKeepsToItsRoom(
            @ForAll @IntRange(max = 99) int which,
            @ForAll @IntRange(max = 8) int style,
            @ForAll @IntRange(max = 3) int when,
            @ForAll @DoubleRange(min = 110, max = 420) double width,
            @ForAll @IntRange(min = 0, max = 34) int rows) {
        List<Node> all = fresh();
        Node block = all.get(which % all.size());
        Box area = new Box(50, 60, width, rows * Length.mm(7).points());
        Occasion occasion = List.of(
                        Occasion.NONE,
                        Occasion.of(Span.DAY, LocalDate.of(2027, 5, 1)),
                        Occasion.of(Span.WEEK, LocalDate.of(2027, 4, 26)),
                        Occasion.of(Span.MONTH, LocalDate.of(2027, 5, 1)))
                .get(when);
        Flow flow = flow(
                area,
                occasion,
                CalendarChoice.UNDATED.withHolidays("DE"),
                StyleShelf.shipped().get(style));
        List<Mark> marks = new ArrayList<>();
        block.draw(area, flow, marks);
        String what = block.getClass().getSimpleName() + " in "
                + StyleShelf.shipped().get(style).id() + " " + area;
        for (Mark mark : marks) {
            assertTrue(area.outset(5).holds(mark.bounds()), () -> what + ": " + mark.bounds() + " " + mark);
            if (mark instanceof Mark.Words words) {
                assertTrue(words.run().size() >= Grid.SMALLEST_TYPE - 1e-9, what);
            }
        }
        if (rows == 0
                && block.children().isEmpty()
                && !(block instanceof jorn.block.page.MotifDrawing)
                && !(block instanceof jorn.block.page.Opener)) {
            boolean natural = block.naturalHeight(width, flow) > 0;
            boolean says = block.lack(area, flow).isPresent();
            assertTrue(says || !NodeKinds.fills(block) || !natural, () -> what + " says nothing");
        }
    }

    /** Taking the first remedy again and again leads to a block that has room, where there is any for one. */
    @Property(tries = 600)
    void remediesHelp(
            @ForAll @IntRange(max = 99) int which,
            @ForAll @DoubleRange(min = 150, max = 420) double width,
            @ForAll @IntRange(min = 10, max = 30) int rows) {
        List<Node> all = fresh();
        Node block = all.get(which % all.size());
        Box area = new Box(50, 60, width, rows * Length.mm(7).points());
        Flow flow = flow(area, Occasion.NONE, CalendarChoice.UNDATED, StyleShelf.of("quiet"));
        for (int i = 0; i < 40; i++) {
            Optional<Lack> lack = block.lack(area, flow);
            if (lack.isEmpty()) {
                return;
            }
            assertFalse(lack.get().says().text().isBlank());
            if (lack.get().remedies().isEmpty()) {
                return;
            }
            Node next = lack.get().remedies().get(0).instead();
            assertFalse(
                    next.equals(block),
                    () -> "the remedy is the same again: "
                            + lack.get().remedies().get(0).says().text());
            assertFalse(lack.get().remedies().get(0).says().text().isBlank());
            block = next;
        }
        throw new AssertionError(block + " never fits " + area);
    }

    @Test
    void hoursThatHaveNoRoomAreCountedAndFewerAreOffered() {
        Box area = new Box(0, 0, 300, 10 * Length.mm(7).points());
        Flow flow = flow(area, Occasion.NONE, CalendarChoice.UNDATED, StyleShelf.of("quiet"));
        Lack lack =
                new jorn.block.days.Hours(7, 20, 1, 0, true).lack(area, flow).orElseThrow();
        assertEquals("14 hours are wanted, 10 have room.", lack.says().text());
        assertEquals(
                new jorn.block.days.Hours(7, 16, 1, 0, true),
                lack.remedies().get(0).instead());
    }

    @Test
    void daysAreOfOneSizeWhateverTheRows() {
        for (int rows : IntStream.rangeClosed(16, 30).toArray()) {
            Box area = new Box(0, 0, 300, rows * Length.mm(7).points());
            Flow flow = flow(area, Occasion.NONE, CalendarChoice.UNDATED, StyleShelf.of("quiet"));
            List<Mark> marks = new ArrayList<>();
            new jorn.block.days.DayList(
                            0, 7, false, jorn.block.days.DayList.DayFill.LINES, Optional.of("Notes"), null, 0)
                    .draw(area, flow, marks);
            List<Double> tops = marks.stream()
                    .filter(m -> m instanceof Mark.Stroke s && s.width() == 0.5)
                    .map(m -> m.bounds().y())
                    .toList();
            assertEquals(8, tops.size(), rows + " rows");
            double each = tops.get(1) - tops.get(0);
            for (int i = 1; i < tops.size(); i++) {
                assertEquals(each, tops.get(i) - tops.get(i - 1), 1e-6);
            }
            assertEquals(area.bottom(), tops.get(7) + each, 1e-6, "no foot is bare");
        }
    }
}
