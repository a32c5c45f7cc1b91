package jorn.desk.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import jorn.book.Book;
import jorn.book.SentParcel;
import jorn.desk.model.BenchName;
import jorn.print.export.Exporter;
import jorn.print.export.Progress;
import jorn.print.export.WrittenFile;
import jorn.store.BookFile;
import org.junit.jupiter.api.Test;

/** From a finding to its remedy, to the press's reception, to a parcel that is recorded. */
class PressReadyUiTest extends WindowTest {
    private void title() {
        interact(() -> desk.change("x", b -> b.withTitle("Hive Notes").withAuthor("Skep & Sedge")));
        settle();
    }

    private void tooFew() {
        title();
        interact(() -> desk.change("x", b -> b.withBrief(b.brief().withPages(20))));
        settle();
    }

    private List<SentParcel> sent() {
        return desk.book().plans().selling().sent();
    }

    @Test
    void aRemedyMendsAtOnceAndUndoTakesItBack() {
        tooFew();
        clickOn("#bench-proof");
        assertEquals("1 to mend", text("#bench-proof .waiting"));
        clickOn("#remedy-0");
        assertEquals(24, desk.book().brief().pages());
        assertTrue(desk.findings().get().toMend().isEmpty());
        clickOn("#undo");
        assertEquals(20, desk.book().brief().pages());
    }

    @Test
    void theReceptionAnswersAndShowsThePlace() throws IOException {
        title();
        clickOn("#bench-proof");
        clickOn("#way-reception");
        await("#verdict-stamp");
        assertEquals("Accepted", text("#verdict-stamp"));
        tooFew();
        await("#show-answer-1");
        assertEquals("Refused", text("#verdict-stamp"));
        clickOn("#way-pages");
        assertTrue(lookup("#verdict-stamp").query().getParent() != null);
        assertFalse(lookup("#reception").query().isVisible());
    }

    @Test
    void filesMadeElsewhereAreTakenToo() throws IOException {
        Path elsewhere = Files.createDirectories(folder.resolve("chosen"));
        Files.write(elsewhere.resolve("pages.pdf"), new byte[] {'%', 'P', 'D', 'F'});
        title();
        clickOn("#bench-proof");
        clickOn("#way-reception");
        await("#verdict-stamp");
        clickOn("#receive-elsewhere");
        await("#verdict-stamp");
        assertEquals("Refused", text("#verdict-stamp"));
    }

    @Test
    void filesMadeElsewhereAreMended() throws IOException {
        title();
        Path elsewhere = Files.createDirectories(folder.resolve("chosen"));
        List<WrittenFile> own = Exporter.export(desk.state().get().edition(), elsewhere, Progress.SILENT);
        Files.delete(own.get(1).file());
        interact(() -> desk.changeBrief("press", b -> b.at(desk.shelf().find("trade"))));
        clickOn("#bench-proof");
        clickOn("#way-reception");
        await("#verdict-stamp");
        clickOn("#receive-elsewhere");
        await("#mend-elsewhere");
        clickOn("#mend-elsewhere");
        Path mended = elsewhere.resolve("mended").resolve(own.get(0).file().getFileName());
        await("#verdict-stamp");
        assertTrue(Files.exists(mended));
        assertFalse(lookup((javafx.scene.Node n) ->
                        n instanceof javafx.scene.control.Label l && l.getText().startsWith("FILE STANDARD"))
                .tryQuery()
                .isPresent());
    }

    @Test
    void whileErrorsStandNothingIsWrittenUnlessItIsAskedForAndThatIsRecorded() {
        tooFew();
        Path out = folder.resolve("out");
        clickOn("#bench-despatch");
        retype("#export-folder", out.toString());
        clickOn("#write-files");
        await("#answer-mend");
        assertFalse(Files.exists(out));
        clickOn("#answer-mend");
        assertEquals(BenchName.PROOF, desk.bench().get());
        clickOn("#bench-despatch");
        clickOn("#write-files");
        clickOn("#answer-all-the-same");
        await("#written-interior");
        assertEquals(List.of("page.count"), sent().get(0).overridden());
        assertFalse(sent().get(0).accepted());
        assertEquals(64, sent().get(0).files().get(0).checksum().length());
        assertTrue(Files.exists(out.resolve("hive-notes-summary.txt")));
        assertTrue(Files.exists(out.resolve("hive-notes-order.pdf")));
    }

    @Test
    void aBookThatIsReadyIsWrittenAcceptedAndRecorded() {
        title();
        clickOn("#bench-despatch");
        retype("#export-folder", folder.resolve("out").toString());
        clickOn("#one-file");
        clickOn("#write-files");
        await("#written-book");
        assertEquals(1, sent().get(0).files().size());
        assertEquals(List.of(), sent().get(0).overridden());
        clickOn("#undo");
        assertTrue(sent().isEmpty());
    }

    @Test
    void aCopyToGiveAwayHasNoPricesInIt() {
        title();
        interact(() -> desk.change("x", b -> b.withPlans(b.plans().withPrice("us", Optional.of(9.99)))));
        clickOn("#bench-despatch");
        clickOn("#give-away");
        Book given = BookFile.load(folder.resolve("hive.jorn"));
        assertEquals("Hive Notes", given.title());
        assertTrue(given.plans().prices().isEmpty());
        assertFalse(desk.book().plans().prices().isEmpty());
    }
}
