package jorn.order;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Path;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.order.OrderSlip.Line;
import jorn.say.Wording;
import jorn.text.Face;
import jorn.text.LineBreaker;
import jorn.text.Shaper;
import jorn.text.TypeShelf;
import jorn.text.Typeface;

/** The order slip as sheets of paper, to be laid beside the keyboard and ticked off. */
public final class SlipSheet {
    private static final Size SHEET = new Size(Length.mm(210), Length.mm(297));
    private static final double MARGIN = Length.mm(20).points();
    private static final double LABELS = Length.mm(52).points();
    private static final double TICK = Length.mm(3.6).points();
    private static final double TYPE = 10;
    private static final double SMALL = 8.5;
    private static final double HEAD = 17;
    private static final double LEADING = 14.5;
    private static final double GAP = 7;

    private final Face bold = TypeShelf.typeface("alegreya").face(Typeface.Style.BOLD);
    private final Face plain = TypeShelf.typeface("alegreya-sans").regular();
    private final Face strong = TypeShelf.typeface("alegreya-sans").face(Typeface.Style.BOLD);
    private final Box page = Box.of(SHEET);
    private final Box room = page.inset(MARGIN);
    private final List<PageArt> sheets = new ArrayList<>();
    private List<Mark> marks = new ArrayList<>();
    private double y;

    private SlipSheet() {}

    /**
     * The sheets.
     *
     * @param title of the book
     */
    public static List<PageArt> of(String title, List<Line> lines) {
        return of(title, Wording.of("order.sheet.about"), lines);
    }

    /**
     * The sheets of any order.
     *
     * @param about what they are for, below the title
     */
    public static List<PageArt> of(String title, String about, List<Line> lines) {
        SlipSheet slip = new SlipSheet();
        slip.head(title, about);
        lines.forEach(slip::line);
        slip.end();
        return slip.sheets;
    }

    private void head(String title, String about) {
        y = room.y() + HEAD;
        for (String each : LineBreaker.breakAt(bold, HEAD, title, room.width())) {
            write(bold, HEAD, room.x(), each, Ink.BLACK);
            y += HEAD * 1.2;
        }
        write(plain, TYPE, room.x(), about, Ink.BLACK);
        y += GAP;
        rule(1);
        y += LEADING * 1.2;
    }

    private void line(Line line) {
        double width = room.width() - LABELS - TICK - GAP;
        String value = line.open() ? Wording.of("order.slip.open") : line.value();
        List<String> values = LineBreaker.breakAt(strong, TYPE, value, width);
        List<String> notes = line.note().isEmpty() ? List.of() : LineBreaker.breakAt(plain, SMALL, line.note(), width);
        double high = LEADING * values.size() + SMALL * 1.25 * notes.size() + GAP;
        if (y - LEADING + high + GAP > room.bottom()) {
            end();
            y = room.y() + LEADING;
        }
        Box tick = new Box(room.x(), y - TICK + 1.5, TICK, TICK);
        marks.add(new Mark.Stroke(Path.box(tick), 0.75, Ink.BLACK));
        write(plain, TYPE, room.x() + TICK + GAP, line.label(), Ink.BLACK);
        double at = room.x() + TICK + GAP + LABELS;
        double last = y;
        for (String each : values) {
            write(line.open() ? plain : strong, TYPE, at, each, Ink.BLACK);
            last = y;
            y += LEADING;
        }
        y = last;
        for (String each : notes) {
            y += SMALL * 1.25;
            write(plain, SMALL, at, each, Ink.BLACK);
        }
        y += GAP;
        rule(0.3);
        y += LEADING;
    }

    private void rule(double weight) {
        marks.add(new Mark.Stroke(Path.line(room.x(), y, room.right(), y), weight, Ink.BLACK));
    }

    private void write(Face face, double size, double x, String text, Ink ink) {
        if (!text.isBlank()) {
            marks.add(new Mark.Words(x, y, Shaper.shape(face, size, text), ink));
        }
    }

    private void end() {
        sheets.add(new PageArt(page, page, marks));
        marks = new ArrayList<>();
    }
}
