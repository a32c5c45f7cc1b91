package jorn.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jorn.json.Json;
import jorn.json.OpenTypes;
import jorn.press.PressProfile;
import org.junit.jupiter.api.Test;

/** The documents say what there is. */
class DocumentsTest {
    private static String document(String name) throws IOException {
        return Files.readString(Path.of("..", "docs", name));
    }

    @Test
    void everyKindOfNodeIsDescribed() throws IOException {
        String text = document("recipes.md");
        List<String> missing = OpenTypes.ids(Node.class).stream()
                .filter(id -> !id.startsWith("own-") && !text.contains("`" + id + "`"))
                .toList();
        assertEquals(List.of(), missing);
    }

    @Test
    void thePressOfTheExampleCanBeRead() throws IOException {
        Matcher example = Pattern.compile("```json\\R(.*?)```", Pattern.DOTALL).matcher(document("architecture.md"));
        assertTrue(example.find());
        PressProfile press =
                Json.read(example.group(1).getBytes(StandardCharsets.UTF_8), PressProfile.class, "The example");
        assertEquals("My press", press.name());
        assertTrue(press.inks().get(0).blackOnly());
    }
}
