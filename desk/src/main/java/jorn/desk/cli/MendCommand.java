package jorn.desk.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import jorn.art.Reading;
import jorn.measure.Trouble;
import jorn.press.PressProfile;
import jorn.print.reception.Mending;
import jorn.print.reception.Order;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes files that were made elsewhere anew, as a press wants them. */
@Command(name = "mend")
final class MendCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FOLDER", description = "${bundle:cli.receive.folder}")
    private Path place;

    @Option(names = "--press", required = true, paramLabel = "P", description = "${bundle:cli.receive.press}")
    private String press;

    @Option(names = "--to", required = true, paramLabel = "DIR", description = "${bundle:cli.mend.to}")
    private Path target;

    @Option(names = "--ink", paramLabel = "I", description = "${bundle:cli.receive.ink}")
    private @Nullable String ink;

    @Option(names = "--rtl", description = "${bundle:cli.receive.rtl}")
    private boolean rtl;

    @Option(names = "--replace", description = "${bundle:cli.new.replace}")
    private boolean replace;

    @Override
    public Integer call() {
        if (!replace && Files.isDirectory(target) && hasFiles()) {
            throw Trouble.of("cli.mend.there", target);
        }
        PressProfile profile = PressesCommand.shelf(spec).find(press);
        Order order = new Order(
                Optional.ofNullable(ink),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                rtl ? Reading.RIGHT_TO_LEFT : Reading.LEFT_TO_RIGHT);
        Mending.mend(place, profile, order, target)
                .forEach(file -> spec.commandLine().getOut().println(file));
        return JornCommand.DONE;
    }

    private boolean hasFiles() {
        try (var files = Files.list(target)) {
            return files.findAny().isPresent();
        } catch (java.io.IOException e) {
            throw Trouble.because(e, "print.reception.unreadable", target);
        }
    }
}
