package jorn.pattern.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.Rectangle2D;
import jorn.art.Box;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Words are broken where that makes them large enough to colour, and nowhere else. */
class HollowWordsTest {
    private static final Box PAGE = new Box(0, 0, 540, 700);

    private static Rectangle2D set(String text) {
        return new HollowWords(text).in(PAGE).getBounds2D();
    }

    /** A line of four capitals is broad and low; in two lines it would be as high as it is broad. */
    @ParameterizedTest
    @ValueSource(strings = {"GROW", "HONEY", "HILL"})
    void aWordIsWholeWhereItIsLargeEnough(String word) {
        Rectangle2D box = set(word);
        assertEquals(PAGE.width(), box.getWidth(), 1e-6);
        assertTrue(box.getHeight() < box.getWidth() / 2, box.toString());
    }

    @Test
    void aLongWordIsBrokenSoThatItsLettersHaveFields() {
        Rectangle2D box = set("HONEYCOMBS");
        assertTrue(box.getHeight() > box.getWidth() / 3, box.toString());
    }

    @Test
    void wordsStandAboveEachOther() {
        Rectangle2D box = set("GROW HERE");
        assertTrue(box.getHeight() > box.getWidth() / 2, box.toString());
    }
}
