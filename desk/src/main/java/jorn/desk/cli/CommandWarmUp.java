package jorn.desk.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import jorn.desk.model.LanguageChoice;
import jorn.say.Wording;

/** Gives the commonest commands once: the launcher keeps the classes that were loaded on the way, so that commands start sooner. */
public final class CommandWarmUp {
    private CommandWarmUp() {}

    public static void main(String[] args) throws IOException {
        Path folder = Files.createTempDirectory("jorn-");
        Path book = folder.resolve("warm.jorn");
        Wording.speak(new LanguageChoice(folder).now());
        run("help");
        run("new", "dated-planner", "-o", book.toString(), "--from", "2027-01-01", "--to", "2027-01-31");
        run("measure", book.toString(), "--json");
        run("check", book.toString(), "--json");
        run("pages", book.toString());
        run("presses");
        run("recipes");
        run("export", book.toString(), "--to", folder.toString());
        try (var files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
        Files.delete(folder);
    }

    private static void run(String... words) {
        PrintWriter silent = new PrintWriter(Writer.nullWriter());
        JornCommand.run(silent, silent, words);
    }
}
