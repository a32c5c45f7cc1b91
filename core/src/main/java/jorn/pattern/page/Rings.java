package jorn.pattern.page;

import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Path;
import jorn.art.Turn;
import jorn.chance.Dice;
import jorn.measure.Length;
import jorn.pattern.motif.Flowers;
import jorn.pattern.motif.MotifLine;
import jorn.pattern.motif.MotifShelf;
import jorn.pattern.motif.PatternMotif;
import jorn.pattern.motif.ShippedMotif;
import jorn.pattern.symmetry.Rosette;

/** A mandala: rings of motifs about a middle, with circles between them. */
final class Rings {
    private static final List<String> RINGS = List.of(
            "petal",
            "lotus",
            "leaf",
            "plume",
            "tulip",
            "bud",
            "shell",
            "arches",
            "kite",
            "seed-pod",
            "heart",
            "scales");

    private static final double CORE = 0.17;
    private static final double MOST_CORE = 0.3;
    /** Motifs of a ring are so far from each other at least, in points. */
    private static final double APART = Length.mm(8).points();

    /** The height of a ring, at least, in points. */
    private static final double RING = Length.mm(13).points();

    /** Each ring is so much wider than the one before. */
    private static final double WIDER = 0.22;

    private Rings() {}

    /** The lines, about a middle. */
    static List<Inked> of(Rosette rosette, double x, double y, double radius, PatternSpec spec) {
        Dice dice = Dice.of(Dice.seed(spec.seed(), 77));
        Inking inking = spec.inking();
        Turn middle = Turn.move(x, y);
        List<Inked> all = new ArrayList<>();
        double core = Math.max(radius * CORE, Math.min(radius * MOST_CORE, rosette.order() * APART / 2 / Math.PI));
        place(
                Flowers.of(rosette.order(), dice.below(Flowers.KINDS)),
                middle.after(Turn.scale(core * 0.96, 0, 0)),
                inking,
                all);
        int rings = Math.max(1, Math.min(4, (int) ((radius - core) / RING)));
        double sum = 0;
        for (int i = 0; i < rings; i++) {
            sum += 1 + WIDER * i;
        }
        double inner = core;
        for (int i = 0; i < rings; i++) {
            double high = (radius - core) * (1 + WIDER * i) / sum;
            all.add(new Inked(circle(x, y, inner), inking.weight(i == 0 ? 1 : 1.2)));
            boolean own = i == 1 || rings == 1;
            List<MotifLine> lines = own ? spec.hold().motif().lines() : MotifShelf.lines(dice.one(RINGS));
            ring(inner, high, lines, !own || isUpright(spec.hold().motif()), rosette, middle, inking, all);
            inner += high;
        }
        return all;
    }

    /** A figure in each corner that a round picture leaves in a box. */
    static List<Zone> corners(Box box, double radius, PatternSpec spec) {
        // The largest circle between the round picture and two sides of the box.
        double half = Math.min(box.width(), box.height()) / 2;
        double gap = Math.hypot(box.width() / 2, box.height() / 2) - radius;
        double r = Math.min(half * 0.32, gap / (1 + Math.sqrt(2))) * 0.88;
        List<Zone> all = new ArrayList<>();
        if (r < RING / 2) {
            return all;
        }
        List<MotifLine> lines = Fine.kept(Flowers.of(8, Math.floorMod(spec.seed(), Flowers.KINDS)), r * 0.86);
        for (int i = 0; i < 4; i++) {
            double x = i % 2 == 0 ? box.x() + r * 1.06 : box.right() - r * 1.06;
            double y = i < 2 ? box.y() + r * 1.06 : box.bottom() - r * 1.06;
            Zone corner = new Zone(new Area(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r)), spec.inking());
            List<Inked> inked = new ArrayList<>();
            place(lines, Turn.move(x, y).after(Turn.scale(r * 0.86, 0, 0)), spec.inking(), inked);
            inked.forEach(corner::add);
            all.add(corner);
        }
        return all;
    }

    /** Whether a motif is its own mirror image from left to right, so that it can stand on a mirror. */
    private static boolean isUpright(PatternMotif motif) {
        return motif instanceof ShippedMotif s && RINGS.contains(s.id());
    }

    private static void ring(
            double inner,
            double high,
            List<MotifLine> lines,
            boolean upright,
            Rosette rosette,
            Turn middle,
            Inking inking,
            List<Inked> all) {
        double mid = inner + high / 2;
        double length = 2 * Math.PI * mid;
        List<Turn> turns = rosette.turns();
        int wanted = (int) Math.round(length / (high * 0.92));
        // On the mirrors, or half way between them, a motif that is its own mirror image falls together with its copy.
        boolean onMirrors = rosette.mirrored() && upright;
        List<Turn> used = onMirrors ? new Rosette(rosette.order(), false).turns() : turns;
        int each = Math.max(1, (int) Math.round((double) wanted / used.size()));
        if (onMirrors) {
            each = Math.min(2, each);
        }
        double apart = length / (each * used.size());
        double size = Math.min(high * 0.485, apart * 0.62);
        // A motif with mirrors of its own would give mirrors to a figure that is to have none.
        double lean = rosette.mirrored() ? 0 : 14;
        double step = 360.0 / used.size() / each;
        double first = onMirrors ? 0 : step / 2;
        for (int i = 0; i < each; i++) {
            Turn base = Turn.about(0, 0, first + i * step)
                    .after(Turn.move(0, -mid))
                    .after(Turn.about(0, 0, lean))
                    .after(Turn.scale(size, 0, 0));
            for (Turn turn : used) {
                place(Fine.kept(lines, size), middle.after(turn).after(base), inking, all);
            }
        }
        double bead = Math.min(high * 0.1, apart * 0.16);
        beads(inner + high * 0.86, onMirrors ? step / 2 : 0, step, used, each, bead, middle, inking, all);
    }

    /** A small circle in each gap at the rim. */
    private static void beads(
            double r,
            double first,
            double step,
            List<Turn> turns,
            int each,
            double size,
            Turn middle,
            Inking inking,
            List<Inked> all) {
        if (size < ColourField.LEAST.points() * 0.75) {
            return;
        }
        for (int i = 0; i < each; i++) {
            Turn base = Turn.about(0, 0, first + i * step).after(Turn.move(0, -r));
            for (Turn turn : turns) {
                if (turn.a() * turn.d() - turn.b() * turn.c() < 0) {
                    // It falls together with the one that is not mirrored.
                    continue;
                }
                Turn at = middle.after(turn).after(base);
                all.add(new Inked(circle(at.x(0, 0), at.y(0, 0), size), inking.weight(0.8)));
            }
        }
    }

    private static void place(List<MotifLine> lines, Turn at, Inking inking, List<Inked> all) {
        for (MotifLine line : lines) {
            all.add(new Inked(line.path().turned(at), inking.weight(line.weight())));
        }
    }

    private static Path circle(double x, double y, double r) {
        return Path.builder().arc(x, y, r, 0, 360, true).close().build();
    }
}
