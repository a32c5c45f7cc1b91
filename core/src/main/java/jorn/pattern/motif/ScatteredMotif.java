package jorn.pattern.motif;

import java.util.ArrayList;
import java.util.List;
import jorn.chance.Dice;
import jorn.json.Required;
import jorn.say.Wording;

/**
 * Strokes of mixed weights, scattered by a seed: a round shape, and bent strokes that lead from one line to another, so that every field
 * between them is closed.
 */
public record ScatteredMotif(@Required Long seed) implements PatternMotif {
    private static final int FINE_ENOUGH = 60;
    private static final double[] WEIGHTS = {0.6, 0.8, 1, 1.3};

    @Override
    public List<MotifLine> lines() {
        Dice dice = Dice.of(seed);
        List<MotifLine> lines = new ArrayList<>();
        List<double[]> there = new ArrayList<>();
        int corners = 5 + dice.below(4);
        double[] outline = new double[2 * corners];
        for (int i = 0; i < corners; i++) {
            double r = 0.55 + 0.42 * dice.share();
            double t = 2 * Math.PI * (i + 0.5 * dice.share()) / corners;
            outline[2 * i] = r * Math.cos(t);
            outline[2 * i + 1] = r * Math.sin(t);
        }
        add(Curves.through(outline, true), 1.3, lines, there);
        int strokes = 5 + dice.below(4);
        for (int i = 0; i < strokes; i++) {
            double[] a = spot(dice, there);
            double[] b = spot(dice, there);
            double far = Math.hypot(b[0] - a[0], b[1] - a[1]);
            if (far < 0.35) {
                continue;
            }
            double bend = (dice.share() - 0.5) * 0.9;
            double mx = (a[0] + b[0]) / 2 - (b[1] - a[1]) * bend;
            double my = (a[1] + b[1]) / 2 + (b[0] - a[0]) * bend;
            double out = Math.hypot(mx, my);
            if (out > 0.95) {
                mx *= 0.95 / out;
                my *= 0.95 / out;
            }
            add(
                    Curves.through(new double[] {a[0], a[1], mx, my, b[0], b[1]}, false),
                    WEIGHTS[dice.below(WEIGHTS.length)],
                    lines,
                    there);
        }
        return lines;
    }

    private static void add(jorn.art.Path path, double weight, List<MotifLine> lines, List<double[]> there) {
        lines.add(new MotifLine(path, weight));
        there.addAll(Curves.flat(path, 0.002));
    }

    /** A point on a line that is there. */
    private static double[] spot(Dice dice, List<double[]> there) {
        double[] line = there.get(dice.below(there.size()));
        double[] points = Curves.spaced(line, FINE_ENOUGH);
        int i = dice.below(FINE_ENOUGH - 1);
        return new double[] {points[2 * i], points[2 * i + 1]};
    }

    @Override
    public String word() {
        return Wording.of("pattern.motif.scattered");
    }
}
