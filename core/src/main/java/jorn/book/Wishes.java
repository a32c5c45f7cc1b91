package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.press.BindingEdge;
import jorn.press.BindingOffer;
import jorn.press.Finish;
import jorn.press.PressProfile;

/**
 * What a brief asks for besides.
 *
 * @param bleed whether bleed is wanted even where nothing runs off the page
 * @param selfCover whether the first and last pages serve as the cover; only where the binding offers it
 * @param coverOnPages whether the cover that was composed takes the place of the first and the last page where no cover of its own is
 *     handed over
 * @param insideCover whether the inside of the cover is printed; only where the press offers it
 * @param finish the film over the cover; only one that the press has
 * @param edge the edge at which it is bound; by the direction of reading where absent
 * @param holes id of a pattern of holes along that edge
 * @param kept mark of a newer profile of the press that was not taken over; see {@link PressProfile}
 */
@RecordBuilder
public record Wishes(
        boolean bleed,
        boolean selfCover,
        boolean coverOnPages,
        boolean insideCover,
        Optional<Finish> finish,
        Optional<BindingEdge> edge,
        Optional<String> holes,
        Optional<String> kept)
        implements WishesBuilder.With {
    /** Nothing. */
    public static final Wishes NONE = new Wishes(
            false, false, false, false, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    public Wishes {
        finish = finish == null ? Optional.empty() : finish;
        edge = edge == null ? Optional.empty() : edge;
        holes = holes == null ? Optional.empty() : holes;
        kept = kept == null ? Optional.empty() : kept;
    }

    /** What is left of them at a press, in a binding. */
    Wishes thatAreMet(PressProfile press, BindingOffer offer) {
        boolean self = selfCover && offer.selfCover();
        return new Wishes(
                bleed,
                self,
                coverOnPages,
                insideCover && press.insideCover() && !self,
                finish.filter(press.finishes()::contains),
                edge.filter(offer.edges()::contains),
                holes,
                kept);
    }
}
