package jorn.check;

import java.util.HashSet;
import java.util.Set;
import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.recipe.Recipe;
import jorn.recipe.Recipes;
import jorn.say.Message;

/** Pages that a book began with and that still wait for what shall stand on them; told once of each run. */
final class WaitingRule implements PageRule {
    private final Set<Integer> told = new HashSet<>();

    @Override
    public void look(Proof proof, Sighting sighting, Consumer<Finding> found) {
        Recipe recipe = proof.book().recipeOf(sighting.slot());
        if (Recipes.isWaiting(recipe) && told.add(sighting.slot().run())) {
            found.accept(new Finding(
                    "page.waiting",
                    Severity.ERROR,
                    Place.page(sighting.slot().number()),
                    Message.of(
                            "check.waiting.found",
                            proof.book().runOf(sighting.slot()).name()),
                    Message.NOTHING,
                    Message.NOTHING,
                    Message.of("check.waiting.do")));
        }
    }
}
