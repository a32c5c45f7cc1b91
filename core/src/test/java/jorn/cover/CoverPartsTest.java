package jorn.cover;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javax.imageio.ImageIO;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Picture;
import jorn.art.Reading;
import jorn.art.Tone;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.CoverPicture;
import jorn.book.CoverPicture.PictureFit;
import jorn.book.CoverPlan;
import jorn.book.LetterDress;
import jorn.book.PartEdit;
import jorn.book.Share;
import jorn.book.Starter;
import jorn.code.Isbn;
import jorn.edition.Edition;
import jorn.layout.Align;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.PressShelf;
import jorn.style.StyleShelf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What single parts of covers do with pictures, pages and words, and how a front is judged. */
class CoverPartsTest {
    private static final Book JOURNAL = Starter.LINED_JOURNAL
            .begin(Brief.at(PressShelf.shipped().find("online"), Size.of(6, 9, Unit.INCH), 200))
            .withTitle("Hive Notes")
            .withAuthor("Skep & Sedge");

    private static Book planned(Book book, UnaryOperator<CoverPlan> change) {
        return book.withCover(book.cover().planned(change));
    }

    private static Book as(String composition) {
        return planned(JOURNAL, p -> p.composedAs(composition));
    }

    private static Book pictured(String composition, int width, int height, UnaryOperator<CoverPicture> how) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", out);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
        Picture picture = Picture.of("p.png", out.toByteArray());
        return planned(
                as(composition).with(picture),
                p -> p.withPicture(Optional.of(how.apply(CoverPicture.of(picture.id())))));
    }

    private static List<Marks.Standing> images(Book book) {
        return Marks.standing(Edition.of(book).cover().frontArt().marks()).stream()
                .filter(s -> s.mark() instanceof Mark.Image)
                .toList();
    }

    private static Mark.Image image(Book book) {
        return (Mark.Image) images(book).get(0).mark();
    }

    @Test
    void aPictureFillsItsPlaceInProportion() {
        Mark.Image image = image(pictured("full-picture", 1000, 1000, c -> c));
        assertEquals(
                image.to().width() / image.from().width(),
                image.to().height() / image.from().height(),
                1e-9);
        assertEquals(500, image.from().centreX(), 0.01);
        Mark.Image left = image(pictured("full-picture", 1000, 1000, c -> c.withAcrossFocus(0.0)));
        assertEquals(0, left.from().x(), 1e-9);
        Mark.Image near = image(pictured("full-picture", 1000, 1000, c -> c.withZoom(2.0)));
        assertEquals(image.from().width() / 2, near.from().width(), 1e-6);
    }

    @Test
    void aPictureIsShownWholeOrStretchedOnlyWhenAsked() {
        Mark.Image whole = image(pictured("full-picture", 1000, 200, c -> c.withFit(PictureFit.WHOLE)));
        assertEquals(new Box(0, 0, 1000, 200), whole.from());
        assertEquals(5, whole.to().width() / whole.to().height(), 1e-9);
        Mark.Image stretched = image(pictured("full-picture", 1000, 200, c -> c.withFit(PictureFit.STRETCH)));
        assertTrue(stretched.to().width() / stretched.to().height() < 1);
    }

    @Test
    void aSmallPictureIsRepeatedWithoutASeam() {
        List<Marks.Standing> all = images(pictured("full-picture", 300, 300, c -> c.withFit(PictureFit.REPEAT)));
        // 300 pixels at 300 to the inch are an inch: six and a bit across, nine and a bit down.
        assertTrue(all.size() >= 7 * 10, String.valueOf(all.size()));
        assertEquals(1, all.get(0).at().a(), 1e-9);
        assertEquals(-1, all.get(1).at().a(), 1e-9);
    }

    @Test
    void aTurnedPictureStillReachesItsCorners() {
        Book turned = pictured("full-picture", 1000, 1000, c -> c.withTurn(30).withFlip(true));
        Box place = Edition.of(turned).cover().parts().stream()
                .filter(p -> p.part().id().equals("picture"))
                .findFirst()
                .orElseThrow()
                .box();
        Mark.Image image = image(turned);
        assertTrue(image.to().width() > place.width() && image.to().height() > place.height());
        assertTrue(images(turned).get(0).at().a() < 0, "it is mirrored");
    }

    @Test
    void aTwoInkCompositionColoursThePictureUnlessTheUserDoes() {
        assertEquals(
                Tone.ToneKind.TWO_INKS,
                image(pictured("two-inks", 900, 900, c -> c)).tone().kind());
        Tone grey = new Tone(Tone.ToneKind.GREYS, null, null, 0.2);
        assertEquals(
                grey,
                image(pictured("two-inks", 900, 900, c -> c.withTone(grey))).tone());
        assertTrue(images(as("two-inks")).isEmpty(), "without a picture one is drawn");
    }

    @Test
    void everyCompositionTakesAPictureOrLeavesIt() {
        for (Composition each : Compositions.all()) {
            Book book = pictured(each.id(), 900, 1300, c -> c);
            assertEquals(each.picture(), !images(book).isEmpty(), each.id());
            assertTrue(Edition.of(book).cover().plane().marks().size() > 2, each.id());
        }
    }

    @Test
    void smallPagesAndASampleAtTrueSizeStandOnTheBack() {
        Book open = planned(
                as("framed"),
                p -> p.withBack(p.back().withSample(true).withPrice("12.99").withQr("HIVE")));
        Cover cover = Edition.of(open).cover();
        Box back = cover.geometry().back().orElseThrow();
        List<String> drawn = new ArrayList<>();
        for (Cover.PlacedPart part : cover.parts()) {
            List<Mark> marks = cover.marksOf(part);
            if (part.part().on() == PartPlace.BACK && !marks.isEmpty()) {
                drawn.add(part.part().id());
                assertTrue(
                        back.outset(1).holds(Marks.bounds(marks))
                                || part.part().id().equals("sample"),
                        part.part().id());
            }
        }
        assertTrue(
                drawn.containsAll(List.of("back-words", "insides", "sample", "qr", "imprint", "price")),
                drawn.toString());
        double sample = Marks.standing(cover.marksOf(part(cover, "sample"))).stream()
                .filter(s -> s.mark() instanceof Mark.Stroke)
                .mapToDouble(s -> s.at().enlarges())
                .max()
                .orElse(0);
        assertEquals(1, sample, 1e-9);
        Book bare = planned(
                open,
                p -> p.withBack(p.back().withInsides(false).withSample(false).withQr("")));
        Cover without = Edition.of(bare).cover();
        for (String id : List.of("insides", "sample", "qr")) {
            assertTrue(without.marksOf(part(without, id)).isEmpty(), id);
        }
        assertTrue(cover.atSize().marks().hashCode() != cover.plane().marks().hashCode());
    }

    /** What a press or a buyer must read is covered by nothing. */
    @ParameterizedTest
    @EnumSource(Reading.class)
    void nothingOnAFullBackLiesOnAnother(Reading reading) {
        for (Composition each : Compositions.all()) {
            Book book = pictured(each.id(), 400, 400, c -> c);
            Book full = planned(
                    book.withBrief(Brief.at(PressShelf.shipped().find("trade"), Size.of(6, 9, Unit.INCH), 200)
                                    .withReading(reading))
                            .withCover(book.cover().withBlurb("Room for every inspection. ".repeat(12))),
                    p -> p.withCode(p.code().withIsbn(Optional.of(Isbn.parse("978-0-306-40615-7"))))
                            .withBack(p.back()
                                    .withSample(true)
                                    .withPrice("12.99")
                                    .withQr("HIVE")
                                    .withPortrait(p.picture().map(CoverPicture::picture))));
            Cover cover = Edition.of(full).cover();
            List<String> ids = cover.parts().stream()
                    .filter(p -> p.part().on() == PartPlace.BACK)
                    .map(p -> p.part().id())
                    .filter(id -> List.of("sample", "qr", "portrait", "imprint", "price")
                            .contains(id))
                    .toList();
            for (String one : ids) {
                Box a = Marks.bounds(cover.marksOf(part(cover, one)));
                for (String other : ids) {
                    Box b = Marks.bounds(cover.marksOf(part(cover, other)));
                    assertFalse(!one.equals(other) && a.meets(b), each.id() + ": " + one + ", " + other);
                }
                assertFalse(a.meets(cover.geometry().barcode().orElseThrow()), each.id() + ": " + one);
            }
        }
    }

    private static Cover.PlacedPart part(Cover cover, String id) {
        return cover.parts().stream()
                .filter(p -> p.part().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void longWordsOnTheBackKeepClearOfTheBarcode() {
        Book book = JOURNAL.withCover(as("framed").cover().withBlurb("Room for every inspection. ".repeat(60)));
        Cover cover = Edition.of(book).cover();
        Box words = Marks.bounds(cover.marksOf(part(cover, "back-words")));
        assertTrue(words.bottom() <= cover.geometry().barcode().orElseThrow().y(), words.toString());
    }

    private static FrontGround plain(int rgb) {
        int[] all = new int[80 * 120];
        Arrays.fill(all, rgb);
        return new FrontGround(80, 120, all);
    }

    private static Judgement judged(Book book, FrontGround ground) {
        return Judgement.of(book, Edition.of(book).cover(), ground);
    }

    /** The published ratios of WCAG 2.2: black on white 21, #767676 on white 4.54. */
    @Test
    void contrastIsThatOfTheStandard() {
        Box front = new Box(0, 0, 80, 120);
        assertEquals(21, plain(0xFFFFFF).contrast(Ink.BLACK, front, front), 0.01);
        assertEquals(4.54, plain(0xFFFFFF).contrast(Ink.hex("767676"), front, front), 0.01);
        assertEquals(0, plain(0x445566).unrest(front, front), 1e-9);
        int[] halves = new int[80 * 120];
        Arrays.fill(halves, 0, 40 * 120, 0xFFFFFF);
        assertEquals(50, new FrontGround(80, 120, halves).unrest(front, front), 0.5);
    }

    @Test
    void aTitleIsMeasuredAsABuyerSeesIt() {
        Book book = as("type");
        Judgement j = judged(book, plain(0xFFFFFF));
        Mark.Words words = Marks.single(
                        Edition.of(book).cover().marksOf(part(Edition.of(book).cover(), "title")))
                .filter(Mark.Words.class::isInstance)
                .map(Mark.Words.class::cast)
                .findFirst()
                .orElseThrow();
        double xHeight = words.run().size()
                * book.type().headingFace().face(jorn.text.Typeface.Style.BOLD).xHeight();
        assertEquals(xHeight / 648 * 160, j.xHeightAt160(), 0.01);
        assertEquals(j.xHeightAt160() * 90 / 160, j.xHeightAt90(), 1e-9);
        assertTrue(j.reads());
        Book small = planned(book, p -> p.edited("title", e -> e.withSize(Optional.of(0.2))));
        assertFalse(judged(small, plain(0xFFFFFF)).reads());
    }

    @Test
    void whatABuyerWouldMissIsTold() {
        Book book = as("wreath").withSubtitle("more hive notes for keepers");
        assertEquals(
                java.util.Set.of("hive", "notes"), judged(book, plain(0xFFFFFF)).repeated());
        Ink same = Edition.of(book).cover().colours().ink(CoverRole.ON_GROUND);
        int[] c = same.rgb();
        assertFalse(judged(book, plain(c[0] << 16 | c[1] << 8 | c[2])).standsOut());
        Book aside =
                planned(book, p -> p.edited("title", e -> e.withAt(Optional.of(new Share(0.27, 0.31, 0.5, 0.19)))));
        assertTrue(judged(aside, plain(0xFFFFFF)).isOffCentre());
        Book meant = planned(
                aside,
                p -> p.edited(
                        "title",
                        e -> e.withLetters(Optional.of(LetterDress.PLAIN.withAlign(Optional.of(Align.LEFT))))));
        assertFalse(judged(meant, plain(0xFFFFFF)).isOffCentre());
        Book cut = planned(book, p -> p.edited("author", e -> e.withAt(Optional.of(new Share(0.6, 0.97, 0.5, 0.05)))));
        assertEquals(List.of("author"), judged(cut, plain(0xFFFFFF)).outside());
        Book many = planned(book, p -> p.edited("title", e -> e.withFace(Optional.of("shrikhand")))
                .edited("subtitle", e -> e.withFace(Optional.of("amatic")))
                .edited("author", e -> e.withFace(Optional.of("cinzel"))));
        assertEquals(3, judged(many, plain(0xFFFFFF)).families().size());
    }

    @Test
    void wordsFromTheRightAndLettersThatNobodyHasLeaveTheCoverUsable() {
        for (String title : List.of("יומן הכוורת", "دفتر النحل", "蜂の手帳", "Bees 🐝 and hives", "B".repeat(200))) {
            for (String composition : List.of("label", "badge", "type", "year")) {
                Book book = as(composition).withTitle(title);
                Cover cover = Edition.of(book).cover();
                assertTrue(cover.plane().marks().size() > 1, title);
                Box words = Marks.bounds(cover.marksOf(part(cover, "title")));
                assertTrue(cover.geometry().front().outset(40).holds(words), composition + " " + title + " " + words);
            }
        }
    }

    @Test
    void everyFormOfFrameDividerAndPlateIsDrawn() {
        StyleShelf.shipped().forEach(style -> Compositions.all().forEach(each -> {
            Book book = planned(JOURNAL.inStyle(style), p -> p.composedAs(each.id()));
            Cover cover = Edition.of(book).cover();
            for (Cover.PlacedPart part : cover.parts()) {
                PartEdit red = PartEdit.NONE.withInk(Optional.of(Ink.hex("FF0000")));
                Cover.PlacedPart coloured = new Cover.PlacedPart(part.part(), red, part.box(), part.panel());
                assertEquals(
                        cover.marksOf(part).isEmpty(),
                        cover.marksOf(coloured).isEmpty(),
                        each.id() + " " + part.part().id());
            }
        }));
    }
}
