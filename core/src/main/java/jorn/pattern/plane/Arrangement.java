package jorn.pattern.plane;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleBinaryOperator;

/**
 * Lines cut where they meet, and the fields that they close: a planar subdivision by half-edges (Muller and Preparata 1978; de Berg and
 * others, Computational Geometry, chapter 2). Each edge is walked once on either side; a walk that turns one way round closes a field, one the
 * other way round is the outside of what hangs together, which is a hole of the field that it lies in.
 */
public final class Arrangement {
    /** A walk there and back has no area, but for rounding; in square points. */
    private static final double NO_AREA = 1e-8;

    private static final double OFF = 0.037 * Nodes.NEAR;

    private final Nodes nodes;
    /** Where each half-edge begins; the one with the last bit turned goes back. */
    private final int[] starts;

    private final int[] next;
    private final List<Field> fields = new ArrayList<>();
    private int walks;
    private int components;
    private int touchedNodes;

    /**
     * Lays lines and finds their fields.
     *
     * @param lines x and y in turn
     * @param stays asked for the middle of each edge: only those stay for which it is above 0
     */
    public static Arrangement of(List<double[]> lines, DoubleBinaryOperator stays) {
        Noder noder = new Noder();
        lines.forEach(noder::add);
        return new Arrangement(noder.nodes(), noder.edges(), stays);
    }

    public static Arrangement of(List<double[]> lines) {
        return of(lines, (x, y) -> 1);
    }

    private Arrangement(Nodes nodes, int[] pairs, DoubleBinaryOperator stays) {
        this.nodes = nodes;
        int[] kept = new int[pairs.length];
        int n = 0;
        for (int i = 0; i < pairs.length; i += 2) {
            double mx = (nodes.x(pairs[i]) + nodes.x(pairs[i + 1])) / 2;
            double my = (nodes.y(pairs[i]) + nodes.y(pairs[i + 1])) / 2;
            if (stays.applyAsDouble(mx, my) > 0) {
                kept[n++] = pairs[i];
                kept[n++] = pairs[i + 1];
            }
        }
        this.starts = Arrays.copyOf(kept, n);
        this.next = new int[n];
        if (n > 0) {
            order();
            walk();
        }
    }

    private double angle(int half) {
        int a = starts[half];
        int b = starts[half ^ 1];
        return Math.atan2(nodes.y(b) - nodes.y(a), nodes.x(b) - nodes.x(a));
    }

    /** At every node its half-edges by angle; the one that comes in goes on by the one before that which goes back. */
    private void order() {
        int n = starts.length;
        int[] heads = new int[nodes.count() + 1];
        for (int h = 0; h < n; h++) {
            heads[starts[h] + 1]++;
        }
        for (int i = 1; i < heads.length; i++) {
            touchedNodes += heads[i] > 0 ? 1 : 0;
            heads[i] += heads[i - 1];
        }
        int[] at = heads.clone();
        int[] out = new int[n];
        double[] angles = new double[n];
        for (int h = 0; h < n; h++) {
            out[at[starts[h]]++] = h;
            angles[h] = angle(h);
        }
        for (int node = 0; node < nodes.count(); node++) {
            int first = heads[node];
            int last = heads[node + 1];
            for (int i = first + 1; i < last; i++) {
                int h = out[i];
                int j = i - 1;
                while (j >= first && angles[out[j]] > angles[h]) {
                    out[j + 1] = out[j];
                    j--;
                }
                out[j + 1] = h;
            }
            for (int i = first; i < last; i++) {
                int before = out[i == first ? last - 1 : i - 1];
                next[out[i] ^ 1] = before;
            }
        }
    }

    /** A walk along edges. */
    private static final class Ring {
        private final double[] xy;
        private final double area;

        private Ring(double[] xy, double area) {
            this.xy = xy;
            this.area = area;
        }

        double[] xy() {
            return xy;
        }

        double area() {
            return area;
        }
    }

    private void walk() {
        int n = starts.length;
        int[] walkOf = new int[n];
        Arrays.fill(walkOf, -1);
        List<Ring> rings = new ArrayList<>();
        for (int h = 0; h < n; h++) {
            if (walkOf[h] < 0) {
                rings.add(ring(h, rings.size(), walkOf));
            }
        }
        walks = rings.size();
        hang(rings, walkOf);
    }

    private Ring ring(int first, int number, int[] walkOf) {
        double[] xy = new double[16];
        int n = 0;
        double area = 0;
        double x0 = nodes.x(starts[first]);
        double y0 = nodes.y(starts[first]);
        int h = first;
        do {
            walkOf[h] = number;
            if (n + 2 > xy.length) {
                xy = Arrays.copyOf(xy, 2 * n);
            }
            int a = starts[h];
            int b = starts[h ^ 1];
            xy[n++] = nodes.x(a);
            xy[n++] = nodes.y(a);
            area += (nodes.x(a) - x0) * (nodes.y(b) - y0) - (nodes.x(b) - x0) * (nodes.y(a) - y0);
            h = next[h];
        } while (h != first);
        return new Ring(Arrays.copyOf(xy, n), area / 2);
    }

    /** Fields with the holes that lie in them. */
    private void hang(List<Ring> rings, int[] walkOf) {
        int[] froms = new int[starts.length / 2];
        int[] tos = new int[froms.length];
        for (int e = 0; e < froms.length; e++) {
            froms[e] = starts[2 * e];
            tos[e] = starts[2 * e + 1];
        }
        Squares grid = new Squares(nodes, froms, tos, froms.length);
        List<List<double[]>> holes = new ArrayList<>();
        rings.forEach(r -> holes.add(new ArrayList<>(0)));
        List<Integer> outsides = new ArrayList<>();
        int[] fieldOf = new int[rings.size()];
        for (int i = 0; i < rings.size(); i++) {
            // Walked with the field to the left as the page is seen with y up: fields count above 0.
            boolean closes = rings.get(i).area() > NO_AREA;
            fieldOf[i] = closes ? i : -1;
            if (!closes) {
                outsides.add(i);
            }
        }
        components = outsides.size();
        outsides.sort(java.util.Comparator.comparingDouble(i -> leftmost(rings.get(i))[0]));
        for (int outside : outsides) {
            double[] spot = leftmost(rings.get(outside));
            // A little off its height, since in a pattern other points lie at exactly that height.
            int edge = grid.leftOf(spot[0] - 2 * Nodes.NEAR, spot[1] + OFF);
            if (edge >= 0) {
                boolean rising = nodes.y(tos[edge]) > nodes.y(froms[edge]);
                // The side of the edge on which the spot lies, to the right.
                int half = rising ? 2 * edge + 1 : 2 * edge;
                fieldOf[outside] = fieldOf[walkOf[half]];
                if (fieldOf[outside] >= 0) {
                    holes.get(fieldOf[outside]).add(rings.get(outside).xy());
                }
            }
        }
        double[] taken = new double[rings.size()];
        for (int outside : outsides) {
            if (fieldOf[outside] >= 0) {
                taken[fieldOf[outside]] -= rings.get(outside).area();
            }
        }
        for (int i = 0; i < rings.size(); i++) {
            if (fieldOf[i] == i) {
                fields.add(
                        new Field(rings.get(i).xy(), holes.get(i), rings.get(i).area() - taken[i]));
            }
        }
    }

    private static double[] leftmost(Ring ring) {
        double[] xy = ring.xy();
        double[] best = {xy[0], xy[1]};
        for (int i = 2; i < xy.length; i += 2) {
            if (xy[i] < best[0]) {
                best[0] = xy[i];
                best[1] = xy[i + 1];
            }
        }
        return best;
    }

    /** All fields that are closed; what lies outside of everything is none. */
    public List<Field> fields() {
        return java.util.Collections.unmodifiableList(fields);
    }

    /** How many points there are where edges end. */
    public int nodes() {
        return touchedNodes;
    }

    /** How many edges there are between two nodes. */
    public int edges() {
        return starts.length / 2;
    }

    /** How many walks along edges there are: one for each field, and one round each part that hangs together. */
    public int walks() {
        return walks;
    }

    /** How many parts there are that hang together. */
    public int components() {
        return components;
    }
}
