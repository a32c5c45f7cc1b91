package jorn.check;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import jorn.edition.Edition.Sighting;

/** A rule that tells of each design once, at the first page on which something is wrong. */
abstract class ArtRule implements PageRule {
    /** Nobody reads more of the same. */
    private static final int MOST = 12;

    private final Set<Object> told = new HashSet<>();

    @Override
    public void look(Proof proof, Sighting sighting, Consumer<Finding> found) {
        Object sort = proof.sort(sighting.slot());
        if (told.size() < MOST && !told.contains(sort)) {
            look(proof, sighting).ifPresent(f -> {
                told.add(sort);
                found.accept(f);
            });
        }
    }

    /** What is wrong with a page, if anything is. */
    abstract Optional<Finding> look(Proof proof, Sighting sighting);
}
