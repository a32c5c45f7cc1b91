package jorn.desk.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import jorn.deliver.GivenAway;
import jorn.edition.Edition;
import jorn.measure.Trouble;
import jorn.store.BookFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes a copy of a book that may be given away. */
@Command(name = "give")
final class GiveCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE.jorn", description = "${bundle:cli.give.book}")
    private Path file;

    @Option(names = "--to", required = true, paramLabel = "FILE.jorn", description = "${bundle:cli.give.to}")
    private Path target;

    @Option(names = "--replace", description = "${bundle:cli.new.replace}")
    private boolean replace;

    @Override
    public Integer call() {
        if (Files.exists(target) && !replace) {
            throw Trouble.of("cli.give.there", target);
        }
        BookFile.save(
                GivenAway.of(Edition.of(BookOnDisk.load(file, spec.commandLine().getErr()))), target);
        spec.commandLine().getOut().println(target);
        return JornCommand.DONE;
    }
}
