package jorn.desk.makeup;

import java.util.Locale;
import java.util.function.Consumer;
import jorn.desk.view.Slip;
import jorn.say.Wording;
import jorn.scan.Cleaning;

/** On a slip: what is done to a scan; of one page, or of a run. */
final class CleaningFields {
    private CleaningFields() {}

    /** @param id begins the id of each */
    static void on(Slip slip, String id, Cleaning now, Consumer<Cleaning> take) {
        slip.words(
                Wording.of("desk.art.into"),
                slip.choices(
                        Cleaning.Into.values(),
                        id + "into-",
                        i -> Wording.of("scan.into." + i.name().toLowerCase(Locale.ROOT)),
                        now.into(),
                        i -> take.accept(now.withInto(i))));
        slip.toggle(
                Wording.of("desk.art.straighten"),
                id + "straighten",
                now.straighten(),
                () -> take.accept(now.withStraighten(!now.straighten())));
        slip.toggle(
                Wording.of("desk.art.whiten"),
                id + "whiten",
                now.whiten(),
                () -> take.accept(now.withWhiten(!now.whiten())));
        slip.toggle(
                Wording.of("desk.art.screens"),
                id + "screens",
                now.screens(),
                () -> take.accept(now.withScreens(!now.screens())));
        NumberFields.count(
                slip,
                Wording.of("desk.art.threshold"),
                Wording.of("desk.art.threshold-help"),
                id + "threshold",
                now.threshold(),
                0,
                Cleaning.MOST_THRESHOLD,
                n -> take.accept(now.withThreshold(n)));
        NumberFields.count(
                slip,
                Wording.of("desk.art.specks"),
                Wording.of("desk.art.specks-help"),
                id + "specks",
                now.specks(),
                0,
                Cleaning.MOST_SPECKS,
                n -> take.accept(now.withSpecks(n)));
        slip.add(slip.act(
                Wording.of("desk.art.as-it-was"),
                Wording.of("desk.art.as-it-was-so"),
                () -> take.accept(Cleaning.NONE)));
    }
}
