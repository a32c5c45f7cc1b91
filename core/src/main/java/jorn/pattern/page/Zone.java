package jorn.pattern.page;

import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.art.Stamp;
import jorn.pattern.motif.Curves;
import jorn.pattern.plane.Arrangement;
import jorn.pattern.plane.Field;
import jorn.pattern.plane.Inside;
import jorn.pattern.plane.Roundel;

/** A part of a page with lines of its own, which are cut clean at its outline; the outline is drawn, so every field at it is closed. */
final class Zone {
    /** How far straight pieces may leave a curve where fields are found, in points. */
    private static final double FLAT = 0.06;

    private static final double WITHIN = 0.15;
    private static final double ROUGH = 0.03;
    private static final double NEAR = 0.004;
    private static final double OUTLINE = 1.3;

    private final Path outline;
    private final Inside inside;
    private final double outlineWeight;
    private final Box box;
    private final boolean cuts;
    private final List<Inked> lines = new ArrayList<>();
    private List<Inked> cell = List.of();
    private List<double[]> corners = List.of();

    /** One that is drawn up to its outline, as letters, borders and mandalas are. */
    Zone(Area shape, Inking inking) {
        this(shape, inking, false);
    }

    /** @param cuts whether its outline cuts through lines that would go on */
    Zone(Area shape, Inking inking, boolean cuts) {
        this.cuts = cuts;
        this.outline = Path.of(shape);
        this.inside = new Inside(shape, FLAT);
        this.outlineWeight = inking.weight(OUTLINE);
        Rectangle2D b = shape.getBounds2D();
        this.box = new Box(b.getX(), b.getY(), b.getWidth(), b.getHeight());
    }

    Box box() {
        return box;
    }

    void add(Inked line) {
        lines.add(line);
    }

    /** The same lines in every cell: they are drawn once, and placed at the corners. */
    void repeat(List<Inked> all, List<double[]> at) {
        cell = List.copyOf(all);
        corners = List.copyOf(at);
    }

    /** What is drawn, without what fields add. */
    List<Mark> marks(Ink ink) {
        List<Mark> seen = new ArrayList<>(strokes(lines, ink));
        if (!cell.isEmpty()) {
            Stamp stamp = new Stamp(strokes(cell, ink));
            for (double[] c : corners) {
                // Not those of which nothing is seen.
                Mark.Stamped placed = new Mark.Stamped(stamp, c[0], c[1]);
                if (placed.bounds().meets(box)) {
                    seen.add(placed);
                }
            }
        }
        List<Mark> all = new ArrayList<>();
        if (!seen.isEmpty()) {
            all.add(new Mark.Clip(outline, seen));
        }
        all.add(Mark.Stroke.round(outline, outlineWeight, ink));
        return all;
    }

    private static List<Mark> strokes(List<Inked> lines, Ink ink) {
        Map<Double, Path.Builder> byWeight = new TreeMap<>();
        for (Inked line : lines) {
            double weight = Math.round(line.weight() * 50) / 50.0;
            byWeight.computeIfAbsent(weight, w -> Path.builder()).path(line.path());
        }
        List<Mark> all = new ArrayList<>();
        byWeight.forEach((weight, path) -> all.add(Mark.Stroke.round(path.build(), weight, ink)));
        return all;
    }

    /** The lines as straight pieces, without what surely lies outside. */
    private List<double[]> flat() {
        List<double[]> all = new ArrayList<>(inside.rings());
        for (Inked line : lines) {
            for (double[] each : Curves.flat(line.path(), FLAT)) {
                keep(each, 0, 0, all);
            }
        }
        List<double[]> once = new ArrayList<>();
        cell.forEach(line -> once.addAll(Curves.flat(line.path(), FLAT)));
        for (double[] corner : corners) {
            for (double[] each : once) {
                keep(each, corner[0], corner[1], all);
            }
        }
        return all;
    }

    private void keep(double[] line, double dx, double dy, List<double[]> all) {
        double[] moved = new double[line.length];
        double left = Double.POSITIVE_INFINITY;
        double top = left;
        double right = -left;
        double bottom = -left;
        for (int i = 0; i < line.length; i += 2) {
            moved[i] = line[i] + dx;
            moved[i + 1] = line[i + 1] + dy;
            left = Math.min(left, moved[i]);
            right = Math.max(right, moved[i]);
            top = Math.min(top, moved[i + 1]);
            bottom = Math.max(bottom, moved[i + 1]);
        }
        if (right >= box.x() && left <= box.right() && bottom >= box.y() && top <= box.bottom()) {
            all.add(moved);
        }
    }

    Arrangement arrangement() {
        // The outline itself lies on its own edge, and stays.
        return Arrangement.of(flat(), (x, y) -> inside.holds(x, y) || inside.near(x, y, 0.2) < 0.1 ? 1 : 0);
    }

    private boolean isAtOutline(Field field) {
        for (double[] ring : field.rings()) {
            for (int i = 0; i + 1 < ring.length; i += 2) {
                if (inside.near(ring[i], ring[i + 1], 2 * FLAT) < FLAT) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The fields, with the largest circle in each; the lines themselves take half of their weight from it. */
    List<ColourField> fields() {
        double half = outlineWeight / 2 / OUTLINE;
        List<ColourField> all = new ArrayList<>();
        for (Field field : arrangement().fields()) {
            // Of a large field it need not be known so well.
            Roundel roundel = Roundel.of(field, Math.max(WITHIN, ROUGH * Math.sqrt(field.area())));
            if (Math.abs(2 * (roundel.radius() - half) - ColourField.LEAST.points()) < 2 * WITHIN + NEAR) {
                // It decides whether a field is too small, for all fields of its kind alike.
                roundel = Roundel.of(field, NEAR);
            }
            if (inside.holds(roundel.x(), roundel.y())) {
                Roundel white = new Roundel(roundel.x(), roundel.y(), Math.max(0, roundel.radius() - half));
                ColourField found = new ColourField(field, white, false);
                all.add(cuts && found.isSmall() && isAtOutline(field) ? new ColourField(field, white, true) : found);
            }
        }
        return all;
    }
}
