package jorn.desk.makeup;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleIntegerProperty;
import jorn.book.PatternRuns;
import jorn.chance.Dice;
import jorn.content.Request.Room;
import jorn.desk.model.Desk;
import jorn.makeup.PageRooms;
import jorn.pattern.motif.PatternMotif;
import jorn.pattern.page.FieldCount;
import jorn.pattern.page.MadePage;
import jorn.pattern.page.PatternSpec;
import jorn.pattern.run.PatternBack;
import jorn.pattern.run.PatternChoice;
import jorn.pattern.run.PatternRule;
import jorn.pattern.run.PatternSheet;
import jorn.pattern.run.Patterns;

/** The pattern of the page that is looked at, and all that is done with it. */
public final class PatternWork {
    private final Desk desk;
    private final PageWork work;
    private final IntegerProperty heldPoint = new SimpleIntegerProperty();
    private Optional<Traced> traced = Optional.empty();

    /**
     * From where a motif was traced.
     *
     * @param threshold in hundredths of white, 0 where it was found
     */
    record Traced(PatternMotif motif, Path path, int threshold) {}

    public PatternWork(Desk desk, PageWork work) {
        this.desk = desk;
        this.work = work;
    }

    Desk desk() {
        return desk;
    }

    /** The pages that the run makes. */
    Optional<Patterns> patterns() {
        return work.run().flatMap(PatternRuns::of);
    }

    /** The picture on the page, or the one whose back it is. */
    Optional<PatternSheet> sheet() {
        if (patterns().isEmpty()) {
            return Optional.empty();
        }
        return work.slot().subjects().get(PatternSheet.class).or(() -> work.slot()
                .subjects()
                .get(PatternBack.class)
                .map(PatternBack::of)
                .filter(PatternSheet.class::isInstance)
                .map(PatternSheet.class::cast));
    }

    boolean isHere() {
        return sheet().isPresent();
    }

    /** The room of a page of the run. */
    Room room() {
        return PageRooms.of(desk.book(), desk.state().get().pagination().marginsFor())
                .apply(work.run().orElseThrow());
    }

    /** Which point of a shape that is drawn is held. */
    IntegerProperty heldPoint() {
        return heldPoint;
    }

    void traced(PatternMotif motif, Path path, int threshold) {
        traced = Optional.of(new Traced(motif, path, threshold));
    }

    /** From where a motif was traced, while the window is open. */
    Optional<Traced> traced(PatternMotif motif) {
        return traced.filter(
                t -> t.motif().equals(motif) && !t.path().toString().endsWith(".svg"));
    }

    /** What its fields come to, where they are found already. */
    Optional<FieldCount> count() {
        return made().flatMap(MadePage::count);
    }

    /** The page with its fields, where they are found already. */
    Optional<MadePage> made() {
        return sheet().flatMap(s -> s.set().made(s.number()));
    }

    /** Changes the pages of the run that is looked at. */
    void change(UnaryOperator<Patterns> change) {
        int run = work.slot().run();
        patterns().ifPresent(now -> desk.change("patterns", b -> PatternRuns.with(b, run, change.apply(now))));
    }

    void changeRule(UnaryOperator<PatternRule> change) {
        change(p -> p.withRule(change.apply(p.rule())));
    }

    /** Changes what somebody has chosen for this page. */
    private void choose(UnaryOperator<PatternChoice> change) {
        sheet().ifPresent(s -> change(p -> p.choosing(s.number(), change.apply(p.choice(s.number())))));
    }

    /** Changes this page alone. */
    void changePage(UnaryOperator<PatternSpec> change) {
        sheet().ifPresent(s -> choose(c -> c.withOwn(Optional.of(change.apply(s.spec())))));
    }

    void title(String text) {
        choose(c -> c.withTitle(text));
    }

    boolean isPinned() {
        return sheet().map(s -> s.set().patterns().choice(s.number()).pinned()).orElse(false);
    }

    /** Puts another picture in the place of this one; all others stay. */
    void another() {
        sheet().ifPresent(s -> {
            choose(c -> new PatternChoice(Optional.of(Dice.freshSeed()), c.pinned(), Optional.empty(), ""));
            desk.sayChanged("desk.patterns.another-made", s.number());
        });
    }

    /** Keeps it when all others are made anew, or lets go of it. */
    void pin() {
        choose(c -> c.withPinned(!c.pinned()));
    }

    /** Makes all pages that are not pinned like this one: its symmetry, motif, window, border and lines, each with another seed. */
    void allLike() {
        sheet().ifPresent(s -> {
            change(p -> p.allLike(s.number()));
            desk.sayChanged("desk.patterns.all-alike");
        });
    }

    /** All that a slip about the page's pattern says hangs on this. */
    String state() {
        return isHere() ? desk.page().get() + "." + count().isPresent() : "";
    }
}
