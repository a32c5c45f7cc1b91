package jorn.desk.makeup;

import java.util.List;
import javafx.scene.layout.GridPane;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;

/** The keys of the Make-up bench. */
final class KeysSlip extends Slip {
    private static final List<List<String>> KEYS = List.of(
            List.of("Left, Right, Page Up, Page Down", "turn the spread"),
            List.of("Home, End", "first and last spread"),
            List.of("Shift+Left, Shift+Right", "choose pages besides this one"),
            List.of("Ctrl+Left, Ctrl+Right", "move the run of this page"),
            List.of("Up, Down", "choose the part before or after"),
            List.of("Enter", "type the part over, or set it"),
            List.of("A  B  L  R", "put a block above, below, left, right"),
            List.of("S, Shift+S", "split the part down, or across"),
            List.of("+  −", "make the part larger, smaller by 1 mm"),
            List.of("Delete", "take the part away"),
            List.of("O", "change only this page, or all of them"),
            List.of("D", "the designs"),
            List.of("T", "take the chosen pages out as a run"),
            List.of("Ctrl+Delete", "take the run out of the book"),
            List.of("C", "fold or open the cycle in the flat plan"),
            List.of("Escape", "let go of part and pages"));

    KeysSlip() {
        super("Keys");
        GridPane grid = new GridPane();
        grid.setHgap(18);
        grid.setVgap(2);
        for (int i = 0; i < KEYS.size(); i++) {
            grid.add(Labels.label(KEYS.get(i).get(0), "strong"), 0, i);
            grid.add(Labels.label(KEYS.get(i).get(1)), 1, i);
        }
        add(grid);
    }
}
