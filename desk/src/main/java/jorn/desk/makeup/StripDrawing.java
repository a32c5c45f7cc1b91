package jorn.desk.makeup;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Point2D;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jorn.art.Box;
import jorn.art.Side;
import jorn.desk.model.BookState;
import jorn.desk.view.CanvasPane;
import jorn.desk.view.Painter;
import jorn.desk.view.Theme;
import jorn.say.Wording;

/** Draws the flat plan, as far as it is seen. */
final class StripDrawing {
    private static final Color CHOSEN = Color.web("#A1352A", 0.16);

    private static final Color TINT = Color.web("#C9B48C", 0.28);

    private final GraphicsContext g;
    private final CanvasPane pane;
    private final StripLayout layout;
    private final BookState state;
    private final double offset;
    private final double width;

    StripDrawing(GraphicsContext g, CanvasPane pane, StripLayout layout, BookState state, double offset, double width) {
        this.g = g;
        this.pane = pane;
        this.layout = layout;
        this.state = state;
        this.offset = offset;
        this.width = width;
    }

    /** One page as a small picture; an empty sheet until it is painted. */
    void page(int n, Painter painter, Consumer<Image> onImage, boolean chosen) {
        double x = layout.xOf(n) - offset;
        double w = layout.thumbWidth();
        double h = layout.thumbHeight();
        double top = StripLayout.TOP;
        Box trim = state.edition().pages().frame(Side.of(n)).trim();
        var art = state.edition().page(n);
        g.setFill(Theme.SHADOW);
        g.fillRect(x + 1.5, top + 2.5, w, h);
        Optional<Image> image = painter.ready(art, trim, (int) Math.round(w));
        if (image.isPresent()) {
            g.drawImage(image.get(), x, top, w, h);
        } else {
            g.setFill(Theme.SHEET);
            g.fillRect(x, top, w, h);
            painter.paint(art, trim, (int) Math.round(w), onImage);
        }
        g.setStroke(Theme.HAIRLINE);
        g.setLineWidth(1);
        g.strokeRect(x, top, w, h);
        if (chosen) {
            g.setFill(CHOSEN);
            g.fillRect(x, top, w, h);
            g.setStroke(Theme.THREAD);
            g.setLineWidth(1.4);
            g.strokeRect(x + 1, top + 1, w - 2, h - 2);
        }
    }

    /** Says how many spreads are folded away after one. */
    void hidden(int place) {
        int n = layout.strip().hiddenAfter(place);
        if (n > 0) {
            g.setTextAlign(TextAlignment.CENTER);
            g.setTextBaseline(VPos.CENTER);
            double x = layout.hiddenMiddle(place) - offset;
            double y = StripLayout.TOP + layout.thumbHeight() / 2;
            pane.write(g, "+ " + n, x, y, Theme.THREAD, true);
        }
    }

    /** The frame round the spread that is looked at. */
    void chosen(int spread) {
        var p = state.pagination();
        boolean verso = p.versoOf(spread).isPresent();
        boolean recto = p.rectoOf(spread).isPresent();
        double x1 = Double.MAX_VALUE;
        double x2 = 0;
        if (verso) {
            x1 = layout.xOf(spread * 2);
            x2 = x1;
        }
        if (recto) {
            x1 = Math.min(x1, layout.xOf(spread * 2 + 1));
            x2 = Math.max(x2, layout.xOf(spread * 2 + 1));
        }
        if (layout.strip().isShown(spread * 2)) {
            g.setStroke(Theme.THREAD);
            g.setLineWidth(2.2);
            g.strokeRect(
                    x1 - offset - 1, StripLayout.TOP - 1, x2 - x1 + layout.thumbWidth() + 2, layout.thumbHeight() + 2);
        }
    }

    /** Runs, with their names. */
    void runs() {
        double y = StripLayout.TOP + layout.thumbHeight() + 6;
        for (Strip.Stretch s : layout.stretchesBetween(offset - 20, offset + width + 20)) {
            if (!layout.strip().isShown(s.from()) && !layout.strip().isShown(s.to())) {
                continue;
            }
            double x1 = layout.from(s.from(), s.to()) + 1 - offset;
            double x2 = layout.to(s.from(), s.to()) - 1 - offset;
            boolean whole = layout.strip()
                    .groupOf(s.from())
                    .filter(gr -> gr.cycle().isEmpty() && gr.canFold())
                    .isPresent();
            boolean folded = whole
                    && layout.strip()
                            .groupOf(s.from())
                            .filter(layout.strip()::isFolded)
                            .isPresent();
            String range = s.from() == s.to() ? "" + s.from() : s.from() + "–" + s.to();
            String name = state.book().runs().get(s.run()).name();
            bracket(
                    x1,
                    x2,
                    y,
                    s.to() - s.from() > 2 ? Theme.THREAD : Theme.SOFT_INK,
                    name + ", " + range + (folded ? Wording.of("desk.strip-drawing.folded") : ""),
                    range);
        }
    }

    /** Cycles: their rounds by what they stand for, or how often they come where they are folded. */
    void cycles() {
        double y = StripLayout.TOP + layout.thumbHeight() + 6 + layout.em() * 1.5;
        for (Strip.Group group : layout.strip().groups()) {
            if (group.cycle().isPresent() && (layout.strip().isFolded(group) || !group.canFold())) {
                String name = group.rounds() + " × "
                        + Wording.within(group.cycle().get().name());
                String fold = group.canFold() ? Wording.of("desk.strip-drawing.open") : "";
                band(group.from(), group.to(), y, name + ", " + group.from() + "–" + group.to() + fold, name);
            }
        }
        for (Strip.Round round : layout.strip().rounds()) {
            boolean folded = layout.strip()
                    .groupOf(round.from())
                    .filter(gr -> layout.strip().isFolded(gr) || !gr.canFold())
                    .isPresent();
            if (!folded) {
                String occasion = OccasionWords.of(
                        round.occasion(), state.book().calendar().weeks());
                String name = occasion.isEmpty() ? Wording.of("desk.strip-drawing.round", round.number()) : occasion;
                String fold = round.number() == 1 ? Wording.of("desk.strip-drawing.fold") : "";
                band(round.from(), round.to(), y, name + ", " + round.from() + "–" + round.to() + fold, name);
            }
        }
    }

    private void band(int from, int to, double y, String name, String brief) {
        double x1 = layout.from(from, to) + 1 - offset;
        double x2 = layout.to(from, to) - 1 - offset;
        if (x2 >= 0 && x1 <= width) {
            bracket(x1, x2, y, Theme.INK, name, brief);
        }
    }

    /** Tells rounds of cycles apart by a tint behind every second one. */
    void tints() {
        g.setFill(TINT);
        for (Strip.Round round : layout.strip().rounds()) {
            double x1 = layout.from(round.from(), round.to()) - offset;
            double x2 = layout.to(round.from(), round.to()) - offset;
            if (round.number() % 2 == 0 && x2 >= 0 && x1 <= width) {
                g.fillRect(x1 - 3, 0, x2 - x1 + 6, StripLayout.TOP + layout.thumbHeight() + 4);
            }
        }
    }

    private void bracket(double from, double to, double y, Color colour, String name, String brief) {
        double x1 = Math.max(-20, from);
        double x2 = Math.min(width + 20, to);
        g.setStroke(colour);
        g.setLineWidth(1.4);
        g.strokeLine(x1, y, x2, y);
        g.strokeLine(x1, y, x1, y - 4);
        g.strokeLine(x2, y, x2, y - 4);
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        double left = Math.max(x1, 0);
        double right = Math.min(x2, width);
        double room = right - left;
        if (room > pane.widthOf(name) + 4) {
            pane.write(g, name, (left + right) / 2, y + 2, Theme.INK, false);
        } else if (room > pane.widthOf(brief)) {
            pane.write(g, brief, (left + right) / 2, y + 2, Theme.SOFT_INK, false);
        }
    }

    /** Small arrowheads at the ends where the plan goes on. */
    void more() {
        double y = StripLayout.TOP + layout.thumbHeight() / 2;
        g.setFill(Theme.THREAD);
        if (offset > 1) {
            g.fillPolygon(new double[] {1, 8, 8}, new double[] {y, y - 6, y + 6}, 3);
        }
        if (offset < layout.width() - width - 1) {
            g.fillPolygon(new double[] {width - 1, width - 8, width - 8}, new double[] {y, y - 6, y + 6}, 3);
        }
    }

    /** Where what is dragged would be put: a needle between two runs, and what it is beside the pointer. */
    void mark(StripLayout.Gap gap, String name, Optional<Point2D> pointer) {
        double x = gap.x() - offset;
        double bottom = StripLayout.TOP + layout.thumbHeight() + 6;
        g.setStroke(Theme.THREAD);
        g.setLineWidth(3);
        g.strokeLine(x, 1, x, bottom);
        g.setFill(Theme.THREAD);
        g.fillOval(x - 4, bottom - 4, 8, 8);
        if (!name.isEmpty() && pointer.isPresent()) {
            double w = pane.widthOf(name) + 12;
            double left = Math.max(2, Math.min(width - w - 2, pointer.get().getX() + 10));
            double top = Math.max(2, pointer.get().getY() - layout.em() * 1.6);
            g.setFill(Theme.SHEET);
            g.fillRect(left, top, w, layout.em() * 1.4);
            g.setStroke(Theme.THREAD);
            g.setLineWidth(1);
            g.strokeRect(left, top, w, layout.em() * 1.4);
            g.setTextAlign(TextAlignment.LEFT);
            g.setTextBaseline(VPos.TOP);
            pane.write(g, name, left + 6, top + layout.em() * 0.12, Theme.INK, false);
        }
    }
}
