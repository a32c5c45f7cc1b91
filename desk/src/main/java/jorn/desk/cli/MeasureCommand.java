package jorn.desk.cli;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.brief.Measures;
import jorn.json.Json;
import jorn.makeup.Paginator;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Numeral;
import jorn.measure.Scalar;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Prints all figures of a book or of a brief. */
@Command(name = "measure")
final class MeasureCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(arity = "0..1", paramLabel = "FILE.jorn", description = "${bundle:cli.measure.book}")
    private Path file;

    @Mixin
    private BriefOptions options;

    @Option(names = "--price", paramLabel = "N", description = "${bundle:cli.measure.list-price-see-what}")
    private String price;

    @Option(names = "--market", paramLabel = "M", description = "${bundle:cli.measure.market-press-us-uk}")
    private String market;

    @Option(names = "--json", description = "${bundle:cli.measure.one-json-object-keyed}")
    private boolean json;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        Book book = priced(book());
        Measures measures = Measures.of(book, Paginator.of(book), market == null ? "" : market);
        if (json) {
            Map<String, Object> all = new LinkedHashMap<>();
            measures.all().forEach((key, figure) -> all.put(key, object(figure)));
            out.println(new String(Json.write(all), java.nio.charset.StandardCharsets.UTF_8));
        } else {
            for (Figure figure : measures.all().values()) {
                String value = figure.value() instanceof Length
                        ? figure.text(Unit.INCH) + "\t" + figure.text(Unit.MILLIMETRE)
                        : figure.text(Unit.INCH) + "\t";
                out.println(figure.key() + "\t" + value + "\t"
                        + figure.working(Unit.INCH).lines().findFirst().orElse(""));
            }
        }
        return JornCommand.DONE;
    }

    private Book book() {
        if (file != null) {
            if (!options.isEmpty()) {
                throw Trouble.of("cli.measure.both-book-options-brief");
            }
            return BookOnDisk.load(file, spec.commandLine().getErr());
        }
        if (options.isEmpty()) {
            throw Trouble.of("cli.measure.nothing-given-measure");
        }
        return Starter.NOTEBOOK.begin(
                options.brief(Starter.NOTEBOOK.usualBrief()).withBleed(options.bleed));
    }

    /** The book with the price and market of the command line. */
    private Book priced(Book book) {
        var press = book.brief().press();
        if (market != null) {
            press.requireMarket(market);
        }
        if (price == null) {
            return book;
        }
        if (press.markets().isEmpty()) {
            throw Trouble.of("cli.measure.states-no-costs-so", press.name());
        }
        double amount = Numeral.read(price).orElseThrow(() -> Trouble.of("cli.measure.not-price", price));
        String where = market == null ? press.markets().get(0).id() : market;
        return book.withPlans(book.plans().withPrice(where, Optional.of(amount)));
    }

    private static Map<String, Object> object(Figure figure) {
        Map<String, Object> object = new LinkedHashMap<>();
        if (figure.value() instanceof Length length) {
            object.put("in", rounded(length.in(Unit.INCH)));
            object.put("mm", rounded(length.in(Unit.MILLIMETRE)));
        } else if (figure.value() instanceof Scalar scalar) {
            boolean answer = scalar.unit().equals(Scalar.YES_NO);
            object.put("value", answer ? (Object) (scalar.value() != 0) : number(scalar));
            object.put("unit", answer ? "" : scalar.unit());
        }
        object.put("working", figure.working(Unit.INCH));
        return object;
    }

    private static Number number(Scalar scalar) {
        if (scalar.decimals() == 0) {
            return Math.round(scalar.value());
        }
        double scale = Math.pow(10, scalar.decimals());
        return Math.round(scalar.value() * scale) / scale;
    }

    private static double rounded(double value) {
        return Math.round(value * 1e5) / 1e5;
    }
}
