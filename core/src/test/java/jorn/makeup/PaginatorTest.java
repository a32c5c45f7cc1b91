package jorn.makeup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.List;
import java.util.OptionalInt;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Side;
import jorn.block.text.TextBlock;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.book.Pagination;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.check.Checker;
import jorn.check.Proof;
import jorn.content.Item;
import jorn.content.OwnSources.Answer;
import jorn.content.OwnSources.Contrary;
import jorn.content.OwnSources.Manuscript;
import jorn.content.OwnSources.Riddle;
import jorn.content.OwnSources.Riddles;
import jorn.content.OwnSources.TextPage;
import jorn.content.Source;
import jorn.edition.Edition;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.measure.Length;
import jorn.measure.Unit;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import jorn.store.BookFile;
import jorn.text.Typeface.Style;
import jorn.text.Voice;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Page count, margins and content agree, or it is said that they cannot. */
class PaginatorTest {
    @TempDir
    Path folder;

    private static Book of(Source source) {
        Book book = EarlierBooks.notebook();
        return book.withBrief(book.brief().withPages(24))
                .withRuns(List.of(Run.from(source, "Text", Catalogue.recipe("blank"), Start.ANYWHERE)));
    }

    private static double area(Book book, int pages) {
        Box text = PageGeometry.of(book, pages).frame(Side.RECTO).text();
        return text.width() * text.height();
    }

    /** A text of just under 150 pages at the gutter of 150 pages would need more in the wider gutter of 151. */
    @Property(tries = 60)
    void theContentFitsTheMarginsOfThePageCountThatItMakes(@ForAll @IntRange(min = 10, max = 700) int pages) {
        Book empty = of(new Manuscript(1));
        Book book = of(new Manuscript(pages * area(empty, 24)));
        Pagination p = Paginator.of(book);
        long made = p.slots().stream().filter(s -> !s.isBlank()).count();
        double needed = pages * area(empty, 24) / area(book, p.pageCount());
        assertEquals(Math.ceil(needed - 1e-9), (double) made, "pages of text in a book of " + p.pageCount());
        assertTrue(p.settled());
    }

    @Test
    void eachPageOfATextKnowsWhichOneItIs() {
        Pagination p = Paginator.of(of(new Manuscript(30 * area(of(new Manuscript(1)), 24))));
        assertEquals(17, p.page(17).subjects().get(TextPage.class).orElseThrow().number());
    }

    /** Gutters step at 150 pages: 160 pages make the room narrow, in which there are 100, which make it wide again. */
    @Test
    void twoCountsThatCallForEachOtherKeepTheWiderGutterAndItIsSaid() {
        double wide = PageGeometry.of(of(new Manuscript(1)), 100)
                .frame(Side.RECTO)
                .text()
                .width();
        Book book = of(new Contrary(wide - 0.5, 160, 100));
        Edition edition = Edition.of(book);
        assertFalse(edition.pagination().settled());
        assertEquals(100, edition.pagination().pageCount());
        assertTrue(Checker.check(new Proof(edition, Unit.INCH)).stream()
                .anyMatch(f -> f.message().contains("in turn")));
        assertTrue(edition.measures().get("pages").working(Unit.INCH).contains("page count and margins"));
        assertTrue(Checker.check(Proof.of(of(new Manuscript(1)), Unit.INCH)).stream()
                .noneMatch(f -> f.message().contains("in turn")));
    }

    @Test
    void aSourceOfItsOwnIsStored() {
        Book book = of(new Riddles(List.of("What hums?", "What stings?")));
        Path file = folder.resolve("own.jorn");
        BookFile.save(book, file);
        assertEquals(book, BookFile.load(file));
    }

    /** Says on which page the riddle stands that the page answers. */
    private record Reference() implements Node {
        @Override
        public void draw(Box area, Flow flow, List<Mark> out) {
            flow.subject(Answer.class).ifPresent(a -> {
                OptionalInt page = flow.pageOf(a.to());
                new TextBlock(
                                "from page " + page.orElseThrow(),
                                Voice.BODY,
                                Style.REGULAR,
                                Length.points(10),
                                Align.LEFT)
                        .draw(area, flow, out);
            });
        }

        @Override
        public double naturalHeight(double width, Flow flow) {
            return 0;
        }
    }

    @Test
    void aSubjectRefersToThePageOfAnother() {
        Recipe recipe = new Recipe("riddle", "Riddle", new Reference());
        Book book = of(new Riddles(List.of("What hums?", "What stings?")))
                .withRuns(List.of(
                        Run.of("Before", Catalogue.recipe("blank"), 5, Start.ANYWHERE),
                        Run.from(
                                new Riddles(List.of("What hums?", "What stings?")),
                                "Riddles",
                                recipe,
                                Start.ANYWHERE)));
        Edition edition = Edition.of(book);
        assertEquals(List.of(), edition.page(7).marks());
        assertEquals(List.of("from page 6"), words(edition, 8));
        assertEquals(List.of("from page 7"), words(edition, 9));
        assertEquals(
                new Riddle("What hums?"),
                edition.pagination().page(6).subjects().get(Riddle.class).orElseThrow());
        assertTrue(edition.pagination().page(6).subjects().get(Item.class).isEmpty());
    }

    private static List<String> words(Edition edition, int page) {
        return Marks.standing(edition.page(page).marks()).stream()
                .filter(s -> s.mark() instanceof Mark.Words)
                .map(s -> ((Mark.Words) s.mark()).run().text())
                .toList();
    }
}
