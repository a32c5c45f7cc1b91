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
import jorn.press.Binding;
import jorn.press.BindingOffer;
import jorn.press.BindingOffer.Boards;
import jorn.press.BindingOffer.SpineText;
import jorn.press.CoverRule;
import jorn.say.Wording;

/**
 * The measures of a cover as figures, each with its working.
 *
 * <p>Common practice: a glued cover is one flat sheet, width = 2 × (trim width + bleed) + spine, height = trim height + 2 ×
 * bleed. A case wrap has boards that stand over the block, a hinge beside the spine, and a turn-in all round; its spine is
 * the block and two boards. A jacket adds flaps. A stapled cover has no spine; coil and loose covers are single pages.
 */
public final class CoverFigures {
    private final Brief brief;
    private final int pageCount;

    private CoverFigures(Brief brief, int pageCount) {
        this.brief = brief;
        this.pageCount = pageCount;
    }

    /**
     * @param pageCount how many pages the bound book has
     */
    public static CoverFigures of(Book book, int pageCount) {
        return new CoverFigures(book.brief(), pageCount);
    }

    private String press() {
        return brief.press().name();
    }

    private BindingOffer offer() {
        return brief.offer();
    }

    private Boards boards() {
        return offer().boards().orElseThrow();
    }

    private boolean isCased() {
        return brief.binding() == Binding.CASED || brief.binding() == Binding.JACKET;
    }

    private Figure pages() {
        return Figure.given(
                "pages",
                Wording.of("cover.cover-figures.pages"),
                Scalar.count(pageCount, Wording.of("cover.cover-figures.pages-2")),
                "");
    }

    private Figure trimWidth() {
        return Figure.given(
                "trim.width",
                Wording.of("cover.cover-figures.trim-width"),
                brief.trim().width(),
                Wording.of("cover.cover-figures.your-decision"));
    }

    private Figure trimHeight() {
        return Figure.given(
                "trim.height",
                Wording.of("cover.cover-figures.trim-height"),
                brief.trim().height(),
                Wording.of("cover.cover-figures.your-decision"));
    }

    /** What is beyond the finished cover: bleed that is cut off, or the turn-in of a case. */
    public Figure outer() {
        return brief.binding() == Binding.CASED
                ? Figure.given("cover.turn-in", Wording.of("cover.cover-figures.turn"), boards().turnIn(), press())
                : Figure.given(
                        "cover.bleed",
                        Wording.of("cover.cover-figures.cover-bleed"),
                        brief.press().cover().bleed(),
                        press());
    }

    /** How far a case's boards stand over the block. */
    private Figure overhang() {
        return Figure.given("cover.overhang", Wording.of("cover.cover-figures.overhang"), boards().overhang(), press());
    }

    private Figure flap() {
        return Figure.given(
                "cover.flap",
                Wording.of("cover.cover-figures.flap"),
                offer().flap().orElseThrow(),
                press());
    }

    /** Width of the joint beside the spine of a case. */
    public Optional<Figure> hinge() {
        return isCased()
                ? Optional.of(
                        Figure.given("cover.hinge", Wording.of("cover.cover-figures.hinge"), boards().hinge(), press()))
                : Optional.empty();
    }

    /** Thickness of the block alone. */
    public Figure block() {
        Figure page = brief.paperStock().page(press());
        return Figure.computed(
                        "block.thickness",
                        Wording.of("cover.cover-figures.block"),
                        page.length().times(pageCount),
                        "{pages} × {paper.page}",
                        "",
                        pages(),
                        page)
                .shown(Precision.EXACT);
    }

    /** Width of the spine on the cover. */
    public Figure spine() {
        if (!brief.binding().hasSpine()) {
            return Figure.given(
                            "spine.width",
                            Wording.of("cover.cover-figures.spine"),
                            Length.ZERO,
                            Wording.of("cover.cover-figures.book-has-no-spine", offer().inWords()))
                    .shown(Precision.EXACT);
        }
        Figure page = brief.paperStock().page(press());
        Length block = page.length().times(pageCount);
        if (isCased()) {
            Figure board =
                    Figure.given("cover.board", Wording.of("cover.cover-figures.board"), boards().board(), press());
            return spine(
                    block.plus(boards().board().times(2)),
                    "{pages} × {paper.page} + 2 × {cover.board}",
                    pages(),
                    page,
                    board);
        }
        Optional<Length> allowance = offer().coverAllowance().filter(a -> !a.isZero());
        if (allowance.isEmpty()) {
            return spine(block, "{pages} × {paper.page}", pages(), page);
        }
        Figure cover = Figure.given(
                        "cover.allowance", Wording.of("cover.cover-figures.cover-allowance"), allowance.get(), press())
                .shown(Precision.FINE);
        return spine(block.plus(allowance.get()), "{pages} × {paper.page} + {cover.allowance}", pages(), page, cover);
    }

    private Figure spine(Length value, String formula, Figure... inputs) {
        return Figure.computed("spine.width", Wording.of("cover.cover-figures.spine"), value, formula, press(), inputs)
                .shown(Precision.EXACT);
    }

    /** Thickness of the closed book, with its cover. */
    public Figure thickness() {
        Figure inside = brief.binding().hasSpine() ? spine() : block();
        String says = brief.binding().hasSpine() ? Wording.of("cover.cover-figures.closed-book") : "";
        String label = Wording.of("cover.cover-figures.thickness");
        Length card = cardThickness();
        if (card.isZero()) {
            return Figure.computed("book.thickness", label, inside.length(), "{" + inside.key() + "}", says, inside)
                    .shown(Precision.EXACT);
        }
        int sides = brief.binding() == Binding.LOOSE ? 1 : 2;
        Figure one = Figure.given(
                        "cover.card.thickness", Wording.of("cover.cover-figures.card-thickness"), card, press())
                .shown(Precision.FINE);
        return Figure.computed(
                        "book.thickness",
                        label,
                        inside.length().plus(card.times(sides)),
                        "{" + inside.key() + "} + " + (sides == 2 ? "2 × " : "") + "{cover.card.thickness}",
                        says,
                        inside,
                        one)
                .shown(Precision.EXACT);
    }

    /** What the cover's card adds on a side; nothing where the spine's allowance has it already, or there is no card. */
    private Length cardThickness() {
        boolean counted = offer().coverAllowance().filter(a -> !a.isZero()).isPresent()
                && brief.binding().hasSpine();
        return counted ? Length.ZERO : card().flatMap(CoverRule.Card::thickness).orElse(Length.ZERO);
    }

    /** What the cover is printed on, where there is a cover and the press says so. */
    Optional<CoverRule.Card> card() {
        boolean without = brief.selfCover() || brief.press().cover().delivery() == CoverRule.Delivery.NONE;
        return without ? Optional.empty() : brief.press().cover().card();
    }

    /** What the cover weighs; nothing where there is none, or the press does not say what it is made of. */
    public Optional<Figure> weight() {
        return CoverWeight.of(brief, this);
    }

    /** What a jacket needs on each side for its way round the fore-edge of a board; nothing for other covers. */
    Length around() {
        return brief.binding() == Binding.JACKET ? boards().around().orElse(Length.ZERO) : Length.ZERO;
    }

    private Figure aroundFigure() {
        return Figure.given("cover.around", Wording.of("cover.cover-figures.around"), around(), press());
    }

    /** Width of one cover panel from the spine to the fore-edge. */
    Length panelWidth() {
        return isCased()
                ? brief.trim().width().plus(boards().overhang())
                : brief.trim().width();
    }

    /** Height of the finished cover. */
    Length panelHeight() {
        return isCased()
                ? brief.trim().height().plus(boards().overhang().times(2))
                : brief.trim().height();
    }

    /** Width of the cover file. */
    public Figure width() {
        Length out = outer().length();
        Length panel = panelWidth();
        return switch (brief.binding()) {
            case GLUED -> width(
                    panel.plus(out).times(2).plus(spine().length()),
                    "2 × ({trim.width} + {cover.bleed}) + {spine.width}",
                    Wording.of("cover.cover-figures.back-spine-front-on"),
                    trimWidth(),
                    outer(),
                    spine());
            case CASED -> width(
                    panel.plus(out).times(2).plus(spine().length()),
                    "2 × ({trim.width} + {cover.overhang} + {cover.turn-in}) + {spine.width}",
                    Wording.of("cover.cover-figures.boards-spine-turn-on"),
                    trimWidth(),
                    overhang(),
                    outer(),
                    spine());
            case JACKET -> width(
                    panel.plus(flap().length())
                            .plus(around())
                            .plus(out)
                            .times(2)
                            .plus(spine().length()),
                    "2 × ({cover.flap} + {cover.around} + {trim.width} + {cover.overhang} + {cover.bleed}) + {spine.width}",
                    Wording.of("cover.cover-figures.flaps-panels-spine-on"),
                    flap(),
                    aroundFigure(),
                    trimWidth(),
                    overhang(),
                    outer(),
                    spine());
            case STITCHED -> width(
                    panel.plus(out).times(2),
                    "2 × ({trim.width} + {cover.bleed})",
                    Wording.of("cover.cover-figures.back-front-on-one"),
                    trimWidth(),
                    outer());
            case COIL, LOOSE -> width(
                    panel.plus(out.times(2)),
                    "{trim.width} + 2 × {cover.bleed}",
                    Wording.of("cover.cover-figures.front-back-pages-their"),
                    trimWidth(),
                    outer());
        };
    }

    private static Figure width(Length value, String formula, String source, Figure... inputs) {
        return Figure.computed(
                "cover.width", Wording.of("cover.cover-figures.cover-width"), value, formula, source, inputs);
    }

    /** Height of the cover file. */
    public Figure height() {
        Length height = panelHeight().plus(outer().length().times(2));
        String key = outer().key();
        return isCased()
                ? Figure.computed(
                        "cover.height",
                        Wording.of("cover.cover-figures.cover-height"),
                        height,
                        "{trim.height} + 2 × ({cover.overhang} + {" + key + "})",
                        Wording.of("cover.cover-figures.at-head-foot"),
                        trimHeight(),
                        overhang(),
                        outer())
                : Figure.computed(
                        "cover.height",
                        Wording.of("cover.cover-figures.cover-height"),
                        height,
                        "{trim.height} + 2 × {" + key + "}",
                        Wording.of("cover.cover-figures.bleed-at-head-foot"),
                        trimHeight(),
                        outer());
    }

    /** Width and height of the larger sheet on which the press wants the cover, where it wants one. */
    public List<Figure> sheet() {
        if (brief.press().cover().delivery() != CoverRule.Delivery.FIXED) {
            return List.of();
        }
        var sheet = brief.press().cover().sheet().orElseThrow();
        return List.of(
                Figure.given(
                        "cover.sheet.width", Wording.of("cover.cover-figures.sheet-width"), sheet.width(), press()),
                Figure.given(
                        "cover.sheet.height", Wording.of("cover.cover-figures.sheet-height"), sheet.height(), press()));
    }

    /** Pixels across at the press's resolution. */
    public Figure pixelsWide() {
        return pixels("cover.pixels.width", Wording.of("cover.cover-figures.cover-width-pixels"), width());
    }

    /** Pixels down at the press's resolution. */
    public Figure pixelsHigh() {
        return pixels("cover.pixels.height", Wording.of("cover.cover-figures.cover-height-pixels"), height());
    }

    private Figure pixels(String key, String label, Figure side) {
        int dpi = brief.press().resolution();
        Figure resolution = Figure.given(
                "resolution",
                Wording.of("cover.cover-figures.resolution"),
                Scalar.count(dpi, Wording.of("cover.cover-figures.px")),
                press());
        long n = Math.round(side.length().in(Unit.INCH) * dpi);
        return Figure.computed(
                key,
                label,
                Scalar.count(n, Wording.of("cover.cover-figures.px-2")),
                "{" + side.key() + "} × {resolution}",
                Wording.of("cover.cover-figures.rounded-whole-pixels"),
                side,
                resolution);
    }

    /** Whether the press allows text on the spine at this page count. */
    public Figure spineTextAllowed() {
        Optional<SpineText> rule = brief.binding().hasSpine() ? offer().spineText() : Optional.empty();
        if (rule.isEmpty()) {
            return Figure.given(
                    "spine.text.allowed",
                    Wording.of("cover.cover-figures.text-on-spine"),
                    Scalar.yes(false),
                    brief.binding().hasSpine()
                            ? Wording.of("cover.cover-figures.never-at", press())
                            : Wording.of("cover.cover-figures.there-no-spine"));
        }
        boolean yes = pageCount >= rule.get().minPages();
        return new Figure(
                "spine.text.allowed",
                Wording.of("cover.cover-figures.text-on-spine"),
                Scalar.yes(yes),
                Precision.PLAIN,
                "",
                List.of(pages()),
                Wording.of("cover.cover-figures.from-pages", rule.get().minPages(), press()));
    }

    /** Whether text may stand on the spine. */
    public boolean isSpineTextAllowed() {
        return spineTextAllowed().value().equals(Scalar.yes(true));
    }
}
