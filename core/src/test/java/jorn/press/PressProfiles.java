package jorn.press;

import com.fasterxml.jackson.databind.node.ObjectNode;
import jorn.json.Json;
import jorn.measure.Length;

/** Presses made for tests. */
public final class PressProfiles {
    private PressProfiles() {}

    /** The same press with another rule for its files. */
    public static PressProfile with(PressProfile press, PdfRule rule) {
        ObjectNode tree = (ObjectNode) Json.tree(press);
        tree.set("pdf", Json.tree(rule));
        return Json.read(tree, PressProfile.class, "the press");
    }

    /** The same press whose bindings hold no more than this. */
    public static PressProfile holding(PressProfile press, Length most) {
        ObjectNode tree = (ObjectNode) Json.tree(press);
        tree.path("bindings").forEach(b -> ((ObjectNode) b).put("maxThickness", most.written()));
        return Json.read(tree, PressProfile.class, "the press");
    }
}
