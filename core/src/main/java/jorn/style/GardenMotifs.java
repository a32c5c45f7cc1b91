package jorn.style;

import java.util.List;
import jorn.art.Palette.Role;

/** Tools, pots and beds. */
final class GardenMotifs {
    private GardenMotifs() {}

    static List<Motif> all() {
        return List.of(
                new Motif("flower-pot", Motif.MotifGroup.GARDEN, 0.9, GardenMotifs::flowerPot),
                new Motif("watering-can", Motif.MotifGroup.GARDEN, 1.4, GardenMotifs::wateringCan),
                new Motif("trowel", Motif.MotifGroup.GARDEN, 0.5, GardenMotifs::trowel),
                new Motif("seedling", Motif.MotifGroup.GARDEN, 0.9, GardenMotifs::seedling),
                new Motif("carrot", Motif.MotifGroup.GARDEN, 0.6, GardenMotifs::carrot),
                new Motif("fence", Motif.MotifGroup.GARDEN, 2.0, GardenMotifs::fence));
    }

    private static void flowerPot(Sketch s) {
        s.shape(0.2, 0.6, 0.7, 0.6, 0.62, 0.96, 0.28, 0.96).fill(Role.THIRD);
        s.box(0.16, 0.5, 0.58, 0.11).fill(Role.THIRD);
        s.from(0.45, 0.5).line(0.45, 0.2).stroke(Role.SECOND, 1.5);
        s.leaf(0.45, 0.46, -42, 0.34, 0.24).fill(Role.ACCENT);
        s.leaf(0.45, 0.46, 222, 0.34, 0.24).fill(Role.ACCENT);
        s.leaf(0.45, 0.3, -90, 0.26, 0.26).fill(Role.SECOND);
    }

    private static void wateringCan(Sketch s) {
        s.shape(0.42, 0.42, 0.96, 0.42, 0.92, 0.92, 0.46, 0.92).fill(Role.ACCENT);
        s.shape(0.46, 0.72, 0.46, 0.84, 0.12, 0.3, 0.18, 0.26).fill(Role.ACCENT);
        s.from(0.04, 0.34).line(0.24, 0.16).stroke(Role.SECOND, 2.2);
        s.from(0.94, 0.5).curve(1.36, 0.4, 1.34, 0.84, 0.92, 0.82).stroke(Role.SECOND, 2);
        s.from(0.52, 0.42).curve(0.52, 0.12, 0.86, 0.12, 0.86, 0.42).stroke(Role.SECOND, 1.6);
    }

    private static void trowel(Sketch s) {
        s.from(0.25, 0.97)
                .curve(0.08, 0.86, 0.06, 0.66, 0.1, 0.52)
                .line(0.4, 0.52)
                .curve(0.44, 0.66, 0.42, 0.86, 0.25, 0.97)
                .close()
                .fill(Role.ACCENT);
        s.from(0.25, 0.52).line(0.25, 0.36).stroke(Role.ACCENT, 2);
        s.box(0.19, 0.05, 0.12, 0.32).fill(Role.SECOND);
    }

    private static void seedling(Sketch s) {
        s.from(0.45, 0.8).line(0.45, 0.4).stroke(Role.ACCENT, 1.6);
        s.leaf(0.45, 0.44, -30, 0.44, 0.3).fill(Role.ACCENT);
        s.leaf(0.45, 0.44, 210, 0.44, 0.3).fill(Role.SECOND);
        s.from(0.1, 0.94).bow(0.45, 0.66, 0.8, 0.94).stroke(Role.THIRD, 1.8);
    }

    private static void carrot(Sketch s) {
        s.from(0.14, 0.34)
                .curve(0.2, 0.26, 0.4, 0.26, 0.46, 0.34)
                .curve(0.48, 0.56, 0.38, 0.8, 0.3, 0.97)
                .curve(0.22, 0.8, 0.12, 0.56, 0.14, 0.34)
                .close()
                .fill(Role.ACCENT);
        s.leaf(0.3, 0.3, -90, 0.27, 0.2).fill(Role.SECOND);
        s.leaf(0.3, 0.3, -58, 0.26, 0.2).fill(Role.SECOND);
        s.leaf(0.3, 0.3, -122, 0.26, 0.2).fill(Role.SECOND);
    }

    private static void fence(Sketch s) {
        s.from(0.02, 0.42).line(1.98, 0.42).move(0.02, 0.74).line(1.98, 0.74).stroke(Role.SECOND, 1.6);
        for (int i = 0; i < 6; i++) {
            double x = 0.08 + i * 0.34;
            s.shape(x, 0.24, x + 0.08, 0.08, x + 0.16, 0.24, x + 0.16, 0.94, x, 0.94)
                    .fill(Role.ACCENT);
        }
    }
}
