package jorn.say;

import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * All that people read, by key. A key is {@code table.place.thing}; each table is a file of this package for each language, such as
 * {@code check_de.properties}, in which the keys stand without the table's name.
 *
 * <p>Words with arguments are patterns in the syntax of ICU's message format: <a
 * href="https://unicode-org.github.io/icu/userguide/format_parse/messages/">Formatting Messages</a>. Words that take none are said
 * as they stand.
 */
public final class Wording {
    /** An argument whose number decides about the words: {@code {0, plural, one {# page} other {# pages}}}. */
    private static final Pattern COUNTS = Pattern.compile("\\{\\d+\\s*,");

    private static final Pattern PLACE = Pattern.compile("\\{(\\d+)}");

    private static final Map<String, Properties> TABLES = new ConcurrentHashMap<>();
    private static final Map<String, MessageFormat> FORMATS = new ConcurrentHashMap<>();

    private static volatile Language language = Language.ofSystem();

    private Wording() {}

    /** Chooses the language. Names that were read before stay in the language before, so it is chosen before all else. */
    public static void speak(Language wanted) {
        language = wanted;
    }

    public static Language language() {
        return language;
    }

    /**
     * The words in the language that is spoken.
     *
     * @param arguments numbers, or things whose own text is put in
     * @throws IllegalStateException where no table has the key, which is a fault of the program
     */
    public static String of(String key, @Nullable Object... arguments) {
        return in(language, key, arguments);
    }

    /** As {@link #of}, in this language. */
    public static String in(Language wanted, String key, @Nullable Object... arguments) {
        String pattern =
                find(wanted, key).orElseThrow(() -> new IllegalStateException("there are no words for " + key));
        return arguments.length == 0 ? pattern : format(wanted, key, pattern, arguments);
    }

    /** A name as it stands inside a sentence: small in English; German nouns stay as they are. */
    public static String within(String name) {
        return language == Language.ENGLISH ? name.toLowerCase(Locale.ROOT) : name;
    }

    /** The words that take no arguments, where there are any for this key. */
    public static Optional<String> find(String key) {
        return find(language, key);
    }

    private static Optional<String> find(Language wanted, String key) {
        return findIn(wanted.code(), key);
    }

    /** The words for this key in any language that has a table, as an IETF tag; in English where it has none. */
    static Optional<String> inTag(String tag, String key) {
        return findIn(code(tag), key);
    }

    /** As {@link #inTag}, but nothing where the language itself has no such words. */
    static Optional<String> ownOf(String tag, String key) {
        int point = key.indexOf('.');
        String own = table(key.substring(0, point), code(tag)).getProperty(key.substring(point + 1));
        return Optional.ofNullable(own);
    }

    private static String code(String tag) {
        return tag.toLowerCase(Locale.ROOT).replaceAll("[-_].*", "");
    }

    private static Optional<String> findIn(String code, String key) {
        int point = key.indexOf('.');
        if (point < 0) {
            return Optional.empty();
        }
        String name = key.substring(0, point);
        String bare = key.substring(point + 1);
        String found = table(name, code).getProperty(bare);
        return Optional.ofNullable(
                found == null ? table(name, Language.ENGLISH.code()).getProperty(bare) : found);
    }

    /**
     * A table; empty where there is none in this language.
     *
     * @param name of the table: {@code check}
     */
    private static Properties table(String name, String code) {
        return TABLES.computeIfAbsent(name + "_" + code, Wording::read);
    }

    private static Properties read(String file) {
        Properties words = new Properties();
        try (InputStream in = Wording.class.getResourceAsStream(file + ".properties")) {
            if (in != null) {
                words.load(new InputStreamReader(in, StandardCharsets.UTF_8));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return words;
    }

    private static String format(Language wanted, String key, String pattern, @Nullable Object... arguments) {
        boolean counts = COUNTS.matcher(pattern).find();
        if (!counts && pattern.indexOf('\'') < 0) {
            // Nothing but places to put words in: a short command need not load the whole formatter for them.
            return PLACE.matcher(pattern)
                    .replaceAll(m -> Matcher.quoteReplacement(String.valueOf(arguments[Integer.parseInt(m.group(1))])));
        }
        @Nullable Object[] given = new @Nullable Object[arguments.length];
        for (int i = 0; i < given.length; i++) {
            // A number that is only put in has been rounded and written by whoever gives it.
            given[i] = counts && arguments[i] instanceof Number ? arguments[i] : String.valueOf(arguments[i]);
        }
        MessageFormat format =
                FORMATS.computeIfAbsent(wanted.code() + ":" + key, k -> new MessageFormat(pattern, wanted.locale()));
        synchronized (format) {
            return format.format(given);
        }
    }

    /** The first of many, parted by commas; what is left out is told by three dots. */
    public static String some(Collection<?> all, int most) {
        String named = all.stream().limit(most).map(String::valueOf).collect(Collectors.joining(", "));
        return all.size() > most ? named + " …" : named;
    }
}
