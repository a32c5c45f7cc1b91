package jorn.desk.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import jorn.measure.Trouble;
import jorn.print.bindery.PdfSource;
import jorn.print.bindery.Splitter;
import jorn.print.bindery.Splitter.Piece;
import jorn.print.export.Progress;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Splits a PDF into several. */
@Command(name = "split")
final class SplitCommand implements Callable<Integer> {
    private static final double MEGABYTE = 1e6;

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "IN.pdf", description = "${bundle:cli.split.file}")
    private Path file;

    @Option(names = "--to", required = true, paramLabel = "FOLDER", description = "${bundle:cli.split.to}")
    private Path to;

    @Option(names = "--every", paramLabel = "N", description = "${bundle:cli.split.every}")
    private @Nullable Integer every;

    @Option(names = "--at-bookmarks", description = "${bundle:cli.split.at-bookmarks}")
    private boolean atBookmarks;

    @Option(names = "--ranges", paramLabel = "R", description = "${bundle:cli.split.ranges}")
    private @Nullable String ranges;

    @Option(names = "--odd-even", description = "${bundle:cli.split.odd-even}")
    private boolean oddEven;

    @Option(names = "--size", paramLabel = "MB", description = "${bundle:cli.split.size}")
    private @Nullable String size;

    @Option(names = "--word", paramLabel = "W", description = "${bundle:cli.join.word}")
    private @Nullable String word;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        return PdfInput.with(file, Optional.ofNullable(word), spec.commandLine().getErr(), source -> {
            Splitter.write(source, pieces(source), to, Progress.SILENT).forEach(out::println);
            return JornCommand.DONE;
        });
    }

    private List<Piece> pieces(PdfSource source) {
        List<List<Piece>> asked = new ArrayList<>();
        if (every != null) {
            asked.add(Splitter.every(source, every));
        }
        if (atBookmarks) {
            asked.add(Splitter.atBookmarks(source));
        }
        if (ranges != null) {
            asked.add(Splitter.ranges(source, ranges));
        }
        if (oddEven) {
            asked.add(Splitter.oddAndEven(source));
        }
        if (size != null) {
            try {
                asked.add(Splitter.bySize(source, bytes(size)));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        if (asked.size() != 1) {
            throw Trouble.of("cli.split.one-way");
        }
        return asked.get(0);
    }

    private static long bytes(String said) {
        String number = said.toLowerCase(Locale.ROOT).replace("mb", "").strip();
        try {
            return Math.round(Double.parseDouble(number) * MEGABYTE);
        } catch (NumberFormatException e) {
            throw Trouble.because(e, "cli.split.no-size", said);
        }
    }
}
