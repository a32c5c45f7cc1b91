package jorn.content;

import java.util.Collections;
import java.util.List;

/**
 * Pages that belong together: they follow one another, and the first begins on the side on which its run begins.
 *
 * @param pages what each page is about, in order; at least one
 */
public record Batch(List<Subjects> pages) {
    public Batch {
        pages = List.copyOf(pages);
        if (pages.isEmpty()) {
            throw new IllegalArgumentException("a batch without pages");
        }
    }

    /** So many pages about the same. */
    public static Batch of(Subjects subjects, int pages) {
        return new Batch(Collections.nCopies(pages, subjects));
    }
}
