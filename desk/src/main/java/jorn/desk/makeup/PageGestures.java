package jorn.desk.makeup;

import java.util.Locale;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import jorn.desk.model.Desk;
import jorn.desk.view.FocusKeep;
import jorn.desk.view.Painter;
import jorn.desk.view.Slip;
import jorn.desk.view.SlipLayer;
import jorn.desk.view.SpreadView;
import jorn.layout.Tree.Edge;
import jorn.say.Wording;

/** What is done to the page with the hand: pointing, dragging, typing over, putting blocks beside others, keys. */
public final class PageGestures implements PageColumn.Host {
    private final Desk desk;
    private final PageWork work;
    private final FlatPlan plan;
    private final SpreadView spread;
    private final Pane typing;
    private final SlipLayer slips;
    private final Painter painter;
    private final PageEditor editor;
    private final InPlace inPlace;
    private final MakeUpKeys keys;

    /**
     * @param typing lies over the spread, for fields to type in
     * @param designs opens the designs
     */
    public PageGestures(
            Desk desk,
            PageWork work,
            PuzzleWork puzzles,
            PatternWork patterns,
            FlatPlan plan,
            SpreadView spread,
            Pane typing,
            SlipLayer slips,
            Painter painter,
            Runnable designs) {
        this.desk = desk;
        this.work = work;
        this.plan = plan;
        this.spread = spread;
        this.typing = typing;
        this.slips = slips;
        this.painter = painter;
        editor = new PageEditor(desk, work, spread, this::type);
        inPlace = new InPlace(desk, work, typing, spread);
        keys = new MakeUpKeys(desk, work, puzzles, patterns, plan, this::offerByKey, this::type, designs);
        spread.addEventFilter(KeyEvent.KEY_RELEASED, e -> keys.letGo());
        plan.addEventFilter(KeyEvent.KEY_RELEASED, e -> keys.letGo());
    }

    /** The keys, listed. */
    public static Slip keys() {
        return new KeysSlip();
    }

    /** Where the chosen part lies on the spread, if one is chosen. */
    public Optional<Rectangle2D> placeOfPart() {
        return editor.placeOfPart();
    }

    @Override
    public void type() {
        placeOfPart().ifPresent(at -> {
            Bounds in = typing.sceneToLocal(spread.localToScene(
                    new javafx.geometry.BoundingBox(at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight())));
            boolean typed = inPlace.open(new Rectangle2D(in.getMinX(), in.getMinY(), in.getWidth(), in.getHeight()));
            if (!typed) {
                Node first = spread.getScene().lookup("[id^=part-]");
                if (first != null) {
                    first.requestFocus();
                }
            }
        });
    }

    /** Puts a block below the chosen part, or at the end of the page where none is chosen. */
    void put(jorn.layout.Node block) {
        if (work.recipe().isPresent()) {
            work.insert(Edge.BELOW, block);
            Platform.runLater(spread::requestFocus);
        }
    }

    /** Shows where a block that is carried would be put. */
    void carry(double sceneX, double sceneY) {
        Point2D at = spread.sceneToLocal(sceneX, sceneY);
        editor.pointAt(at.getX(), at.getY());
    }

    /**
     * Puts a block where it is let go: above or below the part that is there, whichever half of it is nearer.
     *
     * @return whether there was a page to put it on
     */
    boolean drop(jorn.layout.Node block, double sceneX, double sceneY) {
        Point2D at = spread.sceneToLocal(sceneX, sceneY);
        Optional<Edge> edge = editor.chooseAt(at.getX(), at.getY());
        edge.ifPresent(e -> {
            work.insert(e, block);
            Platform.runLater(spread::requestFocus);
        });
        return edge.isPresent();
    }

    @Override
    public void offer(Optional<Edge> edge, Node from) {
        if (work.recipe().isEmpty()) {
            return;
        }
        String beside =
                work.part().isPresent() ? "“" + work.partName() + "”" : Wording.of("desk.page-gestures.everything");
        String title = edge.map(e -> Wording.of("desk.edge.title-" + e.name().toLowerCase(Locale.ROOT), beside))
                .orElse(Wording.of("desk.page-gestures.put-place", beside));
        BlocksSlip slip = new BlocksSlip(title, block -> {
            edge.ifPresentOrElse(e -> work.insert(e, block), () -> work.replace(block));
            // What was put is chosen, and the keys are for it.
            Platform.runLater(spread::requestFocus);
        });
        slips.toggle(slip, from);
    }

    /** Offers blocks in the column beside the page, so that the page stays in sight. */
    private void offerByKey(Edge edge) {
        Node button = spread.getScene().lookup("#put-" + edge.name().toLowerCase(Locale.ROOT));
        Node from = button == null ? spread.getScene().lookup("#subject-page") : button;
        offer(Optional.of(edge), from);
    }

    @Override
    public void offerFacing(Node from) {
        slips.toggle(
                new DesignsSlip(
                        desk,
                        painter,
                        work,
                        plan,
                        Wording.of("desk.page-gestures.design-page-after-each"),
                        design -> work.changeRun(r -> r.facing(design).withBareBack(false))),
                from);
    }

    /**
     * Hears of a key. Letters act only while the page or the plan has the focus: whoever types blindly elsewhere changes nothing.
     *
     * @return whether the key does something here
     */
    public boolean key(KeyEvent e) {
        if (!FocusKeep.isWithin(e.getTarget(), spread) && !FocusKeep.isWithin(e.getTarget(), plan)) {
            return false;
        }
        return keys.press(e, e.getTarget() instanceof ButtonBase);
    }
}
