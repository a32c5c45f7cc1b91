package jorn.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.StringJoiner;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.stage.Stage;
import jorn.desk.model.BenchName;
import jorn.desk.model.DemoBooks;
import jorn.desk.model.Settings;
import jorn.desk.window.JornApp.Opened;
import jorn.desk.window.Windows;

/**
 * How long it takes from the wish for another bench until the frame after the one that shows it begins, so that layout and drawing are
 * both in it. The slowest of the five benches, each the median of several visits, and the slowest first visit.
 */
final class BenchChanges {
    private static final int ROUNDS = 6;

    private BenchChanges() {}

    /**
     * What was measured at one size.
     *
     * @param slowest bench, in seconds
     * @param name of it
     * @param first the slowest first visit, in seconds
     */
    record Changes(double slowest, String name, double first) {}

    /** Measures in a process of its own, for a window opens once in each. */
    static Changes measure(int width, int height) {
        String[] said = WindowTimes.say(BenchChanges.class, Integer.toString(width), Integer.toString(height))
                .split(" ");
        return said.length == 3
                ? new Changes(Double.parseDouble(said[0]), said[1], Double.parseDouble(said[2]))
                : new Changes(Double.NaN, "", Double.NaN);
    }

    /** The process: width and height of the window. */
    public static void main(String[] args) {
        Windows.openThen(Settings.load(Screenshots.temporary()), (stage, opened) -> {
            stage.setWidth(Integer.parseInt(args[0]));
            stage.setHeight(Integer.parseInt(args[1]));
            opened.desk().lay(DemoBooks.all().get(1), Optional.empty());
            new Walk(stage, opened).start();
        });
    }

    /** Goes round the benches, each when the one before is seen. */
    private static final class Walk extends AnimationTimer {
        private final Stage stage;
        private final Opened opened;
        private final List<List<Double>> taken = new ArrayList<>();
        private int step = -SETTLING;
        private long from;

        private static final int SETTLING = 20;
        /** Frames between two changes, for pictures that are still on their way. */
        private static final int REST = 12;

        private int rest;

        Walk(Stage stage, Opened opened) {
            this.stage = stage;
            this.opened = opened;
            Arrays.stream(BenchName.values()).forEach(b -> taken.add(new ArrayList<>()));
        }

        @Override
        public void handle(long now) {
            int benches = BenchName.values().length;
            if (step < 0) {
                step++;
                return;
            }
            if (from > 0) {
                taken.get((step - 1) % benches).add((System.nanoTime() - from) / 1e9);
                from = 0;
                rest = REST;
            }
            if (rest-- > 0) {
                return;
            }
            if (step == benches * ROUNDS) {
                stop();
                tell();
                stage.close();
                Platform.exit();
                return;
            }
            // From the second on: the window opens at the first.
            BenchName wanted = BenchName.values()[(step + 1) % benches];
            opened.desk().page().set(13);
            step++;
            from = System.nanoTime();
            opened.desk().bench().set(wanted);
        }

        private void tell() {
            double slowest = 0;
            double first = 0;
            String name = "";
            StringJoiner all = new StringJoiner(", ");
            for (int i = 0; i < taken.size(); i++) {
                List<Double> times = taken.get(i);
                String bench = BenchName.values()[(i + 1) % taken.size()].name();
                first = Math.max(first, times.get(0));
                double median = times.subList(1, times.size()).stream()
                        .sorted()
                        .skip((times.size() - 1) / 2)
                        .findFirst()
                        .orElse(Double.NaN);
                if (median > slowest) {
                    slowest = median;
                    name = bench;
                }
                all.add(String.format(Locale.ROOT, "%s %.0f ms, first %.0f", bench, median * 1e3, times.get(0) * 1e3));
            }
            System.out.println(String.format(Locale.ROOT, "%.4f %s %.4f", slowest, name, first));
            System.err.println(all);
        }
    }
}
