package jorn.desk.view;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.TextField;
import jorn.measure.Trouble;

/** A line to write on that hands over what was typed; see {@link FieldCommit}. */
public final class CommitField extends TextField {
    private static final double LEAST = 60;

    private final FieldCommit taking;

    /**
     * @param name for those who cannot see it
     * @param id for tests and for coming back to it
     * @param take takes the text; may refuse it with a {@link Trouble}
     * @param verdict hears the refusal, or nothing where the text was taken
     */
    public CommitField(
            String name,
            String id,
            String value,
            String help,
            Consumer<String> take,
            Consumer<Optional<Trouble>> verdict) {
        super(value);
        setId(id);
        setAccessibleText(name);
        setAccessibleHelp(help);
        setPrefColumnCount(Math.max(8, Math.min(18, value.length())));
        // It gives way where there is little room.
        setMinWidth(LEAST);
        taking = new FieldCommit(this, take, verdict);
        setOnAction(e -> deal());
        FocusKeep.selectOnArrival(this);
    }

    /** Hands over what was typed, if it is not what was taken last. */
    public boolean deal() {
        return taking.deal();
    }
}
