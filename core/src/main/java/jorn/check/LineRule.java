package jorn.check;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.MarkInks;
import jorn.art.Marks.Standing;
import jorn.art.Palette;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.colour.Lab;
import jorn.edition.Edition.Sighting;
import jorn.measure.Numeral;
import jorn.say.Message;

/**
 * Lines under about 15 % grey vanish in print, and hairlines under 0.3 pt break up (common practice). A grey
 * of black ink is dots, so a grey line thinner than three quarters of a point is better solid and thin (common practice). A colour is as faint
 * as the grey of its lightness. Each of the two is looked for by a rule of its own.
 */
final class LineRule extends ArtRule {
    private static final double FAINTEST = 0.15;
    private static final double THINNEST = 0.3;

    /** In points. */
    private static final double LARGEST_DOT = 4;

    /** What is drawn over it is not seen as a line; rounding of numbers in files. */
    private static final double SLACK = 1e-3;

    /** The lightness of a tint of black. */
    private static double lightness(double strength) {
        return Lab.ofRgb(Ink.black(strength).rgb()).l();
    }

    /** The tint of black that is as light as an ink. */
    private static double strength(Ink ink) {
        double wanted = Lab.ofRgb(ink.rgb()).l();
        double low = 0;
        double high = 1;
        for (int i = 0; i < 12; i++) {
            double middle = (low + high) / 2;
            if (lightness(middle) > wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    private final Function<Standing, Optional<Fault>> fault;

    private LineRule(Function<Standing, Optional<Fault>> fault) {
        this.fault = fault;
    }

    /** Looks for lines that may vanish. */
    static LineRule faint() {
        double lightest = lightness(FAINTEST);
        Map<Ink, Double> known = new HashMap<>();
        return new LineRule(s -> faint(s, lightest, known));
    }

    /** Looks for lines that may break up. */
    static LineRule thin() {
        return new LineRule(LineRule::thin);
    }

    /** Looks for thin lines in a grey of black ink, which print as dots. */
    static LineRule dotted() {
        return new LineRule(LineRule::dotted);
    }

    private static Optional<Fault> dotted(Standing standing) {
        if (!(standing.mark() instanceof Mark.Stroke stroke)) {
            return Optional.empty();
        }
        double weight = stroke.width() * standing.at().enlarges();
        boolean grey = stroke.ink() instanceof Ink.Black black && black.strength() < 1;
        return weight >= Palette.THINNEST_TINTED - SLACK || !grey
                ? Optional.empty()
                : Optional.of(new Fault(
                        "line.dots",
                        Severity.NOTE,
                        Message.of("check.line.thin-grey-lines-are"),
                        Message.of(
                                "check.line.pt-of-grey",
                                Numeral.under(weight, 3),
                                Math.round(((Ink.Black) stroke.ink()).strength() * 100)),
                        Message.of("check.line.solid-or-heavier"),
                        Message.of("check.line.rule-them-solid")));
    }

    @Override
    Optional<Finding> look(Proof proof, Sighting sighting) {
        return sighting.standing().stream()
                .filter(s -> s.mark() instanceof Mark.Stroke || isDot(s))
                .flatMap(s -> fault.apply(s).stream()
                        .map(f -> new Finding(
                                f.id(),
                                f.severity(),
                                Place.page(sighting.slot().number(), s.bounds()),
                                f.message(),
                                f.measured(),
                                f.required(),
                                f.remedy())))
                .findFirst();
    }

    /** Dots of a dotted ruling are small areas, all of a page in one. */
    static boolean isDot(Standing s) {
        return s.mark() instanceof Mark.Fill fill
                && !s.bounds().isEmpty()
                && fill.path().largestPiece() < LARGEST_DOT;
    }

    private record Fault(
            String id, Severity severity, Message message, Message measured, Message required, Message remedy) {}

    private static Optional<Fault> faint(Standing standing, double lightest, Map<Ink, Double> known) {
        Ink full = MarkInks.of(standing.mark()).orElseThrow();
        Ink ink = standing.opacity() == 1 ? full : full.faded(standing.opacity());
        return known.computeIfAbsent(ink, i -> Lab.ofRgb(i.rgb()).l()) <= lightest + SLACK
                ? Optional.empty()
                : Optional.of(new Fault(
                        "line.thin",
                        Severity.WARNING,
                        Message.of("check.line.lines-so-faint-they"),
                        Message.of(
                                "check.line.grey",
                                Math.min(Math.round(strength(ink) * 100), Math.round(FAINTEST * 100) - 1)),
                        Message.of("check.line.or-more"),
                        Message.of("check.line.make-lines-darker")));
    }

    private static Optional<Fault> thin(Standing standing) {
        double weight = standing.mark() instanceof Mark.Stroke stroke
                ? stroke.width() * standing.at().enlarges()
                : ((Mark.Fill) standing.mark()).path().largestPiece();
        return weight >= THINNEST - SLACK
                ? Optional.empty()
                : Optional.of(new Fault(
                        "line.thin",
                        Severity.WARNING,
                        Message.of("check.line.lines-so-thin-they"),
                        Message.of("check.line.pt", Numeral.under(weight, 3)),
                        Message.of("check.line.pt-or-more"),
                        Message.of("check.line.make-lines-heavier")));
    }
}
