package jorn.impose;

import java.util.List;

/**
 * A sheet with its pages. Its back is seen when it is turned like a leaf of a book: what lies at the left of the front lies at the right of the back.
 *
 * @param number from 1, in the order in which sheets are printed
 * @param signature to which it belongs, from 1
 * @param depth how many sheets of its signature lie round it; 0 for the outermost, and where nothing is folded
 * @param front row by row, from the left
 * @param back row by row, from the left; empty where nothing is printed on it
 */
public record PressSheet(int number, int signature, int depth, List<Seat> front, List<Seat> back) {
    public PressSheet {
        front = List.copyOf(front);
        back = List.copyOf(back);
    }

    /** Whether nothing at all stands on it. */
    public boolean isBlank() {
        return front.stream().allMatch(Seat::isBlank) && back.stream().allMatch(Seat::isBlank);
    }
}
