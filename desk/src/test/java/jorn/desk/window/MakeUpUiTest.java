package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import javafx.scene.input.KeyCode;
import jorn.book.Starter;
import jorn.calendar.WeekRule;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** A person makes up the inside at the Make-up bench. */
class MakeUpUiTest extends WindowTest {
    @Test
    void findsADesignAndTakesItForAllPagesOfARun() {
        clickOn("#bench-makeup");
        interact(() -> desk.page().set(9));
        open("#makeup-designs", "#design-search");
        write("hive inspection");
        WaitForAsyncUtils.waitForFxEvents();
        clickOn("#design-inspection");
        assertEquals("inspection", desk.book().runs().get(2).recipe().id());
        assertEquals(120, desk.state().get().pagination().pageCount());
        push(KeyCode.CONTROL, KeyCode.Z);
        assertEquals("lined", desk.book().runs().get(2).recipe().id());
    }

    @Test
    void putsAPageAfterOthers() {
        clickOn("#bench-makeup");
        interact(() -> desk.page().set(3));
        open("#makeup-designs", "#design-search");
        clickOn("#design-after");
        clickOn("#design-search");
        write("habits month");
        WaitForAsyncUtils.waitForFxEvents();
        clickOn("#design-habits");
        assertEquals(4, desk.book().runs().size());
        assertEquals("habits", desk.book().runs().get(2).recipe().id());
        assertEquals(120, desk.state().get().pagination().pageCount(), "the lined pages give way");
    }

    @Test
    void datesAPlannerAndRecoloursIt() throws Exception {
        interact(() -> desk.lay(jorn.desk.Journals.weeks(), java.util.Optional.empty()));
        clickOn("#bench-makeup");
        open("#makeup-dates", "#date-from");
        retype("#date-from", "2026-07-01");
        open("#makeup-dates", "#date-from");
        retype("#date-language", "fr");
        assertEquals(LocalDate.of(2027, 6, 30), desk.book().calendar().to().orElseThrow());
        assertEquals(
                53 * 2,
                desk.state().get().pagination().slots().stream()
                        .filter(s -> s.run() == 2)
                        .count());
        open("#makeup-dates", "#date-from");
        retype("#date-to", "2026-01-01");
        assertTrue(text(".floating #refusal").contains("before it starts"), text(".floating #refusal"));
        retype("#date-to", "someday");
        assertTrue(text(".floating #refusal").contains("not a day that Jorn can read"), text(".floating #refusal"));
        clickOn("From Sunday, week 1 with 1 January");
        assertEquals(WeekRule.SUNDAY, desk.book().calendar().weeks());
        open("#makeup-colours", "#palette-honey");
        clickOn("#palette-honey");
        assertTrue(desk.book().palette().isColoured());
        Path days = Files.writeString(folder.resolve("days.csv"), "2026-10-09, Open day\n");
        takeIn(days);
        assertEquals("Open day", desk.book().calendar().personal().get(LocalDate.of(2026, 10, 9)));
    }

    @Test
    void aBookThatWouldBeTooLongIsRefusedAndNothingIsLost() {
        interact(() -> desk.change("starter", Starter.DAY_PLANNER::restart));
        int before = desk.state().get().pagination().pageCount();
        clickOn("#bench-makeup");
        open("#makeup-dates", "#date-from");
        retype("#date-from", "2010-01-01");
        assertTrue(text(".floating #refusal").contains("more than five years"), text(".floating #refusal"));
        assertEquals(before, desk.state().get().pagination().pageCount());
    }

    @Test
    void anotherBookIsLaidOnTheBenchWhereverOneWas() {
        interact(() -> desk.change("starter", Starter.DATED_PLANNER::restart));
        clickOn("#bench-makeup");
        interact(() -> desk.page().set(40));
        settle();
        interact(() -> desk.lay(Starter.NOTEBOOK.begin(), java.util.Optional.empty()));
        settle();
        assertEquals(1, desk.page().get());
        assertEquals("Lined", text(".slip .heading"));
        interact(() -> desk.page().set(90));
        interact(() -> desk.changeBrief("pages", b -> b.withPages(24)));
        settle();
        assertEquals(24, desk.page().get());
    }
}
