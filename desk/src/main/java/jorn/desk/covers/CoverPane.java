package jorn.desk.covers;

import java.util.Optional;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import jorn.desk.model.BookFiles;
import jorn.desk.view.JointLayer;
import jorn.desk.view.Painter;
import jorn.desk.view.Slip;
import org.jspecify.annotations.Nullable;

/** The sheet in the hand, with the field to type in over it, and the slip of what is held. */
public final class CoverPane {
    private final CoverWork work;
    private final BookFiles files;
    private final CoverHands hands;
    private final CoverTyping typing;
    private final Pane over = new Pane();
    private final StackPane node;
    private CoverSlip.Subject subject = CoverSlip.Subject.COLOURS;
    private @Nullable JointLayer joint;
    private @Nullable Node slipPlace;

    public CoverPane(CoverWork work, BookFiles files, Painter painter) {
        this.work = work;
        this.files = files;
        hands = new CoverHands(painter, work, this::type);
        hands.setId("cover-view");
        typing = new CoverTyping(work, over, hands);
        over.setPickOnBounds(false);
        node = new StackPane(hands, over);
        node.setMinSize(0, 0);
        hands.layoutBoundsProperty().addListener((o, was, now) -> join());
    }

    public Pane node() {
        return node;
    }

    public void setEm(double pixels) {
        hands.setEm(pixels);
    }

    public void setZones(boolean shown) {
        hands.setZones(shown);
    }

    public void show() {
        hands.show(work.desk().state().get(), work.desk().unit().get());
        join();
    }

    /** What the slip says now; another subject is shown by making it anew. */
    public Slip slip(Runnable again) {
        return work.part()
                .<Slip>map(p -> new PartForm(work, p))
                .orElseGet(() -> new CoverSlip(work, files, subject, s -> {
                    subject = s;
                    again.run();
                }));
    }

    private void type() {
        hands.placeOfPart().ifPresent(typing::open);
    }

    /** @return whether the key does something here */
    public boolean key(KeyEvent e) {
        if (hands.isFocused() && e.isShortcutDown() && e.getCode() == KeyCode.V) {
            Clipboard board = Clipboard.getSystemClipboard();
            if (board.hasFiles()) {
                board.getFiles().forEach(f -> files.takeIn(f.toPath()));
                return true;
            }
            return PastedPicture.take(board, files, p -> CoverSlip.takePicture(work, p));
        }
        return hands.key(e);
    }

    /** The line from the part that is held to its slip is drawn on this layer. */
    public void joinedTo(JointLayer layer, Node slip) {
        joint = layer;
        slipPlace = slip;
    }

    /** Draws the line anew. */
    public void join() {
        JointLayer layer = joint;
        Node slip = slipPlace;
        if (layer == null || slip == null || layer.getScene() == null) {
            return;
        }
        Optional<Rectangle2D> held = hands.placeOfPart();
        layer.line().getPoints().clear();
        held.ifPresent(at -> {
            Bounds part = layer.sceneToLocal(
                    hands.localToScene(new BoundingBox(at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight())));
            Bounds to = layer.sceneToLocal(slip.localToScene(slip.getBoundsInLocal()));
            double y = part.getMinY() + part.getHeight() / 2;
            double yTo = to.getMinY() + 26;
            double middle = Math.max(part.getMaxX() + 6, to.getMinX() - 16);
            layer.line().getPoints().setAll(part.getMaxX() + 4, y, middle, y, middle, yTo, to.getMinX(), yTo);
        });
    }
}
