package jorn.check;

import static jorn.check.Checked.GOOD;
import static jorn.check.Checked.check;
import static jorn.check.Checked.findings;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.check.Finding.Severity;
import jorn.measure.Length;
import jorn.measure.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Single rules at their limits, and a check that is done in pieces. */
class RulesTest {
    private static final String GEORGIAN = "ფ";

    /** Words that the typeface lacks, wherever they stand; none of the book typefaces that ship has Georgian letters. */
    @ParameterizedTest
    @ValueSource(strings = {"title", "subtitle", "author", "blurb"})
    void lettersThatAreLackingAreFoundInEachOfTheCoversWords(String where) {
        Book book =
                switch (where) {
                    case "title" -> GOOD.withTitle("Hive " + GEORGIAN);
                    case "subtitle" -> GOOD.withSubtitle("Notes " + GEORGIAN);
                    case "author" -> GOOD.withAuthor("Skep " + GEORGIAN);
                    default -> GOOD.withCover(GOOD.cover().withBlurb("Room\n\nfor " + GEORGIAN));
                };
        List<Finding> found = findings(book, "text.letters").stream()
                .filter(f -> f.place().onCover())
                .toList();
        assertEquals(1, found.size(), check(book).toString());
        assertEquals(GEORGIAN, found.get(0).measured());
        String name = where.equals("blurb") ? "the text on the back" : "the " + where;
        assertTrue(found.get(0).message().contains(name), found.get(0).message());
        assertEquals(List.of(), findings(GOOD, "text.letters"));
    }

    @Test
    void aCheckInPiecesFindsTheSameAndTheWorstComesFirst() {
        Book book = Starter.DATED_PLANNER.begin();
        Proof proof = Proof.of(book.withMargins(book.margins().withGutter(Optional.of(Length.mm(1)))), Unit.INCH);
        CheckRun run = Checker.begin(proof);
        int pieces = 1;
        while (!run.goOn(0)) {
            pieces++;
            assertTrue(pieces < 10_000, "it comes to an end");
        }
        assertTrue(pieces > 3, "one page at a time");
        assertTrue(run.goOn(0), "it stays done");
        assertEquals(Checker.check(proof), run.findings());
        assertTrue(Checker.begin(proof).goOn(Long.MAX_VALUE), "all at once where there is time");
        List<Severity> order = run.findings().stream().map(Finding::severity).toList();
        List<Severity> sorted = new ArrayList<>(order);
        sorted.sort(null);
        assertEquals(sorted, order);
        assertTrue(order.size() > 1);
    }

    @Test
    void theLeastAndTheMostPagesOfThePressAreTaken() {
        for (int pages : new int[] {24, 828}) {
            assertEquals(
                    List.of(),
                    findings(GOOD.withBrief(GOOD.brief().withPages(pages)), "page.count").stream()
                            .filter(f -> f.severity() == Severity.ERROR)
                            .toList());
        }
        for (int pages : new int[] {22, 830}) {
            assertFalse(findings(GOOD.withBrief(GOOD.brief().withPages(pages)), "page.count")
                    .isEmpty());
        }
    }

    /** The press's least outside margin without bleed is 0.25 in: that much is enough, a hundredth less is not. */
    @Test
    void aMarginAsWideAsThePressAsksIsEnough() {
        Book inside = GOOD.withBrief(GOOD.brief().withBleed(false));
        Book enough = inside.withMargins(inside.margins().withOutside(Optional.of(Length.inches(0.25))));
        Book less = inside.withMargins(inside.margins().withOutside(Optional.of(Length.inches(0.24))));
        assertEquals(0, margins(enough));
        assertTrue(margins(less) > 0);
        Book gutter = inside.withMargins(inside.margins().withGutter(Optional.of(Length.inches(0.375))));
        assertEquals(0, margins(gutter));
        assertTrue(margins(inside.withMargins(inside.margins().withGutter(Optional.of(Length.inches(0.37))))) > 0);
    }

    private static long margins(Book book) {
        return check(book).stream().filter(f -> f.id().startsWith("margin")).count();
    }
}
