package jorn.art;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import jorn.json.Required;
import jorn.say.Wording;

/**
 * The colours of a book by what they are for; one change recolours everything.
 *
 * @param id short and lasting
 * @param name in words
 * @param inks by role; a role that is missing is black or a tint of it
 */
public record Palette(@Required String id, @Required String name, Map<Role, Ink> inks) {
    /** What a colour is for. */
    public enum Role {
        TEXT("text", 1),
        HEADING("heading", 1),
        LINE("line", 0.42),
        SOFT_LINE("soft-line", 0.33),
        TINT("tint", 0.07),
        ACCENT("accent", 0.75),
        /** Further colours of drawings and panels; as the accent where a palette has none. */
        SECOND("second", 0.6),
        THIRD("third", 0.85),
        FOURTH("fourth", 0.5);

        private final String id;
        private final double black;

        Role(String id, double black) {
            this.id = id;
            this.black = black;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    /** A thinner line is ruled solid, in points (common practice). */
    public static final double THINNEST_TINTED = 0.75;

    /** Black and its tints only. */
    public static final Palette BLACK = new Palette("black", Wording.of("art.palette.black-only"), Map.of());

    public Palette {
        inks = inks == null ? Map.of() : Map.copyOf(inks);
    }

    public Ink ink(Role role) {
        Ink own = inks.get(role);
        if (own != null) {
            return own;
        }
        boolean further = role == Role.SECOND || role == Role.THIRD || role == Role.FOURTH;
        return further && inks.containsKey(Role.ACCENT) ? ink(Role.ACCENT) : Ink.black(role.black);
    }

    /**
     * The ink of a line of a thickness: where black is the only ink, a tint is dots, and a line thinner than three quarters of
     * a point is better solid (common practice).
     */
    public Ink lineInk(Role role, double weight) {
        Ink ink = ink(role);
        return weight < THINNEST_TINTED && !ink.isColoured() ? Ink.black(1) : ink;
    }

    /** The same colours mixed with the white of the paper. */
    public Palette faded(double opacity) {
        return recoloured((role, ink) -> ink.faded(opacity));
    }

    /** The same roles in other colours. */
    public Palette recoloured(BiFunction<Role, Ink, Ink> other) {
        Map<Role, Ink> now = new EnumMap<>(Role.class);
        for (Role role : Role.values()) {
            now.put(role, other.apply(role, ink(role)));
        }
        return new Palette(id, name, now);
    }

    /** Whether it needs more than black ink. */
    @JsonIgnore
    public boolean isColoured() {
        return inks.values().stream().anyMatch(Ink::isColoured);
    }

    /** Palettes to begin with. */
    public static List<Palette> shipped() {
        return List.of(
                BLACK,
                of("honey", Wording.of("art.palette.honey"), "3A2A12", "8A5A12", "C9A24A", "E3CF9F", "FBF3DF"),
                of("sedge", Wording.of("art.palette.sedge"), "1F2E26", "2F5D50", "7A9A86", "BFD0C4", "EEF3EE"),
                of("heather", Wording.of("art.palette.heather"), "2B2233", "6B4C6E", "A58BA8", "D3C4D5", "F4EEF4"),
                of("brick", Wording.of("art.palette.brick"), "33211C", "9C4530", "C98F7F", "E5C8BF", "FAF0EC"),
                of("harbour", Wording.of("art.palette.harbour"), "16222E", "27496D", "7C97B3", "BFCEDD", "EDF2F7"));
    }

    private static Palette of(
            String id, String name, String text, String accent, String line, String soft, String tint) {
        Map<Role, Ink> inks = new EnumMap<>(Role.class);
        inks.put(Role.TEXT, Ink.hex(text));
        inks.put(Role.HEADING, Ink.hex(accent));
        inks.put(Role.ACCENT, Ink.hex(accent));
        inks.put(Role.LINE, Ink.hex(line));
        inks.put(Role.SOFT_LINE, Ink.hex(soft));
        inks.put(Role.TINT, Ink.hex(tint));
        return new Palette(id, name, inks);
    }
}
