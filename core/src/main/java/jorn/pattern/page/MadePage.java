package jorn.pattern.page;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.pattern.plane.Roundel;

/**
 * A colouring page with its fields found, and no more kept of them than is shown.
 *
 * @param marks from its corner
 * @param count of its fields
 * @param numbers where they stand, on a page that is coloured by number
 * @param small white fields that a pen is too wide for, where they are left white
 */
public record MadePage(List<Mark> marks, Optional<FieldCount> count, List<Numbered> numbers, List<Roundel> small) {
    public MadePage {
        marks = List.copyOf(marks);
        numbers = List.copyOf(numbers);
        small = List.copyOf(small);
    }

    /** Makes it, which takes a moment. */
    public static MadePage of(PatternSpec spec, double width, double height) {
        ColouringPage page = new ColouringPage(spec, new Box(0, 0, width, height));
        List<Numbered> numbers = spec.inking().colours() == 0
                ? List.of()
                : Numbered.all(page.fields(), spec.inking().colours(), spec.seed());
        List<Mark> marks = page.inkedMarks();
        List<Roundel> small = page.fields().stream()
                .filter(ColourField::isSmall)
                .map(ColourField::roundel)
                .toList();
        return new MadePage(marks, Optional.of(page.count()), numbers, small);
    }

    /** The lines alone: fast enough to follow a hand. */
    public static MadePage lines(PatternSpec spec, double width, double height) {
        List<Mark> marks = new ColouringPage(spec, new Box(0, 0, width, height)).marks();
        return new MadePage(marks, Optional.empty(), List.of(), List.of());
    }
}
