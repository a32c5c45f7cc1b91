package jorn.brief;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jorn.book.Book;
import jorn.book.Pagination;
import jorn.cover.CoverGeometry;
import jorn.makeup.PageGeometry;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Quantity.Precision;
import jorn.measure.Scalar;
import jorn.measure.Unit;
import jorn.press.Market;

/** All figures of a book, in the order in which the measure card shows them. */
public final class Measures {
    private final Map<String, Figure> figures = new LinkedHashMap<>();

    private Measures(Book book, Pagination pagination) {
        PageGeometry page = PageGeometry.of(book, pagination.pageCount());
        CoverGeometry cover = CoverGeometry.of(book, pagination.pageCount());
        add(pages(book, pagination));
        add(leaves(pagination));
        add(page.trimWidth());
        add(page.trimHeight());
        add(page.bleed());
        add(page.pageWidth());
        add(page.pageHeight());
        add(page.gutter());
        add(page.outside());
        add(page.foot());
        add(page.textWidth());
        add(page.textHeight());
        add(cover.spine());
        add(cover.width());
        add(cover.height());
        add(cover.pixelsWide());
        add(cover.pixelsHigh());
        add(cover.spineTextAllowed());
        add(thickness(book, cover, pagination));
        add(weight(book, pagination));
        money(book, pagination).forEach(this::add);
    }

    public static Measures of(Book book) {
        return of(book, Pagination.of(book));
    }

    public static Measures of(Book book, Pagination pagination) {
        return new Measures(book, pagination);
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
        int multiple = book.brief().offer().pages().multiple();
        int planned = pagination.planned();
        if (n == planned) {
            return Figure.given("pages", "Pages", Scalar.count(n, "pages"), "what the book holds");
        }
        Figure held =
                Figure.given("pages.planned", "Planned pages", Scalar.count(planned, "pages"), "what the book holds");
        Figure blanks = Figure.given(
                "pages.blank",
                "Blanks at the end",
                Scalar.count(pagination.blanksAdded(), "blank"),
                "to a multiple of " + multiple + ", " + book.brief().press().name());
        return Figure.computed(
                "pages", "Pages", Scalar.count(n, "pages"), "{pages.planned} + {pages.blank}", "", held, blanks);
    }

    private static Figure leaves(Pagination pagination) {
        Figure pages = Figure.given("pages", "Pages", Scalar.count(pagination.pageCount(), "pages"), "");
        return Figure.computed(
                "leaves",
                "Leaves",
                Scalar.count((pagination.pageCount() + 1) / 2, "leaves"),
                "{pages} ÷ 2",
                "a leaf is two pages",
                pages);
    }

    private static Figure thickness(Book book, CoverGeometry cover, Pagination pagination) {
        if (book.brief().binding().hasSpine()) {
            return Figure.computed(
                            "book.thickness",
                            "Thickness",
                            cover.spine().length(),
                            "{spine.width}",
                            "the cover's own thickness left out",
                            cover.spine())
                    .shown(Precision.EXACT);
        }
        Figure page = book.brief().paperStock().page(book.brief().press().name());
        int n = pagination.pageCount();
        Figure pages = Figure.given("pages", "Pages", Scalar.count(n, "pages"), "");
        return Figure.computed(
                        "book.thickness",
                        "Thickness",
                        page.length().times(n),
                        "{pages} × {paper.page}",
                        "",
                        pages,
                        page)
                .shown(Precision.EXACT);
    }

    private static Figure weight(Book book, Pagination pagination) {
        Length w = book.brief().trim().width();
        Length h = book.brief().trim().height();
        double leaves = (pagination.pageCount() + 1) / 2;
        double gsm = book.brief().paperStock().grammage();
        double area = w.in(Unit.MILLIMETRE) * h.in(Unit.MILLIMETRE) / 1e6;
        String press = book.brief().press().name();
        Figure count = leaves(pagination);
        Figure leaf = Figure.given("leaf.area", "Area of a leaf", new Scalar(area, "m²", 4), "trim width × height");
        Figure paper = Figure.given(
                "paper.grammage",
                "Grammage",
                new Scalar(gsm, "g/m²", 0),
                book.brief().paperStock().name() + ", " + press);
        return Figure.computed(
                "book.weight",
                "Weight of the block",
                new Scalar(leaves * area * gsm, "g", 0),
                "{leaves} × {leaf.area} × {paper.grammage}",
                "cover left out",
                count,
                leaf,
                paper);
    }

    /**
     * Common practice: print cost = fixed + per page × pages; lowest list price = print cost ÷ share, rounded up to the cent.
     */
    private static List<Figure> money(Book book, Pagination pagination) {
        List<Figure> found = new ArrayList<>();
        if (book.brief().press().markets().isEmpty()) {
            return found;
        }
        Market market = book.brief().press().markets().get(0);
        Optional<Market.Cost> cost = market.cost(book.brief().ink());
        if (cost.isEmpty()) {
            return found;
        }
        String source = book.brief().press().name() + ", " + market.name();
        String unit = market.currency();
        Figure pages = Figure.given("pages", "Pages", Scalar.count(pagination.pageCount(), "pages"), "");
        Figure fixed =
                Figure.given("cost.fixed", "Fixed cost", new Scalar(cost.get().fixed(), unit, 2), source);
        Figure perPage = Figure.given(
                "cost.page", "Cost of a page", new Scalar(cost.get().perPage(), unit, 4), source);
        double print = cost.get().fixed() + cost.get().perPage() * pagination.pageCount();
        Figure printing = Figure.computed(
                "cost.print",
                "Printing one",
                new Scalar(print, unit, 2),
                "{cost.fixed} + {cost.page} × {pages}",
                source,
                fixed,
                perPage,
                pages);
        Figure share = Figure.given("share", "Your share", new Scalar(market.share() * 100, "%", 0), source);
        double lowest = Math.ceil(print / market.share() * 100 - 1e-6) / 100;
        found.add(printing);
        found.add(Figure.computed(
                "price.lowest",
                "Lowest price",
                new Scalar(lowest, unit, 2),
                "{cost.print} ÷ {share}",
                "rounded up to the cent",
                printing,
                share));
        return found;
    }
}
