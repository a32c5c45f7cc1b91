package jorn.desk.makeup;

import java.util.List;
import javafx.scene.layout.GridPane;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.say.Wording;

/** The keys of the Make-up bench. */
final class KeysSlip extends Slip {
    private static final List<List<String>> KEYS = List.of(
            List.of(Wording.of("desk.keys.left-right-page-up"), Wording.of("desk.keys.turn-spread")),
            List.of(Wording.of("desk.keys.home-end"), Wording.of("desk.keys.first-last-spread")),
            List.of(Wording.of("desk.keys.shift-left-shift-right"), Wording.of("desk.keys.choose-pages-besides-one")),
            List.of(Wording.of("desk.keys.ctrl-left-ctrl-right"), Wording.of("desk.keys.move-run-page")),
            List.of(Wording.of("desk.keys.up-down"), Wording.of("desk.keys.choose-part-before-or")),
            List.of(Wording.of("desk.keys.enter"), Wording.of("desk.keys.type-part-over-or")),
            List.of("A  B  L  R", Wording.of("desk.keys.put-block-above-below")),
            List.of(Wording.of("desk.keys.s-shift-s"), Wording.of("desk.keys.split-part-down-or")),
            List.of("+  −", Wording.of("desk.keys.make-part-larger-smaller")),
            List.of(Wording.of("desk.keys.delete"), Wording.of("desk.keys.take-part-away")),
            List.of("O", Wording.of("desk.keys.change-only-page-or")),
            List.of("D", Wording.of("desk.keys.designs")),
            List.of("T", Wording.of("desk.keys.take-chosen-pages-out")),
            List.of(Wording.of("desk.keys.ctrl-delete"), Wording.of("desk.keys.take-run-out-book")),
            List.of("C", Wording.of("desk.keys.fold-or-open-cycle")),
            List.of("N  P  1–6", Wording.of("desk.keys.puzzles")),
            List.of(Wording.of("desk.keys.escape"), Wording.of("desk.keys.let-go-part-pages")));

    KeysSlip() {
        super(Wording.of("desk.keys.keys"));
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
