package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.Pagination;
import jorn.book.Renewal;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.FocusKeep;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.PressableBox;
import jorn.desk.view.Slip;
import jorn.desk.view.SpreadPicture;
import jorn.desk.view.Theme;
import jorn.makeup.PageComposer;
import jorn.makeup.PageGeometry;
import jorn.say.Wording;
import jorn.store.OwnStyles;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;

/**
 * The shelf of styles: the spread that is looked at, in every style, side by side. A click dresses the whole book in one, and
 * its cover; one can be copied, changed, kept and shared.
 */
public final class StyleSlip extends Slip {
    private static final double TILE_EM = 15.2;
    private static final double TILES = 4;

    private final Desk desk;
    private final BookFiles files;
    private final Painter painter;
    private final OwnStyles own;
    private final FlowPane tiles = new FlowPane(10, 10);
    private final VBox form = new VBox();
    /** Whether the settings of the style are open. */
    private boolean changes;

    public StyleSlip(Desk desk, BookFiles files, Painter painter) {
        super(Wording.of("desk.style.title"));
        this.desk = desk;
        this.files = files;
        this.painter = painter;
        this.own = new OwnStyles(desk.settings().styleFolder());
        double em = Theme.em(desk.settings().textSize());
        say(Wording.of(Renewal.isNeeded(desk.book()) ? "desk.style.earlier-book" : "desk.style.one-click-dresses"));
        tiles.setPrefWrapLength(TILES * (em * TILE_EM + 26));
        ScrollPane scroll = new ScrollPane(new VBox(8, tiles, form));
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setPrefViewportHeight(em * 31);
        scroll.setPrefViewportWidth(TILES * (em * TILE_EM + 26));
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        add(scroll);
        show();
        // The style that is worn has the focus, not the first field.
        sceneProperty().addListener((o, was, now) -> Platform.runLater(() -> Platform.runLater(this::focusWorn)));
    }

    private void focusWorn() {
        desk.book()
                .look()
                .style()
                .map(s -> lookup("#style-" + s.id()))
                .or(() -> tiles.getChildren().stream().findFirst())
                .ifPresent(javafx.scene.Node::requestFocus);
    }

    private void show() {
        List<PageStyle> all = new ArrayList<>(own.all(desk::tell));
        int mine = all.size();
        all.addAll(StyleShelf.shipped());
        tiles.getChildren().clear();
        for (int i = 0; i < all.size(); i++) {
            tiles.getChildren().add(tile(all.get(i), i < mine));
        }
        FocusKeep.around(form, tiles, () -> form.getChildren().setAll(deeds()));
    }

    private VBox tile(PageStyle style, boolean isOwn) {
        double width = Theme.em(desk.settings().textSize()) * TILE_EM;
        Book book = desk.book();
        Pagination pagination = desk.state().get().pagination();
        int page = desk.page().get();
        SpreadPicture picture = new SpreadPicture(
                painter,
                () -> spread(Renewal.in(book, style), pagination, page),
                book.brief().trim(),
                2,
                width);
        Label name = Labels.label(style.called(), "choice-name");
        Label manner = Labels.wrapped(isOwn ? Wording.of("desk.style.your-own") : style.manner(), "soft");
        manner.setMaxWidth(width);
        manner.setPrefWidth(width);
        PressableBox box = new PressableBox(2, picture, name, manner);
        box.setAlignment(Pos.TOP_LEFT);
        box.getStyleClass().setAll("choice");
        if (book.look().style().map(PageStyle::id).filter(style.id()::equals).isPresent()) {
            box.getStyleClass().add("chosen");
        }
        box.setId("style-" + style.id());
        box.setAccessibleText(style.called());
        box.setAccessibleHelp(Wording.of("desk.style.dress-book-in-this"));
        box.setOnDeed(() -> attempt(() -> {
            desk.change("style", b -> Renewal.in(b, style));
            show();
            Platform.runLater(this::focusWorn);
        }));
        VBox all = new VBox(2, box);
        if (isOwn) {
            all.getChildren()
                    .add(deed(
                            Wording.of("desk.designs.delete"),
                            "delete-style-" + style.id(),
                            Wording.of("desk.style.take-off-shelf"),
                            () -> {
                                own.drop(style);
                                show();
                            }));
        }
        return all;
    }

    /** The spread of a page in a book that looks otherwise; its pages are those of the book as it is. */
    private static List<PageArt> spread(Book dressed, Pagination pagination, int page) {
        PageComposer pages = new PageComposer(dressed, pagination, PageGeometry.of(dressed, pagination.pageCount()));
        return SpreadPicture.open(pages, pagination, dressed.brief(), page);
    }

    private List<javafx.scene.Node> deeds() {
        if (desk.book().look().style().isEmpty()) {
            return List.of();
        }
        StyleForm changing = new StyleForm(desk, files, own, this::show, () -> changes = true);
        if (changes) {
            changing.unfold();
        }
        return List.of(changing);
    }
}
