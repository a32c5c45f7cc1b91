package jorn.desk.makeup;

import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Slip;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.NodeKinds;
import jorn.say.Wording;

/** The kinds of block, to put one on the page. */
final class BlocksSlip extends Slip {
    private final VBox list = new VBox();
    private final Consumer<Node> take;

    BlocksSlip(String title, Consumer<Node> take) {
        super(title);
        this.take = take;
        TextField search = new TextField();
        search.setId("block-search");
        search.setPromptText(Wording.of("desk.blocks.search-lines-month-picture"));
        search.setAccessibleText(Wording.of("desk.blocks.search-blocks"));
        search.textProperty().addListener((o, was, now) -> show(now));
        search.setOnAction(e -> list.getChildren().stream().findFirst().ifPresent(b -> ((Button) b).fire()));
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setPrefViewportHeight(330);
        scroll.setPrefViewportWidth(330);
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        add(search, scroll);
        show("");
    }

    private void show(String search) {
        String wanted = search.strip().toLowerCase(java.util.Locale.ROOT);
        list.getChildren().clear();
        for (NodeKind.Offer<?> kind : NodeKinds.offers()) {
            if ((kind.name() + " " + kind.says())
                    .toLowerCase(java.util.Locale.ROOT)
                    .contains(wanted)) {
                Button button = act(
                        kind.name(), kind.says(), () -> take.accept(kind.fresh().get()));
                button.setId("block-" + kind.id());
                list.getChildren().add(button);
            }
        }
    }
}
