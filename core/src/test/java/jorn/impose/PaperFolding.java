package jorn.impose;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Folds and cuts sheets whose cells have numbers on both faces, as hands do, and reads what comes of it. Knows nothing of how they were numbered. */
final class PaperFolding {
    /** A piece of paper, one cell large: what is seen on it from above and from below, and which way is up there. */
    record Cell(int above, boolean aboveTurned, int below, boolean belowTurned) {
        /** Turned over like a leaf of a book. */
        Cell over() {
            return new Cell(
                    /* above= */ below,
                    /* aboveTurned= */ belowTurned,
                    /* below= */ above,
                    /* belowTurned= */ aboveTurned);
        }

        /** Turned half round on the table. */
        Cell round() {
            return new Cell(above, !aboveTurned, below, !belowTurned);
        }
    }

    private PaperFolding() {}

    /** A sheet on the table with its front up: rows of cells. */
    static Cell[][] sheet(PressSheet sheet, Raster raster) {
        Cell[][] cells = new Cell[raster.rows()][raster.columns()];
        for (Seat front : sheet.front()) {
            Seat behind = new Seat(0, 0, 0, false);
            for (Seat back : sheet.back()) {
                // What is seen at the left once the sheet has been turned over lay at the right.
                if (back.row() == front.row() && back.column() == raster.columns() - 1 - front.column()) {
                    behind = back;
                }
            }
            cells[front.row()][front.column()] = new Cell(front.page(), front.turned(), behind.page(), behind.turned());
        }
        return cells;
    }

    /** The whole sheet turned over like a leaf. */
    static Cell[][] over(Cell[][] sheet) {
        Cell[][] turned = new Cell[sheet.length][sheet[0].length];
        for (int r = 0; r < sheet.length; r++) {
            for (int c = 0; c < sheet[0].length; c++) {
                turned[r][sheet[0].length - 1 - c] = sheet[r][c].over();
            }
        }
        return turned;
    }

    /** The whole sheet turned half round on the table. */
    static Cell[][] round(Cell[][] sheet) {
        Cell[][] turned = new Cell[sheet.length][sheet[0].length];
        for (int r = 0; r < sheet.length; r++) {
            for (int c = 0; c < sheet[0].length; c++) {
                turned[sheet.length - 1 - r][sheet[0].length - 1 - c] = sheet[r][c].round();
            }
        }
        return turned;
    }

    /**
     * Lays sheets of two cells one into the other, insides up, the outermost at the bottom, folds the pile and reads it leaf by leaf.
     *
     * @param fromRight whether the right half is folded over the left one
     */
    static List<Integer> foldSideways(List<Cell[][]> nest, boolean fromRight) {
        List<Cell> pile = new ArrayList<>();
        for (Cell[][] sheet : nest) {
            Cell[][] inside = over(sheet);
            pile.add(inside[0][fromRight ? 1 : 0].over());
        }
        List<Cell> under = new ArrayList<>();
        for (Cell[][] sheet : nest) {
            Cell[][] inside = over(sheet);
            under.add(inside[0][fromRight ? 0 : 1]);
        }
        // The half that was folded over has its lowest sheet on top now.
        Collections.reverse(under);
        pile.addAll(under);
        return read(pile);
    }

    /** As {@link #foldSideways}, with sheets of two cells one below the other, the upper half folded down over the lower one. */
    static List<Integer> foldDown(List<Cell[][]> nest) {
        List<Cell> pile = new ArrayList<>();
        List<Cell> under = new ArrayList<>();
        for (Cell[][] sheet : nest) {
            Cell[][] inside = round(over(sheet));
            // Folded over a level line, head and foot change places: turned over like a leaf and half round.
            pile.add(inside[0][0].over().round());
            under.add(inside[1][0]);
        }
        Collections.reverse(under);
        pile.addAll(under);
        for (int i = 0; i < pile.size(); i++) {
            // A leaf of a pad is turned up over its head.
            Cell leaf = pile.get(i);
            if (leaf.aboveTurned() || !leaf.belowTurned()) {
                throw new AssertionError("a page stands on its head: " + leaf);
            }
        }
        return read(pile);
    }

    /** Cuts a stack of sheets, fronts up, the first on top, into piles, lays the piles one under the other in reading order and reads the book. */
    static List<Integer> cutAndPile(List<Cell[][]> stack, boolean fromRight) {
        List<Cell> book = new ArrayList<>();
        int columns = stack.get(0)[0].length;
        for (int r = 0; r < stack.get(0).length; r++) {
            for (int c = 0; c < columns; c++) {
                for (Cell[][] sheet : stack) {
                    book.add(sheet[r][fromRight ? columns - 1 - c : c]);
                }
            }
        }
        return read(book);
    }

    /** The piles of a stack that was cut, each read for itself. */
    static List<List<Integer>> piles(List<Cell[][]> stack) {
        List<List<Integer>> all = new ArrayList<>();
        for (int r = 0; r < stack.get(0).length; r++) {
            for (int c = 0; c < stack.get(0)[0].length; c++) {
                List<Cell> pile = new ArrayList<>();
                for (Cell[][] sheet : stack) {
                    pile.add(sheet[r][c]);
                }
                all.add(read(pile));
            }
        }
        return all;
    }

    private static List<Integer> read(List<Cell> leaves) {
        List<Integer> pages = new ArrayList<>();
        for (Cell leaf : leaves) {
            pages.add(leaf.above());
            pages.add(leaf.below());
        }
        return pages;
    }
}
