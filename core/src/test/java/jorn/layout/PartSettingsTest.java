package jorn.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import jorn.block.calendar.TrackerGrid;
import jorn.block.paper.RuledLines;
import jorn.block.paper.Ruling;
import jorn.block.paper.Space;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.say.SettingKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The settings of a part, shown and changed without knowing what kind of part it is. */
class PartSettingsTest {
    static List<NodeKind.Offer<?>> kinds() {
        return NodeKinds.offers();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void whatIsShownAndTakenBackLeavesABlockAsItWas(NodeKind.Offer<?> kind) {
        for (Setting s : PartSettings.of(kind.fresh().get())) {
            assertFalse(s.name().isBlank());
            assertTrue(
                    Character.isUpperCase(s.name().charAt(0)), s.name() + " is a name of the code, not of the trade");
            Object value = s.options().isEmpty() && s.kind() != SettingKind.SWITCH
                    ? s.read(s.written(Unit.MILLIMETRE), Unit.MILLIMETRE)
                    : s.value();
            Node back = PartSettings.with(kind.fresh().get(), s.id(), value);
            for (Setting again : PartSettings.of(back)) {
                String before = PartSettings.of(kind.fresh().get()).stream()
                        .filter(o -> o.id().equals(again.id()))
                        .findFirst()
                        .orElseThrow()
                        .written(Unit.MILLIMETRE);
                assertEquals(before, again.written(Unit.MILLIMETRE), kind.id() + "." + again.id());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyChoiceOfABlockCanBeMade(NodeKind.Offer<?> kind) {
        for (Setting s : PartSettings.of(kind.fresh().get())) {
            for (Setting.Option o : s.options()) {
                Node now = PartSettings.with(kind.fresh().get(), s.id(), o.value());
                assertTrue(PartSettings.of(now).stream()
                        .filter(n -> n.id().equals(s.id()))
                        .anyMatch(n -> n.isNow(o)));
            }
            if (s.kind() == SettingKind.SWITCH) {
                assertNotEquals(
                        kind.fresh().get(), PartSettings.with(kind.fresh().get(), s.id(), !(Boolean) s.value()));
            }
        }
    }

    @Test
    void aSettingInsideAnotherIsChangedByItsPath() {
        Node lines = new RuledLines(Ruling.customary());
        Setting spacing = named(lines, "ruling.spacing");
        Node now = PartSettings.with(lines, spacing.id(), spacing.read("9 mm", Unit.INCH));
        assertEquals("9 mm", named(now, "ruling.spacing").written(Unit.MILLIMETRE));
        Setting grey = named(lines, "ruling.strength");
        assertEquals("35 %", grey.written(Unit.INCH));
        assertEquals(0.5, (Double) grey.read("50%", Unit.INCH), 1e-12);
    }

    @Test
    void daysOfTheWeekAreCountedFromOne() {
        Node day = SampleFlow.day(0);
        Setting which = named(day, "day");
        assertEquals("1", which.written(Unit.INCH));
        assertEquals(6, which.read("7", Unit.INCH));
        assertThrows(Trouble.class, () -> PartSettings.with(day, "day", which.read("8", Unit.INCH)));
    }

    @Test
    void typeIsMeasuredInPoints() {
        Setting size = named(SampleFlow.heading("Notes"), "size");
        assertEquals(Length.points(14), size.read("14", Unit.MILLIMETRE));
        assertTrue(size.written(Unit.INCH).endsWith(" pt"));
    }

    @Test
    void whatMayBeEmptyCanBeEmptied() {
        Setting lines = named(SampleFlow.day(0), "spacing");
        assertEquals(Optional.empty(), lines.read(" ", Unit.INCH));
    }

    @Test
    void whatCannotBeDrawnIsRefusedInPlainWords() {
        Setting spacing = named(SampleFlow.checks(8), "spacing");
        Trouble zero = assertThrows(
                Trouble.class, () -> PartSettings.with(SampleFlow.checks(8), "spacing", spacing.read("0", Unit.INCH)));
        assertTrue(zero.getMessage().contains("Choose 1 mm to 200 mm"), zero.getMessage());
        Setting rows = named(new TrackerGrid(8, 0, false), "rows");
        assertThrows(Trouble.class, () -> rows.read("some", Unit.INCH));
        assertThrows(Trouble.class, () -> PartSettings.with(new TrackerGrid(8, 0, false), "rows", 41));
    }

    @Test
    void wordsOfAPartAreFoundToTypeOver() {
        assertEquals(
                "text",
                PartSettings.words(SampleFlow.heading("Notes")).orElseThrow().id());
        assertEquals(
                "title",
                PartSettings.words(SampleFlow.notes("Notes")).orElseThrow().id());
        assertEquals(Optional.empty(), PartSettings.words(new Space()));
    }

    @Test
    void roomIsGivenAsAShareAsAMeasureOrAsThePartWants() {
        Node column = Tree.insert(new Space(), NodePath.ROOT, Tree.Edge.ABOVE, SampleFlow.heading("Notes"));
        assertEquals(Extent.NATURAL, Tree.extent(column, NodePath.of(0)).orElseThrow());
        Node now = Tree.withExtent(column, NodePath.of(0), Extent.fixed(Length.mm(30)));
        assertEquals(
                Length.mm(30),
                Tree.extent(now, NodePath.of(0)).orElseThrow().fixed().orElseThrow());
        assertThrows(Trouble.class, () -> Tree.withExtent(column, NodePath.of(0), Extent.share(0)));
        assertEquals(Optional.empty(), Tree.extent(column, NodePath.ROOT));
    }

    private static Setting named(Node node, String id) {
        return PartSettings.of(node).stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void nearlyEveryBlockHasSettings() {
        long without = NodeKinds.offers().stream()
                .filter(o -> PartSettings.of(o.fresh().get()).isEmpty())
                .count();
        assertTrue(
                without <= 2 && NodeKinds.offers().size() > 30,
                without + " of " + NodeKinds.offers().size());
    }
}
