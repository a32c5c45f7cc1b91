package jorn.art;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import jorn.measure.Trouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class InkTest {
    /** WCAG 2.1: black on white is 21 : 1; #767676 on white is 4.54 : 1. */
    @Test
    void contrastIsThatOfTheWebGuidelines() {
        assertEquals(21, Ink.BLACK.contrast(Ink.WHITE), 1e-9);
        assertEquals(4.54, Ink.hex("#767676").contrast(Ink.WHITE), 0.005);
    }

    @Test
    void readsAndWritesHexadecimal() {
        assertArrayEquals(new int[] {201, 162, 74}, Ink.hex("c9a24a").rgb());
        assertEquals("C9A24A", Ink.hex("#c9a24a").hex());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "red", "12345", "GGGGGG", "#1234567"})
    void refusesWhatIsNoColour(String text) {
        assertThrows(Trouble.class, () -> Ink.hex(text));
    }

    @Test
    void aQuarterTurnMakesTextReadDownward() {
        Box turned = Turn.quarterDown(100, 50).of(new Box(0, -7, 40, 10));
        assertEquals(new Box(97, 50, 10, 40), turned);
    }
}
