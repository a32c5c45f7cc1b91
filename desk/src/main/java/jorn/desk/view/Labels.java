package jorn.desk.view;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Scalar;
import jorn.measure.Unit;
import jorn.say.Wording;

/** Small makers of labels and buttons, so that all benches speak alike. */
public final class Labels {
    private Labels() {}

    /** A label with style classes. */
    public static Label label(String text, String... styles) {
        Label label = new Label(text);
        label.getStyleClass().addAll(styles);
        return label;
    }

    /** A label that breaks its lines. */
    public static Label wrapped(String text, String... styles) {
        Label label = label(text, styles);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    /** A button that does something: a small label of paper. */
    public static Button act(String text, String help, Runnable deed) {
        Button button = button(text, help, deed);
        button.getStyleClass().setAll("act");
        return button;
    }

    /** A button that opens a slip or a view: a word on a dotted thread, as in the sentence. */
    public static Button opener(String text, String help) {
        Button button = button(text, help, () -> {});
        button.getStyleClass().setAll("opener");
        return button;
    }

    /** One of several that can be chosen: a word behind a sewing hole, through which the thread goes where it is chosen. */
    public static Button oneOf(String text, String help, boolean chosen, Runnable choose) {
        Button button = button(text, help, choose);
        button.getStyleClass().setAll("one-of");
        button.setGraphic(hole());
        mark(button, chosen);
        return button;
    }

    /** The hole before what can be chosen. */
    public static Region hole() {
        Region hole = new Region();
        hole.getStyleClass().add("hole");
        return hole;
    }

    /** Marks a node as the chosen one of its kind, or not. */
    public static void mark(Node node, boolean chosen) {
        node.getStyleClass().remove("chosen");
        if (chosen) {
            node.getStyleClass().add("chosen");
        }
        if (node instanceof Button button && !button.getText().isEmpty()) {
            button.setAccessibleText(chosen ? Wording.of("desk.slip.chosen", button.getText()) : null);
        }
    }

    /** The button that does the work of a bench. */
    public static Button deed(String text, String help, Runnable deed) {
        Button button = button(text, help, deed);
        button.getStyleClass().setAll("deed");
        return button;
    }

    private static Button button(String text, String help, Runnable deed) {
        Button button = new Button(text);
        button.setOnAction(e -> deed.run());
        button.setAccessibleHelp(help);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    /** Takes up what is left of a row. */
    public static Region spring() {
        Region spring = new Region();
        HBox.setHgrow(spring, Priority.ALWAYS);
        return spring;
    }

    /** A width and a height in one: "12.52 × 9.25 in". */
    public static String size(Figure width, Figure height, Unit unit) {
        String sign = width.value() instanceof Length ? unit.sign() : ((Scalar) width.value()).unit();
        return width.text(unit).replace(" " + sign, "") + " × " + height.text(unit);
    }
}
