package jorn.desk.benches;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.deliver.Handover;
import jorn.edition.Edition;
import jorn.measure.PaperSize;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;

/** What Despatch says of the files is what is in them. */
class ParcelWordsTest {
    private static List<String> at(String press, Binding binding, Unit unit) {
        Book book = Starter.LINED_JOURNAL.begin();
        book = book.withBrief(book.brief().at(PressShelf.shipped().find(press)).withBinding(binding));
        if (press.equals("copyshop")) {
            book = book.withBrief(book.brief().withTrim(PaperSize.A5.size()));
        }
        Edition edition = Edition.of(book);
        return ParcelWords.of(Handover.toPress(edition), edition, unit);
    }

    @Test
    void aTightCoverIsOneSheetWithoutMarks() {
        assertEquals(
                List.of(
                        "Interior, 120 single pages of 6 × 9 in, without bleed",
                        "Cover, one sheet of 12.52 × 9.25 in",
                        "Fonts embedded; no crop marks; trim and bleed boxes set."),
                at("online", Binding.GLUED, Unit.INCH));
    }

    @Test
    void aCoverOnAFixedSheetHasMarksAndSaysSo() {
        List<String> words = at("trade", Binding.GLUED, Unit.INCH);
        assertEquals("in the middle of a sheet of 21 × 12 in", words.get(1).replaceAll(".*?, (in the)", "$1"));
        assertEquals("Fonts embedded; cut marks round the cover; trim and bleed boxes set.", words.get(2));
    }

    @Test
    void coilCoversAreSheetsOfTheirOwn() {
        assertEquals(
                "Cover, 2 sheets of 148 × 210 mm",
                at("copyshop", Binding.COIL, Unit.MILLIMETRE).get(1));
    }

    @Test
    void withoutACoverNothingIsSaidOfOne() {
        assertEquals(2, at("home", Binding.LOOSE, Unit.MILLIMETRE).size());
    }
}
