package jorn.desk.benches;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jorn.book.KeptOrder;
import jorn.book.SentParcel;
import jorn.book.SentParcel.SentFile;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.measure.Numeral;
import jorn.say.Wording;

/** The record of what was handed over, the latest first. It is kept in the book. */
final class SentPart {
    private final Desk desk;
    private final VBox node = new VBox(6);

    SentPart(Desk desk) {
        this.desk = desk;
        node.setId("sent");
    }

    Node node() {
        return node;
    }

    void show() {
        List<SentParcel> sent = desk.book().plans().selling().sent();
        node.getChildren().clear();
        List<KeptOrder> orders = desk.book().plans().selling().orders();
        boolean any = !sent.isEmpty() || !orders.isEmpty();
        node.setVisible(any);
        node.setManaged(any);
        if (!any) {
            return;
        }
        node.getChildren().add(Labels.label(Wording.of("desk.sent.title"), "heading"));
        for (int i = sent.size() - 1; i >= 0; i--) {
            node.getChildren().add(one(sent.get(i)));
        }
        for (int i = orders.size() - 1; i >= 0; i--) {
            node.getChildren().add(one(orders.get(i), "sent-order-" + i));
        }
    }

    private static Node one(KeptOrder order, String id) {
        VBox box = new VBox(1);
        Label words = Labels.wrapped(order.words().strip(), "soft");
        words.setId(id + "-words");
        words.setVisible(false);
        words.managedProperty().bind(words.visibleProperty());
        Button show = Labels.act(
                Wording.of("desk.sent.order-words"),
                Wording.of("desk.sent.order-words-help"),
                () -> words.setVisible(!words.isVisible()));
        show.setId(id);
        box.getChildren()
                .addAll(
                        Labels.wrapped(
                                Wording.of("desk.sent.ordered", order.when().replace('T', ' '), order.copies()),
                                "strong"),
                        show,
                        words);
        return box;
    }

    private static Node one(SentParcel parcel) {
        VBox box = new VBox(1);
        box.getChildren()
                .add(Labels.wrapped(
                        Wording.of(
                                parcel.accepted() ? "desk.sent.accepted" : "desk.sent.refused",
                                parcel.when().replace('T', ' '),
                                parcel.press()),
                        "strong"));
        for (SentFile file : parcel.files()) {
            box.getChildren()
                    .add(Labels.wrapped(
                            Wording.of(
                                    "desk.sent.file",
                                    file.name(),
                                    file.pages(),
                                    Numeral.grouped(Math.max(1, file.bytes() / 1000)),
                                    file.checksum()
                                            .substring(
                                                    0,
                                                    Math.min(12, file.checksum().length()))),
                            "soft"));
        }
        if (!parcel.overridden().isEmpty()) {
            box.getChildren()
                    .add(Labels.wrapped(
                            Wording.of("desk.sent.overridden", String.join(", ", parcel.overridden())), "thread"));
        }
        return box;
    }
}
