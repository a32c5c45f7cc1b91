package jorn.content;

import java.lang.ref.SoftReference;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/**
 * What was made, so that it need not be made again: the latest so many, let go of where memory is short. Safe to use from several threads; whoever
 * asks for something that somebody is making waits for it.
 *
 * @param <K> from what it is made
 * @param <V> what is made
 */
public final class Memo<K, V> {
    private final Map<K, SoftReference<V>> all;
    /** Held by whoever is making something. */
    private final Map<K, Object> making = new ConcurrentHashMap<>();

    /** @param most so many are kept, those that were asked for last */
    public Memo(int most) {
        all = new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, SoftReference<V>> eldest) {
                return size() > most;
            }
        };
    }

    /** What is there already. */
    public Optional<V> find(K key) {
        synchronized (all) {
            SoftReference<V> known = all.get(key);
            return Optional.ofNullable(known == null ? null : known.get());
        }
    }

    /** What is there, or is made now; where making it fails, nothing is kept. */
    public V of(K key, Supplier<? extends V> maker) {
        Optional<V> known = find(key);
        if (known.isPresent()) {
            return known.get();
        }
        try {
            synchronized (making.computeIfAbsent(key, k -> new Object())) {
                Optional<V> meanwhile = find(key);
                if (meanwhile.isPresent()) {
                    return meanwhile.get();
                }
                V made = maker.get();
                synchronized (all) {
                    all.put(key, new SoftReference<>(made));
                }
                return made;
            }
        } finally {
            making.remove(key);
        }
    }
}
