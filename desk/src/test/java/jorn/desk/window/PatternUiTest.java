package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import jorn.book.Book;
import jorn.book.PatternRuns;
import jorn.book.Starter;
import jorn.pattern.motif.OutlineMotif;
import jorn.pattern.motif.ShapePoints;
import jorn.pattern.motif.ShippedMotif;
import jorn.pattern.page.Gradual;
import jorn.pattern.page.PatternSpec;
import jorn.pattern.page.PatternWindow;
import jorn.pattern.page.Surround;
import jorn.pattern.run.PatternBack;
import jorn.pattern.run.PatternSheet;
import jorn.pattern.run.Patterns;
import jorn.pattern.symmetry.WallpaperGroup;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** A person makes a colouring book: moves a motif under its mirrors, takes another symmetry, keeps what she likes. */
class PatternUiTest extends WindowTest {
    private static final int COUNT = 4;

    private void book() {
        Book book = Starter.COLOURING_BOOK.begin().withTitle("Honeycomb");
        for (int i = 0; i < book.runs().size(); i++) {
            if (PatternRuns.of(book.runs().get(i)).isPresent()) {
                book = PatternRuns.with(book, i, Patterns.of(COUNT, 5));
            }
        }
        Book few = book;
        interact(() -> desk.lay(few, Optional.empty()));
        clickOn("#bench-makeup");
        goToPicture(2);
    }

    private void goToPicture(int number) {
        int page = desk.state().get().pagination().slots().stream()
                .filter(s -> s.subjects()
                        .get(PatternSheet.class)
                        .filter(p -> p.number() == number)
                        .isPresent())
                .findFirst()
                .orElseThrow()
                .number();
        interact(() -> desk.page().set(page));
        settle();
    }

    private Patterns patterns() {
        return desk.book().runs().stream()
                .flatMap(r -> PatternRuns.of(r).stream())
                .findFirst()
                .orElseThrow();
    }

    private List<PatternSpec> all() {
        Patterns p = patterns();
        return java.util.stream.IntStream.rangeClosed(1, p.count())
                .mapToObj(p::page)
                .toList();
    }

    /** Presses what may lie below the part of the column that is seen. */
    private void press(String id) {
        interact(() -> ((javafx.scene.control.ButtonBase) lookup(id).query()).fire());
        settle();
    }

    private void onlySecondChanged(List<PatternSpec> before) {
        for (int i = 0; i < COUNT; i++) {
            assertEquals(i != 1, before.get(i).equals(all().get(i)), "picture " + (i + 1));
        }
    }

    @Test
    void theMotifMovesWithTheHandAndOnlyThisPictureChanges() {
        book();
        List<PatternSpec> before = all();
        drag("#pattern-pad").moveBy(30, 12).drop();
        settle();
        onlySecondChanged(before);
        PatternSpec now = all().get(1);
        assertNotEquals(before.get(1).hold().x(), now.hold().x());
        assertEquals(before.get(1).repeat(), now.repeat());
        double size = now.hold().size();
        interact(() -> lookup("#pattern-pad").query().requestFocus());
        push(KeyCode.PLUS);
        settle();
        assertTrue(all().get(1).hold().size() > size);
        push(KeyCode.CONTROL, KeyCode.Z);
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals(before, all());
    }

    @Test
    void symmetryMotifWindowAndChangeAreTakenByPicture() {
        book();
        List<PatternSpec> before = all();
        press("#pattern-group-p31m");
        press("#pattern-motif-lotus");
        press("#pattern-change-weight");
        press("#pattern-way-outward");
        press("#pattern-window-letter");
        press("#pattern-border-frieze");
        onlySecondChanged(before);
        PatternSpec now = all().get(1);
        assertEquals(WallpaperGroup.P31M, now.repeat().group());
        assertEquals(new ShippedMotif("lotus"), now.hold().motif());
        assertEquals(Gradual.What.WEIGHT, now.gradual().what());
        assertEquals(Gradual.Way.OUTWARD, now.gradual().way());
        assertEquals(
                new PatternWindow(PatternWindow.Pane.LETTER, "H"),
                now.surround().window());
        assertEquals(Surround.Rim.FRIEZE, now.surround().border());
    }

    @Test
    void anotherPictureComesAndPinnedOnesStayWhenAllAreMadeAnew() {
        book();
        List<PatternSpec> before = all();
        interact(() -> lookup("#spread").query().requestFocus());
        push(KeyCode.N);
        settle();
        onlySecondChanged(before);
        assertEquals(before.get(1).repeat().group(), all().get(1).repeat().group(), "each page keeps its own symmetry");
        push(KeyCode.P);
        settle();
        PatternSpec pinned = all().get(1);
        clickOn("#subject-run");
        press("#patterns-anew");
        assertEquals(pinned, all().get(1));
        assertNotEquals(before.get(0), all().get(0));
        clickOn("#subject-page");
        press("#pattern-all-like");
        for (PatternSpec each : all()) {
            assertEquals(pinned.repeat().group(), each.repeat().group());
            assertEquals(pinned.hold().motif(), each.hold().motif());
        }
        assertEquals(COUNT, all().stream().distinct().count(), "each is another one all the same");
    }

    @Test
    void theRunSaysHowManyAndWhatStandsOnTheirBacks() {
        book();
        clickOn("#subject-run");
        retype("#patterns-count", "6");
        press("#patterns-back-colours");
        assertEquals(6, patterns().count());
        assertEquals(Patterns.Back.COLOURS, patterns().back());
        assertEquals(
                6,
                desk.state().get().pagination().slots().stream()
                        .filter(s -> s.subjects().get(PatternBack.class).isPresent())
                        .filter(s -> s.number() % 2 == 0)
                        .count(),
                "every back is a verso");
        retype("#patterns-count", "0");
        assertEquals(6, patterns().count(), "what makes no book is refused");
        retype("#patterns-colours", "5");
        assertTrue(all().stream().allMatch(s -> s.inking().colours() == 5));
    }

    @Test
    void picturesAreMadeBesideTheWindowAndTheirFieldsAreTold() throws Exception {
        book();
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> WaitForAsyncUtils.asyncFx(() ->
                        desk.making().get().isDone() && desk.making().get().wanted() == COUNT)
                .get());
        settle();
        String told = ((Labeled) lookup("#pattern-fields").query()).getText();
        assertTrue(told.matches("\\d+ fields to colour, the smallest .* across: .*"), told);
        clickOn("#subject-run");
        assertEquals("All 4 are made.", ((Labeled) lookup("#patterns-progress").query()).getText());
        assertFalse(lookup("#patterns-stop").query().isVisible());
    }

    @Test
    void aDrawingOfOnesOwnBecomesTheMotifAndOneOfNothingIsRefused() throws Exception {
        book();
        var svg = folder.resolve("hive.png");
        Files.writeString(
                svg,
                "<svg xmlns='http://www.w3.org/2000/svg'><script>alert(1)</script><g transform='rotate(30)'>"
                        + "<path d='M0 0 A10 10 0 0 1 20 0 L10 -30 Z'/></g></svg>");
        press("#act-row-a-drawing-or-photograph-");
        files.finish();
        settle();
        assertTrue(all().get(1).hold().motif() instanceof OutlineMotif);
        Files.writeString(svg, "<svg xmlns='http://www.w3.org/2000/svg'><text>nothing</text></svg>");
        press("#act-row-a-drawing-or-photograph-");
        files.finish();
        settle();
        assertTrue(
                desk.notice().get().text().contains("no outline"),
                desk.notice().get().text());
    }

    @Test
    void aShapeIsDrawnWithAFewPointsByHandAndByKeys() {
        book();
        press("#pattern-motif-own");
        OutlineMotif begun = (OutlineMotif) all().get(1).hold().motif();
        int points = ShapePoints.of(begun).points().size();
        var pad = (javafx.scene.layout.Region) lookup("#pattern-points").query();
        // Presses near its lower right corner and pulls the new point up.
        interact(() -> {
            firePad(pad, javafx.scene.input.MouseEvent.MOUSE_PRESSED, 150, 150);
            firePad(pad, javafx.scene.input.MouseEvent.MOUSE_DRAGGED, 150, 120);
            firePad(pad, javafx.scene.input.MouseEvent.MOUSE_RELEASED, 150, 120);
        });
        settle();
        ShapePoints now = ShapePoints.of(all().get(1).hold().motif());
        assertEquals(points + 1, now.points().size());
        assertTrue(now.points().stream()
                .anyMatch(p -> Math.abs(p.x() - 150.0 / 168) < 0.01 && Math.abs(p.y() - 120.0 / 168) < 0.01));
        interact(() -> lookup("#pattern-points").query().requestFocus());
        push(KeyCode.DELETE);
        settle();
        assertEquals(begun, all().get(1).hold().motif(), "the point that is held goes");
        push(KeyCode.N);
        push(KeyCode.UP);
        settle();
        assertNotEquals(begun, all().get(1).hold().motif());
    }

    private static void firePad(
            javafx.scene.Node pad,
            javafx.event.EventType<javafx.scene.input.MouseEvent> type,
            double left,
            double top) {
        double x = pad.localToScene(left, top).getX();
        double y = pad.localToScene(left, top).getY();
        pad.fireEvent(new javafx.scene.input.MouseEvent(
                type,
                x,
                y,
                x,
                y,
                javafx.scene.input.MouseButton.PRIMARY,
                1,
                false,
                false,
                false,
                false,
                true,
                false,
                false,
                true,
                false,
                true,
                null));
    }

    @Test
    void aPhotographIsTracedAndItsOutlinesCanLieElsewhere() throws Exception {
        book();
        drawing("hive.png");
        press("#act-row-a-drawing-or-photograph-");
        files.finish();
        settle();
        OutlineMotif first = (OutlineMotif) all().get(1).hold().motif();
        assertEquals("hive.png", first.word());
        retype("#pattern-threshold", "30");
        files.finish();
        settle();
        assertNotEquals(first, all().get(1).hold().motif(), "less of it is ink");
        retype("#pattern-threshold", "0");
        files.finish();
        settle();
        assertEquals(first, all().get(1).hold().motif());
    }

    @Test
    void aFolderThatIsDroppedBecomesAPageForEachDrawing() throws Exception {
        book();
        Files.createDirectories(folder.resolve("art"));
        drawing("art/2.png");
        drawing("art/10.png");
        interact(() -> files.takeIn(folder.resolve("art")));
        files.finish();
        settle();
        assertEquals(
                List.of("2", "10"),
                desk.book().runs().stream()
                        .flatMap(r -> PatternRuns.art(r).stream())
                        .flatMap(a -> a.items().stream())
                        .map(jorn.pattern.run.ArtItem::title)
                        .toList());
        assertTrue(desk.notice().get().text().startsWith("2 drawings are in the book now"));
    }

    private void drawing(String name) throws java.io.IOException {
        var image = new java.awt.image.BufferedImage(200, 200, java.awt.image.BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(java.awt.Color.WHITE);
        g.fillRect(0, 0, 200, 200);
        g.setColor(new java.awt.Color(110, 110, 110));
        g.fillOval(20, 30, 160, 110);
        g.setColor(java.awt.Color.BLACK);
        g.fillRect(50, 120, 30, 70);
        g.dispose();
        javax.imageio.ImageIO.write(image, "png", folder.resolve(name).toFile());
    }
}
