package jorn.desk.cli;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import jorn.book.Book;
import jorn.book.DirectPlan;
import jorn.book.Plans;
import jorn.book.Starter;
import jorn.brief.Measures;
import jorn.brief.Measures.Reckoning;
import jorn.edition.Edition;
import jorn.json.Json;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Numeral;
import jorn.measure.Scalar;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.Market;
import jorn.press.PressProfile;
import jorn.say.Wording;
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

    @Option(names = "--channel", paramLabel = "C", description = "${bundle:cli.measure.channel}")
    private String channel;

    @Option(names = "--tax", paramLabel = "R", description = "${bundle:cli.measure.tax}")
    private String tax;

    @Option(names = "--copies", paramLabel = "N", description = "${bundle:cli.measure.copies}")
    private String copies;

    @Option(names = "--json", description = "${bundle:cli.measure.one-json-object-keyed}")
    private boolean json;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        Book book = priced(book());
        Measures measures = measures(book);
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

    private Measures measures(Book book) {
        Edition edition = Edition.of(book);
        // Fields are counted on pages that are made.
        Measures.countedOn(edition.pagination()).forEach(edition::page);
        Reckoning how =
                new Reckoning(market == null ? "" : market, channel == null ? "" : channel, edition.colouredPages());
        return Measures.of(book, edition.pagination(), how);
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

    /** The book with the price, the tax and the copies of the command line. */
    private Book priced(Book book) {
        PressProfile press = book.brief().press();
        boolean asked = price != null || market != null || channel != null || tax != null || copies != null;
        if (!asked) {
            return book;
        }
        if (press.markets().isEmpty()) {
            throw Trouble.of("cli.measure.states-no-costs-so", press.name());
        }
        Market where = market == null ? press.markets().get(0) : press.requireMarket(market);
        if (channel != null) {
            where.requireChannel(channel);
        }
        Plans plans = book.plans();
        if (price != null) {
            plans = plans.withPrice(where.id(), Optional.of(number(price, "cli.measure.not-price")));
        }
        if (tax != null) {
            Optional<Double> rate = Optional.of(number(tax, "cli.measure.not-tax"));
            plans = plans.withSelling(plans.selling().withTax(where.id(), rate));
        }
        if (copies != null) {
            int n = Numeral.count(copies, Wording.of("cli.measure.number-copies"), 1, 1_000_000);
            plans = plans.withDirect(
                    Optional.of(plans.direct().orElse(DirectPlan.CUSTOMARY).withCopies(n)));
        }
        return book.withPlans(plans);
    }

    private static double number(String text, String refusal) {
        return Numeral.readSigned(text.replace("%", "")).orElseThrow(() -> Trouble.of(refusal, text));
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
