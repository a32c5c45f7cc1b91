package jorn.pattern.motif;

import jorn.art.Path;
import jorn.art.Turn;

/**
 * One line of a motif, in its own measure: a motif lies within a circle of radius 1 about the origin.
 *
 * @param path open or closed
 * @param weight against the pattern's line weight: 1 as heavy, 0.6 for an inner line
 */
public record MotifLine(Path path, double weight) {
    public MotifLine turned(Turn at) {
        return new MotifLine(path.turned(at), weight);
    }
}
