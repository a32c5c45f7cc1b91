package jorn.desk.covers;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.book.Book;
import jorn.book.CoverPicture;
import jorn.cover.Cover;
import jorn.cover.Cover.PlacedPart;
import jorn.cover.PartPlace;
import jorn.cover.part.Photo;
import jorn.desk.view.CoverView;
import jorn.desk.view.EachFrame;
import jorn.desk.view.Painter;
import jorn.desk.view.Theme;
import jorn.edition.Edition;
import jorn.say.Wording;
import org.jspecify.annotations.Nullable;

/** The sheet with its parts, which are taken hold of on it: pressed, dragged, pulled by their corners, nudged with the arrow keys. */
final class CoverHands extends CoverView {
    private static final double NEAR = 5;
    private static final double GRIP = 7;
    private static final double NUDGE = 1;
    private static final double FAR_NUDGE = 10;
    private static final double LEAST = 8;

    private final CoverWork work;
    private final Runnable type;
    private Optional<Drag> drag = Optional.empty();
    private Point2D pulledTo = Point2D.ZERO;
    /** The cover is composed anew once for each picture, however many events a drag sends. */
    private final EachFrame following = new EachFrame(this::follow);

    /** Pixels to the inch of a picture that is dragged or pulled. */
    private Optional<String> dpi = Optional.empty();

    /** What is under way while the button is held. */
    private static final class Drag {
        final PlacedPart part;
        final Point2D from;
        final int corner;
        final boolean crop;
        Box now;

        @Nullable
        CoverPicture picture;

        final List<Double> guidesX = new ArrayList<>();
        final List<Double> guidesY = new ArrayList<>();
        boolean moved;

        Drag(PlacedPart part, Point2D from, int corner, boolean crop) {
            this.part = part;
            this.from = from;
            this.corner = corner;
            this.crop = crop;
            this.now = part.box();
        }
    }

    /** @param type opens a field over the words that are held */
    CoverHands(Painter painter, CoverWork work, Runnable type) {
        super(painter);
        this.work = work;
        this.type = type;
        setFocusTraversable(true);
        setAccessibleText(Wording.of("desk.covers.sheet"));
        setAccessibleHelp(Wording.of("desk.covers.sheet-help"));
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            EachFrame.settle();
            release();
        });
        addEventHandler(MouseEvent.MOUSE_CLICKED, this::click);
        addEventHandler(MouseEvent.MOUSE_MOVED, this::point);
        focusedProperty().addListener((o, was, now) -> redraw());
        work.held().addListener((o, was, now) -> redraw());
    }

    /** Whether a part can be held: not a ground over the whole sheet. */
    private static boolean canBeHeld(PlacedPart part) {
        Box b = part.box();
        return !(part.part().on() == PartPlace.WRAP && !(part.part().part() instanceof Photo))
                && !(part.part().part() instanceof jorn.cover.part.Flood
                        && part.part().on() != PartPlace.FRONT)
                && b.width() > 0;
    }

    /** The parts in the order of the keyboard: front, spine, back, each from the top. */
    List<PlacedPart> parts() {
        return work.cover().parts().stream()
                .filter(CoverHands::canBeHeld)
                .sorted(Comparator.comparing((PlacedPart p) -> switch (p.part().on()) {
                            case FRONT -> 0;
                            case SPINE -> 1;
                            case BACK -> 2;
                            case WRAP -> 3;
                        })
                        .thenComparing(p -> p.box().y()))
                .toList();
    }

    /** What it takes on the sheet: its words, or its whole place. */
    private Box taken(PlacedPart part) {
        if (!part.part().part().isLettered()) {
            return part.box();
        }
        List<Mark> marks = work.cover().marksOf(part);
        return marks.isEmpty() ? part.box() : Marks.bounds(marks);
    }

    private Optional<PlacedPart> at(Point2D point) {
        Box spot = new Box(point.getX(), point.getY(), 0, 0);
        List<PlacedPart> under = new ArrayList<>(work.cover().parts().stream()
                .filter(CoverHands::canBeHeld)
                .filter(p -> (p.part().part().isLettered() ? taken(p).outset(4) : p.box()).holds(spot))
                .toList());
        java.util.Collections.reverse(under);
        return under.stream()
                .filter(p -> p.part().part().isLettered())
                .findFirst()
                .or(() -> under.stream().findFirst());
    }

    private void press(MouseEvent e) {
        requestFocus();
        if (e.getButton() != MouseButton.PRIMARY) {
            return;
        }
        if (work.picking().get().isPresent()) {
            Consumer<Ink> take = work.picking().get().get();
            work.picking().set(Optional.empty());
            drag = Optional.empty();
            colourAt(e.getX(), e.getY()).ifPresent(ink -> work.desk().attempt(() -> take.accept(ink)));
            return;
        }
        Point2D point = pointOf(e.getX(), e.getY());
        int corner = cornerAt(e.getX(), e.getY());
        if (corner >= 0) {
            drag = work.part().map(p -> new Drag(p, point, corner, false));
            return;
        }
        Optional<PlacedPart> part = at(point);
        boolean again = part.map(p -> p.part().id()).equals(work.held().get()) && part.isPresent();
        work.held().set(part.map(p -> p.part().id()));
        boolean crop = part.filter(p -> p.part().part() instanceof Photo).isPresent()
                && work.plan().picture().isPresent()
                && again
                && !e.isAltDown();
        drag = part.map(p -> new Drag(p, point, -1, crop));
    }

    /** Pressed twice and not dragged, words are typed. */
    private void click(MouseEvent e) {
        if (e.getClickCount() == 2
                && e.getButton() == MouseButton.PRIMARY
                && e.isStillSincePress()
                && work.part().filter(p -> p.part().part().isLettered()).isPresent()) {
            type.run();
        }
    }

    private void drag(MouseEvent e) {
        if (drag.isPresent() && e.isPrimaryButtonDown()) {
            pulledTo = pointOf(e.getX(), e.getY());
            following.ask();
        }
    }

    private void follow() {
        drag.ifPresent(d -> {
            double dx = pulledTo.getX() - d.from.getX();
            double dy = pulledTo.getY() - d.from.getY();
            if (!d.moved && Math.hypot(dx, dy) * scale() < 3) {
                return;
            }
            d.moved = true;
            if (d.crop) {
                crop(d, dx, dy);
                preview(work.desk()
                        .book()
                        .withCover(work.desk()
                                .book()
                                .cover()
                                .planned(p -> p.withPicture(Optional.ofNullable(d.picture)))));
                return;
            }
            d.now = d.corner < 0 ? moved(d, dx, dy) : pulled(d, dx, dy);
            preview(work.with(d.part, d.now));
        });
    }

    private void preview(Book book) {
        Edition edition = work.desk().state().get().edition();
        Cover cover = edition.coverOf(book);
        dpi = drag.filter(d -> d.part.part().part() instanceof Photo).flatMap(d -> CoverSlip.dpi(cover));
        preview(cover.plane());
    }

    private void crop(Drag d, double dx, double dy) {
        work.plan().picture().ifPresent(p -> {
            var file = work.desk().book().pictures().get(p.picture());
            if (file == null || file.isMissing()) {
                return;
            }
            Box b = d.part.box();
            double s = Math.max(b.width() / file.width(), b.height() / file.height()) * p.zoom();
            double spareX = file.width() * s - b.width();
            double spareY = file.height() * s - b.height();
            double flip = p.flip() ? -1 : 1;
            d.picture = p.withAcrossFocus(spareX < 0.5 ? 0.5 : p.acrossFocus() - flip * dx / spareX)
                    .withDownFocus(spareY < 0.5 ? 0.5 : p.downFocus() - dy / spareY);
        });
    }

    private Box moved(Drag d, double dx, double dy) {
        Box to = d.part.box().moved(dx, dy);
        d.guidesX.clear();
        d.guidesY.clear();
        double nx = snap(List.of(to.x(), to.centreX(), to.right()), linesX(d.part), d.guidesX);
        double ny = snap(List.of(to.y(), to.centreY(), to.bottom()), linesY(d.part), d.guidesY);
        return to.moved(nx, ny);
    }

    /** How far to go so that one of the edges lies on a line near it. */
    private double snap(List<Double> edges, List<Double> lines, List<Double> guides) {
        double best = NEAR / scale();
        double go = 0;
        for (double edge : edges) {
            for (double line : lines) {
                if (Math.abs(line - edge) < Math.abs(best)) {
                    best = Math.abs(line - edge);
                    go = line - edge;
                    guides.clear();
                    guides.add(line);
                }
            }
        }
        return go;
    }

    private Box face(PlacedPart part) {
        return part.panel();
    }

    /** Edges, thirds and middle of the panel, the safe area, and the other parts there. */
    private List<Double> linesX(PlacedPart part) {
        Box f = face(part);
        Box safe = work.cover().geometry().safe(f);
        List<Double> all = new ArrayList<>(List.of(
                f.x(),
                f.right(),
                f.centreX(),
                f.x() + f.width() / 3,
                f.x() + f.width() * 2 / 3,
                safe.x(),
                safe.right()));
        others(part).forEach(o -> all.addAll(List.of(o.x(), o.centreX(), o.right())));
        return all;
    }

    private List<Double> linesY(PlacedPart part) {
        Box f = face(part);
        Box safe = work.cover().geometry().safe(f);
        List<Double> all = new ArrayList<>(List.of(
                f.y(),
                f.bottom(),
                f.centreY(),
                f.y() + f.height() / 3,
                f.y() + f.height() * 2 / 3,
                safe.y(),
                safe.bottom()));
        others(part).forEach(o -> all.addAll(List.of(o.y(), o.centreY(), o.bottom())));
        return all;
    }

    private List<Box> others(PlacedPart part) {
        return work.cover().parts().stream()
                .filter(p -> p.part().on() == part.part().on()
                        && !p.part().id().equals(part.part().id()))
                .map(PlacedPart::box)
                .toList();
    }

    /** A corner that is pulled keeps the proportion, and the corner across stays where it is. */
    private Box pulled(Drag d, double dx, double dy) {
        Box b = d.part.box();
        boolean left = d.corner % 2 == 0;
        boolean top = d.corner < 2;
        double w = b.width() + (left ? -dx : dx);
        double h = b.height() + (top ? -dy : dy);
        double share = Math.max(LEAST / Math.min(b.width(), b.height()), Math.max(w / b.width(), h / b.height()));
        double nw = b.width() * share;
        double nh = b.height() * share;
        return new Box(left ? b.right() - nw : b.x(), top ? b.bottom() - nh : b.y(), nw, nh);
    }

    private void release() {
        drag.filter(d -> d.moved).ifPresent(d -> {
            Optional<CoverPicture> cropped = Optional.ofNullable(d.picture);
            drag = Optional.empty();
            preview((jorn.art.PageArt) null);
            work.desk()
                    .attempt(() -> cropped.ifPresentOrElse(
                            p -> work.plan("cover-crop", plan -> plan.withPicture(Optional.of(p))),
                            () -> work.place(d.part, d.now, "place-" + System.nanoTime())));
        });
        drag = Optional.empty();
        redraw();
    }

    private void point(MouseEvent e) {
        if (work.picking().get().isPresent()) {
            setCursor(Cursor.CROSSHAIR);
            return;
        }
        boolean corner = cornerAt(e.getX(), e.getY()) >= 0;
        boolean part = at(pointOf(e.getX(), e.getY())).isPresent();
        setCursor(corner ? Cursor.SE_RESIZE : part ? Cursor.HAND : Cursor.DEFAULT);
    }

    private int cornerAt(double x, double y) {
        return work.part()
                .map(p -> {
                    Rectangle2D at = placeOf(p.box());
                    for (int i = 0; i < 4; i++) {
                        double cx = i % 2 == 0 ? at.getMinX() : at.getMaxX();
                        double cy = i < 2 ? at.getMinY() : at.getMaxY();
                        if (Math.abs(cx - x) <= GRIP && Math.abs(cy - y) <= GRIP) {
                            return i;
                        }
                    }
                    return -1;
                })
                .orElse(-1);
    }

    /** @return whether the key does something here */
    boolean key(KeyEvent e) {
        if (!isFocused() || !work.isComposed()) {
            return false;
        }
        KeyCode code = e.getCode();
        Optional<PlacedPart> part = work.part();
        if (code == KeyCode.ESCAPE && work.picking().get().isPresent()) {
            work.picking().set(Optional.empty());
            return true;
        }
        if (code == KeyCode.ESCAPE && part.isPresent()) {
            work.held().set(Optional.empty());
            return true;
        }
        if (code == KeyCode.OPEN_BRACKET || code == KeyCode.CLOSE_BRACKET || (code == KeyCode.SPACE)) {
            walk(code == KeyCode.OPEN_BRACKET ? -1 : 1);
            return true;
        }
        if (part.isEmpty()) {
            return false;
        }
        double far = e.isShiftDown() ? FAR_NUDGE : NUDGE;
        switch (code) {
            case LEFT -> nudge(part.get(), -far, 0);
            case RIGHT -> nudge(part.get(), far, 0);
            case UP -> nudge(part.get(), 0, -far);
            case DOWN -> nudge(part.get(), 0, far);
            case ENTER, F2 -> {
                if (!part.get().part().part().isLettered()) {
                    return false;
                }
                type.run();
            }
            case DELETE, BACK_SPACE -> work.desk()
                    .attempt(() -> work.edit(part.get().part().id(), "hide", p -> p.withHidden(Optional.of(true))));
            default -> {
                return false;
            }
        }
        return true;
    }

    private void nudge(PlacedPart part, double dx, double dy) {
        work.desk().attempt(() -> work.place(part, part.box().moved(dx, dy), "nudge"));
    }

    /** Takes hold of the next part. */
    private void walk(int step) {
        List<PlacedPart> all = parts();
        if (all.isEmpty()) {
            return;
        }
        int now = -1;
        for (int i = 0; i < all.size(); i++) {
            if (Optional.of(all.get(i).part().id()).equals(work.held().get())) {
                now = i;
            }
        }
        int next = now < 0 ? 0 : Math.floorMod(now + step, all.size());
        work.held().set(Optional.of(all.get(next).part().id()));
    }

    /** Where the part that is held is seen, to be joined to its slip. */
    Optional<Rectangle2D> placeOfPart() {
        return work.part().map(p -> placeOf(taken(p)));
    }

    @Override
    protected void over(GraphicsContext g) {
        work.part().ifPresent(p -> {
            Rectangle2D at =
                    placeOf(drag.filter(d -> d.moved && !d.crop).map(d -> d.now).orElse(p.box()));
            g.setLineDashes();
            g.setStroke(Color.WHITE);
            g.setLineWidth(3.5);
            g.strokeRect(at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight());
            g.setStroke(Theme.THREAD);
            g.setLineWidth(1.6);
            g.strokeRect(at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight());
            for (int i = 0; i < 4; i++) {
                double x = i % 2 == 0 ? at.getMinX() : at.getMaxX();
                double y = i < 2 ? at.getMinY() : at.getMaxY();
                // The needle's holes: small rounds, as on the rail.
                g.setFill(Theme.SHEET);
                g.fillOval(x - 4, y - 4, 8, 8);
                g.strokeOval(x - 4, y - 4, 8, 8);
            }
        });
        drag.filter(d -> d.moved).ifPresent(d -> {
            g.setStroke(Theme.THREAD);
            g.setLineWidth(1);
            g.setLineDashes(3, 3);
            Rectangle2D all = placeOf(work.cover().geometry().bled());
            d.guidesX.forEach(x -> {
                double at = placeOf(new Box(x, 0, 0, 0)).getMinX();
                g.strokeLine(at, all.getMinY(), at, all.getMaxY());
            });
            d.guidesY.forEach(y -> {
                double at = placeOf(new Box(0, y, 0, 0)).getMinY();
                g.strokeLine(all.getMinX(), at, all.getMaxX(), at);
            });
            g.setLineDashes();
            dpi.ifPresent(text -> {
                Rectangle2D at = placeOf(d.now);
                String said = Wording.of("desk.covers.dpi-now", text);
                g.setFill(Theme.SHEET);
                g.fillRect(at.getMinX() + 8, at.getMinY() + 8, widthOf(said) + 14, em() * 1.6);
                g.setTextAlign(javafx.scene.text.TextAlignment.LEFT);
                write(g, said, at.getMinX() + 15, at.getMinY() + 8 + em() * 1.12, Theme.INK, true);
            });
        });
        if (isFocused()) {
            g.setStroke(Theme.THREAD);
            g.setLineWidth(1.5);
            g.strokeRect(1, 1, getWidth() - 2, getHeight() - 2);
        }
    }
}
