package jorn.print.export;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.Placement;
import jorn.book.Run;
import jorn.book.Starter;
import jorn.calendar.Span;
import jorn.edition.Edition;
import jorn.print.Poppler;
import jorn.recipe.Catalogue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Text is found again in the file in the order in which it is read, by a program that did not write it. */
class ReadingOrderTest {
    @TempDir
    Path folder;

    private static Book everyDesign() {
        List<Run> runs = new ArrayList<>();
        for (Catalogue.Entry e : Catalogue.all()) {
            // In a book of one month every design has one page, dated where it shows a date.
            Run run = Run.per(Span.MONTH, e.name(), e.recipe(), Placement.Start.ANYWHERE);
            runs.add(run.inContents(true));
        }
        Book book = Starter.DATED_PLANNER.begin().withTitle("The Offal Year").withAuthor("Skep & Sedge");
        return book.withCalendar(book.calendar().dated(LocalDate.of(2028, 2, 1), LocalDate.of(2028, 2, 29)))
                .withCycles(List.of())
                .withRuns(runs);
    }

    private static String plain(String text) {
        return text.replaceAll("\\s+", "");
    }

    @Test
    void onEveryDesignOfTheCatalogue() {
        Book book = everyDesign();
        Edition composer = Edition.of(book);
        Path file = Exporter.export(Edition.of(book), folder, Progress.SILENT)
                .get(0)
                .file();
        String[] pages = Poppler.run("pdftotext", "-raw", file.toString(), "-").split("\f", -1);
        int withWords = 0;
        for (int n = 1; n <= composer.pagination().pageCount(); n++) {
            PageArt art = composer.page(n);
            List<Mark.Words> words = Marks.single(art.marks())
                    .flatMap(m -> m instanceof Mark.Words w ? Stream.of(w) : Stream.empty())
                    .toList();
            String drawn = words.stream().map(w -> w.run().text()).collect(Collectors.joining());
            assertEquals(plain(drawn), plain(pages[n - 1]), "page " + n);
            withWords += words.isEmpty() ? 0 : 1;
        }
        assertTrue(withWords > 60, "most designs have words: " + withWords);
    }
}
