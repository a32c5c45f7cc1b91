package jorn.style;

import java.util.List;
import jorn.art.Palette.Role;

/** Sprigs, wreaths, flowers and trees. */
final class PlantMotifs {
    private PlantMotifs() {}

    static List<Motif> all() {
        return List.of(
                new Motif("sprig", Motif.MotifGroup.PLANTS, 1.6, PlantMotifs::sprig),
                new Motif("fern", Motif.MotifGroup.PLANTS, 0.8, PlantMotifs::fern),
                new Motif("branch", Motif.MotifGroup.PLANTS, 1.5, PlantMotifs::branch),
                new Motif("wreath", Motif.MotifGroup.PLANTS, 1.0, PlantMotifs::wreath),
                new Motif("half-wreath", Motif.MotifGroup.PLANTS, 1.0, PlantMotifs::halfWreath),
                new Motif("daisy", Motif.MotifGroup.PLANTS, 1.0, PlantMotifs::daisy),
                new Motif("tulip", Motif.MotifGroup.PLANTS, 0.7, PlantMotifs::tulip),
                new Motif("poppy", Motif.MotifGroup.PLANTS, 0.8, PlantMotifs::poppy),
                new Motif("clover", Motif.MotifGroup.PLANTS, 0.8, PlantMotifs::clover),
                new Motif("tree", Motif.MotifGroup.PLANTS, 0.9, PlantMotifs::tree));
    }

    private static void sprig(Sketch s) {
        s.from(0.05, 0.72).curve(0.5, 0.3, 1.0, 0.75, 1.55, 0.28).stroke(Role.ACCENT);
        for (int i = 0; i < 7; i++) {
            double x = 0.2 + i * 0.19;
            double y = 0.62 - i * 0.045 + 0.03 * Math.sin(i * 1.4);
            boolean up = i % 2 == 0;
            s.leaf(x, y, up ? -62 : 58, 0.3 - i * 0.012, 0.24).fill(up ? Role.ACCENT : Role.SECOND);
        }
    }

    private static void fern(Sketch s) {
        s.from(0.4, 0.98).curve(0.36, 0.6, 0.44, 0.3, 0.4, 0.04).stroke(Role.ACCENT);
        for (int i = 0; i < 9; i++) {
            double y = 0.88 - i * 0.09;
            double length = 0.36 - Math.abs(i - 2) * 0.035;
            s.leaf(0.4, y, -28, length, 0.16).fill(Role.ACCENT);
            s.leaf(0.4, y, 208, length, 0.16).fill(Role.SECOND);
        }
    }

    private static void branch(Sketch s) {
        s.from(0.04, 0.9).curve(0.4, 0.86, 0.9, 0.6, 1.44, 0.1).stroke(Role.ACCENT, 1.3);
        for (int i = 0; i < 6; i++) {
            double t = 0.12 + i * 0.15;
            double x = 0.04 + 1.4 * t;
            double y = 0.9 - 0.8 * t * t;
            s.leaf(x, y, -118 + i * 5, 0.27, 0.3).fill(i % 3 == 1 ? Role.SECOND : Role.ACCENT);
            s.leaf(x + 0.05, y - 0.02, 18 - i * 4, 0.25, 0.3).fill(i % 3 == 2 ? Role.THIRD : Role.SECOND);
        }
    }

    private static void wreath(Sketch s) {
        for (int i = 0; i < 34; i++) {
            double a = 360.0 * i / 34;
            double r = 0.37 + 0.03 * s.chance();
            double x = 0.5 + r * Math.cos(Math.toRadians(a));
            double y = 0.5 + r * Math.sin(Math.toRadians(a));
            Role role = i % 5 == 0 ? Role.THIRD : i % 2 == 0 ? Role.ACCENT : Role.SECOND;
            s.leaf(x, y, a + 90 + (i % 2 == 0 ? -34 : 34), 0.12 + 0.04 * s.chance(), 0.3)
                    .fill(role);
        }
        for (int i = 0; i < 9; i++) {
            double a = Math.toRadians(40 * i + 14);
            s.circle(0.5 + 0.37 * Math.cos(a), 0.5 + 0.37 * Math.sin(a), 0.018).fill(Role.FOURTH);
        }
    }

    private static void halfWreath(Sketch s) {
        for (int i = 0; i < 22; i++) {
            double a = 30 + 240.0 * i / 21;
            double x = 0.5 + 0.4 * Math.cos(Math.toRadians(a));
            double y = 0.5 + 0.4 * Math.sin(Math.toRadians(a));
            s.leaf(x, y, a + 90 + (i % 2 == 0 ? -40 : 40), 0.095, 0.3).fill(i % 2 == 0 ? Role.ACCENT : Role.SECOND);
        }
    }

    private static void daisy(Sketch s) {
        s.petals(0.5, 0.5, 13, 0, 0.47, 0.15, Role.ACCENT);
        s.circle(0.5, 0.5, 0.13).fill(Role.SECOND);
    }

    private static void tulip(Sketch s) {
        s.from(0.35, 0.42).curve(0.37, 0.6, 0.34, 0.8, 0.35, 0.98).stroke(Role.SECOND, 1.4);
        s.leaf(0.35, 0.94, -128, 0.4, 0.17).fill(Role.SECOND);
        s.leaf(0.35, 0.94, -54, 0.36, 0.17).fill(Role.SECOND);
        s.from(0.14, 0.04)
                .curve(0.08, 0.3, 0.16, 0.46, 0.35, 0.46)
                .curve(0.54, 0.46, 0.62, 0.3, 0.56, 0.04)
                .line(0.45, 0.16)
                .line(0.35, 0.02)
                .line(0.25, 0.16)
                .close()
                .fill(Role.ACCENT);
    }

    private static void poppy(Sketch s) {
        s.from(0.4, 0.4).curve(0.44, 0.6, 0.36, 0.8, 0.42, 0.98).stroke(Role.SECOND);
        for (int i = 0; i < 4; i++) {
            double a = Math.toRadians(45 + 90 * i);
            s.circle(0.4 + 0.14 * Math.cos(a), 0.28 + 0.12 * Math.sin(a), 0.15).fill(Role.ACCENT);
        }
        s.circle(0.4, 0.28, 0.075).fill(Role.THIRD);
        s.leaf(0.4, 0.86, -30, 0.3, 0.2).fill(Role.SECOND);
    }

    private static void clover(Sketch s) {
        for (int i = 0; i < 3; i++) {
            double a = 150 + 120 * i;
            double x = 0.4 + 0.17 * Math.cos(Math.toRadians(a + 120));
            double y = 0.36 + 0.17 * Math.sin(Math.toRadians(a + 120));
            s.circle(x, y, 0.16).fill(i == 1 ? Role.SECOND : Role.ACCENT);
        }
        s.from(0.4, 0.36).curve(0.4, 0.6, 0.36, 0.8, 0.5, 0.97).stroke(Role.ACCENT, 1.4);
    }

    private static void tree(Sketch s) {
        s.from(0.45, 0.98).line(0.45, 0.5).stroke(Role.THIRD, 2);
        s.from(0.45, 0.8).line(0.62, 0.64).stroke(Role.THIRD);
        s.from(0.45, 0.72).line(0.3, 0.58).stroke(Role.THIRD);
        s.circle(0.45, 0.27, 0.25).fill(Role.ACCENT);
        s.circle(0.24, 0.42, 0.17).fill(Role.SECOND);
        s.circle(0.67, 0.42, 0.17).fill(Role.ACCENT);
    }
}
