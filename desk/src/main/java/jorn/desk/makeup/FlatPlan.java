package jorn.desk.makeup;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import jorn.book.Pagination;
import jorn.book.RunOrder;
import jorn.desk.model.BookState;
import jorn.desk.model.Desk;
import jorn.desk.view.CanvasPane;
import jorn.desk.view.Painter;
import jorn.recipe.Recipe;

/**
 * The flat plan: all spreads as small pictures in reading order, with runs and cycles marked along them. Pages are chosen,
 * runs and cycles dragged to another place, cycles folded. Draws only what is seen.
 */
public final class FlatPlan extends CanvasPane {
    private static final double EDGE = 26;

    private final Desk desk;
    private final PageWork work;
    private final Painter painter;
    private final Set<String> folded = new HashSet<>();

    @SuppressWarnings("NullAway.Init") // shown before it is drawn
    private BookState state;

    @SuppressWarnings("NullAway.Init") // shown before it is drawn
    private StripLayout layout;

    @SuppressWarnings("NullAway.Init") // arranged with the layout
    private PlanLines lines;

    private double offset;
    /** How far the lines are scrolled, where there are several. */
    private double down;

    private double lineHeight;
    private IntConsumer onRun = r -> {};
    private Optional<Held> held = Optional.empty();
    private Optional<StripLayout.Gap> mark = Optional.empty();
    private boolean redrawPending;

    @SuppressWarnings("UnnecessaryLambda") // one object, so that the painter knows it again
    private final Consumer<Image> onImage = i -> redrawSoon();

    /** What is dragged: a run, or a cycle with its runs. */
    private record Held(
            Strip.Group group, int run, boolean cycle, String name, Point2D from, boolean moving, Point2D at) {
        Held to(Point2D now, boolean moves) {
            return new Held(group, run, cycle, name, from, moving || moves, now);
        }
    }

    public FlatPlan(Desk desk, PageWork work, Painter painter) {
        this.desk = desk;
        this.work = work;
        this.painter = painter;
        setFocusTraversable(true);
        getStyleClass().add("region-focus");
        layoutBoundsProperty().addListener((o, was, now) -> {
            if (state != null) {
                arrange();
                follow();
                redraw();
            }
        });
        addEventHandler(ScrollEvent.SCROLL, this::scroll);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> drop());
        addEventHandler(MouseEvent.MOUSE_CLICKED, this::click);
    }

    /** Who hears of a run whose mark is clicked. */
    public void setOnRun(IntConsumer listener) {
        onRun = listener;
    }

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

    /** Shows the book as it is now, with the page that is looked at in sight. */
    @SuppressWarnings("ReferenceEquality") // the very same value is meant: another one is looked at anew
    public void show() {
        boolean isNew = state != desk.state().get();
        state = desk.state().get();
        if (isNew) {
            arrange();
        }
        follow();
        redraw();
    }

    private void arrange() {
        Strip strip = new Strip(state.book(), state.pagination(), folded);
        layout = new StripLayout(state, strip, lineHeight > 0 ? lineHeight : getHeight(), em());
        lines = new PlanLines(layout, getWidth());
        clampOffset();
    }

    /** Sets how high one line of pages with its marks is; where the plan is at least twice as high, it shows several. */
    public void setLineHeight(double pixels) {
        if (Math.abs(pixels - lineHeight) > 0.5) {
            lineHeight = pixels;
            if (state != null) {
                arrange();
            }
        }
    }

    /** The height that shows the whole book at once. */
    public double wholeHeight() {
        return lines == null ? lineHeight : lines.height();
    }

    private boolean hasLines() {
        return getHeight() >= 1.6 * layout.lineHeight();
    }

    /** What of the strip lies at a point of the plan. */
    private Point2D onStrip(double x, double y) {
        if (!hasLines()) {
            return new Point2D(x + offset, y);
        }
        PlanLines.Line line = lines.at(y + down);
        double within = y + down - line.top();
        double last = layout.left(line.last());
        double most = layout.isFromRight()
                ? Double.MAX_VALUE
                : last + 2 * layout.thumbWidth() + layout.hiddenWidth(line.last());
        double least = layout.isFromRight() ? last - layout.hiddenWidth(line.last()) : 0;
        return new Point2D(Math.max(least, Math.min(most, x + line.offset())), within);
    }

    private void scroll(ScrollEvent e) {
        if (state == null) {
            return;
        }
        if (hasLines()) {
            down -= e.getDeltaY();
            clampOffset();
            redraw();
        } else {
            scrollBy(onwards(-e.getDeltaY()) - e.getDeltaX());
        }
    }

    /** Whether any run is repeated, so that a second row of marks is needed. */
    public boolean hasCycles() {
        return !desk.book().cycles().isEmpty();
    }

    /** Folds the cycle or long run of the page that is looked at, or opens it again. */
    public void fold() {
        layout.strip().groupOf(desk.page().get()).ifPresent(this::fold);
    }

    private void fold(Strip.Group group) {
        if (group.canFold()) {
            if (!folded.remove(group.key())) {
                folded.add(group.key());
            }
            arrange();
            follow();
            redraw();
        }
    }

    /** Brings the chosen spread into sight. */
    private void follow() {
        int place = layout.strip().placeOf(desk.spread());
        if (hasLines()) {
            double top = lines.of(place).top();
            down = Math.max(Math.min(down, top), top + layout.lineHeight() - getHeight());
            clampOffset();
            return;
        }
        double left = layout.left(place);
        double step = layout.step();
        if (left < offset + step) {
            offset = left - step;
        } else if (left + step > offset + getWidth() - step) {
            offset = left + 2 * step - getWidth();
        }
        clampOffset();
    }

    /** A way on in the direction of reading. */
    private double onwards(double way) {
        return layout != null && layout.isFromRight() ? -way : way;
    }

    private void scrollBy(double dx) {
        if (state != null) {
            offset += dx;
            clampOffset();
            redraw();
        }
    }

    private void clampOffset() {
        offset = Math.max(0, Math.min(offset, layout.width() - getWidth()));
        down = Math.max(0, Math.min(down, lines.height() - getHeight()));
    }

    private void press(MouseEvent e) {
        requestFocus();
        mark = Optional.empty();
        held = Optional.empty();
        if (state == null || e.getButton() != MouseButton.PRIMARY) {
            return;
        }
        Point2D on = onStrip(e.getX(), e.getY());
        double x = on.getX();
        boolean ofCycle = layout.rowAt(on.getY()) == StripLayout.Row.CYCLES;
        Optional<Strip.Group> group =
                layout.groupAt(x).filter(g -> !ofCycle || g.cycle().isPresent());
        OptionalInt run = layout.runAt(x);
        if (group.isPresent() && (ofCycle || run.isPresent())) {
            String name = ofCycle
                    ? group.get().cycle().map(c -> c.name()).orElse("")
                    : state.book().runs().get(run.getAsInt()).name();
            Point2D at = new Point2D(e.getX(), e.getY());
            held = Optional.of(new Held(group.get(), run.orElse(-1), ofCycle, name, at, false, at));
        }
    }

    private void drag(MouseEvent e) {
        if (held.isEmpty()) {
            return;
        }
        boolean moves = held.get().from().distance(e.getX(), e.getY()) > 5;
        held = Optional.of(held.get().to(new Point2D(e.getX(), e.getY()), moves));
        if (held.get().moving()) {
            point(e.getX(), e.getY());
        }
    }

    /** Marks the gap between runs that is nearest to a place. */
    private void point(double x, double y) {
        if (hasLines()) {
            down += y < EDGE / 2 ? -14 : y > getHeight() - EDGE / 2 ? 14 : 0;
        } else if (x < EDGE) {
            offset -= 14;
        } else if (x > getWidth() - EDGE) {
            offset += 14;
        }
        clampOffset();
        mark = layout.gapAt(onStrip(x, y).getX());
        redraw();
    }

    private void drop() {
        Optional<Held> what = held;
        Optional<StripLayout.Gap> where = mark;
        held = Optional.empty();
        mark = Optional.empty();
        if (what.isEmpty() || !what.get().moving()) {
            return;
        }
        redraw();
        where.ifPresent(gap -> desk.attempt(() -> {
            Held h = what.get();
            if (h.cycle()) {
                desk.change(
                        "order", b -> RunOrder.moveCycle(b, h.group().cycle().orElseThrow(), gap.run()));
            } else {
                work.moveRun(h.run(), gap.run(), gap.inside());
            }
        }));
    }

    private void click(MouseEvent e) {
        if (state == null || !e.isStillSincePress() || e.getButton() != MouseButton.PRIMARY) {
            return;
        }
        Point2D on = onStrip(e.getX(), e.getY());
        double x = on.getX();
        if (!hasLines() && e.getX() < 10 && offset > 0) {
            scrollBy(-getWidth() * 0.8);
            return;
        }
        if (!hasLines() && e.getX() > getWidth() - 10 && offset < layout.width() - getWidth()) {
            scrollBy(getWidth() * 0.8);
            return;
        }
        switch (layout.rowAt(on.getY())) {
            case PAGES -> choosePage(layout.pageAt(x), e);
            case RUNS -> {
                Optional<Strip.Group> group =
                        layout.groupAt(x).filter(g -> g.cycle().isEmpty());
                if (e.getClickCount() == 2 && group.isPresent()) {
                    fold(group.get());
                } else {
                    layout.runAt(x).ifPresent(run -> {
                        layout.pageAt(x).ifPresent(work::choosePage);
                        onRun.accept(run);
                    });
                }
            }
            case CYCLES -> layout.groupAt(x).filter(g -> g.cycle().isPresent()).ifPresent(this::fold);
            default -> throw new IllegalStateException();
        }
    }

    private void choosePage(OptionalInt page, MouseEvent e) {
        if (page.isEmpty()) {
            return;
        }
        if (e.isShiftDown()) {
            work.choosePagesTo(page.getAsInt());
        } else if (e.isShortcutDown()) {
            work.togglePage(page.getAsInt());
        } else {
            work.choosePage(page.getAsInt());
        }
    }

    // Something dragged here from elsewhere

    /** Shows where something would be put that is held over the plan. */
    public void dragOver(double sceneX, double sceneY) {
        Point2D at = sceneToLocal(sceneX, sceneY);
        if (contains(at)) {
            point(at.getX(), at.getY());
        } else if (mark.isPresent()) {
            mark = Optional.empty();
            redraw();
        }
    }

    /**
     * Puts a page of a design where it is let go.
     *
     * @return whether that was on the plan
     */
    public boolean dropped(Recipe design, double sceneX, double sceneY) {
        Point2D at = sceneToLocal(sceneX, sceneY);
        Optional<StripLayout.Gap> gap =
                contains(at) ? layout.gapAt(onStrip(at.getX(), at.getY()).getX()) : Optional.empty();
        mark = Optional.empty();
        redraw();
        gap.ifPresent(g -> desk.attempt(() -> work.insertRun(g.run(), design, g.inside())));
        return gap.isPresent();
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        if (state == null) {
            return;
        }
        clampOffset();
        if (!hasLines()) {
            int oneEnd = layout.placeAt(offset);
            int otherEnd = layout.placeAt(offset + width);
            StripDrawing drawing = new StripDrawing(g, this, layout, state, offset, width);
            drawLine(drawing, Math.min(oneEnd, otherEnd), Math.max(oneEnd, otherEnd));
            drawing.more();
            mark.ifPresent(gap -> drawing.mark(gap, held.map(Held::name).orElse(""), held.map(Held::at)));
            return;
        }
        for (PlanLines.Line line : lines.all()) {
            double top = line.top() - down;
            if (top > height || top + layout.lineHeight() < 0) {
                continue;
            }
            g.save();
            g.translate(0, top);
            double right = layout.isFromRight() ? width : layout.left(line.last()) + layout.step() - line.offset();
            g.beginPath();
            g.rect(0, 0, Math.min(width, right + layout.hiddenWidth(line.last())), layout.lineHeight());
            g.clip();
            StripDrawing drawing = new StripDrawing(g, this, layout, state, line.offset(), width);
            drawLine(drawing, line.first(), line.last());
            mark.filter(gap -> gap.x() >= line.offset() && gap.x() <= line.offset() + right)
                    .ifPresent(gap ->
                            drawing.mark(gap, held.map(Held::name).orElse(""), held.map(h -> h.at().subtract(0, top))));
            g.restore();
        }
    }

    private void drawLine(StripDrawing drawing, int first, int last) {
        Pagination p = state.pagination();
        List<Integer> shown = layout.strip().shown();
        Set<Integer> chosen = work.hasMany() ? work.pages() : Set.of();
        drawing.tints();
        for (int place = first; place <= last; place++) {
            int spread = shown.get(place);
            p.versoOf(spread).ifPresent(n -> drawing.page(n, painter, onImage, chosen.contains(n)));
            p.rectoOf(spread).ifPresent(n -> drawing.page(n, painter, onImage, chosen.contains(n)));
            drawing.hidden(place);
            if (place == layout.strip().placeOf(desk.spread())) {
                drawing.chosen(spread);
            }
        }
        drawing.runs();
        drawing.cycles();
    }
}
