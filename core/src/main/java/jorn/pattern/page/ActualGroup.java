package jorn.pattern.page;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Turn;
import jorn.content.Memo;
import jorn.pattern.motif.Curves;
import jorn.pattern.motif.MotifLine;
import jorn.pattern.symmetry.GroupNamer;
import jorn.pattern.symmetry.Lattice;
import jorn.pattern.symmetry.Operation;
import jorn.pattern.symmetry.WallpaperGroup;

/**
 * The symmetry that a pattern has in truth. A motif with turns or mirrors of its own, held so that these fit into the repeat, raises it above
 * the group that was asked for.
 *
 * <p>Whatever further move leaves the pattern as it is brings the motif onto one of its copies, so it is one of the group's own moves after a
 * move that leaves the motif. These turn about the motif's middle or mirror through it, so there are few to try; each is tried on points of all
 * lines of a cell.
 */
public final class ActualGroup {
    private static final int SAMPLES = 41;
    /** As a share of a cell's side: how far a point may be from a line and still lie on it. */
    private static final double NEAR = 0.006;

    private static final int BINS = 220;

    private static final int KEPT = 200;

    private static final Memo<Held, WallpaperGroup> KNOWN = new Memo<>(KEPT);

    private record Held(Repeat repeat, Hold hold) {}

    private final Lattice lattice;
    private final Turn back;
    private final List<List<double[]>> bins = new ArrayList<>();
    private final List<double[]> points = new ArrayList<>();
    private final double reach;

    private ActualGroup(Ground ground) {
        lattice = ground.lattice();
        back = lattice.turn().back();
        reach = NEAR * Math.sqrt(lattice.area());
        for (int i = 0; i < BINS * BINS; i++) {
            bins.add(List.of());
        }
        for (Ground.Copy copy : ground.cell()) {
            for (MotifLine line : copy.piece().lines()) {
                for (double[] flat : Curves.flat(line.path().turned(copy.at()), reach / 20)) {
                    lay(flat);
                }
            }
        }
    }

    /** The group of a page's pattern, without what changes over the page. */
    public static WallpaperGroup of(PatternSpec spec) {
        return KNOWN.of(new Held(spec.repeat(), spec.hold()), () -> search(spec));
    }

    private static WallpaperGroup search(PatternSpec spec) {
        Ground ground = new Ground(spec.withInking(spec.inking().withCompanions(0)));
        ActualGroup found = new ActualGroup(ground);
        List<Operation> moves = new ArrayList<>(spec.repeat().group().operations());
        double[] middle = found.middle(ground);
        for (Operation linear : linear(spec.repeat().group())) {
            // Turned or mirrored about the middle of the motif.
            double e = middle[0] - linear.a() * middle[0] - linear.b() * middle[1];
            double f = middle[1] - linear.c() * middle[0] - linear.d() * middle[1];
            Operation about = new Operation(linear.a(), linear.b(), linear.c(), linear.d(), e, f).reduced();
            if (moves.stream().noneMatch(about::isLike) && found.leaves(about)) {
                moves.add(about);
            }
        }
        return GroupNamer.name(settled(moves));
    }

    /** Turns and mirrors that leave a lattice of the group's kind. */
    private static List<Operation> linear(WallpaperGroup group) {
        WallpaperGroup most =
                switch (group.kind()) {
                    case OBLIQUE -> WallpaperGroup.P2;
                    case RECTANGULAR, CENTRED -> WallpaperGroup.PMM;
                    case SQUARE -> WallpaperGroup.P4M;
                    case HEXAGONAL -> WallpaperGroup.P6M;
                };
        return most.operations();
    }

    /**
     * Shifts that are some twelfth of a step but for a little are that: centres of turns lie at halves and thirds, and the middle of a motif is
     * found to a thousandth only.
     */
    private static List<Operation> settled(List<Operation> moves) {
        return moves.stream()
                .map(o -> new Operation(o.a(), o.b(), o.c(), o.d(), twelfth(o.e()), twelfth(o.f())))
                .toList();
    }

    private static double twelfth(double v) {
        double t = Math.rint(v * 12) / 12;
        return Math.abs(t - v) < 2 * NEAR ? t : v;
    }

    /** The middle of the motif's first copy, in shares of the steps. */
    private double[] middle(Ground ground) {
        Piece motif = ground.pieces().get(0);
        double x = 0;
        double y = 0;
        int n = 0;
        for (MotifLine line : motif.lines()) {
            for (double[] flat : Curves.flat(line.path().turned(motif.base()), reach / 20)) {
                double[] spaced = Curves.spaced(flat, SAMPLES * 4);
                for (int i = 0; i < spaced.length - 2; i += 2) {
                    x += spaced[i];
                    y += spaced[i + 1];
                    n++;
                }
            }
        }
        return new double[] {back.x(x / n, y / n), back.y(x / n, y / n)};
    }

    private void lay(double[] line) {
        double length = 0;
        for (int i = 2; i < line.length; i += 2) {
            length += Math.hypot(line[i] - line[i - 2], line[i + 1] - line[i - 1]);
        }
        int count = Math.max(2, (int) Math.ceil(length / (reach / 2)));
        double[] dense = Curves.spaced(line, count);
        int step = Math.max(1, count / SAMPLES);
        for (int i = 0; i < count; i++) {
            double u = part(back.x(dense[2 * i], dense[2 * i + 1]));
            double v = part(back.y(dense[2 * i], dense[2 * i + 1]));
            double[] point = {u, v};
            int bin = bin(u) * BINS + bin(v);
            if (bins.get(bin).isEmpty()) {
                bins.set(bin, new ArrayList<>(4));
            }
            bins.get(bin).add(point);
            if (i % step == 0) {
                points.add(point);
            }
        }
    }

    private static double part(double v) {
        return v - Math.floor(v);
    }

    private static int bin(double v) {
        return Math.floorMod((int) Math.floor(v * BINS), BINS);
    }

    /** Whether a move brings every point of the lines onto a line. */
    private boolean leaves(Operation o) {
        for (double[] p : points) {
            double u = part(o.a() * p[0] + o.b() * p[1] + o.e());
            double v = part(o.c() * p[0] + o.d() * p[1] + o.f());
            if (!isOnALine(u, v)) {
                return false;
            }
        }
        return true;
    }

    private boolean isOnALine(double u, double v) {
        Turn to = lattice.turn();
        int wide = 1 + (int) Math.ceil(NEAR * 2 * BINS);
        for (int i = -wide; i <= wide; i++) {
            for (int j = -wide; j <= wide; j++) {
                int bu = Math.floorMod(bin(u) + i, BINS);
                int bv = Math.floorMod(bin(v) + j, BINS);
                for (double[] p : bins.get(bu * BINS + bv)) {
                    double du = p[0] - u - Math.rint(p[0] - u);
                    double dv = p[1] - v - Math.rint(p[1] - v);
                    if (Math.hypot(to.x(du, dv), to.y(du, dv)) <= reach) {
                        return true;
                    }
                }
            }
        }
        return false;
    }
}
