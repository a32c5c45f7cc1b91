package jorn.recipe;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.recipe.Rework.Edge;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** What a person does to a design on the page: put beside, split, take away, move the line between. */
class ReworkTest {
    private static final Box AREA = new Box(0, 0, 300, 500);

    private static Node lines() {
        return new RuledLines(Ruling.customary());
    }

    private static Column two() {
        return new Column(List.of(Column.Part.share(1, lines()), Column.Part.share(1, new Space())), Length.ZERO);
    }

    private static List<Box> boxes(Node root) {
        return Placed.of(root, AREA, SampleFlow.undated(AREA)).stream()
                .filter(Placed::isBlock)
                .map(Placed::box)
                .toList();
    }

    @Test
    void aPartPutBelowJoinsTheColumn() {
        Node now = Rework.insert(two(), List.of(0), Edge.BELOW, Make.heading("Notes"));
        assertEquals(3, now.children().size());
        assertInstanceOf(TextBlock.class, now.children().get(1));
    }

    @Test
    void aPartPutBesideSharesTheRoom() {
        Node now = Rework.insert(two(), List.of(0), Edge.LEFT, lines());
        assertInstanceOf(Row.class, now.children().get(0));
        List<Box> boxes = boxes(now);
        assertEquals(boxes.get(0).width(), boxes.get(1).width(), 1e-9);
        assertEquals(300, boxes.get(1).right(), 1e-9);
        Node three = Rework.insert(now, List.of(0, 1), Edge.RIGHT, lines());
        assertEquals(3, three.children().get(0).children().size(), "the row takes it in");
    }

    @Test
    void theOnlyPartOfADesignCanBePutBesideAnother() {
        Node now = Rework.insert(lines(), List.of(), Edge.ABOVE, Make.heading("Notes"));
        assertInstanceOf(Column.class, now);
        assertThrows(Trouble.class, () -> Rework.remove(lines(), List.of()));
    }

    @Test
    void splitHalvesAreEqual() {
        List<Box> boxes = boxes(Rework.split(two(), List.of(0), true));
        assertEquals(boxes.get(0).width(), boxes.get(1).width(), 1e-9);
        List<Box> below = boxes(Rework.split(two(), List.of(0), false));
        assertEquals(below.get(0).height(), below.get(1).height(), 1e-9);
    }

    @Test
    void aRowWithOnePartLeftGivesWayToIt() {
        Node split = Rework.split(two(), List.of(0), true);
        Node back = Rework.remove(split, List.of(0, 1));
        assertEquals(two(), back);
    }

    @Test
    void aFrameGoesWithWhatItHeld() {
        Node framed = new Column(
                List.of(Column.Part.share(1, Framed.titled("Box", lines())), Column.Part.share(1, lines())),
                Length.ZERO);
        assertEquals(1, Rework.remove(framed, List.of(0, 0)).children().size());
    }

    @Test
    void anUntouchedPartStaysTheVerySame() {
        Column before = two();
        Node after = Rework.change(before, List.of(1), n -> lines());
        assertTrue(after.children().get(0) == before.children().get(0));
    }

    @Property
    void theLineBetweenTwoPartsGoesWhereItIsDragged(
            @ForAll @DoubleRange(min = -240, max = 240) double by, @ForAll boolean across) {
        Node root = across ? Row.of(Length.ZERO, lines(), lines()) : two();
        List<Box> before = boxes(root);
        double first = across ? before.get(0).width() : before.get(0).height();
        double second = across ? before.get(1).width() : before.get(1).height();
        List<Box> after = boxes(Rework.moveDivider(root, List.of(), 0, first, second, by));
        double now = across ? after.get(0).width() : after.get(0).height();
        double wanted = Math.max(8.5, Math.min(first + second - 8.5, first + by));
        assertEquals(wanted, now, 0.6);
        assertTrue(AREA.holds(after.get(1)));
    }

    @Property
    void besideAPartOfFixedHeightTheLineMovesAsWellAndTheSharesGive(
            @ForAll @DoubleRange(min = 0, max = 120) double by, @ForAll boolean shareAbove) {
        Column.Part rule = Column.Part.fixed(Length.points(7), new Space());
        Column.Part head = Column.Part.fixed(Length.points(24), new Space());
        Column.Part rest = Column.Part.share(1, lines());
        Node root = new Column(shareAbove ? List.of(rest, head, rule) : List.of(head, rule, rest), Length.ZERO);
        int before = shareAbove ? 1 : 0;
        List<Box> then = boxes(root);
        double moved = shareAbove ? -by : by;
        Node now = Rework.moveDivider(
                root,
                List.of(),
                before,
                then.get(before).height(),
                then.get(before + 1).height(),
                moved);
        List<Box> after = boxes(now);
        assertEquals(then.get(before).bottom() + moved, after.get(before).bottom(), 0.6);
        after.forEach(b -> assertTrue(AREA.holds(b), b.toString()));
    }

    @Property
    void anyDepthOfChangesKeepsEveryPartInsideAndApart(@ForAll List<@IntRange(min = 0, max = 99) Integer> deeds) {
        Node root = two();
        for (int deed : deeds.subList(0, Math.min(12, deeds.size()))) {
            List<Placed> parts = Placed.of(root, AREA, SampleFlow.undated(AREA));
            List<Integer> path = parts.get(deed % parts.size()).path();
            root = switch (deed % 5) {
                case 0 -> Rework.split(root, path, true);
                case 1 -> Rework.split(root, path, false);
                case 2 -> Rework.insert(root, path, Edge.values()[deed % 4], lines());
                case 3 -> path.isEmpty() || boxes(root).size() == 1 ? root : removed(root, path);
                default -> Rework.change(root, path, n -> Framed.titled("Box", n));
            };
        }
        List<Box> blocks = boxes(root).stream()
                .filter(b -> b.width() > 0.1 && b.height() > 0.1)
                .toList();
        for (int i = 0; i < blocks.size(); i++) {
            assertTrue(AREA.holds(blocks.get(i)));
            for (int j = i + 1; j < blocks.size(); j++) {
                assertTrue(!blocks.get(i).inset(0.01).meets(blocks.get(j).inset(0.01)), "parts overlap");
            }
        }
    }

    /** Taking a part away that holds everything is refused; then the design stays as it is. */
    private static Node removed(Node root, List<Integer> path) {
        try {
            return Rework.remove(root, path);
        } catch (Trouble refused) {
            return root;
        }
    }

    @Test
    void everyKindOfBlockCanBePutOnAPageAndHasAName() {
        for (Blocks.Kind kind : Blocks.all()) {
            Node now = Rework.insert(two(), List.of(0), Edge.BELOW, kind.fresh());
            List<jorn.art.Mark> marks = new ArrayList<>();
            now.draw(AREA, SampleFlow.undated(AREA), marks);
            for (jorn.art.Mark m : marks) {
                assertTrue(AREA.outset(0.7).holds(m.bounds()), kind.id() + " draws " + m.bounds());
            }
            assertTrue(!Blocks.nameOf(kind.fresh()).equals("Part"), kind.id());
        }
    }

    @Test
    void whatWasPutIsFoundWhereItWasPut() {
        Node sprig = new Ornament(Ornament.Shape.SPRIG, Length.mm(9), TextBlock.Align.CENTRE);
        for (Edge edge : Edge.values()) {
            for (List<Integer> path : List.of(List.<Integer>of(), List.of(0), List.of(1))) {
                Node now = Rework.insert(two(), path, edge, sprig);
                assertEquals(sprig, Rework.at(now, Rework.placeOfNew(two(), path, edge)), edge + " of " + path);
            }
        }
    }
}
