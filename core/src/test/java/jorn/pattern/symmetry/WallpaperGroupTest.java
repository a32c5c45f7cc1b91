package jorn.pattern.symmetry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import jorn.measure.Trouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Against the plane groups of the International Tables for Crystallography, volume A: order of the general position, point group, system. */
class WallpaperGroupTest {
    @ParameterizedTest
    @CsvSource({
        "p1,1,1,0",
        "p2,2,2,0",
        "pm,2,1,1",
        "pg,2,1,1",
        "cm,4,1,1",
        "pmm,4,2,1",
        "pmg,4,2,1",
        "pgg,4,2,1",
        "cmm,8,2,1",
        "p4,4,4,0",
        "p4m,8,4,1",
        "p4g,8,4,1",
        "p3,3,3,0",
        "p3m1,6,3,1",
        "p31m,6,3,1",
        "p6,6,6,0",
        "p6m,12,6,1"
    })
    void hasTheMultiplicityAndThePointGroupOfTheTables(String id, int times, int turns, int mirrors) {
        WallpaperGroup group = WallpaperGroup.of(id);
        assertEquals(times, group.times());
        assertEquals(
                turns,
                group.operations().stream()
                        .filter(o -> !o.mirrors())
                        .mapToInt(Operation::order)
                        .max()
                        .orElseThrow());
        assertEquals(mirrors == 1, group.operations().stream().anyMatch(Operation::mirrors));
    }

    @ParameterizedTest
    @EnumSource(WallpaperGroup.class)
    void isClosedUnderMakingOneMoveAfterAnother(WallpaperGroup group) {
        for (Operation a : group.operations()) {
            for (Operation b : group.operations()) {
                Operation both = a.after(b);
                assertEquals(1, group.operations().stream().filter(both::isLike).count(), a + " after " + b);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(WallpaperGroup.class)
    void everyMoveKeepsLengthsOnThePage(WallpaperGroup group) {
        group.turns(group.lattice(50, 13)).forEach(t -> {
            assertEquals(1, Math.hypot(t.a(), t.b()), 1e-9);
            assertEquals(1, Math.hypot(t.c(), t.d()), 1e-9);
            assertEquals(0, t.a() * t.c() + t.b() * t.d(), 1e-9);
        });
    }

    @ParameterizedTest
    @EnumSource(WallpaperGroup.class)
    void aCellIsAsLargeAsItsSquare(WallpaperGroup group) {
        assertEquals(2500, group.lattice(50, 31).area(), 1e-6);
    }

    @ParameterizedTest
    @EnumSource(WallpaperGroup.class)
    void theMovesOfAGroupAreRecognised(WallpaperGroup group) {
        assertEquals(group, GroupNamer.name(group.operations()));
    }

    /** The generators that the tables select, not all positions. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "p2;-x,-y",
                "pm;-x,y",
                "pg;-x,y+1/2",
                "pmm;-x,-y -x,y",
                "pmg;-x,-y -x+1/2,y",
                "pgg;-x,-y -x+1/2,y+1/2",
                "p4;-x,-y -y,x",
                "p4m;-x,-y -y,x -x,y",
                "p4g;-x,-y -y,x -x+1/2,y+1/2",
                "p3;-y,x-y",
                "p3m1;-y,x-y -y,-x",
                "p31m;-y,x-y y,x",
                "p6;-y,x-y -x,-y",
                "p6m;-y,x-y -x,-y -y,-x"
            })
    void generatorsMakeTheWholeGroup(String id, String generators) {
        List<Operation> moves = new ArrayList<>();
        for (String each : generators.split(" ")) {
            moves.add(Positions.read(each));
        }
        assertEquals(WallpaperGroup.of(id), GroupNamer.name(moves));
    }

    /** The tables list these as subgroups of the same cell: with the further move the group above is made. */
    @Test
    void aFurtherMoveRaisesAGroup() {
        assertEquals(WallpaperGroup.PMM, raised(WallpaperGroup.PM, "x,-y"));
        assertEquals(WallpaperGroup.P4M, raised(WallpaperGroup.P4, "y,x"));
        assertEquals(WallpaperGroup.P4G, raised(WallpaperGroup.P4, "y+1/2,x+1/2"));
        assertEquals(WallpaperGroup.P6, raised(WallpaperGroup.P3, "-x,-y"));
        assertEquals(WallpaperGroup.CM, raised(WallpaperGroup.PM, "x+1/2,y+1/2"));
        assertEquals(WallpaperGroup.CMM, raised(WallpaperGroup.PMM, "x+1/2,y+1/2"));
    }

    private static WallpaperGroup raised(WallpaperGroup group, String by) {
        List<Operation> moves = new ArrayList<>(group.operations());
        moves.add(Positions.read(by));
        return GroupNamer.name(moves);
    }

    /** A cell that is twice as long as it need be is the same pattern. */
    @Test
    void aFinerLatticeIsFoundWhereTheCellIsTooLarge() {
        assertEquals(
                WallpaperGroup.PM, GroupNamer.name(List.of(Positions.read("-x,y"), new Operation(1, 0, 0, 1, 0, 0.5))));
        assertEquals(
                WallpaperGroup.PG,
                GroupNamer.name(List.of(new Operation(-1, 0, 0, 1, 0, 0.25), new Operation(1, 0, 0, 1, 0, 0.5))));
    }

    @Test
    void friezesHaveTheMultiplicitiesOfVolumeE() {
        int[] times = {1, 2, 2, 2, 2, 4, 4};
        for (FriezeGroup frieze : FriezeGroup.values()) {
            assertEquals(times[frieze.ordinal()], frieze.times());
            assertEquals(frieze, FriezeGroup.of(frieze.id()));
        }
        assertThrows(Trouble.class, () -> FriezeGroup.of("p7"));
    }

    @Test
    void rosettesTurnSoManyTimes() {
        assertEquals(5, Rosette.of("C5").turns().size());
        assertEquals(24, Rosette.of("d12").turns().size());
        assertEquals("D12", Rosette.of("d12").id());
        assertThrows(Trouble.class, () -> Rosette.of("E4"));
        assertThrows(Trouble.class, () -> new Rosette(25, false));
        assertThrows(Trouble.class, () -> new Rosette(0, true));
    }

    @Test
    void anUnknownGroupIsRefusedWithTheNames() {
        Trouble refused = assertThrows(Trouble.class, () -> WallpaperGroup.of("p5"));
        assertTrue(refused.what().contains("p5"));
        assertTrue(refused.remedy().contains("p31m"));
    }
}
