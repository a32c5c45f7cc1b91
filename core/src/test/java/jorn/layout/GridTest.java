package jorn.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Side;
import jorn.block.form.WritingRows;
import jorn.block.paper.Space;
import jorn.book.Book;
import jorn.book.MarginChoice;
import jorn.book.Specimen;
import jorn.book.Starter;
import jorn.edition.Edition;
import jorn.makeup.PageGeometry;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.PressShelf;
import jorn.recipe.Catalogue;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Everything stands on lines one pitch apart, counted from the head of the text, on facing pages alike. */
class GridTest {
    private static final double TENTH = 0.1;

    private static Size size(String trim) {
        return Size.parse(trim, Unit.INCH);
    }

    @Test
    void aPitchIsFiveToFifteenMillimetres() {
        assertEquals(Length.mm(5), Grid.FREE.at(Length.mm(5)).pitch());
        assertEquals(Length.mm(15), Grid.FREE.at(Length.mm(15)).pitch());
        assertThrows(Trouble.class, () -> Grid.FREE.at(Length.mm(4.9)));
        assertThrows(Trouble.class, () -> Grid.FREE.at(Length.mm(15.1)));
    }

    @Test
    void typeGrowsWithTheTrimAndNeverFallsUnderTheFloor() {
        Grid usual = Grid.of(Length.mm(7), size("6x9in"));
        assertEquals(1, usual.scale(), 1e-9);
        assertTrue(Grid.of(Length.mm(7), size("8.5x11in")).scale() > 1.15);
        Grid small = Grid.of(Length.mm(6), size("A6"));
        assertEquals(0.88, small.scale(), 1e-9);
        for (TypeStep step : TypeStep.values()) {
            assertTrue(small.type(step) >= 6.5, step.name());
            assertTrue(small.type(step) <= usual.type(step), step.name());
        }
        assertEquals(6.5, small.type(TypeStep.NOTE), 1e-9);
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0, 0, 0",
        "6.9, 0, 1, 1",
        "7, 1, 1, 1",
        "7.1, 1, 2, 1",
        "10.4, 1, 2, 1",
        "10.6, 1, 2, 2",
        "21, 3, 3, 3"
    })
    void heightsAreCountedInRows(double mm, int in, int forIt, int nearest) {
        double points = Length.mm(mm).points();
        assertEquals(in, Grid.FREE.rowsIn(points));
        assertEquals(forIt, Grid.FREE.rowsFor(points));
        assertEquals(nearest, Grid.FREE.nearestRows(points));
    }

    /** All rows of a column are given out, whole, in order, and those with a share of their own come after what is asked for. */
    @Property(tries = 500)
    void aColumnGivesOutWholeRows(
            @ForAll @IntRange(min = 1, max = 6) int parts,
            @ForAll @IntRange(min = 0, max = 40) int rows,
            @ForAll @IntRange(min = 0, max = 63) int natural,
            @ForAll @DoubleRange(min = 0.2, max = 5) double share) {
        List<Part> all = new ArrayList<>();
        int wanted = 0;
        boolean shares = false;
        for (int i = 0; i < parts; i++) {
            boolean asks = (natural >> i & 1) == 1;
            Node lines = new WritingRows("", asks ? i + 1 : 0, false, false);
            all.add(asks ? Part.natural(lines) : Part.share(i == 0 ? share : 1, lines));
            wanted += asks ? i + 1 : 0;
            shares |= !asks;
        }
        double step = Grid.FREE.step();
        Box area = new Box(20, 30, 200, rows * step + 0.4 * step);
        Flow flow = flow(area);
        List<Box> places = new Stack(Axis.DOWN, all, Length.ZERO, false).places(area, flow);
        double y = area.y();
        int given = 0;
        for (Box place : places) {
            assertEquals(y, place.y(), 1e-6);
            double own = place.height() / step;
            assertEquals(Math.rint(own), own, 1e-6);
            given += (int) Math.rint(own);
            y += place.height();
        }
        assertEquals(shares ? rows : Math.min(rows, wanted), given);
    }

    private static Flow flow(Box area) {
        Flow plain = SampleFlow.undated(area);
        BookLook look = SampleFlow.in(StyleShelf.of("quiet"), Grid.of(Length.mm(7), size("6x9in")), plain.calendar());
        return new Flow(look, PageFacts.NONE, plain.frame());
    }

    @Test
    void equalSharesDifferByOneRowAtMostAndTheLastHasIt() {
        double step = Grid.FREE.step();
        Box area = new Box(0, 0, 200, 11 * step);
        Stack three = Stack.down(Part.share(1, new Space()), Part.share(1, new Space()), Part.share(1, new Space()));
        List<Long> rows = three.places(area, flow(area)).stream()
                .map(b -> Math.round(b.height() / step))
                .toList();
        assertEquals(List.of(3L, 4L, 4L), rows);
    }

    @Test
    void aGapStandsOnlyBetweenPartsThatAreThere() {
        double step = Grid.FREE.step();
        Box area = new Box(0, 0, 200, 10 * step);
        Stack column = Stack.down(
                Length.mm(7),
                List.of(Part.natural(new Space()), Part.natural(WritingRows.lines("")), Part.share(1, new Space())));
        List<Box> places = column.places(area, flow(area));
        assertEquals(0, places.get(0).height(), 1e-9);
        assertEquals(0, places.get(1).y(), 1e-9);
        assertEquals(2 * step, places.get(2).y(), 1e-6);
        assertEquals(8 * step, places.get(2).height(), 1e-6);
    }

    private static TreeSet<Double> writingLines(Edition edition, int page, PageStyle style) {
        TreeSet<Double> ys = new TreeSet<>();
        for (Marks.Standing s : Marks.standing(edition.page(page).marks())) {
            boolean rule = s.mark() instanceof Mark.Stroke stroke
                    && Math.abs(stroke.width() - style.lines().writing().weight()) < 1e-9
                    && s.bounds().height() < 0.01
                    && s.bounds().width() > 20;
            if (rule) {
                ys.add(s.bounds().y());
            }
        }
        return ys;
    }

    /** The lines to write on of facing pages coincide to a tenth of a point, and stand whole pitches below the head margin. */
    @ParameterizedTest
    @ValueSource(strings = {"6x9in", "A5", "8.5x11in", "7x10in"})
    void facingPagesAreInRegister(String trim) {
        for (PageStyle style : List.of(StyleShelf.of("quiet"), StyleShelf.of("ledger"), StyleShelf.of("almanac"))) {
            for (String id :
                    List.of("week-left", "week-strips-left", "todo", "journal-day", "meeting", "day-lines", "budget")) {
                Book book = Specimen.of(Catalogue.find(id).orElseThrow(), style, size(trim), false);
                Edition edition = Edition.of(book);
                TreeSet<Double> left = writingLines(edition, 2, style);
                TreeSet<Double> right = writingLines(edition, 3, style);
                assertTrue(left.size() > 4, id + " " + style.id() + " " + left);
                double top = edition.pages().frame(Side.RECTO).text().y();
                double pitch = book.grid().step();
                for (double y : left) {
                    double rows = (y - top) / pitch;
                    assertEquals(Math.rint(rows), rows, TENTH / pitch, id + " " + style.id() + " at " + y);
                    assertTrue(
                            right.stream().anyMatch(r -> Math.abs(r - y) < TENTH) || id.startsWith("week"),
                            id + " " + style.id() + ": no line faces " + y);
                }
            }
        }
    }

    @Test
    void daysOfFacingPagesAreEqualAndInRegister() {
        for (PageStyle style : StyleShelf.shipped()) {
            Book book = Specimen.of(Catalogue.find("week-columns-left").orElseThrow(), style, size("7x10in"), true);
            Edition edition = Edition.of(book);
            Box left = days(edition, 2);
            Box right = days(edition, 3);
            assertEquals(left.width(), right.width(), 1e-9, style.id());
            assertEquals(left.y(), right.y(), 1e-9, style.id());
            assertEquals(left.height(), right.height(), 1e-9, style.id());
        }
    }

    private static Box days(Edition edition, int page) {
        return edition.pages().parts(page).stream()
                .filter(p -> p.node() instanceof jorn.block.days.DayList)
                .map(Placed::box)
                .findFirst()
                .orElseThrow();
    }

    /** Design margins: gutter 14 to 18 mm, outside 10 to 13 mm by trim, head and foot so that whole lines fit. */
    @ParameterizedTest
    @ValueSource(strings = {"A6", "5x8in", "A5", "6x9in", "7x10in", "8x10in", "8.5x11in", "8.5x8.5in", "8.25x6in"})
    void designedMarginsAreGenerousAndHoldWholeLines(String trim) {
        for (int pages : new int[] {24, 150, 151, 300, 301, 500, 501, 700, 701, 828}) {
            for (double pitch : new double[] {6, 6.35, 6.5, 7, 7.1, 8, 8.7}) {
                Book book = Starter.NOTEBOOK
                        .begin(Starter.NOTEBOOK.usualBrief().withTrim(size(trim)))
                        .onPitch(Length.mm(pitch));
                PageGeometry page = PageGeometry.of(book, pages);
                double gutter = mm(page.gutter().length());
                double required = mm(page.requiredGutter().length());
                assertTrue(gutter >= Math.max(14, required) - 1e-6, trim + " " + pages + ": " + gutter);
                assertTrue(gutter <= Math.max(18, required) + 1e-6, trim + " " + pages + ": " + gutter);
                double outside = mm(page.outside().length());
                assertTrue(outside >= 10 - 1e-6 && outside <= 13 + 1e-6, trim + ": " + outside);
                for (Length each : List.of(page.head().length(), page.foot().length())) {
                    assertTrue(mm(each) >= 10 - 1e-6 && mm(each) < 10 + pitch / 2 + 1e-6, trim + ": " + each);
                }
                double rows = mm(page.textHeight().length()) / pitch;
                assertEquals(Math.rint(rows), rows, 1e-4, trim + " at " + pitch);
            }
        }
    }

    private static double mm(Length length) {
        return length.in(Unit.MILLIMETRE);
    }

    @Test
    void thePressLeastIsAFloorOfDesignedMargins() {
        Book book = Starter.NOTEBOOK.begin();
        Book bleeding = book.withBrief(book.brief().withBleed(true));
        PageGeometry page = PageGeometry.of(bleeding, 828);
        assertTrue(page.gutter().length().compareTo(page.requiredGutter().length()) >= 0);
        assertEquals(22.225, mm(page.gutter().length()), 1e-6, "0.875 in from 701 pages (from memory)");
        Book home = book.withBrief(book.brief().at(PressShelf.shipped().find("home")));
        PageGeometry own = PageGeometry.of(home, 40);
        assertTrue(own.foot().length().compareTo(own.requiredFoot().length()) >= 0);
    }

    @Test
    void ownMarginsAndOtherSchoolsStay() {
        Book book = Starter.NOTEBOOK.begin();
        Book flat = book.withMargins(MarginChoice.ofSchool(Optional.of("flat")));
        assertEquals(19.05, mm(PageGeometry.of(flat, 120).gutter().length()), 1e-6);
        Book narrow = book.withMargins(book.margins().withGutter(Optional.of(Length.mm(5))));
        assertEquals(
                5,
                mm(PageGeometry.of(narrow, 120).gutter().length()),
                1e-6,
                "the user's own may be too narrow, and is told of");
        Book high = book.withMargins(book.margins().withHead(Optional.of(Length.mm(20))));
        PageGeometry page = PageGeometry.of(high, 120);
        assertEquals(20, mm(page.head().length()), 1e-6);
        double rows = mm(page.textHeight().length()) / 7.1;
        assertEquals(Math.rint(rows), rows, 1e-4, "the foot takes what whole lines leave");
        assertFalse(page.foot().source().isBlank());
    }

    @Test
    void aRuledPageKeepsItsOwnSpacing() {
        Book wide =
                Specimen.of(Catalogue.find("lined-wide").orElseThrow(), StyleShelf.of("quiet"), size("6x9in"), false);
        Edition edition = Edition.of(wide);
        List<Double> ys = new ArrayList<>(writingLines(edition, 2, StyleShelf.of("quiet")));
        assertTrue(ys.size() > 20);
        for (int i = 1; i < ys.size(); i++) {
            assertEquals(Length.mm(8.7).points(), ys.get(i) - ys.get(i - 1), 0.01);
        }
    }
}
