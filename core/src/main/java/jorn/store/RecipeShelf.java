package jorn.store;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import jorn.measure.Trouble;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;

/** The user's own page designs, one file each in a folder. */
public final class RecipeShelf {
    private final ShelfFolder folder;

    public RecipeShelf(Path folder) {
        this.folder = new ShelfFolder(folder);
    }

    /**
     * The designs, by name.
     *
     * @param tell hears of those that cannot be read; the others are given all the same
     */
    public List<Recipe> all(Consumer<Trouble> tell) {
        return folder.all(RecipeFile::read, Recipe::name, tell, "store.recipe-shelf.folder-your-own-designs");
    }

    /**
     * Keeps a design under a name; one of the same name is replaced.
     *
     * @return the design as it is kept
     */
    public Recipe keep(Recipe recipe, String wanted) {
        String name = ShelfFolder.name(wanted, "store.recipe-shelf.design-needs-name-letters");
        String id = ShelfFolder.idOf(name, "design", i -> Catalogue.find(i).isPresent());
        Recipe own = new Recipe(id, name, recipe.root());
        RecipeFile.write(own, folder.fileFor(id, "store.recipe-shelf.folder-for-your-own"));
        return own;
    }

    /** Takes a design away. */
    public void drop(Recipe recipe) {
        folder.drop(recipe.id(), "store.recipe-shelf.design-cannot-deleted", recipe.name());
    }
}
