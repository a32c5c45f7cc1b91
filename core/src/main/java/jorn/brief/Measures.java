package jorn.brief;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import jorn.book.Book;
import jorn.book.Pagination;
import jorn.book.Slot;
import jorn.cover.CoverFigures;
import jorn.makeup.PageGeometry;
import jorn.makeup.PageMargins;
import jorn.makeup.Paginator;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Scalar;
import jorn.measure.Unit;
import jorn.money.Copy;
import jorn.money.Money;
import jorn.say.Wording;

/** All figures of a book, in the order in which the measure card shows them. */
public final class Measures {
    private final Map<String, Figure> figures = new LinkedHashMap<>();

    private static final String BOOK_WEIGHT = "book.weight";

    /**
     * What hangs on more than the book.
     *
     * @param market id of the market whose money is reckoned; the press's first where empty or unknown
     * @param channel id of the way in which it is sold there; the press's own shop where empty
     * @param coloured how many pages have colour on them, where somebody has counted
     */
    public record Reckoning(String market, String channel, OptionalInt coloured) {
        /** In the press's first market, in its own shop. */
        public static final Reckoning CUSTOMARY = new Reckoning("", "", OptionalInt.empty());

        /** The same with the coloured pages counted. */
        public Reckoning counted(OptionalInt pages) {
            return new Reckoning(market, channel, pages);
        }
    }

    private Measures(Book book, Pagination pagination, Reckoning how) {
        PageGeometry page = PageGeometry.of(book, pagination.marginsFor());
        CoverFigures cover = CoverFigures.of(book, pagination.pageCount());
        add(pages(book, pagination));
        add(leaves(pagination));
        add(page.trimWidth());
        add(page.trimHeight());
        add(page.bleed());
        add(page.pageWidth());
        add(page.pageHeight());
        PageMargins margins = page.margins();
        add(margins.requiredGutter());
        add(margins.requiredOutside());
        add(margins.requiredHead());
        add(margins.requiredFoot());
        add(margins.gutter());
        add(margins.outside());
        add(margins.head());
        add(margins.foot());
        add(page.textWidth());
        add(page.textHeight());
        PuzzleFigures.of(book, pagination).forEach(this::add);
        PatternFigures.of(pagination).forEach(this::add);
        add(cover.spine());
        add(cover.width());
        add(cover.height());
        add(cover.pixelsWide());
        add(cover.pixelsHigh());
        add(cover.spineTextAllowed());
        cover.sheet().forEach(this::add);
        add(cover.thickness());
        weights(book, pagination, cover);
        SheetCount.of(book, pagination).ifPresent(this::add);
        money(book, pagination, how);
    }

    public static Measures of(Book book) {
        return of(book, Paginator.of(book));
    }

    public static Measures of(Book book, Pagination pagination) {
        return of(book, pagination, Reckoning.CUSTOMARY);
    }

    /**
     * All figures.
     *
     * @throws jorn.measure.Trouble where the market has no such channel
     */
    public static Measures of(Book book, Pagination pagination, Reckoning how) {
        return new Measures(book, pagination, how);
    }

    /** Pages on which something is counted for a figure once they are made; made anew, the figures then tell it. */
    public static List<Integer> countedOn(Pagination pagination) {
        return PatternFigures.pages(pagination).map(Slot::number).toList();
    }

    private void add(Figure figure) {
        figures.put(figure.key(), figure);
    }

    /** By key, in order. */
    public Map<String, Figure> all() {
        return java.util.Collections.unmodifiableMap(figures);
    }

    /** @throws IllegalArgumentException where there is no such figure */
    public Figure get(String key) {
        return find(key).orElseThrow(() -> new IllegalArgumentException("no figure " + key));
    }

    public Optional<Figure> find(String key) {
        return Optional.ofNullable(figures.get(key));
    }

    private static Figure pages(Book book, Pagination pagination) {
        int n = pagination.pageCount();
        int multiple = book.brief().pageRule().multiple();
        int planned = pagination.planned();
        int asked = book.brief().pages();
        if (n == planned && n > asked && n - asked < multiple) {
            Figure wanted = Figure.given(
                    "pages.asked",
                    Wording.of("brief.measures.pages-asked-for"),
                    pages(asked),
                    Wording.of("brief.measures.your-decision"));
            Figure step = Figure.given(
                    "pages.multiple",
                    Wording.of("brief.measures.pages-step"),
                    pages(multiple),
                    Wording.of(
                            "brief.measures.binds-steps", book.brief().press().name()));
            return Figure.computed(
                    "pages",
                    Wording.of("brief.measures.pages-2"),
                    pages(n),
                    Wording.of("brief.measures.up-next-multiple"),
                    "",
                    wanted,
                    step);
        }
        if (!pagination.settled()) {
            return pages(n, Wording.of("brief.measures.page-count-margins-call", pagination.marginsFor()));
        }
        if (n == planned) {
            return pages(n, Wording.of("brief.measures.what-book-holds"));
        }
        Figure held = Figure.given(
                "pages.planned",
                Wording.of("brief.measures.planned-pages"),
                pages(planned),
                Wording.of("brief.measures.what-book-holds"));
        Figure blanks = Figure.given(
                "pages.blank",
                Wording.of("brief.measures.blanks-put"),
                Scalar.count(pagination.blanksAdded(), Wording.of("brief.measures.blank")),
                Wording.of(
                        "brief.measures.for-multiple-or-wanted", book.blanksAt().word(), multiple));
        return Figure.computed(
                "pages",
                Wording.of("brief.measures.pages-2"),
                pages(n),
                "{pages.planned} + {pages.blank}",
                "",
                held,
                blanks);
    }

    private static Scalar pages(int n) {
        return Scalar.count(n, Wording.of("brief.measures.pages"));
    }

    private static Figure pages(int n, String source) {
        return Figure.given("pages", Wording.of("brief.measures.pages-2"), pages(n), source);
    }

    private static Figure leaves(Pagination pagination) {
        Figure pages = Figure.given(
                "pages",
                Wording.of("brief.measures.pages-2"),
                Scalar.count(pagination.pageCount(), Wording.of("brief.measures.pages")),
                "");
        return Figure.computed(
                "leaves",
                Wording.of("brief.measures.leaves"),
                Scalar.count((pagination.pageCount() + 1) / 2, Wording.of("brief.measures.leaves-2")),
                "{pages} ÷ 2",
                Wording.of("brief.measures.leaf-two-pages"),
                pages);
    }

    private void weights(Book book, Pagination pagination, CoverFigures cover) {
        Figure block = blockWeight(book, pagination);
        add(block);
        Optional<Figure> coverWeight = cover.weight();
        coverWeight.ifPresent(this::add);
        add(coverWeight
                .map(c -> Figure.computed(
                        BOOK_WEIGHT,
                        Wording.of("brief.measures.weight"),
                        new Scalar(block.number() + c.number(), "g", 0),
                        "{block.weight} + {cover.weight}",
                        "",
                        block,
                        c))
                .orElseGet(() -> Figure.computed(
                        BOOK_WEIGHT,
                        Wording.of("brief.measures.weight"),
                        block.value(),
                        "{block.weight}",
                        Wording.of("brief.measures.cover-left-out"),
                        block)));
    }

    private static Figure blockWeight(Book book, Pagination pagination) {
        Length w = book.brief().trim().width();
        Length h = book.brief().trim().height();
        int leaves = (pagination.pageCount() + 1) / 2;
        double gsm = book.brief().paperStock().grammage();
        double area = w.in(Unit.MILLIMETRE) * h.in(Unit.MILLIMETRE) / 1e6;
        String press = book.brief().press().name();
        Figure count = leaves(pagination);
        Figure leaf = Figure.given(
                "leaf.area",
                Wording.of("brief.measures.area-leaf"),
                new Scalar(area, "m²", 4),
                Wording.of("brief.measures.trim-width-height"));
        Figure paper = Figure.given(
                "paper.grammage",
                Wording.of("brief.measures.grammage"),
                new Scalar(gsm, "g/m²", 0),
                book.brief().paperStock().called() + ", " + press);
        return Figure.computed(
                "block.weight",
                Wording.of("brief.measures.weight-block"),
                new Scalar(leaves * area * gsm, "g", 0),
                "{leaves} × {leaf.area} × {paper.grammage}",
                "",
                count,
                leaf,
                paper);
    }

    private void money(Book book, Pagination pagination, Reckoning how) {
        Copy copy = Copy.of(book, pagination.pageCount(), how.coloured());
        List<Money> all = Money.everywhere(copy);
        if (all.isEmpty()) {
            return;
        }
        Money first = all.stream()
                .filter(m -> m.market().id().equals(how.market()))
                .findFirst()
                .orElse(all.get(0));
        Money sold = how.channel().isEmpty()
                ? first
                : Money.in(first.market(), first.market().requireChannel(how.channel()), copy)
                        .orElse(first);
        add(sold.fixedCost());
        add(sold.pagesCost());
        add(sold.printing());
        add(sold.lowest());
        sold.price().ifPresent(p -> {
            add(sold.taxIn(p));
            add(sold.shareOf(p));
        });
        sold.kept().ifPresent(this::add);
        sold.keptInOwn().ifPresent(this::add);
        sold.batch().ifPresent(b -> b.figures().forEach(this::add));
        sold.direct(get(BOOK_WEIGHT)).ifPresent(d -> d.figures().forEach(this::add));
        book.plans().work().ifPresent(w -> new WorkBudget(w).figures().forEach(this::add));
    }
}
