package jorn.desk.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;
import java.util.concurrent.CompletionException;
import jorn.desk.model.Mishap;
import jorn.desk.window.Windows;
import jorn.measure.Trouble;
import jorn.say.Wording;
import jorn.store.BookFile;
import picocli.CommandLine;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.PositionalParamSpec;

/** The command line. Exit codes: 0 done, 1 errors found by a check, 2 cannot be read or bad usage, 3 not foreseen. */
public final class JornCommand {
    static final int DONE = 0;
    static final int FOUND = 1;
    static final int BAD = 2;
    static final int UNFORESEEN = 3;

    private static final String HELP = "help";

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
        PrintWriter said = new PrintWriter(new TerminalWriter(out), true);
        PrintWriter told = new PrintWriter(new TerminalWriter(err), true);
        int code;
        try {
            code = args.length > 0 && args[0].equals(HELP) ? help(said, told, args) : execute(said, told, args);
        } catch (RuntimeException | Error e) {
            code = refuse(told, e);
        }
        said.flush();
        told.flush();
        return code;
    }

    private static int help(PrintWriter out, PrintWriter err, String... args) {
        if (args.length == 1) {
            Overview.print(out);
            return DONE;
        }
        Optional<Verb> asked = Verb.find(args[1]);
        if (asked.isEmpty()) {
            err.println(Wording.of("cli.jorn.ask-jorn-help-for", Wording.of("cli.help.not-understood", args[1])));
            return BAD;
        }
        asked.get().line().usage(out);
        return DONE;
    }

    private static int execute(PrintWriter out, PrintWriter err, String... args) {
        Optional<Verb> verb = args.length == 0 ? Optional.empty() : Verb.find(args[0]);
        CommandLine line = verb.map(Verb::line).orElseGet(JornCommand::bookAlone);
        line.setOut(out);
        line.setErr(err);
        line.setCaseInsensitiveEnumValuesAllowed(true);
        // A title may begin with @; nothing is read from files that nobody named.
        line.setExpandAtFiles(false);
        line.setParameterExceptionHandler((e, wrong) -> {
            err.println(Wording.of("cli.jorn.ask-jorn-help-for", SpokenHelp.refusal(e)));
            return BAD;
        });
        line.setExecutionExceptionHandler((e, command, parsed) -> {
            return refuse(err, e);
        });
        return line.execute(verb.isPresent() ? Arrays.copyOfRange(args, 1, args.length) : args);
    }

    /** Says what cannot be done, or what was not foreseen. */
    private static int refuse(PrintWriter err, Throwable e) {
        // What was done beside comes wrapped.
        Throwable what = e instanceof CompletionException c && c.getCause() != null ? c.getCause() : e;
        err.println(Mishap.told(what).getMessage());
        return what instanceof Trouble ? BAD : UNFORESEEN;
    }

    /** What is said where no command is: nothing, or a book to open. */
    private static CommandLine bookAlone() {
        CommandSpec root = CommandSpec.create()
                .name("jorn")
                .addPositional(PositionalParamSpec.builder()
                        .index("0")
                        .arity("0..1")
                        .type(Path.class)
                        .paramLabel("FILE.jorn")
                        .build());
        CommandLine line = new CommandLine(root);
        line.setExecutionStrategy(parsed -> window(line, parsed.matchedPositionalValue(0, null)));
        return line;
    }

    private static int window(CommandLine line, Path file) {
        try {
            if (file != null && !BookFile.isNamedSo(file)) {
                throw Trouble.of("cli.jorn.neither-command-nor-jorn", file);
            }
            return Windows.open(Optional.ofNullable(file), false);
        } catch (Trouble t) {
            throw new CommandLine.ExecutionException(line, t.getMessage(), t);
        }
    }
}
