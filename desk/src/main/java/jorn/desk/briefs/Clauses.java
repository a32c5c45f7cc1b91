package jorn.desk.briefs;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jorn.json.Json;

/** Clauses that a profile may have and may lack, as they begin; and one more of a list that makes sense beside the others. */
final class Clauses {
    /** What may be added, by the name of what it is a clause of; empty for the profile itself. */
    private static final Map<String, Map<String, String>> OPTIONAL = Map.ofEntries(
            Map.entry("", of("trimClasses", "[{\"id\": \"large\", \"above\": \"6.12x9in\"}]")),
            Map.entry("limits", of("pages", "[{\"max\": 600}]", "largestFile", "650.0")),
            Map.entry(
                    "markets",
                    of(
                            "steps",
                            "[{\"from\": 9.99, \"share\": 0.6}]",
                            "channels",
                            "[{\"id\": \"wider\", \"name\": \"other shops\", \"share\": 0.4}]",
                            "tax",
                            "{\"inPrice\": true, \"book\": 7.0}")),
            Map.entry("channels", of("steps", "[{\"from\": 9.99, \"share\": 0.5}]")),
            Map.entry("inks", of("plainAs", "\"black\"")),
            Map.entry("costs", of("pages", "{\"from\": 1}")),
            Map.entry("tax", of("stationery", "20.0")),
            Map.entry("cover", of("card", "{\"grammage\": 220.0}")),
            Map.entry("card", of("thickness", "\"0.01 in\"")),
            Map.entry("boards", of("around", "\"2 mm\"", "grammage", "1600.0")),
            Map.entry("pages", of("min", "24", "max", "600")));

    private Clauses() {}

    private static Map<String, String> of(String... namesAndValues) {
        Map<String, String> all = new LinkedHashMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            all.put(namesAndValues[i], namesAndValues[i + 1]);
        }
        return all;
    }

    /** The names of what an object lacks and may have. */
    static List<String> addable(String in, JsonNode object) {
        // A binding's page counts are required whole; those of a limit and a cost's band are not.
        return OPTIONAL.getOrDefault(in, Map.of()).keySet().stream()
                .filter(name -> isAbsent(object.path(name)))
                .filter(name -> !in.equals("pages") || !object.has("multiple"))
                .filter(name -> !in.equals("pages") || !object.has("from"))
                .toList();
    }

    private static boolean isAbsent(JsonNode node) {
        return node.isMissingNode() || node.isNull() || (node.isArray() && node.isEmpty());
    }

    /** What a clause begins as. */
    static JsonNode begun(String in, String name) {
        String written = OPTIONAL.getOrDefault(in, Map.of()).getOrDefault(name, "{}");
        return Json.read(written.getBytes(java.nio.charset.StandardCharsets.UTF_8), JsonNode.class, name);
    }

    /**
     * One more of a list, by an id of its own where it has one.
     *
     * @param profile the whole
     * @param list the name of the list
     * @param index of the one that it is like
     */
    static JsonNode another(ObjectNode profile, String list, ArrayNode all, int index) {
        JsonNode copy = all.get(index).deepCopy();
        if (copy instanceof ObjectNode object && object.has("id")) {
            List<String> taken = new ArrayList<>();
            all.forEach(n -> taken.add(n.path("id").asText()));
            String base = object.get("id").asText().replaceAll("-\\d+$", "");
            int n = 2;
            while (taken.contains(base + "-" + n)) {
                n++;
            }
            object.put("id", base + "-" + n);
        }
        if (copy instanceof ObjectNode cost && list.equals("costs")) {
            apart(profile, cost, all);
        }
        if (copy instanceof ObjectNode step && list.equals("steps")) {
            step.put("from", last(all, "from") + 5);
        }
        return copy;
    }

    private static double last(ArrayNode all, String field) {
        double most = 0;
        for (JsonNode each : all) {
            most = Math.max(most, each.path(field).asDouble());
        }
        return most;
    }

    /** A cost beside others: for the next band of page counts, else for an ink or a class of trims that has none yet. */
    private static void apart(ObjectNode profile, ObjectNode cost, ArrayNode all) {
        if (cost.path("pages").has("to")) {
            ObjectNode band = (ObjectNode) cost.get("pages");
            band.put("from", band.get("to").asInt() + 1);
            band.remove("to");
            return;
        }
        List<String> classes = new ArrayList<>(List.of(""));
        profile.path("trimClasses").forEach(c -> classes.add(c.path("id").asText()));
        for (String trim : classes) {
            for (JsonNode ink : profile.path("inks")) {
                String id = ink.path("id").asText();
                boolean taken = false;
                for (JsonNode each : all) {
                    taken |= each.path("ink").asText().equals(id)
                            && each.path("trim").asText("").equals(trim);
                }
                if (!taken) {
                    cost.put("ink", id);
                    cost.remove("trim");
                    if (!trim.isEmpty()) {
                        cost.put("trim", trim);
                    }
                    return;
                }
            }
        }
    }
}
