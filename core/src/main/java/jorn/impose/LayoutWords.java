package jorn.impose;

import java.util.ArrayList;
import java.util.List;
import jorn.measure.Length;
import jorn.measure.Numeral;
import jorn.measure.Unit;
import jorn.say.Wording;

/** What a layout comes to, and what hands should know before they print, in words. */
public final class LayoutWords {
    private static final double HUNDREDTHS = 100;
    /** Less than this is cut by any knife. */
    private static final double NOTHING = 0.001;

    private LayoutWords() {}

    /** Sheets, blanks, how large pages are, how much paper stays white, and how far inner pages move. */
    public static String figures(SheetLayout layout) {
        Imposition order = layout.imposition();
        String text = Wording.of(
                "impose.told.figures",
                order.sheets().size(),
                order.blanks(),
                Numeral.fixed(HUNDREDTHS * layout.scale(), 1),
                Numeral.fixed(HUNDREDTHS * (1 - layout.covered()), 0));
        Length caliper = layout.spec().caliper();
        if (order.scheme().kind().isNested() && caliper.points() > 0 && order.deepest() > 1) {
            String creep = new NestLimit(order.deepest(), caliper).creep().format(Unit.MILLIMETRE);
            text += " " + Wording.of("impose.told.creep", creep);
        }
        return text;
    }

    /** What is thicker than staples bear, stretched or cut away; nothing where all is well. */
    public static List<String> cautions(SheetLayout layout) {
        List<String> all = new ArrayList<>();
        Imposition order = layout.imposition();
        NestLimit limit = new NestLimit(order.deepest(), layout.spec().caliperOrOrdinary());
        if (order.scheme().kind().isNested() && !limit.isBorne()) {
            all.add(Wording.of(
                    "impose.told.too-thick",
                    order.deepest(),
                    limit.thickness().format(Unit.MILLIMETRE),
                    limit.most(),
                    limit.signature()));
        }
        if (layout.spec().fitting() == Fitting.STRETCH) {
            all.add(Wording.of(
                    "impose.told.stretched",
                    Numeral.fixed(HUNDREDTHS * layout.scale(), 1),
                    Numeral.fixed(HUNDREDTHS * layout.scaleDown(), 1)));
        }
        if (layout.cutAway() > NOTHING) {
            all.add(Wording.of("impose.told.cut-away", Numeral.fixed(HUNDREDTHS * layout.cutAway(), 1)));
        }
        return all;
    }
}
