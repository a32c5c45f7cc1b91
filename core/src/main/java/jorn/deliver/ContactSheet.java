package jorn.deliver;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Path;
import jorn.art.Turn;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.text.Face;
import jorn.text.Shaper;
import jorn.text.TypeShelf;

/** Many spreads on one sheet, small, each with a line of words below: to look over a whole catalogue at once. */
public final class ContactSheet {
    private static final Size SHEET = new Size(Length.mm(420), Length.mm(297));
    private static final double MARGIN = Length.mm(10).points();
    private static final double GAP = Length.mm(6).points();
    private static final double CAPTION = 13;
    private static final double TYPE = 8;

    /**
     * A spread.
     *
     * @param left the left-hand page
     * @param right the right-hand page
     * @param caption what it is
     */
    public record Shown(PageArt left, PageArt right, String caption) {}

    private ContactSheet() {}

    /**
     * The sheets.
     *
     * @param count how many spreads there are
     * @param spread makes one; asked for in order, so that no more than a sheet's need be held
     * @param columns spreads side by side
     */
    public static List<PageArt> of(int count, IntFunction<Shown> spread, int columns) {
        List<PageArt> sheets = new ArrayList<>();
        Box page = Box.of(SHEET);
        Box room = page.inset(MARGIN);
        double w = (room.width() - GAP * (columns - 1)) / columns;
        List<Mark> marks = new ArrayList<>();
        double x = room.x();
        double y = room.y();
        double high = 0;
        for (int i = 0; i < count; i++) {
            Shown shown = spread.apply(i);
            Box left = shown.left().trim();
            double scale = w / (2 * left.width());
            double h = left.height() * scale + CAPTION;
            if (x + w > room.right() + 0.01) {
                x = room.x();
                y += high + GAP;
                high = 0;
            }
            if (y + h > room.bottom() + 0.01) {
                sheets.add(new PageArt(page, page, marks));
                marks = new ArrayList<>();
                y = room.y();
            }
            place(shown, x, y, scale, marks);
            high = Math.max(high, h);
            x += w + GAP;
        }
        if (!marks.isEmpty()) {
            sheets.add(new PageArt(page, page, marks));
        }
        return sheets;
    }

    private static void place(Shown shown, double x, double y, double scale, List<Mark> marks) {
        Box trim = shown.left().trim();
        page(shown.left(), x, y, scale, marks);
        page(shown.right(), x + trim.width() * scale, y, scale, marks);
        Face face = TypeShelf.typeface("alegreya-sans").regular();
        marks.add(new Mark.Words(
                x, y + trim.height() * scale + CAPTION - 3, Shaper.shape(face, TYPE, shown.caption()), Ink.BLACK));
    }

    private static void page(PageArt art, double x, double y, double scale, List<Mark> marks) {
        Box trim = art.trim();
        List<Mark> cut = List.of(new Mark.Clip(Path.box(trim), art.marks()));
        marks.add(new Mark.Turned(Turn.scale(scale, x - trim.x() * scale, y - trim.y() * scale), cut));
        Box edge = new Box(x, y, trim.width() * scale, trim.height() * scale);
        marks.add(new Mark.Stroke(Path.box(edge), 0.3, Ink.black(0.4)));
    }
}
