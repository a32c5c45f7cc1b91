package jorn.check;

import static jorn.check.Checked.GOOD;
import static jorn.check.Checked.finding;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.awt.Color;
import java.util.List;
import java.util.Map;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Palette;
import jorn.art.Path;
import jorn.art.Picture;
import jorn.book.Book;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each rule at its limit: what is just enough is not told of, what is a little less is. */
class RuleLimitsTest {
    private static void assertFound(boolean wanted, Book book, String id) {
        assertEquals(wanted, finding(book, id).isPresent(), Checked.check(book).toString());
    }

    /** Contrast by the worked formula of WCAG 2.2: of grey B6 on white 2.04, of BB 1.92; of black on 40 2.03, on 3D 1.93. */
    @ParameterizedTest
    @CsvSource({"B6B6B6, false", "BBBBBB, true"})
    void wordsOnPaper(String grey, boolean found) {
        Palette palette = new Palette(
                "own", "Own", Map.of(Palette.Role.TEXT, Ink.hex(grey), Palette.Role.HEADING, Ink.hex(grey)));
        assertFound(found, GOOD.withPalette(palette), "text.contrast");
    }

    @ParameterizedTest
    @CsvSource({"404040, false", "3D3D3D, true"})
    void wordsOnAGround(String ground, boolean found) {
        assertFound(found, Seeds.onGround(Ink.hex(ground)), "text.contrast");
    }

    @ParameterizedTest
    @CsvSource({"0.75, false", "0.752, true"})
    void inkInOnePlace(double each, boolean found) {
        Ink ink = new Ink.Cmyk(each, each, each, each);
        Book book = Seeds.fourInks(300, Seeds.plate(100, 100, 200, 200, ink));
        assertFound(found, book, "ink.coverage");
        assertFound(false, Seeds.marked(false, Seeds.plate(100, 100, 200, 200, ink)), "ink.coverage");
    }

    @Test
    void aLineOfTooMuchInkIsFoundAsWell() {
        Ink ink = new Ink.Cmyk(1, 1, 1, 1);
        Mark line = new Mark.Stroke(Path.line(100, 100, 200, 100), 2, ink);
        Finding f = finding(Seeds.fourInks(300, line), "ink.coverage").orElseThrow();
        assertEquals("400 % ink", f.measured());
        assertEquals("at most 300 %", f.required());
        assertEquals(1, f.place().page());
    }

    @Test
    void whatIsOpaqueOrMayShineThroughIsNotToldOf() {
        List<Mark> plate = List.of(Seeds.plate(100, 100, 200, 200, Ink.BLACK));
        assertFound(false, Seeds.fourInks(300, new Mark.Group(1, plate)), "transparency");
        assertFound(false, Seeds.marked(false, new Mark.Group(0.5, plate)), "transparency");
        Finding f = finding(Seeds.fourInks(300, new Mark.Group(0.5, plate)), "transparency")
                .orElseThrow();
        assertEquals("50 % opaque", f.measured());
    }

    /** 4 mm are 11.34 pt; a third of a point is rounding. */
    @ParameterizedTest
    @CsvSource({"10.9, true", "11.1, false", "12.4, false", "2.9, false", "3.1, true"})
    void squaresToTick(double side, boolean found) {
        Mark square = new Mark.Stroke(Path.box(new Box(100, 100, side, side)), 0.7, Ink.BLACK);
        assertFound(found, Seeds.marked(false, square), "square.small");
        Mark oblong = new Mark.Stroke(Path.box(new Box(100, 100, side, side + 3)), 0.7, Ink.BLACK);
        assertFound(false, Seeds.marked(false, oblong), "square.small");
        Mark cross = new Mark.Stroke(
                Path.builder().move(100, 100).line(100 + side, 100 + side).build(), 0.7, Ink.BLACK);
        assertFound(false, Seeds.marked(false, cross), "square.small");
    }

    @ParameterizedTest
    @CsvSource({"101, 100, false", "103, 100, true", "100, 103, true", "100, 101.5, false"})
    void picturesThatAreStretched(double width, double height, boolean found) {
        Mark image = new Mark.Image(Seeds.grey(900, 900), new Box(0, 0, 900, 900), new Box(100, 100, width, height), 1);
        assertFound(found, Seeds.marked(false, image), "picture.distorted");
    }

    /** A grey that was scanned has a cast of a few levels. */
    @ParameterizedTest
    @CsvSource({"200, 190, 178, false", "200, 190, 170, true", "170, 190, 200, true", "120, 120, 120, false"})
    void greysThatWereScannedAreNoColours(int red, int green, int blue, boolean found) {
        Picture picture = Picture.of("scan.png", Seeds.file(320, 300, "png", new Color(red, green, blue)));
        assertFound(found, Seeds.pictured(picture), "ink.colour");
    }

    @ParameterizedTest
    @CsvSource({"6.48, true", "6.5, false", "6.495, false"})
    void typeOfSixAndAHalfPoints(double size, boolean found) {
        assertEquals(found, finding(typed(size), "text.small").isPresent());
    }

    private static Book typed(double size) {
        return GOOD.withRecipe(
                2,
                r -> new jorn.recipe.Recipe(
                        "own",
                        "Own",
                        jorn.layout.Stack.down(jorn.layout.Part.natural(new jorn.block.text.TextBlock(
                                "Smoke first",
                                jorn.text.Voice.BODY,
                                jorn.text.Typeface.Style.REGULAR,
                                jorn.measure.Length.points(size),
                                jorn.layout.Align.LEFT)))));
    }

    @Test
    void aDotIsMeasuredByItselfAndNotByThePageOfThem() {
        Path.Builder dots = Path.builder();
        for (int i = 0; i < 20; i++) {
            double x = 60 + 10 * i;
            dots.move(x, 100)
                    .line(x + 0.2, 100)
                    .line(x + 0.2, 100.2)
                    .line(x, 100.2)
                    .close();
        }
        Finding f = finding(Seeds.marked(false, new Mark.Fill(dots.build(), Ink.BLACK)), "line.thin")
                .orElseThrow();
        assertEquals("0.2 pt", f.measured());
        assertFound(false, Seeds.marked(false, Seeds.plate(60, 100, 200, 110, Ink.black(0.05))), "line.thin");
    }
}
