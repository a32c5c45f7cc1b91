package jorn.desk.view;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.TextInputControl;
import jorn.measure.Trouble;

/**
 * Hands over what was typed into a field when it is left, and when asked to. Where it is refused, the reason is told and what
 * was typed stays.
 */
public final class FieldCommit {
    private final TextInputControl field;
    private final Consumer<String> take;
    private final Consumer<Optional<Trouble>> verdict;
    private String taken;

    /**
     * @param take takes the text; may refuse it with a {@link Trouble}
     * @param verdict hears the refusal, or nothing where the text was taken
     */
    public FieldCommit(TextInputControl field, Consumer<String> take, Consumer<Optional<Trouble>> verdict) {
        this.field = field;
        this.take = take;
        this.verdict = verdict;
        this.taken = field.getText();
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is && field.getScene() != null) {
                deal();
            }
        });
    }

    /** Hands over what was typed, if it is not what was taken last. */
    public boolean deal() {
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
            verdict.accept(Optional.of(t));
            return false;
        }
    }

    /** Leaves what was taken last as it is. */
    public void giveUp() {
        field.setText(taken);
    }
}
