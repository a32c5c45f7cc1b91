package jorn.desk.makeup;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import jorn.book.PuzzleRuns;
import jorn.book.Run;
import jorn.book.Slot;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.measure.Trouble;
import jorn.puzzle.Puzzle;
import jorn.puzzle.run.Making;
import jorn.puzzle.run.PuzzleChoice;
import jorn.puzzle.run.PuzzlePage;
import jorn.puzzle.run.PuzzleRef;
import jorn.puzzle.run.Puzzles;
import jorn.puzzle.run.SolutionPage;

/** The puzzles of the page that is looked at, and all that is done with them. */
public final class PuzzleWork {
    private final Desk desk;
    private final BookFiles files;
    private final PageWork work;
    private int chosen;
    private Runnable onChoice = () -> {};

    public PuzzleWork(Desk desk, BookFiles files, PageWork work) {
        this.desk = desk;
        this.files = files;
        this.work = work;
        desk.page().addListener((o, was, now) -> chosen = 0);
    }

    /** Who hears that another puzzle of the page was chosen. */
    public void setOnChoice(Runnable listener) {
        onChoice = listener;
    }

    /** The puzzles that the run of the page makes. */
    Optional<Puzzles> puzzles() {
        return work.run().flatMap(PuzzleRuns::of);
    }

    /** Those that stand on the page, or whose solutions do. */
    List<PuzzleRef> onPage() {
        Slot slot = work.slot();
        if (puzzles().isEmpty()) {
            return List.of();
        }
        return slot.subjects()
                .get(PuzzlePage.class)
                .map(PuzzlePage::puzzles)
                .or(() -> slot.subjects().get(SolutionPage.class).map(SolutionPage::puzzles))
                .orElse(List.of());
    }

    /** Which of those on the page another one is made for, from 0. */
    int chosen() {
        return Math.max(0, Math.min(chosen, onPage().size() - 1));
    }

    /** Chooses one of those on the page; one that is not there is passed over. */
    boolean choose(int which) {
        if (which >= onPage().size()) {
            return false;
        }
        chosen = which;
        onChoice.run();
        return true;
    }

    /** What the puzzle is, where it is made already. */
    static Optional<Puzzle> made(PuzzleRef ref) {
        try {
            return ref.puzzle();
        } catch (Trouble t) {
            return Optional.empty();
        }
    }

    /** Whether it stays when all others are made anew. */
    static boolean isPinned(PuzzleRef ref) {
        PuzzleChoice choice = ref.set().making().chosen().get(ref.set().key(ref.index()));
        return choice != null && choice.pinned();
    }

    /** Whether anything can be done with puzzles here. */
    boolean isHere() {
        return !onPage().isEmpty();
    }

    /** Puts another puzzle in the place of the chosen one; all others stay. */
    void another() {
        another(chosen());
    }

    /** @param which of those on the page */
    void another(int which) {
        if (which >= onPage().size()) {
            return;
        }
        PuzzleRef ref = onPage().get(which);
        files.fetch(() -> ref.set().another(ref.index()), choice -> {
            choose(ref, Optional.of(choice));
            desk.sayChanged("desk.puzzles.another-made", ref.number());
        });
    }

    /** Makes the chosen one stay, or lets go of it. */
    void pin() {
        pin(chosen());
    }

    void pin(int which) {
        if (which >= onPage().size()) {
            return;
        }
        PuzzleRef ref = onPage().get(which);
        boolean now = !isPinned(ref);
        files.fetch(() -> ref.set().choice(ref.index()).withPinned(now), choice -> choose(ref, Optional.of(choice)));
    }

    private void choose(PuzzleRef ref, Optional<PuzzleChoice> choice) {
        Making before = ref.set().making();
        Map<String, PuzzleChoice> all = new TreeMap<>(before.chosen());
        choice.ifPresent(c -> all.put(ref.set().key(ref.index()), c));
        for (int i = 0; i < desk.book().runs().size(); i++) {
            Run run = desk.book().runs().get(i);
            // It may have been moved or changed meanwhile; then nothing is done.
            Optional<Puzzles> same = PuzzleRuns.of(run).filter(p -> p.making().equals(before));
            if (same.isPresent()) {
                int at = i;
                desk.change("puzzle", b -> PuzzleRuns.with(b, at, same.get().withMaking(before.withChosen(all))));
                return;
            }
        }
    }

    /** Changes the puzzles of the run that is looked at. */
    void change(UnaryOperator<Puzzles> change) {
        int run = work.slot().run();
        puzzles().ifPresent(now -> desk.change("puzzles", b -> PuzzleRuns.with(b, run, change.apply(now))));
    }

    /** Changes which puzzles they are. */
    void remake(UnaryOperator<Making> change) {
        change(p -> p.withMaking(change.apply(p.making())));
    }

    /** All that a slip about the page's puzzles says hangs on this. */
    String state() {
        return isHere()
                ? desk.page().get() + "." + chosen() + "." + desk.making().get().isDone()
                : "";
    }
}
