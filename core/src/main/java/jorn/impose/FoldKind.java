package jorn.impose;

import jorn.say.Label;

/** What is done with the sheets once they are printed. */
public enum FoldKind {
    /** One nest of sheets, folded once and stapled through the fold. */
    @Label("impose.kind.nest")
    NEST,
    /** Several nests of so many sheets, sewn one behind the other. */
    @Label("impose.kind.signatures")
    SIGNATURES,
    /** Sheets folded once each, glued one behind the other. */
    @Label("impose.kind.singles")
    SINGLES,
    /** The same page twice, side by side; the stack is cut apart into two copies. */
    @Label("impose.kind.two-copies")
    TWO_COPIES,
    /** So many leaves on a sheet; the stack is cut, and its piles laid one on the other are in order. */
    @Label("impose.kind.up")
    UP,
    /** So many times the same page on a sheet, to be cut apart. */
    @Label("impose.kind.repeat")
    REPEAT,
    /** Eight pages on one side of a sheet, folded with a single cut. */
    @Label("impose.kind.one-cut")
    ONE_CUT,
    /** A leaf is a sheet. */
    @Label("impose.kind.loose")
    LOOSE,
    /** One nest that opens upward: bound at the head, each back stands on the head of its front. */
    @Label("impose.kind.calendar")
    CALENDAR;

    /** Whether sheets are folded once in the middle and nested. */
    public boolean isNested() {
        return this == NEST || this == SIGNATURES || this == SINGLES || this == CALENDAR;
    }

    /** Whether cells are parted with a knife. */
    public boolean isCut() {
        return this == TWO_COPIES || this == UP || this == REPEAT;
    }

    /** Whether single leaves come of it, which can be filed in rings. */
    public boolean isPunched() {
        return !isNested() && this != ONE_CUT;
    }
}
