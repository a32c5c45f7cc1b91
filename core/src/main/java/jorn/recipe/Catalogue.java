package jorn.recipe;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jorn.json.Json;
import jorn.json.Required;
import jorn.layout.Node;
import jorn.measure.Trouble;
import jorn.say.Wording;
import org.jspecify.annotations.Nullable;

/**
 * The page designs that ship with Jorn, found by browsing and by search. Each is a file {@code jorn/recipe/designs/ID.json},
 * read when it is first asked for; {@code jorn/recipe/designs.txt} lists them, group by group, and the table of words {@code
 * designs} has their names. The words that they print are keys too, of the table {@code pages}; a design that is taken has words.
 */
public final class Catalogue {
    private static final String FOLDER = "/jorn/recipe/";

    /** What the words of a shipped design begin with where they are a key. */
    private static final String KEY = "@";

    /** A design's file. */
    private record DesignFile(@Required Node root) {}

    /** Loaded when the first design is asked for. */
    private static final class Shipped {
        private static final Map<String, Entry> ALL = load();
    }

    /** A design with what helps to find it; the design itself is read when it is asked for. */
    public static final class Entry {
        private final String id;
        private final String name;
        private final String group;
        private final String words;
        private @Nullable Recipe recipe;

        private Entry(String id, String name, String group, String words) {
            this.id = id;
            this.name = name;
            this.group = group;
            this.words = words;
        }

        public String id() {
            return id;
        }

        public String name() {
            return name;
        }

        /** Where it is found by browsing. */
        public String group() {
            return group;
        }

        /** Other words by which people look for it. */
        public String words() {
            return words;
        }

        public synchronized Recipe recipe() {
            if (recipe == null) {
                String what = Wording.of("recipe.catalogue.design", id);
                JsonNode tree = Json.read(resource("designs/" + id + ".json"), JsonNode.class, what);
                recipe = new Recipe(
                        id,
                        name,
                        Json.read(worded(tree), DesignFile.class, what).root());
            }
            return recipe;
        }
    }

    private Catalogue() {}

    /** All designs, group by group. */
    public static List<Entry> all() {
        return List.copyOf(Shipped.ALL.values());
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
                    return Arrays.stream(wanted).allMatch(in::contains);
                })
                .toList();
    }

    public static Optional<Entry> find(String id) {
        return Optional.ofNullable(Shipped.ALL.get(id));
    }

    /** @throws Trouble where there is no such design */
    public static Recipe recipe(String id) {
        return find(id).map(Entry::recipe).orElseThrow(() -> Trouble.of("recipe.catalogue.there-no-page-design", id));
    }

    private static Map<String, Entry> load() {
        Map<String, Entry> all = new LinkedHashMap<>();
        String index = new String(resource("designs.txt"), StandardCharsets.UTF_8);
        index.lines().forEach(line -> {
            String group = line.substring(0, line.indexOf(' '));
            String id = line.substring(line.indexOf(' ') + 1).strip();
            String words = Wording.find("designs.design." + id + ".find").orElse("");
            Entry entry =
                    new Entry(id, Wording.of("designs.design." + id), Wording.of("designs.group." + group), words);
            if (all.put(id, entry) != null) {
                throw new IllegalStateException("two designs " + id);
            }
        });
        return all;
    }

    /** The tree with words in place of keys: {@code "@habits"} stands for the words {@code pages.habits}. */
    private static JsonNode worded(JsonNode node) {
        if (node instanceof ObjectNode object) {
            object.properties().forEach(e -> e.setValue(worded(e.getValue())));
        } else if (node instanceof ArrayNode list) {
            for (int i = 0; i < list.size(); i++) {
                list.set(i, worded(list.get(i)));
            }
        } else if (node.isTextual() && node.asText().startsWith(KEY)) {
            return TextNode.valueOf(Wording.of("pages." + node.asText().substring(KEY.length())));
        }
        return node;
    }

    private static byte[] resource(String name) {
        try (InputStream in = Catalogue.class.getResourceAsStream(FOLDER + name)) {
            if (in == null) {
                throw new IllegalStateException("no " + name);
            }
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
