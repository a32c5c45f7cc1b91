package jorn.desk.window;

import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.BiConsumer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import jorn.desk.model.BookFiles;
import jorn.desk.model.BookState;
import jorn.desk.model.Desk;
import jorn.desk.model.Mishap;
import jorn.desk.model.Settings;
import jorn.desk.view.Theme;
import jorn.measure.Trouble;
import jorn.say.Wording;
import jorn.scratch.Leftovers;
import org.jspecify.annotations.Nullable;

/** The JavaFX application: one window with one book. */
public final class JornApp extends Application {
    /** How the application is to begin. */
    record Start(
            Optional<Path> file,
            boolean demo,
            Settings settings,
            CompletableFuture<BookState> first,
            Optional<BiConsumer<Stage, Opened>> then) {}

    /** What has been opened. */
    public record Opened(Desk desk, BookFiles files, DeskWindow window) {}

    @SuppressWarnings("NullAway.Init") // prepared before the launch
    private static Start start;

    /** Must be called before the launch; JavaFX makes the application itself. */
    static void prepare(Start how) {
        start = how;
    }

    @Override
    public void start(Stage stage) {
        Thread.setDefaultUncaughtExceptionHandler((t, e) -> unforeseen(e));
        Thread.currentThread().setUncaughtExceptionHandler((t, e) -> unforeseen(e));
        Theme.loadFonts();
        Settings settings = start.settings();
        Set<Path> written = writtenTo(settings);
        Thread tidy = new Thread(() -> written.forEach(Leftovers::removeFrom), "tidy up");
        tidy.setDaemon(true);
        tidy.start();
        // While the first book is still being laid out.
        Theme.rehearse();
        Desk desk = new Desk(settings, start.first().join());
        BookFiles files = new BookFiles(desk, new FileDialogs(stage));
        DeskWindow window = new DeskWindow(desk, files, new Viewers(p -> getHostServices()
                .showDocument(p.toUri().toString())));
        present = desk;
        name(stage, desk.state().get());
        desk.state().addListener((o, was, now) -> name(stage, now));
        stage.setScene(window.scene());
        WindowPlace place = settings.window()
                .map(w -> WindowPlace.of(w, WindowPlace.screens()))
                .orElseGet(() -> WindowPlace.first(WindowPlace.screens().get(0)));
        place.give(stage);
        stage.setMaximized(settings.isMaximised());
        files.setOnClose(() -> close(stage, settings));
        stage.setOnCloseRequest(e -> {
            if (files.mayClose()) {
                remember(stage, settings);
            } else {
                e.consume();
            }
        });
        start.file().ifPresent(files::openNow);
        if (start.file().isEmpty() && !start.demo() && files.recover()) {
            desk.say(desk.file().isPresent() ? "desk.jorn-app.work-in-its-file" : "desk.jorn-app.your-work-from-last");
        }
        settings.trouble().ifPresent(desk::tell);
        stage.show();
        // A least size that is told before the window is shown is what some window managers give it.
        stage.setMinWidth(WindowPlace.LEAST_WIDTH);
        stage.setMinHeight(WindowPlace.LEAST_HEIGHT);
        if (!stage.isMaximized()) {
            Platform.runLater(() -> place.give(stage));
        }
        // Behind the place, so that whoever comes next may choose another.
        start.then().ifPresent(t -> Platform.runLater(() -> t.accept(stage, new Opened(desk, files, window))));
    }

    private static void name(Stage stage, BookState shown) {
        stage.setTitle(Wording.of("desk.jorn-app.window", shown.book().shownTitle()));
    }

    private static @Nullable Desk present;

    /** Half-written files of programs that were stopped lie where files are written. */
    private static Set<Path> writtenTo(Settings settings) {
        Set<Path> folders = new LinkedHashSet<>();
        folders.add(settings.pressFolder().getParent());
        settings.recent().forEach(f -> folders.add(f.toAbsolutePath().getParent()));
        if (!settings.exportFolder().isBlank()) {
            folders.add(Path.of(settings.exportFolder().replaceFirst("^~", System.getProperty("user.home"))));
        }
        return folders;
    }

    private static void remember(Stage stage, Settings settings) {
        settings.setMaximised(stage.isMaximized());
        if (!stage.isMaximized()) {
            settings.setWindow(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight());
        }
    }

    private static void close(Stage stage, Settings settings) {
        remember(stage, settings);
        stage.close();
    }

    /** A fault of Jorn's own, in whichever thread: told, written down, and the window goes on. */
    private static void unforeseen(Throwable e) {
        Trouble told = Mishap.told(e);
        Platform.runLater(() -> {
            if (present != null) {
                present.tell(told);
            }
        });
    }
}
