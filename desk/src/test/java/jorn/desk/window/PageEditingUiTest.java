package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import jorn.block.picture.PictureBlock;
import jorn.block.text.TextBlock;
import jorn.desk.view.SpreadView;
import jorn.layout.Node;
import jorn.layout.NodeKinds;
import jorn.layout.NodePath;
import jorn.layout.Placed;
import jorn.layout.Stack;
import jorn.measure.Length;
import jorn.recipe.Recipe;
import jorn.store.RecipeFile;
import jorn.store.RecipeShelf;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A person changes a page design by taking hold of the page itself. */
class PageEditingUiTest extends WindowTest {
    private static final int PAGE = 9;

    @BeforeEach
    void atAPageWithSeveralParts() {
        interact(() -> {
            Recipe inspection = jorn.desk.Journals.earlierInspection();
            desk.change("design", b -> b.withRecipe(2, r -> inspection));
        });
        clickOn("#bench-makeup");
        interact(() -> desk.page().set(PAGE));
        settle();
    }

    private Recipe design() {
        return desk.book().runs().get(2).recipe();
    }

    private List<Placed> parts() {
        return desk.state().get().edition().pages().parts(desk.page().get());
    }

    private SpreadView spread() {
        return lookup("#spread").queryAs(SpreadView.class);
    }

    private Point2D onScreen(Rectangle2D at, double across, double down) {
        SpreadView view = spread();
        Bounds b = view.localToScreen(view.getBoundsInLocal());
        return new Point2D(
                b.getMinX() + at.getMinX() + at.getWidth() * across,
                b.getMinY() + at.getMinY() + at.getHeight() * down);
    }

    private Placed first(Class<? extends Node> kind) {
        return parts().stream()
                .filter(p -> kind.isInstance(p.node()))
                .findFirst()
                .orElseThrow();
    }

    private void pointAt(Placed part) {
        Rectangle2D at = spread().placeOf(desk.page().get(), part.box());
        Point2D p = onScreen(at, 0.5, 0.5);
        moveTo(p);
        settle();
    }

    private void choose(Placed part) {
        pointAt(part);
        clickOn(MouseButton.PRIMARY);
        settle();
    }

    @Test
    void aPartIsChosenByAClickAndSetBesideThePage() {
        Placed heading = first(TextBlock.class);
        choose(heading);
        await("#part-size");
        retype("#part-size", "20");
        assertEquals(Length.points(20), ((TextBlock) first(TextBlock.class).node()).size());
        int pages = (int) desk.state().get().pagination().slots().stream()
                .filter(s -> s.run() == 2)
                .count();
        assertTrue(pages > 100, "all pages of the run have changed: they share the design");
        retype("#part-size", "900");
        assertTrue(text("#refusal").contains("Choose 4 pt to 200 pt"), text("#refusal"));
        assertEquals(Length.points(20), ((TextBlock) first(TextBlock.class).node()).size());
        interact(() -> spread().requestFocus());
        push(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(
                ((TextBlock) heading.node()).size(),
                ((TextBlock) first(TextBlock.class).node()).size());
    }

    @Test
    void wordsAreTypedOverWhereTheyStand() {
        Placed heading = first(TextBlock.class);
        pointAt(heading);
        doubleClickOn(MouseButton.PRIMARY);
        await("#in-place");
        write("Apiary visit").push(KeyCode.ENTER);
        settle();
        assertEquals("Apiary visit", ((TextBlock) first(TextBlock.class).node()).text());
        awaitGone("#in-place");
        assertEquals("spread", focused(), "and the page has the focus");
        choose(first(TextBlock.class));
        push(KeyCode.F2);
        await("#in-place");
        Bounds field = lookup("#in-place").query().getBoundsInLocal();
        assertTrue(field.getWidth() < 200 && field.getHeight() < 60, "as large as two words need: " + field);
        write("not this").push(KeyCode.ESCAPE);
        settle();
        assertEquals("Apiary visit", ((TextBlock) first(TextBlock.class).node()).text());
    }

    @Test
    void aDividerIsDraggedAndThePageFollows() {
        Stack root = (Stack) design().root();
        assertTrue(root.parts().size() > 1);
        List<Placed> parts = parts();
        Placed above = parts.stream()
                .filter(p -> p.path().equals(NodePath.of(0)))
                .findFirst()
                .orElseThrow();
        Placed below = parts.stream()
                .filter(p -> p.path().equals(NodePath.of(1)))
                .findFirst()
                .orElseThrow();
        double height = above.box().height();
        Rectangle2D a = spread().placeOf(PAGE, above.box());
        Rectangle2D b = spread().placeOf(PAGE, below.box());
        Rectangle2D line =
                new Rectangle2D(a.getMinX(), a.getMaxY(), a.getWidth(), Math.max(0, b.getMinY() - a.getMaxY()));
        Point2D from = onScreen(line, 0.9, 0.5);
        moveTo(from);
        settle();
        press(MouseButton.PRIMARY);
        moveBy(0, 6);
        moveBy(0, 18);
        settle();
        release(MouseButton.PRIMARY);
        settle();
        assertFalse(
                isThread(line.getMinX() + line.getWidth() * 0.4, line.getMinY() + line.getHeight() / 2),
                "no bar is left where the divider was");
        assertEquals("", lookup("#notice").queryLabeled().getText());
        double now = parts().stream()
                .filter(p -> p.path().equals(NodePath.of(0)))
                .findFirst()
                .orElseThrow()
                .box()
                .height();
        assertEquals(height + 24 / spread().scale(), now, 2, "as far as the hand went");
    }

    @Test
    void blocksArePutBesideSplitAndTakenAway() {
        int before = parts().size();
        choose(first(TextBlock.class));
        open("#put-below", "#block-search");
        write("mood ring");
        settle();
        clickOn("#block-mood-ring");
        assertTrue(parts().stream().anyMatch(p -> NodeKinds.nameOf(p.node()).equals("Mood ring")));
        assertEquals("Mood ring", text(".slip .heading"), "what was put is chosen");
        push(KeyCode.DELETE);
        assertEquals(before, parts().size());
        choose(first(TextBlock.class));
        clickOn("#part-split-across");
        assertEquals(before + 2, parts().size());
        push(KeyCode.CONTROL, KeyCode.Z);
        choose(first(TextBlock.class));
        clickOn("#part-border");
        assertEquals("Border", text(".slip .heading"));
        assertEquals(before + 1, parts().size());
    }

    @Test
    void keysDoAllOfIt() {
        interact(() -> spread().requestFocus());
        push(KeyCode.DOWN);
        push(KeyCode.DOWN);
        int before = parts().size();
        push(KeyCode.S);
        assertEquals(before + 2, parts().size());
        push(KeyCode.CONTROL, KeyCode.Z);
        push(KeyCode.DOWN);
        push(KeyCode.B);
        await("#block-search");
        write("quote").push(KeyCode.ENTER);
        settle();
        assertTrue(parts().stream().anyMatch(p -> NodeKinds.nameOf(p.node()).equals("Quote")));
        push(KeyCode.DELETE);
        settle();
        assertFalse(parts().stream().anyMatch(p -> NodeKinds.nameOf(p.node()).equals("Quote")));
        push(KeyCode.ESCAPE);
        clickOn("#makeup-keys");
        await(".floating");
        push(KeyCode.ESCAPE);
    }

    @Test
    void aChangeReachesOnlyThisPageWhereWished() {
        interact(() -> spread().requestFocus());
        push(KeyCode.O);
        choose(first(TextBlock.class));
        // Choosing keeps what was said about how far a change reaches.
        clickOn("#only-here");
        retype("#part-text", "Swarm day");
        push(KeyCode.CONTROL, KeyCode.ENTER);
        settle();
        assertEquals("Swarm day", ((TextBlock) first(TextBlock.class).node()).text());
        assertFalse(design().toString().contains("Swarm day"), "the run's design is as it was");
        assertEquals(1, desk.book().runs().get(2).exceptions().size());
        clickOn("#part-let-go");
        clickOn("Back to its run's design");
        assertTrue(desk.book().runs().get(2).exceptions().isEmpty());
    }

    @Test
    void aPictureIsBroughtInAndShown() throws Exception {
        writePicture();
        choose(first(TextBlock.class));
        open("#put-below", "#block-search");
        write("picture");
        settle();
        clickOn("#block-picture");
        await("#part-picture-file");
        clickOn("#part-picture-file");
        files.finish();
        settle();
        assertEquals(1, desk.book().pictures().size());
        String id = desk.book().pictures().keySet().iterator().next();
        assertEquals(id, ((PictureBlock) first(PictureBlock.class).node()).picture());
        Files.writeString(folder.resolve("broken.png"), "no picture");
        takeIn(folder.resolve("broken.png"));
        assertTrue(text("#notice").contains("is not a picture that Jorn can read"), text("#notice"));
    }

    private void writePicture() throws Exception {
        java.awt.image.BufferedImage image =
                new java.awt.image.BufferedImage(60, 40, java.awt.image.BufferedImage.TYPE_INT_RGB);
        javax.imageio.ImageIO.write(image, "png", folder.resolve("hive.png").toFile());
    }

    @Test
    void aDesignIsKeptSharedAndTakenInAgain() throws Exception {
        retype("#keep-design", "Hive inspection, mine");
        RecipeShelf shelf = new RecipeShelf(settings.recipeFolder());
        assertEquals("Hive inspection, mine", shelf.all(t -> {}).get(0).name());
        clickOn("#share-design");
        Recipe written = RecipeFile.read(folder.resolve("design.json"));
        assertEquals(design().root(), written.root());
        interact(() -> desk.change(
                "starter", b -> b.withRuns(jorn.desk.Journals.lined().runs())));
        interact(() -> desk.page().set(PAGE));
        open("#makeup-designs", "#design-search");
        clickOn("#design-hive-inspection-mine");
        assertEquals(written.root(), design().root());
        interact(() -> shelf.drop(shelf.all(t -> {}).get(0)));
        takeIn(folder.resolve("design.json"));
        assertEquals(1, shelf.all(t -> {}).size());
        Files.writeString(folder.resolve("bad.json"), "{\"root\": {\"is\": \"waffle\"}}");
        takeIn(folder.resolve("bad.json"));
        assertTrue(text("#notice").contains("waffle"), text("#notice"));
    }

    /** Whether the view shows the thread's colour at a place, or right beside it. */
    private boolean isThread(double x, double y) {
        boolean[] found = {false};
        interact(() -> {
            var seen = spread().snapshot(null, null).getPixelReader();
            for (int dy = -2; dy <= 2; dy++) {
                found[0] |= seen.getColor((int) x, (int) y + dy).equals(jorn.desk.view.Theme.THREAD);
            }
        });
        return found[0];
    }

    @Test
    void lettersActOnlyWhereThePageHasTheFocusAndSayWhatTheyDid() {
        choose(first(TextBlock.class));
        var before = desk.book();
        interact(() -> lookup("#undo").query().requestFocus());
        push(KeyCode.T);
        push(KeyCode.S);
        push(KeyCode.DELETE);
        interact(() -> spread().getScene().getRoot().requestFocus());
        push(KeyCode.T);
        push(KeyCode.S);
        assertEquals(before, desk.book(), "a path that is typed blindly changes nothing");
        interact(() -> spread().requestFocus());
        push(KeyCode.S);
        assertFalse(before.equals(desk.book()));
        assertTrue(text("#news").contains("is split in two"), text("#news"));
        clickOn("#undo-that");
        assertEquals(before, desk.book());
        assertTrue(desk.notice().get() == null, "and what was said is taken back with it");
    }
}
