package jorn.desk.makeup;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.TextAlignment;
import jorn.art.Box;
import jorn.desk.model.BookState;
import jorn.desk.model.Desk;
import jorn.desk.view.EachFrame;
import jorn.desk.view.SpreadView;
import jorn.desk.view.Theme;
import jorn.edition.Edition;
import jorn.layout.NodeKinds;
import jorn.layout.Placed;
import jorn.layout.Tree.Edge;
import org.jspecify.annotations.Nullable;

/**
 * Takes hold of the page itself: what the pointer is over is named, a click chooses it, the lines between parts are dragged,
 * a double click types words over.
 */
public final class PageEditor {
    private static final double REACH = 4;

    private final Desk desk;
    private final PageWork work;
    private final SpreadView spread;
    private final Runnable type;

    private OptionalInt overPage = OptionalInt.empty();
    private Optional<Placed> over = Optional.empty();
    private Optional<Divider> held = Optional.empty();
    private Optional<Divider> near = Optional.empty();
    private Point2D from = Point2D.ZERO;
    private double moved;
    private final EachFrame following = new EachFrame(this::follow);
    /** The pages as they would be where the divider is now. */
    private Optional<Edition> trial = Optional.empty();

    private @Nullable BookState partsOf;
    private int partsOfPage;
    private List<Placed> parts = List.of();

    /** @param type types the chosen part's words over */
    public PageEditor(Desk desk, PageWork work, SpreadView spread, Runnable type) {
        this.desk = desk;
        this.work = work;
        this.spread = spread;
        this.type = type;
        spread.setOverlay(this::draw);
        spread.addEventHandler(MouseEvent.MOUSE_MOVED, e -> look(e.getX(), e.getY()));
        spread.addEventHandler(MouseEvent.MOUSE_EXITED, e -> look(-1, -1));
        spread.addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        spread.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        spread.addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            letGo();
            // What lay under the pointer lies elsewhere now.
            near = Optional.empty();
            look(e.getX(), e.getY());
            spread.redraw();
        });
        spread.addEventHandler(MouseEvent.MOUSE_CLICKED, this::click);
    }

    /** The parts of a page; laid out once for each state of the book. */
    @SuppressWarnings("ReferenceEquality") // the very same value is meant: another one is looked at anew
    private List<Placed> parts(int page) {
        if (partsOf != desk.state().get() || partsOfPage != page) {
            partsOf = desk.state().get();
            partsOfPage = page;
            parts = desk.state().get().edition().pages().parts(page);
        }
        return parts;
    }

    private void look(double x, double y) {
        OptionalInt page = spread.pageAt(x, y);
        Optional<Placed> found = Optional.empty();
        Optional<Divider> divider = Optional.empty();
        if (page.isPresent()) {
            Point2D p = spread.onPage(page.getAsInt(), x, y);
            found = deepest(parts(page.getAsInt()), p);
            divider = Divider.under(parts(page.getAsInt()), p.getX(), p.getY(), REACH / spread.scale());
        }
        if (!found.equals(over) || !page.equals(overPage) || !divider.equals(near)) {
            over = found;
            overPage = page;
            near = divider;
            spread.setCursor(near.map(d -> d.upright() ? Cursor.H_RESIZE : Cursor.V_RESIZE)
                    .orElse(over.isPresent() ? Cursor.HAND : Cursor.DEFAULT));
            spread.redraw();
        }
    }

    private static Optional<Placed> deepest(List<Placed> parts, Point2D p) {
        Optional<Placed> found = Optional.empty();
        for (Placed each : parts) {
            Box b = each.box();
            boolean inside = p.getX() >= b.x() && p.getX() <= b.right() && p.getY() >= b.y() && p.getY() <= b.bottom();
            if (inside && (each.isBlock() || !each.path().isRoot())) {
                found = Optional.of(each);
            }
        }
        return found;
    }

    /** Shows what is under the pointer, while something is carried over the page. */
    void pointAt(double x, double y) {
        look(x, y);
    }

    /**
     * Chooses the part at a place.
     *
     * @return at which of its edges something that is let go there is put; nothing where there is no page with parts
     */
    Optional<Edge> chooseAt(double x, double y) {
        OptionalInt page = spread.pageAt(x, y);
        if (page.isEmpty()) {
            return Optional.empty();
        }
        if (page.getAsInt() != desk.page().get()) {
            work.choosePage(page.getAsInt());
        }
        Point2D p = spread.onPage(page.getAsInt(), x, y);
        Optional<Placed> part = deepest(parts(page.getAsInt()), p);
        if (work.recipe().isEmpty()) {
            return Optional.empty();
        }
        work.choosePart(part.map(Placed::path));
        return Optional.of(
                part.filter(placed -> p.getY() < placed.box().centreY()).isPresent() ? Edge.ABOVE : Edge.BELOW);
    }

    private void press(MouseEvent e) {
        spread.requestFocus();
        if (e.getButton() == MouseButton.PRIMARY && near.isPresent() && overPage.isPresent()) {
            // The page whose line is dragged is the one that changes.
            if (desk.page().get() != overPage.getAsInt()) {
                desk.page().set(overPage.getAsInt());
            }
            held = near;
            from = new Point2D(e.getX(), e.getY());
            moved = 0;
        }
    }

    private void drag(MouseEvent e) {
        if (held.isPresent()) {
            moved = (held.get().upright() ? e.getX() - from.getX() : e.getY() - from.getY()) / spread.scale();
            following.ask();
        }
    }

    private void follow() {
        if (held.isPresent()) {
            Divider d = held.get();
            desk.attempt(() -> {
                trial = Optional.of(Edition.of(work.reworked(desk.book(), root -> d.dragged(root, moved))));
                spread.setTrial(trial);
            });
        }
    }

    private void letGo() {
        Optional<Divider> d = held;
        if (d.isEmpty()) {
            return;
        }
        held = Optional.empty();
        trial = Optional.empty();
        spread.setTrial(Optional.empty());
        if (Math.abs(moved) > 0.01) {
            double by = moved;
            desk.attempt(() -> work.rework("divider", root -> d.get().dragged(root, by)));
        }
    }

    private void click(MouseEvent e) {
        if (e.getButton() != MouseButton.PRIMARY || !e.isStillSincePress() || near.isPresent()) {
            return;
        }
        look(e.getX(), e.getY());
        OptionalInt page = spread.pageAt(e.getX(), e.getY());
        if (page.isEmpty()) {
            work.choosePart(Optional.empty());
            return;
        }
        if (e.isShiftDown()) {
            work.choosePagesTo(page.getAsInt());
            return;
        }
        if (e.isShortcutDown()) {
            work.togglePage(page.getAsInt());
            return;
        }
        if (page.getAsInt() != desk.page().get()) {
            work.choosePage(page.getAsInt());
        }
        work.choosePart(over.map(Placed::path));
        if (e.getClickCount() == 2 && over.isPresent()) {
            type.run();
        }
    }

    /** Where the chosen part lies in the view, if one is chosen. */
    public Optional<Rectangle2D> placeOfPart() {
        return work.part().flatMap(path -> work.parts().stream()
                .filter(p -> p.path().equals(path))
                .findFirst()
                .map(p -> spread.placeOf(desk.page().get(), p.box())));
    }

    private void draw(GraphicsContext g) {
        if (desk.state().get() == null) {
            return;
        }
        if (held.isEmpty()) {
            over.ifPresent(p -> {
                if (overPage.isPresent()
                        && overPage.getAsInt()
                                <= desk.state().get().pagination().pageCount()) {
                    hover(g, overPage.getAsInt(), p);
                }
            });
            placeOfPart().ifPresent(at -> {
                g.setStroke(Theme.THREAD);
                g.setLineWidth(2);
                g.strokeRect(at.getMinX() - 2, at.getMinY() - 2, at.getWidth() + 4, at.getHeight() + 4);
            });
            near.ifPresent(d -> handle(g, overPage.orElse(0), d));
        } else {
            measures(g, held.get());
        }
    }

    private void hover(GraphicsContext g, int page, Placed p) {
        Rectangle2D at = spread.placeOf(page, p.box());
        g.setStroke(Theme.THREAD);
        g.setLineWidth(1);
        g.setLineDashes(4, 3);
        g.strokeRect(at.getMinX() - 1, at.getMinY() - 1, at.getWidth() + 2, at.getHeight() + 2);
        g.setLineDashes();
        tag(g, NodeKinds.nameOf(p.node()), at.getMinX() - 1, at.getMinY() - 2);
    }

    /** A name on a strip of paper. */
    private void tag(GraphicsContext g, String text, double x, double y) {
        double w = spread.widthOf(text) + 10;
        double h = spread.em() * 1.3;
        double top = Math.max(1, y - h);
        g.setFill(Theme.SHEET);
        g.fillRect(x, top, w, h);
        g.setStroke(Theme.THREAD);
        g.setLineWidth(1);
        g.strokeRect(x, top, w, h);
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(javafx.geometry.VPos.BASELINE);
        spread.write(g, text, x + 5, top + h * 0.74, Theme.INK, false);
    }

    /** The line that can be dragged. */
    private void handle(GraphicsContext g, int page, Divider d) {
        if (page == 0) {
            return;
        }
        Rectangle2D a = spread.placeOf(page, d.near());
        Rectangle2D b = spread.placeOf(page, d.far());
        g.setStroke(Theme.THREAD);
        g.setLineWidth(3);
        if (d.upright()) {
            double x = (a.getMaxX() + b.getMinX()) / 2;
            g.strokeLine(x, a.getMinY(), x, a.getMaxY());
        } else {
            double y = (a.getMaxY() + b.getMinY()) / 2;
            g.strokeLine(a.getMinX(), y, a.getMaxX(), y);
        }
    }

    /** How large both neighbours would be. */
    private void measures(GraphicsContext g, Divider d) {
        if (trial.isEmpty()) {
            return;
        }
        int page = desk.page().get();
        // As they are laid out now: a neighbour of fixed measure keeps it, and what has no room stops.
        Divider now = Divider.of(trial.get().pages().parts(page), d.container(), d.before());
        Rectangle2D a = spread.placeOf(page, now.near());
        double x = d.upright() ? a.getMaxX() : a.getMinX();
        double y = d.upright() ? a.getMinY() : a.getMaxY();
        g.setStroke(Theme.THREAD);
        g.setLineWidth(1.5);
        if (d.upright()) {
            g.strokeLine(x, a.getMinY(), x, a.getMaxY());
        } else {
            g.strokeLine(a.getMinX(), y, a.getMaxX(), y);
        }
        var unit = desk.unit().get();
        tag(
                g,
                now.measure(now.near()).format(unit) + " | "
                        + now.measure(now.far()).format(unit),
                x + 4,
                y - 3);
    }
}
