package jorn.check;

import java.util.Optional;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.say.Message;

/** Colours in a book that is printed in black ink come out grey, or make the press refuse it. */
final class ColourRule extends ArtRule {
    @Override
    Optional<Finding> look(Proof proof, Sighting sighting) {
        if (!proof.book().brief().inkSet().blackOnly()) {
            return Optional.empty();
        }
        return sighting.standing().stream()
                .flatMap(s ->
                        ink(s.mark()).filter(Ink::isColoured).stream().map(ink -> finding(proof, sighting, s, ink)))
                .findFirst();
    }

    private static Optional<Ink> ink(Mark mark) {
        if (mark instanceof Mark.Fill fill) {
            return Optional.of(fill.ink());
        }
        if (mark instanceof Mark.Stroke stroke) {
            return Optional.of(stroke.ink());
        }
        return mark instanceof Mark.Words words ? Optional.of(words.ink()) : Optional.empty();
    }

    private static Finding finding(Proof proof, Sighting sighting, Standing standing, Ink ink) {
        return new Finding(
                "ink-colour",
                Severity.WARNING,
                Place.page(sighting.slot().number(), standing.bounds()),
                Message.of("check.colour.found"),
                Message.plain(ink.name()),
                Message.plain(proof.book().brief().inkSet().called()),
                Message.of("check.colour.do"));
    }
}
