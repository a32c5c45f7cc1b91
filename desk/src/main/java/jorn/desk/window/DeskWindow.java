package jorn.desk.window;

import java.nio.file.Path;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.InvalidationListener;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import jorn.book.Starter;
import jorn.desk.benches.Bench;
import jorn.desk.benches.BriefBench;
import jorn.desk.benches.CoverBench;
import jorn.desk.benches.DespatchBench;
import jorn.desk.benches.MakeUpBench;
import jorn.desk.benches.ProofBench;
import jorn.desk.model.BenchName;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.model.Notice;
import jorn.desk.view.BriefSlips;
import jorn.desk.view.Header;
import jorn.desk.view.Labels;
import jorn.desk.view.MeasureCard;
import jorn.desk.view.Painter;
import jorn.desk.view.Rail;
import jorn.desk.view.Slip;
import jorn.desk.view.SlipLayer;
import jorn.desk.view.Theme;
import jorn.say.Wording;

/** The window: the rail at the left, the sentence on top, the bench in the middle, the measure card at the right. */
public final class DeskWindow {
    private static final Set<BenchName> SHOWING_FINDINGS = EnumSet.of(BenchName.PROOF, BenchName.DESPATCH);

    /** With less width than this, in multiples of the text size, the card would leave the bench too little room. */
    private static final double ROOMY_EM = 70;

    private final Desk desk;
    private final BookFiles files;
    private final Painter painter = new Painter();
    private final SlipLayer slips = new SlipLayer();
    private final Map<BenchName, Bench> benches = new EnumMap<>(BenchName.class);
    private final StackPane benchPlace = new StackPane();
    private final Consumer<Path> opener;
    private final BriefSlips briefSlips;
    private final Header header;
    private final MeasureCard card;
    private static final PseudoClass GOOD = PseudoClass.getPseudoClass("good");
    private final HBox notice = new HBox();
    private final Label noticeText = Labels.wrapped("");
    private final HBox middle = new HBox(24);
    private boolean cardAsked;
    private boolean mouseDown;
    private boolean stale;
    private boolean keyTaken;
    private final StackPane root = new StackPane();
    private final Scene scene;

    /** @param opener opens a file or folder with the machine's own program */
    public DeskWindow(Desk desk, BookFiles files, Consumer<Path> opener) {
        this.desk = desk;
        this.files = files;
        this.opener = opener;
        briefSlips = new BriefSlips(desk);
        header = new Header(desk, files, painter, slips, briefSlips);
        card = new MeasureCard(desk);
        card.setOnDecision((decision, from) -> slips.toggle(briefSlips.byId(decision), from));
        HBox.setHgrow(benchPlace, Priority.ALWAYS);
        benchPlace.setMinSize(0, 0);
        card.setMinWidth(MeasureCard.USE_PREF_SIZE);
        card.setMaxWidth(MeasureCard.USE_PREF_SIZE);
        middle.getChildren().add(benchPlace);
        StackPane table = new StackPane(middle);
        StackPane.setAlignment(card, Pos.TOP_RIGHT);
        // What is too tall for a small window goes off at its foot, never over a question or the sentence.
        StackPane.setAlignment(middle, Pos.TOP_LEFT);
        table.setMinHeight(0);
        VBox.setVgrow(table, Priority.ALWAYS);
        header.setOnMeasures(() -> {
            cardAsked = !cardAsked;
            placeCard(table);
        });
        VBox.setMargin(benchPlace, new Insets(8, 0, 0, 0));
        benchPlace.setPadding(new Insets(14, 0, 0, 0));
        makeNotice();
        VBox page = new VBox(header, notice, table);
        page.setPadding(new Insets(16, 24, 20, 26));
        BorderPane frame = new BorderPane(page);
        frame.setLeft(new Rail(desk));
        root.getChildren().addAll(frame, slips);
        scene = new Scene(root, 1280, 800);
        Theme.dress(scene);
        applyTextSize();
        scene.widthProperty().addListener(o -> placeCard(table));
        header.setOnTextSize(() -> {
            applyTextSize();
            placeCard(table);
        });
        placeCard(table);
        desk.bench().addListener((InvalidationListener) o -> {
            slips.close();
            seat();
        });
        desk.state().addListener((InvalidationListener) o -> refresh());
        desk.findings().addListener((o, was, now) -> {
            // Those of a state that is about to be shown are shown with it.
            if (now.of() == desk.state().get().edition()
                    && SHOWING_FINDINGS.contains(desk.bench().get())) {
                refresh();
            }
        });
        desk.page().addListener((InvalidationListener) o -> refresh());
        desk.whatIfs().addListener((InvalidationListener) o -> refresh());
        scene.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> mouseDown = true);
        scene.addEventFilter(MouseEvent.MOUSE_RELEASED, e -> {
            mouseDown = false;
            if (stale) {
                Platform.runLater(this::refresh);
            }
        });
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::keys);
        scene.addEventFilter(KeyEvent.KEY_TYPED, e -> {
            // What a key of the bench opens does not get its letter.
            if (keyTaken) {
                e.consume();
            }
        });
        scene.addEventFilter(KeyEvent.KEY_RELEASED, e -> keyTaken = false);
        root.addEventHandler(DragEvent.DRAG_OVER, e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
        });
        root.addEventHandler(DragEvent.DRAG_DROPPED, e -> {
            e.getDragboard().getFiles().forEach(f -> files.takeIn(f.toPath()));
            e.setDropCompleted(true);
        });
        seat();
        root.requestFocus();
    }

    public Scene scene() {
        return scene;
    }

    public Header header() {
        return header;
    }

    /** The bench that is seen; made when it is first gone to. */
    private Bench present() {
        return benches.computeIfAbsent(desk.bench().get(), name -> {
            Bench bench = make(name);
            bench.textSize(Theme.em(desk.settings().textSize()));
            return bench;
        });
    }

    private Bench make(BenchName name) {
        return switch (name) {
            case BRIEF -> new BriefBench(desk, files, painter, slips, briefSlips);
            case MAKEUP -> new MakeUpBench(desk, files, painter, slips);
            case COVER -> new CoverBench(desk, painter);
            case PROOF -> new ProofBench(desk, painter);
            case DESPATCH -> new DespatchBench(desk, files, opener);
        };
    }

    /**
     * Shows the bench anew; not while a mouse button is held, for a button that is pressed must still be there when it is let
     * go.
     */
    private void refresh() {
        stale = mouseDown;
        if (!mouseDown) {
            present().show();
        }
    }

    private void seat() {
        benchPlace.getChildren().setAll(present().node());
        present().show();
    }

    /** The card hangs beside the bench where there is room; where text is large or the window small, over it when asked for. */
    private void placeCard(StackPane table) {
        boolean roomy = scene.getWidth() >= ROOMY_EM * Theme.em(desk.settings().textSize());
        middle.getChildren().remove(card);
        table.getChildren().remove(card);
        header.offerMeasures(!roomy);
        if (roomy) {
            middle.getChildren().add(card);
        } else if (cardAsked) {
            table.getChildren().add(card);
        }
    }

    private void applyTextSize() {
        int percent = desk.settings().textSize();
        Theme.textSize(root, percent);
        benches.values().forEach(b -> b.textSize(Theme.em(percent)));
        card.requestLayout();
    }

    private void makeNotice() {
        Button away = Labels.wordButton(
                Wording.of("desk.desk-window.put-away"),
                Wording.of("desk.desk-window.close-notice"),
                desk::putAwayNotice);
        HBox.setHgrow(noticeText, Priority.ALWAYS);
        noticeText.setMaxWidth(Double.MAX_VALUE);
        noticeText.setId("notice");
        notice.getStyleClass().add("notice");
        notice.setMinHeight(Region.USE_PREF_SIZE);
        // A bench that is too tall for a small window never lies over a question.
        notice.setViewOrder(-1);
        Runnable show = () -> {
            Notice now = desk.notice().get();
            notice.setVisible(now != null);
            notice.setManaged(now != null);
            noticeText.setText(now == null ? "" : now.text());
            if (now != null && now.isQuestion()) {
                // Below the words, so that every answer is in reach however narrow the window is.
                FlowPane answers = new FlowPane(12, 2);
                answers.getChildren().setAll(answers(now));
                VBox asked = new VBox(4, noticeText, answers);
                HBox.setHgrow(asked, Priority.ALWAYS);
                notice.getChildren().setAll(asked);
            } else {
                notice.getChildren().setAll(noticeText, away);
            }
            notice.pseudoClassStateChanged(GOOD, now != null && now.good());
        };
        desk.notice().addListener((o, was, now) -> show.run());
        show.run();
    }

    private List<Button> answers(Notice question) {
        return question.choices().stream()
                .map(c -> {
                    Button answer = Labels.wordButton(c.words(), question.next().text(), () -> desk.answer(c));
                    answer.setId("answer-" + c.id());
                    return answer;
                })
                .toList();
    }

    private void keys(KeyEvent e) {
        if (e.isConsumed()) {
            // An open slip has taken it.
            return;
        }
        boolean typing = e.getTarget() instanceof TextInputControl;
        if (keyTaken && typing) {
            // The key is still held that opened what is typed in now.
            e.consume();
            return;
        }
        keyTaken = !typing && !slips.isOpen() && present().key(e);
        if (keyTaken) {
            e.consume();
            return;
        }
        if (e.isShortcutDown()) {
            shortcut(e, typing);
            return;
        }
        if (e.getCode() == KeyCode.F1) {
            help();
            e.consume();
            return;
        }
        if (typing
                || slips.isOpen()
                || (desk.bench().get() != BenchName.MAKEUP && desk.bench().get() != BenchName.PROOF)) {
            return;
        }
        boolean turned = true;
        switch (e.getCode()) {
            case LEFT, PAGE_UP -> desk.turn(-1);
            case RIGHT, PAGE_DOWN -> desk.turn(1);
            case HOME -> desk.goToSpread(0);
            case END -> desk.goToSpread(Integer.MAX_VALUE);
            default -> turned = false;
        }
        if (turned) {
            e.consume();
        }
    }

    private void shortcut(KeyEvent e, boolean typing) {
        boolean done = true;
        switch (e.getCode()) {
            case DIGIT1, DIGIT2, DIGIT3, DIGIT4, DIGIT5 -> desk.bench()
                    .set(BenchName.values()[e.getCode().ordinal() - KeyCode.DIGIT1.ordinal()]);
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
    private void help() {
        Node at = scene.getFocusOwner();
        for (Node n = at; n != null; n = n.getParent()) {
            if (n.getAccessibleHelp() != null && !n.getAccessibleHelp().isBlank()) {
                String name = n.getAccessibleText() != null
                        ? n.getAccessibleText()
                        : n instanceof Button b ? b.getText() : "";
                slips.toggle(new Slip(name == null ? "" : name).say(n.getAccessibleHelp()), n);
                return;
            }
        }
        slips.toggle(
                new Slip(Wording.of("desk.desk-window.help"))
                        .say(desk.bench().get().title() + ": "
                                + desk.bench().get().about())
                        .say(Wording.of("desk.desk-window.tab-walks-through-what")),
                header);
    }
}
