package jorn.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.SentParcel;
import jorn.edition.Edition;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.order.OrderSlip.Line;
import jorn.press.Binding;
import jorn.press.BindingEdge;
import jorn.press.PressProfile.CutSheet;
import jorn.say.Wording;

/**
 * An order for a copy shop in plain words: what lies on the counter, how it is printed, bound and cut. What is said, and in which order, is common
 * practice.
 */
public final class ShopOrder {
    private static final int MOST_COPIES = 100_000;

    private final Edition edition;
    private final Book book;
    private final Brief brief;
    private final Unit unit;
    private final List<Line> lines = new ArrayList<>();

    private ShopOrder(Edition edition, Unit unit) {
        this.edition = edition;
        this.book = edition.book();
        this.brief = book.brief();
        this.unit = unit;
    }

    /**
     * The lines of an order.
     *
     * @param copies from 1
     * @throws Trouble where nobody could order so many
     */
    public static List<Line> of(Edition edition, int copies, Unit unit) {
        if (copies < 1 || copies > MOST_COPIES) {
            throw Trouble.of("order.shop.copies-out-of-range", copies, MOST_COPIES);
        }
        ShopOrder order = new ShopOrder(edition, unit);
        order.add("job", order.book.shownTitle(), order.book.author().strip());
        order.add("copies", Integer.toString(copies), "");
        order.files();
        order.printing();
        order.binding();
        return List.copyOf(order.lines);
    }

    private void add(String key, String value, String note) {
        lines.add(new Line(key, Wording.of("order.shop." + key), value, note));
    }

    private static String say(String key, Object... arguments) {
        return Wording.of("order.shop." + key, arguments);
    }

    /** Those that were written last, with what tells whether they came over whole. */
    private void files() {
        List<SentParcel> sent = book.plans().selling().sent();
        if (sent.isEmpty()) {
            add("files", say("not-written"), "");
            return;
        }
        for (SentParcel.SentFile each : sent.get(sent.size() - 1).files()) {
            add("files", say("file", each.name(), each.pages()), "SHA-256 " + each.checksum());
        }
    }

    private void printing() {
        int pages = edition.pagination().pageCount();
        add("pages", Integer.toString(pages), pages % 2 == 0 ? say("even") : say("odd"));
        add("size", brief.trim().format(unit), brief.trim().format(other()));
        add("sides", say("double-sided"), say(brief.edge() == BindingEdge.HEAD ? "head-to-head-pad" : "facing"));
        boolean cover = edition.cover().geometry().isDelivered();
        add("first-page", say(cover ? "cover-on-top" : "page-one-on-top"), cover ? say("last-is-back") : "");
        add("paper", brief.paperStock().called(), Math.round(brief.paperStock().grammage()) + " g/m²");
        String inside = brief.inkSet().called();
        add("colour", cover ? say("cover-colour", inside) : inside, coloured());
        cutting();
    }

    private Unit other() {
        return unit == Unit.MILLIMETRE ? Unit.INCH : Unit.MILLIMETRE;
    }

    private String coloured() {
        return edition.colouredPages().isPresent()
                ? Wording.of("order.slip.coloured", edition.colouredPages().getAsInt())
                : "";
    }

    private void cutting() {
        Optional<CutSheet> sheet = brief.press().sheets().stream()
                .filter(s -> s.up() > 1 && brief.binding() != Binding.STITCHED)
                .findFirst();
        sheet.ifPresent(s -> add(
                "cutting",
                say("cut-apart", s.up(), s.sheet().format(unit)),
                say("cut-to", brief.trim().format(unit))));
    }

    private void binding() {
        add("binding", brief.offer().inWords(), brief.edge().word());
        if (brief.binding() == Binding.COIL) {
            add("film", say("clear-film"), "");
        }
        brief.holes().ifPresent(h -> add("holes", h.called(), h.source()));
        brief.wishes().finish().ifPresent(f -> add("finish", f.word(), ""));
        add("check", say("check-one"), "");
    }
}
