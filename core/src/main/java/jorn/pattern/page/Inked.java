package jorn.pattern.page;

import jorn.art.Path;

/**
 * A line on the page with its weight.
 *
 * @param path in points
 * @param weight in points
 */
record Inked(Path path, double weight) {}
