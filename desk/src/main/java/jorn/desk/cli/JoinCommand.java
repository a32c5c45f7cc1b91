package jorn.desk.cli;

import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.print.bindery.JoinList;
import jorn.print.bindery.JoinPart;
import jorn.print.bindery.Joined;
import jorn.print.bindery.Joiner;
import jorn.print.bindery.PdfSource;
import jorn.print.bindery.Weaver;
import jorn.print.export.Authorship;
import jorn.print.export.Progress;
import jorn.say.Wording;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Joins PDFs, or pages of them, in the order in which they are named. */
@Command(name = "join")
final class JoinCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(arity = "0..*", paramLabel = "FILE[:PAGES]", description = "${bundle:cli.join.files}")
    private List<String> files = List.of();

    @Option(names = "--list", paramLabel = "FILE", description = "${bundle:cli.join.list}")
    private @Nullable Path list;

    @Option(names = "--to", required = true, paramLabel = "OUT.pdf", description = "${bundle:cli.join.to}")
    private Path to;

    @Option(names = "--equal", paramLabel = "SIZE", description = "${bundle:cli.join.equal}")
    private @Nullable String equal;

    @Option(names = "--interleave", description = "${bundle:cli.join.interleave}")
    private boolean interleave;

    @Option(names = "--backwards", description = "${bundle:cli.join.backwards}")
    private boolean backwards;

    @Option(names = "--unfold", description = "${bundle:cli.join.unfold}")
    private boolean unfold;

    @Option(names = "--rtl", description = "${bundle:cli.booklet.rtl}")
    private boolean rtl;

    @Option(names = "--no-names", description = "${bundle:cli.join.no-names}")
    private boolean noNames;

    @Option(names = "--word", paramLabel = "W", description = "${bundle:cli.join.word}")
    private @Nullable String word;

    @Option(names = "--replace", description = "${bundle:cli.export.replace}")
    private boolean replace;

    @Override
    public Integer call() {
        PrintWriter err = spec.commandLine().getErr();
        List<JoinPart> parts = new ArrayList<>();
        if (list != null) {
            parts.addAll(JoinList.read(list));
        }
        for (String each : files) {
            parts.addAll(parts(each));
        }
        if (!replace) {
            Authorship.refuseStrangers(List.of(to));
        }
        if (interleave || unfold) {
            int pages = woven(parts);
            spec.commandLine().getOut().println(Wording.of("cli.join.done", to, pages));
            return JornCommand.DONE;
        }
        Optional<Size> size = Optional.ofNullable(equal).map(e -> Size.parse(e, Unit.INCH));
        Joined joined = Joiner.join(
                JoinList.opened(parts, Optional.ofNullable(word)),
                new Joiner.Manner(!noNames, size),
                to,
                Progress.SILENT);
        joined.notes().forEach(n -> err.println(n.text()));
        spec.commandLine().getOut().println(Wording.of("cli.join.done", to, joined.pages()));
        return JornCommand.DONE;
    }

    /** Pages put back into reading order. */
    private int woven(List<JoinPart> parts) {
        int wanted = interleave ? 2 : 1;
        if (interleave == unfold || parts.size() != wanted) {
            throw Trouble.of("cli.join.two-scans");
        }
        parts.forEach(p -> p.file().ifPresent(f -> Joiner.keepSource(f, to)));
        Optional<String> by = Optional.ofNullable(word);
        try (PdfSource first = PdfSource.open(parts.get(0).file().orElseThrow(), by)) {
            if (unfold) {
                return Weaver.unfold(first, rtl, to);
            }
            try (PdfSource second = PdfSource.open(parts.get(1).file().orElseThrow(), by)) {
                return Weaver.interleave(first, second, backwards, to);
            }
        }
    }

    /** A file, a folder of them, or a file with pages behind a colon. */
    private static List<JoinPart> parts(String said) {
        Path path = Path.of(said);
        if (Files.isDirectory(path) && !said.toLowerCase(java.util.Locale.ROOT).endsWith(".pdf")) {
            return JoinList.folder(path);
        }
        int colon = said.lastIndexOf(':');
        if (!Files.exists(path) && colon > 1) {
            return List.of(JoinPart.of(Path.of(said.substring(0, colon))).withPages(said.substring(colon + 1)));
        }
        return List.of(JoinPart.of(path));
    }
}
