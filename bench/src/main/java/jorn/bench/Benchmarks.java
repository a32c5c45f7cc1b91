package jorn.bench;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import jorn.block.paper.Ruling;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.Starter;
import jorn.brief.Measures;
import jorn.check.Checker;
import jorn.check.Proof;
import jorn.edition.Edition;
import jorn.makeup.Paginator;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.PressShelf;
import jorn.print.export.Exporter;
import jorn.print.export.Progress;
import jorn.print.export.WrittenFile;
import jorn.print.read.PdfLook;
import jorn.store.BookFile;

/** The benchmarks: each a few warm-up rounds, then the median of several, beside what is aimed for. */
final class Benchmarks {
    private static final int WARM_UP = 4;
    private static final int ROUNDS = 7;
    private static final int PAGES = 828;

    private final PrintWriter out;

    Benchmarks(PrintWriter out) {
        this.out = out;
    }

    /** Parts of the table that can be asked for alone. */
    static final List<String> PARTS = List.of("bindery", "covers", "patterns", "press", "puzzles", "styles");

    /**
     * Runs a part and prints it.
     *
     * @param part one of {@link #PARTS}
     */
    void run(String part) {
        row("what", "measured", "aim");
        row("----", "--------", "---");
        switch (part) {
            case "bindery" -> bindery(temporary());
            case "covers" -> covers();
            case "patterns" -> patterns(temporary());
            case "press" -> press(temporary());
            case "puzzles" -> puzzles(temporary());
            default -> styles();
        }
    }

    /** Runs all and prints the table. */
    void run() {
        row("what", "measured", "aim");
        row("----", "--------", "---");
        Path folder = temporary();
        Book book = thickBook();
        exports(book, folder);
        Edition edition = Edition.of(book);
        row("all figures of a brief", micros(() -> Measures.of(book, edition.pagination())), "under 1 ms");
        row(
                "a change of the page count: pages, figures, checks",
                micros(() -> read(book.withBrief(book.brief().withPages(826)))),
                "");
        row("the slowest starter to open: book, figures, first page", slowestStarter(), "under 1,000 ms");
        planner(folder);
        styles();
        covers();
        press(folder);
        puzzles(folder);
        patterns(folder);
        bindery(folder);
        Book large = Photographs.book(25, 1160, "png");
        Book photographs = Photographs.book(200, 1200, "jpeg");
        large(large, photographs, folder);
        Book year = Starter.DAY_PLANNER.begin().withTitle("Year");
        Book longest = longest(year);
        int longestPages = Paginator.of(longest).pageCount();
        WindowTimes times = WindowTimes.measure(book, year, longest, large, photographs);
        row("process start to first window", millis(times.firstWindow()), "under 800 ms");
        changes(1280, 800, "under 100 ms");
        changes(1920, 1080, "under 200 ms");
        row("flip to the next spread, " + PAGES + " pages", millis(times.flip()), "under 50 ms");
        row("open the dated year: file to first spread on the screen", millis(times.open()), "under 200 ms");
        row("drag a divider of the dated year", Math.round(times.drag()) + " a second", "30 or more");
        row(
                "memory of the process, " + longestPages + " pages, all turned",
                String.format(Locale.ROOT, "%,d MB", times.memory() >> 20),
                "under 400 MB");
        row(
                "autosave of the 100 MB book: its longest pause on the interface thread",
                String.format(Locale.ROOT, "%.1f ms", times.pause() * 1000),
                "under 16 ms");
        row(
                "memory of the process, the 200 photographs, all turned",
                String.format(Locale.ROOT, "%,d MB", times.photographs() >> 20),
                "under 512 MB");
        Optional.ofNullable(System.getenv("JORN_LAUNCHER")).map(Path::of).ifPresent(jorn -> commands(jorn, folder));
        out.flush();
    }

    private void changes(int width, int height, String aim) {
        BenchChanges.Changes changes = BenchChanges.measure(width, height);
        row(
                "another bench, " + width + " × " + height + ", slowest: "
                        + changes.name().toLowerCase(Locale.ROOT),
                millis(changes.slowest()) + " (first visit " + millis(changes.first()) + ")",
                aim);
    }

    private void bindery(Path folder) {
        BinderyTimes times = BinderyTimes.in(folder.resolve("bindery"));
        try {
            double other = times.joinedByOther();
            String aim = other < 0 ? "" : "under " + seconds(other + 1.5) + " (qpdf and 1.5 s more)";
            row("200 files joined to 10,000 pages", seconds(times.join()), aim);
            Optional.ofNullable(System.getenv("JORN_LAUNCHER"))
                    .map(Path::of)
                    .ifPresent(jorn -> row(
                            "  as a command, whole process",
                            wholeJoin(jorn, folder.resolve("bindery")),
                            "under 600 MB"));
            BinderyTimes.Imposed imposed = times.impose(300);
            row("a file of 300 pages laid on sheets", seconds(imposed.seconds()), "under 2 s");
            row("its size, against the source", String.format(Locale.ROOT, "%.2f", imposed.larger()), "under 1.1");
            row("its first sheet painted", millis(imposed.shown()), "under 300 ms");
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static String wholeJoin(Path launcher, Path folder) {
        WholeCommand join = WholeCommand.measure(
                launcher,
                "join",
                folder.resolve("parts").toString(),
                "--to",
                folder.resolve("command.pdf").toString(),
                "--replace");
        return seconds(join.seconds()) + String.format(Locale.ROOT, ", %,d MB", join.memory() >> 20);
    }

    private void patterns(Path folder) {
        PatternTimes.follow(208);
        row("50 pages to colour made, with their fields", seconds(PatternTimes.make(50)), "under 30 s");
        row(
                "a pattern follows the hand, in its slip",
                Math.round(PatternTimes.follow(208)) + " a second",
                "25 or more");
        Edition edition = Edition.of(PatternTimes.book(50));
        for (int page = 1; page <= edition.pagination().pageCount(); page++) {
            edition.page(page);
        }
        long from = System.nanoTime();
        Path file = Exporter.export(edition, folder.resolve("patterns"), Progress.SILENT)
                .get(0)
                .file();
        row("a book of 50 patterns that are made, written", seconds((System.nanoTime() - from) / 1e9), "under 4 s");
        row(
                "its size",
                String.format(java.util.Locale.ROOT, "%.1f MB", file.toFile().length() / 1e6),
                "under 8 MB");
    }

    private void puzzles(Path folder) {
        row("100 number placements of 9 × 9, all grades", seconds(PuzzleTimes.make(9, 100)), "under 5 s");
        row("20 number placements of 16 × 16, all grades", seconds(PuzzleTimes.make(16, 20)), "under 20 s");
        Book book = PuzzleTimes.book(100);
        Path file = Exporter.export(Edition.of(book), folder.resolve("puzzles"), Progress.SILENT)
                .get(0)
                .file();
        row(
                "a book of 100 puzzles with their solutions",
                kilobytes(file.toFile().length()),
                "under 400 kB");
        row(
                "  peak heap while it is made and written",
                peakHeap(() ->
                        Exporter.export(Edition.of(PuzzleTimes.book(100)), folder.resolve("more"), Progress.SILENT)),
                "under 400 MB");
    }

    private void press(Path folder) {
        Book planner = PressTimes.planner("trade");
        int pages = Paginator.of(planner).pageCount();
        row("all checks of a day planner of " + pages + " pages", millis(PressTimes.checks(planner)), "under 2,000 ms");
        row("  its first finding", millis(PressTimes.first(planner)), "under 200 ms");
        row(
                "PDF/X-1a against an ordinary PDF of the same book",
                String.format(Locale.ROOT, "%.2f times", PressTimes.standard(planner, folder.resolve("standard"))),
                "at most 1.5 times");
        row("the reception's answer to it", millis(PressTimes.reception(planner, folder.resolve("taken"))), "");
    }

    /** Books that are larger than what they are drawn with. */
    private void large(Book large, Book photographs, Path folder) {
        Path file = folder.resolve("large.jorn");
        BookFile.save(large, file);
        row(
                "save a book of " + kilobytes(file.toFile().length()),
                seconds(() -> BookFile.save(large, file)),
                "under 2,000 ms");
        Path album = folder.resolve("album.jorn");
        BookFile.save(photographs, album);
        row(
                "open a book with 200 photographs, " + kilobytes(album.toFile().length()),
                seconds(() -> {
                    Edition edition = Edition.of(BookFile.load(album));
                    return edition.page(1);
                }),
                "under 2,000 ms");
    }

    /** Commands as whole processes, as the launcher starts them. */
    private void commands(Path launcher, Path folder) {
        row(
                "command help, whole process",
                millis(WholeCommand.measure(launcher, "help").seconds()),
                "under 250 ms");
        Path file = folder.resolve("thick.jorn");
        BookFile.save(thickBook(), file);
        WholeCommand export = WholeCommand.measure(
                launcher,
                "export",
                file.toString(),
                "--to",
                folder.resolve("out").toString());
        row("command export of " + PAGES + " lined pages, whole process", millis(export.seconds()), "under 500 ms");
        row("  its memory", String.format(Locale.ROOT, "%,d MB", export.memory() >> 20), "under 100 MB");
    }

    /** Pages, figures and checks of a book. */
    private static Object read(Book book) {
        Edition edition = Edition.of(book);
        edition.measures();
        return Checker.check(new Proof(edition, Unit.INCH));
    }

    /** What the window does before it shows a book: the rest of a check goes on beside it. */
    private static void open(Book book) {
        Edition edition = Edition.of(book);
        edition.measures();
        Checker.begin(new Proof(edition, Unit.INCH));
        edition.page(1);
    }

    /** A dated day planner that runs on over the years, to a thousand pages. */
    private static Book longest(Book year) {
        var from = year.calendar().from().orElseThrow();
        return year.withCalendar(year.calendar().dated(from, from.plusDays(830)));
    }

    /** The thickest lined book that the online press binds, lines off the page. */
    private static Book thickBook() {
        Brief brief = Brief.at(PressShelf.shipped().find("online"), Size.of(6, 9, Unit.INCH), PAGES);
        Book book = Starter.NOTEBOOK.begin(brief).withTitle("Thick");
        return book.withRecipe(0, r -> r.withRuling(Ruling.customary().withReach(Ruling.Reach.EDGE)));
    }

    private void exports(Book book, Path folder) {
        double[] ours = new double[ROUNDS];
        double[] plain = new double[ROUNDS];
        long size = 0;
        long plainSize = 0;
        Path plainFile = folder.resolve("plain.pdf");
        for (int i = -WARM_UP; i < ROUNDS; i++) {
            long from = System.nanoTime();
            WrittenFile interior =
                    Exporter.export(Edition.of(book), folder, Progress.SILENT).get(0);
            double mine = since(from);
            size = interior.bytes();
            from = System.nanoTime();
            plainSize = PlainWay.write(book, plainFile);
            double other = since(from);
            if (i >= 0) {
                ours[i] = mine;
                plain[i] = other;
            }
        }
        row("export " + PAGES + " lined pages and the cover, warm", millis(median(ours)), "under 1,500 ms");
        row("  its size", kilobytes(size), "under 200 kB");
        row("  forms that 120 equal pages are written as", forms(folder), "1");
        row("the plain way, each page's lines drawn anew", millis(median(plain)), "");
        row("  its size", kilobytes(plainSize), "");
        row("  peak heap of the plain way", peakHeap(() -> PlainWay.write(book, plainFile)), "");
        row("  peak heap of ours", peakHeap(() -> Exporter.export(Edition.of(book), folder, Progress.SILENT)), "");
    }

    /** How many drawings a file holds whose 120 pages are all the same design. */
    private static String forms(Path folder) {
        Book lined = Starter.NOTEBOOK.begin(thickBook().brief().withPages(120));
        Book all = lined.withRuns(List.of(lined.runs().get(lined.runs().size() - 1)));
        Path file =
                Exporter.export(Edition.of(all), folder, Progress.SILENT).get(0).file();
        return Integer.toString(PdfLook.forms(file));
    }

    /** A dated year with day pages, made and exported. */
    private void planner(Path folder) {
        Book year = Starter.DAY_PLANNER.begin().withTitle("Year");
        int pages = Paginator.of(year).pageCount();
        row(
                "a dated year of " + pages + " pages: all pages made",
                seconds(() -> {
                    Edition edition = Edition.of(year);
                    for (int n = 1; n <= pages; n++) {
                        edition.page(n);
                    }
                    return edition;
                }),
                "under 1,000 ms");
        long[] size = new long[1];
        row(
                "  exported",
                seconds(() -> {
                    size[0] = Exporter.export(Edition.of(year), folder, Progress.SILENT)
                            .get(0)
                            .bytes();
                    return size;
                }),
                "under 3,000 ms");
        row("  its size", kilobytes(size[0]), "under 3,000 kB");
        row("  peak heap", peakHeap(() -> Exporter.export(Edition.of(year), folder, Progress.SILENT)), "under 400 MB");
    }

    private static String seconds(Callable<?> work) {
        double[] times = new double[ROUNDS];
        for (int i = -2; i < times.length; i++) {
            long from = System.nanoTime();
            call(work);
            if (i >= 0) {
                times[i] = since(from);
            }
        }
        return millis(median(times));
    }

    private static String slowestStarter() {
        double slowest = 0;
        for (Starter starter : Starter.values()) {
            long from = System.nanoTime();
            open(starter.begin());
            slowest = Math.max(slowest, since(from));
        }
        return String.format(Locale.ROOT, "%.1f ms", slowest * 1000);
    }

    private static String peakHeap(Callable<?> work) {
        System.gc();
        var pools = ManagementFactory.getMemoryPoolMXBeans().stream()
                .filter(p -> p.getType() == MemoryType.HEAP)
                .toList();
        pools.forEach(MemoryPoolMXBean::resetPeakUsage);
        call(work);
        long peak = pools.stream().mapToLong(p -> p.getPeakUsage().getUsed()).sum();
        return String.format(Locale.ROOT, "%,d MB", peak >> 20);
    }

    private static String micros(Callable<?> work) {
        double[] times = new double[200];
        for (int i = -300; i < times.length; i++) {
            long from = System.nanoTime();
            call(work);
            if (i >= 0) {
                times[i] = since(from);
            }
        }
        return String.format(Locale.ROOT, "%.3f ms", median(times) * 1000);
    }

    private void covers() {
        CoverTimes.rows().forEach(r -> row(r[0], r[1], r[2]));
    }

    private void styles() {
        row("every design in every style, six trims, both sides", seconds(StyleTimes.everything()), "under 60 s");
        Book large = StyleTimes.large();
        row(
                "another style for " + Paginator.of(large).pageCount() + " pages: the seen spread is painted",
                millis(StyleTimes.change(large)),
                "under 100 ms");
        row("pictures of the whole catalogue composed", millis(StyleTimes.catalogue()), "under 500 ms");
    }

    private static String seconds(double seconds) {
        return String.format(Locale.ROOT, "%.1f s", seconds);
    }

    private static void call(Callable<?> work) {
        try {
            work.call();
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    private static double since(long nanos) {
        return (System.nanoTime() - nanos) / 1e9;
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    private static String millis(double seconds) {
        return String.format(Locale.ROOT, "%,.0f ms", seconds * 1000);
    }

    private static String kilobytes(long bytes) {
        return String.format(Locale.ROOT, "%,d kB", bytes / 1000);
    }

    private void row(String what, String measured, String aim) {
        out.printf(Locale.ROOT, "%-54s %14s   %s%n", what, measured, aim);
        out.flush();
    }

    private static Path temporary() {
        try {
            return Files.createTempDirectory("jorn-bench-");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
