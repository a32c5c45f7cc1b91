package jorn.impose;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.measure.Length;
import jorn.measure.NaturalOrder;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.BindingEdge;
import jorn.press.HolePattern;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Pages stand where the knife and the fold want them. Numbers are worked by hand. */
class SheetLayoutTest {
    private static final Size A4 = Size.of(210, 297, Unit.MILLIMETRE);
    private static final Size A5 = Size.of(148, 210, Unit.MILLIMETRE);
    private static final Size LETTER = Size.of(8.5, 11, Unit.INCH);
    private static final Size HALF_LETTER = Size.of(5.5, 8.5, Unit.INCH);

    private static SheetLayout of(Scheme scheme, int pages, SheetSpec spec, Size page) {
        return SheetLayout.of(scheme, pages, BlankPlace.AT_END, spec, page);
    }

    private static Box whole(Size size) {
        return new Box(0, 0, size.width().points(), size.height().points());
    }

    /** Half-letter pages two to a letter sheet that lies on its side: as they are, nothing wasted. */
    @Test
    void halfLetterPagesFillALetterSheet() {
        SheetLayout layout = of(Scheme.of(FoldKind.NEST), 8, SheetSpec.of(LETTER), HALF_LETTER);
        assertTrue(layout.isLandscape());
        assertEquals(1, layout.scale(), 1e-9);
        assertEquals(1, layout.covered(), 1e-9);
        assertEquals(0, layout.cutAway(), 1e-9);
        List<PlacedPage> front = layout.side(layout.imposition().sheets().get(0), true, p -> whole(HALF_LETTER));
        assertEquals(8, front.get(0).seat().page());
        assertEquals(0, front.get(0).page().x(), 1e-9);
        assertEquals(396, front.get(1).page().x(), 1e-9);
    }

    /** A page of 6 × 9 in on half of a letter sheet: 8.5 ÷ 9 fits, 5.5 ÷ 6 is less; filled, 8.5 ÷ 9 is more and cuts across. */
    @Test
    void pagesAreFittedFilledStretchedOrLeftAsTheyAre() {
        Size six = Size.of(6, 9, Unit.INCH);
        SheetSpec spec = SheetSpec.of(LETTER);
        assertEquals(5.5 / 6, of(Scheme.of(FoldKind.NEST), 4, spec, six).scale(), 1e-9);
        SheetLayout filled = of(Scheme.of(FoldKind.NEST), 4, spec.withFitting(Fitting.FILL), six);
        assertEquals(8.5 / 9, filled.scale(), 1e-9);
        assertEquals(1 - 5.5 / (6 * 8.5 / 9), filled.cutAway(), 1e-9);
        SheetLayout stretched = of(Scheme.of(FoldKind.NEST), 4, spec.withFitting(Fitting.STRETCH), six);
        assertEquals(5.5 / 6, stretched.scale(), 1e-9);
        assertEquals(8.5 / 9, stretched.scaleDown(), 1e-9);
        assertEquals(
                1,
                of(Scheme.of(FoldKind.NEST), 4, spec.withFitting(Fitting.TRUE_SIZE), six)
                        .scale());
    }

    @Test
    void pagesStandAtTheFoldOrInTheMiddle() {
        Size small = Size.of(100, 180, Unit.MILLIMETRE);
        SheetSpec spec = SheetSpec.of(A4).withFitting(Fitting.TRUE_SIZE);
        PressSheet sheet = Imposition.of(Scheme.of(FoldKind.NEST), 4).sheets().get(0);
        double fold = Length.mm(148.5).points();
        double wide = Length.mm(100).points();
        List<PlacedPage> middle = of(Scheme.of(FoldKind.NEST), 4, spec, small).side(sheet, true, p -> whole(small));
        assertEquals(fold / 2, middle.get(0).page().centreX(), 1e-6);
        List<PlacedPage> held =
                of(Scheme.of(FoldKind.NEST), 4, spec.withAtFold(true), small).side(sheet, true, p -> whole(small));
        assertEquals(fold - wide, held.get(0).page().x(), 1e-6);
        assertEquals(fold, held.get(1).page().x(), 1e-6);
    }

    /**
     * Five sheets of 0.1 mm: the fold of the innermost lies 4 × 0.1 mm in from that of the outermost (common practice, fold pressed flat), so its pages
     * move 0.4 mm towards it; those of the outermost stay.
     */
    @Test
    void innerPagesMoveTowardsTheFoldByTheThicknessRoundThem() {
        SheetSpec spec = SheetSpec.of(A4).withCaliper(Length.mm(0.1));
        SheetLayout layout = of(Scheme.of(FoldKind.NEST), 20, spec, A5);
        List<PressSheet> sheets = layout.imposition().sheets();
        double step = Length.mm(0.1).points();
        for (PressSheet sheet : sheets) {
            PlacedPage left = layout.side(sheet, true, p -> whole(A5)).get(0);
            PlacedPage right = layout.side(sheet, true, p -> whole(A5)).get(1);
            PlacedPage still = layout.side(sheets.get(0), true, p -> whole(A5)).get(0);
            assertEquals(still.page().x() + sheet.depth() * step, left.page().x(), 1e-6);
            assertEquals(
                    layout.sheet().width(),
                    left.page().x() + right.page().right(),
                    1e-6,
                    "both sides of the fold alike");
        }
        assertEquals(
                0.4,
                new NestLimit(layout.imposition().deepest(), Length.mm(0.1))
                        .creep()
                        .in(Unit.MILLIMETRE),
                1e-6);
    }

    /** About 9 or 10 sheets of ordinary paper, 4 or 5 of heavy (common practice). */
    @Test
    void staplesAndFoldsBearAMillimetreOfPaper() {
        assertEquals(10, new NestLimit(12, Length.mm(0.1)).most());
        assertEquals(5, new NestLimit(12, Length.mm(0.2)).most());
        assertTrue(new NestLimit(10, Length.mm(0.1)).isBorne());
        assertFalse(new NestLimit(11, Length.mm(0.1)).isBorne());
        assertEquals(4, new NestLimit(12, Length.mm(0.1)).signature(), "three of four");
        assertEquals(3, new NestLimit(9, Length.mm(0.1)).signature(), "three of three");
        assertEquals(1.2, new NestLimit(12, Length.mm(0.1)).thickness().in(Unit.MILLIMETRE), 1e-4);
    }

    @Test
    void pagesStayInsideOfWhatThePrinterPrints() {
        SheetSpec spec = SheetSpec.of(A4)
                .withRim(new Unprinted(Length.mm(3), Length.mm(3), Length.mm(5), Length.mm(3)))
                .withInside(true);
        for (FoldKind kind : FoldKind.values()) {
            SheetLayout layout = of(Scheme.of(kind), 16, spec, A5);
            for (PressSheet sheet : layout.imposition().sheets()) {
                for (PlacedPage each : layout.side(sheet, true, p -> whole(A5))) {
                    assertTrue(layout.printable().outset(1e-6).holds(each.page()), kind + " " + each);
                }
            }
        }
    }

    /** A5 fills half of A4: of ink 2 mm from the outer edge a printer with a rim of 4 mm loses some; at 5 mm, or at the fold, none. */
    @Test
    void inkInTheRimIsFoundWhereThePageComesToLie() {
        Size half = Size.of(148.5, 210, Unit.MILLIMETRE);
        SheetSpec spec = SheetSpec.of(A4).withRim(Unprinted.all(Length.mm(4)));
        SheetLayout layout = of(Scheme.of(FoldKind.NEST), 4, spec, half);
        PressSheet sheet = layout.imposition().sheets().get(0);
        PlacedPage right = layout.side(sheet, true, p -> whole(half)).get(1);
        double mm = Length.mm(1).points();
        Box middle = new Box(20 * mm, 20 * mm, 100 * mm, 100 * mm);
        assertTrue(layout.isPrinted(right, middle, 0));
        assertTrue(layout.isPrinted(right, new Box(0, 20 * mm, 143 * mm, 9 * mm), 0), "at the fold");
        assertFalse(layout.isPrinted(right, new Box(0, 20 * mm, 146.5 * mm, 9 * mm), 0), "at the outer edge");
        assertFalse(layout.isPrinted(right, new Box(20 * mm, 2 * mm, 9 * mm, 9 * mm), 0), "at the head");
        assertTrue(
                layout.isPrinted(right, new Box(20 * mm, 3.5 * mm, 9 * mm, 9 * mm), mm), "as exactly as it is known");
        SheetLayout filled =
                of(Scheme.of(FoldKind.NEST), 4, spec.withFitting(Fitting.FILL), new Size(half.width(), Length.mm(300)));
        PlacedPage high = filled.side(sheet, true, p -> new Box(0, 0, 148.5 * mm, 300 * mm))
                .get(1);
        assertTrue(
                filled.isPrinted(high, new Box(20 * mm, 10 * mm, 9 * mm, 9 * mm), 0), "what is cut away is not lost");
    }

    /** A sheet that is not cut is punched at its own edge, whatever size the page has on it. */
    @Test
    void looseLeavesArePunchedAtTheEdgeOfTheSheet() {
        Punch punch = new Punch(HolePattern.of("iso-838"), BindingEdge.LEFT);
        SheetSpec spec = SheetSpec.of(A4).withFitting(Fitting.TRUE_SIZE);
        SheetLayout loose = of(Scheme.of(FoldKind.LOOSE), 4, spec, A5);
        List<Mark> marks = new HandMarks(loose, Set.of(), Optional.of(punch))
                .on(loose.imposition().sheets().get(0), true);
        assertEquals(4, marks.size(), "a cross for each hole");
        assertEquals(
                Length.mm(12).points(),
                punch.middles(loose.leaves().get(0), true).get(0)[0],
                1e-6);
        assertEquals(A4, loose.leaf());
        assertTrue(
                punch.told(loose, Unit.MILLIMETRE).startsWith("Goes into a ring binder for A4, two rings: 2 leaves"));
        SheetLayout cut = of(Scheme.of(FoldKind.UP, 2), 4, SheetSpec.of(A4), A5);
        assertTrue(cut.leaf().isAbout(A5), cut.leaf().toString());
    }

    /** Whatever is laid: no page covers another one, each lies within its cell, and sizes do not change from page to page. */
    @Property(tries = 300)
    void pagesNeverLieOnEachOther(
            @ForAll FoldKind kind,
            @ForAll @IntRange(min = 1, max = 40) int pages,
            @ForAll @IntRange(min = 0, max = 5) int up,
            @ForAll @DoubleRange(min = 60, max = 400) double wide,
            @ForAll @DoubleRange(min = 60, max = 400) double high,
            @ForAll Fitting fitting,
            @ForAll @DoubleRange(min = 0, max = 20) double gap) {
        Scheme scheme = Scheme.of(kind, kind == FoldKind.SIGNATURES ? up + 1 : Scheme.UPS.get(up));
        Size page = new Size(Length.points(wide), Length.points(high));
        SheetSpec spec = SheetSpec.of(A4).withFitting(fitting).withGap(Length.points(gap));
        SheetLayout layout = of(scheme, pages, spec, page);
        for (PressSheet sheet : layout.imposition().sheets()) {
            for (boolean front : new boolean[] {true, false}) {
                List<PlacedPage> side = layout.side(sheet, front, p -> whole(page));
                for (PlacedPage a : side) {
                    assertTrue(layout.sheet().outset(1e-6).holds(a.cell()));
                    Box corner = a.turn().of(whole(page));
                    assertEquals(a.page().x(), corner.x(), 1e-6);
                    assertEquals(a.page().bottom(), corner.bottom(), 1e-6);
                    for (PlacedPage b : side) {
                        Box common = a.cell().common(b.cell());
                        assertTrue(a.equals(b) || common.width() < 1e-6 || common.height() < 1e-6);
                    }
                    if (fitting == Fitting.FIT || fitting == Fitting.STRETCH) {
                        assertTrue(a.cell().outset(1e-6).holds(a.page()));
                    }
                }
            }
        }
    }

    @Test
    void stationsForSewingAreEvenAndStaplesStandAtTheQuarters() {
        List<Double> five = HandMarks.stations(Length.mm(210).points());
        assertEquals(5, five.size());
        assertEquals(Length.mm(15).points(), five.get(0), 1e-6);
        assertEquals(Length.mm(105).points(), five.get(2), 1e-6);
        assertEquals(Length.mm(195).points(), five.get(4), 1e-6);
        assertEquals(3, HandMarks.stations(Length.mm(148).points()).size());
        assertEquals(List.of(50.0, 150.0), HandMarks.staples(200));
    }

    @Test
    void marksStandOnlyWhereTheyAreAskedForAndOnTheSidesThatHandsSee() {
        SheetLayout layout = of(Scheme.of(FoldKind.SIGNATURES, 2), 16, SheetSpec.of(A4), A5);
        PressSheet outer = layout.imposition().sheets().get(0);
        PressSheet inner = layout.imposition().sheets().get(1);
        assertEquals(List.of(), new HandMarks(layout, Set.of()).on(outer, true));
        HandMarks staples = new HandMarks(layout, Set.of(HandMark.STAPLE));
        assertEquals(6, staples.on(outer, true).size());
        assertEquals(0, staples.on(outer, false).size());
        assertEquals(0, staples.on(inner, true).size());
        HandMarks sewing = new HandMarks(layout, Set.of(HandMark.SEWING));
        assertEquals(0, sewing.on(outer, false).size());
        assertEquals(10, sewing.on(inner, false).size());
        HandMarks steps = new HandMarks(layout, Set.of(HandMark.COLLATION));
        Box first = steps.on(outer, true).get(0).bounds();
        Box second = steps.on(layout.imposition().sheets().get(2), true).get(0).bounds();
        assertEquals(layout.sheet().centreX(), first.centreX(), 1e-6);
        assertEquals(first.bottom(), second.y(), 1e-6, "the steps are a stair");
    }

    /** A sheet that is cut apart has ticks at the edges of its pages, and none on a page. */
    @Test
    void ticksForTheKnifeLieOnNoPage() {
        SheetSpec spec = SheetSpec.of(A4).withFitting(Fitting.TRUE_SIZE).withGap(Length.mm(6));
        Size card = Size.of(60, 85, Unit.MILLIMETRE);
        SheetLayout layout = of(Scheme.of(FoldKind.UP, 9), 18, spec, card);
        List<Mark> ticks = new HandMarks(layout, Set.of(HandMark.CUT))
                .on(layout.imposition().sheets().get(0), true);
        assertFalse(ticks.isEmpty());
        for (Mark tick : ticks) {
            for (Box edge : layout.edges()) {
                Box common = edge.inset(0.01).common(tick.bounds());
                assertTrue(common.isEmpty(), tick + " on " + edge);
            }
        }
    }

    @Test
    void whatNoPrinterTakesIsRefused() {
        assertThrows(Trouble.class, () -> SheetSpec.of(Size.of(10, 200, Unit.MILLIMETRE)));
        assertThrows(Trouble.class, () -> SheetSpec.of(A4).withCaliper(Length.mm(1.5)));
        assertThrows(Trouble.class, () -> SheetSpec.of(A4).withGap(Length.mm(80)));
        assertEquals(Length.mm(1), SheetSpec.of(A4).withCaliper(Length.mm(1)).caliper());
    }

    /** Whatever order pages have, what is said of it means just that order. */
    @Property(tries = 300)
    void pagesAreSaidSoThatTheyAreUnderstood(@ForAll List<@IntRange(min = 1, max = 12) Integer> pages) {
        if (!pages.isEmpty()) {
            assertEquals(pages, PageRanges.of(PageRanges.said(pages), 12));
        }
    }

    @Test
    void pagesThatFollowEachOtherAreSaidAsARange() {
        assertEquals("1-3, 7, 8", PageRanges.said(List.of(1, 2, 3, 7, 8)));
        assertEquals("5-3, 9, 1, 2, 2", PageRanges.said(List.of(5, 4, 3, 9, 1, 2, 2)));
        assertEquals("", PageRanges.said(List.of()));
    }

    @Test
    void pagesAreSaidAsPeopleSayThem() {
        assertEquals(List.of(1, 2, 3, 7, 9, 10), PageRanges.of("1-3, 7; 9-", 10));
        assertEquals(List.of(1, 2, 5, 4, 3), PageRanges.of("-2,5-3", 5));
        assertEquals(List.of(2, 4, 5), PageRanges.of("even,last", 5));
        assertEquals(List.of(List.of(1), List.of(1, 3, 5)), PageRanges.each("1,ODD", 5));
        for (String wrong : List.of("", "a", "1-2-3", "-", "0", "6", "1-9")) {
            assertThrows(Trouble.class, () -> PageRanges.of(wrong, 5), wrong);
        }
    }

    @Test
    void namesWithNumbersAreOrderedByThem() {
        assertEquals(
                List.of("Part 1", "part 2", "part 2b", "part 10"),
                java.util.stream.Stream.of("part 10", "part 2b", "Part 1", "part 2")
                        .sorted(NaturalOrder.NAMES)
                        .toList());
    }

    /** ISO 838: two holes 80 mm apart, 12 mm in from the edge, about its middle; the back has them behind the front's. */
    @Test
    void holesStandWhereThePunchGoesOnBothSides() {
        Punch punch = new Punch(HolePattern.of("iso-838"), BindingEdge.LEFT);
        Box page = whole(A4);
        List<double[]> front = punch.middles(page, true);
        assertEquals(2, front.size());
        assertEquals(Length.mm(12).points(), front.get(0)[0], 0.01);
        assertEquals(Length.mm(148.5 - 40).points(), front.get(0)[1], 0.01);
        assertEquals(Length.mm(148.5 + 40).points(), front.get(1)[1], 0.01);
        assertEquals(Length.mm(210 - 12).points(), punch.middles(page, false).get(0)[0], 0.01);
        List<double[]> head = new Punch(HolePattern.of("iso-838"), BindingEdge.HEAD).middles(page, false);
        assertEquals(Length.mm(12).points(), head.get(0)[1], 0.01);
        SheetLayout loose = of(Scheme.of(FoldKind.LOOSE), 2, SheetSpec.of(A4), A4);
        PressSheet leaf = loose.imposition().sheets().get(0);
        assertEquals(
                4,
                new HandMarks(loose, Set.of(), Optional.of(punch))
                        .on(leaf, true)
                        .size());
        SheetLayout nest = of(Scheme.of(FoldKind.NEST), 4, SheetSpec.of(A4), A5);
        assertEquals(
                List.of(),
                new HandMarks(nest, Set.of(), Optional.of(punch))
                        .on(nest.imposition().sheets().get(0), true));
    }

    /** What the test leaf tells is made good: 101 mm that should be 100 are drawn smaller, a back 2 mm too far right is moved left. */
    @Test
    void whatThePrinterDoesIsMadeGoodOnEveryPass() {
        PrinterTraits traits =
                PrinterTraits.TRUE.withAcross(Length.mm(101)).withRight(2).withDown(-1);
        Box sheet = whole(A4);
        Box drawn = traits.front(sheet).of(new Box(100, 100, 101, 101));
        assertEquals(100, drawn.width(), 1e-3);
        assertEquals(101, drawn.height(), 1e-3);
        Box middle = new Box(sheet.centreX(), sheet.centreY(), 1, 1);
        assertEquals(sheet.centreX(), traits.front(sheet).of(middle).x(), 1e-6);
        assertEquals(
                sheet.centreX() - Length.mm(2).points(),
                traits.back(sheet).of(middle).x(),
                1e-6);
        assertEquals(
                sheet.centreY() + Length.mm(1).points(),
                traits.back(sheet).of(middle).y(),
                1e-6);
        assertThrows(Trouble.class, () -> PrinterTraits.TRUE.withRight(20));
        assertEquals(99, PrinterTraits.TRUE.withAlong(Length.mm(99)).along().in(Unit.MILLIMETRE), 1e-4);
        assertThrows(Trouble.class, () -> PrinterTraits.TRUE.withAlong(Length.mm(80)));
        assertThrows(Trouble.class, () -> PrinterTraits.TRUE.withRim(Unprinted.all(Length.mm(40))));
    }

    /**
     * Sheets that come out with their print down lie with their blank sides up, the last on top: a printer that prints the upper side gets them so, last
     * first; one that prints the lower side wants them turned over, first first. With print up it is the other way round.
     */
    @Test
    void theStackIsTurnedOverWhereItsBlankSidesWantIt() {
        assertFalse(PrinterTraits.TRUE.isTurnedOver());
        assertTrue(PrinterTraits.TRUE.isBackwards());
        assertTrue(PrinterTraits.TRUE.withPrintsUpper(false).isTurnedOver());
        assertTrue(PrinterTraits.TRUE.withFaceUp(true).isTurnedOver());
        assertFalse(PrinterTraits.TRUE.withFaceUp(true).withPrintsUpper(false).isTurnedOver());
    }
}
