package jorn.desk.makeup;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Point2D;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import jorn.book.Book;
import jorn.book.Renewal;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.PressableBox;
import jorn.desk.view.Slip;
import jorn.desk.view.Theme;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import jorn.say.Wording;
import jorn.store.RecipeShelf;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;

/**
 * The page designs, the user's own first, found by browsing and by search. A click takes one for the chosen pages or puts it
 * after them; dragged onto the flat plan, it is put where it is let go.
 */
public final class DesignsSlip extends Slip {
    private static final double FADED = 0.12;
    private static final int COLUMNS = 5;
    private static final double TILE = 132;

    private final Desk desk;
    private final Painter painter;
    private final PageWork work;
    private final FlatPlan plan;
    private final VBox shelves = new VBox(8);
    private final RecipeShelf own;
    private final DesignLook look;

    /** The group that alone is shown, where one is chosen. */
    private Optional<String> purpose = Optional.empty();
    /** The style in which the designs are shown; the book's own where none is chosen. */
    private Optional<PageStyle> style = Optional.empty();

    private final FlowPane purposes = new FlowPane(4, 2);
    private final FlowPane styles = new FlowPane(4, 2);
    private String searched = "";

    private boolean putAfter;
    private Consumer<Recipe> taker = this::take;
    private final Button use;
    private final Button after;

    /** The designs, for the chosen pages. */
    public DesignsSlip(Desk desk, BookFiles files, Painter painter, PageWork work, FlatPlan plan) {
        this(desk, Optional.of(files), painter, work, plan, Wording.of("desk.designs.designs-at-hand"));
        FlowPane how = new FlowPane(
                4,
                2,
                Labels.label(Wording.of("desk.designs.click"), "soft"),
                use,
                after,
                Labels.label(Wording.of("desk.designs.or-drag-one-onto"), "soft"));
        how.setRowValignment(javafx.geometry.VPos.CENTER);
        add(search(), purposes, styles, how, table());
        choose(false);
        show("");
    }

    /** The designs, to choose one for something else. */
    DesignsSlip(Desk desk, Painter painter, PageWork work, FlatPlan plan, String title, Consumer<Recipe> chosen) {
        this(desk, Optional.empty(), painter, work, plan, title);
        taker = r -> attempt(() -> {
            chosen.accept(r);
            done();
        });
        add(search(), purposes, styles, table());
        show("");
    }

    private DesignsSlip(
            Desk desk, Optional<BookFiles> files, Painter painter, PageWork work, FlatPlan plan, String title) {
        super(title);
        look = new DesignLook(desk, files, painter, this::dressed);
        this.desk = desk;
        this.painter = painter;
        this.work = work;
        this.plan = plan;
        own = new RecipeShelf(desk.settings().recipeFolder());
        use = Labels.oneOf("", Wording.of("desk.designs.click-on-design-takes"), true, () -> choose(false));
        after = Labels.oneOf(
                Wording.of("desk.designs.put-after-them"),
                Wording.of("desk.designs.click-on-design-puts"),
                false,
                () -> choose(true));
        use.setId("design-use");
        after.setId("design-after");
    }

    /** The book as its designs are shown. */
    private Book dressed() {
        return style.map(s -> Renewal.in(desk.book(), s)).orElseGet(desk::book);
    }

    /** What is shown of the catalogue, and in which style. */
    private void filters() {
        purposes.getChildren().setAll(Labels.label(Wording.of("desk.designs.purpose"), "soft"));
        purposes.getChildren().add(purpose(Wording.of("desk.designs.every-purpose"), "all", Optional.empty()));
        for (int i = 0; i < Catalogue.groups().size(); i++) {
            String group = Catalogue.groups().get(i);
            purposes.getChildren().add(purpose(group, Catalogue.families().get(i), Optional.of(group)));
        }
        styles.getChildren().setAll(Labels.label(Wording.of("desk.designs.shown-in"), "soft"));
        styles.getChildren().add(shownIn(Wording.of("desk.designs.this-books-style"), "book", Optional.empty()));
        for (PageStyle each : StyleShelf.shipped()) {
            styles.getChildren().add(shownIn(each.called(), each.id(), Optional.of(each)));
        }
    }

    private Button purpose(String name, String id, Optional<String> group) {
        Button word =
                word(name, "purpose-" + id, Wording.of("desk.designs.purpose-help"), group.equals(purpose), () -> {
                    purpose = group;
                    show(searched);
                });
        return word;
    }

    private Button shownIn(String name, String id, Optional<PageStyle> wanted) {
        return word(name, "shown-in-" + id, Wording.of("desk.designs.shown-in-help"), wanted.equals(style), () -> {
            style = wanted;
            look.forget();
            show(searched);
        });
    }

    private TextField search() {
        TextField search = new TextField();
        search.setId("design-search");
        search.setPromptText(Wording.of("desk.designs.search-dot-week-habit"));
        search.setAccessibleText(Wording.of("desk.designs.search-designs"));
        search.setAccessibleHelp(Wording.of("desk.designs.every-word-must-found"));
        search.textProperty().addListener((o, was, now) -> show(now));
        return search;
    }

    /** The shelves, and beside them the design that is pointed at, large. */
    private HBox table() {
        double em = Theme.em(desk.settings().textSize());
        ScrollPane scroll = new ScrollPane(shelves);
        scroll.setFitToWidth(true);
        scroll.setPrefViewportHeight(em * 29);
        scroll.setPrefViewportWidth(TILE * COLUMNS);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setMinWidth(TILE * 2);
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        HBox table = new HBox(14, scroll, look);
        // In a small window the shelves get the room.
        table.widthProperty().addListener((o, was, wide) -> {
            boolean room = wide.doubleValue() > TILE * 3 + DesignLook.width();
            look.setVisible(room);
            look.setManaged(room);
        });
        return table;
    }

    private void choose(boolean afterThem) {
        boolean blank = work.slot().isBlank();
        putAfter = afterThem || blank;
        use.setText(
                blank
                        ? Wording.of("desk.designs.page-blank")
                        : work.hasMany()
                                ? Wording.of(
                                        "desk.designs.use-for-chosen-pages",
                                        work.pages().size())
                                : work.isOnlyHere()
                                        ? Wording.of("desk.designs.use-for-only", work.here())
                                        : Wording.of(
                                                "desk.designs.use-for-all-pages",
                                                work.run().orElseThrow().name()));
        use.setDisable(blank);
        Labels.mark(use, !putAfter);
        Labels.mark(after, putAfter);
    }

    private void show(String search) {
        searched = search;
        // What is shown large is the first of what is found.
        look.forget();
        filters();
        shelves.getChildren().clear();
        List<Recipe> mine = own.all(desk::tell).stream()
                .filter(r -> r.name()
                        .toLowerCase(Locale.ROOT)
                        .contains(search.strip().toLowerCase(Locale.ROOT)))
                .toList();
        if (!mine.isEmpty()) {
            TilePane tiles = tiles();
            mine.forEach(r -> tiles.getChildren().add(ownTile(r)));
            shelf(Wording.of("desk.designs.your-own"), mine.size(), tiles);
        }
        List<Recipe> late = search.isBlank() ? lately() : List.of();
        if (!late.isEmpty() && purpose.isEmpty()) {
            TilePane tiles = tiles();
            late.forEach(r -> tiles.getChildren().add(tile(r)));
            shelf(Wording.of("desk.designs.lately"), late.size(), tiles);
        }
        List<Catalogue.Entry> found = search.isBlank() ? Catalogue.all() : Catalogue.search(search);
        List<String> shown = purpose.map(List::of).orElseGet(Catalogue::groups);
        for (String group : shown) {
            List<Catalogue.Entry> here =
                    found.stream().filter(e -> e.group().equals(group)).toList();
            if (!here.isEmpty()) {
                TilePane tiles = tiles();
                here.forEach(e -> tiles.getChildren().add(tile(e.recipe())));
                shelf(group, here.size(), tiles);
            }
        }
        if (shelves.getChildren().isEmpty()) {
            shelves.getChildren().add(Labels.wrapped(Wording.of("desk.designs.nothing-called-so-try"), "soft"));
        }
    }

    /** Designs of the catalogue taken lately, the last first. */
    private List<Recipe> lately() {
        List<String> ids = desk.settings().recentDesigns();
        return ids.stream()
                .flatMap(id ->
                        Catalogue.all().stream().map(Catalogue.Entry::recipe).filter(r -> r.id().equals(id)))
                .limit(COLUMNS)
                .toList();
    }

    private static TilePane tiles() {
        TilePane tiles = new TilePane(6, 6);
        tiles.setPrefColumns(COLUMNS);
        tiles.setMinWidth(0);
        tiles.setTileAlignment(javafx.geometry.Pos.TOP_CENTER);
        return tiles;
    }

    private void shelf(String name, int count, TilePane tiles) {
        shelves.getChildren().addAll(Labels.label(name.toUpperCase(Locale.ROOT) + ", " + count, "group-name"), tiles);
    }

    private PressableBox tile(Recipe recipe) {
        PressableBox tile = RecipePicture.tile(painter, dressed(), recipe, () -> {
            desk.settings().addRecentDesign(recipe.id());
            taker.accept(recipe);
        });
        tile.addEventHandler(MouseEvent.MOUSE_ENTERED, e -> look.showSoon(recipe));
        tile.addEventHandler(MouseEvent.MOUSE_EXITED, e -> look.notSoon());
        tile.focusedProperty().addListener((o, was, is) -> {
            if (is) {
                look.show(recipe);
            }
        });
        if (look.isBare()) {
            look.show(recipe);
        }
        tile.addEventFilter(MouseEvent.MOUSE_DRAGGED, e -> carry(e.getSceneX(), e.getSceneY()));
        tile.addEventFilter(MouseEvent.MOUSE_RELEASED, e -> {
            if (getOpacity() < 1) {
                setOpacity(1);
                e.consume();
                if (plan.dropped(recipe, e.getSceneX(), e.getSceneY())) {
                    done();
                }
            }
        });
        return tile;
    }

    /** While a design is carried, the slip is faint, so that the plan under it is seen. */
    private void carry(double sceneX, double sceneY) {
        Point2D inside = sceneToLocal(sceneX, sceneY);
        boolean overPlan = plan.contains(plan.sceneToLocal(sceneX, sceneY));
        if (overPlan || !contains(inside) || getOpacity() < 1) {
            setOpacity(overPlan || !contains(inside) ? FADED : 0.5);
            plan.dragOver(sceneX, sceneY);
        }
    }

    private VBox ownTile(Recipe recipe) {
        Button drop = Labels.act(
                Wording.of("desk.designs.delete"),
                Wording.of("desk.designs.take-design-off-your"),
                () -> attempt(() -> {
                    own.drop(recipe);
                    show("");
                }));
        drop.setId("delete-" + recipe.id());
        drop.setAccessibleText(Wording.of("desk.designs.delete-2", recipe.name()));
        VBox both = new VBox(tile(recipe), drop);
        both.setAlignment(javafx.geometry.Pos.TOP_CENTER);
        return both;
    }

    private void take(Recipe recipe) {
        attempt(() -> {
            if (putAfter) {
                work.insertAfter(recipe);
            } else {
                work.use(recipe);
            }
            done();
        });
    }
}
