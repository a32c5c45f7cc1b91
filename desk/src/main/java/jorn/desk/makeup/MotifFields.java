package jorn.desk.makeup;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jorn.desk.model.BookFiles;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.pattern.motif.MotifShelf;
import jorn.pattern.motif.PatternMotif;
import jorn.pattern.motif.ScatteredMotif;
import jorn.pattern.motif.ShapePoints;
import jorn.pattern.motif.ShippedMotif;
import jorn.pattern.page.PatternSpec;
import jorn.print.picture.DrawingIntake;
import jorn.say.Wording;
import jorn.scan.Cleaning;

/** On the slip of a page's pattern: its motif, one that ships, scattered strokes, a drawing, a photograph, or a shape drawn with a few points. */
final class MotifFields {
    private static final int WIDE = 34;

    private final Slip slip;
    private final PatternWork work;
    private final BookFiles files;
    private final PatternSpec spec;

    MotifFields(Slip slip, PatternWork work, BookFiles files, PatternSpec spec) {
        this.slip = slip;
        this.work = work;
        this.files = files;
        this.spec = spec;
    }

    /** A picture to choose, among others. */
    Button picture(ImageView view, String id, String below, String name, boolean chosen, Runnable choose) {
        Button button = slip.word(below, id, name, chosen, choose);
        button.setGraphic(view);
        button.setContentDisplay(below.isEmpty() ? ContentDisplay.GRAPHIC_ONLY : ContentDisplay.TOP);
        button.setAccessibleText(name);
        button.getStyleClass().add("picture-choice");
        return button;
    }

    /** A row of pictures to choose from. */
    void pictures(String name, List<? extends Node> all) {
        slip.add(Labels.label(name, "group-name"));
        FlowPane row = new FlowPane(2, 2);
        row.getChildren().addAll(all);
        row.setPrefWrapLength(240);
        VBox.setMargin(row, new Insets(2, 0, 2, -3));
        slip.add(row);
    }

    private void take(PatternMotif motif) {
        work.changePage(s -> s.withHold(s.hold().withMotif(motif)));
    }

    private List<Button> shipped(String id, PatternMotif now, Consumer<PatternMotif> take) {
        List<Button> all = new ArrayList<>();
        for (String each : MotifShelf.names()) {
            all.add(motif(new ShippedMotif(each), id + each, now, take));
        }
        return all;
    }

    private Button motif(PatternMotif motif, String id, PatternMotif now, Consumer<PatternMotif> take) {
        return picture(
                new ImageView(PatternPictures.of(motif, WIDE)),
                "pattern-motif-" + id,
                "",
                motif.word(),
                motif.equals(now),
                () -> take.accept(motif));
    }

    /**
     * All motifs that ship.
     *
     * @param id begins the id of each
     */
    void shelf(String name, String id, PatternMotif now, Consumer<PatternMotif> take) {
        pictures(name, shipped(id, now, take));
    }

    /** The motif of the page. */
    void motif() {
        PatternMotif now = spec.hold().motif();
        List<Button> all = shipped("", now, this::take);
        all.add(motif(
                now instanceof ScatteredMotif ? now : new ScatteredMotif(spec.seed()), "scattered", now, this::take));
        ShapePoints points = ShapePoints.of(now);
        PatternMotif own = drawn(points);
        all.add(motif(own, "own", now, this::take));
        pictures(Wording.of("desk.patterns.motif", now.word()), all);
        slip.add(slip.act(
                Wording.of("desk.patterns.motif-from-file"),
                Wording.of("desk.patterns.motif-files"),
                () -> files.asker().pictureToOpen().ifPresent(path -> trace(path, 0))));
        if (now.equals(own)) {
            slip.say(Wording.of("desk.patterns.points-so"));
            slip.add(new PointPad(points, work.heldPoint(), p -> slip.attempt(() -> take(drawn(p)))));
            slip.say(Wording.of("desk.patterns.points-keys"));
        }
        work.traced(now).ifPresent(this::threshold);
    }

    private static PatternMotif drawn(ShapePoints points) {
        return points.motif(Wording.of("desk.patterns.own-shape"));
    }

    private void trace(Path path, int threshold) {
        files.fetch(() -> DrawingIntake.motif(path, threshold), m -> {
            work.traced(m, path, threshold);
            take(m);
        });
    }

    /** Where a picture was traced just now, its outlines can lie elsewhere. */
    private void threshold(PatternWork.Traced from) {
        NumberFields.count(
                slip,
                Wording.of("desk.art.threshold"),
                Wording.of("desk.art.threshold-help"),
                "pattern-threshold",
                from.threshold(),
                0,
                Cleaning.MOST_THRESHOLD,
                n -> trace(from.path(), n));
    }
}
