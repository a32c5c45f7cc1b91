package jorn.check;

import java.util.function.Consumer;
import jorn.brief.Money;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.measure.Figure;
import jorn.measure.Scalar;

/** A price under the lowest possible one loses money on every copy. */
final class PriceRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        for (Money money : Money.everywhere(
                proof.book().brief(), proof.book().plans(), proof.pagination().pageCount())) {
            money.kept()
                    .filter(k -> ((Scalar) k.value()).value() < -0.0001)
                    .ifPresent(kept -> found.accept(finding(proof, money, kept)));
        }
    }

    private static Finding finding(Proof proof, Money money, Figure kept) {
        return new Finding(
                "price",
                Severity.WARNING,
                Place.book(),
                "In " + money.market().name() + " every copy costs you more than it brings.",
                kept.text(proof.unit()) + " a copy",
                "a list price of " + money.lowest().text(proof.unit()) + " or more",
                "Raise the price, or make printing cheaper.");
    }
}
