package jorn.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import jorn.measure.Trouble;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Designs and lists in files of their own. */
class RecipeFileTest {
    @TempDir
    Path folder;

    private Path write(String text) throws IOException {
        return Files.writeString(folder.resolve("mine.json"), text);
    }

    private String refusal(String text) throws IOException {
        Path file = write(text);
        return assertThrows(Trouble.class, () -> RecipeFile.read(file)).what();
    }

    @Test
    void everyDesignOfTheCatalogueComesBackAsItWas() {
        assertTrue(Catalogue.all().iterator().hasNext(), "there is something to look at");
        for (Catalogue.Entry e : Catalogue.all()) {
            Path file = folder.resolve(e.id() + ".json");
            RecipeFile.write(e.recipe(), file);
            assertEquals(e.recipe(), RecipeFile.read(file));
        }
    }

    @Test
    void whatIsWrongIsSaidInPlainWords() throws IOException {
        assertTrue(refusal("{ \"id\": \"x\", ").contains("is not JSON"));
        assertTrue(refusal("{ \"format\": 9, \"id\": \"x\", \"name\": \"X\", \"root\": {} }")
                .contains("newer Jorn"));
        assertTrue(refusal("{ \"id\": \"x\", \"name\": \"X\", \"root\": { \"is\": \"hologram\" } }")
                .contains("block “hologram”"));
        assertTrue(refusal("{ \"id\": \"x\", \"name\": \"X\" }").contains("root"));
        assertTrue(refusal("{ \"id\": \"x\", \"name\": \" \", \"root\": { \"is\": \"space\" } }")
                .contains("no name"));
        assertTrue(refusal(
                        "{ \"id\": \"x\", \"name\": \"X\", \"root\": { \"is\": \"guides\", \"kind\": \"dots\", \"size\": \"2 km\" } }")
                .contains("size"));
    }

    @Test
    void hugeAndDeepFilesAreRefusedBeforeTheyAreBuilt() throws IOException {
        assertTrue(refusal(" ".repeat(1_200_000)).contains("1 MB"));
        String deep = "{ \"is\": \"framed\", \"node\": ".repeat(60) + "{ \"is\": \"space\" }" + " }".repeat(60);
        assertTrue(refusal("{ \"id\": \"x\", \"name\": \"X\", \"root\": " + deep + " }")
                .contains("nested"));
        String part = "{ \"node\": { \"is\": \"space\" } }";
        String many = String.join(",", Collections.nCopies(2500, part));
        assertTrue(refusal("{ \"id\": \"x\", \"name\": \"X\", \"root\": { \"is\": \"column\", \"parts\": [" + many
                        + "] } }")
                .contains("parts"));
    }

    @Test
    void ownDesignsAreKeptByNameAndABrokenOneDoesNotHideTheOthers() throws IOException {
        RecipeShelf shelf = new RecipeShelf(folder.resolve("recipes"));
        Recipe kept = shelf.keep(Catalogue.recipe("dotted"), "Dots for the hive");
        assertEquals("dots-for-the-hive", kept.id());
        assertFalse(shelf.keep(Catalogue.recipe("dotted"), "Dotted").id().equals("dotted"));
        Files.writeString(folder.resolve("recipes/broken.json"), "nonsense");
        List<Trouble> told = new ArrayList<>();
        assertEquals(
                List.of("Dots for the hive", "Dotted"),
                shelf.all(told::add).stream()
                        .map(Recipe::name)
                        .sorted(Collections.reverseOrder())
                        .sorted((a, b) -> b.length() - a.length())
                        .toList());
        assertEquals(1, told.size());
        shelf.drop(kept);
        assertEquals(1, shelf.all(t -> {}).size());
        assertThrows(Trouble.class, () -> shelf.keep(kept, "  "));
    }

    @Test
    void listsAreReadInWhateverEncodingTheyCome() throws IOException {
        Path file = folder.resolve("prompts.txt");
        for (Charset charset :
                List.of(StandardCharsets.UTF_8, Charset.forName("windows-1252"), StandardCharsets.UTF_16)) {
            Files.write(file, "Was summt im März?\r\n\r\n  Wo blüht es?\n".getBytes(charset));
            assertEquals(List.of("Was summt im März?", "Wo blüht es?"), ItemFile.read(file), charset.name());
        }
    }

    @Test
    void aCsvFileGivesItsFirstColumnAndALongListAllItsLines() throws IOException {
        Path csv = Files.writeString(folder.resolve("p.csv"), "\"Why bees, why now?\",1\nWhy honey?,2\n");
        assertEquals(List.of("Why bees, why now?", "Why honey?"), ItemFile.read(csv));
        Path semicolons = Files.writeString(folder.resolve("q.csv"), "Why bees, why now?;1\nWhy honey?;2\n");
        assertEquals("Why bees, why now?", ItemFile.read(semicolons).get(0));
        Path longList = Files.writeString(folder.resolve("l.txt"), "A line\n".repeat(10_000));
        assertEquals(10_000, ItemFile.read(longList).size());
        Path empty = Files.writeString(folder.resolve("e.txt"), "\n\n");
        assertTrue(
                assertThrows(Trouble.class, () -> ItemFile.read(empty)).what().contains("no lines"));
        Path binary = Files.write(folder.resolve("b.txt"), new byte[] {1, 0, 2, 0});
        assertTrue(
                assertThrows(Trouble.class, () -> ItemFile.read(binary)).what().contains("not a text file"));
        Path open = Files.writeString(folder.resolve("o.csv"), "\"never closed\nagain\n");
        assertThrows(Trouble.class, () -> ItemFile.read(open));
    }
}
