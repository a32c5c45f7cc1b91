package jorn.pattern.symmetry;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import jorn.art.Turn;
import jorn.measure.Trouble;
import jorn.pattern.symmetry.Lattice.CellForm;
import jorn.say.Wording;

/**
 * The 17 ways in which a pattern can repeat over the plane: the plane groups 1 to 17 of the International Tables for Crystallography, volume A,
 * with the general positions that these list. In the names, p and c tell the cell, a figure the turns, m a mirror, g a glide.
 */
public enum WallpaperGroup {
    P1(CellForm.OBLIQUE, "x,y"),
    P2(CellForm.OBLIQUE, "x,y -x,-y"),
    PM(CellForm.RECTANGULAR, "x,y -x,y"),
    PG(CellForm.RECTANGULAR, "x,y -x,y+1/2"),
    CM(CellForm.CENTRED, "x,y -x,y"),
    PMM(CellForm.RECTANGULAR, "x,y -x,-y -x,y x,-y"),
    PMG(CellForm.RECTANGULAR, "x,y -x,-y -x+1/2,y x+1/2,-y"),
    PGG(CellForm.RECTANGULAR, "x,y -x,-y -x+1/2,y+1/2 x+1/2,-y+1/2"),
    CMM(CellForm.CENTRED, "x,y -x,-y -x,y x,-y"),
    P4(CellForm.SQUARE, "x,y -x,-y -y,x y,-x"),
    P4M(CellForm.SQUARE, "x,y -x,-y -y,x y,-x -x,y x,-y y,x -y,-x"),
    P4G(CellForm.SQUARE, "x,y -x,-y -y,x y,-x -x+1/2,y+1/2 x+1/2,-y+1/2 y+1/2,x+1/2 -y+1/2,-x+1/2"),
    P3(CellForm.HEXAGONAL, "x,y -y,x-y -x+y,-x"),
    P3M1(CellForm.HEXAGONAL, "x,y -y,x-y -x+y,-x -y,-x -x+y,y x,x-y"),
    P31M(CellForm.HEXAGONAL, "x,y -y,x-y -x+y,-x y,x x-y,-y -x,-x+y"),
    P6(CellForm.HEXAGONAL, "x,y -y,x-y -x+y,-x -x,-y y,-x+y x-y,x"),
    P6M(CellForm.HEXAGONAL, "x,y -y,x-y -x+y,-x -x,-y y,-x+y x-y,x -y,-x -x+y,y x,x-y y,x x-y,-y -x,-x+y");

    private final CellForm kind;
    private final List<Operation> operations;

    WallpaperGroup(CellForm kind, String positions) {
        this.kind = kind;
        List<Operation> all = new ArrayList<>();
        for (String position : positions.split(" ")) {
            all.add(Positions.read(position));
        }
        if (kind == CellForm.CENTRED) {
            for (Operation o : List.copyOf(all)) {
                all.add(new Operation(o.a(), o.b(), o.c(), o.d(), o.e() + 0.5, o.f() + 0.5).reduced());
            }
        }
        this.operations = List.copyOf(all);
    }

    /** The short name, as the International Tables have it: {@code p4m}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** What repeats in it, in plain words. */
    public String says() {
        return Wording.of("pattern.group." + id());
    }

    /**
     * Finds a group by its short name.
     *
     * @throws Trouble that lists the names
     */
    public static WallpaperGroup of(String id) {
        for (WallpaperGroup group : values()) {
            if (group.id().equals(id.strip().toLowerCase(Locale.ROOT))) {
                return group;
            }
        }
        List<String> names = new ArrayList<>();
        for (WallpaperGroup group : values()) {
            names.add(group.id());
        }
        throw Trouble.of("pattern.refused.no-such-group", id.strip(), String.join(", ", names));
    }

    public CellForm kind() {
        return kind;
    }

    /** Every move that leaves the pattern as it is, but for whole steps of the cell; the first one moves nothing. */
    public List<Operation> operations() {
        return operations;
    }

    /** The same as turns of the page. */
    public List<Turn> turns(Lattice lattice) {
        return operations.stream().map(o -> o.on(lattice)).toList();
    }

    /** How often a motif comes in every cell. */
    public int times() {
        return operations.size();
    }

    /** A lattice of the kind that it needs. */
    public Lattice lattice(double side, double turn) {
        return Lattice.of(kind, side, turn);
    }
}
