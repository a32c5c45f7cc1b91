package jorn.check;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.art.Picture;
import jorn.block.picture.Decoration;
import jorn.book.Slot;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.say.Message;

/** Pictures must be there, and have pixels enough for the size in which they are printed. */
final class PictureRule implements PageRule {
    /** Pixels to the inch that presses ask for, and below which edges are seen to be jagged (common practice). */
    private static final double WANTED = 300;

    private static final double LEAST = 200;

    private final Set<List<Object>> told = new HashSet<>();

    @Override
    public void look(Proof proof, Sighting sighting, Consumer<Finding> found) {
        Slot slot = sighting.slot();
        Set<String> used = new TreeSet<>(proof.book().recipeOf(slot).root().pictures());
        proof.book().runOf(slot).decorations().stream()
                .flatMap((Decoration d) -> d.picture().stream())
                .forEach(used::add);
        for (String id : used) {
            if (told.add(List.of(proof.book().variantOf(slot), id))) {
                missing(proof, slot.number(), id, found);
            }
        }
        for (Standing s : sighting.standing()) {
            if (s.mark() instanceof Mark.Image image && told.add(List.of(image, s.bounds()))) {
                resolution(slot.number(), image, s.at().enlarges(), s.bounds(), found);
            }
        }
    }

    private static void missing(Proof proof, int page, String id, Consumer<Finding> found) {
        Picture picture = proof.book().pictures().get(id);
        if (picture != null && !picture.isMissing()) {
            return;
        }
        String name = picture == null ? "" : " " + picture.name();
        found.accept(new Finding(
                "picture",
                Severity.ERROR,
                Place.page(page),
                id.isBlank()
                        ? Message.of("check.picture.place-for-picture-empty")
                        : Message.of("check.picture.picture-missing", name),
                Message.of("check.picture.measured"),
                Message.of("check.picture.required"),
                Message.of("check.picture.do")));
    }

    private static void resolution(int page, Mark.Image image, double enlarged, Box at, Consumer<Finding> found) {
        double ppi = Math.min(
                        image.from().width() / image.to().width(),
                        image.from().height() / image.to().height())
                / enlarged
                * 72;
        if (ppi < WANTED - 0.5) {
            found.accept(new Finding(
                    "resolution",
                    ppi < LEAST ? Severity.WARNING : Severity.NOTE,
                    Place.page(page, at),
                    Message.of("check.picture.found", image.picture().name()),
                    Message.of("check.picture.measured-2", Math.round(ppi)),
                    Message.of("check.picture.required-2", Math.round(WANTED)),
                    Message.of("check.picture.do-2")));
        }
    }
}
