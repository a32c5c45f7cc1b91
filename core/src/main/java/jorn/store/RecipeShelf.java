package jorn.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Stream;
import jorn.measure.Trouble;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;

/** The user's own page designs, one file each in a folder. */
public final class RecipeShelf {
    private static final String ENDING = ".json";

    private final Path folder;

    public RecipeShelf(Path folder) {
        this.folder = folder;
    }

    /**
     * The designs, by name.
     *
     * @param tell hears of those that cannot be read; the others are given all the same
     */
    public List<Recipe> all(Consumer<Trouble> tell) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        List<Recipe> all = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file :
                    files.filter(f -> f.toString().endsWith(ENDING)).sorted().toList()) {
                try {
                    all.add(RecipeFile.read(file));
                } catch (Trouble t) {
                    tell.accept(t);
                }
            }
        } catch (IOException e) {
            tell.accept(Trouble.because(e, "store.recipe-shelf.folder-your-own-designs", folder));
        }
        all.sort((a, b) -> a.name().compareToIgnoreCase(b.name()));
        return all;
    }

    /**
     * Keeps a design under a name; one of the same name is replaced.
     *
     * @return the design as it is kept
     */
    public Recipe keep(Recipe recipe, String name) {
        String wanted = name.strip();
        if (wanted.isEmpty() || wanted.length() > 80) {
            throw Trouble.of("store.recipe-shelf.design-needs-name-letters");
        }
        String id = idOf(wanted);
        Recipe own = new Recipe(id, wanted, recipe.root());
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw Trouble.because(e, "store.recipe-shelf.folder-for-your-own", folder);
        }
        RecipeFile.write(own, folder.resolve(id + ENDING));
        return own;
    }

    /** Takes a design away. */
    public void drop(Recipe recipe) {
        try {
            Files.deleteIfExists(folder.resolve(recipe.id() + ENDING));
        } catch (IOException e) {
            throw Trouble.because(e, "store.recipe-shelf.design-cannot-deleted", recipe.name());
        }
    }

    /** A short name for the file that no shipped design has. */
    private static String idOf(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        String id = plain.isEmpty() ? "design-" + Integer.toHexString(name.hashCode()) : plain;
        return Catalogue.find(id).isPresent() ? "own-" + id : id;
    }
}
