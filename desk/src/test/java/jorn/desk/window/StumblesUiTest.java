package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import jorn.book.Starter;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.say.Message;
import org.junit.jupiter.api.Test;

/** What people stumbled over: lost focus, silent changes, lines in the way, notices that stay. */
class StumblesUiTest extends WindowTest {
    private static Trouble trouble() {
        return Trouble.of(Message.plain("Something is wrong."), Message.plain("Mend it."));
    }

    @Test
    void aScrolledSlipsLineStaysOnTheBenchAndLetsTheMouseThrough() {
        interact(() -> desk.change("starter", Starter.WEEKLY_PLANNER::restart));
        clickOn("#bench-makeup");
        interact(() -> desk.page().set(12));
        clickOn("#subject-run");
        interact(() -> lookup("#matter-back").query().requestFocus());
        settle();
        interact(() -> desk.page().set(14));
        interact(() -> desk.tell(trouble()));
        settle();
        clickOn("#put-away");
        assertNull(desk.notice().get());
        clickOn("#books");
        await(".floating");
        push(KeyCode.ESCAPE);
        int before = desk.page().get();
        clickOn("#flat-plan");
        assertTrue(desk.page().get() != before, "the plan hears the mouse");
    }

    @Test
    void theRunSlipStaysWhereItIsWhenSomethingIsAdded() {
        clickOn("#bench-makeup");
        interact(() -> desk.page().set(12));
        clickOn("#subject-run");
        clickOn("#ornament-add");
        ScrollPane scroll = (ScrollPane) scrollAround(lookup("#ornament-add").query());
        Bounds at = lookup("#ornament-add")
                .query()
                .localToScene(lookup("#ornament-add").query().getBoundsInLocal());
        assertTrue(scroll.getVvalue() > 0.2, "at " + scroll.getVvalue());
        assertEquals("ornament-add", focused());
        assertTrue(at.getMaxY() > 0);
    }

    private static Node scrollAround(Node node) {
        for (Node n = node; n != null; n = n.getParent()) {
            if (n instanceof ScrollPane) {
                return n;
            }
        }
        throw new AssertionError("scrolls nowhere");
    }

    @Test
    void aNoticeOfOneBookIsNotSaidOfTheNext() {
        interact(() -> desk.tell(trouble()));
        assertTrue(text("#notice").contains("Something is wrong."));
        interact(() -> desk.lay(Starter.NOTEBOOK.begin(), Optional.empty()));
        settle();
        assertNull(desk.notice().get());
    }

    @Test
    void goodNewsAndBadStandInDifferentPlaces() {
        interact(() -> desk.tell(trouble()));
        settle();
        double bad = lookup("#notice").query().localToScene(0, 0).getY();
        assertFalse(lookup("#news").query().getParent().isVisible());
        double bench = lookup("#view-book").query().localToScene(0, 0).getY();
        interact(() -> desk.say("desk.header.next-start", "Deutsch"));
        settle();
        double good = lookup("#news").query().localToScene(0, 0).getY();
        assertFalse(lookup("#notice").query().getParent().isVisible());
        assertTrue(bad < bench && good > bench, bad + " above the bench at " + bench + ", " + good + " at the foot");
        assertTrue(lookup("#view-book").query().localToScene(0, 0).getY() < bench, "good news moves nothing");
    }

    @Test
    void focusStaysWhereThePersonWas() {
        clickOn("#bench-cover");
        clickOn("#cover-subject-spine");
        assertEquals("cover-subject-spine", focused(), "after another subject");
        clickOn("#decision-paper");
        await(".floating");
        push(KeyCode.ESCAPE);
        assertEquals("decision-paper", focused(), "after a slip was put away");
        clickOn("#decision-paper");
        clickOn("#choice-cream-paper");
        assertEquals("decision-paper", focused(), "after a choice");
        interact(() -> lookup("#undo").query().requestFocus());
        push(KeyCode.ENTER);
        push(KeyCode.ENTER);
        assertFalse(desk.canUndo());
        assertEquals("undo", focused(), "after the last step back");
        push(KeyCode.ENTER);
        assertEquals("undo", focused());
        assertTrue(desk.canRedo(), "a stray Enter does nothing");
        interact(() -> lookup("#redo").query().requestFocus());
        push(KeyCode.ENTER);
        push(KeyCode.ENTER);
        push(KeyCode.ENTER);
        assertEquals("redo", focused(), "after the last step on");
        assertTrue(desk.file().isEmpty(), "and nothing was saved");
    }

    @Test
    void theBooksOpenOnTheFirstThingToDo() {
        clickOn("#books");
        await(".floating");
        settle();
        assertTrue(focused().startsWith("act-row-open"), focused());
    }

    @Test
    void walkingIntoAFieldSelectsWhatIsThere() {
        clickOn("#view-money");
        retype("#price-us", "5.99");
        interact(() -> lookup("#price-us").query().requestFocus());
        for (int i = 0; i < 8 && !"price-uk".equals(focused()); i++) {
            push(KeyCode.TAB);
        }
        assertEquals("price-uk", focused());
        write("6,49").push(KeyCode.ENTER);
        assertEquals(6.49, desk.book().plans().prices().get("uk"));
        for (int i = 0; i < 8 && !"price-eu".equals(focused()); i++) {
            push(KeyCode.TAB);
        }
        write("7");
        push(KeyCode.SHIFT, KeyCode.TAB);
        assertEquals(7.0, desk.book().plans().prices().get("eu"));
        assertEquals("7.00", lookup("#price-eu").queryAs(TextField.class).getText());
    }

    @Test
    void whatIsRefusedIsSaidAtItsFieldAndMovesNoField() {
        clickOn("#decision-pages");
        await("#field-pages");
        double wide = lookup(".slip.floating").query().getBoundsInLocal().getWidth();
        double left = lookup("#field-pages").query().localToScene(0, 0).getX();
        retype("#field-pages", "99999999");
        assertTrue(text(".floating #refusal").length() > 40);
        assertEquals(wide, lookup(".slip.floating").query().getBoundsInLocal().getWidth(), 1);
        assertEquals(left, lookup("#field-pages").query().localToScene(0, 0).getX(), 1);
    }

    @Test
    void anotherPressSaysWhatHadToChangeAndTheOneBeforeBringsItBack() {
        interact(() -> desk.changeBrief("paper", b -> b.withPaper("cream")));
        interact(() -> desk.changeBrief("pages", b -> b.withPages(122)));
        clickOn("#decision-press");
        clickOn("#choice-kitchen-table-printer");
        assertEquals("white", desk.book().brief().paper());
        String said = desk.notice().get().text();
        assertTrue(said.contains("white office paper instead of cream paper"), said);
        clickOn("#decision-press");
        clickOn("#choice-longshore-online");
        assertEquals("cream", desk.book().brief().paper());
        assertEquals(122, desk.state().get().pagination().pageCount());
        retypePages("121");
        assertEquals(122, desk.state().get().pagination().pageCount());
        assertTrue(text("#news").contains("122 pages instead of 121"), text("#news"));
        clickOn("#undo-that");
        assertEquals(122, desk.book().brief().pages());
    }

    private void retypePages(String text) {
        clickOn("#decision-pages");
        await("#field-pages");
        retype("#field-pages", text);
    }

    @Test
    void aNewBookLeavesTheUnsavedOneWaitingUnderBooks() {
        interact(() -> desk.change("title", b -> b.withTitle("Left behind")));
        push(KeyCode.CONTROL, KeyCode.N);
        files.finish();
        settle();
        assertFalse(java.nio.file.Files.exists(folder.resolve("hive.jorn")), "no dialog was answered");
        assertEquals("", desk.book().title());
        assertTrue(text("#news").contains("Left behind"), text("#news"));
        clickOn("#books");
        clickOn("#act-row-left-behind");
        assertEquals("Left behind", desk.book().title());
    }

    @Test
    void linesFollowTheUnitBesideTheirTradeName() {
        clickOn("#bench-makeup");
        interact(() -> desk.page().set(9));
        settle();
        assertEquals(
                "0.280 in", lookup("#line-spacing").queryAs(TextField.class).getText());
        clickOn("#unit-mm");
        assertEquals("7.1 mm", lookup("#line-spacing").queryAs(TextField.class).getText());
        interact(() -> desk.unit().set(Unit.INCH));
        settle();
        assertEquals(
                "0.280 in", lookup("#line-spacing").queryAs(TextField.class).getText());
        clickOn("#choice-wide");
        assertEquals(
                8.7,
                desk.book()
                        .runs()
                        .get(2)
                        .recipe()
                        .ruling()
                        .orElseThrow()
                        .spacing()
                        .in(Unit.MILLIMETRE),
                1e-6);
    }

    @Test
    void languageAndCountryArePickedByName() {
        interact(() -> desk.change("starter", Starter.WEEKLY_PLANNER::restart));
        clickOn("#bench-makeup");
        open("#makeup-dates", "#date-language");
        clickOn("#date-language");
        clickOn("#date-language-search");
        write("klingon");
        settle();
        assertTrue(lookup("Nothing is called “klingon”.").tryQuery().isPresent());
        push(KeyCode.CONTROL, KeyCode.A);
        write("german").push(KeyCode.ENTER);
        assertEquals("de", desk.book().calendar().language());
        open("#makeup-dates", "#date-holidays");
        clickOn("#date-holidays");
        clickOn("#date-holidays-search");
        write("austr").push(KeyCode.ENTER);
        assertTrue(
                desk.book().calendar().holidays().startsWith("A"),
                desk.book().calendar().holidays());
        open("#makeup-dates", "#date-holidays");
        clickOn("#date-holidays");
        write("united kingdom").push(KeyCode.ENTER);
        assertEquals("GB", desk.book().calendar().holidays());
        open("#makeup-dates", "#date-part");
        clickOn("#date-part");
        write("scot").push(KeyCode.ENTER);
        assertEquals("GB-SCT", desk.book().calendar().holidays());
        open("#makeup-dates", "#date-second");
        clickOn("#date-second");
        write("french").push(KeyCode.ENTER);
        assertEquals("Notizen · Notes", desk.book().calendar().words("@notes"));
        open("#makeup-dates", "#date-language");
        clickOn("#date-language");
        write("hebrew").push(KeyCode.ENTER);
        assertEquals(jorn.art.Reading.RIGHT_TO_LEFT, desk.book().brief().reading(), "and is bound the other way");
        open("#makeup-dates", "#date-language");
        clickOn("#date-language");
        write("german").push(KeyCode.ENTER);
        assertEquals(jorn.art.Reading.LEFT_TO_RIGHT, desk.book().brief().reading());
        open("#makeup-dates", "#date-from");
        retype("#date-from", "1.3.2027");
        assertEquals(
                java.time.LocalDate.of(2027, 3, 1),
                desk.book().calendar().from().orElseThrow());
    }
}
