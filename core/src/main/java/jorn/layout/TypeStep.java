package jorn.layout;

/** The steps of type that a page has; they grow with the trim. */
public enum TypeStep {
    /** Notes on a day, heads of narrow columns. */
    NOTE(7),
    /** Labels. */
    LABEL(8.2),
    /** What is read. */
    TEXT(9.8),
    /** Titles of boxes. */
    STRONG(11.5),
    /** Figures of days. */
    FIGURE(15),
    /** What stands alone. */
    DISPLAY(30);

    private final double points;

    TypeStep(double points) {
        this.points = points;
    }

    /** At 6 × 9 in. */
    double points() {
        return points;
    }
}
