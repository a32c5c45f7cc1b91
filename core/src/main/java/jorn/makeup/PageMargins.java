package jorn.makeup;

import java.util.List;
import java.util.Optional;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.MarginChoice;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Numeral;
import jorn.measure.Quantity.Precision;
import jorn.measure.Scalar;
import jorn.press.MarginSchool;
import jorn.press.Margins;
import jorn.say.Wording;

/**
 * The margins of a book's pages: as they are set, and the least that the press asks for. They are set by the user, by a school
 * that the user follows, or else are the press's least.
 *
 * <p>Where the school designs them, head and foot share what whole lines leave of the page's height, and the press's least is
 * kept whatever the school says.
 */
public final class PageMargins {
    /** Keys of the margins that the press asks for; those that are set have {@code margin.set.} instead. */
    private static final String REQUIRED = "margin.";

    private static final String SET = "margin.set.";
    private static final String GUTTER = "gutter";
    private static final String OUTSIDE = "outside";
    private static final String HEAD = "head";
    private static final String FOOT = "foot";

    /** Lines that fit but for rounding do fit. */
    private static final double SLACK = 1e-4;

    private final Brief brief;
    private final MarginChoice choice;
    private final boolean bleeds;
    private final int pageCount;
    private final Length pitch;

    private PageMargins(Book book, int pageCount) {
        this.brief = book.brief();
        this.choice = book.margins();
        this.bleeds = book.bleeds();
        this.pageCount = pageCount;
        this.pitch = book.grid().pitch();
    }

    static PageMargins of(Book book, int pageCount) {
        return new PageMargins(book, pageCount);
    }

    private Optional<MarginSchool> school() {
        return choice.school().map(MarginSchool::of);
    }

    private boolean designs() {
        return school().flatMap(MarginSchool::growsTo).isPresent();
    }

    private Margins followed() {
        return school().map(MarginSchool::margins).orElse(press());
    }

    private Margins press() {
        return brief.press().margins();
    }

    private String followedName() {
        return school().map(s -> Wording.of("makeup.page-geometry.school", s.called()))
                .orElse(brief.press().name());
    }

    /** The inside margin as it is set. */
    public Figure gutter() {
        Figure followed = withHoles(gutter(SET, followed(), followedName()));
        return atLeast(choice.gutter().map(c -> own(followed, c)).orElse(followed), requiredGutter(), choice.gutter());
    }

    /** Holes want a wider strip than the margin that is followed, it may be. */
    private Figure withHoles(Figure margin) {
        return brief.holes()
                .filter(h -> h.clear().compareTo(margin.length()) > 0)
                .map(h -> new Figure(
                        margin.key(),
                        margin.label(),
                        h.clear(),
                        Precision.PLAIN,
                        "",
                        margin.inputs(),
                        Wording.of("makeup.page-margins.room-for-holes", h.called(), h.source())))
                .orElse(margin);
    }

    /** The least gutter that the press asks for at this page count. */
    public Figure requiredGutter() {
        return withHoles(gutter(REQUIRED, press(), brief.press().name()));
    }

    private Figure gutter(String key, Margins rule, String name) {
        Margins.GutterStep step = rule.gutterFor(pageCount);
        String source = rule.isFlat()
                ? Wording.of("makeup.page-geometry.always", name)
                : Wording.of("makeup.page-geometry.up-pages", Numeral.grouped(step.upTo()), name);
        Figure pages = Figure.given(
                "pages",
                Wording.of("makeup.page-geometry.pages"),
                Scalar.count(pageCount, Wording.of("makeup.page-geometry.pages-2")),
                "");
        return new Figure(key + GUTTER, label(key, GUTTER), step.gutter(), Precision.PLAIN, "", List.of(pages), source);
    }

    private static String label(String key, String side) {
        return key.equals(SET) ? Wording.of("makeup.margin.set." + side) : Wording.of("makeup.margin.least." + side);
    }

    /** The fore-edge as it is set, and the head where it has none of its own and no lines are counted. */
    public Figure outside() {
        Length wide = school().map(s -> s.outside(bleeds, brief.trim().width())).orElse(press().outside(bleeds));
        Figure followed = Figure.given(SET + OUTSIDE, label(SET, OUTSIDE), wide, withOrWithout(followedName()));
        return atLeast(
                choice.outside().map(c -> own(followed, c)).orElse(followed), requiredOutside(), choice.outside());
    }

    /** The least margin at fore-edge and head. */
    public Figure requiredOutside() {
        return Figure.given(
                REQUIRED + OUTSIDE,
                label(REQUIRED, OUTSIDE),
                press().outside(bleeds),
                withOrWithout(brief.press().name()));
    }

    /** The head as it is set. */
    public Figure head() {
        String label = label(SET, HEAD);
        if (choice.head().isPresent()) {
            return yours(SET + HEAD, label, choice.head().get());
        }
        if (designs() && choice.outside().isEmpty()) {
            return lines(HEAD, label, leastHead().plus(spare().without(footsPart())));
        }
        Figure outside = outside();
        return Figure.given(SET + HEAD, label, larger(boundAtHead(), outside.length()), outside.source());
    }

    /** The foot as it is set. */
    public Figure foot() {
        String label = label(SET, FOOT);
        if (choice.foot().isPresent()) {
            return yours(SET + FOOT, label, choice.foot().get());
        }
        if (designs()) {
            return lines(FOOT, label, leastFoot().plus(footsPart()));
        }
        Length followed = followed().foot(bleeds);
        return choice.outside()
                .filter(o -> o.compareTo(followed) > 0)
                .map(o -> yours(SET + FOOT, label, o))
                .orElseGet(() -> Figure.given(
                        SET + FOOT, label, larger(boundAtHead(), followed), withOrWithout(followedName())));
    }

    /** The least margin at the head; as outside. */
    public Figure requiredHead() {
        return Figure.given(
                REQUIRED + HEAD,
                label(REQUIRED, HEAD),
                press().outside(bleeds),
                withOrWithout(brief.press().name()));
    }

    /** The least margin at the foot. */
    public Figure requiredFoot() {
        return Figure.given(
                REQUIRED + FOOT,
                label(REQUIRED, FOOT),
                press().foot(bleeds),
                withOrWithout(brief.press().name()));
    }

    /** Bound at the head, head and foot both have room for the binding, so that fronts and backs of leaves are in register. */
    private Length boundAtHead() {
        return brief.isHeadBound() ? gutter().length() : Length.ZERO;
    }

    private Length leastHead() {
        return choice.head()
                .orElseGet(() -> larger(boundAtHead(), larger(followed().outside(bleeds), press().outside(bleeds))));
    }

    private Length leastFoot() {
        return choice.foot()
                .orElseGet(() -> larger(boundAtHead(), larger(followed().foot(bleeds), press().foot(bleeds))));
    }

    private static Length larger(Length a, Length b) {
        return a.compareTo(b) >= 0 ? a : b;
    }

    private int rows() {
        double room =
                brief.trim().height().without(leastHead()).without(leastFoot()).points();
        return Math.max(0, (int) Math.floor(room / pitch.points() + SLACK));
    }

    /** What whole lines leave of the height between the least head and foot. */
    private Length spare() {
        Length left =
                brief.trim().height().without(leastHead()).without(leastFoot()).without(pitch.times(rows()));
        return larger(left, Length.ZERO);
    }

    /** Half of it, or all where the head has a measure of its own. */
    private Length footsPart() {
        return choice.head().isPresent() || choice.outside().isPresent() ? spare() : spare().times(0.5);
    }

    private Figure lines(String side, String label, Length value) {
        return Figure.given(
                SET + side,
                label,
                value,
                Wording.of("makeup.page-geometry.whole-lines", followedName(), rows(), pitch));
    }

    private String withOrWithout(String name) {
        return Wording.of(bleeds ? "makeup.page-geometry.with-bleed" : "makeup.page-geometry.without-bleed", name);
    }

    private static Figure own(Figure followed, Length choice) {
        return yours(followed.key(), followed.label(), choice);
    }

    private static Figure yours(String key, String label, Length value) {
        return Figure.given(key, label, value, Wording.of("makeup.page-geometry.your-decision"));
    }

    /** A designed margin is never under the press's least; one of the user's own may be, and the proof says so. */
    private Figure atLeast(Figure set, Figure required, Optional<Length> choice) {
        boolean kept = !designs() || choice.isPresent() || set.length().compareTo(required.length()) >= 0;
        return kept ? set : Figure.given(set.key(), set.label(), required.length(), required.source());
    }
}
