package jorn.cover;

import static org.junit.jupiter.api.Assertions.assertEquals;

import jorn.press.Finish;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice: matte for much white or much black, gloss for much colour. */
class FinishAdviceTest {
    @ParameterizedTest
    @CsvSource({
        "FFFFFF, FFFEF8, MATTE, 1.0, 0.0",
        "000000, 1D2733, MATTE, 1.0, 0.0",
        "C8102E, F2C230, GLOSS, 0.0, 1.0",
        "FFFFFF, C8102E, MATTE, 0.5, 0.5",
        "808080, C8102E, GLOSS, 0.0, 0.5",
        "808080, 909090, MATTE, 0.0, 0.0",
        "E8D8C0, D8C8B0, MATTE, 0.0, 0.0"
    })
    void theFrontDecides(String one, String other, Finish best, double plain, double coloured) {
        int[] pixels = {Integer.parseInt(one, 16), Integer.parseInt(other, 16)};
        FinishAdvice advice = FinishAdvice.of(new FrontGround(2, 1, pixels));
        assertEquals(best, advice.best());
        assertEquals(plain, advice.plain(), 1e-9);
        assertEquals(coloured, advice.coloured(), 1e-9);
    }
}
