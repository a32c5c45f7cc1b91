package jorn.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import jorn.book.Book;
import jorn.desk.model.BenchName;
import jorn.desk.model.Settings;
import jorn.desk.view.SpreadView;
import jorn.desk.window.JornApp.Opened;
import jorn.desk.window.WarmUp;
import jorn.desk.window.Windows;
import jorn.store.BookFile;

/**
 * How long the window takes.
 *
 * @param firstWindow from the start of a new process to the first frame after the window is shown, in seconds; median of three
 * @param flip from the wish for another spread to the frame that shows it, in seconds; median
 * @param open from the wish to open a book's file to the frame that shows its first spread, in seconds; median
 * @param drag frames a second while a divider is dragged
 * @param pause the longest time for which the interface thread is held up when a large book is kept, in seconds
 * @param photographs most memory that the process held, in bytes, with a book of photographs whose spreads were all turned
 * @param memory most memory that the process held, in bytes, with a long book open whose spreads were all turned
 */
record WindowTimes(
        double firstWindow, double flip, double open, double drag, long memory, double pause, long photographs) {
    private static final int FLIPS = 60;
    private static final int OPENINGS = 9;
    private static final int STARTS = 3;

    /**
     * Measures all; needs a display.
     *
     * @param thick a book whose pages are turned
     * @param year a dated book that is opened, and a divider of which is dragged
     * @param longest a book with which memory is measured
     */
    static WindowTimes measure(Book thick, Book year, Book longest, Book large, Book photographs) {
        double[] starts = new double[STARTS];
        for (int i = 0; i < STARTS; i++) {
            starts[i] = start();
        }
        Path folder = Screenshots.temporary();
        Path yearFile = folder.resolve("year.jorn");
        BookFile.save(year, yearFile);
        List<Double> flips = new ArrayList<>();
        List<Double> opens = new ArrayList<>();
        double[] drag = new double[1];
        double[] pause = new double[1];
        Windows.openThen(Settings.load(Screenshots.temporary()), (stage, opened) -> {
            for (int i = 0; i < OPENINGS; i++) {
                opened.desk().lay(large, Optional.empty());
                String title = "Kept " + i;
                opened.desk().change("title", b -> b.withTitle(title));
                long from = System.nanoTime();
                opened.files().keepUnsaved();
                pause[0] = Math.max(pause[0], (System.nanoTime() - from) / 1e9);
                opened.files().finish();
            }
            opened.desk().lay(thick, Optional.empty());
            opened.desk().bench().set(BenchName.MAKEUP);
            new Turner(stage, () -> opened.desk().turn(1), FLIPS, flips, () -> new Turner(
                                    stage, () -> opened.files().open(yearFile), OPENINGS, opens, () -> new Dragging(
                                                    stage, opened, drag)
                                            .start())
                            .start())
                    .start();
        });
        Path longFile = folder.resolve("long.jorn");
        BookFile.save(longest, longFile);
        Path album = folder.resolve("album.jorn");
        BookFile.save(photographs, album);
        return new WindowTimes(
                median(starts), median(flips), median(opens), drag[0], memory(longFile), pause[0], memory(album));
    }

    /**
     * The process whose memory is measured: opens a book, turns all its spreads and says how much it held at most.
     */
    public static void main(String[] args) {
        Windows.openThen(Settings.load(Screenshots.temporary()), (stage, opened) -> {
            opened.files().open(Path.of(args[0]));
            opened.desk().bench().set(BenchName.MAKEUP);
            int spreads = opened.desk().state().get().pagination().spreadCount();
            new Turner(
                            stage,
                            () -> opened.desk().turn(1),
                            spreads,
                            new ArrayList<>(),
                            () -> end(Long.toString(
                                    ProcessMemory.peak(ProcessHandle.current().pid()))))
                    .start();
        });
    }

    private static void end(String said) {
        System.out.println(said);
        Platform.exit();
    }

    private static long memory(Path book) {
        String bytes = say(WindowTimes.class, book.toString());
        return bytes.isBlank() ? 0 : Long.parseLong(bytes.strip());
    }

    private static double start() {
        long from = System.nanoTime();
        return WarmUp.SEEN.equals(say(WarmUp.class)) ? (System.nanoTime() - from) / 1e9 : Double.NaN;
    }

    /** The first line that a process of its own says. */
    static String say(Class<?> main, String... arguments) {
        List<String> command = new ArrayList<>();
        command.add(System.getProperty("java.home") + "/bin/java");
        ManagementFactory.getRuntimeMXBean().getInputArguments().stream()
                .filter(a -> !a.startsWith("-agentlib"))
                .forEach(command::add);
        command.addAll(List.of("-cp", System.getProperty("java.class.path"), main.getName()));
        command.addAll(List.of(arguments));
        try {
            Process process = new ProcessBuilder(command)
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            try (BufferedReader said =
                    new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
                String line = said.readLine();
                process.destroy();
                return line == null ? "" : line;
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static double median(List<Double> values) {
        return median(values.stream().mapToDouble(d -> d).toArray());
    }

    private static double median(double[] values) {
        Arrays.sort(values);
        return values.length == 0 ? Double.NaN : values[values.length / 2];
    }

    /** Does something again and again, and times each from the wish to the end of the frame that draws it. */
    private static final class Turner extends AnimationTimer {
        private final Stage stage;
        private final Runnable deed;
        private final int times;
        private final List<Double> taken;
        private final Runnable then;
        private int done;

        Turner(Stage stage, Runnable deed, int times, List<Double> taken, Runnable then) {
            this.stage = stage;
            this.deed = deed;
            this.times = times;
            this.taken = taken;
            this.then = then;
        }

        @Override
        public void handle(long now) {
            if (done++ >= times) {
                stop();
                then.run();
                return;
            }
            long from = System.nanoTime();
            stage.getScene().addPostLayoutPulseListener(new Runnable() {
                @Override
                public void run() {
                    stage.getScene().removePostLayoutPulseListener(this);
                    taken.add((System.nanoTime() - from) / 1e9);
                }
            });
            deed.run();
        }
    }

    /** Drags the divider below the first part of a page with the mouse, one step for each frame, and counts the frames. */
    private static final class Dragging extends AnimationTimer {
        private static final int FRAMES = 60;
        private static final int PAGE = 44;

        private final Stage stage;
        private final Opened opened;
        private final double[] rate;

        @SuppressWarnings("NullAway.Init") // found before it is dragged
        private SpreadView spread;

        private double x;
        private double y;
        private int frames = -3;
        private long from;

        Dragging(Stage stage, Opened opened, double[] rate) {
            this.stage = stage;
            this.opened = opened;
            this.rate = rate;
        }

        @Override
        public void start() {
            opened.desk().page().set(PAGE);
            spread = (SpreadView) stage.getScene().lookup("#spread");
            super.start();
        }

        @Override
        public void handle(long now) {
            frames++;
            if (frames == 0) {
                var parts = opened.desk().state().get().edition().pages().parts(PAGE);
                // The first part of the outermost column or row that has more than one.
                var above = parts.stream()
                        .filter(p -> p.isBlock() && !p.path().isRoot())
                        .findFirst()
                        .orElseThrow();
                var at = spread.placeOf(PAGE, above.box());
                x = at.getMaxX() - 12;
                y = at.getMaxY() + 1;
                fire(MouseEvent.MOUSE_MOVED, 0);
                fire(MouseEvent.MOUSE_PRESSED, 0);
                from = System.nanoTime();
            } else if (frames > 0 && frames <= FRAMES) {
                fire(MouseEvent.MOUSE_DRAGGED, frames * 0.6);
            } else if (frames > FRAMES) {
                rate[0] = FRAMES / ((System.nanoTime() - from) / 1e9);
                fire(MouseEvent.MOUSE_RELEASED, frames * 0.6);
                stop();
                stage.close();
                Platform.exit();
            }
        }

        private void fire(EventType<MouseEvent> type, double down) {
            boolean held = type != MouseEvent.MOUSE_MOVED;
            Event.fireEvent(
                    spread,
                    new MouseEvent(
                            type,
                            x,
                            y + down,
                            x,
                            y + down,
                            held ? MouseButton.PRIMARY : MouseButton.NONE,
                            1,
                            false,
                            false,
                            false,
                            false,
                            held,
                            false,
                            false,
                            false,
                            false,
                            false,
                            null));
        }
    }
}
