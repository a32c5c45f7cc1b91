package jorn.book;

import java.util.List;
import java.util.OptionalInt;

/**
 * Which page of the book is which page of which run: the book's pages in order, blanks and all.
 *
 * @param slots page 1 first
 * @param planned pages of the runs and the blanks between them, before rounding up for the press
 * @param marginsFor the page count by which the margins are reckoned; another than there are only where content and margins
 *     cannot agree
 */
public record Pagination(List<Slot> slots, int planned, int marginsFor) {
    public Pagination {
        slots = List.copyOf(slots);
    }

    /** How many pages the bound book has. */
    public int pageCount() {
        return slots.size();
    }

    /** Whether page count, margins and content agree. */
    public boolean settled() {
        return marginsFor == slots.size();
    }

    /** Blanks put in for the press or to reach the wanted count. */
    public int blanksAdded() {
        return Math.max(0, slots.size() - planned);
    }

    public Slot page(int number) {
        return slots.get(number - 1);
    }

    /** How many spreads a flat plan shows: page 1 alone, then pairs, the last page alone in an even book. */
    public int spreadCount() {
        return slots.size() / 2 + 1;
    }

    /** The verso of a spread, if it has one; spread 0 is page 1 alone. */
    public OptionalInt versoOf(int spread) {
        int n = spread * 2;
        return n >= 1 && n <= slots.size() ? OptionalInt.of(n) : OptionalInt.empty();
    }

    /** The recto of a spread, if it has one. */
    public OptionalInt rectoOf(int spread) {
        int n = spread * 2 + 1;
        return n <= slots.size() ? OptionalInt.of(n) : OptionalInt.empty();
    }

    /** The spread on which a page stands. */
    public static int spreadOf(int pageNumber) {
        return pageNumber / 2;
    }
}
