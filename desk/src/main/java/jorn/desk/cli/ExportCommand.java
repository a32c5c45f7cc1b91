package jorn.desk.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import jorn.check.Checker;
import jorn.check.Finding;
import jorn.check.Proof;
import jorn.deliver.Handover;
import jorn.deliver.Handover.Asked;
import jorn.edition.Edition;
import jorn.json.Json;
import jorn.measure.Unit;
import jorn.press.PrinterMark;
import jorn.print.export.Authorship;
import jorn.print.export.Exporter;
import jorn.print.export.Progress;
import jorn.print.export.WrittenFile;
import jorn.say.Wording;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes a book's files. */
@Command(name = "export")
final class ExportCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE.jorn", description = "${bundle:cli.export.book}")
    private Path file;

    @Option(names = "--to", required = true, paramLabel = "DIR", description = "${bundle:cli.export.folder-write}")
    private Path folder;

    @Option(names = "--json", description = "${bundle:cli.export.json-array}")
    private boolean json;

    @Option(names = "--ready", description = "${bundle:cli.export.only-ready}")
    private boolean ready;

    @Option(names = "--replace", description = "${bundle:cli.export.replace}")
    private boolean replace;

    @Option(names = "--marks", paramLabel = "M", split = ",", description = "${bundle:cli.export.marks}")
    private List<String> marks = List.of();

    @Option(names = "--one-file", description = "${bundle:cli.export.one-file}")
    private boolean oneFile;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        var err = spec.commandLine().getErr();
        Exporter.makeReady();
        Edition edition = Edition.of(BookOnDisk.load(file, err));
        Handover handover = Handover.toPress(edition, asked(edition));
        if (!replace) {
            Authorship.refuseStrangers(Exporter.files(edition, handover, folder));
        }
        // The check goes on beside the writing, where nothing hangs on it.
        CompletableFuture<List<Finding>> check =
                CompletableFuture.supplyAsync(() -> Checker.check(new Proof(edition, Unit.INCH)));
        if (ready && Checker.hasErrors(told(check, err))) {
            err.println(Wording.of("cli.export.not-ready"));
            return JornCommand.FOUND;
        }
        List<WrittenFile> written = Exporter.export(edition, handover, folder, Progress.SILENT);
        if (!ready) {
            told(check, err);
        }
        Exporter.tooLarge(edition.book().brief().press(), written).forEach(m -> err.println(m.text()));
        if (json) {
            List<Map<String, Object>> array =
                    written.stream().map(ExportCommand::object).toList();
            out.println(new String(Json.write(array), StandardCharsets.UTF_8));
        } else {
            written.forEach(d -> out.println(d.file()));
        }
        return JornCommand.DONE;
    }

    /** What the press asks for, and what is asked for here. */
    private Asked asked(Edition edition) {
        Asked press = Asked.of(edition.book().brief().press().pdf());
        Set<PrinterMark> all = EnumSet.noneOf(PrinterMark.class);
        all.addAll(press.marks());
        marks.forEach(m -> all.add(PrinterMark.ofId(m)));
        return new Asked(press.oneFile() || oneFile, all);
    }

    private static List<Finding> told(CompletableFuture<List<Finding>> check, PrintWriter err) {
        List<Finding> findings = check.join();
        findings.forEach(f -> err.println(CheckCommand.line(f)));
        return findings;
    }

    private static Map<String, Object> object(WrittenFile delivery) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("role", delivery.role());
        object.put("file", delivery.file().toString());
        return object;
    }
}
