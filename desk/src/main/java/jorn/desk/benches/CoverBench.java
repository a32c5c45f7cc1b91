package jorn.desk.benches;

import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import jorn.desk.covers.CompositionRow;
import jorn.desk.covers.CoverPane;
import jorn.desk.covers.CoverWork;
import jorn.desk.covers.ShopRow;
import jorn.desk.covers.StaleLine;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.FocusKeep;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.JointLayer;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.say.Wording;

/** The cover: one sheet with its parts in the hand, the slip of what is held, other compositions, and a shop's shelf. */
public final class CoverBench implements Bench {
    private static final double SLIP_EM = 19.5;
    private static final double SHOP_EM = 33;

    private final Desk desk;
    private final CoverWork work;
    private final CoverPane pane;
    private final CompositionRow compositions;
    private final ShopRow shop;
    private final StaleLine stale;
    private final VBox slipPlace = new VBox();
    private final ScrollPane scroll = new ScrollPane(slipPlace);
    private final Button zoneButton;
    private final HBox corner;
    private final HBox below;
    private final StackPane node;
    private boolean zones = true;
    private String shownFor = "";

    public CoverBench(Desk desk, BookFiles files, Painter painter) {
        this.desk = desk;
        work = new CoverWork(desk);
        pane = new CoverPane(work, files, painter);
        compositions = new CompositionRow(work);
        shop = new ShopRow(work);
        stale = new StaleLine(work);
        zoneButton = Labels.oneOf(
                Wording.of("desk.cover.zones"), Wording.of("desk.cover.show-or-hide-what"), true, this::switchZones);
        zoneButton.setId("cover-zones");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setMinWidth(ScrollPane.USE_PREF_SIZE);
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        Pane sheet = pane.node();
        sheet.setMinHeight(150);
        VBox.setVgrow(sheet, Priority.ALWAYS);
        compositions.setMinWidth(0);
        HBox.setHgrow(compositions, Priority.ALWAYS);
        below = new HBox(18, compositions, shop);
        VBox left = new VBox(4, stale.node(), sheet);
        left.setMinWidth(0);
        HBox.setHgrow(left, Priority.ALWAYS);
        // The figures hang in this corner.
        corner = new HBox(zoneButton);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        HBox above = new HBox(12, left, new VBox(4, corner, scroll));
        above.setMinHeight(0);
        VBox.setVgrow(above, Priority.ALWAYS);
        VBox row = new VBox(4, above, below);
        JointLayer joint = new JointLayer();
        node = new StackPane(row, joint);
        VBox.setVgrow(node, Priority.ALWAYS);
        node.setMinSize(0, 0);
        work.held().addListener((o, was, now) -> showSlip());
        pane.joinedTo(joint, scroll);
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void textSize(double pixels) {
        pane.setEm(pixels);
        shop.setEm(pixels);
        shop.setMinWidth(pixels * SHOP_EM);
        shop.setPrefWidth(pixels * SHOP_EM);
        shop.setMaxWidth(pixels * SHOP_EM);
        scroll.setPrefWidth(pixels * SLIP_EM);
    }

    @Override
    public void corner(double width, double height, boolean small) {
        corner.setMinHeight(height);
        below.setVisible(!small);
        below.setManaged(!small);
    }

    @Override
    public boolean key(KeyEvent e) {
        return pane.key(e);
    }

    private void switchZones() {
        zones = !zones;
        pane.setZones(zones);
        Labels.mark(zoneButton, zones);
    }

    @Override
    public void show() {
        if (work.held().get().filter(id -> work.part().isEmpty()).isPresent()) {
            work.held().set(Optional.empty());
        }
        pane.show();
        compositions.show();
        shop.show();
        stale.show();
        String subject = desk.book().cover().hashCode() + "/" + desk.book().title()
                + desk.book().subtitle() + desk.book().author() + desk.book().type()
                + desk.book().brief().hashCode() + desk.unit().get();
        if (!subject.equals(shownFor)) {
            shownFor = subject;
            showSlip();
        }
    }

    private void showSlip() {
        FocusKeep.around(slipPlace, scroll, () -> slipPlace.getChildren().setAll(pane.slip(this::showSlip)));
        Platform.runLater(pane::join);
    }
}
