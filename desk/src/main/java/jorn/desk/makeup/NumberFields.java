package jorn.desk.makeup;

import java.util.function.DoubleConsumer;
import java.util.function.IntConsumer;
import java.util.function.LongConsumer;
import jorn.chance.Dice;
import jorn.desk.view.Slip;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.say.Wording;

/** Fields of a slip for numbers. */
final class NumberFields {
    private NumberFields() {}

    /** A whole number. */
    static void count(Slip slip, String name, String help, String id, int now, int least, int most, IntConsumer take) {
        slip.field(
                name,
                id,
                Integer.toString(now),
                help,
                text -> take.accept(Numeral.count(text.replace("%", ""), name, least, most)));
    }

    /**
     * A number with its unit, which may be left out.
     *
     * @param unit as it is shown: {@code " pt"}
     */
    static void number(Slip slip, String name, String help, String id, double now, String unit, DoubleConsumer take) {
        slip.field(
                name,
                id,
                Numeral.trimmed(now, 2) + unit,
                help,
                text -> take.accept(
                        Numeral.number(text.replace(unit.strip(), "").strip(), name)));
    }

    /**
     * The seed of a run, and a way to make all anew.
     *
     * @param of begins the ids
     * @param help what the seed is for
     * @param anew takes a seed that nobody has had
     */
    static void seed(Slip slip, String of, long now, String help, LongConsumer take, LongConsumer anew) {
        slip.field(Wording.of("desk.puzzles.seed"), of + "seed", Long.toString(now), help, text -> {
            long seed;
            try {
                seed = Long.parseLong(text.strip());
            } catch (NumberFormatException e) {
                throw Trouble.because(e, "desk.puzzles.no-seed", text.strip());
            }
            take.accept(seed);
        });
        var all = slip.act(
                Wording.of("desk.puzzles.all-anew"),
                Wording.of("desk.puzzles.all-anew-so"),
                () -> anew.accept(Dice.freshSeed()));
        all.setId(of + "anew");
        slip.add(all);
    }
}
