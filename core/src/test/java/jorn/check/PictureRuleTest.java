package jorn.check;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import jorn.art.Palette;
import jorn.art.Picture;
import jorn.block.paper.Space;
import jorn.block.picture.Border;
import jorn.block.picture.Decoration;
import jorn.block.picture.PictureBlock;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.book.Placement;
import jorn.book.Run;
import jorn.check.Finding.Severity;
import jorn.layout.Part;
import jorn.layout.Stack;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.recipe.Recipe;
import jorn.store.BookFile;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pictures: in the book, in its file, on the page with pixels enough. */
class PictureRuleTest {
    @TempDir
    Path folder;

    private static Picture picture(int width, int height) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", bytes);
        return Picture.of("hive.png", bytes.toByteArray());
    }

    /** A book whose every page is one picture, an inch high. */
    private static Book with(String id, Optional<Picture> picture) {
        Recipe recipe = new Recipe(
                "one",
                "One",
                Stack.down(Part.fixed(
                        Length.inches(1), new PictureBlock(id, PictureBlock.Fit.WHOLE, Length.inches(1), 1.0))));
        Book book = EarlierBooks.linedJournal().withTitle("Hive Notes");
        Book one = book.withRuns(List.of(Run.of("One", recipe, 24, Placement.Start.ANYWHERE)));
        return picture.map(one::with).orElse(one);
    }

    private static Optional<Finding> finding(Book book, String id) {
        return Checker.check(Proof.of(book, Unit.INCH)).stream()
                .filter(f -> f.id().equals(id))
                .findFirst();
    }

    /** An inch high, so many pixels high: the pixels an inch are read off. */
    @ParameterizedTest
    @CsvSource({"300, none", "299, NOTE", "200, NOTE", "199, WARNING"})
    void pixelsAnInchAreCounted(int pixels, String severity) throws IOException {
        Picture p = picture(pixels, pixels);
        Optional<Finding> f = finding(with(p.id(), Optional.of(p)), "picture.dpi");
        assertEquals(severity, f.map(x -> x.severity().name()).orElse("none"));
        f.ifPresent(x -> assertEquals(pixels + " pixels an inch", x.measured()));
    }

    @Test
    void anEmptyPlaceAndAMissingPictureAreErrors() {
        assertEquals(
                "A place for a picture is empty.",
                finding(with("", Optional.empty()), "picture.missing")
                        .orElseThrow()
                        .message());
        Finding f = finding(with("gone", Optional.empty()), "picture.missing").orElseThrow();
        assertEquals(Severity.ERROR, f.severity());
    }

    @Test
    void anOrnamentsPictureIsLookedForAsWell() {
        Decoration d = new Decoration(
                null, Optional.of("gone"), Decoration.Anchor.HEAD, Length.mm(20), 1.0, false, false, false);
        Book book = EarlierBooks.linedJournal().withRun(2, r -> r.withDecorations(List.of(d)));
        assertTrue(finding(book, "picture.missing").isPresent());
    }

    @Test
    void picturesTravelInTheBooksFile() throws IOException {
        Picture p = picture(60, 40);
        Path file = folder.resolve("a.jorn");
        BookFile.save(with(p.id(), Optional.of(p)), file);
        Picture read = BookFile.load(file).pictures().get(p.id());
        assertEquals(60, read.width());
        assertArrayEquals(p.file().bytes(), read.file().bytes());
    }

    @Test
    void aPictureThatWasLostFromTheFileIsNamedAndTheBookOpens() throws IOException {
        Picture p = picture(60, 40);
        Path whole = folder.resolve("a.jorn");
        BookFile.save(with(p.id(), Optional.of(p)), whole);
        Path robbed = folder.resolve("b.jorn");
        try (ZipFile from = new ZipFile(whole.toFile());
                ZipOutputStream to = new ZipOutputStream(Files.newOutputStream(robbed))) {
            to.putNextEntry(new ZipEntry("book.json"));
            from.getInputStream(from.getEntry("book.json")).transferTo(to);
        }
        Book book = BookFile.load(robbed);
        assertTrue(book.pictures().get(p.id()).isMissing());
        Finding f = finding(book, "picture.missing").orElseThrow();
        assertTrue(f.message().contains("hive.png"), f.message());
    }

    @Test
    void whatIsNoPictureIsRefused() {
        Trouble t = Assertions.assertThrows(Trouble.class, () -> Picture.of("a.png", new byte[] {1, 2, 3}));
        assertTrue(t.what().contains("a.png is not a picture"), t.what());
    }

    /** A frame's sides are as long as what they go round: nothing is stretched by mistake, and its pixels are told of once. */
    @Test
    void aBorderOfAPictureIsToldOfOnce() throws IOException {
        Picture frame = picture(120, 120);
        Border border = new Border(
                new Space(),
                Border.Corners.SQUARE,
                1,
                Length.mm(1),
                1.0,
                Palette.Role.LINE,
                Length.mm(3),
                Optional.of(frame.id()));
        Book book = EarlierBooks.linedJournal().withTitle("Hive Notes");
        Book framed = book.withRuns(
                        List.of(Run.of("One", new Recipe("one", "One", border), 24, Placement.Start.ANYWHERE)))
                .with(frame);
        List<String> said = Checker.check(Proof.of(framed, Unit.INCH)).stream()
                .map(Finding::id)
                .filter(id -> id.startsWith("picture."))
                .toList();
        assertEquals(List.of("picture.dpi"), said);
    }
}
