package jorn.deliver;

/**
 * Cover and inside in one file, in the order in which a copy shop lays them: the front and its inside, all pages, the inside of the back and the
 * back. A cover that is one flat sheet comes first, with its inside.
 */
record WholeBook(SheetPlan cover, SheetPlan pages) implements SheetPlan {
    /** Front, back, and their insides. */
    private static final int FOUR_SIDES = 4;

    @Override
    public FileRole role() {
        return FileRole.BOOK;
    }

    @Override
    public int sheets() {
        return cover.sheets() + pages.sheets();
    }

    @Override
    public Sheet sheet(int index) {
        int before = inFront().length;
        if (index < before) {
            return cover.sheet(inFront()[index]);
        }
        return index < before + pages.sheets()
                ? pages.sheet(index - before)
                : cover.sheet(behind()[index - before - pages.sheets()]);
    }

    /** The cover's sheets that come before the pages; a cover of several has front, back, inside of the front, inside of the back. */
    private int[] inFront() {
        return isSplit() ? cover.sheets() == FOUR_SIDES ? new int[] {0, 2} : new int[] {0} : all(cover.sheets());
    }

    private int[] behind() {
        return isSplit() ? cover.sheets() == FOUR_SIDES ? new int[] {3, 1} : new int[] {1} : new int[0];
    }

    /** Whether front and back are sheets of their own. */
    private boolean isSplit() {
        return cover instanceof CoverSheets c && c.isSplit();
    }

    private static int[] all(int count) {
        return java.util.stream.IntStream.range(0, count).toArray();
    }
}
