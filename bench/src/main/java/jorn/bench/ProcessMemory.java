package jorn.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;

/** The resident memory of a process, as Linux counts it. */
final class ProcessMemory {
    private ProcessMemory() {}

    /** The most that a process has held so far, in bytes; 0 where the system does not say, or the process has just ended. */
    static long peak(long process) {
        try (Stream<String> lines = Files.lines(Path.of("/proc", Long.toString(process), "status"))) {
            return lines.filter(l -> l.startsWith("VmHWM:"))
                    .mapToLong(l -> Long.parseLong(l.replaceAll("\\D+", "")) * 1024)
                    .findFirst()
                    .orElse(0);
        } catch (IOException | UncheckedIOException e) {
            return 0;
        }
    }
}
