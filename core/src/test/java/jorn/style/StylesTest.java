package jorn.style;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Palette;
import jorn.book.Book;
import jorn.book.Specimen;
import jorn.book.Starter;
import jorn.edition.Edition;
import jorn.json.Json;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.recipe.Catalogue;
import jorn.text.Typeface;
import org.junit.jupiter.api.Test;

/** Styles are data that change the skeleton of pages, not only colour and face. */
class StylesTest {
    private static final Size TRIM = Size.parse("6x9in", Unit.INCH);

    @Test
    void thereAreEightAndEachHasItsOwnFacesWordsAndPalette() {
        List<PageStyle> all = StyleShelf.shipped();
        assertTrue(all.size() >= 8);
        Set<String> faces = new HashSet<>();
        for (PageStyle style : all) {
            assertFalse(style.manner().isBlank(), style.id());
            assertTrue(faces.add(style.dress().type().heading()), style.id() + " has the heading face of another");
            assertEquals(style, StyleShelf.of(style.id()));
        }
        Trouble none = assertThrows(Trouble.class, () -> StyleShelf.of("baroque"));
        assertTrue(none.remedy().contains("meadow"));
    }

    @Test
    void aStyleSurvivesItsFile() {
        for (PageStyle style : StyleShelf.shipped()) {
            assertEquals(style, Json.read(Json.write(style), PageStyle.class, style.id()));
        }
    }

    /** The lines and fills of a page without its words, in black, in the same faces: what remains is the skeleton. */
    private static List<String> skeleton(PageStyle style, String design) {
        PageStyle bare = style.withDress(style.dress()
                .withPalette(Palette.BLACK)
                .withType(TypeChoice.CUSTOMARY)
                .withPitch(java.util.Optional.empty()));
        Book book = Specimen.of(Catalogue.find(design).orElseThrow(), bare, TRIM, true);
        List<String> strokes = new ArrayList<>();
        for (Marks.Standing s : Marks.standing(Edition.of(book).page(2).marks())) {
            if (!(s.mark() instanceof Mark.Words)) {
                strokes.add(s.mark().getClass().getSimpleName() + " "
                        + String.format(
                                Locale.ROOT,
                                "%.0f %.0f %.0f %.0f",
                                s.bounds().x(),
                                s.bounds().y(),
                                s.bounds().width(),
                                s.bounds().height()));
            }
        }
        return strokes;
    }

    @Test
    void noTwoStylesHaveTheSameSkeleton() {
        for (String design : List.of("week-left", "month", "todo-priorities", "habits")) {
            List<PageStyle> all = StyleShelf.shipped().stream()
                    .filter(style -> !style.equals(StyleShelf.plain()))
                    .toList();
            for (int i = 0; i < all.size(); i++) {
                for (int k = i + 1; k < all.size(); k++) {
                    Set<String> one = new HashSet<>(skeleton(all.get(i), design));
                    Set<String> other = new HashSet<>(skeleton(all.get(k), design));
                    Set<String> apart = new HashSet<>(one);
                    apart.removeAll(other);
                    other.removeAll(one);
                    apart.addAll(other);
                    assertTrue(
                            apart.size() >= 3,
                            design + ": " + all.get(i).id() + " and "
                                    + all.get(k).id() + " differ in " + apart.size());
                }
            }
        }
    }

    @Test
    void oneChangeDressesPagesAndCover() {
        Book journal = Starter.PICTURE_BOOK.begin().withTitle("Where Did the Swarm Go?");
        Book dressed = journal.inStyle(StyleShelf.of("poster"));
        assertEquals("archivo-black", dressed.type().heading());
        assertEquals(StyleShelf.of("poster").dress().palette(), dressed.palette());
        assertEquals(
                StyleShelf.of("poster").dress().cover().ground(),
                dressed.cover().ground());
        assertNotEquals(
                Edition.of(journal).cover().plane().marks(),
                Edition.of(dressed).cover().plane().marks());
        Book black = Starter.NOTEBOOK.begin().inStyle(StyleShelf.of("pebble"));
        assertFalse(black.palette().isColoured(), "an inside printed in black stays black");
    }

    @Test
    void theStylesPitchIsTakenAndGivenBack() {
        Book book = Starter.WEEKLY_PLANNER.begin();
        Length before = book.interior().pitch().orElseThrow();
        Book children = book.inStyle(StyleShelf.of("kite"));
        assertEquals(Length.mm(9), children.interior().pitch().orElseThrow());
        assertEquals(
                before,
                children.inStyle(StyleShelf.of("quiet")).interior().pitch().orElseThrow());
        Length own = Length.mm(6);
        assertEquals(
                own,
                book.onPitch(own)
                        .inStyle(StyleShelf.of("ledger"))
                        .interior()
                        .pitch()
                        .orElseThrow());
    }

    @Test
    void whatCannotBeDrawnIsRefusedWithTheReason() {
        Rule fine = new Rule(Rule.LineKind.SOLID, 0.3, Palette.Role.LINE);
        assertThrows(Trouble.class, () -> fine.withWeight(0.29));
        assertThrows(Trouble.class, () -> fine.withWeight(7));
        Rule strong = fine.withWeight(1);
        assertThrows(Trouble.class, () -> new RuleSet(strong, fine, strong));
        assertThrows(Trouble.class, () -> new RuleSet(fine, strong, fine));
        assertEquals(strong, new RuleSet(fine, fine, strong).head());
        PageStyle quiet = StyleShelf.of("quiet");
        assertThrows(Trouble.class, () -> quiet.withName(" "));
        assertThrows(Trouble.class, () -> quiet.withId("Quiet!"));
        assertThrows(Trouble.class, () -> quiet.head().withSize(1.1));
        assertThrows(Trouble.class, () -> quiet.boxes().withCorner(Length.mm(13)));
        Ornaments own = quiet.details().ornaments();
        assertThrows(Trouble.class, () -> own.withMotif("gargoyle"));
        assertThrows(Trouble.class, () -> own.withMonths(List.of("sun", "moon")));
        assertEquals(Typeface.Style.REGULAR, quiet.head().weight());
    }

    @Test
    void theMonthsHaveTheirDrawings() {
        Ornaments year = StyleShelf.of("meadow").details().ornaments();
        assertEquals("snowflake", year.ofMonth(1));
        assertEquals("holly", year.ofMonth(12));
        Ornaments plain = StyleShelf.of("quiet").details().ornaments();
        assertEquals(plain.motif(), plain.ofMonth(7));
    }

    @Test
    void lettersAreWrittenAsTheLanguageWritesThem() {
        assertEquals("STRASSE", LetterForm.CAPITALS.write("Straße", Locale.GERMAN));
        assertEquals("montag", LetterForm.SMALL.write("Montag", Locale.GERMAN));
        assertEquals(
                "I\u0307ZMIR".length(),
                LetterForm.CAPITALS.write("i\u0307zmir", Locale.ENGLISH).length());
        assertEquals(0, LetterForm.CAPITALS.tracking());
        assertTrue(LetterForm.SPACED.tracking() > 0.1);
    }
}
