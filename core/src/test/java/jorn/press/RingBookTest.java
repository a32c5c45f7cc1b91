package jorn.press;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Unit;
import org.junit.jupiter.api.Test;

/** Which binder takes which leaves. Three quarters of a ring may be filled (common practice); numbers are worked by hand. */
class RingBookTest {
    private static final Size A5 = Size.of(148, 210, Unit.MILLIMETRE);

    private static Optional<String> taking(Size leaf, String holes) {
        return RingBook.taking(leaf, HolePattern.of(holes)).map(RingBook::id);
    }

    @Test
    void leavesGoIntoTheBinderOfTheirSizeAndHoles() {
        assertEquals(Optional.of("a5-two"), taking(A5, "iso-838"));
        assertEquals(Optional.of("a5-six"), taking(A5, "six"));
        assertEquals(Optional.empty(), taking(A5, "three"));
        assertEquals(Optional.of("letter-three"), taking(Size.of(8.5, 11, Unit.INCH), "three"));
        assertEquals(Optional.of("half-letter-three"), taking(Size.of(5.5, 8.5, Unit.INCH), "three-small"));
    }

    @Test
    void aLeafMayBeALittleSmallerButNoLarger() {
        assertEquals(Optional.of("a5-six"), taking(Size.of(136, 198, Unit.MILLIMETRE), "six"));
        assertEquals(Optional.empty(), taking(Size.of(135.9, 210, Unit.MILLIMETRE), "six"));
        assertEquals(Optional.empty(), taking(Size.of(148, 197.9, Unit.MILLIMETRE), "six"));
        assertEquals(Optional.empty(), taking(Size.of(148.5, 210, Unit.MILLIMETRE), "six"));
        assertEquals(Optional.empty(), taking(Size.of(148, 210.5, Unit.MILLIMETRE), "six"));
    }

    /** 120 leaves of 0.1 mm are 12 mm: three quarters of 16 mm. One more wants the next ring; 30 mm bear 225 leaves. */
    @Test
    void theNarrowestRingIsTakenInWhichLeavesTurn() {
        RingBook six = RingBook.taking(A5, HolePattern.of("six")).orElseThrow();
        assertEquals(Optional.of(Length.mm(16)), six.ring(120, Length.mm(0.1)));
        assertEquals(Optional.of(Length.mm(20)), six.ring(121, Length.mm(0.1)));
        assertEquals(Optional.of(Length.mm(30)), six.ring(225, Length.mm(0.1)));
        assertEquals(Optional.empty(), six.ring(226, Length.mm(0.1)));
    }

    @Test
    void whatIsSaidNamesBinderLeavesAndRing() {
        HolePattern six = HolePattern.of("six");
        assertEquals(
                "Goes into a ring book for A5, six rings: 121 leaves, 12.1 mm thick, turn well on rings of 20 mm.",
                RingBook.told(A5, six, 121, Length.mm(0.1), Unit.MILLIMETRE));
        assertTrue(RingBook.told(A5, six, 300, Length.mm(0.1), Unit.MILLIMETRE).contains("widest rings of 30 mm"));
        assertTrue(RingBook.told(Size.of(6, 9, Unit.INCH), six, 9, Length.mm(0.1), Unit.MILLIMETRE)
                .contains("those take 148 × 210 mm"));
    }

    @Test
    void everyBinderHasAPatternAndHolesThatAllFitItsLeaf() {
        for (RingBook each : RingBook.shipped()) {
            HolePattern pattern = HolePattern.of(each.holes());
            assertEquals(
                    pattern.gaps().size() + 1,
                    pattern.onEdge(each.page().height().points()).size(),
                    each.id());
            assertTrue(each.ring(1, Length.mm(0.1)).isPresent());
        }
    }
}
