package jorn.recipe;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.recipe.Setting.Kind;
import jorn.recipe.Setting.Option;

/**
 * The settings of any part of a design, or of what stands on a page besides it. They are read from the part's own record, so that a new kind of block needs nothing
 * here but names for what it adds.
 */
public final class PartSettings {
    private static final Set<String> TYPE_SIZES = Set.of(
            "TextBlock.size", "Quote.size", "ContentsList.size", "Folio.size", "RunningHead.size", "DateLine.size");

    private static final Set<String> WEIGHTS = Set.of("Ruling.weight", "Border.weight", "Framed.border");
    private static final Set<String> PARTS_OF_ONE =
            Set.of("Ruling.strength", "PictureBlock.opacity", "Decoration.opacity");
    private static final Set<String> PICTURES = Set.of("PictureBlock.picture", "Border.picture", "Decoration.picture");
    /** What is chosen elsewhere: by inserting and removing parts. */
    private static final Set<String> LEFT_OUT = Set.of("Column.parts", "Row.parts");

    private static final Map<String, String> NAMES = Map.ofEntries(
            Map.entry("text", "Words"),
            Map.entry("TextBlock.voice", "Typeface of"),
            Map.entry("style", "Style"),
            Map.entry("size", "Size"),
            Map.entry("TextBlock.size", "Type size"),
            Map.entry("Quote.size", "Type size"),
            Map.entry("ContentsList.size", "Type size"),
            Map.entry("Folio.size", "Type size"),
            Map.entry("RunningHead.size", "Type size"),
            Map.entry("DateLine.size", "Type size"),
            Map.entry("Guides.size", "Cell or height"),
            Map.entry("DayCircles.size", "Across"),
            Map.entry("Ornament.size", "Height"),
            Map.entry("align", "Stands"),
            Map.entry("TextBlock.undated", "Undated, a line for"),
            Map.entry("Ruling.spacing", "Lines, every"),
            Map.entry("Ruling.weight", "Thickness"),
            Map.entry("Ruling.strength", "Grey"),
            Map.entry("Ruling.reach", "Lines run"),
            Map.entry("Guides.kind", "What kind"),
            Map.entry("spacing", "Line to line"),
            Map.entry("DayBlock.spacing", "Lines, every"),
            Map.entry("sign", "Sign"),
            Map.entry("CheckList.sign", "What is ticked"),
            Map.entry("small", "Small, to look up"),
            Map.entry("weekNumbers", "Week numbers"),
            Map.entry("neighbours", "Neighbours' days"),
            Map.entry("MonthGrid.month", "Months from this"),
            Map.entry("MonthGrid.days", "Days"),
            Map.entry("YearGrid.columns", "Side by side"),
            Map.entry("YearGrid.months", "Months"),
            Map.entry("DayBlock.day", "Day of the week"),
            Map.entry("DayBlock.beside", "Date at the side"),
            Map.entry("TimeSlots.from", "From, o'clock"),
            Map.entry("TimeSlots.to", "To, o'clock"),
            Map.entry("TimeSlots.lines", "Lines each hour"),
            Map.entry("TimeSlots.twelve", "As 7 am, 7 pm"),
            Map.entry("TrackerGrid.rows", "Things tracked"),
            Map.entry("TrackerGrid.columns", "Boxes (0: days)"),
            Map.entry("TrackerGrid.round", "Round boxes"),
            Map.entry("label", "Label"),
            Map.entry("steps", "Steps"),
            Map.entry("headings", "Headings"),
            Map.entry("widths", "Widths (shares)"),
            Map.entry("TableBlock.row", "Row height"),
            Map.entry("shaded", "Every other shaded"),
            Map.entry("height", "Height"),
            Map.entry("padding", "Room inside"),
            Map.entry("tint", "Tint behind"),
            Map.entry("Framed.border", "Border"),
            Map.entry("title", "Title"),
            Map.entry("corners", "Corners"),
            Map.entry("Border.lines", "Lines"),
            Map.entry("gap", "Gap"),
            Map.entry("weight", "Thickness"),
            Map.entry("colour", "Colour of"),
            Map.entry("picture", "Picture"),
            Map.entry("fit", "Picture is"),
            Map.entry("opacity", "Opacity"),
            Map.entry("shape", "Drawing"),
            Map.entry("form", "Form"),
            Map.entry("moods", "Moods"),
            Map.entry("count", "How many"),
            Map.entry("source", "Who said it"),
            Map.entry("Quote.rules", "Lines round it"),
            Map.entry("RunningHead.rule", "Line below"),
            Map.entry("RunningHead.verso", "Left-hand pages"),
            Map.entry("RunningHead.recto", "Right-hand pages"),
            Map.entry("place", "Where"),
            Map.entry("anchor", "Where"),
            Map.entry("mirrored", "Mirrored on versos"),
            Map.entry("inTurn", "Turned over in turn"),
            Map.entry("toEdge", "Runs off the page"),
            Map.entry("Decoration.size", "Height"),
            Map.entry("around", "Signs around"),
            Map.entry("alternate", "Every other tinted"));

    private static final Map<Object, String> WORDS = Map.of(
            Ruling.Reach.MARGINS, "within the margins",
            Ruling.Reach.EDGE, "off the page",
            PictureBlock.Fit.WHOLE, "shown whole",
            PictureBlock.Fit.FILL, "filling its room",
            TextBlock.Voice.BODY, "text",
            TextBlock.Voice.HEADING, "headings",
            TextBlock.Voice.FIGURES, "figures");

    private PartSettings() {}

    /**
     * The settings of a part, without those of the parts inside it.
     *
     * @param part a record
     */
    public static List<Setting> of(Object part) {
        return of(part, "");
    }

    private static List<Setting> of(Object owner, String before) {
        List<Setting> all = new ArrayList<>();
        for (RecordComponent c : owner.getClass().getRecordComponents()) {
            String key = owner.getClass().getSimpleName() + "." + c.getName();
            if (LEFT_OUT.contains(key) || Node.class.isAssignableFrom(c.getType())) {
                continue;
            }
            Object value = value(owner, c);
            if (isNested(c)) {
                all.addAll(of(value, before + c.getName() + "."));
            } else {
                all.add(setting(key, before + c.getName(), c, value));
            }
        }
        return all;
    }

    /** A record of further settings, rather than a value. */
    private static boolean isNested(RecordComponent c) {
        return c.getType().isRecord() && c.getType() != Length.class;
    }

    private static Setting setting(String key, String id, RecordComponent c, Object value) {
        Type type = c.getGenericType();
        boolean optional = c.getType() == Optional.class;
        Type bare = optional ? ((ParameterizedType) type).getActualTypeArguments()[0] : type;
        List<Option> options = bare instanceof Class<?> k && k.isEnum() ? options(k) : List.of();
        Object shown = value == null ? "" : value;
        return new Setting(id, nameOf(key, c.getName()), kind(key, bare), shown, options);
    }

    private static Kind kind(String key, Type bare) {
        if (PICTURES.contains(key)) {
            return Kind.PICTURE;
        }
        if (bare == Length.class) {
            return TYPE_SIZES.contains(key) ? Kind.TYPE_SIZE : Kind.LENGTH;
        }
        if (bare == double.class || bare == Double.class) {
            return WEIGHTS.contains(key) ? Kind.WEIGHT : PARTS_OF_ONE.contains(key) ? Kind.PER_CENT : Kind.NUMBER;
        }
        if (bare == int.class || bare == Integer.class) {
            return key.equals("DayBlock.day") ? Kind.ORDINAL : Kind.WHOLE;
        }
        if (bare == boolean.class) {
            return Kind.SWITCH;
        }
        if (bare instanceof ParameterizedType list) {
            return list.getActualTypeArguments()[0] == Double.class ? Kind.NUMBER_LIST : Kind.WORD_LIST;
        }
        return bare instanceof Class<?> k && k.isEnum() ? Kind.CHOICE : Kind.WORDS;
    }

    private static String nameOf(String key, String component) {
        return NAMES.getOrDefault(key, NAMES.getOrDefault(component, component));
    }

    private static List<Option> options(Class<?> kind) {
        return Arrays.stream(kind.getEnumConstants())
                .map(each -> new Option(each, wordFor(each)))
                .toList();
    }

    private static String wordFor(Object each) {
        String plain = ((Enum<?>) each).name().toLowerCase(Locale.ROOT).replace('_', ' ');
        return WORDS.getOrDefault(each, plain.replace("fore edge", "fore-edge"));
    }

    /**
     * The part with one setting changed.
     *
     * @param id of the setting
     * @param value of the kind that the setting has
     * @throws Trouble where the part refuses it
     * @throws IllegalArgumentException where the part has no such setting
     */
    @SuppressWarnings("unchecked")
    public static <T> T with(T part, String id, Object value) {
        return (T) changed(part, id, value);
    }

    private static Object changed(Object owner, String id, Object value) {
        String own = id.contains(".") ? id.substring(0, id.indexOf('.')) : id;
        RecordComponent[] all = owner.getClass().getRecordComponents();
        Object[] values = new Object[all.length];
        Class<?>[] types = new Class<?>[all.length];
        boolean found = false;
        for (int i = 0; i < all.length; i++) {
            types[i] = all[i].getType();
            values[i] = value(owner, all[i]);
            if (all[i].getName().equals(own)) {
                found = true;
                values[i] = own.equals(id) ? value : changed(values[i], id.substring(own.length() + 1), value);
            }
        }
        if (!found) {
            throw new IllegalArgumentException("no setting " + id + " in " + owner);
        }
        try {
            return owner.getClass().getDeclaredConstructor(types).newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof Trouble refused) {
                throw refused;
            }
            throw new IllegalStateException(e.getCause());
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Object value(Object owner, RecordComponent c) {
        try {
            return c.getAccessor().invoke(owner);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The setting whose words are typed over on the page itself, if the part has words. */
    public static Optional<Setting> words(Node part) {
        List<Setting> all = of(part);
        for (String id : List.of("text", "title", "label", "headings", "moods")) {
            Optional<Setting> found =
                    all.stream().filter(s -> s.id().equals(id)).findFirst();
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }
}
