package jorn.text;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;
import jorn.measure.Trouble;
import jorn.say.Wording;
import jorn.text.Typeface.Style;

/** The typefaces that ship with Jorn. Their licences lie beside them in the fonts folder. */
public final class TypeShelf {
    private static final Map<String, Face> FACES = new HashMap<>();
    private static final List<Typeface> TYPEFACES = load();
    private static final List<Typeface> STAND_INS = standIns();

    private TypeShelf() {}

    /** All that may be chosen: those that ship, and those that the user brought in. */
    public static List<Typeface> typefaces() {
        List<Typeface> own = OwnFaces.all();
        return own.isEmpty()
                ? TYPEFACES
                : Stream.concat(TYPEFACES.stream(), own.stream()).toList();
    }

    /** Those that ship. */
    public static List<Typeface> shipped() {
        return TYPEFACES;
    }

    /** @throws Trouble naming the typefaces that there are */
    public static Typeface typeface(String id) {
        if (id.startsWith(OwnFaces.PREFIX)) {
            return OwnFaces.find(id).orElseGet(() -> OwnFaces.missing(id));
        }
        return TYPEFACES.stream()
                .filter(t -> t.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Trouble.of(
                        "text.type-shelf.there-no-typeface",
                        id,
                        String.join(", ", TYPEFACES.stream().map(Typeface::id).toList())));
    }

    /**
     * The faces that take over where a chosen one lacks a letter: Latin with Greek and Cyrillic, Hebrew and Arabic, the characters of
     * JIS X 0208, GB 2312 and KS X 1001. They are not offered to be chosen.
     */
    public static List<Typeface> standInFaces() {
        return STAND_INS;
    }

    /**
     * The face in which a text is set: the chosen one where it has every letter, otherwise the first stand-in that has, and where none
     * has, the one that lacks fewest.
     */
    public static Face able(Face chosen, String text) {
        if (chosen.canWrite(text)) {
            return chosen;
        }
        boolean bold = chosen.id().contains("bold") || chosen.id().contains("black");
        Face best = chosen;
        long least = chosen.lacking(text);
        for (Typeface each : STAND_INS) {
            Face face = each.face(bold ? Style.BOLD : Style.REGULAR);
            long lacking = face.lacking(text);
            if (lacking < least) {
                best = face;
                least = lacking;
            }
        }
        return best;
    }

    /** The typeface that a face belongs to. */
    public static Typeface owner(Face face) {
        return Stream.concat(typefaces().stream(), STAND_INS.stream())
                .filter(t -> t.faces().containsValue(face))
                .findFirst()
                .orElseThrow();
    }

    /** Whether a face only stands in for others. */
    public static boolean isStandIn(Face face) {
        return STAND_INS.stream().anyMatch(t -> t.faces().containsValue(face));
    }

    /** The letters of a text that no face has in which it could be set. */
    public static SortedSet<String> lacking(Face chosen, String text) {
        Face face = able(chosen, text);
        SortedSet<String> missing = new TreeSet<>();
        text.codePoints()
                .filter(c -> isSeen(c) && !face.font().canDisplay(c))
                .forEach(c -> missing.add(Character.toString(c)));
        return missing;
    }

    /** Whether something is printed for a character: not for signs that only steer, nor for such as there are not. */
    static boolean isSeen(int character) {
        return switch (Character.getType(character)) {
            case Character.CONTROL,
                    Character.FORMAT,
                    Character.LINE_SEPARATOR,
                    Character.PARAGRAPH_SEPARATOR,
                    Character.SURROGATE,
                    Character.UNASSIGNED -> false;
            default -> true;
        };
    }

    /** The face that a {@link jorn.art.GlyphRun} names. */
    public static Face face(String id) {
        Face face = id.startsWith(OwnFaces.PREFIX) ? OwnFaces.face(id).orElse(null) : FACES.get(id);
        if (face == null) {
            throw new IllegalArgumentException("no face " + id);
        }
        return face;
    }

    private static List<Typeface> load() {
        List<Typeface> all = new ArrayList<>();
        all.add(typeface("alegreya", "Alegreya", Wording.of("text.manner.alegreya"), "AlegreyaLining", Style.values()));
        all.add(typeface(
                "alegreya-sans",
                "Alegreya Sans",
                Wording.of("text.manner.alegreya-sans"),
                "AlegreyaSansLining",
                Style.values()));
        Style[] four = {Style.REGULAR, Style.ITALIC, Style.BOLD, Style.BOLD_ITALIC};
        all.add(typeface("garamond", "EB Garamond", Wording.of("text.manner.garamond"), "EBGaramond", four));
        all.add(typeface("work-sans", "Work Sans", Wording.of("text.manner.work-sans"), "WorkSans", four));
        all.add(typeface(
                "atkinson", "Atkinson Hyperlegible", Wording.of("text.manner.atkinson"), "AtkinsonHyperlegible", four));
        all.add(typeface("caveat", "Caveat", Wording.of("text.manner.caveat"), "Caveat", Style.REGULAR, Style.BOLD));
        Style[] three = {Style.REGULAR, Style.ITALIC, Style.BOLD};
        Style[] two = {Style.REGULAR, Style.BOLD};
        all.add(typeface("jost", "Jost", Wording.of("text.manner.jost"), "Jost", three));
        all.add(typeface("jost-light", "Jost Light", Wording.of("text.manner.jost-light"), "JostLight", three));
        all.add(typeface("caslon", "Libre Caslon Text", Wording.of("text.manner.caslon"), "LibreCaslon", three));
        all.add(typeface("cormorant", "Cormorant", Wording.of("text.manner.cormorant"), "Cormorant", three));
        all.add(typeface("archivo", "Archivo", Wording.of("text.manner.archivo"), "Archivo", three));
        all.add(typeface(
                "archivo-black",
                "Archivo Black",
                Wording.of("text.manner.archivo-black"),
                "ArchivoBlack",
                Style.REGULAR));
        all.add(typeface("fraunces", "Fraunces", Wording.of("text.manner.fraunces"), "Fraunces", three));
        all.add(typeface("fredoka", "Fredoka", Wording.of("text.manner.fredoka"), "Fredoka", two));
        all.add(typeface("quicksand", "Quicksand", Wording.of("text.manner.quicksand"), "Quicksand", two));
        all.add(typeface(
                "young-serif", "Young Serif", Wording.of("text.manner.young-serif"), "YoungSerif", Style.REGULAR));
        all.add(typeface("bitter", "Bitter", Wording.of("text.manner.bitter"), "Bitter", three));
        all.add(typeface("baloo", "Baloo 2", Wording.of("text.manner.baloo"), "Baloo", two));
        Style[] upright = {Style.REGULAR, Style.ITALIC};
        all.add(display("dm-serif-display", "DM Serif Display", "DMSerifDisplay", upright));
        all.add(display("playfair", "Playfair Display", "PlayfairDisplay", three));
        all.add(display("abril-fatface", "Abril Fatface", "AbrilFatface", Style.REGULAR));
        all.add(display("cinzel", "Cinzel", "Cinzel", two));
        all.add(display("zilla-slab", "Zilla Slab", "ZillaSlab", three));
        all.add(display("alfa-slab", "Alfa Slab One", "AlfaSlabOne", Style.REGULAR));
        all.add(display("oswald", "Oswald", "Oswald", two));
        all.add(display("bebas-neue", "Bebas Neue", "BebasNeue", Style.REGULAR));
        all.add(display("poiret-one", "Poiret One", "PoiretOne", Style.REGULAR));
        all.add(display("righteous", "Righteous", "Righteous", Style.REGULAR));
        all.add(display("shrikhand", "Shrikhand", "Shrikhand", Style.REGULAR));
        all.add(display("dancing-script", "Dancing Script", "DancingScript", two));
        all.add(display("amatic", "Amatic SC", "AmaticSC", two));
        return List.copyOf(all);
    }

    private static Typeface display(String id, String name, String file, Style... styles) {
        return typeface(id, name, Wording.of("text.manner." + id), file, styles);
    }

    private static List<Typeface> standIns() {
        Style[] two = {Style.REGULAR, Style.BOLD};
        return List.of(
                typeface("jorn-world", "Jorn World", "", "JornWorld", two),
                typeface("rubik", "Rubik", "", "Rubik", two),
                typeface("jorn-han-j", "Jorn Han J", "", "JornHanJ", Style.REGULAR),
                typeface("jorn-han-g", "Jorn Han G", "", "JornHanG", Style.REGULAR),
                typeface("jorn-han-k", "Jorn Han K", "", "JornHanK", Style.REGULAR));
    }

    private static Typeface typeface(String id, String name, String manner, String file, Style... styles) {
        Map<Style, Face> faces = new EnumMap<>(Style.class);
        for (Style style : styles) {
            String faceId = id + "-" + style.file.toLowerCase(Locale.ROOT);
            Face face = new Face(faceId, file + "-" + style.file + ".ttf");
            faces.put(style, face);
            FACES.put(faceId, face);
        }
        return new Typeface(id, name, manner, faces);
    }
}
