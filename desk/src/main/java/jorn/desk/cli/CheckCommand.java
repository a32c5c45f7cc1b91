package jorn.desk.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import jorn.check.Checker;
import jorn.check.Finding;
import jorn.check.Proof;
import jorn.json.Json;
import jorn.measure.Unit;
import jorn.say.Wording;
import jorn.store.BookFile;
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

    @Option(names = "--json", description = "${bundle:cli.check.json-array}")
    private boolean json;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        List<Finding> findings = Checker.check(Proof.of(BookFile.load(file), Unit.INCH));
        if (json) {
            out.println(new String(
                    Json.write(findings.stream().map(CheckCommand::object).toList()), StandardCharsets.UTF_8));
        } else if (findings.isEmpty()) {
            out.println(Wording.of("cli.check.nothing-mend"));
        } else {
            for (Finding f : findings) {
                out.println(f.severity().id() + "\t" + f.place().inWords() + "\t" + f.message() + " " + f.remedy());
            }
        }
        return Checker.hasErrors(findings) ? JornCommand.FOUND : JornCommand.DONE;
    }

    private static Map<String, Object> object(Finding f) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("id", f.id());
        object.put("severity", f.severity());
        object.put(
                "page",
                f.place().onCover()
                        ? "cover"
                        : f.place().page() > 0 ? (Object) f.place().page() : "book");
        object.put("message", f.message());
        object.put("measured", f.measured());
        object.put("required", f.required());
        object.put("remedy", f.remedy());
        return object;
    }
}
