package jorn.art;

import java.net.URI;

/** Where a link leads. */
public sealed interface Target {
    /**
     * A page of the same book.
     *
     * @param number from 1
     */
    record Page(int number) implements Target {
        public Page {
            if (number < 1) {
                throw new IllegalArgumentException("page " + number);
            }
        }
    }

    /** A place on the web, opened by the reader's own program. */
    record Web(URI address) implements Target {}
}
