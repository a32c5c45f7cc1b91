package jorn.desk.covers;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import jorn.art.Ink;
import jorn.colour.Lab;
import jorn.colour.PrintCondition;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.measure.Numeral;
import jorn.say.Wording;

/** A colour: a swatch, six figures to type, its four inks, and how near they come to it. */
final class ColourField {
    /** A difference that is seen at a glance (ΔE*ab of 1976; common practice). */
    private static final double SEEN = 8;

    private ColourField() {}

    static void add(Slip slip, CoverWork work, String name, String id, Ink now, Consumer<Ink> take) {
        TextField field = slip.field(
                name,
                id,
                now.hex(),
                Wording.of("desk.cover.six-figures-or-letters"),
                text -> take.accept(Ink.hex(text)));
        field.setPrefColumnCount(6);
        Region swatch = new Region();
        swatch.getStyleClass().setAll("swatch");
        swatch.setStyle("-fx-background-color: #" + now.hex() + "; -fx-cursor: default;");
        HBox row = (HBox) field.getParent();
        Button pick =
                Labels.act(Wording.of("desk.covers.pick"), Wording.of("desk.covers.pick-help"), () -> work.picking()
                        .set(Optional.of(take)));
        pick.setId(id + "-pick");
        pick.setAccessibleText(name + ": " + Wording.of("desk.covers.pick-help"));
        row.getChildren().addAll(1, java.util.List.of(pick, swatch));
        slip.add(Labels.wrapped(inks(now), "fine-print"));
    }

    /** What the four inks are, and what becomes of a colour that they cannot make. */
    static String inks(Ink ink) {
        double[] four = PrintCondition.shipped().inksOf(ink.rgb());
        Lab seen = Lab.ofRgb(ink.rgb());
        Lab printed = PrintCondition.shipped().colour(four[0], four[1], four[2], four[3]);
        double total = (four[0] + four[1] + four[2] + four[3]) * 100;
        String inks = Wording.of(
                "desk.covers.inks",
                part(four[0]),
                part(four[1]),
                part(four[2]),
                part(four[3]),
                Numeral.trimmed(total, 0));
        return isDuller(seen, printed) ? inks + " " + Wording.of("desk.covers.duller", hex(printed)) : inks;
    }

    /** Whether the print is seen to be less full than the screen: lightness is fitted to the paper and not counted. */
    private static boolean isDuller(Lab screen, Lab print) {
        return Math.hypot(screen.a() - print.a(), screen.b() - print.b()) > SEEN;
    }

    private static String part(double share) {
        return Numeral.trimmed(share * 100, 0);
    }

    private static String hex(Lab printed) {
        int[] c = printed.rgb();
        return new Ink.Rgb(c[0], c[1], c[2]).hex();
    }
}
