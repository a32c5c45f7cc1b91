package jorn.desk.makeup;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import jorn.art.Palette;
import jorn.art.Palette.Role;
import jorn.book.Book;
import jorn.desk.model.Desk;
import jorn.desk.view.FaceFonts;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.PressableBox;
import jorn.desk.view.Slip;
import jorn.desk.view.SpreadPicture;
import jorn.desk.view.Theme;
import jorn.edition.Edition;
import jorn.measure.Size;
import jorn.say.Wording;
import jorn.style.TypeChoice;
import jorn.text.TypeShelf;

/** The colours and typefaces of the pages; one click recolours or resets the whole book. */
public final class ColoursSlip extends Slip {
    private static final double PAGE_EM = 7.4;

    public ColoursSlip(Desk desk, Painter painter) {
        super(Wording.of("desk.colours.colours-type-pages"));
        FlowPane pages = new FlowPane(6, 4);
        pages.setPrefWrapLength(Theme.em(desk.settings().textSize()) * PAGE_EM * 5.2);
        Book book = desk.book();
        Size trim = book.brief().trim();
        int number = desk.page().get();
        for (Palette palette : Palette.shipped()) {
            HBox patches = new HBox(2);
            patches.setAlignment(javafx.geometry.Pos.CENTER);
            for (Role role : Role.values()) {
                Region patch = new Region();
                patch.setMinSize(13, 13);
                patch.setStyle("-fx-border-color: hairline; -fx-background-color: #"
                        + palette.ink(role).hex() + ";");
                patches.getChildren().add(patch);
            }
            HBox name = new HBox(6, Labels.hole(), Labels.label(palette.name(), "choice-name"));
            name.setAlignment(javafx.geometry.Pos.CENTER);
            SpreadPicture page = new SpreadPicture(
                    painter,
                    () -> List.of(Edition.of(book.withPalette(palette)).page(number)),
                    trim,
                    1,
                    SpreadPicture.widthOf(trim, Theme.em(desk.settings().textSize()) * PAGE_EM));
            PressableBox box = new PressableBox(3, page, name, patches);
            box.setAlignment(javafx.geometry.Pos.TOP_CENTER);
            box.getStyleClass().setAll("choice");
            if (palette.id().equals(desk.book().palette().id())) {
                box.getStyleClass().add("chosen");
            }
            box.setId("palette-" + palette.id());
            box.setAccessibleText(palette.name());
            box.setAccessibleHelp(Wording.of("desk.colours.text-headings-lines-tints"));
            box.setOnDeed(() -> attempt(() -> {
                desk.change("palette", b -> b.withPalette(palette));
                done();
            }));
            pages.getChildren().add(box);
        }
        add(pages);
        say(Wording.of("desk.colours.colours-need-press-prints"));
        TypeChoice type = desk.book().type();
        faces(desk, Wording.of("desk.colours.headings"), "heading", type.heading(), t -> t::withHeading);
        faces(desk, Wording.of("desk.colours.text"), "body", type.body(), t -> t::withBody);
        faces(
                desk,
                Wording.of("desk.colours.figures"),
                "figures",
                type.figures().orElse(type.body()),
                t -> id -> t.withFigures(Optional.of(id)));
    }

    private void faces(
            Desk desk, String name, String id, String now, Function<TypeChoice, Function<String, TypeChoice>> with) {
        words(
                name,
                TypeShelf.typefaces().stream()
                        .map(face -> {
                            Button word = word(
                                    face.name(),
                                    "type-" + id + "-" + face.id(),
                                    Wording.of("desk.colours.in", name, face.name(), face.manner()),
                                    face.id().equals(now),
                                    () -> {
                                        desk.change(
                                                "type",
                                                b -> b.withType(
                                                        with.apply(b.type()).apply(face.id())));
                                        done();
                                    });
                            FaceFonts.wear(word, face);
                            return word;
                        })
                        .toList());
    }
}
