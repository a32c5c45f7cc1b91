package jorn.desk.benches;

import javafx.scene.Node;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jorn.art.Ink;
import jorn.art.PageArt;
import jorn.book.CoverDesign;
import jorn.desk.model.BookState;
import jorn.desk.model.Desk;
import jorn.desk.view.CanvasPane;
import jorn.desk.view.CoverView;
import jorn.desk.view.FaceFonts;
import jorn.desk.view.FocusKeep;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.Slip;
import jorn.desk.view.Theme;
import jorn.say.Wording;
import jorn.text.TypeShelf;
import jorn.text.Typeface;

/** The cover: one sheet with its zones, the front at the sizes at which buyers see it, and its design on a slip. */
public final class CoverBench implements Bench {
    /** Grounds to begin with. */
    private static final String[] GROUNDS = {
        "C9A24A", "B5533C", "2F5D50", "27496D", "6B4C6E", "7A8C5A", "E8DCC2", "FFFFFF", "3A3A3A", "D98B7B"
    };

    private final Desk desk;
    private final CoverView cover;
    private final Stamps stamps;
    private final Label stampsTitle = Labels.label(Wording.of("desk.cover.buyers-see"), "heading");
    private final VBox slipPlace = new VBox();
    private final ScrollPane scroll = new ScrollPane(slipPlace);
    private final VBox node;
    private final Button zoneButton;
    private final HBox corner;
    private boolean zones = true;
    private String shownFor = "";

    /** The front at the size of a shop's stamp, and smaller. */
    private static final class Stamps extends CanvasPane {
        private static final int[] HEIGHTS = {160, 90, 56};
        private final Painter painter;

        @SuppressWarnings("NullAway.Init") // shown before it is drawn
        private PageArt front;

        Stamps(Painter painter) {
            this.painter = painter;
        }

        void show(PageArt art) {
            front = art;
            redraw();
        }

        @Override
        protected void draw(GraphicsContext g, double width, double height) {
            if (front == null) {
                return;
            }
            double x = 4;
            double foot = height - em() * 1.5;
            g.setTextBaseline(javafx.geometry.VPos.BASELINE);
            g.setTextAlign(javafx.scene.text.TextAlignment.LEFT);
            for (int h : HEIGHTS) {
                if (h > foot) {
                    continue;
                }
                double w = h * front.trim().width() / front.trim().height();
                g.setFill(Theme.SHADOW);
                g.fillRect(x + 2, foot - h + 3, w, h);
                g.drawImage(painter.now(front, front.trim(), (int) Math.round(w)), x, foot - h, w, h);
                g.setStroke(Theme.HAIRLINE);
                g.strokeRect(x, foot - h, w, h);
                write(g, Wording.of("desk.cover.px", h), x, foot + em() * 1.15, Theme.SOFT_INK, false);
                x += Math.max(w, em() * 3) + 22;
            }
            if (width - x < widthOf(Wording.of("desk.cover.can-you-read-title"))) {
                return;
            }
            aside(g, Wording.of("desk.cover.can-you-read-title"), x + 6, foot - em() * 2.9, Theme.INK);
            write(g, Wording.of("desk.cover.buyers-see-first-list"), x + 6, foot - em() * 1.6, Theme.SOFT_INK, false);
            write(g, Wording.of("desk.cover.last-on-phone"), x + 6, foot - em() * 0.4, Theme.SOFT_INK, false);
        }
    }

    public CoverBench(Desk desk, Painter painter) {
        this.desk = desk;
        cover = new CoverView(painter);
        cover.setId("cover-view");
        stamps = new Stamps(painter);
        zoneButton = Labels.oneOf(
                Wording.of("desk.cover.zones"), Wording.of("desk.cover.show-or-hide-what"), true, this::switchZones);
        zoneButton.setId("cover-zones");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setMinWidth(ScrollPane.USE_PREF_SIZE);
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        VBox.setVgrow(cover, Priority.ALWAYS);
        cover.setMinHeight(120);
        stamps.setMinHeight(100);
        VBox left = new VBox(4, cover, stampsTitle, stamps);
        left.setMinWidth(0);
        HBox.setHgrow(left, Priority.ALWAYS);
        // The figures hang in this corner.
        corner = new HBox(zoneButton);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        HBox row = new HBox(12, left, new VBox(4, corner, scroll));
        VBox.setVgrow(row, Priority.ALWAYS);
        node = new VBox(row);
        node.setMinSize(0, 0);
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void textSize(double pixels) {
        cover.setEm(pixels);
        stamps.setEm(pixels);
        stamps.setMinHeight(100);
        stamps.setPrefHeight(164 + pixels * 1.8);
        scroll.setPrefWidth(pixels * 18.6);
    }

    @Override
    public void corner(double width, double height, boolean small) {
        corner.setMinHeight(height);
        for (Node each : new Node[] {stampsTitle, stamps}) {
            each.setVisible(!small);
            each.setManaged(!small);
        }
    }

    private void switchZones() {
        zones = !zones;
        cover.setZones(zones);
        Labels.mark(zoneButton, zones);
    }

    @Override
    public void show() {
        BookState state = desk.state().get();
        cover.show(state, desk.unit().get());
        stamps.show(state.edition().cover().frontArt());
        String subject = state.book().cover().hashCode() + "/" + state.book().type()
                + state.book().title() + state.book().brief().hashCode();
        if (!subject.equals(shownFor)) {
            shownFor = subject;
            boolean typing = scroll.getScene() != null && scroll.getScene().getFocusOwner() instanceof TextArea;
            if (!typing) {
                FocusKeep.around(
                        slipPlace, scroll, () -> slipPlace.getChildren().setAll(slip(state)));
            }
        }
    }

    private Slip slip(BookState state) {
        Slip slip = new Slip(Wording.of("desk.cover.design"));
        if (!state.cover().isDelivered()) {
            slip.say(Wording.of(
                    "desk.cover.takes-no-cover-file",
                    state.book().brief().press().name()));
        }
        CoverDesign design = state.book().cover();
        slip.add(Labels.label(Wording.of("desk.cover.ground"), "soft"), swatches(design));
        slip.field(
                Wording.of("desk.cover.colour"),
                "cover-colour",
                design.ground().hex(),
                Wording.of("desk.cover.six-figures-or-letters"),
                text -> design(d -> d.withGround(Ink.hex(text))));
        slip.add(
                slip.choice(
                        Wording.of("desk.cover.title-on-panel"),
                        "",
                        design.panel(),
                        () -> design(d -> d.withPanel(true))),
                slip.choice(
                        Wording.of("desk.cover.title-on-ground"),
                        "",
                        !design.panel(),
                        () -> design(d -> d.withPanel(false))));
        slip.add(Labels.label(Wording.of("desk.cover.typeface-title"), "soft"));
        for (Typeface each : TypeShelf.typefaces()) {
            Button face = slip.choice(
                    each.name(),
                    each.manner(),
                    each.id().equals(state.book().type().heading()),
                    () -> desk.change("type", b -> b.withType(b.type().withHeading(each.id()))));
            face.setId("cover-face-" + each.id());
            FaceFonts.wearChoice(face, each);
            slip.add(face);
        }
        slip.add(Labels.label(Wording.of("desk.cover.spine"), "soft"));
        boolean allowed = state.measures().get("spine.text.allowed").isYes();
        slip.add(
                slip.choice(
                        Wording.of("desk.cover.title-on-spine"),
                        allowed ? "" : Wording.of("desk.cover.not-at-thickness"),
                        design.spineText(),
                        () -> design(d -> d.withSpineText(true))),
                slip.choice(
                        Wording.of("desk.cover.bare-spine"),
                        "",
                        !design.spineText(),
                        () -> design(d -> d.withSpineText(false))));
        slip.add(Labels.label(Wording.of("desk.cover.words-on-back"), "soft"), blurb(design));
        return slip;
    }

    private void design(java.util.function.UnaryOperator<CoverDesign> change) {
        desk.change("cover", b -> b.withCover(change.apply(b.cover())));
    }

    private FlowPane swatches(CoverDesign design) {
        FlowPane pane = new FlowPane(9, 9);
        pane.setPrefWrapLength(190);
        pane.setStyle("-fx-padding: 3 3 5 3;");
        for (String hex : GROUNDS) {
            Button swatch = new Button();
            swatch.getStyleClass().setAll("swatch");
            swatch.setId("ground-" + hex);
            swatch.setStyle("-fx-background-color: #" + hex + ";");
            swatch.setAccessibleText(Wording.of("desk.cover.ground-2", hex));
            swatch.setAccessibleHelp(Wording.of("desk.cover.colour-whole-cover-sheet"));
            swatch.setOnAction(e -> design(d -> d.withGround(Ink.hex(hex))));
            if (design.ground().hex().equals(hex)) {
                swatch.getStyleClass().add("chosen");
            }
            pane.getChildren().add(swatch);
        }
        return pane;
    }

    private TextArea blurb(CoverDesign design) {
        TextArea area = new TextArea(design.blurb());
        area.setId("cover-blurb");
        area.setAccessibleText(Wording.of("desk.cover.words-on-back"));
        area.setAccessibleHelp(Wording.of("desk.cover.what-book-for-whoever"));
        area.setWrapText(true);
        area.setPrefRowCount(4);
        area.setMinHeight(84);
        area.textProperty()
                .addListener((o, was, now) ->
                        desk.change("blurb", b -> b.withCover(b.cover().withBlurb(now))));
        return area;
    }
}
