package jorn.desk.briefs;

import java.util.List;
import java.util.OptionalInt;
import java.util.function.IntConsumer;
import java.util.function.IntToDoubleFunction;
import javafx.geometry.VPos;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.TextAlignment;
import jorn.brief.PageEffects;
import jorn.desk.view.CanvasPane;
import jorn.desk.view.Theme;
import jorn.measure.Length;
import jorn.measure.Numeral;
import jorn.measure.Quantity.Precision;
import jorn.measure.Unit;
import jorn.say.Wording;

/**
 * Page count against thickness, gutter and cost, with this book marked and the next step named. Pointing shows another count, a click
 * takes it; with the keys, left and right try and Enter takes.
 */
final class PageCountPlot extends CanvasPane {
    private static final int LEAST_SHOWN = 300;
    private static final double AHEAD = 2.2;

    private PageEffects effects;
    private List<PageEffects.Step> steps = List.of();
    private int pages;
    private Unit unit = Unit.INCH;
    private OptionalInt tried = OptionalInt.empty();
    private IntConsumer onPages = p -> {};

    @SuppressWarnings("NullAway.Init") // shown before it is drawn
    PageCountPlot() {
        setFocusTraversable(true);
        setId("page-count-plot");
        setAccessibleText(Wording.of("desk.plot.name"));
        setAccessibleHelp(Wording.of("desk.plot.help"));
        getStyleClass().add("region-focus");
        setCursor(Cursor.CROSSHAIR);
        addEventHandler(MouseEvent.MOUSE_MOVED, e -> attempt(OptionalInt.of(at(e.getX()))));
        addEventHandler(MouseEvent.MOUSE_EXITED, e -> attempt(OptionalInt.empty()));
        addEventHandler(MouseEvent.MOUSE_CLICKED, e -> {
            requestFocus();
            onPages.accept(at(e.getX()));
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                attempt(OptionalInt.empty());
            }
        });
    }

    private void key(KeyEvent e) {
        int way = e.getCode() == KeyCode.RIGHT ? 1 : e.getCode() == KeyCode.LEFT ? -1 : 0;
        if (way != 0 && effects != null) {
            int step = effects.multiple() * (e.isShiftDown() ? 10 : 1) * way;
            attempt(OptionalInt.of(effects.nearest(tried.orElse(pages) + (double) step)));
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && tried.isPresent()) {
            onPages.accept(tried.getAsInt());
            e.consume();
        }
    }

    private void attempt(OptionalInt count) {
        if (!tried.equals(count)) {
            tried = count;
            redraw();
        }
    }

    /** Who hears of a page count that is to be the book's. */
    void setOnPages(IntConsumer listener) {
        onPages = listener;
    }

    void show(PageEffects now, int pageCount, Unit lengths) {
        effects = now;
        steps = now.gutterSteps();
        pages = pageCount;
        unit = lengths;
        tried = OptionalInt.empty();
        redraw();
    }

    private int most() {
        return (int) Math.max(
                effects.least() + effects.multiple(), Math.min(effects.most(), Math.max(LEAST_SHOWN, pages * AHEAD)));
    }

    private double left() {
        return em() * 6.2;
    }

    private double right() {
        return getWidth() - em() * 0.6;
    }

    private double x(double count) {
        double share = (count - effects.least()) / Math.max(1, most() - effects.least());
        return left() + share * (right() - left());
    }

    private int at(double x) {
        double share = (x - left()) / Math.max(1, right() - left());
        return effects == null ? 0 : effects.nearest(effects.least() + share * (most() - effects.least()));
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        if (effects == null || width < em() * 12) {
            return;
        }
        boolean money = effects.cost(effects.least()).isPresent();
        int bands = money ? 3 : 2;
        double foot = em() * 3.2;
        double band = (height - foot - em() * 0.6) / bands;
        int shown = tried.orElse(pages);
        g.setTextBaseline(VPos.BASELINE);
        axis(g, height - foot);
        line(g, 0, band, Wording.of("desk.plot.thick"), length(effects.thickness(shown)), n -> effects.thickness(n)
                .points());
        gutters(g, band, band, shown);
        if (money) {
            String cost = Numeral.fixed(effects.cost(shown).orElse(0), 2) + " " + effects.currency();
            line(g, 2 * band, band, Wording.of("desk.plot.printing"), cost, n -> effects.cost(n)
                    .orElse(0));
        }
        mark(g, pages, height - foot, true);
        if (tried.isPresent() && tried.getAsInt() != pages) {
            mark(g, tried.getAsInt(), height - foot, false);
        }
        g.setTextAlign(TextAlignment.LEFT);
        aside(g, next(), 0, height - em() * 0.4, Theme.INK);
    }

    private String length(Length length) {
        return length.format(unit, Precision.EXACT);
    }

    private void axis(GraphicsContext g, double y) {
        g.setStroke(Theme.SOFT_INK);
        g.setLineWidth(1);
        g.strokeLine(left(), y, right(), y);
        g.setTextAlign(TextAlignment.CENTER);
        int step = most() - effects.least() > 500 ? 200 : most() - effects.least() > 120 ? 50 : 10;
        double last = -100;
        for (int n = effects.least() / step * step + step; n <= most(); n += step) {
            double x = x(n);
            g.strokeLine(x, y, x, y + 4);
            if (x - last > em() * 3) {
                write(g, Integer.toString(n), x, y + em() * 1.15, Theme.SOFT_INK, false);
                last = x;
            }
        }
        g.setTextAlign(TextAlignment.LEFT);
        write(g, Wording.of("desk.plot.pages"), 0, y + em() * 1.15, Theme.SOFT_INK, false);
    }

    private void title(GraphicsContext g, double top, double band, String name, String value) {
        g.setTextAlign(TextAlignment.LEFT);
        write(g, name, 0, top + band * 0.5, Theme.SOFT_INK, false);
        write(g, value, 0, top + band * 0.5 + em() * 1.2, tried.isPresent() ? Theme.THREAD : Theme.INK, true);
        g.setStroke(Theme.HAIRLINE);
        g.setLineWidth(1);
        g.strokeLine(left(), top + band, right(), top + band);
    }

    /** What grows evenly. */
    private void line(GraphicsContext g, double top, double band, String name, String value, IntToDoubleFunction of) {
        title(g, top, band, name, value);
        double highest = Math.max(1e-9, of.applyAsDouble(most()));
        g.setStroke(Theme.INK);
        g.setLineWidth(1.8);
        int parts = 24;
        g.beginPath();
        for (int i = 0; i <= parts; i++) {
            int n = effects.nearest(effects.least() + (double) i / parts * (most() - effects.least()));
            double y = top + band - (band - em()) * of.applyAsDouble(n) / highest;
            if (i == 0) {
                g.moveTo(x(n), y);
            } else {
                g.lineTo(x(n), y);
            }
        }
        g.stroke();
        dot(g, top + band, band - em(), of, highest);
    }

    private void dot(GraphicsContext g, double foot, double room, IntToDoubleFunction of, double highest) {
        int n = tried.orElse(pages);
        if (n <= most()) {
            double y = foot - room * of.applyAsDouble(n) / highest;
            g.setFill(Theme.THREAD);
            g.fillOval(x(n) - 4, y - 4, 8, 8);
        }
    }

    /** What grows in steps, each written where it begins. */
    private void gutters(GraphicsContext g, double top, double band, int shown) {
        title(g, top, band, Wording.of("desk.plot.gutter"), length(effects.gutter(shown)));
        double highest = Math.max(1e-9, effects.gutter(most()).points());
        g.setLineWidth(1.8);
        g.setTextAlign(TextAlignment.LEFT);
        double before = Double.NaN;
        for (int i = 0; i < steps.size() && steps.get(i).pages() <= most(); i++) {
            PageEffects.Step step = steps.get(i);
            double from = x(step.pages());
            double to =
                    x(i + 1 < steps.size() ? Math.min(most(), steps.get(i + 1).pages()) : most());
            double y = top + band - (band - em() * 1.3) * step.length().points() / highest;
            g.setStroke(Theme.INK);
            g.strokeLine(from, y, to, y);
            if (!Double.isNaN(before)) {
                g.strokeLine(from, before, from, y);
            }
            if (to - from > em() * 3.4) {
                write(g, length(step.length()), from + 4, y - em() * 0.25, Theme.SOFT_INK, false);
            }
            before = y;
        }
        dot(g, top + band, band - em() * 1.3, n -> effects.gutter(n).points(), highest);
    }

    private void mark(GraphicsContext g, int n, double foot, boolean own) {
        if (n > most()) {
            return;
        }
        g.setStroke(Theme.THREAD);
        g.setLineWidth(own ? 2 : 1.2);
        if (!own) {
            g.setLineDashes(4, 3);
        }
        g.strokeLine(x(n), 2, x(n), foot + 5);
        g.setLineDashes();
        String word = own ? Wording.of("desk.plot.book", n) : Integer.toString(n);
        double w = widthOf(word) + 8;
        double left = Math.max(left(), Math.min(right() - w, x(n) + 4));
        g.setFill(Theme.PAPER);
        g.fillRect(left, own ? 0 : em() * 1.4, w, em() * 1.35);
        g.setTextAlign(TextAlignment.LEFT);
        write(g, word, left + 4, (own ? 0 : em() * 1.4) + em(), Theme.THREAD, own);
    }

    /** What the next step from here is. */
    private String next() {
        int from = tried.orElse(pages);
        if (tried.isPresent() && tried.getAsInt() != pages) {
            return Wording.of("desk.plot.click-takes", tried.getAsInt());
        }
        var spine = effects.spineTextFrom().filter(n -> n > from);
        var gutter = effects.nextGutterStep(from);
        if (spine.isPresent() && (gutter.isEmpty() || spine.get() < gutter.get().pages())) {
            return Wording.of("desk.plot.spine-next", spine.get() - from);
        }
        return gutter.map(s -> Wording.of("desk.plot.gutter-next", s.pages() - from, length(s.length())))
                .orElse(Wording.of("desk.plot.no-next"));
    }
}
