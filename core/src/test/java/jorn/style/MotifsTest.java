package jorn.style;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Palette;
import jorn.measure.Trouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Drawings made by rule: they stay in their box, in the colours of the book, and are the same each time. */
class MotifsTest {
    private static final Palette HONEY = Palette.shipped().get(1);

    @Test
    void thereAreSixtyInTenGroupsEachWithAName() {
        assertTrue(Motifs.all().size() >= 60, Motifs.all().size() + " drawings");
        Set<Motif.MotifGroup> groups = new HashSet<>();
        Set<String> names = new HashSet<>();
        for (Motif motif : Motifs.all()) {
            groups.add(motif.group());
            assertTrue(names.add(motif.called()), motif.id());
        }
        assertEquals(Set.copyOf(Arrays.asList(Motif.MotifGroup.values())), groups);
        assertThrows(Trouble.class, () -> Motifs.of("gargoyle"));
    }

    @Test
    void noTwoAreAlike() {
        Box box = new Box(0, 0, 400, 100);
        Set<List<Mark>> drawn = new HashSet<>();
        Motifs.all().forEach(m -> assertTrue(drawn.add(m.draw(box, HONEY, 1)), m.id()));
    }

    @Property(tries = 400)
    void eachStaysInItsBoxWhateverItsSize(
            @ForAll @IntRange(max = 81) int which,
            @ForAll @DoubleRange(min = 4, max = 300) double width,
            @ForAll @DoubleRange(min = 4, max = 300) double height) {
        Motif motif = Motifs.all().get(which % Motifs.all().size());
        Box box = new Box(7, 11, width, height);
        List<Mark> marks = motif.draw(box, HONEY, 3);
        assertFalse(marks.isEmpty());
        // Handles of curves may lie outside of what is drawn; a line has half of its weight on either side.
        double slack = Math.min(width, height * motif.proportion()) * 0.1 + 2;
        assertTrue(box.outset(slack).holds(Marks.bounds(marks)), motif.id() + " " + Marks.bounds(marks));
        for (Mark mark : marks) {
            if (mark instanceof Mark.Stroke stroke) {
                assertTrue(stroke.width() >= Rule.THINNEST, motif.id());
            }
        }
    }

    @Test
    void theColoursAreTheBooks() {
        Set<Ink> own = new HashSet<>(HONEY.inks().values());
        for (Motif motif : Motifs.all()) {
            for (Mark mark : motif.draw(new Box(0, 0, 100, 100), HONEY, 1)) {
                Ink ink = mark instanceof Mark.Stroke s ? s.ink() : ((Mark.Fill) mark).ink();
                assertTrue(own.contains(ink), motif.id() + " has " + ink.name());
            }
        }
    }

    @Test
    void chanceIsTheSameForTheSameSeed() {
        Motif wreath = Motifs.of("wreath");
        Box box = new Box(0, 0, 100, 100);
        assertEquals(wreath.draw(box, HONEY, 5), wreath.draw(box, HONEY, 5));
        assertFalse(wreath.draw(box, HONEY, 5).equals(wreath.draw(box, HONEY, 6)));
    }

    @Test
    void inBlackAloneThinLinesAreSolid() {
        Motif snow = Motifs.of("snowflake");
        for (Mark mark : snow.draw(new Box(0, 0, 12, 12), Palette.BLACK, 1)) {
            Mark.Stroke stroke = (Mark.Stroke) mark;
            assertTrue(stroke.width() < Palette.THINNEST_TINTED);
            assertEquals(Ink.BLACK, stroke.ink());
        }
        assertEquals(
                Palette.BLACK.ink(Palette.Role.ACCENT),
                Palette.BLACK.lineInk(Palette.Role.ACCENT, Palette.THINNEST_TINTED));
    }
}
