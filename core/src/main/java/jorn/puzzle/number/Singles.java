package jorn.puzzle.number;

/** Steps that write a figure. */
final class Singles {
    private Singles() {}

    static boolean lastSquare(Notes notes) {
        boolean any = false;
        for (int[] house : notes.grid().houses()) {
            int empty = -1;
            int count = 0;
            for (int cell : house) {
                if (notes.isEmpty(cell)) {
                    empty = cell;
                    count++;
                }
            }
            if (count == 1 && notes.open(empty) != 0) {
                notes.set(empty, Integer.numberOfTrailingZeros(notes.open(empty)));
                any = true;
            }
        }
        return any;
    }

    static boolean placeInBox(Notes notes) {
        return place(notes, true);
    }

    static boolean placeInLine(Notes notes) {
        return place(notes, false);
    }

    private static boolean place(Notes notes, boolean boxes) {
        int[][] houses = notes.grid().houses();
        boolean any = false;
        for (int h = 0; h < houses.length; h++) {
            if (notes.grid().isBox(h) != boxes) {
                continue;
            }
            int once = 0;
            int more = 0;
            for (int cell : houses[h]) {
                more |= once & notes.open(cell);
                once |= notes.open(cell);
            }
            int only = once & ~more;
            for (int i = 0; only != 0 && i < houses[h].length; i++) {
                int here = notes.open(houses[h][i]) & only;
                if (here != 0) {
                    notes.set(houses[h][i], Integer.numberOfTrailingZeros(here));
                    any = true;
                }
            }
        }
        return any;
    }

    static boolean onlyFigure(Notes notes) {
        boolean any = false;
        for (int cell = 0; cell < notes.grid().cells(); cell++) {
            if (Integer.bitCount(notes.open(cell)) == 1) {
                notes.set(cell, Integer.numberOfTrailingZeros(notes.open(cell)));
                any = true;
            }
        }
        return any;
    }
}
