package jorn.block.puzzle;

import java.util.List;
import java.util.stream.Collectors;
import jorn.say.Language;
import jorn.say.Wording;

/** The names of steps of reasoning in a book's language, where Jorn has them in it, and otherwise in English. */
final class StepWords {
    private StepWords() {}

    /**
     * @param techniques ids, the easiest first
     * @param tag of the book's language, by BCP 47
     */
    static String of(List<String> techniques, String tag) {
        Language language = Language.of(tag).orElse(Language.ENGLISH);
        return techniques.stream()
                .map(t -> Wording.in(language, "puzzle.technique." + t))
                .collect(Collectors.joining(", "));
    }
}
