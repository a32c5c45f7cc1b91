package jorn.pattern.plane;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Path;

/** A field that lines close: what is coloured in one go. */
public final class Field {
    private final double[] outline;
    private final List<double[]> holes;
    private final double area;

    Field(double[] outline, List<double[]> holes, double area) {
        this.outline = outline;
        this.holes = holes;
        this.area = area;
    }

    /** In square points, without its holes. */
    public double area() {
        return area;
    }

    /** Its outline first, then lines inside of it that touch the outline nowhere; x and y in turn, the last point is not the first again. */
    public List<double[]> rings() {
        List<double[]> all = new ArrayList<>();
        all.add(outline);
        all.addAll(holes);
        return all;
    }

    /** Its outline with its holes, to be filled. */
    public Path path() {
        Path.Builder path = Path.builder();
        for (double[] ring : rings()) {
            path.move(ring[0], ring[1]);
            for (int i = 2; i + 1 < ring.length; i += 2) {
                path.line(ring[i], ring[i + 1]);
            }
            path.close();
        }
        return path.build();
    }
}
