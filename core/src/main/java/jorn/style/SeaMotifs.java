package jorn.style;

import java.util.List;
import jorn.art.Palette.Role;

/** Waves, boats and the shore. */
final class SeaMotifs {
    private SeaMotifs() {}

    static List<Motif> all() {
        return List.of(
                new Motif("waves", Motif.MotifGroup.SEA, 2.4, SeaMotifs::waves),
                new Motif("boat", Motif.MotifGroup.SEA, 1.0, SeaMotifs::boat),
                new Motif("shell", Motif.MotifGroup.SEA, 1.0, SeaMotifs::shell),
                new Motif("fish", Motif.MotifGroup.SEA, 1.6, SeaMotifs::fish),
                new Motif("anchor", Motif.MotifGroup.SEA, 0.8, SeaMotifs::anchor),
                new Motif("lighthouse", Motif.MotifGroup.SEA, 0.7, SeaMotifs::lighthouse));
    }

    private static void waves(Sketch s) {
        for (int row = 0; row < 3; row++) {
            double y = 0.24 + row * 0.27;
            for (int i = 0; i < 6; i++) {
                double x = 0.03 + i * 0.39;
                s.from(x, y)
                        .curve(x + 0.1, y - 0.2, x + 0.29, y - 0.2, x + 0.39, y)
                        .stroke(row == 1 ? Role.SECOND : Role.ACCENT, 1.3);
            }
        }
    }

    private static void boat(Sketch s) {
        s.from(0.06, 0.66)
                .line(0.94, 0.66)
                .curve(0.86, 0.9, 0.72, 0.92, 0.5, 0.92)
                .curve(0.28, 0.92, 0.14, 0.9, 0.06, 0.66)
                .close()
                .fill(Role.ACCENT);
        s.from(0.48, 0.64).line(0.48, 0.04).stroke(Role.ACCENT, 1.5);
        s.shape(0.53, 0.08, 0.88, 0.58, 0.53, 0.58).fill(Role.SECOND);
        s.shape(0.43, 0.18, 0.43, 0.58, 0.16, 0.58).fill(Role.THIRD);
    }

    private static void shell(Sketch s) {
        s.from(0.5, 0.95)
                .curve(0.1, 0.8, 0.0, 0.4, 0.1, 0.28)
                .bow(0.2, 0.1, 0.3, 0.18)
                .bow(0.4, 0.02, 0.5, 0.12)
                .bow(0.6, 0.02, 0.7, 0.18)
                .bow(0.8, 0.1, 0.9, 0.28)
                .curve(1.0, 0.4, 0.9, 0.8, 0.5, 0.95)
                .close()
                .stroke(Role.ACCENT, 1.3);
        for (double x : new double[] {0.18, 0.34, 0.5, 0.66, 0.82}) {
            s.from(0.5, 0.9).line(x, 0.3).stroke(Role.SECOND);
        }
    }

    private static void fish(Sketch s) {
        s.from(0.1, 0.5)
                .curve(0.4, 0.1, 0.9, 0.1, 1.14, 0.5)
                .curve(0.9, 0.9, 0.4, 0.9, 0.1, 0.5)
                .close()
                .fill(Role.ACCENT);
        s.shape(1.08, 0.5, 1.5, 0.2, 1.4, 0.5, 1.5, 0.8).fill(Role.SECOND);
        s.circle(0.36, 0.44, 0.045).fill(Role.TINT);
    }

    private static void anchor(Sketch s) {
        s.circle(0.4, 0.13, 0.09).stroke(Role.ACCENT, 1.8);
        s.from(0.4, 0.22).line(0.4, 0.92).move(0.24, 0.36).line(0.56, 0.36).stroke(Role.ACCENT, 1.8);
        s.from(0.08, 0.62)
                .curve(0.1, 0.86, 0.28, 0.93, 0.4, 0.93)
                .curve(0.52, 0.93, 0.7, 0.86, 0.72, 0.62)
                .stroke(Role.ACCENT, 1.8);
    }

    private static void lighthouse(Sketch s) {
        s.shape(0.24, 0.32, 0.46, 0.32, 0.54, 0.95, 0.16, 0.95).fill(Role.ACCENT);
        s.shape(0.215, 0.5, 0.485, 0.5, 0.51, 0.68, 0.19, 0.68).fill(Role.TINT);
        s.box(0.26, 0.18, 0.18, 0.12).fill(Role.SECOND);
        s.shape(0.22, 0.17, 0.35, 0.05, 0.48, 0.17).fill(Role.ACCENT);
    }
}
