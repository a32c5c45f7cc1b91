package jorn.desk.view;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import jorn.desk.view.PanelNames.Stretch;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Names above a cover's panels never lie over each other, however thick the book. */
class PanelNamesTest {
    @Property
    void noTwoNamesOverlap(
            @ForAll @DoubleRange(min = 20, max = 600) double face,
            @ForAll @DoubleRange(min = 0, max = 200) double spine,
            @ForAll @DoubleRange(min = 10, max = 180) double name) {
        List<Stretch> panels = List.of(
                new Stretch(0, face), new Stretch(face, face + spine), new Stretch(face + spine, 2 * face + spine));
        List<Stretch> rooms = PanelNames.rooms(panels, 1, name, 8);
        assertEquals(name, rooms.get(1).width(), 1e-9);
        for (int i = 0; i < 3; i += 2) {
            Stretch room = rooms.get(i);
            assertTrue(room.width() >= 0, rooms.toString());
            assertTrue(room.from() >= panels.get(i).from() - 1e-9
                    && room.to() <= panels.get(i).to() + 1e-9);
        }
        boolean fits = name / 2 + 8 <= face + spine / 2;
        if (fits) {
            assertTrue(rooms.get(0).to() <= rooms.get(1).from() - 8 + 1e-9, rooms.toString());
            assertTrue(rooms.get(2).from() >= rooms.get(1).to() + 8 - 1e-9, rooms.toString());
        }
    }

    @Test
    void withoutASpineEachHasItsPanel() {
        List<Stretch> panels = List.of(new Stretch(0, 100), new Stretch(100, 200));
        assertEquals(panels, PanelNames.rooms(panels, -1, 50, 8));
        assertEquals(150, panels.get(1).middle());
    }
}
