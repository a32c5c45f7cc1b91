package jorn.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.SentParcel;
import jorn.book.SentParcel.SentFile;
import jorn.edition.Edition;
import jorn.measure.Size;
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
    /** The name of a file that has cover and pages ends so. */
    private static final String WHOLE = "-book.pdf";

    private static final int MOST_COPIES = 100_000;

    private final Edition edition;
    private final Book book;
    private final Brief brief;
    private final Unit unit;
    private final List<SentFile> files;
    private final List<Line> lines = new ArrayList<>();

    private ShopOrder(Edition edition, List<SentFile> files, Unit unit) {
        this.edition = edition;
        this.files = files;
        this.book = edition.book();
        this.brief = book.brief();
        this.unit = unit;
    }

    /**
     * The files of a book that were written last from its own window, as it has noted them; none where none were.
     */
    public static List<SentFile> recorded(Book book) {
        List<SentParcel> sent = book.plans().selling().sent();
        return sent.isEmpty() ? List.of() : sent.get(sent.size() - 1).files();
    }

    /**
     * The lines of an order.
     *
     * @param files that lie on the counter; may be none yet
     * @param copies from 1
     * @throws Trouble where nobody could order so many
     */
    public static List<Line> of(Edition edition, List<SentFile> files, int copies, Unit unit) {
        if (copies < 1 || copies > MOST_COPIES) {
            throw Trouble.of("order.shop.copies-out-of-range", copies, MOST_COPIES);
        }
        ShopOrder order = new ShopOrder(edition, files, unit);
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

    /** With what tells whether they came over whole. */
    private void files() {
        if (files.isEmpty()) {
            add("files", say("not-written"), "");
        }
        for (SentFile each : files) {
            add("files", say("file", each.name(), each.pages()), "SHA-256 " + each.checksum());
        }
    }

    private void printing() {
        int pages = edition.pagination().pageCount();
        add("pages", Integer.toString(pages), pages % 2 == 0 ? say("even") : say("odd"));
        add("size", brief.trim().format(unit), brief.trim().format(other()));
        add("sides", say("double-sided"), say(brief.edge() == BindingEdge.HEAD ? "head-to-head-pad" : "facing"));
        boolean cover = edition.cover().geometry().isDelivered();
        boolean leaf = brief.binding() == Binding.LOOSE;
        boolean within = files.stream().anyMatch(f -> f.name().endsWith(WHOLE));
        if (!cover) {
            add("first-page", say("page-one-on-top"), "");
        } else if (within) {
            add("first-page", say("cover-on-top"), leaf ? "" : say("last-is-back"));
        } else if (leaf) {
            add("first-page", say("cover-apart"), "");
        } else {
            boolean flat = edition.cover().geometry().sheets().size() == 1;
            add("first-page", say(flat ? "cover-around" : "cover-apart"), say(flat ? "page-one-on-top" : "apart-back"));
        }
        add("paper", brief.paperStock().called(), Math.round(brief.paperStock().grammage()) + " g/m²");
        String inside = brief.inkSet().called();
        add(
                "colour",
                cover
                        ? say(within && !leaf ? "cover-colour" : within ? "leaf-colour" : "apart-colour", inside)
                        : inside,
                coloured());
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

    /** From which of the shop's sheets the pages are cut: the one of which least is left. */
    private void cutting() {
        Size page = brief.trim();
        List<CutSheet> sheets = brief.press().sheets();
        if (sheets.isEmpty() || brief.binding() == Binding.STITCHED) {
            return;
        }
        CutSheet sheet = sheets.stream()
                .min(Comparator.comparingDouble(s -> s.waste(page)))
                .orElseThrow();
        int up = sheet.holding(page);
        String size = sheet.sheet().format(unit);
        if (up == 0) {
            add("cutting", say("no-sheet"), say("cut-to", page.format(unit)));
        } else if (up > 1) {
            add("cutting", say("cut-apart", up, size), say("cut-to", page.format(unit)));
        } else {
            boolean whole = sheet.sheet().isAbout(page) || sheet.sheet().isAbout(page.turned());
            add("sheet", size, whole ? say("not-cut") : say("cut-to", page.format(unit)));
        }
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
