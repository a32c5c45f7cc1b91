package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jorn.book.Book;
import jorn.book.Cycle;
import jorn.book.Pagination;
import jorn.book.RunOrder;
import jorn.book.Slot;
import jorn.calendar.Occasion;

/**
 * Which spreads the flat plan shows, and how runs and cycles lie along them. A cycle that is folded shows its first round
 * alone, a long run that is folded its first two spreads.
 */
final class Strip {
    /** A run of this many spreads can be folded. */
    private static final int LONG = 5;

    private static final int SHOWN_OF_A_RUN = 4;

    /**
     * Pages of one run that follow each other.
     *
     * @param from first page
     * @param to last page
     */
    record Stretch(int run, int from, int to) {}

    /**
     * An outermost cycle, or a run outside of cycles.
     *
     * @param key what it is folded by
     * @param cycle absent for a run
     * @param rounds how often the cycle comes; 1 for a run
     * @param from first page
     * @param to last page
     */
    record Group(String key, Optional<Cycle> cycle, int run, int rounds, int from, int to) {
        boolean canFold() {
            return cycle.isPresent() ? rounds > 1 : to / 2 - from / 2 + 1 >= LONG;
        }
    }

    /**
     * One round of a cycle.
     *
     * @param group the cycle's
     * @param number from 1
     * @param from first page
     * @param to last page
     * @param occasion what it stands for, where its pages say so
     */
    record Round(String group, int number, int from, int to, Occasion occasion) {}

    private final List<Round> rounds = new ArrayList<>();
    private final Pagination pagination;
    private final Set<String> folded;
    private final List<Stretch> stretches = new ArrayList<>();
    private final List<Group> groups = new ArrayList<>();
    private final List<Integer> shown = new ArrayList<>();

    Strip(Book book, Pagination pagination, Set<String> folded) {
        this.pagination = pagination;
        this.folded = folded;
        gather(book);
        for (int spread = 0; spread < pagination.spreadCount(); spread++) {
            if (!isHidden(spread)) {
                shown.add(spread);
            }
        }
    }

    private void gather(Book book) {
        Stretch stretch = null;
        Group group = null;
        for (Slot slot : pagination.slots()) {
            int n = slot.number();
            if (slot.isBlank()) {
                if (group != null) {
                    group = new Group(group.key(), group.cycle(), group.run(), group.rounds(), group.from(), n);
                    replaceLast(groups, group);
                }
                stretch = null;
                continue;
            }
            if (stretch != null && stretch.run() == slot.run()) {
                stretch = new Stretch(slot.run(), stretch.from(), n);
                replaceLast(stretches, stretch);
            } else {
                stretch = new Stretch(slot.run(), n, n);
                stretches.add(stretch);
            }
            List<Cycle> cycles = RunOrder.cyclesOf(book, slot.run());
            Optional<Cycle> outer = cycles.isEmpty() ? Optional.empty() : Optional.of(cycles.get(cycles.size() - 1));
            String key = outer.map(c -> "cycle " + c.from() + "-" + c.to()).orElse("run " + slot.run());
            int times = Math.max(1, slot.round());
            if (group != null && group.key().equals(key)) {
                group = new Group(key, outer, group.run(), Math.max(group.rounds(), times), group.from(), n);
                replaceLast(groups, group);
            } else {
                group = new Group(key, outer, slot.run(), times, n, n);
                groups.add(group);
            }
            outer.ifPresent(cycle -> gatherRound(key, cycle, slot));
        }
    }

    private void gatherRound(String group, Cycle cycle, Slot slot) {
        Round last = rounds.isEmpty() ? null : rounds.get(rounds.size() - 1);
        Occasion own = slot.occasion().span().equals(Optional.of(cycle.per())) ? slot.occasion() : Occasion.NONE;
        if (last == null || !last.group().equals(group) || last.number() != slot.round()) {
            rounds.add(new Round(group, slot.round(), slot.number(), slot.number(), own));
            return;
        }
        Occasion occasion = last.occasion().from().isPresent() ? last.occasion() : own;
        replaceLast(rounds, new Round(group, last.number(), last.from(), slot.number(), occasion));
    }

    /** The rounds of cycles, in reading order. */
    List<Round> rounds() {
        return rounds;
    }

    private static <T> void replaceLast(List<T> list, T last) {
        if (!list.isEmpty() && last != null) {
            list.set(list.size() - 1, last);
        }
    }

    private boolean isHidden(int spread) {
        int first = pagination.versoOf(spread).orElse(0);
        int last = pagination.rectoOf(spread).orElse(first);
        return (first == 0 || isHiddenPage(first)) && (last == 0 || isHiddenPage(last));
    }

    private boolean isHiddenPage(int page) {
        Optional<Group> in = groupOf(page);
        if (in.isEmpty() || !isFolded(in.get())) {
            return false;
        }
        return in.get().cycle().isPresent()
                ? roundOf(page) > 1
                : page - in.get().from() >= SHOWN_OF_A_RUN;
    }

    /** Which round a page is in; a blank is in that of the page before it. */
    private int roundOf(int page) {
        for (int p = page; p >= 1; p--) {
            if (!pagination.page(p).isBlank()) {
                return pagination.page(p).round();
            }
        }
        return 0;
    }

    /** The group that a page is in. */
    Optional<Group> groupOf(int page) {
        int low = 0;
        int high = groups.size() - 1;
        while (low <= high) {
            int middle = (low + high) / 2;
            Group g = groups.get(middle);
            if (page < g.from()) {
                high = middle - 1;
            } else if (page > g.to()) {
                low = middle + 1;
            } else {
                return Optional.of(g);
            }
        }
        return Optional.empty();
    }

    boolean isFolded(Group group) {
        return group.canFold() && folded.contains(group.key());
    }

    /** The spreads that are shown, in reading order. */
    List<Integer> shown() {
        return shown;
    }

    /** Where a spread is among those that are shown; for a hidden one, where the shown one before it is. */
    int placeOf(int spread) {
        int at = java.util.Collections.binarySearch(shown, spread);
        return at >= 0 ? at : Math.max(0, -at - 2);
    }

    /** How many spreads are hidden between a shown one and the next. */
    int hiddenAfter(int place) {
        int next = place + 1 < shown.size() ? shown.get(place + 1) : pagination.spreadCount();
        return next - shown.get(place) - 1;
    }

    /** Whether a page's spread is shown. */
    boolean isShown(int page) {
        return java.util.Collections.binarySearch(shown, Pagination.spreadOf(page)) >= 0;
    }

    /** Runs along the pages. */
    List<Stretch> stretches() {
        return stretches;
    }

    /** Cycles and the runs outside of them. */
    List<Group> groups() {
        return groups;
    }

    boolean hasCycles() {
        return groups.stream().anyMatch(g -> g.cycle().isPresent());
    }
}
