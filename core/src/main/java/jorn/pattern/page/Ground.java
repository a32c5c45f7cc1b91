package jorn.pattern.page;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Turn;
import jorn.pattern.motif.MotifLine;
import jorn.pattern.symmetry.Lattice;

/** A motif and its companions, repeated over the plane about a middle. */
final class Ground {
    /** How much of a page beyond its edge can show in it. */
    private static final double BEYOND = 1.05;

    private final PatternSpec spec;
    private final Lattice lattice;
    private final List<Piece> pieces = new ArrayList<>();
    private final List<Copy> cell = new ArrayList<>();

    Ground(PatternSpec spec) {
        this(spec, 0);
    }

    /** @param cleared how many lines of the motif are left out, from the last; its outline stays */
    Ground(PatternSpec spec, int cleared) {
        this.spec = spec;
        this.lattice = spec.repeat().lattice();
        List<Turn> moves = spec.repeat().group().turns(lattice);
        Hold hold = spec.hold();
        Room room = Room.in(spec.repeat().group());
        double clear = room.clear() * spec.repeat().cell().points();
        double radius = clear * (0.96 + 1.6 * spec.repeat().overlap() / 100) * hold.size();
        Turn to = lattice.turn();
        double fx = room.x() + hold.x();
        double fy = room.y() + hold.y();
        Turn base = Turn.move(to.x(fx, fy), to.y(fx, fy))
                .after(Turn.about(0, 0, hold.turn() + spec.repeat().turn()))
                .after(Turn.scale(radius, 0, 0));
        pieces.add(new Piece(Fine.cleared(Fine.kept(hold.motif().lines(), radius), cleared), base, moves, true));
        if (spec.inking().companions() > 0) {
            new Companions(lattice, moves, spec.seed())
                    .fill(pieces, spec.inking().companions());
        }
        for (Piece piece : pieces) {
            for (Turn move : piece.moves()) {
                cell.add(new Copy(piece, move.after(piece.base())));
            }
        }
    }

    Lattice lattice() {
        return lattice;
    }

    List<Piece> pieces() {
        return pieces;
    }

    /** One copy of a piece on the page. */
    record Copy(Piece piece, Turn at) {
        double x() {
            return at.x(0, 0);
        }

        double y() {
            return at.y(0, 0);
        }
    }

    /** The copies of one cell, from its corner. */
    List<Copy> cell() {
        return cell;
    }

    /** Corners of all cells of which something can be seen in a box. */
    List<double[]> corners(Box box) {
        double reach = 0;
        for (Copy copy : cell) {
            reach = Math.max(
                    reach, Math.hypot(copy.x(), copy.y()) + BEYOND * copy.at().enlarges() * longest(copy));
        }
        Box all = box.outset(reach);
        Turn back = lattice.turn().back();
        double cx = box.centreX();
        double cy = box.centreY();
        double[][] ends = {
            {all.x() - cx, all.y() - cy},
            {all.right() - cx, all.y() - cy},
            {all.x() - cx, all.bottom() - cy},
            {all.right() - cx, all.bottom() - cy}
        };
        double fromI = Double.POSITIVE_INFINITY;
        double toI = Double.NEGATIVE_INFINITY;
        double fromJ = fromI;
        double toJ = toI;
        for (double[] e : ends) {
            double i = back.x(e[0], e[1]);
            double j = back.y(e[0], e[1]);
            fromI = Math.min(fromI, i);
            toI = Math.max(toI, i);
            fromJ = Math.min(fromJ, j);
            toJ = Math.max(toJ, j);
        }
        List<double[]> found = new ArrayList<>();
        for (int i = (int) Math.floor(fromI); i <= Math.ceil(toI); i++) {
            for (int j = (int) Math.floor(fromJ); j <= Math.ceil(toJ); j++) {
                double x = cx + i * lattice.ax() + j * lattice.bx();
                double y = cy + i * lattice.ay() + j * lattice.by();
                if (x >= all.x() && x <= all.right() && y >= all.y() && y <= all.bottom()) {
                    found.add(new double[] {x, y});
                }
            }
        }
        return found;
    }

    private static double longest(Copy copy) {
        double most = 1;
        for (MotifLine line : copy.piece().lines()) {
            Box b = line.path().bounds();
            most = Math.max(most, Math.max(Math.hypot(b.x(), b.y()), Math.hypot(b.right(), b.bottom())));
        }
        return most;
    }

    PatternSpec spec() {
        return spec;
    }
}
