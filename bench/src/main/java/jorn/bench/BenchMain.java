package jorn.bench;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import jorn.measure.Trouble;
import jorn.say.Language;
import jorn.say.Wording;

/** {@code bench} prints the benchmarks as a table, {@code bench covers} those of covers alone, likewise of other parts; {@code screenshots DIR [BENCH]} writes a picture of each main view. */
public final class BenchMain {
    private BenchMain() {}

    public static void main(String[] args) {
        Wording.speak(Optional.ofNullable(System.getenv("JORN_LANGUAGE"))
                .flatMap(Language::of)
                .orElse(Language.ENGLISH));
        System.exit(run(args));
    }

    private static int run(String... args) {
        try {
            if (args.length == 1 && args[0].equals("bench")) {
                new Benchmarks(new PrintWriter(System.out, true, StandardCharsets.UTF_8)).run();
                return 0;
            }
            if (args.length == 2 && args[0].equals("bench") && Benchmarks.PARTS.contains(args[1])) {
                new Benchmarks(new PrintWriter(System.out, true, StandardCharsets.UTF_8)).run(args[1]);
                return 0;
            }
            if ((args.length == 2 || args.length == 3) && args[0].equals("screenshots")) {
                Screenshots.write(Path.of(args[1]), args.length == 3 ? args[2] : "");
                return 0;
            }
        } catch (Trouble t) {
            System.err.println(t.getMessage());
            return 2;
        }
        System.err.println("Say “bench”, or “screenshots” and a folder, and a bench where only that is wanted.");
        return 2;
    }
}
