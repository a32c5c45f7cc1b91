package jorn.desk.view;

import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Line;
import jorn.brief.Measures;
import jorn.desk.model.Desk;
import jorn.measure.Figure;
import jorn.say.Wording;

/**
 * The measure card folded away: a thread with the three figures that matter at this bench, as tags on it. A tag opens the card at
 * its figure.
 */
public final class MeasureTags extends Pane {
    private static final double WIDTH_EM = 9.6;
    private static final double HEIGHT_EM = 7.4;
    /** Where there is little room: the word alone that opens the card. */
    private static final double SMALL_EM = 2;

    private static final double SMALL_WIDTH_EM = 7;

    private static final double STEP_EM = 1.95;
    private static final double MARGIN = 6;

    private final Desk desk;
    private final Consumer<String> onFigure;
    private final VBox tags = new VBox();
    private final CubicCurve hang = new CubicCurve();
    private final Line thread = new Line();
    private final ChangedFigures changed;
    private boolean small;

    /** A figure on a tag: its short name and, where it is a size, the figure of its height. */
    private record Tag(String word, String key, String second) {
        Tag(String word, String key) {
            this(word, key, "");
        }
    }

    /** @param onFigure opens the card at a figure; without one, where all are asked for */
    public MeasureTags(Desk desk, ChangedFigures changed, Consumer<String> onFigure) {
        this.desk = desk;
        this.changed = changed;
        this.onFigure = onFigure;
        hang.setFill(null);
        for (var shape : new javafx.scene.shape.Shape[] {hang, thread}) {
            shape.setStroke(Theme.THREAD);
            shape.setStrokeWidth(2.2);
            shape.setMouseTransparent(true);
        }
        tags.setAlignment(Pos.TOP_RIGHT);
        getChildren().addAll(hang, thread, tags);
        setPickOnBounds(false);
        tags.setPickOnBounds(false);
        desk.state().addListener((o, was, now) -> show());
        desk.bench().addListener((o, was, now) -> show());
        show();
    }

    /** Says whether there is so little room that the tags give way to the word that opens the card. */
    public void setSmall(boolean little) {
        if (small != little) {
            small = little;
            show();
        }
    }

    private static Tag tag(String word, String key) {
        return new Tag(Wording.of("desk.tags." + word), key);
    }

    private List<Tag> wanted() {
        Tag pages = tag("pages", "pages");
        Tag spine = tag("spine", "spine.width");
        Tag thick = tag("thick", "book.thickness");
        Tag gutter = tag("gutter", "margin.set.gutter");
        Tag cover = new Tag(Wording.of("desk.tags.cover"), "cover.width", "cover.height");
        Tag file = new Tag(Wording.of("desk.tags.page"), "page.width", "page.height");
        Tag kept = tag("you-keep", "price.kept");
        Tag printing = tag("printing", "cost.print");
        return switch (desk.bench().get()) {
            case BRIEF -> List.of(spine, gutter, kept, thick, printing);
            case MAKEUP -> List.of(pages, spine, gutter, thick);
            case COVER -> List.of(cover, spine, thick);
            case PROOF -> List.of(pages, gutter, spine, thick);
            case DESPATCH -> List.of(pages, file, cover);
        };
    }

    private void show() {
        FocusKeep.around(tags, tags, () -> {
            tags.getChildren().clear();
            Measures measures = desk.state().get().measures();
            boolean spine = measures.find("spine.width").isPresent();
            wanted().stream()
                    .filter(t -> measures.find(t.key()).isPresent())
                    .filter(t -> !(spine && t.key().equals("book.thickness")))
                    .limit(small ? 0 : 3)
                    .forEach(t -> tags.getChildren().add(button(t, measures)));
            Button all = Labels.opener(Wording.of("desk.tags.all"), Wording.of("desk.tags.all-help"));
            all.setId("measures");
            all.setOnAction(e -> onFigure.accept(""));
            tags.getChildren().add(all);
        });
        requestLayout();
    }

    private Button button(Tag tag, Measures measures) {
        Figure figure = measures.get(tag.key());
        var unit = desk.unit().get();
        String value =
                tag.second().isEmpty() ? figure.text(unit) : Labels.size(figure, measures.get(tag.second()), unit);
        Circle eyelet = new Circle(3.2, Theme.PAPER);
        eyelet.setStroke(Theme.SOFT_INK);
        Label name = Labels.label(tag.word(), "tag-name");
        Label amount = Labels.label(value, "tag-value");
        name.setMinWidth(Region.USE_PREF_SIZE);
        amount.setMinWidth(Region.USE_PREF_SIZE);
        HBox line = new HBox(6, eyelet, name, amount);
        line.setAlignment(Pos.CENTER_LEFT);
        line.setMouseTransparent(true);
        Button button = new Button();
        button.setGraphic(line);
        button.getStyleClass().setAll("tag");
        button.setId("tag-" + tag.key().replace('.', '-'));
        button.setAccessibleText(tag.word() + " " + value);
        button.setAccessibleHelp(FigureHelp.of(figure));
        button.setMinWidth(Region.USE_PREF_SIZE);
        if (changed.has(tag.key()) || changed.has(tag.second())) {
            button.getStyleClass().add("changed");
        }
        button.setOnAction(e -> onFigure.accept(tag.key()));
        return button;
    }

    private double em() {
        return Theme.em(desk.settings().textSize());
    }

    @Override
    protected double computePrefWidth(double height) {
        return Math.max((small ? SMALL_WIDTH_EM : WIDTH_EM) * em(), tags.prefWidth(-1) + em() * 0.4);
    }

    @Override
    protected double computePrefHeight(double width) {
        return (small ? SMALL_EM : HEIGHT_EM) * em();
    }

    @Override
    protected void layoutChildren() {
        double em = em();
        tags.setSpacing(Math.max(2, (STEP_EM - 1.6) * em));
        double wide = Math.max(getWidth(), tags.prefWidth(-1));
        double top = (small ? 0.1 : 0.55) * em;
        thread.setVisible(!small);
        hang.setVisible(!small);
        tags.resizeRelocate(getWidth() - wide, top, wide, tags.prefHeight(-1));
        tags.layout();
        double x = getWidth() - MARGIN * 2.4;
        hang.setStartX(x);
        hang.setStartY(-12);
        hang.setControlX1(x + 9);
        hang.setControlY1(-6);
        hang.setControlX2(x + 6);
        hang.setControlY2(top * 0.6);
        hang.setEndX(x - 2);
        hang.setEndY(top + 2);
        List<Node> shown = tags.getChildren();
        Node last = shown.get(Math.max(0, shown.size() - 2));
        thread.setStartX(x - 2);
        thread.setEndX(x - 2);
        thread.setStartY(top);
        thread.setEndY(top + last.getBoundsInParent().getMinY() + 2);
        thread.toBack();
        hang.toBack();
    }
}
