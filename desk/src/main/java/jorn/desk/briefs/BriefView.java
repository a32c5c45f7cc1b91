package jorn.desk.briefs;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jorn.desk.model.Desk;
import jorn.desk.view.CommitField;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Labels;
import jorn.measure.Numeral;
import jorn.measure.Trouble;

/** A page of the brief: a heading, and what is reckoned under it, made anew whenever the book changes. */
public abstract class BriefView {
    protected final Desk desk;
    private final VBox body = new VBox(7);
    private final Label refusal = Labels.wrapped("", "refusal");
    private final ScrollPane scroll = new ScrollPane(new VBox(6, body, refusal));

    protected BriefView(Desk desk) {
        this.desk = desk;
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        body.setStyle("-fx-padding: 0.2em 0.8em 0 0.2em;");
        refusal.setId("view-refusal");
        judge(Optional.empty());
    }

    /** Fills the empty page. */
    protected abstract void fill(VBox page);

    public final Node node() {
        return scroll;
    }

    /** Makes the page anew; whoever was typing stays in the field. */
    public final void show() {
        String focused = scroll.getScene() != null && scroll.getScene().getFocusOwner() != null
                ? scroll.getScene().getFocusOwner().getId()
                : null;
        body.getChildren().clear();
        fill(body);
        if (focused != null) {
            Node again = body.lookup("#" + focused);
            if (again != null) {
                Platform.runLater(() -> {
                    again.requestFocus();
                    if (again instanceof TextField field) {
                        field.end();
                    }
                });
            }
        }
    }

    /** A field of this page. */
    protected final CommitField field(
            String name, String id, String value, String help, int columns, Consumer<String> take) {
        CommitField field = new CommitField(name, id, value, help, take, this::judge);
        field.setPrefColumnCount(columns);
        field.setMinWidth(Region.USE_PREF_SIZE);
        return field;
    }

    /** Does it, or says under the page why not. */
    protected final void attempt(Runnable deed) {
        try {
            deed.run();
            judge(Optional.empty());
        } catch (Trouble t) {
            judge(Optional.of(t));
        }
    }

    private void judge(Optional<Trouble> trouble) {
        refusal.setText(trouble.map(Trouble::getMessage).orElse(""));
        refusal.setVisible(trouble.isPresent());
        refusal.setManaged(trouble.isPresent());
    }

    /** A number above 0, or nothing where the field was emptied. */
    protected static Optional<Double> amount(String text, String what) {
        if (text.isBlank()) {
            return Optional.empty();
        }
        return Optional.of(Numeral.read(text).orElseThrow(() -> Trouble.of("desk.brief.not", text.strip(), what)));
    }
}
