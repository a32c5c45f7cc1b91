package jorn.check;

import java.util.Optional;
import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.measure.Figure;
import jorn.money.Copy;
import jorn.money.Money;
import jorn.press.Market;
import jorn.say.Message;

/** A price under the lowest possible one loses money on every copy; in any market and in any way in which it is sold. */
final class PriceRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        for (Money money : Money.everyWay(Copy.of(
                proof.book(), proof.pagination().pageCount(), proof.edition().colouredPages()))) {
            money.kept().filter(k -> k.number() < -0.0001).ifPresent(kept -> found.accept(finding(proof, money, kept)));
        }
    }

    /** Rounded up to the cent. */
    private static double lowest(Money money) {
        return Math.ceil(money.lowest().number() * 100 - 1e-9) / 100;
    }

    private static Finding finding(Proof proof, Money money, Figure kept) {
        return new Finding(
                        "price.below",
                        Severity.ERROR,
                        Place.book(),
                        Message.of(
                                "check.price.found",
                                money.market().called(),
                                money.channel().id().equals(Market.OWN_SHOP)
                                        ? ""
                                        : " (" + money.channel().called() + ")"),
                        Message.of("check.price.measured", kept.text(proof.unit())),
                        Message.of("check.price.required", money.lowest().text(proof.unit())),
                        Message.of("check.price.do"))
                .by(Clause.MARKETS.of(proof))
                .mendedBy(Mend.of(
                        b -> b.withPlans(b.plans().withPrice(money.market().id(), Optional.of(lowest(money)))),
                        "price",
                        money.market().called(),
                        money.lowest().text(proof.unit())));
    }
}
