package jorn.deliver;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Turn;

/**
 * One sheet that is handed over: surfaces placed on paper or on a screen, and the press's marks beside them.
 *
 * @param trim the finished sheet; its corner is the origin
 * @param bleed before the cut
 * @param media the paper on which it is delivered
 * @param placed what stands on it, the lowest first
 * @param marks beside it: where the knife cuts
 */
public record Sheet(Box trim, Box bleed, Box media, List<PlacedArt> placed, List<Mark> marks) {
    /**
     * The art of a surface on a sheet.
     *
     * @param marks the art, from the surface's own corner
     * @param turn from there to the sheet's corner
     */
    public record PlacedArt(List<Mark> marks, Turn turn) {
        public PlacedArt {
            marks = List.copyOf(marks);
        }
    }

    public Sheet {
        placed = List.copyOf(placed);
        marks = List.copyOf(marks);
    }

    /** A page alone, as it is. */
    public static Sheet of(PageArt art) {
        return new Sheet(
                art.trim(), art.bleed(), art.media(), List.of(new PlacedArt(art.marks(), Turn.NONE)), List.of());
    }

    /** All that is drawn on it, for a sink. */
    public PageArt art() {
        List<Mark> all = new ArrayList<>();
        for (PlacedArt each : placed) {
            if (each.turn().equals(Turn.NONE)) {
                all.addAll(each.marks());
            } else if (!each.marks().isEmpty()) {
                all.add(new Mark.Turned(each.turn(), each.marks()));
            }
        }
        all.addAll(marks);
        return new PageArt(trim, bleed, media, all);
    }
}
