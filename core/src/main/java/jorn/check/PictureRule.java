package jorn.check;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.stream.Stream;
import jorn.art.Mark;
import jorn.art.Picture;
import jorn.book.Pagination.Slot;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.recipe.Border;
import jorn.recipe.Decoration;
import jorn.recipe.Node;
import jorn.recipe.PictureBlock;

/** Pictures must be there, and have pixels enough for the size in which they are printed. */
final class PictureRule implements Rule {
    /** Pixels to the inch that presses ask for, and below which edges are seen to be jagged (common practice). */
    private static final double WANTED = 300;

    private static final double LEAST = 200;

    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        Set<String> seen = new HashSet<>();
        for (Slot slot : proof.pagination().slots()) {
            if (slot.isBlank() || !seen.add(slot.side() + proof.book().variantOf(slot))) {
                continue;
            }
            Set<String> used = new TreeSet<>(used(proof.book().recipeOf(slot).root()));
            proof.book().runs().get(slot.run()).decorations().stream()
                    .flatMap((Decoration d) -> d.picture().stream())
                    .forEach(used::add);
            for (String id : used) {
                missing(proof, slot.number(), id, found);
            }
            jorn.art.Marks.single(proof.composer().page(slot.number()).marks())
                    .filter(Mark.Image.class::isInstance)
                    .forEach(i -> resolution(proof, slot.number(), (Mark.Image) i, found));
        }
    }

    private static List<String> used(Node node) {
        Stream<String> own = node instanceof PictureBlock p
                ? Stream.of(p.picture())
                : node instanceof Border b ? b.picture().stream() : Stream.empty();
        return Stream.concat(own, node.children().stream().flatMap(n -> used(n).stream()))
                .toList();
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
                id.isBlank() ? "A place for a picture is empty." : "The picture" + name + " is missing.",
                "an empty frame",
                "a picture",
                "Click the frame at Make-up and choose a picture, or take the frame out."));
    }

    private static void resolution(Proof proof, int page, Mark.Image image, Consumer<Finding> found) {
        double ppi = Math.min(
                        image.from().width() / image.to().width(),
                        image.from().height() / image.to().height())
                * 72;
        if (ppi < WANTED - 0.5) {
            found.accept(new Finding(
                    "resolution",
                    ppi < LEAST ? Severity.WARNING : Severity.NOTE,
                    Place.page(page, image.to()),
                    "The picture " + image.picture().name() + " has few pixels for its size.",
                    Math.round(ppi) + " pixels an inch",
                    Math.round(WANTED) + " pixels an inch",
                    "Make it smaller on the page, or bring in a larger scan."));
        }
    }
}
