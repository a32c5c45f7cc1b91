package jorn.desk.benches;

import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polyline;
import jorn.book.Pagination;
import jorn.check.Checker;
import jorn.check.Finding;
import jorn.check.Finding.Severity;
import jorn.check.Mend;
import jorn.desk.model.BookFiles;
import jorn.desk.model.BookState;
import jorn.desk.model.Desk;
import jorn.desk.model.Findings;
import jorn.desk.view.CoverView;
import jorn.desk.view.FocusKeep;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.JointLayer;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.PressableBox;
import jorn.desk.view.SightBar;
import jorn.desk.view.Slip;
import jorn.desk.view.SlipLayer;
import jorn.desk.view.SpreadView;
import jorn.say.Wording;

/** The proof: findings as notes in the margin of the page that they are about, joined to the place by a line. */
public final class ProofBench implements Bench {
    private static final double COLUMN_EM = 19;

    private final Desk desk;
    private final SpreadView spread;
    private final CoverView cover;
    private final VBox notes = new VBox(6);
    private final ScrollPane scroll = new ScrollPane(notes);
    private final JointLayer over = new JointLayer();
    private final Polyline joint = over.line();
    private final StackPane view;
    private final StackPane node;
    private final VBox right = new VBox(4);
    private final VBox heading = new VBox(2);
    private final Label mend = Labels.wrapped("", "heading");
    private final Button looked;
    private final SightBar sight;
    private final ReceptionView reception;
    private final FlowPane ways = new FlowPane(12, 4);
    private boolean receiving;
    private boolean jumped = true;
    private int chosen;
    private List<Finding> findings = List.of();

    public ProofBench(Desk desk, BookFiles files, Painter painter, SlipLayer slips) {
        this.desk = desk;
        spread = new SpreadView(painter);
        spread.setOnPage(desk.page()::set);
        cover = new CoverView(painter);
        reception = new ReceptionView(desk, files, () -> receiving(false));
        view = new StackPane(spread, cover, reception.node());
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setMinWidth(0);
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        notes.setId("notes");
        HBox.setHgrow(view, Priority.ALWAYS);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        heading.getChildren().add(mend);
        sight = new SightBar(desk, spread, slips);
        ways.setId("ways");
        right.getChildren().setAll(heading, ways, scroll, sight);
        node = new StackPane(new HBox(16, view, right), over);
        node.setMinSize(0, 0);
        view.setMinSize(0, 0);
        scroll.vvalueProperty().addListener((o, was, now) -> join());
        looked = Labels.opener(
                Wording.of("desk.proof.what-jorn-has-looked", Checker.lookedAt().size()),
                Wording.of("desk.proof.what-jorn-has-looked-help"));
        looked.setId("looked-at");
        looked.setOnAction(e -> slips.toggle(lookedAt(), looked));
        node.layoutBoundsProperty().addListener((o, was, now) -> Platform.runLater(this::join));
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void textSize(double pixels) {
        spread.setEm(pixels);
        cover.setEm(pixels);
        right.setMinWidth(pixels * COLUMN_EM);
        right.setPrefWidth(pixels * COLUMN_EM);
        right.setMaxWidth(pixels * COLUMN_EM);
    }

    @Override
    public void corner(double width, double height, boolean small) {
        heading.setMinHeight(height);
        heading.setPadding(new Insets(0, width, 0, 0));
    }

    private static Slip lookedAt() {
        Slip slip = new Slip(Wording.of("desk.proof.looked-at-title"));
        slip.setStyle("-fx-pref-width: 34em;");
        Checker.lookedAt().forEach(slip::say);
        return slip;
    }

    @Override
    public boolean key(KeyEvent e) {
        return spread.key(e);
    }

    @Override
    public void show() {
        BookState state = desk.state().get();
        if (!desk.findings().get().all().equals(findings)) {
            findings = desk.findings().get().all();
            chosen = 0;
        }
        Optional<Finding> at = chosen < findings.size() ? Optional.of(findings.get(chosen)) : Optional.empty();
        boolean onCover = at.filter(f -> f.place().onCover()).isPresent();
        spread.setVisible(!onCover && !receiving);
        cover.setVisible(onCover && !receiving);
        reception.node().setVisible(receiving);
        if (receiving) {
            reception.show();
        }
        showWays();
        at.filter(f -> f.place().page() > 0)
                .filter(f -> Pagination.spreadOf(f.place().page()) != desk.spread() && jumped)
                .ifPresent(f -> desk.page().set(f.place().page()));
        jumped = false;
        spread.setMark(at.filter(f -> f.place().page() == desk.page().get())
                .flatMap(f -> f.place().box()));
        cover.setMark(at.flatMap(f -> f.place().box()));
        spread.show(state, desk.spread(), desk.page().get(), desk.unit().get());
        cover.show(state, desk.unit().get());
        showNotes();
        Platform.runLater(this::join);
    }

    /** Looks at the pages, or goes to the press's reception. */
    private void receiving(boolean now) {
        receiving = now;
        show();
    }

    private void showWays() {
        Button pages = Labels.oneOf(
                Wording.of("desk.proof.pages"),
                Wording.of("desk.proof.pages-help"),
                !receiving,
                () -> receiving(false));
        pages.setId("way-pages");
        Button press = Labels.oneOf(
                Wording.of("desk.proof.reception"),
                Wording.of("desk.proof.reception-help"),
                receiving,
                () -> receiving(true));
        press.setId("way-reception");
        FocusKeep.around(ways, ways, () -> ways.getChildren().setAll(pages, press));
    }

    private void showNotes() {
        Findings now = desk.findings().get();
        int toMend = now.toMend().size();
        mend.setText(
                toMend > 0
                        ? Wording.of("desk.proof.mend", toMend)
                        : now.whole()
                                ? Wording.of("desk.proof.nothing-mend")
                                : Wording.of("desk.proof.looking-at-pages"));
        mend.getStyleClass().setAll("label", "heading", toMend == 0 ? "ink" : "thread");
        FocusKeep.around(notes, scroll, () -> {
            notes.getChildren().clear();
            Severity last = Severity.ERROR;
            for (int i = 0; i < findings.size(); i++) {
                Severity here = findings.get(i).severity();
                if (here != last) {
                    int n = now.of(here).size();
                    notes.getChildren()
                            .add(Labels.label(
                                    here == Severity.WARNING
                                            ? Wording.of("desk.proof.look-at-heading", n)
                                            : Wording.of("desk.proof.good-know-heading", n),
                                    "heading"));
                    last = here;
                }
                notes.getChildren().add(note(findings.get(i), i));
            }
            notes.getChildren().add(looked);
        });
        sight.setVisible(spread.isVisible());
        sight.show();
    }

    private Node note(Finding f, int index) {
        String weight =
                switch (f.severity()) {
                    case ERROR -> Wording.of("desk.proof.must-mended");
                    case WARNING -> Wording.of("desk.proof.look-at");
                    case NOTE -> Wording.of("desk.proof.good-know");
                };
        PressableBox note = new PressableBox(2);
        note.getChildren()
                .add(Labels.label(
                        f.place().inWords() + " · " + weight, f.severity() == Severity.NOTE ? "soft" : "thread"));
        note.getChildren().add(Labels.wrapped(f.message(), "strong"));
        if (!f.measured().isEmpty() || !f.required().isEmpty()) {
            boolean both = !f.measured().isEmpty() && !f.required().isEmpty();
            String numbers = both
                    ? Wording.of("desk.proof.measured-and-asked-for", f.measured(), f.required())
                    : f.measured() + f.required();
            note.getChildren().add(Labels.wrapped(numbers, "soft"));
        }
        note.getChildren().add(Labels.wrapped(f.remedy(), "italic"));
        if (index == chosen) {
            if (!f.clause().isEmpty()) {
                note.getChildren().add(Labels.wrapped(f.clause(), "soft"));
            }
            int n = 0;
            for (Mend remedy : f.remedies()) {
                Button deed =
                        Labels.act(remedy.label().text(), Wording.of("desk.proof.remedy-help"), () -> mend(remedy));
                deed.setId("remedy-" + n++);
                note.getChildren().add(deed);
            }
        }
        note.getStyleClass().setAll("note");
        note.setId("note-" + f.id().replace('.', '-'));
        note.setAccessibleText(f.message());
        note.setAccessibleHelp(Wording.of("desk.proof.finding-click-or-press"));
        if (index == chosen) {
            note.getStyleClass().add("chosen");
        }
        note.setOnDeed(() -> choose(index));
        note.setOnKeyPressed(e -> {
            int step = e.getCode() == KeyCode.DOWN ? 1 : e.getCode() == KeyCode.UP ? -1 : 0;
            if (step != 0) {
                choose(Math.max(0, Math.min(findings.size() - 1, index + step)));
                e.consume();
            }
        });
        return note;
    }

    /** Makes a remedy; undo takes it back. */
    private void mend(Mend remedy) {
        desk.attempt(() -> desk.change("remedy " + remedy.label().text(), remedy.mend()));
    }

    private void choose(int index) {
        chosen = index;
        jumped = true;
        receiving = false;
        show();
        notes.lookupAll(".note").stream().skip(index).findFirst().ifPresent(Node::requestFocus);
    }

    /** Draws the line from the chosen note to its place. */
    private void join() {
        joint.getPoints().clear();
        if (receiving || chosen >= findings.size() || over.getScene() == null) {
            return;
        }
        Finding f = findings.get(chosen);
        Node note = notes.lookup(".chosen");
        if (note == null
                || (f.place().page() > 0 && f.place().page() != desk.page().get())) {
            return;
        }
        Optional<Point2D> place = placeOf(f);
        place.ifPresent(p -> {
            Point2D from = over.sceneToLocal(p);
            Point2D to = over.sceneToLocal(note.localToScene(0, 16));
            double top = over.sceneToLocal(scroll.localToScene(0, 0)).getY();
            if (to.getY() >= top) {
                joint.getPoints().setAll(from.getX(), from.getY(), to.getX() - 14, from.getY(), to.getX(), to.getY());
            }
        });
    }

    private Optional<Point2D> placeOf(Finding f) {
        if (f.place().onCover()) {
            return f.place().box().map(b -> {
                Rectangle2D at = cover.placeOf(b.outset(3));
                return cover.localToScene(at.getMaxX(), at.getMinY() + Math.min(20, at.getHeight() / 2));
            });
        }
        if (f.place().page() == 0) {
            return Optional.empty();
        }
        Rectangle2D at = f.place()
                .box()
                .map(b -> spread.placeOf(f.place().page(), b.outset(3)))
                .orElseGet(() -> spread.placeOf(f.place().page()));
        return Optional.of(spread.localToScene(at.getMaxX(), at.getMinY() + Math.min(20, at.getHeight() / 2)));
    }
}
