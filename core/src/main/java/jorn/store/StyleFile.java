package jorn.store;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import jorn.json.Json;
import jorn.json.Required;
import jorn.measure.SmallFile;
import jorn.measure.Trouble;
import jorn.say.Wording;
import jorn.style.PageStyle;

/** Styles in files of their own, to keep and to share. */
public final class StyleFile {
    /** The format that this version writes, and the newest that it reads. */
    public static final int FORMAT = 1;

    private static final int LARGEST_MB = 1;

    private record Content(@Required int format, @Required PageStyle style) {}

    private StyleFile() {}

    /** Whether a tree is that of a style's file. */
    public static boolean isOne(JsonNode tree) {
        return tree.has("style") && tree.has("format");
    }

    /**
     * Reads a style.
     *
     * @throws Trouble that says what is wrong: too large, of a newer Jorn, a setting out of range, a drawing that there is not
     */
    public static PageStyle read(Path file) {
        String what = Wording.of("store.style-file.style", file.getFileName());
        JsonNode tree = Json.read(SmallFile.read(file, LARGEST_MB), JsonNode.class, what);
        JsonNode format = tree.path("format");
        if (format.isInt() && format.asInt() > FORMAT) {
            throw Trouble.of("store.recipe-file.was-written-by-newer", what, format.asInt(), FORMAT);
        }
        return Json.read(tree, Content.class, what).style();
    }

    /** Writes a style; an old file stays whole until the new one is. */
    public static void write(PageStyle style, Path file) {
        byte[] json = Json.write(new Content(FORMAT, style));
        SafeFile.write(file, out -> out.write(json));
    }
}
