package jorn.check;

import java.util.Optional;
import java.util.function.Consumer;
import jorn.edition.Edition.Sighting;

/** A rule for marks wherever they stand, on the pages and on the cover; of each design, and of the cover, it tells once. */
abstract class MarkRule extends ArtRule {
    @Override
    final Optional<Finding> look(Proof proof, Sighting sighting) {
        return look(proof, Seen.of(sighting));
    }

    @Override
    public void end(Proof proof, Consumer<Finding> found) {
        look(proof, Seen.cover(proof)).ifPresent(found);
    }

    /** The first thing that is wrong, if anything is. */
    abstract Optional<Finding> look(Proof proof, Seen seen);
}
