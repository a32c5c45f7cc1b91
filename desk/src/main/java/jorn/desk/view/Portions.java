package jorn.desk.view;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import jorn.say.Wording;

/** Many things, shown some at once: which ones, and words that go to those before and behind. Not seen where all are shown. */
public final class Portions extends HBox {
    private final String id;
    private final int atOnce;
    private final Runnable changed;
    private int first;
    private int count;

    /**
     * @param id by which its words begin
     * @param atOnce how many are shown
     * @param changed hears that others are to be shown
     */
    public Portions(String id, int atOnce, Runnable changed) {
        super(10);
        this.id = id;
        this.atOnce = atOnce;
        this.changed = changed;
        setAlignment(Pos.CENTER_LEFT);
    }

    /** So many there are now. */
    public void of(int now) {
        count = now;
        first = Math.max(0, Math.min(first, (count - 1) / atOnce * atOnce));
        boolean many = count > atOnce;
        setManaged(many);
        setVisible(many);
        if (many) {
            getChildren()
                    .setAll(
                            turn("before", first - atOnce),
                            Labels.label(Wording.of("desk.tiles.of", first + 1, end(), count), "soft"),
                            turn("behind", first + atOnce));
        } else {
            getChildren().clear();
        }
    }

    /** Shows those among which one is. */
    public void show(int index) {
        first = Math.max(0, index) / atOnce * atOnce;
    }

    /** The first that is shown, from 0. */
    public int first() {
        return first;
    }

    /** Behind the last that is shown. */
    public int end() {
        return Math.min(count, first + atOnce);
    }

    private Button turn(String what, int to) {
        Button button = Labels.act(Wording.of("desk.tiles." + what), Wording.of("desk.tiles." + what + "-help"), () -> {
            first = to;
            changed.run();
        });
        button.setId(id + "-" + what);
        button.setDisable(to < 0 || to >= count);
        return button;
    }
}
