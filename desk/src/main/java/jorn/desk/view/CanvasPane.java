package jorn.desk.view;

import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Paint;
import javafx.scene.text.Font;
import javafx.scene.text.FontPosture;
import javafx.scene.text.FontWeight;
import javafx.scene.text.Text;

/** A region that is drawn by hand and draws itself anew when its size or its subject changes. */
public abstract class CanvasPane extends Region {
    private final Canvas canvas = new Canvas();
    private final EachFrame drawing = new EachFrame(this::drawNow);
    private double em = Theme.em(100);

    protected CanvasPane() {
        getChildren().add(canvas);
        canvas.setMouseTransparent(true);
        // What gets another size is seen in it at once.
        widthProperty().addListener((o, was, now) -> drawNow());
        heightProperty().addListener((o, was, now) -> drawNow());
        setMinSize(0, 0);
    }

    /** Draws the whole pane. */
    protected abstract void draw(GraphicsContext g, double width, double height);

    /** Sets the text size that the drawing's labels follow, in pixels. */
    public final void setEm(double pixels) {
        em = pixels;
        redraw();
    }

    /** The text size that labels follow, in pixels. */
    public final double em() {
        return em;
    }

    /** Draws anew before the next picture on the screen, however often it is asked for until then. */
    public final void redraw() {
        drawing.ask();
    }

    private void drawNow() {
        double w = getWidth();
        double h = getHeight();
        if (w < 1 || h < 1) {
            return;
        }
        canvas.setWidth(w);
        canvas.setHeight(h);
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, w, h);
        g.setTransform(1, 0, 0, 1, 0, 0);
        draw(g, w, h);
    }

    /** Writes a line of the interface's sans. */
    public final void write(GraphicsContext g, String text, double x, double y, Paint ink, boolean bold) {
        g.setFont(Font.font(Theme.SANS, bold ? FontWeight.BOLD : FontWeight.NORMAL, em * 0.94));
        g.setFill(ink);
        g.fillText(text, x, y);
    }

    /** Writes a line in the book face's italic. */
    protected final void aside(GraphicsContext g, String text, double x, double y, Paint ink) {
        g.setFont(Font.font(Theme.ITALIC, FontWeight.NORMAL, FontPosture.ITALIC, em * 0.92));
        g.setFill(ink);
        g.fillText(text, x, y);
    }

    /** Captions one after the other in the italic, on one line where they fit the width, otherwise below each other. */
    protected final void captions(GraphicsContext g, double x, double y, double room, String... parts) {
        String whole = String.join("; ", parts);
        if (widthOf(whole) <= room) {
            aside(g, whole, x, y, Theme.SOFT_INK);
            return;
        }
        double at = y;
        for (String part : parts) {
            aside(g, part, x, at, Theme.SOFT_INK);
            at += em * 1.2;
        }
    }

    /** How wide a line of a label is, in pixels. */
    public final double widthOf(String text) {
        Text measured = new Text(text);
        measured.setFont(Font.font(Theme.SANS, FontWeight.NORMAL, em * 0.94));
        return measured.getLayoutBounds().getWidth();
    }

    /** A length with small ticks at its ends. */
    protected static void measureLine(GraphicsContext g, double x1, double y1, double x2, double y2) {
        g.setStroke(Theme.SOFT_INK);
        g.setLineWidth(1);
        g.strokeLine(x1, y1, x2, y2);
        double length = Math.hypot(x2 - x1, y2 - y1);
        if (length > 0) {
            double nx = -(y2 - y1) / length * 3;
            double ny = (x2 - x1) / length * 3;
            g.strokeLine(x1 - nx, y1 - ny, x1 + nx, y1 + ny);
            g.strokeLine(x2 - nx, y2 - ny, x2 + nx, y2 + ny);
        }
    }
}
