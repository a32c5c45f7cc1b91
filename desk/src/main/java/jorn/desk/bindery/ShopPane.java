package jorn.desk.bindery;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jorn.book.KeptOrder;
import jorn.book.SentParcel;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.edition.Edition;
import jorn.measure.Numeral;
import jorn.order.OrderSlip;
import jorn.order.OrderSlip.Line;
import jorn.order.ShopOrder;
import jorn.print.export.FileNames;
import jorn.print.export.SlipFile;
import jorn.say.Wording;

/** An order for the copy shop, one page in plain words. */
final class ShopPane extends VBox {
    /** What is too many is refused by the order. */
    private static final int MOST_TYPED = 1_000_000;

    private final Desk desk;
    private final Supplier<Path> folder;
    private int copies = 1;

    ShopPane(Desk desk, Supplier<Path> folder) {
        super(8);
        this.desk = desk;
        this.folder = folder;
        setId("shop-order");
    }

    void show() {
        Edition edition = desk.state().get().edition();
        List<Line> lines = ShopOrder.of(
                edition, ShopOrder.recorded(edition.book()), copies, desk.unit().get());
        GridPane grid = new GridPane();
        grid.setHgap(14);
        grid.setVgap(4);
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            Label name = Labels.label(line.label(), "soft");
            name.setMinWidth(Label.USE_PREF_SIZE);
            VBox value = new VBox(Labels.wrapped(line.value(), "strong"));
            if (!line.note().isEmpty()) {
                value.getChildren().add(Labels.wrapped(line.note(), "soft"));
            }
            value.setId("shop-" + line.key());
            grid.addRow(i, name, value);
            GridPane.setValignment(name, javafx.geometry.VPos.TOP);
        }
        Slip slip = new Slip("");
        slip.field(
                Wording.of("desk.shop.copies"),
                "shop-copies",
                Integer.toString(copies),
                Wording.of("desk.shop.copies-help"),
                this::copies);
        slip.setMaxWidth(280);
        var copy = Labels.act(Wording.of("desk.order.copy-all"), Wording.of("desk.order.copy-all-help"), () -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(OrderSlip.text(lines));
            Clipboard.getSystemClipboard().setContent(content);
        });
        copy.setId("shop-copy");
        var write = Labels.act(
                Wording.of("desk.shop.write"),
                Wording.of("desk.shop.write-help"),
                () -> desk.attempt(() -> {
                    Path file = folder.get().resolve(FileNames.of(desk.book()) + "-copy-shop.pdf");
                    SlipFile.writeShopOrder(edition, lines, file);
                    String when = SentParcel.when(LocalDateTime.now(ZoneId.systemDefault()));
                    KeptOrder kept = new KeptOrder(when, copies, OrderSlip.text(lines));
                    desk.change(
                            "ordered",
                            b -> b.withPlans(
                                    b.plans().withSelling(b.plans().selling().withOrder(kept))));
                    desk.say("desk.shop.written", file);
                }));
        write.setId("shop-write");
        getChildren()
                .setAll(
                        Labels.label(Wording.of("desk.shop.title"), "heading"),
                        Labels.wrapped(Wording.of("desk.shop.about"), "soft"),
                        slip,
                        grid,
                        new HBox(12, copy, write));
    }

    private void copies(String text) {
        int now = Numeral.count(text, Wording.of("desk.shop.copies"), 0, MOST_TYPED);
        ShopOrder.of(desk.state().get().edition(), List.of(), now, desk.unit().get());
        copies = now;
        show();
    }
}
