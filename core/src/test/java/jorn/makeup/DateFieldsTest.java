package jorn.makeup;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDate;
import java.util.List;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.block.text.TextBlock;
import jorn.book.Book;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.book.Starter;
import jorn.calendar.Span;
import jorn.content.Items;
import jorn.edition.Edition;
import jorn.layout.Align;
import jorn.measure.Length;
import jorn.recipe.Recipe;
import jorn.text.Typeface.Style;
import jorn.text.Voice;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the fields of a page's words say. */
class DateFieldsTest {
    private static Recipe words(String text) {
        return new Recipe("own", "Own", new TextBlock(text, Voice.BODY, Style.REGULAR, Length.points(11), Align.LEFT));
    }

    private static String said(Run run, String from, String to, int page) {
        Book book = Starter.EMPTY.begin().withRuns(List.of(run)).withCycles(List.of());
        book = book.withCalendar(book.calendar().dated(LocalDate.parse(from), LocalDate.parse(to)));
        StringBuilder all = new StringBuilder();
        Marks.standing(Edition.of(book).page(page).marks()).forEach(s -> {
            if (s.mark() instanceof Mark.Words w) {
                all.append(all.isEmpty() ? "" : " ").append(w.run().text());
            }
        });
        return all.toString();
    }

    /** A week in two months or years is named after both; its number is that of ISO 8601. */
    @ParameterizedTest
    @CsvSource({
        "WEEK, {month} {year}, 2026-12-28, December – January 2026/27",
        "WEEK, {month} {year}, 2027-03-29, March – April 2027",
        "WEEK, {month} {year}, 2027-04-05, April 2027",
        "FOUR_WEEKS, {month} {year}, 2026-12-14, December – January 2026/27",
        "WEEK, {week.range}, 2027-04-05, Apr 5 – 11",
        "FOUR_WEEKS, {week.range}, 2026-12-14, Dec 14 – Jan 10",
        "DAY, {day.month}, 2027-03-29, March 29",
        "YEAR, {year.next}, 2027-01-01, 2028",
        "WEEK, {week}, 2026-12-28, 53",
        "DAY, {month} {year}, 2027-03-29, March 2027",
        "DAY, {weekday} {day}, 2027-03-29, Monday 29",
        "QUARTER, Q{quarter}, 2027-10-01, Q4",
        "QUARTER, Q{quarter}, 2027-01-01, Q1",
        "DAY, Q{quarter}, 2027-06-30, Q2"
    })
    void aDateIsNamedByItsParts(Span span, String text, String from, String says) {
        String to = LocalDate.parse(from).plusDays(6).toString();
        assertEquals(says, said(Run.per(span, "Dated", words(text), Start.ANYWHERE), from, to, 1));
    }

    @Test
    void aNumberIsThatOfTheStretchOrOfTheItem() {
        Run days = Run.per(Span.DAY, "Days", words("No. {number}"), Start.ANYWHERE);
        assertEquals("No. 1", said(days, "2027-03-01", "2027-03-10", 1));
        assertEquals("No. 3", said(days, "2027-03-01", "2027-03-10", 3));
        Run items = Run.from(new Items(List.of("a", "b", "c")), "Items", words("No. {number}"), Start.ANYWHERE);
        assertEquals("No. 2", said(items, "2027-03-01", "2027-03-10", 2));
    }

    /** A copyright page by itself, and one of a book without an author, print no field and no blank before a stop. */
    @Test
    void aCopyrightPageSaysItsYearAndNothingMore() {
        jorn.book.Book bare = jorn.book.Starter.NOTEBOOK
                .begin()
                .withAuthor("")
                .withRuns(java.util.List.of(jorn.book.Run.of(
                        "One", jorn.recipe.Catalogue.recipe("copyright"), 24, jorn.book.Placement.Start.ANYWHERE)));
        String all = jorn.art.Marks.single(jorn.edition.Edition.of(bare).page(1).marks())
                .filter(jorn.art.Mark.Words.class::isInstance)
                .map(m -> ((jorn.art.Mark.Words) m).run().text())
                .reduce("", (a, b) -> a + " " + b);
        org.junit.jupiter.api.Assertions.assertTrue(
                all.contains("© "
                        + java.time.LocalDate.now(java.time.ZoneId.systemDefault())
                                .getYear() + "."),
                all);
        org.junit.jupiter.api.Assertions.assertFalse(all.contains("{"), all);
    }
}
