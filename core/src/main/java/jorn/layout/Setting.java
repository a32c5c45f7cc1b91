package jorn.layout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jorn.measure.Length;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.say.BookWords;
import jorn.say.SettingKind;
import jorn.say.Wording;
import org.jspecify.annotations.Nullable;

/**
 * One setting of a part of a design, so that it can be shown and changed.
 *
 * @param id short and lasting, as in a design's file; inside of another setting with a point between
 * @param name as people see it
 * @param kind what is set
 * @param value what it is now: a {@link Length}, {@link Double}, {@link Integer}, {@link Boolean}, {@link String}, a list of
 *     them, one of the options, or an {@link Optional} of these
 * @param options what can be chosen; empty where something is written
 * @param language in which words that are keys are shown, as an IETF tag
 */
public record Setting(String id, String name, SettingKind kind, Object value, List<Option> options, String language) {
    /**
     * Something that can be chosen.
     *
     * @param value what is set
     * @param word as people see it
     */
    public record Option(Object value, String word) {}

    public Setting {
        options = List.copyOf(options);
    }

    /** The same, with words that are keys shown in a book's language. */
    public Setting in(String tag) {
        return new Setting(id, name, kind, value, options, tag);
    }

    /** Whether it may be left empty. */
    public boolean mayBeEmpty() {
        return value instanceof Optional;
    }

    private @Nullable Object bare() {
        return value instanceof Optional<?> o ? o.orElse(null) : value;
    }

    /** Whether this option is the present one. */
    public boolean isNow(Option option) {
        return option.value().equals(bare());
    }

    /** How it is written now; empty where it is not set. */
    public String written(Unit unit) {
        Object now = bare();
        if (now == null) {
            return "";
        }
        return switch (kind) {
            case LENGTH -> ((Length) now).format(unit);
            case TYPE_SIZE -> Numeral.trimmed(((Length) now).points(), 2) + " pt";
            case WEIGHT -> Numeral.trimmed((Double) now, 2) + " pt";
            case NUMBER -> Numeral.trimmed((Double) now, 3);
            case PER_CENT -> Numeral.trimmed((Double) now * 100, 1) + " %";
            case ORDINAL -> Integer.toString((Integer) now + 1);
            case WORD_LIST -> String.join(", ", BookWords.resolved(language, strings(now)));
            case NUMBER_LIST -> String.join(
                    "; ",
                    ((List<?>) now)
                            .stream().map(n -> Numeral.trimmed((Double) n, 3)).toList());
            default -> BookWords.resolved(language, now.toString());
        };
    }

    private static List<String> strings(@Nullable Object list) {
        return list instanceof List<?> all ? all.stream().map(Object::toString).toList() : List.of();
    }

    /** What was typed, or the key whose words it still is, so that what nobody changed goes on following the book's language. */
    private String keyed(String typed) {
        Object now = bare();
        List<String> had = now instanceof String one ? List.of(one) : strings(now);
        return had.stream()
                .filter(h -> BookWords.resolved(language, h).equals(typed))
                .findFirst()
                .orElse(typed);
    }

    /**
     * Reads what was written.
     *
     * @param unit of lengths that are written without one
     * @return the value, to be given to {@link PartSettings#with}
     * @throws Trouble where it is no such thing
     */
    public Object read(String text, Unit unit) {
        String bare = text.strip();
        if (bare.isEmpty() && mayBeEmpty()) {
            return Optional.empty();
        }
        Object read =
                switch (kind) {
                    case LENGTH -> Length.parse(bare, unit);
                    case TYPE_SIZE -> Length.parse(bare, Unit.POINT);
                    case WEIGHT -> number(bare, "pt", Wording.of("layout.setting.pt"));
                    case NUMBER -> number(bare, "", "1.5");
                    case PER_CENT -> number(bare, "%", "35 %") / 100;
                    case WHOLE -> whole(bare);
                    case ORDINAL -> whole(bare) - 1;
                    case WORD_LIST -> Arrays.stream(bare.split("[,;\n]"))
                            .map(String::strip)
                            .filter(s -> !s.isEmpty())
                            .map(this::keyed)
                            .toList();
                    case NUMBER_LIST -> numbers(bare);
                    default -> keyed(text.replace("\r", "").stripTrailing());
                };
        return mayBeEmpty() ? Optional.of(read) : read;
    }

    private List<Double> numbers(String text) {
        List<Double> all = new ArrayList<>();
        for (String each : text.split("[;\\s]+")) {
            if (!each.isBlank()) {
                all.add(number(each, "", "2; 1; 1"));
            }
        }
        return all;
    }

    private int whole(String text) {
        double n = number(text, "", "5");
        if (n != Math.rint(n) || Math.abs(n) > 100_000) {
            throw Trouble.of("layout.setting.not-whole-number-for", text, name);
        }
        return (int) n;
    }

    private double number(String text, String sign, String example) {
        String lower = text.toLowerCase(Locale.ROOT);
        String digits =
                !sign.isEmpty() && lower.endsWith(sign) ? lower.substring(0, lower.length() - sign.length()) : lower;
        return Numeral.read(digits).orElseThrow(() -> Trouble.of("layout.setting.not-number-for", text, name, example));
    }
}
