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

    /** A photograph as cameras make them: passages of colour with a little grain, as JPEG. */
    static byte[] smooth(int width, int height) {
        Random random = new Random(3);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        int[] row = new int[width];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int grain = random.nextInt(12);
                int r = (int) (120 + 90 * Math.sin(x / 400.0 + y / 900.0)) + grain;
                int g = (int) (110 + 80 * Math.sin(y / 500.0)) + grain;
                int b = (int) (90 + 70 * Math.cos(x / 700.0)) + grain;
                row[x] = r << 16 | g << 8 | b;
            }
            image.setRGB(0, y, width, 1, row, 0, width);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "jpeg", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
