package jorn.cover;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Reading;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.EarlierBooks;
import jorn.cover.CoverGeometry.CoverPart;
import jorn.cover.CoverGeometry.CoverSheet;
import jorn.edition.Edition;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The cover as surfaces: what stands where, in which ink, and what its inside is. */
class CoverSurfacesTest {
    private static final double NEAR = 1e-6;

    private static Book at(String press, Binding binding) {
        Book book = EarlierBooks.linedJournal().withTitle("Hive Notes").withAuthor("Skep & Sedge");
        Brief brief = book.brief().at(PressShelf.shipped().find(press)).withBinding(binding);
        return book.withBrief(brief).withCover(book.cover().withSpineText(true).withBlurb("Room for every hive."));
    }

    private static Cover cover(Book book) {
        return Edition.of(book).cover();
    }

    private static Set<Ink> wordInks(Book book) {
        return Marks.standing(cover(book).plane().marks()).stream()
                .map(Marks.Standing::mark)
                .filter(Mark.Words.class::isInstance)
                .map(m -> ((Mark.Words) m).ink())
                .collect(Collectors.toSet());
    }

    @Test
    void wordsOnTheGroundAreDarkOrLightWhicheverReadsBetter() {
        Book book = at("online", Binding.GLUED);
        Ink dark = book.cover().titleInk();
        Book onPale = book.withCover(book.cover().withPanel(false).withGround(Ink.hex("F5EBD0")));
        assertEquals(Set.of(dark), wordInks(onPale));
        Book onNight = book.withCover(book.cover().withPanel(false).withGround(Ink.hex("1B2430")));
        assertEquals(Set.of(Ink.WHITE), wordInks(onNight));
        Book panelled = onNight.withCover(onNight.cover().withPanel(true));
        assertEquals(Set.of(Ink.WHITE, dark), wordInks(panelled), "the title is on its panel");
    }

    @Test
    void theGroundLiesUnderFrontSpineAndBackInThatOrder() {
        Cover cover = cover(at("online", Binding.GLUED));
        CoverSheet sheet = cover.geometry().sheets().get(0);
        List<Cover.Laid> all = cover.surfaces(sheet);
        assertEquals(4, all.size());
        assertEquals(sheet.trim().width(), all.get(0).surface().frame().trim().width(), NEAR);
        assertEquals(cover.geometry().front().x(), all.get(1).x(), NEAR);
        assertEquals(cover.geometry().spineBox().orElseThrow().x(), all.get(2).x(), NEAR);
        assertEquals(cover.geometry().back().orElseThrow().x(), all.get(3).x(), NEAR);
    }

    @Test
    void onACoilFrontAndBackAreSheetsOfTheirOwnEachWithItsOwnPanel() {
        Cover cover = cover(at("copyshop", Binding.COIL));
        List<CoverSheet> sheets = cover.geometry().sheets();
        assertEquals(2, sheets.size());
        for (CoverSheet sheet : sheets) {
            List<Cover.Laid> all = cover.surfaces(sheet);
            assertEquals(2, all.size(), "the ground and one panel");
            assertEquals(sheet.trim().x(), all.get(0).x(), NEAR);
            assertEquals(sheet.trim().y(), all.get(0).y(), NEAR);
            Box ground = all.get(0).surface().frame().trim();
            assertEquals(0, ground.x(), NEAR);
            assertEquals(0, ground.y(), NEAR);
            Box bleed = all.get(0).surface().frame().bleed();
            assertEquals(sheet.trim().x() - sheet.bled().x(), -bleed.x(), NEAR);
        }
    }

    /** The strip for the glue is the spine seen from inside, 9 pt wider on both sides. */
    @Test
    void theInsideIsBareBehindTheSpineForTheGlue() {
        Book book = at("online", Binding.GLUED);
        Cover cover = cover(book);
        CoverSheet sheet = cover.geometry().sheets().get(0);
        List<Cover.Laid> inside = cover.insides(sheet);
        assertEquals(1, inside.size());
        Box bare = inside.get(0).surface().frame().keptFree().get(0);
        Box spine = cover.geometry().spineBox().orElseThrow();
        assertEquals(spine.width() + 18, bare.width(), NEAR);
        assertEquals(sheet.trim().right() - spine.centreX(), bare.centreX(), NEAR);
        assertEquals(sheet.bled().y() - sheet.trim().y(), bare.y(), NEAR);
        assertEquals(sheet.bled().height(), bare.height(), NEAR);
        Cover stapled = cover(at("magazine", Binding.STITCHED));
        assertEquals(
                List.of(),
                stapled.insides(stapled.geometry().sheets().get(0))
                        .get(0)
                        .surface()
                        .frame()
                        .keptFree());
    }

    /** Handbook: flaps stand outside the panels, and the spine between front and back, whichever way the book reads. */
    @ParameterizedTest
    @CsvSource({"LEFT_TO_RIGHT", "RIGHT_TO_LEFT"})
    void panelsStandBesideEachOtherWithNoOtherGapThanTheBoardsEdge(Reading reading) {
        Book book = at("casebound", Binding.JACKET);
        book = book.withBrief(book.brief().withReading(reading));
        CoverGeometry g = cover(book).geometry();
        List<CoverPart> order = g.panels().stream()
                .sorted((a, b) -> Double.compare(a.box().x(), b.box().x()))
                .map(CoverGeometry.Panel::part)
                .toList();
        List<CoverPart> expected =
                List.of(CoverPart.BACK_FLAP, CoverPart.BACK, CoverPart.SPINE, CoverPart.FRONT, CoverPart.FRONT_FLAP);
        if (reading == Reading.RIGHT_TO_LEFT) {
            expected = List.of(
                    CoverPart.FRONT_FLAP, CoverPart.FRONT, CoverPart.SPINE, CoverPart.BACK, CoverPart.BACK_FLAP);
        }
        assertEquals(expected, order);
        double sum = g.panels().stream().mapToDouble(p -> p.box().width()).sum();
        assertEquals(sum + 2 * g.figures().around().points(), g.trim().width(), NEAR);
    }

    @Test
    void hingesAndHolesLieBesideTheSpineOnFrontAndBackAlone() {
        CoverGeometry cased = cover(at("casebound", Binding.CASED)).geometry();
        List<Box> strips = cased.strips();
        assertEquals(2, strips.size());
        Box spine = cased.spineBox().orElseThrow();
        double hinge = cased.figures().hinge().orElseThrow().length().points();
        assertEquals(
                Set.of(spine.x() - hinge, spine.right()),
                strips.stream().map(Box::x).collect(Collectors.toSet()));
        strips.forEach(s -> assertEquals(hinge, s.width(), NEAR));
        assertEquals(cased.front().width() - hinge, cased.frontFace().width(), NEAR);
        assertEquals(List.of(), cover(at("online", Binding.GLUED)).geometry().strips());
        CoverGeometry coil = cover(at("copyshop", Binding.COIL)).geometry();
        assertEquals(2, coil.strips().size());
    }

    @Test
    void wordsOnTheSpineKeepClearOfFoldsAndEnds() {
        Book book = at("online", Binding.GLUED);
        CoverGeometry g = cover(book).geometry();
        Box spine = g.spineBox().orElseThrow();
        // The press's profile: 0.0625 in clear of the folds, 0.25 in from head and foot.
        assertEquals(spine.inset(18, 4.5, 18, 4.5), g.spineSafe().orElseThrow());
        assertEquals(
                Optional.empty(),
                cover(at("magazine", Binding.STITCHED)).geometry().spineSafe());
    }

    @Test
    void aCoverLargerThanItsFixedSheetDoesNotFit() {
        Book book = at("trade", Binding.GLUED);
        CoverGeometry fits = cover(book).geometry();
        assertTrue(fits.fitsSheet());
        Box media = fits.sheets().get(0).media();
        Box bled = fits.sheets().get(0).bled();
        assertEquals(bled.centreX(), media.centreX(), NEAR);
        assertTrue(media.width() > bled.width() && media.height() > bled.height());
        Book wide = book.withBrief(book.brief().withTrim(Size.parse("11x8.5in", Unit.INCH)));
        assertFalse(cover(wide).geometry().fitsSheet());
        Book high = book.withBrief(book.brief().withTrim(Size.parse("6x13in", Unit.INCH)));
        assertFalse(cover(high).geometry().fitsSheet());
        assertTrue(
                cover(at("online", Binding.GLUED)).geometry().fitsSheet(), "a tight sheet is as large as it must be");
    }
}
