package jorn.desk.view;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Side;
import jorn.desk.model.BookState;
import jorn.edition.Edition;
import jorn.makeup.PageGeometry;
import jorn.measure.Unit;
import jorn.say.Wording;

/** Two facing pages as they are printed, with gutter, bleed and margins marked where asked for. */
public final class SpreadView extends CanvasPane {
    private static final double PAD = 14;
    private static final Color ZONE = Color.web("#1D2733", 0.38);

    private final Painter painter;

    @SuppressWarnings("NullAway.Init") // shown before it is drawn
    private BookState state;

    private Unit unit = Unit.INCH;
    private int spread;
    private int chosen;
    private boolean zones = true;
    private Optional<Box> mark = Optional.empty();
    private IntConsumer onPage = p -> {};
    private Optional<Edition> trial = Optional.empty();
    private Consumer<GraphicsContext> overlay = g -> {};

    public SpreadView(Painter painter) {
        this.painter = painter;
        addEventHandler(MouseEvent.MOUSE_CLICKED, e -> {
            if (e.isStillSincePress()) {
                pageAt(e.getX(), e.getY()).ifPresent(onPage);
            }
        });
    }

    /** The page at a point of the view. */
    public OptionalInt pageAt(double x, double y) {
        if (state != null) {
            for (int n : new int[] {verso(), recto()}) {
                if (n > 0 && placeOf(n).contains(x, y)) {
                    return OptionalInt.of(n);
                }
            }
        }
        return OptionalInt.empty();
    }

    /** A point of the view in a page's own points. */
    public Point2D onPage(int page, double x, double y) {
        Rectangle2D at = placeOf(page);
        return new Point2D((x - at.getMinX()) / scale(), (y - at.getMinY()) / scale());
    }

    /** Shows pages as they would be, while something is dragged; nothing for the book as it is. */
    public void setTrial(Optional<Edition> pages) {
        trial = pages;
        redraw();
    }

    /** What is drawn over the pages. */
    public void setOverlay(Consumer<GraphicsContext> drawing) {
        overlay = drawing;
    }

    /** Who hears of a page that is clicked. */
    public void setOnPage(IntConsumer listener) {
        onPage = listener;
    }

    public void setZones(boolean shown) {
        zones = shown;
        redraw();
    }

    /** Marks a place on the chosen page. */
    public void setMark(Optional<Box> place) {
        mark = place;
        redraw();
    }

    /**
     * Shows a spread.
     *
     * @param chosenPage page with the frame round it, or 0
     */
    public void show(BookState now, int spreadIndex, int chosenPage, Unit lengths) {
        state = now;
        spread = spreadIndex;
        chosen = chosenPage;
        unit = lengths;
        redraw();
    }

    private int verso() {
        return value(state == null ? OptionalInt.empty() : state.pagination().versoOf(spread));
    }

    private int recto() {
        return value(state == null ? OptionalInt.empty() : state.pagination().rectoOf(spread));
    }

    private static int value(OptionalInt page) {
        return page.orElse(0);
    }

    private double outer() {
        return state.edition().geometry().bleed().length().points();
    }

    /** Pixels to a point. */
    public double scale() {
        Box trim = state.edition().pages().frame(Side.RECTO).trim();
        double across = 2 * (trim.width() + outer());
        double down = trim.height() + 2 * outer();
        return Math.max(0.05, Math.min((getWidth() - 2 * PAD) / across, (getHeight() - 2 * PAD - em() * 4.2) / down));
    }

    /** Where the trimmed page of this number lies in the view. */
    public Rectangle2D placeOf(int page) {
        Box trim = state.edition().pages().frame(Side.RECTO).trim();
        double s = scale();
        double w = trim.width() * s;
        double h = trim.height() * s;
        double x = getWidth() / 2 - (isAtRight(page) ? 0 : w);
        double y = Math.max(PAD + outer() * s, (getHeight() - em() * 4.2 - h) / 2);
        return new Rectangle2D(x, y, w, h);
    }

    private boolean isAtRight(int page) {
        return state.book().brief().reading().isRightHand(Side.of(page));
    }

    /** Where a box on a page lies in the view. */
    public Rectangle2D placeOf(int page, Box box) {
        Rectangle2D at = placeOf(page);
        double s = scale();
        return new Rectangle2D(
                at.getMinX() + box.x() * s, at.getMinY() + box.y() * s, box.width() * s, box.height() * s);
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        if (state == null) {
            return;
        }
        g.setTextBaseline(VPos.BASELINE);
        for (int n : new int[] {verso(), recto()}) {
            if (n > 0) {
                drawShadow(g, placeOf(n));
            }
        }
        for (int n : new int[] {verso(), recto()}) {
            if (n > 0) {
                drawPage(g, n);
            }
        }
        drawFold(g);
        if (zones) {
            labelZones(g);
        }
        drawAbsent(g);
        overlay.accept(g);
    }

    private static void drawShadow(GraphicsContext g, Rectangle2D at) {
        g.setFill(Theme.SHADOW);
        g.fillRect(at.getMinX() + 4, at.getMinY() + 6, at.getWidth(), at.getHeight());
    }

    private void drawPage(GraphicsContext g, int n) {
        Frame frame = state.edition().pages().frame(Side.of(n));
        Box part = shownPart(frame);
        Rectangle2D all = placeOf(n, part);
        Image image = picture(n, part, (int) Math.round(all.getWidth()));
        g.drawImage(image, all.getMinX(), all.getMinY(), all.getWidth(), all.getHeight());
        Rectangle2D at = placeOf(n);
        if (zones) {
            drawZones(g, frame, all, at);
        }
        g.setStroke(Theme.HAIRLINE);
        g.setLineWidth(1);
        g.strokeRect(at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight());
        if (n == chosen) {
            g.setStroke(Theme.THREAD);
            g.setLineWidth(1.8);
            g.strokeRect(at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight());
        }
        if (n == chosen && mark.isPresent()) {
            Rectangle2D m = placeOf(n, mark.get().outset(3));
            g.setStroke(Theme.THREAD);
            g.setLineWidth(2);
            g.strokeRect(m.getMinX(), m.getMinY(), m.getWidth(), m.getHeight());
        }
        g.setTextAlign(TextAlignment.CENTER);
        String whole = n + ", " + state.book().brief().reading().hand(Side.of(n)) + runName(n);
        String label = widthOf(whole) < at.getWidth() - 6 ? whole : Integer.toString(n);
        double under = all.getMaxY() + em() * 1.25;
        write(g, label, at.getMinX() + at.getWidth() / 2, under, n == chosen ? Theme.INK : Theme.SOFT_INK, n == chosen);
    }

    @SuppressWarnings("ReferenceEquality") // the very same value is meant: another one is looked at anew
    private Image picture(int n, Box part, int width) {
        var slot = state.pagination().page(n);
        boolean asItIs = trial.isEmpty()
                || slot.isBlank()
                || trial.get().book().recipeOf(slot) == state.book().recipeOf(slot);
        return asItIs
                ? painter.now(state.edition().page(n), part, width)
                : Painter.fresh(trial.get().page(n), part, width);
    }

    private String runName(int n) {
        var slot = state.pagination().page(n);
        return slot.isBlank()
                ? Wording.of("desk.spread.blank")
                : ": " + Wording.within(state.book().recipeOf(slot).name());
    }

    /** The page with its bleed, without what lies beyond the fold. */
    private Box shownPart(Frame frame) {
        if (!zones) {
            return frame.trim();
        }
        Box b = frame.bleed();
        Box t = frame.trim();
        boolean recto = frame.gutterAtLeft();
        return Box.between(recto ? t.x() : b.x(), b.y(), recto ? b.right() : t.right(), b.bottom());
    }

    private void drawZones(GraphicsContext g, Frame frame, Rectangle2D all, Rectangle2D at) {
        double s = scale();
        double left = at.getMinX() - all.getMinX();
        double right = all.getMaxX() - at.getMaxX();
        double top = at.getMinY() - all.getMinY();
        double bottom = all.getMaxY() - at.getMaxY();
        Hatch.Pattern cut = Hatch.Pattern.FALLING;
        Hatch.rect(g, cut, ZONE, all.getMinX(), all.getMinY(), all.getWidth(), top);
        Hatch.rect(g, cut, ZONE, all.getMinX(), at.getMaxY(), all.getWidth(), bottom);
        Hatch.rect(g, cut, ZONE, all.getMinX(), at.getMinY(), left, at.getHeight());
        Hatch.rect(g, cut, ZONE, at.getMaxX(), at.getMinY(), right, at.getHeight());
        boolean recto = frame.gutterAtLeft();
        double gutter =
                (recto ? frame.text().x() : frame.trim().right() - frame.text().right()) * s;
        Hatch.rect(
                g,
                Hatch.Pattern.RISING,
                Color.web("#1D2733", 0.22),
                recto ? at.getMinX() : at.getMaxX() - gutter,
                at.getMinY(),
                gutter,
                at.getHeight());
        g.setStroke(ZONE);
        g.setLineWidth(0.8);
        g.setLineDashes(3, 3);
        Box t = frame.text();
        g.strokeRect(at.getMinX() + t.x() * s, at.getMinY() + t.y() * s, t.width() * s, t.height() * s);
        g.setLineDashes();
    }

    private void drawFold(GraphicsContext g) {
        if (verso() > 0 && recto() > 0) {
            Rectangle2D at = placeOf(recto());
            double x = getWidth() / 2;
            g.setStroke(Theme.SOFT_INK);
            g.setLineWidth(1);
            g.strokeLine(x, at.getMinY(), x, at.getMaxY());
        }
    }

    private void labelZones(GraphicsContext g) {
        PageGeometry page = state.edition().geometry();
        int n = recto() > 0 ? recto() : verso();
        Rectangle2D at = placeOf(n);
        g.setTextAlign(TextAlignment.CENTER);
        String gutter =
                Wording.of("desk.spread.hatched-gutter-at-fold", page.gutter().text(unit));
        String bleed = page.bleeds()
                ? Wording.of("desk.spread.bleed-beyond-trim", page.bleed().text(unit))
                : "";
        double y = at.getMaxY() + outer() * scale() + em() * 2.6;
        captions(
                g,
                getWidth() / 2,
                y,
                getWidth() - 8,
                gutter + bleed,
                Wording.of("desk.spread.dashed-margins", page.outside().text(unit)));
    }

    /** Says what lies beside a page that stands alone. */
    private void drawAbsent(GraphicsContext g) {
        if (verso() > 0 && recto() > 0) {
            return;
        }
        int n = Math.max(verso(), recto());
        Rectangle2D at = placeOf(n);
        double centre = isAtRight(n) ? at.getMinX() - at.getWidth() / 2 : at.getMaxX() + at.getWidth() / 2;
        g.setTextAlign(TextAlignment.CENTER);
        String cover = state.cover().isDelivered()
                ? Wording.of("desk.spread.inside-cover")
                : Wording.of("desk.spread.nothing-faces-page");
        aside(g, cover, centre, at.getMinY() + at.getHeight() / 2, Theme.SOFT_INK);
    }
}
