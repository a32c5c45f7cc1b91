package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.Button;
import jorn.art.Picture;
import jorn.block.picture.Decoration;
import jorn.book.Cycle;
import jorn.book.Numbering;
import jorn.book.Placement;
import jorn.book.Run;
import jorn.book.RunOrder;
import jorn.calendar.Span;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.layout.PartSettings;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
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
    RunSlip(Desk desk, BookFiles files, PageWork work, Consumer<Button> chooseFacing) {
        super(work.run().map(Run::name).orElse("Blank page"));
        this.desk = desk;
        this.files = files;
        this.work = work;
        this.chooseFacing = chooseFacing;
        run = work.run().orElse(null);
        if (run == null) {
            say("A blank belongs to no run. Turn to another page.");
            return;
        }
        long pages = desk.state().get().pagination().slots().stream()
                .filter(s -> s.run() == work.slot().run())
                .count();
        say(pages == 1 ? "1 page." : pages + " pages.");
        field("Name", "run-name", run.name(), "As it stands in the flat plan and the contents.", this::name);
        often();
        begins();
        backs();
        numbers();
        cycles();
        ornaments(files::bringInPicture);
        place();
    }

    private void name(String text) {
        if (text.isBlank() || text.length() > 120) {
            throw Trouble.of("A run needs a name of 1 to 120 letters.", "Write one, such as “Weeks”.");
        }
        work.changeRun(r -> r.withName(text.strip()));
    }

    private void often() {
        boolean byList = !run.items().isEmpty();
        List<Button> words = new ArrayList<>();
        words.add(word(
                "so many pages",
                "often-count",
                "A number of pages.",
                run.per().isEmpty() && !byList && !run.isFilling(),
                () -> work.changeRun(r -> r.withItems(List.of())
                        .withPer(Optional.empty())
                        .withCount(Optional.of(r.count().orElse(1))))));
        words.add(word(
                "fill the book",
                "often-fill",
                "As many as the book's page count leaves room for.",
                run.isFilling(),
                () -> work.changeRun(
                        r -> r.withItems(List.of()).withPer(Optional.empty()).withCount(Optional.empty()))));
        for (Span span : Span.values()) {
            words.add(word(
                    "each " + span.id(),
                    "often-" + span.id(),
                    "Once for each " + span.id() + " of the book's dates, or of its cycle.",
                    run.per().equals(Optional.of(span)),
                    () -> work.changeRun(r -> r.withPer(Optional.of(span)).withCount(Optional.empty()))));
        }
        words("How often", words);
        if (!run.isFilling()) {
            field(
                    run.per().isPresent() ? "Always so many" : byList ? "Pages (empty: all)" : "Pages",
                    "run-count",
                    run.count().map(String::valueOf).orElse(""),
                    run.per().isPresent() || byList ? "Empty for as many as there are." : "How many.",
                    this::count);
        }
        items();
    }

    private void count(String text) {
        if (text.isBlank() && (run.per().isPresent() || !run.items().isEmpty())) {
            work.changeRun(r -> r.withCount(Optional.empty()));
        } else {
            int n = Numeral.count(text, "pages", 1, jorn.book.Brief.MOST_PAGES);
            work.changeRun(r -> r.withCount(Optional.of(n)));
        }
    }

    /** The list of prompts or other items that pages take in turn. */
    private void items() {
        int n = run.items().size();
        if (n <= MOST_SHOWN) {
            area(
                    n == 0 ? "A list, a line for each page" : "Taken in turn, " + n + (n == 1 ? " line" : " lines"),
                    "run-items",
                    String.join("\n", run.items()),
                    "One on each line. They stand where the design has {prompt}.",
                    n == 0 ? 2 : 4,
                    text -> work.changeRun(r -> r.withItems(ItemFile.lines(text))));
        } else {
            say(Numeral.grouped(n) + " lines are taken in turn.");
            add(choice("Take none of them", "", false, () -> work.changeRun(r -> r.withItems(List.of()))));
        }
        add(choice("A list from a file …", ".txt or .csv", false, () -> files.asker()
                .listToOpen()
                .ifPresent(path -> {
                    List<String> read = ItemFile.read(path);
                    work.changeRun(r -> r.withItems(read));
                })));
    }

    private void begins() {
        words(
                "Begins on",
                choices(
                        Placement.Start.values(),
                        "begin-",
                        s -> switch (s) {
                            case ANYWHERE -> "any page";
                            case RECTO -> "a right-hand page";
                            case VERSO -> "a left-hand page";
                        },
                        run.start(),
                        s -> work.changeRun(r -> r.withStart(s))));
    }

    private <T extends Enum<T>> List<Button> choices(
            T[] all, String id, Function<T, String> name, T now, Consumer<T> take) {
        return Arrays.stream(all)
                .map(each -> word(
                        name.apply(each),
                        id + each.name().toLowerCase(Locale.ROOT),
                        name.apply(each),
                        each == now,
                        () -> take.accept(each)))
                .toList();
    }

    private void backs() {
        List<Button> words = new ArrayList<>();
        words.add(word(
                "the same design",
                "facing-none",
                "All pages of the run look alike.",
                run.facing().isEmpty() && !run.bareBack(),
                () -> work.changeRun(r -> r.facing(Optional.empty()).withBareBack(false))));
        Button other = word(
                run.facing().map(f -> f.name()).orElse("another design …"),
                "facing-other",
                "Every second page has another design.",
                run.facing().isPresent(),
                () -> {});
        other.setOnAction(e -> chooseFacing.accept(other));
        words.add(other);
        words.add(word(
                "nothing",
                "facing-bare",
                "The back of each page stays bare.",
                run.bareBack(),
                () -> work.changeRun(r -> r.facing(Optional.empty()).withBareBack(true))));
        words("On the page after each", words);
    }

    private void numbers() {
        words(
                "Page numbers",
                choices(
                        Numbering.FolioStyle.values(),
                        "numbers-",
                        Numbering.FolioStyle::word,
                        run.numbering().style(),
                        s -> work.changeRun(r -> r.numbered(r.numbering().withStyle(s)))));
        field(
                "Counted from",
                "numbers-from",
                run.numbering().from().map(String::valueOf).orElse(""),
                "The number of its first page; empty to go on counting.",
                text -> {
                    Optional<Integer> from = text.isBlank()
                            ? Optional.empty()
                            : Optional.of(Numeral.count(text, "the first page number", 1, 9999));
                    work.changeRun(r -> r.numbered(r.numbering().withFrom(from)));
                });
        toggle(
                "In the contents",
                "in-contents",
                run.inContents(),
                () -> work.changeRun(r -> r.inContents(!r.inContents())));
    }

    private void cycles() {
        int index = work.slot().run();
        List<Cycle> cycles = RunOrder.cyclesOf(desk.book(), index);
        for (Cycle cycle : cycles) {
            String runs = cycle.to() - cycle.from() == 1 ? "this run" : "its " + (cycle.to() - cycle.from()) + " runs";
            int i = cycles.indexOf(cycle);
            words(
                    "Repeats " + runs + " each",
                    choices(
                            Span.values(),
                            "cycle-" + i + "-",
                            Span::id,
                            cycle.per(),
                            s -> cycle(cycle, Optional.of(cycle.withPer(s)))));
            field(
                    "Times, undated",
                    "cycle-count-" + i,
                    cycle.count().map(String::valueOf).orElse(""),
                    "How many times where the book has no dates; empty for the customary number.",
                    text -> cycle(
                            cycle,
                            Optional.of(cycle.withCount(
                                    text.isBlank()
                                            ? Optional.empty()
                                            : Optional.of(Numeral.count(text, "times", 1, 1000))))));
            var undo = choice("Do not repeat", runs, false, () -> cycle(cycle, Optional.empty()));
            undo.setId("cycle-undo-" + i);
            add(undo);
        }
        if (cycles.isEmpty()) {
            words(
                    "Repeat this run, each",
                    choices(
                            new Span[] {Span.DAY, Span.WEEK, Span.MONTH, Span.QUARTER},
                            "repeat-",
                            Span::id,
                            null,
                            s -> desk.change("cycle", b -> RunOrder.repeat(b, index, index + 1, s, Optional.empty()))));
        }
    }

    private void cycle(Cycle cycle, Optional<Cycle> now) {
        desk.change("cycle", b -> RunOrder.withCycle(b, cycle, now));
    }

    private void ornaments(Consumer<Consumer<Picture>> bringIn) {
        List<Decoration> all = run.decorations();
        SettingsForm form =
                new SettingsForm(this, desk.unit().get(), desk.book().pictures(), bringIn);
        for (int i = 0; i < all.size(); i++) {
            int at = i;
            add(Labels.label(all.size() == 1 ? "ORNAMENT" : "ORNAMENT " + (i + 1), "group-name"));
            form.show("ornament-" + i + "-", all.get(i), PartSettings.of(all.get(i)), now -> {
                List<Decoration> changed =
                        new ArrayList<>(work.run().orElseThrow().decorations());
                changed.set(at, now);
                work.changeRun(r -> r.withDecorations(changed));
            });
            var away = choice("Take this ornament away", "", false, () -> {
                List<Decoration> left = new ArrayList<>(all);
                left.remove(at);
                work.changeRun(r -> r.withDecorations(left));
            });
            away.setId("ornament-away-" + i);
            add(away);
        }
        var more = choice("Add an ornament or picture", "", false, () -> {
            List<Decoration> now = new ArrayList<>(all);
            now.add(Decoration.customary());
            work.changeRun(r -> r.withDecorations(now));
        });
        more.setId("ornament-add");
        add(more);
    }

    private void place() {
        words(
                "In the book",
                List.of(
                        word(
                                "earlier",
                                "run-earlier",
                                "Before the run before it. Ctrl+Left.",
                                false,
                                () -> work.moveRun(-1)),
                        word("later", "run-later", "After the run after it. Ctrl+Right.", false, () -> work.moveRun(1)),
                        word("take out", "run-remove", "Take all its pages out of the book.", false, work::removeRun)));
        words(
                "Part of the book",
                choices(
                        Run.Matter.values(),
                        "matter-",
                        Run.Matter::word,
                        run.matter(),
                        m -> work.changeRun(r -> r.as(m))));
    }
}
