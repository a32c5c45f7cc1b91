package jorn.desk.makeup;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import jorn.book.Book;
import jorn.book.Run;
import jorn.desk.model.Desk;
import jorn.layout.Axis;
import jorn.layout.Tree.Edge;
import jorn.measure.Length;
import jorn.measure.Trouble;

/** What the keys do at the Make-up bench; {@link KeysSlip} lists them. */
final class MakeUpKeys {
    private static final double STEP = Length.mm(1).points();

    private final Desk desk;
    private final PageWork work;
    private final PuzzleWork puzzles;
    private final PatternWork patterns;
    private final FlatPlan plan;
    private final Consumer<Edge> offer;
    private final Runnable type;
    private final Runnable designs;
    private KeyCode held = KeyCode.UNDEFINED;

    /**
     * @param offer offers blocks for a side of the chosen part
     * @param type types the chosen part over
     * @param designs opens the designs
     */
    MakeUpKeys(
            Desk desk,
            PageWork work,
            PuzzleWork puzzles,
            PatternWork patterns,
            FlatPlan plan,
            Consumer<Edge> offer,
            Runnable type,
            Runnable designs) {
        this.desk = desk;
        this.work = work;
        this.puzzles = puzzles;
        this.patterns = patterns;
        this.plan = plan;
        this.offer = offer;
        this.type = type;
        this.designs = designs;
    }

    /** @return whether the key does something here */
    @SuppressWarnings("ReferenceEquality") // the very same value is meant: whatever changes the book makes another
    boolean press(KeyEvent e, boolean onButton) {
        Book before = desk.book();
        String part = work.partName();
        String run = work.run().map(Run::name).orElse("");
        String pages = pages();
        try {
            boolean done = e.isShortcutDown() ? withControl(e) : !e.isAltDown() && plain(e, onButton);
            if (done && desk.book() != before) {
                say(e, part, run, pages);
            }
            return done;
        } catch (Trouble t) {
            desk.tell(t);
            return true;
        }
    }

    private String pages() {
        var all = work.pages();
        return all.size() == 1 ? all.first().toString() : all.first() + "–" + all.last();
    }

    /** Says what the key did, for it may have been struck by mistake. */
    private void say(KeyEvent e, String part, String run, String pages) {
        switch (e.getCode()) {
            case LEFT, RIGHT -> desk.sayChanged("desk.keys.did-move-run", run);
            case DELETE, BACK_SPACE -> {
                if (e.isShortcutDown()) {
                    desk.sayChanged("desk.keys.did-remove-run", run);
                } else {
                    desk.sayChanged("desk.keys.did-remove", part);
                }
            }
            case PLUS, ADD, EQUALS -> desk.sayChanged("desk.keys.did-larger", part);
            case MINUS, SUBTRACT -> desk.sayChanged("desk.keys.did-smaller", part);
            case S -> desk.sayChanged("desk.keys.did-split", part);
            case T -> desk.sayChanged("desk.keys.did-take-out", pages);
            default -> desk.sayChanged("desk.keys.did-change");
        }
    }

    private boolean withControl(KeyEvent e) {
        switch (e.getCode()) {
            case LEFT -> work.moveRun(-1);
            case RIGHT -> work.moveRun(1);
            case DELETE, BACK_SPACE -> work.removeRun();
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean plain(KeyEvent e, boolean onButton) {
        return (puzzles.isHere() && ofPuzzles(e)) || (patterns.isHere() && ofPatterns(e)) || ofPages(e, onButton);
    }

    /** What a key that is held must not do again and again. */
    private void once(KeyEvent e, Runnable deed) {
        if (held != e.getCode()) {
            held = e.getCode();
            deed.run();
        }
    }

    /** Hears that keys are let go. */
    void letGo() {
        held = KeyCode.UNDEFINED;
    }

    /** On a page of puzzles. */
    private boolean ofPuzzles(KeyEvent e) {
        switch (e.getCode()) {
            case N -> once(e, puzzles::another);
            case P -> once(e, puzzles::pin);
            case DIGIT1, DIGIT2, DIGIT3, DIGIT4, DIGIT5, DIGIT6 -> {
                return puzzles.choose(e.getCode().ordinal() - KeyCode.DIGIT1.ordinal());
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    /** On a page to colour. */
    private boolean ofPatterns(KeyEvent e) {
        switch (e.getCode()) {
            case N -> once(e, patterns::another);
            case P -> once(e, patterns::pin);
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean ofPages(KeyEvent e, boolean onButton) {
        boolean chosen = work.part().isPresent();
        switch (e.getCode()) {
            case LEFT, RIGHT -> {
                if (!e.isShiftDown()) {
                    return false;
                }
                work.stretch(e.getCode() == javafx.scene.input.KeyCode.LEFT ? -1 : 1);
            }
            case UP, DOWN -> {
                if (onButton) {
                    return false;
                }
                work.stepPart(e.getCode() == javafx.scene.input.KeyCode.UP ? -1 : 1);
            }
            case ENTER -> {
                if (onButton || !chosen) {
                    return false;
                }
                type.run();
            }
            case F2 -> type.run();
            case ESCAPE -> {
                if (chosen) {
                    work.choosePart(Optional.empty());
                } else if (work.hasMany()) {
                    work.choosePage(desk.page().get());
                } else {
                    return false;
                }
            }
            case DELETE, BACK_SPACE -> work.remove();
            case PLUS, ADD, EQUALS -> work.grow(STEP);
            case MINUS, SUBTRACT -> work.grow(-STEP);
            case A -> offer.accept(Edge.ABOVE);
            case B -> offer.accept(Edge.BELOW);
            case L -> offer.accept(Edge.LEFT);
            case R -> offer.accept(Edge.RIGHT);
            case S -> work.split(e.isShiftDown() ? Axis.ACROSS : Axis.DOWN);
            case O -> work.setOnlyHere(!work.isOnlyHere());
            case D -> designs.run();
            case T -> work.takeOut();
            case C -> plan.fold();
            default -> {
                return false;
            }
        }
        return true;
    }
}
