package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import jorn.book.PuzzleRuns;
import jorn.book.Starter;
import jorn.puzzle.Puzzle;
import jorn.puzzle.dots.DotRules;
import jorn.puzzle.maze.MazeRules;
import jorn.puzzle.number.NumberRules;
import jorn.puzzle.run.Making;
import jorn.puzzle.run.PageUse.SolutionPlace;
import jorn.puzzle.run.PuzzlePage;
import jorn.puzzle.run.PuzzleSet;
import jorn.puzzle.run.Puzzles;
import jorn.puzzle.words.WordSearchRules;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** A person makes a puzzle book: kinds, grades, solutions, another puzzle in the place of one that she does not like. */
class PuzzleUiTest extends WindowTest {
    private void book() {
        interact(() -> desk.lay(Starter.PUZZLE_BOOK.begin().withTitle("Winter Cluster"), Optional.empty()));
        clickOn("#bench-makeup");
        goToPuzzles();
    }

    /** The second page of puzzles. */
    private void goToPuzzles() {
        int page = desk.state().get().pagination().slots().stream()
                .filter(s -> s.subjects().get(PuzzlePage.class).isPresent())
                .skip(1)
                .findFirst()
                .orElseThrow()
                .number();
        interact(() -> desk.page().set(page));
        settle();
    }

    private Puzzles puzzles() {
        return desk.book().runs().stream()
                .flatMap(r -> PuzzleRuns.of(r).stream())
                .findFirst()
                .orElseThrow();
    }

    private List<Puzzle> all() {
        return PuzzleSet.of(puzzles().making()).all();
    }

    private void made() throws Exception {
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> WaitForAsyncUtils.asyncFx(
                        () -> desk.making().get().isDone()
                                && desk.making().get().wanted()
                                        == puzzles().making().size())
                .get());
        settle();
    }

    @Test
    void oneKeyPutsAnotherPuzzleInThePlaceOfOneAndUndoBringsItBack() throws Exception {
        book();
        made();
        List<Puzzle> before = all();
        interact(() -> lookup("#spread").query().requestFocus());
        push(KeyCode.N);
        files.finish();
        settle();
        List<Puzzle> after = all();
        assertNotEquals(before.get(1), after.get(1));
        assertEquals(before.get(1).grade(), after.get(1).grade());
        for (int i = 0; i < before.size(); i++) {
            assertTrue(i == 1 || before.get(i).equals(after.get(i)), "puzzle " + (i + 1) + " stays");
        }
        push(KeyCode.P);
        files.finish();
        settle();
        assertTrue(puzzles().making().chosen().get("1-2").pinned());
        Puzzle pinned = all().get(1);
        clickOn("#subject-run");
        clickOn("#puzzles-anew");
        assertEquals(pinned, all().get(1), "what is pinned stays");
        assertNotEquals(after.get(0), all().get(0));
        for (int i = 0; i < 5 && desk.canUndo(); i++) {
            push(KeyCode.CONTROL, KeyCode.Z);
        }
        assertFalse(desk.canUndo());
        assertTrue(before.equals(all()), "undo brings them all back");
    }

    @Test
    void theSlipOfTheRunMakesItAnotherBook() throws Exception {
        book();
        clickOn("#subject-run");
        clickOn("#puzzle-size-6");
        assertEquals(6, ((NumberRules) puzzles().making().rules()).size());
        retype("#puzzle-count-1", "3");
        retype("#puzzle-count-5", "0");
        assertEquals(List.of(3, 12, 12, 12, 0), puzzles().making().counts());
        clickOn("#puzzle-per-page-4");
        assertEquals(10, pages());
        clickOn("#puzzle-solutions-back");
        assertEquals(SolutionPlace.BACK, puzzles().use().solutions());
        clickOn("#puzzle-large");
        clickOn("#puzzle-order-mixed");
        assertEquals(Making.GradeOrder.MIXED, puzzles().making().order());
        clickOn("#puzzle-size-4");
        assertEquals(List.of(39, 0, 0, 0, 0), puzzles().making().counts(), "what the size cannot be is made gentle");
        assertTrue(lookup("#puzzle-count-2").tryQuery().isEmpty());
        retype("#puzzle-count-1", "0");
        assertTrue(((Labeled) lookup("#refusal").query()).getText().contains("at least one"));
        assertEquals(39, puzzles().making().size(), "nothing is lost");
        made();
        assertTrue(((Labeled) lookup("#puzzles-progress").query()).getText().contains("All 39"));
    }

    private long pages() {
        return desk.state().get().pagination().slots().stream()
                .filter(s -> s.subjects().get(PuzzlePage.class).isPresent())
                .count();
    }

    @Test
    void wordsAreTypedOrTakenFromAFileAndWhatDoesNotFitIsSaid() throws Exception {
        book();
        clickOn("#subject-run");
        clickOn("#puzzle-kind-word-search");
        assertTrue(puzzles().making().rules() instanceof WordSearchRules);
        interact(() -> ((TextArea) lookup("#puzzle-words").query()).setText("bee\nhive\nincomprehensibilities\n🐝"));
        interact(() -> lookup("#puzzle-words").query().requestFocus());
        push(KeyCode.CONTROL, KeyCode.ENTER);
        assertEquals(4, ((WordSearchRules) puzzles().making().rules()).words().size());
        assertTrue(lookup(".soft").queryAllAs(Labeled.class).stream()
                .anyMatch(l -> l.getText().contains("incomprehensibilities")));
        Files.writeString(folder.resolve("words.txt"), "honey\nswarm\nqueen\ndrone\nnectar\n");
        goToPuzzles();
        takeIn(folder.resolve("words.txt"));
        assertEquals(5, ((WordSearchRules) puzzles().making().rules()).words().size());
        made();
    }

    @Test
    void shapesOfMazesAndDotsAreChosenByName() throws Exception {
        book();
        clickOn("#subject-run");
        clickOn("#puzzle-kind-maze");
        clickOn("#puzzle-form-3");
        clickOn("#puzzle-shape-butterfly");
        assertEquals("butterfly", ((MazeRules) puzzles().making().rules()).shape());
        clickOn("#puzzle-kind-dots");
        clickOn("#puzzle-shape-fish");
        clickOn("#puzzle-shape-skep");
        clickOn("#puzzle-shape-fish");
        assertEquals(List.of("skep"), ((DotRules) puzzles().making().rules()).shapes());
    }

    @Test
    void gridsThatAreDroppedAreSolvedAndRefusedWithTheirLine() throws Exception {
        book();
        Files.writeString(
                folder.resolve("own.txt"),
                "53..7....6..195....98....6.8...6...34..8.3..17...2...6.6....28....419..5....8..79\n");
        takeIn(folder.resolve("own.txt"));
        assertEquals(1, puzzles().making().own().size());
        assertEquals(61, puzzles().making().size());
        Files.writeString(folder.resolve("bad.csv"), "# two\n" + ".".repeat(81) + "\n");
        takeIn(folder.resolve("bad.csv"));
        assertTrue(
                desk.notice().get().text().contains("Line 2"),
                desk.notice().get().text());
        assertEquals(1, puzzles().making().own().size());
    }

    @Test
    void makingIsStoppedAndGoesOnAndTheWindowNeverWaits() throws Exception {
        book();
        clickOn("#subject-run");
        interact(() -> desk.change(
                "puzzles",
                b -> PuzzleRuns.with(
                        b,
                        desk.state().get().pagination().page(desk.page().get()).run(),
                        new Puzzles(
                                Making.of(NumberRules.of(16), 200, 5).withCounts(List.of(0, 0, 0, 0, 200)),
                                puzzles().use()))));
        long from = System.nanoTime();
        interact(() -> desk.page().set(60));
        assertTrue(System.nanoTime() - from < 5_000_000_000L, "the page is shown though its puzzle is not made");
        interact(() -> ((javafx.scene.control.Button) lookup("#puzzles-stop").query()).fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertTrue(desk.making().get().stopped());
        assertFalse(desk.making().get().isDone());
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> WaitForAsyncUtils.asyncFx(
                        () -> desk.findings().get().whole())
                .get());
        assertTrue(desk.findings().get().all().stream()
                .anyMatch(f -> f.found().toString().contains("missing")
                        || f.found().text().contains("stopped")));
        int made = desk.making().get().made();
        interact(() -> ((javafx.scene.control.Button) lookup("#puzzles-stop").query()).fire());
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> WaitForAsyncUtils.asyncFx(
                        () -> desk.making().get().made() > made)
                .get());
        // Another book, so that nothing is made in vain.
        interact(() -> desk.lay(Starter.EMPTY.begin(), Optional.empty()));
    }
}
