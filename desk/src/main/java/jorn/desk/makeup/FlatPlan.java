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

    private double offset;
    private IntConsumer onRun = r -> {};
    private Optional<Held> held = Optional.empty();
    private Optional<StripLayout.Gap> mark = Optional.empty();
    private boolean redrawPending;

    @SuppressWarnings("UnnecessaryLambda") // one object, so that the painter knows it again
    private final Consumer<Image> onImage = i -> redrawSoon();

    /** What is dragged: a run, or a cycle with its runs. */
    private record Held(
            Strip.Group group, int run, boolean cycle, String name, double fromX, boolean moving, Point2D at) {
        Held to(Point2D now, boolean moves) {
            return new Held(group, run, cycle, name, fromX, moving || moves, now);
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
        addEventHandler(ScrollEvent.SCROLL, e -> scrollBy(onwards(-e.getDeltaY()) - e.getDeltaX()));
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
        layout = new StripLayout(state, strip, getHeight(), em());
        clampOffset();
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
    }

    private void press(MouseEvent e) {
        requestFocus();
        mark = Optional.empty();
        held = Optional.empty();
        if (state == null || e.getButton() != MouseButton.PRIMARY) {
            return;
        }
        double x = e.getX() + offset;
        boolean ofCycle = layout.rowAt(e.getY()) == StripLayout.Row.CYCLES;
        Optional<Strip.Group> group =
                layout.groupAt(x).filter(g -> !ofCycle || g.cycle().isPresent());
        OptionalInt run = layout.runAt(x);
        if (group.isPresent() && (ofCycle || run.isPresent())) {
            String name = ofCycle
                    ? group.get().cycle().map(c -> c.name()).orElse("")
                    : state.book().runs().get(run.getAsInt()).name();
            Point2D at = new Point2D(e.getX(), e.getY());
            held = Optional.of(new Held(group.get(), run.orElse(-1), ofCycle, name, e.getX(), false, at));
        }
    }

    private void drag(MouseEvent e) {
        if (held.isEmpty()) {
            return;
        }
        boolean moves = Math.abs(e.getX() - held.get().fromX()) > 5;
        held = Optional.of(held.get().to(new Point2D(e.getX(), e.getY()), moves));
        if (held.get().moving()) {
            point(e.getX());
        }
    }

    /** Marks the gap between runs that is nearest to a place. */
    private void point(double x) {
        if (x < EDGE) {
            offset -= 14;
        } else if (x > getWidth() - EDGE) {
            offset += 14;
        }
        clampOffset();
        mark = layout.gapAt(x + offset);
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
        double x = e.getX() + offset;
        if (e.getX() < 10 && offset > 0) {
            scrollBy(-getWidth() * 0.8);
            return;
        }
        if (e.getX() > getWidth() - 10 && offset < layout.width() - getWidth()) {
            scrollBy(getWidth() * 0.8);
            return;
        }
        switch (layout.rowAt(e.getY())) {
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
            point(at.getX());
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
        Optional<StripLayout.Gap> gap = contains(at) ? layout.gapAt(at.getX() + offset) : Optional.empty();
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
        StripDrawing drawing = new StripDrawing(g, this, layout, state, offset, width);
        Pagination p = state.pagination();
        List<Integer> shown = layout.strip().shown();
        int oneEnd = layout.placeAt(offset);
        int otherEnd = layout.placeAt(offset + width);
        int first = Math.min(oneEnd, otherEnd);
        int last = Math.max(oneEnd, otherEnd);
        Set<Integer> chosen = work.hasMany() ? work.pages() : Set.of();
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
        drawing.more();
        mark.ifPresent(gap -> drawing.mark(gap, held.map(Held::name).orElse(""), held.map(Held::at)));
    }
}
