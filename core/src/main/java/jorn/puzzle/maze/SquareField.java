package jorn.puzzle.maze;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import jorn.measure.Trouble;
import jorn.puzzle.maze.MazeField.Spot;
import jorn.puzzle.maze.MazeField.Wall;

/** Square rooms in a rectangle, or inside a shape. */
final class SquareField {
    private final int across;
    private final int down;
    private final int[] room;
    private final List<Spot> rooms = new ArrayList<>();
    private final List<Wall> walls = new ArrayList<>();

    private SquareField(int across, int down, boolean[] inside) {
        this.across = across;
        this.down = down;
        this.room = new int[across * down];
        Arrays.fill(room, MazeField.OUTSIDE);
        for (int i = 0; i < room.length; i++) {
            if (inside[i]) {
                room[i] = rooms.size();
                int row = i / across;
                rooms.add(new Spot(i % across + 0.5, row + 0.5));
            }
        }
    }

    /** A rectangle; one comes in at the head on the left and leaves at the foot on the right. */
    static MazeField rectangle(int across, int down) {
        boolean[] inside = new boolean[across * down];
        Arrays.fill(inside, true);
        return new SquareField(across, down, inside).field();
    }

    /**
     * Inside of a shape.
     *
     * @param shape fills a box that is one high
     * @param wide the shape's width as a share of its height
     * @param longer rooms along the longer side
     */
    static MazeField within(java.awt.Shape shape, double wide, int longer) {
        int down = wide > 1 ? Math.max(2, (int) Math.round(longer / wide)) : longer;
        int across = wide > 1 ? longer : Math.max(2, (int) Math.round(longer * wide));
        boolean[] inside = new boolean[across * down];
        for (int i = 0; i < inside.length; i++) {
            int row = i / across;
            inside[i] = shape.contains((i % across + 0.5) / across * wide, (row + 0.5) / down);
        }
        boolean[] whole = largestPiece(inside, across);
        int count = 0;
        for (boolean each : whole) {
            count += each ? 1 : 0;
        }
        if (count < longer) {
            throw Trouble.of("puzzle.maze.shape-too-thin", longer);
        }
        return new SquareField(across, down, whole).field();
    }

    private static boolean[] largestPiece(boolean[] inside, int across) {
        int[] piece = new int[inside.length];
        int pieces = 0;
        int largest = 0;
        int most = 0;
        for (int start = 0; start < inside.length; start++) {
            if (inside[start] && piece[start] == 0) {
                int size = flood(inside, across, piece, start, ++pieces);
                largest = size > most ? pieces : largest;
                most = Math.max(most, size);
            }
        }
        boolean[] whole = new boolean[inside.length];
        for (int i = 0; i < whole.length; i++) {
            whole[i] = piece[i] == largest && largest > 0;
        }
        return whole;
    }

    private static int flood(boolean[] inside, int across, int[] piece, int start, int mark) {
        Deque<Integer> next = new ArrayDeque<>(List.of(start));
        piece[start] = mark;
        int size = 0;
        while (!next.isEmpty()) {
            int at = next.remove();
            size++;
            int[] around = {
                at % across > 0 ? at - 1 : at,
                at % across < across - 1 ? at + 1 : at,
                Math.max(at - across, at % across),
                at + across < inside.length ? at + across : at
            };
            for (int other : around) {
                if (inside[other] && piece[other] == 0) {
                    piece[other] = mark;
                    next.add(other);
                }
            }
        }
        return size;
    }

    private int at(int column, int row) {
        return column < 0 || row < 0 || column >= across || row >= down
                ? MazeField.OUTSIDE
                : room[row * across + column];
    }

    private MazeField field() {
        int entry = -1;
        int goal = -1;
        for (int r = 0; r < down; r++) {
            for (int c = 0; c < across; c++) {
                int own = at(c, r);
                if (own == MazeField.OUTSIDE) {
                    continue;
                }
                // What lies above and to the left has drawn the wall between already.
                if (at(c, r - 1) == MazeField.OUTSIDE) {
                    entry = entry < 0 ? walls.size() : entry;
                    walls.add(new Wall(own, MazeField.OUTSIDE, c, r, c + 1, r, 0));
                }
                if (at(c - 1, r) == MazeField.OUTSIDE) {
                    walls.add(new Wall(own, MazeField.OUTSIDE, c, r, c, r + 1, 0));
                }
                if (at(c, r + 1) == MazeField.OUTSIDE) {
                    goal = walls.size();
                }
                walls.add(new Wall(own, at(c, r + 1), c, r + 1, c + 1, r + 1, 0));
                walls.add(new Wall(own, at(c + 1, r), c + 1, r, c + 1, r + 1, 0));
            }
        }
        return new MazeField(rooms, walls, across, down, entry, goal);
    }
}
