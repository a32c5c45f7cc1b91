package jorn.recipe;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jorn.measure.Trouble;

/** The page designs that ship with Jorn, found by browsing and by search. */
public final class Catalogue {
    private static final Map<String, Entry> ALL = load();

    /**
     * A design with what helps to find it.
     *
     * @param group where it is found by browsing
     * @param words other words by which people look for it
     */
    public record Entry(Recipe recipe, String group, String words) {
        public String id() {
            return recipe.id();
        }

        public String name() {
            return recipe.name();
        }
    }

    private Catalogue() {}

    /** All designs, group by group. */
    public static List<Entry> all() {
        return List.copyOf(ALL.values());
    }

    /** The groups in order. */
    public static List<String> groups() {
        return all().stream().map(Entry::group).distinct().toList();
    }

    /** The designs whose name, group or words hold every word of the search. */
    public static List<Entry> search(String text) {
        String[] wanted = text.strip().toLowerCase(Locale.ROOT).split("\\s+");
        return all().stream()
                .filter(e -> {
                    String in = (e.name() + " " + e.group() + " " + e.words() + " " + e.id()).toLowerCase(Locale.ROOT);
                    return java.util.Arrays.stream(wanted).allMatch(in::contains);
                })
                .toList();
    }

    public static Optional<Entry> find(String id) {
        return Optional.ofNullable(ALL.get(id));
    }

    /** @throws Trouble where there is no such design */
    public static Recipe recipe(String id) {
        return find(id).map(Entry::recipe)
                .orElseThrow(() -> Trouble.of(
                        "There is no page design “" + id + "”.", "Choose one of those that “jorn recipes” lists."));
    }

    private static Map<String, Entry> load() {
        Map<String, Entry> all = new LinkedHashMap<>();
        for (List<Entry> part : List.of(
                PaperDesigns.all(), LogDesigns.all(), PlannerDesigns.all(), TrackerDesigns.all(), BookDesigns.all())) {
            for (Entry e : part) {
                if (all.put(e.id(), e) != null) {
                    throw new IllegalStateException("two designs " + e.id());
                }
            }
        }
        return all;
    }
}
