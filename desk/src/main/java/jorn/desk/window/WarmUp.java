package jorn.desk.window;

import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import jorn.desk.model.BenchName;
import jorn.desk.model.Settings;

/**
 * Opens the demo, says that it is seen, goes to each bench, and ends: the launcher keeps the classes that were loaded on the way, so that the
 * window opens sooner.
 */
public final class WarmUp {
    /** What is said on the standard output. */
    public static final String SEEN = "seen";

    private static final int FRAMES = 3;

    private WarmUp() {}

    public static void main(String[] args) {
        Windows.openThen(
                Settings.passing(),
                (stage, opened) -> new AnimationTimer() {
                    private int frames;

                    @Override
                    public void handle(long now) {
                        frames++;
                        int bench = frames / FRAMES - 1;
                        if (frames == FRAMES) {
                            System.out.println(SEEN);
                        } else if (bench >= BenchName.values().length) {
                            stop();
                            Platform.exit();
                        } else if (frames % FRAMES == 0) {
                            // The benches are gone to soon after; their classes are kept as well.
                            opened.desk().bench().set(BenchName.values()[bench]);
                        }
                    }
                }.start());
    }
}
