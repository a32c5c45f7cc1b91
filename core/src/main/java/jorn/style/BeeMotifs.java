package jorn.style;

import java.util.List;
import jorn.art.Palette.Role;

/** Combs, bees and what keeps them. */
final class BeeMotifs {
    private BeeMotifs() {}

    static List<Motif> all() {
        return List.of(
                new Motif("comb", Motif.MotifGroup.BEES, 1.5, BeeMotifs::comb),
                new Motif("cell", Motif.MotifGroup.BEES, 0.9, BeeMotifs::cell),
                new Motif("bee", Motif.MotifGroup.BEES, 1.3, BeeMotifs::bee),
                new Motif("skep", Motif.MotifGroup.BEES, 1.0, BeeMotifs::skep),
                new Motif("hive", Motif.MotifGroup.BEES, 0.9, BeeMotifs::hive),
                new Motif("smoke", Motif.MotifGroup.BEES, 0.8, BeeMotifs::smoke),
                new Motif("honey-jar", Motif.MotifGroup.BEES, 0.8, BeeMotifs::honeyJar));
    }

    private static void comb(Sketch s) {
        double r = 0.24;
        double dx = r * Math.sqrt(3);
        double[][] cells = {
            {0.75 - dx, 0.26},
            {0.75, 0.26},
            {0.75 + dx, 0.26},
            {0.75 - dx / 2, 0.62 + 0.01},
            {0.75 + dx / 2, 0.62 + 0.01}
        };
        for (int i = 0; i < cells.length; i++) {
            if (i == 1 || i == 3) {
                s.polygon(cells[i][0], cells[i][1], r * 0.88, 6).fill(i == 1 ? Role.ACCENT : Role.SECOND);
            } else {
                s.polygon(cells[i][0], cells[i][1], r * 0.88, 6).stroke(Role.ACCENT);
            }
        }
    }

    private static void cell(Sketch s) {
        s.polygon(0.45, 0.5, 0.48, 6).stroke(Role.ACCENT, 1.4);
        s.polygon(0.45, 0.5, 0.3, 6).fill(Role.ACCENT);
    }

    private static void bee(Sketch s) {
        s.leaf(0.62, 0.42, -118, 0.42, 0.3).stroke(Role.ACCENT);
        s.leaf(0.7, 0.42, -66, 0.42, 0.3).stroke(Role.ACCENT);
        s.oval(0.66, 0.62, 0.36, 0.22).fill(Role.SECOND);
        for (double x : new double[] {0.52, 0.68, 0.84}) {
            double h = 0.22 * Math.sqrt(1 - Math.pow((x - 0.66) / 0.36, 2));
            s.box(x - 0.035, 0.62 - h, 0.07, 2 * h).fill(Role.ACCENT);
        }
        s.circle(0.28, 0.6, 0.11).fill(Role.ACCENT);
        s.from(0.22, 0.52).bow(0.14, 0.4, 0.06, 0.4).stroke(Role.ACCENT);
        s.from(0.28, 0.5).bow(0.24, 0.36, 0.16, 0.3).stroke(Role.ACCENT);
    }

    private static void skep(Sketch s) {
        for (int i = 0; i < 6; i++) {
            double y = 0.9 - i * 0.14;
            double half = 0.46 * Math.sqrt(1 - Math.pow(i / 6.4, 2));
            s.oval(0.5, y, half, 0.075).fill(i % 2 == 0 ? Role.ACCENT : Role.SECOND);
        }
        s.arc(0.5, 0.92, 0.1, 180, 360).close().fill(Role.TEXT);
    }

    private static void hive(Sketch s) {
        s.shape(0.08, 0.2, 0.45, 0.04, 0.82, 0.2).fill(Role.ACCENT);
        s.box(0.12, 0.22, 0.66, 0.3).fill(Role.SECOND);
        s.box(0.12, 0.54, 0.66, 0.3).fill(Role.ACCENT);
        s.box(0.05, 0.86, 0.8, 0.05).fill(Role.THIRD);
        s.box(0.3, 0.79, 0.3, 0.05).fill(Role.TEXT);
        s.from(0.16, 0.91).line(0.16, 0.99).move(0.74, 0.91).line(0.74, 0.99).stroke(Role.THIRD, 1.6);
    }

    private static void smoke(Sketch s) {
        for (int i = 0; i < 4; i++) {
            double x = 0.22 + i * 0.12;
            s.from(x, 0.62)
                    .curve(x - 0.1, 0.48, x + 0.1, 0.36, x, 0.22)
                    .curve(x - 0.05, 0.15, x + 0.02, 0.1, x + 0.03, 0.04)
                    .stroke(Role.SECOND);
        }
        s.shape(0.12, 0.66, 0.68, 0.66, 0.58, 0.96, 0.22, 0.96).fill(Role.ACCENT);
    }

    private static void honeyJar(Sketch s) {
        s.box(0.18, 0.05, 0.44, 0.14).fill(Role.ACCENT);
        s.from(0.16, 0.22)
                .line(0.64, 0.22)
                .bow(0.74, 0.24, 0.74, 0.36)
                .line(0.74, 0.86)
                .bow(0.74, 0.97, 0.62, 0.97)
                .line(0.18, 0.97)
                .bow(0.06, 0.97, 0.06, 0.86)
                .line(0.06, 0.36)
                .bow(0.06, 0.24, 0.16, 0.22)
                .close()
                .stroke(Role.ACCENT);
        s.shape(0.11, 0.42, 0.69, 0.42, 0.69, 0.92, 0.11, 0.92).fill(Role.SECOND);
    }
}
