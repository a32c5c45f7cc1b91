package jorn.desk.model;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.util.concurrent.atomic.AtomicReference;
import jorn.desk.cli.JornCommand;
import jorn.measure.Trouble;
import org.junit.jupiter.api.Test;

/** What was not foreseen is told without a program's words, and written down for whoever mends it. */
class MishapTest {
    @Test
    void aRefusalIsToldAsItIs() {
        Trouble t = Trouble.of("measure.small-file.cannot-read", "a.jorn");
        assertSame(t, Mishap.told(t));
    }

    @Test
    void whatWasNotForeseenIsWrittenDownAndToldInWords() throws IOException {
        String mark = "mark " + System.nanoTime();
        Trouble told = Mishap.told(new IllegalStateException(mark));
        assertTrue(told.getMessage().contains("jorn.log"), told.getMessage());
        assertFalse(told.getMessage().contains("IllegalState"), told.getMessage());
        String log = Files.readString(Mishap.file());
        assertTrue(log.contains(mark) && log.contains("MishapTest"), "the details are in the log");
    }

    @Test
    void memoryAndDepthHaveSentencesOfTheirOwn() {
        assertTrue(
                Mishap.told(new RuntimeException(new OutOfMemoryError())).what().contains("out of memory"));
        assertTrue(Mishap.told(new StackOverflowError()).what().contains("nested more deeply"));
    }

    @Test
    void aWorkThatFailsIsHeardOfAndTheNextIsDone() {
        Hands hands = new Hands("test", Runnable::run);
        AtomicReference<Throwable> failed = new AtomicReference<>();
        AtomicReference<String> done = new AtomicReference<>();
        hands.fetch(
                () -> {
                    throw new StackOverflowError();
                },
                r -> {},
                failed::set);
        hands.fetch(() -> "done", done::set, failed::set);
        hands.finish();
        assertEquals(StackOverflowError.class, failed.get().getClass());
        assertEquals("done", done.get());
    }

    @Test
    void theCommandLineEndsWithThree() {
        StringWriter err = new StringWriter();
        PrintWriter broken = new PrintWriter(new StringWriter()) {
            @Override
            public void write(String words, int from, int length) {
                throw new IllegalStateException("no paper");
            }
        };
        assertEquals(3, JornCommand.run(broken, new PrintWriter(err), "new", "--list"));
        assertTrue(err.toString().contains("jorn.log"), err.toString());
        assertFalse(err.toString().contains("no paper"), err.toString());
    }
}
