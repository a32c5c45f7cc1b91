package jorn.check;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.SortedSet;
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

/** Some typeface must have every letter of the words on the pages, told once with all that none has; where others stand in, told too. */
final class PageLettersRule implements PageRule {
    private static final int MOST_SHOWN = 24;

    private final Map<Face, Integer> standIns = new LinkedHashMap<>();
    private final SortedSet<String> lacking = new TreeSet<>();
    private int page;

    @Override
    public void look(Proof proof, Sighting sighting, Consumer<Finding> found) {
        for (Standing standing : sighting.standing()) {
            if (standing.mark() instanceof Mark.Words words) {
                Face face = TypeShelf.face(words.run().face());
                int here = sighting.slot().number();
                if (!face.canWrite(words.run().text())) {
                    page = lacking.isEmpty() ? here : page;
                    lacking.addAll(TypeShelf.lacking(face, words.run().text()));
                } else if (TypeShelf.isStandIn(face)) {
                    standIns.putIfAbsent(face, here);
                }
            }
        }
    }

    @Override
    public void end(Proof proof, Consumer<Finding> found) {
        if (!lacking.isEmpty()) {
            found.accept(new Finding(
                    "text.letters",
                    Severity.ERROR,
                    Place.page(page),
                    Message.of("check.page-letters.found"),
                    Message.plain(lacking.stream().limit(MOST_SHOWN).collect(Collectors.joining(" "))),
                    Message.of("check.page-letters.required"),
                    Message.of("check.page-letters.do")));
        }
        standIns.forEach((face, first) ->
                found.accept(LettersRule.standsIn(proof.book().type().bodyFace(), face, Place.page(first))));
    }
}
