package jorn.cover;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.Starter;
import jorn.measure.Length;
import jorn.measure.Quantity.Precision;
import jorn.measure.Scalar;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.page.Box;
import jorn.page.Mark;
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
        return Starter.NOTEBOOK
                .begin(Brief.at(online, Size.of(width, height, Unit.INCH), 120).withPaper(paper))
                .withTitle("Hive Notes")
                .withAuthor("Skep & Sedge");
    }

    /** Common practice: 6 × 9 in, 120 pages, white: spine 0.270 in, sheet 12.52 × 9.25 in, 3756 × 2775 px at 300 dpi. */
    @Test
    void theWorkedExampleOfTheTradeComesOut() {
        CoverGeometry g = CoverGeometry.of(book(6, 9, "white"), 120);
        assertEquals("0.270 in", g.spine().text(Unit.INCH));
        assertEquals("12.52 in", g.width().text(Unit.INCH));
        assertEquals("9.25 in", g.height().text(Unit.INCH));
        assertEquals("3,756 px", g.pixelsWide().text(Unit.INCH));
        assertEquals("2,775 px", g.pixelsHigh().text(Unit.INCH));
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
                CoverGeometry.of(book(6, 9, paper), pages).spine().length().in(Unit.INCH),
                1e-5);
    }

    @Property
    void widthIsTwiceTrimAndBleedAndTheSpine(
            @ForAll @DoubleRange(min = 4, max = 8.5) double w,
            @ForAll @DoubleRange(min = 6, max = 11) double h,
            @ForAll @IntRange(min = 24, max = 828) int pages) {
        CoverGeometry g = CoverGeometry.of(book(w, h, "white"), pages);
        double expected = 2 * (w + 0.125) + pages * 0.002252;
        assertEquals(expected, g.width().length().in(Unit.INCH), 1e-4);
        assertEquals(h + 0.25, g.height().length().in(Unit.INCH), 1e-4);
        assertEquals(g.bled().width(), g.width().length().points(), 1e-3);
        assertEquals(g.bled().height(), g.height().length().points(), 1e-3);
        Box back = g.back().orElseThrow();
        Box spine = g.spineBox().orElseThrow();
        assertEquals(back.right(), spine.x(), 1e-6);
        assertEquals(spine.right(), g.front().x(), 1e-6);
        assertEquals(back.width(), g.front().width(), 1e-6);
    }

    @Property
    void morePagesNeverHaveAThinnerSpine(@ForAll @IntRange(min = 24, max = 826) int pages) {
        Length now = CoverGeometry.of(book(6, 9, "cream"), pages).spine().length();
        Length next = CoverGeometry.of(book(6, 9, "cream"), pages + 2).spine().length();
        assertTrue(next.compareTo(now) > 0);
    }

    @Test
    void spineTextIsAllowedFromThePressesPageCountOn() {
        assertEquals(
                Scalar.yes(false),
                CoverGeometry.of(book(6, 9, "white"), 78).spineTextAllowed().value());
        assertEquals(
                Scalar.yes(true),
                CoverGeometry.of(book(6, 9, "white"), 79).spineTextAllowed().value());
    }

    @Test
    void spineTextIsLeftOffWhereItIsNotAllowed() {
        assertTrue(hasSpineText(120));
        assertFalse(hasSpineText(78));
    }

    private boolean hasSpineText(int pages) {
        Book book = book(6, 9, "white");
        CoverGeometry g = CoverGeometry.of(book, pages);
        return CoverArt.of(book, g).marks().stream().anyMatch(m -> m instanceof Mark.Turned);
    }

    @Property(tries = 60)
    void spineTextStaysClearOfTheFoldsAndTheEnds(@ForAll @IntRange(min = 79, max = 828) int pages) {
        Book book = book(6, 9, "white");
        CoverGeometry g = CoverGeometry.of(book, pages);
        Box safe = g.spineSafe().orElseThrow();
        CoverArt.of(book, g).marks().stream()
                .filter(m -> m instanceof Mark.Turned)
                .forEach(m -> assertTrue(safe.holds(m.bounds()), () -> m.bounds() + " outside " + safe));
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
        Book loose = Starter.NOTEBOOK.begin(brief);
        Book stitched = Starter.NOTEBOOK.begin(brief.withBinding(Binding.STITCHED));
        assertEquals("148 mm", CoverGeometry.of(loose, 16).width().text(Unit.MILLIMETRE));
        assertTrue(CoverGeometry.of(loose, 16).back().isEmpty());
        assertEquals("296 mm", CoverGeometry.of(stitched, 16).width().text(Unit.MILLIMETRE));
        assertEquals(
                "0.00 mm", CoverGeometry.of(stitched, 16).spine().value().format(Unit.MILLIMETRE, Precision.EXACT));
        assertTrue(CoverGeometry.of(stitched, 16).spineBox().isEmpty());
    }
}
