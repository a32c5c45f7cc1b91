package jorn.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.style.BoxForm;
import jorn.style.Details.Tick;
import jorn.style.LetterForm;
import jorn.style.Motif;
import jorn.style.Motifs;
import jorn.style.Ornaments;
import jorn.style.PageStyle;
import jorn.style.Rule;
import jorn.text.Face;
import jorn.text.Shaper;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/** Draws as the book's style has it: its rules, frames, signs and letters, on the book's grid. */
public final class StyledPen {
    /** Where words stand above the line of their row, in pitches. */
    private static final double ABOVE_LINE = 0.27;

    /** White between something to tick and the line of its row, in pitches. */
    private static final double ABOVE_TICK_LINE = 0.14;

    /** No width that anybody sees, in points. */
    private static final double NOTHING = 0.01;

    /** Height of small letters that type is reckoned with, as a share of its size. */
    private static final double USUAL_X_HEIGHT = 0.49;

    private static final double LEAST_LARGER = 0.94;
    private static final double MOST_LARGER = 1.22;
    private static final double DOT = 0.8;
    private static final double DOT_GAP = 2.4;
    private static final double FINE = 0.3;
    private static final double BETWEEN = 1.3;

    private final Flow flow;
    private final List<Mark> out;
    private final PageStyle style;
    private final Grid grid;

    public StyledPen(Flow flow, List<Mark> out) {
        this.flow = flow;
        this.out = out;
        this.style = flow.style();
        this.grid = flow.grid();
    }

    /** A pen that draws for nobody, to measure with. */
    public static StyledPen measuring(Flow flow) {
        return new StyledPen(flow, new ArrayList<>());
    }

    public PageStyle style() {
        return style;
    }

    public double step() {
        return grid.step();
    }

    /** The size of type at a step, in points; larger in faces whose small letters are small. */
    public double size(TypeStep step) {
        double small = flow.face(Voice.BODY).regular().xHeight();
        double larger = Math.max(LEAST_LARGER, Math.min(MOST_LARGER, USUAL_X_HEIGHT / small));
        return Math.max(Grid.SMALLEST_TYPE, grid.type(step) * larger);
    }

    public Locale locale() {
        return flow.calendar().locale();
    }

    /** The baseline of words in a row that begins at y. */
    public double base(double y) {
        return y + step() * (1 - ABOVE_LINE);
    }

    public void add(List<Mark> marks) {
        out.addAll(marks);
    }

    public void fill(Path path, Ink ink) {
        out.add(new Mark.Fill(path, ink));
    }

    public Ink ink(Role role) {
        return flow.palette().ink(role);
    }

    /** A line from left to right. */
    public void across(Rule rule, double x1, double x2, double y) {
        if (x2 > x1) {
            line(rule, x1, y, x2, y, 0, 1);
        }
    }

    /** A line downward. */
    public void down(Rule rule, double x, double y1, double y2) {
        if (y2 > y1) {
            line(rule, x, y1, x, y2, 1, 0);
        }
    }

    private void line(Rule rule, double x1, double y1, double x2, double y2, double nx, double ny) {
        Ink ink = flow.palette().lineInk(rule.role(), rule.weight());
        switch (rule.kind()) {
            case SOLID -> out.add(new Mark.Stroke(Path.line(x1, y1, x2, y2), rule.weight(), ink));
            case DOTTED -> out.add(new Mark.Stroke(
                    Path.line(x1, y1, x2, y2), Math.max(DOT, rule.weight()), ink(rule.role()), List.of(DOT, DOT_GAP)));
            case DASHED -> out.add(new Mark.Stroke(Path.line(x1, y1, x2, y2), rule.weight(), ink, List.of(5.0, 3.0)));
            case DOUBLE -> {
                double off = rule.weight() / 2 + BETWEEN;
                out.add(new Mark.Stroke(Path.line(x1, y1, x2, y2), rule.weight(), ink));
                Path second = Path.line(x1 + nx * off, y1 + ny * off, x2 + nx * off, y2 + ny * off);
                double fine = Math.max(FINE, rule.weight() / 3);
                out.add(new Mark.Stroke(second, fine, flow.palette().lineInk(rule.role(), fine)));
            }
            case NONE -> {
                // White.
            }
        }
    }

    public void outline(Path path, Rule rule) {
        if (!rule.isNone()) {
            out.add(new Mark.Stroke(path, rule.weight(), flow.palette().lineInk(rule.role(), rule.weight())));
        }
    }

    /** A tint of a colour on which one can still write. */
    public Ink tint(Role role) {
        return role == Role.TINT ? ink(role) : ink(role).faded(0.13);
    }

    public double corner() {
        return style.boxes().corner().points();
    }

    /** Frames a box as the style frames boxes. */
    public void frame(Box b) {
        Rule rule = style.lines().frame();
        Box on = b.inset(rule.weight() / 2);
        switch (style.boxes().frame()) {
            case SQUARE -> outline(Path.box(on), rule);
            case ROUNDED -> outline(Path.rounded(on, corner()), rule);
            case DOUBLE -> doubled(b, rule.weight());
            case OPEN -> across(style.lines().head(), b.x(), b.right(), b.y());
            case TINT -> fill(Path.box(b), ink(Role.TINT));
            case NONE -> {
                // White.
            }
        }
    }

    /** A strong line with a fine one inside. */
    public void doubled(Box b, double weight) {
        Ink ink = flow.palette().lineInk(Role.TEXT, weight);
        out.add(new Mark.Stroke(Path.box(b.inset(weight / 2)), weight, ink));
        Box inside = b.inset(weight + BETWEEN);
        if (inside.width() > 0 && inside.height() > 0) {
            out.add(new Mark.Stroke(Path.box(inside), FINE, flow.palette().lineInk(Role.TEXT, FINE)));
        }
    }

    /** Whether the style's boxes have sides that words must keep away from. */
    public boolean framesHaveSides() {
        BoxForm.BoxFrame f = style.boxes().frame();
        return f != BoxForm.BoxFrame.OPEN && f != BoxForm.BoxFrame.NONE;
    }

    /** Draws something to tick in a row that begins at y; never under the floor. */
    public void tick(double x, double y, double side, Role role) {
        tick(style.details().tick(), x, y, side, role);
    }

    public void tick(Tick tick, double x, double y, double side, Role role) {
        double weight = Math.max(0.5, style.lines().frame().weight() * 0.8);
        Box b = new Box(x, y, side, side).inset(weight / 2);
        double r = b.width() / 2;
        Path path =
                switch (tick) {
                    case SQUARE -> Path.box(b);
                    case ROUNDED -> Path.rounded(b, side * 0.22);
                    case CIRCLE -> Pen.circle(b.centreX(), b.centreY(), r);
                    case STAR -> Signs.star(b.centreX(), b.centreY() + r * 0.06, r);
                    case HEART -> Signs.heart(b.centreX(), b.centreY(), r);
                };
        out.add(new Mark.Stroke(path, weight, flow.palette().lineInk(role, weight)));
    }

    /** Side of a thing to tick in a row: the floor, or most of the row. */
    public double tickSide() {
        return Math.max(Grid.SMALLEST_TICK.points(), Math.min(step() * 0.62, Grid.SMALLEST_TICK.points() * 1.3));
    }

    /** Where something to tick begins in a row that begins at y: it stands a little above the row's line. */
    public double tickTop(double y) {
        return y + step() - tickSide() - step() * ABOVE_TICK_LINE;
    }

    /**
     * Something to tick in a row that begins at y, and a line to write on behind it.
     *
     * @param gap between the two, in points
     */
    public void tickLine(double x, double right, double y, double gap, Role role) {
        double side = tickSide();
        tick(x, tickTop(y), side, role);
        across(style.lines().writing(), x + side + gap, right, y + step());
    }

    /** The style's main drawing, or that of the month of a dated page. */
    public Motif motif() {
        Ornaments own = style.details().ornaments();
        return Motifs.of(flow.month().map(m -> own.ofMonth(m.getValue())).orElse(own.motif()));
    }

    /** The style's small ornament, centred on a point. */
    public void small(double cx, double cy, double side) {
        add(Motifs.of(style.details().ornaments().small())
                .draw(
                        new Box(cx - side / 2, cy - side / 2, side, side),
                        flow.palette(),
                        style.details().ornaments().seed()));
    }

    /** Words of one line. What does not fit is set smaller down to the floor, then shortened. */
    public double words(String text, Box in, double base, Lettering as) {
        String words = as.letters().write(text, locale());
        if (words.isBlank() || in.width() <= 1) {
            return 0;
        }
        Face face = flow.face(as.voice()).face(as.style());
        double size = as.size();
        double wide = width(face, words, size, as.letters());
        if (wide > in.width()) {
            size = Math.max(Grid.SMALLEST_TYPE, size * in.width() / wide);
            words = shortened(face, words, size, as.letters(), in.width());
        }
        GlyphRun run = Shaper.shape(face, size, words, as.letters().tracking());
        double spare = in.width() - run.width();
        out.add(new Mark.Words(in.x() + as.align().before(spare), base, run, as.ink()));
        return run.width();
    }

    private static double width(Face face, String words, double size, LetterForm letters) {
        return Shaper.shape(face, size, words, letters.tracking()).width();
    }

    /** As many letters as fit with a point behind them, the first at least. Found by halves: a line is shaped a few times, however long it is. */
    private static String shortened(Face face, String words, double size, LetterForm letters, double room) {
        if (width(face, words, size, letters) <= room + NOTHING) {
            return words;
        }
        int fits = 0;
        int tooMany = words.codePointCount(0, words.length());
        while (tooMany - fits > 1) {
            int tried = (fits + tooMany) / 2;
            if (width(face, broken(words, tried), size, letters) <= room + NOTHING) {
                fits = tried;
            } else {
                tooMany = tried;
            }
        }
        return fits == 0 ? words.substring(0, words.offsetByCodePoints(0, 1)) : broken(words, fits);
    }

    private static String broken(String words, int letters) {
        return words.substring(0, words.offsetByCodePoints(0, letters)).stripTrailing() + ".";
    }

    /** How wide words are as they would be set. */
    public double width(String text, Lettering as) {
        return width(
                flow.face(as.voice()).face(as.style()), as.letters().write(text, locale()), as.size(), as.letters());
    }

    /** The first of several forms of a word that fits; the last where none does. */
    public String fitting(double room, Lettering as, List<String> forms) {
        return forms.stream()
                .filter(f -> width(f, as) <= room)
                .findFirst()
                .orElseGet(() -> forms.get(forms.size() - 1));
    }

    /**
     * How words are set.
     *
     * @param size in points
     */
    public record Lettering(Voice voice, Style style, double size, LetterForm letters, Align align, Ink ink) {
        public Lettering at(Align other) {
            return new Lettering(voice, style, size, letters, other, ink);
        }

        public Lettering in(Ink other) {
            return new Lettering(voice, style, size, letters, align, other);
        }

        public Lettering sized(double other) {
            return new Lettering(voice, style, other, letters, align, ink);
        }

        public Lettering in(Style other) {
            return new Lettering(voice, other, size, letters, align, ink);
        }

        public Lettering written(LetterForm other) {
            return new Lettering(voice, style, size, other, align, ink);
        }
    }

    /** A label, as the style sets them. */
    public Lettering label() {
        return new Lettering(
                Voice.BODY,
                style.details().labelItalic() ? Style.ITALIC : Style.REGULAR,
                size(TypeStep.LABEL),
                style.details().labels(),
                Align.LEFT,
                ink(Role.TEXT));
    }

    /** A title of a box. */
    public Lettering title() {
        return new Lettering(
                Voice.HEADING,
                style.head().aside(),
                size(TypeStep.STRONG),
                style.details().labels(),
                Align.LEFT,
                ink(Role.HEADING));
    }

    /** Words that are read. */
    public Lettering text() {
        return new Lettering(
                Voice.BODY, Style.REGULAR, size(TypeStep.TEXT), LetterForm.AS_WRITTEN, Align.LEFT, ink(Role.TEXT));
    }

    /** A figure. */
    public Lettering figure(TypeStep step) {
        return new Lettering(
                Voice.FIGURES, Style.REGULAR, size(step), LetterForm.AS_WRITTEN, Align.LEFT, ink(Role.TEXT));
    }

    /** Writing lines in the rows of a box: one at the foot of each. */
    public void writing(double x1, double x2, double y, int rows) {
        for (int i = 1; i <= rows; i++) {
            across(style.lines().writing(), x1, x2, y + i * step());
        }
    }
}
