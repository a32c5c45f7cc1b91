package jorn.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BriefTest {
    private final PressProfile online = PressShelf.shipped().find("online");
    private final PressProfile home = PressShelf.shipped().find("home");
    private final Brief brief = Brief.at(online, Size.of(6, 9, Unit.INCH), 120);

    @ParameterizedTest
    @ValueSource(ints = {0, -1, 10_000})
    void refusesAnAbsurdPageCountAndSaysWhatThePressTakes(int pages) {
        Trouble t = assertThrows(Trouble.class, () -> brief.withPages(pages));
        assertTrue(t.remedy().contains("24 to 828"), t.getMessage());
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 22, 830, 5000})
    void refusesWhatThePressDoesNotBindWhenItIsAskedTo(int pages) {
        assertThrows(Trouble.class, () -> brief.withPages(pages).require());
    }

    @Test
    void refusesAPaperThatThePressLacks() {
        Trouble t = assertThrows(Trouble.class, () -> brief.withPaper("vellum"));
        assertTrue(t.remedy().contains("white, cream, colour"), t.getMessage());
        assertThrows(Trouble.class, () -> brief.withInk("gold"));
        assertThrows(Trouble.class, () -> brief.withBinding(Binding.STITCHED));
    }

    @Test
    void anotherPressKeepsTheWishesThatItCanMeet() {
        Brief there = brief.withPaper("cream").at(home);
        assertEquals("white", there.paper());
        assertEquals(Binding.LOOSE, there.binding());
        assertEquals(120, there.pages());
        assertEquals(brief.trim(), there.trim());
        assertEquals("black", there.ink());
    }
}
