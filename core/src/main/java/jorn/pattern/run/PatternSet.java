package jorn.pattern.run;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import jorn.content.Hurry;
import jorn.content.Memo;
import jorn.content.Shared;
import jorn.content.Worklist;
import jorn.pattern.page.MadePage;
import jorn.pattern.page.PatternSpec;

/** The pages of a run of patterns, made one after the other and kept, for every size in which they are wanted. Safe to use from several threads. */
public final class PatternSet implements Worklist {
    private static final int PAGES_KEPT = 700;
    private static final int LINES_KEPT = 100;

    /** Whoever shows pages of a set holds it. */
    private static final Shared<Patterns, PatternSet> SETS = new Shared<>();

    /** Of all runs: where one page is exchanged, or a change is undone, the others are there at once. */
    private static final Memo<Wanted, MadePage> PAGES = new Memo<>(PAGES_KEPT);

    /** Lines of pages that are not made, for a moment. */
    private static final Memo<Wanted, MadePage> LINES = new Memo<>(LINES_KEPT);

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

    /** In which sizes pages are wanted: those with a legend of colours leave less room. */
    private final Map<Boolean, Set<Extent>> sizes = new HashMap<>();

    private volatile boolean halted;
    private volatile Runnable onWanted = () -> {};

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

    /** The pages of a source; the same set for equal ones, as long as anybody holds it. */
    public static PatternSet of(Patterns patterns) {
        return SETS.of(patterns, PatternSet::new);
    }

    public Patterns patterns() {
        return patterns;
    }

    /**
     * Says that a page is shown in a size, and so all that are like it will be.
     *
     * @return whether that was not known
     */
    private boolean want(int number, Extent size) {
        synchronized (sizes) {
            return sizes.computeIfAbsent(isNumbered(number), n -> new LinkedHashSet<>())
                    .add(size);
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
        Wanted page = wanted(number, Extent.of(width, height));
        Optional<MadePage> there = kept(page);
        if (there.isPresent()) {
            return there.get();
        }
        boolean fresh = want(number, page.size());
        if (!Hurry.isOn()) {
            return make(page);
        }
        if (fresh) {
            onWanted.run();
        }
        return LINES.of(page, () -> MadePage.lines(page.spec(), width, height));
    }

    /** A page, where it is made already in a size that it is shown in. */
    public Optional<MadePage> made(int number) {
        return sizes(number).stream()
                .flatMap(size -> kept(wanted(number, size)).stream())
                .findFirst();
    }

    private Wanted wanted(int number, Extent size) {
        return new Wanted(spec(number), size);
    }

    private Optional<MadePage> kept(Wanted page) {
        Optional<MadePage> known = Optional.ofNullable(held.get(page)).or(() -> PAGES.find(page));
        known.ifPresent(made -> held.put(page, made));
        return known;
    }

    private MadePage make(Wanted page) {
        MadePage made = PAGES.of(
                page,
                () -> MadePage.of(
                        page.spec(), page.size().width() / 10.0, page.size().height() / 10.0));
        held.put(page, made);
        return made;
    }

    /** Waits until a page is made in every size that is wanted; not on a thread that must not wait. */
    void await(int number) {
        if (!Hurry.isOn()) {
            sizes(number).forEach(size -> make(wanted(number, size)));
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
                && all.stream().allMatch(size -> kept(wanted(number, size)).isPresent());
    }

    @Override
    public void makeAll(IntConsumer on, BooleanSupplier cancelled) {
        int made = 0;
        for (int i = 1; i <= specs.length; i++) {
            for (Extent size : sizes(i)) {
                if (cancelled.getAsBoolean()) {
                    return;
                }
                make(wanted(i, size));
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
        onWanted = listener;
    }
}
