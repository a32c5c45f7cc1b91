package jorn.desk.model;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import jorn.book.PuzzleRuns;
import jorn.book.Slot;
import jorn.measure.TextFile;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.number.NumberRules;
import jorn.puzzle.run.OwnGrids;
import jorn.puzzle.run.Puzzles;
import jorn.puzzle.words.OfWords;
import jorn.store.ItemFile;

/** Takes in a list that is dropped while a page of puzzles is looked at: words for those that are made of words, grids for number placements. */
final class PuzzleIntake {
    private PuzzleIntake() {}

    /**
     * Reads the file, on whichever thread.
     *
     * @return what takes it in; nothing where the page is not one of such puzzles
     * @throws jorn.measure.Trouble where it is not in order
     */
    static Optional<Runnable> read(Desk desk, Path path) {
        Slot slot = desk.state().get().pagination().page(desk.page().get());
        Optional<Puzzles> puzzles = slot.isBlank()
                ? Optional.empty()
                : PuzzleRuns.of(desk.state().get().book().runOf(slot));
        if (puzzles.isEmpty()) {
            return Optional.empty();
        }
        PuzzleRules rules = puzzles.get().making().rules();
        if (rules instanceof OfWords of) {
            List<String> words = ItemFile.readPairs(path);
            return Optional.of(() -> {
                change(desk, slot, puzzles.get(), p -> p.withMaking(p.making().ruled(of.of(words))));
                desk.say("desk.intake.puzzle-words", words.size(), path.getFileName());
            });
        }
        if (rules instanceof NumberRules of) {
            List<String> grids = OwnGrids.taken(TextFile.read(path), of.diagonals());
            return Optional.of(() -> {
                change(desk, slot, puzzles.get(), p -> p.withMaking(p.making().withOwn(grids)));
                desk.say("desk.intake.puzzle-grids", grids.size(), path.getFileName());
            });
        }
        return Optional.empty();
    }

    private static void change(Desk desk, Slot slot, Puzzles now, java.util.function.UnaryOperator<Puzzles> change) {
        desk.change("puzzles", b -> PuzzleRuns.with(b, slot.run(), change.apply(now)));
    }
}
