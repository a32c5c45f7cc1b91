package jorn.block;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Mark;
import jorn.art.Palette;
import jorn.art.Side;
import jorn.block.calendar.DayBlock;
import jorn.block.calendar.MonthGrid;
import jorn.block.calendar.TimeSlots;
import jorn.block.calendar.TrackerGrid;
import jorn.block.paper.Guides;
import jorn.block.paper.Space;
import jorn.block.paper.TableBlock;
import jorn.block.paper.WritingLine;
import jorn.block.text.TextBlock;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion;
import jorn.calendar.Span;
import jorn.calendar.WeekRule;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.NodeKinds;
import jorn.layout.Part;
import jorn.layout.SampleFlow;
import jorn.layout.Stack;
import jorn.measure.Length;
import jorn.recipe.Catalogue;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Blocks, one by one: what they draw, and that they draw it inside their area. */
class BlocksTest {
    private static final Box AREA = new Box(20, 30, 380, 560);

    private static Flow flow(Occasion occasion, CalendarChoice calendar, Map<String, String> fields) {
        return SampleFlow.of(
                new Frame(Side.RECTO, true, new Box(0, 0, 432, 648), new Box(0, 0, 432, 648), AREA),
                fields,
                Palette.BLACK,
                occasion,
                calendar);
    }

    private static final Flow UNDATED = flow(Occasion.NONE, CalendarChoice.UNDATED, Map.of());

    private static List<Mark> draw(Node node, Flow flow) {
        List<Mark> marks = new ArrayList<>();
        node.draw(AREA, flow, marks);
        return marks;
    }

    private static List<String> words(List<Mark> marks) {
        return marks.stream()
                .filter(m -> m instanceof Mark.Words)
                .map(m -> ((Mark.Words) m).run().text())
                .toList();
    }

    @Test
    void aMonthFromMondayAndOneFromSundayBeginInDifferentColumns() {
        Occasion august = Occasion.of(Span.MONTH, LocalDate.of(2026, 8, 1));
        MonthGrid grid = new MonthGrid(false, true, false, 0);
        List<String> iso = words(draw(grid, flow(august, CalendarChoice.UNDATED, Map.of())));
        List<String> sunday =
                words(draw(grid, flow(august, CalendarChoice.UNDATED.withWeeks(WeekRule.SUNDAY), Map.of())));
        assertEquals("Mon", iso.get(0));
        assertEquals("Sun", sunday.get(0));
        assertTrue(iso.contains("31") && sunday.contains("31"));
        // ISO 8601: Saturday 1 August 2026 lies in week 31, Monday 31 August in week 36.
        assertTrue(iso.contains("36"), iso.toString());
    }

    @Test
    void neighboursDaysAreShownOnlyWhereAskedFor() {
        Occasion feb = Occasion.of(Span.MONTH, LocalDate.of(2027, 2, 1));
        long without = words(draw(new MonthGrid(false, false, false, 0), flow(feb, CalendarChoice.UNDATED, Map.of())))
                .size();
        long with = words(draw(new MonthGrid(false, false, true, 0), flow(feb, CalendarChoice.UNDATED, Map.of())))
                .size();
        assertEquals(7 + 28, without);
        assertEquals(7 + 42, with);
    }

    @Test
    void anUndatedMonthHasCirclesInsteadOfNumbers() {
        List<Mark> marks = draw(new MonthGrid(false, false, false, 0), UNDATED);
        assertEquals(7, words(marks).size(), "the names of the days only");
        assertTrue(marks.size() >= 42 + 7);
    }

    @Test
    void holidaysStandInTheirDay() {
        CalendarChoice denmark =
                CalendarChoice.UNDATED.withHolidays("DK").withPersonal(Map.of(LocalDate.of(2026, 12, 13), "Candles"));
        List<String> december = words(draw(
                new MonthGrid(false, false, false, 0),
                flow(Occasion.of(Span.MONTH, LocalDate.of(2026, 12, 1)), denmark, Map.of())));
        assertTrue(december.contains("Candles"), december.toString());
        assertTrue(december.size() > 7 + 31 + 1, "holidays too: " + december);
    }

    @Test
    void timeSlotsRunFromTheFirstHourToTheLast() {
        List<String> day = words(draw(new TimeSlots(7, 21, 2, false), UNDATED));
        assertEquals(15, day.size());
        assertEquals("7:00", day.get(0));
        assertEquals("21:00", day.get(14));
        assertEquals(List.of("11 am", "12 pm", "1 pm"), words(draw(new TimeSlots(11, 13, 1, true), UNDATED)));
    }

    @Test
    void aTrackerHasABoxForEachDayOfItsMonth() {
        assertEquals(
                28,
                words(draw(
                                new TrackerGrid(3, 0, false),
                                flow(
                                        Occasion.of(Span.MONTH, LocalDate.of(2027, 2, 1)),
                                        CalendarChoice.UNDATED,
                                        Map.of())))
                        .size());
        assertEquals(31, words(draw(new TrackerGrid(3, 0, false), UNDATED)).size());
        assertEquals(7, words(draw(new TrackerGrid(3, 7, true), UNDATED)).size());
    }

    @Test
    void aDayOfAWeekNamesItsDateAndIsBareWithoutOne() {
        Occasion week = Occasion.of(Span.WEEK, LocalDate.of(2026, 10, 5));
        assertEquals(
                "Friday 9",
                words(draw(new DayBlock(4, Optional.empty(), false), flow(week, CalendarChoice.UNDATED, Map.of())))
                        .get(0));
        assertEquals(
                "Friday",
                words(draw(new DayBlock(4, Optional.empty(), false), UNDATED)).get(0));
    }

    @Test
    void anUndatedHeadingBecomesALineToWriteOn() {
        TextBlock heading = SampleFlow.heading("{month} {year}").orLine("Month");
        assertEquals(List.of("Month"), words(draw(heading, UNDATED)));
        Flow dated = flow(
                Occasion.of(Span.MONTH, LocalDate.of(2026, 8, 1)),
                CalendarChoice.UNDATED,
                Map.of("month", "August", "year", "2026"));
        assertEquals(List.of("August 2026"), words(draw(heading, dated)));
    }

    @Test
    void aRowGivesWhatIsLeftToItsShares() {
        Stack row = Stack.across(
                Length.points(10),
                List.of(
                        Part.fixed(Length.points(80), new WritingLine("", Length.points(20))),
                        Part.share(1, new WritingLine("", Length.points(20))),
                        Part.share(2, new WritingLine("", Length.points(20)))));
        List<Box> boxes = draw(row, UNDATED).stream().map(Mark::bounds).toList();
        assertEquals(80, boxes.get(0).width(), 1e-6);
        assertEquals((380 - 80 - 20) / 3.0, boxes.get(1).width(), 1e-6);
        assertEquals(2 * boxes.get(1).width(), boxes.get(2).width(), 1e-6);
        assertEquals(AREA.right(), boxes.get(2).right(), 1e-6);
    }

    private static boolean showsSubject(Node node) {
        Flow flow = flow(
                Occasion.of(Span.MONTH, LocalDate.of(2026, 8, 1)),
                CalendarChoice.UNDATED,
                Map.of("weekday", "Monday", "prompt", "Why?", "page", "7"));
        draw(node, flow);
        return flow.hasReadSubject();
    }

    @Test
    void whatABlockReadsIsNotedAndNothingElse() {
        assertTrue(showsSubject(new MonthGrid(false, false, false, 0)));
        assertTrue(showsSubject(SampleFlow.heading("{weekday}")));
        assertTrue(showsSubject(Stack.across(Length.ZERO, new Space(), SampleFlow.heading("{prompt}"))));
        assertFalse(showsSubject(SampleFlow.heading("Page {page}")));
        assertFalse(showsSubject(Catalogue.recipe("dotted").root()));
        assertFalse(showsSubject(new TrackerGrid(3, 7, true)), "a fixed number of boxes");
        assertTrue(showsSubject(new TrackerGrid(3, 0, true)), "a box for each day of the month");
    }

    /** Whatever room a block is given, it neither fails nor leaves it. */
    @Property(tries = 400)
    void everyBlockTakesAnyRoom(
            @ForAll @IntRange(max = 60) int which,
            @ForAll @DoubleRange(min = 0, max = 260) double w,
            @ForAll @DoubleRange(min = 0, max = 260) double h) {
        var offers = NodeKinds.offers();
        Node block = offers.get(which % offers.size()).fresh().get();
        List<Mark> marks = new ArrayList<>();
        block.draw(new Box(11, 13, w, h), UNDATED, marks);
        assertTrue(block.naturalHeight(w, UNDATED) >= 0);
    }

    @Property(tries = 300)
    void guidesStayInsideAnyArea(
            @ForAll Guides.GuideKind kind,
            @ForAll @DoubleRange(min = 1, max = 40) double mm,
            @ForAll @DoubleRange(min = 5, max = 500) double w,
            @ForAll @DoubleRange(min = 5, max = 700) double h) {
        Box area = new Box(11, 13, w, h);
        List<Mark> marks = new ArrayList<>();
        new Guides(kind, Length.mm(mm)).draw(area, UNDATED, marks);
        assertTrue(mm > 8 || w < 200 || h < 300 || !marks.isEmpty(), "there is room for something");
        for (Mark m : marks) {
            assertTrue(area.outset(0.8).holds(m.bounds()), kind + " " + m.bounds() + " outside " + area);
        }
    }

    @Property(tries = 200)
    void tablesHaveWholeRowsOnly(
            @ForAll @DoubleRange(min = 4, max = 30) double mm, @ForAll @IntRange(min = 1, max = 12) int columns) {
        TableBlock table = new TableBlock(java.util.Collections.nCopies(columns, "X"), List.of(), Length.mm(mm), true);
        assertTrue(draw(table, UNDATED).iterator().hasNext(), "there is something to look at");
        for (Mark m : draw(table, UNDATED)) {
            assertTrue(AREA.outset(0.1).holds(m.bounds()), m.bounds().toString());
        }
    }

    @Test
    void aHabitGridHasABoxForEachDayOfWhatThePageStandsFor() {
        TrackerGrid grid = new TrackerGrid(3, 0, false);
        CalendarChoice english = CalendarChoice.UNDATED;
        Occasion week = Occasion.of(Span.WEEK, LocalDate.of(2027, 12, 27));
        assertEquals(
                List.of("M 27", "T 28", "W 29", "T 30", "F 31", "S 1", "S 2"),
                words(draw(grid, flow(week, english, Map.of()))));
        assertEquals(3 * 7, boxes(draw(grid, flow(week, english, Map.of()))));
        Occasion anyWeek = Occasion.undated(Span.WEEK, 4);
        assertEquals(
                List.of("S", "M", "T", "W", "T", "F", "S"),
                words(draw(grid, flow(anyWeek, english.withWeeks(WeekRule.SUNDAY), Map.of()))));
        Occasion february = Occasion.of(Span.MONTH, LocalDate.of(2028, 2, 1));
        assertEquals(3 * 29, boxes(draw(grid, flow(february, english, Map.of()))), "2028 is a leap year");
        Occasion year = Occasion.of(Span.YEAR, LocalDate.of(2027, 7, 1));
        assertEquals(
                List.of("J", "A", "S", "O", "N", "D", "J", "F", "M", "A", "M", "J"),
                words(draw(grid, flow(year, english, Map.of()))));
        Occasion quarter = Occasion.of(Span.QUARTER, LocalDate.of(2027, 4, 1));
        assertEquals(3 * 13, boxes(draw(grid, flow(quarter, english, Map.of()))), "a quarter has thirteen weeks");
        Occasion day = Occasion.of(Span.DAY, LocalDate.of(2027, 10, 9));
        assertEquals(List.of("S 9"), words(draw(grid, flow(day, english, Map.of()))));
        assertEquals(3 * 31, boxes(draw(grid, UNDATED)), "where the page stands for nothing");
        assertEquals(3 * 5, boxes(draw(new TrackerGrid(3, 5, false), flow(week, english, Map.of()))));
    }

    private static long boxes(List<Mark> marks) {
        // The rules for the names are strokes as well, and wider than they are high.
        return marks.stream()
                .filter(m -> m instanceof Mark.Stroke || m instanceof Mark.Stamped)
                .filter(m -> m.bounds().height() > 1)
                .count();
    }
}
