package jorn.pattern.symmetry;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/**
 * Tells which of the 17 groups a set of moves makes: by the highest order of its turns, whether it has mirrors and glides, and whether the
 * centres of turns lie on mirrors (the customary way to recognise a plane group; Schattschneider, The plane symmetry groups, 1978).
 */
public final class GroupNamer {
    private static final double NEAR = 1e-6;
    private static final int MOST = 96;

    private final List<Operation> all;

    private GroupNamer(List<Operation> all) {
        this.all = all;
    }

    /**
     * The group that moves make, with all that follow from them; whole steps of the lattice are among them.
     *
     * @throws IllegalArgumentException where they do not close
     */
    public static WallpaperGroup name(Collection<Operation> moves) {
        List<Operation> all = new ArrayList<>();
        all.add(Operation.IDENTITY);
        moves.forEach(m -> add(all, m));
        for (int i = 0; i < all.size(); i++) {
            for (int j = 0; j <= i; j++) {
                add(all, all.get(i).after(all.get(j)));
                add(all, all.get(j).after(all.get(i)));
            }
            if (all.size() > MOST) {
                throw new IllegalArgumentException("moves do not close: " + moves);
            }
        }
        return new GroupNamer(all).named();
    }

    private static void add(List<Operation> all, Operation one) {
        Operation o = one.reduced();
        if (all.stream().noneMatch(o::isLike)) {
            all.add(o);
        }
    }

    private WallpaperGroup named() {
        int turns = 1;
        for (Operation o : all) {
            turns = o.mirrors() ? turns : Math.max(turns, o.order());
        }
        boolean mirrors = all.stream().anyMatch(o -> o.mirrors() && hasMirror(o));
        boolean mirroring = all.stream().anyMatch(Operation::mirrors);
        return switch (turns) {
            case 1 -> !mirroring
                    ? WallpaperGroup.P1
                    : !mirrors
                            ? WallpaperGroup.PG
                            : all.stream().anyMatch(this::glidesOnly) ? WallpaperGroup.CM : WallpaperGroup.PM;
            case 2 -> ofTwo(mirroring, mirrors);
            case 3 -> !mirroring
                    ? WallpaperGroup.P3
                    : everyCentreOnAMirror(3) ? WallpaperGroup.P3M1 : WallpaperGroup.P31M;
            case 4 -> !mirroring
                    ? WallpaperGroup.P4
                    : everyCentreOnAMirror(4) ? WallpaperGroup.P4M : WallpaperGroup.P4G;
            default -> mirroring ? WallpaperGroup.P6M : WallpaperGroup.P6;
        };
    }

    private WallpaperGroup ofTwo(boolean mirroring, boolean mirrors) {
        if (!mirroring) {
            return WallpaperGroup.P2;
        }
        if (!mirrors) {
            return WallpaperGroup.PGG;
        }
        List<Operation> kinds = new ArrayList<>();
        for (Operation o : all) {
            if (o.mirrors() && hasMirror(o) && kinds.stream().noneMatch(o::isParallel)) {
                kinds.add(o);
            }
        }
        if (kinds.size() == 1) {
            return WallpaperGroup.PMG;
        }
        return everyCentreOnAMirror(2) ? WallpaperGroup.PMM : WallpaperGroup.CMM;
    }

    /** A move and those that differ from it by whole steps. */
    private static List<Operation> shifted(Operation o) {
        List<Operation> near = new ArrayList<>();
        for (int i = -2; i <= 2; i++) {
            for (int j = -2; j <= 2; j++) {
                near.add(new Operation(o.a(), o.b(), o.c(), o.d(), o.e() + i, o.f() + j));
            }
        }
        return near;
    }

    private static boolean hasMirror(Operation o) {
        return shifted(o).stream().anyMatch(GroupNamer::isMirror);
    }

    private static boolean isMirror(Operation o) {
        Operation twice = o.after(o);
        return Math.abs(twice.e()) < NEAR && Math.abs(twice.f()) < NEAR;
    }

    /** Whether a move glides along a line, by a way that alone leaves the pattern otherwise. */
    private boolean glidesOnly(Operation o) {
        if (!o.mirrors()) {
            return false;
        }
        Operation twice = o.after(o);
        double e = twice.e() / 2;
        double f = twice.f() / 2;
        Operation along = new Operation(1, 0, 0, 1, e, f).reduced();
        return all.stream().noneMatch(along::isLike);
    }

    /** Whether all centres of turns of the highest order lie on mirrors. */
    private boolean everyCentreOnAMirror(int order) {
        for (Operation o : all) {
            if (o.mirrors() || o.order() != order) {
                continue;
            }
            for (Operation turn : shifted(o)) {
                double[] centre = centre(turn);
                if (all.stream().noneMatch(m -> m.mirrors() && holds(m, centre))) {
                    return false;
                }
            }
        }
        return true;
    }

    private static boolean holds(Operation mirror, double[] p) {
        double x = mirror.a() * p[0] + mirror.b() * p[1] + mirror.e() - p[0];
        double y = mirror.c() * p[0] + mirror.d() * p[1] + mirror.f() - p[1];
        return Math.abs(x - Math.rint(x)) < NEAR && Math.abs(y - Math.rint(y)) < NEAR;
    }

    /** The point that a turn leaves where it is. */
    private static double[] centre(Operation o) {
        double a = 1 - o.a();
        double b = -o.b();
        double c = -o.c();
        double d = 1 - o.d();
        double area = a * d - b * c;
        return new double[] {(o.e() * d - b * o.f()) / area, (a * o.f() - c * o.e()) / area};
    }
}
