package jorn.desk.view;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.animation.AnimationTimer;
import org.jspecify.annotations.Nullable;

/**
 * Something that is asked for often and done once for each picture on the screen: whatever a drag or a held key asks for meanwhile is gathered, so
 * that work never piles up behind the hand. Used on the interface thread.
 */
public final class EachFrame {
    private static final Set<EachFrame> DUE = new LinkedHashSet<>();
    private static @Nullable AnimationTimer timer;

    private final Runnable deed;

    /** @param deed what is done before the next picture */
    public EachFrame(Runnable deed) {
        this.deed = deed;
    }

    /** Has it done before the next picture, however often it is asked for until then. */
    public void ask() {
        DUE.add(this);
        timer().start();
    }

    /** Whether it was asked for and is not done yet. */
    public boolean isDue() {
        return DUE.contains(this);
    }

    /** Does now whatever was asked for, before somebody looks at what comes of it. */
    public static void settle() {
        while (!DUE.isEmpty()) {
            doAll();
        }
    }

    private static void doAll() {
        List<EachFrame> now = new ArrayList<>(DUE);
        DUE.clear();
        for (EachFrame each : now) {
            try {
                each.deed.run();
            } catch (RuntimeException | Error e) {
                // The others are done all the same.
                Thread here = Thread.currentThread();
                here.getUncaughtExceptionHandler().uncaughtException(here, e);
            }
        }
    }

    private static AnimationTimer timer() {
        AnimationTimer there = timer;
        if (there == null) {
            there = new AnimationTimer() {
                @Override
                public void handle(long now) {
                    doAll();
                    if (DUE.isEmpty()) {
                        stop();
                    }
                }
            };
            timer = there;
        }
        return there;
    }
}
