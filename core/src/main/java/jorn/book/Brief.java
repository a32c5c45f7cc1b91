package jorn.book;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.art.Reading;
import jorn.art.Side;
import jorn.json.Required;
import jorn.measure.Numeral;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.press.Binding;
import jorn.press.BindingEdge;
import jorn.press.BindingOffer;
import jorn.press.CoverRule;
import jorn.press.HolePattern;
import jorn.press.InkSet;
import jorn.press.PaperStock;
import jorn.press.PressProfile;
import jorn.say.Wording;

/**
 * What is decided before a page is drawn.
 *
 * <p>A brief may ask for what its press does not make, as it does right after a change of press; {@link #require()} and
 * the checks say so. The paper, ink and binding are always among those that the press has.
 *
 * @param press the press, whole, so that a book file stands alone
 * @param trim size of the closed book
 * @param pages how many pages are wanted, 1 to {@value #MOST_PAGES}; the press may round it up
 * @param paper id of a paper of the press
 * @param ink id of an ink set of the press
 * @param binding one that the press offers
 * @param reading the direction in which it is read
 * @param wishes what is asked for besides
 */
@RecordBuilder
public record Brief(
        @Required PressProfile press,
        @Required Size trim,
        @Required int pages,
        @Required String paper,
        @Required String ink,
        @Required Binding binding,
        Reading reading,
        Wishes wishes)
        implements BriefBuilder.With {
    /** More pages than any press binds in one volume. */
    public static final int MOST_PAGES = 5000;

    public Brief {
        if (pages < 1 || pages > MOST_PAGES) {
            throw Trouble.of(
                    "book.brief.book-pages-cannot-made",
                    Numeral.grouped(pages),
                    press.bindings().get(0).pages().inWords(),
                    press.name());
        }
        press.requirePaper(paper);
        press.requireInk(ink);
        BindingOffer offer = press.requireBinding(binding);
        reading = reading == null ? Reading.LEFT_TO_RIGHT : reading;
        wishes = (wishes == null ? Wishes.NONE : wishes).thatAreMet(press, offer);
    }

    /** A brief with the first paper, ink and binding of a press. */
    public static Brief at(PressProfile press, Size trim, int pages) {
        return new Brief(
                press,
                trim,
                pages,
                press.papers().get(0).id(),
                press.inks().get(0).id(),
                press.bindings().get(0).binding(),
                Reading.LEFT_TO_RIGHT,
                Wishes.NONE);
    }

    /**
     * Refuses what the press does not make.
     *
     * @return this brief
     * @throws Trouble that says what the press has instead
     */
    public Brief require() {
        press.requireTrim(trim);
        BindingOffer.PageRule rule = pageRule();
        if (pages < rule.min() || rule.roundUp(pages) > rule.max()) {
            throw Trouble.of(
                    "book.brief.does-not-bind-books",
                    press.name(),
                    Numeral.grouped(pages),
                    press.bindings().size() > 1 ? " " + offer().inWords() : "",
                    rule.inWords());
        }
        return this;
    }

    public PaperStock paperStock() {
        return press.requirePaper(paper);
    }

    public InkSet inkSet() {
        return press.requireInk(ink);
    }

    public BindingOffer offer() {
        return press.requireBinding(binding);
    }

    public boolean bleed() {
        return wishes.bleed();
    }

    /** Whether the press wants a cover file: not where the first and last pages serve as the cover. */
    @JsonIgnore
    public boolean hasCoverApart() {
        return press.cover().delivery() != CoverRule.Delivery.NONE && !selfCover();
    }

    public boolean coverOnPages() {
        return wishes.coverOnPages();
    }

    public boolean selfCover() {
        return wishes.selfCover();
    }

    public boolean insideCover() {
        return wishes.insideCover();
    }

    public Brief withBleed(boolean wanted) {
        return withWishes(wishes.withBleed(wanted));
    }

    public Brief withSelfCover(boolean wanted) {
        return withWishes(wishes.withSelfCover(wanted));
    }

    public Brief withCoverOnPages(boolean wanted) {
        return withWishes(wishes.withCoverOnPages(wanted));
    }

    public Brief withInsideCover(boolean wanted) {
        return withWishes(wishes.withInsideCover(wanted));
    }

    /** How many pages the press binds in a book that is made so. */
    public BindingOffer.PageRule pageRule() {
        return press.pages(binding, paper, ink, trim);
    }

    /** Whether the press charges by what is on each page, so that pages with colour must be counted. */
    public boolean countsColouredPages() {
        return inkSet().plainAs().isPresent();
    }

    /** The edge of page 1 at which it is bound: by hand, else the one at which its language opens a book. */
    public BindingEdge edge() {
        return wishes.edge().orElse(reading == Reading.LEFT_TO_RIGHT ? BindingEdge.LEFT : BindingEdge.RIGHT);
    }

    /** Whether it is bound at the head, so that leaves are turned up and over. */
    @JsonIgnore
    public boolean isHeadBound() {
        return edge() == BindingEdge.HEAD;
    }

    /** Whether pages of this side lie at the right of the open book. Bound at the head they lie one above the other. */
    public boolean isRightHand(Side side) {
        return side == Side.RECTO == (edge() != BindingEdge.RIGHT);
    }

    /** Whether what a page of this side has at its outer edge stands at its right; at the head, always. */
    public boolean isOuterAtRight(Side side) {
        return isHeadBound() || isRightHand(side);
    }

    /** "right-hand" or "left-hand"; bound at the head, "front" or "back" of its leaf. */
    public String hand(Side side) {
        if (isHeadBound()) {
            return Wording.of(side == Side.RECTO ? "book.brief.front-of-leaf" : "book.brief.back-of-leaf");
        }
        return (edge() == BindingEdge.LEFT ? Reading.LEFT_TO_RIGHT : Reading.RIGHT_TO_LEFT).hand(side);
    }

    /** The holes along the binding edge, where there are any. */
    public Optional<HolePattern> holes() {
        return wishes.holes().flatMap(HolePattern::find);
    }

    /** The same wishes at another press; paper, ink and binding become its first where it lacks the ones chosen. */
    public Brief at(PressProfile other) {
        return new Brief(
                other,
                trim,
                pages,
                other.paper(paper).orElse(other.papers().get(0)).id(),
                other.ink(ink).orElse(other.inks().get(0)).id(),
                other.offer(binding).orElse(other.bindings().get(0)).binding(),
                reading,
                wishes);
    }
}
