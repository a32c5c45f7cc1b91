package jorn.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Mark;
import jorn.art.Side;
import jorn.block.paper.Ruling;
import jorn.block.paper.WritingLine;
import jorn.json.Json;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import jorn.recipe.Recipes;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class StackTest {
    private static final Box AREA = new Box(10, 20, 200, 300);
    private static final Flow FLOW = SampleFlow.of(
            new Frame(Side.RECTO, true, new Box(0, 0, 220, 340), new Box(0, 0, 220, 340), AREA),
            Map.of("title", "Hive Notes"),
            jorn.art.Palette.BLACK,
            jorn.calendar.Occasion.NONE,
            jorn.calendar.CalendarChoice.UNDATED);

    private static List<Box> boxes(Stack column) {
        List<Mark> marks = new ArrayList<>();
        column.draw(AREA, FLOW, marks);
        return marks.stream().map(Mark::bounds).toList();
    }

    private static Node line(double height) {
        return new WritingLine("", Length.points(height));
    }

    @Test
    void whatIsLeftGoesToTheShares() {
        List<Box> found = boxes(
                Stack.down(Part.fixed(Length.points(60), line(60)), Part.share(1, line(1)), Part.share(3, line(1))));
        assertEquals(20 + 60 - 1, found.get(0).y(), 1e-6);
        assertEquals(20 + 60 + 60 - 1, found.get(1).y(), 1e-6);
        assertEquals(20 + 300 - 1, found.get(2).y(), 1e-6);
    }

    @Property
    void nothingEverLeavesTheAreaAndOrderIsKept(
            @ForAll @Size(min = 1, max = 8) List<@DoubleRange(min = 2, max = 400) Double> heights,
            @ForAll @DoubleRange(min = 0, max = 60) double gap) {
        List<Part> parts =
                heights.stream().map(h -> Part.fixed(Length.points(h), line(h))).toList();
        List<Box> found = boxes(Stack.down(Length.points(gap), parts));
        double last = AREA.y() - 2;
        for (Box b : found) {
            assertTrue(b.y() >= last - 1e-6, "in order");
            last = b.y();
        }
        double gaps = gap * (heights.size() - 1);
        if (gaps < AREA.height()) {
            assertTrue(last <= AREA.bottom() + 0.01);
        }
    }

    @Test
    void fieldsAreFilledAndUnknownOnesStayToBeSeen() {
        assertEquals("Hive Notes {nonsense}", FLOW.fill("{title} {nonsense}"));
    }

    @Test
    void recipesSurviveTheFile() {
        for (Recipe r : List.of(Catalogue.recipe("title"), Recipes.lined(Ruling.customary()))) {
            assertEquals(r, Json.read(Json.write(r), Recipe.class, "it"));
        }
    }

    @Test
    void absurdRulingsAreRefused() {
        Ruling good = Ruling.customary();
        assertThrows(Trouble.class, () -> good.withSpacing(Length.mm(1)));
        assertThrows(Trouble.class, () -> good.withSpacing(Length.mm(60)));
        assertThrows(Trouble.class, () -> good.withWeight(0));
        assertThrows(Trouble.class, () -> good.withWeight(Double.NaN));
        assertThrows(Trouble.class, () -> good.withStrength(1.5));
    }
}
