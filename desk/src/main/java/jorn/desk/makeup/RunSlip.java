package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import jorn.art.Picture;
import jorn.block.picture.Decoration;
import jorn.book.Cycle;
import jorn.book.Numbering;
import jorn.book.Placement;
import jorn.book.PuzzleRuns;
import jorn.book.Run;
import jorn.book.RunOrder;
import jorn.calendar.Span;
import jorn.content.PromptList;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.layout.PartSettings;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.pattern.run.ArtPages;
import jorn.pattern.run.Patterns;
import jorn.puzzle.run.Puzzles;
import jorn.puzzle.run.Solutions;
import jorn.say.Wording;
import jorn.store.ItemFile;

/** The run of the page that is looked at: how often it comes, where it begins, how it is numbered, what repeats it. */
final class RunSlip extends Slip {
    private static final int MOST_SHOWN = 400;

    private final Desk desk;
    private final BookFiles files;
    private final PageWork work;
    private final Run run;
    private final Consumer<Button> chooseFacing;

    /** @param chooseFacing offers the designs for the facing page, from that button */
    RunSlip(
            Desk desk,
            BookFiles files,
            PageWork work,
            PuzzleWork puzzles,
            PatternWork patterns,
            ArtWork art,
            Consumer<Button> chooseFacing) {
        super(work.run().map(Run::name).orElse(Wording.of("desk.run.blank-page")));
        this.desk = desk;
        this.files = files;
        this.work = work;
        this.chooseFacing = chooseFacing;
        Optional<Run> seen = work.run();
        run = seen.orElseGet(() -> desk.book().runs().get(0));
        if (seen.isEmpty()) {
            say(Wording.of("desk.run.blank-belongs-no-run"));
            return;
        }
        long pages = desk.state().get().pagination().slots().stream()
                .filter(s -> s.run() == work.slot().run())
                .count();
        say(Wording.of("desk.run.pages", pages));
        field(
                Wording.of("desk.run.name"),
                "run-name",
                run.name(),
                Wording.of("desk.run.stands-flat-plan-contents"),
                this::name);
        Optional<Puzzles> made = PuzzleRuns.of(run);
        if (made.isPresent()) {
            PuzzleRunPart.on(this, desk, files, puzzles, made.get());
        } else if (run.source() instanceof Patterns p) {
            PatternRunPart.on(this, desk, patterns, art, p);
        } else if (run.source() instanceof ArtPages p) {
            ArtRunPart.on(this, art, p);
        } else if (run.source() instanceof Solutions s) {
            new SettingsForm(this, desk.unit().get(), desk.book(), files::bringInPicture)
                    .show("solutions-", s, PartSettings.of(s), now -> work.changeRun(r -> r.withSource(now)));
        } else {
            often();
            begins();
            backs();
        }
        numbers();
        cycles();
        ornaments(files::bringInPicture);
        place();
    }

    private void name(String text) {
        if (text.isBlank() || text.length() > 120) {
            throw Trouble.of("desk.run.run-needs-name-letters");
        }
        work.changeRun(r -> r.withName(text.strip()));
    }

    private void often() {
        boolean byList = !run.items().isEmpty();
        List<Button> words = new ArrayList<>();
        words.add(word(
                Wording.of("desk.run.so-many-pages"),
                "often-count",
                Wording.of("desk.run.number-pages"),
                run.per().isEmpty() && !byList && !run.isFilling(),
                () -> work.changeRun(r -> r.withItems(List.of())
                        .withPer(Optional.empty())
                        .withCount(Optional.of(r.count().orElse(1))))));
        words.add(word(
                Wording.of("desk.run.fill-book"),
                "often-fill",
                Wording.of("desk.run.many-book-s-page"),
                run.isFilling(),
                () -> work.changeRun(
                        r -> r.withItems(List.of()).withPer(Optional.empty()).withCount(Optional.empty()))));
        for (Span span : Span.values()) {
            words.add(word(
                    span.each(),
                    "often-" + span.id(),
                    Wording.of("desk.run.once-for-each-book", span.each()),
                    run.per().equals(Optional.of(span)),
                    () -> work.changeRun(r -> r.withPer(Optional.of(span)).withCount(Optional.empty()))));
        }
        words(Wording.of("desk.run.how-often"), words);
        if (!run.isFilling()) {
            field(
                    run.per().isPresent()
                            ? Wording.of("desk.run.always-so-many")
                            : byList ? Wording.of("desk.run.pages-empty-all") : Wording.of("desk.run.pages-2"),
                    "run-count",
                    run.count().map(String::valueOf).orElse(""),
                    run.per().isPresent() || byList
                            ? Wording.of("desk.run.empty-for-many-there")
                            : Wording.of("desk.run.how-many"),
                    this::count);
        }
        items();
    }

    private void count(String text) {
        if (text.isBlank() && (run.per().isPresent() || !run.items().isEmpty())) {
            work.changeRun(r -> r.withCount(Optional.empty()));
        } else {
            int n = Numeral.count(text, Wording.of("desk.run.pages-3"), 1, jorn.book.Brief.MOST_PAGES);
            work.changeRun(r -> r.withCount(Optional.of(n)));
        }
    }

    /** The list of prompts or other items that pages take in turn. */
    private void items() {
        int n = run.items().size();
        if (n <= MOST_SHOWN) {
            area(
                    n == 0 ? Wording.of("desk.run.list-line-for-each") : Wording.of("desk.run.taken-turn", n),
                    "run-items",
                    String.join("\n", run.items()),
                    Wording.of("desk.run.one-on-each-line"),
                    n == 0 ? 2 : 4,
                    text -> work.changeRun(r -> r.withItems(ItemFile.lines(text))));
        } else {
            say(Wording.of("desk.run.lines-taken-turn", Numeral.grouped(n)));
            add(act(Wording.of("desk.run.take-none-them"), "", () -> work.changeRun(r -> r.withItems(List.of()))));
        }
        prompts();
        add(act(Wording.of("desk.run.list-from-file"), Wording.of("desk.run.txt-or-csv"), () -> files.asker()
                .listToOpen()
                .ifPresent(path ->
                        files.fetch(() -> ItemFile.read(path), read -> work.changeRun(r -> r.withItems(read))))));
    }

    /** The lists of questions that ship with Jorn. */
    private void prompts() {
        List<PromptList> lists = PromptList.in(desk.book().calendar().language());
        List<Button> words = new ArrayList<>();
        for (PromptList list : lists) {
            List<String> questions = list.words();
            words.add(word(
                    list.name(),
                    "prompts-" + list.id(),
                    Wording.of("desk.run.jorns-questions-help", questions.size(), list.name()),
                    run.items().equals(questions),
                    () -> work.changeRun(r -> r.withItems(questions))));
        }
        words(Wording.of("desk.run.jorns-questions"), words);
        boolean foreign = !Locale.forLanguageTag(desk.book().calendar().language())
                .getLanguage()
                .equals(lists.get(0).language());
        if (foreign) {
            say(Wording.of("desk.run.questions-in-english"));
        }
    }

    private void begins() {
        words(
                Wording.of("desk.run.begins-on"),
                choices(
                        Placement.Start.values(),
                        "begin-",
                        s -> switch (s) {
                            case ANYWHERE -> Wording.of("desk.run.any-page");
                            case RECTO -> Wording.of("desk.run.right-hand-page");
                            case VERSO -> Wording.of("desk.run.left-hand-page");
                        },
                        run.start(),
                        s -> work.changeRun(r -> r.withStart(s))));
    }

    private void backs() {
        List<Button> words = new ArrayList<>();
        words.add(word(
                Wording.of("desk.run.same-design"),
                "facing-none",
                Wording.of("desk.run.all-pages-run-look"),
                run.facing().isEmpty() && !run.bareBack(),
                () -> work.changeRun(r -> r.facing(Optional.empty()).withBareBack(false))));
        Button other = word(
                run.facing().map(f -> f.name()).orElse(Wording.of("desk.run.another-design")),
                "facing-other",
                Wording.of("desk.run.every-second-page-has"),
                run.facing().isPresent(),
                () -> {});
        other.setOnAction(e -> chooseFacing.accept(other));
        words.add(other);
        words.add(word(
                Wording.of("desk.run.nothing"),
                "facing-bare",
                Wording.of("desk.run.back-each-page-stays"),
                run.bareBack(),
                () -> work.changeRun(r -> r.facing(Optional.empty()).withBareBack(true))));
        words(Wording.of("desk.run.on-page-after-each"), words);
    }

    private void numbers() {
        words(
                Wording.of("desk.run.page-numbers"),
                choices(
                        Numbering.FolioStyle.values(),
                        "numbers-",
                        Numbering.FolioStyle::word,
                        run.numbering().style(),
                        s -> work.changeRun(r -> r.numbered(r.numbering().withStyle(s)))));
        field(
                Wording.of("desk.run.counted-from"),
                "numbers-from",
                run.numbering().from().map(String::valueOf).orElse(""),
                Wording.of("desk.run.number-first-page-empty"),
                text -> {
                    Optional<Integer> from = text.isBlank()
                            ? Optional.empty()
                            : Optional.of(Numeral.count(text, Wording.of("desk.run.first-page-number"), 1, 9999));
                    work.changeRun(r -> r.numbered(r.numbering().withFrom(from)));
                });
        toggle(
                Wording.of("desk.run.contents"),
                "in-contents",
                run.inContents(),
                () -> work.changeRun(r -> r.inContents(!r.inContents())));
    }

    private void cycles() {
        int index = work.slot().run();
        List<Cycle> cycles = RunOrder.cyclesOf(desk.book(), index);
        for (Cycle cycle : cycles) {
            int i = cycles.indexOf(cycle);
            words(
                    Wording.of("desk.run.repeats-each", cycle.to() - cycle.from()),
                    choices(
                            Span.values(),
                            "cycle-" + i + "-",
                            Span::word,
                            cycle.per(),
                            s -> cycle(cycle, Optional.of(cycle.withPer(s)))));
            field(
                    Wording.of("desk.run.times-undated"),
                    "cycle-count-" + i,
                    cycle.count().map(String::valueOf).orElse(""),
                    Wording.of("desk.run.how-many-times-where"),
                    text -> cycle(
                            cycle,
                            Optional.of(cycle.withCount(
                                    text.isBlank()
                                            ? Optional.empty()
                                            : Optional.of(
                                                    Numeral.count(text, Wording.of("desk.run.times"), 1, 1000))))));
            var undo = act(
                    Wording.of("desk.run.do-not-repeat", cycle.to() - cycle.from()),
                    "",
                    () -> cycle(cycle, Optional.empty()));
            undo.setId("cycle-undo-" + i);
            add(undo);
        }
        if (cycles.isEmpty()) {
            words(
                    Wording.of("desk.run.repeat-run-each"),
                    choices(
                            new Span[] {Span.DAY, Span.WEEK, Span.MONTH, Span.QUARTER},
                            "repeat-",
                            Span::word,
                            null,
                            s -> desk.change("cycle", b -> RunOrder.repeat(b, index, index + 1, s, Optional.empty()))));
        }
    }

    private void cycle(Cycle cycle, Optional<Cycle> now) {
        desk.change("cycle", b -> RunOrder.withCycle(b, cycle, now));
    }

    private void ornaments(Consumer<Consumer<Picture>> bringIn) {
        List<Decoration> all = run.decorations();
        SettingsForm form = new SettingsForm(this, desk.unit().get(), desk.book(), bringIn);
        for (int i = 0; i < all.size(); i++) {
            int at = i;
            add(Labels.label(
                    all.size() == 1 ? Wording.of("desk.run.one-ornament") : Wording.of("desk.run.ornament", i + 1),
                    "group-name"));
            form.show("ornament-" + i + "-", all.get(i), PartSettings.of(all.get(i)), now -> {
                List<Decoration> changed =
                        new ArrayList<>(work.run().orElseThrow().decorations());
                changed.set(at, now);
                work.changeRun(r -> r.withDecorations(changed));
            });
            var away = act(Wording.of("desk.run.take-ornament-away"), "", () -> {
                List<Decoration> left = new ArrayList<>(all);
                left.remove(at);
                work.changeRun(r -> r.withDecorations(left));
            });
            away.setId("ornament-away-" + i);
            add(away);
        }
        var more = act(Wording.of("desk.run.add-ornament-or-picture"), "", () -> {
            List<Decoration> now = new ArrayList<>(all);
            now.add(Decoration.customary());
            work.changeRun(r -> r.withDecorations(now));
        });
        more.setId("ornament-add");
        add(more);
    }

    private void place() {
        words(
                Wording.of("desk.run.book"),
                List.of(
                        deed(
                                Wording.of("desk.run.earlier"),
                                "run-earlier",
                                Wording.of("desk.run.before-run-before-ctrl"),
                                () -> work.moveRun(-1)),
                        deed(
                                Wording.of("desk.run.later"),
                                "run-later",
                                Wording.of("desk.run.after-run-after-ctrl"),
                                () -> work.moveRun(1)),
                        deed(
                                Wording.of("desk.run.take-out"),
                                "run-remove",
                                Wording.of("desk.run.take-all-pages-out"),
                                work::removeRun)));
        words(
                Wording.of("desk.run.part-book"),
                choices(
                        Run.Matter.values(),
                        "matter-",
                        Run.Matter::word,
                        run.matter(),
                        m -> work.changeRun(r -> r.as(m))));
    }
}
