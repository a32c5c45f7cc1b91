package jorn.check;

import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.text.Face;
import jorn.text.TypeShelf;
import jorn.text.Typeface;
import jorn.text.Typeface.Style;

/** The chosen typeface must have every letter of the words on the cover; otherwise empty boxes are printed. */
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

    static Typeface owner(Face face) {
        return TypeShelf.typefaces().stream()
                .filter(t -> face.id().startsWith(t.id() + "-"))
                .max(java.util.Comparator.comparingInt(t -> t.id().length()))
                .orElseThrow();
    }

    static Set<String> lacking(Face face, String words) {
        Set<String> missing = new TreeSet<>();
        words.codePoints()
                .filter(c -> !face.font().canDisplay(c) && !Character.isISOControl(c))
                .forEach(c -> missing.add(Character.toString(c)));
        return missing;
    }

    private static void look(
            String what, String words, Typeface typeface, Style style, Place place, Consumer<Finding> found) {
        Face face = typeface.face(style);
        if (face.canWrite(words)) {
            return;
        }
        found.accept(new Finding(
                "text.letters",
                Severity.ERROR,
                place,
                Message.of("check.letters.found", typeface.name(), what),
                Message.plain(String.join(" ", lacking(face, words))),
                Message.of("check.letters.required"),
                Message.of("check.letters.do", what)));
    }
}
