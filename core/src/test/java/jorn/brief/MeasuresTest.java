package jorn.brief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.EarlierBooks;
import jorn.book.Starter;
import jorn.measure.Figure;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.money.Copy;
import jorn.money.Money;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;

class MeasuresTest {
    private static Measures of(String trim, int pages) {
        return Measures.of(EarlierBooks.notebook(
                Brief.at(PressShelf.shipped().find("online"), Size.parse(trim, Unit.INCH), pages)));
    }

    /** Common practice: 1.00 + 0.012 × 120 = 2.44; at a share of 60 % the lowest price is 4.07. */
    @Test
    void aPageCountThatThePressRoundsUpSaysSo() {
        Book zine = Starter.ZINE.begin();
        Figure pages = Measures.of(zine.withBrief(zine.brief().withPages(18))).get("pages");
        assertEquals("20 pages", pages.text(Unit.INCH));
        assertTrue(pages.working(Unit.INCH).contains("18 pages"), pages.working(Unit.INCH));
        assertTrue(pages.working(Unit.INCH).contains("4 pages"), pages.working(Unit.INCH));
        assertFalse(Measures.of(zine.withBrief(zine.brief().withPages(20)))
                .get("pages")
                .working(Unit.INCH)
                .contains("asked"));
    }

    @Test
    void theWorkedExampleOfMoneyComesOut() {
        Measures m = of("6x9in", 120);
        assertEquals("2.44 USD", m.get("cost.print").text(Unit.INCH));
        assertEquals("4.07 USD", m.get("price.lowest").text(Unit.INCH));
    }

    @Test
    void inchesAndMillimetresOfTheSameSizeGiveTheSameFigures() {
        assertEquals(of("6x9in", 120).all(), of("152.4x228.6mm", 120).all());
    }

    /** 60 leaves of 152.4 × 228.6 mm at 90 g/m², by hand: 60 × 0.034839 m² × 90 = 188 g. */
    @Test
    void theBlockWeighsLeavesTimesAreaTimesGrammage() {
        assertEquals("188 g", of("6x9in", 120).get("block.weight").text(Unit.INCH));
    }

    @Test
    void everyFigureHasAWorkingInBothUnits() {
        for (Figure f : of("6x9in", 121).all().values()) {
            for (Unit unit : new Unit[] {Unit.INCH, Unit.MILLIMETRE}) {
                String working = f.working(unit);
                assertTrue(working.startsWith(f.label()), working);
                assertTrue(working.contains(f.text(unit)), working);
                assertTrue(!working.contains("{"), working);
            }
        }
    }

    @Test
    void anOddCountIsMadeEven() {
        assertEquals("122 pages", of("6x9in", 121).get("pages").text(Unit.INCH));
    }

    private static Money money(int pages, jorn.book.Plans plans) {
        Brief brief = Brief.at(PressShelf.shipped().find("online"), Size.of(6, 9, Unit.INCH), pages);
        return Money.in(brief.press().market("us").orElseThrow(), copy(brief, plans, pages))
                .orElseThrow();
    }

    private static Copy copy(Brief brief, jorn.book.Plans plans, int pages) {
        return new Copy(brief, plans, pages, false, java.util.OptionalInt.empty());
    }

    /** Common practice: at 5.99 and a share of 60 % the author keeps 1.15 of a book that costs 2.44. */
    @Test
    void whatIsKeptIsShareTimesPriceLessTheCost() {
        assertEquals("1.15 USD", money(120, jorn.book.Plans.NONE).kept(5.99).text(Unit.INCH));
    }

    @Test
    void theLowestPriceNeverLosesAndACentLessDoes() {
        for (int pages = 24; pages <= 828; pages += 2) {
            Money m = money(pages, jorn.book.Plans.NONE);
            double lowest = amount(m.lowest());
            assertTrue(amount(m.kept(lowest)) >= -1e-9, pages + " pages");
            assertTrue(amount(m.kept(lowest - 0.01)) < 0, pages + " pages");
        }
    }

    @Test
    void thePriceFinderKeepsAtLeastWhatIsWishedFor() {
        Money m = money(120, jorn.book.Plans.NONE);
        assertEquals("5.74 USD", m.priceToKeep(1.00).text(Unit.INCH), "(2.44 + 1.00) / 0.6 = 5.7333");
        assertEquals(5.99, Money.upTo99(5.74), 1e-9);
        assertEquals(5.99, Money.upTo99(5.99), 1e-9);
        assertEquals(6.99, Money.upTo99(6.00), 1e-9);
    }

    private static double amount(Figure f) {
        return ((jorn.measure.Scalar) f.value()).value();
    }

    /** By hand: 40 + 1.20 × 50 = 100; each 2.00; the press costs 2.44, so 40 ÷ 1.24 = 32.3, cheaper from 33 copies. */
    @Test
    void aBatchBreaksEven() {
        var plans = jorn.book.Plans.NONE.withBatch(java.util.Optional.of(new jorn.book.PrintBatch(50, 40, 1.20)));
        var figures = money(120, plans).batch().orElseThrow().figures();
        assertEquals("100.00 USD", figures.get(0).text(Unit.INCH));
        assertEquals("2.00 USD", figures.get(1).text(Unit.INCH));
        assertEquals("33 copies", figures.get(2).text(Unit.INCH));
        var cheap = jorn.book.Plans.NONE.withBatch(java.util.Optional.of(new jorn.book.PrintBatch(50, 0.5, 1.20)));
        assertEquals(
                "1 copy",
                money(120, cheap).batch().orElseThrow().figures().get(2).text(Unit.INCH),
                "0.50 ÷ 1.24 is less than one");
    }

    @Test
    void marketsAreComparedInTheUsersOwnCurrency() {
        var plans = jorn.book.Plans.NONE
                .withPrice("uk", java.util.Optional.of(5.99))
                .withRate("GBP", java.util.Optional.of(1.25))
                .withOwnCurrency("USD");
        Brief brief = Brief.at(PressShelf.shipped().find("online"), Size.of(6, 9, Unit.INCH), 120);
        Money uk = Money.in(brief.press().market("uk").orElseThrow(), copy(brief, plans, 120))
                .orElseThrow();
        assertEquals("1.54 GBP", uk.kept().orElseThrow().text(Unit.INCH), "5.99 × 0.6 − 2.05");
        assertEquals("1.93 USD", uk.keptInOwn().orElseThrow().text(Unit.INCH));
    }

    /** By hand: 31 drawings of 6 hours are 186 hours; at 10 a week 18.6 weeks, 131 days after 1 January 2026: 12 May. */
    @Test
    void theWorkBudgetEndsOnADay() {
        WorkBudget work = new WorkBudget(new jorn.book.Plans.Work(31, 6, 10, java.time.LocalDate.of(2026, 1, 1)));
        assertEquals("186 h", work.figures().get(0).text(Unit.INCH));
        assertEquals("18.6 weeks", work.figures().get(1).text(Unit.INCH));
        assertEquals(java.time.LocalDate.of(2026, 5, 12), work.finish());
    }

    /** Common practice: half-letter and A5 books are cut from letter and A4, two to a side: 100 pages take 25 sheets. */
    @Test
    void smallBooksAreCutFromLargerSheets() {
        for (String[] each : new String[][] {{"A5", "Sheets of A4"}, {"5.5x8.5in", "Sheets of 8.5x11in"}}) {
            Measures m = Measures.of(EarlierBooks.notebook(
                    Brief.at(PressShelf.shipped().find("copyshop"), Size.parse(each[0], Unit.INCH), 100)));
            assertEquals("25 sheets", m.get("paper.sheets").text(Unit.INCH));
            assertEquals(each[1], m.get("paper.sheets").label());
        }
        assertTrue(of("6x9in", 120).find("paper.sheets").isEmpty());
    }

    @Test
    void inEveryProfileMorePagesNeverMeanLess() {
        assertTrue(PressShelf.shipped().profiles().iterator().hasNext(), "there is something to look at");
        for (var press : PressShelf.shipped().profiles()) {
            for (var offer : press.bindings()) {
                double spine = 0;
                double gutter = 0;
                for (int n = offer.pages().min();
                        n <= offer.pages().max();
                        n += offer.pages().multiple()) {
                    Measures m = Measures.of(EarlierBooks.notebook(
                            Brief.at(press, press.trims().get(0), n).withBinding(offer.binding())));
                    double s = m.get("spine.width").length().points();
                    double g = m.get("margin.gutter").length().points();
                    assertTrue(s >= spine && g >= gutter, press.id() + " " + n);
                    spine = s;
                    gutter = g;
                }
            }
        }
    }
}
