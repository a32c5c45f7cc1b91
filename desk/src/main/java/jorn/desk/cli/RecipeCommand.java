package jorn.desk.cli;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import jorn.art.PageArt;
import jorn.art.Side;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.Placement;
import jorn.book.Run;
import jorn.book.Specimen;
import jorn.book.Starter;
import jorn.calendar.Span;
import jorn.edition.Edition;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.print.export.Authorship;
import jorn.print.export.ShopPicture;
import jorn.print.pdf.PdfSink;
import jorn.recipe.Catalogue;
import jorn.store.SafeFile;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes one page of a design. */
@Command(name = "recipe")
final class RecipeCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "ID", description = "${bundle:cli.recipe.design-see-jorn-recipes}")
    private String id;

    @Option(names = "--trim", paramLabel = "T", defaultValue = "6x9in", description = "${bundle:cli.recipe.trim-size}")
    private String trim;

    @Option(names = "--side", paramLabel = "S", description = "${bundle:cli.recipe.recto-or-verso}")
    private String side;

    @Option(names = "--style", paramLabel = "ID", description = "${bundle:cli.new.style}")
    private String style;

    @Option(
            names = "--to",
            required = true,
            paramLabel = "FILE.pdf|png",
            description = "${bundle:cli.recipe.file-write}")
    private Path file;

    @Option(names = "--dated", description = "${bundle:cli.recipe.dated}")
    private boolean dated;

    @Option(names = "--filled", description = "${bundle:cli.sheet.filled}")
    private boolean filled;

    @Option(names = "--replace", description = "${bundle:cli.export.replace}")
    private boolean replace;

    @Override
    public Integer call() {
        Side wanted = side();
        Size size = Size.parse(trim, Unit.INCH);
        Book book = style == null ? page(id, size) : styled(wanted, size);
        if (!replace) {
            Authorship.refuseStrangers(List.of(file));
        }
        Edition edition = Edition.of(book);
        int number = wanted == Side.VERSO ? 2 : style == null ? 1 : 3;
        PageArt page = filled ? edition.pages().filledIn(number) : edition.page(number);
        if (file.toString().toLowerCase(Locale.ROOT).endsWith(".png")) {
            ShopPicture.write(page, file);
        } else {
            SafeFile.write(file, out -> {
                try (PdfSink sink = new PdfSink(id, "")) {
                    sink.add(page);
                    sink.writeTo(out);
                }
            });
        }
        spec.commandLine().getOut().println(file);
        return JornCommand.DONE;
    }

    /** On which side it stands: as asked for, or where it customarily does. */
    private Side side() {
        if (side == null) {
            return Catalogue.find(id).flatMap(Catalogue.Entry::facing).isPresent() ? Side.VERSO : Side.RECTO;
        }
        return switch (side) {
            case "recto" -> Side.RECTO;
            case "verso" -> Side.VERSO;
            default -> throw Trouble.of("cli.recipe.not-side", side);
        };
    }

    /** In a style, on a spread: this design on its side, and opposite the one that customarily faces it. */
    private Book styled(Side wanted, Size size) {
        PageStyle as = StyleShelf.of(style);
        Catalogue.Entry entry =
                Catalogue.find(id).orElseThrow(() -> Trouble.of("recipe.catalogue.there-no-page-design", id));
        if (wanted == Side.VERSO) {
            return Specimen.of(entry, as, size, dated);
        }
        Optional<Span> span = dated ? entry.span() : Optional.empty();
        return Specimen.of(entry.recipe(), entry.recipe(), span, as, size);
    }

    private static Book page(String id, Size size) {
        Starter base = Starter.NOTEBOOK;
        Brief brief = base.usualBrief().withTrim(size);
        return base.begin(brief).withRuns(List.of(Run.filling(id, Catalogue.recipe(id), Placement.Start.ANYWHERE)));
    }
}
