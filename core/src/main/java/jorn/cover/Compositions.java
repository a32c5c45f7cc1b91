package jorn.cover;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jorn.json.Json;
import jorn.measure.Trouble;

/** The compositions that ship with Jorn: each a file {@code jorn/cover/ID.json}, named in {@code compositions.txt}. */
public final class Compositions {
    private static final Map<String, Composition> ALL = load();
    private static final Map<String, List<ComposedPart>> BACKS = backs();

    private Compositions() {}

    private static byte[] bytes(String file) {
        try (InputStream in = Compositions.class.getResourceAsStream(file)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Map<String, Composition> load() {
        Map<String, Composition> all = new LinkedHashMap<>();
        for (String id : new String(bytes("compositions.txt"), StandardCharsets.UTF_8)
                .lines()
                .map(String::strip)
                .filter(l -> !l.isEmpty())
                .toList()) {
            all.put(id, Json.read(bytes(id + ".json"), Composition.class, "The composition " + id));
        }
        return all;
    }

    /** The backs, which several compositions share. */
    private record Backs(Map<String, List<ComposedPart>> backs) {}

    private static Map<String, List<ComposedPart>> backs() {
        return Map.copyOf(
                Json.read(bytes("backs.json"), Backs.class, "The backs").backs());
    }

    /** All of them, in the order in which they are offered. */
    public static List<Composition> all() {
        return List.copyOf(ALL.values());
    }

    public static boolean knows(String id) {
        return ALL.containsKey(id);
    }

    /** @throws Trouble naming the compositions that there are */
    public static Composition of(String id) {
        Composition found = ALL.get(id);
        if (found == null) {
            throw Trouble.of("cover.compositions.no-such", id, String.join(", ", ALL.keySet()));
        }
        return found;
    }

    /** All parts of a composition with those of its back. */
    static List<ComposedPart> parts(Composition composition) {
        List<ComposedPart> all = new ArrayList<>(composition.parts());
        all.addAll(BACKS.getOrDefault(composition.back(), List.of()));
        return all;
    }
}
