package jorn.desk.covers;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.function.Consumer;
import javafx.scene.image.Image;
import javafx.scene.input.Clipboard;
import javax.imageio.ImageIO;
import jorn.art.Picture;
import jorn.desk.model.BookFiles;
import jorn.say.Wording;

/** A picture that was copied in another program and is pasted here; it is kept as PNG. */
final class PastedPicture {
    private PastedPicture() {}

    /** @return whether there was one */
    static boolean take(Clipboard board, BookFiles files, Consumer<Picture> then) {
        Image image = board.getImage();
        if (image == null || image.getWidth() < 1) {
            return false;
        }
        int w = (int) image.getWidth();
        int h = (int) image.getHeight();
        BufferedImage pixels = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB);
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                pixels.setRGB(x, y, image.getPixelReader().getArgb(x, y));
            }
        }
        files.fetch(() -> Picture.of(Wording.of("desk.covers.pasted-name"), png(pixels)), picture -> {
            files.keep(picture);
            then.accept(picture);
        });
        return true;
    }

    private static byte[] png(BufferedImage pixels) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(pixels, "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
