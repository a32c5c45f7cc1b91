package jorn.pattern.page;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;

/**
 * A colouring page with its fields found, and no more kept of them than is shown.
 *
 * @param marks from its corner
 * @param count of its fields
 * @param numbers where they stand, on a page that is coloured by number
 */
public record MadePage(List<Mark> marks, Optional<FieldCount> count, List<Numbered> numbers) {
    public MadePage {
        marks = List.copyOf(marks);
        numbers = List.copyOf(numbers);
    }

    /** Makes it, which takes a moment. */
    public static MadePage of(PatternSpec spec, double width, double height) {
        ColouringPage page = new ColouringPage(spec, new Box(0, 0, width, height));
        List<Numbered> numbers = spec.inking().colours() == 0
                ? List.of()
                : Numbered.all(page.fields(), spec.inking().colours(), spec.seed());
        return new MadePage(page.inkedMarks(), Optional.of(page.count()), numbers);
    }

    /** The lines alone: fast enough to follow a hand. */
    public static MadePage lines(PatternSpec spec, double width, double height) {
        return new MadePage(new ColouringPage(spec, new Box(0, 0, width, height)).marks(), Optional.empty(), List.of());
    }
}
