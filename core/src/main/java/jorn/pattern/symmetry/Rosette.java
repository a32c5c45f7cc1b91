package jorn.pattern.symmetry;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Turn;
import jorn.json.Required;
import jorn.measure.Trouble;

/**
 * The symmetry of a figure about a point: so many turns, with mirrors (the dihedral groups D) or without (the cyclic groups C).
 *
 * @param order how many turns bring it onto itself, 1 to 24
 * @param mirrored whether it has mirrors as well
 */
public record Rosette(@Required int order, boolean mirrored) {
    /** The largest order. */
    public static final int MOST = 24;

    public Rosette {
        if (order < 1 || order > MOST) {
            throw Trouble.of("pattern.refused.rosette-order", order, MOST);
        }
    }

    /** {@code C5} or {@code D12}. */
    public String id() {
        return (mirrored ? "D" : "C") + order;
    }

    /**
     * Reads {@code C5} or {@code D12}.
     *
     * @throws Trouble where it is neither
     */
    public static Rosette of(String id) {
        String s = id.strip().toUpperCase(java.util.Locale.ROOT);
        if (!s.matches("[CD]\\d{1,2}")) {
            throw Trouble.of("pattern.refused.no-such-rosette", id.strip());
        }
        return new Rosette(Integer.parseInt(s.substring(1)), s.charAt(0) == 'D');
    }

    /** Every move about the origin that brings it onto itself. */
    public List<Turn> turns() {
        List<Turn> all = new ArrayList<>();
        for (int i = 0; i < order; i++) {
            Turn turn = Turn.about(0, 0, 360.0 * i / order);
            all.add(turn);
            if (mirrored) {
                all.add(turn.after(new Turn(-1, 0, 0, 1, 0, 0)));
            }
        }
        return all;
    }
}
