package jorn.say;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import jorn.book.EarlierBooks;
import jorn.book.Starter;
import jorn.measure.Length;
import jorn.measure.Numeral;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** What people read is found by key, in the language that is spoken. */
class WordingTest {
    private final Language before = Wording.language();

    @AfterEach
    void speakAsBefore() {
        Wording.speak(before);
    }

    @Test
    void theSameKeySpeaksEachLanguage() {
        assertEquals("week", Wording.in(Language.ENGLISH, "calendar.span.week"));
        assertEquals("Woche", Wording.in(Language.GERMAN, "calendar.span.week"));
        Wording.speak(Language.GERMAN);
        assertEquals("Woche", Wording.of("calendar.span.week"));
    }

    @Test
    void whatALanguageLacksIsSaidInEnglish() {
        assertEquals("Across", Wording.in(Language.GERMAN, "own.sundial.across"));
    }

    @Test
    void aKeyThatNoTableHasIsAFault() {
        assertThrows(IllegalStateException.class, () -> Wording.of("calendar.span.fortnight"));
        assertThrows(IllegalStateException.class, () -> Wording.of("nowhere.at.all"));
        assertThrows(IllegalStateException.class, () -> Wording.of("week"));
        assertEquals(Optional.empty(), Wording.find("week"));
        assertEquals(Optional.of("week"), Wording.find("calendar.span.week"));
    }

    @Test
    void aNumberDecidesAboutTheWords() {
        assertEquals(
                "Add 1 page, or choose another press or binding.",
                Wording.in(Language.ENGLISH, "check.page-count.add-pages-or-choose", 1));
        assertEquals(
                "Add 4 pages, or choose another press or binding.",
                Wording.in(Language.ENGLISH, "check.page-count.add-pages-or-choose", 4));
        assertTrue(Wording.in(Language.GERMAN, "check.page-count.add-pages-or-choose", 1)
                .startsWith("Fügen Sie 1 Seite hinzu"));
        assertTrue(Wording.in(Language.GERMAN, "check.page-count.add-pages-or-choose", 4)
                .startsWith("Fügen Sie 4 Seiten hinzu"));
    }

    @Test
    void aNumberThatIsOnlyPutInStaysAsItIs() {
        assertEquals("1234.5678 % grey", Wording.in(Language.ENGLISH, "check.line.grey", 1234.5678));
    }

    @Test
    void wordsWithoutArgumentsAreSaidAsTheyStand() {
        assertEquals(
                "Words; may hold fields such as {month}.",
                Wording.in(Language.ENGLISH, "desk.settings-form.words-may-hold-fields"));
    }

    @Test
    void troubleCarriesKeyAndArgumentsAndSpeaksWhenItIsRead() {
        Trouble t = Trouble.of("text.type-shelf.there-no-typeface", "ghost", "alegreya, caveat");
        assertEquals(Message.of("text.type-shelf.there-no-typeface", "ghost", "alegreya, caveat"), t.message());
        assertEquals("There is no typeface “ghost”. Choose one of alegreya, caveat.", t.getMessage());
        Wording.speak(Language.GERMAN);
        assertEquals("Eine Schrift „ghost“ gibt es nicht. Wählen Sie eine von alegreya, caveat.", t.getMessage());
    }

    @Test
    void plainWordsAreTheSameInEveryLanguage() {
        assertEquals("6 in", Message.plain("6 in").text());
        assertEquals("", Message.NOTHING.text());
        assertEquals(" high", Message.of("check.fit.high", (Object) null).text(), "nothing is put in for nothing");
    }

    @Test
    void numbersAreWrittenAsTheLanguageWritesThemButFilesAreNot() {
        Wording.speak(Language.GERMAN);
        assertEquals("152,4 mm", Length.mm(152.4).format(Unit.MILLIMETRE));
        assertEquals("0,270", Numeral.fixed(0.27, 3));
        assertEquals("3.756", Numeral.grouped(3756));
        assertEquals(3756, Numeral.count("3.756", "x", 1, 5000));
        assertEquals("0.125 in", Length.inches(0.125).written());
        assertEquals("5.5x8.5in", new Size(Length.inches(5.5), Length.inches(8.5)).id());
        assertEquals(Length.mm(12.7), Length.parse("12,7 mm", Unit.MILLIMETRE));
    }

    @Test
    void aPointBetweenThousandsIsGermanAlone() {
        Wording.speak(Language.ENGLISH);
        assertEquals(3756, Numeral.count("3,756", "x", 1, 5000));
        assertThrows(Trouble.class, () -> Numeral.count("3.756", "x", 1, 5000));
    }

    @Test
    void theDaysOfANewBookAreNamedInTheLanguageThatIsSpoken() {
        Wording.speak(Language.ENGLISH);
        assertEquals("en", Starter.DATED_PLANNER.begin().calendar().language());
        Wording.speak(Language.GERMAN);
        assertEquals("de", Starter.DATED_PLANNER.begin().calendar().language());
        assertEquals("de", EarlierBooks.linedJournal().calendar().language());
    }

    @Test
    void aLanguageIsKnownByItsCode() {
        assertEquals(Optional.of(Language.GERMAN), Language.of("de_AT.UTF-8"));
        assertEquals(Optional.of(Language.ENGLISH), Language.of("en-GB"));
        assertEquals(Optional.empty(), Language.of("xx"));
        assertEquals(Optional.empty(), Language.of(""));
    }

    @Test
    void englishNamesAreSmallInsideASentenceAndGermanNounsAreNot() {
        assertEquals("trim width", Wording.within("Trim width"));
        Wording.speak(Language.GERMAN);
        assertEquals("Endformat", Wording.within("Endformat"));
    }

    @Test
    void theTradesOwnNamesAreSaidInTheLanguageAndUsersNamesAsTheyStand() {
        Wording.speak(Language.GERMAN);
        assertEquals("cremefarbenes Papier", TradeName.of("cream paper"));
        assertEquals("Auntie's best", TradeName.of("Auntie's best"));
    }
}
