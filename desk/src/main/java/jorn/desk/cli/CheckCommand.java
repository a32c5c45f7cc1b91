package jorn.desk.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import jorn.art.Box;
import jorn.book.Book;
import jorn.check.Checker;
import jorn.check.Finding;
import jorn.check.Proof;
import jorn.desk.model.Settings;
import jorn.edition.Edition;
import jorn.json.Json;
import jorn.measure.Unit;
import jorn.say.Wording;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Checks a book. */
@Command(name = "check")
final class CheckCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE.jorn", description = "${bundle:cli.check.book}")
    private Path file;

    @Option(names = "--ink", paramLabel = "I", description = "${bundle:cli.check.ink}")
    private @Nullable String ink;

    @Option(names = "--json", description = "${bundle:cli.check.json-array}")
    private boolean json;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        Book book = BookOnDisk.load(file, spec.commandLine().getErr());
        if (ink != null) {
            book = book.withBrief(book.brief().withInk(ink));
        }
        List<Finding> findings = Checker.check(
                new Proof(Edition.of(book), Unit.INCH, Settings.load().otherNumbers(book)));
        if (json) {
            out.println(new String(
                    Json.write(findings.stream().map(CheckCommand::object).toList()), StandardCharsets.UTF_8));
        } else if (findings.isEmpty()) {
            out.println(Wording.of("cli.check.nothing-mend"));
        } else {
            for (Finding f : findings) {
                out.println(line(f));
            }
        }
        return Checker.hasErrors(findings) ? JornCommand.FOUND : JornCommand.DONE;
    }

    /** A finding in a line: how bad, where, what, as measured and as required, and what to do. */
    static String line(Finding f) {
        return f.severity().id() + "\t" + f.place().inWords() + "\t" + f.message() + figures(f) + " " + f.remedy();
    }

    /** "(175 pixels an inch; 300 wanted)", as far as either is known. */
    private static String figures(Finding f) {
        if (f.measured().isBlank()) {
            return f.required().isBlank() ? "" : " (" + Wording.of("cli.check.wanted", f.required()) + ")";
        }
        return f.required().isBlank()
                ? " (" + f.measured() + ")"
                : " (" + f.measured() + "; " + Wording.of("cli.check.wanted", f.required()) + ")";
    }

    static Map<String, Object> object(Finding f) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("id", f.id());
        object.put("severity", f.severity());
        object.put(
                "page",
                f.place().onCover()
                        ? "cover"
                        : f.place().page() > 0 ? (Object) f.place().page() : "book");
        object.put("box", f.place().box().map(CheckCommand::object).orElse(null));
        object.put("measured", f.measured());
        object.put("required", f.required());
        object.put("clause", f.clause());
        object.put("says", f.message());
        object.put("remedy", f.remedy());
        return object;
    }

    /** In points from the trim's top left corner. */
    private static Map<String, Double> object(Box box) {
        Map<String, Double> object = new LinkedHashMap<>();
        object.put("x", rounded(box.x()));
        object.put("y", rounded(box.y()));
        object.put("width", rounded(box.width()));
        object.put("height", rounded(box.height()));
        return object;
    }

    private static double rounded(double points) {
        return Math.round(points * 100) / 100.0;
    }
}
