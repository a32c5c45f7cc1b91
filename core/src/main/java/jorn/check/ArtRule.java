package jorn.check;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import jorn.book.Variant;
import jorn.edition.Edition.Sighting;

/** A rule that tells of each design once, at the first page on which something is wrong. */
abstract class ArtRule implements PageRule {
    private final Set<Variant> told = new HashSet<>();

    @Override
    public void look(Proof proof, Sighting sighting, Consumer<Finding> found) {
        Variant variant = proof.book().variantOf(sighting.slot());
        if (!told.contains(variant)) {
            look(proof, sighting).ifPresent(f -> {
                told.add(variant);
                found.accept(f);
            });
        }
    }

    /** What is wrong with a page, if anything is. */
    abstract Optional<Finding> look(Proof proof, Sighting sighting);
}
