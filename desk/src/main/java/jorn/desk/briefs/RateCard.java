package jorn.desk.briefs;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jorn.desk.view.CanvasPane;
import jorn.desk.view.Theme;
import jorn.measure.Length;
import jorn.measure.Quantity.Precision;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.Margins;
import jorn.press.Market;
import jorn.press.PaperStock;
import jorn.press.PressProfile;
import jorn.say.Wording;

/**
 * What a press offers, drawn: papers as stacks of a hundred leaves in true proportion, trims nested to scale, gutters as steps over the
 * page count, costs as lines.
 */
final class RateCard extends CanvasPane {
    private static final int LEAVES = 100;
    private static final int STEPS = 60;
    private static final double[][] DASHES = {{}, {7, 3}, {2, 3}, {7, 3, 2, 3}};

    private final PressProfile press;
    private final String paper;
    private final Unit unit;
    private final Size trim;

    /**
     * @param paper the one that the book has
     * @param trim that of the book
     */
    RateCard(PressProfile press, String paper, Size trim, Unit unit, double em) {
        this.press = press;
        this.paper = paper;
        this.trim = trim;
        this.unit = unit;
        setEm(em);
        setMinHeight(em * 25);
        setPrefHeight(em * 25);
        setId("rate-card");
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        double gap = em() * 2;
        double w = (width - gap) / 2;
        double h = (height - gap) / 2;
        g.setTextBaseline(VPos.BASELINE);
        g.setTextAlign(TextAlignment.LEFT);
        papers(g, 0, 0, w, h);
        trims(g, w + gap, 0, w, h);
        margins(g, 0, h + gap, w, h);
        costs(g, w + gap, h + gap, w, h);
    }

    private void head(GraphicsContext g, String words, double x, double y) {
        g.setTextAlign(TextAlignment.LEFT);
        write(g, words, x, y + em(), Theme.INK, true);
    }

    /** Stacks of a hundred leaves; how high each is stands beside it. */
    private void papers(GraphicsContext g, double x, double y, double w, double h) {
        head(g, Wording.of("desk.rate-card.papers", LEAVES), x, y);
        List<PaperStock> all = press.papers();
        double thickest = all.stream().mapToDouble(this::leaves).max().orElse(1);
        double each = Math.min(em() * 8.5, w / Math.max(1, all.size()));
        double foot = y + h - em() * 3;
        for (int i = 0; i < all.size(); i++) {
            PaperStock stock = all.get(i);
            double high = thickest == 0 ? 2 : Math.max(2, leaves(stock) / thickest * (foot - y - em() * 2.2));
            double left = x + i * each + 4;
            double wide = each - em() * 1.2;
            boolean mine = stock.id().equals(paper);
            g.setFill(stock.shade().map(s -> Color.web("#" + s)).orElse(Color.WHITE));
            g.fillRect(left, foot - high, wide, high);
            g.setStroke(Theme.HAIRLINE);
            g.setLineWidth(1);
            for (double line = foot - high; line < foot; line += 4) {
                g.strokeLine(left, line, left + wide, line);
            }
            g.setStroke(mine ? Theme.THREAD : Theme.INK);
            g.setLineWidth(mine ? 2.2 : 1.2);
            g.strokeRect(left, foot - high, wide, high);
            String name = stock.called();
            write(g, fitting(name, each - em() * 1.1), left, foot + em() * 1.2, mine ? Theme.THREAD : Theme.INK, mine);
            Length thick = Length.points(leaves(stock));
            write(g, thick.format(unit, Precision.EXACT), left, foot + em() * 2.4, Theme.SOFT_INK, false);
        }
    }

    private String fitting(String words, double room) {
        String whole = words;
        while (widthOf(whole) > room && whole.contains(" ")) {
            whole = whole.substring(0, whole.lastIndexOf(' '));
        }
        return whole;
    }

    private double leaves(PaperStock stock) {
        return stock.page(press.name()).length().points() * 2 * LEAVES;
    }

    private void trims(GraphicsContext g, double x, double y, double w, double h) {
        head(g, Wording.of("desk.rate-card.trims", press.trims().size()), x, y);
        double foot = y + h - em() * 1.6;
        double widest = press.trims().stream()
                .mapToDouble(s -> s.width().points())
                .max()
                .orElse(1);
        double highest = press.trims().stream()
                .mapToDouble(s -> s.height().points())
                .max()
                .orElse(1);
        double s = Math.min((w - em() * 4) / widest, (foot - y - em() * 1.8) / highest);
        double last = -100;
        for (Size size : press.trims()) {
            boolean mine = size.isAbout(trim);
            g.setStroke(mine ? Theme.THREAD : Theme.SOFT_INK);
            g.setLineWidth(mine ? 2.2 : 0.8);
            double top = foot - size.height().points() * s;
            g.strokeRect(x + 2, top, size.width().points() * s, size.height().points() * s);
        }
        g.setTextAlign(TextAlignment.LEFT);
        for (Size size : press.trims()) {
            double top = foot - size.height().points() * s + em();
            if (Math.abs(top - last) > em() * 1.1 && size.width().points() > widest * 0.95) {
                write(g, size.format(unit), x + 8 + size.width().points() * s, top, Theme.SOFT_INK, false);
                last = top;
            }
        }
        write(g, trim.format(unit), x + 6, foot - em() * 0.4, Theme.THREAD, true);
        press.customTrim()
                .ifPresent(r -> write(
                        g,
                        Wording.of(
                                "desk.rate-card.any-between",
                                r.min().format(unit),
                                r.max().format(unit)),
                        x,
                        y + h - em() * 0.2,
                        Theme.SOFT_INK,
                        false));
    }

    private void margins(GraphicsContext g, double x, double y, double w, double h) {
        head(g, Wording.of("desk.rate-card.gutter"), x, y);
        Margins m = press.margins();
        List<Margins.GutterStep> steps = m.gutter();
        double foot = y + h - em() * 2.8;
        double most = steps.isEmpty() ? 1 : steps.get(steps.size() - 1).upTo();
        double highest =
                steps.stream().mapToDouble(s -> s.gutter().points()).max().orElse(1);
        double from = 0;
        double before = foot;
        for (Margins.GutterStep step : steps) {
            double x1 = x + from / most * (w - em());
            double x2 = x + step.upTo() / most * (w - em());
            double top = foot - step.gutter().points() / Math.max(1e-9, highest) * (foot - y - em() * 2.6);
            g.setStroke(Theme.INK);
            g.setLineWidth(1.8);
            g.strokeLine(x1, before, x1, top);
            g.strokeLine(x1, top, x2, top);
            g.setTextAlign(TextAlignment.LEFT);
            if (x2 - x1 > em() * 3) {
                write(g, step.gutter().format(unit), x1 + 4, top - em() * 0.25, Theme.INK, false);
            }
            g.setTextAlign(TextAlignment.RIGHT);
            write(g, Integer.toString(step.upTo()), x2, foot + em() * 1.15, Theme.SOFT_INK, false);
            from = step.upTo();
            before = top;
        }
        g.setStroke(Theme.SOFT_INK);
        g.setLineWidth(1);
        g.strokeLine(x, foot, x + w - em(), foot);
        g.setTextAlign(TextAlignment.LEFT);
        write(
                g,
                Wording.of(
                        "desk.rate-card.outside",
                        m.outside(false).format(unit),
                        m.outside(true).format(unit)),
                x,
                y + h - em() * 0.2,
                Theme.SOFT_INK,
                false);
    }

    private void costs(GraphicsContext g, double x, double y, double w, double h) {
        if (press.markets().isEmpty()) {
            head(g, Wording.of("desk.rate-card.no-costs"), x, y);
            return;
        }
        Market market = press.markets().get(0);
        head(g, Wording.of("desk.rate-card.costs", market.called(), market.currency()), x, y);
        double foot = y + h - em() * 1.6;
        int most =
                press.bindings().stream().mapToInt(b -> b.pages().max()).max().orElse(100);
        List<CostLine> lines = CostLine.of(market);
        double dearest = lines.stream().mapToDouble(l -> l.at(most)).max().orElse(1);
        double room = w - em() * 9;
        g.setStroke(Theme.SOFT_INK);
        g.setLineWidth(1);
        g.strokeLine(x, foot, x + room, foot);
        double apart = Math.min(em() * 2.4, (foot - y - em()) / Math.max(1, lines.size()));
        double below = foot + em() * 1.2;
        // From the lowest up, so that each name stands beside its line or above the one that follows.
        for (int i = lines.size() - 1; i >= 0; i--) {
            CostLine line = lines.get(i);
            double[] xs = new double[STEPS];
            double[] ys = new double[STEPS];
            for (int n = 1; n <= STEPS; n++) {
                int pages = Math.max(1, most * n / STEPS);
                xs[n - 1] = x + room * n / STEPS;
                ys[n - 1] = foot - line.at(pages) / Math.max(1e-9, dearest) * (foot - y - em() * 2);
            }
            g.setStroke(Theme.INK);
            g.setLineWidth(1.8);
            g.setLineDashes(DASHES[i % DASHES.length]);
            g.strokePolyline(xs, ys, STEPS);
            g.setLineDashes();
            g.setTextAlign(TextAlignment.LEFT);
            double at = Math.min(ys[STEPS - 1], below - apart);
            write(g, fitting(line.name(press), em() * 8.8), x + room + 6, at + em() * 0.3, Theme.INK, false);
            if (apart > em() * 2.2) {
                write(g, line.sum(), x + room + 6, at + em() * 1.4, Theme.SOFT_INK, false);
            }
            below = at;
        }
        g.setTextAlign(TextAlignment.CENTER);
        write(g, Wording.of("desk.rate-card.pages-to", most), x + room / 2, foot + em() * 1.15, Theme.SOFT_INK, false);
    }
}
