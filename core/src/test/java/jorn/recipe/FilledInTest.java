package jorn.recipe;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.book.Specimen;
import jorn.edition.Edition;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.style.StyleShelf;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every design as somebody would have filled it in, for a shop's picture. */
class FilledInTest {
    /** Pages on which nobody writes. */
    private static final Set<String> READ = Set.of(
            "about-author",
            "colouring",
            "colouring-art",
            "credits",
            "pen-test",
            "blank",
            "colophon",
            "contents",
            "contents-list",
            "copyright",
            "dedication",
            "dotted",
            "dotted-wide",
            "half-title",
            "handwriting",
            "calligraphy",
            "hexagons",
            "holidays",
            "how-to-use",
            "isometric",
            "lined",
            "lined-narrow",
            "lined-wide",
            "lined-margin",
            "month-opener",
            "mood-ring",
            "quote",
            "squared-10",
            "squared-5",
            "squared-quarter",
            "staves",
            "tab-sheet",
            "thanks",
            "title",
            "title-border",
            "year");

    @ParameterizedTest
    @CsvSource({"meadow, 6x9in, true", "pebble, A5, false", "poster, 8.5x11in, true"})
    void aHandWritesOnEveryPageThatIsWrittenOnAndNeverOffIt(String style, String trim, boolean dated) {
        Set<String> bare = new TreeSet<>();
        for (Catalogue.Entry e : Catalogue.all()) {
            Edition edition = Edition.of(Specimen.of(e, StyleShelf.of(style), Size.parse(trim, Unit.INCH), dated));
            PageArt filled = edition.pages().filledIn(2);
            PageArt printed = edition.page(2);
            List<Mark> hand = new ArrayList<>(filled.marks()
                    .subList(printed.marks().size(), filled.marks().size()));
            assertEquals(
                    printed.marks(), filled.marks().subList(0, printed.marks().size()), e.id());
            if (hand.isEmpty()) {
                bare.add(e.id());
            }
            for (Mark mark : hand) {
                assertTrue(filled.trim().holds(mark.bounds()), e.id() + ": " + mark.bounds());
            }
        }
        bare.removeAll(READ);
        assertEquals(Set.of(), bare, "designs that a hand would write on");
    }
}
