package jorn.check;

import static jorn.check.Checked.GOOD;
import static jorn.check.Checked.check;
import static jorn.check.Checked.finding;
import static jorn.check.Checked.findings;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import jorn.block.paper.Ruling;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.EarlierBooks;
import jorn.book.Placement;
import jorn.book.Run;
import jorn.book.Starter;
import jorn.check.Finding.Severity;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.PdfRule;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;

class CheckerTest {
    private static Book ruled(Ruling ruling) {
        return GOOD.withRecipe(2, r -> r.withRuling(ruling));
    }

    @Test
    void aGoodBookHasNothingToMend() {
        assertEquals(List.of(), check(GOOD));
        assertEquals(List.of(), check(ruled(Ruling.customary().withReach(Ruling.Reach.EDGE))));
    }

    @Test
    void tooFewPagesAreAnError() {
        Book thin = GOOD.withBrief(GOOD.brief().withPages(20));
        Finding f = finding(thin, "page.count").orElseThrow();
        assertEquals(Severity.ERROR, f.severity());
        assertEquals("20 pages", f.measured());
        assertEquals("24 to 828 pages, in twos", f.required());
        assertEquals("Add 4 pages, or choose another press or binding.", f.remedy());
    }

    @Test
    void tooManyPagesAreAnError() {
        assertEquals(
                Severity.ERROR,
                finding(GOOD.withBrief(GOOD.brief().withPages(830)), "page.count")
                        .orElseThrow()
                        .severity());
    }

    @Test
    void aBlankAddedForThePressIsOnlyANote() {
        Book odd = GOOD.withBrief(GOOD.brief().withPages(24))
                .withRuns(List.of(Run.of("Lined", GOOD.runs().get(2).recipe(), 39, Placement.Start.ANYWHERE)));
        Finding f = finding(odd, "page.blank").orElseThrow();
        assertEquals(Severity.NOTE, f.severity());
        assertEquals(40, f.place().page());
        assertFalse(Checker.hasErrors(check(odd)));
    }

    @Test
    void aGutterUnderThePressesIsAnErrorOnThePage() {
        Book tight = GOOD.withMargins(GOOD.margins().withGutter(Optional.of(Length.inches(0.2))));
        Finding f = finding(tight, "margin.gutter").orElseThrow();
        assertEquals("0.2 in", f.measured());
        assertEquals("at least 0.375 in", f.required());
        assertTrue(findings(tight, "margin.gutter").size() > 1, "the art itself stands in the gutter");
    }

    @Test
    void anOutsideMarginUnderThePressesIsAnError() {
        Book tight = GOOD.withMargins(GOOD.margins().withOutside(Optional.of(Length.inches(0.1))));
        assertTrue(finding(tight, "margin.outside").isPresent());
        assertTrue(Checker.hasErrors(check(tight)));
    }

    @Test
    void widerMarginsAreFine() {
        Book wide = GOOD.withMargins(GOOD.margins().withOutside(Optional.of(Length.inches(0.8))));
        assertEquals(List.of(), check(wide));
    }

    @Test
    void marginsThatMeetLeaveNoPage() {
        Book none = GOOD.withMargins(GOOD.margins().withGutter(Optional.of(Length.inches(5.7))));
        assertTrue(finding(none, "page.fit").isPresent());
    }

    @Test
    void linesOffThePageCannotBePrintedAtHome() {
        Book bled = ruled(Ruling.customary().withReach(Ruling.Reach.EDGE));
        Book athome = bled.withBrief(bled.brief().at(PressShelf.shipped().find("home")));
        Finding f = finding(athome, "bleed.missing").orElseThrow();
        assertEquals(Severity.ERROR, f.severity());
        assertEquals(5, f.place().page());
    }

    @Test
    void bleedForNothingIsANote() {
        assertEquals(
                Severity.NOTE,
                finding(GOOD.withBrief(GOOD.brief().withBleed(true)), "bleed.missing")
                        .orElseThrow()
                        .severity());
    }

    @Test
    void spineTextOnAThinBookIsTold() {
        Book thin = GOOD.withBrief(GOOD.brief().withPages(78));
        Finding f = finding(thin, "spine.text").orElseThrow();
        assertEquals("78 pages", f.measured());
        assertTrue(f.required().startsWith("79 pages"), f.required());
        Book bare = thin.withCover(thin.cover().withSpineText(false));
        assertTrue(finding(bare, "spine.text").isEmpty());
    }

    @Test
    void spineTextTooLongToReadIsTold() {
        assertTrue(finding(GOOD.withTitle("A very long title indeed ".repeat(12)), "spine.text")
                .isPresent());
    }

    /** Common practice: lines under about 15 % grey vanish, hairlines under 0.3 pt break up. */
    @Test
    void faintAndThinLinesAreTold() {
        assertTrue(finding(ruled(Ruling.customary().withStrength(0.1)), "line.thin")
                .isPresent());
        assertTrue(finding(ruled(Ruling.customary().withStrength(0.15)), "line.thin")
                .isEmpty());
        assertTrue(
                finding(ruled(Ruling.customary().withWeight(0.29)), "line.thin").isPresent());
        assertTrue(
                finding(ruled(Ruling.customary().withWeight(0.3)), "line.thin").isEmpty());
    }

    @Test
    void aTrimThatThePressLacksIsToldWithTheNearest() {
        Book wide = GOOD.withBrief(GOOD.brief().withTrim(Size.of(12, 12, Unit.INCH)));
        assertTrue(finding(wide, "page.size").orElseThrow().remedy().contains("8.5 × 11 in"));
    }

    @Test
    void aMissingTitleIsTold() {
        assertTrue(finding(GOOD.withTitle(" "), "cover.title").isPresent());
    }

    @Test
    void lettersThatTheTypefaceLacksAreNamed() {
        Finding f = finding(GOOD.withTitle("Bees ኦ"), "text.letters").orElseThrow();
        assertEquals("ኦ", f.measured());
        assertEquals(Severity.ERROR, f.severity());
    }

    @Test
    void wordsOnTheBackKeepClearOfTheBarcodeUntilThereAreTooMany() {
        Book some = GOOD.withCover(GOOD.cover().withBlurb("Words. ".repeat(100)));
        assertTrue(finding(some, "barcode.area").isEmpty());
        Book flood = GOOD.withCover(GOOD.cover().withBlurb("Words. ".repeat(2800)));
        assertTrue(finding(flood, "barcode.area").isPresent());
    }

    @Test
    void aStapledBookAtHomeIsChecked() {
        Book zine = EarlierBooks.notebook(Brief.at(PressShelf.shipped().find("home"), Size.parse("A5", Unit.INCH), 16)
                        .withBinding(Binding.STITCHED))
                .withTitle("Zine");
        assertEquals(List.of(), check(zine));
        assertTrue(finding(zine.withBrief(zine.brief().withPages(44)), "page.count")
                .isPresent());
    }

    @Test
    void aBookTooThickForStaplesIsTold() {
        Book zine = Starter.ZINE.begin().withTitle("Zine");
        assertTrue(finding(zine, "book.thickness").isEmpty());
        Finding f = finding(zine.withBrief(zine.brief().withPages(100)), "book.thickness")
                .orElseThrow();
        assertEquals("at most 0.157 in", f.required());
        assertEquals("0.236 in", f.measured(), "100 pages of 60 µm: 100 g/m² × 1.2 ÷ 2");
    }

    @Test
    void aPriceThatLosesMoneyIsTold() {
        Book cheap = GOOD.withPlans(GOOD.plans().withPrice("us", Optional.of(3.99)));
        assertTrue(finding(cheap, "price.below").orElseThrow().required().contains("4.07 USD"));
        Book fair = GOOD.withPlans(GOOD.plans().withPrice("us", Optional.of(4.07)));
        assertTrue(finding(fair, "price.below").isEmpty());
    }

    @Test
    void everyStarterIsFitToGoOnceItHasATitle() {
        for (Starter starter : Starter.values()) {
            if (starter == Starter.COLOURING_BOOK) {
                // It is slow to draw, and looked at whole where sound books are.
                continue;
            }
            Book book = starter.begin().withTitle("Hive Notes").withAuthor("Skep & Sedge");
            assertEquals(
                    List.of(),
                    check(book).stream()
                            .filter(f -> f.severity() != Severity.NOTE && !f.id().equals("page.waiting"))
                            .toList(),
                    starter.id());
        }
    }

    @Test
    void aDesignThatDoesNotFitItsPageIsTold() {
        Book small = GOOD.withMargins(GOOD.margins().withFoot(Optional.of(Length.inches(5.8))));
        Finding f = finding(small, "page.fit").orElseThrow();
        assertEquals(3, f.place().page(), "the belongs-to page wants more room");
        assertEquals(Severity.ERROR, f.severity());
    }

    @Test
    void aHeadMarginUnderThePressesIsAnError() {
        Book low = GOOD.withMargins(GOOD.margins().withHead(Optional.of(Length.inches(0.1))));
        assertTrue(finding(low, "margin.outside").isPresent());
        assertTrue(finding(GOOD.withMargins(GOOD.margins().withHead(Optional.of(Length.inches(1)))), "margin.outside")
                .isEmpty());
    }

    @Test
    void aPressThatWantsAStandardIsTold() {
        Book trade = GOOD.withBrief(GOOD.brief().at(PressShelf.shipped().find("trade")));
        assertTrue(finding(trade, "pdf.standard").isEmpty(), "Jorn writes it");
        PdfRule rule = new PdfRule(Optional.of("PDF/X-9"), PdfRule.Colour.CMYK, false, Optional.empty());
        PressProfile other = PressShelf.shipped().find("trade").withPdf(Optional.of(rule));
        assertEquals(
                "PDF/X-9",
                finding(GOOD.withBrief(GOOD.brief().at(other)), "pdf.standard")
                        .orElseThrow()
                        .required());
    }
}
