package jorn.block;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Mark;
import jorn.art.Side;
import jorn.block.chart.Amounts;
import jorn.block.chart.Curve;
import jorn.block.chart.FamilyTree;
import jorn.block.chart.MilkTeeth;
import jorn.block.chart.PhotoFrames;
import jorn.block.chart.Spines;
import jorn.block.chart.StitchGrid;
import jorn.block.chart.TabStrips;
import jorn.block.chart.Wheel;
import jorn.block.days.CountBy;
import jorn.block.days.WeekLine;
import jorn.block.form.CountedTable;
import jorn.block.form.CountedTable.Column;
import jorn.block.form.CountedTable.ColumnKind;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion;
import jorn.calendar.Span;
import jorn.content.Subjects;
import jorn.layout.Flow;
import jorn.layout.Grid;
import jorn.layout.Hand;
import jorn.layout.Node;
import jorn.layout.Placed;
import jorn.layout.SampleFlow;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Drawn things to fill in, tables with names, and the hand that fills pages in. */
class ChartBlocksTest {
    private static final Box PAGE = new Box(40, 40, 350, 540);
    private static final CalendarChoice UNDATED = CalendarChoice.UNDATED;

    private static Flow flow(Box area, Occasion occasion, String language) {
        Box trim = area.outset(40);
        PageStyle style = StyleShelf.of("quiet");
        Grid grid = Grid.of(Length.mm(7), Size.parse("6x9in", Unit.INCH));
        return new Flow(
                SampleFlow.in(style, grid, UNDATED.withLanguage(language)),
                SampleFlow.page(Subjects.of(occasion), Map.of()),
                new Frame(Side.RECTO, true, trim, trim, area));
    }

    private static List<Mark> drawn(Node node, Box area, Flow flow) {
        List<Mark> marks = new ArrayList<>();
        node.draw(area, flow, marks);
        return marks;
    }

    private static List<String> words(List<Mark> marks) {
        return marks.stream()
                .flatMap(m -> m instanceof Mark.Words w ? Stream.of(w.run().text()) : Stream.empty())
                .toList();
    }

    private static List<String> words(Node node, String language) {
        return words(drawn(node, PAGE, flow(PAGE, Occasion.NONE, language)));
    }

    /** A hundred envelopes hold 1 to 100 and come to 5,050; a coin more each week of a year comes to 1,378 (sums of arithmetic series). */
    @Test
    void amountsAreCountedAndAddUp() {
        Amounts hundred = new Amounts(100, 1, 1, false, Optional.of("In all"));
        assertEquals(5050, hundred.sum(100));
        assertEquals(1378, new Amounts(52, 1, 1, false, Optional.empty()).sum(52));
        assertEquals(1000, new Amounts(100, 10, 0, true, Optional.empty()).sum(100));
        List<String> said = words(hundred, "en");
        assertEquals("1", said.get(0));
        assertEquals("100", said.get(99));
        assertTrue(said.get(100).endsWith("5,050"), said.get(100));
        List<String> reached = words(new Amounts(4, 300, 100, true, Optional.of("@total")), "de");
        assertEquals(List.of("300", "700", "1.200", "1.800"), reached.subList(0, 4));
        assertTrue(reached.get(4).startsWith("summe"), reached.get(4));
        assertThrows(Trouble.class, () -> new Amounts(10, 0, 0, false, Optional.empty()));
    }

    @Property(tries = 60)
    void whateverIsDrawnStaysInItsRoomAndWhatHasNoRoomSaysSo(
            @ForAll @DoubleRange(min = 60, max = 500) double width,
            @ForAll @DoubleRange(min = 40, max = 700) double height,
            @ForAll @IntRange(min = 0, max = 8) int which) {
        Node node = List.of(
                        new Amounts(60, 5, 5, true, Optional.of("@total")),
                        new Curve("@weight-kg", CountBy.MONTH, 0, 1),
                        new FamilyTree(3),
                        new MilkTeeth(),
                        new PhotoFrames(4, 2, PhotoFrames.FrameShape.OVAL, true),
                        new Spines(3, 7),
                        new StitchGrid(Length.mm(4), 0.8),
                        new TabStrips(List.of(), 2),
                        new Wheel(List.of("@sweet", "@sour", "@bitter"), 5))
                .get(which);
        Box area = new Box(40, 40, width, height);
        Flow flow = flow(area, Occasion.NONE, "en");
        List<Mark> marks = drawn(node, area, flow);
        boolean lacks = node.lack(area, flow).isPresent();
        assertEquals(lacks, marks.isEmpty(), node + " draws nothing just where it says why");
        for (Mark mark : marks) {
            assertTrue(area.outset(4).holds(mark.bounds()), node + ": " + mark.bounds() + " in " + area);
        }
    }

    /** Rows worked back and forth are read from the right and from the left by turns (common practice). */
    @Test
    void aStitchChartCountsFromTheRightAndItsRowsFromTheFoot() {
        Flow flow = flow(PAGE, Occasion.NONE, "en");
        List<Mark.Words> said = drawn(new StitchGrid(Length.mm(5), 1.0), PAGE, flow).stream()
                .flatMap(m -> m instanceof Mark.Words w ? Stream.of(w) : Stream.empty())
                .toList();
        List<Mark.Words> stitches = said.stream()
                .filter(w -> w.y() > PAGE.bottom() - 30)
                .filter(w -> Integer.parseInt(w.run().text()) % 5 == 0)
                .toList();
        double five = x(stitches, "5");
        double ten = x(stitches, "10");
        assertTrue(five > ten, "the fifth stitch stands right of the tenth");
        Mark.Words one = find(said, "1");
        Mark.Words two = find(said, "2");
        assertTrue(
                one.x() > PAGE.centreX() && two.x() < PAGE.centreX(),
                "odd rows begin at the right, even ones at the left");
        assertTrue(one.y() > two.y(), "rows are counted upward");
    }

    private static Mark.Words find(List<Mark.Words> all, String text) {
        return all.stream().filter(w -> w.run().text().equals(text)).findFirst().orElseThrow();
    }

    private static double x(List<Mark.Words> all, String text) {
        return find(all, text).x();
    }

    @Test
    void aCurvesScaleRunsUpFromItsLowestFigure() {
        Flow flow = flow(PAGE, Occasion.NONE, "en");
        List<Mark.Words> said = drawn(new Curve("Height", CountBy.YEAR, 45, 5), PAGE, flow).stream()
                .flatMap(m -> m instanceof Mark.Words w ? Stream.of(w) : Stream.empty())
                .toList();
        assertTrue(find(said, "45").y() > find(said, "50").y());
        assertEquals(
                flow.grid().step(),
                find(said, "45").y() - find(said, "50").y(),
                0.01,
                "one step of the scale is one row");
        assertTrue(said.stream().anyMatch(w -> w.run().text().equalsIgnoreCase("Jan")));
    }

    @Test
    void teethTabsAndTreesHaveAsManyPartsAsThereAre() {
        assertEquals(20, words(new MilkTeeth(), "en").size());
        assertEquals("20", words(new MilkTeeth(), "en").get(19));
        List<String> tabs = words(new TabStrips(List.of(), 2), "de");
        assertEquals(24, tabs.size(), "each tab bears its word twice");
        assertTrue(tabs.get(4).equalsIgnoreCase("März"), tabs.get(4));
        long boxes = drawn(
                        new FamilyTree(4),
                        new Box(40, 40, 600, 500),
                        flow(new Box(40, 40, 600, 500), Occasion.NONE, "en"))
                .stream()
                .filter(m -> m instanceof Mark.Stroke s
                        && s.path().bounds().height() > 20
                        && s.path().bounds().width() > 40)
                .count();
        assertEquals(15, boxes, "1 + 2 + 4 + 8 people");
    }

    @Test
    void rowsAreNamedNumberedAndHeadedByDays() {
        CountedTable names = new CountedTable(
                List.of(new Column("@going-out", 2.0, ColumnKind.WORDS), new Column("@planned", 1.0, ColumnKind.MONEY)),
                CountBy.ROOM,
                1,
                Optional.of("@total"),
                false,
                List.of("@housing", "Bees"));
        List<String> said = words(names, "de").stream().map(String::toLowerCase).toList();
        assertTrue(said.containsAll(List.of("wohnen", "bees", "summe")), said.toString());
        CountedTable numbers = new CountedTable(
                List.of(new Column("", 1.0, ColumnKind.WORDS), new Column("", 5.0, ColumnKind.SCHOOL_DAYS)),
                CountBy.NUMBERS,
                2,
                Optional.empty(),
                false,
                List.of());
        List<String> week =
                words(numbers, "en").stream().map(String::toLowerCase).toList();
        assertTrue(week.containsAll(List.of("mon", "tue", "wed", "thu", "fri", "1", "10")), week.toString());
        assertFalse(week.contains("sat"));
        CountedTable years = new CountedTable(
                List.of(new Column("", 1.0, ColumnKind.WORDS)), CountBy.YEARS, 0, Optional.empty(), false, List.of());
        Flow dated = flow(PAGE, Occasion.of(Span.DAY, LocalDate.of(2027, 5, 1)), "en");
        assertEquals(List.of("2027", "2028", "2029", "2030", "2031"), words(drawn(years, PAGE, dated)));
        CountedTable many = new CountedTable(
                List.of(new Column("", 1.0, ColumnKind.WORDS)),
                CountBy.ROOM,
                1,
                Optional.empty(),
                false,
                java.util.Collections.nCopies(60, "x"));
        assertTrue(many.lack(PAGE, dated).isPresent(), "more names than rows");
    }

    @Test
    void aWeekIsNamedByItsNumberAndItsDays() {
        Flow dated = flow(PAGE, Occasion.of(Span.FOUR_WEEKS, LocalDate.of(2026, 12, 14)), "de");
        List<String> said = words(drawn(new WeekLine(2), new Box(40, 40, 350, 20), dated));
        assertEquals("28. dez. – 3. jan.", said.get(0).toLowerCase(java.util.Locale.ROOT));
        assertTrue(said.get(1).endsWith("53"), said.get(1));
    }

    /** What a hand writes into a budget adds up, cent by cent. */
    @Test
    void whatIsFilledInAddsUp() {
        CountedTable table = new CountedTable(
                List.of(
                        new Column("@going-out", 2.0, ColumnKind.WORDS),
                        new Column("@planned", 1.0, ColumnKind.MONEY),
                        new Column("@actual", 1.0, ColumnKind.MONEY),
                        new Column("@difference", 1.0, ColumnKind.MONEY)),
                CountBy.ROOM,
                1,
                Optional.of("@total"),
                false,
                List.of("@housing", "@food", "@energy", "@health"));
        Flow flow = flow(PAGE, Occasion.NONE, "en");
        List<Mark> marks = new ArrayList<>();
        Placed.fillIn(table, PAGE, flow, new Hand("budget", flow, marks));
        List<Long> amounts = words(marks).stream()
                .map(s -> Math.round(Double.parseDouble(s) * 100))
                .toList();
        assertEquals(15, amounts.size(), "three columns of four rows and their sums");
        for (int c = 0; c < 3; c++) {
            long sum = 0;
            for (int r = 0; r < 4; r++) {
                sum += amounts.get(3 * r + c);
            }
            assertEquals(sum, amounts.get(12 + c), "column " + c);
        }
        for (int r = 0; r < 5; r++) {
            assertEquals(amounts.get(3 * r) - amounts.get(3 * r + 1), amounts.get(3 * r + 2), "row " + r);
        }
    }
}
