package jorn.book;

import java.util.Optional;

/**
 * Which design a page has; pages with equal variants have the same one.
 *
 * @param run index of its run
 * @param design which design of its run: 0, or 1 for the facing one
 * @param own the page, where it has a design of its own
 */
public record Variant(int run, int design, Optional<PageKey> own) {}
