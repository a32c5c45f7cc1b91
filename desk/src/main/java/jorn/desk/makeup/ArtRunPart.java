package jorn.desk.makeup;

import java.util.Locale;
import java.util.Optional;
import jorn.desk.view.Slip;
import jorn.pattern.run.ArtPages;
import jorn.pattern.run.Patterns;
import jorn.say.Wording;
import jorn.scan.Cleaning;

/** On the slip of a run of drawings: what is done to all of them, and what stands on their backs. */
final class ArtRunPart {
    private ArtRunPart() {}

    /** Puts it on a slip. */
    static void on(Slip slip, ArtWork work, ArtPages now) {
        slip.words(
                Wording.of("desk.patterns.backs"),
                slip.choices(
                        Patterns.Back.values(),
                        "art-back-",
                        b -> Wording.of("pattern.back." + b.name().toLowerCase(Locale.ROOT)),
                        now.back(),
                        b -> work.change(p -> p.withBack(b))));
        slip.say(Wording.of("desk.art.all", now.items().size()));
        CleaningFields.on(slip, "arts-", now.items().get(0).cleaning(), work::cleanRun);
        folder(slip, work, now.items().get(0).cleaning());
    }

    /** A folder of drawings to take in. */
    static void folder(Slip slip, ArtWork work, Cleaning how) {
        slip.add(slip.act(
                Wording.of("desk.art.folder"),
                Wording.of("desk.art.folder-so"),
                () -> work.files().asker().folder(Optional.empty()).ifPresent(path -> work.takeFolder(path, how))));
        slip.add(slip.act(Wording.of("desk.art.parted"), Wording.of("desk.art.parted-so"), () -> work.files()
                .asker()
                .folder(Optional.empty())
                .ifPresent(path -> work.takeFolder(path, how.withPart(true)))));
    }
}
