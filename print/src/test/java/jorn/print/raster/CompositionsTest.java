package jorn.print.raster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.Starter;
import jorn.cover.Composition;
import jorn.cover.Compositions;
import jorn.cover.Judgement;
import jorn.edition.Edition;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;
import org.junit.jupiter.api.Test;

/** Every composition that ships, in every style: its title is read at the size of a stamp, and nothing stands where it is cut. */
class CompositionsTest {
    private static Book book(PageStyle style, String title, String trim) {
        Brief brief = Starter.NOTEBOOK.usualBrief();
        return Starter.NOTEBOOK
                .begin(brief.withTrim(Size.parse(trim, Unit.INCH)))
                .withTitle(title)
                .withSubtitle("a journal for the bee yard")
                .withAuthor("Skep & Sedge")
                .inStyle(style);
    }

    private static Judgement judged(Book book, Composition composition) {
        Edition edition = Edition.of(book.withCover(book.cover().planned(p -> p.composedAs(composition.id()))));
        return Judgement.of(edition.book(), edition.cover(), CoverLook.ground(edition.cover()));
    }

    private static Set<String> faults(String title, String trim, double least, List<PageStyle> styles) {
        Set<String> bad = new TreeSet<>();
        for (PageStyle style : styles) {
            Book book = book(style, title, trim);
            for (Composition each : Compositions.all()) {
                Judgement j = judged(book, each);
                String what = each.id() + " in " + style.id();
                // Over the year and the initial the title is the second thing that is read.
                double own = Set.of("year", "badge").contains(each.id()) ? least / 2 : least;
                if (j.xHeightAt160() < own) {
                    bad.add(what + ": small, " + Math.round(j.xHeightAt160() * 10) / 10.0);
                }
                if (!j.standsOut()) {
                    bad.add(what + ": faint, " + Math.round(j.contrast() * 10) / 10.0);
                }
                if (!j.outside().isEmpty()) {
                    bad.add(what + ": cut, " + j.outside());
                }
                if (j.isOffCentre()) {
                    bad.add(what + ": off centre");
                }
            }
        }
        return bad;
    }

    /** The lightest letters, the broadest, and a dark ground. */
    private static List<PageStyle> some(String... ids) {
        return Stream.of(ids).map(StyleShelf::of).toList();
    }

    @Test
    void aShortTitleIsReadInAllOfThem() {
        assertEquals(Set.of(), faults("Hive Notes", "6x9in", Judgement.READ, some("almanac", "poster", "linocut")));
    }

    @Test
    void aTitleOfSeventyFiveLettersIsStillReadable() {
        String title = "Notes on Keeping Bees in a Small Garden Through All Four Seasons of a Year";
        assertTrue(title.length() >= 74);
        assertEquals(Set.of(), faults(title, "6x9in", 2, some("almanac")));
    }

    @Test
    void squareAndLandscapeCoversHaveRoomToo() {
        assertEquals(Set.of(), faults("Hive Notes", "8.5x8.5in", 4, some("kite")));
        assertEquals(Set.of(), faults("Hive Notes", "8.25x6in", 4, some("meadow")));
    }

    @Test
    void thereAreAtLeastThirtySixAndEachIsNamedOnce() {
        List<String> names = new ArrayList<>();
        Compositions.all().forEach(c -> names.add(c.called()));
        assertTrue(names.size() >= 36, () -> String.valueOf(names.size()));
        assertEquals(names.size(), new TreeSet<>(names).size());
    }
}
