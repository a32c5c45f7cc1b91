package jorn.desk.view;

import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
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
    private final Portions portions;
    private final int chosen;

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
        portions = new Portions(id, AT_ONCE, this::fill);
        portions.show(chosen);
        getChildren().addAll(flow, portions);
        fill();
    }

    private void fill() {
        flow.getChildren().clear();
        portions.of(shown.count());
        int first = portions.first();
        DragOrder order = new DragOrder(flow, (from, to) -> move(first + from, first + to), i -> deeds.choose()
                .accept(first + i));
        for (int i = first; i < portions.end(); i++) {
            Node tile = tile(i);
            order.add(tile);
            flow.getChildren().add(tile);
        }
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
                } else if (to >= portions.first() && to < portions.end()) {
                    flow.getChildren().get(to - portions.first()).requestFocus();
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
