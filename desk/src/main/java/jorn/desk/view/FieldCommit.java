package jorn.desk.view;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import jorn.measure.Trouble;

/**
 * Hands over what was typed into a field when it is left, and when asked to. Where it is refused, the reason is told and what
 * was typed stays.
 */
public final class FieldCommit {
    /** Under which the window holds the field whose text was refused last. */
    private static final String REFUSED = "jorn.refused";

    private final TextInputControl field;
    private final Consumer<String> take;
    private final Consumer<Optional<Trouble>> verdict;
    private String taken;
    private Optional<Trouble> refused = Optional.empty();

    /**
     * @param take takes the text; may refuse it with a {@link Trouble}
     * @param verdict hears the refusal, or nothing where the text was taken
     */
    public FieldCommit(TextInputControl field, Consumer<String> take, Consumer<Optional<Trouble>> verdict) {
        this.field = field;
        this.take = take;
        this.verdict = verdict;
        this.taken = field.getText();
        field.getProperties().put(FieldCommit.class, this);
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is && field.getScene() != null) {
                deal();
            }
        });
    }

    /**
     * Hands over what is being typed in a window, before anybody reads the book.
     *
     * @return why it was refused; nothing where all is taken
     */
    public static Optional<Trouble> settle(Scene scene) {
        Node owner = scene.getFocusOwner();
        if (owner != null && owner.getProperties().get(FieldCommit.class) instanceof FieldCommit typed) {
            typed.deal();
        }
        return scene.getProperties().get(REFUSED) instanceof FieldCommit last ? last.refusal() : Optional.empty();
    }

    /** Why what stands in the field was refused; nothing where the field is gone. */
    private Optional<Trouble> refusal() {
        return field.getScene() == null || field.getText().equals(taken) ? Optional.empty() : refused;
    }

    /** Hands over what was typed, if it is not what was taken last. */
    public boolean deal() {
        boolean done = tried();
        if (field.getScene() != null) {
            field.getScene().getProperties().put(REFUSED, this);
        }
        return done;
    }

    private boolean tried() {
        refused = Optional.empty();
        String typed = field.getText();
        if (typed.equals(taken)) {
            verdict.accept(Optional.empty());
            return true;
        }
        String before = taken;
        taken = typed;
        try {
            take.accept(typed);
            verdict.accept(Optional.empty());
            return true;
        } catch (Trouble t) {
            taken = before;
            refused = Optional.of(t);
            verdict.accept(Optional.of(t));
            return false;
        }
    }

    /** Leaves what was taken last as it is. */
    public void giveUp() {
        field.setText(taken);
    }
}
