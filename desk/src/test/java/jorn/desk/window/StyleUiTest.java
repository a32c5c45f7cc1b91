package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javax.imageio.ImageIO;
import jorn.block.days.Hours;
import jorn.block.page.MotifDrawing;
import jorn.book.Book;
import jorn.book.Run;
import jorn.book.Starter;
import jorn.layout.NodePath;
import jorn.layout.Tree;
import jorn.measure.Length;
import jorn.recipe.Recipe;
import jorn.store.StyleFile;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** A person dresses a book in a style, changes it, and puts ornaments on its pages. */
class StyleUiTest extends WindowTest {
    private void plan() {
        interact(() -> desk.lay(Starter.WEEKLY_PLANNER.begin().withTitle("Hive Notes"), Optional.empty()));
        clickOn("#bench-makeup");
        interact(() -> desk.page().set(8));
        settle();
    }

    @Test
    void oneClickDressesTheWholeBookAndItsCover() {
        plan();
        Book before = desk.book();
        open("#makeup-style", "#style-poster");
        clickOn("#style-poster");
        WaitForAsyncUtils.waitForFxEvents();
        assertEquals("poster", desk.book().style().id());
        assertEquals("archivo-black", desk.book().type().heading());
        assertNotEquals(before.cover(), desk.book().cover());
        assertEquals(before.runs(), desk.book().runs(), "nothing but the dress is changed");
        assertEquals("style-poster", focused());
        push(KeyCode.ESCAPE);
        push(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(before, desk.book());
    }

    @Test
    void aStyleIsChangedKeptSharedAndTakenOffTheShelf() throws Exception {
        plan();
        open("#makeup-style", "#style-change");
        interact(() -> ((javafx.scene.control.Button) lookup("#style-change").query()).fire());
        settle();
        Node hearts = lookup("#style-details-tick-4").query();
        interact(() -> ((javafx.scene.control.Button) hearts).fire());
        settle();
        assertEquals(
                jorn.style.Details.Tick.HEART, desk.book().style().details().tick());
        interact(() -> {
            var field = (javafx.scene.control.TextField) lookup("#style-keep").query();
            field.requestFocus();
            field.setText("Hearts");
        });
        push(KeyCode.ENTER);
        settle();
        assertEquals("Hearts", desk.book().style().called());
        assertTrue(Files.exists(settings.styleFolder().resolve("hearts.json")));
        assertTrue(lookup("#style-hearts").tryQuery().isPresent());
        interact(() ->
                ((javafx.scene.control.Button) lookup("#delete-style-hearts").query()).fire());
        settle();
        assertTrue(lookup("#style-hearts").tryQuery().isEmpty());
        assertEquals("Hearts", desk.book().style().called(), "the book keeps what it wears");
        PageStyle sent = StyleShelf.of("kite").named("from-afar", "From afar");
        Path file = folder.resolve("from-afar.json");
        StyleFile.write(sent, file);
        takeIn(file);
        assertTrue(Files.exists(settings.styleFolder().resolve("from-afar.json")));
    }

    @Test
    void anOrnamentIsPutBelowByAClickAndWhereItIsLetGoByDragging() {
        plan();
        open("#makeup-ornaments", "#motif-skep");
        clickOn("#motif-fern");
        settle();
        assertEquals(1, drawings().size());
        assertEquals(Optional.of("fern"), drawings().get(0).motif());
        push(KeyCode.CONTROL, KeyCode.Z);
        open("#makeup-ornaments", "#motif-skep");
        Bounds at = lookup("#spread")
                .query()
                .localToScreen(lookup("#spread").query().getBoundsInLocal());
        drag("#motif-fern", MouseButton.PRIMARY)
                .moveTo(at.getMinX() + at.getWidth() * 0.3, at.getMinY() + at.getHeight() * 0.2);
        drop();
        settle();
        assertEquals(1, drawings().size());
        int place = Tree.at(root(), NodePath.ROOT).children().indexOf(drawings().get(0));
        assertTrue(
                place >= 0 && place < Tree.at(root(), NodePath.ROOT).children().size() - 1,
                "above the days, not at the end: " + place);
    }

    private jorn.layout.Node root() {
        return desk.book()
                .recipeOf(desk.state().get().pagination().page(desk.page().get()))
                .root();
    }

    private List<MotifDrawing> drawings() {
        return root().children().stream()
                .filter(MotifDrawing.class::isInstance)
                .map(MotifDrawing.class::cast)
                .toList();
    }

    @Test
    void theCatalogueIsShownByPurposeAndInAnotherStyle() {
        plan();
        open("#makeup-designs", "#purpose-trackers");
        assertTrue(lookup("#design-lined").tryQuery().isPresent());
        clickOn("#purpose-trackers");
        settle();
        assertTrue(lookup("#design-lined").tryQuery().isEmpty());
        assertTrue(lookup("#design-habits").tryQuery().isPresent());
        clickOn("#shown-in-ledger");
        settle();
        assertEquals("meadow", desk.book().style().id(), "the book keeps its own");
        assertTrue(lookup("#design-habits").tryQuery().isPresent());
    }

    @Test
    void aDesignIsShownFilledInAndSavedAsAPictureForAShop() throws Exception {
        plan();
        open("#makeup-designs", "#purpose-money");
        clickOn("#purpose-money");
        settle();
        interact(() -> lookup("#design-budget").query().requestFocus());
        settle();
        assertTrue(text("#design-purpose").contains("adds up"), text("#design-purpose"));
        clickOn("#design-picture");
        files.finish();
        settle();
        BufferedImage bare = ImageIO.read(folder.resolve("budget.png").toFile());
        clickOn("#design-filled");
        clickOn("#design-picture");
        files.finish();
        settle();
        BufferedImage filled = ImageIO.read(folder.resolve("budget.png").toFile());
        assertEquals(2000, Math.min(filled.getWidth(), filled.getHeight()), 1);
        assertTrue(
                blue(filled) > blue(bare) + 5_000, "somebody has written on it: " + blue(filled) + ", " + blue(bare));
    }

    /** Pixels in the colour of the hand's pen. */
    private static long blue(BufferedImage image) {
        long count = 0;
        for (int y = 0; y < image.getHeight(); y += 2) {
            for (int x = 0; x < image.getWidth(); x += 2) {
                int rgb = image.getRGB(x, y);
                count += (rgb & 0xff) > ((rgb >> 16) & 0xff) + 50 ? 1 : 0;
            }
        }
        return count;
    }

    @Test
    void questionsComeFromAListThatShips() {
        interact(() -> desk.lay(Starter.LINED_JOURNAL.begin(), Optional.empty()));
        clickOn("#bench-makeup");
        settle();
        interact(() -> desk.page().set(20));
        clickOn("#subject-run");
        settle();
        interact(() -> ((javafx.scene.control.Button) lookup("#prompts-garden").query()).fire());
        settle();
        List<String> taken = desk.book()
                .runOf(desk.state().get().pagination().page(desk.page().get()))
                .items();
        assertTrue(taken.size() >= 60 && taken.get(0).equals("What is in flower today?"), taken.toString());
    }

    @Test
    void aPartThatHasTooLittleRoomSaysSoAndIsMended() {
        Recipe day = new Recipe(
                "own", "Day", jorn.layout.Stack.down(jorn.layout.Part.share(1, new Hours(0, 24, 1, 0, true))));
        Book small = Starter.NOTEBOOK.begin(
                Starter.NOTEBOOK.usualBrief().withTrim(jorn.measure.Size.parse("A6", jorn.measure.Unit.INCH)));
        interact(() -> desk.lay(
                small.withRuns(List.of(Run.filling("Days", day, jorn.book.Placement.Start.ANYWHERE))),
                Optional.empty()));
        clickOn("#bench-makeup");
        settle();
        Bounds at = lookup("#spread")
                .query()
                .localToScreen(lookup("#spread").query().getBoundsInLocal());
        clickOn(at.getMinX() + at.getWidth() * 0.65, at.getMinY() + at.getHeight() * 0.5);
        settle();
        assertTrue(text("#lack").contains("25 hours are wanted"), text("#lack"));
        Node remedy = lookup(".act-row").queryAll().stream()
                .filter(n -> n.getId() != null && n.getId().startsWith("act-row-only-0-to"))
                .findFirst()
                .orElseThrow();
        interact(() -> ((javafx.scene.control.Button) remedy).fire());
        settle();
        assertEquals(
                List.of(),
                desk.state().get().edition().pages().lacks(1),
                root() + " " + desk.notice().get());
        assertTrue(((Hours) root().children().get(0)).to() < 24);
    }

    @Test
    void thePitchIsSetForAllPages() {
        plan();
        clickOn("#subject-all");
        settle();
        retype("#pitch", "8 mm");
        assertEquals(Length.mm(8), desk.book().interior().pitch().orElseThrow());
        retype("#pitch", "2 mm");
        assertEquals(Length.mm(8), desk.book().interior().pitch().orElseThrow(), "what cannot be is refused");
    }

    @Test
    void anEarlierBookIsToldWhatAStyleBringsAndKeepsItsLookUntilThen() {
        Book earlier = Starter.WEEKLY_PLANNER.begin();
        earlier = earlier.withLook(new jorn.book.Look(jorn.style.TypeChoice.CUSTOMARY, null, Optional.empty()))
                .withInterior(earlier.interior().withPitch(Optional.empty()).withMargins(jorn.book.MarginChoice.NONE));
        Book laid = earlier;
        interact(() -> desk.lay(laid, Optional.empty()));
        clickOn("#bench-makeup");
        open("#makeup-style", "#style-quiet");
        assertTrue(lookup(".floating .soft").queryAll().stream()
                .anyMatch(n ->
                        n instanceof javafx.scene.control.Label l && l.getText().contains("older than the styles")));
        assertEquals(laid, desk.book());
        clickOn("#style-quiet");
        settle();
        assertEquals("quiet", desk.book().style().id());
        assertEquals(Optional.of("design"), desk.book().margins().school());
        assertTrue(desk.book().grid().snaps());
    }
}
