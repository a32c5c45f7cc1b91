package jorn.desk.benches;

import java.nio.file.Path;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import jorn.desk.model.Hands;
import jorn.desk.model.Mishap;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.Slip;
import jorn.print.read.PdfLook;
import jorn.say.Wording;

/** A file that was written, read back page by page: for machines that have no program to show it. */
final class FileSlip extends Slip {
    private static final int HEIGHT = 480;

    private final Path file;
    private final int pages;
    private final ImageView picture = new ImageView();
    private final Label place = Labels.label("", "soft");
    private final Label trouble = Labels.wrapped("", "refusal");
    private final Hands hands = new Hands("look", Platform::runLater);
    private int page;

    /** @param pages how many the file has */
    FileSlip(Path file, int pages) {
        super(Wording.of("desk.file-slip.title"));
        this.file = file;
        this.pages = pages;
        setId("file-slip");
        place.setId("file-place");
        say(file.getFileName().toString());
        StackPane frame = new StackPane(picture, trouble);
        frame.setMinHeight(HEIGHT);
        frame.setMinWidth(HEIGHT * 0.7);
        Button before = Labels.act("‹", Wording.of("desk.versions-slip.page-before"), () -> turn(-1));
        Button after = Labels.act("›", Wording.of("desk.versions-slip.page-after"), () -> turn(1));
        before.setId("file-page-before");
        after.setId("file-page-after");
        HBox turning = new HBox(8, before, place, after);
        turning.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        add(frame, turning);
        say(Wording.of("desk.file-slip.why"));
        turn(0);
    }

    private void turn(int by) {
        page = Math.max(0, Math.min(pages - 1, page + by));
        place.setText(Wording.of("desk.file-slip.page", page + 1, pages));
        int wanted = page;
        hands.fetch(
                () -> PdfLook.page(file, wanted, HEIGHT),
                look -> {
                    if (wanted == page) {
                        picture.setImage(Painter.toImage(look));
                        trouble.setText("");
                    }
                },
                e -> trouble.setText(Mishap.told(e).getMessage()));
    }
}
