package jorn.puzzle.sums;

import jorn.puzzle.Grade;

/** A step of reasoning by which a person solves sums in crossing rows, the easiest first; docs/puzzles.md explains each. */
enum SumStep {
    /** One square of a run is left: it has what is left of the sum. */
    REST_OF_SUM(Grade.GENTLE),
    /** A sum can be made of so many figures in one way only. */
    ONE_WAY(Grade.GENTLE),
    /** Of all ways to make a sum none has a figure, with what is still open in its squares. */
    WAYS_LEFT(Grade.STEADY),
    /** A figure in a square leaves the other squares of its run no way to make up the sum. */
    PLACES_OF_WAYS(Grade.TRICKY);

    private final Grade grade;

    SumStep(Grade grade) {
        this.grade = grade;
    }

    Grade grade() {
        return grade;
    }

    String id() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }
}
