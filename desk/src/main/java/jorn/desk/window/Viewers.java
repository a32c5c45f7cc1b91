package jorn.desk.window;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Predicate;
import jorn.desk.model.Mishap;

/**
 * Shows a file or folder with the machine's own program. Where the system is one of those that open nothing without saying so, it is
 * asked first whether it has a program for it.
 */
final class Viewers implements Predicate<Path> {
    private static final int PATIENCE_SECONDS = 3;

    private final Consumer<Path> open;

    /** @param open hands it to the system */
    Viewers(Consumer<Path> open) {
        this.open = open;
    }

    /** @return whether there is a program that shows it */
    @Override
    public boolean test(Path path) {
        if (asksFirst() && !hasProgram(Files.isDirectory(path) ? "inode/directory" : "application/pdf")) {
            return false;
        }
        open.accept(path);
        return true;
    }

    private static boolean asksFirst() {
        String system = System.getProperty("os.name", "").toLowerCase(Locale.ROOT);
        return !system.contains("win") && !system.contains("mac");
    }

    /** Asks the desktop's own table of programs, as the freedesktop.org standard for shared MIME information has it. */
    private static boolean hasProgram(String type) {
        if (!isThere("xdg-open") || !isThere("xdg-mime")) {
            return false;
        }
        try {
            Process asked = new ProcessBuilder(List.of("xdg-mime", "query", "default", type))
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            if (!asked.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                asked.destroy();
                return false;
            }
            return asked.getInputStream().readAllBytes().length > 1;
        } catch (java.io.IOException e) {
            Mishap.log(e);
            return false;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private static boolean isThere(String program) {
        for (String folder : System.getenv().getOrDefault("PATH", "").split(File.pathSeparator)) {
            if (!folder.isEmpty() && Files.isExecutable(Path.of(folder).resolve(program))) {
                return true;
            }
        }
        return false;
    }
}
