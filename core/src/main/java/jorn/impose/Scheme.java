package jorn.impose;

import java.util.List;
import jorn.measure.Trouble;

/**
 * How pages are laid on sheets.
 *
 * @param kind what is done with the sheets
 * @param count sheets in a signature, or pages on a side; 1 where the kind has its own number
 * @param rightToLeft whether the book is read from the right
 */
public record Scheme(FoldKind kind, int count, boolean rightToLeft) {
    /** Signatures of more sheets than this cannot be folded. */
    public static final int MOST_SHEETS = 20;

    /** Pages on a side that can be cut apart with straight cuts and fill a sheet. */
    public static final List<Integer> UPS = List.of(2, 4, 6, 8, 9, 16);

    private static final int OF_ONE_CUT = 8;

    public Scheme {
        switch (kind) {
            case SIGNATURES -> {
                if (count < 1 || count > MOST_SHEETS) {
                    throw Trouble.of("impose.refused.signature", count, MOST_SHEETS);
                }
            }
            case UP, REPEAT -> {
                if (!UPS.contains(count)) {
                    throw Trouble.of("impose.refused.up", count);
                }
            }
            default -> count = 1;
        }
    }

    /** A scheme with its customary number, read from the left. */
    public static Scheme of(FoldKind kind) {
        return of(kind, kind == FoldKind.SIGNATURES ? 4 : 2);
    }

    public static Scheme of(FoldKind kind, int count) {
        return new Scheme(kind, count, false);
    }

    public Scheme fromRight(boolean right) {
        return new Scheme(kind, count, right);
    }

    /** Columns and rows that a side may have; where there are two ways, the one that fits the pages better is taken. */
    public List<Raster> rasters() {
        return switch (kind) {
            case NEST, SIGNATURES, SINGLES -> List.of(new Raster(2, 1));
            case CALENDAR -> List.of(new Raster(1, 2));
            case TWO_COPIES -> List.of(new Raster(2, 1), new Raster(1, 2));
            case ONE_CUT -> List.of(new Raster(4, 2));
            case LOOSE -> List.of(new Raster(1, 1));
            case UP, REPEAT -> switch (count) {
                case 2 -> List.of(new Raster(2, 1), new Raster(1, 2));
                case 4 -> List.of(new Raster(2, 2));
                case 6 -> List.of(new Raster(3, 2), new Raster(2, 3));
                case 8 -> List.of(new Raster(4, 2), new Raster(2, 4));
                case 9 -> List.of(new Raster(3, 3));
                default -> List.of(new Raster(4, 4));
            };
        };
    }

    /** The number of pages is made up with blanks to a multiple of this. */
    public int multiple() {
        return switch (kind) {
            case NEST, SIGNATURES, SINGLES, CALENDAR -> 4;
            case ONE_CUT -> OF_ONE_CUT;
            case TWO_COPIES, REPEAT, LOOSE -> 2;
            case UP -> 2 * count;
        };
    }
}
