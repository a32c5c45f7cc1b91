package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.beans.InvalidationListener;
import javafx.event.Event;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import jorn.book.Book;
import jorn.book.CoverPlan;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.desk.model.BenchName;
import jorn.desk.view.CoverView;
import jorn.recipe.Catalogue;
import org.junit.jupiter.api.Test;

/** A key that is held repeats faster than pages can be drawn: the window does as much as it can show, and no work piles up behind it. */
class HeldKeysUiTest extends WindowTest {
    private static final int HELD_MILLIS = 2000;
    private static final int REPEAT_MILLIS = 15;

    private final AtomicInteger frames = new AtomicInteger();
    private final AtomicInteger changes = new AtomicInteger();

    private Scene scene() {
        return lookup("#sentence").query().getScene();
    }

    private static KeyEvent pressed(KeyCode code, boolean control) {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, control, false, false);
    }

    /** Holds a key for two seconds, with a repeat every few milliseconds. */
    private void hold(KeyCode code, boolean control) throws InterruptedException {
        frames.set(0);
        changes.set(0);
        AnimationTimer[] counting = new AnimationTimer[1];
        InvalidationListener changed = o -> changes.incrementAndGet();
        interact(() -> {
            counting[0] = new AnimationTimer() {
                @Override
                public void handle(long now) {
                    frames.incrementAndGet();
                }
            };
            counting[0].start();
            desk.state().addListener(changed);
            desk.page().addListener(changed);
        });
        long until = System.nanoTime() + HELD_MILLIS * 1_000_000L;
        while (System.nanoTime() < until) {
            Platform.runLater(() -> Event.fireEvent(scene().getFocusOwner(), pressed(code, control)));
            Thread.sleep(REPEAT_MILLIS);
        }
        interact(() -> Event.fireEvent(
                scene().getFocusOwner(),
                new KeyEvent(KeyEvent.KEY_RELEASED, "", "", code, false, control, false, false)));
        int atOnce = changes.get();
        settle();
        interact(() -> {
            counting[0].stop();
            desk.state().removeListener(changed);
            desk.page().removeListener(changed);
        });
        assertTrue(changes.get() >= 2, code + " did something again and again: " + changes);
        assertTrue(changes.get() <= frames.get() + 1, changes + " changes in " + frames + " pictures");
        assertEquals(atOnce, changes.get(), "nothing was left to do once the key was let go");
    }

    private void oneStepBackFrom(Book before) {
        assertNotEquals(before, desk.book());
        interact(desk::undo);
        assertEquals(before, desk.book(), "one step");
    }

    @Test
    void aPartOfTheCoverIsNudged() throws InterruptedException {
        interact(() -> {
            desk.change(
                    "cover", b -> b.withTitle("Hive Notes").withCover(b.cover().planned(p -> CoverPlan.of("label"))));
            desk.goTo(BenchName.COVER);
        });
        settle();
        interact(() -> lookup("#cover-view").queryAs(CoverView.class).requestFocus());
        push(KeyCode.SPACE);
        Book before = desk.book();
        hold(KeyCode.RIGHT, false);
        oneStepBackFrom(before);
    }

    @Test
    void pagesAreTurned() throws InterruptedException {
        interact(() -> desk.goTo(BenchName.MAKEUP));
        settle();
        interact(() -> lookup("#spread").query().requestFocus());
        hold(KeyCode.RIGHT, false);
        assertTrue(desk.page().get() > 3);
    }

    @Test
    void aPartOfThePageGrowsAndShrinks() throws InterruptedException {
        interact(() -> {
            desk.change(
                    "runs",
                    b -> b.withRuns(List.of(Run.filling("Days", Catalogue.recipe("day-slots"), Start.ANYWHERE))));
            desk.goTo(BenchName.MAKEUP);
            desk.page().set(9);
        });
        settle();
        interact(() -> lookup("#spread").query().requestFocus());
        push(KeyCode.DOWN);
        push(KeyCode.DOWN);
        Book before = desk.book();
        hold(KeyCode.PLUS, false);
        oneStepBackFrom(before);
    }

    @Test
    void stepsAreTakenBack() throws InterruptedException {
        interact(() -> {
            for (int i = 1; i <= 80; i++) {
                int pages = 100 + 2 * i;
                desk.change("pages " + i, b -> b.withBrief(b.brief().withPages(pages)));
            }
        });
        settle();
        hold(KeyCode.Z, true);
        assertTrue(desk.book().brief().pages() < 260);
    }
}
