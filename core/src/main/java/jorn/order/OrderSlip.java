package jorn.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.Contributor;
import jorn.calendar.BookLanguage;
import jorn.edition.Edition;
import jorn.makeup.PageGeometry;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Quantity.Precision;
import jorn.measure.Unit;
import jorn.money.Copy;
import jorn.money.Money;
import jorn.press.Bleed;
import jorn.press.Finish;
import jorn.press.Market;
import jorn.say.PlainWords;
import jorn.say.Wording;

/**
 * Every choice to be made at the press, in the order in which people are asked (common practice): what the book is, how it is made, what it
 * costs. To be copied line by line.
 */
public final class OrderSlip {
    private final Edition edition;
    private final Book book;
    private final Brief brief;
    private final Unit unit;
    private final List<Line> lines = new ArrayList<>();

    /**
     * One thing that is asked.
     *
     * @param key short and lasting: {@code trim}
     * @param label as it is asked
     * @param value the answer; empty where nothing was decided
     * @param note what to know beside it; may be empty
     */
    public record Line(String key, String label, String value, String note) {
        public Line {
            label = PlainWords.line(label);
            value = PlainWords.line(value);
            note = PlainWords.line(note);
        }

        /** Whether something is still to be decided. */
        public boolean open() {
            return value.isEmpty();
        }
    }

    private OrderSlip(Edition edition, Unit unit) {
        this.edition = edition;
        this.book = edition.book();
        this.brief = book.brief();
        this.unit = unit;
    }

    /** The lines for the book's own press. */
    public static List<Line> of(Edition edition, Unit unit) {
        OrderSlip slip = new OrderSlip(edition, unit);
        slip.whatItIs();
        slip.howItIsMade();
        slip.whatItCosts();
        return List.copyOf(slip.lines);
    }

    /** All lines as plain text, one a line; what is still open says so. */
    public static String text(List<Line> lines) {
        StringBuilder all = new StringBuilder();
        for (Line line : lines) {
            all.append(line.label())
                    .append(": ")
                    .append(line.open() ? Wording.of("order.slip.open") : line.value())
                    .append(line.note().isEmpty() ? "" : " (" + line.note() + ")")
                    .append('\n');
        }
        return all.toString();
    }

    private void add(String key, String value) {
        add(key, value, "");
    }

    private void add(String key, String value, String note) {
        lines.add(new Line(key, Wording.of("order.slip." + key), value, note));
    }

    private void whatItIs() {
        add(
                "language",
                BookLanguage.all().stream()
                        .filter(l -> l.isOf(book.calendar().language()))
                        .findFirst()
                        .map(BookLanguage::called)
                        .orElse(book.calendar().language()));
        add("title", book.title().strip());
        if (!book.subtitle().isBlank()) {
            add("subtitle", book.subtitle().strip());
        }
        add("author", book.author().strip());
        List<Contributor> others = book.plans().selling().contributors();
        add(
                "contributors",
                others.isEmpty()
                        ? Wording.of("order.slip.none")
                        : String.join(
                                "; ", others.stream().map(Contributor::inWords).toList()));
        add("kind", Wording.of(book.isStationery() ? "order.slip.stationery" : "order.slip.book"), book.kind());
        add(
                "isbn",
                book.isbn().isEmpty() ? Wording.of("order.slip.none") : book.isbn(),
                book.isbn().isEmpty() ? Wording.of("order.slip.isbn-note") : "");
        Optional<String> year = Names.year(edition);
        add(
                "year",
                year.orElse(Wording.of("order.slip.none")),
                year.isPresent() ? Wording.of("order.slip.year-note") : "");
    }

    private void howItIsMade() {
        PageGeometry page = edition.geometry();
        add("press", brief.press().name(), brief.press().version());
        add("ink", brief.inkSet().called(), coloured());
        add("paper", brief.paperStock().called(), Math.round(brief.paperStock().grammage()) + " g/m²");
        add("trim", brief.trim().format(unit), brief.trim().format(other()));
        add("bleed", bleed(page), Wording.of("order.slip.page-size", size(page.pageWidth(), page.pageHeight())));
        add("pages", Integer.toString(edition.pagination().pageCount()));
        add("binding", brief.offer().inWords());
        add("edge", brief.edge().word());
        add("reading", brief.reading().word());
        brief.holes().ifPresent(h -> add("holes", h.called(), h.source()));
        if (!brief.press().finishes().isEmpty()) {
            add("finish", brief.wishes().finish().map(Finish::word).orElse(""));
        }
        if (brief.press().insideCover() && !brief.selfCover()) {
            add("inside-cover", Wording.of(brief.insideCover() ? "order.slip.printed" : "order.slip.unprinted"));
        }
        if (edition.cover().geometry().isDelivered()) {
            Figure wide = edition.measures().get("cover.width");
            Figure high = edition.measures().get("cover.height");
            Length spine = edition.measures().get("spine.width").length();
            add(
                    "cover",
                    size(wide, high),
                    spine.isZero() ? "" : Wording.of("order.slip.spine", spine.format(unit, Precision.EXACT)));
        }
    }

    private String coloured() {
        return edition.colouredPages().isPresent()
                ? Wording.of("order.slip.coloured", edition.colouredPages().getAsInt())
                : "";
    }

    private Unit other() {
        return unit == Unit.MILLIMETRE ? Unit.INCH : Unit.MILLIMETRE;
    }

    private String size(Figure width, Figure height) {
        return new jorn.measure.Size(width.length(), height.length()).format(unit);
    }

    private String bleed(PageGeometry page) {
        if (!page.bleeds()) {
            return Wording.of("order.slip.no-bleed");
        }
        boolean four = brief.press().bleed().sides() == Bleed.Sides.FOUR;
        return Wording.of(
                four ? "order.slip.bleed-four" : "order.slip.bleed-three",
                page.bleed().text(unit));
    }

    private void whatItCosts() {
        Copy copy = Copy.of(book, edition.pagination().pageCount(), edition.colouredPages());
        for (Money money : Money.everywhere(copy)) {
            Optional<Double> price = money.price();
            lines.add(new Line(
                    "price." + money.market().id(),
                    Wording.of("order.slip.price", money.market().called()),
                    price.map(p -> money.kept(p).inputs().get(0).inputs().get(0).text(unit))
                            .orElse(""),
                    price.map(p -> Wording.of("order.slip.kept", money.kept(p).text(unit)))
                            .orElse("")));
        }
        List<String> ways = edition.book().brief().press().markets().stream()
                .flatMap(m -> m.ways().stream())
                .filter(w -> w.id().equals(Market.OWN_SHOP)
                        || book.plans().selling().channels().contains(w.id()))
                .map(w -> w.called())
                .distinct()
                .toList();
        if (!ways.isEmpty()) {
            add("channels", String.join("; ", ways));
        }
    }
}
