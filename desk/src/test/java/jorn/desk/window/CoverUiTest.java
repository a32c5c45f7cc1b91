package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javax.imageio.ImageIO;
import jorn.art.Box;
import jorn.book.Book;
import jorn.book.CoverPlan;
import jorn.code.Isbn;
import jorn.cover.Cover;
import jorn.cover.Cover.PlacedPart;
import jorn.desk.view.CoverView;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A person makes a cover: takes another composition, takes hold of its parts, gives it a number, weighs it among others. */
class CoverUiTest extends WindowTest {
    @BeforeEach
    void atTheCover() {
        interact(() -> desk.change("cover", b -> b.withTitle("Hive Notes")
                .withAuthor("Skep & Sedge")
                .withCover(b.cover().planned(p -> CoverPlan.of("label")))));
        clickOn("#bench-cover");
        settle();
    }

    private CoverPlan plan() {
        return desk.book().cover().plan().orElseThrow();
    }

    private Cover cover() {
        return desk.state().get().edition().cover();
    }

    private PlacedPart part(String id) {
        return cover().parts().stream()
                .filter(p -> p.part().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private CoverView sheet() {
        return lookup("#cover-view").queryAs(CoverView.class);
    }

    private Point2D middleOf(String id) {
        Box box = part(id).box();
        Rectangle2D at = sheet().placeOf(box);
        Bounds b = sheet().localToScreen(sheet().getBoundsInLocal());
        return new Point2D(
                b.getMinX() + at.getMinX() + at.getWidth() / 2, b.getMinY() + at.getMinY() + at.getHeight() / 2);
    }

    private void hold(String id) {
        moveTo(middleOf(id));
        clickOn(MouseButton.PRIMARY);
        settle();
    }

    private void fire(String id) {
        interact(() -> {
            Node node = lookup(id).query();
            if (node instanceof javafx.scene.control.Button b) {
                b.fire();
            } else {
                ((jorn.desk.view.PressableBox) node).fire();
            }
        });
        settle();
    }

    @Test
    void anotherCompositionIsOneClickAndOneStepBack() {
        fire("#composition-wreath");
        assertEquals("wreath", plan().composition());
        long seed = plan().seed();
        fire("#cover-another");
        assertNotEquals(seed, plan().seed());
        interact(() -> desk.undo());
        interact(() -> desk.undo());
        assertEquals("label", plan().composition());
    }

    @Test
    void aPartIsDraggedOnTheSheetAsOneStep() {
        hold("title");
        await("#part-words");
        // Two presses in a breath are another gesture.
        sleep(700);
        settle();
        Box before = part("title").box();
        Point2D from = middleOf("title");
        drag(from, MouseButton.PRIMARY);
        moveTo(from.add(6, 20));
        moveTo(from.add(9, 40));
        drop();
        settle();
        Box after = part("title").box();
        assertTrue(after.y() > before.y() + 20, before + " " + after);
        assertEquals(before.width(), after.width(), 0.01);
        interact(() -> desk.undo());
        assertEquals(before.y(), part("title").box().y(), 0.01);
    }

    @Test
    void aPartThatComesNearTheMiddleStaysThere() {
        hold("title");
        interact(() -> desk.change(
                "title-aside",
                b -> b.withCover(b.cover()
                        .planned(p -> p.edited(
                                "title", e -> e.withAt(Optional.of(new jorn.book.Share(0.25, 0.3, 0.6, 0.12))))))));
        settle();
        double middle = part("title").panel().centreX();
        double off = part("title").box().centreX() - middle;
        Point2D from = middleOf("title");
        double pixels = sheet().placeOf(new Box(0, 0, 100, 1)).getWidth() / 100;
        drag(from, MouseButton.PRIMARY);
        moveTo(from.add(-4, 0));
        moveTo(from.add(-(off * pixels) + 2, 0));
        drop();
        settle();
        assertEquals(middle, part("title").box().centreX(), 0.05);
    }

    @Test
    void theKeyboardWalksTheParts() {
        interact(() -> sheet().requestFocus());
        push(KeyCode.SPACE);
        settle();
        assertTrue(lookup("#part-hide").tryQuery().isPresent(), "a part is held");
        hold("title");
        double x = part("title").box().x();
        push(KeyCode.RIGHT);
        push(KeyCode.SHIFT, KeyCode.RIGHT);
        settle();
        assertEquals(x + 11, part("title").box().x(), 0.05);
        push(KeyCode.DELETE);
        settle();
        assertTrue(plan().edit("title").isHidden());
        fire("#bring-back-title");
        assertFalse(plan().edit("title").isHidden());
    }

    @Test
    void wordsAreTypedWhereTheyStand() {
        moveTo(middleOf("title"));
        doubleClickOn(MouseButton.PRIMARY);
        await("#cover-typing");
        write("Bee Walks");
        push(KeyCode.ENTER);
        settle();
        assertEquals("Bee Walks", desk.book().title());
    }

    @Test
    void aWrongNumberIsRefusedWithTheRightDigit() {
        fire("#cover-subject-number");
        await("#cover-isbn");
        retype("#cover-isbn", "978-0-306-40615-8");
        assertTrue(text("#refusal").contains("7, not 8"), text("#refusal"));
        assertEquals(Optional.empty(), plan().code().isbn());
        retype("#cover-isbn", "0-306-40615-2");
        assertEquals(Optional.of(Isbn.parse("9780306406157")), plan().code().isbn());
    }

    @Test
    void variantsAreKeptAndTakenAgain() {
        fire("#cover-keep");
        fire("#composition-night");
        fire("#cover-keep");
        fire("#cover-kept");
        await("#kept-0");
        fire("#kept-0");
        assertEquals("label", plan().composition());
        assertEquals(2, desk.book().cover().kept().size());
    }

    @Test
    void aTitleTooSmallIsToldAndMended() {
        interact(() -> desk.change(
                "small",
                b -> b.withCover(b.cover().planned(p -> p.edited("title", e -> e.withSize(Optional.of(0.3)))))));
        settle();
        await("#remedy-larger");
        fire("#remedy-larger");
        assertTrue(lookup("#remedy-larger").tryQuery().isEmpty(), "it reads now");
        assertTrue(plan().edit("title").size().orElseThrow() > 0.5);
    }

    @Test
    void aCoverCalledRightIsToldWhenItsMeasuresChange() {
        fire("#cover-approve");
        assertTrue(plan().approved().isPresent());
        interact(() -> desk.changeBrief("pages", b -> b.withPages(b.pages() + 40)));
        settle();
        String said = lookup("#cover-stale").queryAs(javafx.scene.layout.HBox.class).getChildren().stream()
                .filter(javafx.scene.control.Label.class::isInstance)
                .map(l -> ((javafx.scene.control.Label) l).getText())
                .findFirst()
                .orElse("");
        // 40 pages of 0.002252 in (from memory) are 2.29 mm.
        assertTrue(said.contains("+2.29 mm"), said);
    }

    @Test
    void aPictureDroppedOnTheBenchStandsOnTheCover() throws Exception {
        BufferedImage image = new BufferedImage(900, 1300, BufferedImage.TYPE_INT_RGB);
        Path file = folder.resolve("meadow.png");
        ImageIO.write(image, "png", file.toFile());
        takeIn(file);
        settle();
        Book book = desk.book();
        assertTrue(book.cover().plan().orElseThrow().picture().isPresent());
        assertEquals("full-picture", plan().composition());
        fire("#cover-subject-picture");
        await("#cover-zoom");
        retype("#cover-zoom", "200 %");
        assertEquals(2, plan().picture().orElseThrow().zoom(), 1e-9);
        fire("#cover-tone-two-inks");
        assertEquals("two-inks", plan().picture().orElseThrow().tone().kind().id());
    }
}
