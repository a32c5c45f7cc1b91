package jorn.deliver;

import jorn.edition.Edition;

/** The inside as presses take it: single pages in order. */
public record SinglePages(Edition edition) implements SheetPlan {
    @Override
    public FileRole role() {
        return FileRole.INTERIOR;
    }

    @Override
    public int sheets() {
        return edition.pagination().pageCount();
    }

    @Override
    public Sheet sheet(int index) {
        return Sheet.of(edition.page(index + 1));
    }
}
