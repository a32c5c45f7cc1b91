package jorn.desk.makeup;

import java.util.Locale;
import java.util.function.Consumer;
import jorn.desk.view.Slip;
import jorn.measure.Numeral;
import jorn.pattern.page.Inking;
import jorn.say.Wording;

/** On a slip: weight of lines, what fills gaps, what becomes of small fields, colours by number; of one page, or of a run. */
final class InkingFields {
    private InkingFields() {}

    /** @param id begins the id of each field */
    static void on(Slip slip, String id, Inking now, Consumer<Inking> take) {
        String weight = Wording.of("desk.patterns.weight");
        slip.field(
                weight,
                id + "weight",
                Numeral.trimmed(now.weight(), 2) + " pt",
                Wording.of("desk.patterns.weight-help"),
                text -> take.accept(
                        now.withWeight(Numeral.number(text.replace("pt", "").strip(), weight))));
        String companions = Wording.of("desk.patterns.companions");
        slip.field(
                companions,
                id + "companions",
                Integer.toString(now.companions()),
                Wording.of("desk.patterns.companions-help"),
                text -> take.accept(now.withCompanions(Numeral.count(text, companions, 0, Inking.MOST_COMPANIONS))));
        slip.words(
                Wording.of("desk.patterns.small"),
                slip.choices(
                        Inking.SmallFields.values(),
                        id + "small-",
                        s -> Wording.of("pattern.small." + s.name().toLowerCase(Locale.ROOT)),
                        now.small(),
                        s -> take.accept(now.withSmall(s))));
        String colours = Wording.of("desk.patterns.colours");
        slip.field(
                colours,
                id + "colours",
                Integer.toString(now.colours()),
                Wording.of("desk.patterns.colours-help"),
                text -> take.accept(now.withColours(Numeral.count(text, colours, 0, Inking.MOST_COLOURS))));
    }
}
