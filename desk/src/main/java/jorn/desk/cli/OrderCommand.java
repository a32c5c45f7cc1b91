package jorn.desk.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.Callable;
import jorn.book.SentParcel.SentFile;
import jorn.edition.Edition;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.order.OrderSlip;
import jorn.order.ShopOrder;
import jorn.print.export.Authorship;
import jorn.print.export.FilesThere;
import jorn.print.export.SlipFile;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes an order for a copy shop in plain words. */
@Command(name = "order")
final class OrderCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE.jorn", description = "${bundle:cli.order.book}")
    private Path file;

    @Option(names = "--copies", paramLabel = "N", description = "${bundle:cli.order.copies}")
    private int copies = 1;

    @Option(names = "--to", paramLabel = "FILE", description = "${bundle:cli.order.to}")
    private @Nullable Path to;

    @Option(names = "--files", paramLabel = "DIR", description = "${bundle:cli.order.files}")
    private @Nullable Path files;

    @Option(names = "--mm", description = "${bundle:cli.slip.mm}")
    private boolean millimetres;

    @Option(names = "--replace", description = "${bundle:cli.export.replace}")
    private boolean replace;

    @Override
    public Integer call() {
        Edition edition = Edition.of(BookOnDisk.load(file, spec.commandLine().getErr()));
        Unit unit = millimetres ? Unit.MILLIMETRE : Unit.INCH;
        List<OrderSlip.Line> lines = ShopOrder.of(edition, there(edition), copies, unit);
        if (to == null) {
            spec.commandLine().getOut().print(OrderSlip.text(lines));
            return JornCommand.DONE;
        }
        if (!replace) {
            Authorship.refuseStrangers(List.of(to));
        }
        SlipFile.writeShopOrder(edition, lines, to);
        spec.commandLine().getOut().println(to);
        return JornCommand.DONE;
    }

    /** The files in the folder that was named, or beside the book or in a folder there; else those that the book has noted. */
    private List<SentFile> there(Edition edition) {
        if (files != null && !Files.isDirectory(files)) {
            throw Trouble.of("cli.order.no-folder", files);
        }
        Path beside = Objects.requireNonNull(file.toAbsolutePath().getParent());
        List<SentFile> found = FilesThere.of(edition, files == null ? FilesThere.around(beside) : List.of(files));
        if (found.isEmpty() && files != null) {
            throw Trouble.of("cli.order.none-there", files, edition.book().shownTitle());
        }
        return found.isEmpty() ? ShopOrder.recorded(edition.book()) : found;
    }
}
