package jorn.print.reception;

import java.util.Optional;
import jorn.art.Reading;
import jorn.book.Brief;
import jorn.press.Binding;
import jorn.press.BindingEdge;
import jorn.press.PressProfile;

/**
 * What was ordered with the files: what no file says.
 *
 * @param ink id of the ink of the inside; the press's first where absent
 * @param paper id of the paper; where absent, whichever the cover fits
 * @param binding where absent, whichever the page count and the cover fit
 * @param edge at which it is bound; by the direction of reading where absent
 * @param reading the direction of reading
 */
public record Order(
        Optional<String> ink,
        Optional<String> paper,
        Optional<Binding> binding,
        Optional<BindingEdge> edge,
        Reading reading) {
    /** As the press has it first, read from left to right. */
    public static final Order CUSTOMARY =
            new Order(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Reading.LEFT_TO_RIGHT);

    /** As a brief has it. */
    public static Order of(Brief brief) {
        return new Order(
                Optional.of(brief.ink()),
                Optional.of(brief.paper()),
                Optional.of(brief.binding()),
                brief.wishes().edge(),
                brief.reading());
    }

    /** The same on whichever paper and in whichever binding the files fit. */
    public Order withAnyPaper() {
        return new Order(ink, Optional.empty(), Optional.empty(), edge, reading);
    }

    /** The same, read from right to left. */
    Order fromRight() {
        return new Order(ink, paper, binding, edge, Reading.RIGHT_TO_LEFT);
    }

    /** @throws jorn.measure.Trouble where the press has no such thing */
    void require(PressProfile press) {
        ink.ifPresent(press::requireInk);
        paper.ifPresent(press::requirePaper);
        binding.ifPresent(press::requireBinding);
    }

    /** A brief as it was ordered. */
    Brief on(Brief brief) {
        Brief inked = ink.map(brief::withInk).orElse(brief);
        Brief papered = paper.map(inked::withPaper).orElse(inked);
        Brief bound = binding.map(papered::withBinding).orElse(papered).withReading(reading);
        return edge.isPresent() ? bound.withWishes(bound.wishes().withEdge(edge)) : bound;
    }
}
