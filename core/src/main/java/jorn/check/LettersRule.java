package jorn.check;

import java.time.DayOfWeek;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import jorn.art.Mark;
import jorn.book.Pagination.Slot;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.text.Face;
import jorn.text.TypeShelf;
import jorn.text.Typeface;
import jorn.text.Typeface.Style;

/** The chosen typeface must have every letter; otherwise empty boxes are printed. */
final class LettersRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        Typeface heading = proof.book().type().headingFace();
        Typeface body = proof.book().type().bodyFace();
        Place cover = Place.cover(Optional.empty());
        look("the title", proof.book().title(), heading, Style.BOLD, cover, found);
        look("the subtitle", proof.book().subtitle(), body, Style.ITALIC, cover, found);
        look("the author", proof.book().author(), body, Style.REGULAR, cover, found);
        String blurb = proof.book().cover().blurb().replaceAll("\\R", " ");
        look("the text on the back", blurb, body, Style.REGULAR, cover, found);
        pages(proof, found);
    }

    /** Words on the pages: one of each design, and all names of days and months where a design has dates. */
    private static void pages(Proof proof, Consumer<Finding> found) {
        Set<String> seen = new HashSet<>();
        Set<String> missing = new TreeSet<>();
        Typeface typeface = null;
        int page = 0;
        boolean dated = false;
        for (Slot slot : proof.pagination().slots()) {
            if (slot.isBlank() || !seen.add(proof.book().variantOf(slot))) {
                continue;
            }
            dated |= proof.book().recipeOf(slot).variesByOccasion();
            for (Mark mark : jorn.art.Marks.single(
                            proof.composer().page(slot.number()).marks())
                    .toList()) {
                if (!(mark instanceof Mark.Words words)) {
                    continue;
                }
                Face face = TypeShelf.face(words.run().face());
                if (!face.canWrite(words.run().text())) {
                    lacking(face, words.run().text()).forEach(missing::add);
                    typeface = typeface == null ? owner(face) : typeface;
                    page = page == 0 ? slot.number() : page;
                }
            }
        }
        if (dated) {
            Locale locale = proof.book().calendar().locale();
            for (Typeface each : List.of(
                    proof.book().type().headingFace(), proof.book().type().bodyFace())) {
                Set<String> names = lacking(each.face(Style.REGULAR), names(locale));
                missing.addAll(names);
                typeface = typeface == null && !names.isEmpty() ? each : typeface;
            }
        }
        if (!missing.isEmpty()) {
            found.accept(new Finding(
                    "letters",
                    Severity.ERROR,
                    page > 0 ? Place.page(page) : Place.book(),
                    "The typeface " + typeface.name() + " lacks letters of the words on the pages.",
                    missing.stream().limit(24).collect(Collectors.joining(" ")),
                    "a typeface that has them",
                    "Choose another typeface at Make-up under Colours and type, or another language under Dates."));
        }
    }

    private static String names(Locale locale) {
        StringBuilder all = new StringBuilder();
        for (Month month : Month.values()) {
            all.append(month.getDisplayName(TextStyle.FULL_STANDALONE, locale));
        }
        for (DayOfWeek day : DayOfWeek.values()) {
            all.append(day.getDisplayName(TextStyle.FULL_STANDALONE, locale));
        }
        return all.toString();
    }

    private static Typeface owner(Face face) {
        return TypeShelf.typefaces().stream()
                .filter(t -> face.id().startsWith(t.id() + "-"))
                .max(java.util.Comparator.comparingInt(t -> t.id().length()))
                .orElseThrow();
    }

    private static Set<String> lacking(Face face, String words) {
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
                "letters",
                Severity.ERROR,
                place,
                "The typeface " + typeface.name() + " lacks letters of " + what + ".",
                String.join(" ", lacking(face, words)),
                "a typeface that has them",
                "Choose another typeface, or spell " + what + " otherwise."));
    }
}
