package jorn.content;

import java.util.List;

/** A subject that is several things: a page on which more than one puzzle stands. Each of them is found by itself. */
public interface Gathering {
    /** What it is made of, in order. */
    List<?> parts();
}
