package jorn.desk.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import jorn.measure.Trouble;
import jorn.print.reception.Mending;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
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

    @Mixin
    private OrderOptions ordered = new OrderOptions();

    @Option(names = "--to", required = true, paramLabel = "DIR", description = "${bundle:cli.mend.to}")
    private Path target;

    @Option(names = "--replace", description = "${bundle:cli.new.replace}")
    private boolean replace;

    @Override
    public Integer call() {
        if (!replace && Files.isDirectory(target) && hasFiles()) {
            throw Trouble.of("cli.mend.there", target);
        }
        Mending.mend(place, ordered.profile(), ordered.order(), target)
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
