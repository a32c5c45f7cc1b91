package jorn.desk.makeup;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.image.Image;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Picture;
import jorn.content.Memo;
import jorn.desk.model.Hands;
import jorn.desk.model.Mishap;
import jorn.desk.view.Painter;

/** Small pictures of the book's own, painted once, beside the interface thread. Used on the interface thread. */
final class BookPictures {
    private static final int KEPT = 600;
    private static final Memo<String, Image> PAINTED = new Memo<>(KEPT);
    private static final Hands HANDS = new Hands("book pictures", Platform::runLater);

    private BookPictures() {}

    /**
     * Shows a picture, as soon as it is painted.
     *
     * @param side of the square into which it goes, in pixels
     */
    static void show(Picture picture, int side, Consumer<Image> show) {
        if (picture.isMissing()) {
            return;
        }
        String key = picture.id() + " " + side;
        Optional<Image> known = PAINTED.find(key);
        if (known.isPresent()) {
            show.accept(known.get());
            return;
        }
        HANDS.fetch(() -> PAINTED.of(key, () -> paint(picture, side)), show, Mishap::log);
    }

    private static Image paint(Picture picture, int side) {
        double scale = Math.min(1.0 * side / picture.width(), 1.0 * side / picture.height());
        Box at = new Box(0, 0, Math.max(1, picture.width() * scale), Math.max(1, picture.height() * scale));
        Box whole = new Box(0, 0, picture.width(), picture.height());
        return Painter.fresh(
                new PageArt(at, at, List.of(new Mark.Image(picture, whole, at, 1))), at, (int) Math.ceil(at.width()));
    }
}
