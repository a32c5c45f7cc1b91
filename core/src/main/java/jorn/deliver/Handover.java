package jorn.deliver;

import java.util.ArrayList;
import java.util.List;
import jorn.edition.Edition;

/**
 * What is handed over to a press: which files, and in which colours.
 *
 * @param plans one for each file
 * @param colours in which they are written
 */
public record Handover(List<SheetPlan> plans, ColourPolicy colours) {
    public Handover {
        plans = List.copyOf(plans);
    }

    /** What the book's own press takes: the inside, and the cover where it wants one. */
    public static Handover toPress(Edition edition) {
        List<SheetPlan> plans = new ArrayList<>();
        plans.add(new SinglePages(edition));
        if (edition.cover().geometry().isDelivered()) {
            plans.add(new CoverSheets(edition));
        }
        return new Handover(plans, ColourPolicy.AS_MIXED);
    }

    /** How many sheets all files have together. */
    public int sheets() {
        return plans.stream().mapToInt(SheetPlan::sheets).sum();
    }
}
