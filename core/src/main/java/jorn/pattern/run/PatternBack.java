package jorn.pattern.run;

import jorn.content.Titled;

/**
 * The back of a page to colour.
 *
 * @param of the page
 * @param what stands there
 */
public record PatternBack(Titled of, Patterns.Back what) {}
