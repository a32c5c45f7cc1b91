package jorn.pattern.page;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Turn;
import jorn.chance.Dice;
import jorn.pattern.motif.Curves;
import jorn.pattern.motif.Flowers;
import jorn.pattern.motif.MotifLine;
import jorn.pattern.symmetry.Lattice;

/**
 * Smaller figures in the gaps that motifs leave. Each stands where it has most room; where that is near a mirror or a centre of turns, it
 * stands on it, and has the symmetry of that place, so that its copies fall together and are drawn once.
 */
final class Companions {
    private static final int FINE = 26;
    private static final int SAMPLES = 14;
    private static final double FILLED = 0.92;
    private static final double NEAR_A_SITE = 0.8;
    /** Smaller ones are rings, in points. */
    private static final double PETALLED = 13;

    /** Smaller ones cannot be coloured, in points. */
    private static final double SMALLEST = 4.5;

    private final Lattice lattice;
    private final List<Turn> moves;
    private final Dice dice;
    /** Points on all lines of a cell and of those round it. */
    private double[] spots = new double[0];

    Companions(Lattice lattice, List<Turn> moves, long seed) {
        this.lattice = lattice;
        this.moves = moves;
        this.dice = Dice.of(seed);
    }

    /** Adds as many as are wanted and have room. */
    void fill(List<Piece> pieces, int count) {
        pieces.forEach(this::take);
        for (int i = 0; i < count; i++) {
            double[] gap = widest();
            Site site = Site.near(gap[0], gap[1], gap[2] * NEAR_A_SITE, moves, lattice);
            double room = off(site.x(), site.y()) * FILLED;
            if (room < SMALLEST) {
                return;
            }
            int kind = dice.below(Flowers.KINDS);
            List<MotifLine> lines = Fine.kept(Flowers.of(site.order(), room < PETALLED ? Flowers.RING : kind), room);
            Turn base = Turn.move(site.x(), site.y())
                    .after(Turn.about(0, 0, site.axis() + (site.mirrored() ? 0 : 7)))
                    .after(Turn.scale(room, 0, 0));
            Piece piece = new Piece(lines, base, site.distinct(moves, lattice), false);
            pieces.add(piece);
            take(piece);
        }
    }

    /** Notes where the lines of a piece run. */
    private void take(Piece piece) {
        List<double[]> unit = new ArrayList<>();
        for (MotifLine line : piece.lines()) {
            for (double[] flat : Curves.flat(line.path(), 0.05)) {
                unit.add(Curves.spaced(flat, SAMPLES));
            }
        }
        int points = unit.size() * SAMPLES;
        double[] all = java.util.Arrays.copyOf(
                spots, spots.length + 2 * points * piece.moves().size() * 9);
        int n = spots.length;
        for (Turn move : piece.moves()) {
            Turn at = move.after(piece.base());
            double[] cell = cell(at.x(0, 0), at.y(0, 0));
            for (int i = -1; i <= 1; i++) {
                for (int j = -1; j <= 1; j++) {
                    double dx = (i - cell[0]) * lattice.ax() + (j - cell[1]) * lattice.bx();
                    double dy = (i - cell[0]) * lattice.ay() + (j - cell[1]) * lattice.by();
                    for (double[] line : unit) {
                        for (int k = 0; k < line.length; k += 2) {
                            all[n++] = at.x(line[k], line[k + 1]) + dx;
                            all[n++] = at.y(line[k], line[k + 1]) + dy;
                        }
                    }
                }
            }
        }
        spots = all;
    }

    /** In which cell a point lies. */
    private double[] cell(double x, double y) {
        Turn back = lattice.turn().back();
        return new double[] {Math.floor(back.x(x, y)), Math.floor(back.y(x, y))};
    }

    private double off(double x, double y) {
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < spots.length; i += 2) {
            double dx = spots[i] - x;
            double dy = spots[i + 1] - y;
            nearest = Math.min(nearest, dx * dx + dy * dy);
        }
        return Math.sqrt(nearest);
    }

    /** The point of a cell that is farthest from all lines, and how far. */
    private double[] widest() {
        double[] best = {0, 0, -1};
        Turn to = lattice.turn();
        for (int i = 0; i < FINE; i++) {
            for (int j = 0; j < FINE; j++) {
                double x = to.x((i + 0.5) / FINE, (j + 0.5) / FINE);
                double y = to.y((i + 0.5) / FINE, (j + 0.5) / FINE);
                double off = off(x, y);
                if (off > best[2] + 1e-6) {
                    best = new double[] {x, y, off};
                }
            }
        }
        return best;
    }
}
