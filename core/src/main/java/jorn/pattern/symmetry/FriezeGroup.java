package jorn.pattern.symmetry;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import jorn.art.Turn;
import jorn.measure.Trouble;
import jorn.say.Label;

/**
 * The seven ways in which a border can repeat along a line: the frieze groups of the International Tables for Crystallography, volume E. One
 * step is one long; the middle of the strip is at y = 0.
 */
public enum FriezeGroup {
    @Label("pattern.frieze.p1")
    P1("x,y"),
    @Label("pattern.frieze.p2")
    P2("x,y -x,-y"),
    @Label("pattern.frieze.p1m1")
    P1M1("x,y -x,y"),
    @Label("pattern.frieze.p11m")
    P11M("x,y x,-y"),
    @Label("pattern.frieze.p11g")
    P11G("x,y x+1/2,-y"),
    @Label("pattern.frieze.p2mm")
    P2MM("x,y -x,-y -x,y x,-y"),
    @Label("pattern.frieze.p2mg")
    P2MG("x,y -x,-y -x+1/2,y x+1/2,-y");

    private final List<Operation> operations;

    FriezeGroup(String positions) {
        List<Operation> all = new ArrayList<>();
        for (String position : positions.split(" ")) {
            all.add(Positions.read(position));
        }
        operations = List.copyOf(all);
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * Finds one by its name.
     *
     * @throws Trouble where there is none
     */
    public static FriezeGroup of(String id) {
        for (FriezeGroup group : values()) {
            if (group.id().equals(id.strip().toLowerCase(Locale.ROOT))) {
                return group;
            }
        }
        throw Trouble.of("pattern.refused.no-such-frieze", id.strip());
    }

    /** How often a motif comes in every step. */
    public int times() {
        return operations.size();
    }

    /** Every move within one step, for steps of a length in points. */
    public List<Turn> turns(double step) {
        return operations.stream()
                .map(o -> new Turn(o.a(), o.c(), o.b(), o.d(), o.e() * step, 0))
                .toList();
    }
}
