package jorn.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.stream.Collectors;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Path;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.edition.Edition;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;

/**
 * Marks for the knife and the fold: 18 pt long, 4 pt clear of the bleed, 0.25 pt thin, in line with the trim and the spine (common
 * practice).
 */
class CutMarksTest {
    private static final double NEAR = 1e-6;

    private static Edition edition() {
        Book book = Starter.TEXT_BOOK.begin().withTitle("Hive");
        return Edition.of(book.withBrief(book.brief().at(PressShelf.shipped().find("trade"))));
    }

    private static Sheet cover() {
        return new CoverSheets(edition()).sheet(0);
    }

    /** Each mark's line: x1, y1, x2, y2. */
    private static List<double[]> lines(Mark.Stroke stroke) {
        List<double[]> all = new ArrayList<>();
        stroke.path().walk(new Path.Walker() {
            private double fromX;
            private double fromY;

            @Override
            public void move(double x, double y) {
                fromX = x;
                fromY = y;
            }

            @Override
            public void line(double x, double y) {
                all.add(new double[] {fromX, fromY, x, y});
                move(x, y);
            }

            @Override
            public void curve(double x1, double y1, double x2, double y2, double x, double y) {
                throw new AssertionError("a mark is straight");
            }

            @Override
            public void close() {
                throw new AssertionError("a mark is open");
            }
        });
        return all;
    }

    private static TreeSet<String> places(List<double[]> lines) {
        return lines.stream()
                .map(l -> String.format(Locale.ROOT, "%.2f %.2f %.2f %.2f", l[0], l[1], l[2], l[3]))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void eightCutsStandAtTheCornersOfTheTrimOutsideTheBleed() {
        Sheet sheet = cover();
        Mark.Stroke cuts = (Mark.Stroke) sheet.marks().get(0);
        assertEquals(0.25, cuts.width());
        assertEquals(Ink.BLACK, cuts.ink());
        assertTrue(cuts.dash().isEmpty());
        Box t = sheet.trim();
        Box b = sheet.bleed();
        List<double[]> wanted = new ArrayList<>();
        for (double x : new double[] {t.x(), t.right()}) {
            wanted.add(new double[] {x, b.y() - 22, x, b.y() - 4});
            wanted.add(new double[] {x, b.bottom() + 4, x, b.bottom() + 22});
        }
        for (double y : new double[] {t.y(), t.bottom()}) {
            wanted.add(new double[] {b.x() - 22, y, b.x() - 4, y});
            wanted.add(new double[] {b.right() + 4, y, b.right() + 22, y});
        }
        assertEquals(places(wanted), places(lines(cuts)));
    }

    @Test
    void fourDashedFoldsStandAtTheSpine() {
        Sheet sheet = cover();
        Mark.Stroke folds = (Mark.Stroke) sheet.marks().get(1);
        assertEquals(0.25, folds.width());
        assertEquals(List.of(3.0, 2.0), folds.dash());
        List<double[]> lines = lines(folds);
        assertEquals(4, lines.size());
        double spine = edition().measures().get("spine.width").length().points();
        TreeSet<Double> xs = lines.stream().map(l -> l[0]).collect(Collectors.toCollection(TreeSet::new));
        assertEquals(2, xs.size());
        assertEquals(spine, xs.last() - xs.first(), NEAR);
        assertEquals(sheet.trim().centreX(), (xs.first() + xs.last()) / 2, NEAR);
        Box b = sheet.bleed();
        for (double[] line : lines) {
            assertEquals(line[0], line[2], NEAR, "upright");
            boolean above = Math.abs(line[1] - (b.y() - 22)) < NEAR && Math.abs(line[3] - (b.y() - 4)) < NEAR;
            boolean below = Math.abs(line[1] - (b.bottom() + 4)) < NEAR && Math.abs(line[3] - (b.bottom() + 22)) < NEAR;
            assertTrue(above || below);
        }
    }

    @Test
    void allMarksLieOnTheSheetAndOutsideTheBleed() {
        Sheet sheet = cover();
        for (Mark mark : sheet.marks()) {
            assertTrue(sheet.media().holds(Marks.bounds(List.of(mark))));
        }
        assertEquals(2, sheet.marks().size());
    }
}
