package jorn.desk.makeup;

import java.util.List;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.scene.Cursor;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Circle;
import javafx.util.Duration;
import jorn.art.Box;
import jorn.art.PageArt;
import jorn.art.Turn;
import jorn.content.Request.Room;
import jorn.desk.view.EachFrame;
import jorn.desk.view.Painter;
import jorn.pattern.page.Hold;
import jorn.pattern.page.MadePage;
import jorn.pattern.page.PatternSpec;
import jorn.pattern.plane.Roundel;
import jorn.pattern.symmetry.Lattice;
import jorn.say.Wording;

/** A page of a pattern, alive: the motif is moved under its mirrors and turns with the hand, turned and sized with the wheel, or with the keys. */
final class PatternPad extends StackPane {
    private static final int WIDE = 208;
    private static final double STEP = 0.01;
    private static final double WHEEL = 1.04;
    private static final double DEGREES = 3;
    private static final double RING = 3.5;

    private final ImageView picture = new ImageView();
    private final EachFrame showing = new EachFrame(this::show);
    private final Pane rings = new Pane();
    private final PauseTransition turned = new PauseTransition(Duration.millis(200));
    private final Room room;
    private final Consumer<Hold> take;
    private PatternSpec spec;
    private double fromX;
    private double fromY;
    private Hold before;

    /**
     * @param room that the picture has on its page
     * @param small fields that are too small, to be ringed as long as the motif is not moved
     * @param take hears how the motif is held when the hand lets go
     */
    PatternPad(PatternSpec spec, Room room, List<Roundel> small, Consumer<Hold> take) {
        this.spec = spec;
        this.room = room;
        this.take = take;
        this.before = spec.hold();
        setId("pattern-pad");
        getStyleClass().addAll("region-focus", "pattern-pad");
        setFocusTraversable(true);
        setAccessibleText(Wording.of("desk.patterns.pad"));
        setAccessibleHelp(Wording.of("desk.patterns.pad-help"));
        setCursor(Cursor.MOVE);
        rings.setMouseTransparent(true);
        getChildren().addAll(picture, rings);
        setMaxWidth(WIDE + 2.0);
        setOnMousePressed(this::press);
        setOnMouseDragged(this::drag);
        setOnMouseReleased(e -> commit());
        setOnScroll(this::wheel);
        setOnKeyPressed(this::key);
        setOnKeyReleased(e -> commit());
        turned.setOnFinished(e -> commit());
        sceneProperty().addListener((o, was, now) -> turned.stop());
        show();
        ring(small);
    }

    private void ring(List<Roundel> small) {
        double scale = WIDE / room.width();
        for (Roundel each : small) {
            Circle ring = new Circle(each.x() * scale + 1, each.y() * scale + 1, RING);
            ring.getStyleClass().add("small-field");
            rings.getChildren().add(ring);
        }
    }

    private void show() {
        rings.getChildren().clear();
        picture.setImage(image(spec, room, WIDE));
    }

    /** The lines of a page, small. */
    static javafx.scene.image.Image image(PatternSpec spec, Room room, int wide) {
        Box box = new Box(0, 0, room.width(), room.height());
        MadePage lines = MadePage.lines(spec, room.width(), room.height());
        return Painter.fresh(new PageArt(box, box, lines.marks()), box, wide);
    }

    private void press(MouseEvent e) {
        requestFocus();
        fromX = e.getX();
        fromY = e.getY();
        before = spec.hold();
        e.consume();
    }

    private void drag(MouseEvent e) {
        double scale = room.width() / WIDE;
        moveBy(before, (e.getX() - fromX) * scale, (e.getY() - fromY) * scale);
        e.consume();
    }

    /** Moves the motif by points on the page. */
    private void moveBy(Hold from, double dx, double dy) {
        Lattice lattice = spec.repeat().lattice();
        Turn back = lattice.turn().back();
        hold(from.withX(from.x() + back.x(dx, dy)).withY(from.y() + back.y(dx, dy)));
    }

    private void hold(Hold now) {
        spec = spec.withHold(now);
        showing.ask();
    }

    private void commit() {
        if (!spec.hold().equals(before)) {
            before = spec.hold();
            take.accept(spec.hold());
        }
    }

    /** The book follows when the wheel rests. */
    private void wheel(ScrollEvent e) {
        double up = Math.signum(e.getDeltaY() + e.getDeltaX());
        Hold now = spec.hold();
        if (e.isShiftDown()) {
            hold(now.withTurn(now.turn() + DEGREES * up));
        } else {
            hold(now.grown(Math.pow(WHEEL, up)));
        }
        turned.playFromStart();
        e.consume();
    }

    /** A key that is held moves it on; the book follows when it is let go. */
    private void key(KeyEvent e) {
        Hold now = spec.hold();
        switch (e.getCode()) {
            case LEFT -> hold(now.withX(now.x() - STEP));
            case RIGHT -> hold(now.withX(now.x() + STEP));
            case UP -> hold(now.withY(now.y() - STEP));
            case DOWN -> hold(now.withY(now.y() + STEP));
            case PLUS, ADD, EQUALS -> hold(now.grown(WHEEL));
            case MINUS, SUBTRACT -> hold(now.grown(1 / WHEEL));
            case T -> hold(now.withTurn(now.turn() + DEGREES));
            default -> {
                return;
            }
        }
        e.consume();
    }

    /** What can be done here, in words. */
    static List<String> hints() {
        return List.of(Wording.of("desk.patterns.pad-drag"), Wording.of("desk.patterns.pad-keys"));
    }
}
