package jorn.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import org.junit.jupiter.api.Test;

class FigureTest {
    private final Figure width = Figure.given("trim.width", "Trim width", Length.inches(6), "your decision");
    private final Figure bleed = Figure.given("bleed", "Bleed", Length.inches(0.125), "a press");
    private final Figure page = Figure.computed(
            "page.width", "Page width", Length.inches(6.125), "{trim.width} + {bleed}", "three sides", width, bleed);

    @Test
    void showsItsWorkingDownToTheDecisions() {
        assertEquals(
                """
                Page width = trim width + bleed = 6 in + 0.125 in = 6.125 in (three sides)
                Trim width = 6 in (your decision)
                Bleed = 0.125 in (a press)""",
                page.working(Unit.INCH));
    }

    @Test
    void showsItInTheUsersUnit() {
        assertEquals("152.4 mm + 3.18 mm", page.inNumbers(Unit.MILLIMETRE));
    }

    @Test
    void mustHaveEveryInputThatItsFormulaNames() {
        assertThrows(
                IllegalStateException.class,
                () -> Figure.computed("x", "X", Length.ZERO, "{trim.width} + {nothing}", "", width));
    }
}
