package jorn.desk.view;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Circle;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Shape;
import jorn.desk.model.BenchName;
import jorn.desk.model.Desk;
import jorn.measure.Unit;
import jorn.say.Wording;

/**
 * The benches as the five sewing stations of a fold. A thread runs through them, outside and inside by turns, and is knotted
 * at the bench where the user is.
 */
public final class Rail extends Pane {
    private static final double THREAD_X = 26;
    private static final double TOP = 150;

    private final Desk desk;
    private final Map<BenchName, Button> stations = new EnumMap<>(BenchName.class);
    private final Map<BenchName, Label> waiting = new EnumMap<>(BenchName.class);
    private final Circle[] holes = new Circle[BenchName.values().length];
    private final Shape[] stitches = new Shape[BenchName.values().length + 1];
    private final Circle knot = new Circle(9.5, Color.TRANSPARENT);
    private final Label wordmark = Labels.label(Wording.of("desk.rail.jorn"), "wordmark");
    private final HBox units;

    public Rail(Desk desk) {
        this.desk = desk;
        getStyleClass().add("rail");
        for (int i = 0; i < stitches.length; i++) {
            stitches[i] = stitch(i);
            getChildren().add(stitches[i]);
        }
        for (int i = 0; i < holes.length; i++) {
            holes[i] = new Circle(4.5, Theme.INK);
            holes[i].setMouseTransparent(true);
        }
        for (BenchName name : BenchName.values()) {
            getChildren().add(station(name));
        }
        getChildren().addAll(holes);
        knot.setStroke(Theme.THREAD);
        knot.setStrokeWidth(3);
        knot.setMouseTransparent(true);
        units = units();
        getChildren().addAll(knot, wordmark, units);
        desk.bench().addListener((o, was, now) -> show());
        desk.findings().addListener((o, was, now) -> show());
        show();
    }

    private static Shape stitch(int i) {
        CubicCurve curve = new CubicCurve();
        curve.setFill(null);
        curve.setStroke(Theme.THREAD);
        curve.setStrokeWidth(2.4);
        boolean inside = i % 2 == 0 && i > 0 && i < BenchName.values().length;
        if (inside) {
            curve.getStrokeDashArray().setAll(2.0, 6.0);
            curve.setStrokeWidth(1.8);
            curve.setOpacity(0.7);
        }
        curve.setMouseTransparent(true);
        return curve;
    }

    private Button station(BenchName name) {
        Label title = new Label(name.title());
        Label more = Labels.label("", "waiting");
        waiting.put(name, more);
        Button button = new Button();
        VBox words = new VBox(title, more);
        button.setGraphic(words);
        button.getStyleClass().setAll("station");
        button.setId("bench-" + name.name().toLowerCase(java.util.Locale.ROOT));
        button.setAccessibleText(name.title());
        button.setAccessibleHelp(Wording.of("desk.rail.ctrl-goes-there", name.about(), name.ordinal() + 1));
        button.setOnAction(e -> desk.goTo(name));
        stations.put(name, button);
        return button;
    }

    private HBox units() {
        Button inches = Labels.oneOf("in", Wording.of("desk.rail.show-lengths-inches"), false, () -> desk.unit()
                .set(Unit.INCH));
        Button mm = Labels.oneOf("mm", Wording.of("desk.rail.show-lengths-millimetres"), false, () -> desk.unit()
                .set(Unit.MILLIMETRE));
        inches.setId("unit-in");
        mm.setId("unit-mm");
        inches.getStyleClass().add("unit-button");
        mm.getStyleClass().add("unit-button");
        Runnable mark = () -> {
            Labels.mark(inches, desk.unit().get() == Unit.INCH);
            Labels.mark(mm, desk.unit().get() == Unit.MILLIMETRE);
        };
        desk.unit().addListener((o, was, now) -> mark.run());
        mark.run();
        HBox row = new HBox(2, inches, mm);
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return row;
    }

    private Button stationOf(BenchName name) {
        return Objects.requireNonNull(stations.get(name));
    }

    private void show() {
        int mend = desk.findings().get().toMend().size();
        int look = desk.findings().get().toLookAt().size();
        String waits =
                mend > 0 ? Wording.of("desk.rail.mend", mend) : look > 0 ? Wording.of("desk.rail.look-at", look) : "";
        for (BenchName name : BenchName.values()) {
            stationOf(name).getStyleClass().remove("here");
            Label more = Objects.requireNonNull(waiting.get(name));
            more.setText(name == BenchName.PROOF ? waits : "");
            more.setManaged(!more.getText().isEmpty());
        }
        stationOf(desk.bench().get()).getStyleClass().add("here");
        requestLayout();
    }

    @Override
    protected double computePrefWidth(double height) {
        double widest = 0;
        for (Button b : stations.values()) {
            widest = Math.max(widest, b.prefWidth(-1));
        }
        return THREAD_X + 10 + widest + 4;
    }

    @Override
    protected void layoutChildren() {
        double foot = getHeight() - 150;
        double step = Math.min(110, (foot - TOP) / 4);
        wordmark.autosize();
        wordmark.relocate(14, 14);
        units.autosize();
        units.relocate(10, getHeight() - units.getHeight() - 14);
        for (BenchName name : BenchName.values()) {
            double y = TOP + name.ordinal() * step;
            Button b = stationOf(name);
            b.autosize();
            double line = ((VBox) b.getGraphic()).getChildren().get(0).prefHeight(-1);
            b.relocate(THREAD_X + 10, y - line / 2 - 5);
            holes[name.ordinal()].setCenterX(THREAD_X);
            holes[name.ordinal()].setCenterY(y);
            if (name == desk.bench().get()) {
                knot.setCenterX(THREAD_X);
                knot.setCenterY(y);
            }
        }
        for (int i = 0; i < stitches.length; i++) {
            double from = i == 0 ? TOP - 54 : TOP + (i - 1) * step;
            double to = i == stitches.length - 1 ? TOP + 4 * step + 88 : TOP + i * step;
            CubicCurve c = (CubicCurve) stitches[i];
            double sway = i == 0 ? 0 : i == stitches.length - 1 ? 5 : i % 2 == 1 ? -8 : 0;
            c.setStartX(THREAD_X);
            c.setStartY(from);
            c.setControlX1(THREAD_X + sway);
            c.setControlY1(from + (to - from) * 0.3);
            c.setControlX2(THREAD_X + sway);
            c.setControlY2(from + (to - from) * 0.7);
            c.setEndX(THREAD_X);
            c.setEndY(to);
        }
    }
}
