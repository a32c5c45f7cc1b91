package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import jorn.book.Starter;
import jorn.desk.Journals;
import jorn.measure.Unit;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;

/**
 * Ten whole jobs, done in the window as a person does them, at two sizes and two text sizes. How many clicks and keys each takes is
 * written to {@code target/ten-jobs.txt}.
 */
@Tag("long")
class TenJobsUiTest extends WindowTest {
    private final List<String> counted = new ArrayList<>();
    private int clicks;
    private int keys;

    /** A job that ends in a check of what was made. */
    private interface Job {
        void done() throws Exception;
    }

    private void job(String name, Job job) throws Exception {
        interact(() -> {
            desk.putAwayNotice();
            desk.lay(Journals.lined(), Optional.empty());
            desk.unit().set(Unit.INCH);
            desk.bench().set(jorn.desk.model.BenchName.BRIEF);
            lookup("#decision-name").query().requestFocus();
        });
        settle();
        clicks = 0;
        keys = 0;
        job.done();
        counted.add(String.format(Locale.ROOT, "%-34s %3d clicks %3d keys", name, clicks, keys));
    }

    private void all(double width, double height, int text) throws Exception {
        interact(() -> {
            var scene = lookup("#sentence").query().getScene();
            Stage stage = (Stage) scene.getWindow();
            stage.setWidth(width);
            stage.setHeight(height);
            scene.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> clicks++);
            scene.addEventFilter(KeyEvent.KEY_PRESSED, e -> keys++);
        });
        if (text != 100) {
            clickOn("#books");
            clickOn("#text-size-" + text);
        }
        counted.add(String.format(Locale.ROOT, "%.0f × %.0f, %d %%", width, height, text));
        job("a journal with two files", this::journal);
        job("cream, 200 pages, millimetres", this::creamInMillimetres);
        job("a German planner", this::germanPlanner);
        job("a dotted run, moved", this::dottedRun);
        job("an own picture on every page", this::ownPicture);
        job("a price", this::price);
        job("an error found and mended", this::error);
        job("by keyboard only", this::keyboard);
        job("bad input", this::badInput);
        job("saved, closed and opened again", this::reopened);
        counted.forEach(System.out::println);
        Path written = Path.of("target", "ten-jobs-" + text + ".txt");
        Files.createDirectories(written.toAbsolutePath().getParent());
        Files.write(written, counted);
    }

    @Test
    void tenJobsAtTheUsualSize() throws Exception {
        all(1280, 800, 100);
    }

    @Test
    void tenJobsInASmallWindowWithLargeText() throws Exception {
        all(900, 600, 150);
    }

    private void typeOver(String text) {
        push(KeyCode.CONTROL, KeyCode.A);
        write(text);
    }

    private void journal() throws IOException {
        clickOn("#decision-name");
        await("#field-title");
        write("Bee Yard").push(KeyCode.ENTER);
        clickOn("#bench-despatch");
        clickOn("#export-folder");
        typeOver(folder.resolve("journal").toString());
        clickOn("#write-files");
        await("#written-cover");
        try (var files = Files.list(folder.resolve("journal"))) {
            assertEquals(2, files.filter(f -> f.toString().endsWith(".pdf")).count());
        }
    }

    private void creamInMillimetres() {
        clickOn("#unit-mm");
        clickOn("#decision-paper");
        clickOn("#choice-cream-paper");
        clickOn("#decision-pages");
        await("#field-pages");
        write("200").push(KeyCode.ENTER);
        assertEquals("cream", desk.book().brief().paper());
        assertEquals(200, desk.state().get().pagination().pageCount());
        assertEquals("12.70 mm", value("spine.width"), "200 × 0.0025 in");
    }

    private void germanPlanner() {
        clickOn("#decision-kind");
        clickOn("#starter-dated-planner");
        clickOn("#bench-makeup");
        open("#makeup-dates", "#date-language");
        clickOn("#date-language");
        write("ger").push(KeyCode.ENTER);
        open("#makeup-dates", "#date-holidays");
        clickOn("#date-holidays");
        write("germany").push(KeyCode.ENTER);
        assertEquals("de", desk.book().calendar().language());
        assertEquals("DE", desk.book().calendar().holidays());
    }

    private void dottedRun() {
        clickOn("#bench-makeup");
        interact(() -> desk.page().set(9));
        settle();
        open("#makeup-designs", "#design-search");
        clickOn("#design-after");
        clickOn("#design-search");
        write("dotted 5");
        settle();
        clickOn("#design-dotted");
        int before = run("dotted");
        interact(() -> lookup("#spread").query().requestFocus());
        push(KeyCode.CONTROL, KeyCode.LEFT);
        assertTrue(before > 0, "taken");
        assertTrue(run("dotted") < before, "moved from " + before + " to " + run("dotted"));
        assertTrue(text("#news").length() > 5, "and said so");
    }

    private int run(String design) {
        for (int i = 0; i < desk.book().runs().size(); i++) {
            if (desk.book().runs().get(i).recipe().id().equals(design)) {
                return i;
            }
        }
        return -1;
    }

    private void ownPicture() throws IOException {
        BufferedImage bee = new BufferedImage(900, 900, BufferedImage.TYPE_INT_RGB);
        ImageIO.write(bee, "png", folder.resolve("hive.png").toFile());
        clickOn("#bench-makeup");
        interact(() -> desk.page().set(9));
        clickOn("#subject-run");
        clickOn("#ornament-add");
        clickOn("#ornament-0-picture-file");
        files.finish();
        settle();
        assertFalse(desk.book().runs().get(2).decorations().isEmpty());
        assertEquals(1, desk.book().pictures().size());
    }

    private void price() {
        clickOn("#view-money");
        clickOn("#take-us");
        assertEquals(5.99, desk.book().plans().prices().get("us"));
        assertEquals("1.15 USD", text("#kept-us"));
    }

    private void error() {
        clickOn("#bench-makeup");
        clickOn("#subject-all");
        clickOn("#margin-gutter");
        typeOver("0.1");
        push(KeyCode.ENTER);
        clickOn("#bench-proof");
        await("#note-margin-gutter");
        assertTrue(text("#bench-proof .waiting").contains("to mend"));
        push(KeyCode.CONTROL, KeyCode.Z);
        assertTrue(desk.findings().get().toMend().isEmpty());
    }

    private void keyboard() {
        push(KeyCode.ENTER);
        await("#field-title");
        write("By Hand").push(KeyCode.ENTER);
        assertEquals("decision-name", focused());
        for (int i = 0; i < 12 && !"decision-pages".equals(focused()); i++) {
            push(KeyCode.TAB);
        }
        push(KeyCode.ENTER);
        await("#field-pages");
        write("96").push(KeyCode.ENTER);
        assertEquals(96, desk.book().brief().pages());
        push(KeyCode.CONTROL, KeyCode.DIGIT2);
        push(KeyCode.CONTROL, KeyCode.DIGIT5);
        for (int i = 0; i < 30 && !"export-folder".equals(focused()); i++) {
            push(KeyCode.TAB);
        }
        typeOver(folder.resolve("keys").toString());
        for (int i = 0; i < 5 && !"write-files".equals(focused()); i++) {
            push(KeyCode.TAB);
        }
        push(KeyCode.ENTER);
        await("#written-cover");
        assertEquals(0, clicks, "no mouse at all");
        assertTrue(Files.exists(folder.resolve("keys")));
    }

    private void badInput() {
        clickOn("#decision-pages");
        await("#field-pages");
        write("a lot").push(KeyCode.ENTER);
        assertTrue(text(".floating #refusal").contains("a lot"));
        push(KeyCode.ESCAPE);
        clickOn("#decision-trim");
        await("#field-trim");
        typeOver("0 x 0");
        push(KeyCode.ENTER);
        assertTrue(text(".floating #refusal").length() > 10);
        push(KeyCode.ESCAPE);
        clickOn("#view-money");
        clickOn("#price-us");
        typeOver("-3");
        push(KeyCode.ENTER);
        assertTrue(text("#view-refusal").contains("-3"), text("#view-refusal"));
        assertTrue(desk.book().plans().prices().isEmpty());
        assertEquals(120, desk.book().brief().pages());
    }

    private void reopened() {
        clickOn("#decision-name");
        await("#field-title");
        write("Kept").push(KeyCode.ENTER);
        push(KeyCode.CONTROL, KeyCode.S);
        interact(() -> desk.change("subtitle", b -> b.withSubtitle("not saved yet")));
        interact(() -> assertTrue(files.mayClose(), "nothing is asked, for nothing is lost"));
        interact(() -> desk.lay(Starter.NOTEBOOK.begin(), Optional.empty()));
        interact(() -> assertTrue(files.recover()));
        settle();
        assertEquals("Kept", desk.book().title());
        assertEquals("not saved yet", desk.book().subtitle());
        push(KeyCode.CONTROL, KeyCode.S);
        assertTrue(desk.isSaved());
        assertEquals("hive.jorn", desk.file().orElseThrow().getFileName().toString());
    }

    @Override
    public FxRobot clickOn(String query, javafx.scene.input.MouseButton... buttons) {
        await(query);
        Node node = lookup(query).queryAll().stream()
                .filter(Node::isVisible)
                .findFirst()
                .orElseThrow();
        assertFalse(node.isDisabled(), query);
        return super.clickOn(query, buttons);
    }
}
