package jorn.makeup;

import java.util.List;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Side;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.press.Bleed;
import jorn.say.Wording;

/**
 * The measures of an inside page: the page in the file, its bleed and its margins, each with its working.
 *
 * <p>Common practice: online presses want bleed at head, foot and fore-edge but not at the spine; others on all four sides.
 * Margins mirror: what is the gutter at the left of a recto is at the right of a verso.
 */
public final class PageGeometry {
    private final Brief brief;
    private final PageMargins margins;
    private final boolean bleeds;
    private final int pageCount;

    private PageGeometry(Brief brief, PageMargins margins, boolean bleeds, int pageCount) {
        this.brief = brief;
        this.margins = margins;
        this.bleeds = bleeds;
        this.pageCount = pageCount;
    }

    /**
     * @param pageCount how many pages the bound book has
     */
    public static PageGeometry of(Book book, int pageCount) {
        return new PageGeometry(book.brief(), PageMargins.of(book, pageCount), book.bleeds(), pageCount);
    }

    /** Whether the file has bleed. */
    public boolean bleeds() {
        return bleeds;
    }

    /** Whether the pages are bound at the head. */
    public boolean isHeadBound() {
        return brief.isHeadBound();
    }

    public int pageCount() {
        return pageCount;
    }

    /** Trimmed width. */
    public Figure trimWidth() {
        return Figure.given(
                "trim.width",
                Wording.of("makeup.page-geometry.trim-width"),
                brief.trim().width(),
                Wording.of("makeup.page-geometry.your-decision"));
    }

    /** Trimmed height. */
    public Figure trimHeight() {
        return Figure.given(
                "trim.height",
                Wording.of("makeup.page-geometry.trim-height"),
                brief.trim().height(),
                Wording.of("makeup.page-geometry.your-decision"));
    }

    /** Bleed beyond the trim; nothing where the book does not bleed. */
    public Figure bleed() {
        return bleeds
                ? Figure.given(
                        "bleed",
                        Wording.of("makeup.page-geometry.bleed"),
                        brief.press().bleed().width(),
                        brief.press().name())
                : Figure.given(
                        "bleed",
                        Wording.of("makeup.page-geometry.bleed"),
                        Length.ZERO,
                        Wording.of("makeup.page-geometry.nothing-runs-off-page"));
    }

    /** Width of a page in the file. */
    public Figure pageWidth() {
        int sides = brief.press().bleed().sides() == Bleed.Sides.FOUR || brief.isHeadBound() ? 2 : 1;
        Length width = brief.trim().width().plus(bleed().length().times(sides));
        String rule = sides == 2
                ? Wording.of(
                        "makeup.page-geometry.bleed-on-all-four", brief.press().name())
                : Wording.of(
                        "makeup.page-geometry.bleed-at-head-foot", brief.press().name());
        return outerFigure(
                "page.width", Wording.of("makeup.page-geometry.page-width-file"), width, trimWidth(), sides, rule);
    }

    /** Height of a page in the file. */
    public Figure pageHeight() {
        int sides = brief.press().bleed().sides() == Bleed.Sides.FOUR || !brief.isHeadBound() ? 2 : 1;
        Length height = brief.trim().height().plus(bleed().length().times(sides));
        return outerFigure(
                "page.height",
                Wording.of("makeup.page-geometry.page-height-file"),
                height,
                trimHeight(),
                sides,
                Wording.of("makeup.page-geometry.bleed-at-head-foot-2"));
    }

    private Figure outerFigure(String key, String label, Length value, Figure trim, int sides, String rule) {
        if (!bleeds) {
            return Figure.computed(
                    key,
                    label,
                    value,
                    "{" + trim.key() + "}",
                    Wording.of("makeup.page-geometry.without-bleed-page-trim"),
                    trim);
        }
        String formula = "{" + trim.key() + "} + " + (sides == 2 ? "2 × " : "") + "{bleed}";
        return Figure.computed(key, label, value, formula, rule, trim, bleed());
    }

    /** The margins, as they are set and as the press asks for them. */
    public PageMargins margins() {
        return margins;
    }

    /** The inside margin as it is set. */
    public Figure gutter() {
        return margins.gutter();
    }

    /** The least gutter that the press asks for at this page count. */
    public Figure requiredGutter() {
        return margins.requiredGutter();
    }

    /** The fore-edge as it is set. */
    public Figure outside() {
        return margins.outside();
    }

    /** The least margin at fore-edge and head. */
    public Figure requiredOutside() {
        return margins.requiredOutside();
    }

    /** The head as it is set. */
    public Figure head() {
        return margins.head();
    }

    /** The foot as it is set. */
    public Figure foot() {
        return margins.foot();
    }

    /** The least margin at the foot. */
    public Figure requiredFoot() {
        return margins.requiredFoot();
    }

    /** Width between gutter and fore-edge margin. */
    public Figure textWidth() {
        if (brief.isHeadBound()) {
            return Figure.computed(
                    "text.width",
                    Wording.of("makeup.page-geometry.text-block-width"),
                    brief.trim().width().without(outside().length().times(2)),
                    "{trim.width} − 2 × {margin.set.outside}",
                    "",
                    trimWidth(),
                    outside());
        }
        Length w = brief.trim()
                .width()
                .without(gutter().length())
                .without(outside().length());
        return Figure.computed(
                "text.width",
                Wording.of("makeup.page-geometry.text-block-width"),
                w,
                "{trim.width} − {margin.set.gutter} − {margin.set.outside}",
                "",
                trimWidth(),
                gutter(),
                outside());
    }

    /** Height between head and foot margin. */
    public Figure textHeight() {
        Length h = brief.trim().height().without(head().length()).without(foot().length());
        return Figure.computed(
                "text.height",
                Wording.of("makeup.page-geometry.text-block-height"),
                h,
                "{trim.height} − {margin.set.head} − {margin.set.foot}",
                "",
                trimHeight(),
                head(),
                foot());
    }

    /** The measured page for one side of the book. Bound at the right, a recto is a left-hand page. */
    public Frame frame(Side side) {
        Box trim = Box.of(brief.trim());
        double out = bleed().length().points();
        double spine = bleeds ? brief.press().bleedAtSpine().points() : 0;
        BoundSides.Four bleed = new BoundSides(brief, side).of(out, out, out, spine);
        Box bled = Box.between(
                trim.x() - bleed.left(),
                trim.y() - bleed.head(),
                trim.right() + bleed.right(),
                trim.bottom() + bleed.foot());
        return new Frame(
                side, brief.isOuterAtRight(side), trim, bled, inside(side, outside(), head(), foot(), gutter()));
    }

    /** Where nothing that matters may lie outside of, by the press's least margins. */
    public Box safe(Side side) {
        return inside(side, requiredOutside(), requiredOutside(), requiredFoot(), requiredGutter());
    }

    private Box inside(Side side, Figure outer, Figure head, Figure foot, Figure gutter) {
        double bound = gutter.length().points();
        if (brief.isHeadBound()) {
            Figure same = side == Side.RECTO ? head : foot;
            bound = Math.max(bound, same.length().points());
        }
        BoundSides.Four in = new BoundSides(brief, side)
                .of(
                        outer.length().points(),
                        head.length().points(),
                        foot.length().points(),
                        bound);
        return Box.of(brief.trim()).inset(in.head(), in.right(), in.foot(), in.left());
    }

    /** The holes of a page, each as the box round it; none where there are none. */
    public List<Box> holes(Side side) {
        PunchedHoles edge = brief.isHeadBound()
                ? side == Side.RECTO ? PunchedHoles.HEAD : PunchedHoles.FOOT
                : brief.isRightHand(side) ? PunchedHoles.LEFT : PunchedHoles.RIGHT;
        return brief.holes().map(h -> edge.of(h, Box.of(brief.trim()))).orElse(List.of());
    }
}
