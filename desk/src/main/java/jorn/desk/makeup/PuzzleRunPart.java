package jorn.desk.makeup;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.layout.PartSettings;
import jorn.measure.Numeral;
import jorn.measure.SmallFile;
import jorn.measure.TextFile;
import jorn.measure.Unit;
import jorn.puzzle.Grade;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.dots.DotRules;
import jorn.puzzle.maze.MazeRules;
import jorn.puzzle.maze.MazeRules.MazeForm;
import jorn.puzzle.number.BoxGrid;
import jorn.puzzle.number.NumberRules;
import jorn.puzzle.run.Making.GradeOrder;
import jorn.puzzle.run.OwnGrids;
import jorn.puzzle.run.PageUse;
import jorn.puzzle.run.PageUse.SolutionPlace;
import jorn.puzzle.run.PuzzlePlaces;
import jorn.puzzle.run.Puzzles;
import jorn.puzzle.words.OfWords;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.shape.Silhouettes;
import jorn.shape.SvgOutline;
import jorn.store.ItemFile;

/** On the slip of a run of puzzles: what kind, how many of each grade, how they stand on pages and where their solutions are. */
final class PuzzleRunPart {
    private static final int LARGEST_MB = 5;
    private static final int WORD_ROWS = 4;

    private final Slip slip;
    private final Desk desk;
    private final BookFiles files;
    private final PuzzleWork work;
    private final Puzzles now;
    private final PuzzleRules rules;

    private PuzzleRunPart(Slip slip, Desk desk, BookFiles files, PuzzleWork work, Puzzles now) {
        this.slip = slip;
        this.desk = desk;
        this.files = files;
        this.work = work;
        this.now = now;
        this.rules = now.making().rules();
    }

    /** Puts it on a slip. */
    static void on(Slip slip, Desk desk, BookFiles files, PuzzleWork work, Puzzles now) {
        PuzzleRunPart part = new PuzzleRunPart(slip, desk, files, work, now);
        MakingLine.on(slip, desk, now.worklist().orElseThrow(), "desk.puzzles.");
        part.kinds();
        part.settings();
        part.counts();
        part.pages();
        part.solutions();
        part.seed();
    }

    private void kinds() {
        String language = desk.book().calendar().language();
        List<String> words = rules instanceof OfWords w ? w.words() : List.of();
        List<Button> all = new ArrayList<>();
        for (PuzzleRules each : PuzzleKinds.all(words, language)) {
            String name = Wording.of("desk.puzzles.kind." + each.id());
            all.add(slip.word(
                    name,
                    "puzzle-kind-" + each.id(),
                    Wording.of("desk.puzzles.kind-help", name),
                    each.id().equals(rules.id()),
                    () -> work.remake(m -> m.ruled(each))));
        }
        slip.words(Wording.of("desk.puzzles.kind"), all);
    }

    private void settings() {
        if (rules instanceof NumberRules n) {
            List<Button> sizes = new ArrayList<>();
            for (int size : BoxGrid.sizes()) {
                sizes.add(slip.word(
                        size + " × " + size,
                        "puzzle-size-" + size,
                        Wording.of("desk.puzzles.size-help", size),
                        n.size() == size,
                        () -> work.remake(m -> m.withOwn(List.of()).ruled(n.withSize(size)))));
            }
            slip.words(Wording.of("desk.puzzles.size"), sizes);
        }
        new SettingsForm(slip, desk.unit().get(), desk.book(), files::bringInPicture)
                .show("puzzle-", rules, PartSettings.of(rules), r -> work.remake(m -> m.ruled(r)));
        if (rules instanceof OfWords w) {
            words(w);
        }
        if (rules instanceof NumberRules n) {
            own(n);
        }
        if (rules instanceof DotRules d) {
            silhouettes(d.shapes(), name -> {
                List<String> all = new ArrayList<>(d.shapes());
                if (!all.remove(name)) {
                    all.add(name);
                }
                work.remake(m -> m.ruled(d.withShapes(all)));
            });
            outlines(d);
        }
        if (rules instanceof MazeRules maze && maze.form() == MazeForm.SHAPE) {
            silhouettes(List.of(maze.shape()), name -> work.remake(m -> m.ruled(maze.withShape(name))));
        }
        for (Message caution : rules.cautions()) {
            slip.say(caution.text());
        }
    }

    /** The shapes that ship, by name. */
    private void silhouettes(List<String> chosen, Consumer<String> take) {
        List<Button> words = new ArrayList<>();
        for (String id : Silhouettes.names()) {
            String name = Wording.of("puzzle.silhouette." + id);
            words.add(slip.word(name, "puzzle-shape-" + id, name, chosen.contains(id), () -> take.accept(id)));
        }
        slip.words(Wording.of("desk.puzzles.silhouettes"), words);
    }

    private void words(OfWords of) {
        slip.area(
                Wording.of("desk.puzzles.words", of.words().size()),
                "puzzle-words",
                String.join("\n", of.words()),
                Wording.of("desk.puzzles.words-help"),
                WORD_ROWS,
                text -> work.remake(m -> m.ruled(of.of(ItemFile.lines(text)))));
        slip.add(slip.act(
                Wording.of("desk.puzzles.words-from-file"), Wording.of("desk.run.txt-or-csv"), () -> files.asker()
                        .listToOpen()
                        .ifPresent(path -> files.fetch(
                                () -> ItemFile.readPairs(path), read -> work.remake(m -> m.ruled(of.of(read)))))));
    }

    private void own(NumberRules of) {
        int count = now.making().own().size();
        slip.add(slip.act(
                Wording.of("desk.puzzles.own-from-file"),
                Wording.of("desk.run.txt-or-csv"),
                () -> files.asker().listToOpen().ifPresent(path -> takeOwn(files, work, path, of.diagonals()))));
        if (count > 0) {
            slip.say(Wording.of("desk.puzzles.own", count));
            slip.add(slip.act(Wording.of("desk.puzzles.own-away"), "", () -> work.remake(m -> m.withOwn(List.of()))));
        }
    }

    /** Takes in a file of grids; none of it where one has no solution or several. */
    static void takeOwn(BookFiles files, PuzzleWork work, Path path, boolean diagonals) {
        files.fetch(() -> OwnGrids.taken(TextFile.read(path), diagonals), read -> work.remake(m -> m.withOwn(read)));
    }

    private void outlines(DotRules of) {
        slip.add(slip.act(
                Wording.of("desk.puzzles.outline-from-file"), Wording.of("desk.puzzles.svg"), () -> files.asker()
                        .pictureToOpen()
                        .ifPresent(path -> files.fetch(
                                () -> SvgOutline.read(
                                        SmallFile.read(path, LARGEST_MB), String.valueOf(path.getFileName())),
                                read -> {
                                    List<String> all = new ArrayList<>(of.outlines());
                                    all.add(read);
                                    work.remake(m -> m.ruled(of.withOutlines(all)));
                                }))));
        if (!of.outlines().isEmpty()) {
            slip.say(Wording.of("desk.puzzles.outlines", of.outlines().size()));
            slip.add(slip.act(
                    Wording.of("desk.puzzles.outlines-away"),
                    "",
                    () -> work.remake(m -> m.ruled(of.withOutlines(List.of())))));
        }
    }

    private void counts() {
        slip.add(Labels.label(Wording.of("desk.puzzles.how-many"), "group-name"));
        for (Grade grade : Grade.values()) {
            if (grade.isHarderThan(rules.highest())) {
                continue;
            }
            slip.field(
                    Wording.of("desk.puzzles.of-grade", grade.number(), grade.word()),
                    "puzzle-count-" + grade.number(),
                    Integer.toString(now.making().counts().get(grade.ordinal())),
                    Wording.of("desk.puzzles.of-grade-help", grade.word()),
                    text -> count(grade, text));
        }
        if (rules.highest() != Grade.FIERCE) {
            slip.say(Wording.of(
                    "desk.puzzles.highest",
                    rules.highest().number(),
                    rules.highest().word()));
        }
        slip.words(
                Wording.of("desk.puzzles.order"),
                slip.choices(
                        GradeOrder.values(),
                        "puzzle-order-",
                        o -> Wording.of("puzzle.order." + o.name().toLowerCase(Locale.ROOT)),
                        now.making().order(),
                        o -> work.remake(m -> m.withOrder(o))));
    }

    private void count(Grade grade, String text) {
        int n = Numeral.count(text, Wording.of("desk.puzzles.of-grade", grade.number(), grade.word()), 0, 100_000);
        work.remake(m -> {
            List<Integer> counts = new ArrayList<>(m.counts());
            counts.set(grade.ordinal(), n);
            return m.withCounts(counts);
        });
    }

    private void pages() {
        PageUse use = now.use();
        List<Button> words = new ArrayList<>();
        for (int n : PageUse.PER_PAGE) {
            words.add(slip.word(
                    Integer.toString(n),
                    "puzzle-per-page-" + n,
                    Wording.of("desk.puzzles.per-page-help", n),
                    use.perPage() == n,
                    () -> work.change(p -> p.withUse(p.use().withPerPage(n)))));
        }
        slip.words(Wording.of("desk.puzzles.per-page"), words);
        if (rules.squares().filter(PuzzleRules.Squares::written).isPresent()) {
            String least = PuzzlePlaces.LARGE.format(Unit.MILLIMETRE);
            slip.toggle(
                    Wording.of("desk.puzzles.large", least),
                    "puzzle-large",
                    use.large(),
                    () -> work.change(p -> p.withUse(p.use().withLarge(!p.use().large()))));
        }
        slip.toggle(
                Wording.of("desk.puzzles.show-grade"),
                "puzzle-show-grade",
                use.showGrade(),
                () -> work.change(p -> p.withUse(p.use().withShowGrade(!p.use().showGrade()))));
    }

    private void solutions() {
        PageUse use = now.use();
        slip.words(
                Wording.of("desk.puzzles.solutions"),
                slip.choices(
                        SolutionPlace.values(),
                        "puzzle-solutions-",
                        s -> Wording.of("puzzle.solutions." + s.name().toLowerCase(Locale.ROOT)),
                        use.solutions(),
                        s -> work.change(p -> p.withUse(p.use().withSolutions(s)))));
        slip.toggle(
                Wording.of("desk.puzzles.show-steps"),
                "puzzle-show-steps",
                use.showSteps(),
                () -> work.change(p -> p.withUse(p.use().withShowSteps(!p.use().showSteps()))));
    }

    private void seed() {
        NumberFields.seed(
                slip,
                "puzzles-",
                now.making().seed(),
                Wording.of("desk.puzzles.seed-help"),
                seed -> work.remake(m -> m.withSeed(seed)),
                seed -> work.remake(m -> m.anew(seed)));
    }
}
