package jorn.photo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Picture;
import jorn.block.picture.PictureBlock.Fit;
import jorn.book.Book;
import jorn.book.PhotoRuns;
import jorn.book.Slot;
import jorn.book.Starter;
import jorn.edition.Edition;
import jorn.json.Json;
import jorn.measure.Trouble;
import org.junit.jupiter.api.Test;

/** Photographs stand on pages in their order, so many to each, and are never warped. */
class PhotoPagesTest {
    private static Picture picture(int number) throws IOException {
        BufferedImage image = new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB);
        image.setRGB(number, 0, 0xFFFFFF);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return Picture.of("photo " + number + ".png", out.toByteArray());
    }

    private static Book booklet(int count, int each, Fit fit) throws IOException {
        List<Picture> pictures = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            pictures.add(picture(i));
        }
        List<PhotoItem> items =
                pictures.stream().map(p -> new PhotoItem(p.id(), p.name())).toList();
        return PhotoRuns.taking(Starter.PHOTO_BOOKLET.begin(), items, pictures, each, fit);
    }

    private static List<Slot> sheets(Edition edition) {
        return edition.pagination().slots().stream()
                .filter(s -> s.subjects().get(PhotoSheet.class).isPresent())
                .toList();
    }

    private static List<Mark.Image> images(Edition edition, Slot slot) {
        return Marks.standing(edition.page(slot.number()).marks()).stream()
                .map(Marks.Standing::mark)
                .filter(Mark.Image.class::isInstance)
                .map(Mark.Image.class::cast)
                .toList();
    }

    @Test
    void sevenPhotographsTwoToAPageAreFourPagesInASixteenPageBooklet() throws IOException {
        Edition edition = Edition.of(booklet(7, 2, Fit.WHOLE));
        List<Slot> sheets = sheets(edition);
        assertEquals(4, sheets.size());
        assertEquals(2, images(edition, sheets.get(0)).size());
        assertEquals(1, images(edition, sheets.get(3)).size());
        assertEquals(16, edition.pagination().pageCount());
        List<String> order = new ArrayList<>();
        sheets.forEach(
                s -> images(edition, s).forEach(i -> order.add(i.picture().name())));
        assertEquals(
                List.of(
                        "photo 1.png",
                        "photo 2.png",
                        "photo 3.png",
                        "photo 4.png",
                        "photo 5.png",
                        "photo 6.png",
                        "photo 7.png"),
                order);
    }

    @Test
    void filledOrWholeNothingIsWarped() throws IOException {
        for (Fit fit : Fit.values()) {
            Edition edition = Edition.of(booklet(4, 4, fit));
            for (Mark.Image image : images(edition, sheets(edition).get(0))) {
                assertEquals(
                        image.from().width() / image.from().height(),
                        image.to().width() / image.to().height(),
                        0.01);
                boolean whole = image.from().width() > 299 && image.from().height() > 199;
                assertEquals(fit == Fit.WHOLE, whole);
            }
        }
    }

    @Test
    void photographsAreMovedAndMoreComeBehindThem() throws IOException {
        Book book = booklet(3, 1, Fit.WHOLE);
        int run = run(book);
        PhotoPages pages = PhotoRuns.of(book.runs().get(run)).orElseThrow();
        assertEquals("photo 3.png", pages.moved(2, 0).items().get(0).caption());
        assertEquals("photo 1.png", pages.moved(0, 9).items().get(2).caption());
        Book more = PhotoRuns.taking(book, List.of(new PhotoItem("x", "New")), List.of(), 4, Fit.FILL);
        assertEquals(run, run(more));
        assertEquals(4, PhotoRuns.of(more.runs().get(run)).orElseThrow().items().size());
        assertEquals(1, PhotoRuns.of(more.runs().get(run)).orElseThrow().each(), "those that are there say how many");
        Book four = PhotoRuns.fitted(PhotoRuns.laid(more, run, 4), run, Fit.FILL);
        assertEquals(Fit.FILL, PhotoRuns.fit(four.runs().get(run)));
        assertEquals(Fit.FILL, PhotoRuns.fit(PhotoRuns.laid(four, run, 2).runs().get(run)), "it stays so");
        assertEquals(1, sheets(Edition.of(four)).size());
        byte[] written = Json.write(PhotoRuns.of(four.runs().get(run)).orElseThrow());
        assertEquals(
                PhotoRuns.of(four.runs().get(run)).orElseThrow(), Json.read(written, PhotoPages.class, "photographs"));
    }

    private static int run(Book book) {
        for (int i = 0; i < book.runs().size(); i++) {
            if (PhotoRuns.of(book.runs().get(i)).isPresent()) {
                return i;
            }
        }
        throw new AssertionError("no photographs");
    }

    @Test
    void noneAndOddNumbersAreRefused() {
        assertThrows(Trouble.class, () -> new PhotoPages(List.of(), 1));
        assertThrows(Trouble.class, () -> new PhotoPages(List.of(new PhotoItem("a", "")), 3));
        assertTrue(PhotoRuns.wants(Starter.PHOTO_BOOKLET.begin()));
    }
}
