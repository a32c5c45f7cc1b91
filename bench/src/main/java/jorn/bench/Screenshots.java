package jorn.bench;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import jorn.desk.model.BenchName;
import jorn.desk.model.DemoBooks;
import jorn.desk.model.Settings;
import jorn.desk.window.JornApp.Opened;
import jorn.desk.window.Windows;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.say.Message;
import jorn.store.BookFile;

/** Pictures of the main views, 1280 × 800, from the demo data. */
final class Screenshots {
    private Screenshots() {}

    /**
     * Writes a picture of each bench.
     *
     * @param only the bench of which pictures are wanted; empty for all
     * @throws Trouble where the folder cannot be written to
     */
    static void write(Path folder, String only) {
        AtomicReference<Trouble> wrong = new AtomicReference<>();
        Settings settings = Settings.load(temporary());
        System.setProperty("user.home", temporary().toString());
        Windows.openThen(settings, (stage, opened) -> new Shots(folder, stage, opened, wrong, only).next());
        if (wrong.get() != null) {
            throw wrong.get();
        }
    }

    /** A folder that goes with the machine's other temporary files. */
    static Path temporary() {
        try {
            return Files.createTempDirectory("jorn-");
        } catch (IOException e) {
            throw Trouble.because(
                    e,
                    Message.plain("No temporary folder can be made."),
                    Message.plain("See whether the disk is full."));
        }
    }

    /** Takes the pictures one after the other, letting the window settle before each. */
    private static final class Shots {
        private final Path folder;
        private final Stage stage;
        private final Opened opened;
        private final AtomicReference<Trouble> wrong;
        private final Deque<Shot> ahead = new ArrayDeque<>();

        private record Shot(String name, Runnable before, int millis) {}

        Shots(Path folder, Stage stage, Opened opened, AtomicReference<Trouble> wrong, String only) {
            this.folder = folder;
            this.stage = stage;
            this.opened = opened;
            this.wrong = wrong;
            stage.setWidth(1280);
            stage.setHeight(800);
            for (BenchName bench : BenchName.values()) {
                String name = bench.name().toLowerCase(java.util.Locale.ROOT);
                if (!only.isEmpty() && !only.equals(name)) {
                    continue;
                }
                ahead.add(new Shot("", () -> prepare(bench), 300));
                // Once the bench is seen, what is on it can be pressed.
                ahead.add(new Shot(
                        name,
                        () -> {
                            if (bench == BenchName.DESPATCH) {
                                press("#write-files");
                            }
                        },
                        bench == BenchName.DESPATCH ? 2500 : 900));
                if (bench == BenchName.MAKEUP) {
                    ahead.add(new Shot("", this::planner, 900));
                    ahead.add(new Shot("makeup-planner", this::choosePart, 900));
                    ahead.add(new Shot("makeup-designs", () -> press("#makeup-designs"), 3500));
                    ahead.add(new Shot("", () -> press("#makeup-designs"), 100));
                    ahead.add(new Shot("makeup-styles", () -> press("#makeup-style"), 3000));
                    ahead.add(new Shot("", () -> press("#makeup-style"), 100));
                    ahead.add(new Shot("makeup-dates", () -> press("#makeup-dates"), 700));
                    ahead.add(new Shot("", () -> press("#makeup-dates"), 100));
                    ahead.add(new Shot("makeup-whole-book", this::pullPlan, 1500));
                    ahead.add(new Shot("", this::pullPlan, 100));
                    ahead.add(new Shot("", this::puzzles, 100));
                    ahead.add(new Shot("makeup-puzzles", () -> press("#subject-page"), 3500));
                    ahead.add(new Shot("", this::patterns, 100));
                    ahead.add(new Shot("makeup-patterns", () -> press("#subject-page"), 9000));
                    ahead.add(new Shot("", this::hiveNotes, 100));
                }
                if (bench == BenchName.COVER) {
                    ahead.add(new Shot("", () -> hold("title"), 2500));
                    ahead.add(new Shot("cover-part", () -> {}, 300));
                    ahead.add(new Shot("", () -> hold(""), 100));
                }
                if (bench == BenchName.DESPATCH) {
                    ahead.add(new Shot("", this::zine, 700));
                    ahead.add(new Shot("despatch-bindery", () -> press("#parcel-printer"), 9000));
                    ahead.add(new Shot("", () -> press("#parcel-press"), 100));
                    ahead.add(new Shot("", this::saveThrice, 700));
                    ahead.add(new Shot("", () -> press("#earlier-versions"), 900));
                    ahead.add(new Shot("versions", () -> press("#version-2"), 1200));
                }
                if (bench == BenchName.BRIEF) {
                    ahead.add(new Shot("brief-starters", () -> press("#decision-kind"), 3000));
                    ahead.add(new Shot("", () -> press("#decision-kind"), 100));
                    ahead.add(new Shot("brief-money", () -> press("#view-money"), 700));
                    ahead.add(new Shot("brief-side-by-side", this::weigh, 700));
                    ahead.add(new Shot("brief-press", () -> press("#view-press"), 700));
                    ahead.add(new Shot("", () -> press("#view-book"), 100));
                }
            }
        }

        /** The book saved three times, each time a little further. */
        private void saveThrice() {
            Path file = temporary().resolve("hive-notes.jorn");
            BookFile.save(DemoBooks.first(), file);
            opened.files().open(file);
            opened.files().save();
            opened.desk().change("subtitle", b -> b.withSubtitle("Notes from the bee yard"));
            opened.files().save();
            opened.desk().changeBrief("paper", b -> b.withPaper("cream").withPages(96));
            opened.files().save();
            opened.desk().page().set(1);
            opened.desk().bench().set(BenchName.BRIEF);
            press("#books");
        }

        private void prepare(BenchName bench) {
            opened.desk().bench().set(bench);
            if (bench == BenchName.MAKEUP) {
                opened.desk().page().set(31);
            }
        }

        private void press(String button) {
            if (stage.getScene().lookup(button) instanceof javafx.scene.control.Button b) {
                b.fire();
            }
        }

        private void planner() {
            opened.desk().lay(DemoBooks.all().get(1), Optional.empty());
            opened.desk().page().set(13);
        }

        private void zine() {
            opened.desk().lay(DemoBooks.all().get(6), Optional.empty());
        }

        private void puzzles() {
            opened.desk().lay(DemoBooks.all().get(2), Optional.empty());
            opened.desk().page().set(38);
        }

        private void patterns() {
            opened.desk().lay(DemoBooks.all().get(3), Optional.empty());
            opened.desk().page().set(43);
        }

        /** Pulls the flat plan to the whole book, or pushes it back. */
        private void pullPlan() {
            Event.fireEvent(
                    stage.getScene().lookup("#plan-grip"),
                    new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ENTER, false, false, false, false));
        }

        /** Steps to a strip of the page with the keys, to show what is set beside it. */
        private void choosePart() {
            for (int i = 0; i < 4; i++) {
                Event.fireEvent(
                        stage.getScene().lookup("#spread"),
                        new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.DOWN, false, false, false, false));
            }
        }

        /** Steps through the parts of the cover until one is held; an empty id lets go. */
        private void hold(String part) {
            var sheet = stage.getScene().lookup("#cover-view");
            sheet.requestFocus();
            KeyCode code = part.isEmpty() ? KeyCode.ESCAPE : KeyCode.SPACE;
            for (int i = 0; i < (part.isEmpty() ? 1 : 20); i++) {
                Event.fireEvent(sheet, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false));
                if (stage.getScene().lookup("#part-words") != null) {
                    break;
                }
            }
        }

        private void hiveNotes() {
            opened.desk().lay(DemoBooks.all().get(0), Optional.empty());
        }

        /** Cream paper and a smaller trim beside the book's own brief. */
        private void weigh() {
            var brief = opened.desk().book().brief();
            opened.desk().whatIfs().add(brief.withPaper("cream"));
            opened.desk().whatIfs().add(brief.withTrim(Size.of(5.5, 8.5, Unit.INCH)));
            press("#view-what-if");
        }

        void next() {
            Shot shot = ahead.poll();
            if (shot == null) {
                stage.close();
                Platform.exit();
                return;
            }
            shot.before().run();
            PauseTransition settle = new PauseTransition(Duration.millis(shot.millis()));
            settle.setOnFinished(e -> {
                try {
                    if (!shot.name().isEmpty()) {
                        take(shot.name());
                    }
                    next();
                } catch (IOException bad) {
                    wrong.set(Trouble.because(
                            bad,
                            Message.plain("The pictures could not be written to " + folder + "."),
                            Message.plain("Choose another folder.")));
                    Platform.exit();
                }
            });
            settle.play();
        }

        private void take(String name) throws IOException {
            Files.createDirectories(folder);
            WritableImage seen = stage.getScene().snapshot(null);
            int w = (int) seen.getWidth();
            int h = (int) seen.getHeight();
            BufferedImage picture = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
            for (int y = 0; y < h; y++) {
                for (int x = 0; x < w; x++) {
                    picture.setRGB(x, y, seen.getPixelReader().getArgb(x, y));
                }
            }
            ImageIO.write(picture, "png", folder.resolve(name + ".png").toFile());
        }
    }
}
