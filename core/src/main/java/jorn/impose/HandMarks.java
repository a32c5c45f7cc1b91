package jorn.impose;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.art.Turn;
import jorn.measure.Length;
import jorn.say.Wording;
import jorn.text.Outlines;
import jorn.text.Shaper;
import jorn.text.TypeShelf;

/** Draws marks for hands on a side of a sheet. Places of stations and steps are common practice. */
public final class HandMarks {
    private static final double WEIGHT = 0.4;
    private static final double TICK = Length.mm(5).points();
    private static final double STAPLE = Length.mm(6).points();
    private static final double CROSS = Length.mm(1.2).points();
    /** The outermost stitches stand so far from head and foot. */
    private static final double KETTLE = Length.mm(15).points();

    private static final double STEP_HIGH = Length.mm(4).points();
    private static final double STEP_WIDE = Length.mm(1.5).points();
    private static final double SIZE = 6.5;
    private static final List<Double> DASHES = List.of(3.0, 2.0);
    /** Pages lower than this have three stations, others five. */
    private static final double LOW = Length.mm(160).points();

    private final SheetLayout layout;
    private final Set<HandMark> wanted;
    private final Optional<Punch> punch;

    public HandMarks(SheetLayout layout, Set<HandMark> wanted) {
        this(layout, wanted, Optional.empty());
    }

    /** @param punch for leaves that are filed in rings; nested sheets have none */
    public HandMarks(SheetLayout layout, Set<HandMark> wanted, Optional<Punch> punch) {
        this.layout = layout;
        this.wanted = Set.copyOf(wanted);
        this.punch = punch;
    }

    /** How far from the head the holes for sewing are, on a fold so long. */
    static List<Double> stations(double fold) {
        int gaps = fold < LOW ? 2 : 4;
        double first = Math.min(KETTLE, fold / 6);
        List<Double> all = new ArrayList<>();
        for (int i = 0; i <= gaps; i++) {
            all.add(first + (fold - 2 * first) * i / gaps);
        }
        return all;
    }

    /** Where staples go, from the head: a quarter of the fold from each end. */
    static List<Double> staples(double fold) {
        return List.of(fold / 4, 3 * fold / 4);
    }

    /** The marks on a side, in points from the sheet's top left corner. */
    public List<Mark> on(PressSheet sheet, boolean front) {
        List<Mark> all = new ArrayList<>();
        FoldKind kind = layout.imposition().scheme().kind();
        if (wanted.contains(HandMark.FOLD)) {
            folds(kind, all);
        }
        if (wanted.contains(HandMark.CUT)) {
            cuts(kind, all);
        }
        if (kind.isNested()) {
            if (wanted.contains(HandMark.STAPLE) && front && sheet.depth() == 0) {
                staples(all);
            }
            if (wanted.contains(HandMark.SEWING)
                    && !front
                    && sheet.depth() == layout.imposition().nest(sheet) - 1) {
                sewing(all);
            }
            if (wanted.contains(HandMark.COLLATION) && front && sheet.depth() == 0) {
                step(sheet.signature(), all);
            }
        }
        if (punch.isPresent() && kind.isPunched()) {
            layout.leaves().forEach(page -> all.addAll(punch.get().marks(page, front)));
        }
        if (wanted.contains(HandMark.NUMBERS)) {
            numbers(sheet, front, all);
        }
        return all;
    }

    private boolean upright() {
        return layout.imposition().scheme().kind() != FoldKind.CALENDAR;
    }

    /** How long the fold is. */
    private double fold() {
        return upright() ? layout.sheet().height() : layout.sheet().width();
    }

    /** A line along or across the fold: so far along it, from and to beside it. */
    private Path line(double along1, double aside1, double along2, double aside2) {
        Box s = layout.sheet();
        return upright()
                ? Path.line(s.centreX() + aside1, along1, s.centreX() + aside2, along2)
                : Path.line(along1, s.centreY() + aside1, along2, s.centreY() + aside2);
    }

    private static Mark solid(Path path) {
        return new Mark.Stroke(path, WEIGHT, Ink.BLACK);
    }

    private static Mark dashed(Path path) {
        return new Mark.Stroke(path, WEIGHT, Ink.BLACK, DASHES);
    }

    private void folds(FoldKind kind, List<Mark> all) {
        Box s = layout.sheet();
        if (kind.isNested()) {
            all.add(dashed(line(0, 0, TICK, 0)));
            all.add(dashed(line(fold() - TICK, 0, fold(), 0)));
        } else if (kind == FoldKind.ONE_CUT) {
            for (int c = 1; c < 4; c++) {
                double x = s.width() * c / 4;
                all.add(dashed(Path.line(x, 0, x, TICK)));
                all.add(dashed(Path.line(x, s.height() - TICK, x, s.height())));
            }
            all.add(dashed(Path.line(0, s.centreY(), TICK, s.centreY())));
            all.add(dashed(Path.line(s.width() - TICK, s.centreY(), s.width(), s.centreY())));
        }
    }

    private void cuts(FoldKind kind, List<Mark> all) {
        Box s = layout.sheet();
        if (kind == FoldKind.ONE_CUT) {
            all.add(solid(Path.line(s.width() / 4, s.centreY(), s.width() * 3 / 4, s.centreY())));
            return;
        }
        // Every page has two ticks at each corner, beyond its edges.
        Raster raster = layout.imposition().raster();
        for (int r = 0; r < raster.rows(); r++) {
            for (int c = 0; c < raster.columns(); c++) {
                Box edge = layout.edge(new Seat(1, c, r, false));
                boolean foldRight = kind.isNested() && upright() && c == 0;
                boolean foldLeft = kind.isNested() && upright() && c == 1;
                boolean foldBelow = kind == FoldKind.CALENDAR && r == 0;
                boolean foldAbove = kind == FoldKind.CALENDAR && r == 1;
                for (double x : new double[] {edge.x(), edge.right()}) {
                    boolean atFold = (foldRight && x == edge.right()) || (foldLeft && x == edge.x());
                    if (!atFold) {
                        tick(x, edge.y(), x, edge.y() - TICK, all);
                        tick(x, edge.bottom(), x, edge.bottom() + TICK, all);
                    }
                }
                for (double y : new double[] {edge.y(), edge.bottom()}) {
                    boolean atFold = (foldBelow && y == edge.bottom()) || (foldAbove && y == edge.y());
                    if (!atFold) {
                        tick(edge.x(), y, edge.x() - TICK, y, all);
                        tick(edge.right(), y, edge.right() + TICK, y, all);
                    }
                }
            }
        }
    }

    /** A tick, as far as it lies on the sheet and on no page. */
    private void tick(double x, double y, double toX, double toY, List<Mark> all) {
        Box s = layout.sheet();
        double endX = Math.max(0, Math.min(s.width(), toX));
        double endY = Math.max(0, Math.min(s.height(), toY));
        Box middle = new Box((x + endX) / 2 - 0.05, (y + endY) / 2 - 0.05, 0.1, 0.1);
        boolean onPage = layout.edges().stream().anyMatch(e -> e.meets(middle));
        if (!onPage && Math.hypot(endX - x, endY - y) > 1) {
            all.add(solid(Path.line(x, y, endX, endY)));
        }
    }

    private void staples(List<Mark> all) {
        for (double at : staples(fold())) {
            all.add(solid(line(at - STAPLE / 2, 0, at + STAPLE / 2, 0)));
            all.add(solid(line(at - STAPLE / 2, -CROSS, at - STAPLE / 2, CROSS)));
            all.add(solid(line(at + STAPLE / 2, -CROSS, at + STAPLE / 2, CROSS)));
        }
    }

    private void sewing(List<Mark> all) {
        for (double at : stations(fold())) {
            all.add(solid(line(at - CROSS, 0, at + CROSS, 0)));
            all.add(solid(line(at, -CROSS, at, CROSS)));
        }
    }

    private void step(int signature, List<Mark> all) {
        double room = fold() - 2 * KETTLE;
        double at = KETTLE + (signature - 1) * STEP_HIGH % Math.max(STEP_HIGH, room);
        Box s = layout.sheet();
        Box box = upright()
                ? new Box(s.centreX() - STEP_WIDE / 2, at, STEP_WIDE, STEP_HIGH)
                : new Box(at, s.centreY() - STEP_WIDE / 2, STEP_HIGH, STEP_WIDE);
        all.add(new Mark.Fill(Path.box(box), Ink.BLACK));
    }

    /** Beside the pages, where there is room for it. */
    private void numbers(PressSheet sheet, boolean front, List<Mark> all) {
        Box s = layout.sheet();
        String text = Wording.of(front ? "impose.mark.sheet-front" : "impose.mark.sheet-back", sheet.number());
        GlyphRun run =
                Shaper.shape(TypeShelf.able(TypeShelf.typeface("atkinson").regular(), text), SIZE, text);
        double below = s.bottom()
                - layout.edges().stream().mapToDouble(Box::bottom).max().orElse(0);
        double left = layout.edges().stream().mapToDouble(Box::x).min().orElse(0);
        if (below > 2 * SIZE) {
            double y = s.bottom() - Math.min(below / 2, TICK);
            all.add(new Mark.Fill(Outlines.of(run, Math.max(left, TICK), y), Ink.BLACK));
        } else if (left > 2 * SIZE) {
            Mark words = new Mark.Fill(Outlines.of(run, 0, 0), Ink.BLACK);
            double x = Math.min(left / 2 + SIZE / 2, TICK);
            all.add(new Mark.Turned(Turn.quarterUp(x, s.bottom() - TICK), List.of(words)));
        }
    }
}
