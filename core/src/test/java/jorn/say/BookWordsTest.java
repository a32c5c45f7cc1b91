package jorn.say;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import jorn.block.form.FillIn;
import jorn.layout.PartSettings;
import jorn.layout.Setting;
import jorn.measure.Unit;
import org.junit.jupiter.api.Test;

/** Words on pages come in the book's language, until somebody types others. */
class BookWordsTest {
    @Test
    void aKeyIsPrintedInTheBooksLanguageAndTypedWordsStand() {
        assertEquals("Notes", BookWords.resolved("en", "@notes"));
        assertEquals("Notizen", BookWords.resolved("de-AT", "@notes"));
        assertEquals("Notizen zur Ernte", BookWords.resolved("en", "Notizen zur Ernte"));
        assertEquals("@no-such-word", BookWords.resolved("de", "@no-such-word"), "somebody may type that");
        assertEquals(Optional.of("notes"), BookWords.key("@notes"));
        assertEquals(Optional.empty(), BookWords.key("notes"));
        assertThrows(IllegalStateException.class, () -> BookWords.in("en", "no-such-word"));
    }

    @Test
    void wordsAreShownInTheBooksLanguageAndKeptAsKeysUntilTheyAreRetyped() {
        FillIn part = new FillIn(List.of("@date", "@place", "Hive"), 2);
        Setting labels = PartSettings.words(part).orElseThrow().in("de");
        assertEquals("Datum, Ort, Hive", labels.written(Unit.MILLIMETRE));
        assertEquals(
                List.of("@date", "Garten", "Hive"),
                labels.read("Datum, Garten, Hive", Unit.MILLIMETRE),
                "what nobody changed goes on following the language");
    }

    @Test
    void aHandKnowsWhatToWriteOnlyWhereTheLanguageHasIt() {
        assertTrue(BookWords.samples("en", "date").orElseThrow().size() > 3);
        assertEquals(Optional.empty(), BookWords.samples("fi", "date"), "no English on a Finnish page");
    }
}
