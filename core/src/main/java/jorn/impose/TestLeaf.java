package jorn.impose;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Path;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.say.Wording;
import jorn.text.Face;
import jorn.text.Shaper;
import jorn.text.TypeShelf;

/** A leaf that measures a printer: rulers at each edge, a cross with lines of 100 mm, and an arrow, on its front and on its back. */
public final class TestLeaf {
    private static final double MM = Length.mm(1).points();
    private static final int RULER = 16;
    private static final int HALF = 50;
    private static final double FINE = 0.3;
    private static final double SIZE = 8;

    private final Box sheet;
    private final List<Mark> marks = new ArrayList<>();
    private final Face face = TypeShelf.typeface("atkinson").regular();

    private TestLeaf(Box sheet) {
        this.sheet = sheet;
    }

    /** Front and back. */
    public static List<PageArt> of(Size size) {
        Box sheet = Box.of(size);
        return List.of(new TestLeaf(sheet).drawn(true), new TestLeaf(sheet).drawn(false));
    }

    private PageArt drawn(boolean front) {
        if (front) {
            rulers();
        }
        cross(front);
        arrow();
        words(
                Wording.of(front ? "impose.leaf.front" : "impose.leaf.back"),
                sheet.centreX(),
                sheet.centreY() - (HALF + 24) * MM,
                13);
        double y = sheet.centreY() + (HALF + 16) * MM;
        for (int i = 1; i <= (front ? 3 : 2); i++) {
            words(Wording.of((front ? "impose.leaf.say-" : "impose.leaf.back-say-") + i), sheet.centreX(), y, SIZE);
            y += 1.6 * SIZE;
        }
        return new PageArt(sheet, sheet, marks);
    }

    private void line(double x1, double y1, double x2, double y2) {
        marks.add(new Mark.Stroke(Path.line(x1, y1, x2, y2), FINE, Ink.BLACK));
    }

    private void words(String text, double x, double y, double size) {
        GlyphRun run = Shaper.shape(TypeShelf.able(face, text), size, text);
        marks.add(new Mark.Words(x - run.width() / 2, y, run, Ink.BLACK));
    }

    /** From each edge a line for each millimetre: the first that is seen tells how wide the white rim is. */
    private void rulers() {
        for (int i = 1; i <= RULER; i++) {
            double off = i * MM;
            double long1 = (i % 5 == 0 ? 14 : 9) * MM;
            line(off, sheet.centreY() - long1 / 2, off, sheet.centreY() + long1 / 2);
            line(sheet.right() - off, sheet.centreY() - long1 / 2, sheet.right() - off, sheet.centreY() + long1 / 2);
            line(sheet.centreX() - long1 / 2, off, sheet.centreX() + long1 / 2, off);
            line(sheet.centreX() - long1 / 2, sheet.bottom() - off, sheet.centreX() + long1 / 2, sheet.bottom() - off);
            if (i % 5 == 0) {
                words(Integer.toString(i), off, sheet.centreY() - 8.5 * MM, 6.5);
                words(Integer.toString(i), sheet.right() - off, sheet.centreY() - 8.5 * MM, 6.5);
                words(Integer.toString(i), sheet.centreX() - 10 * MM, off + 2, 6.5);
                words(Integer.toString(i), sheet.centreX() - 10 * MM, sheet.bottom() - off + 2, 6.5);
            }
        }
    }

    /** Two lines of 100 mm; on the back with ticks for each half millimetre round the middle, against which the front is seen through the paper. */
    private void cross(boolean front) {
        double x = sheet.centreX();
        double y = sheet.centreY();
        double half = HALF * MM;
        line(x - half, y, x + half, y);
        line(x, y - half, x, y + half);
        for (double end : new double[] {-half, half}) {
            line(x + end, y - 3 * MM, x + end, y + 3 * MM);
            line(x - 3 * MM, y + end, x + 3 * MM, y + end);
        }
        if (!front) {
            for (int i = -10; i <= 10; i++) {
                double off = i * MM / 2;
                double tick = (i % 2 == 0 ? 2.5 : 1.5) * MM;
                line(x + off, y - tick, x + off, y + tick);
                line(x - tick, y + off, x + tick, y + off);
            }
        }
    }

    private void arrow() {
        double x = sheet.centreX();
        double top = sheet.y() + 22 * MM;
        Path head = Path.builder()
                .move(x, top)
                .line(x - 5 * MM, top + 9 * MM)
                .line(x + 5 * MM, top + 9 * MM)
                .close()
                .build();
        marks.add(new Mark.Fill(head, Ink.BLACK));
        line(x, top + 9 * MM, x, top + 20 * MM);
    }
}
