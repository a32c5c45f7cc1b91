package jorn.desk.view;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.TextField;
import jorn.measure.Trouble;

/**
 * A field that hands over what was typed on Enter and when it is left. Where it is refused, the reason is told and what was
 * typed stays.
 */
public final class TakingField extends TextField {
    private final Consumer<String> take;
    private final Consumer<Optional<Trouble>> verdict;
    private String taken;

    /**
     * @param name for those who cannot see it
     * @param id for tests and for coming back to it
     * @param take takes the text; may refuse it with a {@link Trouble}
     * @param verdict hears the refusal, or nothing where the text was taken
     */
    public TakingField(
            String name,
            String id,
            String value,
            String help,
            Consumer<String> take,
            Consumer<Optional<Trouble>> verdict) {
        super(value);
        this.take = take;
        this.verdict = verdict;
        this.taken = value;
        setId(id);
        setAccessibleText(name);
        setAccessibleHelp(help);
        setPrefColumnCount(8);
        setOnAction(e -> deal());
        focusedProperty().addListener((o, was, is) -> {
            if (!is && getScene() != null) {
                deal();
            }
        });
    }

    /** Hands over what was typed, if it is not what was taken last. */
    public boolean deal() {
        if (getText().equals(taken)) {
            verdict.accept(Optional.empty());
            return true;
        }
        try {
            String typed = getText();
            String before = taken;
            taken = typed;
            try {
                take.accept(typed);
            } catch (Trouble t) {
                taken = before;
                throw t;
            }
            verdict.accept(Optional.empty());
            return true;
        } catch (Trouble t) {
            verdict.accept(Optional.of(t));
            return false;
        }
    }
}
