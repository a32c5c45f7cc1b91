package jorn.makeup;

import java.util.List;
import jorn.art.Box;
import jorn.press.HolePattern;

/** Where the holes of a pattern lie along an edge of a page or of a cover. */
public enum PunchedHoles {
    LEFT,
    RIGHT,
    HEAD,
    FOOT;

    /**
     * The holes, each as the box round it.
     *
     * @param surface the trimmed page or panel
     */
    public List<Box> of(HolePattern pattern, Box surface) {
        double in = pattern.fromEdge().points();
        double d = pattern.diameter().points();
        boolean across = this == HEAD || this == FOOT;
        return pattern.onEdge(across ? surface.width() : surface.height()).stream()
                .map(along -> {
                    double x = across ? surface.x() + along : this == LEFT ? surface.x() + in : surface.right() - in;
                    double y = !across ? surface.y() + along : this == HEAD ? surface.y() + in : surface.bottom() - in;
                    return new Box(x - d / 2, y - d / 2, d, d);
                })
                .toList();
    }
}
