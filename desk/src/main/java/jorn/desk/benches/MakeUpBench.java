package jorn.desk.benches;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Orientation;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polyline;
import jorn.desk.makeup.ArtWork;
import jorn.desk.makeup.ColoursSlip;
import jorn.desk.makeup.DatesSlip;
import jorn.desk.makeup.DesignsSlip;
import jorn.desk.makeup.FlatPlan;
import jorn.desk.makeup.OrnamentsSlip;
import jorn.desk.makeup.PageColumn;
import jorn.desk.makeup.PageColumn.Subject;
import jorn.desk.makeup.PageGestures;
import jorn.desk.makeup.PageTable;
import jorn.desk.makeup.PageWork;
import jorn.desk.makeup.PatternWork;
import jorn.desk.makeup.PuzzleWork;
import jorn.desk.makeup.StyleSlip;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.JointLayer;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.SightBar;
import jorn.desk.view.Slip;
import jorn.desk.view.SlipLayer;
import jorn.desk.view.SpreadView;
import jorn.say.Wording;

/** The make-up of the inside: the flat plan, one spread large and open to the hand, and the settings of what is chosen. */
public final class MakeUpBench implements Bench {
    private final Desk desk;
    private final FlatPlan plan;
    private final SpreadView spread;
    private final PageGestures handling;
    private final PageColumn column;
    private final JointLayer over = new JointLayer();
    private final Polyline joint = over.line();
    private final PageTable table;
    private final StackPane node;
    private final SightBar sight;
    private final FlowPane openers;
    private final VBox right;

    public MakeUpBench(Desk desk, BookFiles files, Painter painter, SlipLayer slips) {
        this.desk = desk;
        PageWork work = new PageWork(desk);
        PuzzleWork puzzles = new PuzzleWork(desk, files, work);
        PatternWork patterns = new PatternWork(desk, work);
        plan = new FlatPlan(desk, work, painter);
        plan.setId("flat-plan");
        plan.setAccessibleText(Wording.of("desk.make-up.flat-plan"));
        plan.setAccessibleHelp(Wording.of("desk.make-up.all-spreads-reading-order"));
        spread = new SpreadView(painter);
        spread.setId("spread");
        spread.setFocusTraversable(true);
        spread.getStyleClass().add("region-focus");
        spread.setAccessibleText(Wording.of("desk.make-up.spread"));
        spread.setAccessibleHelp(Wording.of("desk.make-up.up-down-choose-part"));
        Pane typing = new Pane();
        typing.setPickOnBounds(false);
        Button designs = opener(
                Wording.of("desk.make-up.designs"),
                "designs",
                Wording.of("desk.make-up.page-designs-take-one"),
                slips,
                () -> new DesignsSlip(desk, files, painter, work, plan));
        handling = new PageGestures(desk, work, puzzles, patterns, plan, spread, typing, slips, painter, designs::fire);
        column = new PageColumn(desk, files, work, puzzles, patterns, new ArtWork(desk, files, work), handling);
        work.setOnChoice(this::show);
        puzzles.setOnChoice(this::show);
        column.setOnSubject(() -> Platform.runLater(this::join));
        plan.setOnRun(run -> column.choose(Subject.RUN));
        sight = new SightBar(desk, spread, slips);
        openers = new FlowPane(
                Orientation.HORIZONTAL,
                10,
                3,
                designs,
                opener(
                        Wording.of("desk.style.opener"),
                        "style",
                        Wording.of("desk.style.opener-help"),
                        slips,
                        () -> new StyleSlip(desk, files, painter)),
                opener(
                        Wording.of("desk.ornaments.opener"),
                        "ornaments",
                        Wording.of("desk.ornaments.click-or-drag"),
                        slips,
                        () -> new OrnamentsSlip(desk, painter, handling)),
                opener(
                        Wording.of("desk.make-up.dates"),
                        "dates",
                        Wording.of("desk.make-up.period-weeks-language-holidays"),
                        slips,
                        () -> new DatesSlip(desk)),
                opener(
                        Wording.of("desk.make-up.colours-type"),
                        "colours",
                        Wording.of("desk.make-up.colours-typefaces"),
                        slips,
                        () -> new ColoursSlip(desk, painter)),
                opener(
                        Wording.of("desk.make-up.keys"),
                        "keys",
                        Wording.of("desk.make-up.what-keys-do-at"),
                        slips,
                        PageGestures::keys));
        VBox.setVgrow(column, Priority.ALWAYS);
        right = new VBox(4, openers, column, sight);
        table = new PageTable(desk, plan, spread, right);
        node = new StackPane(table, over, typing);
        node.setMinSize(0, 0);
        spread.layoutBoundsProperty().addListener((o, was, now) -> Platform.runLater(this::join));
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void textSize(double pixels) {
        plan.setEm(pixels);
        spread.setEm(pixels);
        table.textSize(pixels);
    }

    @Override
    public void corner(double width, double height, boolean small) {
        // They keep clear of what hangs at the right, and none lies over what is below.
        openers.setMinHeight(Region.USE_PREF_SIZE);
        VBox.setMargin(
                openers, new Insets(0, 0, small ? 0 : Math.max(0, height - openers.prefHeight(right.getWidth())), 0));
        openers.setPadding(new Insets(0, width, 0, 0));
        right.getChildren().remove(sight);
        column.setFoot(small ? Optional.of(sight) : Optional.empty());
        if (!small) {
            right.getChildren().add(sight);
        }
    }

    private static Button opener(String name, String id, String help, SlipLayer slips, Supplier<Slip> slip) {
        Button button = Labels.opener(name, help);
        button.setId("makeup-" + id);
        button.setOnAction(e -> slips.toggle(slip.get(), button));
        return button;
    }

    @Override
    public void show() {
        table.requestLayout();
        plan.show();
        spread.show(
                desk.state().get(),
                desk.spread(),
                desk.page().get(),
                desk.unit().get());
        sight.show();
        column.show();
        Platform.runLater(this::join);
    }

    @Override
    public boolean key(KeyEvent e) {
        return spread.key(e) || handling.key(e);
    }

    /** Draws the line from what is chosen to its slip. */
    private void join() {
        Optional<Node> slip = column.first();
        if (slip.isEmpty() || over.getScene() == null || desk.state().get() == null) {
            return;
        }
        var to = over.sceneToLocal(slip.get().localToScene(0, 26));
        // What is scrolled out of sight has no line.
        joint.setVisible(
                to.getY() >= over.sceneToLocal(column.localToScene(0, 20)).getY());
        Rectangle2D page = spread.placeOf(desk.page().get());
        Optional<Rectangle2D> part = column.isAboutPage() ? handling.placeOfPart() : Optional.empty();
        boolean outer = page.getMinX() + 1 >= spread.getWidth() / 2;
        if (part.isPresent() && outer) {
            var from = over.sceneToLocal(spread.localToScene(
                    part.get().getMaxX() + 2,
                    part.get().getMinY() + Math.min(20, part.get().getHeight() / 2)));
            joint.getPoints().setAll(from.getX(), from.getY(), to.getX() - 12, from.getY(), to.getX(), to.getY());
        } else if (outer) {
            var from = over.sceneToLocal(spread.localToScene(page.getMaxX(), page.getMinY() + page.getHeight() * 0.18));
            joint.getPoints().setAll(from.getX(), from.getY(), to.getX() - 12, from.getY(), to.getX(), to.getY());
        } else {
            // Over the head of the facing page, not across it.
            var from = over.sceneToLocal(spread.localToScene(page.getMaxX() - 14, page.getMinY()));
            double above = from.getY() - 9;
            joint.getPoints()
                    .setAll(from.getX(), from.getY(), from.getX(), above, to.getX() - 12, above, to.getX(), to.getY());
        }
    }
}
