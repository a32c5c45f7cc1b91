package jorn.block.puzzle;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.art.Target;
import jorn.block.puzzle.PuzzleFace.PuzzlePaper;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Hand;
import jorn.layout.Lack;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.layout.TypeStep;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.PuzzleRules.Squares;
import jorn.puzzle.number.NumberPuzzle;
import jorn.puzzle.number.NumberRules;
import jorn.puzzle.run.Making;
import jorn.puzzle.run.PageUse;
import jorn.puzzle.run.PuzzlePage;
import jorn.puzzle.run.PuzzlePlaces;
import jorn.puzzle.run.PuzzlePlaces.PuzzlePlace;
import jorn.puzzle.run.PuzzleRef;
import jorn.puzzle.run.Puzzles;
import jorn.puzzle.run.SolutionPage;
import jorn.puzzle.words.CrissCross;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.style.LetterForm;
import jorn.text.LineBreaker;
import org.jspecify.annotations.Nullable;

/**
 * The puzzles of a page, or their solutions, as the run's source gives them.
 *
 * @param ornament whether the style's small ornament stands between number and grade
 */
public record PuzzleBlock(@Label("block.puzzles.ornament") boolean ornament) implements Node {
    static final NodeKind<PuzzleBlock> KIND = NodeKind.of("puzzles", PuzzleBlock.class)
            .filling()
            .offered(
                    "puzzles",
                    Wording.of("block.puzzles.name"),
                    Wording.of("block.puzzles.says"),
                    () -> new PuzzleBlock(true));

    /** Shown where a page has no puzzles, such as in the catalogue. */
    private static final Puzzles SAMPLE = new Puzzles(Making.of(NumberRules.of(9), 1, 17), PageUse.CUSTOMARY);

    private static final double LARGER_HEADING = 1.5;
    private static final int GRADES = Grade.values().length;
    private static final int STEP_LINES = 2;
    private static final int STEP_LINES_OF_MANY = 4;

    /** What stands on a page. */
    private record Shown(List<PuzzleRef> puzzles, int places, PageUse use, boolean solved, boolean small) {
        /** Lines that are kept for the steps of reasoning. */
        int told() {
            return !solved || !use.showSteps() ? 0 : small || places > 1 ? STEP_LINES_OF_MANY : STEP_LINES;
        }
    }

    private static Shown shown(Flow flow) {
        Optional<PuzzlePage> page = flow.subject(PuzzlePage.class);
        if (page.isPresent()) {
            return new Shown(
                    page.get().puzzles(), page.get().places(), page.get().use(), false, false);
        }
        Optional<SolutionPage> solutions = flow.subject(SolutionPage.class);
        if (solutions.isPresent()) {
            SolutionPage s = solutions.get();
            return new Shown(s.puzzles(), s.places(), s.use(), true, s.gathered());
        }
        return new Shown(List.of(SAMPLE.sample()), 1, SAMPLE.use(), false, false);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (area.width() <= 0 || area.height() <= 0) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        Shown shown = shown(flow);
        if (shown.puzzles().isEmpty() && shown.solved()) {
            pen.small(area.centreX(), area.centreY(), pen.step() * 4);
            return;
        }
        List<PuzzlePlace> places = PuzzlePlaces.of(area, shown.places(), pen.step(), shown.small(), shown.told());
        for (int i = 0; i < shown.puzzles().size(); i++) {
            one(shown.puzzles().get(i), places.get(i), shown, flow, pen, out);
        }
    }

    private void one(PuzzleRef ref, PuzzlePlace place, Shown shown, Flow flow, StyledPen pen, List<Mark> out) {
        Optional<Puzzle> puzzle;
        try {
            puzzle = ref.puzzle();
        } catch (Trouble t) {
            // Proof tells of it as well; here it stands where it is missing, until there is one.
            flow.passing();
            note(t.what(), place.face(), pen);
            return;
        }
        heading(ref, puzzle, headingOf(ref, place, shown), shown, flow, pen);
        if (puzzle.isEmpty()) {
            flow.passing();
            note(Wording.of("block.puzzles.being-made"), place.face(), pen);
            return;
        }
        boolean letters = ref.set().making().rules() instanceof NumberRules n && n.letters();
        PuzzleFace.drawAny(
                puzzle.get(), place.face(), shown.solved(), new PuzzlePaper(pen, flow, letters, shown.small()));
        foot(ref, puzzle.get(), place.foot(), shown, flow, pen, out);
    }

    /** Over a small solution as wide as its squares. */
    private static Box headingOf(PuzzleRef ref, PuzzlePlace place, Shown shown) {
        Box all = place.heading();
        Optional<Squares> squares = ref.set().making().rules().squares();
        if (!shown.small()
                || squares.isEmpty()
                || !squares.get().written()
                || squares.get().below() > 0) {
            return all;
        }
        Squares s = squares.get();
        double side = Math.min(place.face().width() / s.across(), place.face().height() / s.down());
        return Box.orEmpty(all.x(), all.y(), side * s.across(), all.height());
    }

    private static void note(String text, Box in, StyledPen pen) {
        Box at = Box.orEmpty(in.x(), in.centreY() - pen.step(), in.width(), pen.step());
        pen.words(text, at, in.centreY(), pen.label().at(Align.CENTRE));
    }

    private void heading(PuzzleRef ref, Optional<Puzzle> puzzle, Box in, Shown shown, Flow flow, StyledPen pen) {
        Lettering title = pen.title();
        double size =
                shown.small() ? title.size() * 0.8 : shown.places() > 1 ? title.size() : title.size() * LARGER_HEADING;
        double base = in.y() + size;
        String number = Integer.toString(ref.number());
        String words = shown.small() ? number : flow.fill(shown.solved() ? "@solution" : "@puzzle") + " " + number;
        Lettering set = title.sized(size);
        pen.words(words, in, base, set);
        if (puzzle.isEmpty() || !shown.use().showGrade()) {
            return;
        }
        Grade grade = puzzle.get().grade();
        double box = size * 0.42;
        double right = in.right() - GRADES * box * 1.5;
        String word = flow.fill(grade.onPage());
        Lettering label = pen.label();
        if (!shown.small()) {
            pen.words(word, Box.orEmpty(in.x(), in.y(), right - in.x() - box, size * 1.2), base, label.at(Align.RIGHT));
        }
        boxes(grade, right, base, box, pen);
        double used = pen.width(words, set);
        double left = in.x() + used;
        double until = right - box - pen.width(word, label);
        if (ornament && !shown.small() && until - left > 5 * size) {
            pen.small((left + until) / 2, base - size * 0.35, size * 1.2);
        }
    }

    /** So many small squares as the grade says, and short lines for the rest of five. */
    private static void boxes(Grade grade, double x, double base, double side, StyledPen pen) {
        Path.Builder marks = Path.builder();
        for (int i = 0; i < GRADES; i++) {
            double left = x + (i * 1.5 + 0.5) * side;
            double high = i < grade.number() ? side : side * 0.18;
            marks.path(Path.box(new Box(left, base - high, side, high)));
        }
        pen.fill(marks.build(), pen.ink(Role.TEXT));
    }

    /** Where to find the other: the solution, or the puzzle; and by which steps it is solved, where that is wanted. */
    private static void foot(
            PuzzleRef ref, Puzzle puzzle, Box in, Shown shown, Flow flow, StyledPen pen, List<Mark> out) {
        Object other = shown.solved() ? ref : ref.solved();
        Lettering as = pen.label().sized(pen.size(TypeStep.NOTE)).at(shown.small() ? Align.LEFT : Align.CENTRE);
        double base = in.y() + as.size() * 1.15;
        Optional<String> page = flow.folioOf(other);
        if (page.isPresent()) {
            String words = flow.fill(shown.solved() ? "@puzzle-on-page" : "@solution-on-page") + " " + page.get();
            pen.words(words, in, base, as);
            flow.pageOf(other).ifPresent(p -> out.add(new Mark.Link(in, new Target.Page(p))));
            base += pen.step() * 0.5;
        }
        if (shown.told() > 0 && !puzzle.techniques().isEmpty()) {
            Lettering told = as.written(LetterForm.AS_WRITTEN);
            String steps = StepWords.of(puzzle.techniques(), flow.calendar().language());
            for (String line :
                    LineBreaker.breakAt(flow.face(told.voice()).face(told.style()), told.size(), steps, in.width())) {
                pen.words(line, in, base, told);
                base += pen.step() * 0.5;
            }
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        Shown shown = shown(flow);
        StyledPen pen = StyledPen.measuring(flow);
        List<PuzzlePlace> places = PuzzlePlaces.of(area, shown.places(), pen.step(), shown.small(), shown.told());
        for (int i = 0; i < shown.puzzles().size(); i++) {
            Optional<Lack> lack = lack(shown.puzzles().get(i), places.get(i).face(), shown, flow, pen);
            if (lack.isPresent()) {
                return lack;
            }
        }
        return Optional.empty();
    }

    private static Optional<Lack> lack(PuzzleRef ref, Box face, Shown shown, Flow flow, StyledPen pen) {
        PuzzleRules rules = ref.set().making().rules();
        Optional<Puzzle> puzzle;
        try {
            puzzle = ref.puzzle();
        } catch (Trouble t) {
            return Optional.of(Lack.of(Message.of("block.puzzles.not-made", ref.number(), t.what(), t.remedy())));
        }
        double least = PuzzlePlaces.LARGE.in(Unit.MILLIMETRE);
        if (!shown.solved() && shown.use().large() && rules.squares().isPresent()) {
            double side = Length.points(PuzzlePlaces.side(rules.squares().get(), face, pen.step()))
                    .in(Unit.MILLIMETRE);
            if (rules.squares().get().written() && side < least - 0.05) {
                return Optional.of(
                        Lack.of(Message.of("block.puzzles.small-squares", Math.floor(side * 10) / 10, least)));
            }
        }
        boolean clues = puzzle.isPresent()
                && puzzle.get() instanceof CrissCross c
                && !shown.small()
                && !CrissCrossFace.hasRoom(c, face, new PuzzlePaper(pen, flow, false, false));
        return clues ? Optional.of(Lack.of(Message.of("block.puzzles.clues"))) : Optional.empty();
    }

    /** Somebody has begun to solve the first number placement. */
    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        Shown shown = shown(flow);
        if (shown.solved()
                || shown.puzzles().isEmpty()
                || !(made(shown.puzzles().get(0)) instanceof NumberPuzzle p)) {
            return;
        }
        StyledPen pen = StyledPen.measuring(flow);
        Box face =
                PuzzlePlaces.of(area, shown.places(), pen.step(), false).get(0).face();
        int n = p.grid().size();
        SquarePen squares = new SquarePen(new PuzzlePaper(pen, flow, false, false), face, n, n);
        for (int cell = 0; cell < n * n; cell++) {
            int row = cell / n;
            if (p.given(row, cell % n) == 0 && cell * 7 % 5 < 2) {
                Box at = squares.square(row, cell % n);
                hand.write(
                        Integer.toString(p.solved(row, cell % n)), at, at.centreY() + at.height() * 0.2, Align.CENTRE);
            }
        }
    }

    private static @Nullable Puzzle made(PuzzleRef ref) {
        try {
            return ref.puzzle().orElse(null);
        } catch (Trouble t) {
            return null;
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return width;
    }
}
