package jorn.recipe;

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
import jorn.calendar.Span;
import jorn.json.Json;
import jorn.json.Required;
import jorn.layout.Node;
import jorn.measure.Trouble;
import jorn.say.Wording;
import org.jspecify.annotations.Nullable;

/**
 * The page designs that ship with Jorn, found by browsing and by search. Each is a file {@code jorn/recipe/designs/ID.json},
 * read when it is first asked for; {@code jorn/recipe/designs.txt} lists them, group by group, with what stretch of the calendar a page stands
 * for, and the table of words {@code
 * designs} has their names. The words that they print are keys too, of {@link jorn.say.BookWords}, and stay keys in a book that takes
 * one, so that they follow its language.
 */
public final class Catalogue {
    private static final String FOLDER = "/jorn/recipe/";

    private static final String LEFT = "-left";

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
        private final String family;
        private final String group;
        private final String words;
        private final String purpose;
        private final Optional<Span> span;
        private @Nullable Recipe recipe;

        private Entry(String id, String family, Optional<Span> span) {
            this.id = id;
            this.name = Wording.of("designs.design." + id);
            this.family = family;
            this.group = Wording.of("designs.group." + family);
            this.words = Wording.find("designs.design." + id + ".find").orElse("");
            this.purpose = Wording.of("designs.design." + id + ".for");
            this.span = span;
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

        /** The short and lasting word for where it is found. */
        public String family() {
            return family;
        }

        /** What a page of it is for, in a line. */
        public String purpose() {
            return purpose;
        }

        /** Other words by which people look for it. */
        public String words() {
            return words;
        }

        /** What stretch of the calendar one of its pages stands for, where it stands for one. */
        public Optional<Span> span() {
            return span;
        }

        /** The design that customarily faces it on the right, where it is the left one of two. */
        public Optional<Entry> facing() {
            return id.endsWith(LEFT) ? find(id.substring(0, id.length() - LEFT.length()) + "-right") : Optional.empty();
        }

        public synchronized Recipe recipe() {
            if (recipe == null) {
                String what = Wording.of("recipe.catalogue.design", id);
                recipe = new Recipe(
                        id,
                        name,
                        Json.read(resource("designs/" + id + ".json"), DesignFile.class, what)
                                .root());
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

    /** The short words for the groups, in order. */
    public static List<String> families() {
        return all().stream().map(Entry::family).distinct().toList();
    }

    /** The designs whose name, group or words hold every word of the search. */
    public static List<Entry> search(String text) {
        String[] wanted = text.strip().toLowerCase(Locale.ROOT).split("\\s+");
        return all().stream()
                .filter(e -> {
                    String in = (e.name() + " " + e.purpose() + " " + e.group() + " " + e.words() + " " + e.id())
                            .toLowerCase(Locale.ROOT);
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
            String[] parts = line.split(" ");
            String group = parts[0];
            String id = parts[1];
            Optional<Span> span =
                    parts.length > 2 ? Optional.of(Span.valueOf(parts[2].toUpperCase(Locale.ROOT))) : Optional.empty();
            Entry entry = new Entry(id, group, span);
            if (all.put(id, entry) != null) {
                throw new IllegalStateException("two designs " + id);
            }
        });
        return all;
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
