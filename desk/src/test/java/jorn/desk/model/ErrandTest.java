package jorn.desk.model;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import jorn.book.Starter;
import jorn.desk.Journals;
import jorn.measure.Trouble;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is done beside the window is heard of only by whoever still asks for it. */
class ErrandTest {
    @TempDir
    Path folder;

    private final ConcurrentLinkedQueue<Runnable> later = new ConcurrentLinkedQueue<>();
    private final List<String> heard = new ArrayList<>();
    private Desk desk;
    private Errand errand;

    @BeforeEach
    void aDesk() {
        desk = new Desk(Settings.load(folder), Journals.lined(), Runnable::run);
        errand = new Errand(desk, "test", later::add);
    }

    private Errand.Heard<String> as(String name) {
        return new Errand.Heard<>() {
            @Override
            public void done(String result) {
                heard.add(name + " " + result);
            }

            @Override
            public void failed(Trouble why) {
                heard.add(name + " failed");
            }

            @Override
            public void stopped() {
                heard.add(name + " stopped");
            }

            @Override
            public void elsewhere(String result) {
                heard.add(name + " elsewhere");
            }
        };
    }

    /** As the interface thread does: takes what has come, until so many things have. */
    private void take(int many) throws InterruptedException {
        for (int taken = 0, tries = 0; taken < many; tries++) {
            Runnable next = later.poll();
            if (next != null) {
                next.run();
                taken++;
            } else {
                assertTrue(tries < 2000, "nothing comes");
                Thread.sleep(5);
            }
        }
    }

    @Test
    void whatIsDoneIsHeardOfOnce() throws InterruptedException {
        errand.begin(stopped -> "done", as("first"));
        take(1);
        assertEquals(List.of("first done"), heard);
    }

    @Test
    void aNewerErrandStopsTheOneBefore() throws InterruptedException {
        CountDownLatch begun = new CountDownLatch(1);
        errand.begin(
                stopped -> {
                    begun.countDown();
                    while (!stopped.getAsBoolean()) {
                        Thread.sleep(1);
                    }
                    return "late";
                },
                as("first"));
        assertTrue(begun.await(10, TimeUnit.SECONDS));
        errand.begin(stopped -> "done", as("second"));
        take(2);
        assertEquals(List.of("second done"), heard);
    }

    @Test
    void whatWasBegunForAnotherBookIsToldApart() throws InterruptedException {
        errand.begin(stopped -> "done", as("first"));
        desk.lay(Starter.NOTEBOOK.begin(), Optional.empty());
        take(1);
        assertEquals(List.of("first elsewhere"), heard);
    }

    @Test
    void failingAndStoppingAreHeard() throws InterruptedException {
        errand.begin(
                stopped -> {
                    throw Trouble.of("desk.despatch.no-folder-given");
                },
                as("first"));
        take(1);
        CountDownLatch begun = new CountDownLatch(1);
        errand.begin(
                stopped -> {
                    begun.countDown();
                    while (!stopped.getAsBoolean()) {
                        Thread.sleep(1);
                    }
                    throw new CancellationException();
                },
                as("second"));
        assertTrue(begun.await(10, TimeUnit.SECONDS));
        errand.stop();
        take(1);
        assertEquals(List.of("first failed", "second stopped"), heard);
    }
}
