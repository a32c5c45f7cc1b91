package jorn.content;

import java.lang.ref.Reference;
import java.lang.ref.ReferenceQueue;
import java.lang.ref.WeakReference;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * One thing for all who ask with equal keys, as long as anybody holds it: as many as are held, however many that are. Safe to use from several
 * threads.
 *
 * @param <K> by what it is asked for
 * @param <V> what is shared; made quickly
 */
public final class Shared<K, V> {
    private final Map<K, Held<K, V>> all = new HashMap<>();
    private final ReferenceQueue<V> gone = new ReferenceQueue<>();

    private static final class Held<K, V> extends WeakReference<V> {
        private final K key;

        Held(K key, V value, ReferenceQueue<V> gone) {
            super(value, gone);
            this.key = key;
        }
    }

    /** What others hold who asked with an equal key, or else what is made now. */
    public synchronized V of(K key, Function<? super K, ? extends V> maker) {
        forget();
        Held<K, V> held = all.get(key);
        V there = held == null ? null : held.get();
        if (there != null) {
            return there;
        }
        V made = maker.apply(key);
        all.put(key, new Held<>(key, made, gone));
        return made;
    }

    /** How many are held. */
    synchronized int size() {
        forget();
        return all.size();
    }

    private void forget() {
        for (Reference<? extends V> each = gone.poll(); each != null; each = gone.poll()) {
            if (each instanceof Held<?, ?> held) {
                all.remove(held.key, each);
            }
        }
    }
}
