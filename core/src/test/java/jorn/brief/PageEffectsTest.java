package jorn.brief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.measure.Length;
import jorn.press.Binding;
import jorn.press.PressShelf;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** What another page count would do, against the handbook's table of gutters and its worked example. */
class PageEffectsTest {
    private static final Book JOURNAL = EarlierBooks.linedJournal();
    private static final PageEffects EFFECTS = PageEffects.of(JOURNAL);

    /** Common gutters by page count, from memory: 24–150, 151–300, 301–500, 501–700, 701–828. */
    @Test
    void theGutterGrowsWhereThePressSaysSo() {
        assertEquals(
                List.of(
                        new PageEffects.Step(24, Length.inches(0.375)),
                        new PageEffects.Step(152, Length.inches(0.5)),
                        new PageEffects.Step(302, Length.inches(0.625)),
                        new PageEffects.Step(502, Length.inches(0.75)),
                        new PageEffects.Step(702, Length.inches(0.875))),
                EFFECTS.gutterSteps());
    }

    @Test
    void theNextStepIsNamedFromWhereTheBookIs() {
        assertEquals(152, EFFECTS.nextGutterStep(120).orElseThrow().pages());
        assertEquals(152, EFFECTS.nextGutterStep(150).orElseThrow().pages());
        assertEquals(302, EFFECTS.nextGutterStep(152).orElseThrow().pages());
        assertTrue(EFFECTS.nextGutterStep(702).isEmpty());
        assertTrue(EFFECTS.nextGutterStep(828).isEmpty());
    }

    /** Worked example, common practice: 120 pages on white are 0.270 in thick, with two covers of 0.0095 in more, and cost 2.44. */
    @Test
    void thicknessAndCostAreThoseOfTheWorkedExample() {
        assertEquals(0.270 + 2 * 0.0095, EFFECTS.thickness(120).in(jorn.measure.Unit.INCH), 0.0005);
        assertEquals(2.44, EFFECTS.cost(120).orElseThrow(), 1e-9);
        assertEquals("USD", EFFECTS.currency());
    }

    @Test
    void theBindingSetsTheEndsAndTheSteps() {
        assertEquals(24, EFFECTS.least());
        assertEquals(828, EFFECTS.most());
        assertEquals(2, EFFECTS.multiple());
        assertEquals(Optional.of(80), EFFECTS.spineTextFrom(), "79 by rule, and bound in twos");
        assertEquals(24, EFFECTS.nearest(-5));
        assertEquals(828, EFFECTS.nearest(5000));
        assertEquals(122, EFFECTS.nearest(121.2));
    }

    @Test
    void aPressWithoutCostsHasNone() {
        var press = PressShelf.shipped().profiles().stream()
                .filter(p -> p.id().equals("copyshop"))
                .findFirst()
                .orElseThrow();
        Book book = JOURNAL.withBrief(JOURNAL.brief().at(press));
        PageEffects effects = PageEffects.of(book);
        if (press.markets().isEmpty()) {
            assertFalse(effects.cost(40).isPresent());
            assertEquals("", effects.currency());
        }
        assertTrue(effects.spineTextFrom().isEmpty() || book.brief().binding() == Binding.GLUED);
    }

    /** Whatever the count, the steps say the gutter that the page has. */
    @Property(tries = 60)
    void theStepsAreTheGuttersOfAllCounts(@ForAll @IntRange(min = 12, max = 414) int half) {
        int pages = half * 2;
        Length said = EFFECTS.gutterSteps().stream()
                .filter(s -> s.pages() <= pages)
                .reduce((a, b) -> b)
                .orElseThrow()
                .length();
        assertEquals(EFFECTS.gutter(pages), said);
    }
}
