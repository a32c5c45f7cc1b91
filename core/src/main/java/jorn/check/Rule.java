package jorn.check;

import java.util.function.Consumer;

/** One rule of checking. */
interface Rule {
    /** Looks at the proof and tells what is wrong. */
    void look(Proof proof, Consumer<Finding> found);
}
