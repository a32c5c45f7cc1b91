package jorn.pattern.page;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Turn;
import jorn.content.Memo;
import jorn.measure.Length;
import jorn.pattern.motif.Curves;
import jorn.pattern.motif.MotifLine;
import jorn.pattern.plane.Arrangement;
import jorn.pattern.plane.Field;
import jorn.pattern.plane.Roundel;

/**
 * Merges fields of a motif that would be too small to colour at the size at which it is drawn: a line that parts such fields off, and makes no
 * other field, is left out.
 */
final class Fine {
    /** A motif of a smaller radius has no ribs and veins, in points. */
    private static final double RIBBED = Length.mm(6).points();

    /** Half of a line's weight is taken off on either side, and neighbours may come near. */
    private static final double SPARE = 1.8;

    private static final double SAME = 0.01;
    private static final double WEIGHED = 100;
    private static final double LOOKED = 0.0005;
    private static final int SPACED = 60;
    private static final double FLAT = 0.1;
    private static final int KEPT = 200;

    private static final Memo<Wanted, List<MotifLine>> FOUND = new Memo<>(KEPT);

    private record Wanted(List<MotifLine> lines, long radius) {}

    /** How many fields can be coloured, and how many cannot. */
    private record Counted(int fields, int small) {}

    private Fine() {}

    /** The lines that are drawn; the first always is. */
    static List<MotifLine> kept(List<MotifLine> lines, double radius) {
        Wanted wanted = new Wanted(lines, Math.round(radius * 2));
        return FOUND.of(wanted, () -> chosen(lines, wanted.radius() / 2.0));
    }

    private static List<MotifLine> chosen(List<MotifLine> lines, double radius) {
        List<MotifLine> kept = new ArrayList<>();
        List<double[]> flat = new ArrayList<>();
        Counted before = new Counted(0, 0);
        Turn size = Turn.scale(radius, 0, 0);
        for (List<MotifLine> alike : alike(lines)) {
            if (!alike.get(0).path().isClosed() && radius < RIBBED && !kept.isEmpty()) {
                continue;
            }
            List<double[]> now = new ArrayList<>(flat);
            alike.forEach(line -> now.addAll(Curves.flat(line.path().turned(size), FLAT)));
            Counted after = count(now);
            if (kept.isEmpty() || after.fields() > before.fields() || after.small() <= before.small()) {
                kept.addAll(alike);
                flat = now;
                before = after;
            }
        }
        return List.copyOf(kept);
    }

    /** The same without so many of its last lines, those that are alike counting as one; the first ones stay. */
    static List<MotifLine> cleared(List<MotifLine> lines, int count) {
        if (count == 0) {
            return lines;
        }
        List<List<MotifLine>> groups = alike(lines);
        List<MotifLine> kept = new ArrayList<>();
        groups.subList(0, Math.max(1, groups.size() - count)).forEach(kept::addAll);
        return List.copyOf(kept);
    }

    /** Lines that follow on each other and are the same but for a turn: all of them stay, or none, so that a figure keeps its symmetry. */
    private static List<List<MotifLine>> alike(List<MotifLine> lines) {
        List<List<MotifLine>> groups = new ArrayList<>();
        double before = Double.NaN;
        for (MotifLine line : lines) {
            double now = looks(line);
            if (!(Math.abs(now - before) < SAME)) {
                groups.add(new ArrayList<>());
            }
            groups.get(groups.size() - 1).add(line);
            before = now;
        }
        return groups;
    }

    /** A number that lines have in common that are the same but for a turn or a mirror: from their lengths, weights and how far out they lie. */
    private static double looks(MotifLine line) {
        double sum = line.weight() * WEIGHED;
        for (double[] flat : Curves.flat(line.path(), LOOKED)) {
            double[] points = Curves.spaced(flat, SPACED);
            for (int i = 2; i < points.length; i += 2) {
                double step = Math.hypot(points[i] - points[i - 2], points[i + 1] - points[i - 1]);
                sum += step * (1 + Math.hypot(points[i], points[i + 1]));
            }
        }
        return sum;
    }

    private static Counted count(List<double[]> flat) {
        int small = 0;
        List<Field> fields = Arrangement.of(flat).fields();
        for (Field field : fields) {
            small += 2 * Roundel.of(field, 0.1).radius() < ColourField.LEAST.points() + SPARE ? 1 : 0;
        }
        return new Counted(fields.size() - small, small);
    }
}
