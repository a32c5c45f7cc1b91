package jorn.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** What was made is there the next time, is made once whoever asks, and makes room for what is asked for later. */
class MemoTest {
    @Test
    void isMadeOnce() {
        Memo<String, Object> kept = new Memo<>(2);
        Object first = kept.of("a", Object::new);
        assertSame(first, kept.of("a", Object::new));
        assertSame(first, kept.find("a").orElseThrow());
        assertTrue(kept.find("b").isEmpty());
    }

    @Test
    void theOneThatWasAskedForLongestAgoGoes() {
        Memo<String, Object> kept = new Memo<>(2);
        Object first = kept.of("a", Object::new);
        kept.of("b", Object::new);
        assertSame(first, kept.of("a", Object::new));
        kept.of("c", Object::new);
        assertTrue(kept.find("b").isEmpty());
        assertSame(first, kept.find("a").orElseThrow());
    }

    @Test
    void whereMakingFailsNothingIsKeptAndItCanBeTriedAgain() {
        Memo<String, String> kept = new Memo<>(2);
        assertThrows(
                IllegalStateException.class,
                () -> kept.of("a", () -> {
                    throw new IllegalStateException("no");
                }));
        assertEquals("yes", kept.of("a", () -> "yes"));
    }

    @Test
    void whoeverAsksWhileItIsMadeWaitsForIt() throws Exception {
        Memo<String, Object> kept = new Memo<>(2);
        AtomicInteger made = new AtomicInteger();
        CountDownLatch all = new CountDownLatch(4);
        ExecutorService hands = Executors.newFixedThreadPool(4);
        try {
            List<Future<Object>> asked = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                asked.add(hands.submit(() -> {
                    all.countDown();
                    all.await();
                    return kept.of("a", () -> {
                        made.incrementAndGet();
                        return new Object();
                    });
                }));
            }
            for (Future<Object> each : asked) {
                assertSame(kept.find("a").orElse(each.get()), each.get());
            }
            assertEquals(1, made.get());
        } finally {
            hands.shutdownNow();
        }
    }

    @Test
    void neverTwoMakeItAtOnceAlsoWhereItFails() throws Exception {
        Memo<String, Object> kept = new Memo<>(2);
        AtomicInteger tries = new AtomicInteger();
        AtomicInteger atWork = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        int threads = 6;
        CountDownLatch all = new CountDownLatch(threads);
        ExecutorService hands = Executors.newFixedThreadPool(threads);
        try {
            List<Future<Object>> asked = new ArrayList<>();
            for (int i = 0; i < threads; i++) {
                asked.add(hands.submit(() -> {
                    all.countDown();
                    all.await();
                    return kept.of("a", () -> {
                        most.accumulateAndGet(atWork.incrementAndGet(), Math::max);
                        sleep();
                        atWork.decrementAndGet();
                        if (tries.incrementAndGet() <= 3) {
                            throw new IllegalStateException("no");
                        }
                        return new Object();
                    });
                }));
            }
            int failed = 0;
            for (Future<Object> each : asked) {
                try {
                    assertSame(kept.find("a").orElse(each.get()), each.get());
                } catch (ExecutionException e) {
                    failed++;
                }
            }
            assertEquals(1, most.get(), "at once");
            assertEquals(3, failed, "each failure is told to one who asked");
            assertEquals(4, tries.get());
        } finally {
            hands.shutdownNow();
        }
    }

    private static void sleep() {
        try {
            Thread.sleep(20);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
