package jorn.check;

import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.text.Face;
import jorn.text.TypeShelf;
import jorn.text.Typeface;
import jorn.text.Typeface.Style;

/**
 * Some typeface must have every letter of the words on the cover; otherwise nothing could be printed for them. Where it is not the
 * chosen one, that is said.
 */
final class LettersRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        Typeface heading = proof.book().type().headingFace();
        Typeface body = proof.book().type().bodyFace();
        Place cover = Place.cover(Optional.empty());
        look(Wording.of("check.letters.title"), proof.book().title(), heading, Style.BOLD, cover, found);
        look(Wording.of("check.letters.subtitle"), proof.book().subtitle(), body, Style.ITALIC, cover, found);
        look(Wording.of("check.letters.author"), proof.book().author(), body, Style.REGULAR, cover, found);
        String blurb = proof.book().cover().blurb().replaceAll("\\R", " ");
        look(Wording.of("check.letters.text-on-back"), blurb, body, Style.REGULAR, cover, found);
    }

    private static void look(
            String what, String words, Typeface typeface, Style style, Place place, Consumer<Finding> found) {
        Face face = typeface.face(style);
        if (face.canWrite(words)) {
            return;
        }
        Set<String> lacking = TypeShelf.lacking(face, words);
        if (lacking.isEmpty()) {
            found.accept(standsIn(typeface, TypeShelf.able(face, words), place));
            return;
        }
        found.accept(new Finding(
                "text.letters",
                Severity.ERROR,
                place,
                Message.of("check.letters.found", what),
                Message.plain(String.join(" ", lacking)),
                Message.of("check.letters.required"),
                Message.of("check.letters.do", what)));
    }

    /** Says that another typeface has taken over. */
    static Finding standsIn(Typeface chosen, Face other, Place place) {
        String name = TypeShelf.owner(other).name();
        return new Finding(
                "text.stand-in",
                Severity.NOTE,
                place,
                Message.of("check.stand-in.found", chosen.name(), name),
                Message.plain(name),
                Message.plain(chosen.name()),
                Message.of("check.stand-in.do"));
    }
}
