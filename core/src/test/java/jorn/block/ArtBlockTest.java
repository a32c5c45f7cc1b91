package jorn.block;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Marks.Standing;
import jorn.art.Picture;
import jorn.art.PictureInk;
import jorn.book.Book;
import jorn.book.PatternRuns;
import jorn.book.Starter;
import jorn.edition.Edition;
import jorn.pattern.run.ArtItem;
import org.junit.jupiter.api.Test;

/** Drawings to colour fill their pages. */
class ArtBlockTest {
    /** A black frame with white all round it, so many pixels. */
    private static Picture drawing(int wide, int high, int white) throws IOException {
        BufferedImage image = new BufferedImage(wide + 2 * white, high + 2 * white, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.setColor(Color.BLACK);
        g.drawRect(white, white, wide - 1, high - 1);
        g.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return Picture.of("drawing.png", bytes.toByteArray());
    }

    private static Standing placed(Picture picture) {
        ArtItem item = new ArtItem(picture.id(), picture.id(), 0, null, "Bees");
        Book book = PatternRuns.taking(Starter.COLOURING_BOOK.begin(), List.of(item), List.of(picture));
        Edition edition = Edition.of(book);
        return edition.pagination().slots().stream()
                .flatMap(s -> Marks.standing(edition.page(s.number()).marks()).stream())
                .filter(s -> s.mark() instanceof Mark.Image)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whiteRoundADrawingIsLeftOut() throws IOException {
        Picture picture = drawing(300, 400, 150);
        Box ink = PictureInk.of(picture);
        assertEquals(150, ink.x(), 4);
        assertEquals(400, ink.height(), 8);
        Box at = placed(picture).bounds();
        assertEquals(300 / 400.0, at.width() / at.height(), 0.03, "in proportion");
        assertTrue(at.height() > 550 || at.width() > 430, "as large as the page lets it be: " + at);
    }

    @Test
    void aWideDrawingIsTurned() throws IOException {
        Standing wide = placed(drawing(800, 400, 0));
        assertTrue(wide.at().b() != 0, "turned by a quarter");
        assertTrue(wide.bounds().height() > wide.bounds().width());
        assertTrue(placed(drawing(420, 400, 0)).at().b() == 0, "hardly any larger: it stays upright");
    }
}
