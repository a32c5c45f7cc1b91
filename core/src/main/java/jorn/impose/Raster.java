package jorn.impose;

/** How many pages stand side by side on a sheet, and one below the other. */
public record Raster(int columns, int rows) {
    public int cells() {
        return columns * rows;
    }
}
