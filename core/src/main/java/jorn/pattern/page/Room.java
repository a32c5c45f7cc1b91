package jorn.pattern.page;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import jorn.pattern.symmetry.Lattice;
import jorn.pattern.symmetry.Operation;
import jorn.pattern.symmetry.WallpaperGroup;

/**
 * Where in a cell a motif has most room: as far from its own copies as can be, so off all mirrors and centres of turns.
 *
 * @param x as a share of the first step
 * @param y as a share of the second
 * @param clear half of the way to the nearest copy, for a cell as large as a square of side 1
 */
record Room(double x, double y, double clear) {
    private static final int FINE = 48;
    private static final Map<WallpaperGroup, Room> FOUND = new ConcurrentHashMap<>();

    static Room in(WallpaperGroup group) {
        return FOUND.computeIfAbsent(group, Room::search);
    }

    private static Room search(WallpaperGroup group) {
        Lattice lattice = group.lattice(1, 0);
        Room best = new Room(0, 0, -1);
        for (int i = 0; i < FINE; i++) {
            for (int j = 0; j < FINE; j++) {
                double x = (i + 0.37) / FINE;
                double y = (j + 0.41) / FINE;
                double clear = nearest(x, y, group, lattice) / 2;
                if (clear > best.clear() + 1e-9) {
                    best = new Room(x, y, clear);
                }
            }
        }
        return best;
    }

    private static double nearest(double x, double y, WallpaperGroup group, Lattice l) {
        double nearest = Double.POSITIVE_INFINITY;
        for (Operation o : group.operations()) {
            double ix = o.a() * x + o.b() * y + o.e() - x;
            double iy = o.c() * x + o.d() * y + o.f() - y;
            ix -= Math.rint(ix);
            iy -= Math.rint(iy);
            for (int s = -1; s <= 1; s++) {
                for (int t = -1; t <= 1; t++) {
                    if (o.equals(Operation.IDENTITY) && s == 0 && t == 0) {
                        continue;
                    }
                    double dx = (ix + s) * l.ax() + (iy + t) * l.bx();
                    double dy = (ix + s) * l.ay() + (iy + t) * l.by();
                    nearest = Math.min(nearest, Math.hypot(dx, dy));
                }
            }
        }
        return nearest;
    }
}
