package jorn.pattern.page;

import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Turn;
import jorn.pattern.motif.Flowers;
import jorn.pattern.motif.MotifLine;
import jorn.pattern.symmetry.FriezeGroup;

/** A border of motifs: a strip on each side, in whole steps, and a figure in each corner. */
final class Friezes {
    private static final double TURN = 24;
    private static final int CORNER_TURNS = 4;

    /**
     * How a motif stands in a strip.
     *
     * @param step against the strip's width
     * @param x against the step
     * @param y against the width, from the middle
     * @param size against the width
     */
    private record Stance(double step, double x, double y, double size) {
        static Stance of(FriezeGroup group) {
            return switch (group) {
                case P1 -> new Stance(0.96, 0.5, 0, 0.46);
                case P2 -> new Stance(1.8, 0.25, 0.03, 0.44);
                case P1M1 -> new Stance(1.8, 0.25, 0, 0.44);
                case P11M -> new Stance(0.6, 0.5, 0.25, 0.24);
                case P11G -> new Stance(1.8, 0.25, 0.04, 0.43);
                case P2MM -> new Stance(1.04, 0.25, 0.25, 0.24);
                case P2MG -> new Stance(3.6, 0.125, 0.03, 0.44);
            };
        }
    }

    private Friezes() {}

    /** The zones of a border of a width round a box, inside of it. */
    static List<Zone> round(Box outer, double wide, PatternSpec spec) {
        List<Zone> all = new ArrayList<>();
        double w = outer.width() - 2 * wide;
        double h = outer.height() - 2 * wide;
        double half = wide / 2;
        all.add(strip(new Box(outer.x() + wide, outer.y(), w, wide), outer.x() + wide, outer.y() + half, 0, w, spec));
        all.add(strip(
                new Box(outer.right() - wide, outer.y() + wide, wide, h),
                outer.right() - half,
                outer.y() + wide,
                90,
                h,
                spec));
        all.add(strip(
                new Box(outer.x() + wide, outer.bottom() - wide, w, wide),
                outer.right() - wide,
                outer.bottom() - half,
                180,
                w,
                spec));
        all.add(strip(
                new Box(outer.x(), outer.y() + wide, wide, h), outer.x() + half, outer.bottom() - wide, 270, h, spec));
        for (int i = 0; i < CORNER_TURNS; i++) {
            double x = i % 2 == 0 ? outer.x() : outer.right() - wide;
            double y = i < 2 ? outer.y() : outer.bottom() - wide;
            Zone corner = new Zone(area(new Box(x, y, wide, wide)), spec.inking());
            Turn at = Turn.move(x + half, y + half).after(Turn.scale(half * 0.86, 0, 0));
            for (MotifLine line : Fine.kept(Flowers.of(CORNER_TURNS, 0), half * 0.86)) {
                corner.add(new Inked(line.path().turned(at), spec.inking().weight(line.weight())));
            }
            all.add(corner);
        }
        return all;
    }

    static Area area(Box b) {
        return new Area(new Rectangle2D.Double(b.x(), b.y(), b.width(), b.height()));
    }

    private static Zone strip(Box box, double x, double y, double degrees, double length, PatternSpec spec) {
        Zone zone = new Zone(area(box), spec.inking());
        FriezeGroup group = spec.surround().frieze();
        Stance stance = Stance.of(group);
        double wide = Math.min(box.width(), box.height());
        int steps = Math.max(1, (int) Math.round(length / (stance.step() * wide)));
        double step = length / steps;
        Turn along = Turn.move(x, y).after(Turn.about(0, 0, degrees));
        Turn base = Turn.move(stance.x() * step, stance.y() * wide)
                .after(Turn.about(0, 0, TURN))
                .after(Turn.scale(stance.size() * wide, 0, 0));
        List<MotifLine> lines = Fine.kept(spec.surround().friezeMotif().lines(), stance.size() * wide);
        for (int i = -1; i <= steps; i++) {
            for (Turn move : group.turns(step)) {
                Turn at = along.after(Turn.move(i * step, 0)).after(move).after(base);
                for (MotifLine line : lines) {
                    zone.add(new Inked(line.path().turned(at), spec.inking().weight(line.weight() * 0.8)));
                }
            }
        }
        return zone;
    }
}
