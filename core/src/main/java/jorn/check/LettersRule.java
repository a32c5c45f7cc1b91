package jorn.check;

import java.util.List;
import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.text.Face;
import jorn.text.Typeface;
import jorn.text.Typeface.Style;

/** The chosen typeface must have every letter; otherwise empty boxes are printed. */
final class LettersRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        Typeface heading = proof.book().type().headingFace();
        Typeface body = proof.book().type().bodyFace();
        look("title", proof.book().title(), heading, Style.BOLD, found);
        look("subtitle", proof.book().subtitle(), body, Style.ITALIC, found);
        look("author", proof.book().author(), body, Style.REGULAR, found);
        look("text on the back", proof.book().cover().blurb().replaceAll("\\R", " "), body, Style.REGULAR, found);
    }

    private static void look(String what, String words, Typeface typeface, Style style, Consumer<Finding> found) {
        Face face = typeface.face(style);
        if (face.canWrite(words)) {
            return;
        }
        List<String> missing = words.codePoints()
                .distinct()
                .filter(c -> !face.font().canDisplay(c))
                .mapToObj(Character::toString)
                .toList();
        found.accept(new Finding(
                "letters",
                Severity.ERROR,
                Place.cover(java.util.Optional.empty()),
                "The typeface " + typeface.name() + " lacks letters of the " + what + ".",
                String.join(" ", missing),
                "a typeface that has them",
                "Choose another typeface, or spell the " + what + " otherwise."));
    }
}
