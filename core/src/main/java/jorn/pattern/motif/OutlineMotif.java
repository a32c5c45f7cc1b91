package jorn.pattern.motif;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import jorn.art.Path;
import jorn.art.Turn;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.pattern.plane.Crossings;
import jorn.shape.Polylines;
import jorn.shape.SvgOutline;

/**
 * A shape of the user's own: drawn with a few points, or taken from a picture.
 *
 * @param name what it is called
 * @param outlines closed lines as {@code x,y x,y …}, the largest first, in any measure; {@code open} stands before one that is not closed
 * @param smooth whether a curve is led through the points; otherwise they are joined by straight lines
 */
public record OutlineMotif(@Required String name, @Required List<String> outlines, boolean smooth)
        implements PatternMotif {
    private static final int MOST_POINTS = 20_000;
    private static final int LEAST = 3;

    /** A page has some hundred copies; so many crossings in each are found in about a second. */
    private static final int MOST_CROSSINGS = 2_000;

    /** About the size at which it is drawn, in points. */
    private static final Turn AS_DRAWN = Turn.scale(40, 0, 0);

    private static final double FLAT = 0.1;
    private static final int MOST_RINGS = 40;

    /** How far a traced line may lie beside what it was traced from, as a share of its reach. */
    private static final double TRACED = 0.012;

    private static final String OPEN = "open ";

    public OutlineMotif {
        outlines = List.copyOf(outlines);
        int points = 0;
        for (String each : outlines) {
            points += read(each).length / 2;
        }
        if (outlines.stream().noneMatch(o -> read(o).length >= 2 * LEAST)) {
            throw Trouble.of("pattern.refused.motif-of-nothing", name);
        }
        if (points > MOST_POINTS) {
            throw Trouble.of("pattern.refused.motif-too-many-points", name, points, MOST_POINTS);
        }
        List<double[]> drawn = lines(outlines, smooth).stream()
                .flatMap(l -> Curves.flat(l.path().turned(AS_DRAWN), FLAT).stream())
                .toList();
        if (!Crossings.areWithin(drawn, MOST_CROSSINGS)) {
            throw Trouble.of("pattern.refused.motif-too-many-crossings", name, MOST_CROSSINGS);
        }
    }

    /** The lines of a drawing in SVG. */
    public static OutlineMotif of(byte[] svg, String name) {
        return new OutlineMotif(name, SvgOutline.lines(svg, name), false);
    }

    /** One drawn with points. */
    public static OutlineMotif drawn(String name, double[] xy) {
        return new OutlineMotif(name, List.of(Polylines.written(xy)), true);
    }

    /**
     * Outlines that were traced on a picture, with curves led through what is left of their points.
     *
     * @param rings closed lines, in pixels
     * @throws Trouble where there are none
     */
    public static OutlineMotif traced(String name, List<double[]> rings) {
        List<String> lines = rings.stream()
                .sorted(Comparator.comparingDouble((double[] r) -> -reach(r)))
                .limit(MOST_RINGS)
                .map(r -> Polylines.written(open(Polylines.simplified(r, TRACED * reach(r)))))
                .toList();
        return new OutlineMotif(name, lines, true);
    }

    /** Without the point that says its first again. */
    private static double[] open(double[] ring) {
        return Polylines.isRing(ring) ? Arrays.copyOf(ring, ring.length - 2) : ring;
    }

    private static double reach(double[] ring) {
        double most = 0;
        for (int i = 2; i + 1 < ring.length; i += 2) {
            most = Math.max(most, Math.hypot(ring[i] - ring[0], ring[i + 1] - ring[1]));
        }
        return most;
    }

    /** Whether it was drawn with a few points, which can be moved. */
    @JsonIgnore
    boolean isDrawn() {
        return smooth && outlines.size() == 1 && points().length <= 2 * ShapePoints.MOST && isOnPad(points());
    }

    private static boolean isOnPad(double[] xy) {
        return Arrays.stream(xy).allMatch(v -> v >= 0 && v <= 1);
    }

    /** The points of its first line, across and down in turn. */
    @JsonIgnore
    double[] points() {
        return read(outlines.get(0));
    }

    private static double[] read(String text) {
        String points = text.startsWith(OPEN) ? text.substring(OPEN.length()) : text;
        if (points.isBlank()) {
            return new double[0];
        }
        String[] spots = points.strip().split("\\s+");
        double[] xy = new double[2 * spots.length];
        try {
            for (int i = 0; i < spots.length; i++) {
                String[] two = spots[i].split(",");
                xy[2 * i] = Double.parseDouble(two[0]);
                xy[2 * i + 1] = Double.parseDouble(two[1]);
            }
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException e) {
            throw Trouble.because(
                    e, "pattern.refused.not-points", text.length() > 40 ? text.substring(0, 40) + " …" : text);
        }
        return xy;
    }

    @Override
    @JsonIgnore
    public List<MotifLine> lines() {
        return lines(outlines, smooth);
    }

    private static List<MotifLine> lines(List<String> outlines, boolean smooth) {
        List<double[]> all = new ArrayList<>();
        List<Boolean> open = new ArrayList<>();
        double left = Double.POSITIVE_INFINITY;
        double top = left;
        double right = Double.NEGATIVE_INFINITY;
        double bottom = right;
        for (String each : outlines) {
            double[] xy = read(each);
            if (xy.length < 2 * (each.startsWith(OPEN) ? 2 : LEAST)) {
                continue;
            }
            all.add(xy);
            open.add(each.startsWith(OPEN));
            for (int i = 0; i < xy.length; i += 2) {
                left = Math.min(left, xy[i]);
                right = Math.max(right, xy[i]);
                top = Math.min(top, xy[i + 1]);
                bottom = Math.max(bottom, xy[i + 1]);
            }
        }
        double cx = (left + right) / 2;
        double cy = (top + bottom) / 2;
        double far = 1e-9;
        for (double[] xy : all) {
            for (int i = 0; i < xy.length; i += 2) {
                far = Math.max(far, Math.hypot(xy[i] - cx, xy[i + 1] - cy));
            }
        }
        List<MotifLine> lines = new ArrayList<>();
        for (int k = 0; k < all.size(); k++) {
            double[] xy = all.get(k);
            for (int i = 0; i < xy.length; i += 2) {
                xy[i] = (xy[i] - cx) / far;
                xy[i + 1] = (xy[i + 1] - cy) / far;
            }
            Path path = smooth ? Curves.through(xy, !open.get(k)) : straight(xy, !open.get(k));
            lines.add(new MotifLine(path, lines.isEmpty() ? MotifPen.BOLD : MotifPen.PLAIN));
        }
        return lines;
    }

    private static Path straight(double[] xy, boolean closed) {
        Path.Builder path = Path.builder().move(xy[0], xy[1]);
        for (int i = 2; i < xy.length; i += 2) {
            path.line(xy[i], xy[i + 1]);
        }
        return closed ? path.close().build() : path.build();
    }

    @Override
    public String word() {
        return name;
    }
}
