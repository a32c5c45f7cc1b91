package jorn.desk.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import jorn.block.paper.Ruling;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.calendar.CalendarChoice;
import jorn.calendar.WeekRule;
import jorn.makeup.Paginator;
import jorn.measure.Days;
import jorn.measure.Trouble;
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

    @Option(names = "--from", paramLabel = "DATE", description = "First day of a dated book: 2026-10-01.")
    private String from;

    @Option(names = "--to", paramLabel = "DATE", description = "Last day of a dated book.")
    private String to;

    @Option(names = "--first-day", paramLabel = "DAY", description = "monday (ISO 8601 weeks) or sunday.")
    private String firstDay;

    @Option(names = "--language", paramLabel = "TAG", description = "Language of days and months: en, de, fr …")
    private String language;

    @Option(names = "--holidays", paramLabel = "CC", description = "Holidays of a country: DK, DE, GB, US …")
    private String holidays;

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
        book = book.withCalendar(calendar(book.calendar()));
        Paginator.of(book);
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

    private CalendarChoice calendar(CalendarChoice base) {
        CalendarChoice now = base;
        if (from != null || to != null) {
            if (from == null || to == null) {
                throw Trouble.of("A dated book needs a first and a last day.", "Give both --from and --to.");
            }
            now = now.dated(Days.read(from), Days.read(to));
        }
        if (firstDay != null) {
            now = now.withWeeks(
                    switch (firstDay.toLowerCase(java.util.Locale.ROOT)) {
                        case "monday" -> WeekRule.ISO;
                        case "sunday" -> WeekRule.SUNDAY;
                        default -> throw Trouble.of(
                                "“" + firstDay + "” is not a first day of the week.", "Choose monday or sunday.");
                    });
        }
        if (language != null) {
            now = now.withLanguage(language);
        }
        return holidays == null ? now : now.withHolidays(holidays);
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
