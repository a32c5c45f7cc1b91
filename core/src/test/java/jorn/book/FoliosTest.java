package jorn.book;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.ibm.icu.text.RuleBasedNumberFormat;
import com.ibm.icu.util.ULocale;
import java.util.List;
import java.util.Optional;
import jorn.book.Numbering.FolioStyle;
import jorn.book.Placement.Start;
import jorn.makeup.Folios;
import jorn.makeup.Paginator;
import jorn.measure.Numeral;
import jorn.recipe.Catalogue;
import org.junit.jupiter.api.Test;

/** Page numbers as they are printed. */
class FoliosTest {
    private static Run run(int pages, Start start, FolioStyle style, Integer from) {
        return Run.of("run", Catalogue.recipe("lined"), pages, start)
                .numbered(new Numbering(style, Optional.ofNullable(from)));
    }

    private static String labels(Run... runs) {
        Book book = Starter.EMPTY.begin().withRuns(List.of(runs));
        Pagination pages = Paginator.of(book);
        Folios folios = new Folios(book, pages);
        StringBuilder all = new StringBuilder();
        for (int n = 1; n <= pages.planned(); n++) {
            all.append(folios.of(n).isEmpty() ? "-" : folios.of(n)).append(' ');
        }
        return all.toString().strip();
    }

    @Test
    void withoutAnyDecisionPagesAreCountedFromTheFirst() {
        assertEquals("1 2 3", labels(run(3, Start.ANYWHERE, FolioStyle.CONTINUED, null)));
    }

    @Test
    void frontMatterInRomanThenTheBodyFromOne() {
        assertEquals(
                "- - iii iv 1 2 3",
                labels(
                        run(2, Start.RECTO, FolioStyle.NONE, null),
                        run(2, Start.ANYWHERE, FolioStyle.ROMAN, null),
                        run(3, Start.RECTO, FolioStyle.ARABIC, 1)));
    }

    @Test
    void blanksAreCountedAndStayBare() {
        assertEquals(
                "1 - 3 4",
                labels(run(1, Start.RECTO, FolioStyle.ARABIC, null), run(2, Start.RECTO, FolioStyle.CONTINUED, null)));
    }

    @Test
    void aRunWithoutNumbersIsCountedAndTheFiguresAreTakenUpAfterIt() {
        assertEquals(
                "i - iii",
                labels(
                        run(1, Start.ANYWHERE, FolioStyle.ROMAN, null),
                        run(1, Start.ANYWHERE, FolioStyle.NONE, null),
                        run(1, Start.ANYWHERE, FolioStyle.CONTINUED, null)));
    }

    @Test
    void romanNumeralsAgreeWithIcu() {
        RuleBasedNumberFormat icu = new RuleBasedNumberFormat(ULocale.ENGLISH, RuleBasedNumberFormat.NUMBERING_SYSTEM);
        icu.setDefaultRuleSet("%roman-lower");
        for (int n = 1; n < 4000; n++) {
            assertEquals(icu.format(n), Numeral.roman(n));
        }
    }
}
