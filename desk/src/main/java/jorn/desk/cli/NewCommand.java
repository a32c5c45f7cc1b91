package jorn.desk.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.measure.Trouble;
import jorn.recipe.Ruling;
import jorn.store.BookFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes a whole book file, ready to export. */
@Command(name = "new", description = "Write a new book, ready to export.")
final class NewCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(arity = "0..1", paramLabel = "STARTER", description = "What it begins as; see --list.")
    private String starter;

    @Option(names = "--list", description = "List the starters.")
    private boolean list;

    @Option(names = "-o", paramLabel = "FILE.jorn", description = "The file to write.")
    private Path target;

    @Option(names = "--title", paramLabel = "T", description = "The book's title.")
    private String title;

    @Option(names = "--author", paramLabel = "A", description = "The author as on the cover.")
    private String author;

    @Mixin
    private BriefOptions options;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        if (list) {
            for (Starter each : Starter.values()) {
                out.println(each.id() + "\t" + each.about());
            }
            return JornCommand.DONE;
        }
        if (starter == null) {
            throw Trouble.of("No starter is given.", "Name one of those that “jorn new --list” shows.");
        }
        if (target == null) {
            throw Trouble.of("No file is given to write to.", "Add -o and a name that ends in .jorn.");
        }
        Starter kind = Starter.of(starter);
        Book book = kind.begin(options.brief(kind.usualBrief()));
        if (title != null) {
            book = book.withTitle(title);
        }
        if (author != null) {
            book = book.withAuthor(author);
        }
        BookFile.save(options.bleed ? toTheEdge(book) : book, target);
        out.println(target);
        return JornCommand.DONE;
    }

    /** Lines run off the page where there are lines; otherwise the file merely has bleed. */
    private static Book toTheEdge(Book book) {
        boolean hasLines =
                book.runs().stream().anyMatch(r -> r.recipe().ruling().isPresent());
        if (!hasLines) {
            return book.withBrief(book.brief().withBleed(true));
        }
        return book.withRuns(book.runs().stream()
                .map(r -> r.recipe()
                        .ruling()
                        .map(l -> r.withRecipe(r.recipe().withRuling(l.withReach(Ruling.Reach.EDGE))))
                        .orElse(r))
                .toList());
    }
}
