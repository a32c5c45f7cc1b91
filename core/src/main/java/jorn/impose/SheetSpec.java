package jorn.impose;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;

/**
 * The paper, and how pages are fitted on it.
 *
 * @param sheet upright or not; it is turned where that wastes less
 * @param fitting how a page is made as large as its place
 * @param atFold whether pages that are smaller than their place stand against the fold, so that the inner margin is as it was; otherwise in the middle
 * @param rim that the printer leaves white
 * @param inside whether pages are kept inside of that rim; otherwise what lies in it is told
 * @param gap between pages that are cut apart, for the knife
 * @param caliper of a sheet; pages of inner sheets move towards the fold by it; zero moves nothing
 */
@RecordBuilder
public record SheetSpec(
        Size sheet, Fitting fitting, boolean atFold, Unprinted rim, boolean inside, Length gap, Length caliper)
        implements SheetSpecBuilder.With {
    private static final Length THICKEST = Length.mm(1);
    private static final Length SMALLEST = Length.mm(40);
    private static final Length LARGEST = Length.mm(2000);

    public SheetSpec {
        for (Length side : new Length[] {sheet.width(), sheet.height()}) {
            if (side.points() < SMALLEST.points() || side.points() > LARGEST.points()) {
                throw Trouble.of("impose.refused.sheet", side.format(Unit.MILLIMETRE));
            }
        }
        if (caliper.points() < 0 || caliper.points() > THICKEST.points()) {
            throw Trouble.of("impose.refused.caliper", caliper.format(Unit.MILLIMETRE));
        }
        double least = Math.min(sheet.width().points(), sheet.height().points());
        if (gap.points() < 0 || gap.points() > least / 4) {
            throw Trouble.of("impose.refused.gap", gap.format(Unit.MILLIMETRE));
        }
    }

    /** The caliper to reckon with: that of ordinary paper where none is told. */
    Length caliperOrOrdinary() {
        return caliper.points() > 0 ? caliper : NestLimit.ORDINARY;
    }

    /** In proportion, in the middle, without anything for knife or printer. */
    public static SheetSpec of(Size sheet) {
        return new SheetSpec(sheet, Fitting.FIT, false, Unprinted.NONE, false, Length.ZERO, Length.ZERO);
    }
}
