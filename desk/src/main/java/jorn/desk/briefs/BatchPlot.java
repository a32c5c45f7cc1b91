package jorn.desk.briefs;

import java.util.OptionalInt;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import jorn.desk.view.CanvasPane;
import jorn.desk.view.Theme;
import jorn.measure.Numeral;
import jorn.money.BulkOrder;
import jorn.say.Wording;

/** What a batch costs from the press and from the shop, over the number of copies; where the lines cross, the other becomes cheaper. */
final class BatchPlot extends CanvasPane {
    private static final double AHEAD = 1.6;
    private static final int LEAST_COPIES = 10;
    private static final double TITLES_EM = 11;

    private final BulkOrder batch;

    BatchPlot(BulkOrder batch, double em) {
        this.batch = batch;
        setEm(em);
        setMinSize(em * 22, em * 11);
        setPrefSize(em * 34, em * 11);
        setMaxWidth(em * 46);
        setId("batch-plot");
        setAccessibleText(Wording.of("desk.batch-plot.name"));
        setAccessibleHelp(Wording.of("desk.batch-plot.help"));
    }

    private double most() {
        OptionalInt turn = batch.turningPoint();
        double wanted = Math.max(LEAST_COPIES, batch.copies() * AHEAD);
        return turn.isPresent() && turn.getAsInt() < batch.copies() * 20
                ? Math.max(wanted, turn.getAsInt() * AHEAD)
                : wanted;
    }

    private double foot() {
        return getHeight() - em() * 1.8;
    }

    private double left() {
        return em() * 4;
    }

    private double right() {
        return getWidth() - em() * TITLES_EM;
    }

    private double x(double copies) {
        return left() + copies / most() * (right() - left());
    }

    private double y(double sum) {
        double highest = Math.max(batch.pressTotal(most()), batch.shopTotal(most()));
        return foot() - sum / Math.max(1e-9, highest) * (foot() - em());
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        g.setTextBaseline(VPos.BASELINE);
        axes(g);
        g.setStroke(Theme.INK);
        g.setLineWidth(2);
        g.strokeLine(x(0), y(batch.pressTotal(0)), x(most()), y(batch.pressTotal(most())));
        g.setLineDashes(7, 4);
        g.strokeLine(x(0), y(batch.shopTotal(0)), x(most()), y(batch.shopTotal(most())));
        g.setLineDashes();
        names(g);
        batch.turningPoint().ifPresent(n -> turn(g, n));
        mine(g);
    }

    private void axes(GraphicsContext g) {
        g.setStroke(Theme.SOFT_INK);
        g.setLineWidth(1);
        g.strokeLine(left(), foot(), right(), foot());
        g.strokeLine(left(), em(), left(), foot());
        double step = step(most());
        g.setTextAlign(TextAlignment.CENTER);
        for (double n = step; n <= most(); n += step) {
            g.strokeLine(x(n), foot(), x(n), foot() + 4);
            write(g, Numeral.grouped(Math.round(n)), x(n), foot() + em() * 1.2, Theme.SOFT_INK, false);
        }
        g.setTextAlign(TextAlignment.LEFT);
        write(g, Wording.of("desk.batch-plot.copies"), right() + 6, foot() + em() * 0.3, Theme.SOFT_INK, false);
        double highest = Math.max(batch.pressTotal(most()), batch.shopTotal(most()));
        double sums = step(highest);
        g.setTextAlign(TextAlignment.RIGHT);
        for (double s = sums; s <= highest; s += sums) {
            g.strokeLine(left() - 4, y(s), left(), y(s));
            write(g, Numeral.grouped(Math.round(s)), left() - 7, y(s) + em() * 0.3, Theme.SOFT_INK, false);
        }
        g.setTextAlign(TextAlignment.LEFT);
        write(g, batch.currency(), 0, em() * 0.9, Theme.SOFT_INK, false);
    }

    /** About five steps to the end, each one, two or five times a power of ten. */
    private static double step(double end) {
        double rough = end / 5;
        double ten = Math.pow(10, Math.floor(Math.log10(Math.max(1, rough))));
        double times = rough / ten;
        return ten * (times > 5 ? 10 : times > 2 ? 5 : times > 1 ? 2 : 1);
    }

    private void names(GraphicsContext g) {
        double press = y(batch.pressTotal(most()));
        double shop = y(batch.shopTotal(most()));
        double apart = em() * 1.2;
        if (Math.abs(press - shop) < apart) {
            double middle = (press + shop) / 2;
            boolean pressAbove = press <= shop;
            press = middle + (pressAbove ? -apart : apart) / 2;
            shop = middle + (pressAbove ? apart : -apart) / 2;
        }
        g.setTextAlign(TextAlignment.LEFT);
        write(g, Wording.of("desk.batch-plot.press"), right() + 6, press + em() * 0.3, Theme.INK, true);
        write(g, Wording.of("desk.batch-plot.shop"), right() + 6, shop + em() * 0.3, Theme.INK, true);
    }

    private void turn(GraphicsContext g, int copies) {
        if (copies > most()) {
            return;
        }
        double at = x(copies);
        double high = y(batch.shopTotal(copies));
        g.setStroke(Theme.THREAD);
        g.setLineWidth(1);
        g.strokeLine(at, high, at, foot());
        g.setFill(Theme.THREAD);
        g.fillOval(at - 4, high - 4, 8, 8);
        String words =
                Wording.of(batch.isShopForMany() ? "desk.batch-plot.shop-from" : "desk.batch-plot.press-from", copies);
        boolean room = at > left() + widthOf(words) + em();
        g.setTextAlign(room ? TextAlignment.RIGHT : TextAlignment.LEFT);
        write(g, words, at + (room ? -8 : 8), room ? high - em() * 0.5 : high + em() * 1.6, Theme.THREAD, true);
    }

    /** The copies that are ordered, on both lines. */
    private void mine(GraphicsContext g) {
        g.setFill(Theme.INK);
        double at = x(batch.copies());
        for (double sum : new double[] {batch.pressTotal(batch.copies()), batch.shopTotal(batch.copies())}) {
            g.fillOval(at - 3, y(sum) - 3, 6, 6);
        }
    }
}
