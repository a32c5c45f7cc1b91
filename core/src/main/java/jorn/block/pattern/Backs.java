package jorn.block.pattern;

import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.pattern.run.PatternBack;
import jorn.pattern.run.Patterns;

/** What stands on the backs of pages to colour: faint, so that it does not show through. */
final class Backs {
    /** Of a black that tells where something may be written, and is not in the way. */
    private static final Ink FAINT = Ink.black(0.35);

    /** Thin and solid: a tint would be printed as dots. */
    private static final double HAIR = 0.3;

    private static final int SWATCHES = 8;

    private Backs() {}

    /** @param named whether the name of the picture stands there */
    static void draw(PatternBack back, boolean named, Box area, StyledPen pen, Flow flow, List<Mark> out) {
        Patterns.Back what = back.what();
        Lettering label = pen.label().in(FAINT);
        if (named) {
            String title = back.of().title(flow.calendar().language());
            pen.words(title, area, area.y() + label.size() * 2, label.at(Align.CENTRE));
        }
        if (what == Patterns.Back.NAME) {
            double y = area.bottom() - pen.step();
            double half = area.width() / 2;
            line("@name", area.x(), area.x() + half * 1.2, y, label, pen, flow, out);
            line("@date", area.x() + half * 1.3, area.right(), y, label, pen, flow, out);
        } else if (what == Patterns.Back.COLOURS) {
            swatches(area, label, pen, flow, out);
        }
    }

    private static void line(
            String key, double x, double right, double y, Lettering as, StyledPen pen, Flow flow, List<Mark> out) {
        String word = flow.fill(key);
        pen.words(word, new Box(x, y - as.size(), right - x, as.size() * 1.3), y, as);
        double from = x + pen.width(word, as) + as.size() * 0.6;
        out.add(new Mark.Stroke(Path.line(from, y + 1, right, y + 1), HAIR, Ink.BLACK));
    }

    private static void swatches(Box area, Lettering label, StyledPen pen, Flow flow, List<Mark> out) {
        double step = pen.step();
        double high = 6 * step;
        Box box = new Box(area.x(), area.bottom() - high, area.width(), high);
        out.add(new Mark.Stroke(Path.rounded(box.within(HAIR / 2), pen.corner()), HAIR, Ink.BLACK));
        pen.words(flow.fill("@colours-used"), box.within(step * 0.5), box.y() + step, label);
        double wide = (box.width() - step) / SWATCHES;
        double r = Math.min(step * 0.8, wide * 0.36);
        Path.Builder rounds = Path.builder();
        Path.Builder lines = Path.builder();
        for (int i = 0; i < 2 * SWATCHES; i++) {
            double x = box.x() + step * 0.5 + wide * (i % SWATCHES + 0.5);
            double y = box.y() + step * (i < SWATCHES ? 2.2 : 4.4);
            rounds.arc(x, y, r, 0, 360, true).close();
            lines.move(x - wide * 0.4, y + r + step * 0.55).line(x + wide * 0.4, y + r + step * 0.55);
        }
        out.add(new Mark.Stroke(rounds.build(), HAIR, Ink.BLACK));
        out.add(new Mark.Stroke(lines.build(), HAIR, Ink.BLACK));
    }
}
