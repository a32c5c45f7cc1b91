package jorn.desk.covers;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.CoverDesign;
import jorn.cover.Composition;
import jorn.cover.Compositions;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Labels;
import jorn.desk.view.PressableBox;
import jorn.edition.Edition;
import jorn.say.Wording;

/** All compositions with the book's own title and colours, small, beside each other; and the variants that are kept. */
public final class CompositionRow extends VBox {
    private static final int THUMB = 122;

    private final CoverWork work;
    private final Thumbs thumbs = new Thumbs();
    private final HBox row = new HBox(2);
    private final ScrollPane scroll = new ScrollPane(row);
    private final HBox keeping = new HBox(8);
    private boolean keptOnly;
    private boolean seen;
    private String shownFor = "";

    public CompositionRow(CoverWork work) {
        super(4);
        this.work = work;
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        scroll.setPrefWidth(0);
        scroll.setMinHeight(THUMB + 66);
        FocusScroll.follow(scroll);
        row.setStyle("-fx-padding: 3 3 6 3;");
        keeping.setAlignment(Pos.CENTER_LEFT);
        keeping.setMinHeight(HBox.USE_PREF_SIZE);
        getChildren().addAll(keeping, scroll);
    }

    /** Shows them anew where something has changed that is seen in them. */
    public void show() {
        Book book = work.desk().book();
        CoverDesign design = book.cover();
        String subject = design.withKept(List.of())
                        .planned(p -> p.withComposition("label"))
                        .hashCode() + "/"
                + book.title() + book.subtitle() + book.author() + book.type()
                + book.brief().hashCode() + book.style().id()
                + design.kept().hashCode() + keptOnly;
        String chosen = design.plan().map(p -> p.composition()).orElse("");
        if (!(subject + chosen).equals(shownFor)) {
            shownFor = subject + chosen;
            head(design);
            fill(book);
        }
    }

    private void head(CoverDesign design) {
        Button another =
                Labels.act(Wording.of("desk.covers.another"), Wording.of("desk.covers.another-help"), () -> work.desk()
                        .attempt(() -> work.plan("cover-seed", p -> p.withSeed(p.seed() + 1))));
        another.setId("cover-another");
        Button keep = Labels.act(Wording.of("desk.covers.keep"), Wording.of("desk.covers.keep-help"), () -> work.desk()
                .attempt(() -> work.design("cover-keep", CoverDesign::keeping)));
        keep.setId("cover-keep");
        Button all = Labels.oneOf(
                Wording.of("desk.covers.compositions"),
                Wording.of("desk.covers.compositions-help"),
                !keptOnly,
                () -> switchTo(false));
        all.setId("cover-all");
        Button kept = Labels.oneOf(
                Wording.of("desk.covers.kept", design.kept().size()),
                Wording.of("desk.covers.kept-help"),
                keptOnly,
                () -> switchTo(true));
        kept.setId("cover-kept");
        keeping.getChildren().setAll(all, kept, Labels.spring(), another, keep);
    }

    private void switchTo(boolean only) {
        keptOnly = only;
        show();
    }

    private void fill(Book book) {
        thumbs.begin();
        List<VBox> tiles = new ArrayList<>();
        Edition edition = work.desk().state().get().edition();
        CoverDesign design = book.cover();
        if (keptOnly) {
            if (design.kept().isEmpty()) {
                tiles.add(new VBox(Labels.wrapped(Wording.of("desk.covers.none-kept"), "soft")));
            }
            for (int i = 0; i < design.kept().size(); i++) {
                CoverDesign variant = design.kept().get(i);
                boolean now = variant.equals(design.withKept(List.of()));
                String name = variant.plan()
                        .filter(p -> Compositions.knows(p.composition()))
                        .map(p -> Compositions.of(p.composition()).called())
                        .orElse("");
                tiles.add(tile(
                        "kept-" + i,
                        name,
                        now,
                        () -> edition.coverOf(book.withCover(variant)).frontArt(),
                        () -> work.design("cover-variant", d -> d.as(variant))));
            }
        } else {
            for (Composition each : Compositions.all()) {
                boolean now = design.plan()
                        .filter(p -> p.composition().equals(each.id()))
                        .isPresent();
                tiles.add(tile(
                        "composition-" + each.id(),
                        each.called(),
                        now,
                        () -> edition.coverOf(book.withCover(design.planned(p -> p.composedAs(each.id()))))
                                .frontArt(),
                        () -> work.wear("cover-composition", p -> p.composedAs(each.id()))));
            }
        }
        row.getChildren().setAll(tiles);
        if (!seen) {
            seen = true;
            Platform.runLater(() -> bringIntoSight(tiles));
        }
    }

    /** The composition that the cover has may stand far to the right. */
    private void bringIntoSight(List<VBox> tiles) {
        for (int i = 0; i < tiles.size(); i++) {
            if (tiles.get(i).getStyleClass().contains("chosen")) {
                scroll.setHvalue(i < 2 ? 0 : i / (tiles.size() - 1.0));
            }
        }
    }

    private VBox tile(String id, String name, boolean chosen, Supplier<PageArt> art, Runnable take) {
        var trim = work.desk().book().brief().trim();
        double w = THUMB * trim.width().points() / trim.height().points();
        ImageView view = new ImageView();
        view.setFitHeight(THUMB);
        view.setFitWidth(w);
        StackPane frame = new StackPane(view);
        frame.setMinSize(w, THUMB);
        frame.setMaxSize(w, THUMB);
        frame.getStyleClass().add("small-cover");
        var label = Labels.wrapped(name, "soft");
        label.setPrefWidth(w + 10);
        label.setTextAlignment(javafx.scene.text.TextAlignment.CENTER);
        label.setAlignment(Pos.TOP_CENTER);
        label.setStyle("-fx-font-size: 0.82em;");
        PressableBox box = new PressableBox(2, frame, label);
        box.setAlignment(Pos.TOP_CENTER);
        box.getStyleClass().setAll("choice");
        box.setStyle("-fx-padding: 3 5 3 5;");
        if (chosen) {
            box.getStyleClass().add("chosen");
        }
        box.setId(id);
        box.setAccessibleText(chosen ? Wording.of("desk.slip.chosen", name) : name);
        box.setOnDeed(() -> work.desk().attempt(() -> {
            work.held().set(java.util.Optional.empty());
            take.run();
        }));
        thumbs.paint(art, THUMB * 2, (Image image) -> view.setImage(image));
        return box;
    }
}
