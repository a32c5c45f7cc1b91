package jorn.desk.view;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Scalar;
import jorn.measure.Unit;

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

    /** A button that looks like a word. */
    public static Button wordButton(String text, String help, Runnable deed) {
        Button button = button(text, help, deed);
        button.getStyleClass().setAll("word-button");
        return button;
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
