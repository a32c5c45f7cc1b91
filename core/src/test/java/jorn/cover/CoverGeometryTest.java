package jorn.cover;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.EarlierBooks;
import jorn.book.Starter;
import jorn.deliver.CoverSheets;
import jorn.edition.Edition;
import jorn.makeup.PageComposer;
import jorn.makeup.PageGeometry;
import jorn.makeup.Paginator;
import jorn.measure.Length;
import jorn.measure.Quantity.Precision;
import jorn.measure.Scalar;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoverGeometryTest {
    private final PressProfile online = PressShelf.shipped().find("online");

    private Book book(double width, double height, String paper) {
        return EarlierBooks.notebook(
                        Brief.at(online, Size.of(width, height, Unit.INCH), 120).withPaper(paper))
                .withTitle("Hive Notes")
                .withAuthor("Skep & Sedge");
    }

    /** Common practice: 6 × 9 in, 120 pages, white: spine 0.270 in, sheet 12.52 × 9.25 in, 3756 × 2775 px at 300 dpi. */
    @Test
    void theWorkedExampleOfTheTradeComesOut() {
        CoverGeometry g = CoverGeometry.of(book(6, 9, "white"), 120);
        assertEquals("0.270 in", g.figures().spine().text(Unit.INCH));
        assertEquals("12.52 in", g.figures().width().text(Unit.INCH));
        assertEquals("9.25 in", g.figures().height().text(Unit.INCH));
        assertEquals("3,756 px", g.figures().pixelsWide().text(Unit.INCH));
        assertEquals("2,775 px", g.figures().pixelsHigh().text(Unit.INCH));
    }

    /** Computed by hand from the thicknesses of a page (from memory): white 0.002252, cream 0.0025, colour 0.002347 in. */
    @ParameterizedTest
    @CsvSource({
        "white, 24, 0.054048",
        "white, 828, 1.864656",
        "cream, 120, 0.3",
        "cream, 200, 0.5",
        "colour, 100, 0.2347"
    })
    void theSpineIsPagesTimesThickness(String paper, int pages, double inches) {
        assertEquals(
                inches,
                CoverGeometry.of(book(6, 9, paper), pages)
                        .figures()
                        .spine()
                        .length()
                        .in(Unit.INCH),
                1e-5);
    }

    @Property
    void widthIsTwiceTrimAndBleedAndTheSpine(
            @ForAll @DoubleRange(min = 4, max = 8.5) double w,
            @ForAll @DoubleRange(min = 6, max = 11) double h,
            @ForAll @IntRange(min = 24, max = 828) int pages) {
        CoverGeometry g = CoverGeometry.of(book(w, h, "white"), pages);
        double expected = 2 * (w + 0.125) + pages * 0.002252;
        assertEquals(expected, g.figures().width().length().in(Unit.INCH), 1e-4);
        assertEquals(h + 0.25, g.figures().height().length().in(Unit.INCH), 1e-4);
        assertEquals(g.bled().width(), g.figures().width().length().points(), 1e-3);
        assertEquals(g.bled().height(), g.figures().height().length().points(), 1e-3);
        Box back = g.back().orElseThrow();
        Box spine = g.spineBox().orElseThrow();
        assertEquals(back.right(), spine.x(), 1e-6);
        assertEquals(spine.right(), g.front().x(), 1e-6);
        assertEquals(back.width(), g.front().width(), 1e-6);
    }

    @Property
    void morePagesNeverHaveAThinnerSpine(@ForAll @IntRange(min = 24, max = 826) int pages) {
        Length now =
                CoverGeometry.of(book(6, 9, "cream"), pages).figures().spine().length();
        Length next = CoverGeometry.of(book(6, 9, "cream"), pages + 2)
                .figures()
                .spine()
                .length();
        assertTrue(next.compareTo(now) > 0);
    }

    @Test
    void spineTextIsAllowedFromThePressesPageCountOn() {
        assertEquals(
                Scalar.yes(false),
                CoverGeometry.of(book(6, 9, "white"), 78)
                        .figures()
                        .spineTextAllowed()
                        .value());
        assertEquals(
                Scalar.yes(true),
                CoverGeometry.of(book(6, 9, "white"), 79)
                        .figures()
                        .spineTextAllowed()
                        .value());
    }

    @Test
    void spineTextIsLeftOffWhereItIsNotAllowed() {
        assertTrue(hasSpineText(120));
        assertFalse(hasSpineText(78));
    }

    private static CoverSheets sheets(Book book) {
        return new CoverSheets(Edition.of(book));
    }

    /** Where words stand on the spine: they read downward. */
    private static List<Box> spineWords(Book book, CoverGeometry g) {
        Cover cover = new Cover(book, new PageComposer(book, Paginator.of(book), PageGeometry.of(book, 120)).look(), g);
        return Marks.standing(cover.plane().marks()).stream()
                .filter(s -> s.mark() instanceof Mark.Words && s.at().b() != 0)
                .map(Marks.Standing::bounds)
                .toList();
    }

    private boolean hasSpineText(int pages) {
        Book book = book(6, 9, "white");
        CoverGeometry g = CoverGeometry.of(book, pages);
        return spineWords(book, g).size() == 1;
    }

    @Property(tries = 60)
    void spineTextStaysClearOfTheFoldsAndTheEnds(@ForAll @IntRange(min = 79, max = 828) int pages) {
        Book book = book(6, 9, "white");
        CoverGeometry g = CoverGeometry.of(book, pages);
        Box safe = g.spineSafe().orElseThrow();
        // A spine that is only just allowed words may be too thin for these.
        assertTrue(pages < 200 || !spineWords(book, g).isEmpty(), "there is something to look at");
        for (Box words : spineWords(book, g)) {
            assertTrue(safe.holds(words), () -> words + " outside " + safe);
        }
    }

    @Test
    void theBarcodeStandsLowOnTheBackNearTheSpine() {
        CoverGeometry g = CoverGeometry.of(book(6, 9, "white"), 120);
        Box barcode = g.barcode().orElseThrow();
        assertEquals(2 * 72, barcode.width(), 1e-6);
        assertEquals(1.2 * 72, barcode.height(), 1e-6);
        assertTrue(g.back().orElseThrow().holds(barcode));
        assertTrue(barcode.centreX() > g.back().orElseThrow().centreX());
        assertTrue(barcode.centreY() > g.back().orElseThrow().centreY());
    }

    @Test
    void aStapledCoverHasNoSpineAndALooseOneOnlyAFront() {
        PressProfile home = PressShelf.shipped().find("home");
        Brief brief = Brief.at(home, Size.parse("A5", Unit.INCH), 16);
        Book loose = EarlierBooks.notebook(brief);
        Book stitched = EarlierBooks.notebook(brief.withBinding(Binding.STITCHED));
        assertEquals("148 mm", CoverGeometry.of(loose, 16).figures().width().text(Unit.MILLIMETRE));
        assertTrue(CoverGeometry.of(loose, 16).back().isEmpty());
        assertEquals("296 mm", CoverGeometry.of(stitched, 16).figures().width().text(Unit.MILLIMETRE));
        assertEquals(
                "0.00 mm",
                CoverGeometry.of(stitched, 16).figures().spine().value().format(Unit.MILLIMETRE, Precision.EXACT));
        assertTrue(CoverGeometry.of(stitched, 16).spineBox().isEmpty());
    }

    private Book at(String press, String trim, int pages, Binding binding) {
        return EarlierBooks.notebook(Brief.at(PressShelf.shipped().find(press), Size.parse(trim, Unit.INCH), pages)
                        .withBinding(binding))
                .withTitle("Hive Notes");
    }

    /**
     * By hand, with the shipped profile's typical measures (from memory): overhang 0.125, board 0.08, turn-in 0.59 in, page
     * 0.0023 in. Spine 200 × 0.0023 + 0.16 = 0.62; width 2 × (6 + 0.125 + 0.59) + 0.62 = 14.05; height 9 + 2 × 0.715 = 10.43.
     */
    @Test
    void aCaseWrapHasBoardsHingesAndATurnIn() {
        CoverGeometry g = CoverGeometry.of(at("casebound", "6x9in", 200, Binding.CASED), 200);
        assertEquals(0.62, g.figures().spine().length().in(Unit.INCH), 1e-5);
        assertEquals(14.05, g.figures().width().length().in(Unit.INCH), 1e-5);
        assertEquals(10.43, g.figures().height().length().in(Unit.INCH), 1e-5);
        assertEquals(14.05 * 72, g.bled().width(), 1e-3);
        assertEquals(10.43 * 72, g.bled().height(), 1e-3);
        assertEquals(2, g.strips().size());
        assertEquals(0.39 * 72, g.strips().get(0).width(), 1e-6);
        assertEquals(g.front().width() - 0.39 * 72, g.frontFace().width(), 1e-6);
    }

    /** By hand, with 2 mm a side round the boards (common practice): 2 × (3.25 + 2 mm + 6.125 + 0.125) + 0.62 = 19.62 in + 4 mm. */
    @Test
    void aJacketHasFlaps() {
        CoverGeometry g = CoverGeometry.of(at("casebound", "6x9in", 200, Binding.JACKET), 200);
        double wide = 19.62 + 4 / 25.4;
        assertEquals(wide, g.figures().width().length().in(Unit.INCH), 1e-5);
        assertEquals(wide * 72, g.bled().width(), 1e-3);
        double fold = g.panel(CoverGeometry.CoverPart.FRONT_FLAP).orElseThrow().x()
                - g.front().right();
        assertEquals(2 / 25.4 * 72, fold, 1e-3, "the way round the board lies between panel and flap");
        assertEquals(5, g.panels().size());
    }

    @Test
    void aCoilBookHasTwoCoversWithAStripForTheHoles() {
        CoverGeometry g = CoverGeometry.of(at("copyshop", "A5", 100, Binding.COIL), 100);
        assertEquals(2, g.sheets().size());
        assertEquals("148 mm", g.figures().width().text(Unit.MILLIMETRE));
        assertEquals(36, g.strips().get(0).width(), 1e-6);
        assertTrue(g.spineBox().isEmpty());
        assertEquals(2, sheets(at("copyshop", "A5", 100, Binding.COIL)).sheets());
    }

    /** Spine: 200 pages at 512 to the inch and half a millimetre: 0.390625 + 0.019685 in. */
    @Test
    void aTradeCoverStandsInTheMiddleOfItsFixedSheetWithCutMarks() {
        Book book = at("trade", "6x9in", 200, Binding.GLUED);
        CoverGeometry g = CoverGeometry.of(book, 200);
        assertEquals(0.41031, g.figures().spine().length().in(Unit.INCH), 1e-5);
        var page = sheets(book).sheet(0).art();
        assertEquals(21 * 72, page.media().width(), 1e-6);
        assertEquals(12 * 72, page.media().height(), 1e-6);
        assertEquals(page.media().centreX(), page.trim().centreX(), 1e-6);
        long outside = Marks.standing(page.marks()).stream()
                .filter(m -> !page.bleed().holds(m.bounds()))
                .count();
        assertEquals(2, outside, "cuts and folds");
    }

    @Test
    void theInsideOfACoverIsPrintedWhereThePressOffersIt() {
        Book book = at("trade", "6x9in", 200, Binding.GLUED);
        Book both = book.withBrief(book.brief().withInsideCover(true));
        assertEquals(2, sheets(both).sheets());
        Book not = at("online", "6x9in", 200, Binding.GLUED);
        assertFalse(not.brief().withInsideCover(true).insideCover());
    }

    @Test
    void aSelfCoverNeedsNoCoverFile() {
        Book zine = Starter.ZINE.begin();
        assertTrue(zine.brief().selfCover());
        assertFalse(CoverGeometry.of(zine, 16).isDelivered());
        Book separate = zine.withBrief(zine.brief().withSelfCover(false));
        assertTrue(CoverGeometry.of(separate, 16).isDelivered());
    }

    @Property(tries = 200)
    void widthHoldsForEveryProfileWithGluedCovers(
            @ForAll @IntRange(min = 24, max = 800) int pages, @ForAll boolean trade) {
        Book book = at(trade ? "trade" : "online", "6x9in", pages, Binding.GLUED);
        CoverFigures f = CoverFigures.of(book, pages);
        double bleed = book.brief().press().cover().bleed().points();
        assertEquals(
                2 * (432 + bleed) + f.spine().length().points(),
                f.width().length().points(),
                1e-5);
    }

    @Property(tries = 100)
    void fromRightToLeftEverythingMirrors(
            @ForAll @IntRange(min = 60, max = 400) int pages, @ForAll("bindings") Binding binding) {
        String press =
                switch (binding) {
                    case GLUED -> "online";
                    case CASED, JACKET -> "casebound";
                    case STITCHED -> "magazine";
                    case COIL, LOOSE -> "copyshop";
                };
        Book ltr = at(press, "5.5x8.5in", pages, binding);
        Book rtl = ltr.withBrief(ltr.brief().withReading(jorn.art.Reading.RIGHT_TO_LEFT));
        CoverGeometry a = CoverGeometry.of(ltr, pages);
        CoverGeometry b = CoverGeometry.of(rtl, pages);
        double whole = a.trim().width();
        mirror(a.front(), b.front(), whole);
        mirror(a.frontFace(), b.frontFace(), whole);
        for (int i = 0; i < a.panels().size(); i++) {
            mirror(a.panels().get(i).box(), b.panels().get(i).box(), whole);
        }
        a.barcode().ifPresent(box -> mirror(box, b.barcode().orElseThrow(), whole));
        a.spineSafe().ifPresent(box -> mirror(box, b.spineSafe().orElseThrow(), whole));
        assertEquals(a.figures().width().value(), b.figures().width().value());
    }

    private static void mirror(Box a, Box b, double whole) {
        assertEquals(whole - a.right(), b.x(), 1e-6);
        assertEquals(a.y(), b.y(), 1e-6);
        assertEquals(a.width(), b.width(), 1e-6);
        assertEquals(a.height(), b.height(), 1e-6);
    }

    @net.jqwik.api.Provide
    net.jqwik.api.Arbitrary<Binding> bindings() {
        return net.jqwik.api.Arbitraries.of(Binding.class);
    }
}
