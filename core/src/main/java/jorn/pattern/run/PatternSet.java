package jorn.pattern.run;

import java.lang.ref.SoftReference;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import jorn.content.Hurry;
import jorn.content.Worklist;
import jorn.pattern.page.MadePage;
import jorn.pattern.page.PatternSpec;

/** The pages of a run of patterns, made one after the other and kept, for every size in which they are wanted. Safe to use from several threads. */
public final class PatternSet implements Worklist {
    private static final int KEPT = 12;
    private static final int PAGES_KEPT = 700;

    private static final Map<Patterns, SoftReference<PatternSet>> SETS = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Patterns, SoftReference<PatternSet>> eldest) {
            return size() > KEPT;
        }
    };

    /** Of all runs: where one page is exchanged, or a change is undone, the others are there at once. */
    private static final Map<Wanted, SoftReference<MadePage>> PAGES = new LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Wanted, SoftReference<MadePage>> eldest) {
            return size() > PAGES_KEPT;
        }
    };

    /** Held by whoever is making a page. */
    private static final Map<Wanted, Object> MAKING = new ConcurrentHashMap<>();

    private record Wanted(PatternSpec spec, Extent size) {}

    /** In tenths of a point. */
    private record Extent(long width, long height) {
        static Extent of(double width, double height) {
            return new Extent(Math.round(width * 10), Math.round(height * 10));
        }
    }

    private final Patterns patterns;
    private final PatternSpec[] specs;
    /** What was asked for stays as long as the set does. */
    private final Map<Wanted, MadePage> held = new ConcurrentHashMap<>();

    /** Lines of pages that are not made, for a moment. */
    private final Map<Wanted, SoftReference<MadePage>> lines = new ConcurrentHashMap<>();

    /** In which sizes pages are wanted: those with a legend of colours leave less room. */
    private final Map<Boolean, Set<Extent>> sizes = new HashMap<>();

    private volatile boolean halted;
    private volatile Runnable wanted = () -> {};

    private PatternSet(Patterns patterns) {
        this.patterns = patterns;
        this.specs = new PatternSpec[patterns.count()];
        for (int i = 0; i < specs.length; i++) {
            specs[i] = patterns.page(i + 1);
        }
    }

    /** What makes a page, from 1. */
    public PatternSpec spec(int number) {
        return specs[number - 1];
    }

    /** The pages of a source; the same set for equal ones, as long as anybody has need of it. */
    public static PatternSet of(Patterns patterns) {
        synchronized (SETS) {
            SoftReference<PatternSet> known = SETS.get(patterns);
            PatternSet set = known == null ? null : known.get();
            if (set == null) {
                set = new PatternSet(patterns);
                SETS.put(patterns, new SoftReference<>(set));
            }
            return set;
        }
    }

    public Patterns patterns() {
        return patterns;
    }

    /** Says that a page is shown in a size, and so all that are like it will be. */
    private void want(int number, Extent size) {
        boolean fresh;
        synchronized (sizes) {
            fresh = sizes.computeIfAbsent(isNumbered(number), n -> new LinkedHashSet<>())
                    .add(size);
        }
        if (fresh) {
            wanted.run();
        }
    }

    private boolean isNumbered(int number) {
        return spec(number).inking().colours() > 0;
    }

    /** The sizes in which a page is wanted. */
    private List<Extent> sizes(int number) {
        synchronized (sizes) {
            return List.copyOf(sizes.getOrDefault(isNumbered(number), Set.of()));
        }
    }

    /** A page; where it is not made yet, and the thread must not wait, its lines alone. */
    public MadePage page(int number, double width, double height) {
        Extent size = Extent.of(width, height);
        Optional<MadePage> there = kept(number, size);
        if (there.isPresent()) {
            return there.get();
        }
        if (!Hurry.isOn()) {
            return make(number, size);
        }
        want(number, size);
        Wanted key = new Wanted(spec(number), size);
        SoftReference<MadePage> known = lines.get(key);
        MadePage drawn = known == null ? null : known.get();
        if (drawn == null) {
            drawn = MadePage.lines(spec(number), width, height);
            lines.put(key, new SoftReference<>(drawn));
        }
        return drawn;
    }

    /** A page of a size, where it is made already. */
    public Optional<MadePage> ready(int number, double width, double height) {
        return kept(number, Extent.of(width, height));
    }

    private Optional<MadePage> kept(int number, Extent size) {
        Wanted key = new Wanted(spec(number), size);
        MadePage own = held.get(key);
        if (own != null) {
            return Optional.of(own);
        }
        Optional<MadePage> known = kept(spec(number), size);
        known.ifPresent(page -> held.put(key, page));
        return known;
    }

    private MadePage make(int number, Extent size) {
        MadePage page = made(spec(number), size);
        Wanted key = new Wanted(spec(number), size);
        held.put(key, page);
        lines.remove(key);
        return page;
    }

    private static Optional<MadePage> kept(PatternSpec spec, Extent size) {
        synchronized (PAGES) {
            SoftReference<MadePage> known = PAGES.get(new Wanted(spec, size));
            return Optional.ofNullable(known == null ? null : known.get());
        }
    }

    /** Whoever wants a page that somebody is making waits for it. */
    private static MadePage made(PatternSpec spec, Extent size) {
        Wanted key = new Wanted(spec, size);
        try {
            synchronized (MAKING.computeIfAbsent(key, k -> new Object())) {
                Optional<MadePage> there = kept(spec, size);
                if (there.isPresent()) {
                    return there.get();
                }
                MadePage page = MadePage.of(spec, size.width() / 10.0, size.height() / 10.0);
                synchronized (PAGES) {
                    PAGES.put(key, new SoftReference<>(page));
                }
                return page;
            }
        } finally {
            MAKING.remove(key);
        }
    }

    /** Waits until a page is made in every size that is wanted; not on a thread that must not wait. */
    void await(int number) {
        if (!Hurry.isOn()) {
            sizes(number).forEach(size -> make(number, size));
        }
    }

    @Override
    public int size() {
        return specs.length;
    }

    @Override
    public int count() {
        int made = 0;
        for (int i = 1; i <= specs.length; i++) {
            made += isMade(i) ? 1 : 0;
        }
        return made;
    }

    private boolean isMade(int number) {
        List<Extent> all = sizes(number);
        return !all.isEmpty()
                && all.stream().allMatch(size -> kept(number, size).isPresent());
    }

    @Override
    public void makeAll(IntConsumer on, BooleanSupplier cancelled) {
        int made = 0;
        for (int i = 1; i <= specs.length; i++) {
            for (Extent size : sizes(i)) {
                if (cancelled.getAsBoolean()) {
                    return;
                }
                make(i, size);
            }
            on.accept(++made);
        }
    }

    @Override
    public void halt(boolean stop) {
        halted = stop;
    }

    @Override
    public boolean isHalted() {
        return halted && count() < size();
    }

    @Override
    public void onWanted(Runnable listener) {
        wanted = listener;
    }
}
