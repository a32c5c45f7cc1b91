package jorn.desk.makeup;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.VBox;
import jorn.art.Box;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.Placement;
import jorn.book.Run;
import jorn.desk.view.CanvasPane;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.PressableBox;
import jorn.desk.view.Theme;
import jorn.edition.Edition;
import jorn.recipe.Recipe;
import jorn.say.Wording;

/** A small picture of a page design, laid out in the book's own trim, margins, colours and typefaces. */
final class RecipePicture extends CanvasPane {
    private static final double HEIGHT = 96;

    private final Painter painter;
    private final Book book;
    private final Recipe recipe;

    @SuppressWarnings("NullAway.Init") // shown before it is drawn
    private PageArt art;

    private RecipePicture(Painter painter, Book book, Recipe recipe) {
        this.painter = painter;
        this.book = book;
        this.recipe = recipe;
        double ratio = book.brief().trim().width().points()
                / book.brief().trim().height().points();
        setPrefSize(Math.min(HEIGHT * 1.4, HEIGHT * ratio), HEIGHT);
        setMinSize(getPrefWidth(), HEIGHT);
    }

    /** A picture with its name, to be chosen. */
    static PressableBox tile(Painter painter, Book book, Recipe recipe, Runnable choose) {
        var name = Labels.wrapped(recipe.name(), "soft");
        name.setAlignment(Pos.TOP_CENTER);
        name.setPrefWidth(112);
        name.setMaxWidth(112);
        name.setTextAlignment(javafx.scene.text.TextAlignment.CENTER);
        PressableBox box = new PressableBox(3, new VBox(new RecipePicture(painter, book, recipe)), name);
        VBox frame = (VBox) box.getChildren().get(0);
        frame.setAlignment(Pos.CENTER);
        frame.setFillWidth(false);
        box.setStyle("-fx-alignment: top-center;");
        box.getStyleClass().setAll("choice");
        box.setId("design-" + recipe.id());
        box.setAccessibleText(recipe.name());
        box.setAccessibleHelp(Wording.of("desk.recipe-picture.page-design-looks-book"));
        box.setOnDeed(choose);
        return box;
    }

    private PageArt art() {
        if (art == null) {
            Book sample = book.withCycles(List.of())
                    .withRuns(List.of(Run.filling(recipe.name(), recipe, Placement.Start.ANYWHERE)));
            art = Edition.of(sample).page(1);
        }
        return art;
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        Box trim = art().trim();
        double s = Math.min((width - 3) / trim.width(), (height - 4) / trim.height());
        double w = trim.width() * s;
        double h = trim.height() * s;
        g.setFill(Theme.SHADOW);
        g.fillRect(2, 3, w, h);
        // Painted at twice the size, so that fine lines keep their place.
        painter.paintInTurn(art(), trim, (int) Math.round(w * 2), image -> {
            g.drawImage(image, 0, 0, w, h);
            g.setStroke(Theme.HAIRLINE);
            g.strokeRect(0.5, 0.5, w, h);
        });
    }
}
