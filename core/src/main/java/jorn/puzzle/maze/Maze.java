package jorn.puzzle.maze;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jorn.art.Path;
import jorn.chance.Dice;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;
import jorn.puzzle.maze.MazeField.Spot;
import jorn.puzzle.maze.MazeField.Wall;

/** A maze: from every room one way leads to every other one, so that there is one way through. */
public final class Maze implements Puzzle {
    /** Up to which effort, which is rooms on the way and dead ends together, each grade goes; the last goes on. */
    private static final int[] EFFORT = {65, 140, 280, 500};

    private final MazeField field;
    private final BitSet open;
    private final List<Integer> way;
    private final int deadEnds;

    private Maze(MazeField field, BitSet open) {
        this.field = field;
        this.open = open;
        this.way = findWay();
        this.deadEnds = countDeadEnds();
    }

    /**
     * Opens walls until all rooms hang together: it goes on from the room that was reached last, or now and then from any one.
     *
     * @param winding from 0, short and branched, to 1, long and winding
     */
    static Maze in(MazeField field, double winding, Dice dice) {
        List<List<Integer>> wallsOf = field.wallsOf();
        BitSet open = new BitSet();
        BitSet reached = new BitSet();
        List<Integer> active = new ArrayList<>();
        int start = dice.below(field.rooms().size());
        reached.set(start);
        active.add(start);
        while (!active.isEmpty()) {
            int at = dice.falls(winding) ? active.size() - 1 : dice.below(active.size());
            int room = active.get(at);
            List<Integer> fresh = wallsOf.get(room).stream()
                    .filter(w -> !field.walls().get(w).isOuter()
                            && !reached.get(field.walls().get(w).other(room)))
                    .toList();
            if (fresh.isEmpty()) {
                active.remove(at);
            } else {
                int wall = dice.one(fresh);
                int next = field.walls().get(wall).other(room);
                open.set(wall);
                reached.set(next);
                active.add(next);
            }
        }
        open.set(field.entry());
        if (field.goal() != MazeField.INSIDE) {
            open.set(field.goal());
        }
        return new Maze(field, open);
    }

    private List<Integer> findWay() {
        int[] from = new int[field.rooms().size()];
        Arrays.fill(from, -1);
        Deque<Integer> next = new ArrayDeque<>(List.of(field.first()));
        from[field.first()] = field.first();
        List<List<Integer>> wallsOf = field.wallsOf();
        while (!next.isEmpty()) {
            int room = next.remove();
            for (int w : wallsOf.get(room)) {
                Wall wall = field.walls().get(w);
                if (open.get(w) && !wall.isOuter() && from[wall.other(room)] < 0) {
                    from[wall.other(room)] = room;
                    next.add(wall.other(room));
                }
            }
        }
        List<Integer> back = new ArrayList<>();
        int at = field.last();
        while (at != field.first()) {
            back.add(at);
            at = from[at];
        }
        back.add(at);
        Collections.reverse(back);
        return back;
    }

    private int countDeadEnds() {
        int count = 0;
        List<List<Integer>> wallsOf = field.wallsOf();
        for (int room = 0; room < field.rooms().size(); room++) {
            boolean end = room == field.first() || room == field.last();
            long doors = wallsOf.get(room).stream().filter(open::get).count();
            count += doors == 1 && !end ? 1 : 0;
        }
        return count;
    }

    /** Rooms on the way. */
    public int length() {
        return way.size();
    }

    /** Rooms that lead nowhere. */
    public int deadEnds() {
        return deadEnds;
    }

    /** Width of the whole; a room is about one wide. */
    public double width() {
        return field.width();
    }

    public double height() {
        return field.height();
    }

    /** Whether the way ends inside, in the middle of rings. */
    public boolean endsInside() {
        return field.goal() == MazeField.INSIDE;
    }

    /** The walls that stand, each as one line, in measures of the maze with its head at 0. */
    public List<Path> walls() {
        List<Path> all = new ArrayList<>();
        for (int w = 0; w < field.walls().size(); w++) {
            if (!open.get(w)) {
                all.add(path(field.walls().get(w)));
            }
        }
        return all;
    }

    private Path path(Wall wall) {
        if (wall.radius() == 0) {
            return Path.line(wall.x1(), wall.y1(), wall.x2(), wall.y2());
        }
        double cx = field.width() / 2;
        double cy = field.height() / 2;
        double a = Math.atan2(wall.y1() - cy, wall.x1() - cx);
        double b = Math.atan2(wall.y2() - cy, wall.x2() - cx);
        double turn = b > a ? b - a : b - a + 2 * Math.PI;
        // A cubic that bends as an arc does: handles of 4/3 tan(turn/4) radii.
        double k = 4.0 / 3 * Math.tan(turn / 4) * wall.radius();
        return Path.builder()
                .move(wall.x1(), wall.y1())
                .curve(
                        wall.x1() - k * Math.sin(a),
                        wall.y1() + k * Math.cos(a),
                        wall.x2() + k * Math.sin(b),
                        wall.y2() - k * Math.cos(b),
                        wall.x2(),
                        wall.y2())
                .build();
    }

    /** The way through, from door to door. */
    public List<double[]> way() {
        List<double[]> all = new ArrayList<>();
        all.add(middle(field.walls().get(field.entry())));
        for (int i = 0; i < way.size(); i++) {
            Spot spot = field.rooms().get(way.get(i));
            all.add(new double[] {spot.x(), spot.y()});
            if (i + 1 < way.size()) {
                // Through the door: in rings the straight line would cut through walls.
                all.add(middle(doorBetween(way.get(i), way.get(i + 1))));
            }
        }
        if (!endsInside()) {
            all.add(middle(field.walls().get(field.goal())));
        }
        return all;
    }

    private Wall doorBetween(int a, int b) {
        for (int w = open.nextSetBit(0); w >= 0; w = open.nextSetBit(w + 1)) {
            Wall wall = field.walls().get(w);
            if ((wall.a() == a && wall.b() == b) || (wall.a() == b && wall.b() == a)) {
                return wall;
            }
        }
        throw new IllegalStateException("no door");
    }

    private double[] middle(Wall wall) {
        double x = (wall.x1() + wall.x2()) / 2;
        double y = (wall.y1() + wall.y2()) / 2;
        if (wall.radius() > 0) {
            double dx = x - field.width() / 2;
            double dy = y - field.height() / 2;
            double out = wall.radius() / Math.hypot(dx, dy);
            return new double[] {field.width() / 2 + dx * out, field.height() / 2 + dy * out};
        }
        return new double[] {x, y};
    }

    /** By the rooms on the way and the dead ends together. */
    @Override
    public Grade grade() {
        return gradeOf(length() + deadEnds);
    }

    /** The grade of an effort, which is rooms on the way and dead ends together. */
    static Grade gradeOf(int effort) {
        for (int i = 0; i < EFFORT.length; i++) {
            if (effort <= EFFORT[i]) {
                return Grade.of(i + 1);
            }
        }
        return Grade.FIERCE;
    }

    @Override
    public List<String> techniques() {
        return List.of();
    }

    @Override
    public Object likeness() {
        return List.of(field.rooms().size(), open);
    }

    @Override
    public Map<String, Object> told() {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("rooms", field.rooms().size());
        all.put("deadEnds", deadEnds);
        List<List<Double>> walls = new ArrayList<>();
        for (int w = 0; w < field.walls().size(); w++) {
            Wall each = field.walls().get(w);
            if (!open.get(w)) {
                walls.add(List.of(each.x1(), each.y1(), each.x2(), each.y2(), each.radius()));
            }
        }
        all.put("size", List.of(field.width(), field.height()));
        all.put("walls", walls);
        all.put("solution", way().stream().map(p -> List.of(p[0], p[1])).toList());
        all.put("grade", grade().number());
        all.put("techniques", techniques());
        return all;
    }
}
