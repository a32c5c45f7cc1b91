package jorn.scan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jorn.shape.Polylines;

/**
 * The outlines of what is darker than a level, through the pixels' middles and between them (marching squares; Lorensen and Cline 1987, in two
 * dimensions). Every outline is a ring, with ink to its left as it is seen with y upward.
 */
public final class Contours {
    private final Grey grey;
    private final double level;

    private Contours(Grey grey, double level) {
        this.grey = grey;
        this.level = level;
    }

    /**
     * Traces.
     *
     * @param level darker is ink
     * @param within how far simpler lines may be from true ones, in pixels
     * @param least smaller outlines are left out, in square pixels
     * @return rings, x and y in turn, in pixels from the left upper corner of the first pixel
     */
    public static List<double[]> of(Grey grey, double level, double within, double least) {
        List<double[]> all = new ArrayList<>();
        for (double[] ring : new Contours(grey, level).rings()) {
            if (Math.abs(area(ring)) >= least) {
                all.add(Polylines.simplified(ring, within));
            }
        }
        all.removeIf(r -> r.length < 8);
        return all;
    }

    /** Half of the sum of cross products: its sign tells which way round it goes. */
    public static double area(double[] ring) {
        double sum = 0;
        for (int i = 0; i + 3 < ring.length; i += 2) {
            sum += ring[i] * ring[i + 3] - ring[i + 2] * ring[i + 1];
        }
        return sum / 2;
    }

    /** Beyond the edge all is white, so that every outline closes. */
    private double at(int x, int y) {
        return x < 0 || y < 0 || x >= grey.width() || y >= grey.height() ? 255 : grey.at(x, y);
    }

    private List<double[]> rings() {
        // Where a line crosses an edge between two pixels leads to where it crosses the next one.
        Map<Long, Long> next = new HashMap<>();
        for (int y = -1; y < grey.height(); y++) {
            for (int x = -1; x < grey.width(); x++) {
                square(x, y, next);
            }
        }
        List<double[]> all = new ArrayList<>();
        while (!next.isEmpty()) {
            long first = next.keySet().iterator().next();
            List<double[]> ring = new ArrayList<>();
            Long edge = first;
            while (edge != null) {
                ring.add(crossing(edge));
                edge = next.remove(edge);
            }
            double[] xy = new double[2 * ring.size()];
            for (int i = 0; i < ring.size(); i++) {
                xy[2 * i] = ring.get(i)[0];
                xy[2 * i + 1] = ring.get(i)[1];
            }
            xy[xy.length - 2] = xy[0];
            xy[xy.length - 1] = xy[1];
            all.add(xy);
        }
        return all;
    }

    /** An edge leads right (0) or down (1) from a pixel. */
    private long edge(int x, int y, int way) {
        return ((long) (y + 1) * (grey.width() + 2) + x + 1) * 2 + way;
    }

    private double[] crossing(long edge) {
        int way = (int) (edge & 1);
        long cell = edge / 2;
        int x = (int) (cell % (grey.width() + 2)) - 1;
        int y = (int) (cell / (grey.width() + 2)) - 1;
        double a = at(x, y);
        double b = way == 0 ? at(x + 1, y) : at(x, y + 1);
        double t = Math.abs(b - a) < 1e-9 ? 0.5 : Math.max(0.02, Math.min(0.98, (level - a) / (b - a)));
        return new double[] {x + 0.5 + (way == 0 ? t : 0), y + 0.5 + (way == 0 ? 0 : t)};
    }

    private void square(int x, int y, Map<Long, Long> next) {
        boolean a = at(x, y) < level;
        boolean b = at(x + 1, y) < level;
        boolean c = at(x + 1, y + 1) < level;
        boolean d = at(x, y + 1) < level;
        int kind = (a ? 1 : 0) + (b ? 2 : 0) + (c ? 4 : 0) + (d ? 8 : 0);
        if (kind == 0 || kind == 15) {
            return;
        }
        long top = edge(x, y, 0);
        long right = edge(x + 1, y, 1);
        long bottom = edge(x, y + 1, 0);
        long left = edge(x, y, 1);
        boolean darkMiddle = (at(x, y) + at(x + 1, y) + at(x + 1, y + 1) + at(x, y + 1)) / 4 < level;
        switch (kind) {
            case 1 -> next.put(top, left);
            case 2 -> next.put(right, top);
            case 3 -> next.put(right, left);
            case 4 -> next.put(bottom, right);
            case 6 -> next.put(bottom, top);
            case 7 -> next.put(bottom, left);
            case 8 -> next.put(left, bottom);
            case 9 -> next.put(top, bottom);
            case 11 -> next.put(right, bottom);
            case 12 -> next.put(left, right);
            case 13 -> next.put(top, right);
            case 14 -> next.put(left, top);
            case 5 -> {
                // Two corners across from each other: whether they hang together the middle tells.
                next.put(darkMiddle ? top : bottom, right);
                next.put(darkMiddle ? bottom : top, left);
            }
            default -> {
                next.put(darkMiddle ? right : left, bottom);
                next.put(darkMiddle ? left : right, top);
            }
        }
    }
}
