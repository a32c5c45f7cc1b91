package jorn.desk.briefs;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jorn.say.Wording;

/** The clauses of a press profile in words, each with its unit. */
final class BriefWords {
    /** What is of use to files only. */
    private static final List<String> UNSEEN = List.of("format", "id", "standard");

    /** Clauses that are one of several, by name, as the file writes them. */
    private static final Map<String, List<String>> CHOICES = Map.of(
            "sides", List.of("three", "four"),
            "delivery", List.of("tight", "fixed", "none"),
            "by", List.of("press", "publisher"),
            "duplex", List.of("automatic", "manual"),
            "binding", List.of("glued", "stitched", "cased", "jacket", "coil", "loose"));

    private BriefWords() {}

    /** Whether a clause is shown. */
    static boolean isSeen(String name) {
        return !UNSEEN.contains(name);
    }

    /**
     * The words of a clause.
     *
     * @param in the name of what it is a clause of; empty at the top
     */
    static String of(String in, String name) {
        return Wording.find("desk.brief-words." + key(in) + "-" + key(name))
                .or(() -> Wording.find("desk.brief-words." + key(name)))
                .orElse(key(name).replace('-', ' '));
    }

    /** What it means and why it matters, where there is more to say. */
    static String help(String in, String name) {
        return Wording.find("desk.brief-words." + key(in) + "-" + key(name) + "-help")
                .or(() -> Wording.find("desk.brief-words." + key(name) + "-help"))
                .orElse(Wording.of("desk.press.clause-your-own-profile"));
    }

    /** What a clause may be, where it is one of several; as the file writes it. */
    static Optional<List<String>> choices(String name, boolean yesNo) {
        return yesNo ? Optional.of(List.of("true", "false")) : Optional.ofNullable(CHOICES.get(name));
    }

    /** The words for one of them. */
    static String value(String name, String value) {
        return switch (value) {
            case "true" -> Wording.of("desk.slip.yes");
            case "false" -> Wording.of("desk.slip.no");
            default -> Wording.find("desk.clause." + key(name) + "-" + value).orElse(value);
        };
    }

    private static String key(String name) {
        return name.replaceAll("([a-z])([A-Z])", "$1-$2").toLowerCase(Locale.ROOT);
    }
}
