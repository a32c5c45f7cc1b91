package jorn.puzzle.number;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Solves number placements with the three easiest kinds of reasoning, written with sets and apart from the program's own reasoning: places in
 * boxes alone; all single figures and places; and with crossing houses and pairs.
 */
final class PlainReasoner {
    private final int size;
    private final List<Set<Integer>> open = new ArrayList<>();
    private final List<List<Integer>> boxes = new ArrayList<>();
    private final List<List<Integer>> lines = new ArrayList<>();

    PlainReasoner(int size, int high, int wide, boolean diagonals, int[] givens) {
        this.size = size;
        for (int i = 0; i < size * size; i++) {
            Set<Integer> all = new HashSet<>();
            for (int f = 1; f <= size; f++) {
                all.add(f);
            }
            open.add(all);
        }
        for (int i = 0; i < size; i++) {
            boxes.add(new ArrayList<>());
            lines.add(new ArrayList<>());
            lines.add(new ArrayList<>());
        }
        List<Integer> down = new ArrayList<>();
        List<Integer> up = new ArrayList<>();
        for (int r = 0; r < size; r++) {
            for (int c = 0; c < size; c++) {
                int cell = r * size + c;
                lines.get(2 * r).add(cell);
                lines.get(2 * c + 1).add(cell);
                boxes.get(r / high * (size / wide) + c / wide).add(cell);
                if (r == c) {
                    down.add(cell);
                }
                if (r + c == size - 1) {
                    up.add(cell);
                }
            }
        }
        if (diagonals) {
            lines.add(down);
            lines.add(up);
        }
        for (int i = 0; i < givens.length; i++) {
            if (givens[i] > 0) {
                set(i, givens[i]);
            }
        }
    }

    private final Set<Integer> done = new HashSet<>();

    private List<List<Integer>> houses() {
        List<List<Integer>> all = new ArrayList<>(boxes);
        all.addAll(lines);
        return all;
    }

    private void set(int cell, int figure) {
        open.get(cell).retainAll(Set.of(figure));
        done.add(cell);
        for (List<Integer> house : houses()) {
            if (house.contains(cell)) {
                house.stream().filter(c -> c != cell).forEach(c -> open.get(c).remove(figure));
            }
        }
    }

    boolean solvesBy(int level) {
        while (step(level)) {
            // Goes on as long as something follows.
        }
        return done.size() == size * size;
    }

    private boolean step(int level) {
        for (List<Integer> house : level == 1 ? boxes : houses()) {
            for (int f = 1; f <= size; f++) {
                int figure = f;
                List<Integer> places =
                        house.stream().filter(c -> open.get(c).contains(figure)).toList();
                if (places.size() == 1 && !done.contains(places.get(0))) {
                    set(places.get(0), f);
                    return true;
                }
            }
        }
        for (List<Integer> house : houses()) {
            // The last square of a house counts among the easiest.
            List<Integer> left = house.stream().filter(c -> !done.contains(c)).toList();
            if (left.size() == 1) {
                set(left.get(0), open.get(left.get(0)).iterator().next());
                return true;
            }
        }
        if (level == 1) {
            return false;
        }
        for (int c = 0; c < open.size(); c++) {
            if (!done.contains(c) && open.get(c).size() == 1) {
                set(c, open.get(c).iterator().next());
                return true;
            }
        }
        return level > 2 && (crossing() || pairs());
    }

    private boolean crossing() {
        for (List<Integer> a : houses()) {
            for (List<Integer> b : houses()) {
                for (int f = 1; f <= size; f++) {
                    int figure = f;
                    List<Integer> places =
                            a.stream().filter(c -> open.get(c).contains(figure)).toList();
                    if (a == b || !b.containsAll(places)) {
                        continue;
                    }
                    boolean any = false;
                    for (int c : b) {
                        any |= !a.contains(c) && open.get(c).remove(figure);
                    }
                    if (any) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private boolean pairs() {
        for (List<Integer> house : houses()) {
            for (int a : house) {
                for (int b : house) {
                    if (a < b && pair(house, a, b)) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private boolean pair(List<Integer> house, int a, int b) {
        boolean any = false;
        Set<Integer> both = new HashSet<>(open.get(a));
        both.addAll(open.get(b));
        if (both.size() == 2) {
            for (int c : house) {
                any |= c != a && c != b && open.get(c).removeAll(both);
            }
        }
        Set<Integer> onlyHere = new HashSet<>(both);
        house.stream().filter(c -> c != a && c != b).forEach(c -> onlyHere.removeAll(open.get(c)));
        if (onlyHere.size() == 2) {
            any |= open.get(a).retainAll(onlyHere);
            any |= open.get(b).retainAll(onlyHere);
        }
        return any;
    }
}
