package jorn.desk.bindery;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;
import jorn.desk.bindery.BinderyWork.Loaded;
import jorn.desk.bindery.StackDrawing.Sight;
import jorn.desk.view.Labels;
import jorn.impose.FoldKind;
import jorn.impose.Imposition;
import jorn.impose.OneCutFold;
import jorn.impose.PressSheet;
import jorn.say.Wording;

/**
 * The stack as it is seen: sheets front and back as they are fed, then folded, put into each other, stapled and opened; or cut and piled. The time line
 * is dragged by its corner. A press on a page says on which sheet it lies.
 */
final class StackView extends VBox {
    private static final double HIGH = 250;
    private static final double START = 0.05;

    private final BinderyWork work;
    private final PagePaint paint;
    private final FedDrawing fed;
    private final StackDrawing folding;
    private final StackDrawing oneCut;
    private final Canvas canvas = new Canvas(600, HIGH);
    private final Slider time = new Slider(0, 4, 0);
    private final Label told = Labels.wrapped("", "soft");
    private final StepLine steps = new StepLine();
    private int page = 1;

    StackView(BinderyWork work) {
        super(6);
        this.work = work;
        paint = new PagePaint(work::picture);
        fed = new FedDrawing(paint);
        folding = new FoldDrawing(paint);
        oneCut = new OneCutDrawing(paint);
        setId("bindery-stack");
        // The canvas follows it, and does not hold it as wide as it once was.
        setMinWidth(0);
        time.setId("bindery-time");
        time.setAccessibleText(Wording.of("desk.bindery.time"));
        time.setBlockIncrement(0.25);
        time.valueProperty().addListener((o, was, now) -> draw());
        told.setId("bindery-told");
        canvas.setOnMousePressed(this::press);
        canvas.setFocusTraversable(true);
        canvas.setAccessibleText(Wording.of("desk.bindery.stack"));
        canvas.getStyleClass().add("region-focus");
        canvas.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.RIGHT || e.getCode() == KeyCode.LEFT) {
                go(page + (e.getCode() == KeyCode.RIGHT ? 1 : -1));
                e.consume();
            }
        });
        getChildren().addAll(canvas, time, steps, told);
        widthProperty().addListener((o, was, now) -> {
            canvas.setWidth(Math.max(200, now.doubleValue()));
            draw();
        });
    }

    /** Goes to a page. */
    void go(int wanted) {
        int most = work.loaded().map(l -> l.layout().imposition().pages()).orElse(1);
        page = Math.max(1, Math.min(most, wanted));
        draw();
    }

    int page() {
        return page;
    }

    private static List<String> stepsOf(FoldKind kind) {
        if (kind == FoldKind.LOOSE) {
            return List.of("fed", "piled");
        }
        if (kind == FoldKind.ONE_CUT) {
            return List.of("fed", "cut", "folded", "crossed", "closed", "opened");
        }
        return kind.isCut() ? List.of("fed", "cut", "piled") : List.of("fed", "folded", "nested", "bound", "opened");
    }

    /** Shows what is bound now. */
    void show() {
        Optional<Loaded> now = work.loaded();
        List<String> names =
                now.map(l -> stepsOf(l.layout().imposition().scheme().kind())).orElse(List.of());
        time.setMax(Math.max(1, names.size() - 1));
        time.setDisable(names.size() < 2);
        steps.getChildren().clear();
        for (int i = 0; i < names.size(); i++) {
            int step = i;
            var word = Labels.act(
                    Wording.of("desk.bindery.step-" + names.get(i)),
                    Wording.of("desk.bindery.step-help"),
                    () -> time.setValue(step));
            word.setId("bindery-step-" + names.get(i));
            steps.getChildren().add(word);
        }
        draw();
    }

    /** Draws it anew, once another page is painted. */
    void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        Optional<Loaded> now = work.loaded();
        if (now.isEmpty()) {
            told.setText(Wording.of("desk.bindery.reading"));
            return;
        }
        Imposition of = now.get().layout().imposition();
        page = Math.max(1, Math.min(of.pages(), page));
        PressSheet sheet = of.where(page).get(0);
        boolean front = sheet.front().stream().anyMatch(s -> s.page() == page);
        told.setText(Wording.of(
                front ? "desk.bindery.lies-front" : "desk.bindery.lies-back",
                page,
                sheet.number(),
                of.sheets().size()));
        drawing(of.scheme().kind(), time.getValue()).draw(g, sight(now.get()), time.getValue());
    }

    private Sight sight(Loaded of) {
        return new Sight(of, page, canvas.getWidth(), HIGH);
    }

    private StackDrawing drawing(FoldKind kind, double t) {
        if (kind == FoldKind.ONE_CUT) {
            return t <= OneCutFold.CLOSED ? oneCut : new OpenDrawing(paint, fed, OneCutFold.CLOSED);
        }
        if (kind == FoldKind.LOOSE) {
            return t < START ? fed : new PileDrawing(paint, 0);
        }
        if (t < 1) {
            return fed;
        }
        if (kind.isCut()) {
            return new PileDrawing(paint, 1);
        }
        return t < 3 ? folding : new OpenDrawing(paint, fed, 3);
    }

    /** Finds the page under the pointer among the sheets as they are fed. */
    private void press(MouseEvent e) {
        canvas.requestFocus();
        Optional<Loaded> now = work.loaded();
        now.ifPresent(loaded -> drawing(loaded.layout().imposition().scheme().kind(), time.getValue())
                .pageAt(sight(loaded), time.getValue(), e.getX(), e.getY())
                .ifPresent(this::go));
    }
}
