package jorn.puzzle.run;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import jorn.measure.Trouble;
import jorn.puzzle.Puzzle;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.number.BoxGrid;
import jorn.puzzle.number.NumberPuzzle;
import jorn.puzzle.number.NumberRules;

/**
 * Grids of number placements as people keep them in files: one a line, or one row a line. An empty square is {@code .} or {@code 0}, figures
 * are {@code 1} to {@code 9}, then {@code A} to {@code G}; where squares are parted by commas, semicolons, tabs or spaces, numbers up to 16
 * may stand too, and nothing for an empty one.
 */
public final class OwnGrids {
    private static final String SIGNS = ".123456789ABCDEFG";
    private static final int MOST_LINES = 20_000;

    private OwnGrids() {}

    /**
     * A grid of a file.
     *
     * @param line on which it begins, from 1
     * @param givens figures from 1, 0 for an empty square, row by row
     */
    @SuppressWarnings("ArrayRecordComponent") // made here, and read by nobody who would change it
    public record OwnGrid(int line, int size, int[] givens) {
        /**
         * The puzzle that it is.
         *
         * @throws Trouble where it has no solution or several, without its line
         */
        public NumberPuzzle puzzle(boolean diagonals) {
            return NumberPuzzle.of(BoxGrid.of(size, diagonals), givens);
        }

        /** In one line, as a book keeps it. */
        public String written() {
            StringBuilder text = new StringBuilder();
            for (int each : givens) {
                text.append(SIGNS.charAt(each));
            }
            return text.toString();
        }
    }

    /**
     * Reads a file's text. Lines that begin with {@code #} are passed over.
     *
     * @throws Trouble naming the line that is no grid
     */
    public static List<OwnGrid> read(String text) {
        List<Row> rows = rows(text);
        List<OwnGrid> grids = new ArrayList<>();
        int at = 0;
        while (at < rows.size()) {
            Row first = rows.get(at);
            int length = first.squares().length;
            int side = (int) Math.round(Math.sqrt(length));
            boolean whole = side * side == length && BoxGrid.sizes().contains(side) && !isRowOfSixteen(rows, at);
            if (whole) {
                grids.add(grid(first.line(), side, first.squares()));
                at++;
            } else {
                grids.add(gathered(rows, at));
                at += length;
            }
        }
        if (grids.isEmpty()) {
            throw Trouble.of("puzzle.own.empty");
        }
        return grids;
    }

    /** A line of a file that holds squares. */
    @SuppressWarnings("ArrayRecordComponent") // read once, changed by nobody
    private record Row(int line, int[] squares) {}

    private static List<Row> rows(String text) {
        String[] lines = text.split("\\R", -1);
        if (lines.length > MOST_LINES) {
            throw Trouble.of("puzzle.own.too-many-lines", lines.length, MOST_LINES);
        }
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < lines.length; i++) {
            // Lines that part boxes hold nothing.
            String line = lines[i].replace("\uFEFF", "").replace("|", "").strip();
            if (!line.isEmpty() && !line.startsWith("#") && !line.matches("[-+= ]+")) {
                rows.add(new Row(i + 1, squares(line, i + 1)));
            }
        }
        return rows;
    }

    /** A grid that stands row by row. */
    private static OwnGrid gathered(List<Row> rows, int at) {
        Row first = rows.get(at);
        int size = first.squares().length;
        if (!BoxGrid.sizes().contains(size)) {
            throw Trouble.of("puzzle.own.odd-length", first.line(), size);
        }
        int[] all = new int[size * size];
        for (int r = 0; r < size; r++) {
            if (at + r == rows.size()) {
                throw Trouble.of("puzzle.own.rows-missing", first.line(), r, size);
            }
            Row row = rows.get(at + r);
            if (row.squares().length != size) {
                throw Trouble.of("puzzle.own.uneven-row", row.line(), row.squares().length, size);
            }
            System.arraycopy(row.squares(), 0, all, r * size, size);
        }
        return grid(first.line(), size, all);
    }

    /** Sixteen squares are a grid of 4 × 4, or a row of 16 × 16: the latter where fifteen such follow, and a figure above four is among them. */
    private static boolean isRowOfSixteen(List<Row> rows, int at) {
        if (rows.get(at).squares().length != 16 || at + 16 > rows.size()) {
            return false;
        }
        List<Row> together = rows.subList(at, at + 16);
        return together.stream().allMatch(r -> r.squares().length == 16)
                && together.stream()
                        .flatMapToInt(r -> Arrays.stream(r.squares()))
                        .anyMatch(f -> f > 4);
    }

    private static OwnGrid grid(int line, int size, int[] squares) {
        for (int each : squares) {
            if (each > size) {
                throw Trouble.of("puzzle.own.figure-too-large", line, each, size);
            }
        }
        return new OwnGrid(line, size, squares);
    }

    private static int[] squares(String line, int number) {
        boolean parted = line.matches(".*[,;\\t ].*");
        String[] parts = parted ? line.split("[,;\\t]\\s*| +", -1) : line.split("");
        int count = parts.length;
        // A separator at the end of a line parts nothing.
        int used = parted
                        && count > 1
                        && parts[count - 1].isEmpty()
                        && !BoxGrid.sizes().contains(count)
                ? count - 1
                : count;
        int[] squares = new int[used];
        for (int i = 0; i < squares.length; i++) {
            squares[i] = figure(parts[i].strip().replace("\"", ""), number, i + 1);
        }
        return squares;
    }

    private static int figure(String text, int line, int square) {
        if (text.isEmpty() || text.equals("0") || text.equals("_") || text.equals("-")) {
            return 0;
        }
        if (text.length() == 1 && SIGNS.contains(text.toUpperCase(Locale.ROOT))) {
            return SIGNS.indexOf(text.toUpperCase(Locale.ROOT));
        }
        if (text.matches("1[0-6]")) {
            return Integer.parseInt(text);
        }
        throw Trouble.of("puzzle.own.wrong-sign", line, square, text.length() > 12 ? text.substring(0, 12) : text);
    }

    /** The puzzle of a grid that a book keeps. */
    static Puzzle puzzle(String written, PuzzleRules rules) {
        boolean diagonals = rules instanceof NumberRules n && n.diagonals();
        return read(written).get(0).puzzle(diagonals);
    }

    /**
     * Takes the grids of a text in.
     *
     * @return as a book keeps them
     * @throws Trouble naming the line of the first that has no solution or several
     */
    public static List<String> taken(String text, boolean diagonals) {
        List<String> all = new ArrayList<>();
        for (OwnGrid each : read(text)) {
            try {
                each.puzzle(diagonals);
            } catch (Trouble t) {
                throw Trouble.because(t, "puzzle.own.refused", each.line(), t.what());
            }
            all.add(each.written());
        }
        return all;
    }
}
