package jorn.style;

import java.util.List;
import jorn.art.Palette.Role;

/** Small signs that are set in rows, and dividers. */
final class BandMotifs {
    private BandMotifs() {}

    static List<Motif> all() {
        return List.of(
                new Motif("diamond", Motif.MotifGroup.BANDS, 0.6, BandMotifs::diamond),
                new Motif("dot", Motif.MotifGroup.BANDS, 0.6, BandMotifs::dot),
                new Motif("floret", Motif.MotifGroup.BANDS, 1.0, BandMotifs::floret),
                new Motif("quatrefoil", Motif.MotifGroup.BANDS, 1.0, BandMotifs::quatrefoil),
                new Motif("asterisk", Motif.MotifGroup.BANDS, 1.0, BandMotifs::asterisk),
                new Motif("leaf-pair", Motif.MotifGroup.BANDS, 1.4, BandMotifs::leafPair),
                new Motif("scallops", Motif.MotifGroup.BANDS, 2.0, BandMotifs::scallops),
                new Motif("zigzag", Motif.MotifGroup.BANDS, 2.0, BandMotifs::zigzag),
                new Motif("divider", Motif.MotifGroup.BANDS, 4.0, BandMotifs::divider),
                new Motif("flourish", Motif.MotifGroup.BANDS, 4.0, BandMotifs::flourish),
                new Motif("garland", Motif.MotifGroup.BANDS, 4.0, BandMotifs::garland));
    }

    private static void diamond(Sketch s) {
        s.shape(0.3, 0.05, 0.55, 0.5, 0.3, 0.95, 0.05, 0.5).fill(Role.ACCENT);
    }

    private static void dot(Sketch s) {
        s.circle(0.3, 0.5, 0.2).fill(Role.ACCENT);
    }

    private static void floret(Sketch s) {
        s.petals(0.5, 0.5, 6, -90, 0.46, 0.24, Role.ACCENT);
    }

    private static void quatrefoil(Sketch s) {
        for (int i = 0; i < 4; i++) {
            double a = Math.PI * i / 2;
            s.circle(0.5 + 0.27 * Math.cos(a), 0.5 + 0.27 * Math.sin(a), 0.2).fill(Role.ACCENT);
        }
    }

    private static void asterisk(Sketch s) {
        for (int i = 0; i < 3; i++) {
            double a = Math.PI * i / 3 + Math.PI / 6;
            s.from(0.5 - 0.4 * Math.cos(a), 0.5 - 0.4 * Math.sin(a))
                    .line(0.5 + 0.4 * Math.cos(a), 0.5 + 0.4 * Math.sin(a))
                    .stroke(Role.ACCENT, 3);
        }
    }

    private static void leafPair(Sketch s) {
        s.leaf(0.7, 0.5, 0, 0.62, 0.24).fill(Role.ACCENT);
        s.leaf(0.7, 0.5, 180, 0.62, 0.24).fill(Role.SECOND);
    }

    private static void scallops(Sketch s) {
        for (int i = 0; i < 4; i++) {
            s.arc(0.25 + i * 0.5, 0.3, 0.24, 0, 180).stroke(Role.ACCENT, 1.4);
            s.arc(0.25 + i * 0.5, 0.3, 0.13, 0, 180).stroke(Role.SECOND, 1.4);
        }
    }

    private static void zigzag(Sketch s) {
        for (int row = 0; row < 2; row++) {
            Sketch.Line line = s.from(0.04, 0.66 - row * 0.28);
            for (int i = 1; i <= 12; i++) {
                line.line(0.04 + i * 0.16, (i % 2 == 0 ? 0.66 : 0.4) - row * 0.28);
            }
            line.stroke(row == 0 ? Role.ACCENT : Role.SECOND, 1.6);
        }
    }

    private static void divider(Sketch s) {
        s.from(0.1, 0.5).line(1.6, 0.5).move(2.4, 0.5).line(3.9, 0.5).stroke(Role.ACCENT, 1.2);
        s.shape(2.0, 0.1, 2.3, 0.5, 2.0, 0.9, 1.7, 0.5).fill(Role.ACCENT);
    }

    private static void flourish(Sketch s) {
        s.from(2.0, 0.5)
                .curve(1.6, 0.0, 1.2, 0.1, 0.9, 0.5)
                .curve(0.6, 0.9, 0.3, 0.8, 0.1, 0.5)
                .stroke(Role.ACCENT, 1.6);
        s.from(2.0, 0.5)
                .curve(2.4, 1.0, 2.8, 0.9, 3.1, 0.5)
                .curve(3.4, 0.1, 3.7, 0.2, 3.9, 0.5)
                .stroke(Role.ACCENT, 1.6);
        s.circle(2.0, 0.5, 0.12).fill(Role.SECOND);
    }

    private static void garland(Sketch s) {
        s.from(0.05, 0.2).curve(1.0, 0.75, 3.0, 0.75, 3.95, 0.2).stroke(Role.ACCENT);
        for (int i = 0; i < 9; i++) {
            double x = 0.35 + i * 0.41;
            double t = (x - 0.05) / 3.9;
            double y = 0.2 + 0.41 * 4 * t * (1 - t);
            Role[] by = {Role.ACCENT, Role.SECOND, Role.THIRD, Role.FOURTH};
            s.shape(x - 0.13, y, x + 0.13, y, x, y + 0.34).fill(by[i % 4]);
        }
    }
}
