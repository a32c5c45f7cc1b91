package jorn.style;

import java.util.List;
import jorn.art.Palette.Role;

/** House, journeys and rest. */
final class HomeMotifs {
    private HomeMotifs() {}

    static List<Motif> all() {
        return List.of(
                new Motif("house", Motif.MotifGroup.HOME, 1.0, HomeMotifs::house),
                new Motif("hills", Motif.MotifGroup.HOME, 2.2, HomeMotifs::hills),
                new Motif("mountain", Motif.MotifGroup.HOME, 1.5, HomeMotifs::mountain),
                new Motif("compass", Motif.MotifGroup.HOME, 1.0, HomeMotifs::compass),
                new Motif("suitcase", Motif.MotifGroup.HOME, 1.2, HomeMotifs::suitcase),
                new Motif("candle", Motif.MotifGroup.HOME, 0.5, HomeMotifs::candle),
                new Motif("feather", Motif.MotifGroup.HOME, 0.6, HomeMotifs::feather),
                new Motif("key", Motif.MotifGroup.HOME, 0.5, HomeMotifs::key));
    }

    private static void house(Sketch s) {
        s.shape(0.08, 0.46, 0.5, 0.08, 0.92, 0.46).fill(Role.ACCENT);
        s.box(0.18, 0.48, 0.64, 0.46).fill(Role.SECOND);
        s.box(0.42, 0.64, 0.16, 0.3).fill(Role.TINT);
        s.box(0.7, 0.12, 0.1, 0.2).fill(Role.ACCENT);
    }

    private static void hills(Sketch s) {
        s.from(0.0, 0.62)
                .curve(0.4, 0.2, 0.8, 0.4, 1.1, 0.62)
                .curve(1.4, 0.3, 1.8, 0.24, 2.2, 0.56)
                .line(2.2, 0.98)
                .line(0.0, 0.98)
                .close()
                .fill(Role.SECOND);
        s.from(0.0, 0.82)
                .curve(0.5, 0.52, 1.0, 0.66, 1.4, 0.84)
                .curve(1.7, 0.7, 2.0, 0.7, 2.2, 0.8)
                .line(2.2, 0.98)
                .line(0.0, 0.98)
                .close()
                .fill(Role.ACCENT);
        s.circle(1.64, 0.2, 0.13).fill(Role.THIRD);
    }

    private static void mountain(Sketch s) {
        s.shape(0.05, 0.94, 0.62, 0.1, 1.1, 0.94).fill(Role.ACCENT);
        s.shape(0.7, 0.94, 1.06, 0.4, 1.45, 0.94).fill(Role.SECOND);
        s.shape(0.62, 0.1, 0.775, 0.37, 0.68, 0.32, 0.6, 0.42, 0.52, 0.33, 0.43, 0.38)
                .fill(Role.TINT);
    }

    private static void compass(Sketch s) {
        s.circle(0.5, 0.5, 0.47).stroke(Role.ACCENT, 1.4);
        s.shape(0.5, 0.1, 0.6, 0.5, 0.5, 0.9, 0.4, 0.5).fill(Role.SECOND);
        s.shape(0.5, 0.1, 0.6, 0.5, 0.4, 0.5).fill(Role.ACCENT);
    }

    private static void suitcase(Sketch s) {
        s.box(0.08, 0.3, 1.04, 0.62).fill(Role.ACCENT);
        s.from(0.42, 0.3).line(0.42, 0.12).line(0.78, 0.12).line(0.78, 0.3).stroke(Role.ACCENT, 1.8);
        s.box(0.26, 0.3, 0.08, 0.62).fill(Role.SECOND);
        s.box(0.86, 0.3, 0.08, 0.62).fill(Role.SECOND);
    }

    private static void candle(Sketch s) {
        s.box(0.14, 0.4, 0.22, 0.56).fill(Role.ACCENT);
        s.from(0.25, 0.04)
                .curve(0.38, 0.2, 0.36, 0.34, 0.25, 0.34)
                .curve(0.14, 0.34, 0.12, 0.2, 0.25, 0.04)
                .close()
                .fill(Role.SECOND);
    }

    private static void feather(Sketch s) {
        s.from(0.14, 0.97).curve(0.2, 0.6, 0.3, 0.3, 0.48, 0.05).stroke(Role.ACCENT, 1.2);
        s.from(0.18, 0.82)
                .curve(-0.02, 0.5, 0.2, 0.18, 0.48, 0.05)
                .curve(0.56, 0.3, 0.48, 0.62, 0.18, 0.82)
                .close()
                .fill(Role.SECOND);
        s.from(0.18, 0.82).curve(0.24, 0.5, 0.34, 0.26, 0.48, 0.05).stroke(Role.ACCENT);
    }

    private static void key(Sketch s) {
        s.circle(0.25, 0.2, 0.16).stroke(Role.ACCENT, 2);
        s.from(0.25, 0.36)
                .line(0.25, 0.96)
                .move(0.25, 0.8)
                .line(0.42, 0.8)
                .move(0.25, 0.92)
                .line(0.38, 0.92)
                .stroke(Role.ACCENT, 2);
    }
}
