package jorn.desk.briefs;

import java.util.function.DoubleConsumer;
import javafx.geometry.VPos;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.TextAlignment;
import jorn.desk.view.CanvasPane;
import jorn.desk.view.Theme;
import jorn.measure.Numeral;
import jorn.money.Money;
import jorn.say.Wording;

/** The list price against what is kept of it, in one market. The point is moved by hand, or with the arrow keys. */
final class PricePlot extends CanvasPane {
    private static final double AHEAD = 3.2;
    private static final double FINE = 0.1;
    private static final int STEPS = 90;

    private final Money money;
    private final DoubleConsumer onPrice;
    private double price;
    private boolean held;

    /** @param onPrice hears of the price at which the point is let go */
    PricePlot(Money money, double em, DoubleConsumer onPrice) {
        this.money = money;
        this.onPrice = onPrice;
        price = money.price().orElse(lowest());
        setEm(em);
        setMinSize(em * 17, em * 6.4);
        setPrefSize(em * 21, em * 6.4);
        setFocusTraversable(true);
        setId("price-plot-" + money.market().id());
        setAccessibleText(Wording.of("desk.price-plot.name", money.market().called()));
        setAccessibleHelp(Wording.of("desk.price-plot.help"));
        getStyleClass().add("region-focus");
        setCursor(Cursor.H_RESIZE);
        addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            requestFocus();
            held = true;
            moveTo(e.getX());
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> moveTo(e.getX()));
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> letGo());
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    private void key(KeyEvent e) {
        int way = e.getCode() == KeyCode.RIGHT ? 1 : e.getCode() == KeyCode.LEFT ? -1 : 0;
        if (way != 0) {
            double step = e.isShiftDown() ? 1 : FINE;
            price = Math.max(0.01, Math.min(most(), cent(price + way * step)));
            letGo();
            e.consume();
        }
    }

    private void moveTo(double x) {
        double share = (x - left()) / (right() - left());
        // People price at .99; whoever wants another price types it.
        price = Math.max(0.99, Math.min(most(), Math.round(share * most() + 0.01) - 0.01));
        redraw();
    }

    private void letGo() {
        held = false;
        redraw();
        onPrice.accept(cent(price));
    }

    private static double cent(double amount) {
        return Math.round(amount * 100) / 100.0;
    }

    private double lowest() {
        return money.lowest().number();
    }

    private double most() {
        double most = Math.max(money.price().orElse(0.0) * 1.6, lowest() * AHEAD);
        return Math.ceil(most);
    }

    private double left() {
        return em() * 2.6;
    }

    private double right() {
        return getWidth() - em() * 0.8;
    }

    private double x(double at) {
        return left() + at / most() * (right() - left());
    }

    private double y(double kept) {
        double high = money.keptAt(most());
        double low = money.keptAt(0);
        return em() * 0.6 + (high - kept) / (high - low) * (getHeight() - em() * 2.2);
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        g.setTextBaseline(VPos.BASELINE);
        double zero = y(0);
        g.setStroke(Theme.SOFT_INK);
        g.setLineWidth(1);
        g.strokeLine(left(), zero, right(), zero);
        g.setTextAlign(TextAlignment.RIGHT);
        write(g, "0", left() - 5, zero + em() * 0.3, Theme.SOFT_INK, false);
        g.setTextAlign(TextAlignment.CENTER);
        double step = most() > 60 ? 20 : most() > 24 ? 5 : most() > 10 ? 2 : 1;
        double last = -100;
        for (double p = step; p < most(); p += step) {
            g.strokeLine(x(p), zero - 2, x(p), zero + 3);
            if (x(p) - last > em() * 2.4 && Math.abs(x(p) - x(price)) > em() * 2.6) {
                write(g, Numeral.trimmed(p, 0), x(p), height - em() * 0.2, Theme.SOFT_INK, false);
                last = x(p);
            }
        }
        line(g);
        double kept = money.keptAt(cent(price));
        g.setStroke(Theme.THREAD);
        g.setLineWidth(1);
        g.strokeLine(x(price), y(kept), x(price), height - em() * 1.1);
        g.setFill(kept < 0 ? Theme.THREAD : Theme.INK);
        g.fillOval(x(price) - 6, y(kept) - 6, 12, 12);
        g.setTextAlign(TextAlignment.CENTER);
        write(g, Numeral.fixed(price, 2), Math.max(left() + em(), x(price)), height - em() * 0.2, Theme.THREAD, true);
        if (held || isFocused()) {
            boolean atRight = x(price) > (left() + right()) / 2;
            g.setTextAlign(atRight ? TextAlignment.RIGHT : TextAlignment.LEFT);
            String words = Wording.of(
                    "desk.price-plot.kept",
                    Numeral.fixed(kept, 2),
                    money.market().currency());
            write(g, words, x(price) + (atRight ? -10 : 10), y(kept) - em() * 0.2, Theme.THREAD, true);
        }
    }

    /** What is kept at each price; broken where every copy costs the author money. It steps where the share does. */
    private void line(GraphicsContext g) {
        g.setLineWidth(2);
        double step = most() / STEPS;
        for (int i = 0; i < STEPS; i++) {
            double from = i * step;
            double to = from + step;
            boolean loses = money.keptAt(from + step / 2) < 0;
            if (loses && i % 2 == 1) {
                continue;
            }
            g.setStroke(loses ? Theme.THREAD : Theme.INK);
            g.strokeLine(x(from), y(money.keptAt(from)), x(to), y(money.keptAt(to)));
        }
    }
}
