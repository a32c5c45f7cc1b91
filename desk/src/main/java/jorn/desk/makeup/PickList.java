package jorn.desk.makeup;

import java.text.Collator;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.say.Wording;

/** One of many by its name: a word that unfolds a list to search in, so that nothing can be taken that is not there. */
final class PickList extends VBox {
    private static final int NONE = 9;

    private final Slip slip;
    private final Button opener;
    private final TextField search = new TextField();
    private final VBox list = new VBox();
    private final VBox unfolded;
    private final List<Entry> entries;
    private final String now;
    private final Consumer<String> take;
    private final String id;

    /**
     * What can be picked.
     *
     * @param code as the book keeps it
     * @param name as people say it
     */
    record Entry(String code, String name) {}

    /**
     * @param id for tests and help
     * @param now the code that is picked now
     */
    PickList(Slip slip, String id, String help, List<Entry> entries, String now, Consumer<String> take) {
        this.slip = slip;
        this.id = id;
        Collator order = Collator.getInstance(Wording.language().locale());
        this.entries = entries.stream()
                .sorted(Comparator.comparing((Entry e) -> !e.code().isEmpty()).thenComparing(Entry::name, order))
                .toList();
        this.now = now;
        this.take = take;
        String name = entries.stream()
                .filter(e -> e.code().equals(now))
                .map(Entry::name)
                .findFirst()
                .orElse(now);
        opener = Labels.opener(name, help);
        opener.setId(id);
        search.setId(id + "-search");
        search.setPromptText(Wording.of("desk.pick.search"));
        search.setAccessibleText(Wording.of("desk.pick.search"));
        search.textProperty().addListener((o, was, typed) -> show(typed));
        search.setOnAction(e -> list.getChildren().stream()
                .filter(Button.class::isInstance)
                .findFirst()
                .ifPresent(b -> ((Button) b).fire()));
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setPrefViewportHeight(170);
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        unfolded = new VBox(3, search, scroll);
        unfold(false);
        opener.setOnAction(e -> unfold(!unfolded.isVisible()));
        getChildren().addAll(unfolded);
    }

    /** The word that unfolds the list. */
    Button opener() {
        return opener;
    }

    private void unfold(boolean open) {
        unfolded.setVisible(open);
        unfolded.setManaged(open);
        if (open) {
            show("");
            search.clear();
            search.requestFocus();
        }
    }

    private void show(String typed) {
        String wanted = typed.strip().toLowerCase(Locale.ROOT);
        list.getChildren().clear();
        List<Entry> found = entries.stream()
                .filter(e -> rank(e, wanted) < NONE)
                .sorted(Comparator.comparingInt(e -> rank(e, wanted)))
                .toList();
        for (Entry each : found) {
            {
                Button choice =
                        slip.choice(each.name(), each.code(), each.code().equals(now), () -> take.accept(each.code()));
                choice.setId(id + "-" + (each.code().isEmpty() ? "none" : each.code()));
                list.getChildren().add(choice);
            }
        }
        if (list.getChildren().isEmpty()) {
            list.getChildren().add(Labels.wrapped(Wording.of("desk.pick.nothing", typed.strip()), "soft"));
        }
    }

    /** How well an entry fits what was typed: its code first, then names that begin so, then names that have it in them. */
    private static int rank(Entry e, String wanted) {
        String name = e.name().toLowerCase(Locale.ROOT);
        if (wanted.isEmpty() || e.code().toLowerCase(Locale.ROOT).equals(wanted)) {
            return 0;
        }
        return name.startsWith(wanted) ? 1 : name.contains(wanted) ? 2 : NONE;
    }
}
