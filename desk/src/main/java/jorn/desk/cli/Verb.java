package jorn.desk.cli;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import jorn.say.Wording;
import picocli.CommandLine;

/**
 * A word of the command line. What stands behind it is made only when it is said: reading all commands takes longer than most of
 * them work.
 *
 * @param name as it is said
 * @param key of what it is for
 * @param made what does it
 */
record Verb(String name, String key, Supplier<Object> made) {
    /** In the order in which help lists them. */
    static final List<Verb> ALL = List.of(
            new Verb("new", "cli.new.write-new-book-ready", NewCommand::new),
            new Verb("measure", "cli.measure.print-all-figures-book", MeasureCommand::new),
            new Verb("presses", "cli.presses.list-press-profiles-or", PressesCommand::new),
            new Verb("recipes", "cli.recipes.list-page-designs-catalogue", RecipesCommand::new),
            new Verb("recipe", "cli.recipe.write-one-page-page", RecipeCommand::new),
            new Verb("styles", "cli.styles.list", StylesCommand::new),
            new Verb("sheet", "cli.sheet.write", SheetCommand::new),
            new Verb("covers", "cli.covers.list", CoversCommand::new),
            new Verb("cover", "cli.cover.tell", CoverCommand::new),
            new Verb("puzzle", "cli.puzzle.make", PuzzleCommand::new),
            new Verb("pattern", "cli.pattern.make", PatternCommand::new),
            new Verb("isbn", "cli.isbn.check", IsbnCommand::new),
            new Verb("pages", "cli.pages.list-pages-book-number", PagesCommand::new),
            new Verb("check", "cli.check.check-book-no-error", CheckCommand::new),
            new Verb("export", "cli.export.write-files-press-takes", ExportCommand::new),
            new Verb("receive", "cli.receive.take-files", ReceiveCommand::new),
            new Verb("mend", "cli.mend.write-anew", MendCommand::new),
            new Verb("booklet", "cli.booklet.make", BookletCommand::new),
            new Verb("join", "cli.join.join", JoinCommand::new),
            new Verb("split", "cli.split.split", SplitCommand::new),
            new Verb("give", "cli.give.copy", GiveCommand::new),
            new Verb("slip", "cli.slip.print", SlipCommand::new),
            new Verb("order", "cli.order.print", OrderCommand::new),
            new Verb("demo", "cli.demo.open-window-with-demo", DemoCommand::new));

    static Optional<Verb> find(String name) {
        return ALL.stream().filter(v -> v.name.equals(name)).findFirst();
    }

    /** Reads the words after the name. */
    CommandLine line() {
        CommandLine line = new CommandLine(made.get());
        line.getCommandSpec().name("jorn " + name);
        line.getCommandSpec().usageMessage().description(Wording.of(key));
        SpokenHelp.give(line);
        return line;
    }
}
