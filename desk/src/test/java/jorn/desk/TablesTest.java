package jorn.desk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.ibm.icu.text.MessagePattern;
import java.io.IOException;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jorn.layout.NodeKinds;
import jorn.layout.PartSettings;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.recipe.Catalogue;
import jorn.say.BookWords;
import jorn.say.Language;
import jorn.say.TradeName;
import jorn.say.Wording;
import org.junit.jupiter.api.Test;

/** The tables of words hold every word that is said, none that is not, and all of them in every language. */
class TablesTest {
    private static final Path TABLES = Path.of("..", "core", "src", "main", "resources", "jorn", "say");
    private static final List<Path> SOURCES = Stream.of("core", "print", "desk")
            .map(m -> Path.of("..", m, "src", "main", "java"))
            .toList();

    /** A key, or the beginning of one that is completed when it is said. */
    private static final Pattern KEY = Pattern.compile("\"(?:\\$\\{bundle:)?([a-z]+\\.[a-z0-9-]+\\.[a-z0-9.-]*)}?\"");

    /** Where a literal can only be a key. */
    private static final Pattern SAID = Pattern.compile(
            "(?:Wording\\.of|Message\\.of|Trouble\\.of|\\.say|Notice\\.done|@Label|new Verb)\\((?:\"[a-z]+\",)?\\s*\"([a-z.0-9-]+)\"");

    /** Tables whose keys are made of the names of things. */
    private static final Set<String> NAMED = Set.of("trade", "designs", "pages", "hand", "holidays");

    private static final String SOURCE = read();

    private static String read() {
        return SOURCES.stream()
                .flatMap(TablesTest::files)
                .map(f -> {
                    try {
                        return Files.readString(f);
                    } catch (IOException e) {
                        throw new java.io.UncheckedIOException(e);
                    }
                })
                .collect(Collectors.joining("\n"));
    }

    private static Stream<Path> files(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(f -> f.toString().endsWith(".java")).toList().stream();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static Map<String, String> table(Language language) throws IOException {
        Map<String, String> all = new TreeMap<>();
        String ending = "_" + language.code() + ".properties";
        try (Stream<Path> files = Files.list(TABLES)) {
            for (Path file : files.filter(f -> f.toString().endsWith(ending)).toList()) {
                Properties words = new Properties();
                try (Reader in = Files.newBufferedReader(file, StandardCharsets.UTF_8)) {
                    words.load(in);
                }
                String name = file.getFileName().toString().replace(ending, "");
                words.forEach((k, v) -> all.put(name + "." + k, v.toString()));
            }
        }
        assertTrue(all.size() > 1500, "the tables are found");
        return all;
    }

    @Test
    void everyKeyThatIsSaidHasWords() throws IOException {
        Set<String> known = table(Language.ENGLISH).keySet();
        Set<String> missing = new TreeSet<>();
        Matcher m = SAID.matcher(SOURCE);
        int said = 0;
        while (m.find()) {
            said++;
            String key = m.group(1);
            boolean begins = key.endsWith(".") || key.endsWith("-");
            if (begins ? known.stream().noneMatch(k -> k.startsWith(key)) : !known.contains(key)) {
                missing.add(key);
            }
        }
        assertTrue(said > 1200, "only " + said + " places say something");
        assertEquals(Set.of(), missing);
    }

    @Test
    void everyRefusalSaysWhatToDo() throws IOException {
        Set<String> known = table(Language.ENGLISH).keySet();
        Matcher m = Pattern.compile(
                        "(?:Trouble\\.of\\(|Trouble\\.because\\([^,]+,|Notice\\.done\\(|desk\\.say\\()\\s*\"([a-z.0-9-]+)\"")
                .matcher(SOURCE);
        Set<String> without = new TreeSet<>();
        while (m.find()) {
            if (!known.contains(m.group(1) + ".do")) {
                without.add(m.group(1));
            }
        }
        assertEquals(Set.of(), without);
    }

    @Test
    void noTableHasWordsThatNobodySays() throws IOException {
        Set<String> said = new TreeSet<>();
        Set<String> beginnings = new TreeSet<>();
        Matcher m = KEY.matcher(SOURCE);
        while (m.find()) {
            (m.group(1).endsWith(".") || m.group(1).endsWith("-") ? beginnings : said).add(m.group(1));
        }
        Set<String> unused = new TreeSet<>();
        for (String key : table(Language.ENGLISH).keySet()) {
            String bare = key.endsWith(".do") ? key.substring(0, key.length() - 3) : key;
            if (!NAMED.contains(key.substring(0, key.indexOf('.')))
                    && !said.contains(key)
                    && !said.contains(bare)
                    && beginnings.stream().noneMatch(key::startsWith)) {
                unused.add(key);
            }
        }
        assertEquals(Set.of(), unused);
    }

    /** Words that no friendly printer says, each once found in the window. */
    private static final Pattern STIFF =
            Pattern.compile("\\bshall\\b|\\bis no (?!longer)\\w+\\.|less than nothing|\\bspell\\w* .* otherwise");

    @Test
    void nothingIsSaidStiffly() throws IOException {
        Set<String> stiff = new TreeSet<>();
        table(Language.ENGLISH).forEach((key, words) -> {
            if (STIFF.matcher(words.toString()).find()) {
                stiff.add(key + ": " + words);
            }
        });
        assertEquals(Set.of(), stiff);
    }

    @Test
    void everyWordIsThereInGermanAndNoOther() throws IOException {
        assertEquals(table(Language.ENGLISH).keySet(), table(Language.GERMAN).keySet());
    }

    @Test
    void bothLanguagesPutInTheSameArguments() throws IOException {
        Map<String, String> german = table(Language.GERMAN);
        table(Language.ENGLISH)
                .forEach((key, words) -> assertEquals(arguments(words), arguments(german.get(key)), key));
    }

    private static Set<String> arguments(String words) {
        return Pattern.compile("\\{(\\d+)")
                .matcher(words)
                .results()
                .map(r -> r.group(1))
                .collect(Collectors.toSet());
    }

    @Test
    void everyPatternIsInOrder() throws IOException {
        for (Language language : Language.values()) {
            table(language).forEach((key, words) -> {
                if (!arguments(words).isEmpty()) {
                    MessagePattern pattern = new MessagePattern(words);
                    assertTrue(pattern.hasNumberedArguments(), language + " " + key);
                }
            });
        }
    }

    @Test
    void theShippedPressesAndDesignsAreNamedInGerman() {
        for (PressProfile press : PressShelf.shipped().profiles()) {
            Stream<String> names = Stream.of(
                            press.papers().stream().map(p -> p.name()),
                            press.inks().stream().map(i -> i.name()),
                            press.markets().stream().map(m -> m.name()),
                            Stream.of(press.about(), press.verify()))
                    .flatMap(s -> s);
            names.forEach(n -> assertTrue(german(n).isPresent(), press.id() + ": " + n));
        }
        assertFalse(Catalogue.all().isEmpty());
        Pattern key = Pattern.compile("@([a-z0-9-]+)");
        Catalogue.all().forEach(e -> key.matcher(e.recipe().toString())
                .results()
                .forEach(m -> assertTrue(BookWords.key(m.group()).isPresent(), e.id() + ": " + m.group())));
    }

    private static Optional<String> german(String english) {
        Language before = Wording.language();
        try {
            Wording.speak(Language.GERMAN);
            return Optional.of(TradeName.of(english)).filter(g -> !g.equals(english));
        } finally {
            Wording.speak(before);
        }
    }

    @Test
    void everySettingOfEveryBlockAndEveryChoiceHasItsWords() {
        assertFalse(NodeKinds.offers().isEmpty());
        NodeKinds.offers().forEach(o -> PartSettings.of(o.fresh().get()).forEach(s -> {
            assertFalse(s.name().isBlank(), o.id() + " " + s.id());
            s.options().forEach(option -> assertFalse(option.word().isBlank(), o.id() + " " + s.id()));
        }));
    }
}
