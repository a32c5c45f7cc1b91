package jorn.measure;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jorn.say.Wording;

/**
 * A computed number that explains itself: what it is, what it amounts to, the formula, the figures that went in, and the
 * rule or profile clause that it came from.
 *
 * @param key the short id that stays: {@code spine.width}
 * @param label the trade's word for it
 * @param value what it amounts to
 * @param precision how many decimals it deserves
 * @param formula the formula, with the keys of the inputs in braces: {@code 2 × ({trim.width} + {bleed}) + {spine.width}};
 *     empty where the figure is a plain decision or a number read from the profile
 * @param inputs the figures that went in
 * @param source where the rule or the number comes from: a profile, a standard, the user's own decision
 */
public record Figure(
        String key,
        String label,
        Quantity value,
        Quantity.Precision precision,
        String formula,
        List<Figure> inputs,
        String source) {
    private static final Pattern FIELD = Pattern.compile("\\{([^}]+)}");

    public Figure {
        inputs = List.copyOf(inputs);
    }

    /** A figure that the user decided or that a profile states, with nothing behind it. */
    public static Figure given(String key, String label, Quantity value, String source) {
        return new Figure(key, label, value, Quantity.Precision.PLAIN, "", List.of(), source);
    }

    /** A figure computed from others. Every key in the formula must be among the inputs. */
    public static Figure computed(
            String key, String label, Quantity value, String formula, String source, Figure... inputs) {
        Figure figure = new Figure(key, label, value, Quantity.Precision.PLAIN, formula, List.of(inputs), source);
        Matcher m = FIELD.matcher(formula);
        while (m.find()) {
            figure.input(m.group(1));
        }
        return figure;
    }

    /** The same, shown with more or fewer decimals. */
    public Figure shown(Quantity.Precision wanted) {
        return new Figure(key, label, value, wanted, formula, inputs, source);
    }

    /** The value in words, lengths in the unit given. */
    public String text(Unit unit) {
        return value.format(unit, precision);
    }

    /**
     * The value as a length.
     *
     * @throws IllegalStateException where it is none
     */
    public Length length() {
        if (value instanceof Length length) {
            return length;
        }
        throw new IllegalStateException(key + " is no length");
    }

    /**
     * The value as a number.
     *
     * @throws IllegalStateException where it is none
     */
    public double number() {
        if (value instanceof Scalar scalar) {
            return scalar.value();
        }
        throw new IllegalStateException(key + " is no number");
    }

    /** Whether it is answered by yes. */
    public boolean isYes() {
        return value instanceof Scalar scalar && scalar.unit().equals(Scalar.YES_NO) && scalar.value() != 0;
    }

    /** The formula with the names of the inputs: "2 × (trim width + bleed) + spine". */
    public String inWords() {
        return fill(f -> Wording.within(f.label));
    }

    /** The formula with their values: "2 × (6 in + 0.125 in) + 0.270 in". */
    public String inNumbers(Unit unit) {
        return fill(f -> f.text(unit));
    }

    /** The working as text, one step a line, down to the decisions that it rests on. */
    public String working(Unit unit) {
        Map<String, String> lines = new LinkedHashMap<>();
        explain(unit, lines);
        return String.join("\n", lines.values());
    }

    private void explain(Unit unit, Map<String, String> lines) {
        if (lines.containsKey(key)) {
            return;
        }
        String from = source.isEmpty() ? "" : " (" + source + ")";
        if (formula.isEmpty()) {
            if (source.isEmpty() && !lines.isEmpty()) {
                return;
            }
            lines.put(key, label + " = " + text(unit) + from);
            return;
        }
        String words = inWords();
        String numbers = inNumbers(unit);
        String middle = words.equals(numbers) ? words : words + " = " + numbers;
        lines.put(key, label + " = " + middle + " = " + text(unit) + from);
        for (Figure input : inputs) {
            input.explain(unit, lines);
        }
    }

    private Figure input(String wanted) {
        return inputs.stream()
                .filter(f -> f.key.equals(wanted))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(key + " has no input " + wanted));
    }

    private String fill(java.util.function.Function<Figure, String> words) {
        return FIELD.matcher(formula).replaceAll(r -> Matcher.quoteReplacement(words.apply(input(r.group(1)))));
    }
}
