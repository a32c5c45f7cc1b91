package jorn.brief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import jorn.book.Brief;
import jorn.book.Starter;
import jorn.measure.Figure;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;

class MeasuresTest {
    private static Measures of(String trim, int pages) {
        return Measures.of(Starter.NOTEBOOK.begin(
                Brief.at(PressShelf.shipped().find("online"), Size.parse(trim, Unit.INCH), pages)));
    }

    /** Common practice: 1.00 + 0.012 × 120 = 2.44; at a share of 60 % the lowest price is 4.07. */
    @Test
    void theWorkedExampleOfMoneyComesOut() {
        Measures m = of("6x9in", 120);
        assertEquals("2.44 USD", m.get("cost.print").text(Unit.INCH));
        assertEquals("4.07 USD", m.get("price.lowest").text(Unit.INCH));
    }

    @Test
    void inchesAndMillimetresOfTheSameSizeGiveTheSameFigures() {
        assertEquals(of("6x9in", 120).all(), of("152.4x228.6mm", 120).all());
    }

    /** 60 leaves of 152.4 × 228.6 mm at 90 g/m², by hand: 60 × 0.034839 m² × 90 = 188 g. */
    @Test
    void theBlockWeighsLeavesTimesAreaTimesGrammage() {
        assertEquals("188 g", of("6x9in", 120).get("book.weight").text(Unit.INCH));
    }

    @Test
    void everyFigureHasAWorkingInBothUnits() {
        for (Figure f : of("6x9in", 121).all().values()) {
            for (Unit unit : new Unit[] {Unit.INCH, Unit.MILLIMETRE}) {
                String working = f.working(unit);
                assertTrue(working.startsWith(f.label()), working);
                assertTrue(working.contains(f.text(unit)), working);
                assertTrue(!working.contains("{"), working);
            }
        }
    }

    @Test
    void anOddCountIsMadeEven() {
        assertEquals("122 pages", of("6x9in", 121).get("pages").text(Unit.INCH));
    }
}
