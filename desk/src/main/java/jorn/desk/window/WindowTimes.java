package jorn.desk.window;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.stage.Stage;
import jorn.book.Book;
import jorn.desk.model.BenchName;
import jorn.desk.model.Settings;
import jorn.desk.window.JornApp.Opened;

/**
 * How long the window takes.
 *
 * @param firstWindow from the start of a new process to the first frame after the window is shown, in seconds; median of three
 * @param flip from the wish for another spread to the frame that shows it, in seconds; median
 */
public record WindowTimes(double firstWindow, double flip) {
    private static final String SEEN = "seen";
    private static final int FLIPS = 60;
    private static final int STARTS = 3;

    /** Measures both; needs a display. */
    public static WindowTimes measure(Book book) {
        double[] starts = new double[STARTS];
        for (int i = 0; i < STARTS; i++) {
            starts[i] = start();
        }
        List<Double> flips = new ArrayList<>();
        Windows.openThen(Settings.load(Windows.temporary()), (stage, opened) -> {
            opened.desk().lay(book, Optional.empty());
            opened.desk().bench().set(BenchName.MAKEUP);
            new Flipper(stage, opened, flips).start();
        });
        return new WindowTimes(
                median(starts), median(flips.stream().mapToDouble(d -> d).toArray()));
    }

    /** The process that is timed: opens the demo, says that it is seen, and ends. */
    public static void main(String[] args) {
        Windows.openThen(
                Settings.load(Windows.temporary()),
                (stage, opened) -> new AnimationTimer() {
                    private int frames;

                    @Override
                    public void handle(long now) {
                        if (++frames == 2) {
                            System.out.println(SEEN);
                            Platform.exit();
                        }
                    }
                }.start());
    }

    private static double start() {
        List<String> command = new ArrayList<>();
        command.add(System.getProperty("java.home") + "/bin/java");
        ManagementFactory.getRuntimeMXBean().getInputArguments().stream()
                .filter(a -> !a.startsWith("-agentlib"))
                .forEach(command::add);
        command.addAll(List.of("-cp", System.getProperty("java.class.path"), WindowTimes.class.getName()));
        try {
            long from = System.nanoTime();
            Process process = new ProcessBuilder(command)
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            try (BufferedReader said =
                    new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
                String line = said.readLine();
                double seconds = (System.nanoTime() - from) / 1e9;
                process.destroy();
                return SEEN.equals(line) ? seconds : Double.NaN;
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static double median(double[] values) {
        Arrays.sort(values);
        return values.length == 0 ? Double.NaN : values[values.length / 2];
    }

    /** Turns the pages and times each turn, from the wish to the end of the frame that draws it. */
    private static final class Flipper extends AnimationTimer {
        private final Stage stage;
        private final Opened opened;
        private final List<Double> times;
        private int turned;

        Flipper(Stage stage, Opened opened, List<Double> times) {
            this.stage = stage;
            this.opened = opened;
            this.times = times;
        }

        @Override
        public void handle(long now) {
            if (turned++ >= FLIPS) {
                stop();
                stage.close();
                Platform.exit();
                return;
            }
            long from = System.nanoTime();
            stage.getScene().addPostLayoutPulseListener(new Runnable() {
                @Override
                public void run() {
                    stage.getScene().removePostLayoutPulseListener(this);
                    times.add((System.nanoTime() - from) / 1e9);
                }
            });
            opened.desk().turn(1);
        }
    }
}
