package jorn.press;

import java.util.List;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.say.TradeName;

/**
 * A way by which copies reach buyers in a market, and what the author gets of the list price there.
 *
 * @param id short and lasting: {@code own}
 * @param name in words: "the press's own shop"
 * @param share what the author gets of the list price before the print cost, 0.01 to 1
 * @param steps other shares from certain prices on, in ascending order
 */
public record Channel(@Required String id, @Required String name, @Required double share, List<ShareStep> steps) {
    public Channel {
        ShareStep.requireShare(share);
        steps = steps == null ? List.of() : List.copyOf(steps);
        for (int i = 1; i < steps.size(); i++) {
            if (steps.get(i).from() <= steps.get(i - 1).from()) {
                throw Trouble.of(
                        "press.channel.steps-do-not-ascend", steps.get(i).from());
            }
        }
    }

    /** The share at a list price. */
    public double shareAt(double price) {
        double now = share;
        for (ShareStep step : steps) {
            // Prices are whole cents; what is a hair below one is that cent.
            if (price + 1e-9 >= step.from()) {
                now = step.share();
            }
        }
        return now;
    }

    /** The name in the language that is spoken. */
    public String called() {
        return TradeName.of(name);
    }
}
