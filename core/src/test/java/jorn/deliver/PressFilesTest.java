package jorn.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javax.imageio.ImageIO;
import jorn.art.BarePicture;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.PageArt;
import jorn.art.Picture;
import jorn.art.PictureDecoder;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.colour.InkCube;
import jorn.colour.PrintCondition;
import jorn.deliver.Handover.Asked;
import jorn.deliver.SheetPlan.FileRole;
import jorn.edition.Edition;
import jorn.measure.Trouble;
import jorn.press.Binding;
import jorn.press.PdfRule;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.press.PrinterMark;
import jorn.recipe.Catalogue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** In which colours, by which standard, with which marks and in how many files a book goes to a press. */
class PressFilesTest {
    private static final Asked NOTHING = new Asked(false, Set.of());
    private static final Ink HONEY = Ink.hex("C9A24A");

    private static Edition at(PressProfile press, Binding binding) {
        Book book = EarlierBooks.linedJournal().withTitle("Hive Notes");
        return Edition.of(book.withBrief(book.brief().at(press).withBinding(binding)));
    }

    private static PressProfile press(String id) {
        return PressShelf.shipped().find(id);
    }

    @ParameterizedTest
    @CsvSource({
        "online, GREY, AS_MIXED, PLAIN",
        "casebound, GREY, FOUR_INKS, PLAIN",
        "trade, GREY, FOUR_INKS, X1A",
        "screen, SCREEN, SCREEN, PLAIN"
    })
    void colourAndStandardFollowThePressAndTheOrderedInk(
            String press, ColourPolicy inside, ColourPolicy outside, FileStandard standard) {
        Book book = EarlierBooks.linedJournal();
        var brief = book.brief().at(press(press));
        assertEquals(inside, Handover.inside(brief));
        assertEquals(outside, Handover.outside(brief));
        assertEquals(standard, Handover.standard(brief));
    }

    @Test
    void aPressThatWantsGreyGetsGrey() {
        PdfRule grey = new PdfRule(Optional.of("PDF/X-4"), PdfRule.Colour.GREY, true, Optional.empty());
        var brief = EarlierBooks.linedJournal().brief().at(press("trade").withPdf(Optional.of(grey)));
        assertEquals(ColourPolicy.GREY, Handover.outside(brief));
        assertEquals(FileStandard.X4, Handover.standard(brief));
    }

    @Test
    void standardsAreKnownByTheirNames() {
        assertEquals(Optional.of(FileStandard.X1A), FileStandard.of("pdf/x-1a"));
        assertEquals(Optional.of(FileStandard.X1A), FileStandard.of("PDF/X-1a:2001"));
        assertEquals(Optional.of(FileStandard.X4), FileStandard.of(" PDF/X-4 "));
        assertEquals(Optional.of(FileStandard.PLAIN), FileStandard.of("PDF"));
        assertEquals(Optional.empty(), FileStandard.of("PDF/X-3"));
        assertTrue(FileStandard.X1A.isFlat());
        assertFalse(FileStandard.X4.isFlat());
    }

    /** Handbook 7: the first page is the cover and lies on top, the last page is the back cover. */
    @Test
    void inOneFileTheFrontComesFirstAndTheBackLast() {
        Edition coil = at(press("copyshop"), Binding.COIL);
        List<SheetPlan> plans =
                Handover.toPress(coil, new Asked(true, Set.of())).plans();
        assertEquals(1, plans.size());
        SheetPlan whole = plans.get(0);
        assertEquals(FileRole.BOOK, whole.role());
        // The front, its blank back, the pages, the blank front of the back, the back.
        assertEquals(124, whole.sheets());
        assertEquals(new CoverSheets(coil).sheet(0).art(), whole.sheet(0).art());
        assertEquals(List.of(), whole.sheet(1).art().marks());
        assertEquals(coil.page(1).trim(), whole.sheet(1).art().trim());
        assertEquals(coil.page(1), whole.sheet(2).art());
        assertEquals(2, whole.sheetOf(1));
        assertEquals(coil.page(120), whole.sheet(121).art());
        assertEquals(List.of(), whole.sheet(122).art().marks());
        assertEquals(new CoverSheets(coil).sheet(1).art(), whole.sheet(123).art());
        Edition glued = at(press("online"), Binding.GLUED);
        SheetPlan flat =
                Handover.toPress(glued, new Asked(true, Set.of())).plans().get(0);
        assertEquals(121, flat.sheets(), "a flat cover comes first");
        assertEquals(glued.page(1), flat.sheet(1).art());
        assertEquals(glued.page(120), flat.sheet(120).art());
    }

    /** Printed on both sides, each sheet of the file pairs an odd page with the even one behind it: pairs that face in the book face then, too. */
    @Test
    void inOneFileRectosStayRectosHoweverManyPagesThereAre() {
        for (int pages : new int[] {60, 61}) {
            Book book = EarlierBooks.linedJournal().withTitle("Hive Notes");
            Book loose = book.withBrief(book.brief()
                            .at(press("copyshop"))
                            .withBinding(Binding.LOOSE)
                            .withPages(pages))
                    .withRuns(List.of(Run.of("Lines", Catalogue.recipe("lined"), pages, Start.ANYWHERE)));
            Edition edition = Edition.of(loose);
            SheetPlan whole =
                    Handover.toPress(edition, new Asked(true, Set.of())).plans().get(0);
            assertEquals(edition.pagination().pageCount() + 2, whole.sheets(), "a title leaf lies on top");
            assertEquals(0, whole.sheetOf(1) % 2);
            Edition coil = Edition.of(loose.withBrief(loose.brief().withBinding(Binding.COIL)));
            SheetPlan bound =
                    Handover.toPress(coil, new Asked(true, Set.of())).plans().get(0);
            assertEquals(0, bound.sheetOf(1) % 2);
            assertEquals(0, bound.sheets() % 2, "the back cover is the back of a leaf");
        }
    }

    @Test
    void insidesOfTheCoverLieNextToThePages() {
        PressProfile inside = press("copyshop").withInsideCover(true);
        Book book = EarlierBooks.linedJournal().withTitle("Hive Notes");
        Edition coil = Edition.of(
                book.withBrief(book.brief().at(inside).withBinding(Binding.COIL).withInsideCover(true)));
        SheetPlan cover = new CoverSheets(coil);
        SheetPlan whole =
                Handover.toPress(coil, new Asked(true, Set.of())).plans().get(0);
        assertEquals(124, whole.sheets());
        assertEquals(cover.sheet(2).art(), whole.sheet(1).art(), "the inside of the front");
        assertEquals(coil.page(1), whole.sheet(2).art());
        assertEquals(cover.sheet(3).art(), whole.sheet(122).art(), "the inside of the back");
        assertEquals(cover.sheet(1).art(), whole.sheet(123).art());
    }

    @Test
    void marksStandOutsideTheBleedOnLargerPaperAndTheCutStaysWhereItWas() {
        Edition edition = at(press("online"), Binding.GLUED);
        PageArt plain =
                Handover.toPress(edition, NOTHING).plans().get(0).sheet(6).art();
        for (PrinterMark mark : PrinterMark.values()) {
            SheetPlan marked = Handover.toPress(edition, new Asked(false, Set.of(mark)))
                    .plans()
                    .get(0);
            PageArt art = marked.sheet(6).art();
            assertEquals(plain.trim(), art.trim());
            assertEquals(plain.bleed(), art.bleed());
            assertTrue(art.media().width() > plain.media().width());
            List<Marks.Standing> more = Marks.standing(art.marks())
                    .subList(
                            Marks.standing(plain.marks()).size(),
                            Marks.standing(art.marks()).size());
            assertFalse(more.isEmpty(), mark.id());
            for (Marks.Standing each : more) {
                assertFalse(each.bounds().meets(art.bleed()), mark.id() + " at " + each.bounds());
                assertTrue(art.media().holds(each.bounds()), mark.id() + " at " + each.bounds());
            }
        }
        assertEquals(PrinterMark.BARS, PrinterMark.ofId("bars"));
        assertThrows(Trouble.class, () -> PrinterMark.ofId("hearts"));
    }

    @Test
    void aSheetThatHasCutMarksOfItsOwnGetsNoSecond() {
        Edition edition = at(press("trade"), Binding.GLUED);
        int own = Handover.toPress(edition, NOTHING)
                .plans()
                .get(1)
                .sheet(0)
                .marks()
                .size();
        Asked cut = new Asked(false, EnumSet.of(PrinterMark.CUT));
        assertEquals(
                own,
                Handover.toPress(edition, cut).plans().get(1).sheet(0).marks().size());
    }

    @Test
    void smallDarkWordsAreBlackInkAloneAndLargeOrColouredOnesKeepTheirColour() {
        Ink dark = Ink.hex("22262A");
        Ink.Cmyk small = (Ink.Cmyk) ColourPolicy.FOUR_INKS.wordsInk(dark, 10);
        assertFalse(small.isColoured(), small.name());
        assertTrue(small.black() > 0.8);
        assertTrue(ColourPolicy.FOUR_INKS.wordsInk(dark, 20).isColoured());
        assertTrue(ColourPolicy.FOUR_INKS.wordsInk(HONEY, 10).isColoured());
        assertTrue(ColourPolicy.FOUR_INKS.wordsInk(Ink.hex("7A1020"), 10).isColoured(), "a dark red is a colour");
        assertEquals(dark, ColourPolicy.AS_MIXED.wordsInk(dark, 10));
        Ink mixed = new Ink.Cmyk(0.5, 0.4, 0.4, 1);
        assertEquals(mixed, ColourPolicy.FOUR_INKS.wordsInk(mixed, 10), "as it was mixed by hand");
    }

    @Test
    void eachPolicyWritesEachInkInItsOwnColours() {
        Ink spot = new Ink.Spot("Honey", 0.5, HONEY);
        Ink cmyk = new Ink.Cmyk(0.2, 0.3, 0.4, 0);
        assertEquals(spot, ColourPolicy.AS_MIXED.ink(spot));
        assertTrue(ColourPolicy.SCREEN.ink(cmyk) instanceof Ink.Rgb);
        assertTrue(ColourPolicy.SCREEN.ink(spot) instanceof Ink.Rgb);
        assertEquals(Ink.black(0.5), ColourPolicy.SCREEN.ink(new Ink.Spot("Night", 0.5, Ink.BLACK)));
        assertFalse(ColourPolicy.GREY.ink(cmyk).isColoured());
        assertEquals(Ink.black(0.3), ColourPolicy.GREY.ink(new Ink.Cmyk(0, 0, 0, 0.3)));
        assertFalse(ColourPolicy.GREY.ink(spot).isColoured());
        assertTrue(ColourPolicy.FOUR_INKS.ink(spot) instanceof Ink.Cmyk);
        Ink.Spot kept = (Ink.Spot) ColourPolicy.FOUR_INKS_AND_SPOTS.ink(spot);
        assertTrue(kept.full() instanceof Ink.Cmyk);
        assertEquals(new Ink.Cmyk(0, 0, 0, 0.4), ColourPolicy.FOUR_INKS_AND_SPOTS.ink(Ink.black(0.4)));
        assertTrue(ColourPolicy.FOUR_INKS_AND_SPOTS.ink(HONEY).isColoured());
        assertFalse(ColourPolicy.FOUR_INKS_AND_SPOTS.ink(new Ink.Gray(0.4)).isColoured());
    }

    /** Between the points of its grid the cube is held against the solver that it saves. */
    @Test
    void theCubeOfInksAgreesWithTheSolverAndKeepsTheLimit() {
        double[] inks = new double[4];
        for (int rgb : new int[] {0xA1352A, 0x27496D, 0xC9A24A, 0x101418, 0x808080, 0xFFFFFF, 0x03FF7F}) {
            InkCube.shipped().inks(rgb, inks);
            assertTrue(inks[0] + inks[1] + inks[2] + inks[3] <= PrintCondition.MOST_INK + 1e-6);
            double[] exact = PrintCondition.shipped().inksOf(new int[] {rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255});
            var seen = PrintCondition.shipped().colour(inks[0], inks[1], inks[2], inks[3]);
            var wanted = PrintCondition.shipped().colour(exact[0], exact[1], exact[2], exact[3]);
            // The darkest colours, at the edge of what inks can do, lose most.
            assertEquals(0, seen.distance(wanted), 8, Integer.toHexString(rgb));
        }
    }

    private static Picture png(int type) throws IOException {
        BufferedImage image = new BufferedImage(60, 40, type);
        for (int x = 0; x < 60; x++) {
            for (int y = 0; y < 40; y++) {
                image.setRGB(x, y, 0xFF000000 | (x * 4) << 16 | y * 5);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return Picture.of("a.png", out.toByteArray());
    }

    @Test
    void aPictureOfAnyKindIsGivenAwayWithWhatIsSeenOfIt() throws IOException {
        for (int type : new int[] {BufferedImage.TYPE_INT_RGB, BufferedImage.TYPE_INT_ARGB}) {
            Picture picture = png(type);
            BufferedImage bare = PictureDecoder.read(BarePicture.of(picture, new Box(10, 10, 20, 20)), 1);
            assertEquals(60, bare.getWidth());
            assertEquals(PictureDecoder.read(picture, 1).getRGB(15, 15), bare.getRGB(15, 15));
            int outside = bare.getRGB(50, 35);
            assertTrue((outside >>> 24) == 0 || (outside & 0xFFFFFF) == 0xFFFFFF, Integer.toHexString(outside));
        }
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><!-- by Ada --><title>Ada Comb</title>"
                + "<metadata>54 N</metadata><desc/><circle cx='5' cy='5' r='4'/></svg>";
        Picture drawing = Picture.of("comb.svg", svg.getBytes(StandardCharsets.UTF_8));
        Picture bare = BarePicture.of(drawing, new Box(0, 0, drawing.width(), drawing.height()));
        String now = new String(bare.file().bytes(), StandardCharsets.UTF_8);
        assertFalse(now.contains("Ada") || now.contains("54 N"), now);
        assertTrue(now.contains("<circle"));
        Picture gone = drawing.withFile(jorn.art.PictureFile.MISSING);
        assertEquals(gone, BarePicture.of(gone, new Box(0, 0, 1, 1)));
    }

    /** Lines and words that shine over areas take their mixture within them; pictures fade on bare paper. */
    @Test
    void linesThatShineAreDrawnAgainWithinWhatLiesBelow() throws IOException {
        Flattener flattener = new Flattener((marks, part) -> marks.get(marks.size() - 1));
        Mark below = new Mark.Fill(jorn.art.Path.box(new Box(0, 0, 10, 10)), Ink.black(0.5));
        Mark line = new Mark.Stroke(jorn.art.Path.line(0, 5, 30, 5), 2, Ink.BLACK);
        Mark shade = new Mark.Shade(
                jorn.art.Path.box(new Box(20, 0, 10, 10)), Ink.BLACK, Ink.WHITE, new Mark.Shade.Ends(20, 0, 30, 0));
        List<Mark> flat = flattener.flat(List.of(
                below,
                shade,
                new Mark.Turned(
                        jorn.art.Turn.move(1, 1),
                        List.of(new Mark.Clip(
                                jorn.art.Path.box(new Box(0, 0, 40, 40)),
                                List.of(new Mark.Group(0.5, List.of(line))))))));
        List<Double> strengths = Marks.standing(flat).stream()
                .map(Marks.Standing::mark)
                .filter(m -> m instanceof Mark.Stroke s && s.ink() instanceof Ink.Black)
                .map(m -> ((Ink.Black) ((Mark.Stroke) m).ink()).strength())
                .toList();
        assertEquals(List.of(0.5, 0.75), strengths, "on paper, and over the half tint");
        assertFalse(Flattener.isNeeded(flat));
        Picture picture = png(BufferedImage.TYPE_INT_RGB);
        Mark image = new Mark.Image(picture, new Box(0, 0, 60, 40), new Box(0, 0, 6, 4), 0.8);
        Mark.Image faded = (Mark.Image)
                flattener.flat(List.of(new Mark.Group(0.5, List.of(image)))).get(0);
        assertEquals(0.4, faded.opacity(), 1e-9);
        Mark half = new Mark.Group(0.5, List.of(new Mark.Group(0.5, List.of(below))));
        Mark.Fill twice = (Mark.Fill) flattener.flat(List.of(half)).get(0);
        assertEquals(0.125, ((Ink.Black) twice.ink()).strength(), 1e-9, "a quarter of a half");
    }
}
