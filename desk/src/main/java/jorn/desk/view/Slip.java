package jorn.desk.view;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jorn.measure.Trouble;
import jorn.say.Wording;
import org.jspecify.annotations.Nullable;

/** A slip of paper with settings or choices, standing beside the thing that they belong to. */
public class Slip extends VBox {
    private static final double LEAST_NAME = 90;
    /** Words of so many letters are always shown whole. */
    private static final int SHORT = 14;

    private final Label refusal = Labels.wrapped("", "refusal");
    private Runnable onDone = () -> {};

    /** @param title what the slip is about */
    public Slip(String title) {
        getStyleClass().add("slip");
        if (!title.isEmpty()) {
            getChildren().add(Labels.label(title, "heading"));
        }
        refusal.setManaged(false);
        refusal.setVisible(false);
        refusal.setId("refusal");
        // It takes the width that is there, so that no field moves under the pointer.
        refusal.setPrefWidth(0);
        refusal.setMaxWidth(Double.MAX_VALUE);
        getChildren().add(refusal);
        addEventHandler(KeyEvent.KEY_PRESSED, this::walk);
    }

    /** What to do once a choice is made; a floating slip goes away. */
    public void setOnDone(Runnable done) {
        onDone = done;
    }

    /** Ends it, as a choice does. */
    public final void done() {
        onDone.run();
    }

    /** Puts something below what is there. */
    public final Slip add(Node... nodes) {
        getChildren().addAll(getChildren().size() - 1, List.of(nodes));
        return this;
    }

    /** A line of explanation. */
    public final Slip say(String text) {
        return add(Labels.wrapped(text, "soft"));
    }

    /**
     * A choice with what it entails.
     *
     * @param chosen whether it is the present one
     */
    public final Button choice(String name, String entails, boolean chosen, Runnable choose) {
        Button button = row("choice", name, entails, choose);
        HBox row = (HBox) button.getGraphic();
        row.getChildren().add(0, Labels.hole());
        if (chosen) {
            button.getStyleClass().add("chosen");
            button.setAccessibleText(Wording.of("desk.slip.chosen", button.getAccessibleText()));
        }
        return button;
    }

    /** Something to do, with a word about it at the right. */
    public final Button act(String name, String about, Runnable deed) {
        return row("act-row", name, about, deed);
    }

    private Button row(String style, String name, String about, Runnable deed) {
        Label what = Labels.wrapped(name, "choice-name");
        what.setMinWidth(0);
        Label so = Labels.label(about, "choice-entails");
        so.setMinWidth(about.length() <= SHORT ? Region.USE_PREF_SIZE : 0);
        HBox row = new HBox(8, what, Labels.spring(), so);
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        row.setMouseTransparent(true);
        Button button = new RowButton(row);
        button.getStyleClass().setAll(style);
        button.setAccessibleText(name + (about.isEmpty() ? "" : ", " + about));
        // So that the focus finds back to it when the slip is made anew.
        button.setId(style + "-" + name.toLowerCase(java.util.Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-"));
        row.prefWidthProperty().bind(button.widthProperty().subtract(18));
        button.setOnAction(e -> attempt(() -> {
            deed.run();
            onDone.run();
        }));
        return button;
    }

    /**
     * A field with its name before it. What is typed is taken on Enter and when the field is left; where it is refused, the
     * reason is shown and what was typed stays.
     *
     * @param id for tests and help
     * @param take takes the text; may refuse it with a {@link Trouble}
     */
    public final TextField field(String name, String id, String value, String help, Consumer<String> take) {
        CommitField field = new CommitField(name, id, value, help, take, this::judge);
        field.setOnAction(e -> {
            if (field.deal()) {
                onDone.run();
            }
        });
        HBox row = new HBox(8);
        row.getStyleClass().add("field-row");
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        if (!name.isEmpty()) {
            // A long name breaks its lines where the slip is narrow.
            Label label = Labels.wrapped(name, "soft");
            label.setMinWidth(LEAST_NAME);
            label.setMaxWidth(Double.MAX_VALUE);
            HBox.setHgrow(label, Priority.ALWAYS);
            row.getChildren().add(label);
        }
        HBox.setHgrow(field, name.isEmpty() ? Priority.ALWAYS : Priority.SOMETIMES);
        row.getChildren().add(field);
        add(row);
        return field;
    }

    /**
     * Lines to write on, with their name above. What is typed is taken when they are left and on Ctrl+Enter.
     *
     * @param take takes the text; may refuse it with a {@link Trouble}
     */
    public final TextArea area(String name, String id, String value, String help, int rows, Consumer<String> take) {
        TextArea area = new TextArea(value);
        area.setId(id);
        area.setAccessibleText(name);
        area.setAccessibleHelp(help);
        area.setWrapText(true);
        area.setMinWidth(0);
        area.setPrefColumnCount(14);
        area.setPrefRowCount(rows);
        FieldCommit taking = new FieldCommit(area, take, this::judge);
        area.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER && e.isShortcutDown()) {
                taking.deal();
                e.consume();
            }
        });
        add(named(name), area);
        return area;
    }

    /** A name with something at its right end. */
    public final Slip line(String name, Node what) {
        Label label = Labels.wrapped(name, "soft");
        label.setMinWidth(LEAST_NAME);
        HBox row = new HBox(8, label, Labels.spring(), what);
        row.getStyleClass().add("field-row");
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return add(row);
    }

    /** A choice that is named by a word among others, to stand in a row of them. */
    public final Button word(String name, String id, String help, boolean chosen, Runnable choose) {
        Button button = Labels.oneOf(name, help, chosen, () -> attempt(choose));
        button.setId(id);
        return button;
    }

    /**
     * A word for each of several things to choose from.
     *
     * @param id of each begins so
     * @param now the present one, if there is one
     */
    public final <T extends Enum<T>> List<Button> choices(
            T[] all, String id, Function<T, String> name, @Nullable T now, Consumer<T> take) {
        return Arrays.stream(all)
                .map(each -> word(
                        name.apply(each),
                        id + each.name().toLowerCase(Locale.ROOT),
                        name.apply(each),
                        each == now,
                        () -> take.accept(each)))
                .toList();
    }

    /** Something to do that is named by a word, to stand in a row of them. */
    public final Button deed(String name, String id, String help, Runnable deed) {
        Button button = Labels.act(name, help, () -> attempt(deed));
        button.setId(id);
        return button;
    }

    /** Words to choose one of, after their common name. */
    public final Slip words(String name, List<Button> words) {
        FlowPane row = new FlowPane(4, 3);
        row.setRowValignment(javafx.geometry.VPos.CENTER);
        if (!name.isEmpty()) {
            Label label = Labels.label(name, "soft");
            label.setMinWidth(Region.USE_PREF_SIZE);
            FlowPane.setMargin(label, new Insets(0, 4, 0, 5));
            row.getChildren().add(label);
        }
        row.getChildren().addAll(words);
        row.setPrefWrapLength(200);
        // The words begin where the names of the fields do.
        VBox.setMargin(row, new Insets(2, 0, 0, -5));
        return add(row);
    }

    private static Label named(String name) {
        Label label = Labels.label(name, "soft");
        VBox.setMargin(label, new Insets(4, 0, 0, 0));
        return label;
    }

    /** What is the case or not; a press of the word changes it. */
    public final Slip toggle(String name, String id, boolean now, Runnable change) {
        Button button = word(
                now ? Wording.of("desk.slip.yes") : Wording.of("desk.slip.no"),
                id,
                Wording.of("desk.slip.press-change", name),
                false,
                change);
        button.setAccessibleText(name + ": " + (now ? Wording.of("desk.slip.yes") : Wording.of("desk.slip.no")));
        return line(name, button);
    }

    /** Does it, or says why not. */
    public final void attempt(Runnable deed) {
        try {
            deed.run();
            judge(Optional.empty());
        } catch (Trouble t) {
            judge(Optional.of(t));
        }
    }

    /** Shows why something was refused, or that nothing was. */
    private void judge(Optional<Trouble> trouble) {
        trouble.ifPresent(t -> refusal.setText(t.what() + " " + t.remedy()));
        refusal.setManaged(trouble.isPresent());
        refusal.setVisible(trouble.isPresent());
        Platform.runLater(this::requestLayout);
    }

    /** Up and down walk through the choices. */
    private void walk(KeyEvent e) {
        if (!(e.getTarget() instanceof Button at)
                || !getChildren().contains(at)
                || (e.getCode() != KeyCode.DOWN && e.getCode() != KeyCode.UP)) {
            return;
        }
        int step = e.getCode() == KeyCode.DOWN ? 1 : -1;
        int i = getChildren().indexOf(at) + step;
        while (i >= 0 && i < getChildren().size()) {
            if (getChildren().get(i) instanceof Button next) {
                next.requestFocus();
                break;
            }
            i += step;
        }
        e.consume();
    }
}
