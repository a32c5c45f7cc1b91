package jorn.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.Charset;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import jorn.art.GlyphRun;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Faces that take over where a chosen one lacks letters. */
class StandInTest {
    private static final Face CHOSEN = TypeShelf.typeface("alegreya").regular();

    /** The two-byte part of each standard, through the platform's own table of it. */
    @ParameterizedTest
    @CsvSource({
        "JIS X 0208, EUC-JP, 6879, jorn-han-j-regular",
        "GB 2312, GB2312, 7445, jorn-han-g-regular",
        "KS X 1001, EUC-KR, 8226, jorn-han-k-regular"
    })
    void aWholeStandardCanBeWritten(String standard, String charset, int count, String face) {
        Face own = TypeShelf.face(face);
        List<String> missing = new ArrayList<>();
        int seen = 0;
        for (int high = 0xA1; high <= 0xFE; high++) {
            for (int low = 0xA1; low <= 0xFE; low++) {
                String letter = new String(new byte[] {(byte) high, (byte) low}, Charset.forName(charset));
                if (letter.codePointCount(0, letter.length()) == 1 && letter.charAt(0) != '\uFFFD') {
                    seen++;
                    if (own.lacking(letter) > 0) {
                        missing.add(letter);
                    }
                }
            }
        }
        assertTrue(Math.abs(seen - count) <= 5, standard + " has " + seen + " characters here");
        assertTrue(missing.size() <= 3, standard + ": " + missing);
    }

    @ParameterizedTest
    @CsvSource({
        "Ελληνικά, jorn-world-regular",
        "Жужелица, jorn-world-regular",
        "דבש, rubik-regular",
        "عسل, rubik-regular",
        "蜂蜜の本, jorn-han-j-regular",
        "蜜蜂们, jorn-han-g-regular",
        "꿀벌, jorn-han-k-regular",
        "Honey, alegreya-regular"
    })
    void aTitleInAnotherScriptIsSetInAFaceThatHasIt(String text, String face) {
        boolean own = CHOSEN.canWrite(text);
        GlyphRun run = Shaper.shape(CHOSEN, 12, text);
        assertEquals(own ? CHOSEN.id() : face, run.face());
        for (int glyph : run.glyphs()) {
            assertFalse(glyph == 0, text + " is whole");
        }
        assertEquals(Set.of(), TypeShelf.lacking(CHOSEN, text));
    }

    @Test
    void aLetterThatNoFaceHasIsTold() {
        assertEquals(new TreeSet<>(Set.of("ኦ")), TypeShelf.lacking(CHOSEN, "Bees ኦ"));
        assertEquals(Set.of(), TypeShelf.lacking(CHOSEN, "Bees"));
    }

    /** Figures in a line that runs from the right stand in their own order (Unicode Standard Annex 9). */
    @Test
    void mixedDirectionsAreSetAsTheyAreRead() {
        GlyphRun figures = Shaper.shape(CHOSEN, 10, "דבש 27");
        GlyphRun two = Shaper.shape(TypeShelf.face(figures.face()), 10, "2");
        GlyphRun seven = Shaper.shape(TypeShelf.face(figures.face()), 10, "7");
        List<Integer> glyphs = java.util.Arrays.stream(figures.glyphs()).boxed().toList();
        int at2 = glyphs.indexOf(two.glyphs()[0]);
        int at7 = glyphs.indexOf(seven.glyphs()[0]);
        assertTrue(at2 >= 0 && at7 == at2 + 1, "27 reads from left to right: " + glyphs);
        assertEquals(0, at2, "and stands at the left, where the line ends");
        assertFalse(figures.plain());
        double before = -1;
        for (double x : figures.x()) {
            assertTrue(x >= before, "glyphs stand from left to right");
            before = x;
        }
    }

    @Test
    void joinedLettersAreNotTornApart() {
        double set = Shaper.shape(CHOSEN, 10, "عسل", 0).width();
        assertEquals(set, Shaper.shape(CHOSEN, 10, "عسل", 0.2).width(), 1e-9);
        assertTrue(Shaper.shape(CHOSEN, 10, "abc", 0.2).width()
                > Shaper.shape(CHOSEN, 10, "abc").width());
    }

    @Test
    void noFileIsLargerThanFourMegabytes() {
        for (Typeface each : TypeShelf.standInFaces()) {
            each.faces().values().forEach(f -> assertTrue(f.bytes().length <= 4_194_304, f.id()));
        }
        assertTrue(TypeShelf.isStandIn(TypeShelf.face("rubik-bold")));
        assertEquals("Rubik", TypeShelf.owner(TypeShelf.face("rubik-bold")).name());
    }
}
