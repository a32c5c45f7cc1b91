package jorn.store;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.Set;
import jorn.json.Json;
import jorn.json.OpenTypes;
import jorn.json.Required;
import jorn.layout.Node;
import jorn.measure.SmallFile;
import jorn.measure.Trouble;
import jorn.recipe.Recipe;
import jorn.say.Wording;

/** Page designs in files of their own, to keep and to share. */
public final class RecipeFile {
    /** The format that this version writes, and the newest that it reads. */
    public static final int FORMAT = 2;

    private static final int LARGEST_MB = 1;
    private static final int DEEPEST = 24;
    private static final int MOST_PARTS = 2000;

    private static final Set<String> KINDS = OpenTypes.ids(Node.class);

    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    private record Content(@Required int format, @Required String id, @Required String name, @Required Node root) {}

    private RecipeFile() {}

    /**
     * Reads a page design.
     *
     * @throws Trouble that says what is wrong: too large, of a newer Jorn, a block that is not known, a setting out of range
     */
    public static Recipe read(Path file) {
        String what = Wording.of("store.recipe-file.page-design", file.getFileName());
        return read(SmallFile.read(file, LARGEST_MB), what);
    }

    static Recipe read(byte[] json, String what) {
        JsonNode tree = Json.read(json, JsonNode.class, what);
        JsonNode format = tree.path("format");
        if (format.isInt() && format.asInt() > FORMAT) {
            throw Trouble.of("store.recipe-file.was-written-by-newer", what, format.asInt(), FORMAT);
        }
        if (format.asInt() < FORMAT) {
            FormatOne.moveDesign(tree);
        }
        int parts = count(tree.path("root"), 0, what);
        if (parts > MOST_PARTS) {
            throw Trouble.of("store.recipe-file.has-parts", what, parts, MOST_PARTS);
        }
        Recipe recipe = Json.read(tree, Recipe.class, what);
        if (recipe.name().isBlank() || recipe.name().length() > 80) {
            throw Trouble.of("store.recipe-file.has-no-name-letters", what);
        }
        return recipe;
    }

    /** Counts the parts, and refuses those that this version does not know. */
    private static int count(JsonNode node, int depth, String what) {
        if (depth > DEEPEST * 2) {
            throw Trouble.of("store.recipe-file.nested-too-deeply", what, DEEPEST);
        }
        int n = 0;
        if (node.isObject() && node.has("is")) {
            String kind = node.get("is").asText();
            if (!KINDS.contains(kind)) {
                throw Trouble.of("store.recipe-file.has-block-which-jorn", what, kind);
            }
            n++;
        }
        for (JsonNode each : node) {
            n += count(each, depth + 1, what);
        }
        return n;
    }

    /**
     * Writes a page design.
     *
     * @throws Trouble where it cannot be written, or has a part that this version does not know and could not read again
     */
    public static void write(Recipe recipe, Path file) {
        String what = Wording.of("store.recipe-file.page-design-2", recipe.name());
        count(Json.tree(recipe.root()), 0, what);
        byte[] json = Json.write(new Content(FORMAT, recipe.id(), recipe.name(), recipe.root()));
        SafeFile.write(file, out -> out.write(json));
    }
}
