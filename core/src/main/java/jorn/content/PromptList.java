package jorn.content;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import jorn.say.Wording;

/**
 * A list of questions to write about that ships with Jorn, one on each line of a file {@code jorn/prompts/ID_LANGUAGE.txt}.
 *
 * @param id short and lasting: {@code gratitude}
 * @param language in which it is written, by ISO 639-1
 */
public record PromptList(String id, String language) {
    private static final List<String> IDS = List.of(
            "gratitude",
            "reflection",
            "travel",
            "reading",
            "family-stories",
            "children",
            "health",
            "work",
            "dreams",
            "comfort",
            "garden",
            "bees");

    private static final String FIRST = "en";

    /** Those that have been asked for: the slip of a run shows how many questions each has whenever it is opened. */
    private static final Map<PromptList, List<String>> READ = new ConcurrentHashMap<>();

    /** All lists, in a book's language where they are written in it and otherwise in English. */
    public static List<PromptList> in(String tag) {
        String own = Locale.forLanguageTag(tag).getLanguage();
        return IDS.stream()
                .map(id -> new PromptList(id, PromptList.class.getResource(file(id, own)) == null ? FIRST : own))
                .toList();
    }

    private static String file(String id, String language) {
        return "/jorn/prompts/" + id + "_" + language + ".txt";
    }

    /** What it is about: "Gratitude". */
    public String name() {
        return Wording.of("book.prompts." + id);
    }

    /** The questions, in an order in which they can be taken. */
    public List<String> words() {
        return READ.computeIfAbsent(this, PromptList::read);
    }

    private List<String> read() {
        try (InputStream in = PromptList.class.getResourceAsStream(file(id, language))) {
            if (in == null) {
                throw new IllegalStateException("no list " + id);
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
