package jorn.recipe;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.recipe.Setting.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The settings of a part, shown and changed without knowing what kind of part it is. */
class PartSettingsTest {
    static List<Blocks.Kind> kinds() {
        return Blocks.all();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void whatIsShownAndTakenBackLeavesABlockAsItWas(Blocks.Kind kind) {
        for (Setting s : PartSettings.of(kind.fresh())) {
            assertFalse(s.name().isBlank());
            assertTrue(
                    Character.isUpperCase(s.name().charAt(0)), s.name() + " is a name of the code, not of the trade");
            Object value = s.options().isEmpty() && s.kind() != Kind.SWITCH
                    ? s.read(s.written(Unit.MILLIMETRE), Unit.MILLIMETRE)
                    : s.value();
            Node back = PartSettings.with(kind.fresh(), s.id(), value);
            for (Setting again : PartSettings.of(back)) {
                String before = PartSettings.of(kind.fresh()).stream()
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
    void everyChoiceOfABlockCanBeMade(Blocks.Kind kind) {
        for (Setting s : PartSettings.of(kind.fresh())) {
            for (Setting.Option o : s.options()) {
                Node now = PartSettings.with(kind.fresh(), s.id(), o.value());
                assertTrue(PartSettings.of(now).stream()
                        .filter(n -> n.id().equals(s.id()))
                        .anyMatch(n -> n.isNow(o)));
            }
            if (s.kind() == Kind.SWITCH) {
                assertNotEquals(kind.fresh(), PartSettings.with(kind.fresh(), s.id(), !(Boolean) s.value()));
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
        Node day = Make.day(0);
        Setting which = named(day, "day");
        assertEquals("1", which.written(Unit.INCH));
        assertEquals(6, which.read("7", Unit.INCH));
        assertThrows(Trouble.class, () -> PartSettings.with(day, "day", which.read("8", Unit.INCH)));
    }

    @Test
    void typeIsMeasuredInPoints() {
        Setting size = named(Make.heading("Notes"), "size");
        assertEquals(Length.points(14), size.read("14", Unit.MILLIMETRE));
        assertTrue(size.written(Unit.INCH).endsWith(" pt"));
    }

    @Test
    void whatMayBeEmptyCanBeEmptied() {
        Setting lines = named(Make.day(0), "spacing");
        assertEquals(Optional.empty(), lines.read(" ", Unit.INCH));
    }

    @Test
    void whatCannotBeDrawnIsRefusedInPlainWords() {
        Setting spacing = named(Make.checks(8), "spacing");
        Trouble zero = assertThrows(
                Trouble.class, () -> PartSettings.with(Make.checks(8), "spacing", spacing.read("0", Unit.INCH)));
        assertTrue(zero.getMessage().contains("Choose 1 mm to 200 mm"), zero.getMessage());
        Setting rows = named(new TrackerGrid(8, 0, false), "rows");
        assertThrows(Trouble.class, () -> rows.read("some", Unit.INCH));
        assertThrows(Trouble.class, () -> PartSettings.with(new TrackerGrid(8, 0, false), "rows", 41));
    }

    @Test
    void wordsOfAPartAreFoundToTypeOver() {
        assertEquals(
                "text", PartSettings.words(Make.heading("Notes")).orElseThrow().id());
        assertEquals(
                "title", PartSettings.words(Make.notes("Notes")).orElseThrow().id());
        assertEquals(Optional.empty(), PartSettings.words(new Space()));
    }

    @Test
    void roomIsGivenAsAShareAsAMeasureOrAsThePartWants() {
        Node column = Rework.insert(new Space(), List.of(), Rework.Edge.ABOVE, Make.heading("Notes"));
        assertEquals(Rework.Extent.NATURAL, Rework.extent(column, List.of(0)).orElseThrow());
        Node now = Rework.withExtent(column, List.of(0), Rework.Extent.fixed(Length.mm(30)));
        assertEquals(
                Length.mm(30),
                Rework.extent(now, List.of(0)).orElseThrow().fixed().orElseThrow());
        assertThrows(Trouble.class, () -> Rework.withExtent(column, List.of(0), Rework.Extent.share(0)));
        assertEquals(Optional.empty(), Rework.extent(column, List.of()));
    }

    private static Setting named(Node node, String id) {
        return PartSettings.of(node).stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
