package jorn.desk.benches;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.deliver.FileStandard;
import jorn.deliver.Handover;
import jorn.deliver.Sheet;
import jorn.deliver.SheetPlan;
import jorn.deliver.SheetPlan.FileRole;
import jorn.edition.Edition;
import jorn.measure.Length;
import jorn.measure.Unit;
import jorn.say.Wording;

/** Says what is in the files of a hand-over, from the sheets themselves. */
final class ParcelWords {
    private ParcelWords() {}

    /** A sentence for each file, and one for all of them. */
    static List<String> of(Handover handover, Edition edition, Unit unit) {
        List<String> all = new ArrayList<>();
        boolean marked = false;
        for (SheetPlan plan : handover.plans()) {
            Sheet first = plan.sheet(0);
            marked |= !first.marks().isEmpty();
            all.add(plan.role() != FileRole.COVER ? interior(edition, plan, first, unit) : cover(plan, first, unit));
        }
        all.add(Wording.of(marked ? "desk.parcel-words.with-cut-marks" : "desk.parcel-words.without-crop-marks"));
        if (handover.standard() != FileStandard.PLAIN) {
            all.add(Wording.of("desk.parcel-words.standard", handover.standard().called()));
        }
        return all;
    }

    private static String interior(Edition edition, SheetPlan plan, Sheet first, Unit unit) {
        String bleed = edition.geometry().bleeds()
                ? Wording.of("desk.parcel-words.with-bleed")
                : Wording.of("desk.parcel-words.without-bleed");
        return Wording.of("desk.parcel-words.interior", plan.sheets(), size(first.media(), unit), bleed);
    }

    private static String cover(SheetPlan plan, Sheet first, Unit unit) {
        String larger = first.media().equals(first.bleed())
                ? ""
                : Wording.of("desk.parcel-words.middle-sheet", size(first.media(), unit));
        return Wording.of("desk.parcel-words.cover", plan.sheets(), size(first.bleed(), unit), larger);
    }

    private static String size(Box box, Unit unit) {
        Length width = Length.points(box.width());
        Length height = Length.points(box.height());
        return width.amount(unit) + " × " + height.format(unit);
    }
}
