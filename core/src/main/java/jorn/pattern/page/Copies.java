package jorn.pattern.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Path;
import jorn.art.Turn;
import jorn.pattern.motif.Curves;
import jorn.pattern.motif.Morph;
import jorn.pattern.motif.MotifLine;

/** Puts a ground into a zone: one cell, placed many times; or, where something changes gradually, every copy as it is where it stands. */
final class Copies {
    private static final double HEAVIEST = 2.3;
    private static final double LIGHTEST = 0.5;
    private static final double LARGEST = 1.25;
    private static final double SMALLEST = 0.45;
    private static final int STEPS = 16;
    /** Straight pieces of lines that change their weight, in points. */
    private static final double FLAT = 0.05;

    private final Inking inking;
    private final Gradual gradual;
    private final Zone zone;
    private final Box over;
    private final Optional<Morph> morph;

    private Copies(Ground ground, Zone zone, Box over) {
        this.zone = zone;
        this.over = over;
        this.inking = ground.spec().inking();
        this.gradual = ground.spec().gradual();
        this.morph = gradual.what() == Gradual.What.MOTIF
                ? gradual.into().map(m -> new Morph(ground.spec().hold().motif().lines(), m.lines()))
                : Optional.empty();
    }

    /**
     * Fills a zone.
     *
     * @param over what the change goes over
     */
    static void put(Ground ground, Zone zone, Box over) {
        Copies copies = new Copies(ground, zone, over);
        boolean same = copies.gradual.what() == Gradual.What.NOTHING
                || (copies.gradual.what() == Gradual.What.MOTIF && copies.morph.isEmpty());
        List<double[]> corners = ground.corners(zone.box());
        if (same) {
            List<Inked> cell = new ArrayList<>();
            for (Ground.Copy copy : ground.cell()) {
                for (MotifLine line : copy.piece().lines()) {
                    cell.add(new Inked(line.path().turned(copy.at()), copies.inking.weight(line.weight())));
                }
            }
            zone.repeat(cell, corners);
            return;
        }
        for (double[] corner : corners) {
            for (Ground.Copy copy : ground.cell()) {
                copies.one(copy, Turn.move(corner[0], corner[1]).after(copy.at()));
            }
        }
    }

    private void one(Ground.Copy copy, Turn at) {
        double t = gradual.at(at.x(0, 0), at.y(0, 0), over);
        Turn placed = at;
        List<MotifLine> lines = copy.piece().lines();
        switch (gradual.what()) {
            case SCALE -> {
                double size = LARGEST + (SMALLEST - LARGEST) * t;
                placed = at.after(Turn.scale(size, 0, 0));
                lines = Fine.kept(lines, at.enlarges() * size);
            }
            case DENSITY -> {
                int kept = (int) Math.round(lines.size() * (1 - t));
                if (!copy.piece().motif() && t > 0.66) {
                    return;
                }
                lines = lines.subList(0, Math.max(1, Math.min(lines.size(), kept)));
            }
            case MOTIF -> {
                if (copy.piece().motif() && morph.isPresent()) {
                    lines = morph.get().at(t);
                }
            }
            default -> {
                // Weights change along each line.
            }
        }
        Box reach = new Box(-1.1, -1.1, 2.2, 2.2);
        if (!placed.of(reach).meets(zone.box())) {
            return;
        }
        for (MotifLine line : lines) {
            Path path = line.path().turned(placed);
            if (gradual.what() == Gradual.What.WEIGHT) {
                weighed(path, line.weight());
            } else {
                zone.add(new Inked(path, inking.weight(line.weight())));
            }
        }
    }

    /** A line in pieces of a weight each. */
    private void weighed(Path path, double share) {
        for (double[] line : Curves.flat(path, FLAT)) {
            Path.Builder piece = Path.builder();
            int before = -1;
            for (int i = 2; i < line.length; i += 2) {
                double mx = (line[i] + line[i - 2]) / 2;
                double my = (line[i + 1] + line[i - 1]) / 2;
                int step = (int) Math.round(STEPS * gradual.at(mx, my, over));
                if (step != before) {
                    keep(piece, before, share);
                    piece = Path.builder().move(line[i - 2], line[i - 1]);
                    before = step;
                }
                piece.line(line[i], line[i + 1]);
            }
            keep(piece, before, share);
        }
    }

    private void keep(Path.Builder piece, int step, double share) {
        if (step >= 0) {
            double factor = HEAVIEST * Math.pow(LIGHTEST / HEAVIEST, (double) step / STEPS);
            zone.add(new Inked(piece.build(), inking.weight(share * factor)));
        }
    }
}
