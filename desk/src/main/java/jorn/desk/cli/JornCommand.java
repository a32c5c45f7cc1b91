package jorn.desk.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import jorn.desk.window.Windows;
import jorn.measure.Trouble;
import jorn.say.Wording;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** The command line. Exit codes: 0 done, 1 errors found by a check, 2 cannot be read or bad usage. */
@Command(
        name = "jorn",
        description = "${bundle:cli.jorn.jorn-measures-draws-checks}",
        subcommands = {
            NewCommand.class,
            MeasureCommand.class,
            PressesCommand.class,
            RecipesCommand.class,
            RecipeCommand.class,
            PagesCommand.class,
            CheckCommand.class,
            ExportCommand.class,
            DemoCommand.class,
            CommandLine.HelpCommand.class
        },
        footer = {
            "",
            "${bundle:cli.jorn.test-run-tests}",
            "${bundle:cli.jorn.bench-run-benchmarks-print}",
            "${bundle:cli.jorn.screenshots-write-picture-each}",
            "",
            "${bundle:cli.jorn.without-command-jorn-opens}"
        })
public final class JornCommand implements Callable<Integer> {
    static final int DONE = 0;
    static final int FOUND = 1;
    static final int BAD = 2;

    @Parameters(arity = "0..1", paramLabel = "FILE.jorn", description = "${bundle:cli.jorn.book-open}")
    private Path file;

    private JornCommand() {}

    /**
     * Runs one command line.
     *
     * @return the exit code
     */
    public static int run(String... args) {
        return run(
                new PrintWriter(System.out, true, StandardCharsets.UTF_8),
                new PrintWriter(System.err, true, StandardCharsets.UTF_8),
                args);
    }

    /** Runs one command line, writing to these. */
    public static int run(PrintWriter out, PrintWriter err, String... args) {
        CommandLine line = new CommandLine(new JornCommand());
        SpokenHelp.give(line);
        line.setOut(out);
        line.setErr(err);
        line.setCaseInsensitiveEnumValuesAllowed(true);
        line.setParameterExceptionHandler((e, wrong) -> {
            err.println(Wording.of("cli.jorn.ask-jorn-help-for", SpokenHelp.refusal(e)));
            return BAD;
        });
        line.setExecutionExceptionHandler((e, command, parsed) -> {
            if (e instanceof Trouble t) {
                err.println(t.getMessage());
            } else {
                err.println(Wording.of("cli.jorn.something-went-wrong-inside", e));
                if (System.getenv("JORN_DEBUG") != null) {
                    e.printStackTrace(err);
                }
            }
            return BAD;
        });
        int code = line.execute(args);
        out.flush();
        err.flush();
        return code;
    }

    @Override
    public Integer call() {
        if (file != null && !file.toString().endsWith(".jorn")) {
            throw Trouble.of("cli.jorn.neither-command-nor-jorn", file);
        }
        return Windows.open(Optional.ofNullable(file), false);
    }
}
