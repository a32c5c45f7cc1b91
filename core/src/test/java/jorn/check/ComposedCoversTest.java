package jorn.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.Starter;
import jorn.code.Isbn;
import jorn.cover.Compositions;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.PressShelf;
import jorn.style.StyleShelf;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The proof finds nothing on any composition: not on its back, not on its spine, not under its barcode. */
class ComposedCoversTest {
    @ParameterizedTest
    @CsvSource({"online, quiet", "online, linocut", "trade, poster", "trade, almanac", "casebound, meadow"})
    void nothingIsFoundOnThem(String press, String style) {
        Brief brief = Brief.at(PressShelf.shipped().find(press), Size.of(6, 9, Unit.INCH), 160);
        Book book = Starter.NOTEBOOK
                .begin(brief)
                .withTitle("Hive Notes")
                .withSubtitle("a journal for the bee yard")
                .withAuthor("Skep & Sedge")
                .inStyle(StyleShelf.of(style));
        Book told = book.withCover(book.cover()
                .withBlurb("Room for every inspection, every swarm and every jar.")
                .planned(p -> p.withCode(p.code().withIsbn(Optional.of(Isbn.parse("978-0-306-40615-7"))))
                        .withBack(p.back().withPrice("12.99"))));
        Set<String> found = new TreeSet<>();
        Compositions.all()
                .forEach(each ->
                        Checked.check(told.withCover(told.cover().planned(p -> p.composedAs(each.id())))).stream()
                                .filter(f -> f.place().onCover())
                                .forEach(f -> found.add(each.id() + ": " + f.id() + " " + f.measured())));
        assertEquals(Set.of(), found);
    }
}
