package jorn.bench;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;
import jorn.art.Picture;
import jorn.block.picture.PictureBlock;
import jorn.book.Book;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.book.Starter;
import jorn.layout.Part;
import jorn.layout.Stack;
import jorn.measure.Length;
import jorn.recipe.Recipe;

/** Books with many pictures, made of noise: nothing packs worse. */
final class Photographs {
    private static final int BITS = 0xFFFFFF;

    private Photographs() {}

    /**
     * A book with a photograph on each page.
     *
     * @param count of photographs
     * @param side of each, in pixels
     * @param kind "jpeg" or "png"
     */
    static Book book(int count, int side, String kind) {
        List<Run> runs = new ArrayList<>();
        Book book = Starter.NOTEBOOK.begin().withTitle("Photographs");
        for (int i = 0; i < count; i++) {
            Picture picture = Picture.of("photograph " + i, file(i, side, kind));
            book = book.with(picture);
            PictureBlock block = new PictureBlock(picture.id(), PictureBlock.Fit.FILL, Length.mm(50), 1.0);
            Recipe page = new Recipe("photograph-" + i, "Photograph " + i, Stack.down(Part.share(1, block)));
            runs.add(Run.of("Photograph " + i, page, 1, Start.ANYWHERE));
        }
        return book.withRuns(runs);
    }

    private static byte[] file(int seed, int side, String kind) {
        Random random = new Random(seed);
        BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x++) {
                image.setRGB(x, y, random.nextInt() & BITS);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, kind, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
