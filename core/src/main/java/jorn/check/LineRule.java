package jorn.check;

import java.util.function.Consumer;
import jorn.book.Pagination.Slot;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.measure.Numeral;
import jorn.recipe.Ruling;

/** Lines under about 15 % grey vanish in print, and hairlines under 0.25 pt break up (common practice). */
final class LineRule implements Rule {
    private static final double FAINTEST = 0.15;
    private static final double THINNEST = 0.25;

    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        for (int run = 0; run < proof.book().runs().size(); run++) {
            int index = run;
            proof.book().runs().get(run).recipe().ruling().ifPresent(r -> {
                int page = proof.pagination().slots().stream()
                        .filter(s -> s.run() == index)
                        .mapToInt(Slot::number)
                        .findFirst()
                        .orElse(0);
                look(r, page, found);
            });
        }
    }

    private static void look(Ruling ruling, int page, Consumer<Finding> found) {
        if (ruling.strength() < FAINTEST) {
            found.accept(new Finding(
                    "line-strength",
                    Severity.WARNING,
                    Place.page(page),
                    "The lines are so faint that they may vanish in print.",
                    Math.round(ruling.strength() * 100) + " % grey",
                    "15 % or more",
                    "Make the lines darker."));
        }
        if (ruling.weight() < THINNEST) {
            found.accept(new Finding(
                    "line-weight",
                    Severity.WARNING,
                    Place.page(page),
                    "The lines are so thin that they may break up in print.",
                    Numeral.trimmed(ruling.weight(), 2) + " pt",
                    "0.25 pt or more",
                    "Make the lines heavier."));
        }
    }
}
