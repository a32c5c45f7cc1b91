package jorn.order;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.check.Checker;
import jorn.check.Finding;
import jorn.check.Proof;
import jorn.code.Isbn;
import jorn.edition.Edition;
import jorn.layout.PartSettings;
import jorn.measure.Unit;
import jorn.order.Names.Difference;
import jorn.order.Names.Named;
import jorn.say.BookWords;
import org.junit.jupiter.api.Test;

/** One title, one author, one number and one year, wherever they are printed. */
class NamesTest {
    private static Book book() {
        return Starter.TEXT_BOOK
                .begin()
                .withTitle("A Small Book of Smoke")
                .withSubtitle("Bees and calm")
                .withAuthor("Skep & Sedge");
    }

    private static List<Difference> differences(Book book) {
        return Names.differences(Edition.of(book));
    }

    /** Types over the words of the first part on a page of this design whose words hold this text. */
    private static Book typed(Book book, String design, String holding, String words) {
        for (int i = 0; i < book.runs().size(); i++) {
            if (book.runs().get(i).recipe().id().equals(design)) {
                return book.withRecipe(
                        i,
                        r -> r.map(n -> PartSettings.words(n)
                                .filter(w -> w.value() instanceof String t
                                        && BookWords.resolved("en", t).contains(holding))
                                .map(w -> PartSettings.with(n, w.id(), words))
                                .orElse(n)));
            }
        }
        throw new AssertionError("no run of " + design + " in "
                + book.runs().stream().map(r -> r.recipe().id()).toList());
    }

    private static Book onCover(Book book, String part, String words) {
        return book.withCover(book.cover().planned(p -> p.edited(part, e -> e.withWords(Optional.of(words)))));
    }

    private static Book numbered(Book book, String isbn) {
        return book.withCover(book.cover().planned(p -> p.withCode(p.code().withIsbn(Optional.of(Isbn.parse(isbn))))));
    }

    @Test
    void aBookWhoseFieldsFillThemselvesAgreesWithItself() {
        assertEquals(List.of(), differences(book()));
        assertEquals(Optional.of("" + LocalDate.now(ZoneId.systemDefault()).getYear()), Names.year(Edition.of(book())));
    }

    @Test
    void aTitleThatIsTypedOverOnTheCoverIsTold() {
        List<Difference> all = differences(onCover(book(), "title", "A Small Book of Smok"));
        assertEquals(
                List.of(new Difference(Named.TITLE, "cover", 0, "A Small Book of Smoke", "A Small Book of Smok")), all);
        assertEquals(List.of(), differences(onCover(book(), "title", "A SMALL\nBOOK of  smoke")), "only set otherwise");
        assertEquals(List.of(), differences(onCover(book(), "title", "{title}!")), "the field is still there");
    }

    @Test
    void anAuthorThatIsTypedOverOnTheTitlePageIsTold() {
        Book other = typed(book(), "title", "{author}", "Skep and Sedge");
        Difference d = differences(other).get(0);
        assertEquals(Named.AUTHOR, d.what());
        assertEquals("title-page", d.place());
        assertEquals("Skep and Sedge", d.found());
        assertTrue(d.page() > 0);
        assertEquals(1, differences(other).size(), "title and subtitle are right: " + differences(other));
        assertEquals(List.of(), differences(typed(book(), "title", "{author}", "by Skep & Sedge")));
        List<Finding> found = Checker.check(Proof.of(other, Unit.INCH));
        Finding finding = found.stream()
                .filter(f -> f.id().equals("names.differ"))
                .findFirst()
                .orElseThrow();
        assertEquals(Finding.Severity.ERROR, finding.severity());
        assertEquals("The author on the title page is another one than the book's.", finding.message());
    }

    @Test
    void theYearOnTheTitlePageIsThatOfTheCopyright() {
        int year = LocalDate.now(ZoneId.systemDefault()).getYear();
        Book later = typed(book(), "title", "{subtitle}", "Bees and calm, " + (year + 1));
        Difference d = differences(later).stream()
                .filter(x -> x.what() == Named.YEAR)
                .findFirst()
                .orElseThrow();
        assertTrue(List.of("" + year, "" + (year + 1)).contains(d.found()), d.toString());
        assertFalse(d.expected().equals(d.found()));
    }

    @Test
    void theNumberOnTheCopyrightPageIsThatOfTheBarcode() {
        Book numbered = numbered(book(), "978-0-306-40615-7");
        Book right = typed(numbered, "copyright", "{title}", "{title}. ISBN 978-0-306-40615-7");
        assertEquals(List.of(), differences(right));
        Book wrong = typed(numbered, "copyright", "{title}", "{title}. ISBN 978-1-86197-876-9");
        Difference d = differences(wrong).get(0);
        assertEquals(Named.ISBN, d.what());
        assertEquals("978-1-86197-876-9", d.found());
        assertEquals("978-0-306-40615-7", d.expected());
        assertEquals(
                1,
                differences(typed(book(), "copyright", "{title}", "ISBN 9781861978769")).stream()
                        .filter(x -> x.what() == Named.ISBN)
                        .count(),
                "a number in the book, and none on the back");
    }

    @Test
    void theFieldForTheNumberFillsItself() {
        Book numbered = typed(numbered(book(), "9780306406157"), "copyright", "{title}", "{title}, ISBN {isbn}");
        assertEquals(List.of(), differences(numbered));
        boolean printed = Edition.of(numbered).pagination().slots().stream()
                .filter(s -> !s.isBlank())
                .map(s -> Edition.of(numbered).page(s.number()))
                .limit(8)
                .flatMap(p -> jorn.art.Marks.single(p.marks()))
                .anyMatch(m ->
                        m instanceof jorn.art.Mark.Words w && w.run().text().contains("978-0-306-40615-7"));
        assertTrue(printed);
    }
}
