package jorn.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.block.paper.Framed;
import jorn.block.paper.RuledLines;
import jorn.block.paper.Ruling;
import jorn.block.paper.Space;
import jorn.block.picture.Ornament;
import jorn.block.text.TextBlock;
import jorn.layout.Tree.Edge;
import jorn.measure.Length;
import jorn.measure.Trouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** What a person does to a design on the page: put beside, split, take away, move the line between. */
class TreeTest {
    private static final Box AREA = new Box(0, 0, 300, 500);

    private static Node lines() {
        return new RuledLines(Ruling.customary());
    }

    private static Stack two() {
        return Stack.down(Part.share(1, lines()), Part.share(1, new Space()));
    }

    private static List<Box> boxes(Node root) {
        return Placed.of(root, AREA, SampleFlow.undated(AREA)).stream()
                .filter(Placed::isBlock)
                .map(Placed::box)
                .toList();
    }

    @Test
    void aPartPutBelowJoinsTheColumn() {
        Node now = Tree.insert(two(), NodePath.of(0), Edge.BELOW, SampleFlow.heading("Notes"));
        assertEquals(3, now.children().size());
        assertInstanceOf(TextBlock.class, now.children().get(1));
    }

    @Test
    void aPartPutBesideSharesTheRoom() {
        Node now = Tree.insert(two(), NodePath.of(0), Edge.LEFT, lines());
        assertEquals(
                Axis.ACROSS,
                assertInstanceOf(Stack.class, now.children().get(0)).axis());
        List<Box> boxes = boxes(now);
        assertEquals(boxes.get(0).width(), boxes.get(1).width(), 1e-9);
        assertEquals(300, boxes.get(1).right(), 1e-9);
        Node three = Tree.insert(now, NodePath.of(0, 1), Edge.RIGHT, lines());
        assertEquals(3, three.children().get(0).children().size(), "the row takes it in");
    }

    @Test
    void theOnlyPartOfADesignCanBePutBesideAnother() {
        Node now = Tree.insert(lines(), NodePath.of(), Edge.ABOVE, SampleFlow.heading("Notes"));
        assertEquals(Axis.DOWN, assertInstanceOf(Stack.class, now).axis());
        assertThrows(Trouble.class, () -> Tree.remove(lines(), NodePath.of()));
    }

    @Test
    void splitHalvesAreEqual() {
        List<Box> boxes = boxes(Tree.split(two(), NodePath.of(0), Axis.ACROSS));
        assertEquals(boxes.get(0).width(), boxes.get(1).width(), 1e-9);
        List<Box> below = boxes(Tree.split(two(), NodePath.of(0), Axis.DOWN));
        assertEquals(below.get(0).height(), below.get(1).height(), 1e-9);
    }

    @Test
    void aRowWithOnePartLeftGivesWayToIt() {
        Node split = Tree.split(two(), NodePath.of(0), Axis.ACROSS);
        Node back = Tree.remove(split, NodePath.of(0, 1));
        assertEquals(two(), back);
    }

    @Test
    void aFrameGoesWithWhatItHeld() {
        Node framed = Stack.down(Part.share(1, Framed.titled("Box", lines())), Part.share(1, lines()));
        assertEquals(1, Tree.remove(framed, NodePath.of(0, 0)).children().size());
    }

    @Test
    void anUntouchedPartStaysTheVerySame() {
        Stack before = two();
        Node after = Tree.change(before, NodePath.of(1), n -> lines());
        assertTrue(after.children().get(0) == before.children().get(0));
    }

    @Property
    void theLineBetweenTwoPartsGoesWhereItIsDragged(
            @ForAll @DoubleRange(min = -240, max = 240) double by, @ForAll boolean across) {
        Node root = across ? Stack.across(Length.ZERO, lines(), lines()) : two();
        List<Box> before = boxes(root);
        double first = across ? before.get(0).width() : before.get(0).height();
        double second = across ? before.get(1).width() : before.get(1).height();
        List<Box> after = boxes(Tree.moveDivider(root, NodePath.ROOT, 0, first, second, by));
        double now = across ? after.get(0).width() : after.get(0).height();
        double wanted = Math.max(8.5, Math.min(first + second - 8.5, first + by));
        assertEquals(wanted, now, 0.6);
        assertTrue(AREA.holds(after.get(1)));
    }

    @Property
    void besideAPartOfFixedHeightTheLineMovesAsWellAndTheSharesGive(
            @ForAll @DoubleRange(min = 0, max = 120) double by, @ForAll boolean shareAbove) {
        Part rule = Part.fixed(Length.points(7), new Space());
        Part head = Part.fixed(Length.points(24), new Space());
        Part rest = Part.share(1, lines());
        Node root = Stack.down(Length.ZERO, shareAbove ? List.of(rest, head, rule) : List.of(head, rule, rest));
        int before = shareAbove ? 1 : 0;
        List<Box> then = boxes(root);
        double moved = shareAbove ? -by : by;
        Node now = Tree.moveDivider(
                root,
                NodePath.ROOT,
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
            NodePath path = parts.get(deed % parts.size()).path();
            root = switch (deed % 5) {
                case 0 -> Tree.split(root, path, Axis.ACROSS);
                case 1 -> Tree.split(root, path, Axis.DOWN);
                case 2 -> Tree.insert(root, path, Edge.values()[deed % 4], lines());
                case 3 -> path.isRoot() || boxes(root).size() == 1 ? root : removed(root, path);
                default -> Tree.change(root, path, n -> Framed.titled("Box", n));
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
    private static Node removed(Node root, NodePath path) {
        try {
            return Tree.remove(root, path);
        } catch (Trouble refused) {
            return root;
        }
    }

    @Test
    void everyKindOfBlockCanBePutOnAPageAndHasAName() {
        for (NodeKind.Offer<?> kind : NodeKinds.offers()) {
            Node now =
                    Tree.insert(two(), NodePath.of(0), Edge.BELOW, kind.fresh().get());
            List<jorn.art.Mark> marks = new ArrayList<>();
            now.draw(AREA, SampleFlow.undated(AREA), marks);
            assertTrue(marks.iterator().hasNext(), "there is something to look at");
            for (jorn.art.Mark m : marks) {
                assertTrue(AREA.outset(0.7).holds(m.bounds()), kind.id() + " draws " + m.bounds());
            }
            assertTrue(!NodeKinds.nameOf(kind.fresh().get()).equals("Part"), kind.id());
        }
    }

    @Test
    void whatWasPutIsFoundWhereItWasPut() {
        Node sprig = new Ornament(Ornament.Shape.SPRIG, Length.mm(9), Align.CENTRE);
        for (Edge edge : Edge.values()) {
            for (NodePath path : List.of(NodePath.ROOT, NodePath.of(0), NodePath.of(1))) {
                Node now = Tree.insert(two(), path, edge, sprig);
                assertEquals(sprig, Tree.at(now, Tree.placeOfNew(two(), path, edge)), edge + " of " + path);
            }
        }
    }
}
