package jorn.desk.makeup;

import java.util.Locale;
import java.util.function.Consumer;
import jorn.desk.view.Slip;
import jorn.pattern.page.Inking;
import jorn.say.Wording;

/** On a slip: weight of lines, what fills gaps, what becomes of small fields, colours by number; of one page, or of a run. */
final class InkingFields {
    private InkingFields() {}

    /** @param id begins the id of each field */
    static void on(Slip slip, String id, Inking now, Consumer<Inking> take) {
        NumberFields.number(
                slip,
                Wording.of("desk.patterns.weight"),
                Wording.of("desk.patterns.weight-help"),
                id + "weight",
                now.weight(),
                " pt",
                v -> take.accept(now.withWeight(v)));
        NumberFields.count(
                slip,
                Wording.of("desk.patterns.companions"),
                Wording.of("desk.patterns.companions-help"),
                id + "companions",
                now.companions(),
                0,
                Inking.MOST_COMPANIONS,
                n -> take.accept(now.withCompanions(n)));
        slip.words(
                Wording.of("desk.patterns.small"),
                slip.choices(
                        Inking.SmallFields.values(),
                        id + "small-",
                        s -> Wording.of("pattern.small." + s.name().toLowerCase(Locale.ROOT)),
                        now.small(),
                        s -> take.accept(now.withSmall(s))));
        NumberFields.count(
                slip,
                Wording.of("desk.patterns.colours"),
                Wording.of("desk.patterns.colours-help"),
                id + "colours",
                now.colours(),
                0,
                Inking.MOST_COLOURS,
                n -> take.accept(now.withColours(n)));
    }
}
