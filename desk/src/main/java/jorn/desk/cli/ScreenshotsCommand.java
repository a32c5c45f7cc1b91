package jorn.desk.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import jorn.desk.window.Windows;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** Writes a picture of each main view. */
@Command(name = "screenshots", description = "Write a picture of each main view, 1280x800, from the demo data.")
final class ScreenshotsCommand implements Callable<Integer> {
    @Parameters(paramLabel = "DIR", description = "The folder to write to.")
    private Path folder;

    @Override
    public Integer call() {
        return Windows.screenshots(folder);
    }
}
