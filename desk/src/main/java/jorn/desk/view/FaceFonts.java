package jorn.desk.view;

import java.io.ByteArrayInputStream;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.layout.Pane;
import javafx.scene.text.Font;
import jorn.text.Face;
import jorn.text.Typeface;
import jorn.text.Typeface.Style;

/** Typefaces of the pages for words of the interface, so that a face is chosen by its looks. Each is loaded when first shown. */
public final class FaceFonts {
    private static final Map<String, String> FAMILIES = new ConcurrentHashMap<>();

    private FaceFonts() {}

    /** Sets the name on a slip's choice in the face that it names. */
    public static void wearChoice(Button choice, Typeface face) {
        if (choice.getGraphic() instanceof Pane row) {
            row.getChildren().stream()
                    .filter(n -> n instanceof Labeled && n.getStyleClass().contains("choice-name"))
                    .forEach(n -> wear((Labeled) n, face, ""));
        }
    }

    /** Sets the words in the face that they name. */
    public static void wear(Labeled words, Typeface face) {
        wear(words, face, " -fx-font-size: 1.08em;");
    }

    private static void wear(Labeled words, Typeface face, String size) {
        String family = FAMILIES.computeIfAbsent(face.id(), id -> load(face));
        if (!family.isEmpty()) {
            words.setStyle("-fx-font-family: \"" + family + "\";" + size);
        }
    }

    private static String load(Typeface face) {
        Face regular = face.faces().get(Style.REGULAR);
        Font font = regular == null ? null : Font.loadFont(new ByteArrayInputStream(regular.bytes()), 12);
        return font == null ? "" : font.getFamily();
    }
}
