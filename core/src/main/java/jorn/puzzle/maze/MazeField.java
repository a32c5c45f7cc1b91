package jorn.puzzle.maze;

import java.util.ArrayList;
import java.util.List;

/**
 * The rooms of a maze and all walls that there could be, in measures of its own: a room is about one wide. Rooms are counted from 0.
 *
 * @param rooms middle of each
 * @param walls between two rooms, or between one and what is outside
 * @param width of the whole
 * @param height of the whole
 * @param entry the outer wall through which one comes in
 * @param goal the outer wall through which one leaves, or, where there is none, {@link #INSIDE}: then one ends in the last room
 */
record MazeField(List<Spot> rooms, List<Wall> walls, double width, double height, int entry, int goal) {
    /** The way does not lead out again. */
    static final int INSIDE = -1;

    /** No room: what is outside. */
    static final int OUTSIDE = -1;

    record Spot(double x, double y) {}

    /**
     * A wall.
     *
     * @param a the room on one side
     * @param b the room on the other, or {@link #OUTSIDE}
     * @param x1 where it begins
     * @param y1 where it begins
     * @param x2 where it ends
     * @param y2 where it ends
     * @param radius of a wall that bends around the middle of the whole, from its beginning to its end clockwise; 0 for a straight one
     */
    record Wall(int a, int b, double x1, double y1, double x2, double y2, double radius) {
        boolean isOuter() {
            return b == OUTSIDE;
        }

        int other(int room) {
            return room == a ? b : a;
        }
    }

    MazeField {
        rooms = List.copyOf(rooms);
        walls = List.copyOf(walls);
    }

    /** The room behind the entry. */
    int first() {
        return walls.get(entry).a();
    }

    /** The room before the goal. */
    int last() {
        return goal == INSIDE ? rooms.size() - 1 : walls.get(goal).a();
    }

    /** The walls of each room. */
    List<List<Integer>> wallsOf() {
        List<List<Integer>> all = new ArrayList<>();
        for (int i = 0; i < rooms.size(); i++) {
            all.add(new ArrayList<>());
        }
        for (int w = 0; w < walls.size(); w++) {
            all.get(walls.get(w).a()).add(w);
            if (!walls.get(w).isOuter()) {
                all.get(walls.get(w).b()).add(w);
            }
        }
        return all;
    }
}
