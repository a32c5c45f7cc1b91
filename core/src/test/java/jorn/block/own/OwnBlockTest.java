package jorn.block.own;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.calendar.Span;
import jorn.check.Checker;
import jorn.check.Finding;
import jorn.check.Proof;
import jorn.edition.Edition;
import jorn.layout.NodeKinds;
import jorn.layout.NodePath;
import jorn.layout.PartSettings;
import jorn.layout.Setting;
import jorn.layout.Tree;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.recipe.Recipe;
import jorn.store.BookFile;
import jorn.store.RecipeFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A new kind of block is one file and a line in a family: it is stored, offered, set, drawn and checked like any other. */
class OwnBlockTest {
    private static final Sundial FRESH = (Sundial) NodeKinds.fresh("own-sundial");

    @TempDir
    Path folder;

    private static Book book(Sundial sundial) {
        Book book = EarlierBooks.notebook();
        Recipe recipe = new Recipe("own", "Own", sundial);
        return book.withCalendar(book.calendar().dated(LocalDate.of(2027, 3, 1), LocalDate.of(2027, 3, 31)))
                .withRuns(List.of(Run.per(Span.DAY, "Days", recipe, Start.ANYWHERE)));
    }

    @Test
    void itIsStored() {
        Path file = folder.resolve("own.jorn");
        Book book = book(FRESH);
        BookFile.save(book, file);
        assertEquals(book, BookFile.load(file));
        Path design = folder.resolve("own.json");
        RecipeFile.write(new Recipe("own", "Own", FRESH), design);
        assertEquals(FRESH, RecipeFile.read(design).root());
    }

    @Test
    void itIsOfferedAndPutOnAPage() {
        assertEquals("Sundial", NodeKinds.nameOf(FRESH));
        assertTrue(NodeKinds.fills(FRESH));
        var beside = Tree.insert(FRESH, NodePath.ROOT, Tree.Edge.BELOW, NodeKinds.fresh("own-sundial"));
        assertEquals(List.of(FRESH, FRESH), beside.children());
    }

    @Test
    void itsSettingsAreShownAndChanged() {
        List<Setting> all = PartSettings.of(FRESH);
        assertEquals(
                List.of("Across", "Rays", "Thickness"),
                all.stream().map(Setting::name).toList());
        assertEquals("0.5 pt", all.get(2).written(Unit.INCH));
        Sundial now = PartSettings.with(FRESH, "rays", all.get(1).read("24", Unit.INCH));
        assertEquals(24, now.rays());
        assertThrows(Trouble.class, () -> PartSettings.with(FRESH, "rays", 61));
    }

    @Test
    void itIsDrawnOnceForEachDateThatItReads() {
        Edition edition = Edition.of(book(FRESH));
        assertEquals(12, Marks.standing(edition.page(1).marks()).size());
        assertNotEquals(edition.page(1).marks(), edition.page(2).marks());
        assertEquals(31, edition.distinct().count());
        Book undated = book(FRESH)
                .withRuns(List.of(Run.filling("All", new Recipe("own", "Own", FRESH), Start.ANYWHERE)))
                .withCalendar(EarlierBooks.notebook().calendar());
        Edition same = Edition.of(undated);
        assertSame(same.page(1).marks(), same.page(119).marks());
    }

    @Test
    void itIsChecked() {
        Book faint = book(new Sundial(Length.mm(30), 12, 0.05));
        List<Finding> findings = Checker.check(Proof.of(faint, Unit.INCH));
        assertTrue(findings.stream().anyMatch(f -> f.id().equals("line.thin")), findings.toString());
        assertTrue(Checker.check(Proof.of(book(FRESH), Unit.INCH)).stream().noneMatch(f -> f.id().equals("line.thin")));
        assertTrue(Edition.of(faint).page(1).marks().stream().allMatch(m -> m instanceof Mark.Stroke));
    }
}
