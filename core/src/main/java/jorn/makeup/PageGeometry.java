package jorn.makeup;

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
        int sides = brief.press().bleed().sides() == Bleed.Sides.FOUR ? 2 : 1;
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
        Length height = brief.trim().height().plus(bleed().length().times(2));
        return outerFigure(
                "page.height",
                Wording.of("makeup.page-geometry.page-height-file"),
                height,
                trimHeight(),
                2,
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

    /** The measured page for one side of the book. Where the book reads from right to left, a recto is a left-hand page. */
    public Frame frame(Side side) {
        Box trim = Box.of(brief.trim());
        double out = bleed().length().points();
        double spine = bleeds ? brief.press().bleedAtSpine().points() : 0;
        boolean gutterAtLeft = brief.reading().isRightHand(side);
        Box bled = Box.between(
                trim.x() - (gutterAtLeft ? spine : out),
                trim.y() - out,
                trim.right() + (gutterAtLeft ? out : spine),
                trim.bottom() + out);
        return new Frame(side, gutterAtLeft, trim, bled, inside(side, outside(), head(), foot(), gutter()));
    }

    /** Where nothing that matters may lie outside of, by the press's least margins. */
    public Box safe(Side side) {
        return inside(side, requiredOutside(), requiredOutside(), requiredFoot(), requiredGutter());
    }

    private Box inside(Side side, Figure outer, Figure head, Figure foot, Figure gutter) {
        double out = outer.length().points();
        double in = gutter.length().points();
        boolean gutterAtLeft = brief.reading().isRightHand(side);
        return Box.of(brief.trim())
                .inset(
                        head.length().points(),
                        gutterAtLeft ? out : in,
                        foot.length().points(),
                        gutterAtLeft ? in : out);
    }
}
