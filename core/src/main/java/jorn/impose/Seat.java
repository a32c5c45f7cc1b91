package jorn.impose;

/**
 * The place of a page on one side of a sheet, among columns and rows as they are seen on that side.
 *
 * @param page from 1; 0 for a blank
 * @param column from the left, from 0
 * @param row from the top, from 0
 * @param turned whether the page stands on its head
 */
public record Seat(int page, int column, int row, boolean turned) {
    public boolean isBlank() {
        return page == 0;
    }
}
