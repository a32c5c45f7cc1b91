package jorn.desk.briefs;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jorn.measure.Numeral;
import jorn.press.CostRule;
import jorn.press.Market;
import jorn.press.PressProfile;
import jorn.say.TradeName;

/**
 * What a copy costs over its page count, for one ink and one class of trims.
 *
 * @param bands its rules by page count
 */
record CostLine(String ink, Optional<String> trim, List<CostRule> bands) {
    /** All lines of a market, the dearest first. */
    static List<CostLine> of(Market market) {
        List<CostLine> all = new ArrayList<>();
        for (CostRule rule : market.costs()) {
            boolean known = all.stream().anyMatch(l -> l.ink.equals(rule.ink()) && l.trim.equals(rule.trim()));
            if (!known) {
                all.add(new CostLine(
                        rule.ink(),
                        rule.trim(),
                        market.costs().stream()
                                .filter(c ->
                                        c.ink().equals(rule.ink()) && c.trim().equals(rule.trim()))
                                .toList()));
            }
        }
        all.sort(Comparator.comparingDouble((CostLine l) -> l.longest().perPage())
                .reversed());
        return all;
    }

    private CostRule longest() {
        return bands.stream().max(Comparator.comparing(CostRule::band)).orElseThrow();
    }

    /** What so many pages cost. */
    double at(int pages) {
        return bands.stream()
                .filter(b -> b.band().holds(pages))
                .findFirst()
                .orElseGet(this::longest)
                .of(pages);
    }

    /** The ink, and the trims where they are not all. */
    String name(PressProfile press) {
        String called = press.ink(ink).map(i -> i.called()).orElse(ink);
        return called + trim.map(t -> ", " + TradeName.of(t)).orElse("");
    }

    /** "1.00 + 0.012". */
    String sum() {
        return Numeral.fixed(longest().fixed(), 2) + " + "
                + Numeral.trimmed(longest().perPage(), 4);
    }
}
