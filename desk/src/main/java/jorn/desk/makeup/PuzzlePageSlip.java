package jorn.desk.makeup;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.puzzle.Puzzle;
import jorn.puzzle.run.PuzzleRef;
import jorn.say.Wording;

/** The puzzles of a page: another in the place of one, and those that stay. */
final class PuzzlePageSlip extends Slip {
    PuzzlePageSlip(PuzzleWork puzzles) {
        super(Wording.of("desk.puzzles.on-page"));
        List<PuzzleRef> all = puzzles.onPage();
        for (int i = 0; i < all.size(); i++) {
            PuzzleRef ref = all.get(i);
            int which = i;
            boolean pinned = PuzzleWork.isPinned(ref);
            Button name = word(
                    Wording.of("desk.puzzles.number", ref.number()),
                    "puzzle-" + i,
                    Wording.of("desk.puzzles.choose", ref.number()),
                    all.size() > 1 && i == puzzles.chosen(),
                    () -> puzzles.choose(which));
            Button another = deed(
                    Wording.of("desk.puzzles.another"),
                    "puzzle-another-" + i,
                    Wording.of("desk.puzzles.another-help"),
                    () -> puzzles.another(which));
            Button pin = word(
                    Wording.of("desk.puzzles.pin"),
                    "puzzle-pin-" + i,
                    Wording.of("desk.puzzles.pin-help"),
                    pinned,
                    () -> puzzles.pin(which));
            if (all.size() > 1) {
                words("", List.of(name, another, pin));
            } else {
                words(Wording.of("desk.puzzles.number", ref.number()), List.of(another, pin));
            }
            Optional<Puzzle> made = PuzzleWork.made(ref);
            add(Labels.wrapped(made.map(PuzzlePageSlip::told).orElse(Wording.of("desk.puzzles.not-yet")), "soft"));
        }
        say(Wording.of(all.size() > 1 ? "desk.puzzles.keys-of-many" : "desk.puzzles.keys"));
    }

    /** Its grade, and by which steps it is solved. */
    private static String told(Puzzle puzzle) {
        List<String> steps = puzzle.techniques().stream()
                .map(t -> Wording.of("puzzle.technique." + t))
                .toList();
        String grade = Wording.of(
                "desk.puzzles.grade", puzzle.grade().number(), puzzle.grade().word());
        return steps.isEmpty() ? grade : grade + ": " + String.join(", ", steps);
    }
}
