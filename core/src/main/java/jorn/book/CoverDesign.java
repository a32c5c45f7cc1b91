package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jorn.art.Ink;
import jorn.json.Required;
import jorn.measure.Trouble;

/**
 * How the cover is designed.
 *
 * @param ground colour of the whole sheet
 * @param panel whether the title stands on a panel, where the cover is not composed
 * @param panelInk colour of panels
 * @param titleInk colour of words on panels
 * @param spineText whether title and author stand on the spine
 * @param blurb words on the back, 20,000 letters at most; may be empty
 * @param plan what it is composed of; absent in books begun before covers were composed
 * @param kept variants that are kept beside it
 */
@RecordBuilder
public record CoverDesign(
        @Required Ink ground,
        boolean panel,
        @Required Ink panelInk,
        @Required Ink titleInk,
        boolean spineText,
        String blurb,
        Optional<CoverPlan> plan,
        List<CoverDesign> kept)
        implements CoverDesignBuilder.With {
    private static final int MOST_KEPT = 24;
    private static final int LONGEST_BLURB = 20_000;

    /** Honey with a paper panel. */
    public static final CoverDesign CUSTOMARY = new CoverDesign(
            Ink.hex("C9A24A"), true, Ink.hex("FFFEF8"), Ink.hex("1D2733"), true, "", Optional.empty(), List.of());

    public CoverDesign {
        blurb = blurb == null ? "" : blurb;
        if (blurb.length() > LONGEST_BLURB) {
            throw Trouble.of("book.part-edit.too-long", blurb.length(), LONGEST_BLURB);
        }
        plan = plan == null ? Optional.empty() : plan;
        kept = kept == null ? List.of() : List.copyOf(kept.subList(Math.max(0, kept.size() - MOST_KEPT), kept.size()));
    }

    /** The same with its plan changed; a cover that was not composed begins as a label. */
    public CoverDesign planned(UnaryOperator<CoverPlan> change) {
        return withPlan(Optional.of(change.apply(plan.orElseGet(() -> CoverPlan.of("label")))));
    }

    /** The same with what it looks like now on the shelf of variants. */
    public CoverDesign keeping() {
        CoverDesign now = withKept(List.of());
        List<CoverDesign> all = new java.util.ArrayList<>(kept);
        all.remove(now);
        all.add(now);
        return withKept(all);
    }

    /** As a kept variant looks, with the others still on the shelf. */
    public CoverDesign as(CoverDesign variant) {
        return variant.withKept(kept);
    }
}
