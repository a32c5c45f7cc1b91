package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import jorn.desk.model.Desk;
import jorn.desk.view.Slip;
import jorn.pattern.page.PatternWindow;
import jorn.pattern.page.Surround;
import jorn.pattern.run.PatternRule;
import jorn.pattern.run.Patterns;
import jorn.pattern.symmetry.WallpaperGroup;
import jorn.say.Wording;
import jorn.scan.Cleaning;

/** On the slip of a run of patterns: how many pages, what they may have, what stands on their backs. */
final class PatternRunPart {
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
        MakingLine.on(slip, desk, now.worklist().orElseThrow(), "desk.patterns.");
        part.counts();
        part.backs();
        part.groups();
        part.windows();
        part.inking();
        part.seed();
        ArtRunPart.folder(slip, art, Cleaning.LINE_ART);
    }

    private void counts() {
        NumberFields.count(
                slip,
                Wording.of("desk.patterns.count"),
                Wording.of("desk.patterns.count-help"),
                "patterns-count",
                now.count(),
                1,
                Patterns.MOST,
                n -> work.change(p -> p.withCount(n)));
        NumberFields.number(
                slip,
                Wording.of("desk.patterns.size"),
                Wording.of("desk.patterns.size-help"),
                "patterns-size",
                rule.size() * 100,
                " %",
                v -> work.changeRule(r -> r.withSize(v / 100)));
        NumberFields.count(
                slip,
                Wording.of("desk.patterns.mandalas"),
                Wording.of("desk.patterns.mandalas-help"),
                "patterns-mandalas",
                rule.mandalas(),
                0,
                PatternRule.MOST_EACH,
                n -> work.changeRule(r -> r.withMandalas(n)));
        NumberFields.count(
                slip,
                Wording.of("desk.patterns.changes"),
                Wording.of("desk.patterns.changes-help"),
                "patterns-changes",
                rule.changes(),
                0,
                PatternRule.MOST_EACH,
                n -> work.changeRule(r -> r.withChanges(n)));
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
        NumberFields.seed(
                slip,
                "patterns-",
                now.seed(),
                Wording.of("desk.patterns.seed-help"),
                seed -> work.change(p -> p.withSeed(seed)),
                seed -> work.change(p -> p.anew(seed)));
    }
}
