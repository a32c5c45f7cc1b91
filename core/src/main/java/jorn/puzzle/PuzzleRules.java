package jorn.puzzle;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.annotation.JsonTypeIdResolver;
import java.util.List;
import java.util.Optional;
import jorn.json.OpenTypes;
import jorn.say.Message;

/**
 * What kind of puzzle, and its settings. A new kind is a record of its own in a room of its own, a line in {@link PuzzleFamily}, and a
 * drawing in the room {@code block.puzzle}.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.CUSTOM, property = "kind")
@JsonTypeIdResolver(OpenTypes.class)
public interface PuzzleRules {
    /** Short and lasting: {@code number}. */
    @JsonIgnore
    String id();

    /** "Number placement, 9 × 9". */
    @JsonIgnore
    String word();

    /** The hardest grade that these settings can have. */
    @JsonIgnore
    Grade highest();

    /**
     * Makes a puzzle: the same for the same settings and order.
     *
     * @throws jorn.measure.Trouble where there is none
     */
    Puzzle make(PuzzleOrder order);

    /** Key of the words by which pages of a book explain how it is solved. */
    @JsonIgnore
    String howTo();

    /** The squares that one takes; nothing where it has none. */
    @JsonIgnore
    default Optional<Squares> squares() {
        return Optional.empty();
    }

    /**
     * Squares of a puzzle.
     *
     * @param across in a row, with those in which sums stand
     * @param down in a column
     * @param sign height of the smallest sign in one as a share of its side; 0 where nothing is written in them
     * @param listed how many words stand below
     * @param below share of the height that is kept for clues, from 0, below 1
     */
    record Squares(double across, double down, double sign, int listed, double below) {
        /** Whether something is written in them, so that they have to be large enough for it. */
        public boolean written() {
            return sign > 0;
        }

        /** So many rows and columns, and nothing below. */
        public static Squares of(double side, double sign) {
            return new Squares(side, side, sign, 0, 0);
        }
    }

    /** What should be known of the settings: words that are left out, and why. */
    @JsonIgnore
    default List<Message> cautions() {
        return List.of();
    }
}
