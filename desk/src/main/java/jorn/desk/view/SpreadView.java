package jorn.desk.view;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.event.EventHandler;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.geometry.VPos;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.text.TextAlignment;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Side;
import jorn.desk.model.BookState;
import jorn.edition.Edition;
import jorn.measure.Unit;
import jorn.say.Wording;

/** Two facing pages as they are printed, with gutter, bleed and margins marked where asked for. */
public final class SpreadView extends CanvasPane {
    /** A picture of a page wider than this is painted piece by piece, as far as it is seen. */
    private static final int WIDEST_PIECE = 1400;

    private static final double STEP_NEARER = 1.2;

    private final Painter painter;

    @SuppressWarnings("NullAway.Init") // shown before it is drawn
    private BookState state;

    private Unit unit = Unit.INCH;
    private int spread;
    private int chosen;
    private boolean zones = true;
    private final Sight sight = new Sight();
    private Runnable onSight = () -> {};
    private boolean loupe;
    private boolean hand;
    private Optional<Point2D> pointer = Optional.empty();
    private Point2D from = Point2D.ZERO;
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
        addEventFilter(MouseEvent.ANY, this::handle);
        addEventHandler(ScrollEvent.SCROLL, this::scroll);
        EventHandler<KeyEvent> letGo = e -> {
            if (e.getCode() == KeyCode.SPACE) {
                setHand(false);
            }
        };
        sceneProperty().addListener((o, was, scene) -> {
            if (was != null) {
                was.removeEventFilter(KeyEvent.KEY_RELEASED, letGo);
            }
            if (scene != null) {
                scene.addEventFilter(KeyEvent.KEY_RELEASED, letGo);
            }
        });
    }

    // How the pages are looked at

    /** Who hears that the pages are looked at in another way. */
    public void setOnSight(Runnable listener) {
        onSight = listener;
    }

    private void seen() {
        redraw();
        onSight.run();
    }

    /** Comes nearer, or goes away with a factor below 1; what lies in the middle stays there. */
    public void nearer(double factor) {
        nearer(factor, new Point2D(getWidth() / 2, getHeight() / 2));
    }

    private void nearer(double factor, Point2D at) {
        if (state != null) {
            sight.scaleTo(scale() * factor, at, view(), leaf());
            seen();
        }
    }

    /** Shows the pages at so many pixels to a point. */
    public void setScale(double pixels) {
        nearer(pixels / scale());
    }

    /** Shows all of the pages. */
    public void showWhole() {
        sight.whole();
        seen();
    }

    public boolean isWhole() {
        return sight.isWhole();
    }

    /** Shows the chosen page alone, or the spread. */
    public void setSingle(boolean one) {
        sight.setSingle(one);
        seen();
    }

    public boolean isSingle() {
        return sight.isSingle();
    }

    /** Holds a glass under the pointer, or lays it away. */
    public void setLoupe(boolean held) {
        loupe = held;
        seen();
    }

    public boolean hasLoupe() {
        return loupe;
    }

    public boolean hasZones() {
        return zones;
    }

    /** What the marks of the zones mean. */
    public String zonesKey() {
        return state == null ? "" : SpreadZones.key(state, unit);
    }

    /**
     * Hears of a key: space takes hold of the pages, Ctrl with plus, minus and nought comes nearer and goes away.
     *
     * @return whether it was one of them
     */
    public boolean key(KeyEvent e) {
        if (e.getCode() == KeyCode.SPACE && (isFocused() || isHover()) && !e.isShortcutDown()) {
            setHand(true);
            return true;
        }
        if (!e.isShortcutDown()) {
            return false;
        }
        switch (e.getCode()) {
            case PLUS, ADD, EQUALS -> nearer(STEP_NEARER);
            case MINUS, SUBTRACT -> nearer(1 / STEP_NEARER);
            case DIGIT0, NUMPAD0 -> showWhole();
            default -> {
                return false;
            }
        }
        return true;
    }

    private void setHand(boolean held) {
        if (hand != held) {
            hand = held;
            setCursor(held ? Cursor.OPEN_HAND : Cursor.DEFAULT);
        }
    }

    /** While the hand holds the pages, they move with it and nothing else happens. */
    private void handle(MouseEvent e) {
        boolean holding = hand || e.getButton() == MouseButton.MIDDLE;
        if (e.getEventType() == MouseEvent.MOUSE_PRESSED && holding) {
            from = new Point2D(e.getX(), e.getY());
            e.consume();
        } else if (e.getEventType() == MouseEvent.MOUSE_DRAGGED && holding) {
            pan(e.getX() - from.getX(), e.getY() - from.getY());
            from = new Point2D(e.getX(), e.getY());
            e.consume();
        } else if (holding && e.getEventType() == MouseEvent.MOUSE_CLICKED) {
            e.consume();
        } else if (loupe
                && (e.getEventType() == MouseEvent.MOUSE_MOVED || e.getEventType() == MouseEvent.MOUSE_DRAGGED)) {
            pointer = Optional.of(new Point2D(e.getX(), e.getY()));
            redraw();
        } else if (e.getEventType() == MouseEvent.MOUSE_EXITED_TARGET || e.getEventType() == MouseEvent.MOUSE_EXITED) {
            boolean was = pointer.isPresent();
            pointer = Optional.empty();
            if (was) {
                redraw();
            }
        }
    }

    private void scroll(ScrollEvent e) {
        if (e.isShortcutDown()) {
            nearer(e.getDeltaY() > 0 ? STEP_NEARER : 1 / STEP_NEARER, new Point2D(e.getX(), e.getY()));
            e.consume();
        } else if (!sight.isWhole()) {
            pan(e.getDeltaX(), e.getDeltaY());
            e.consume();
        }
    }

    private void pan(double dx, double dy) {
        if (state != null) {
            sight.pan(dx, dy, view(), leaf());
            redraw();
        }
    }

    private Sight.View view() {
        return new Sight.View(getWidth(), getHeight(), em() * 1.3);
    }

    private Sight.Leaf leaf() {
        Box trim = state.edition().pages().frame(Side.RECTO).trim();
        return new Sight.Leaf(trim, zones ? outer() : 0, isStacked());
    }

    /** The pages that are shown, from the first. */
    private int[] shown() {
        return sight.isSingle() && chosen > 0 ? new int[] {chosen} : new int[] {verso(), recto()};
    }

    /** The page at a point of the view. */
    public OptionalInt pageAt(double x, double y) {
        if (state != null) {
            for (int n : shown()) {
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
        return sight.scale(view(), leaf());
    }

    /** Where the trimmed page of this number lies in the view. */
    public Rectangle2D placeOf(int page) {
        return sight.place(isAtRight(page), view(), leaf());
    }

    /** Whether the pages lie one above the other: leaves that are held at the head are turned up. */
    private boolean isStacked() {
        return state.book().brief().isHeadBound();
    }

    /** Whether a page lies at the right of the other, or below it. */
    private boolean isAtRight(int page) {
        return state.book().brief().isRightHand(Side.of(page));
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
        for (int n : shown()) {
            if (n > 0) {
                drawShadow(g, placeOf(n));
            }
        }
        for (int n : shown()) {
            if (n > 0) {
                drawPage(g, n);
            }
        }
        drawFold(g);
        drawAbsent(g);
        overlay.accept(g);
        if (loupe) {
            pointer.ifPresent(p -> drawLoupe(g, p));
        }
    }

    private void drawLoupe(GraphicsContext g, Point2D at) {
        pageAt(at.getX(), at.getY()).ifPresent(n -> {
            Box trim = state.edition().pages().frame(Side.of(n)).trim();
            Rectangle2D page = placeOf(n);
            int wide = (int) Math.min(page.getWidth() * Loupe.TIMES, 2.0 * WIDEST_PIECE);
            Image image = painter.now(state.edition().page(n), trim, wide);
            Loupe.draw(g, image, page, at, PaperTint.of(state.book().brief()));
        });
    }

    private static void drawShadow(GraphicsContext g, Rectangle2D at) {
        g.setFill(Theme.SHADOW);
        g.fillRect(at.getMinX() + 4, at.getMinY() + 6, at.getWidth(), at.getHeight());
    }

    private void drawPage(GraphicsContext g, int n) {
        Frame frame = state.edition().pages().frame(Side.of(n));
        Box part = shownPart(frame);
        Rectangle2D all = placeOf(n, part);
        drawImage(g, n, part, all);
        PaperTint.lay(
                g, PaperTint.of(state.book().brief()), all.getMinX(), all.getMinY(), all.getWidth(), all.getHeight());
        Rectangle2D at = placeOf(n);
        if (zones) {
            SpreadZones.draw(g, state.edition().geometry(), frame, all, at, scale());
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
        String whole = n + ", " + state.book().brief().hand(Side.of(n)) + runName(n);
        String label = widthOf(whole) < at.getWidth() - 6 ? whole : Integer.toString(n);
        if (isStacked() && !sight.isSingle()) {
            g.setTextAlign(TextAlignment.LEFT);
            write(
                    g,
                    whole,
                    all.getMaxX() + em() * 0.8,
                    at.getMinY() + at.getHeight() / 2,
                    n == chosen ? Theme.INK : Theme.SOFT_INK,
                    n == chosen);
            return;
        }
        double under = Math.min(all.getMaxY() + em() * 1.15, getHeight() - em() * 0.3);
        write(g, label, at.getMinX() + at.getWidth() / 2, under, n == chosen ? Theme.INK : Theme.SOFT_INK, n == chosen);
    }

    /** The page, whole or, from very near, in pieces. */
    private void drawImage(GraphicsContext g, int n, Box part, Rectangle2D all) {
        int wide = (int) Math.round(all.getWidth());
        if (wide <= WIDEST_PIECE) {
            g.drawImage(picture(n, part, wide), all.getMinX(), all.getMinY(), all.getWidth(), all.getHeight());
            return;
        }
        double s = scale();
        double step = Math.floor(WIDEST_PIECE / 2.0) / s;
        for (double y = part.y(); y < part.bottom(); y += step) {
            for (double x = part.x(); x < part.right(); x += step) {
                Box piece = Box.between(x, y, Math.min(part.right(), x + step), Math.min(part.bottom(), y + step));
                double left = Math.round(all.getMinX()) + (x - part.x()) * s;
                double top = Math.round(all.getMinY()) + (y - part.y()) * s;
                double w = piece.width() * s;
                double h = piece.height() * s;
                if (left < getWidth() && top < getHeight() && left + w > 0 && top + h > 0) {
                    g.drawImage(picture(n, piece, (int) Math.round(w)), left, top, w, h);
                }
            }
        }
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
        if (isStacked()) {
            boolean below = frame.side() == Side.RECTO;
            return Box.between(b.x(), below ? t.y() : b.y(), b.right(), below ? b.bottom() : t.bottom());
        }
        boolean recto = frame.gutterAtLeft();
        return Box.between(recto ? t.x() : b.x(), b.y(), recto ? b.right() : t.right(), b.bottom());
    }

    private void drawFold(GraphicsContext g) {
        if (verso() > 0 && recto() > 0 && !sight.isSingle()) {
            Rectangle2D at = placeOf(recto());
            double x = isAtRight(recto()) ? at.getMinX() : at.getMaxX();
            g.setStroke(Theme.SOFT_INK);
            g.setLineWidth(1);
            if (isStacked()) {
                g.strokeLine(at.getMinX(), at.getMinY(), at.getMaxX(), at.getMinY());
            } else {
                g.strokeLine(x, at.getMinY(), x, at.getMaxY());
            }
        }
    }

    /** Says what lies beside a page that stands alone. */
    private void drawAbsent(GraphicsContext g) {
        if ((verso() > 0 && recto() > 0) || sight.isSingle()) {
            return;
        }
        int n = Math.max(verso(), recto());
        Rectangle2D at = placeOf(n);
        double centre = isStacked()
                ? at.getMinX() + at.getWidth() / 2
                : isAtRight(n) ? at.getMinX() - at.getWidth() / 2 : at.getMaxX() + at.getWidth() / 2;
        double middle = isStacked()
                ? isAtRight(n) ? at.getMinY() - at.getHeight() / 2 : at.getMaxY() + at.getHeight() / 2
                : at.getMinY() + at.getHeight() / 2;
        g.setTextAlign(TextAlignment.CENTER);
        String cover = state.cover().isDelivered()
                ? Wording.of("desk.spread.inside-cover")
                : Wording.of("desk.spread.nothing-faces-page");
        aside(g, cover, centre, middle, Theme.SOFT_INK);
    }
}
