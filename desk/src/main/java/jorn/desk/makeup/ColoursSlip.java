package jorn.desk.makeup;

import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import jorn.desk.model.Desk;
import jorn.desk.view.PressableBox;
import jorn.desk.view.Slip;
import jorn.desk.view.Words;
import jorn.page.Palette;
import jorn.page.Palette.Role;

/** The colours of the pages; one click recolours the whole book. */
public final class ColoursSlip extends Slip {
    public ColoursSlip(Desk desk) {
        super("Colours of the pages");
        for (Palette palette : Palette.shipped()) {
            HBox patches = new HBox(3);
            for (Role role : Role.values()) {
                Region patch = new Region();
                patch.setMinSize(20, 20);
                patch.setStyle("-fx-border-color: hairline; -fx-background-color: #"
                        + palette.ink(role).hex() + ";");
                patches.getChildren().add(patch);
            }
            HBox row = new HBox(14, Words.label(palette.name(), "choice-name"), Words.spring(), patches);
            row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
            row.setPrefWidth(300);
            PressableBox box = new PressableBox(0, row);
            box.getStyleClass().setAll("choice");
            if (palette.id().equals(desk.book().palette().id())) {
                box.getStyleClass().add("chosen");
            }
            box.setId("palette-" + palette.id());
            box.setAccessibleText(palette.name());
            box.setAccessibleHelp("Text, headings, lines, tints and accents in these colours.");
            box.setOnDeed(() -> attempt(() -> {
                desk.change("palette", b -> b.withPalette(palette));
                done();
            }));
            add(box);
        }
        say("Colours need a press that prints the inside in colour; black prints anywhere.");
    }
}
