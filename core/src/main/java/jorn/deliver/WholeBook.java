package jorn.deliver;

import java.util.ArrayList;
import java.util.List;

/**
 * Cover and inside in one file, in the order in which a copy shop lays them. Where front and back are leaves of their own: the front and its back,
 * all pages, and the back with its front; a side that bears nothing is a blank page, so that pairs of pages face each other as they do in the
 * book. A cover that is one flat sheet comes first, with its inside.
 */
final class WholeBook implements SheetPlan {
    /** Front, back, and their insides. */
    private static final int FOUR_SIDES = 4;

    private static final int BLANK = -1;

    private final SheetPlan cover;
    private final SheetPlan pages;
    /** The cover's sheets before and behind the pages. */
    private final List<Integer> before = new ArrayList<>();

    private final List<Integer> behind = new ArrayList<>();

    WholeBook(CoverSheets cover, SheetPlan pages) {
        this.cover = cover;
        this.pages = pages;
        // A cover of several has front, back, inside of the front, inside of the back.
        boolean inked = cover.sheets() == FOUR_SIDES || (cover.sheets() == 2 && !cover.isSplit());
        if (cover.isSplit()) {
            before.addAll(List.of(0, inked ? 2 : BLANK));
            if (pages.sheets() % 2 == 1) {
                // The back of the last leaf.
                behind.add(BLANK);
            }
            behind.addAll(List.of(inked ? 3 : BLANK, 1));
        } else {
            before.add(0);
            if (inked) {
                before.add(1);
            } else if (cover.isLeaf()) {
                before.add(BLANK);
            }
        }
    }

    @Override
    public FileRole role() {
        return FileRole.BOOK;
    }

    @Override
    public int sheets() {
        return before.size() + pages.sheets() + behind.size();
    }

    @Override
    public int sheetOf(int page) {
        return before.size() + pages.sheetOf(page);
    }

    @Override
    public Sheet sheet(int index) {
        int page = index - before.size();
        if (page < 0) {
            return ofCover(before.get(index));
        }
        return page < pages.sheets() ? pages.sheet(page) : ofCover(behind.get(page - pages.sheets()));
    }

    private Sheet ofCover(int which) {
        if (which != BLANK) {
            return cover.sheet(which);
        }
        Sheet leaf = pages.sheet(0);
        return new Sheet(leaf.trim(), leaf.bleed(), leaf.media(), List.of(), List.of());
    }
}
