package jorn.puzzle.run;

import java.util.Optional;
import jorn.content.Hurry;
import jorn.puzzle.Puzzle;

/** One puzzle of a run, which need not have been made yet. */
public final class PuzzleRef {
    private final PuzzleSet set;
    private final int index;

    PuzzleRef(PuzzleSet set, int index) {
        this.set = set;
        this.index = index;
    }

    public PuzzleSet set() {
        return set;
    }

    /** From 0. */
    public int index() {
        return index;
    }

    /** As readers know it, from 1. */
    public int number() {
        return index + 1;
    }

    /**
     * The puzzle; on a thread that {@link Hurry} has marked only where it is made already.
     *
     * @throws jorn.measure.Trouble where it cannot be made
     */
    public Optional<Puzzle> puzzle() {
        return Hurry.isOn() ? set.ready(index) : Optional.of(set.get(index));
    }

    /** Waits until it is made, or known that it cannot be; not on a thread that must not wait. */
    void await() {
        if (!Hurry.isOn()) {
            set.await(index);
        }
    }

    /** Where its solution stands. */
    public Solved solved() {
        return new Solved(this);
    }

    /** The solution of a puzzle, as something that stands on a page. */
    public record Solved(PuzzleRef of) {}

    @Override
    @SuppressWarnings("ReferenceEquality") // the very same set is meant: equal makings have one
    public boolean equals(Object o) {
        return o instanceof PuzzleRef r && r.set == set && r.index == index;
    }

    @Override
    public int hashCode() {
        return System.identityHashCode(set) * 31 + index;
    }
}
