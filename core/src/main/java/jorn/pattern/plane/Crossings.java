package jorn.pattern.plane;

import java.util.List;

/** How often lines cross each other and themselves. Fields are found from crossings: what a drawing costs is their number, not that of its points. */
public final class Crossings {
    private Crossings() {}

    /**
     * Whether lines cross no more often than so.
     *
     * @param lines x and y in turn, in points
     */
    public static boolean areWithin(List<double[]> lines, int most) {
        Noder noder = new Noder(most);
        for (double[] line : lines) {
            noder.add(line);
        }
        noder.edges();
        return !noder.isFull();
    }
}
