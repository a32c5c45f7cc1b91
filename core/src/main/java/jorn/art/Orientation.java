package jorn.art;

/**
 * How a picture must be turned to stand upright, as cameras note it: tag 274 of TIFF 6.0, which Exif 2.32 takes over (JEITA
 * CP-3451, 4.6.4 A).
 *
 * @param swapped whether the file's rows are columns of the upright picture
 * @param mirrored whether left and right are then exchanged
 * @param upended whether top and bottom are then exchanged
 */
public record Orientation(boolean swapped, boolean mirrored, boolean upended) {
    /** As it stands in the file. */
    public static final Orientation UPRIGHT = new Orientation(false, false, false);

    /** @param tag from 1 to 8; any other stands for upright */
    public static Orientation ofTag(int tag) {
        return switch (tag) {
            case 2 -> new Orientation(false, true, false);
            case 3 -> new Orientation(false, true, true);
            case 4 -> new Orientation(false, false, true);
            case 5 -> new Orientation(true, false, false);
            case 6 -> new Orientation(true, true, false);
            case 7 -> new Orientation(true, true, true);
            case 8 -> new Orientation(true, false, true);
            default -> UPRIGHT;
        };
    }

    /**
     * From the file's pixels to the upright picture's, both with y down.
     *
     * @param width of the picture as it stands in the file
     * @param height of the picture as it stands in the file
     */
    public Turn turn(double width, double height) {
        double w = swapped ? height : width;
        double h = swapped ? width : height;
        double sx = mirrored ? -1 : 1;
        double sy = upended ? -1 : 1;
        double dx = mirrored ? w : 0;
        double dy = upended ? h : 0;
        return swapped ? new Turn(0, sy, sx, 0, dx, dy) : new Turn(sx, 0, 0, sy, dx, dy);
    }
}
