package jorn.desk.view;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import jorn.text.Face;
import jorn.text.TypeShelf;

/** The look of the window, worked out once: paper, ink and thread. */
public final class Theme {
    public static final Color PAPER = Color.web("#F2ECE0");
    public static final Color SHEET = Color.web("#FFFEF8");
    public static final Color INK = Color.web("#1D2733");
    public static final Color SOFT_INK = Color.web("#525A66");
    public static final Color THREAD = Color.web("#A1352A");
    public static final Color HAIRLINE = Color.web("#D6CBB7");
    public static final Color SHADOW = Color.web("#1D2733", 0.14);

    /** The interface's sans, with lining and tabular figures and a word space that stays open on a screen. */
    public static final String SANS = "Alegreya Sans Desk";
    /** The interface's italic, cut for the screen likewise. */
    public static final String ITALIC = "Alegreya Desk";

    private static final String[] OWN_FILES = {
        "AlegreyaSansDesk-Regular.ttf", "AlegreyaSansDesk-Bold.ttf", "AlegreyaDesk-Italic.ttf"
    };
    private static final double TEXT_SIZE = 15.5;

    private Theme() {}

    /** Loads the interface's faces; must run before the first window. */
    public static void loadFonts() {
        for (Face face : TypeShelf.typeface("alegreya").faces().values()) {
            Font.loadFont(new ByteArrayInputStream(face.bytes()), 12);
        }
        for (String file : OWN_FILES) {
            try (InputStream in = Theme.class.getResourceAsStream("fonts/" + file)) {
                Font.loadFont(in, 12);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** Dresses a scene. */
    public static void dress(Scene scene) {
        scene.getStylesheets().add(Theme.class.getResource("jorn.css").toExternalForm());
    }

    /** Dresses and lays out, unseen, one of each kind that windows are made of, so that the window itself finds all of it loaded. */
    public static void rehearse() {
        FlowPane kinds = new FlowPane(
                Labels.wrapped("Jorn", "heading"),
                Labels.act("Jorn", "", () -> {}),
                Labels.opener("Jorn", ""),
                Labels.oneOf("Jorn", "", true, () -> {}),
                new TextField("Jorn"));
        StackPane root = new StackPane(new ScrollPane(kinds));
        Scene scene = new Scene(root, 300, 200);
        dress(scene);
        textSize(root, 100);
        root.applyCss();
        root.layout();
    }

    /** The size of text in pixels at this many per cent. */
    public static double em(int percent) {
        return TEXT_SIZE * percent / 100;
    }

    /** Sets the size of all text below a root, in per cent. */
    public static void textSize(Parent root, int percent) {
        root.setStyle("-fx-font-size: " + em(percent) + "px;");
    }
}
