package jorn.art;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import jorn.measure.Trouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Art is compared by what it shows: equal art is drawn and written once. */
class ValuesTest {
    private static GlyphRun run(String face, double size, int glyph, double advance, String text) {
        return new GlyphRun(face, size, new int[] {glyph}, new double[] {0, advance}, text, true);
    }

    @Test
    void glyphsAreEqualWhereFaceSizeGlyphsPlacesAndTextAre() {
        GlyphRun a = run("alegreya", 10, 5, 6.5, "A");
        assertEquals(a, run("alegreya", 10, 5, 6.5, "A"));
        assertEquals(a.hashCode(), run("alegreya", 10, 5, 6.5, "A").hashCode());
        assertNotEquals(a, run("caveat", 10, 5, 6.5, "A"));
        assertNotEquals(a, run("alegreya", 11, 5, 6.5, "A"));
        assertNotEquals(a, run("alegreya", 10, 6, 6.5, "A"));
        assertNotEquals(a, run("alegreya", 10, 5, 7, "A"));
        assertNotEquals(a, run("alegreya", 10, 5, 6.5, "B"));
        assertNotEquals(a, "A");
        assertEquals(6.5, a.width());
    }

    @Test
    void foreignPagesAreEqualWhereFileAndPageAre() {
        byte[] file = {1, 2, 3};
        assertEquals(
                new ForeignPage("a", "a file", 2, 100, 200, file), new ForeignPage("a", "a file", 2, 100, 200, file));
        assertNotEquals(
                new ForeignPage("a", "a file", 2, 100, 200, file), new ForeignPage("a", "a file", 3, 100, 200, file));
        assertNotEquals(
                new ForeignPage("a", "a file", 2, 100, 200, file), new ForeignPage("b", "a file", 2, 100, 200, file));
    }

    @Test
    void stampsAreEqualWhereTheirMarksAre() {
        Mark line = new Mark.Stroke(Path.box(new Box(0, 0, 10, 10)), 1, Ink.BLACK, List.of());
        Mark other = new Mark.Stroke(Path.box(new Box(0, 0, 10, 11)), 1, Ink.BLACK, List.of());
        Stamp stamp = new Stamp(List.of(line));
        assertEquals(stamp, stamp);
        assertEquals(stamp, new Stamp(List.of(line)));
        assertNotEquals(stamp, new Stamp(List.of(other)));
        assertNotEquals(stamp, List.of(line));
    }

    @ParameterizedTest
    @CsvSource({"-1,0,0", "256,0,0", "0,-1,0", "0,256,0", "0,0,-1", "0,0,256"})
    void lightOutsideOfItsRangeIsRefused(int red, int green, int blue) {
        assertThrows(Trouble.class, () -> new Ink.Rgb(red, green, blue));
    }

    @Test
    void lightAtTheEndsOfItsRangeIsTaken() {
        assertEquals("000000", new Ink.Rgb(0, 0, 0).hex());
        assertEquals("FFFFFF", new Ink.Rgb(255, 255, 255).hex());
    }
}
