package jorn.style;

import java.util.List;
import jorn.art.Palette.Role;

/** Sun, moon, stars and weather. */
final class SkyMotifs {
    private SkyMotifs() {}

    static List<Motif> all() {
        return List.of(
                new Motif("sun", Motif.MotifGroup.SKY, 1.0, SkyMotifs::sun),
                new Motif("rising-sun", Motif.MotifGroup.SKY, 1.6, SkyMotifs::risingSun),
                new Motif("moon", Motif.MotifGroup.SKY, 0.9, SkyMotifs::moon),
                new Motif("star", Motif.MotifGroup.SKY, 1.0, SkyMotifs::star),
                new Motif("sparkle", Motif.MotifGroup.SKY, 1.0, SkyMotifs::sparkle),
                new Motif("cloud", Motif.MotifGroup.SKY, 1.5, SkyMotifs::cloud),
                new Motif("rain", Motif.MotifGroup.SKY, 1.2, SkyMotifs::rain),
                new Motif("rainbow", Motif.MotifGroup.SKY, 1.5, SkyMotifs::rainbow),
                new Motif("snowflake", Motif.MotifGroup.SKY, 1.0, SkyMotifs::snowflake));
    }

    private static void sun(Sketch s) {
        s.circle(0.5, 0.5, 0.22).fill(Role.ACCENT);
        for (int i = 0; i < 12; i++) {
            double a = Math.PI * i / 6;
            double far = i % 2 == 0 ? 0.48 : 0.42;
            s.from(0.5 + 0.3 * Math.cos(a), 0.5 + 0.3 * Math.sin(a))
                    .line(0.5 + far * Math.cos(a), 0.5 + far * Math.sin(a))
                    .stroke(Role.ACCENT, 1.3);
        }
    }

    private static void risingSun(Sketch s) {
        s.arc(0.8, 0.86, 0.38, 180, 360).close().fill(Role.ACCENT);
        for (int i = 1; i < 8; i++) {
            double a = Math.PI + Math.PI * i / 8;
            s.from(0.8 + 0.46 * Math.cos(a), 0.86 + 0.46 * Math.sin(a))
                    .line(0.8 + 0.7 * Math.cos(a), 0.86 + 0.7 * Math.sin(a))
                    .stroke(Role.SECOND, 1.4);
        }
        s.from(0.05, 0.9).line(1.55, 0.9).stroke(Role.ACCENT, 1.4);
    }

    private static void moon(Sketch s) {
        s.arc(0.45, 0.5, 0.44, 50, 310)
                .bow(0.3, 0.5, 0.45 + 0.44 * Math.cos(Math.toRadians(50)), 0.5 + 0.44 * Math.sin(Math.toRadians(50)))
                .close()
                .fill(Role.ACCENT);
        s.star(0.68, 0.42, 0.12, 0.05, 5).fill(Role.SECOND);
    }

    private static void star(Sketch s) {
        s.star(0.5, 0.52, 0.48, 0.21, 5).fill(Role.ACCENT);
    }

    private static void sparkle(Sketch s) {
        s.star(0.5, 0.5, 0.48, 0.1, 4).fill(Role.ACCENT);
        s.star(0.85, 0.18, 0.14, 0.035, 4).fill(Role.SECOND);
        s.star(0.16, 0.84, 0.12, 0.03, 4).fill(Role.SECOND);
    }

    private static void cloud(Sketch s) {
        s.from(0.3, 0.84)
                .bow(0.06, 0.84, 0.08, 0.62)
                .bow(0.1, 0.44, 0.34, 0.46)
                .bow(0.4, 0.16, 0.7, 0.16)
                .bow(0.98, 0.16, 1.06, 0.44)
                .bow(1.42, 0.42, 1.42, 0.66)
                .bow(1.42, 0.84, 1.2, 0.84)
                .close()
                .fill(Role.ACCENT);
    }

    private static void rain(Sketch s) {
        s.from(0.26, 0.5)
                .bow(0.04, 0.5, 0.06, 0.34)
                .bow(0.08, 0.2, 0.28, 0.22)
                .bow(0.32, 0.03, 0.58, 0.04)
                .bow(0.82, 0.05, 0.86, 0.22)
                .bow(1.14, 0.2, 1.14, 0.36)
                .bow(1.14, 0.5, 0.96, 0.5)
                .close()
                .fill(Role.ACCENT);
        for (int i = 0; i < 5; i++) {
            double x = 0.26 + i * 0.18;
            double y = 0.6 + i % 2 * 0.13;
            s.from(x, y).line(x - 0.07, y + 0.2).stroke(Role.SECOND, 1.5);
        }
    }

    private static void rainbow(Sketch s) {
        Role[] bands = {Role.ACCENT, Role.SECOND, Role.THIRD, Role.FOURTH};
        for (int i = 0; i < 4; i++) {
            s.arc(0.75, 0.9, 0.7 - i * 0.14, 180, 360).stroke(bands[i], 3);
        }
    }

    private static void snowflake(Sketch s) {
        for (int i = 0; i < 6; i++) {
            double a = Math.PI * i / 3;
            double cx = Math.cos(a);
            double cy = Math.sin(a);
            s.from(0.5, 0.5).line(0.5 + 0.46 * cx, 0.5 + 0.46 * cy).stroke(Role.ACCENT, 1.2);
            for (int side = -1; side <= 1; side += 2) {
                double b = a + side * Math.PI / 4;
                s.from(0.5 + 0.26 * cx, 0.5 + 0.26 * cy)
                        .line(0.5 + 0.26 * cx + 0.14 * Math.cos(b), 0.5 + 0.26 * cy + 0.14 * Math.sin(b))
                        .stroke(Role.ACCENT, 1.2);
            }
        }
    }
}
