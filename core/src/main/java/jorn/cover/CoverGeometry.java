package jorn.cover;

import java.util.List;
import java.util.Optional;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Quantity.Precision;
import jorn.measure.Scalar;
import jorn.measure.Unit;
import jorn.page.Box;
import jorn.press.Binding;
import jorn.press.BindingOffer.SpineText;
import jorn.press.CoverRule;

/**
 * The measures of a cover, each with its working.
 *
 * <p>A glued cover is one flat sheet, back | spine | front: width = 2 × (trim width + bleed) + spine, height = trim height +
 * 2 × bleed (common practice). A stapled cover is the same without a spine. Loose sheets have a front page only.
 */
public final class CoverGeometry {
    private final Brief brief;
    private final int pageCount;

    private CoverGeometry(Brief brief, int pageCount) {
        this.brief = brief;
        this.pageCount = pageCount;
    }

    /**
     * @param pageCount how many pages the bound book has
     */
    public static CoverGeometry of(Book book, int pageCount) {
        return new CoverGeometry(book.brief(), pageCount);
    }

    private String press() {
        return brief.press().name();
    }

    private Figure pages() {
        return Figure.given("pages", "Pages", Scalar.count(pageCount, "pages"), "");
    }

    private Figure trimWidth() {
        return Figure.given("trim.width", "Trim width", brief.trim().width(), "your decision");
    }

    private Figure trimHeight() {
        return Figure.given("trim.height", "Trim height", brief.trim().height(), "your decision");
    }

    private Figure bleed() {
        return Figure.given("cover.bleed", "Cover bleed", brief.press().cover().bleed(), press());
    }

    /** Whether the press wants a cover file at all. */
    public boolean isDelivered() {
        return brief.press().cover().delivery() != CoverRule.Delivery.NONE;
    }

    /** Thickness of the block at the spine. */
    public Figure spine() {
        if (!brief.binding().hasSpine()) {
            return Figure.given(
                            "spine.width",
                            "Spine",
                            Length.ZERO,
                            "a book " + brief.binding().word() + " has no spine")
                    .shown(Precision.EXACT);
        }
        Figure page = brief.paperStock().page(press());
        Length block = page.length().times(pageCount);
        Optional<Length> allowance = brief.offer().coverAllowance().filter(a -> !a.isZero());
        if (allowance.isEmpty()) {
            return Figure.computed("spine.width", "Spine", block, "{pages} × {paper.page}", press(), pages(), page)
                    .shown(Precision.EXACT);
        }
        Figure cover = Figure.given("cover.allowance", "Cover allowance", allowance.get(), press())
                .shown(Precision.FINE);
        return Figure.computed(
                        "spine.width",
                        "Spine",
                        block.plus(allowance.get()),
                        "{pages} × {paper.page} + {cover.allowance}",
                        press(),
                        pages(),
                        page,
                        cover)
                .shown(Precision.EXACT);
    }

    /** Width of the cover sheet with bleed. */
    public Figure width() {
        Length bleed = brief.press().cover().bleed();
        Length one = brief.trim().width();
        return switch (brief.binding()) {
            case GLUED -> Figure.computed(
                    "cover.width",
                    "Cover sheet width",
                    one.plus(bleed).times(2).plus(spine().length()),
                    "2 × ({trim.width} + {cover.bleed}) + {spine.width}",
                    "back, spine and front on one sheet",
                    trimWidth(),
                    bleed(),
                    spine());
            case STITCHED -> Figure.computed(
                    "cover.width",
                    "Cover sheet width",
                    one.plus(bleed).times(2),
                    "2 × ({trim.width} + {cover.bleed})",
                    "back and front on one folded sheet",
                    trimWidth(),
                    bleed());
            case LOOSE -> Figure.computed(
                    "cover.width",
                    "Cover width",
                    one.plus(bleed.times(2)),
                    "{trim.width} + 2 × {cover.bleed}",
                    "the front is a sheet of its own",
                    trimWidth(),
                    bleed());
        };
    }

    /** Height of the cover sheet with bleed. */
    public Figure height() {
        return Figure.computed(
                "cover.height",
                "Cover sheet height",
                brief.trim().height().plus(brief.press().cover().bleed().times(2)),
                "{trim.height} + 2 × {cover.bleed}",
                "bleed at head and foot",
                trimHeight(),
                bleed());
    }

    /** Pixels across at the press's resolution. */
    public Figure pixelsWide() {
        return pixels("cover.pixels.width", "Cover width in pixels", width());
    }

    /** Pixels down at the press's resolution. */
    public Figure pixelsHigh() {
        return pixels("cover.pixels.height", "Cover height in pixels", height());
    }

    private Figure pixels(String key, String label, Figure side) {
        int dpi = brief.press().resolution();
        Figure resolution = Figure.given("resolution", "Resolution", Scalar.count(dpi, "px/in"), press());
        long n = Math.round(side.length().in(Unit.INCH) * dpi);
        return Figure.computed(
                key,
                label,
                Scalar.count(n, "px"),
                "{" + side.key() + "} × {resolution}",
                "rounded to whole pixels",
                side,
                resolution);
    }

    /** Whether the press allows text on the spine at this page count. */
    public Figure spineTextAllowed() {
        Optional<SpineText> rule = brief.binding().hasSpine() ? brief.offer().spineText() : Optional.empty();
        if (rule.isEmpty()) {
            return Figure.given(
                    "spine.text.allowed",
                    "Text on the spine",
                    Scalar.yes(false),
                    brief.binding().hasSpine() ? "never at " + press() : "there is no spine");
        }
        boolean yes = pageCount >= rule.get().minPages();
        return new Figure(
                "spine.text.allowed",
                "Text on the spine",
                Scalar.yes(yes),
                Precision.PLAIN,
                "",
                List.of(pages()),
                "from " + rule.get().minPages() + " pages, " + press());
    }

    /** The cover after the cut: back, spine and front together. Its corner is the origin. */
    public Box trim() {
        double w = brief.trim().width().points();
        double wide =
                brief.binding() == Binding.LOOSE ? w : 2 * w + spine().length().points();
        return new Box(0, 0, wide, brief.trim().height().points());
    }

    /** The cover before the cut. */
    public Box bled() {
        return trim().outset(brief.press().cover().bleed().points());
    }

    /** The front panel after the cut. */
    public Box front() {
        Box all = trim();
        double w = brief.trim().width().points();
        return new Box(all.right() - w, all.y(), w, all.height());
    }

    /** The back panel after the cut, where there is one on this sheet. */
    public Optional<Box> back() {
        return brief.binding() == Binding.LOOSE
                ? Optional.empty()
                : Optional.of(new Box(0, 0, brief.trim().width().points(), trim().height()));
    }

    /** The spine, where there is one. */
    public Optional<Box> spineBox() {
        return brief.binding().hasSpine()
                ? Optional.of(Box.between(back().orElseThrow().right(), 0, front().x(), trim().height()))
                : Optional.empty();
    }

    /** Where spine text may stand: clear of the folds, and of head and foot. */
    public Optional<Box> spineSafe() {
        double clear = brief.offer().spineText().map(s -> s.clear().points()).orElse(0.0);
        double ends = brief.press().cover().safe().points();
        return spineBox().map(s -> s.inset(ends, clear, ends, clear));
    }

    /** A panel less what may be cut off. */
    public Box safe(Box panel) {
        return panel.inset(brief.press().cover().safe());
    }

    /** The room of the barcode on the back, where there is one. */
    public Optional<Box> barcode() {
        Optional<CoverRule.Barcode> rule = brief.press().cover().barcode();
        if (rule.isEmpty() || back().isEmpty()) {
            return Optional.empty();
        }
        CoverRule.Barcode b = rule.get();
        Box panel = back().get();
        double w = b.area().width().points();
        double h = b.area().height().points();
        return Optional.of(new Box(
                panel.right() - b.fromSpine().points() - w,
                panel.bottom() - b.fromFoot().points() - h,
                w,
                h));
    }
}
