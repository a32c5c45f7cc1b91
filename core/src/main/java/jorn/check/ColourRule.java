package jorn.check;

import java.util.Optional;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.MarkInks;
import jorn.art.Marks.Standing;
import jorn.art.PictureColours;
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
                .flatMap(s -> colour(s.mark()).stream().map(what -> finding(proof, sighting, s, what)))
                .findFirst();
    }

    /** What is coloured in a mark, in words. */
    private static Optional<Message> colour(Mark mark) {
        if (mark instanceof Mark.Image image) {
            return PictureColours.areColoured(image.picture())
                    ? Optional.of(
                            Message.of("check.colour.picture", image.picture().name()))
                    : Optional.empty();
        }
        return MarkInks.of(mark).filter(Ink::isColoured).map(ink -> Message.plain(ink.name()));
    }

    /** The press's first ink that is more than black, where it has one on this paper. */
    private static Mend[] colourInk(Proof proof) {
        return proof.book().brief().press().inks().stream()
                .filter(i -> !i.blackOnly())
                .limit(1)
                .map(i -> Mend.of(b -> b.withBrief(b.brief().withInk(i.id())), "ink", i.called()))
                .toArray(Mend[]::new);
    }

    private static Finding finding(Proof proof, Sighting sighting, Standing standing, Message what) {
        return new Finding(
                        "ink.colour",
                        Severity.WARNING,
                        Place.page(sighting.slot().number(), standing.bounds()),
                        Message.of("check.colour.found"),
                        what,
                        Message.plain(proof.book().brief().inkSet().called()),
                        Message.of("check.colour.do"))
                .by(Clause.INKS.of(proof))
                .mendedBy(colourInk(proof));
    }
}
