package jorn.desk.view;

import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jorn.art.Box;
import jorn.art.PageArt;
import jorn.desk.model.BookState;
import jorn.measure.Length;
import jorn.measure.Numeral;
import jorn.measure.Quantity.Precision;
import jorn.measure.Unit;
import jorn.say.Wording;

/** The closed book at an angle, to scale and with its true thickness, beside a pencil of known length. */
public final class BookDrawing extends CanvasPane {
    /** How the three edges of the book run on the screen, as shares of their true length. */
    private static final double ACROSS_X = 0.93;

    private static final double ACROSS_Y = 0.10;
    private static final double BACK_X = -0.66;
    private static final double BACK_Y = -0.36;
    private static final Length PENCIL = Length.inches(7);

    private final Painter painter;

    @SuppressWarnings("NullAway.Init") // shown before it is drawn
    private BookState state;

    @SuppressWarnings("NullAway.Init") // shown before it is drawn
    private PageArt front;

    @SuppressWarnings("NullAway.Init") // shown before it is drawn
    private PageArt sheet;

    private Unit unit = Unit.INCH;

    public BookDrawing(Painter painter) {
        this.painter = painter;
    }

    public void show(BookState now, Unit lengths) {
        state = now;
        unit = lengths;
        front = now.edition().cover().frontArt();
        sheet = now.edition().cover().plane();
        redraw();
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        if (state == null) {
            return;
        }
        g.setTextBaseline(VPos.BASELINE);
        double w = state.book().brief().trim().width().points();
        double h = state.book().brief().trim().height().points();
        double t = state.measures().get("book.thickness").length().points();
        double left = em() * 4.6;
        double pencilRoom = 90;
        double acrossPt = w * ACROSS_X - t * BACK_X;
        double downPt = Math.max(h + w * ACROSS_Y - t * BACK_Y, PENCIL.points());
        double s =
                Math.max(0.05, Math.min((width - left - pencilRoom - 30) / acrossPt, (height - em() * 5.4) / downPt));
        double spare = width - left - pencilRoom - acrossPt * s;
        double x = left + Math.max(0, spare * 0.32) - t * BACK_X * s;
        double y = Math.max(em() * 2.6, (height - (h + w * ACROSS_Y) * s) / 2 - em() * 0.2) - t * BACK_Y * s * 0.5;
        drawShadow(g, x, y, w * s, h * s);
        drawHead(g, x, y, w * s, t * s);
        drawSpine(g, x, y, h, t, s);
        drawFront(g, x, y, w, h, s);
        drawMeasures(g, x, y, w * s, h * s, t * s);
        drawPencil(g, x + w * ACROSS_X * s + Math.min(70, 30 + spare * 0.3), y + (h + w * ACROSS_Y) * s, s);
    }

    private static void drawShadow(GraphicsContext g, double x, double y, double w, double h) {
        double fx = x + w * ACROSS_X;
        double fy = y + w * ACROSS_Y + h;
        g.setFill(Theme.SHADOW);
        g.fillPolygon(
                new double[] {x, fx, fx + h * 0.28, x + h * 0.1}, new double[] {y + h, fy, fy - 14, y + h + 6}, 4);
    }

    private void drawHead(GraphicsContext g, double x, double y, double w, double t) {
        double[] xs = {x, x + w * ACROSS_X, x + w * ACROSS_X + t * BACK_X, x + t * BACK_X};
        double[] ys = {y, y + w * ACROSS_Y, y + w * ACROSS_Y + t * BACK_Y, y + t * BACK_Y};
        g.setFill(Color.web("#F7F3E8"));
        g.fillPolygon(xs, ys, 4);
        g.setStroke(Theme.HAIRLINE);
        g.setLineWidth(0.7);
        int leaves = (int) Math.max(2, Math.min(t * 0.5, 30));
        for (int i = 1; i < leaves; i++) {
            double d = t * i / leaves;
            g.strokeLine(x + d * BACK_X, y + d * BACK_Y, xs[1] + d * BACK_X, ys[1] + d * BACK_Y);
        }
        g.setStroke(Theme.INK);
        g.setLineWidth(1.1);
        g.strokePolygon(xs, ys, 4);
    }

    private void drawSpine(GraphicsContext g, double x, double y, double h, double t, double s) {
        double[] xs = {x, x + t * BACK_X * s, x + t * BACK_X * s, x};
        double[] ys = {y, y + t * BACK_Y * s, y + (t * BACK_Y + h) * s, y + h * s};
        var spine = state.cover().spineBox();
        if (spine.isPresent() && t * s > 2) {
            Box part = spine.get();
            Image image = painter.now(sheet, part, (int) Math.max(4, Math.round(part.width() * s * 2)));
            g.save();
            g.transform(-BACK_X, -BACK_Y, 0, 1, xs[1], ys[1]);
            g.drawImage(image, 0, 0, part.width() * s, part.height() * s);
            g.restore();
            g.setFill(Color.web("#1D2733", 0.16));
            g.fillPolygon(xs, ys, 4);
        } else {
            g.setFill(Theme.SHEET);
            g.fillPolygon(xs, ys, 4);
        }
        g.setStroke(Theme.INK);
        g.setLineWidth(1.1);
        g.strokePolygon(xs, ys, 4);
    }

    private void drawFront(GraphicsContext g, double x, double y, double w, double h, double s) {
        Image image = painter.now(front, front.trim(), (int) Math.max(8, Math.round(w * s)));
        g.save();
        g.transform(ACROSS_X, ACROSS_Y, 0, 1, x, y);
        g.drawImage(image, 0, 0, w * s, h * s);
        g.setStroke(Theme.INK);
        g.setLineWidth(1.1);
        g.strokeRect(0, 0, w * s, h * s);
        EdgeMarks.draw(g, state, w * s, h * s, s);
        g.restore();
    }

    private void drawMeasures(GraphicsContext g, double x, double y, double w, double h, double t) {
        double out = x + t * BACK_X - em() * 0.9;
        double top = y + t * BACK_Y;
        measureLine(g, out, top, out, top + h);
        g.setTextAlign(TextAlignment.RIGHT);
        write(g, state.book().brief().trim().height().format(unit), out - 6, top + h / 2, Theme.SOFT_INK, false);
        double gap = em() * 0.8;
        measureLine(g, x, y + h + gap, x + w * ACROSS_X, y + w * ACROSS_Y + h + gap);
        g.setTextAlign(TextAlignment.CENTER);
        write(
                g,
                state.book().brief().trim().width().format(unit),
                x + w * ACROSS_X / 2,
                y + h + w * ACROSS_Y / 2 + gap + em() * 1.35,
                Theme.SOFT_INK,
                false);
        g.setStroke(Theme.THREAD);
        g.setLineWidth(1.4);
        double ax = x + t * BACK_X / 2 + w * ACROSS_X * 0.55;
        double ay = y + t * BACK_Y / 2 + w * ACROSS_Y * 0.55;
        double ly = Math.max(em() * 1.2, top - em() * 0.4);
        g.strokePolyline(new double[] {ax, ax + 12, ax + 34}, new double[] {ay, ly, ly}, 3);
        g.setTextAlign(TextAlignment.LEFT);
        String thick = state.measures().get("book.thickness").value().format(unit, Precision.EXACT);
        write(g, Wording.of("desk.book-drawing.thick", thick), ax + 40, ly + em() * 0.3, Theme.THREAD, true);
    }

    private void drawPencil(GraphicsContext g, double x, double foot, double s) {
        double w = 18 * s * 1.15;
        double h = PENCIL.points() * s;
        double top = foot - h;
        double tip = w * 1.9;
        double rubber = w * 0.9;
        g.setFill(Color.web("#E9D9B5"));
        g.fillPolygon(new double[] {x, x + w / 2, x + w}, new double[] {top + tip, top, top + tip}, 3);
        g.setFill(Theme.INK);
        g.fillPolygon(
                new double[] {x + w * 0.33, x + w / 2, x + w * 0.67},
                new double[] {top + tip * 0.34, top, top + tip * 0.34},
                3);
        g.setFill(Color.web("#D8B25C"));
        g.fillRect(x, top + tip, w, h - tip - rubber);
        g.setFill(Color.web("#B9604F"));
        g.fillRect(x, foot - rubber, w, rubber);
        g.setStroke(Theme.INK);
        g.setLineWidth(1);
        g.strokePolyline(
                new double[] {x, x + w / 2, x + w, x + w, x, x},
                new double[] {top + tip, top, top + tip, foot, foot, top + tip},
                6);
        g.strokeLine(x, foot - rubber, x + w, foot - rubber);
        g.setTextAlign(TextAlignment.CENTER);
        write(
                g,
                Wording.of("desk.book-drawing.pencil", Numeral.trimmed(PENCIL.in(unit), 0), unit.sign()),
                x + w / 2,
                foot + em() * 1.35,
                Theme.SOFT_INK,
                false);
    }
}
