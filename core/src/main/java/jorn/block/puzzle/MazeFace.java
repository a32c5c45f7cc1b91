package jorn.block.puzzle;

import java.util.List;
import jorn.art.Box;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.layout.Pen;
import jorn.puzzle.maze.Maze;

/** A maze: its walls, an arrow at either door or a dot in the middle, and in its solution the way. */
final class MazeFace implements PuzzleFace<Maze> {
    private static final double WALL = 0.11;
    private static final double THINNEST = 0.5;
    private static final double THICKEST = 2.2;
    private static final double WAY = 0.24;

    @Override
    public void draw(Maze maze, Box in, boolean solved, PuzzlePaper sheet) {
        // Room for the arrows outside.
        double scale = Math.min(in.width() / (maze.width() + 2), in.height() / (maze.height() + 2));
        double x = in.centreX() - maze.width() * scale / 2;
        double y = in.y() + Math.max(scale, Math.min((in.height() - maze.height() * scale) / 2, scale + sheet.pitch()));
        double weight = Math.max(THINNEST, Math.min(THICKEST, scale * WALL));
        List<double[]> way = maze.way();
        if (solved) {
            sheet.lines(placed(line(way), x, y, scale, 0), Math.max(1, scale * WAY), Role.ACCENT);
        }
        Path.Builder walls = Path.builder();
        maze.walls().forEach(w -> walls.path(placed(w, x, y, scale, weight / 2)));
        sheet.lines(walls.build(), weight, Role.TEXT);
        arrow(way.get(0), way.get(1), true, x, y, scale, sheet);
        int last = way.size() - 1;
        if (maze.endsInside()) {
            double[] end = way.get(last);
            sheet.pen()
                    .fill(
                            Pen.circle(x + end[0] * scale, y + end[1] * scale, scale * 0.28),
                            sheet.pen().ink(Role.TEXT));
        } else {
            arrow(way.get(last), way.get(last - 1), false, x, y, scale, sheet);
        }
    }

    private static Path line(List<double[]> way) {
        Path.Builder line = Path.builder().move(way.get(0)[0], way.get(0)[1]);
        way.stream().skip(1).forEach(p -> line.line(p[0], p[1]));
        return line.build();
    }

    /** A line of the maze where it lies on the page; straight ones reach a little beyond their ends, so that corners close. */
    private static Path placed(Path line, double x, double y, double scale, double beyond) {
        Path.Builder placed = Path.builder();
        line.walk(new Path.Walker() {
            private double fromX;
            private double fromY;

            @Override
            public void move(double px, double py) {
                fromX = px;
                fromY = py;
                if (beyond == 0) {
                    placed.move(x + px * scale, y + py * scale);
                }
            }

            @Override
            public void line(double px, double py) {
                if (beyond == 0) {
                    placed.line(x + px * scale, y + py * scale);
                    return;
                }
                double length = Math.hypot(px - fromX, py - fromY) * scale;
                double dx = (px - fromX) * scale / length * beyond;
                double dy = (py - fromY) * scale / length * beyond;
                placed.move(x + fromX * scale - dx, y + fromY * scale - dy)
                        .line(x + px * scale + dx, y + py * scale + dy);
            }

            @Override
            public void curve(double x1, double y1, double x2, double y2, double px, double py) {
                placed.move(x + fromX * scale, y + fromY * scale)
                        .curve(
                                x + x1 * scale,
                                y + y1 * scale,
                                x + x2 * scale,
                                y + y2 * scale,
                                x + px * scale,
                                y + py * scale);
            }

            @Override
            public void close() {
                // Walls are open lines.
            }
        });
        return placed.build();
    }

    /** An arrow outside of a door, which points in or out. */
    private static void arrow(
            double[] door, double[] room, boolean in, double x, double y, double scale, PuzzlePaper sheet) {
        double dx = room[0] - door[0];
        double dy = room[1] - door[1];
        double length = Math.hypot(dx, dy);
        double ux = dx / length * scale;
        double uy = dy / length * scale;
        double cx = x + door[0] * scale - ux * 0.55;
        double cy = y + door[1] * scale - uy * 0.55;
        double tip = in ? 0.38 : -0.38;
        Path.Builder arrow = Path.builder()
                .move(cx + ux * tip, cy + uy * tip)
                .line(cx - ux * tip - uy * 0.34, cy - uy * tip + ux * 0.34)
                .line(cx - ux * tip + uy * 0.34, cy - uy * tip - ux * 0.34)
                .close();
        sheet.pen().fill(arrow.build(), sheet.pen().ink(Role.TEXT));
    }
}
