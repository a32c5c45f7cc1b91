package jorn.desk.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.Specimen;
import jorn.deliver.ContactSheet;
import jorn.deliver.ContactSheet.Shown;
import jorn.edition.Edition;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.print.export.Authorship;
import jorn.print.pdf.PdfSink;
import jorn.recipe.Catalogue;
import jorn.store.SafeFile;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Writes contact sheets of the catalogue: every design as a spread, small. */
@Command(name = "sheet")
final class SheetCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(names = "--to", required = true, paramLabel = "FILE.pdf", description = "${bundle:cli.recipe.file-write}")
    private Path file;

    @Option(names = "--style", paramLabel = "ID", description = "${bundle:cli.sheet.style}")
    private List<String> styles;

    @Option(names = "--trim", paramLabel = "T", defaultValue = "6x9in", description = "${bundle:cli.recipe.trim-size}")
    private String trim;

    @Option(names = "--family", paramLabel = "F", description = "${bundle:cli.sheet.family}")
    private String family;

    @Option(names = "--design", paramLabel = "ID", description = "${bundle:cli.sheet.design}")
    private List<String> designs;

    @Option(names = "--undated", description = "${bundle:cli.sheet.undated}")
    private boolean undated;

    @Option(names = "--filled", description = "${bundle:cli.sheet.filled}")
    private boolean filled;

    @Option(names = "--words", paramLabel = "TAG", description = "${bundle:cli.sheet.words}")
    private String words;

    @Option(names = "--columns", paramLabel = "N", defaultValue = "5", description = "${bundle:cli.sheet.columns}")
    private int columns;

    @Option(names = "--replace", description = "${bundle:cli.export.replace}")
    private boolean replace;

    private record Spread(Catalogue.Entry entry, PageStyle style) {}

    @Override
    public Integer call() {
        Size size = Size.parse(trim, Unit.INCH);
        List<Spread> all = spreads();
        if (columns < 1 || columns > 12) {
            throw Trouble.of("cli.sheet.bad-columns", columns);
        }
        if (!replace) {
            Authorship.refuseStrangers(List.of(file));
        }
        SafeFile.write(file, out -> {
            try (PdfSink sink = new PdfSink("Jorn", "")) {
                for (PageArt sheet : ContactSheet.of(all.size(), i -> shown(all.get(i), size), columns)) {
                    sink.add(sheet);
                }
                sink.writeTo(out);
            }
        });
        spec.commandLine().getOut().println(file);
        return JornCommand.DONE;
    }

    private Shown shown(Spread spread, Size size) {
        Book book = Specimen.of(spread.entry(), spread.style(), size, !undated);
        Edition edition = Edition.of(
                words == null ? book : book.withCalendar(book.calendar().withLanguage(words)));
        return new Shown(
                filled ? edition.pages().filledIn(2) : edition.page(2),
                filled ? edition.pages().filledIn(3) : edition.page(3),
                spread.entry().name() + " · " + spread.style().called());
    }

    private List<Spread> spreads() {
        List<PageStyle> wanted = styles == null
                ? List.of(StyleShelf.shipped().get(0))
                : styles.contains("all")
                        ? StyleShelf.shipped()
                        : styles.stream().map(StyleShelf::of).toList();
        List<Spread> all = new ArrayList<>();
        for (Catalogue.Entry entry : entries()) {
            // The right page of two stands beside its left one.
            boolean standsBeside = entry.id().endsWith("-right") && designs == null;
            for (PageStyle style : standsBeside ? List.<PageStyle>of() : wanted) {
                all.add(new Spread(entry, style));
            }
        }
        return all;
    }

    private List<Catalogue.Entry> entries() {
        if (designs != null) {
            return designs.stream()
                    .map(d ->
                            Catalogue.find(d).orElseThrow(() -> Trouble.of("recipe.catalogue.there-no-page-design", d)))
                    .toList();
        }
        if (family == null) {
            return Catalogue.all();
        }
        List<Catalogue.Entry> found = Catalogue.all().stream()
                .filter(e ->
                        e.group().equalsIgnoreCase(family.strip()) || e.family().equals(family.strip()))
                .toList();
        if (found.isEmpty()) {
            throw Trouble.of("cli.sheet.no-such-family", family, String.join(", ", Catalogue.families()));
        }
        return found;
    }
}
