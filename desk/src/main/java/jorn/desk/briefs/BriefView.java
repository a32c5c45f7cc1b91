package jorn.desk.briefs;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jorn.desk.model.Desk;
import jorn.desk.view.CommitField;
import jorn.desk.view.FocusKeep;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Labels;
import jorn.measure.Numeral;
import jorn.measure.Trouble;

/** A page of the brief: a heading, and what is reckoned under it, made anew whenever the book changes. */
public abstract class BriefView {
    private static final double NARROW_EM = 52;

    protected final Desk desk;
    private final VBox body = new VBox(7);
    private final Label refusal = Labels.wrapped("", "refusal");
    private final ScrollPane scroll = new ScrollPane(body);
    private double em;
    private boolean narrow;
    /** The row after which a refusal stands. */
    private Optional<Node> refusedAt = Optional.empty();

    protected BriefView(Desk desk) {
        this.desk = desk;
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.AS_NEEDED);
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        scroll.widthProperty().addListener((o, was, now) -> {
            if (!body.getChildren().isEmpty() && isNarrow() != narrow) {
                show();
            }
        });
        refusal.setId("view-refusal");
        refusal.setPrefWidth(0);
        refusal.setMaxWidth(Double.MAX_VALUE);
    }

    /** Sets the text size, in pixels. */
    public void textSize(double pixels) {
        em = pixels;
    }

    /** Leaves room for what hangs in the right corner, in pixels. */
    public void corner(double width) {
        body.setPadding(new Insets(4, width, 10, 4));
    }

    /** Fills the empty page. */
    protected abstract void fill(VBox page);

    public final Node node() {
        return scroll;
    }

    /** Makes the page anew; whoever was typing stays in the field. */
    public final void show() {
        Optional<Node> refused = refusedAt;
        String why = refusal.getText();
        refusedAt = Optional.empty();
        FocusKeep.around(body, scroll, () -> {
            body.getChildren().clear();
            narrow = isNarrow();
            fill(body);
            refused.ifPresent(field -> standAgain(field, why));
        });
    }

    /** What was refused is still there when the page was made anew for another reason. */
    private void standAgain(Node refused, String why) {
        if (refused instanceof TextField was && body.lookup("#" + was.getId()) instanceof TextField again) {
            again.setText(was.getText());
            refusedAt = Optional.of(again);
            refusal.setText(why);
            body.getChildren().add(rowOf(again) + 1, refusal);
        }
    }

    /** Whether the page is too narrow for pictures beside their figures. */
    protected final boolean isNarrow() {
        return scroll.getWidth() > 0 && scroll.getWidth() < NARROW_EM * em;
    }

    /** The text size, in pixels. */
    protected final double em() {
        return em;
    }

    /** A field of this page. */
    protected final CommitField field(
            String name, String id, String value, String help, int columns, Consumer<String> take) {
        CommitField[] self = new CommitField[1];
        CommitField field =
                new CommitField(name, id, value, help, take, trouble -> judge(Optional.ofNullable(self[0]), trouble));
        self[0] = field;
        field.setPrefColumnCount(columns);
        field.setMinWidth(Region.USE_PREF_SIZE);
        return field;
    }

    /** Does it, or says at the foot of the page why not. */
    protected final void attempt(Runnable deed) {
        try {
            deed.run();
            judge(Optional.empty(), Optional.empty());
        } catch (Trouble t) {
            judge(Optional.empty(), Optional.of(t));
        }
    }

    /** Says under the field what was wrong with what was typed into it, or takes that away. */
    private void judge(Optional<Node> field, Optional<Trouble> trouble) {
        if (trouble.isEmpty() && !refusedAt.equals(field)) {
            // Another field is right; what was refused still stands.
            return;
        }
        body.getChildren().remove(refusal);
        refusal.setText(trouble.map(Trouble::getMessage).orElse(""));
        refusedAt = trouble.isPresent() ? field : Optional.empty();
        if (trouble.isPresent()) {
            int row = field.map(this::rowOf).orElse(-1);
            body.getChildren().add(row < 0 ? body.getChildren().size() : row + 1, refusal);
        }
    }

    private int rowOf(Node field) {
        Node at = field;
        while (at != null && at.getParent() != body) {
            at = at.getParent();
        }
        return body.getChildren().indexOf(at);
    }

    /** A number above 0, or nothing where the field was emptied. */
    protected static Optional<Double> amount(String text, String what) {
        if (text.isBlank()) {
            return Optional.empty();
        }
        return Optional.of(Numeral.read(text).orElseThrow(() -> Trouble.of("desk.brief.not", text.strip(), what)));
    }
}
