package jorn.check;

import java.util.function.Consumer;
import jorn.brief.Money;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.measure.Figure;
import jorn.measure.Scalar;
import jorn.say.Message;

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
                "price.below",
                Severity.WARNING,
                Place.book(),
                Message.of("check.price.found", money.market().called()),
                Message.of("check.price.measured", kept.text(proof.unit())),
                Message.of("check.price.required", money.lowest().text(proof.unit())),
                Message.of("check.price.do"));
    }
}
