package jorn.makeup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Reading;
import jorn.art.Side;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.EarlierBooks;
import jorn.book.Starter;
import jorn.check.Checker;
import jorn.check.Finding;
import jorn.check.Proof;
import jorn.cover.CoverGeometry;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.BindingEdge;
import jorn.press.HolePattern;
import jorn.press.PressShelf;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** The edge at which leaves are held, and the holes along it. */
class BindingEdgeTest {
    private static final double MM = 72 / 25.4;

    private static Brief brief(Binding binding, BindingEdge edge, Optional<String> holes) {
        Brief b = Brief.at(PressShelf.shipped().find("copyshop"), Size.parse("A4", Unit.INCH), 80)
                .withBinding(binding);
        return b.withWishes(b.wishes().withEdge(Optional.of(edge)).withHoles(holes));
    }

    private static Book book(Binding binding, BindingEdge edge, Optional<String> holes) {
        return EarlierBooks.notebook(brief(binding, edge, holes));
    }

    private static PageGeometry page(Book book) {
        return PageGeometry.of(book, 80);
    }

    /** ISO 838: two holes of 6 mm, 80 mm apart, their middles 12 mm from the edge, about the middle of it. A4 is 297 mm high. */
    @Test
    void holesStandAsTheStandardSays() {
        List<Box> recto = page(book(Binding.LOOSE, BindingEdge.LEFT, Optional.of("iso-838")))
                .holes(Side.RECTO);
        assertEquals(2, recto.size());
        assertEquals(12 * MM, recto.get(0).centreX(), 1e-6);
        assertEquals((148.5 - 40) * MM, recto.get(0).centreY(), 1e-6);
        assertEquals((148.5 + 40) * MM, recto.get(1).centreY(), 1e-6);
        assertEquals(6 * MM, recto.get(0).width(), 1e-6);
    }

    @Test
    void holesOfAFrontAndOfABackAreTheSameHoles() {
        for (BindingEdge edge : BindingEdge.values()) {
            PageGeometry page = page(book(Binding.LOOSE, edge, Optional.of("three")));
            List<Box> front = page.holes(Side.RECTO);
            List<Box> back = page.holes(Side.VERSO);
            assertEquals(3, edge == BindingEdge.HEAD ? 3 : front.size(), edge.id());
            for (int i = 0; i < front.size(); i++) {
                boolean head = edge == BindingEdge.HEAD;
                // Turned over its edge, the back lies mirrored: from right to left, or from head to foot.
                double x =
                        head ? front.get(i).centreX() : 210 * MM - front.get(i).centreX();
                double y =
                        head ? 297 * MM - front.get(i).centreY() : front.get(i).centreY();
                assertEquals(x, back.get(i).centreX(), 1e-3, edge.id());
                assertEquals(y, back.get(i).centreY(), 1e-3, edge.id());
            }
        }
    }

    /** 12 mm and half of 6 mm and 2 mm are 17 mm, more than the half inch of the copy shop. */
    @Test
    void theGutterGrowsWithTheHoles() {
        PageGeometry page = page(book(Binding.LOOSE, BindingEdge.LEFT, Optional.of("iso-838")));
        assertEquals(17, page.requiredGutter().length().in(Unit.MILLIMETRE), 1e-6);
        assertEquals(17, page.gutter().length().in(Unit.MILLIMETRE), 1e-6);
        assertTrue(
                page.gutter().working(Unit.MILLIMETRE).contains("ISO 838"),
                page.gutter().working(Unit.MILLIMETRE));
        Book narrow = book(Binding.LOOSE, BindingEdge.LEFT, Optional.of("iso-838"));
        narrow = narrow.withMargins(narrow.margins().withGutter(Optional.of(Length.mm(14))));
        assertEquals(14, page(narrow).gutter().length().in(Unit.MILLIMETRE), 1e-6, "what is set by hand stays");
        assertTrue(found(narrow, "margin.gutter"), "and the proof says so");
        assertEquals(
                12.7,
                page(book(Binding.LOOSE, BindingEdge.LEFT, Optional.of("six")))
                        .requiredGutter()
                        .length()
                        .in(Unit.MILLIMETRE),
                1e-6,
                "5.5 + 2.75 + 2 mm are less than the press's half inch");
    }

    private static boolean found(Book book, String id) {
        return Checker.check(Proof.of(book, Unit.MILLIMETRE)).stream()
                .map(Finding::id)
                .anyMatch(id::equals);
    }

    @Test
    void boundAtTheRightTheGutterIsAtTheRightOfPageOne() {
        Frame recto =
                page(book(Binding.COIL, BindingEdge.RIGHT, Optional.empty())).frame(Side.RECTO);
        assertEquals(36, recto.trim().right() - recto.text().right(), 1e-6);
        assertEquals(18, recto.text().x(), 1e-6);
        assertFalse(recto.gutterAtLeft());
        Frame verso =
                page(book(Binding.COIL, BindingEdge.RIGHT, Optional.empty())).frame(Side.VERSO);
        assertEquals(36, verso.text().x(), 1e-6);
    }

    @Test
    void boundAtTheHeadTheStripIsAtTheHeadOfAFrontAndAtTheFootOfABack() {
        Book book = book(Binding.COIL, BindingEdge.HEAD, Optional.empty());
        PageGeometry page = page(book);
        Box front = page.safe(Side.RECTO);
        Box back = page.safe(Side.VERSO);
        assertEquals(36, front.y(), 1e-6);
        assertEquals(18, page.frame(Side.RECTO).trim().bottom() - front.bottom(), 1e-6);
        assertEquals(18, back.y(), 1e-6);
        assertEquals(36, page.frame(Side.VERSO).trim().bottom() - back.bottom(), 1e-6);
        for (Side side : Side.values()) {
            Frame frame = page.frame(side);
            assertEquals(18, frame.text().x(), 1e-6, "both long sides are outer ones");
            assertEquals(18, frame.trim().right() - frame.text().right(), 1e-6);
            assertTrue(frame.gutterAtLeft(), "folios stand at the right of every page");
        }
        assertEquals(page.frame(Side.RECTO).text(), page.frame(Side.VERSO).text(), "fronts and backs are in register");
        assertEquals(210 * MM - 36, page.textWidth().length().points(), 1e-3);
        assertEquals(
                page.frame(Side.RECTO).text().height(),
                page.textHeight().length().points(),
                1e-6);
    }

    @Test
    void aSoundPadAtTheHeadHasNothingToMend() {
        Book pad = Starter.NOTEBOOK
                .begin(brief(Binding.COIL, BindingEdge.HEAD, Optional.empty()))
                .withTitle("Stall notes")
                .withAuthor("Skep & Sedge");
        assertFalse(Checker.hasErrors(Checker.check(Proof.of(pad, Unit.MILLIMETRE))));
    }

    @Test
    void theCoverOfAPadHasItsStripAtTheHead() {
        CoverGeometry cover = CoverGeometry.of(book(Binding.COIL, BindingEdge.HEAD, Optional.empty()), 80);
        for (Box strip : cover.strips()) {
            assertEquals(36, strip.height(), 1e-6);
            assertEquals(cover.front().width(), strip.width(), 1e-6);
        }
        assertEquals(36, cover.frontFace().y() - cover.front().y(), 1e-6);
        CoverGeometry punched = CoverGeometry.of(book(Binding.LOOSE, BindingEdge.LEFT, Optional.of("iso-838")), 80);
        assertEquals(17 * MM, punched.strips().get(0).width(), 1e-3);
        assertEquals(2, punched.holes().size(), "two through the front of loose sheets");
        assertEquals(12 * MM, punched.holes().get(0).centreX() - punched.front().x(), 1e-3);
        CoverGeometry coil = CoverGeometry.of(book(Binding.COIL, BindingEdge.HEAD, Optional.of("iso-838")), 80);
        assertEquals(4, coil.holes().size());
        for (Box hole : coil.holes()) {
            assertEquals(12 * MM, hole.centreY(), 1e-3);
            assertTrue(coil.strips().stream().anyMatch(s -> s.holds(hole)), hole.toString());
        }
        assertTrue(cover.holes().isEmpty());
    }

    @Test
    void whatCannotBeBoundSoIsNotOffered() {
        assertThrows(Trouble.class, () -> PressShelf.shipped()
                .find("online")
                .requireBinding(Binding.GLUED)
                .requireEdge(BindingEdge.HEAD));
        Brief glued = Brief.at(PressShelf.shipped().find("online"), Size.parse("6x9in", Unit.INCH), 120);
        Brief asked = glued.withWishes(glued.wishes().withEdge(Optional.of(BindingEdge.HEAD)));
        assertEquals(BindingEdge.LEFT, asked.edge());
        assertEquals(BindingEdge.RIGHT, glued.withReading(Reading.RIGHT_TO_LEFT).edge());
    }

    @Test
    void anEdgeAgainstTheReadingAndHolesThatDoNotFitAreTold() {
        assertTrue(found(book(Binding.COIL, BindingEdge.RIGHT, Optional.empty()), "edge.reading"));
        assertFalse(found(book(Binding.COIL, BindingEdge.LEFT, Optional.empty()), "edge.reading"));
        assertFalse(found(book(Binding.COIL, BindingEdge.HEAD, Optional.empty()), "edge.reading"));
        Book small = book(Binding.LOOSE, BindingEdge.LEFT, Optional.of("iso-838-four"));
        assertFalse(found(small, "holes.fit"), "240 mm on the 297 of A4");
        Book a5 = small.withBrief(small.brief().withTrim(Size.parse("A5", Unit.INCH)));
        assertTrue(found(a5, "holes.fit"), "240 mm on the 210 of A5");
        assertEquals(2, page(a5).holes(Side.RECTO).size());
    }

    @Property
    void everyPatternLiesInTheStripThatItKeepsClear(
            @ForAll @IntRange(min = 0, max = 3) int which,
            @ForAll @IntRange(min = 100, max = 300) int width,
            @ForAll @IntRange(min = 100, max = 300) int height,
            @ForAll BindingEdge edge) {
        HolePattern pattern = HolePattern.shipped().get(which);
        Brief b =
                brief(Binding.LOOSE, edge, Optional.of(pattern.id())).withTrim(Size.of(width, height, Unit.MILLIMETRE));
        PageGeometry page = PageGeometry.of(EarlierBooks.notebook(b), 80);
        for (Side side : Side.values()) {
            Box trim = page.frame(side).trim();
            Box safe = page.safe(side);
            for (Box hole : page.holes(side)) {
                assertTrue(trim.holds(hole), "the hole is whole");
                assertTrue(safe.common(hole).isEmpty(), "and nothing that matters stands there");
            }
        }
    }
}
