package jorn.desk.makeup;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jorn.art.Box;
import jorn.art.PageArt;
import jorn.art.Palette;
import jorn.block.page.MotifDrawing;
import jorn.desk.model.Desk;
import jorn.desk.view.CanvasPane;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.PressableBox;
import jorn.desk.view.Slip;
import jorn.desk.view.Theme;
import jorn.layout.Align;
import jorn.measure.Length;
import jorn.say.Wording;
import jorn.style.Motif;
import jorn.style.Motifs;

/**
 * The drawings that are made by rule, as pictures in the book's colours. A click puts one below the chosen part; dragged onto the
 * page it is put where it is let go.
 */
public final class OrnamentsSlip extends Slip {
    private static final double FADED = 0.12;
    private static final double PICTURE_EM = 4;
    private static final Length SIZE = Length.mm(18);

    private final PageGestures page;
    private final Painter painter;
    private final Palette palette;

    public OrnamentsSlip(Desk desk, Painter painter, PageGestures page) {
        super(Wording.of("desk.ornaments.title"));
        this.page = page;
        this.painter = painter;
        this.palette = desk.book().palette();
        double em = Theme.em(desk.settings().textSize());
        say(Wording.of("desk.ornaments.click-or-drag"));
        VBox groups = new VBox(6);
        for (Motif.MotifGroup group : Motif.MotifGroup.values()) {
            FlowPane row = new FlowPane(4, 4);
            row.setPrefWrapLength(em * PICTURE_EM * 8);
            Motifs.all().stream().filter(m -> m.group() == group).forEach(m -> row.getChildren()
                    .add(tile(m, em * PICTURE_EM)));
            groups.getChildren().addAll(Labels.label(group.word(), "group-name"), row);
        }
        ScrollPane scroll = new ScrollPane(groups);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setPrefViewportHeight(em * 26);
        scroll.setPrefViewportWidth(em * PICTURE_EM * 8.6);
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        add(scroll);
    }

    private PressableBox tile(Motif motif, double side) {
        var name = Labels.wrapped(motif.called(), "soft");
        name.setAlignment(Pos.TOP_CENTER);
        name.setPrefWidth(side * 1.5);
        name.setTextAlignment(javafx.scene.text.TextAlignment.CENTER);
        PressableBox box = new PressableBox(2, new MotifPicture(motif, side), name);
        box.setAlignment(Pos.TOP_CENTER);
        box.getStyleClass().setAll("choice");
        box.setId("motif-" + motif.id());
        box.setAccessibleText(motif.called());
        box.setAccessibleHelp(Wording.of("desk.ornaments.put-below-part"));
        MotifDrawing drawing = new MotifDrawing(Optional.of(motif.id()), SIZE, Align.CENTRE);
        box.setOnDeed(() -> attempt(() -> {
            page.put(drawing);
            done();
        }));
        box.addEventFilter(MouseEvent.MOUSE_DRAGGED, e -> {
            if (getOpacity() < 1 || !contains(sceneToLocal(e.getSceneX(), e.getSceneY()))) {
                setOpacity(FADED);
                page.carry(e.getSceneX(), e.getSceneY());
            }
        });
        box.addEventFilter(MouseEvent.MOUSE_RELEASED, e -> {
            if (getOpacity() < 1) {
                setOpacity(1);
                e.consume();
                attempt(() -> {
                    if (page.drop(drawing, e.getSceneX(), e.getSceneY())) {
                        done();
                    }
                });
            }
        });
        return box;
    }

    /** One drawing. */
    private final class MotifPicture extends CanvasPane {
        private final Motif motif;

        MotifPicture(Motif motif, double side) {
            this.motif = motif;
            setMinSize(side * 1.4, side);
            setPrefSize(side * 1.4, side);
            setMaxSize(side * 1.4, side);
        }

        @Override
        protected void draw(GraphicsContext g, double width, double height) {
            Box box = new Box(0, 0, width, height);
            PageArt art = new PageArt(box, box, motif.draw(box.inset(3), palette, 1));
            painter.paintInTurn(
                    art, box, (int) Math.round(width * 2), image -> g.drawImage(image, 0, 0, width, height));
        }
    }
}
