package jorn.money;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import jorn.book.Brief;
import jorn.book.Plans;
import jorn.book.Selling;
import jorn.measure.Figure;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.Channel;
import jorn.press.CostRule;
import jorn.press.Market;
import jorn.press.PageBand;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.press.SalesTax;
import jorn.press.ShareStep;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Handbook, "Money": cost = fixed + per page × pages; kept = share × list price without tax − cost. */
class MoneyTest {
    private static final PressProfile ONLINE = PressShelf.shipped().find("online");
    private static final Selling TAXED = Selling.CUSTOMARY.withTax("us", Optional.of(20.0));

    private static Copy copy(String trim, int pages, Plans plans) {
        return new Copy(Brief.at(ONLINE, Size.parse(trim, Unit.INCH), pages), plans, pages, false, OptionalInt.empty());
    }

    private static Money us(String trim, int pages, Plans plans) {
        return Money.in(ONLINE.requireMarket("us"), copy(trim, pages, plans)).orElseThrow();
    }

    private static String text(Figure figure) {
        return figure.text(Unit.INCH);
    }

    /** Common practice: 1.00 + 0.012 × 120 = 2.44; 2.44 ÷ 60 % = 4.07; at 5.99 the author keeps 1.15. */
    @Test
    void theWorkedExampleStays() {
        Money m = us("6x9in", 120, Plans.NONE);
        assertEquals("1.00 USD", text(m.fixedCost()));
        assertEquals("1.44 USD", text(m.pagesCost()));
        assertEquals("2.44 USD", text(m.printing()));
        assertEquals("4.07 USD", text(m.lowest()));
        assertEquals("3.59 USD", text(m.shareOf(5.99)));
        assertEquals("0.00 USD", text(m.taxIn(5.99)));
        assertEquals("1.15 USD", text(m.kept(5.99)));
    }

    /** Common practice: larger formats cost more, 3.12 against 2.50 for 125 pages (1.00 + 0.017 × 125 = 3.125). */
    @ParameterizedTest
    @CsvSource({"6x9in, 2.5", "6.12x9in, 2.5", "6.14x9.21in, 3.125", "8.25x6in, 3.125", "A5, 2.5", "5x8in, 2.5"})
    void largerTrimsCostMore(String trim, double cost) {
        assertEquals(cost, us(trim, 125, Plans.NONE).printing().number(), 1e-9);
    }

    /** By hand: 5.49 ÷ 1.20 = 4.575, tax 0.915; 60 % of 4.575 = 2.745; less 2.44 = 0.305. */
    @Test
    void aPriceWithTaxInsideKeepsLess() {
        Money m = us("6x9in", 120, Plans.NONE.withSelling(TAXED));
        assertEquals(0.915, m.taxIn(5.49).number(), 1e-9);
        assertEquals(2.745, m.shareOf(5.49).number(), 1e-9);
        assertEquals(0.305, m.kept(5.49).number(), 1e-9);
        String working = m.kept(5.49).working(Unit.INCH);
        for (String line : List.of("Tax in it", "Your share of it", "Fixed cost", "Cost of the pages")) {
            assertTrue(working.lines().anyMatch(l -> l.startsWith(line)), working);
        }
        // 2.44 ÷ 0.6 × 1.2 = 4.88.
        assertEquals(4.88, m.lowest().number(), 1e-9);
    }

    @Test
    void taxHangsOnWhatTheBookIs() {
        Copy book = copy("6x9in", 120, Plans.NONE);
        Copy notebook = new Copy(book.brief(), Plans.NONE, 120, true, OptionalInt.empty());
        Market uk = ONLINE.requireMarket("uk");
        assertEquals(0, Money.in(uk, book).orElseThrow().taxRate().number());
        assertEquals(20, Money.in(uk, notebook).orElseThrow().taxRate().number());
        Money own = Money.in(
                        uk,
                        new Copy(
                                book.brief(),
                                Plans.NONE.withSelling(Selling.CUSTOMARY.withTax("uk", Optional.of(5.0))),
                                120,
                                true,
                                OptionalInt.empty()))
                .orElseThrow();
        assertEquals(5, own.taxRate().number(), "the user's own rate");
        assertTrue(own.taxRate().source().contains("your decision"));
    }

    private static Market market(List<CostRule> costs, double share, ShareStep... steps) {
        return new Market("us", "here", "USD", share, costs, List.of(steps), List.of(), Optional.empty());
    }

    private static CostRule rule(double fixed, double perPage, PageBand band) {
        return new CostRule("black", fixed, perPage, Optional.empty(), Optional.of(band));
    }

    private static final List<CostRule> FLAT_THEN_BY_PAGE = List.of(
            rule(2.30, 0, new PageBand(1, Optional.of(108))), rule(1.00, 0.012, new PageBand(109, Optional.empty())));

    /** Handbook: very short books cost one flat sum. */
    @ParameterizedTest
    @CsvSource({"24, 2.30", "108, 2.30", "110, 2.32", "120, 2.44"})
    void veryShortBooksCostOneFlatSum(int pages, double cost) {
        Money m = Money.in(market(FLAT_THEN_BY_PAGE, 0.6), copy("6x9in", pages, Plans.NONE))
                .orElseThrow();
        assertEquals(cost, m.printing().number(), 1e-9);
        assertTrue(m.printing().working(Unit.INCH).contains(pages <= 108 ? "1–108 pages" : "109– pages"));
        assertEquals(pages <= 108 ? "Flat sum" : "Fixed cost", m.fixedCost().label());
    }

    @Test
    void bandsThatOverlapOrLeaveAGapAreRefused() {
        Trouble overlap = assertThrows(
                Trouble.class,
                () -> market(
                        List.of(
                                rule(2, 0, new PageBand(1, Optional.of(110))),
                                rule(1, 0.01, new PageBand(108, Optional.of(200)))),
                        0.6));
        assertTrue(overlap.what().contains("overlap") && overlap.what().contains("108–200"), overlap.what());
        Trouble gap = assertThrows(
                Trouble.class,
                () -> market(
                        List.of(
                                rule(2, 0, new PageBand(1, Optional.of(108))),
                                rule(1, 0.01, new PageBand(110, Optional.empty()))),
                        0.6));
        assertTrue(gap.what().contains("gap") && gap.what().contains("110–"), gap.what());
        assertThrows(
                Trouble.class,
                () -> market(
                        List.of(
                                rule(2, 0, new PageBand(1, Optional.empty())),
                                rule(1, 0.01, new PageBand(110, Optional.empty()))),
                        0.6),
                "one without an end, and another after it");
        assertThrows(Trouble.class, () -> new PageBand(9, Optional.of(8)));
        assertThrows(Trouble.class, () -> new PageBand(0, Optional.empty()));
    }

    @Test
    void sharesAndTaxesOutOfRangeAreRefused() {
        assertThrows(Trouble.class, () -> market(FLAT_THEN_BY_PAGE, 1.01));
        assertThrows(Trouble.class, () -> market(FLAT_THEN_BY_PAGE, 0));
        assertThrows(Trouble.class, () -> new ShareStep(9.99, 60));
        assertThrows(Trouble.class, () -> new ShareStep(0, 0.5));
        assertThrows(
                Trouble.class, () -> new Channel("c", "c", 0.5, List.of(new ShareStep(9, 0.5), new ShareStep(9, 0.6))));
        Trouble tax = assertThrows(Trouble.class, () -> new SalesTax(true, 7, Optional.of(-5.0)));
        assertTrue(tax.what().contains("stationery"), tax.what());
        assertThrows(Trouble.class, () -> new SalesTax(true, 101, Optional.empty()));
        assertThrows(Trouble.class, () -> Selling.CUSTOMARY.withTax("us", Optional.of(-5.0)));
        Trouble rate = assertThrows(Trouble.class, () -> Plans.NONE.withRate("GBP", Optional.of(0.0)));
        assertTrue(rate.what().contains("GBP"), rate.what());
    }

    /** By hand, cost 2.44: 60 % up to 9.98, 70 % from 9.99: 9.98 keeps 3.548, 9.99 keeps 4.553. */
    @Test
    void theShareStepsWithThePrice() {
        Market m = market(FLAT_THEN_BY_PAGE, 0.6, new ShareStep(9.99, 0.7));
        Money money = Money.in(m, copy("6x9in", 120, Plans.NONE)).orElseThrow();
        assertEquals(3.548, money.kept(9.98).number(), 1e-9);
        assertEquals(4.553, money.kept(9.99).number(), 1e-9);
        assertEquals(4.07, money.lowest().number(), 1e-9);
        assertEquals(9.98, money.priceToKeep(3.545).number(), 1e-9);
        assertEquals(9.99, money.priceToKeep(4.00).number(), 1e-9, "only the step keeps so much");
        assertEquals(10.63, money.priceToKeep(5.00).number(), 1e-9, "7.44 ÷ 0.7 = 10.6286");
    }

    /** By hand, cost 2.44: from 5.00 on the share falls to 40 %, where the lowest price is 6.10. */
    @Test
    void aShareThatFallsAtAStepIsReckonedWith() {
        Market m = market(FLAT_THEN_BY_PAGE, 0.6, new ShareStep(5.00, 0.4));
        Money money = Money.in(m, copy("6x9in", 120, Plans.NONE)).orElseThrow();
        assertEquals(4.07, money.lowest().number(), 1e-9);
        assertEquals(8.60, money.priceToKeep(1.00).number(), 1e-9, "(2.44 + 1.00) ÷ 0.4; at 4.99 only 0.554 are kept");
        Market earlier = market(FLAT_THEN_BY_PAGE, 0.6, new ShareStep(4.80, 0.4));
        Money fallen = Money.in(earlier, copy("6x9in", 120, Plans.NONE)).orElseThrow();
        assertEquals(4.57, fallen.priceToKeep(0.30).number(), 1e-9);
        assertEquals(6.99, fallen.priceToKeep99(0.30), 1e-9, "at 4.99 and 5.99 the share has fallen and copies lose");
    }

    @Test
    void furtherChannelsHaveSharesOfTheirOwn() {
        Plans plans = Plans.NONE.withSelling(Selling.CUSTOMARY.withChannels(Set.of("wider")));
        List<Money> ways = us("6x9in", 120, plans).ways();
        assertEquals(
                List.of("own", "wider"),
                ways.stream().map(w -> w.channel().id()).toList());
        assertEquals(6.10, ways.get(1).lowest().number(), 1e-9, "2.44 ÷ 0.4");
        assertEquals(-0.044, ways.get(1).kept(5.99).number(), 1e-9);
        assertEquals(1, us("6x9in", 120, Plans.NONE).ways().size());
        Trouble t = assertThrows(Trouble.class, () -> ONLINE.requireMarket("us").requireChannel("moon"));
        assertTrue(t.remedy().contains("own, wider"), t.remedy());
    }

    /** By hand: 3.50 + 4 × 0.25 + 96 × 0.05 = 9.30 where a copy shop charges pages by what is on them. */
    @Test
    void pagesAreCountedByInkWhereThePressChargesSo() {
        PressProfile shop = PressShelf.shipped().find("copyshop");
        Brief brief = Brief.at(shop, Size.parse("A5", Unit.INCH), 100).withInk("colour");
        Copy counted = new Copy(brief, Plans.NONE, 100, false, OptionalInt.of(4));
        Money money = Money.in(shop.markets().get(0), counted).orElseThrow();
        assertEquals(9.30, money.printing().number(), 1e-9);
        assertTrue(money.pagesCost().working(Unit.INCH).contains("96 pages"));
        Copy uncounted = new Copy(brief, Plans.NONE, 100, false, OptionalInt.empty());
        assertEquals(
                28.50,
                Money.in(shop.markets().get(0), uncounted)
                        .orElseThrow()
                        .printing()
                        .number(),
                1e-9);
    }

    @Test
    void inEveryProfileABiggerTrimOrCountNeverCostsLess() {
        int compared = 0;
        for (PressProfile press : PressShelf.shipped().profiles()) {
            for (Market market : press.markets()) {
                for (var ink : press.inks()) {
                    for (Size trim : press.trims()) {
                        double before = 0;
                        for (int pages = 1; pages <= 900; pages++) {
                            double now = cost(press, market, ink.id(), trim, pages);
                            assertTrue(now >= before - 1e-9, press.id() + " " + trim + " " + pages);
                            before = now;
                        }
                        for (Size larger : press.trims()) {
                            boolean holds = larger.width().compareTo(trim.width()) >= 0
                                    && larger.height().compareTo(trim.height()) >= 0;
                            for (int pages : new int[] {24, 64, 65, 120, 500}) {
                                compared++;
                                assertFalse(
                                        holds
                                                && cost(press, market, ink.id(), larger, pages)
                                                        < cost(press, market, ink.id(), trim, pages) - 1e-9,
                                        press.id() + " " + trim + " " + larger);
                            }
                        }
                    }
                }
            }
        }
        assertTrue(compared > 1000, "there is something to compare");
    }

    private static double cost(PressProfile press, Market market, String ink, Size trim, int pages) {
        return market.cost(ink, press.trimClass(trim), pages).orElseThrow().of(pages);
    }

    @Property
    void taxNeverRaisesWhatIsKept(
            @ForAll @DoubleRange(min = 0, max = 100) double tax,
            @ForAll @DoubleRange(min = 0.01, max = 200) double price,
            @ForAll @IntRange(min = 24, max = 828) int pages) {
        double with = us("6x9in", pages, Plans.NONE.withSelling(Selling.CUSTOMARY.withTax("us", Optional.of(tax))))
                .keptAt(price);
        assertTrue(with <= us("6x9in", pages, Plans.NONE).keptAt(price) + 1e-9);
    }

    @Property
    void theLowestPriceKeepsNothingLessAndACentLessLoses(
            @ForAll @DoubleRange(min = 0, max = 30) double tax,
            @ForAll @DoubleRange(min = 0.05, max = 1) double share,
            @ForAll @DoubleRange(min = 0.05, max = 1) double stepped,
            @ForAll @IntRange(min = 24, max = 828) int pages) {
        Plans plans = Plans.NONE.withSelling(Selling.CUSTOMARY.withTax("us", Optional.of(tax)));
        Market m = market(FLAT_THEN_BY_PAGE, share, new ShareStep(9.99, stepped));
        Money money = Money.in(m, copy("6x9in", pages, plans)).orElseThrow();
        double lowest = money.lowest().number();
        assertTrue(money.keptAt(lowest) >= -1e-6, lowest + " loses " + money.keptAt(lowest));
        assertTrue(money.keptAt(lowest - 0.01) < 0, "a cent less than " + lowest + " loses nothing");
        assertEquals(
                money.kept(12.34).number(),
                money.shareOf(12.34).number() - money.printing().number(),
                1e-9);
    }
}
