package jorn.layout;

import java.util.List;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.text.Face;
import jorn.text.Shaper;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/** What blocks draw with: lines, boxes and words in the book's colours and typefaces. */
public final class Pen {
    private static final double ROUND = 0.5523;

    private final Flow flow;
    private final List<Mark> out;

    public Pen(Flow flow, List<Mark> out) {
        this.flow = flow;
        this.out = out;
    }

    public Ink ink(Role role) {
        return flow.palette().ink(role);
    }

    public void line(double x1, double y1, double x2, double y2, double weight, Role role) {
        out.add(new Mark.Stroke(Path.line(x1, y1, x2, y2), weight, lineInk(role, weight)));
    }

    public void stroke(Path path, double weight, Role role) {
        out.add(new Mark.Stroke(path, weight, lineInk(role, weight)));
    }

    /** In a book on a grid thin lines in black are solid; earlier books keep their greys. */
    private Ink lineInk(Role role, double weight) {
        return flow.grid().snaps() ? flow.palette().lineInk(role, weight) : ink(role);
    }

    public void fill(Path path, Role role) {
        out.add(new Mark.Fill(path, ink(role)));
    }

    public void box(Box b, double weight, Role role) {
        stroke(Path.box(b.inset(weight / 2)), weight, role);
    }

    public void tint(Box b, Role role) {
        fill(Path.box(b), role);
    }

    public void circle(double cx, double cy, double r, double weight, Role role) {
        stroke(circle(cx, cy, r - weight / 2), weight, role);
    }

    public void disc(double cx, double cy, double r, Role role) {
        fill(circle(cx, cy, r), role);
    }

    /** A circle of four Bézier curves. */
    public static Path circle(double cx, double cy, double r) {
        return oval(cx, cy, r, r);
    }

    /** As {@link #circle(double, double, double)}, with one radius across and another down. */
    public static Path oval(double cx, double cy, double rx, double ry) {
        double kx = rx * ROUND;
        double ky = ry * ROUND;
        return Path.builder()
                .move(cx + rx, cy)
                .curve(cx + rx, cy + ky, cx + kx, cy + ry, cx, cy + ry)
                .curve(cx - kx, cy + ry, cx - rx, cy + ky, cx - rx, cy)
                .curve(cx - rx, cy - ky, cx - kx, cy - ry, cx, cy - ry)
                .curve(cx + kx, cy - ry, cx + rx, cy - ky, cx + rx, cy)
                .close()
                .build();
    }

    /** One line of words in a width, made smaller where it would not fit. */
    public void words(
            String text, Box in, double baseline, double size, Voice voice, Style style, Role role, Align align) {
        if (text.isBlank() || in.width() <= 0) {
            return;
        }
        Face face = face(voice, style);
        double wide = Shaper.widthPerPoint(face, text);
        double points = wide * size > in.width() ? in.width() / wide : size;
        GlyphRun run = Shaper.shape(face, points, text);
        double spare = in.width() - run.width();
        out.add(new Mark.Words(in.x() + align.before(spare), baseline, run, ink(role)));
    }

    public Face face(Voice voice, Style style) {
        return flow.face(voice).face(style);
    }

    /** How wide words are. */
    public double width(String text, double size, Voice voice, Style style) {
        return Shaper.widthPerPoint(face(voice, style), text) * size;
    }
}
