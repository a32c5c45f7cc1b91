package jorn.desk.makeup;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.scene.image.Image;
import jorn.art.Picture;
import jorn.book.Slot;
import jorn.desk.model.Desk;
import jorn.desk.view.Tiles;

/** The pictures of a run as tiles. */
final class PictureTiles {
    private static final int SIDE = 58;

    private PictureTiles() {}

    /**
     * Tiles of pictures.
     *
     * @param pictures ids in the book
     * @param chosen which one is looked at, from 0
     */
    static Tiles of(String id, Desk desk, List<String> pictures, int chosen, Tiles.Deeds deeds) {
        return new Tiles(
                id,
                new Tiles.Faces() {
                    @Override
                    public int count() {
                        return pictures.size();
                    }

                    @Override
                    public String name(int index) {
                        return Integer.toString(index + 1);
                    }

                    @Override
                    public void paint(int index, Consumer<Image> show) {
                        Picture picture = desk.book().pictures().get(pictures.get(index));
                        if (picture != null) {
                            BookPictures.show(picture, SIDE, show);
                        }
                    }
                },
                deeds,
                SIDE,
                chosen);
    }

    /** Goes to the first page of a run that is wanted. */
    static void goTo(Desk desk, int run, Predicate<Slot> wanted) {
        List<Slot> slots = desk.state().get().pagination().slots();
        for (int i = 0; i < slots.size(); i++) {
            if (slots.get(i).run() == run && wanted.test(slots.get(i))) {
                desk.page().set(i + 1);
                return;
            }
        }
    }
}
