package jorn.check;

import java.util.Collection;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.art.Picture;
import jorn.art.PictureCredit;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.measure.Numeral;
import jorn.say.Message;

/**
 * What a picture's licence asks: no more copies than it allows, and credit in the book where it is owed. Where the sources of some pictures are noted,
 * those of the others are missed. What a licence means is for a lawyer to say.
 */
final class LicenceRule implements PageRule {
    /** Licences that want their author named, by the words that they have in common. */
    private static final Pattern OWES_CREDIT =
            Pattern.compile("(?<![a-z])(by|attribution|credit|namensnennung|nennung)(?![a-z])");

    private final TreeMap<String, Picture> used = new TreeMap<>();
    private final TreeMap<String, Place> places = new TreeMap<>();
    private final Set<String> words = new HashSet<>();

    @Override
    public void look(Proof proof, Sighting sighting, Consumer<Finding> found) {
        see(Seen.of(sighting));
    }

    private void see(Seen seen) {
        StringBuilder line = new StringBuilder();
        for (Standing s : seen.standing()) {
            if (s.mark() instanceof Mark.Image image) {
                used.putIfAbsent(image.picture().id(), image.picture());
                places.putIfAbsent(image.picture().id(), seen.place().apply(s.bounds()));
            } else if (s.mark() instanceof Mark.Words w) {
                line.append(' ').append(w.run().text());
            }
        }
        words.add(plain(line.toString()));
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    }

    @Override
    public void end(Proof proof, Consumer<Finding> found) {
        see(Seen.cover(proof));
        Collection<Picture> all = used.values();
        boolean noted = all.stream().anyMatch(p -> !p.credit().equals(PictureCredit.UNKNOWN));
        int copies = Math.max(
                proof.book().plans().batch().map(b -> b.copies()).orElse(0),
                proof.book().plans().direct().map(d -> d.copies()).orElse(0));
        for (Picture picture : all) {
            look(picture, copies, noted, found);
        }
    }

    private void look(Picture picture, int copies, boolean noted, Consumer<Finding> found) {
        PictureCredit credit = picture.credit();
        Place place = places.getOrDefault(picture.id(), Place.book());
        credit.copies()
                .filter(most -> copies > most)
                .ifPresent(most -> found.accept(new Finding(
                        "picture.licence",
                        Severity.ERROR,
                        place,
                        Message.of("check.licence.copies", picture.name()),
                        Message.of("check.licence.planned", Numeral.grouped(copies)),
                        Message.of("check.licence.allowed", Numeral.grouped(most)),
                        Message.of("check.licence.copies.do"))));
        boolean owes =
                OWES_CREDIT.matcher(credit.licence().toLowerCase(Locale.ROOT)).find();
        if (owes && (credit.author().isBlank() || words.stream().noneMatch(w -> w.contains(plain(credit.author()))))) {
            found.accept(new Finding(
                    "picture.licence",
                    Severity.WARNING,
                    place,
                    Message.of("check.licence.credit", picture.name(), credit.licence()),
                    Message.NOTHING,
                    credit.author().isBlank() ? Message.of("check.licence.author") : Message.plain(credit.author()),
                    Message.of("check.licence.credit.do")));
        }
        if (noted && credit.equals(PictureCredit.UNKNOWN)) {
            found.accept(new Finding(
                    "picture.licence",
                    Severity.NOTE,
                    place,
                    Message.of("check.licence.unknown", picture.name()),
                    Message.NOTHING,
                    Message.of("check.licence.source"),
                    Message.of("check.licence.unknown.do")));
        }
    }
}
