package jorn.check;

import java.util.function.Consumer;
import jorn.edition.Edition.Sighting;

/** A rule that looks at what stands on the pages, one after the other. One is made for each check, so it may remember. */
interface PageRule {
    /** Looks at a page and tells what is wrong. */
    void look(Proof proof, Sighting sighting, Consumer<Finding> found);

    /** Tells what can be told when all pages have been seen. */
    default void end(Proof proof, Consumer<Finding> found) {
        // Mostly nothing.
    }
}
