package jorn.edition;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.MarkInks;
import jorn.art.Palette;
import jorn.art.Path;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;

/** Pages with colour are counted where a press charges by what is on each page. */
class ColouredPagesTest {
    private static Book atTheShop(String ink) {
        Book book = EarlierBooks.notebook();
        return book.withBrief(book.brief()
                .at(PressShelf.shipped().find("copyshop"))
                .withTrim(Size.parse("A5", Unit.INCH))
                .withInk(ink));
    }

    @Test
    void countsThemOnlyWhereTheyAreCharged() {
        assertEquals(OptionalInt.empty(), Edition.of(EarlierBooks.notebook()).colouredPages());
        assertEquals(OptionalInt.empty(), Edition.of(atTheShop("black")).colouredPages());
        assertEquals(
                OptionalInt.of(0),
                Edition.of(atTheShop("colour").withPalette(Palette.BLACK)).colouredPages());
    }

    /** By hand: 3.50 + 120 × 0.05 as nothing is coloured; with the lines in colour 3.50 + 120 × 0.25. */
    @Test
    void everyPageOfARunInColourCounts() {
        Book plain = atTheShop("colour").withPalette(Palette.BLACK);
        assertEquals("9.50 USD", Edition.of(plain).measures().get("cost.print").text(Unit.INCH));
        Book teal = plain.withPalette(new Palette("teal", "Teal", Map.of(Palette.Role.SOFT_LINE, Ink.hex("1E7F86"))));
        assertEquals(OptionalInt.of(120), Edition.of(teal).colouredPages());
        assertEquals("33.50 USD", Edition.of(teal).measures().get("cost.print").text(Unit.INCH));
        Book priced = teal.withPlans(teal.plans().withPrice("counter", Optional.of(40.0)));
        assertEquals("6.50 USD", Edition.of(priced).measures().get("price.kept").text(Unit.INCH));
    }

    @Test
    void greysAndBlackAreNoColour() {
        Path square = Path.box(new Box(0, 0, 9, 9));
        List<Mark> grey = List.of(new Mark.Fill(square, Ink.black(0.3)), new Mark.Stroke(square, 1, new Ink.Gray(0.4)));
        assertFalse(MarkInks.haveColour(grey));
        assertTrue(MarkInks.haveColour(List.of(new Mark.Group(1, List.of(new Mark.Fill(square, Ink.hex("C8102E")))))));
    }
}
