package jorn.desk.window;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import jorn.desk.Journals;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.model.Settings;
import jorn.desk.view.Theme;
import org.junit.jupiter.api.AfterEach;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.robot.MouseRobot;
import org.testfx.util.WaitForAsyncUtils;

/** A real window with a new journal in it, and what a person does with mouse and keyboard. */
abstract class WindowTest extends ApplicationTest {
    protected Path folder;
    protected Settings settings;
    /** The one that is looked at; {@link #settle} is asked for from everywhere. */
    private static volatile Desk present;
    /** Likewise: what is read and written beside the window. */
    private static volatile BookFiles beside;

    protected Desk desk;
    protected BookFiles files;
    protected final List<Path> opened = new ArrayList<>();

    @Override
    public void start(Stage stage) throws Exception {
        folder = Files.createTempDirectory("jorn-ui");
        settings = Settings.load(folder.resolve("settings"));
        Theme.loadFonts();
        desk = new Desk(settings, Journals.lined());
        present = desk;
        beside = null;
        files = new BookFiles(desk, new BookFiles.Asker() {
            @Override
            public Optional<Path> bookToOpen() {
                return Optional.of(folder.resolve("hive.jorn"));
            }

            @Override
            public Optional<Path> whereToSave(String suggestedName) {
                return Optional.of(folder.resolve("hive.jorn"));
            }

            @Override
            public Optional<Path> folder(Optional<Path> start) {
                return Optional.of(folder.resolve("chosen"));
            }

            @Override
            public Optional<Path> profileToOpen() {
                return Optional.of(folder.resolve("profile.json"));
            }

            @Override
            public Optional<Path> whereToSaveProfile(String suggestedName) {
                return Optional.of(folder.resolve("profile.json"));
            }

            @Override
            public Optional<Path> pictureToOpen() {
                return Optional.of(folder.resolve("hive.png"));
            }

            @Override
            public Optional<Path> whereToSavePicture(String suggestedName) {
                return Optional.of(folder.resolve(suggestedName));
            }

            @Override
            public Optional<Path> listToOpen() {
                return Optional.of(folder.resolve("prompts.txt"));
            }

            @Override
            public Optional<Path> pdfToOpen() {
                return Optional.of(folder.resolve("other.pdf"));
            }

            @Override
            public Optional<Path> whereToSaveDesign(String suggestedName) {
                return Optional.of(folder.resolve("design.json"));
            }
        });
        beside = files;
        stage.setScene(new DeskWindow(desk, files, this::opens).scene());
        stage.setX(0);
        stage.setY(0);
        stage.show();
        stage.requestFocus();
    }

    /** The machine's own programs, as far as this test has any. */
    protected boolean opens(Path path) {
        return opened.add(path);
    }

    @AfterEach
    void letGo() {
        release(new KeyCode[] {});
    }

    /** Drops a file on the window, and waits until it has been read. */
    protected void takeIn(Path path) {
        interact(() -> files.takeIn(path));
        files.finish();
        settle();
    }

    /** Unfolds the measure card, reads a figure and folds it again. */
    protected String value(String figure) {
        clickOn("#measures");
        String value = ((Label) lookup("#figure-" + figure.replace('.', '-'))
                        .lookup(".figure-value")
                        .query())
                .getText();
        clickOn("#fold-measures");
        return value;
    }

    protected void retype(String field, String text) {
        await(field);
        interact(() -> lookup(field).query().requestFocus());
        settle();
        clickOn(field).push(KeyCode.CONTROL, KeyCode.A).push(KeyCode.DELETE);
        write(text).push(KeyCode.ENTER);
        settle();
    }

    /** Clicks once the thing is there: what was typed or clicked before may still be on its way through the window system. */
    @Override
    public FxRobot clickOn(String query, MouseButton... buttons) {
        await(query);
        scrollTo(query);
        super.clickOn(query, buttons);
        settle();
        return this;
    }

    /** As a hand does, which does not wait for the window between the two clicks. */
    @Override
    public FxRobot doubleClickOn(MouseButton... buttons) {
        MouseRobot mouse = robotContext().getMouseRobot();
        for (int click = 1; click <= 2; click++) {
            mouse.pressNoWait(buttons);
            mouse.releaseNoWait(buttons);
        }
        settle();
        return this;
    }

    /** As a person does who does not see the thing yet: brings it into sight in the slip that holds it. */
    private void scrollTo(String query) {
        Node node = lookup(query).queryAll().stream()
                .filter(Node::isVisible)
                .findFirst()
                .orElseThrow();
        for (Node n = node.getParent(); n != null; n = n.getParent()) {
            if (n instanceof ScrollPane && node.isFocusTraversable() && !node.isFocused()) {
                interact(node::requestFocus);
                settle();
                return;
            }
        }
    }

    @Override
    public FxRobot push(KeyCode... keys) {
        super.push(keys);
        settle();
        return this;
    }

    /** Opens a slip by its button. */
    protected void open(String button, String within) {
        clickOn(button);
        await(within);
    }

    /** Waits until there is no such thing any more. */
    protected void awaitGone(String query) {
        try {
            WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> WaitForAsyncUtils.asyncFx(
                            () -> lookup(query).queryAll().isEmpty())
                    .get());
        } catch (TimeoutException e) {
            throw new AssertionError(query + " is still there", e);
        }
    }

    protected void await(String query) {
        if (!isShown(query, 20)) {
            throw new AssertionError("nothing in the window is called " + query);
        }
    }

    private boolean isShown(String query, int seconds) {
        try {
            WaitForAsyncUtils.waitFor(seconds, TimeUnit.SECONDS, () -> WaitForAsyncUtils.asyncFx(
                            () -> lookup(query).queryAll().stream().anyMatch(Node::isVisible))
                    .get());
            return true;
        } catch (TimeoutException e) {
            return false;
        }
    }

    /**
     * Lets the events that are still on their way arrive, and the window draw itself: what was typed or clicked passes the window
     * system once more before a second pulse.
     */
    protected static void settle() {
        WaitForAsyncUtils.waitForFxEvents(1);
        BookFiles working = beside;
        if (working != null) {
            working.finish();
            WaitForAsyncUtils.waitForFxEvents(1);
        }
        awaitFindings();
        awaitPulse();
        awaitPulse();
        WaitForAsyncUtils.waitForFxEvents(1);
    }

    /** The book is checked beside the window; what is found is seen a moment later. */
    private static void awaitFindings() {
        Desk there = present;
        if (there != null) {
            try {
                WaitForAsyncUtils.waitFor(
                        20, TimeUnit.SECONDS, () -> there.findings().get().whole());
            } catch (TimeoutException e) {
                throw new AssertionError("the book is still being read", e);
            }
        }
    }

    private static void awaitPulse() {
        CountDownLatch drawn = new CountDownLatch(1);
        Platform.runLater(() -> {
            new AnimationTimer() {
                @Override
                public void handle(long now) {
                    stop();
                    drawn.countDown();
                }
            }.start();
            Platform.requestNextPulse();
        });
        try {
            if (!drawn.await(20, TimeUnit.SECONDS)) {
                throw new AssertionError("the window draws nothing");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    protected String text(String query) {
        return ((Labeled) lookup(query).query()).getText();
    }

    protected String focused() {
        Node node = lookup("#sentence").query().getScene().getFocusOwner();
        return node == null ? "" : node.getId();
    }
}
