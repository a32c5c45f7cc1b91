package jorn.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import jorn.art.GlyphRun;
import jorn.text.Typeface.Style;
import org.junit.jupiter.api.Test;

class ShaperTest {
    private final Face face = TypeShelf.typeface("alegreya").regular();

    @Test
    void atLeastFourTypefacesShipWithTheirLicences() {
        assertTrue(TypeShelf.typefaces().size() >= 4);
        for (Typeface t : TypeShelf.typefaces()) {
            for (Style style : Style.values()) {
                assertTrue(t.face(style).canWrite("Hive Notes 0123456789 “”–—éü"), t.name() + " " + style);
            }
        }
        for (String family : List.of(
                "AlegreyaLining", "AlegreyaSansLining", "EBGaramond", "WorkSans", "AtkinsonHyperlegible", "Caveat")) {
            assertNotNull(Face.class.getResource("fonts/" + family + "-OFL.txt"), family);
        }
    }

    @Test
    void kerningBringsLettersTogether() {
        double apart = Shaper.widthPerPoint(face, "A") + Shaper.widthPerPoint(face, "V");
        assertTrue(Shaper.widthPerPoint(face, "AV") < apart - 0.01);
    }

    @Test
    void aLigatureIsOneGlyphForTwoLetters() {
        GlyphRun run = Shaper.shape(face, 10, "Th");
        assertFalse(run.plain());
        assertTrue(run.glyphs().length < 2);
    }

    @Test
    void figuresAllHaveTheSameWidthSoThatColumnsStand() {
        for (char c = '1'; c <= '9'; c++) {
            assertEquals(Shaper.widthPerPoint(face, "0"), Shaper.widthPerPoint(face, "" + c), 1e-6);
        }
    }

    @Test
    void widthGrowsWithTheSize() {
        assertEquals(
                2 * Shaper.shape(face, 10, "Hive").width(),
                Shaper.shape(face, 20, "Hive").width(),
                1e-6);
    }

    @Test
    void linesAreBrokenBetweenWordsAndNoneIsTooWide() {
        String text = "Room for every inspection, every swarm and every jar of honey";
        List<String> lines = LineBreaker.breakAt(face, 12, text, 120);
        assertTrue(lines.size() > 2);
        assertEquals(text, String.join(" ", lines));
        for (String line : lines) {
            assertTrue(Shaper.shape(face, 12, line).width() <= 120.01, line);
        }
    }

    @Test
    void aLineThatTheWriterBreaksStaysBroken() {
        assertEquals(List.of("one", "", "two"), LineBreaker.breakAt(face, 12, "one\n\ntwo", 500));
    }
}
