package jorn.desk.window;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.BiConsumer;
import javafx.application.Application;
import javafx.stage.Stage;
import jorn.desk.model.BookState;
import jorn.desk.model.Settings;
import jorn.desk.window.JornApp.Opened;

/** Opens the window from the command line. */
public final class Windows {
    private Windows() {}

    /**
     * Opens the window and returns when it is closed.
     *
     * @return the exit code
     */
    public static int open(Optional<Path> file, boolean demo) {
        CompletableFuture<BookState> first = FirstBook.laidOut(demo);
        launch(new JornApp.Start(file, demo, Settings.load(), first, Optional.empty()));
        return 0;
    }

    /** Opens the demo, hands it to those who measure or show it, and returns when the window is closed. */
    public static void openThen(Settings settings, BiConsumer<Stage, Opened> then) {
        launch(new JornApp.Start(Optional.empty(), true, settings, FirstBook.laidOut(true), Optional.of(then)));
    }

    private static void launch(JornApp.Start start) {
        JornApp.prepare(start);
        Application.launch(JornApp.class);
    }
}
