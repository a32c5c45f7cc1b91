package jorn.book;

import jorn.json.Required;
import jorn.measure.Trouble;

/**
 * An order that a copy shop was given, kept with the book so that the next one can be like it.
 *
 * @param when date and time, as ISO 8601 writes them: 2026-11-27T10:30
 * @param copies how many were ordered, from 1
 * @param words the whole order as the shop read it
 */
public record KeptOrder(@Required String when, int copies, @Required String words) {
    public KeptOrder {
        if (copies < 1) {
            throw Trouble.of("book.kept-order.no-copies", copies);
        }
    }
}
