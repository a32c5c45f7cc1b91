package jorn.desk.makeup;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import jorn.book.Book;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.print.export.ShopPicture;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import jorn.say.Wording;
import org.jspecify.annotations.Nullable;

/** One design large, beside the shelves: what it is for, bare or filled in by hand, and as a picture for a shop's page. */
final class DesignLook extends VBox {
    private static final double LARGE = 330;

    private final Desk desk;
    private final Painter painter;
    private final Supplier<Book> dressed;
    private final StackPane place = new StackPane();
    private final Label name = Labels.wrapped("", "heading");
    private final Label purpose = Labels.wrapped("", "soft");
    private final FlowPane how = new FlowPane(4, 2);
    private final Button bare;
    private final Button written;
    private final PauseTransition dwell = new PauseTransition(Duration.millis(180));

    private @Nullable Recipe shown;
    private boolean filled;

    /**
     * @param files asks where a picture is written; absent where none is
     * @param dressed the book as its designs are shown
     */
    DesignLook(Desk desk, Optional<BookFiles> files, Painter painter, Supplier<Book> dressed) {
        super(6);
        this.desk = desk;
        this.painter = painter;
        this.dressed = dressed;
        setId("design-look");
        place.setPrefWidth(LARGE);
        place.setMinWidth(LARGE * 0.6);
        name.setPrefWidth(LARGE);
        purpose.setPrefWidth(LARGE);
        purpose.setId("design-purpose");
        bare = word("bare", false);
        written = word("filled", true);
        how.getChildren().addAll(bare, written);
        files.ifPresent(f -> {
            Button save = Labels.act(
                    Wording.of("desk.designs.save-picture"),
                    Wording.of("desk.designs.save-picture-help", ShopPicture.SHORT_SIDE),
                    () -> save(f));
            save.setId("design-picture");
            how.getChildren().add(save);
        });
        getChildren().addAll(place, name, purpose, how);
    }

    /** The least width of the whole. */
    static double width() {
        return LARGE;
    }

    /** Shows a design, unless it is shown already. */
    void show(Recipe recipe) {
        if (shown == null || !recipe.id().equals(shown.id())) {
            shown = recipe;
            paint();
        }
    }

    /** Shows a design once the mouse has stayed on it: on its way to what stands below, it passes over others. */
    void showSoon(Recipe recipe) {
        dwell.setOnFinished(e -> show(recipe));
        dwell.playFromStart();
    }

    /** The mouse has gone on. */
    void notSoon() {
        dwell.stop();
    }

    /** Whether nothing has been shown yet. */
    boolean isBare() {
        return shown == null;
    }

    /** The same design is to be shown anew. */
    void forget() {
        shown = null;
    }

    private void paint() {
        Recipe recipe = shown;
        if (recipe == null) {
            return;
        }
        name.setText(recipe.name());
        purpose.setText(
                Catalogue.find(recipe.id()).map(Catalogue.Entry::purpose).orElse(""));
        place.getChildren().setAll(RecipePicture.picture(painter, dressed.get(), recipe, LARGE, filled));
        Labels.mark(bare, !filled);
        Labels.mark(written, filled);
    }

    private Button word(String id, boolean wanted) {
        Button word = Labels.oneOf(
                Wording.of("desk.designs." + id), Wording.of("desk.designs." + id + "-help"), !wanted, () -> {
                    filled = wanted;
                    paint();
                });
        word.setId("design-" + id);
        return word;
    }

    private void save(BookFiles from) {
        Recipe recipe = shown;
        if (recipe == null) {
            return;
        }
        Book book = dressed.get();
        boolean byHand = filled;
        from.asker()
                .whereToSavePicture(recipe.id() + ".png")
                .ifPresent(path -> from.fetch(
                        () -> {
                            ShopPicture.write(RecipePicture.art(book, recipe, byHand), path);
                            return path;
                        },
                        done -> desk.say("desk.designs.picture-saved", done.getFileName())));
    }
}
