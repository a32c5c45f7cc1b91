package jorn.puzzle.maze;

import java.util.ArrayList;
import java.util.List;
import jorn.puzzle.maze.MazeField.Spot;
import jorn.puzzle.maze.MazeField.Wall;

/** Rooms in rings around a middle, into which one has to come. */
final class RingField {
    private static final double WIDEST = 1.7;

    private final int rings;
    private final List<Spot> rooms = new ArrayList<>();
    private final List<Wall> walls = new ArrayList<>();

    private RingField(int rings) {
        this.rings = rings;
    }

    /** @param rings around the room in the middle, from 1 */
    static MazeField of(int rings) {
        return new RingField(rings).field();
    }

    private Spot on(double radius, double turn) {
        double angle = 2 * Math.PI * turn - Math.PI / 2;
        return new Spot(rings + 1 + radius * Math.cos(angle), rings + 1 + radius * Math.sin(angle));
    }

    /** How many rooms each ring has: twice as many as the one inside, where they would become too wide. */
    private int[] counts() {
        int[] counts = new int[rings + 1];
        counts[0] = 1;
        for (int ring = 1; ring <= rings; ring++) {
            int before = ring == 1 ? 6 : counts[ring - 1];
            double wide = 2 * Math.PI * (ring + 0.5) / before;
            counts[ring] = ring > 1 && wide > WIDEST ? before * 2 : before;
        }
        return counts;
    }

    private MazeField field() {
        int[] counts = counts();
        int[] first = new int[rings + 1];
        // The middle is the last room, since one ends there.
        for (int ring = rings; ring >= 1; ring--) {
            first[ring] = rooms.size();
            for (int i = 0; i < counts[ring]; i++) {
                rooms.add(on(ring + 0.5, (i + 0.5) / counts[ring]));
            }
        }
        first[0] = rooms.size();
        rooms.add(on(0, 0));
        int entry = 0;
        for (int ring = rings; ring >= 1; ring--) {
            int n = counts[ring];
            for (int i = 0; i < n; i++) {
                int own = first[ring] + i;
                Spot inner = on(ring, (double) i / n);
                Spot innerEnd = on(ring, (i + 1.0) / n);
                Spot outer = on(ring + 1, (double) i / n);
                Spot outerEnd = on(ring + 1, (i + 1.0) / n);
                walls.add(new Wall(own, first[ring] + (i + n - 1) % n, inner.x(), inner.y(), outer.x(), outer.y(), 0));
                int below = ring == 1 ? first[0] : first[ring - 1] + i * counts[ring - 1] / n;
                walls.add(new Wall(own, below, inner.x(), inner.y(), innerEnd.x(), innerEnd.y(), ring));
                if (ring == rings) {
                    walls.add(new Wall(
                            own, MazeField.OUTSIDE, outer.x(), outer.y(), outerEnd.x(), outerEnd.y(), ring + 1));
                    entry = i == 0 ? walls.size() - 1 : entry;
                }
            }
        }
        return new MazeField(rooms, walls, 2 * rings + 2, 2 * rings + 2, entry, MazeField.INSIDE);
    }
}
