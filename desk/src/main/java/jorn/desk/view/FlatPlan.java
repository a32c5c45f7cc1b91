package jorn.desk.view;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.application.Platform;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jorn.book.Pagination.Slot;
import jorn.desk.model.Sight;
import jorn.page.Box;
import jorn.page.Side;

/** The flat plan: all spreads as small pictures in reading order, with the runs marked along them. Draws only what is seen. */
public final class FlatPlan extends CanvasPane {
    private static final double TOP = 5;
    private static final double SIDE_GAP = 9;

    private final Painter painter;
    private Sight sight;
    private int chosenSpread;
    private double offset;
    private IntConsumer onPage = p -> {};
    private double dragFrom = Double.NaN;
    private boolean dragged;

    /** A stretch of pages of one run. */
    private record Stretch(int run, int from, int to) {}

    private List<Stretch> stretches = List.of();
    private boolean redrawPending;
    private final Consumer<Image> onImage = i -> redrawSoon();

    /** Draws anew once, however many pictures have just come. */
    private void redrawSoon() {
        if (!redrawPending) {
            redrawPending = true;
            Platform.runLater(() -> {
                redrawPending = false;
                redraw();
            });
        }
    }

    public FlatPlan(Painter painter) {
        this.painter = painter;
        setFocusTraversable(true);
        getStyleClass().add("region-focus");
        layoutBoundsProperty().addListener((o, was, now) -> {
            if (sight != null) {
                follow();
                redraw();
            }
        });
        addEventHandler(ScrollEvent.SCROLL, e -> scrollBy(-(e.getDeltaY() + e.getDeltaX())));
        addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            requestFocus();
            dragFrom = e.getX();
            dragged = false;
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> {
            if (dragged || Math.abs(e.getX() - dragFrom) > 4) {
                dragged = true;
                scrollBy(dragFrom - e.getX());
                dragFrom = e.getX();
            }
        });
        addEventHandler(MouseEvent.MOUSE_CLICKED, e -> {
            if (!dragged && sight != null) {
                pageAt(e.getX());
            }
        });
    }

    public void setOnPage(IntConsumer listener) {
        onPage = listener;
    }

    /** Shows the book, with a spread chosen and in sight. */
    public void show(Sight now, int spread) {
        if (sight != now) {
            sight = now;
            stretches = stretches(now);
        }
        chosenSpread = spread;
        follow();
        redraw();
    }

    /** Brings the chosen spread into sight. */
    private void follow() {
        double left = SIDE_GAP + chosenSpread * step();
        if (left < offset + step()) {
            offset = left - step();
        } else if (left + step() > offset + getWidth() - step()) {
            offset = left + 2 * step() - getWidth();
        }
        clampOffset();
    }

    private static List<Stretch> stretches(Sight sight) {
        List<Stretch> found = new ArrayList<>();
        for (Slot slot : sight.pagination().slots()) {
            Stretch last = found.isEmpty() ? null : found.get(found.size() - 1);
            if (last != null && last.run() == slot.run()) {
                found.set(found.size() - 1, new Stretch(last.run(), last.from(), slot.number()));
            } else {
                found.add(new Stretch(slot.run(), slot.number(), slot.number()));
            }
        }
        return found;
    }

    private double thumbHeight() {
        return Math.max(20, getHeight() - TOP - em() * 2.1);
    }

    private double thumbWidth() {
        if (sight == null) {
            return 1;
        }
        Box trim = sight.composer().frame(Side.RECTO).trim();
        return thumbHeight() * trim.width() / trim.height();
    }

    private double step() {
        return 2 * thumbWidth() + SIDE_GAP;
    }

    private double xOf(int page) {
        return SIDE_GAP + (page / 2) * step() + (isAtRight(page) ? thumbWidth() : 0) - offset;
    }

    private boolean isAtRight(int page) {
        return sight.book().brief().reading().isRightHand(Side.of(page));
    }

    private void scrollBy(double dx) {
        if (sight != null) {
            offset += dx;
            clampOffset();
            redraw();
        }
    }

    private void clampOffset() {
        double whole = 2 * SIDE_GAP + sight.pagination().spreadCount() * step();
        offset = Math.max(0, Math.min(offset, whole - getWidth()));
    }

    private void pageAt(double x) {
        double at = x + offset - SIDE_GAP;
        int spread = (int) Math.floor(at / step());
        boolean recto = at - spread * step() > thumbWidth() == isAtRight(1);
        var p = sight.pagination();
        if (spread >= 0 && spread < p.spreadCount()) {
            int page = recto ? p.rectoOf(spread).orElse(0) : p.versoOf(spread).orElse(0);
            onPage.accept(
                    page > 0
                            ? page
                            : p.rectoOf(spread)
                                    .orElseGet(() -> p.versoOf(spread).orElse(1)));
        }
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        if (sight == null) {
            return;
        }
        clampOffset();
        int first = (int) Math.max(0, Math.floor((offset - SIDE_GAP) / step()));
        int last = (int) Math.min(sight.pagination().spreadCount() - 1.0, Math.ceil((offset + width) / step()));
        for (int spread = first; spread <= last; spread++) {
            sight.pagination().versoOf(spread).ifPresent(n -> drawThumb(g, n));
            sight.pagination().rectoOf(spread).ifPresent(n -> drawThumb(g, n));
            if (spread == chosenSpread) {
                drawChosen(g, spread);
            }
        }
        drawRuns(g, width);
        drawMore(g, width);
    }

    private void drawThumb(GraphicsContext g, int n) {
        double x = xOf(n);
        double w = thumbWidth();
        double h = thumbHeight();
        Box trim = sight.composer().frame(Side.of(n)).trim();
        var art = sight.composer().page(n);
        g.setFill(Look.SHADOW);
        g.fillRect(x + 1.5, TOP + 2.5, w, h);
        var image = painter.ready(art, trim, (int) Math.round(w));
        if (image.isPresent()) {
            Image i = image.get();
            g.drawImage(i, x, TOP, w, h);
        } else {
            g.setFill(Look.SHEET);
            g.fillRect(x, TOP, w, h);
            painter.paint(art, trim, (int) Math.round(w), onImage);
        }
        g.setStroke(Look.HAIRLINE);
        g.setLineWidth(1);
        g.strokeRect(x, TOP, w, h);
    }

    private void drawChosen(GraphicsContext g, int spread) {
        boolean verso = sight.pagination().versoOf(spread).isPresent();
        boolean recto = sight.pagination().rectoOf(spread).isPresent();
        double x =
                SIDE_GAP + spread * step() - offset + (verso && recto || !isAtRight(verso ? 2 : 1) ? 0 : thumbWidth());
        g.setStroke(Look.THREAD);
        g.setLineWidth(2.2);
        g.strokeRect(x - 1, TOP - 1, (verso && recto ? 2 : 1) * thumbWidth() + 2, thumbHeight() + 2);
    }

    private void drawRuns(GraphicsContext g, double width) {
        double y = TOP + thumbHeight() + 6;
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        for (Stretch s : stretches) {
            double x1 = Math.max(-20, Math.min(xOf(s.from()), xOf(s.to())) + 1);
            double x2 = Math.min(width + 20, Math.max(xOf(s.from()), xOf(s.to())) + thumbWidth() - 1);
            if (x2 < 0 || x1 > width || s.run() < 0) {
                continue;
            }
            Color colour = s.to() - s.from() > 2 ? Look.THREAD : Look.SOFT_INK;
            g.setStroke(colour);
            g.setLineWidth(1.4);
            g.strokeLine(x1, y, x2, y);
            g.strokeLine(x1, y, x1, y - 4);
            g.strokeLine(x2, y, x2, y - 4);
            String range = s.from() == s.to() ? "" + s.from() : s.from() + "–" + s.to();
            String name = sight.book().runs().get(s.run()).name() + ", " + range;
            double room = Math.min(x2, width) - Math.max(x1, 0);
            if (room > name.length() * em() * 0.42) {
                write(g, name, (Math.max(x1, 0) + Math.min(x2, width)) / 2, y + 3, Look.INK, false);
            } else if (room > em() * 0.5 * range.length()) {
                write(g, range, (Math.max(x1, 0) + Math.min(x2, width)) / 2, y + 3, Look.SOFT_INK, false);
            }
        }
    }

    /** Small arrowheads at the ends where the strip goes on. */
    private void drawMore(GraphicsContext g, double width) {
        double y = TOP + thumbHeight() / 2;
        double whole = 2 * SIDE_GAP + sight.pagination().spreadCount() * step();
        g.setFill(Look.THREAD);
        if (offset > 1) {
            g.fillPolygon(new double[] {1, 8, 8}, new double[] {y, y - 6, y + 6}, 3);
        }
        if (offset < whole - width - 1) {
            g.fillPolygon(new double[] {width - 1, width - 8, width - 8}, new double[] {y, y - 6, y + 6}, 3);
        }
    }
}
