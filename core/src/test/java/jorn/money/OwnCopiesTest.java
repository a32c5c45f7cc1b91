package jorn.money;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import jorn.book.Brief;
import jorn.book.DirectPlan;
import jorn.book.DirectPlan.PostageBand;
import jorn.book.Plans;
import jorn.book.PrintBatch;
import jorn.book.ShopPrices;
import jorn.measure.Figure;
import jorn.measure.Scalar;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Copies that the author orders, from the press and from a shop; all examples by hand. A copy costs 2.44. */
class OwnCopiesTest {
    private static final DirectPlan TEN = new DirectPlan(
            10,
            20,
            3.20,
            8,
            40,
            25,
            List.of(new PostageBand(100, 1.10), new PostageBand(250, 1.60), new PostageBand(500, 2.70)));

    private static Money money(Plans plans) {
        var online = PressShelf.shipped().find("online");
        Brief brief = Brief.at(online, Size.of(6, 9, Unit.INCH), 120);
        return Money.in(online.requireMarket("us"), new Copy(brief, plans, 120, false, OptionalInt.empty()))
                .orElseThrow();
    }

    private static DirectSale sale(DirectPlan plan, double grams) {
        Figure weight = Figure.given("book.weight", "Weight", new Scalar(grams, "g", 0), "");
        return money(Plans.NONE.withDirect(Optional.of(plan))).direct(weight).orElseThrow();
    }

    /** 2.44 × 10 × 1.2 + 3.20 = 32.48; each 3.248; at 8.00 from hand to hand 4.752 are kept. */
    @Test
    void anOrderCostsPrintTaxAndDelivery() {
        DirectSale s = sale(TEN, 200);
        assertEquals(32.48, s.order().number(), 1e-9);
        assertEquals(3.248, s.each().number(), 1e-9);
        assertEquals(4.752, s.keptAtStall().number(), 1e-9);
        assertTrue(s.order().working(Unit.INCH).contains("20.0 %"), s.order().working(Unit.INCH));
    }

    /** 200 g and an envelope of 25 g are posted for 1.60; 228 + 25 = 253 g are 3 g over, for 1.10 more. */
    @Test
    void threeGramsOverAStepCostTheNextOne() {
        DirectSale light = sale(TEN, 200);
        assertEquals(225, light.posted().number(), 1e-9);
        assertEquals(1.60, light.postage().orElseThrow().number(), 1e-9);
        assertEquals(4.752 - 1.60, light.keptByPost().orElseThrow().number(), 1e-9);
        assertEquals("25 g left to the next step.", light.postageNote(), "125 g over 100 g cannot be saved");
        DirectSale over = sale(TEN, 228);
        assertEquals(2.70, over.postage().orElseThrow().number(), 1e-9);
        assertEquals("3 g over the step of 250 g: that costs 1.10 USD more.", over.postageNote());
        DirectSale least = sale(TEN, 60);
        assertEquals("15 g left to the next step.", least.postageNote());
        DirectSale heavy = sale(TEN, 480);
        assertTrue(heavy.postage().isEmpty() && heavy.keptByPost().isEmpty());
        assertTrue(heavy.postageNote().contains("505 g"), heavy.postageNote());
        assertEquals(2.70, sale(TEN, 475.4).postage().orElseThrow().number(), 1e-9, "scales show whole grams");
        assertEquals("", sale(DirectPlan.CUSTOMARY, 200).postageNote());
    }

    /** A shop that keeps 40 % of 8.00 pays 4.80; 1.552 are kept; 32.48 ÷ 4.80 = 6.8, so seven must sell. */
    @Test
    void onSaleOrReturnSoManyMustSell() {
        DirectSale s = sale(TEN, 200);
        assertEquals(1.552, s.keptByShop().number(), 1e-9);
        assertEquals(7, s.mustSell().orElseThrow().number(), 1e-9);
        assertTrue(sale(TEN.withPrice(5), 200).mustSell().isEmpty(), "3.00 × 10 do not pay 32.48");
        assertTrue(sale(TEN.withDiscount(100), 200).mustSell().isEmpty());
        assertEquals(
                List.of("direct.order", "direct.each", "post.weight", "post.cost"),
                sale(TEN.withPrice(0), 200).figures().stream().map(Figure::key).toList(),
                "without a price there is nothing to keep");
    }

    private static BulkOrder batch(PrintBatch order, Optional<ShopPrices> shop, Optional<DirectPlan> direct) {
        return money(Plans.NONE.withBatch(Optional.of(order)).withShop(shop).withDirect(direct))
                .batch()
                .orElseThrow();
    }

    /** 118 × 0.04 + 2 × 0.30 + 0.40 + 0.90 + 0.25 = 6.87 a copy; 20 copies and 3.00 for cuts: 140.40, each 7.02. */
    @Test
    void aCopyShopsPriceListIsAddedUp() {
        ShopPrices prices = new ShopPrices(0.04, 0.30, 2, 0.40, 0.90, 0.25, 3.00);
        BulkOrder b = batch(new PrintBatch(20, 99, 99), Optional.of(prices), Optional.empty());
        assertEquals(140.40, b.figures().get(0).number(), 1e-9);
        assertEquals(7.02, b.figures().get(1).number(), 1e-9);
        assertTrue(b.figures().get(0).working(Unit.INCH).contains("118 pages"));
        assertTrue(b.turningPoint().isEmpty() && !b.isShopForMany(), "dearer in all");
        BulkOrder untouched = batch(new PrintBatch(20, 1, 2), Optional.of(ShopPrices.UNASKED), Optional.empty());
        assertEquals(41, untouched.shopTotal(20), 1e-9, "an empty price list leaves what was quoted");
    }

    /** The press: 10.00 + 2.44 n. The shop: setup + copy × n. */
    @ParameterizedTest
    @CsvSource({
        "40, 1.20, 25, true", // 30 ÷ 1.24 = 24.2
        "4, 3.00, 11, false", // 6 ÷ 0.56 = 10.7: the shop first, then the press
        "10, 1.20, , true",
        "5, 1.20, , true",
        "40, 3.00, , false"
    })
    void oneBecomesCheaperAtTheTurningPoint(double setup, double each, Integer turn, boolean shopForMany) {
        DirectPlan delivered = DirectPlan.CUSTOMARY.withDelivery(10);
        BulkOrder b = batch(new PrintBatch(50, setup, each), Optional.empty(), Optional.of(delivered));
        assertEquals(turn == null ? OptionalInt.empty() : OptionalInt.of(turn), b.turningPoint());
        assertEquals(shopForMany, b.isShopForMany());
        if (turn != null) {
            assertEquals(shopForMany, b.shopTotal(turn) <= b.pressTotal(turn));
            assertEquals(shopForMany, b.shopTotal(turn - 1) > b.pressTotal(turn - 1));
            assertEquals(turn, (int) b.figures().get(2).number());
        }
    }

    @Test
    void whatMakesNoSenseIsRefusedByName() {
        Trouble tax = assertThrows(Trouble.class, () -> TEN.withTax(-5));
        assertTrue(tax.what().contains("tax"), tax.what());
        Trouble discount = assertThrows(Trouble.class, () -> TEN.withDiscount(101));
        assertTrue(discount.what().contains("shop"), discount.what());
        assertThrows(Trouble.class, () -> TEN.withCopies(0));
        assertThrows(Trouble.class, () -> TEN.withDelivery(-1));
        assertThrows(Trouble.class, () -> TEN.withPostage(List.of(new PostageBand(500, 2), new PostageBand(100, 1))));
        assertThrows(Trouble.class, () -> new PostageBand(0, 1));
        assertThrows(Trouble.class, () -> ShopPrices.UNASKED.withCover(-1));
        assertThrows(Trouble.class, () -> ShopPrices.UNASKED.withColourPages(-1));
    }
}
