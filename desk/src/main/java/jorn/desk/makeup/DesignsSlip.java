package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import jorn.book.Book;
import jorn.book.Cycle;
import jorn.book.Pagination.Slot;
import jorn.book.Run;
import jorn.desk.model.Desk;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Painter;
import jorn.desk.view.Slip;
import jorn.desk.view.Words;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;

/** The catalogue of page designs, found by browsing and by search; one is taken for the chosen pages, or put after them. */
public final class DesignsSlip extends Slip {
    private final Desk desk;
    private final Painter painter;
    private final VBox shelves = new VBox(8);
    private final Button use;
    private final Button after;
    private boolean putAfter;

    public DesignsSlip(Desk desk, Painter painter) {
        super("Designs at hand");
        this.desk = desk;
        this.painter = painter;
        TextField search = new TextField();
        search.setId("design-search");
        search.setPromptText("Search: dot, week, habit, recipe …");
        search.setAccessibleText("Search the designs");
        search.setAccessibleHelp("Every word must be found in the name or what it is about.");
        search.textProperty().addListener((o, was, now) -> show(now));
        use = Words.wordButton("", "A click on a design takes it for these pages.", () -> choose(false));
        after = Words.wordButton(
                "put after them", "A click on a design puts pages of it after these.", () -> choose(true));
        use.setId("design-use");
        after.setId("design-after");
        ScrollPane scroll = new ScrollPane(shelves);
        scroll.setFitToWidth(true);
        scroll.setPrefViewportHeight(440);
        scroll.setPrefViewportWidth(668);
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        HBox how = new HBox(4, Words.label("A click:", "soft"), use, after);
        how.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        add(search, how, scroll);
        choose(false);
        show("");
    }

    private Slot slot() {
        return desk.sight().get().pagination().page(desk.page().get());
    }

    private void choose(boolean afterThem) {
        putAfter = afterThem || slot().isBlank();
        use.setText(
                slot().isBlank()
                        ? "this page is blank"
                        : "use for all pages of “"
                                + desk.book().runs().get(slot().run()).name() + "”");
        use.setDisable(slot().isBlank());
        mark(use, !putAfter);
        mark(after, putAfter);
    }

    private static void mark(Button button, boolean chosen) {
        button.getStyleClass().remove("chosen");
        if (chosen) {
            button.getStyleClass().add("chosen");
        }
    }

    private void show(String search) {
        shelves.getChildren().clear();
        List<Catalogue.Entry> found = search.isBlank() ? Catalogue.all() : Catalogue.search(search);
        for (String group : Catalogue.groups()) {
            List<Catalogue.Entry> here =
                    found.stream().filter(e -> e.group().equals(group)).toList();
            if (here.isEmpty()) {
                continue;
            }
            TilePane tiles = new TilePane(6, 6);
            tiles.setPrefColumns(5);
            tiles.setTileAlignment(javafx.geometry.Pos.TOP_CENTER);
            here.forEach(e -> tiles.getChildren()
                    .add(RecipePicture.tile(painter, desk.book(), e.recipe(), () -> take(e.recipe()))));
            shelves.getChildren()
                    .addAll(
                            Words.label(group.toUpperCase(java.util.Locale.ROOT) + ", " + here.size(), "group-name"),
                            tiles);
        }
        if (found.isEmpty()) {
            shelves.getChildren()
                    .add(Words.wrapped("Nothing is called so. Try one word, such as week, dot or log.", "soft"));
        }
    }

    private void take(Recipe recipe) {
        Slot slot = slot();
        attempt(() -> {
            desk.change("design", b -> putAfter ? after(b, slot, recipe) : replaced(b, slot, recipe));
            done();
        });
    }

    private static Book replaced(Book book, Slot slot, Recipe recipe) {
        List<Run> runs = new ArrayList<>(book.runs());
        Run run = runs.get(slot.run());
        runs.set(slot.run(), slot.design() == 1 ? run.facing(recipe) : run.withRecipe(recipe));
        return book.withRuns(runs);
    }

    /** A page of the design after the chosen run; cycles that hold the run hold the new one too. */
    private static Book after(Book book, Slot slot, Recipe recipe) {
        int at = slot.isBlank() ? book.runs().size() : slot.run() + 1;
        List<Run> runs = new ArrayList<>(book.runs());
        Run.Matter matter =
                slot.isBlank() ? Run.Matter.BODY : runs.get(slot.run()).matter();
        runs.add(at, Run.of(recipe.name(), recipe, 1, Run.Start.ANYWHERE).as(matter));
        List<Cycle> cycles = book.cycles().stream()
                .map(c -> c.from() >= at
                        ? new Cycle(c.name(), c.per(), c.from() + 1, c.to() + 1, c.count())
                        : c.to() >= at && !slot.isBlank()
                                ? new Cycle(c.name(), c.per(), c.from(), c.to() + 1, c.count())
                                : c)
                .toList();
        return book.withRuns(runs).withCycles(cycles);
    }
}
