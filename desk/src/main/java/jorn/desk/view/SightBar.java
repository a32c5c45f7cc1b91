package jorn.desk.view;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jorn.desk.model.Desk;
import jorn.say.Wording;

/** How the pages are looked at: nearer and farther, alone or facing, under a glass, with gutter and bleed marked. */
public final class SightBar extends VBox {
    private static final double LEAST_EM = 15;

    private final Desk desk;
    private final SpreadView spread;
    private final Button scale;
    private final Button whole;
    private final Button single;
    private final Button loupe;
    private final Button zones;
    private final Label key = Labels.wrapped("", "aside");

    public SightBar(Desk desk, SpreadView spread, SlipLayer slips) {
        super(2);
        this.desk = desk;
        this.spread = spread;
        Button farther = Labels.act("−", Wording.of("desk.sight.farther"), () -> spread.nearer(1 / 1.25));
        Button nearer = Labels.act("+", Wording.of("desk.sight.nearer"), () -> spread.nearer(1.25));
        farther.setId("farther");
        nearer.setId("nearer");
        scale = Labels.opener("", Wording.of("desk.sight.scale-help"));
        scale.setId("scale");
        scale.setOnAction(e -> slips.toggle(new ScaleSlip(desk, spread), scale));
        whole = Labels.oneOf(
                Wording.of("desk.sight.whole"), Wording.of("desk.sight.whole-help"), true, spread::showWhole);
        whole.setId("whole");
        single = Labels.oneOf(
                Wording.of("desk.sight.single"),
                Wording.of("desk.sight.single-help"),
                false,
                () -> spread.setSingle(!spread.isSingle()));
        single.setId("single");
        loupe = Labels.oneOf(
                Wording.of("desk.sight.loupe"),
                Wording.of("desk.sight.loupe-help"),
                false,
                () -> spread.setLoupe(!spread.hasLoupe()));
        loupe.setId("loupe");
        zones = Labels.oneOf(
                Wording.of("desk.sight.zones"), Wording.of("desk.make-up.show-or-hide-gutter"), true, () -> {
                    spread.setZones(!spread.hasZones());
                    show();
                });
        zones.setId("zones");
        HBox near = new HBox(4, farther, scale, nearer);
        near.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        FlowPane words = new FlowPane(6, 1, near, whole, single, loupe, zones);
        words.setRowValignment(javafx.geometry.VPos.CENTER);
        getChildren().addAll(words, key);
        setMinHeight(USE_PREF_SIZE);
        spread.setOnSight(this::show);
        spread.widthProperty().addListener(o -> show());
        spread.heightProperty().addListener(o -> show());
    }

    /** Shows how the pages are looked at now. */
    public void show() {
        if (spread.getWidth() < 1 || spread.zonesKey().isEmpty()) {
            return;
        }
        scale.setText(Math.round(100 * spread.scale() / desk.settings().pixelsPerPoint()) + " %");
        Labels.mark(whole, spread.isWhole());
        Labels.mark(single, spread.isSingle());
        Labels.mark(loupe, spread.hasLoupe());
        Labels.mark(zones, spread.hasZones());
        key.setText(spread.zonesKey());
        // Where there is little room the marks speak for themselves; resting the pointer on their word tells them.
        boolean room = spread.getHeight() > LEAST_EM * spread.em();
        boolean told = spread.hasZones() && room;
        key.setVisible(told);
        key.setManaged(told);
        zones.setAccessibleHelp(Wording.of("desk.make-up.show-or-hide-gutter") + " " + spread.zonesKey());
    }
}
