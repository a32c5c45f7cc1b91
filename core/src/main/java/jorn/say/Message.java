package jorn.say;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something to be said, as key and arguments; it becomes words when it is shown.
 *
 * @param key as {@link Wording} know it; empty for words that are no table's, such as a measure or a name
 * @param arguments numbers, or things whose own text is put in
 */
public record Message(String key, List<Object> arguments) {
    /** Nothing to be said. */
    public static final Message NOTHING = plain("");

    public Message {
        arguments = List.copyOf(arguments);
    }

    public static Message of(String key, @Nullable Object... arguments) {
        return new Message(
                key, Arrays.stream(arguments).map(a -> a == null ? "" : a).toList());
    }

    /** Words that are the same in every language. */
    public static Message plain(String words) {
        return new Message("", List.of(words));
    }

    /** The words, in the language that is spoken. */
    public String text() {
        return key.isEmpty() ? arguments.get(0).toString() : Wording.of(key, arguments.toArray());
    }

    @Override
    public String toString() {
        return text();
    }
}
