package jorn.puzzle.number;

/** Steps that strike figures out because some squares, some figures or some lines have exactly as much as they need. */
final class Subsets {
    private Subsets() {}

    /** Hears of so many sets that together have no more than so many members. */
    private interface Hearer {
        /**
         * @param which the sets, one bit each
         * @param union their members
         * @return whether anything could be struck out
         */
        boolean hears(int which, int union);
    }

    /** Finds {@code count} of the sets whose union has {@code count} members; empty ones and larger ones do not count. */
    private static boolean unions(int[] sets, int count, Hearer hearer) {
        return unions(sets, count, 0, 0, 0, hearer);
    }

    private static boolean unions(int[] sets, int count, int from, int which, int union, Hearer hearer) {
        int taken = Integer.bitCount(which);
        if (taken == count) {
            return Integer.bitCount(union) == count && hearer.hears(which, union);
        }
        boolean any = false;
        for (int i = from; i < sets.length; i++) {
            int joined = union | sets[i];
            if (sets[i] != 0 && Integer.bitCount(joined) <= count) {
                any |= unions(sets, count, i + 1, which | 1 << i, joined, hearer);
            }
        }
        return any;
    }

    static boolean open(Notes notes, int count) {
        boolean any = false;
        for (int[] house : notes.grid().houses()) {
            int[] sets = new int[house.length];
            for (int i = 0; i < house.length; i++) {
                sets[i] = notes.open(house[i]);
            }
            any |= unions(sets, count, (which, union) -> {
                boolean struck = false;
                for (int i = 0; i < house.length; i++) {
                    struck |= (which >> i & 1) == 0 && notes.remove(house[i], union);
                }
                return struck;
            });
        }
        return any;
    }

    static boolean hidden(Notes notes, int count) {
        boolean any = false;
        for (int[] house : notes.grid().houses()) {
            int[] places = new int[house.length];
            for (int figure = 0; figure < house.length; figure++) {
                places[figure] = notes.places(house, figure);
            }
            any |= unions(places, count, (which, union) -> {
                boolean struck = false;
                for (int i = 0; i < house.length; i++) {
                    struck |= (union >> i & 1) != 0 && notes.remove(house[i], ~which);
                }
                return struck;
            });
        }
        return any;
    }

    static boolean lines(Notes notes, int count) {
        boolean rows = lines(notes, count, true);
        return lines(notes, count, false) || rows;
    }

    private static boolean lines(Notes notes, int count, boolean rows) {
        int[][] lines = notes.grid().lines(rows);
        int size = notes.grid().size();
        boolean any = false;
        for (int figure = 0; figure < size; figure++) {
            int[] places = new int[size];
            for (int i = 0; i < size; i++) {
                places[i] = notes.places(lines[i], figure);
            }
            int bit = 1 << figure;
            any |= unions(places, count, (which, union) -> {
                boolean struck = false;
                for (int line = 0; line < size; line++) {
                    for (int i = 0; i < size; i++) {
                        struck |=
                                (which >> line & 1) == 0 && (union >> i & 1) != 0 && notes.remove(lines[line][i], bit);
                    }
                }
                return struck;
            });
        }
        return any;
    }

    /** Where all places of a figure in one house lie in another one too, it stands nowhere else in that one. */
    static boolean crossing(Notes notes) {
        BoxGrid grid = notes.grid();
        int[][] houses = grid.houses();
        boolean any = false;
        for (int h = 0; h < houses.length; h++) {
            for (int figure = 0; figure < grid.size(); figure++) {
                int places = notes.places(houses[h], figure);
                if (places == 0) {
                    continue;
                }
                int first = houses[h][Integer.numberOfTrailingZeros(places)];
                for (int other : grid.housesOf(first)) {
                    any |= other != h && crossing(notes, new int[][] {houses[h], houses[other]}, places, figure);
                }
            }
        }
        return any;
    }

    private static boolean crossing(Notes notes, int[][] two, int places, int figure) {
        for (int rest = places; rest != 0; rest &= rest - 1) {
            int cell = two[0][Integer.numberOfTrailingZeros(rest)];
            if (!isIn(cell, two[1])) {
                return false;
            }
        }
        boolean struck = false;
        for (int cell : two[1]) {
            struck |= !isIn(cell, two[0]) && notes.remove(cell, 1 << figure);
        }
        return struck;
    }

    private static boolean isIn(int cell, int[] house) {
        for (int each : house) {
            if (each == cell) {
                return true;
            }
        }
        return false;
    }
}
