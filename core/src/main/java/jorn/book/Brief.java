package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
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
    /**
     * What is asked for besides.
     *
     * @param bleed whether bleed is wanted even where nothing runs off the page
     * @param selfCover whether the first and last pages serve as the cover; only where the binding offers it
     * @param insideCover whether the inside of the cover is printed; only where the press offers it
     */
    public record Wishes(boolean bleed, boolean selfCover, boolean insideCover) {
        /** Nothing. */
        public static final Wishes NONE = new Wishes(false, false, false);
    }

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
        Wishes wanted = wishes == null ? Wishes.NONE : wishes;
        boolean self = wanted.selfCover() && offer.selfCover();
        wishes = new Wishes(wanted.bleed(), self, wanted.insideCover() && press.insideCover() && !self);
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
        BindingOffer.PageRule rule = offer().pages();
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

    public boolean selfCover() {
        return wishes.selfCover();
    }

    public boolean insideCover() {
        return wishes.insideCover();
    }

    public Brief withBleed(boolean wanted) {
        return withWishes(new Wishes(wanted, selfCover(), insideCover()));
    }

    public Brief withSelfCover(boolean wanted) {
        return withWishes(new Wishes(bleed(), wanted, insideCover()));
    }

    public Brief withInsideCover(boolean wanted) {
        return withWishes(new Wishes(bleed(), selfCover(), wanted));
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
