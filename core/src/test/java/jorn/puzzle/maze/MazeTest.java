package jorn.puzzle.maze;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import jorn.art.Path;
import jorn.measure.Trouble;
import jorn.puzzle.Grade;
import jorn.puzzle.PuzzleOrder;
import jorn.puzzle.maze.MazeRules.MazeForm;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Mazes have one way through, which is told by painting their walls and walking where there is white. */
class MazeTest {
    private static Maze make(MazeRules rules, Grade grade, int place) {
        return (Maze) rules.make(PuzzleOrder.of(grade, 21, place, place));
    }

    /** The walls as pixels, so many to a room: true where a wall stands. */
    private static boolean[][] painted(Maze maze, int scale) {
        int wide = (int) Math.ceil(maze.width() * scale) + 3;
        int high = (int) Math.ceil(maze.height() * scale) + 3;
        var image = new java.awt.image.BufferedImage(wide, high, java.awt.image.BufferedImage.TYPE_BYTE_BINARY);
        var g = image.createGraphics();
        g.translate(1, 1);
        g.scale(scale, scale);
        g.setStroke(new java.awt.BasicStroke(2.4f / scale));
        for (Path wall : maze.walls()) {
            g.draw(wall.asShape());
        }
        g.dispose();
        boolean[][] walls = new boolean[high][wide];
        for (int y = 0; y < high; y++) {
            for (int x = 0; x < wide; x++) {
                walls[y][x] = (image.getRGB(x, y) & 0xFFFFFF) != 0;
            }
        }
        return walls;
    }

    /** Where white hangs together with a point. */
    private static boolean[][] flood(boolean[][] walls, int x0, int y0) {
        boolean[][] wet = new boolean[walls.length][walls[0].length];
        Deque<int[]> next = new ArrayDeque<>();
        next.add(new int[] {x0, y0});
        wet[y0][x0] = true;
        while (!next.isEmpty()) {
            int[] at = next.remove();
            for (int[] d : new int[][] {{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
                int x = at[0] + d[0];
                int y = at[1] + d[1];
                if (y >= 0 && x >= 0 && y < walls.length && x < walls[0].length && !walls[y][x] && !wet[y][x]) {
                    wet[y][x] = true;
                    next.add(new int[] {x, y});
                }
            }
        }
        return wet;
    }

    @ParameterizedTest
    @EnumSource(MazeForm.class)
    void oneWayLeadsThroughAndItIsTheOneThatIsShown(MazeForm form) {
        int scale = 12;
        for (Grade grade : List.of(Grade.GENTLE, Grade.TRICKY)) {
            Maze maze = make(MazeRules.of(form).withShape("B"), grade, 1);
            assertEquals(grade, maze.grade());
            boolean[][] walls = painted(maze, scale);
            List<double[]> way = maze.way();
            int steps = 40;
            List<int[]> gone = new ArrayList<>();
            for (int i = 0; i + 1 < way.size(); i++) {
                for (int s = 0; s <= steps; s++) {
                    double t = (double) s / steps;
                    double x = way.get(i)[0] + (way.get(i + 1)[0] - way.get(i)[0]) * t;
                    double y = way.get(i)[1] + (way.get(i + 1)[1] - way.get(i)[1]) * t;
                    int px = (int) Math.round(x * scale) + 1;
                    int py = (int) Math.round(y * scale) + 1;
                    assertTrue(!walls[py][px], form + ": the way runs into a wall");
                    gone.add(new int[] {px, py});
                }
            }
            int[] first = gone.get(scale);
            int[] last = gone.get(gone.size() - 1 - scale);
            boolean[][] wet = flood(walls, first[0], first[1]);
            assertTrue(wet[last[1]][last[0]]);
            // With the way closed in its middle there is no other: the doors being shut, no ring of walls is left open.
            int[] middle = gone.get(gone.size() / 2);
            boolean[][] shut = painted(maze, scale);
            for (int[] door : List.of(gone.get(0), gone.get(gone.size() - 1))) {
                block(shut, door, maze.endsInside() && door == gone.get(gone.size() - 1) ? 0 : scale / 2 + 2);
            }
            block(shut, middle, scale / 2 + 2);
            boolean[][] before = flood(shut, first[0], first[1]);
            assertTrue(!before[last[1]][last[0]], form + " " + grade + ": another way leads round");
        }
    }

    private static void block(boolean[][] walls, int[] at, int reach) {
        for (int y = Math.max(0, at[1] - reach); y <= Math.min(walls.length - 1, at[1] + reach); y++) {
            for (int x = Math.max(0, at[0] - reach); x <= Math.min(walls[0].length - 1, at[0] + reach); x++) {
                walls[y][x] = reach > 0 || walls[y][x];
            }
        }
    }

    /** A tree of n rooms has n − 1 doors; so many walls are gone, and those of the two ends. */
    @Test
    void allRoomsHangTogetherByOneDoorLessThanThereAreRooms() {
        MazeField field = SquareField.rectangle(9, 7);
        assertEquals(63, field.rooms().size());
        long inner = field.walls().stream().filter(w -> !w.isOuter()).count();
        assertEquals(8 * 7 + 9 * 6, inner);
        Maze maze = Maze.in(field, 0.8, jorn.chance.Dice.of(4));
        assertEquals(inner + 2 * (9 + 7) - 62 - 2, maze.walls().size());
        MazeField rings = RingField.of(4);
        int doors = rings.walls().size()
                - Maze.in(rings, 0.8, jorn.chance.Dice.of(4)).walls().size();
        assertEquals(rings.rooms().size() - 1 + 1, doors, "and one to come in by");
        MazeField comb = HexField.of(3);
        assertEquals(37, comb.rooms().size(), "1 + 6 + 12 + 18");
        assertEquals(
                comb.rooms().size() - 1 + 2,
                comb.walls().size()
                        - Maze.in(comb, 0.8, jorn.chance.Dice.of(4)).walls().size());
    }

    @Test
    void harderMazesHaveLongerWaysAndMoreDeadEnds() {
        int effort = 0;
        for (Grade grade : Grade.values()) {
            Maze maze = make(MazeRules.of(MazeForm.RECTANGLE), grade, 2);
            assertEquals(grade, maze.grade());
            int now = maze.length() + maze.deadEnds();
            assertTrue(now > effort);
            effort = now;
        }
    }

    @Test
    void aSmallMazeCannotBeHardAndSaysHowHardItCanBe() {
        MazeRules small = MazeRules.of(MazeForm.RECTANGLE).withAcross(8);
        assertEquals(Grade.GENTLE, small.highest());
        assertEquals(
                Grade.FIERCE, MazeRules.of(MazeForm.RECTANGLE).withAcross(40).highest());
        for (int across : new int[] {8, 12, 20, 30}) {
            MazeRules rules = MazeRules.of(MazeForm.RECTANGLE).withAcross(across);
            assertEquals(rules.highest(), make(rules, rules.highest(), 1).grade(), across + " rooms");
        }
        assertThrows(Trouble.class, () -> MazeRules.of(MazeForm.ROUND).withAcross(3));
        assertThrows(Trouble.class, () -> MazeRules.of(MazeForm.SHAPE).withShape("a very long shape indeed"));
    }

    /** A thin shape has not the rooms for the hardest mazes, and says so beforehand. */
    @Test
    void everyShapeReachesTheGradeThatItSays() {
        for (String shape : jorn.shape.Silhouettes.names()) {
            MazeRules rules = MazeRules.of(MazeForm.SHAPE).withShape(shape);
            assertEquals(rules.highest(), make(rules, rules.highest(), 3).grade(), shape);
        }
        assertEquals(Grade.HARD, MazeRules.of(MazeForm.SHAPE).withShape("fish").highest());
        Trouble two = assertThrows(
                Trouble.class, () -> MazeRules.of(MazeForm.SHAPE).withShape("BEE"), "letters do not hang together");
        assertTrue(two.what().contains("BEE"));
    }

    @Test
    void theSameOrderMakesTheSameMaze() {
        MazeRules rules = MazeRules.of(MazeForm.HEXAGONS);
        assertEquals(
                make(rules, Grade.STEADY, 1).likeness(),
                make(rules, Grade.STEADY, 1).likeness());
        assertNotEquals(
                make(rules, Grade.STEADY, 1).likeness(),
                make(rules, Grade.STEADY, 2).likeness());
    }
}
