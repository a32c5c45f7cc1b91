package jorn.desk.view;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.model.Differences;
import jorn.desk.model.Moments;
import jorn.edition.Edition;
import jorn.say.Wording;
import jorn.store.Versions;

/** Earlier versions of the book, each looked at beside the book as it is now, page by page, and gone back to. */
final class VersionsSlip extends Slip {
    private static final int HEIGHT = 350;
    private static final int MOST_SEEN_EM = 24;

    private final Desk desk;
    private final BookFiles files;
    private final Painter painter;
    private final VBox list = new VBox(0);
    private final Label difference = Labels.wrapped("", "soft");
    private final Sheet then = new Sheet("version-then");
    private final Sheet now = new Sheet("version-now");
    private final Label place = Labels.label("", "soft");
    private final Button back;
    private Optional<Edition> earlier = Optional.empty();
    private int page;

    /** A page with its heading. */
    private static final class Sheet extends VBox {
        private final Label heading = Labels.label("", "strong");
        private final ImageView picture = new ImageView();
        private final Label none = Labels.label(Wording.of("desk.versions-slip.no-such-page"), "soft");

        Sheet(String id) {
            super(5);
            picture.setId(id);
            StackPane frame = new StackPane(none, picture);
            frame.setStyle("-fx-border-color: hairline; -fx-background-color: white;");
            frame.setMinSize(200, HEIGHT);
            frame.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
            getChildren().addAll(heading, frame);
        }

        void show(String words, Edition edition, int page, Painter painter) {
            heading.setText(words);
            boolean there = page <= edition.pagination().pageCount();
            picture.setImage(null);
            none.setVisible(!there);
            if (there) {
                PageArt art = edition.page(page);
                int width = (int)
                        Math.round(HEIGHT * art.trim().width() / art.trim().height());
                painter.paint(art, art.trim(), width, picture::setImage);
            }
        }
    }

    VersionsSlip(Desk desk, BookFiles files, Painter painter) {
        super(Wording.of("desk.versions-slip.earlier-versions"));
        this.desk = desk;
        this.files = files;
        this.painter = painter;
        this.page = desk.page().get();
        setStyle("-fx-pref-width: 52em;");
        back = Labels.deed(
                Wording.of("desk.versions-slip.go-back"), Wording.of("desk.versions-slip.go-back-help"), this::goBack);
        back.setId("version-back");
        List<Versions.Version> all = files.versions();
        if (all.isEmpty()) {
            say(Wording.of("desk.versions-slip.none"));
            return;
        }
        say(Wording.of("desk.versions-slip.which-are-kept", Versions.LAST));
        for (Versions.Version each : all) {
            list.getChildren().add(row(each));
        }
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setMinWidth(Region.USE_PREF_SIZE);
        scroll.setStyle("-fx-background-color: transparent; -fx-pref-height: " + MOST_SEEN_EM + "em;");
        Button before = Labels.act("‹", Wording.of("desk.versions-slip.page-before"), () -> turn(-1));
        Button after = Labels.act("›", Wording.of("desk.versions-slip.page-after"), () -> turn(1));
        before.setId("version-page-before");
        after.setId("version-page-after");
        HBox turning = new HBox(6, before, place, after, Labels.spring(), back);
        turning.setAlignment(Pos.CENTER_LEFT);
        difference.setId("version-difference");
        VBox look = new VBox(10, new HBox(18, then, now), difference, turning);
        look.setStyle("-fx-pref-width: 38em;");
        add(new HBox(20, scroll, look));
        look(all.get(0));
    }

    private Button row(Versions.Version version) {
        String file = java.nio.file.Path.of(version.file()).getFileName() == null
                ? ""
                : String.valueOf(java.nio.file.Path.of(version.file()).getFileName());
        Button row = Labels.oneOf(
                Moments.inWords(version.saved()),
                Wording.of("desk.versions-slip.look", file),
                false,
                () -> look(version));
        row.setId("version-" + list.getChildren().size());
        row.setMaxWidth(Double.MAX_VALUE);
        row.setAlignment(Pos.CENTER_LEFT);
        row.setUserData(version);
        return row;
    }

    private void look(Versions.Version version) {
        attempt(() -> {
            earlier = Optional.of(Edition.of(files.version(version)));
            list.getChildren().forEach(n -> {
                if (n instanceof Button b) {
                    Labels.mark(b, version.equals(b.getUserData()));
                }
            });
            String differs = String.join(
                    " ",
                    Differences.inWords(
                            earlier.get().book(), desk.book(), desk.unit().get()));
            difference.setText(differs.isEmpty() ? Wording.of("desk.versions-slip.same") : differs);
            back.setDisable(differs.isEmpty());
            show(version);
        });
    }

    private void show(Versions.Version version) {
        String when = Wording.of("desk.versions-slip.then", Moments.inWords(version.saved()));
        then.show(when, earlier.orElseThrow(), page, painter);
        now.show(Wording.of("desk.versions-slip.now"), desk.state().get().edition(), page, painter);
        place.setText(Wording.of("desk.versions-slip.page", page));
    }

    private void turn(int by) {
        int most = Math.max(
                earlier.orElseThrow().pagination().pageCount(),
                desk.state().get().pagination().pageCount());
        page = Math.max(1, Math.min(most, page + by));
        for (var n : list.getChildren()) {
            if (n instanceof Button b && b.getStyleClass().contains("chosen")) {
                show((Versions.Version) b.getUserData());
            }
        }
    }

    private void goBack() {
        Book wanted = earlier.orElseThrow().book();
        done();
        files.goBackTo(wanted);
        desk.say("desk.versions-slip.went-back");
    }
}
