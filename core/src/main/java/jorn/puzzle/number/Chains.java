package jorn.puzzle.number;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Deque;
import java.util.List;

/** Steps that follow what hangs on what through several squares. */
final class Chains {
    private Chains() {}

    static boolean bentTriple(Notes notes) {
        BoxGrid grid = notes.grid();
        boolean any = false;
        for (int pivot = 0; pivot < grid.cells(); pivot++) {
            int own = notes.open(pivot);
            int count = Integer.bitCount(own);
            if (count != 2 && count != 3) {
                continue;
            }
            List<Integer> wings = new ArrayList<>();
            for (int peer : grid.peers(pivot)) {
                if (Integer.bitCount(notes.open(peer)) == 2) {
                    wings.add(peer);
                }
            }
            for (int i = 0; i < wings.size(); i++) {
                for (int j = i + 1; j < wings.size(); j++) {
                    any |= bend(notes, pivot, wings.get(i), wings.get(j));
                }
            }
        }
        return any;
    }

    /** Three squares with three figures, of which one must stand in one of them. */
    private static boolean bend(Notes notes, int pivot, int a, int b) {
        int own = notes.open(pivot);
        int both = notes.open(a) & notes.open(b);
        boolean three = Integer.bitCount(own | notes.open(a) | notes.open(b)) == 3
                && Integer.bitCount(both) == 1
                && notes.open(a) != notes.open(b);
        boolean bent = Integer.bitCount(own) == 2 ? (own & both) == 0 : (own & both) != 0;
        if (!three || !bent) {
            return false;
        }
        boolean struck = false;
        BoxGrid grid = notes.grid();
        for (int cell : grid.peers(a)) {
            boolean seen = grid.sees(cell, b) && cell != pivot;
            boolean far = Integer.bitCount(own) == 2 || grid.sees(cell, pivot);
            struck |= seen && far && notes.remove(cell, both);
        }
        return struck;
    }

    static boolean twoColours(Notes notes) {
        boolean any = false;
        for (int figure = 0; figure < notes.grid().size(); figure++) {
            any |= twoColours(notes, figure);
        }
        return any;
    }

    private static boolean twoColours(Notes notes, int figure) {
        BoxGrid grid = notes.grid();
        int cells = grid.cells();
        int[][] links = new int[cells][0];
        for (int[] house : grid.houses()) {
            int places = notes.places(house, figure);
            if (Integer.bitCount(places) == 2) {
                int a = house[Integer.numberOfTrailingZeros(places)];
                int b = house[31 - Integer.numberOfLeadingZeros(places)];
                links[a] = with(links[a], b);
                links[b] = with(links[b], a);
            }
        }
        int[] colour = new int[cells];
        boolean any = false;
        for (int start = 0; start < cells; start++) {
            if (links[start].length > 0 && colour[start] == 0) {
                any |= judge(notes, figure, paint(start, links, colour));
            }
        }
        return any;
    }

    private static int[] with(int[] all, int one) {
        int[] more = Arrays.copyOf(all, all.length + 1);
        more[all.length] = one;
        return more;
    }

    /** The squares of each of the two colours of what hangs together with one. */
    private static List<List<Integer>> paint(int start, int[][] links, int[] colour) {
        List<List<Integer>> both = List.of(new ArrayList<>(), new ArrayList<>());
        Deque<Integer> next = new ArrayDeque<>(List.of(start));
        colour[start] = 1;
        while (!next.isEmpty()) {
            int at = next.remove();
            both.get(colour[at] - 1).add(at);
            for (int other : links[at]) {
                if (colour[other] == 0) {
                    colour[other] = 3 - colour[at];
                    next.add(other);
                }
            }
        }
        return both;
    }

    private static boolean judge(Notes notes, int figure, List<List<Integer>> both) {
        int bit = 1 << figure;
        boolean any = false;
        for (List<Integer> one : both) {
            boolean clash = one.stream()
                    .anyMatch(a -> one.stream().anyMatch(b -> notes.grid().sees(a, b)));
            if (clash) {
                for (int cell : one) {
                    any |= notes.remove(cell, bit);
                }
            }
        }
        if (any) {
            return true;
        }
        for (int cell = 0; cell < notes.grid().cells(); cell++) {
            int seen = cell;
            boolean all = (notes.open(cell) & bit) != 0
                    && both.stream().allMatch(one -> one.stream()
                            .anyMatch(c -> notes.grid().sees(seen, c)));
            any |= all && notes.remove(cell, bit);
        }
        return any;
    }

    /** What follows from what: statements are a square's figures, {@code square × size + figure}. */
    private static final class Links {
        private final Notes notes;
        private final int size;

        Links(Notes notes) {
            this.notes = notes;
            this.size = notes.grid().size();
        }

        boolean isOpen(int statement) {
            return (notes.open(statement / size) >> statement % size & 1) != 0;
        }

        /** What must be true where a statement is not. */
        List<Integer> whenFalse(int statement) {
            int cell = statement / size;
            int figure = statement % size;
            List<Integer> all = new ArrayList<>();
            int others = notes.open(cell) & ~(1 << figure);
            if (Integer.bitCount(others) == 1) {
                all.add(cell * size + Integer.numberOfTrailingZeros(others));
            }
            for (int h : notes.grid().housesOf(cell)) {
                int[] house = notes.grid().houses()[h];
                int places = notes.places(house, figure);
                if (Integer.bitCount(places) == 2) {
                    int a = house[Integer.numberOfTrailingZeros(places)];
                    int b = house[31 - Integer.numberOfLeadingZeros(places)];
                    all.add((a == cell ? b : a) * size + figure);
                }
            }
            return all;
        }

        /** Hears of everything that cannot be true where a statement is. */
        void whenTrue(int statement, java.util.function.IntConsumer hearer) {
            int cell = statement / size;
            int figure = statement % size;
            for (int rest = notes.open(cell) & ~(1 << figure); rest != 0; rest &= rest - 1) {
                hearer.accept(cell * size + Integer.numberOfTrailingZeros(rest));
            }
            for (int peer : notes.grid().peers(cell)) {
                if ((notes.open(peer) >> figure & 1) != 0) {
                    hearer.accept(peer * size + figure);
                }
            }
        }
    }

    static boolean chain(Notes notes) {
        Links links = new Links(notes);
        int statements = notes.grid().cells() * notes.grid().size();
        for (int start = 0; start < statements; start++) {
            if (links.isOpen(start) && chain(notes, links, start)) {
                return true;
            }
        }
        return false;
    }

    /** Follows what must be so where a statement is false; what contradicts both it and the end of a chain is struck out. */
    private static boolean chain(Notes notes, Links links, int start) {
        BitSet isTrue = new BitSet();
        BitSet isFalse = new BitSet();
        Deque<Integer> falsehoods = new ArrayDeque<>(List.of(start));
        isFalse.set(start);
        BitSet against = new BitSet();
        links.whenTrue(start, against::set);
        while (!falsehoods.isEmpty()) {
            for (int so : links.whenFalse(falsehoods.remove())) {
                if (isTrue.get(so)) {
                    continue;
                }
                isTrue.set(so);
                BitSet not = new BitSet();
                links.whenTrue(so, not::set);
                BitSet both = (BitSet) not.clone();
                both.and(against);
                // Where it follows from its own opposite it is true: all that is against it goes.
                if (strike(notes, so == start ? against : both)) {
                    return true;
                }
                not.andNot(isFalse);
                isFalse.or(not);
                not.stream().forEach(falsehoods::add);
            }
        }
        return false;
    }

    private static boolean strike(Notes notes, BitSet statements) {
        int size = notes.grid().size();
        boolean any = false;
        for (int s = statements.nextSetBit(0); s >= 0; s = statements.nextSetBit(s + 1)) {
            any |= notes.remove(s / size, 1 << s % size);
        }
        return any;
    }

    static boolean supposition(Notes notes) {
        for (int few = 2; few <= notes.grid().size(); few++) {
            for (int cell = 0; cell < notes.grid().cells(); cell++) {
                if (Integer.bitCount(notes.open(cell)) != few) {
                    continue;
                }
                for (int rest = notes.open(cell); rest != 0; rest &= rest - 1) {
                    int figure = Integer.numberOfTrailingZeros(rest);
                    if (isContradiction(notes, cell, figure) && notes.remove(cell, 1 << figure)) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private static boolean isContradiction(Notes notes, int cell, int figure) {
        Notes supposed = notes.copy();
        supposed.set(cell, figure);
        boolean led = true;
        while (led && !supposed.isWrong() && !supposed.isDone()) {
            led = Singles.onlyFigure(supposed) || Singles.placeInBox(supposed) || Singles.placeInLine(supposed);
        }
        return supposed.isWrong();
    }
}
