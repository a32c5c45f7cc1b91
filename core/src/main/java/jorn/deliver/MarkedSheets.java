package jorn.deliver;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.book.Book;
import jorn.press.PrinterMark;
import jorn.text.Face;
import jorn.text.Shaper;
import jorn.text.TypeShelf;

/**
 * Sheets on larger paper with marks beside the trim: outside the bleed, so that none of them is ever in the book (ISO 15930-1, 6.8, asks the same of
 * trap and page information). A sheet that has marks of its own keeps these and gets no cut marks twice.
 *
 * @param plan whose sheets they are
 * @param marks which
 * @param book of which they tell
 */
record MarkedSheets(SheetPlan plan, Set<PrinterMark> marks, Book book) implements SheetPlan {
    /** Room round the bleed, in points. */
    private static final double ROOM = 30;

    private static final double GAP = 3;
    private static final double LENGTH = 18;
    private static final double HAIR = 0.25;
    /** Radius of a register mark. */
    private static final double RADIUS = 5;

    private static final double FIELD = 10;
    private static final double WORDS = 6.5;

    /** All four inks, as register marks need them so that they come out on every plate. */
    private static final Ink EVERY_PLATE = new Ink.Cmyk(1, 1, 1, 1);

    private static final List<Ink> FIELDS = List.of(
            new Ink.Cmyk(1, 0, 0, 0),
            new Ink.Cmyk(0, 1, 0, 0),
            new Ink.Cmyk(0, 0, 1, 0),
            Ink.BLACK,
            new Ink.Cmyk(0.5, 0, 0, 0),
            new Ink.Cmyk(0, 0.5, 0, 0),
            new Ink.Cmyk(0, 0, 0.5, 0),
            Ink.black(0.5));

    MarkedSheets {
        marks = Set.copyOf(marks);
    }

    @Override
    public FileRole role() {
        return plan.role();
    }

    @Override
    public int sheets() {
        return plan.sheets();
    }

    @Override
    public int sheetOf(int page) {
        return plan.sheetOf(page);
    }

    @Override
    public Sheet sheet(int index) {
        Sheet bare = plan.sheet(index);
        Box room = bare.bleed().outset(ROOM);
        List<Mark> all = new ArrayList<>(bare.marks());
        if (marks.contains(PrinterMark.CUT) && bare.marks().isEmpty()) {
            cuts(bare.trim(), bare.bleed(), all);
        }
        if (marks.contains(PrinterMark.REGISTER)) {
            register(bare.bleed(), all);
        }
        if (marks.contains(PrinterMark.BARS)) {
            bars(bare.bleed(), all);
        }
        if (marks.contains(PrinterMark.WORDS)) {
            words(bare, index, all);
        }
        return new Sheet(bare.trim(), bare.bleed(), bare.media().with(room), bare.placed(), all);
    }

    /** Each a line of its own, so that none of them seems to run across the page. */
    private static void cuts(Box t, Box b, List<Mark> out) {
        for (double x : new double[] {t.x(), t.right()}) {
            cut(x, b.y() - GAP - LENGTH, x, b.y() - GAP, out);
            cut(x, b.bottom() + GAP, x, b.bottom() + GAP + LENGTH, out);
        }
        for (double y : new double[] {t.y(), t.bottom()}) {
            cut(b.x() - GAP - LENGTH, y, b.x() - GAP, y, out);
            cut(b.right() + GAP, y, b.right() + GAP + LENGTH, y, out);
        }
    }

    private static void cut(double x1, double y1, double x2, double y2, List<Mark> out) {
        out.add(new Mark.Stroke(Path.line(x1, y1, x2, y2), HAIR, EVERY_PLATE));
    }

    /** In the middle of each side. */
    private static void register(Box b, List<Mark> out) {
        double away = ROOM / 2;
        double[][] places = {
            {b.centreX(), b.y() - away},
            {b.centreX(), b.bottom() + away},
            {b.x() - away, b.centreY()},
            {b.right() + away, b.centreY()}
        };
        for (double[] at : places) {
            Path.Builder cross = Path.builder();
            cross.arc(at[0], at[1], RADIUS, 0, 360, true).close();
            cross.move(at[0] - 2 * RADIUS, at[1]).line(at[0] + 2 * RADIUS, at[1]);
            cross.move(at[0], at[1] - 2 * RADIUS).line(at[0], at[1] + 2 * RADIUS);
            out.add(new Mark.Stroke(cross.build(), HAIR, EVERY_PLATE));
        }
    }

    /** At the head, right of the register mark. */
    private static void bars(Box b, List<Mark> out) {
        double x = b.centreX() + 4 * RADIUS;
        double y = b.y() - ROOM / 2 - FIELD / 2;
        for (Ink ink : FIELDS) {
            if (x + FIELD > b.right() - LENGTH) {
                return;
            }
            out.add(new Mark.Fill(Path.box(new Box(x, y, FIELD, FIELD)), ink));
            x += FIELD;
        }
    }

    /** At the foot, left of the register mark, as far as there is room. */
    private void words(Sheet bare, int index, List<Mark> out) {
        Box b = bare.bleed();
        String text = book.shownTitle() + " · " + role().id() + " · " + (index + 1) + " / " + sheets();
        double room = b.width() / 2 - 4 * RADIUS - LENGTH;
        Face face = TypeShelf.able(TypeShelf.typeface("alegreya-sans").regular(), text);
        double size = Math.min(WORDS, room / Shaper.widthPerPoint(face, text));
        GlyphRun run = Shaper.shape(face, size, text);
        out.add(new Mark.Words(b.x() + LENGTH / 2, b.bottom() + ROOM / 2 + WORDS / 3, run, Ink.BLACK));
    }
}
