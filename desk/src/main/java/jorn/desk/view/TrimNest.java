package jorn.desk.view;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.TextAlignment;
import jorn.desk.model.BookState;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.say.Wording;

/** The press's trim sizes as nested outlines, to scale. A click on a corner takes that size; the book's own corner can be dragged to another. */
public final class TrimNest extends CanvasPane {
    private static final double REACH = 14;

    @SuppressWarnings("NullAway.Init") // shown before it is drawn
    private BookState state;

    private Unit unit = Unit.INCH;
    private Optional<Size> near = Optional.empty();
    private Optional<Size> dragging = Optional.empty();
    private Consumer<Size> onTrim = s -> {};

    public TrimNest() {
        addEventHandler(MouseEvent.MOUSE_MOVED, e -> {
            near = nearest(e.getX(), e.getY());
            setCursor(near.isPresent() ? javafx.scene.Cursor.HAND : javafx.scene.Cursor.DEFAULT);
            redraw();
        });
        addEventHandler(MouseEvent.MOUSE_EXITED, e -> {
            near = Optional.empty();
            redraw();
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> {
            if (near.isPresent() || dragging.isPresent()) {
                dragging = Optional.of(sizeAt(e.getX(), e.getY()));
                redraw();
            }
        });
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            Optional<Size> wanted = dragging.isPresent() ? dragging : near;
            dragging = Optional.empty();
            wanted.ifPresent(onTrim);
        });
    }

    public void setOnTrim(Consumer<Size> listener) {
        onTrim = listener;
    }

    public void show(BookState now, Unit lengths) {
        state = now;
        unit = lengths;
        redraw();
    }

    private List<Size> trims() {
        return state.book().brief().press().trims();
    }

    private double scale() {
        double widest = Length.inches(9).points();
        double highest = Length.inches(11.7).points();
        return Math.max(0.03, Math.min((getWidth() - 8) / widest, (getHeight() - em() * 3.4) / highest));
    }

    private double foot() {
        return getHeight() - em() * 3.1;
    }

    private double x(Size size) {
        return 2 + size.width().points() * scale();
    }

    private double y(Size size) {
        return foot() - size.height().points() * scale();
    }

    /** The size whose corner is nearest, if one is near. */
    private Optional<Size> nearest(double px, double py) {
        if (state == null) {
            return Optional.empty();
        }
        return java.util.stream.Stream.concat(trims().stream(), java.util.stream.Stream.of(now()))
                .filter(t -> Math.hypot(x(t) - px, y(t) - py) < REACH)
                .min(Comparator.comparingDouble(t -> Math.hypot(x(t) - px, y(t) - py)));
    }

    /** The size with its corner here, in eighths of an inch or in fives of a millimetre. */
    private Size sizeAt(double px, double py) {
        Unit grid = unit == Unit.MILLIMETRE ? Unit.MILLIMETRE : Unit.INCH;
        double step = grid == Unit.MILLIMETRE ? 5 : 0.125;
        double w = Math.max(step, Math.round((px - 2) / scale() / grid.points() / step) * step);
        double h = Math.max(step, Math.round((foot() - py) / scale() / grid.points() / step) * step);
        return Size.of(w, h, grid);
    }

    private Size now() {
        return dragging.orElse(state.book().brief().trim());
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        if (state == null) {
            return;
        }
        g.setTextBaseline(VPos.BASELINE);
        g.setTextAlign(TextAlignment.RIGHT);
        for (Size trim : trims()) {
            g.setStroke(Theme.SOFT_INK);
            g.setLineWidth(0.8);
            g.strokeRect(2, y(trim), x(trim) - 2, foot() - y(trim));
        }
        near.filter(n -> !n.isAbout(now())).ifPresent(n -> {
            g.setStroke(Theme.INK);
            g.setLineWidth(2);
            g.strokeRect(2, y(n), x(n) - 2, foot() - y(n));
        });
        Size now = now();
        g.setStroke(Theme.THREAD);
        g.setLineWidth(2.2);
        g.strokeRect(2, y(now), x(now) - 2, foot() - y(now));
        g.setFill(Theme.THREAD);
        g.fillOval(x(now) - 4, y(now) - 4, 8, 8);
        Size named = near.filter(n -> dragging.isEmpty()).orElse(now);
        g.setTextAlign(TextAlignment.LEFT);
        String label = named.format(unit);
        g.setFill(Theme.PAPER);
        g.fillRect(6, foot() - em() * 1.35, label.length() * em() * 0.48 + 4, em() * 1.25);
        write(g, label, 8, foot() - em() * 0.4, named.equals(now) ? Theme.THREAD : Theme.INK, true);
        write(g, Wording.of("desk.trim-nest.press-s-trims-scale"), 0, foot() + em() * 1.35, Theme.SOFT_INK, false);
        write(g, Wording.of("desk.trim-nest.click-or-drag-corner"), 0, foot() + em() * 2.5, Theme.SOFT_INK, false);
    }
}
