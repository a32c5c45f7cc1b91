package jorn.desk.makeup;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.text.TextAlignment;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.Placement;
import jorn.book.Run;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.PressableBox;
import jorn.edition.Edition;
import jorn.recipe.Recipe;
import jorn.say.Wording;

/** A page design as it looks in the book: laid out in its trim, margins, colours and typefaces. */
final class RecipePicture {
    private static final double SIZE = 112;

    private RecipePicture() {}

    /** A picture with its name, to be chosen. */
    static PressableBox tile(Painter painter, Book book, Recipe recipe, Runnable choose) {
        var name = Labels.wrapped(recipe.name(), "soft");
        name.setAlignment(Pos.TOP_CENTER);
        name.setPrefWidth(SIZE);
        name.setMaxWidth(SIZE);
        name.setTextAlignment(TextAlignment.CENTER);
        PressableBox box = new PressableBox(3, new PagePicture(painter, () -> art(book, recipe), SIZE), name);
        box.setStyle("-fx-alignment: top-center;");
        box.getStyleClass().setAll("choice");
        box.setId("design-" + recipe.id());
        box.setAccessibleText(recipe.name());
        box.setAccessibleHelp(Wording.of("desk.recipe-picture.page-design-looks-book"));
        box.setOnDeed(choose);
        return box;
    }

    /** The page as it would be drawn. */
    static PageArt art(Book book, Recipe recipe) {
        Book sample = book.withCycles(List.of())
                .withRuns(List.of(Run.filling(recipe.name(), recipe, Placement.Start.ANYWHERE)));
        return Edition.of(sample).page(1);
    }
}
