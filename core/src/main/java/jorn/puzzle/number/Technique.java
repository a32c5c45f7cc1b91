package jorn.puzzle.number;

import java.util.function.Predicate;
import jorn.puzzle.Grade;
import jorn.say.Wording;

/**
 * A step of reasoning by which a person solves number placements, the easiest first. docs/puzzles.md explains each. The order, and which
 * grade a step belongs to, are common practice among people who solve such puzzles, put into our own words.
 */
public enum Technique {
    /** A house has one empty square. */
    LAST_SQUARE(Grade.GENTLE, Singles::lastSquare),
    /** In a box a figure has but one place. */
    PLACE_IN_BOX(Grade.GENTLE, Singles::placeInBox),
    /** In a row, a column or a diagonal a figure has but one place. */
    PLACE_IN_LINE(Grade.STEADY, Singles::placeInLine),
    /** A square has but one figure left. */
    ONLY_FIGURE(Grade.STEADY, Singles::onlyFigure),
    /** In one house a figure can only stand where another house crosses it; so nowhere else in that one. */
    CROSSING(Grade.TRICKY, Subsets::crossing),
    /** Two squares of a house have the same two figures left. */
    PAIR(Grade.TRICKY, n -> Subsets.open(n, 2)),
    /** Two figures have the same two squares left in a house. */
    HIDDEN_PAIR(Grade.TRICKY, n -> Subsets.hidden(n, 2)),
    /** Three squares of a house share three figures. */
    TRIPLE(Grade.HARD, n -> Subsets.open(n, 3)),
    /** Three figures share three squares of a house. */
    HIDDEN_TRIPLE(Grade.HARD, n -> Subsets.hidden(n, 3)),
    /** A figure has the same two places in two rows; so none else in their columns. Or the other way about. */
    TWO_LINES(Grade.HARD, n -> Subsets.lines(n, 2)),
    /** Four squares of a house share four figures. */
    QUARTET(Grade.HARD, n -> Subsets.open(n, 4)),
    /** Four figures share four squares of a house. */
    HIDDEN_QUARTET(Grade.HARD, n -> Subsets.hidden(n, 4)),
    /** As two lines, with three. */
    THREE_LINES(Grade.HARD, n -> Subsets.lines(n, 3)),
    /** As two lines, with four. */
    FOUR_LINES(Grade.HARD, n -> Subsets.lines(n, 4)),
    /** A square of two or three figures, and two others that it sees; whichever way, one of the three has a certain figure. */
    BENT_TRIPLE(Grade.HARD, Chains::bentTriple),
    /** The places of one figure hang together by twos: either these or those. */
    TWO_COLOURS(Grade.HARD, Chains::twoColours),
    /** If this is not so, then that is, step by step through several figures: so one of both ends is true. */
    CHAIN(Grade.FIERCE, Chains::chain),
    /** Something is supposed and followed until it contradicts itself. Jorn makes no puzzle that needs it. */
    SUPPOSITION(Grade.FIERCE, Chains::supposition);

    private final Grade grade;
    private final Predicate<Notes> step;

    Technique(Grade grade, Predicate<Notes> step) {
        this.grade = grade;
        this.step = step;
    }

    public Grade grade() {
        return grade;
    }

    /** "a pair". */
    public String word() {
        return Wording.of("puzzle.technique." + id());
    }

    /** Short and lasting: {@code hidden-pair}. */
    public String id() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    /**
     * Takes the step wherever it can be taken now.
     *
     * @return whether it led anywhere
     */
    boolean take(Notes notes) {
        return step.test(notes);
    }
}
