package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.List;
import java.util.stream.IntStream;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import jorn.book.Numbering;
import jorn.book.Placement;
import jorn.book.Run;
import jorn.book.Starter;
import jorn.calendar.Span;
import jorn.measure.Numeral;
import org.junit.jupiter.api.Test;

/** A person orders the runs of a book in the flat plan, and says of each how often it comes. */
class FlatPlanUiTest extends WindowTest {
    private List<String> runs() {
        return desk.book().runs().stream().map(Run::name).toList();
    }

    private Point2D inPlan(double x, double fromTop) {
        Node plan = lookup("#flat-plan").query();
        Bounds b = plan.localToScreen(plan.getBoundsInLocal());
        return new Point2D(b.getMinX() + x, b.getMinY() + fromTop);
    }

    private void makeUp(int page) {
        clickOn("#bench-makeup");
        interact(() -> desk.page().set(page));
        settle();
    }

    private int count() {
        return desk.state().get().pagination().pageCount();
    }

    @Test
    void aRunIsDraggedBeforeAnother() {
        makeUp(1);
        List<String> before = runs();
        Node plan = lookup("#flat-plan").query();
        double thumbs = plan.getBoundsInLocal().getHeight() * 0.35;
        // The second spread's right-hand page is of the second run; the very beginning is before the first.
        double step = spreadStep();
        moveTo(inPlan(9 + step * 1.75, thumbs));
        settle();
        press(MouseButton.PRIMARY);
        moveBy(-10, 0);
        moveTo(inPlan(step * 0.3, thumbs));
        settle();
        release(MouseButton.PRIMARY);
        settle();
        assertEquals(List.of(before.get(1), before.get(0), before.get(2)), runs());
        interact(() -> plan.requestFocus());
        settle();
        push(KeyCode.CONTROL, KeyCode.RIGHT);
        settle();
        assertEquals(before, runs(), "keys move it back");
        push(KeyCode.CONTROL, KeyCode.Z);
        push(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(before, runs());
    }

    /** How far spreads of a 6 × 9 in book lie apart in the plan. */
    private double spreadStep() {
        Node plan = lookup("#flat-plan").query();
        double em = jorn.desk.view.Theme.em(100);
        double thumb = plan.getBoundsInLocal().getHeight() - 5 - em * 2.1;
        return 2 * thumb * 6 / 9 + 9;
    }

    @Test
    void aDesignIsDraggedBetweenTwoSpreads() {
        makeUp(1);
        open("#makeup-designs", "#design-search");
        write("contents");
        settle();
        Point2D to = inPlan(9 + spreadStep(), 40);
        moveTo("#design-contents");
        settle();
        press(MouseButton.PRIMARY);
        moveBy(4, 4);
        moveTo(to);
        settle();
        release(MouseButton.PRIMARY);
        settle();
        assertEquals(4, runs().size());
        assertTrue(
                IntStream.range(0, 3)
                        .anyMatch(i -> desk.book().runs().get(i).recipe().id().equals("contents")),
                runs().toString());
        assertEquals(120, count(), "the lined pages give way");
    }

    @Test
    void severalPagesAreChosenGivenAnotherDesignAndTakenOut() {
        makeUp(21);
        interact(() -> lookup("#flat-plan").query().requestFocus());
        push(KeyCode.SHIFT, KeyCode.RIGHT);
        push(KeyCode.SHIFT, KeyCode.RIGHT);
        push(KeyCode.SHIFT, KeyCode.RIGHT);
        clickOn("#makeup-keys");
        push(KeyCode.ESCAPE);
        interact(() -> lookup("#flat-plan").query().requestFocus());
        push(KeyCode.D);
        // A key that the slow machine holds too long may have left its letter in the field.
        clickOn("#design-search").push(KeyCode.CONTROL, KeyCode.A);
        write("dotted 5");
        settle();
        clickOn("#design-dotted");
        List<String> designs = IntStream.rangeClosed(20, 25)
                .mapToObj(n -> desk.book()
                        .recipeOf(desk.state().get().pagination().page(n))
                        .id())
                .toList();
        assertEquals(List.of("lined", "dotted", "dotted", "dotted", "dotted", "lined"), designs);
        clickOn("#take-out");
        assertEquals(5, runs().size());
        assertEquals(4, desk.book().runs().get(3).count().orElseThrow());
        assertEquals(120, count());
    }

    @Test
    void whatARunIsIsSaidBesideThePage() throws Exception {
        makeUp(9);
        clickOn("#subject-run");
        retype("#run-name", "Notes");
        assertEquals("Notes", runs().get(2));
        clickOn("#often-count");
        retype("#run-count", "40");
        assertEquals(40, desk.book().runs().get(2).count().orElseThrow());
        retype("#run-count", "many");
        assertTrue(text("#refusal").contains("many"), text("#refusal"));
        clickOn("#begin-verso");
        assertEquals(Placement.Start.VERSO, desk.book().runs().get(2).start());
        clickOn("#numbers-roman");
        retype("#numbers-from", "3");
        assertEquals(
                Numbering.FolioStyle.ROMAN,
                desk.book().runs().get(2).numbering().style());
        int index = desk.state().get().pagination().page(desk.page().get()).index();
        assertEquals(
                Numeral.roman(3 + index),
                desk.state().get().edition().pages().folios().of(desk.page().get()));
        clickOn("#in-contents");
        assertTrue(desk.book().runs().get(2).inContents());
        Files.writeString(folder.resolve("prompts.txt"), "What bloomed?\n\nWho swarmed?\n");
        clickOn("A list from a file …");
        assertEquals(
                List.of("What bloomed?", "Who swarmed?"),
                desk.book().runs().get(2).items());
        clickOn("#ornament-add");
        await("#ornament-0-size");
        retype("#ornament-0-size", "20 mm");
        clickOn("#ornament-0-mirrored");
        assertFalse(desk.book().runs().get(2).decorations().get(0).mirrored());
        clickOn("#repeat-month");
        assertEquals(Span.MONTH, desk.book().cycles().get(0).per());
        clickOn("#cycle-0-quarter");
        assertEquals(Span.QUARTER, desk.book().cycles().get(0).per());
        clickOn("#cycle-undo-0");
        assertTrue(desk.book().cycles().isEmpty());
        clickOn("#run-remove");
        assertEquals(2, runs().size());
    }

    @Test
    void pageNumbersAndRunningHeadsAreForAllPages() {
        makeUp(9);
        clickOn("#subject-all");
        clickOn("#folio-on");
        await("#folio-size");
        retype("#folio-size", "12");
        clickOn("#head-on");
        await("#head-verso");
        var furniture = desk.book().furniture();
        assertEquals(12, furniture.folio().orElseThrow().size().points(), 1e-9);
        assertTrue(furniture.head().isPresent());
        clickOn("#folio-on");
        assertTrue(desk.book().furniture().folio().isEmpty());
    }

    @Test
    void aCycleIsFoldedAndPagesStayReachable() {
        interact(() -> desk.change("starter", Starter.DATED_PLANNER::restart));
        makeUp(7);
        interact(() -> lookup("#flat-plan").query().requestFocus());
        push(KeyCode.C);
        push(KeyCode.END);
        assertEquals(count(), desk.page().get(), 1);
        push(KeyCode.C);
        push(KeyCode.HOME);
        assertEquals(1, desk.page().get());
    }

    @Test
    void typefacesAreChosenForTheWholeBook() {
        makeUp(1);
        open("#makeup-colours", "#palette-honey");
        String other = jorn.text.TypeShelf.typefaces().stream()
                .map(t -> t.id())
                .filter(id -> !id.equals(desk.book().type().heading()))
                .findFirst()
                .orElseThrow();
        clickOn("#type-heading-" + other);
        assertEquals(other, desk.book().type().heading());
    }

    @Test
    void listsDatesAndWrongFilesDroppedOnTheWindow() throws Exception {
        makeUp(5);
        Files.write(folder.resolve("latin.csv"), "Fr\u00fchling;1\nHerbst;2\n".getBytes("windows-1252"));
        takeIn(folder.resolve("latin.csv"));
        assertEquals(
                List.of("Fr\u00fchling", "Herbst"), desk.book().runs().get(2).items());
        Files.writeString(folder.resolve("long.txt"), "a line\n".repeat(10_000));
        takeIn(folder.resolve("long.txt"));
        assertTrue(text("#notice").contains("pages"), text("#notice"));
        assertEquals(2, desk.book().runs().get(2).items().size(), "nothing is lost");
        Files.writeString(folder.resolve("bad.ics"), "garbage");
        takeIn(folder.resolve("bad.ics"));
        assertFalse(text("#notice").isBlank());
        Files.writeString(folder.resolve("thing.xyz"), "");
        takeIn(folder.resolve("thing.xyz"));
        assertTrue(text("#notice").contains("thing.xyz"), text("#notice"));
    }
}
