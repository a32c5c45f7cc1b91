package jorn.makeup;

import jorn.art.Side;
import jorn.book.Brief;

/** Which measure a page has at which of its four sides: one is its binding edge, the others are its fore-edge, head and foot. */
record BoundSides(Brief brief, Side side) {
    /** Measures at the four sides of a page, in points. */
    record Four(double left, double head, double right, double foot) {}

    /**
     * @param outer at the fore-edge; at both long sides of a page that is bound at the head
     * @param head at the head, where that is not bound
     * @param foot at the foot, where that is not bound
     * @param bound at the binding edge
     */
    Four of(double outer, double head, double foot, double bound) {
        if (!brief.isHeadBound()) {
            return brief.isRightHand(side) ? new Four(bound, head, outer, foot) : new Four(outer, head, bound, foot);
        }
        return side == Side.RECTO ? new Four(outer, bound, outer, foot) : new Four(outer, head, outer, bound);
    }
}
