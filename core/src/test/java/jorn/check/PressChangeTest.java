package jorn.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import jorn.book.Book;
import jorn.json.Json;
import jorn.measure.Unit;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A book keeps the profile with which it was reckoned, and is told what another one changes. */
class PressChangeTest {
    @TempDir
    Path folder;

    private static Book priced() {
        return Checked.GOOD.withPlans(Checked.GOOD.plans().withPrice("us", Optional.of(4.50)));
    }

    /** A shelf on which the online press is another one. */
    private PressShelf shelf(Consumer<ObjectNode> edit) throws Exception {
        ObjectNode tree = (ObjectNode) Json.tree(PressShelf.shipped().find("online"));
        edit.accept(tree);
        Files.write(folder.resolve("online.json"), Json.write(tree));
        return PressShelf.with(folder, t -> {
            throw t;
        });
    }

    private static void thicker(ObjectNode press) {
        press.put("version", "2027-03");
        ((ObjectNode) press.at("/papers/0/thickness")).put("perPage", "0.0024 in");
        ((ObjectNode) press.at("/margins/gutter/0")).put("gutter", "0.9 in");
        ((ObjectNode) press.at("/markets/0/costs/0")).put("perPage", 0.02);
    }

    @Test
    void theSameProfileIsNoChange() {
        assertTrue(PressChange.of(priced(), PressShelf.shipped()).isEmpty());
    }

    /** By hand: 0.0024 − 0.002252 in are 0.01776 in on 120 pages; 1.00 + 0.02 × 120 = 3.40, 60 % of 4.50 are 2.70. */
    @Test
    void tellsThePriceTheCoverAndTheGutter() throws Exception {
        Book book = priced();
        book = book.withMargins(book.margins().withGutter(Optional.of(jorn.measure.Length.inches(0.6))));
        PressChange change =
                PressChange.of(book, shelf(PressChangeTest::thicker)).orElseThrow();
        List<String> all = change.consequences(Unit.INCH);
        String text = String.join("\n", all);
        assertTrue(
                text.contains("In United States every copy costs you more than it brings. (-0.70 USD a copy)"), text);
        assertTrue(text.contains("gutter"), text);
        assertTrue(text.contains("Cover width 0.018 in more, 12.538 in: a finished cover is stale."), text);
        assertTrue(text.contains("Printing one: 3.40 USD instead of 2.44 USD."), text);
        assertFalse(text.contains("Cover height"), "what does not change is not told");
        assertTrue(
                all.indexOf(all.stream()
                                .filter(s -> s.contains("every copy"))
                                .findFirst()
                                .orElseThrow())
                        < 2,
                "what must be mended comes first");
        assertEquals(
                List.of("margins.gutter[1].gutter", "markets.us.costs[1].perPage", "papers.white.thickness.perPage"),
                change.clauses().stream().map(PressChange.Clause::path).sorted().toList());
        PressChange.Clause cost = change.clauses().stream()
                .filter(c -> c.path().startsWith("markets"))
                .findFirst()
                .orElseThrow();
        assertEquals("0.012", cost.was());
        assertEquals("0.02", cost.now());
    }

    @Test
    void itIsTakenOverOrKeptByChoice() throws Exception {
        PressShelf shelf = shelf(PressChangeTest::thicker);
        Book book = priced();
        PressChange change = PressChange.pending(book, shelf).orElseThrow();
        assertEquals("2026-11", change.was().version());
        assertEquals("2027-03", change.now().version());
        Book taken = change.taken();
        assertEquals(change.now(), taken.brief().press());
        assertTrue(PressChange.of(taken, shelf).isEmpty());
        Book kept = change.kept();
        assertEquals(book.brief().press(), kept.brief().press());
        assertTrue(PressChange.pending(kept, shelf).isEmpty(), "it is asked once");
        assertTrue(PressChange.of(kept, shelf).isPresent(), "but it can still be looked at");
        PressShelf later = shelf(p -> {
            thicker(p);
            p.put("resolution", 600);
        });
        assertTrue(PressChange.pending(kept, later).isPresent(), "a newer one is asked about again");
    }

    @Test
    void wordsAloneAreNoChangeAndWhatDoesNotTouchTheBookIsNotTold() throws Exception {
        assertTrue(PressChange.of(priced(), shelf(p -> p.put("about", "Another sentence.")))
                .isEmpty());
        PressChange other = PressChange.of(
                        priced(), shelf(p -> ((ObjectNode) p.at("/papers/1/thickness")).put("perPage", "0.0026 in")))
                .orElseThrow();
        assertEquals(1, other.clauses().size());
        assertEquals(List.of(), other.consequences(Unit.INCH), "the book is on white paper");
    }

    @Test
    void aPaperThatIsGoneIsReplacedAndSaid() throws Exception {
        Book cream = priced();
        cream = cream.withBrief(cream.brief().withPaper("cream"));
        PressChange change = PressChange.of(
                        cream, shelf(p -> ((com.fasterxml.jackson.databind.node.ArrayNode) p.get("papers")).remove(1)))
                .orElseThrow();
        assertTrue(change.consequences(Unit.INCH).contains("white paper instead of cream paper."));
    }

    @Test
    void theMarkOfAProfileHangsOnAllThatItSaysButNotOnWhenItWasCompared() {
        PressProfile online = PressShelf.shipped().find("online");
        assertEquals(
                online.mark(), online.withVerified(Optional.of("2026-11-26")).mark());
        assertFalse(online.mark().equals(online.withResolution(600).mark()));
    }
}
