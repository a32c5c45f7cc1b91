package jorn.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import jorn.book.Book;
import jorn.book.PageKey;
import jorn.book.Run;
import jorn.calendar.Span;
import jorn.content.Dates;
import jorn.content.Filling;
import jorn.content.Items;
import jorn.content.Pages;
import jorn.content.Source;
import jorn.edition.Edition;
import jorn.json.Json;
import jorn.layout.Axis;
import jorn.layout.Extent;
import jorn.layout.Stack;
import jorn.measure.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Books and designs of the first format, written before it changed. */
class FormatOneTest {
    @TempDir
    Path folder;

    private static Book planner() {
        try {
            return BookFile.load(Path.of(
                    FormatOneTest.class.getResource("/format1/planner.jorn").toURI()));
        } catch (URISyntaxException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void aBookOfTheFirstFormatHasAllThatItHad() {
        Book book = planner();
        assertEquals("The Apiary Year", book.title());
        assertEquals("A planner for beekeepers", book.subtitle());
        assertEquals("dated-planner", book.starter());
        assertEquals("honey", book.palette().id());
        assertEquals("de", book.calendar().language());
        assertEquals(1, book.pictures().size());
        assertTrue(
                book.furniture().folio().isPresent() && book.furniture().head().isPresent());
        assertEquals(1, book.cycles().size());
        Run weeks = book.runs().get(5);
        assertEquals(new Dates(Span.WEEK, Optional.empty()), weeks.source());
        assertEquals(List.of("Feed", "Look for eggs", "Clean a hive"), weeks.inTurn());
        assertEquals(
                new PageKey.Dated("2027-W03", 0),
                weeks.exceptions().keySet().iterator().next());
        assertTrue(weeks.inContents());
        assertEquals(2, weeks.decorations().size());
        Run prompts = book.runs().get(7);
        assertEquals(3, assertInstanceOf(Items.class, prompts.source()).words().size());
        assertTrue(prompts.bareBack());
        Stack column = assertInstanceOf(Stack.class, prompts.recipe().root());
        Stack row = assertInstanceOf(Stack.class, column.parts().get(1).node());
        assertEquals(Axis.ACROSS, row.axis());
        assertTrue(row.alternate());
        assertEquals(Extent.fixed(Length.mm(30)), row.parts().get(1).extent());
        assertTrue(book.brief().press().requireInk("black").blackOnly());
    }

    @Test
    void itKeepsItsPageCountAndIsTheSameWhenItIsSavedAnew() {
        assertEquals(48, Edition.of(planner()).pagination().pageCount());
        Path file = folder.resolve("anew.jorn");
        Book book = planner();
        BookFile.save(book, file);
        assertEquals(book, BookFile.load(file));
    }

    private static Run run(String fields) {
        String json = "{\"runs\": [{\"name\": \"R\", \"start\": \"recto\", \"numbering\": {\"style\": \"none\"}, "
                + "\"recipe\": {\"id\": \"a\", \"name\": \"A\", \"root\": {\"is\": \"space\"}}" + fields + "}]}";
        ObjectNode book = (ObjectNode) Json.read(json.getBytes(StandardCharsets.UTF_8), JsonNode.class, "it");
        FormatOne.moveBook(book);
        return Json.read(book.path("interior").path("runs").path(0), Run.class, "the run");
    }

    private static void filledBy(Source source, List<String> inTurn, String fields) {
        Run run = run(fields);
        assertEquals(source, run.source(), fields);
        assertEquals(inTurn, run.inTurn(), fields);
    }

    @Test
    void whatFillsARunIsToldFromItsCountItsStretchAndItsWords() {
        filledBy(new Filling(), List.of(), "");
        filledBy(new Filling(), List.of(), ", \"items\": [], \"count\": null");
        filledBy(new Pages(7), List.of(), ", \"count\": 7");
        filledBy(new Pages(7), List.of("a"), ", \"count\": 7, \"items\": [\"a\"]");
        filledBy(new Items(List.of("a", "b")), List.of(), ", \"items\": [\"a\", \"b\"]");
        filledBy(new Dates(Span.DAY, Optional.empty()), List.of(), ", \"per\": \"day\"");
        filledBy(
                new Dates(Span.DAY, Optional.of(31)),
                List.of("a"),
                ", \"per\": \"day\", \"count\": 31, \"items\": [\"a\"]");
    }

    @Test
    void whereARunStandsAndHowItIsNumberedMoveAlong() {
        Run run = run(", \"bareBack\": true, \"inContents\": true");
        assertEquals("recto", run.start().id());
        assertEquals("none", run.numbering().style().id());
        assertTrue(run.bareBack() && run.inContents());
    }
}
