package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** A person decides a book at the Brief bench, by mouse and keyboard only. */
class BriefUiTest extends WindowTest {
    @Test
    void plansTheBookPartByPart() {
        clickOn("#view-parts");
        clickOn("#add-half-title");
        clickOn("#add-about-the-author");
        assertEquals(5, desk.book().runs().size());
        retype("#part-count-1", "3");
        retype("#part-name-1", "Title pages");
        assertEquals("Title pages", desk.book().runs().get(1).name());
        assertEquals(120, desk.state().get().pagination().pageCount(), "the lined pages give way");
        retype("#part-count-3", "31");
        retype("#fill-up-to", "");
        int held = desk.state().get().pagination().planned();
        assertEquals(held + held % 2, desk.state().get().pagination().pageCount());
        retype("#part-count-3", "fill");
        retype("#fill-up-to", "200");
        assertEquals("200 pages", text("#decision-pages"));
        retype("#part-count-1", "many");
        assertTrue(text("#view-refusal").contains("is not a number of pages"), text("#view-refusal"));
        clickOn("#part-out-0");
        assertEquals(4, desk.book().runs().size());
    }

    @Test
    void findsAPriceAndComparesMarkets() {
        clickOn("#view-money");
        retype("#price-us", "5.99");
        assertEquals("1.15 USD", text("#kept-us"));
        assertEquals("1.15 USD", value("price.kept"));
        retype("#price-us", "3,99");
        assertEquals("-0.05 USD", text("#kept-us"));
        assertEquals("1 to mend", text("#bench-proof .waiting"), "a price below cost is an error");
        retype("#price-finder", "2.00");
        clickOn("#take-us");
        assertEquals("7.99", ((TextField) lookup("#price-us").query()).getText());
        retype("#own-currency", "usd");
        retype("#rate-GBP", "1.25");
        assertEquals(1.25, desk.book().plans().rates().get("GBP"));
        retype("#batch-copies", "50");
        retype("#batch-setup", "40");
        retype("#batch-each", "1.2");
        assertTrue(text("#batch-result").contains("cheaper from 33 copies"), text("#batch-result"));
        retype("#price-us", "cheap");
        assertTrue(text("#view-refusal").contains("is not a price"), text("#view-refusal"));
    }

    @Test
    void clausesThatAProfileLacksAreAddedAndRefusedByName() {
        clickOn("#view-press");
        clickOn("#press-copy");
        clickOn("#add-markets-0-tax");
        retype("#clause-markets-0-tax-book", "7");
        clickOn("#view-money");
        assertEquals("7", ((TextField) lookup("#tax-us").query()).getText());
        clickOn("#view-press");
        retype("#clause-markets-0-tax-book", "-5");
        assertTrue(text("#view-refusal").contains("“book” of -5"), text("#view-refusal"));
        clickOn("#add-markets-0-costs-0-pages");
        retype("#clause-markets-0-costs-0-pages-from", "1");
        clickOn("#clause-limits-lastPageBlank-true");
        assertTrue(desk.state().get().pagination().page(120).isBlank());
    }

    /** By hand: stationery at 20 % in the UK: 6.99 ÷ 1.2 × 0.6 − 2.05 = 1.445; as a book 6.99 × 0.6 − 2.05 = 2.144. */
    @Test
    void whatArrivesHangsOnTaxAndOnTheWayToBuyers() {
        clickOn("#view-money");
        retype("#price-uk", "6.99");
        assertEquals("1.45 GBP", text("#kept-uk"), "a journal is stationery");
        clickOn("#taxed-as-book");
        assertEquals("2.14 GBP", text("#kept-uk"));
        retype("#tax-uk", "5");
        assertEquals("1.94 GBP", text("#kept-uk"));
        retype("#tax-uk", "-5");
        assertTrue(text("#view-refusal").contains("-5"), text("#view-refusal"));
        retype("#tax-uk", "");
        retype("#price-us", "5.99");
        clickOn("#channel-wider");
        assertEquals("6.10 USD", text("#lowest-us-wider"));
        assertEquals("-0.04 USD", text("#kept-us-wider"));
        assertEquals("1 to mend", text("#bench-proof .waiting"), "it loses in one of its ways to buyers");
        retype("#price-finder", "1.00");
        clickOn("#take-us");
        assertEquals("8.99", ((TextField) lookup("#price-us").query()).getText(), "3.44 ÷ 0.4 = 8.60");
    }

    /** By hand: 10 × 2.44 + 5.00 = 29.40; 8.00 − 2.94 = 5.06; a journal of 204 g in 25 g of paper is posted for 1.95. */
    @Test
    void copiesOfOnesOwnAreReckonedToTheGram() {
        clickOn("#view-money");
        clickOn("#direct-begin");
        retype("#direct-delivery", "5");
        retype("#direct-price", "8");
        retype("#direct-postage", "225 g 1.10; 500 g 1.95");
        assertEquals("29.40 USD", text("#sum-direct-order"));
        assertEquals("5.06 USD", text("#sum-direct-kept"));
        assertEquals("3.11 USD", text("#sum-direct-kept-post"));
        assertTrue(text("#postage-note").startsWith("4 g over the step of 225 g"), text("#postage-note"));
        retype("#direct-postage", "heavy");
        assertTrue(text("#view-refusal").contains("“heavy”"), text("#view-refusal"));
        clickOn("#batch-reckoned");
        retype("#batch-copies", "20");
        retype("#shop-black-page", "0.01");
        retype("#shop-cuts", "40");
        // 120 pages: 118 at 0.01 and two in colour for nothing are 1.18; 35 ÷ (2.44 − 1.18) = 27.8.
        assertTrue(text("#batch-result").contains("cheaper from 28 copies"), text("#batch-result"));
        clickOn("#direct-away");
        assertTrue(desk.book().plans().direct().isEmpty());
    }

    @Test
    void reckonsTheWork() {
        clickOn("#view-parts");
        retype("#work-drawings", "31");
        retype("#work-each", "6");
        retype("#work-week", "10");
        retype("#work-start", "2026-01-01");
        assertEquals("You would finish on 12 May 2026.", text("#work-finish"));
    }

    @Test
    void weighsAnotherBriefAndTakesItOver() {
        clickOn("#view-what-if");
        clickOn("#what-if-add");
        clickOn("#what-if-change-0");
        clickOn("Cream paper");
        assertEquals("white", desk.book().brief().paper());
        assertTrue(lookup("0.300 in").tryQuery().isPresent());
        clickOn("#what-if-take-0");
        assertEquals("cream", desk.book().brief().paper());
        assertEquals("white", desk.whatIfs().get(0).paper());
        assertEquals("0.300 in", value("spine.width"));
    }

    @Test
    void copiesEditsExportsAndImportsAPressProfile() throws Exception {
        clickOn("#view-press");
        clickOn("#press-copy");
        assertEquals("online-own", desk.book().brief().press().id());
        retype("#clause-papers-0-thickness-perPage", "0.003 in");
        assertEquals("0.360 in", value("spine.width"));
        retype("#clause-papers-0-thickness-perPage", "thin");
        assertTrue(text("#view-refusal").contains("papers[1].thickness.perPage"), text("#view-refusal"));
        assertEquals("0.360 in", value("spine.width"));
        clickOn("#press-export");
        assertTrue(Files.readString(folder.resolve("profile.json")).contains("\"0.003 in\""));
        clickOn("#decision-press");
        clickOn("Kitchen Table Printer");
        clickOn("#press-import");
        assertEquals("online-own", desk.book().brief().press().id());
        Files.writeString(folder.resolve("profile.json"), "{\"format\": 1}");
        clickOn("#press-import");
        assertTrue(text("#view-refusal").contains("lacks the field"), text("#view-refusal"));
    }

    @Test
    void followsAFigureToTheDecisionsThatItRestsOnAndCopiesItsWorking() {
        clickOn("#measures");
        clickOn("#figure-cover-width");
        clickOn("#copy-cover-width");
        String[] copied = new String[1];
        interact(() ->
                copied[0] = javafx.scene.input.Clipboard.getSystemClipboard().getString());
        assertTrue(copied[0].contains("2 × (6 in + 0.125 in) + 0.270 in = 12.52 in"), copied[0]);
        clickOn("#rests-on-paper");
        assertTrue(lookup("Cream paper").tryQuery().isPresent());
    }

    @Test
    void beginsAsAnythingByItsLooksAndReadsEitherWay() {
        clickOn("#decision-kind");
        clickOn("#starter-picture-book");
        assertEquals("picture book", text("#decision-kind"));
        assertEquals("case bound", text("#decision-binding"));
        clickOn("#step-reading");
        clickOn("From right to left");
        assertEquals(jorn.art.Reading.RIGHT_TO_LEFT, desk.book().brief().reading());
        clickOn("#step-margins");
        clickOn("Always wide");
        assertEquals("0.75 in", value("margin.set.gutter"));
    }

    @Test
    void anOwnPressHasANameAndIsDeletedAgain() {
        clickOn("#view-press");
        clickOn("#press-copy");
        retype("#clause-name", "Kitchen & Sons");
        assertEquals("Kitchen & Sons", text("#decision-press"));
        retype("#clause-name", " ");
        assertEquals("Kitchen & Sons", desk.book().brief().press().name());
        assertTrue(text("#view-refusal").contains("needs a name"), text("#view-refusal"));
        double field = lookup("#clause-name").query().localToScene(0, 0).getY();
        double refusal = lookup("#view-refusal").query().localToScene(0, 0).getY();
        assertTrue(refusal > field && refusal < field + 60, "right below its field: " + field + ", " + refusal);
        assertTrue(lookup("#clause-format").tryQuery().isEmpty()
                && lookup("#clause-id").tryQuery().isEmpty());
        clickOn("#clause-insideCover-true");
        assertTrue(desk.book().brief().press().insideCover());
        clickOn("#press-delete");
        clickOn("#answer-keep-press");
        assertEquals("online-own", desk.book().brief().press().id());
        clickOn("#press-delete");
        clickOn("#answer-delete-press");
        assertEquals("online", desk.book().brief().press().id());
        assertTrue(desk.shelf().profiles().stream().noneMatch(p -> p.id().equals("online-own")));
    }

    @Test
    void thePageCountIsTakenFromThePictureOfWhatItDoes() {
        interact(() -> lookup("#page-count-plot").query().requestFocus());
        for (int i = 0; i < 3; i++) {
            push(KeyCode.SHIFT, KeyCode.RIGHT);
        }
        assertEquals(120, desk.book().brief().pages(), "only tried");
        push(KeyCode.ENTER);
        assertEquals(180, desk.state().get().pagination().pageCount(), "three steps of ten twos");
        assertEquals("0.5 in", value("margin.set.gutter"));
        clickOn("#page-count-plot");
        assertTrue(desk.state().get().pagination().pageCount() != 180, "a click takes the count that it points at");
    }

    @Test
    void aPriceIsMovedByHandAndWithTheArrows() {
        clickOn("#view-money");
        retype("#price-us", "5.99");
        interact(() -> lookup("#price-plot-us").query().requestFocus());
        push(KeyCode.RIGHT);
        assertEquals(6.09, desk.book().plans().prices().get("us"), 1e-9);
        assertEquals("price-plot-us", focused(), "the next press goes on");
        push(KeyCode.SHIFT, KeyCode.RIGHT);
        assertEquals(7.09, desk.book().plans().prices().get("us"), 1e-9);
        clickOn("#price-plot-us");
        double moved = desk.book().plans().prices().get("us");
        assertEquals(0.99, moved - Math.floor(moved), 1e-9, "by hand it goes by .99");
    }
}
