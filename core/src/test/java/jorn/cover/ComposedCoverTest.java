package jorn.cover;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Reading;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.CoverPlan;
import jorn.book.LetterDress;
import jorn.book.PartEdit;
import jorn.book.Share;
import jorn.book.Starter;
import jorn.code.Isbn;
import jorn.cover.Cover.PlacedPart;
import jorn.cover.drawing.CoverDrawing;
import jorn.cover.drawing.CoverDrawings;
import jorn.edition.Edition;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.PressShelf;
import jorn.style.StyleShelf;
import org.junit.jupiter.api.Test;

/** Parts of a composition follow the book that they stand on. */
class ComposedCoverTest {
    private static final Book JOURNAL = Starter.LINED_JOURNAL
            .begin(Brief.at(PressShelf.shipped().find("online"), Size.of(6, 9, Unit.INCH), 120))
            .withTitle("Hive Notes")
            .withSubtitle("a journal for the bee yard")
            .withAuthor("Skep & Sedge");

    private static Book as(String composition) {
        return planned(JOURNAL, p -> p.composedAs(composition));
    }

    private static Book planned(Book book, UnaryOperator<CoverPlan> change) {
        return book.withCover(book.cover().planned(change));
    }

    private static Cover cover(Book book) {
        return Edition.of(book).cover();
    }

    private static PlacedPart part(Book book, String id) {
        return cover(book).parts().stream()
                .filter(p -> p.part().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static List<Mark.Words> words(Book book, String id) {
        Cover cover = cover(book);
        return Marks.single(cover.marksOf(part(book, id)))
                .filter(Mark.Words.class::isInstance)
                .map(Mark.Words.class::cast)
                .toList();
    }

    private static String said(Book book, String id) {
        return String.join(
                " ", words(book, id).stream().map(w -> w.run().text()).toList());
    }

    @Test
    void aPatternReachesTheEndOfTheBleedAllRound() {
        Box pattern = part(as("label"), "pattern").box();
        Box bled = cover(as("label")).geometry().bled();
        assertEquals(bled.x(), pattern.x(), 0.01);
        assertEquals(bled.bottom(), pattern.bottom(), 0.01);
        assertEquals(bled.width(), pattern.width(), 0.01);
    }

    @Test
    void whatTouchesTheFrontsEdgeRunsOffOutsideButNotOverTheSpine() {
        Cover cover = cover(as("tiles"));
        Box front = cover.geometry().front();
        Box tiles = part(as("tiles"), "pattern").box();
        assertEquals(front.x(), tiles.x(), 0.01);
        assertEquals(front.right() + 9, tiles.right(), 0.01);
        assertEquals(front.y() - 9, tiles.y(), 0.01);
        assertEquals(front.y() + 0.6 * front.height(), tiles.bottom(), 0.5);
    }

    @Test
    void morePagesMakeAWiderSpineAndEverythingMovesWithIt() {
        Book thick = as("label").withBrief(JOURNAL.brief().withPages(400));
        Box before = part(as("label"), "title").box();
        Box after = part(thick, "title").box();
        double wider = cover(thick).geometry().spineBox().orElseThrow().width()
                - cover(as("label")).geometry().spineBox().orElseThrow().width();
        assertTrue(wider > 20);
        assertEquals(before.x() + wider, after.x(), 0.01);
        assertEquals(before.width(), after.width(), 0.01);
    }

    @Test
    void aHingeIsKeptFreeOfWordsAndCoveredByTheGround() {
        Book cased = as("type")
                .withBrief(Starter.PICTURE_BOOK.usualBrief().withPages(120).withBinding(Binding.CASED));
        Cover cover = cover(cased);
        Box strip = cover.geometry().strips().get(1);
        Box title = Marks.bounds(cover.marksOf(part(cased, "title")));
        assertFalse(title.meets(strip), title + " " + strip);
        assertTrue(cover.geometry().strips().size() == 2 && strip.width() > 0);
    }

    @Test
    void aPartIsMovedTurnedHiddenAndSaysSomethingElse() {
        Share there = new Share(0.1, 0.7, 0.5, 0.1);
        Book moved = planned(as("label"), p -> p.edited("title", e -> e.withAt(Optional.of(there))));
        Box front = cover(moved).geometry().frontFace();
        assertEquals(there.of(front), part(moved, "title").box());
        Book turned = planned(as("label"), p -> p.edited("title", e -> e.withTurn(Optional.of(90.0))));
        Box upright = Marks.bounds(cover(turned).marksOf(part(turned, "title")));
        assertTrue(upright.height() > upright.width());
        Book hidden = planned(as("label"), p -> p.edited("author", e -> e.withHidden(Optional.of(true))));
        assertTrue(cover(hidden).parts().stream().noneMatch(x -> x.part().id().equals("author")));
        Book other = planned(as("label"), p -> p.edited("author", e -> e.withWords(Optional.of("by {author}"))));
        assertEquals("BY SKEP & SEDGE", said(other, "author"));
    }

    @Test
    void lettersAreDressed() {
        LetterDress dress = LetterDress.PLAIN
                .withOutline(Optional.of(Ink.hex("FF0000")))
                .withShadow(Optional.of(Ink.hex("00FF00")))
                .withPanel(Optional.of(Ink.hex("0000FF")));
        Book dressed = planned(as("type"), p -> p.edited("title", e -> e.withLetters(Optional.of(dress))));
        List<Mark> marks =
                Marks.single(cover(dressed).marksOf(part(dressed, "title"))).toList();
        assertTrue(marks.get(0) instanceof Mark.Fill f && f.ink().hex().equals("0000FF"), "the panel lies lowest");
        assertTrue(marks.get(1) instanceof Mark.Words w && w.ink().hex().equals("00FF00"), "then the shadow");
        assertTrue(marks.get(2) instanceof Mark.Stroke s && s.ink().hex().equals("FF0000"), "then the outline");
        assertTrue(marks.get(3) instanceof Mark.Words);
    }

    @Test
    void aCurveSetsEachLetterUprightOnACircle() {
        Book bent = planned(
                as("type"),
                p -> p.edited(
                        "title", e -> e.withLetters(Optional.of(LetterDress.PLAIN.withCurve(Optional.of(120.0))))));
        List<Marks.Standing> letters = Marks.standing(cover(bent).marksOf(part(bent, "title")));
        assertEquals("Hive Notes".length(), letters.size());
        // The ends hang lower than the middle, and lean away from it.
        double first = letters.get(0).bounds().centreY();
        double middle = letters.get(5).bounds().centreY();
        assertTrue(first > middle + 5, first + " " + middle);
        assertTrue(letters.get(0).at().b() < -0.5 && letters.get(9).at().b() > 0.5);
    }

    @Test
    void enlargedTwiceLettersAreTwiceAsLarge() {
        Book large = planned(as("contours"), p -> p.edited("author", e -> e.withSize(Optional.of(2.0))));
        assertEquals(
                2 * words(as("contours"), "author").get(0).run().size(),
                words(large, "author").get(0).run().size(),
                0.01);
    }

    @Test
    void spineWordsStandApartAndClearOfTheFolds() {
        Book book = as("label").withBrief(JOURNAL.brief().withPages(300));
        Cover cover = cover(book);
        Box safe = cover.geometry().spineSafe().orElseThrow();
        List<Marks.Standing> lines = Marks.standing(cover.marksOf(part(book, "spine-words")));
        assertEquals(2, lines.size());
        lines.forEach(l -> assertTrue(safe.outset(0.5).holds(l.bounds()), l.bounds() + " in " + safe));
        assertTrue(lines.get(0).bounds().bottom() < lines.get(1).bounds().y(), "the title stands at the head");
        assertTrue(lines.get(0).at().b() > 0, "it reads downward");
    }

    @Test
    void spinesReadUpwardInFrenchUnlessTheUserSaysOtherwise() {
        Book french = as("label")
                .withBrief(JOURNAL.brief().withPages(300))
                .withCalendar(JOURNAL.calendar().withLanguage("fr"));
        assertTrue(Marks.standing(cover(french).marksOf(part(french, "spine-words")))
                        .get(0)
                        .at()
                        .b()
                < 0);
        Book down = planned(french, p -> p.withBack(p.back().withUpward(Optional.of(false))));
        assertTrue(Marks.standing(cover(down).marksOf(part(down, "spine-words")))
                        .get(0)
                        .at()
                        .b()
                > 0);
    }

    @Test
    void aSpineThatThePressForbidsWordsOnStaysBare() {
        Book thin = as("label").withBrief(JOURNAL.brief().withPages(40));
        assertTrue(cover(thin).parts().stream().noneMatch(p -> p.part().id().equals("spine-words")));
        assertTrue(cover(thin).parts().stream().anyMatch(p -> p.part().id().equals("spine")), "its colour stays");
    }

    @Test
    void aPlateForTheAuthorIsLeftOutWithTheAuthor() {
        Book nobody = as("label").withAuthor("");
        assertEquals(
                1, cover(as("label")).marksOf(part(as("label"), "author-label")).size());
        assertEquals(0, cover(nobody).marksOf(part(nobody, "author-label")).size());
    }

    @Test
    void aTitleAloneStandsInTheMiddleOfItsLabel() {
        Book alone = as("label").withSubtitle("");
        Box label = part(alone, "label").box();
        Box title = Marks.bounds(cover(alone).marksOf(part(alone, "title")));
        assertEquals(label.centreY(), title.centreY(), 0.05 * label.height());
    }

    @Test
    void thePressPrintsTheBarcodeOrThePublisherDoes() {
        UnaryOperator<CoverPlan> number =
                p -> p.withCode(p.code().withIsbn(Optional.of(Isbn.parse("978-0-306-40615-7"))));
        Book online = planned(as("label"), number);
        assertEquals(Optional.empty(), cover(online).geometry().ownBarcode());
        assertTrue(cover(online).geometry().barcode().isPresent());
        Brief trade = Brief.at(PressShelf.shipped().find("trade"), Size.of(6, 9, Unit.INCH), 120);
        Book own = online.withBrief(trade);
        Box place = cover(own).geometry().ownBarcode().orElseThrow();
        assertEquals(place.width(), 113 * 0.33 * 72 / 25.4, 0.01);
        assertTrue(cover(own).geometry().back().orElseThrow().holds(place));
        assertEquals(
                Optional.empty(), cover(as("label").withBrief(trade)).geometry().barcode());
        Book priced = planned(own, p -> p.withCode(p.code().withPrice(Optional.of(new java.math.BigDecimal("12.99")))));
        assertEquals(
                165.0 / 113, cover(priced).geometry().ownBarcode().orElseThrow().width() / place.width(), 0.001);
    }

    @Test
    void forABookFromRightToLeftPlacesChangeSides() {
        Book turned = as("dots").withBrief(JOURNAL.brief().withReading(Reading.RIGHT_TO_LEFT));
        Box face = cover(turned).geometry().frontFace();
        Box label = part(turned, "label").box();
        assertTrue(label.right() > face.right() - 0.01, "the label hangs at the right edge");
        assertTrue(cover(turned).geometry().front().x()
                < cover(turned).geometry().back().orElseThrow().x());
    }

    @Test
    void aCompositionOfALaterVersionLooksLikeALabel() {
        Book later = planned(JOURNAL, p -> p.withComposition("hologram"));
        assertEquals(cover(as("label")).plane().marks(), cover(later).plane().marks());
    }

    @Test
    void anotherSeedDrawsAnotherAndTheSameSeedTheSame() {
        assertEquals(cover(as("terrazzo")).plane(), cover(as("terrazzo")).plane());
        Book other = planned(as("terrazzo"), p -> p.withSeed(2));
        assertNotEquals(
                cover(as("terrazzo")).plane().marks(), cover(other).plane().marks());
    }

    @Test
    void wordsOnPanelsAndOnTheGroundCanBeReadInEveryStyle() {
        StyleShelf.shipped().forEach(style -> {
            CoverColours c = cover(JOURNAL.inStyle(style)).colours();
            assertTrue(c.ink(CoverRole.ON_GROUND).contrast(c.ink(CoverRole.GROUND)) >= 4.5, style.id());
            assertTrue(c.ink(CoverRole.INK).contrast(c.ink(CoverRole.PAPER)) >= 4.5, style.id());
            assertTrue(c.ink(CoverRole.ACCENT_ON_GROUND).contrast(c.ink(CoverRole.GROUND)) >= 3, style.id());
            assertTrue(c.ink(CoverRole.ON_CONTRAST).contrast(c.ink(CoverRole.CONTRAST)) >= 4.5, style.id());
        });
    }

    @Test
    void anotherCompositionKeepsWordsAndLetsPlacesGo() {
        CoverPlan plan = CoverPlan.of("label")
                .edited("title", e -> e.withAt(Optional.of(Share.WHOLE)).withWords(Optional.of("Hive\nNotes")))
                .edited("author", e -> e.withSize(Optional.of(2.0)));
        CoverPlan other = plan.composedAs("wreath");
        assertEquals(PartEdit.NONE.withWords(Optional.of("Hive\nNotes")), other.edit("title"));
        assertEquals(PartEdit.NONE, other.edit("author"));
    }

    @Test
    void everyDrawingDrawsWithinItsBox() {
        Box box = new Box(10, 20, 300, 450);
        List<Ink> inks = List.of(Ink.hex("112233"), Ink.hex("445566"), Ink.hex("778899"), Ink.hex("AABBCC"));
        assertTrue(CoverDrawings.all().size() >= 40);
        for (CoverDrawing each : CoverDrawings.all()) {
            List<Mark> marks = each.draw(box, inks, 450, 1, 7);
            assertTrue(
                    Marks.standing(marks).stream()
                            .allMatch(s ->
                                    s.bounds().isEmpty() || box.outset(0.01).holds(s.bounds())),
                    each.id());
            assertTrue(Marks.single(marks).count() > 0, each.id());
            assertEquals(marks, each.draw(box, inks, 450, 1, 7), each.id());
        }
    }
}
