package jorn.style;

import java.util.List;
import jorn.art.Palette.Role;

/** Pots, cups and what goes in. */
final class KitchenMotifs {
    private KitchenMotifs() {}

    static List<Motif> all() {
        return List.of(
                new Motif("pot", Motif.MotifGroup.KITCHEN, 1.2, KitchenMotifs::pot),
                new Motif("cup", Motif.MotifGroup.KITCHEN, 1.1, KitchenMotifs::cup),
                new Motif("whisk", Motif.MotifGroup.KITCHEN, 0.6, KitchenMotifs::whisk),
                new Motif("spoon", Motif.MotifGroup.KITCHEN, 0.5, KitchenMotifs::spoon),
                new Motif("bread", Motif.MotifGroup.KITCHEN, 1.4, KitchenMotifs::bread),
                new Motif("pear", Motif.MotifGroup.KITCHEN, 0.7, KitchenMotifs::pear));
    }

    private static void pot(Sketch s) {
        s.from(0.16, 0.38)
                .line(1.04, 0.38)
                .line(1.0, 0.82)
                .bow(0.98, 0.95, 0.84, 0.95)
                .line(0.36, 0.95)
                .bow(0.22, 0.95, 0.2, 0.82)
                .close()
                .fill(Role.ACCENT);
        s.from(0.1, 0.31).line(1.1, 0.31).stroke(Role.SECOND, 2);
        s.from(0.5, 0.28).bow(0.6, 0.1, 0.7, 0.28).stroke(Role.SECOND, 1.6);
        s.from(0.17, 0.5)
                .bow(0.03, 0.5, 0.06, 0.62)
                .bow(0.1, 0.68, 0.19, 0.66)
                .move(1.03, 0.5)
                .bow(1.17, 0.5, 1.14, 0.62)
                .bow(1.1, 0.68, 1.01, 0.66)
                .stroke(Role.ACCENT, 1.6);
    }

    private static void cup(Sketch s) {
        s.from(0.1, 0.4)
                .line(0.78, 0.4)
                .curve(0.78, 0.7, 0.68, 0.86, 0.44, 0.86)
                .curve(0.2, 0.86, 0.1, 0.7, 0.1, 0.4)
                .close()
                .fill(Role.ACCENT);
        s.from(0.78, 0.46).curve(1.06, 0.42, 1.04, 0.74, 0.7, 0.72).stroke(Role.ACCENT, 1.8);
        s.from(0.04, 0.93).line(0.84, 0.93).stroke(Role.SECOND, 1.8);
        for (int i = 0; i < 3; i++) {
            double x = 0.28 + i * 0.15;
            s.from(x, 0.32).curve(x - 0.07, 0.24, x + 0.07, 0.16, x, 0.06).stroke(Role.SECOND, 1.2);
        }
    }

    private static void whisk(Sketch s) {
        s.from(0.3, 0.96).line(0.3, 0.56).stroke(Role.ACCENT, 2.4);
        for (double w : new double[] {0.24, 0.14, 0.04}) {
            s.from(0.3, 0.56)
                    .curve(0.3 - w * 1.1, 0.4, 0.3 - w * 1.1, 0.08, 0.3, 0.06)
                    .curve(0.3 + w * 1.1, 0.08, 0.3 + w * 1.1, 0.4, 0.3, 0.56)
                    .stroke(Role.SECOND, 1.2);
        }
    }

    private static void spoon(Sketch s) {
        s.oval(0.25, 0.22, 0.17, 0.2).fill(Role.ACCENT);
        s.from(0.25, 0.4).line(0.25, 0.97).stroke(Role.ACCENT, 2.4);
    }

    private static void bread(Sketch s) {
        s.from(0.1, 0.88)
                .line(0.1, 0.5)
                .curve(0.02, 0.2, 0.3, 0.14, 0.7, 0.14)
                .curve(1.1, 0.14, 1.38, 0.2, 1.3, 0.5)
                .line(1.3, 0.88)
                .close()
                .fill(Role.ACCENT);
        for (int i = 0; i < 3; i++) {
            s.from(0.42 + i * 0.26, 0.26).line(0.32 + i * 0.26, 0.46).stroke(Role.TINT, 2);
        }
    }

    private static void pear(Sketch s) {
        s.from(0.35, 0.2)
                .curve(0.5, 0.2, 0.46, 0.44, 0.56, 0.56)
                .curve(0.72, 0.76, 0.6, 0.97, 0.35, 0.97)
                .curve(0.1, 0.97, -0.02, 0.76, 0.14, 0.56)
                .curve(0.24, 0.44, 0.2, 0.2, 0.35, 0.2)
                .close()
                .fill(Role.ACCENT);
        s.from(0.35, 0.22).bow(0.36, 0.1, 0.42, 0.04).stroke(Role.THIRD, 1.6);
        s.leaf(0.38, 0.14, 10, 0.24, 0.26).fill(Role.SECOND);
    }
}
