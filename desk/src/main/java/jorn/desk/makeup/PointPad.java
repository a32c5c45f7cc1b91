package jorn.desk.makeup;

import java.util.List;
import java.util.function.Consumer;
import javafx.beans.property.IntegerProperty;
import javafx.scene.Cursor;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Circle;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Path;
import jorn.desk.view.Painter;
import jorn.pattern.motif.Curves;
import jorn.pattern.motif.ShapePoints;
import jorn.pattern.motif.ShapePoints.PadPoint;
import jorn.say.Wording;

/** A shape is drawn here with a few points: a press sets one, a drag moves it, the secondary button or Delete takes it away; or with the keys. */
final class PointPad extends StackPane {
    private static final int SIDE = 168;
    private static final double HANDLE = 4.5;
    private static final double REACH = 0.06;
    private static final double STEP = 0.02;

    private final ImageView picture = new ImageView();
    private final Pane handles = new Pane();
    private final Consumer<ShapePoints> take;
    private ShapePoints shape;
    private ShapePoints before;
    private final IntegerProperty held;

    /**
     * @param held which point is held; outlives the pad, which is made anew with each change of the book
     * @param take hears of the shape when the hand lets go
     */
    PointPad(ShapePoints shape, IntegerProperty held, Consumer<ShapePoints> take) {
        this.shape = shape;
        this.held = held;
        held.set(Math.max(0, Math.min(held.get(), shape.points().size() - 1)));
        this.before = shape;
        this.take = take;
        setId("pattern-points");
        getStyleClass().addAll("region-focus", "pattern-pad");
        setFocusTraversable(true);
        setAccessibleText(Wording.of("desk.patterns.points"));
        setAccessibleHelp(Wording.of("desk.patterns.points-keys"));
        setCursor(Cursor.CROSSHAIR);
        getChildren().addAll(picture, handles);
        setMaxWidth(SIDE + 2.0);
        setPrefHeight(SIDE + 2.0);
        handles.setMouseTransparent(true);
        setOnMousePressed(this::press);
        setOnMouseDragged(this::drag);
        setOnMouseReleased(e -> commit());
        setOnKeyPressed(this::key);
        setOnKeyReleased(e -> commit());
        show();
    }

    private void show() {
        Box box = new Box(0, 0, SIDE, SIDE);
        List<PadPoint> all = shape.points();
        double[] xy = new double[2 * all.size()];
        for (int i = 0; i < all.size(); i++) {
            xy[2 * i] = all.get(i).x() * SIDE;
            xy[2 * i + 1] = all.get(i).y() * SIDE;
        }
        Path curve = Curves.through(xy, true);
        picture.setImage(
                Painter.fresh(new PageArt(box, box, List.of(Mark.Stroke.round(curve, 1.6, Ink.BLACK))), box, SIDE));
        handles.getChildren().clear();
        for (int i = 0; i < all.size(); i++) {
            Circle handle = new Circle(xy[2 * i] + 1, xy[2 * i + 1] + 1, HANDLE);
            handle.getStyleClass().add(i == held.get() ? "point-held" : "point");
            handles.getChildren().add(handle);
        }
    }

    private PadPoint spot(MouseEvent e) {
        return new PadPoint(e.getX() / SIDE, e.getY() / SIDE);
    }

    private void press(MouseEvent e) {
        requestFocus();
        before = shape;
        int at = shape.at(spot(e), REACH);
        if (e.getButton() == MouseButton.SECONDARY) {
            if (at >= 0) {
                held.set(at);
                takeAway();
            }
        } else if (at >= 0) {
            held.set(at);
        } else {
            int place = shape.placeFor(spot(e));
            ShapePoints more = shape.with(place, spot(e));
            held.set(more.equals(shape) ? held.get() : place);
            shape = more;
        }
        show();
        e.consume();
    }

    private void drag(MouseEvent e) {
        if (e.getButton() == MouseButton.PRIMARY) {
            shape = shape.moved(held.get(), spot(e));
            show();
        }
        e.consume();
    }

    private void takeAway() {
        shape = shape.without(held.get());
        held.set(Math.min(held.get(), shape.points().size() - 1));
    }

    private void commit() {
        if (!shape.equals(before)) {
            before = shape;
            take.accept(shape);
        }
    }

    /** A key that is held moves the point on; the book follows when it is let go. */
    private void key(KeyEvent e) {
        int count = shape.points().size();
        switch (e.getCode()) {
            case LEFT -> move(-STEP, 0);
            case RIGHT -> move(STEP, 0);
            case UP -> move(0, -STEP);
            case DOWN -> move(0, STEP);
            case N -> held.set((held.get() + 1) % count);
            case DELETE, BACK_SPACE -> takeAway();
            case INSERT, PLUS, ADD, EQUALS -> {
                PadPoint a = shape.points().get(held.get());
                PadPoint b = shape.points().get((held.get() + 1) % count);
                ShapePoints fewer = shape;
                shape = shape.with(held.get() + 1, new PadPoint((a.x() + b.x()) / 2, (a.y() + b.y()) / 2));
                held.set(shape.equals(fewer) ? held.get() : held.get() + 1);
            }
            default -> {
                return;
            }
        }
        show();
        e.consume();
    }

    private void move(double dx, double dy) {
        PadPoint now = shape.points().get(held.get());
        shape = shape.moved(held.get(), new PadPoint(now.x() + dx, now.y() + dy));
    }
}
