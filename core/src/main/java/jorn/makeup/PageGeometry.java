package jorn.makeup;

import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.MarginChoice;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Numeral;
import jorn.measure.Quantity.Precision;
import jorn.measure.Scalar;
import jorn.page.Box;
import jorn.page.PageFrame;
import jorn.page.Side;
import jorn.press.Bleed;
import jorn.press.Margins;

/**
 * The measures of an inside page: the page in the file, its bleed and its margins, each with its working.
 *
 * <p>Common practice: online presses want bleed at head, foot and fore-edge but not at the spine; others on all four sides.
 * Margins mirror: what is the gutter at the left of a recto is at the right of a verso.
 */
public final class PageGeometry {
    private final Brief brief;
    private final MarginChoice margins;
    private final boolean bleeds;
    private final int pageCount;

    private PageGeometry(Brief brief, MarginChoice margins, boolean bleeds, int pageCount) {
        this.brief = brief;
        this.margins = margins;
        this.bleeds = bleeds;
        this.pageCount = pageCount;
    }

    /**
     * @param pageCount how many pages the bound book has
     */
    public static PageGeometry of(Book book, int pageCount) {
        return new PageGeometry(book.brief(), book.margins(), book.bleeds(), pageCount);
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
        return Figure.given("trim.width", "Trim width", brief.trim().width(), "your decision");
    }

    /** Trimmed height. */
    public Figure trimHeight() {
        return Figure.given("trim.height", "Trim height", brief.trim().height(), "your decision");
    }

    /** Bleed beyond the trim; nothing where the book does not bleed. */
    public Figure bleed() {
        return bleeds
                ? Figure.given(
                        "bleed",
                        "Bleed",
                        brief.press().bleed().width(),
                        brief.press().name())
                : Figure.given("bleed", "Bleed", Length.ZERO, "nothing runs off the page");
    }

    /** Width of a page in the file. */
    public Figure pageWidth() {
        int sides = brief.press().bleed().sides() == Bleed.Sides.FOUR ? 2 : 1;
        Length width = brief.trim().width().plus(bleed().length().times(sides));
        String rule = sides == 2
                ? "bleed on all four sides, " + brief.press().name()
                : "bleed at head, foot and fore-edge, none at the spine, "
                        + brief.press().name();
        return outerFigure("page.width", "Page width in the file", width, trimWidth(), sides, rule);
    }

    /** Height of a page in the file. */
    public Figure pageHeight() {
        Length height = brief.trim().height().plus(bleed().length().times(2));
        return outerFigure("page.height", "Page height in the file", height, trimHeight(), 2, "bleed at head and foot");
    }

    private Figure outerFigure(String key, String label, Length value, Figure trim, int sides, String rule) {
        if (!bleeds) {
            return Figure.computed(
                    key, label, value, "{" + trim.key() + "}", "without bleed the page is the trim size", trim);
        }
        String formula = "{" + trim.key() + "} + " + (sides == 2 ? "2 × " : "") + "{bleed}";
        return Figure.computed(key, label, value, formula, rule, trim, bleed());
    }

    /** The inside margin. */
    public Figure gutter() {
        return own(requiredGutter(), margins.gutter());
    }

    /** The least gutter that the press asks for at this page count. */
    public Figure requiredGutter() {
        Margins rule = brief.press().margins();
        Margins.GutterStep step = rule.gutterFor(pageCount);
        String source = "up to " + Numeral.grouped(step.upTo()) + " pages, "
                + brief.press().name();
        Figure pages = Figure.given("pages", "Pages", Scalar.count(pageCount, "pages"), "");
        return new Figure(
                "margin.gutter", "Gutter", step.gutter(), Precision.PLAIN, "", java.util.List.of(pages), source);
    }

    /** Fore-edge and head. */
    public Figure outside() {
        return own(requiredOutside(), margins.outside());
    }

    /** The least margin at fore-edge and head. */
    public Figure requiredOutside() {
        return Figure.given(
                "margin.outside",
                "Outside margins",
                brief.press().margins().outside(bleeds),
                (bleeds ? "with bleed, " : "without bleed, ") + brief.press().name());
    }

    /** The foot. */
    public Figure foot() {
        Figure required = requiredFoot();
        return margins.foot().isPresent()
                ? own(required, margins.foot())
                : margins.outside()
                        .filter(o -> o.compareTo(required.length()) > 0)
                        .map(o -> Figure.given("margin.foot", "Foot margin", o, "your decision"))
                        .orElse(required);
    }

    /** The least margin at the foot. */
    public Figure requiredFoot() {
        return Figure.given(
                "margin.foot",
                "Foot margin",
                brief.press().margins().foot(bleeds),
                (bleeds ? "with bleed, " : "without bleed, ") + brief.press().name());
    }

    /** Width between gutter and fore-edge margin. */
    public Figure textWidth() {
        Length w = brief.trim().width().minus(gutter().length()).minus(outside().length());
        return Figure.computed(
                "text.width",
                "Text block width",
                w,
                "{trim.width} − {margin.gutter} − {margin.outside}",
                "",
                trimWidth(),
                gutter(),
                outside());
    }

    /** Height between head and foot margin. */
    public Figure textHeight() {
        Length h = brief.trim().height().minus(outside().length()).minus(foot().length());
        return Figure.computed(
                "text.height",
                "Text block height",
                h,
                "{trim.height} − {margin.outside} − {margin.foot}",
                "",
                trimHeight(),
                outside(),
                foot());
    }

    private static Figure own(Figure required, java.util.Optional<Length> choice) {
        return choice.map(c -> Figure.given(required.key(), required.label(), c, "your decision"))
                .orElse(required);
    }

    /** The measured page for one side of the book. */
    public PageFrame frame(Side side) {
        Box trim = Box.of(brief.trim());
        double out = bleed().length().points();
        double spine = bleeds ? brief.press().bleedAtSpine().points() : 0;
        boolean recto = side == Side.RECTO;
        Box bled = Box.between(
                trim.x() - (recto ? spine : out),
                trim.y() - out,
                trim.right() + (recto ? out : spine),
                trim.bottom() + out);
        double outer = outside().length().points();
        double inner = gutter().length().points();
        Box text = trim.inset(outer, recto ? outer : inner, foot().length().points(), recto ? inner : outer);
        return new PageFrame(side, trim, bled, text);
    }

    /** Where nothing that matters may lie outside of, by the press's least margins. */
    public Box safe(Side side) {
        double outer = requiredOutside().length().points();
        double inner = requiredGutter().length().points();
        boolean recto = side == Side.RECTO;
        return Box.of(brief.trim())
                .inset(outer, recto ? outer : inner, requiredFoot().length().points(), recto ? inner : outer);
    }
}
