package jorn.style;

import java.util.List;
import jorn.art.Palette.Role;

/** The year round. */
final class SeasonMotifs {
    private SeasonMotifs() {}

    static List<Motif> all() {
        return List.of(
                new Motif("snowdrop", Motif.MotifGroup.SEASONS, 0.7, SeasonMotifs::snowdrop),
                new Motif("catkin", Motif.MotifGroup.SEASONS, 0.9, SeasonMotifs::catkin),
                new Motif("blossom", Motif.MotifGroup.SEASONS, 1.0, SeasonMotifs::blossom),
                new Motif("butterfly", Motif.MotifGroup.SEASONS, 1.2, SeasonMotifs::butterfly),
                new Motif("strawberry", Motif.MotifGroup.SEASONS, 0.8, SeasonMotifs::strawberry),
                new Motif("wheat", Motif.MotifGroup.SEASONS, 0.6, SeasonMotifs::wheat),
                new Motif("apple", Motif.MotifGroup.SEASONS, 0.9, SeasonMotifs::apple),
                new Motif("oak-leaf", Motif.MotifGroup.SEASONS, 0.7, SeasonMotifs::oakLeaf),
                new Motif("toadstool", Motif.MotifGroup.SEASONS, 0.9, SeasonMotifs::toadstool),
                new Motif("holly", Motif.MotifGroup.SEASONS, 1.2, SeasonMotifs::holly),
                new Motif("bare-tree", Motif.MotifGroup.SEASONS, 0.9, SeasonMotifs::bareTree),
                new Motif("fir", Motif.MotifGroup.SEASONS, 0.7, SeasonMotifs::fir));
    }

    private static void snowdrop(Sketch s) {
        s.from(0.24, 0.97).curve(0.2, 0.5, 0.3, 0.1, 0.5, 0.2).stroke(Role.SECOND, 1.3);
        s.leaf(0.5, 0.22, 62, 0.3, 0.22).stroke(Role.ACCENT);
        s.leaf(0.5, 0.22, 90, 0.32, 0.22).fill(Role.ACCENT);
        s.leaf(0.5, 0.22, 118, 0.3, 0.22).stroke(Role.ACCENT);
        s.leaf(0.24, 0.97, -70, 0.5, 0.1).fill(Role.SECOND);
    }

    private static void catkin(Sketch s) {
        s.from(0.1, 0.06).curve(0.3, 0.1, 0.6, 0.1, 0.84, 0.04).stroke(Role.THIRD, 1.4);
        for (int k = 0; k < 3; k++) {
            for (int i = 0; i < 6; i++) {
                s.oval(0.22 + k * 0.23, 0.2 + i * 0.115 + k % 2 * 0.05, 0.07, 0.065)
                        .fill(i % 2 == 0 ? Role.ACCENT : Role.SECOND);
            }
        }
    }

    private static void blossom(Sketch s) {
        for (int i = 0; i < 5; i++) {
            double a = Math.toRadians(72 * i - 90);
            s.circle(0.5 + 0.26 * Math.cos(a), 0.5 + 0.26 * Math.sin(a), 0.21).fill(Role.ACCENT);
        }
        s.circle(0.5, 0.5, 0.1).fill(Role.SECOND);
        for (int i = 0; i < 10; i++) {
            double a = Math.toRadians(36 * i);
            s.circle(0.5 + 0.17 * Math.cos(a), 0.5 + 0.17 * Math.sin(a), 0.018).fill(Role.SECOND);
        }
    }

    private static void butterfly(Sketch s) {
        s.leaf(0.6, 0.5, -38, 0.6, 0.36).fill(Role.ACCENT);
        s.leaf(0.6, 0.5, 218, 0.6, 0.36).fill(Role.ACCENT);
        s.leaf(0.6, 0.54, 40, 0.46, 0.36).fill(Role.SECOND);
        s.leaf(0.6, 0.54, 140, 0.46, 0.36).fill(Role.SECOND);
        s.oval(0.6, 0.52, 0.035, 0.26).fill(Role.TEXT);
    }

    private static void strawberry(Sketch s) {
        s.from(0.4, 0.24)
                .curve(0.78, 0.14, 0.8, 0.5, 0.4, 0.97)
                .curve(0.0, 0.5, 0.02, 0.14, 0.4, 0.24)
                .close()
                .fill(Role.ACCENT);
        s.petals(0.4, 0.22, 5, -90, 0.2, 0.26, Role.SECOND);
    }

    private static void wheat(Sketch s) {
        s.from(0.3, 0.98).line(0.3, 0.1).stroke(Role.ACCENT);
        for (int i = 0; i < 6; i++) {
            double y = 0.56 - i * 0.085;
            s.leaf(0.3, y, -50, 0.2, 0.3).fill(Role.ACCENT);
            s.leaf(0.3, y, 230, 0.2, 0.3).fill(Role.SECOND);
        }
        s.leaf(0.3, 0.14, -90, 0.13, 0.3).fill(Role.ACCENT);
    }

    private static void apple(Sketch s) {
        s.from(0.45, 0.28)
                .curve(0.6, 0.16, 0.86, 0.22, 0.84, 0.54)
                .curve(0.82, 0.86, 0.6, 1.0, 0.45, 0.92)
                .curve(0.3, 1.0, 0.08, 0.86, 0.06, 0.54)
                .curve(0.04, 0.22, 0.3, 0.16, 0.45, 0.28)
                .close()
                .fill(Role.ACCENT);
        s.from(0.45, 0.3).bow(0.46, 0.14, 0.52, 0.06).stroke(Role.THIRD, 1.6);
        s.leaf(0.5, 0.16, -22, 0.28, 0.26).fill(Role.SECOND);
    }

    private static void oakLeaf(Sketch s) {
        s.from(0.35, 0.86)
                .curve(0.05, 0.84, 0.05, 0.66, 0.18, 0.64)
                .curve(0.0, 0.58, 0.02, 0.4, 0.16, 0.42)
                .curve(0.04, 0.3, 0.14, 0.18, 0.24, 0.24)
                .curve(0.22, 0.02, 0.48, 0.02, 0.46, 0.24)
                .curve(0.56, 0.18, 0.66, 0.3, 0.54, 0.42)
                .curve(0.68, 0.4, 0.7, 0.58, 0.52, 0.64)
                .curve(0.65, 0.66, 0.65, 0.84, 0.35, 0.86)
                .close()
                .fill(Role.ACCENT);
        s.from(0.35, 0.98).line(0.35, 0.22).stroke(Role.THIRD);
    }

    private static void toadstool(Sketch s) {
        s.from(0.34, 0.5)
                .curve(0.36, 0.7, 0.3, 0.86, 0.28, 0.96)
                .line(0.62, 0.96)
                .curve(0.6, 0.86, 0.54, 0.7, 0.56, 0.5)
                .close()
                .stroke(Role.ACCENT);
        s.from(0.04, 0.52).curve(0.06, 0.02, 0.84, 0.02, 0.86, 0.52).close().fill(Role.ACCENT);
        s.from(0.02, 0.54).line(0.88, 0.54).stroke(Role.SECOND, 1.6);
    }

    private static void holly(Sketch s) {
        for (int side = 0; side < 2; side++) {
            double m = side == 0 ? 1 : -1;
            double c = 0.6;
            s.from(c, 0.62)
                    .bow(c + m * 0.16, 0.5, c + m * 0.14, 0.36)
                    .bow(c + m * 0.28, 0.42, c + m * 0.36, 0.26)
                    .bow(c + m * 0.42, 0.36, c + m * 0.56, 0.26)
                    .bow(c + m * 0.5, 0.42, c + m * 0.54, 0.52)
                    .bow(c + m * 0.42, 0.5, c + m * 0.36, 0.62)
                    .bow(c + m * 0.24, 0.56, c, 0.62)
                    .close()
                    .fill(side == 0 ? Role.ACCENT : Role.SECOND);
        }
        s.circle(0.6, 0.72, 0.08).fill(Role.THIRD);
        s.circle(0.49, 0.64, 0.07).fill(Role.THIRD);
        s.circle(0.71, 0.64, 0.07).fill(Role.THIRD);
    }

    private static void bareTree(Sketch s) {
        s.from(0.45, 0.98).curve(0.44, 0.7, 0.47, 0.5, 0.45, 0.08).stroke(Role.ACCENT, 1.8);
        for (int i = 0; i < 5; i++) {
            double y = 0.66 - i * 0.1;
            double l = 0.34 - i * 0.045;
            s.from(0.45, y).bow(0.45 + l * 0.5, y - 0.04, 0.45 + l, y - 0.22).stroke(Role.ACCENT);
            s.from(0.45, y - 0.05)
                    .bow(0.45 - l * 0.5, y - 0.09, 0.45 - l, y - 0.26)
                    .stroke(Role.ACCENT);
        }
    }

    private static void fir(Sketch s) {
        for (int i = 0; i < 4; i++) {
            double y = 0.04 + i * 0.2;
            double half = 0.13 + i * 0.065;
            s.shape(0.35, y, 0.35 + half, y + 0.28, 0.35 - half, y + 0.28).fill(i % 2 == 0 ? Role.ACCENT : Role.SECOND);
        }
        s.box(0.31, 0.9, 0.08, 0.08).fill(Role.THIRD);
    }
}
