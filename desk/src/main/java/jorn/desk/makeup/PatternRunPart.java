package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import jorn.book.PuzzleRuns;
import jorn.desk.model.Desk;
import jorn.desk.view.Slip;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.pattern.page.PatternWindow;
import jorn.pattern.page.Surround;
import jorn.pattern.run.PatternRule;
import jorn.pattern.run.Patterns;
import jorn.pattern.symmetry.WallpaperGroup;
import jorn.say.Wording;
import jorn.scan.Cleaning;

/** On the slip of a run of patterns: how many pages, what they may have, what stands on their backs. */
final class PatternRunPart {
    private static final int MOST_EACH = 100;

    private final Slip slip;
    private final PatternWork work;
    private final Patterns now;
    private final PatternRule rule;

    private PatternRunPart(Slip slip, PatternWork work, Patterns now) {
        this.slip = slip;
        this.work = work;
        this.now = now;
        this.rule = now.rule();
    }

    /** Puts it on a slip. */
    static void on(Slip slip, Desk desk, PatternWork work, ArtWork art, Patterns now) {
        PatternRunPart part = new PatternRunPart(slip, work, now);
        MakingLine.on(slip, desk, "desk.patterns.");
        part.counts();
        part.backs();
        part.groups();
        part.windows();
        part.inking();
        part.seed();
        ArtRunPart.folder(slip, art, Cleaning.LINE_ART);
    }

    private void number(String key, int value, int least, int most, java.util.function.IntConsumer take) {
        String name = Wording.of("desk.patterns." + key);
        slip.field(
                name,
                "patterns-" + key,
                Integer.toString(value),
                Wording.of("desk.patterns." + key + "-help"),
                text -> take.accept(Numeral.count(text, name, least, most)));
    }

    private void counts() {
        number("count", now.count(), 1, Patterns.MOST, n -> work.change(p -> p.withCount(n)));
        String size = Wording.of("desk.patterns.size");
        slip.field(
                size,
                "patterns-size",
                Numeral.trimmed(rule.size() * 100, 0) + " %",
                Wording.of("desk.patterns.size-help"),
                text -> {
                    double share = Numeral.number(text.replace("%", "").strip(), size) / 100;
                    work.changeRule(r -> r.withSize(share));
                });
        number("mandalas", rule.mandalas(), 0, MOST_EACH, n -> work.changeRule(r -> r.withMandalas(n)));
        number("changes", rule.changes(), 0, MOST_EACH, n -> work.changeRule(r -> r.withChanges(n)));
    }

    private void backs() {
        slip.words(
                Wording.of("desk.patterns.backs"),
                slip.choices(
                        Patterns.Back.values(),
                        "patterns-back-",
                        b -> Wording.of("pattern.back." + b.name().toLowerCase(Locale.ROOT)),
                        now.back(),
                        b -> work.change(p -> p.withBack(b))));
    }

    private void groups() {
        List<Button> words = new ArrayList<>();
        words.add(slip.word(
                Wording.of("desk.patterns.all-groups"),
                "patterns-all-groups",
                Wording.of("desk.patterns.all-groups-help"),
                rule.groups().isEmpty(),
                () -> work.changeRule(r -> r.withGroups(List.of()))));
        for (WallpaperGroup group : WallpaperGroup.values()) {
            words.add(slip.word(
                    group.id(),
                    "patterns-group-" + group.id(),
                    group.says(),
                    rule.groups().contains(group),
                    () -> work.changeRule(r -> {
                        List<WallpaperGroup> all = new ArrayList<>(r.groups());
                        if (!all.remove(group)) {
                            all.add(group);
                        }
                        return r.withGroups(all);
                    })));
        }
        slip.words(Wording.of("desk.patterns.groups"), words);
        if (!rule.motifs().isEmpty()) {
            slip.say(Wording.of("desk.patterns.few-motifs", rule.motifs().size()));
            slip.add(slip.act(
                    Wording.of("desk.patterns.all-motifs"), "", () -> work.changeRule(r -> r.withMotifs(List.of()))));
        }
    }

    private void windows() {
        slip.field(
                Wording.of("desk.patterns.windows"),
                "patterns-windows",
                String.join(
                        ", ", rule.windows().stream().map(PatternWindow::said).toList()),
                Wording.of("desk.patterns.windows-help"),
                text -> {
                    List<PatternWindow> all = new ArrayList<>();
                    for (String each : text.split(",")) {
                        if (!each.isBlank()) {
                            all.add(PatternWindow.parse(each));
                        }
                    }
                    work.changeRule(r -> r.withWindows(all));
                });
        List<Button> words = new ArrayList<>();
        words.add(slip.word(
                Wording.of("desk.patterns.all-borders"),
                "patterns-border-all",
                Wording.of("desk.patterns.all-borders"),
                rule.border().isEmpty(),
                () -> work.changeRule(r -> r.withBorder(Optional.empty()))));
        words.addAll(slip.choices(
                Surround.Rim.values(),
                "patterns-border-",
                b -> Wording.of("pattern.border." + b.name().toLowerCase(Locale.ROOT)),
                rule.border().orElse(null),
                b -> work.changeRule(r -> r.withBorder(Optional.of(b)))));
        slip.words(Wording.of("desk.patterns.border"), words);
    }

    private void inking() {
        InkingFields.on(slip, "patterns-", rule.inking(), i -> work.changeRule(r -> r.withInking(i)));
    }

    private void seed() {
        slip.field(
                Wording.of("desk.puzzles.seed"),
                "patterns-seed",
                Long.toString(now.seed()),
                Wording.of("desk.patterns.seed-help"),
                text -> {
                    long seed;
                    try {
                        seed = Long.parseLong(text.strip());
                    } catch (NumberFormatException e) {
                        throw Trouble.because(e, "desk.puzzles.no-seed", text.strip());
                    }
                    work.change(p -> p.withSeed(seed));
                });
        var anew = slip.act(
                Wording.of("desk.puzzles.all-anew"),
                Wording.of("desk.puzzles.all-anew-so"),
                () -> work.change(p -> p.anew(PuzzleRuns.freshSeed())));
        anew.setId("patterns-anew");
        slip.add(anew);
    }
}
