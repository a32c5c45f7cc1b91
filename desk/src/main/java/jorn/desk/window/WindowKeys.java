package jorn.desk.window;

import java.util.EnumSet;
import java.util.Set;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import jorn.book.Starter;
import jorn.desk.benches.Bench;
import jorn.desk.model.BenchName;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.EachFrame;
import jorn.desk.view.Slip;
import jorn.desk.view.SlipLayer;
import jorn.say.Wording;

/** What the keys do in the whole window: shortcuts, help, turning pages; what is left goes to the bench. */
final class WindowKeys {
    private static final Set<BenchName> TURNING = EnumSet.of(BenchName.MAKEUP, BenchName.PROOF);

    private final Desk desk;
    private final BookFiles files;
    private final SlipLayer slips;
    private final Supplier<Bench> bench;
    private boolean keyTaken;
    /** The key that is held, if one is. */
    private KeyCode held = KeyCode.UNDEFINED;
    /** Due until what the last key did has been drawn. */
    private final EachFrame drawn = new EachFrame(() -> {});

    /** @param bench the bench that is seen */
    WindowKeys(Desk desk, BookFiles files, SlipLayer slips, Supplier<Bench> bench) {
        this.desk = desk;
        this.files = files;
        this.slips = slips;
        this.bench = bench;
    }

    /** @param header where help opens that belongs to nothing in particular */
    void listenTo(Scene scene, Node header) {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, e -> press(e, scene, header));
        scene.addEventFilter(KeyEvent.KEY_TYPED, e -> {
            // What a key of the bench opens does not get its letter.
            if (keyTaken) {
                e.consume();
            }
        });
        scene.addEventFilter(KeyEvent.KEY_RELEASED, e -> {
            keyTaken = false;
            held = KeyCode.UNDEFINED;
        });
    }

    private void press(KeyEvent e, Scene scene, Node header) {
        if (e.isConsumed()) {
            // An open slip has taken it.
            return;
        }
        boolean typing = e.getTarget() instanceof TextInputControl;
        if (isAheadOfTheWindow(e) && !typing) {
            e.consume();
            return;
        }
        if (keyTaken && typing) {
            // The key is still held that opened what is typed in now.
            e.consume();
            return;
        }
        keyTaken = !typing && !slips.isOpen() && bench.get().key(e);
        if (keyTaken) {
            e.consume();
        } else if (e.isShortcutDown()) {
            shortcut(e, typing);
        } else if (e.getCode() == KeyCode.F1) {
            help(scene, header);
            e.consume();
        } else if (!typing && !slips.isOpen() && TURNING.contains(desk.bench().get()) && turned(e.getCode())) {
            e.consume();
        }
    }

    /** A key that is held comes again and again: once for each picture on the screen, and never before what it did is seen. */
    private boolean isAheadOfTheWindow(KeyEvent e) {
        boolean again = held == e.getCode();
        held = e.getCode();
        if (again && drawn.isDue()) {
            return true;
        }
        drawn.ask();
        return false;
    }

    private boolean turned(KeyCode code) {
        switch (code) {
            case LEFT, PAGE_UP -> desk.turn(-1);
            case RIGHT, PAGE_DOWN -> desk.turn(1);
            case HOME -> desk.goToSpread(0);
            case END -> desk.goToSpread(Integer.MAX_VALUE);
            default -> {
                return false;
            }
        }
        return true;
    }

    private void shortcut(KeyEvent e, boolean typing) {
        boolean done = true;
        switch (e.getCode()) {
            case DIGIT1, DIGIT2, DIGIT3, DIGIT4, DIGIT5 -> desk.goTo(
                    BenchName.values()[e.getCode().ordinal() - KeyCode.DIGIT1.ordinal()]);
            case S -> {
                if (e.isShiftDown()) {
                    files.saveAs();
                } else {
                    files.save();
                }
            }
            case O -> files.open();
            case N -> files.begin(Starter.LINED_JOURNAL.begin());
            case Z -> {
                if (typing
                        && e.getTarget() instanceof TextInputControl field
                        && (e.isShiftDown() ? field.isRedoable() : field.isUndoable())) {
                    done = false;
                } else if (e.isShiftDown()) {
                    desk.redo();
                } else {
                    desk.undo();
                }
            }
            default -> done = false;
        }
        if (done) {
            e.consume();
        }
    }

    /** Shows what the thing in focus is for. */
    private void help(Scene scene, Node header) {
        for (Node n = scene.getFocusOwner(); n != null; n = n.getParent()) {
            if (n.getAccessibleHelp() != null && !n.getAccessibleHelp().isBlank()) {
                String name = n.getAccessibleText() != null
                        ? n.getAccessibleText()
                        : n instanceof Button b ? b.getText() : "";
                slips.toggle(new Slip(name == null ? "" : name).say(n.getAccessibleHelp()), n);
                return;
            }
        }
        BenchName now = desk.bench().get();
        slips.toggle(
                new Slip(Wording.of("desk.desk-window.help"))
                        .say(now.title() + ": " + now.about())
                        .say(Wording.of("desk.desk-window.tab-walks-through-what")),
                header);
    }
}
