package jorn.content;

import java.lang.ref.SoftReference;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
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
    /** What somebody is making. */
    private final Map<K, CompletableFuture<V>> making = new ConcurrentHashMap<>();

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

    /**
     * What is there, or is made now; where making it fails, nothing is kept, and each of those who waited tries it anew, one after the other.
     * What makes a thing must not ask for the same thing.
     */
    public V of(K key, Supplier<? extends V> maker) {
        while (true) {
            Optional<V> known = find(key);
            if (known.isPresent()) {
                return known.get();
            }
            CompletableFuture<V> own = new CompletableFuture<>();
            CompletableFuture<V> others = making.putIfAbsent(key, own);
            if (others == null) {
                return made(key, own, maker);
            }
            Optional<V> theirs =
                    others.handle((v, failed) -> Optional.ofNullable(v)).join();
            if (theirs.isPresent()) {
                return theirs.get();
            }
        }
    }

    private V made(K key, CompletableFuture<V> own, Supplier<? extends V> maker) {
        try {
            // Somebody may have put it there after it was looked for.
            Optional<V> meanwhile = find(key);
            V made = meanwhile.isPresent() ? meanwhile.get() : maker.get();
            synchronized (all) {
                all.put(key, new SoftReference<>(made));
            }
            own.complete(made);
            return made;
        } finally {
            making.remove(key, own);
            // Those who wait go on, also where nothing came of it.
            own.cancel(false);
        }
    }
}
