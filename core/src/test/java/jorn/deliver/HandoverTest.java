package jorn.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.PageArt;
import jorn.art.Path;
import jorn.art.Turn;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.deliver.Sheet.PlacedArt;
import jorn.deliver.SheetPlan.FileRole;
import jorn.edition.Edition;
import jorn.press.Binding;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;

/** Which files go to a press, which sheets are in them, and in which colours. */
class HandoverTest {
    private static Handover of(String press, Binding binding) {
        Book book = EarlierBooks.linedJournal().withTitle("Hive Notes");
        return Handover.toPress(Edition.of(
                book.withBrief(book.brief().at(PressShelf.shipped().find(press)).withBinding(binding))));
    }

    private static List<FileRole> roles(Handover handover) {
        return handover.plans().stream().map(SheetPlan::role).toList();
    }

    @Test
    void anOnlinePressGetsTheInsideAsSinglePagesAndTheCoverOnOneSheet() {
        Handover handover = of("online", Binding.GLUED);
        assertEquals(List.of(FileRole.INTERIOR, FileRole.COVER), roles(handover));
        assertEquals(120, handover.plans().get(0).sheets());
        assertEquals(1, handover.plans().get(1).sheets());
        assertEquals(121, handover.sheets());
        PageArt cover = handover.plans().get(1).sheet(0).art();
        // Handbook, common practice: 6 × 9 in, 120 pages, white: 12.52 × 9.25 in.
        assertEquals(12.52, cover.media().width() / 72, 0.005);
        assertEquals(9.25, cover.media().height() / 72, 1e-9);
        assertEquals(cover.bleed(), cover.media());
        assertEquals(0, cover.trim().x(), 1e-9);
    }

    @Test
    void aPrinterAtHomeGetsNoCover() {
        assertEquals(List.of(FileRole.INTERIOR), roles(of("home", Binding.LOOSE)));
    }

    @Test
    void aCoilBoundCoverIsTwoSheetsTheFrontFirst() {
        SheetPlan cover = of("copyshop", Binding.COIL).plans().get(1);
        assertEquals(2, cover.sheets());
        assertEquals("Hive Notes", String.join(" ", words(cover.sheet(0))));
        assertTrue(words(cover.sheet(1)).isEmpty(), "the back bears no words yet");
    }

    private static List<String> words(Sheet sheet) {
        return Marks.standing(sheet.art().marks()).stream()
                .filter(s -> s.mark() instanceof Mark.Words)
                .map(s -> ((Mark.Words) s.mark()).run().text())
                .toList();
    }

    @Test
    void whatIsPlacedOnASheetStandsWhereItIsTurnedTo() {
        Box sheet = new Box(0, 0, 792, 612);
        List<Mark> card = List.of(new Mark.Fill(Path.box(new Box(0, 0, 100, 50)), Ink.BLACK));
        Sheet two = new Sheet(
                sheet,
                sheet,
                sheet,
                List.of(new PlacedArt(card, Turn.move(20, 30)), new PlacedArt(card, Turn.quarterDown(300, 30))),
                List.of(new Mark.Stroke(Path.line(0, 100, 792, 100), 0.5, Ink.BLACK)));
        List<Box> boxes = Marks.standing(two.art().marks()).stream()
                .map(Marks.Standing::bounds)
                .toList();
        assertEquals(new Box(20, 30, 100, 50), boxes.get(0));
        assertEquals(new Box(250, 30, 50, 100), boxes.get(1));
        assertEquals(new Box(0, 100, 792, 0), boxes.get(2), "marks lie beside, over everything");
    }

    @Test
    void aPolicyTurnsEachInkIntoWhatIsWritten() {
        Ink honey = Ink.hex("C9A24A");
        Ink spot = new Ink.Spot("Honey", 0.5, honey);
        assertEquals(honey, ColourPolicy.AS_MIXED.ink(honey));
        assertEquals(spot, ColourPolicy.AS_MIXED.ink(spot));
        assertEquals(honey, ColourPolicy.SCREEN.ink(honey));
        assertEquals(Ink.black(0.4), ColourPolicy.SCREEN.ink(Ink.black(0.4)));
        assertEquals(honey.faded(0.5).hex(), ColourPolicy.SCREEN.ink(spot).hex());
        assertTrue(ColourPolicy.SCREEN.ink(new Ink.Cmyk(0, 0, 1, 0)) instanceof Ink.Rgb);
        assertEquals(new Ink.Black(0.3), ColourPolicy.GREY.ink(new Ink.Cmyk(0, 0, 0, 0.3)));
        assertTrue(ColourPolicy.GREY.ink(honey) instanceof Ink.Gray g && g.level() > 0.6 && g.level() < 0.7);
        assertEquals(new Ink.Cmyk(0, 0, 0, 0.4), ColourPolicy.FOUR_INKS.ink(Ink.black(0.4)));
        assertTrue(ColourPolicy.FOUR_INKS.ink(spot) instanceof Ink.Cmyk);
        assertTrue(ColourPolicy.FOUR_INKS_AND_SPOTS.ink(spot) instanceof Ink.Spot s
                && s.called().equals("Honey")
                && s.tint() == 0.5
                && s.full() instanceof Ink.Cmyk);
        Ink given = new Ink.Cmyk(0.1, 0.2, 0.3, 0.4);
        assertEquals(given, ColourPolicy.FOUR_INKS.ink(given), "inks that were given stay as they are");
    }
}
