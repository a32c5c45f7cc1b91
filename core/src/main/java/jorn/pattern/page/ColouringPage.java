package jorn.pattern.page;

import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.measure.Length;
import jorn.pattern.symmetry.Rosette;

/** A colouring page as it is drawn: pure black lines. Its fields are found when they are asked for, once. */
public final class ColouringPage {
    private static final double GAP = Length.mm(2.4).points();
    private static final double FRIEZE = Length.mm(13).points();
    private static final double CAPTION = Length.mm(27).points();
    private static final int MANY_LETTERS = 14;
    private static final double MANDALA = 0.42;
    /** Of a border that has a second line outside. */
    private static final double OUTER_LINE = 1.8;

    /** So many times lines are left out where too much would be inked. */
    private static final int MOST_CLEARED = 4;

    /** Of a pattern no more than this share of its area becomes part of the lines. */
    private static final double MOST_INKED = 0.035;

    private final PatternSpec spec;
    private final Box area;
    private final List<Zone> zones = new ArrayList<>();
    /** Letters, which stay white whatever their size. */
    private final List<Zone> hollow = new ArrayList<>();

    /** Lines of the border, with pointed corners. */
    private final List<Inked> around = new ArrayList<>();

    private List<ColourField> fields = List.of();
    private boolean inked;
    private boolean found;

    /**
     * Lays out a page.
     *
     * @param area what it fills, in points
     */
    public ColouringPage(PatternSpec spec, Box area) {
        this.spec = spec;
        this.area = area;
        lay(0);
    }

    /** @param cleared how many lines of the motif are left out, from the last */
    private void lay(int cleared) {
        zones.clear();
        hollow.clear();
        around.clear();
        Box inner = bordered(area);
        Surround s = spec.surround();
        boolean inBox = s.window().kind() == PatternWindow.Pane.PAGE;
        if (!s.caption().isEmpty()) {
            // So high that the strokes of its letters can be coloured: in two lines where there are many.
            double high = Math.min(CAPTION * (s.caption().length() > MANY_LETTERS ? 1.8 : 1), inner.height() / 3.5);
            words(s.caption(), new Box(inner.x(), inner.bottom() - high, inner.width(), high));
            inner = new Box(inner.x(), inner.y(), inner.width(), inner.height() - high);
        }
        Box room = inBox ? inner : inner.within(s.border() == Surround.Rim.NONE ? 1 : 2 * GAP);
        Area window = s.window().in(room);
        Optional<Rosette> rosette = s.mandala();
        boolean whole = rosette.isPresent() && s.window().kind() == PatternWindow.Pane.ROUND;
        if (rosette.isPresent()) {
            double r = (whole ? 0.5 : MANDALA) * Math.min(room.width(), room.height());
            Area circle = new Area(new Ellipse2D.Double(room.centreX() - r, room.centreY() - r, 2 * r, 2 * r));
            Zone mandala = new Zone(circle, spec.inking());
            Rings.of(rosette.get(), room.centreX(), room.centreY(), r, spec).forEach(mandala::add);
            window.subtract(circle);
            zones.add(mandala);
            if (whole) {
                zones.addAll(Rings.corners(inner, r, spec));
            }
        }
        if (!whole) {
            Zone pattern = new Zone(window, spec.inking(), true);
            Copies.put(new Ground(spec, cleared), pattern, room);
            zones.add(0, pattern);
        }
    }

    /** Draws the border, and gives what is left inside. */
    private Box bordered(Box area) {
        double weight = spec.inking().weight(OUTER_LINE);
        Box edge = area.within(weight / 2);
        switch (spec.surround().border()) {
            case NONE -> {
                return area.within(spec.inking().weight(1.3) / 2);
            }
            case LINE -> {
                around.add(new Inked(Path.box(edge), weight));
                return edge;
            }
            case DOUBLE -> {
                around.add(new Inked(Path.box(edge), weight));
                return edge.within(GAP);
            }
            default -> {
                double wide = Math.min(FRIEZE, Math.min(edge.width(), edge.height()) / 8);
                zones.addAll(Friezes.round(edge, wide, spec));
                around.add(new Inked(Path.box(edge), weight));
                return edge.within(wide);
            }
        }
    }

    private void words(String text, Box strip) {
        Box room = strip.inset(CAPTION * 0.13, CAPTION * 0.3, CAPTION * 0.13, CAPTION * 0.3);
        if (room.isEmpty()) {
            return;
        }
        hollow.add(new Zone(new Area(new HollowWords(text).in(room)), spec.inking()));
        if (spec.surround().border() != Surround.Rim.NONE) {
            around.add(new Inked(Path.box(strip), spec.inking().weight(1)));
        }
    }

    public PatternSpec spec() {
        return spec;
    }

    /** The lines. */
    public List<Mark> marks() {
        return marks(Ink.BLACK);
    }

    /** The lines in another ink. */
    List<Mark> marks(Ink ink) {
        List<Mark> all = new ArrayList<>();
        zones.forEach(z -> all.addAll(z.marks(ink)));
        hollow.forEach(z -> all.addAll(z.marks(ink)));
        around.forEach(line -> all.add(new Mark.Stroke(line.path(), line.weight(), ink)));
        return all;
    }

    /** The lines, and the fields that are too small to colour as part of them, where that is wanted. */
    public List<Mark> inkedMarks() {
        List<ColourField> known = found();
        List<Mark> all = new ArrayList<>(marks());
        if (inked) {
            Path.Builder small = Path.builder();
            boolean any = false;
            for (ColourField each : known) {
                if (each.isToInk()) {
                    small.path(each.field().path());
                    any = true;
                }
            }
            if (any) {
                all.add(new Mark.Fill(small.build(), Ink.BLACK));
            }
        }
        return all;
    }

    private List<ColourField> found() {
        if (!found) {
            boolean wanted = spec.inking().small() == Inking.SmallFields.INKED;
            List<ColourField> all = look();
            for (int i = 1; wanted && i <= MOST_CLEARED && smallShare(all) > MOST_INKED; i++) {
                lay(i);
                all = look();
            }
            // Where it were still half a black page, small fields stay white, and are counted.
            inked = wanted && smallShare(all) <= 2 * MOST_INKED;
            for (Zone letters : hollow) {
                letters.fields().stream().filter(f -> !f.isSmall()).forEach(all::add);
            }
            fields = List.copyOf(all);
            found = true;
        }
        return fields;
    }

    private List<ColourField> look() {
        List<ColourField> all = new ArrayList<>();
        zones.forEach(z -> all.addAll(z.fields()));
        return all;
    }

    /** Which share of the area of all fields lies in small ones. */
    private static double smallShare(List<ColourField> all) {
        double small = 0;
        double whole = 0;
        for (ColourField each : all) {
            whole += each.field().area();
            small += each.isToInk() ? each.field().area() : 0;
        }
        return whole == 0 ? 0 : small / whole;
    }

    /** The fields that can be coloured; those that are inked are none. */
    public List<ColourField> fields() {
        List<ColourField> all = found();
        return all.stream().filter(f -> !inked || !f.isSmall()).toList();
    }

    /** How many there are, and how small. */
    public FieldCount count() {
        List<ColourField> all = found();
        return FieldCount.of(all, inked ? Inking.SmallFields.INKED : Inking.SmallFields.LEFT);
    }
}
