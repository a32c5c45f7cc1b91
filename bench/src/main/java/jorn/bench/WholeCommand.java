package jorn.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import jorn.measure.Trouble;

/**
 * What a command costs whoever gives it: from the launcher's start to its end.
 *
 * @param seconds median of several
 * @param memory the most resident memory that one of them was seen to hold, in bytes, as Linux counts it; 0 elsewhere
 */
record WholeCommand(double seconds, long memory) {
    private static final int ROUNDS = 5;
    private static final int LOOK_MILLIS = 5;

    /**
     * Gives a command several times; the first is not counted, since the launcher may build what it lacks.
     *
     * @throws Trouble where the command says that it failed
     */
    static WholeCommand measure(Path launcher, String... words) {
        List<String> command = new ArrayList<>(List.of(launcher.toString()));
        command.addAll(Arrays.asList(words));
        double[] seconds = new double[ROUNDS];
        long memory = 0;
        run(command);
        for (int i = 0; i < ROUNDS; i++) {
            WholeCommand once = run(command);
            seconds[i] = once.seconds();
            memory = Math.max(memory, once.memory());
        }
        Arrays.sort(seconds);
        return new WholeCommand(seconds[ROUNDS / 2], memory);
    }

    private static WholeCommand run(List<String> command) {
        try {
            long from = System.nanoTime();
            Process process = new ProcessBuilder(command)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            long memory = 0;
            while (!process.waitFor(LOOK_MILLIS, TimeUnit.MILLISECONDS)) {
                memory = Math.max(memory, ProcessMemory.peak(process.pid()));
            }
            double seconds = (System.nanoTime() - from) / 1e9;
            if (process.exitValue() != 0) {
                throw Trouble.of("“" + String.join(" ", command) + "” failed.", "Give it by hand to see why.");
            }
            return new WholeCommand(seconds, memory);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
