package jorn.makeup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Side;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.EarlierBooks;
import jorn.json.Json;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class PageGeometryTest {
    private final PressProfile online = PressShelf.shipped().find("online");

    private Book book(PressProfile press, boolean bleed) {
        return EarlierBooks.notebook(
                Brief.at(press, Size.of(6, 9, Unit.INCH), 120).withBleed(bleed));
    }

    /** Common practice: with bleed on three sides a 6 × 9 in page is 6.125 × 9.25 in in the file. */
    @Test
    void threeSidedBleedAddsOnceAcrossAndTwiceDown() {
        PageGeometry g = PageGeometry.of(book(online, true), 120);
        assertEquals(Length.inches(6.125), g.pageWidth().length());
        assertEquals(Length.inches(9.25), g.pageHeight().length());
    }

    @Test
    void withoutBleedThePageIsTheTrim() {
        PageGeometry g = PageGeometry.of(book(online, false), 120);
        assertEquals(Length.inches(6), g.pageWidth().length());
        assertEquals(Length.inches(9), g.pageHeight().length());
        assertEquals(Length.inches(0.25), g.outside().length());
    }

    @Test
    void fourSidedBleedAddsTwiceBothWays() {
        String json = new String(Json.write(online), StandardCharsets.UTF_8).replace("\"three\"", "\"four\"");
        PressProfile trade = Json.read(json.getBytes(StandardCharsets.UTF_8), PressProfile.class, "it");
        PageGeometry g = PageGeometry.of(book(trade, true), 120);
        assertEquals(Length.inches(6.25), g.pageWidth().length());
        assertEquals(new Box(-9, -9, 450, 666), g.frame(Side.RECTO).bleed());
    }

    @Test
    void bleedLiesAtTheForeEdgeOfEachSide() {
        PageGeometry g = PageGeometry.of(book(online, true), 120);
        assertEquals(new Box(0, -9, 441, 666), g.frame(Side.RECTO).bleed());
        assertEquals(new Box(-9, -9, 441, 666), g.frame(Side.VERSO).bleed());
    }

    @Test
    void ownMarginsTakeThePlaceOfThePresss() {
        Book book = book(online, false);
        Book wide = book.withMargins(
                book.margins().withGutter(Optional.of(Length.inches(1))).withOutside(Optional.of(Length.inches(0.5))));
        Frame recto = PageGeometry.of(wide, 120).frame(Side.RECTO);
        assertEquals(Box.between(72, 36, 432 - 36, 648 - 36), recto.text());
    }

    @Property
    void aVersoIsTheMirrorOfARecto(@ForAll @IntRange(min = 24, max = 828) int pages, @ForAll boolean bleed) {
        PageGeometry g = PageGeometry.of(book(online, bleed), pages);
        for (Box[] pair : new Box[][] {
            {g.frame(Side.RECTO).text(), g.frame(Side.VERSO).text()},
            {g.frame(Side.RECTO).bleed(), g.frame(Side.VERSO).bleed()},
            {g.safe(Side.RECTO), g.safe(Side.VERSO)}
        }) {
            assertEquals(432 - pair[0].right(), pair[1].x(), 1e-9);
            assertEquals(pair[0].width(), pair[1].width(), 1e-9);
            assertEquals(pair[0].y(), pair[1].y(), 1e-9);
        }
    }

    @Property
    void morePagesNeverHaveASmallerGutter(@ForAll @IntRange(min = 24, max = 826) int pages) {
        Length now = PageGeometry.of(book(online, false), pages).gutter().length();
        Length next = PageGeometry.of(book(online, false), pages + 2).gutter().length();
        assertTrue(next.compareTo(now) >= 0);
    }

    @Property(tries = 100)
    void fromRightToLeftAPageIsTheMirrorOfTheSamePage(
            @ForAll @IntRange(min = 24, max = 828) int pages, @ForAll boolean bleed, @ForAll Side side) {
        Book ltr = book(online, bleed);
        Book rtl = ltr.withBrief(ltr.brief().withReading(jorn.art.Reading.RIGHT_TO_LEFT));
        Frame a = PageGeometry.of(ltr, pages).frame(side);
        Frame b = PageGeometry.of(rtl, pages).frame(side);
        for (Box[] pair : new Box[][] {{a.text(), b.text()}, {a.bleed(), b.bleed()}}) {
            assertEquals(432 - pair[0].right(), pair[1].x(), 1e-9);
            assertEquals(pair[0].width(), pair[1].width(), 1e-9);
        }
        assertEquals(!a.gutterAtLeft(), b.gutterAtLeft());
    }

    /** Common practice: one school sets 0.75 in always; a stapled page has 0.5 outside and 0.25 inside. */
    @Test
    void aSchoolOfMarginsTakesThePlaceOfThePresss() {
        Book book = book(online, false);
        Book flat = book.withMargins(jorn.book.MarginChoice.ofSchool(Optional.of("flat")));
        assertEquals(Length.inches(0.75), PageGeometry.of(flat, 120).gutter().length());
        Book stapled = book.withMargins(jorn.book.MarginChoice.ofSchool(Optional.of("stitched")));
        assertEquals(Length.inches(0.25), PageGeometry.of(stapled, 120).gutter().length());
        assertEquals(Length.inches(0.5), PageGeometry.of(stapled, 120).outside().length());
        Book home = book.withMargins(jorn.book.MarginChoice.ofSchool(Optional.of("home")));
        assertEquals(Length.mm(10), PageGeometry.of(home, 40).gutter().length());
        assertEquals(Length.mm(15), PageGeometry.of(home, 41).gutter().length());
        assertEquals(Length.mm(5), PageGeometry.of(home, 41).foot().length());
    }
}
