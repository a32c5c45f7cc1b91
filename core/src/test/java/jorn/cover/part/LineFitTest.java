package jorn.cover.part;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import jorn.text.Shaper;
import jorn.text.TypeShelf;
import jorn.text.Typeface.Style;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.AlphaChars;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

class LineFitTest {
    private static final LineFit.Manner BOLD =
            new LineFit.Manner(TypeShelf.typeface("work-sans").face(Style.BOLD), 0, 1.06);

    private static double wide(LineFit fit, String line) {
        return Shaper.shape(fit.face(), fit.size(), line, fit.tracking()).width();
    }

    @Test
    void aShortTitleStaysOnOneLineWhereThatIsNotSmaller() {
        assertEquals(
                List.of("Bee Walks"),
                LineFit.of("Bee Walks", BOLD, 400, 40, 60, 4).lines());
    }

    @Test
    void linesAreOfAboutTheSameLength() {
        LineFit fit = LineFit.of(
                "Notes on Keeping Bees in a Small Garden Through All Four Seasons of a Year", BOLD, 300, 200, 80, 6);
        double shortest =
                fit.lines().stream().mapToDouble(l -> wide(fit, l)).min().orElseThrow();
        assertTrue(fit.lines().size() > 2, fit.lines().toString());
        assertTrue(shortest > 0.45 * fit.width(), fit.lines() + " " + shortest + " of " + fit.width());
    }

    @Test
    void aSmallWordGoesWithWhatFollows() {
        assertEquals(
                List.of("A Small Book", "of Smoke"),
                LineFit.of("A Small Book of Smoke", BOLD, 160, 90, 80, 2).lines());
    }

    @Test
    void linesThatWereBrokenByHandStay() {
        assertEquals(
                List.of("Hive", "Notes for a Year"),
                LineFit.of("Hive\nNotes for a Year", BOLD, 500, 100, 80, 4).lines());
    }

    @Test
    void itIsNoLargerThanAsked() {
        LineFit fit = LineFit.of("Bees", BOLD, 5000, 5000, 33, 4);
        assertEquals(33, fit.size(), 1e-9);
        assertEquals(33 * BOLD.face().capHeight(), fit.height(), 1e-9);
    }

    @Property(tries = 60)
    void wordsNeverLeaveTheirRoomAndNoneIsLost(
            @ForAll @Size(min = 1, max = 9) List<@AlphaChars @StringLength(min = 1, max = 12) String> words,
            @ForAll @DoubleRange(min = 20, max = 500) double width,
            @ForAll @DoubleRange(min = 10, max = 300) double height) {
        String title = String.join(" ", words);
        LineFit fit = LineFit.of(title, BOLD, width, height, 90, 5);
        assertEquals(title, String.join(" ", fit.lines()));
        assertTrue(fit.lines().size() <= 5);
        fit.lines().forEach(l -> assertTrue(wide(fit, l) <= width + 0.5, l));
        assertTrue(fit.height() <= height + 0.01);
    }
}
