package jorn.desk.view;

import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import jorn.say.Wording;

/**
 * Small pictures in an order that hands change: one is dragged to another place, or moved by Alt and an arrow. A press chooses it, Delete takes it out.
 * Where there are many, some are shown at once.
 */
public final class Tiles extends VBox {
    private static final int AT_ONCE = 60;

    private final String id;
    private final Faces shown;
    private final Deeds deeds;
    private final double side;
    private final FlowPane flow = new FlowPane(4, 4);
    private final HBox turning = new HBox(10);
    private final int chosen;
    private int first;

    /** What is shown. */
    public interface Faces {
        int count();

        /** What stands below a tile. */
        String name(int index);

        /** Gives the picture to whoever shows it, at once or later. */
        void paint(int index, Consumer<Image> show);
    }

    /**
     * What hands do with tiles, counted from 0.
     *
     * @param choose is pressed
     * @param move from one place to another
     * @param remove is taken out
     */
    public record Deeds(IntConsumer choose, BiConsumer<Integer, Integer> move, IntConsumer remove) {}

    /**
     * @param id of the whole; a tile's is this and its place from 1
     * @param side of a picture, in pixels
     * @param chosen which one is looked at, from 0; less than 0 for none
     */
    public Tiles(String id, Faces shown, Deeds deeds, double side, int chosen) {
        super(6);
        this.id = id;
        this.shown = shown;
        this.deeds = deeds;
        this.side = side;
        this.chosen = chosen;
        setId(id);
        first = Math.max(0, chosen) / AT_ONCE * AT_ONCE;
        getChildren().addAll(flow, turning);
        fill();
    }

    private void fill() {
        flow.getChildren().clear();
        DragOrder order = new DragOrder(flow, (from, to) -> move(first + from, first + to), i -> deeds.choose()
                .accept(first + i));
        int end = Math.min(shown.count(), first + AT_ONCE);
        for (int i = first; i < end; i++) {
            Node tile = tile(i);
            order.add(tile);
            flow.getChildren().add(tile);
        }
        boolean many = shown.count() > AT_ONCE;
        turning.setManaged(many);
        turning.setVisible(many);
        if (many) {
            turning.getChildren()
                    .setAll(
                            turn("before", id + "-before", first - AT_ONCE),
                            Labels.label(Wording.of("desk.tiles.of", first + 1, end, shown.count()), "soft"),
                            turn("behind", id + "-behind", first + AT_ONCE));
        }
    }

    private Node turn(String what, String own, int to) {
        Button button = Labels.act(Wording.of("desk.tiles." + what), Wording.of("desk.tiles." + what + "-help"), () -> {
            first = to;
            fill();
        });
        button.setId(own);
        button.setDisable(to < 0 || to >= shown.count());
        return button;
    }

    private Node tile(int index) {
        ImageView view = new ImageView();
        view.setPreserveRatio(true);
        view.setFitWidth(side);
        view.setFitHeight(side);
        shown.paint(index, view::setImage);
        StackPane picture = new StackPane(view);
        picture.setMinSize(side, side);
        picture.setMaxSize(side, side);
        Label name = Labels.label(shown.name(index), "soft");
        name.setMaxWidth(side);
        VBox tile = new VBox(1, picture, name);
        tile.setAlignment(Pos.TOP_CENTER);
        tile.getStyleClass().add("tile");
        if (index == chosen) {
            tile.getStyleClass().add("chosen");
        }
        tile.setId(id + "-" + (index + 1));
        tile.setFocusTraversable(true);
        tile.setAccessibleRole(AccessibleRole.BUTTON);
        tile.setAccessibleText(Wording.of("desk.tiles.one", index + 1, shown.count(), shown.name(index)));
        tile.setAccessibleHelp(Wording.of("desk.tiles.help"));
        tile.setOnKeyPressed(e -> key(index, e));
        return tile;
    }

    private void move(int from, int to) {
        deeds.move().accept(from, to);
        // It may be shown anew by then; who moved it goes on with it.
        var scene = getScene();
        Platform.runLater(() -> {
            Node now = scene == null ? null : scene.lookup("#" + id + "-" + (to + 1));
            if (now != null) {
                now.requestFocus();
            }
        });
    }

    private void key(int index, KeyEvent e) {
        boolean back = e.getCode() == KeyCode.LEFT;
        if (back || e.getCode() == KeyCode.RIGHT) {
            int to = index + (back ? -1 : 1);
            if (to >= 0 && to < shown.count()) {
                if (e.isAltDown()) {
                    move(index, to);
                } else if (to >= first && to < first + flow.getChildren().size()) {
                    flow.getChildren().get(to - first).requestFocus();
                }
            }
        } else if (e.getCode() == KeyCode.DELETE) {
            deeds.remove().accept(index);
        } else if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
            deeds.choose().accept(index);
        } else {
            return;
        }
        e.consume();
    }
}
