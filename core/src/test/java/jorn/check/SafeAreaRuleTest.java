package jorn.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.art.Side;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.edition.Edition;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.Pen;
import jorn.measure.Unit;
import jorn.recipe.Recipe;
import jorn.text.Typeface.Style;
import jorn.text.Voice;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Art stands inside the least margins, or leaves the page. On a page of 6 × 9 in at this press with bleed the safe area is 27 pt
 * from the outer edges and from the gutter, and the bleed 9 pt wide at head, foot and fore-edge.
 */
class SafeAreaRuleTest {
    private static final double W = 432;
    private static final double H = 648;
    private static final double BLEED = 9;

    /** A plate at a place of its own, from the trim's corner. */
    private record Plate(Function<Flow, Mark> mark) implements Node {
        @Override
        public void draw(Box area, Flow flow, List<Mark> out) {
            out.add(mark.apply(flow));
        }

        @Override
        public double naturalHeight(double width, Flow flow) {
            return 0;
        }

        @Override
        public boolean reachesEdge() {
            return true;
        }
    }

    private static Mark plate(double left, double top, double right, double bottom) {
        return new Mark.Fill(Path.box(Box.between(left, top, right, bottom)), Ink.BLACK);
    }

    /** On page 1, a recto: the gutter is at its left. */
    private static Optional<Finding> finding(Mark mark) {
        return finding(f -> mark);
    }

    private static Optional<Finding> finding(Function<Flow, Mark> mark) {
        Book book = EarlierBooks.linedJournal().withTitle("Hive").withAuthor("Skep");
        book = book.withRuns(List.of(
                Run.of("Plates", new Recipe("own", "Own", new Plate(mark)), 1, Start.RECTO),
                book.runs().get(2)));
        return Checker.check(new Proof(Edition.of(book), Unit.POINT)).stream()
                .filter(f -> f.severity() == Finding.Severity.ERROR
                        && (f.id().startsWith("margin.") || f.id().equals("bleed.sliver")))
                .findFirst();
    }

    private static Box safe() {
        Book book = EarlierBooks.linedJournal();
        return Edition.of(book.withBrief(book.brief().withBleed(true)))
                .geometry()
                .safe(Side.RECTO);
    }

    @Test
    void theSafeAreaIsAsWide() {
        assertEquals(Box.between(27, 27, W - 27, H - 27), safe());
    }

    @Test
    void whatOnlyTouchesTheLineIsInside() {
        assertEquals(Optional.empty(), finding(plate(27, 27, W - 27, H - 27)));
    }

    /** By how much it is told to stand out. */
    @ParameterizedTest
    @CsvSource({
        "26, 100, 200, 200, 1, margin.gutter",
        "100, 24, 200, 200, 3, margin.outside",
        "100, 100, 410, 200, 5, margin.outside",
        "100, 100, 200, 628, 7, margin.outside",
        "20, 18, 200, 200, 9, margin.outside",
        "18, 20, 200, 200, 9, margin.gutter",
        "100, 100, 425, 632, 20, margin.outside",
        // What leaves the page at another side is not counted there.
        "20, 500, 200, 657, 7, margin.gutter",
        "0, 20, 200, 200, 7, margin.outside",
        "300, 100, 441, 630, 9, margin.outside",
        "100, -9, 420, 100, 15, margin.outside"
    })
    void whatStandsBetweenIsFoundAndMeasured(
            double left, double top, double right, double bottom, int over, String id) {
        Finding f = finding(plate(left, top, right, bottom)).orElseThrow();
        assertEquals(over + " pt outside the safe area", f.measured());
        assertEquals(id, f.id());
        assertEquals(1, f.place().page());
        assertEquals(
                Optional.of(Box.between(left, top, right, bottom)), f.place().box());
    }

    @ParameterizedTest
    @CsvSource({
        // Over all of the page; a band across; each corner; at the spine the trim itself is the edge.
        "0, -9, 441, 657",
        "0, 100, 441, 200",
        "0, -9, 200, 200",
        "200, -9, 441, 200",
        "0, 300, 200, 657",
        "200, 300, 441, 657",
        // Along the fore-edge, the head, the foot, the spine.
        "300, 100, 441, 200",
        "100, -9, 200, 100",
        "100, 500, 200, 657",
        "0, 100, 100, 200"
    })
    void whatLeavesThePageIsMeant(double left, double top, double right, double bottom) {
        assertEquals(Optional.empty(), finding(plate(left, top, right, bottom)));
    }

    @ParameterizedTest
    @CsvSource({
        // Leaves the page at one side, and stops in between at another.
        "0, 20, 200, 200",
        "300, 100, 441, 630",
        "100, -9, 420, 100",
        "20, 500, 200, 657",
        // A band from edge to edge that begins or ends in between.
        "0, 10, 441, 100",
        "0, 500, 441, 640",
        // Reaches the trim and no further: the knife may leave a white edge.
        "300, 100, 432, 200",
        "100, 0, 200, 100",
        "100, 500, 200, 648"
    })
    void whatStopsInBetweenAtAnySideIsFound(double left, double top, double right, double bottom) {
        assertTrue(finding(plate(left, top, right, bottom)).isPresent());
    }

    @Test
    void wordsNeverRunOff() {
        Function<Flow, Mark> words = flow -> {
            List<Mark> out = new java.util.ArrayList<>();
            new Pen(flow, out)
                    .words(
                            "MMMMMMMMMMMMMMMMMMMMMMMM",
                            new Box(-BLEED, 300, W + 2 * BLEED, 40),
                            330,
                            30,
                            Voice.BODY,
                            Style.REGULAR,
                            Role.TEXT,
                            Align.LEFT);
            return out.get(0);
        };
        assertTrue(finding(words).isPresent());
    }

    @Test
    void anUprightHairlineIsSeenThoughItHasNoWidth() {
        Mark line = new Mark.Stroke(Path.builder().move(20, 100).line(20, 200).build(), 0.25, Ink.BLACK, List.of());
        assertTrue(finding(line).isPresent());
        Mark inside = new Mark.Stroke(Path.builder().move(30, 100).line(30, 200).build(), 0.25, Ink.BLACK, List.of());
        assertEquals(Optional.empty(), finding(inside));
    }

    /** The trim ends at 0, 0, 432, 648, the bleed 9 pt beyond; at the spine of a recto, at the left, there is none. */
    @ParameterizedTest
    @CsvSource({
        "300, 100, 432, 200, true",
        "300, 100, 440, 200, true",
        "300, 100, 431, 200, false",
        "100, 0, 200, 100, true",
        "100, -8, 200, 100, true",
        "100, 1, 200, 100, false",
        "100, 500, 200, 648, true",
        "100, 500, 200, 656, true",
        "100, 500, 200, 647, false",
        "1, 100, 200, 200, false"
    })
    void whatReachesTheTrimAndNotTheEndOfTheBleedIsASliver(
            double left, double top, double right, double bottom, boolean sliver) {
        Finding f = finding(plate(left, top, right, bottom)).orElseThrow();
        assertEquals(sliver, f.id().equals("bleed.sliver"), f.id());
        assertEquals(sliver, f.message().contains("sliver"));
    }

    /** On a verso the gutter is at the right. */
    @ParameterizedTest
    @CsvSource({
        "300, 100, 406, 200, margin.gutter",
        "20, 100, 200, 200, margin.outside",
        "0, 100, 200, 200, bleed.sliver",
        "-5, 100, 200, 200, bleed.sliver",
        "300, 100, 431, 200, margin.gutter"
    })
    void aVersoIsLookedAtTheOtherWayRound(double left, double top, double right, double bottom, String id) {
        Book book = EarlierBooks.linedJournal().withTitle("Hive").withAuthor("Skep");
        Mark mark = plate(left, top, right, bottom);
        book = book.withRuns(List.of(
                Run.of("Plates", new Recipe("own", "Own", new Plate(f -> mark)), 1, Start.VERSO),
                book.runs().get(2)));
        List<String> ids = Checker.check(new Proof(Edition.of(book), Unit.POINT)).stream()
                .filter(f -> f.severity() == Finding.Severity.ERROR)
                .map(Finding::id)
                .toList();
        assertEquals(List.of(id), ids);
    }

    @Test
    void wordsAtTheTrimAreNoSliver() {
        Function<Flow, Mark> words = flow -> {
            List<Mark> out = new java.util.ArrayList<>();
            new Pen(flow, out)
                    .words(
                            "Smoke",
                            new Box(380, 300, 60, 40),
                            330,
                            20,
                            Voice.BODY,
                            Style.REGULAR,
                            Role.TEXT,
                            Align.LEFT);
            return out.get(0);
        };
        assertEquals("margin.outside", finding(words).orElseThrow().id());
    }
}
