package jorn.puzzle.maze;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jorn.puzzle.maze.MazeField.Spot;
import jorn.puzzle.maze.MazeField.Wall;

/** Hexagonal rooms, themselves in a hexagon, like a comb. */
final class HexField {
    /** Of a room that is one wide from side to side. */
    private static final double SIDE = 1 / Math.sqrt(3);

    private static final int[][] AROUND = {{1, 0}, {0, 1}, {-1, 1}, {-1, 0}, {0, -1}, {1, -1}};

    private final int reach;
    private final Map<Long, Integer> numbers = new HashMap<>();
    private final List<int[]> places = new ArrayList<>();

    /** @param reach rooms from the one in the middle to the edge, from 1 */
    private HexField(int reach) {
        this.reach = reach;
        for (int r = -reach; r <= reach; r++) {
            for (int q = Math.max(-reach, -reach - r); q <= Math.min(reach, reach - r); q++) {
                numbers.put(key(q, r), places.size());
                places.add(new int[] {q, r});
            }
        }
    }

    static MazeField of(int reach) {
        return new HexField(reach).field();
    }

    private static long key(int q, int r) {
        return ((long) q << 32) + r;
    }

    private double width() {
        return 2 * reach + 1;
    }

    private double height() {
        return (3 * reach + 2) * SIDE;
    }

    private Spot middle(int[] place) {
        return new Spot(width() / 2 + place[0] + place[1] / 2.0, height() / 2 + place[1] * 1.5 * SIDE);
    }

    private MazeField field() {
        List<Spot> rooms = places.stream().map(this::middle).toList();
        List<Wall> walls = new ArrayList<>();
        int entry = -1;
        int goal = -1;
        for (int own = 0; own < places.size(); own++) {
            int[] place = places.get(own);
            for (int side = 0; side < AROUND.length; side++) {
                int other = numbers.getOrDefault(
                        key(place[0] + AROUND[side][0], place[1] + AROUND[side][1]), MazeField.OUTSIDE);
                if (other != MazeField.OUTSIDE && other < own) {
                    continue;
                }
                Spot a = corner(rooms.get(own), side);
                Spot b = corner(rooms.get(own), side + 1);
                if (other == MazeField.OUTSIDE) {
                    entry = entry < 0 && AROUND[side][1] < 0 ? walls.size() : entry;
                    goal = AROUND[side][1] > 0 ? walls.size() : goal;
                }
                walls.add(new Wall(own, other, a.x(), a.y(), b.x(), b.y(), 0));
            }
        }
        return new MazeField(rooms, walls, width(), height(), entry, goal);
    }

    /** The corner at which a side begins; the first side is the right-hand one. */
    private static Spot corner(Spot middle, int side) {
        double angle = Math.PI / 3 * side - Math.PI / 6;
        return new Spot(middle.x() + SIDE * Math.cos(angle), middle.y() + SIDE * Math.sin(angle));
    }
}
