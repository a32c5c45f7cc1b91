package jorn.desk.window;

import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import jorn.desk.model.Settings;

/**
 * Opens the demo, says that it is seen, and ends: the launcher keeps the classes that were loaded on the way, so that the
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
                        if (++frames >= FRAMES) {
                            stop();
                            System.out.println(SEEN);
                            Platform.exit();
                        }
                    }
                }.start());
    }
}
