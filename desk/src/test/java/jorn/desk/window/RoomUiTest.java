package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import jorn.book.Starter;
import jorn.desk.model.BenchName;
import jorn.desk.view.FocusKeep;
import jorn.desk.view.SpreadView;
import org.junit.jupiter.api.Test;

/** Room: the page gets it, and whatever can be done is in reach at every size. */
class RoomUiTest extends WindowTest {
    private boolean hasViewer = true;

    @Override
    protected boolean opens(Path path) {
        return hasViewer && super.opens(path);
    }

    private void size(double width, double height) {
        interact(() -> {
            Stage stage = (Stage) lookup("#sentence").query().getScene().getWindow();
            stage.setWidth(width);
            stage.setHeight(height);
        });
        settle();
        settle();
    }

    private SpreadView spread() {
        return lookup("#spread").queryAs(SpreadView.class);
    }

    private static Bounds inScene(Node node) {
        return node.localToScene(node.getBoundsInLocal());
    }

    @Test
    void theSpreadIsAtLeast560PixelsHigh() {
        size(1280, 800);
        clickOn("#bench-makeup");
        interact(() -> desk.page().set(31));
        settle();
        assertTrue(spread().placeOf(31).getHeight() >= 560, "" + spread().placeOf(31));
        interact(() -> desk.change("starter", Starter.DATED_PLANNER::restart));
        interact(() -> desk.page().set(13));
        settle();
        assertTrue(spread().placeOf(13).getHeight() >= 560, "with cycles in the plan: " + spread().placeOf(13));
    }

    @Test
    void thePlanIsPulledToTheWholeBookAndBack() {
        size(1280, 800);
        clickOn("#bench-makeup");
        double before = lookup("#flat-plan").query().getBoundsInLocal().getHeight();
        interact(() -> lookup("#plan-grip").query().requestFocus());
        push(KeyCode.ENTER);
        double whole = lookup("#flat-plan").query().getBoundsInLocal().getHeight();
        assertTrue(whole > 3 * before, before + " to " + whole);
        Bounds plan = lookup("#flat-plan")
                .query()
                .localToScreen(lookup("#flat-plan").query().getBoundsInLocal());
        // In the second line there are spreads that the first does not show.
        clickOn(plan.getMinX() + 60, plan.getMinY() + before + 30, MouseButton.PRIMARY);
        settle();
        assertTrue(desk.page().get() > 14, "page " + desk.page().get());
        push(KeyCode.RIGHT);
        drag("#plan-grip", MouseButton.PRIMARY).dropBy(0, -(whole - before) / 2);
        settle();
        double half = lookup("#flat-plan").query().getBoundsInLocal().getHeight();
        assertTrue(half < whole && half > before, before + ", " + half + ", " + whole);
    }

    @Test
    void thePagesAreLookedAtFromNearAndMoved() {
        clickOn("#bench-makeup");
        interact(() -> desk.page().set(9));
        settle();
        double whole = spread().scale();
        push(KeyCode.CONTROL, KeyCode.ADD);
        push(KeyCode.CONTROL, KeyCode.ADD);
        assertEquals(whole * 1.44, spread().scale(), whole * 0.01);
        clickOn("#scale");
        clickOn("#scale-100");
        assertEquals(settings.pixelsPerPoint(), spread().scale(), 1e-6, "true size");
        assertTrue(text("#scale").startsWith("100"), text("#scale"));
        var before = spread().placeOf(9);
        interact(() -> spread().requestFocus());
        moveTo("#spread");
        press(KeyCode.SPACE);
        drag("#spread", MouseButton.PRIMARY).dropBy(-60, -40);
        release(KeyCode.SPACE);
        settle();
        var moved = spread().placeOf(9);
        assertTrue(moved.getMinX() < before.getMinX() - 20, before + " to " + moved);
        assertEquals(9, desk.page().get(), "and nothing else happened");
        clickOn("#single");
        assertTrue(spread().isSingle());
        clickOn("#whole");
        assertTrue(spread().isWhole());
        clickOn("#loupe");
        assertTrue(spread().hasLoupe());
        moveTo("#spread");
        settle();
        clickOn("#scale");
        double bar = lookup("#true-bar").query().getBoundsInLocal().getWidth();
        retype("#bar-measured", "80 mm");
        assertTrue(lookup("#true-bar").tryQuery().isEmpty()
                || lookup("#true-bar").query().getBoundsInLocal().getWidth() > bar);
        assertEquals(96 / 72.0 * 85.6 / 80, settings.pixelsPerPoint(), 0.001);
    }

    /** At the smallest size and the largest text, whatever can be done is within the window, or in something that scrolls. */
    @Test
    void everythingIsInReachAtTheSmallestSizeAndTheLargestText() {
        size(900, 600);
        clickOn("#books");
        clickOn("#text-size-150");
        assertEquals(150, settings.textSize());
        interact(() -> desk.change(
                "title",
                b -> b.withTitle("The long and winding chronicle of every hive that stood in the lower meadow")));
        settle();
        List<String> lost = new ArrayList<>();
        for (BenchName bench : BenchName.values()) {
            interact(() -> desk.bench().set(bench));
            settle();
            double sentence = inScene(lookup("#sentence").query()).getMaxY();
            for (Node each : controls()) {
                Bounds at = inScene(each);
                boolean inHeader =
                        FocusKeep.isWithin(each, lookup("#sentence").query().getParent());
                boolean inside = at.getMinX() >= -1
                        && at.getMaxX() <= 901
                        && at.getMinY() >= (inHeader || isInRail(each) ? -1 : sentence - 1)
                        && (at.getMaxY() <= 601 || scrolls(each));
                if (!inside && !scrolls(each)) {
                    lost.add(bench + ": " + each.getId() + " at " + at);
                }
            }
        }
        assertEquals(List.of(), lost);
        clickOn("#books");
        clickOn("#text-size-100");
        assertEquals(100, settings.textSize(), "the way back is in reach");
    }

    private static boolean isInRail(Node node) {
        for (Node n = node; n != null; n = n.getParent()) {
            if (n.getStyleClass().contains("rail")) {
                return true;
            }
        }
        return false;
    }

    private static boolean scrolls(Node node) {
        for (Node n = node; n != null; n = n.getParent()) {
            if (n instanceof ScrollPane) {
                return true;
            }
        }
        return false;
    }

    private List<Node> controls() {
        List<Node> all = new ArrayList<>();
        interact(() -> gather(lookup("#sentence").query().getScene().getRoot(), all));
        return all;
    }

    private static void gather(Node node, List<Node> all) {
        if (!node.isVisible()) {
            return;
        }
        if (node instanceof ButtonBase || node instanceof TextInputControl) {
            all.add(node);
        }
        if (node instanceof Parent p) {
            p.getChildrenUnmodifiable().forEach(c -> gather(c, all));
        }
    }

    /** F1 and hovering say what every control is for. */
    @Test
    void everyControlSaysWhatItIsFor() {
        Set<String> mute = new TreeSet<>();
        for (BenchName bench : BenchName.values()) {
            interact(() -> desk.bench().set(bench));
            settle();
            for (String view : bench == BenchName.BRIEF
                    ? List.of("#view-parts", "#view-money", "#view-what-if", "#view-press", "#view-book")
                    : bench == BenchName.MAKEUP
                            ? List.of("#subject-run", "#subject-all", "#subject-page")
                            : List.of("")) {
                if (!view.isEmpty()) {
                    clickOn(view);
                }
                for (Node each : controls()) {
                    boolean choice = each.getStyleClass().contains("choice")
                            || each.getStyleClass().contains("act-row");
                    boolean says = each.getAccessibleHelp() != null
                            && !each.getAccessibleHelp().isBlank();
                    boolean named = each.getAccessibleText() != null
                            && !each.getAccessibleText().isBlank();
                    if (!says && !(choice && named)) {
                        mute.add(bench + " " + view + ": " + each.getId());
                    }
                }
            }
        }
        assertEquals(Set.of(), mute);
    }

    @Test
    void aLongTitleLeavesBothFilesInReachAndJornShowsThemWhereNothingElseDoes() {
        hasViewer = false;
        size(900, 600);
        interact(() -> desk.change("title", b -> b.withTitle("Z".repeat(75))));
        interact(() -> desk.changeBrief("pages", b -> b.withPages(24)));
        clickOn("#bench-despatch");
        retypeFolder(folder.resolve("out").toString());
        clickOn("#write-files");
        await("#written-cover");
        settle();
        assertTrue(inScene(lookup("#written-cover").query()).getMaxX() <= 900);
        clickOn("#open-cover");
        await("#file-slip");
        assertEquals("page 1 of 1", text("#file-place"));
        push(KeyCode.ESCAPE);
        clickOn("#open-interior");
        await("#file-slip");
        clickOn("#file-page-after");
        assertEquals("page 2 of 24", text("#file-place"));
        push(KeyCode.ESCAPE);
        assertTrue(opened.isEmpty());
        clickOn("Open the folder");
        assertTrue(text("#news").contains("out"), text("#news"));
        clickOn("#put-away");
        hasViewer = true;
        clickOn("#open-cover");
        assertEquals(1, opened.size());
        assertFalse(lookup("#file-slip").tryQuery().isPresent());
    }

    private void retypeFolder(String path) {
        clickOn("#export-folder").push(KeyCode.CONTROL, KeyCode.A);
        write(path);
    }
}
