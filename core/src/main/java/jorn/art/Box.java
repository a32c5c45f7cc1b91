package jorn.art;

import jorn.measure.Length;
import jorn.measure.Size;

/**
 * A rectangle on a page, in points from the trim's top left corner, y down.
 *
 * @param width 0 or more
 * @param height 0 or more
 */
public record Box(double x, double y, double width, double height) {
    public Box {
        if (!(width >= 0) || !(height >= 0)) {
            throw new IllegalArgumentException("a box of " + width + " × " + height);
        }
    }

    /** A box of this measure, or an empty one where a width or height would be less than nothing. */
    public static Box orEmpty(double x, double y, double width, double height) {
        return new Box(x, y, Math.max(0, width), Math.max(0, height));
    }

    /** From the corner, as large as a size. */
    public static Box of(Size size) {
        return new Box(0, 0, size.width().points(), size.height().points());
    }

    /** The box between these edges; an empty one where they lie the wrong way round. */
    public static Box between(double left, double top, double right, double bottom) {
        return orEmpty(left, top, right - left, bottom - top);
    }

    public double right() {
        return x + width;
    }

    public double bottom() {
        return y + height;
    }

    public double centreX() {
        return x + width / 2;
    }

    public double centreY() {
        return y + height / 2;
    }

    /** Smaller by so much on each side, in the order of a clock from the head; empty where that is more than there is. */
    public Box inset(double top, double right, double bottom, double left) {
        return orEmpty(x + left, y + top, width - left - right, height - top - bottom);
    }

    public Box inset(double all) {
        return inset(all, all, all, all);
    }

    /** Smaller by so much on each side, but never outside of itself: less where there is too little room. */
    public Box within(double all) {
        return inset(Math.min(all, Math.min(width, height) / 2));
    }

    public Box inset(Length all) {
        return inset(all.points());
    }

    /** Larger by so much on each side. */
    public Box outset(double all) {
        return orEmpty(x - all, y - all, width + 2 * all, height + 2 * all);
    }

    public Box moved(double dx, double dy) {
        return new Box(x + dx, y + dy, width, height);
    }

    /** Whether the other lies inside, give or take a hundredth of a point. */
    public boolean holds(Box other) {
        double slack = 0.01;
        return other.x >= x - slack
                && other.y >= y - slack
                && other.right() <= right() + slack
                && other.bottom() <= bottom() + slack;
    }

    /** The smallest box that holds both. */
    public Box with(Box other) {
        return between(
                Math.min(x, other.x),
                Math.min(y, other.y),
                Math.max(right(), other.right()),
                Math.max(bottom(), other.bottom()));
    }

    /** What both cover; empty where they do not meet. */
    public Box common(Box other) {
        return between(
                Math.max(x, other.x),
                Math.max(y, other.y),
                Math.min(right(), other.right()),
                Math.min(bottom(), other.bottom()));
    }

    public boolean isEmpty() {
        return width == 0 || height == 0;
    }

    public boolean meets(Box other) {
        return other.x < right() && other.right() > x && other.y < bottom() && other.bottom() > y;
    }
}
