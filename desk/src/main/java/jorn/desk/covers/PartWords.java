package jorn.desk.covers;

import jorn.say.Wording;

/** What the parts of a cover are called. */
final class PartWords {
    private PartWords() {}

    /** By the part's id in its composition; one that has no name of its own is an ornament. */
    static String of(String id) {
        return Wording.find("desk.covers.part-" + id).orElseGet(() -> Wording.of("desk.covers.part-other"));
    }
}
