package jorn.desk.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import jorn.block.paper.Ruling;
import jorn.book.Book;
import jorn.book.PatternRuns;
import jorn.book.PuzzleRuns;
import jorn.book.Starter;
import jorn.calendar.CalendarChoice;
import jorn.calendar.WeekRule;
import jorn.desk.model.ArtIntake;
import jorn.makeup.Paginator;
import jorn.measure.Days;
import jorn.measure.Trouble;
import jorn.pattern.run.Patterns;
import jorn.print.picture.DrawingIntake;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.run.Making;
import jorn.puzzle.run.PageUse;
import jorn.puzzle.run.PageUse.SolutionPlace;
import jorn.puzzle.run.Puzzles;
import jorn.scan.Cleaning;
import jorn.store.BookFile;
import jorn.style.StyleShelf;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes a whole book file, ready to export. */
@Command(name = "new")
final class NewCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(arity = "0..1", paramLabel = "STARTER", description = "${bundle:cli.new.what-begins-see-list}")
    private String starter;

    @Option(names = "--list", description = "${bundle:cli.new.list-starters}")
    private boolean list;

    @Option(names = "-o", paramLabel = "FILE.jorn", description = "${bundle:cli.new.file-write}")
    private Path target;

    @Option(names = "--replace", description = "${bundle:cli.new.replace}")
    private boolean replace;

    @Option(names = "--title", paramLabel = "T", description = "${bundle:cli.new.book-s-title}")
    private String title;

    @Option(names = "--author", paramLabel = "A", description = "${bundle:cli.new.author-on-cover}")
    private String author;

    @Option(names = "--from", paramLabel = "DATE", description = "${bundle:cli.new.first-day-dated-book}")
    private String from;

    @Option(names = "--to", paramLabel = "DATE", description = "${bundle:cli.new.last-day-dated-book}")
    private String to;

    @Option(names = "--first-day", paramLabel = "DAY", description = "${bundle:cli.new.monday-iso-weeks-or}")
    private String firstDay;

    @Option(names = "--language", paramLabel = "TAG", description = "${bundle:cli.new.language-days-months-en}")
    private String language;

    @Option(names = "--holidays", paramLabel = "CC", description = "${bundle:cli.new.holidays-country-dk-de}")
    private String holidays;

    @Option(names = "--style", paramLabel = "ID", description = "${bundle:cli.new.style}")
    private String style;

    @Option(names = "--subtitle", paramLabel = "T", description = "${bundle:cli.new.subtitle}")
    private String subtitle;

    @Option(names = "--kind", paramLabel = "KIND", description = "${bundle:cli.new.kind}")
    private String puzzleKind;

    @Option(names = "--solutions", paramLabel = "back|facing|end|none", description = "${bundle:cli.new.solutions}")
    private SolutionPlace solutions;

    @Option(names = "--per-page", paramLabel = "1|2|4|6", description = "${bundle:cli.new.per-page}")
    private Integer perPage;

    @Option(names = "--large", description = "${bundle:cli.new.large}")
    private boolean large;

    @Option(names = "--art", paramLabel = "FOLDER", description = "${bundle:cli.new.art}")
    private Path art;

    @Option(
            names = "--art-as",
            paramLabel = "vectors|black|grey|colour|as-it-is",
            description = "${bundle:cli.new.art-as}")
    private String artAs;

    @Mixin
    private PhotoOptions photos = new PhotoOptions();

    @Option(names = "--parted", description = "${bundle:cli.new.parted}")
    private boolean parted;

    @Mixin
    private PuzzleOptions puzzles;

    @Mixin
    private BriefOptions options;

    @Mixin
    private CoverOptions cover;

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
            throw Trouble.of("cli.new.no-starter-given");
        }
        if (target == null) {
            throw Trouble.of("cli.new.no-file-given-write");
        }
        if (!replace && Files.exists(target)) {
            throw Trouble.of("cli.new.there-already", target.getFileName());
        }
        Starter kind = Starter.of(starter);
        Book book = kind.begin(options.brief(kind.usualBrief()));
        book = book.withCalendar(calendar(book.calendar()));
        book = withArt(kind, withPuzzles(kind, book));
        Paginator.of(book);
        if (style != null) {
            book = book.inStyle(StyleShelf.of(style));
        }
        if (title != null) {
            book = book.withTitle(title);
        }
        if (author != null) {
            book = book.withAuthor(author);
        }
        if (subtitle != null) {
            book = book.withSubtitle(subtitle);
        }
        book = cover.on(book);
        BookFile.save(options.bleed ? toTheEdge(book) : book, target);
        out.println(target);
        return JornCommand.DONE;
    }

    /** The puzzles that were asked for instead of the customary ones. */
    private Book withPuzzles(Starter kind, Book book) {
        boolean asked = puzzles.isAny() || puzzleKind != null || solutions != null || perPage != null || large;
        if (!asked) {
            return book;
        }
        boolean ofPuzzles =
                puzzles.isOfPuzzles() || puzzleKind != null || solutions != null || perPage != null || large;
        if (kind == Starter.COLOURING_BOOK && !ofPuzzles) {
            return withPictures(book);
        }
        if (kind != Starter.PUZZLE_BOOK) {
            throw Trouble.of("cli.new.no-puzzles", kind.id());
        }
        for (int i = 0; i < book.runs().size(); i++) {
            Optional<Puzzles> before = PuzzleRuns.of(book.runs().get(i));
            if (before.isPresent()) {
                String language = book.calendar().language();
                PuzzleRules rules = puzzles.rules(PuzzleOptions.kind(Optional.ofNullable(puzzleKind)), language);
                PageUse use = before.get().use().withLarge(large);
                use = solutions == null ? use : use.withSolutions(solutions);
                use = perPage == null ? use : use.withPerPage(perPage);
                Making making = puzzles.making(rules, before.get().making().size());
                return PuzzleRuns.with(book, i, new Puzzles(making, use));
            }
        }
        return book;
    }

    /** A folder of drawings instead of patterns. */
    private Book withArt(Starter kind, Book book) {
        if (photos.isSaid() && (art == null || kind != Starter.PHOTO_BOOKLET)) {
            throw Trouble.of("cli.photos.not-here", Starter.PHOTO_BOOKLET.id());
        }
        if (art == null) {
            return book;
        }
        if (kind == Starter.PHOTO_BOOKLET) {
            return photos.take(book, art, spec.commandLine().getErr());
        }
        if (kind != Starter.COLOURING_BOOK) {
            throw Trouble.of("cli.new.no-art", kind.id());
        }
        Cleaning how = cleaning().withPart(parted);
        DrawingIntake.Folder read = DrawingIntake.folder(art, how);
        ArtIntake in = ArtIntake.of(read.taken(), how);
        read.left().forEach(m -> spec.commandLine().getErr().println(m.text()));
        return PatternRuns.taking(book, in.items(), in.pictures());
    }

    private Cleaning cleaning() {
        if (artAs == null) {
            return Cleaning.LINE_ART;
        }
        if (artAs.equals("as-it-is")) {
            return Cleaning.NONE;
        }
        try {
            return Cleaning.LINE_ART.withInto(
                    Cleaning.Into.valueOf(artAs.strip().toUpperCase(Locale.ROOT)));
        } catch (IllegalArgumentException e) {
            throw Trouble.because(e, "cli.new.no-art-as", artAs);
        }
    }

    /** So many pictures to colour, from another seed. */
    private Book withPictures(Book book) {
        for (int i = 0; i < book.runs().size(); i++) {
            Optional<Patterns> before = PatternRuns.of(book.runs().get(i));
            if (before.isPresent()) {
                return PatternRuns.with(book, i, puzzles.patterns(before.get()));
            }
        }
        return book;
    }

    private CalendarChoice calendar(CalendarChoice base) {
        CalendarChoice now = base;
        if (from != null || to != null) {
            if (from == null || to == null) {
                throw Trouble.of("cli.new.dated-book-needs-first");
            }
            now = now.dated(Days.read(from), Days.read(to));
        }
        if (firstDay != null) {
            now = now.withWeeks(
                    switch (firstDay.toLowerCase(java.util.Locale.ROOT)) {
                        case "monday" -> WeekRule.ISO;
                        case "sunday" -> WeekRule.SUNDAY;
                        default -> throw Trouble.of("cli.new.not-first-day-week", firstDay);
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
