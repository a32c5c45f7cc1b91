package jorn.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What a file says that this version has no place for, so that it can be written back. It is found by comparing the tree that was
 * read with the tree that would be written of it: a field that is in the first alone is not known.
 *
 * <p>What is kept belongs to the object that it stood in. Objects of a list are found again where they are unchanged, else by their
 * {@code id} or {@code name}, else by their place in a list of the same length; what belongs to one that is gone, goes with it.
 *
 * @param kind what the object is ({@code is}); an object that became another kind takes nothing over
 * @param fields the fields that are not known
 * @param inside what is kept inside known fields
 * @param elements what is kept inside the elements of a list
 * @param size how many elements the list had
 */
public record Kept(
        Optional<String> kind,
        Map<String, JsonNode> fields,
        Map<String, Kept> inside,
        List<Element> elements,
        int size) {
    /** Nothing at all. */
    public static final Kept NOTHING = new Kept(Optional.empty(), Map.of(), Map.of(), List.of(), 0);

    /** The field that says which kind of thing an object is. */
    static final String KIND = "is";

    private static final List<String> NAMES = List.of("id", "name");

    /**
     * An element of a list with something to keep.
     *
     * @param index its place in the list, from 0
     * @param known all of it that is known
     * @param kept what is not
     */
    public record Element(int index, JsonNode known, Kept kept) {}

    public Kept {
        fields = Collections.unmodifiableMap(new TreeMap<>(fields));
        inside = Collections.unmodifiableMap(new TreeMap<>(inside));
        elements = List.copyOf(elements);
    }

    /**
     * Finds what is not known.
     *
     * @param read the file's tree
     * @param written the tree that would be written of what was read
     */
    public static Kept of(JsonNode read, JsonNode written) {
        if (read instanceof ObjectNode from && written instanceof ObjectNode to) {
            return ofObject(from, to);
        }
        if (read instanceof ArrayNode from && written instanceof ArrayNode to && from.size() == to.size()) {
            List<Element> elements = new ArrayList<>();
            for (int i = 0; i < from.size(); i++) {
                Kept kept = of(from.get(i), to.get(i));
                if (!kept.isNothing()) {
                    elements.add(new Element(i, to.get(i), kept));
                }
            }
            return new Kept(Optional.empty(), Map.of(), Map.of(), elements, from.size());
        }
        return NOTHING;
    }

    private static Kept ofObject(ObjectNode read, ObjectNode written) {
        Map<String, JsonNode> fields = new TreeMap<>();
        Map<String, Kept> inside = new TreeMap<>();
        read.properties().forEach(e -> {
            JsonNode known = written.get(e.getKey());
            // A known field that is left empty is not written, nor is one that is given as null.
            if (known == null && !e.getValue().isNull()) {
                fields.put(e.getKey(), e.getValue());
            } else if (known != null) {
                Kept kept = of(e.getValue(), known);
                if (!kept.isNothing()) {
                    inside.put(e.getKey(), kept);
                }
            }
        });
        return new Kept(kindOf(written), fields, inside, List.of(), 0);
    }

    public boolean isNothing() {
        return fields.isEmpty() && inside.isEmpty() && elements.isEmpty();
    }

    /** Where the fields stand, as people count: {@code interior.runs[2].shimmer}. */
    public List<String> paths() {
        List<String> all = new ArrayList<>();
        collect("", all);
        return all;
    }

    private void collect(String at, List<String> all) {
        String before = at.isEmpty() ? "" : at + ".";
        fields.keySet().forEach(f -> all.add(before + f));
        inside.forEach((f, kept) -> kept.collect(before + f, all));
        elements.forEach(e -> e.kept().collect(at + "[" + (e.index() + 1) + "]", all));
    }

    /** Puts back what was kept, into a tree that is about to be written; what the tree says itself stays. */
    public void putBack(JsonNode tree) {
        if (tree instanceof ObjectNode object) {
            if (kind.equals(kindOf(object))) {
                fields.forEach((name, value) -> {
                    if (!object.has(name)) {
                        object.set(name, value);
                    }
                });
                inside.forEach((name, kept) -> kept.putBack(object.path(name)));
            }
        } else if (tree instanceof ArrayNode list) {
            boolean[] taken = new boolean[list.size()];
            List<Element> left = new ArrayList<>();
            for (Element e : elements) {
                if (!putBack(e, list, taken, e.known()::equals)) {
                    left.add(e);
                }
            }
            left.removeIf(e -> putBack(e, list, taken, now -> areNamedAlike(now, e.known())));
            if (list.size() == size) {
                for (Element e : left) {
                    if (!taken[e.index()]) {
                        e.kept().putBack(list.get(e.index()));
                    }
                }
            }
        }
    }

    private static boolean putBack(
            Element e, ArrayNode list, boolean[] taken, java.util.function.Predicate<JsonNode> isIt) {
        // Its own place first: of several that are alike each keeps its own.
        for (int i = -1; i < list.size(); i++) {
            int at = i < 0 ? e.index() : i;
            if (at < list.size() && !taken[at] && isIt.test(list.get(at))) {
                taken[at] = true;
                e.kept().putBack(list.get(at));
                return true;
            }
        }
        return false;
    }

    private static boolean areNamedAlike(JsonNode now, JsonNode before) {
        return NAMES.stream().anyMatch(n -> before.has(n) && before.get(n).equals(now.get(n)));
    }

    private static Optional<String> kindOf(JsonNode object) {
        return Optional.ofNullable(object.get(KIND)).map(JsonNode::asText);
    }
}
