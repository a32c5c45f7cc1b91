package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.geometry.Rectangle2D;
import javafx.scene.control.ButtonBase;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import jorn.block.picture.PhotoBlock;
import jorn.book.Starter;
import jorn.desk.view.SpreadView;
import jorn.layout.Placed;
import org.junit.jupiter.api.Test;

/** A person makes a booklet of photographs: captions, order, and how large each stands. */
class PhotoUiTest extends WindowTest {
    private void fire(String id) {
        interact(() -> ((ButtonBase) lookup(id).query()).fire());
        settle();
    }

    /** A folder that is dropped on a photo booklet becomes its pages; captions are typed, two to a page. */
    @Test
    void aFolderOfPhotographsBecomesABooklet() throws Exception {
        interact(() -> desk.lay(Starter.PHOTO_BOOKLET.begin().withTitle("May"), Optional.empty()));
        Path photos = Files.createDirectories(folder.resolve("photos"));
        for (int i = 1; i <= 5; i++) {
            var image = new java.awt.image.BufferedImage(90, 60, java.awt.image.BufferedImage.TYPE_INT_RGB);
            image.setRGB(i, 1, 0xFFFFFF);
            javax.imageio.ImageIO.write(image, "png", photos.resolve(i + ".png").toFile());
        }
        interact(() -> files.takeIn(photos));
        files.finish();
        settle();
        clickOn("#bench-makeup");
        interact(() -> desk.page().set(3));
        settle();
        assertEquals("2", lookup("#photo-caption-1").queryTextInputControl().getText());
        retype("#photo-caption-1", "The second hive");
        fire("#photo-later-1");
        fire("#photo-each-2");
        var pages = desk.book().runs().stream()
                .flatMap(r -> jorn.book.PhotoRuns.of(r).stream())
                .findFirst()
                .orElseThrow();
        assertEquals(2, pages.each());
        dividerIsDragged();
        dragTile("#photo-tiles-1", "#photo-tiles-3");
        var dragged = photos();
        assertEquals(pages.items().get(0), dragged.get(2));
        assertEquals(pages.items().get(1), dragged.get(0));
        clickOn("#photo-tiles-5");
        settle();
        assertTrue(desk.page().get() > 3, "a press goes to its page");
        push(KeyCode.DELETE);
        settle();
        assertEquals(4, photos().size());
        assertEquals("The second hive", pages.items().get(2).caption());
        assertEquals(5, pages.items().size());
    }

    private java.util.List<jorn.photo.PhotoItem> photos() {
        return desk.book().runs().stream()
                .flatMap(r -> jorn.book.PhotoRuns.of(r).stream())
                .findFirst()
                .orElseThrow()
                .items();
    }

    private void dragTile(String from, String behind) {
        drag(from, javafx.scene.input.MouseButton.PRIMARY);
        var to = lookup(behind).query();
        var at = to.localToScreen(to.getBoundsInLocal());
        moveTo(at.getCenterX(), at.getCenterY());
        dropTo(at.getMaxX() - 3, at.getCenterY());
        settle();
    }

    private List<Placed> blocks() {
        return desk.state().get().edition().pages().parts(desk.page().get()).stream()
                .filter(p -> p.node() instanceof PhotoBlock)
                .toList();
    }

    /** What is between the two photographs of the page is pulled down: the upper one grows by as much as the hand went. */
    private void dividerIsDragged() {
        interact(() -> desk.page().set(3));
        settle();
        SpreadView spread = lookup("#spread").queryAs(SpreadView.class);
        double before = blocks().get(0).box().height();
        double below = blocks().get(1).box().height();
        Rectangle2D upper = spread.placeOf(3, blocks().get(0).box());
        Rectangle2D lower = spread.placeOf(3, blocks().get(1).box());
        Bounds view = spread.localToScreen(spread.getBoundsInLocal());
        moveTo(
                view.getMinX() + upper.getMinX() + 0.9 * upper.getWidth(),
                view.getMinY() + (upper.getMaxY() + lower.getMinY()) / 2);
        settle();
        press(MouseButton.PRIMARY);
        moveBy(0, 6);
        moveBy(0, 24);
        settle();
        release(MouseButton.PRIMARY);
        settle();
        double grown = blocks().get(0).box().height() - before;
        assertEquals(30 / spread.scale(), grown, 7, "about as far as the hand went");
        assertEquals(below - grown, blocks().get(1).box().height(), 0.5, "what one gains the other loses");
    }
}
