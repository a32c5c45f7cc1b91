package jorn.desk.makeup;

import java.util.List;
import jorn.book.RunOrder;
import jorn.desk.model.BookFiles;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.recipe.Recipe;
import jorn.say.Wording;
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
            say(Wording.of("desk.reach.page-has-design-own"));
            add(act(Wording.of("desk.reach.back-run-s-design"), "", work::rejoin));
        } else {
            one();
        }
        keep();
    }

    private void one() {
        long n = work.sharing();
        if (n <= 1) {
            say(Wording.of("desk.reach.changes-page"));
            return;
        }
        add(Labels.label(Wording.of("desk.reach.a-change-reaches"), "group-name"));
        add(choice(
                Wording.of("desk.reach.changes-all-pages", n), "", !work.isOnlyHere(), () -> work.setOnlyHere(false)));
        var only = choice(
                Wording.of("desk.reach.changes-only", work.here()),
                "",
                work.isOnlyHere(),
                () -> work.setOnlyHere(true));
        only.setId("only-here");
        add(only);
    }

    private void many() {
        say(Wording.of("desk.reach.changes-chosen-pages", work.pages().size()));
        var own = act(Wording.of("desk.reach.take-them-out-run"), "", work::takeOut);
        own.setId("take-out");
        var back = act(Wording.of("desk.reach.back-their-runs-designs"), "", work::rejoin);
        back.setId("rejoin");
        var alone = act(
                Wording.of("desk.reach.let-go-them"),
                "",
                () -> work.choosePage(desk.page().get()));
        alone.setId("let-go-pages");
        add(own, back);
        int first = runOf(work.pages().first());
        int last = runOf(work.pages().last());
        if (first >= 0 && last > first) {
            words(Wording.of("desk.reach.repeat-these-runs-each"), repeats(first, last + 1));
        }
        add(alone);
    }

    private int runOf(int page) {
        return desk.state().get().pagination().page(page).run();
    }

    private List<javafx.scene.control.Button> repeats(int from, int to) {
        return java.util.Arrays.stream(jorn.calendar.Span.values())
                .filter(s -> s != jorn.calendar.Span.YEAR)
                .map(span -> deed(
                        span.word(),
                        "repeat-" + span.id(),
                        Wording.of("desk.reach.these-runs-come-once", span.each()),
                        () -> desk.change(
                                "cycle", b -> RunOrder.repeat(b, from, to, span, java.util.Optional.empty()))))
                .toList();
    }

    private void keep() {
        work.recipe().ifPresent(recipe -> {
            field(
                            Wording.of("desk.reach.keep-design"),
                            "keep-design",
                            "",
                            Wording.of("desk.reach.write-name-design-put"),
                            name -> keep(recipe, name))
                    .setPromptText(Wording.of("desk.reach.name"));
            var file = act(Wording.of("desk.reach.write-file"), Wording.of("desk.reach.share"), () -> share(recipe));
            file.setId("share-design");
            add(file);
        });
    }

    private void keep(Recipe recipe, String name) {
        if (!name.isBlank()) {
            Recipe kept = new RecipeShelf(desk.settings().recipeFolder()).keep(recipe, name);
            desk.say("desk.reach.on-your-shelf", kept.name());
        }
    }

    private void share(Recipe recipe) {
        files.asker().whereToSaveDesign(recipe.id() + ".json").ifPresent(path -> {
            RecipeFile.write(recipe, path);
            desk.say("desk.reach.design", path.getFileName());
        });
    }
}
