package jorn.desk.makeup;

import java.util.List;
import jorn.book.RunOrder;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.Slip;
import jorn.recipe.Recipe;
import jorn.store.RecipeFile;
import jorn.store.RecipeShelf;

/** How far a change of the design reaches, and what can be done with the chosen pages and their design as a whole. */
final class ReachSlip extends Slip {
    private final Desk desk;
    private final BookFiles files;
    private final PageWork work;

    ReachSlip(Desk desk, BookFiles files, PageWork work) {
        super("");
        this.desk = desk;
        this.files = files;
        this.work = work;
        if (work.hasMany()) {
            many();
        } else if (work.isException()) {
            say("This page has a design of its own.");
            add(choice("Back to its run's design", "", false, work::rejoin));
        } else {
            one();
        }
        keep();
    }

    private void one() {
        long n = work.sharing();
        if (n <= 1) {
            say("Changes this page.");
            return;
        }
        add(choice("Changes all " + n + " pages", "", !work.isOnlyHere(), () -> work.setOnlyHere(false)));
        var only = choice("Changes only " + work.here(), "", work.isOnlyHere(), () -> work.setOnlyHere(true));
        only.setId("only-here");
        add(only);
    }

    private void many() {
        say("Changes the " + work.pages().size() + " chosen pages.");
        var own = choice("Take them out as a run", "", false, work::takeOut);
        own.setId("take-out");
        var back = choice("Back to their runs' designs", "", false, work::rejoin);
        back.setId("rejoin");
        var alone = choice(
                "Let go of them", "", false, () -> work.choosePage(desk.page().get()));
        alone.setId("let-go-pages");
        add(own, back);
        int first = runOf(work.pages().first());
        int last = runOf(work.pages().last());
        if (first >= 0 && last > first) {
            words("Repeat these runs, each", repeats(first, last + 1));
        }
        add(alone);
    }

    private int runOf(int page) {
        return desk.state().get().pagination().page(page).run();
    }

    private List<javafx.scene.control.Button> repeats(int from, int to) {
        return java.util.Arrays.stream(jorn.calendar.Span.values())
                .filter(s -> s != jorn.calendar.Span.YEAR)
                .map(span -> word(
                        span.id(),
                        "repeat-" + span.id(),
                        "These runs come once for each " + span.id() + ".",
                        false,
                        () -> desk.change(
                                "cycle", b -> RunOrder.repeat(b, from, to, span, java.util.Optional.empty()))))
                .toList();
    }

    private void keep() {
        work.recipe().ifPresent(recipe -> {
            field(
                            "Keep design as",
                            "keep-design",
                            "",
                            "Write a name: the design is put on your own shelf, to be used in other books.",
                            name -> keep(recipe, name))
                    .setPromptText("a name");
            var file = choice("Write it to a file …", "to share", false, () -> share(recipe));
            file.setId("share-design");
            add(file);
        });
    }

    private void keep(Recipe recipe, String name) {
        if (!name.isBlank()) {
            Recipe kept = new RecipeShelf(desk.settings().recipeFolder()).keep(recipe, name);
            desk.say("“" + kept.name() + "” is on your shelf.", "Find it under Designs, at the top.");
        }
    }

    private void share(Recipe recipe) {
        files.asker().whereToSaveDesign(recipe.id() + ".json").ifPresent(path -> {
            RecipeFile.write(recipe, path);
            desk.say(
                    "The design is in " + path.getFileName() + ".",
                    "Drop that file on a window of Jorn to take it in.");
        });
    }
}
