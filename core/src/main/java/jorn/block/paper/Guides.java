package jorn.block.paper;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.json.Required;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.say.Wording;
import jorn.style.Rule;

/**
 * Guides to write or draw on, other than plain lines. Grids are whole cells, centred in their space.
 *
 * @param kind what kind
 * @param size side of a cell, distance of dots, height of a staff or of small letters; 1 to 60 mm
 */
public record Guides(
        @Label("block.guides.what-kind") @Required GuideKind kind,
        @Label("block.guides.cell-or-height") @Required Length size)
        implements Node {
    static final NodeKind<Guides> KIND = NodeKind.of("guides", Guides.class)
            .filling()
            .offered(
                    "dots",
                    Wording.of("block.guides.dots"),
                    Wording.of("block.guides.mm-apart"),
                    () -> of(GuideKind.DOTS, 5),
                    g -> g.kind == GuideKind.DOTS)
            .offered(
                    "squares",
                    Wording.of("block.guides.squares"),
                    Wording.of("block.guides.mm"),
                    () -> of(GuideKind.SQUARES, 5),
                    g -> g.kind == GuideKind.SQUARES)
            .offered(
                    "isometric",
                    Wording.of("block.guides.isometric-grid"),
                    Wording.of("block.guides.for-drawing-depth"),
                    () -> of(GuideKind.ISOMETRIC, 6),
                    g -> g.kind == GuideKind.ISOMETRIC)
            .offered(
                    "hexagons",
                    Wording.of("block.guides.hexagons"),
                    Wording.of("block.guides.mm-2"),
                    () -> of(GuideKind.HEXAGONS, 6),
                    g -> g.kind == GuideKind.HEXAGONS)
            .offered(
                    "staves",
                    Wording.of("block.guides.music-staves"),
                    Wording.of("block.guides.five-lines"),
                    () -> of(GuideKind.STAVES, 8),
                    g -> g.kind == GuideKind.STAVES)
            .offered(
                    "hand",
                    Wording.of("block.guides.handwriting-lines"),
                    Wording.of("block.guides.three-lines-each"),
                    () -> of(GuideKind.HANDWRITING, 6),
                    g -> g.kind == GuideKind.HANDWRITING)
            .offered(
                    "pen",
                    Wording.of("block.guides.calligraphy-lines"),
                    Wording.of("block.guides.slanted"),
                    () -> of(GuideKind.CALLIGRAPHY, 5),
                    g -> g.kind == GuideKind.CALLIGRAPHY);

    private static Guides of(GuideKind kind, double mm) {
        return new Guides(kind, Length.mm(mm));
    }

    /** The kinds of guide. */
    public enum GuideKind {
        DOTS("dots"),
        SQUARES("squares"),
        ISOMETRIC("isometric"),
        HEXAGONS("hexagons"),
        STAVES("staves"),
        HANDWRITING("handwriting"),
        CALLIGRAPHY("calligraphy");

        private final String id;

        GuideKind(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    /** Slant of pointed-pen hands from the upright, in degrees (common practice). */
    private static final double SLANT = 35;

    private static final double FINE = 0.45;

    public Guides {
        if (size.compareTo(Length.mm(1)) < 0 || size.compareTo(Length.mm(60)) > 0) {
            throw Trouble.of("block.guides.guides-cannot-used", size);
        }
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        double fine = flow.grid().snaps() ? Rule.THINNEST : FINE;
        switch (kind) {
            case DOTS -> dots(area, pen);
            case SQUARES -> squares(area, pen, fine);
            case ISOMETRIC -> isometric(area, pen, fine);
            case HEXAGONS -> hexagons(area, pen, fine);
            case STAVES -> staves(area, pen);
            case HANDWRITING -> handwriting(area, pen, fine, false);
            case CALLIGRAPHY -> handwriting(area, pen, fine, true);
        }
    }

    /** The largest box of whole cells in an area, centred. */
    private static Box whole(Box area, double cellWidth, double cellHeight) {
        double w = Math.floor(area.width() / cellWidth + 1e-6) * cellWidth;
        double h = Math.floor(area.height() / cellHeight + 1e-6) * cellHeight;
        return new Box(area.centreX() - w / 2, area.centreY() - h / 2, w, h);
    }

    private void dots(Box area, Pen pen) {
        double s = size.points();
        double r = 0.7;
        Box g = whole(area.inset(r), s, s);
        Path.Builder all = Path.builder();
        for (double y = g.y(); y <= g.bottom() + 0.01; y += s) {
            for (double x = g.x(); x <= g.right() + 0.01; x += s) {
                double k = r * 0.5523;
                all.move(x + r, y)
                        .curve(x + r, y + k, x + k, y + r, x, y + r)
                        .curve(x - k, y + r, x - r, y + k, x - r, y)
                        .curve(x - r, y - k, x - k, y - r, x, y - r)
                        .curve(x + k, y - r, x + r, y - k, x + r, y)
                        .close();
            }
        }
        pen.fill(all.build(), Role.LINE);
    }

    private void squares(Box area, Pen pen, double fine) {
        double s = size.points();
        Box g = whole(area.inset(FINE / 2), s, s);
        Path.Builder all = Path.builder();
        for (double y = g.y(); y <= g.bottom() + 0.01; y += s) {
            all.move(g.x(), y).line(g.right(), y);
        }
        for (double x = g.x(); x <= g.right() + 0.01; x += s) {
            all.move(x, g.y()).line(x, g.bottom());
        }
        pen.stroke(all.build(), fine, Role.SOFT_LINE);
    }

    private void isometric(Box area, Pen pen, double fine) {
        double s = size.points();
        double h = s * Math.sqrt(3) / 2;
        Box g = whole(area.inset(FINE), h, s);
        Path.Builder all = Path.builder();
        for (double x = g.x(); x <= g.right() + 0.01; x += h) {
            all.move(x, g.y()).line(x, g.bottom());
        }
        double slope = 1 / Math.sqrt(3);
        double run = g.width() * slope;
        for (double c = g.y() - run - s; c <= g.bottom() + s; c += s) {
            double start = g.y() + Math.round((c - g.y()) / s) * s;
            clipped(all, g, start, slope);
            clipped(all, g, start + run, -slope);
        }
        pen.stroke(all.build(), fine, Role.SOFT_LINE);
    }

    /** A line through (left, y0) with a slope, as far as it lies in the box. */
    private static void clipped(Path.Builder all, Box g, double y0, double slope) {
        double x1 = 0;
        double x2 = g.width();
        double lowest = (g.y() - y0) / slope;
        double highest = (g.bottom() - y0) / slope;
        x1 = Math.max(x1, Math.min(lowest, highest));
        x2 = Math.min(x2, Math.max(lowest, highest));
        if (x2 - x1 > 0.5) {
            all.move(g.x() + x1, y0 + slope * x1).line(g.x() + x2, y0 + slope * x2);
        }
    }

    private void hexagons(Box area, Pen pen, double fine) {
        double side = size.points() / Math.sqrt(3);
        double stepX = size.points();
        double stepY = side * 1.5;
        int columns = (int) Math.floor((area.width() - stepX / 2) / stepX);
        int rows = (int) Math.floor((area.height() - side / 2) / stepY);
        if (columns < 1 || rows < 1) {
            return;
        }
        double x0 = area.centreX() - (columns * stepX + (rows > 1 ? stepX / 2 : 0)) / 2;
        double y0 = area.centreY() - (rows * stepY + side / 2) / 2;
        Path.Builder all = Path.builder();
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                double cx = x0 + stepX / 2 + c * stepX + (r % 2) * stepX / 2;
                double cy = y0 + side + r * stepY;
                for (int i = 0; i < 6; i++) {
                    double a = Math.toRadians(60 * i - 90);
                    double px = cx + side * Math.cos(a);
                    double py = cy + side * Math.sin(a);
                    if (i == 0) {
                        all.move(px, py);
                    } else {
                        all.line(px, py);
                    }
                }
                all.close();
            }
        }
        pen.stroke(all.build(), fine, Role.SOFT_LINE);
    }

    private void staves(Box area, Pen pen) {
        double staff = size.points();
        double pitch = staff * 2.1;
        int n = (int) Math.floor((area.height() + pitch - staff) / pitch);
        if (n < 1) {
            return;
        }
        double gap = n == 1 ? 0 : (area.height() - n * staff) / (n - 1);
        Path.Builder all = Path.builder();
        for (int i = 0; i < n; i++) {
            double top = area.y() + i * (staff + gap);
            for (int l = 0; l < 5; l++) {
                double y = top + staff * l / 4;
                all.move(area.x(), y).line(area.right(), y);
            }
            all.move(area.x(), top).line(area.x(), top + staff);
            all.move(area.right(), top).line(area.right(), top + staff);
        }
        pen.stroke(all.build(), 0.5, Role.LINE);
    }

    /** Head, waist, base and foot line of each row, and slant lines for a pointed pen. */
    private void handwriting(Box area, Pen pen, double fine, boolean slanted) {
        double x = size.points();
        double ascender = slanted ? x * 1.5 : x;
        double row = ascender + x + ascender;
        double pitch = row + x * 0.5;
        int n = Math.max(1, (int) Math.floor((area.height() + pitch - row) / pitch));
        for (int i = 0; i < n; i++) {
            double top = area.y() + i * pitch;
            if (top + row > area.bottom() + 0.5) {
                return;
            }
            double waist = top + ascender;
            double base = waist + x;
            pen.line(area.x(), base, area.right(), base, 0.8, Role.LINE);
            pen.stroke(
                    Path.builder()
                            .move(area.x(), top)
                            .line(area.right(), top)
                            .move(area.x(), top + row)
                            .line(area.right(), top + row)
                            .build(),
                    fine,
                    Role.SOFT_LINE);
            dashed(pen, area.x(), area.right(), waist, fine);
            if (slanted) {
                slants(pen, area, top, row, fine);
            }
        }
    }

    private static void dashed(Pen pen, double from, double to, double y, double fine) {
        Path.Builder dashes = Path.builder();
        for (double x = from; x < to; x += 7) {
            dashes.move(x, y).line(Math.min(to, x + 4), y);
        }
        pen.stroke(dashes.build(), fine, Role.LINE);
    }

    private void slants(Pen pen, Box area, double top, double row, double fine) {
        double run = row * Math.tan(Math.toRadians(SLANT));
        Path.Builder all = Path.builder();
        List<Double> starts = new ArrayList<>();
        for (double x = area.x(); x + run <= area.right(); x += size.points() * 3) {
            starts.add(x);
        }
        starts.forEach(x -> all.move(x, top + row).line(x + run, top));
        if (!starts.isEmpty()) {
            pen.stroke(all.build(), fine, Role.SOFT_LINE);
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return size.points();
    }
}
