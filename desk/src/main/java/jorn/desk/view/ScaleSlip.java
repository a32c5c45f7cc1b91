package jorn.desk.view;

import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jorn.desk.model.Desk;
import jorn.measure.Length;
import jorn.measure.Unit;
import jorn.say.Wording;

/** At which scale the pages are seen; and, once, how large a point is on this screen, found with a ruler or a bank card. */
final class ScaleSlip extends Slip {
    /** The long side of a card of the form ID-1, ISO/IEC 7810. */
    private static final Length CARD = Length.mm(85.60);

    private static final int[] PER_CENT = {50, 100, 200, 400};
    private static final double STEP = 0.005;

    private final Desk desk;
    private final SpreadView spread;
    private final Region bar = new Region();

    ScaleSlip(Desk desk, SpreadView spread) {
        super(Wording.of("desk.scale.title"));
        this.desk = desk;
        this.spread = spread;
        Button whole = choice(Wording.of("desk.scale.whole"), "Ctrl+0", spread.isWhole(), spread::showWhole);
        whole.setId("scale-whole");
        add(whole);
        for (int each : PER_CENT) {
            Button at = choice(
                    each + " %",
                    each == 100 ? Wording.of("desk.scale.true-size") : "",
                    false,
                    () -> spread.setScale(desk.settings().pixelsPerPoint() * each / 100));
            at.setId("scale-" + each);
            add(at);
        }
        say(Wording.of("desk.scale.wheel"));
        add(Labels.label(Wording.of("desk.scale.screen"), "group-name"));
        say(Wording.of("desk.scale.lay-card", CARD.format(desk.unit().get())));
        bar.setStyle("-fx-background-color: #EAD9C6; -fx-border-color: thread; -fx-border-width: 0 2 0 2;");
        bar.setMinHeight(26);
        bar.setId("true-bar");
        VBox frame = new VBox(bar);
        frame.setFillWidth(false);
        frame.setPadding(new Insets(4, 0, 4, 0));
        Button shorter = Labels.act("−", Wording.of("desk.scale.shorter"), () -> stretch(1 - STEP));
        Button longer = Labels.act("+", Wording.of("desk.scale.longer"), () -> stretch(1 + STEP));
        shorter.setId("bar-shorter");
        longer.setId("bar-longer");
        add(frame, new HBox(6, shorter, longer));
        field(
                Wording.of("desk.scale.or-ruler"),
                "bar-measured",
                CARD.format(desk.unit().get()),
                Wording.of("desk.scale.or-ruler-help"),
                text -> measured(Length.parse(text, desk.unit().get())));
        size();
    }

    private void stretch(double by) {
        set(desk.settings().pixelsPerPoint() * by);
    }

    /** The bar is as long as that on a ruler laid on the screen. */
    private void measured(Length seen) {
        if (seen.points() <= 0) {
            throw jorn.measure.Trouble.of("desk.scale.no-length", seen.format(Unit.MILLIMETRE));
        }
        set(bar.getMinWidth() / seen.points());
    }

    private void set(double pixels) {
        desk.settings().setPixelsPerPoint(pixels);
        size();
        spread.redraw();
    }

    private void size() {
        double wide = CARD.points() * desk.settings().pixelsPerPoint();
        bar.setMinWidth(wide);
        bar.setPrefWidth(wide);
        bar.setMaxWidth(wide);
    }
}
