package jorn.desk.benches;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import jorn.book.Book;
import jorn.book.Selling;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.measure.Trouble;
import jorn.order.Reminder;
import jorn.order.Reminders;
import jorn.say.Wording;

/** Laws that hold where a book is made or sold: each is shown once, with whom to ask. */
final class ReminderPart {
    private final Desk desk;
    private final VBox node = new VBox(6);

    ReminderPart(Desk desk) {
        this.desk = desk;
        node.setId("reminders");
    }

    Node node() {
        return node;
    }

    void show() {
        node.getChildren().clear();
        Reminders reminders;
        try {
            reminders = Reminders.in(desk.settings().folder());
        } catch (Trouble t) {
            node.getChildren().add(Labels.wrapped(t.getMessage(), "refusal"));
            return;
        }
        Book book = desk.book();
        String country = Locale.getDefault().getCountry();
        List<Reminder> unread = reminders.unread(book, country);
        int read = reminders.applying(book, country).size() - unread.size();
        List<Node> all = new ArrayList<>();
        if (!unread.isEmpty()) {
            all.add(Labels.label(Wording.of("desk.reminders.title"), "heading"));
            all.add(Labels.wrapped(Wording.of("desk.reminders.about"), "soft"));
            unread.forEach(r -> all.add(one(r)));
        }
        if (read > 0) {
            Button again = Labels.act(
                    Wording.of("desk.reminders.again", read),
                    Wording.of("desk.reminders.again-help"),
                    () -> change(desk.book().plans().selling().withRead(Set.of())));
            again.setId("reminders-again");
            all.add(again);
        }
        node.getChildren().setAll(all);
        boolean some = !all.isEmpty();
        node.setVisible(some);
        node.setManaged(some);
    }

    private Node one(Reminder reminder) {
        Button read = Labels.act(
                Wording.of("desk.reminders.read"),
                Wording.of("desk.reminders.read-help"),
                () -> change(desk.book().plans().selling().withReminderRead(reminder.id())));
        read.setId("read-" + reminder.id());
        VBox box = new VBox(
                3,
                Labels.wrapped(reminder.said(), "ink"),
                Labels.wrapped(reminder.asks(), "strong"),
                Labels.wrapped(reminder.source(), "soft"),
                read);
        box.getStyleClass().add("slip");
        box.setStyle("-fx-max-width: 56em;");
        box.setId("reminder-" + reminder.id());
        return box;
    }

    private void change(Selling selling) {
        desk.attempt(() -> desk.change("reminders", b -> b.withPlans(b.plans().withSelling(selling))));
    }
}
