package jorn.deliver;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.cover.CoverGeometry;
import jorn.cover.CoverGeometry.CoverSheet;

/** Marks on a larger sheet, outside the bleed: where the knife cuts and where the spine folds. */
final class CutMarks {
    private static final double LENGTH = 18;
    private static final double GAP = 4;
    private static final double WEIGHT = 0.25;

    private CutMarks() {}

    static List<Mark> around(CoverSheet sheet, CoverGeometry geometry) {
        Path.Builder cuts = Path.builder();
        Box t = sheet.trim();
        Box b = sheet.bled();
        for (double x : new double[] {t.x(), t.right()}) {
            vertical(cuts, x, b);
        }
        for (double y : new double[] {t.y(), t.bottom()}) {
            cuts.move(b.x() - GAP - LENGTH, y).line(b.x() - GAP, y);
            cuts.move(b.right() + GAP, y).line(b.right() + GAP + LENGTH, y);
        }
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Stroke(cuts.build(), WEIGHT, Ink.BLACK));
        geometry.spineBox().ifPresent(spine -> {
            Path.Builder folds = Path.builder();
            vertical(folds, spine.x(), b);
            vertical(folds, spine.right(), b);
            marks.add(new Mark.Stroke(folds.build(), WEIGHT, Ink.BLACK, List.of(3.0, 2.0)));
        });
        return marks;
    }

    private static void vertical(Path.Builder lines, double x, Box b) {
        lines.move(x, b.y() - GAP - LENGTH).line(x, b.y() - GAP);
        lines.move(x, b.bottom() + GAP).line(x, b.bottom() + GAP + LENGTH);
    }
}
