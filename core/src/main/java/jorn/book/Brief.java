package jorn.book;

import com.fasterxml.jackson.annotation.JsonIgnore;
import jorn.art.Reading;
import jorn.json.Required;
import jorn.measure.Numeral;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.press.Binding;
import jorn.press.BindingOffer;
import jorn.press.InkSet;
import jorn.press.PaperStock;
import jorn.press.PressProfile;

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
 * @param bleed whether bleed is wanted even where nothing runs off the page
 * @param reading the direction in which it is read
 * @param selfCover whether the first and last pages serve as the cover; only where the binding offers it
 * @param insideCover whether the inside of the cover is printed; only where the press offers it
 */
public record Brief(
        @Required PressProfile press,
        @Required Size trim,
        @Required int pages,
        @Required String paper,
        @Required String ink,
        @Required Binding binding,
        boolean bleed,
        Reading reading,
        boolean selfCover,
        boolean insideCover) {
    /** More pages than any press binds in one volume. */
    public static final int MOST_PAGES = 5000;

    public Brief {
        if (pages < 1 || pages > MOST_PAGES) {
            throw Trouble.of(
                    "A book of " + Numeral.grouped(pages) + " pages cannot be made.",
                    "Choose " + press.bindings().get(0).pages().inWords() + " for " + press.name() + ".");
        }
        press.requirePaper(paper);
        press.requireInk(ink);
        BindingOffer offer = press.requireBinding(binding);
        reading = reading == null ? Reading.LEFT_TO_RIGHT : reading;
        selfCover = selfCover && offer.selfCover();
        insideCover = insideCover && press.insideCover() && !selfCover;
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
                false,
                Reading.LEFT_TO_RIGHT,
                false,
                false);
    }

    /**
     * Refuses what the press does not make.
     *
     * @return this brief
     * @throws Trouble that says what the press has instead
     */
    public Brief require() {
        press.requireTrim(trim);
        BindingOffer.PageRule rule = offer().pages();
        if (pages < rule.min() || rule.roundUp(pages) > rule.max()) {
            throw Trouble.of(
                    press.name() + " does not bind books of " + Numeral.grouped(pages) + " pages"
                            + (press.bindings().size() > 1 ? " " + offer().inWords() : "") + ".",
                    "Choose " + rule.inWords() + ".");
        }
        return this;
    }

    @JsonIgnore
    public PaperStock paperStock() {
        return press.requirePaper(paper);
    }

    @JsonIgnore
    public InkSet inkSet() {
        return press.requireInk(ink);
    }

    @JsonIgnore
    public BindingOffer offer() {
        return press.requireBinding(binding);
    }

    public Brief withTrim(Size t) {
        return new Brief(press, t, pages, paper, ink, binding, bleed, reading, selfCover, insideCover);
    }

    public Brief withPages(int n) {
        return new Brief(press, trim, n, paper, ink, binding, bleed, reading, selfCover, insideCover);
    }

    public Brief withPaper(String p) {
        return new Brief(press, trim, pages, p, ink, binding, bleed, reading, selfCover, insideCover);
    }

    public Brief withInk(String i) {
        return new Brief(press, trim, pages, paper, i, binding, bleed, reading, selfCover, insideCover);
    }

    public Brief withBinding(Binding b) {
        return new Brief(press, trim, pages, paper, ink, b, bleed, reading, selfCover, insideCover);
    }

    public Brief withBleed(boolean b) {
        return new Brief(press, trim, pages, paper, ink, binding, b, reading, selfCover, insideCover);
    }

    public Brief withReading(Reading r) {
        return new Brief(press, trim, pages, paper, ink, binding, bleed, r, selfCover, insideCover);
    }

    public Brief withSelfCover(boolean s) {
        return new Brief(press, trim, pages, paper, ink, binding, bleed, reading, s, insideCover);
    }

    public Brief withInsideCover(boolean i) {
        return new Brief(press, trim, pages, paper, ink, binding, bleed, reading, selfCover, i);
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
                bleed,
                reading,
                selfCover,
                insideCover);
    }
}
