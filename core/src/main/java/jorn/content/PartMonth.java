package jorn.content;

import java.time.Month;

/**
 * The month in whose part of the book a page stands, beside what the page itself is about: a week that lies in two months stands in one of them.
 *
 * @param month in whose round of the year's cycle it was laid
 */
public record PartMonth(Month month) {}
