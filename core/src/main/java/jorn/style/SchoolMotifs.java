package jorn.style;

import java.util.List;
import jorn.art.Palette.Role;

/** Pencils, kites and things to do. */
final class SchoolMotifs {
    private SchoolMotifs() {}

    static List<Motif> all() {
        return List.of(
                new Motif("pencil", Motif.MotifGroup.SCHOOL, 0.4, SchoolMotifs::pencil),
                new Motif("kite", Motif.MotifGroup.SCHOOL, 1.0, SchoolMotifs::kite),
                new Motif("open-book", Motif.MotifGroup.SCHOOL, 1.4, SchoolMotifs::openBook),
                new Motif("ruler", Motif.MotifGroup.SCHOOL, 2.0, SchoolMotifs::ruler),
                new Motif("rocket", Motif.MotifGroup.SCHOOL, 0.7, SchoolMotifs::rocket),
                new Motif("balloon", Motif.MotifGroup.SCHOOL, 0.7, SchoolMotifs::balloon),
                new Motif("heart", Motif.MotifGroup.SCHOOL, 1.0, SchoolMotifs::heart));
    }

    private static void pencil(Sketch s) {
        s.box(0.1, 0.16, 0.2, 0.56).fill(Role.ACCENT);
        s.shape(0.1, 0.74, 0.3, 0.74, 0.2, 0.97).stroke(Role.ACCENT);
        s.shape(0.165, 0.89, 0.235, 0.89, 0.2, 0.97).fill(Role.TEXT);
        s.box(0.1, 0.04, 0.2, 0.1).fill(Role.SECOND);
    }

    private static void kite(Sketch s) {
        s.shape(0.5, 0.04, 0.82, 0.34, 0.5, 0.74, 0.18, 0.34).fill(Role.ACCENT);
        s.shape(0.5, 0.04, 0.82, 0.34, 0.5, 0.34).fill(Role.SECOND);
        s.shape(0.5, 0.34, 0.5, 0.74, 0.18, 0.34).fill(Role.THIRD);
        s.from(0.5, 0.74).curve(0.7, 0.82, 0.3, 0.88, 0.56, 0.98).stroke(Role.FOURTH, 1.4);
    }

    private static void openBook(Sketch s) {
        s.from(0.7, 0.26)
                .curve(0.5, 0.1, 0.26, 0.12, 0.08, 0.18)
                .line(0.08, 0.84)
                .curve(0.26, 0.78, 0.5, 0.76, 0.7, 0.92)
                .curve(0.9, 0.76, 1.14, 0.78, 1.32, 0.84)
                .line(1.32, 0.18)
                .curve(1.14, 0.12, 0.9, 0.1, 0.7, 0.26)
                .close()
                .stroke(Role.ACCENT, 1.5);
        s.from(0.7, 0.26).line(0.7, 0.92).stroke(Role.ACCENT, 1.5);
        for (int i = 0; i < 3; i++) {
            double y = 0.34 + i * 0.14;
            s.from(0.2, y)
                    .bow(0.4, y - 0.05, 0.58, y + 0.04)
                    .move(0.82, y + 0.04)
                    .bow(1.0, y - 0.05, 1.2, y)
                    .stroke(Role.SECOND);
        }
    }

    private static void ruler(Sketch s) {
        s.box(0.04, 0.3, 1.92, 0.4).stroke(Role.ACCENT, 1.4);
        for (int i = 1; i < 16; i++) {
            s.from(0.04 + i * 0.12, 0.3)
                    .line(0.04 + i * 0.12, i % 4 == 0 ? 0.54 : 0.42)
                    .stroke(Role.ACCENT);
        }
    }

    private static void rocket(Sketch s) {
        s.from(0.35, 0.03)
                .curve(0.6, 0.24, 0.56, 0.56, 0.5, 0.72)
                .line(0.2, 0.72)
                .curve(0.14, 0.56, 0.1, 0.24, 0.35, 0.03)
                .close()
                .fill(Role.ACCENT);
        s.circle(0.35, 0.36, 0.09).fill(Role.TINT);
        s.shape(0.18, 0.52, 0.18, 0.74, 0.03, 0.84).fill(Role.SECOND);
        s.shape(0.52, 0.52, 0.52, 0.74, 0.67, 0.84).fill(Role.SECOND);
        s.shape(0.25, 0.75, 0.45, 0.75, 0.35, 0.98).fill(Role.THIRD);
    }

    private static void balloon(Sketch s) {
        s.oval(0.35, 0.34, 0.29, 0.32).fill(Role.ACCENT);
        s.shape(0.3, 0.7, 0.4, 0.7, 0.35, 0.63).fill(Role.ACCENT);
        s.from(0.35, 0.7).curve(0.46, 0.8, 0.24, 0.88, 0.36, 0.98).stroke(Role.SECOND);
    }

    private static void heart(Sketch s) {
        s.from(0.5, 0.94)
                .curve(0.02, 0.62, 0.0, 0.08, 0.28, 0.08)
                .curve(0.42, 0.08, 0.48, 0.2, 0.5, 0.26)
                .curve(0.52, 0.2, 0.58, 0.08, 0.72, 0.08)
                .curve(1.0, 0.08, 0.98, 0.62, 0.5, 0.94)
                .close()
                .fill(Role.ACCENT);
    }
}
