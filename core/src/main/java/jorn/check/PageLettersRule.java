package jorn.check;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.say.Message;
import jorn.text.Face;
import jorn.text.TypeShelf;
import jorn.text.Typeface;

/** The typefaces must have every letter of the words on the pages; told once for each typeface, with all that it lacks. */
final class PageLettersRule implements PageRule {
    private static final int MOST_SHOWN = 24;

    private final Map<Typeface, Lack> lacks = new LinkedHashMap<>();

    private record Lack(int page, Set<String> letters) {}

    @Override
    public void look(Proof proof, Sighting sighting, Consumer<Finding> found) {
        for (Standing standing : sighting.standing()) {
            if (standing.mark() instanceof Mark.Words words) {
                Face face = TypeShelf.face(words.run().face());
                if (!face.canWrite(words.run().text())) {
                    lacks.computeIfAbsent(
                                    LettersRule.owner(face),
                                    t -> new Lack(sighting.slot().number(), new TreeSet<>()))
                            .letters()
                            .addAll(LettersRule.lacking(face, words.run().text()));
                }
            }
        }
    }

    @Override
    public void end(Proof proof, Consumer<Finding> found) {
        lacks.forEach((typeface, lack) -> found.accept(new Finding(
                "text.letters",
                Severity.ERROR,
                Place.page(lack.page()),
                Message.of("check.page-letters.found", typeface.name()),
                Message.plain(lack.letters().stream().limit(MOST_SHOWN).collect(Collectors.joining(" "))),
                Message.of("check.page-letters.required"),
                Message.of("check.page-letters.do"))));
    }
}
