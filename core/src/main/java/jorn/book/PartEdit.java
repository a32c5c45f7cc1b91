package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.art.Ink;
import jorn.measure.Trouble;

/**
 * What the user has changed of a part of the cover; what is absent stays as the composition has it.
 *
 * @param at where it stands
 * @param turn in degrees clockwise
 * @param hidden whether it is left out
 * @param words what it says instead; fields such as {@code {title}} are filled
 * @param face id of the typeface
 * @param size times what the composition has, 0.2 to 4
 * @param ink its colour
 * @param letters how its words are dressed
 */
@RecordBuilder
public record PartEdit(
        Optional<Share> at,
        Optional<Double> turn,
        Optional<Boolean> hidden,
        Optional<String> words,
        Optional<String> face,
        Optional<Double> size,
        Optional<Ink> ink,
        Optional<LetterDress> letters)
        implements PartEditBuilder.With {
    /** Nothing is changed. */
    public static final PartEdit NONE = new PartEdit(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    private static final int LONGEST = 2000;
    private static final double SMALLEST = 0.2;
    private static final double LARGEST = 4;

    public PartEdit {
        at = at == null ? Optional.empty() : at;
        turn = turn == null ? Optional.empty() : turn;
        hidden = hidden == null ? Optional.empty() : hidden;
        words = words == null ? Optional.empty() : words;
        face = face == null ? Optional.empty() : face;
        size = size == null ? Optional.empty() : size.map(s -> Math.min(LARGEST, Math.max(SMALLEST, s)));
        ink = ink == null ? Optional.empty() : ink;
        letters = letters == null ? Optional.empty() : letters;
        if (words.isPresent() && words.get().length() > LONGEST) {
            throw Trouble.of("book.part-edit.too-long", words.get().length(), LONGEST);
        }
    }

    /** Whether it is left out. */
    public boolean isHidden() {
        return hidden.orElse(false);
    }
}
