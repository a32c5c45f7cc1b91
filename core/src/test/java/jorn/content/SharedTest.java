package jorn.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.lang.ref.Reference;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Equal keys have one thing as long as somebody holds it. */
class SharedTest {
    @Test
    void howeverManyAreHeldEachIsFoundAgain() {
        Shared<Integer, Object> shared = new Shared<>();
        List<Object> held = new ArrayList<>();
        for (int i = 0; i < 500; i++) {
            held.add(shared.of(i, k -> new Object()));
        }
        System.gc();
        for (int i = 0; i < 500; i++) {
            assertSame(held.get(i), shared.of(i, k -> new Object()));
        }
    }

    @Test
    void whatNobodyHoldsIsForgotten() throws InterruptedException {
        Shared<Integer, Object> shared = new Shared<>();
        Object held = shared.of(0, k -> new Object());
        for (int i = 1; i < 50; i++) {
            shared.of(i, k -> new Object());
        }
        try {
            for (int tries = 0; shared.size() > 1 && tries < 200; tries++) {
                System.gc();
                Thread.sleep(5);
            }
            assertEquals(1, shared.size());
        } finally {
            Reference.reachabilityFence(held);
        }
    }
}
