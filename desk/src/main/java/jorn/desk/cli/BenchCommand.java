package jorn.desk.cli;

import java.util.concurrent.Callable;
import jorn.desk.timing.Bench;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Runs the benchmarks. */
@Command(name = "bench", description = "Run the benchmarks and print them as a table.")
final class BenchCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        new Bench(spec.commandLine().getOut()).run();
        return JornCommand.DONE;
    }
}
