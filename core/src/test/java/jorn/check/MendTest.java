package jorn.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import jorn.book.Book;
import jorn.edition.Edition;
import jorn.measure.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A remedy mends what its finding tells of, and brings nothing worse; every finding says on whose word it is asked for. */
class MendTest {
    static List<Seeds.Seed> mended() {
        return Seeds.all().stream()
                .filter(s -> Set.of(
                                "page.count",
                                "page.size",
                                "margin.outside",
                                "margin.gutter",
                                "price.below",
                                "spine.text",
                                "ink.colour",
                                "cover.size",
                                "edge.reading",
                                "bleed.missing")
                        .contains(s.id()))
                .toList();
    }

    private static List<Finding> of(Book book, String id) {
        return Checked.findings(book, id);
    }

    private static Set<String> errors(Book book) {
        return Checked.check(book).stream()
                .filter(f -> f.severity() == Finding.Severity.ERROR)
                .map(Finding::id)
                .collect(Collectors.toSet());
    }

    @ParameterizedTest
    @MethodSource("mended")
    void whatCanBeMendedAtOnceIsMended(Seeds.Seed seed) {
        Book book = seed.book().get();
        Finding finding = of(book, seed.id()).get(0);
        assertFalse(finding.clause().isBlank());
        for (Mend mend : finding.remedies()) {
            Book after = mend.mend().apply(book);
            boolean gone =
                    of(after, seed.id()).stream().noneMatch(f -> f.message().equals(finding.message()));
            assertTrue(gone, mend.label().text());
            Set<String> errors = errors(after);
            errors.removeAll(errors(book));
            assertEquals(Set.of(), errors, mend.label().text());
        }
    }

    @Test
    void theseHaveARemedy() {
        Set<String> have = mended().stream()
                .filter(s -> !of(s.book().get(), s.id()).get(0).remedies().isEmpty())
                .map(Seeds.Seed::id)
                .collect(Collectors.toSet());
        assertTrue(
                have.containsAll(
                        Set.of("page.count", "page.size", "margin.outside", "price.below", "spine.text", "cover.size")),
                have.toString());
    }

    @Test
    void twoBooksWithOneNumberAreTold() {
        Book book =
                jorn.book.Starter.LINED_JOURNAL.begin().withTitle("Hive Notes").withAuthor("Skep & Sedge");
        // The worked example of ISO 2108.
        Book numbered = book.withCover(book.cover()
                .withPlan(book.cover()
                        .plan()
                        .map(p -> p.withCode(
                                p.code().withIsbn(Optional.of(jorn.code.Isbn.parse("978-0-306-40615-7")))))));
        Edition edition = Edition.of(numbered);
        List<Finding> told = Checker.check(new Proof(edition, Unit.INCH, Map.of("9780306406157", "Bee Plants")));
        Finding finding = told.stream()
                .filter(f -> f.id().equals("isbn.twice"))
                .findFirst()
                .orElseThrow();
        assertTrue(finding.message().contains("Bee Plants"));
        List<Finding> alone = Checker.check(new Proof(edition, Unit.INCH, Map.of("9790000000000", "Bee Plants")));
        assertTrue(alone.stream().noneMatch(f -> f.id().equals("isbn.twice")));
    }

    @Test
    void contentsThatAreRightAreNotTold() {
        assertTrue(of(Seeds.contents(15), "folio.contents").isEmpty());
        Finding wrong = of(Seeds.contents(13), "folio.contents").get(0);
        assertEquals("page 13", wrong.measured());
        assertEquals("page 15", wrong.required());
    }
}
