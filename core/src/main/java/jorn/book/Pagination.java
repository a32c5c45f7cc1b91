package jorn.book;

import java.util.List;
import java.util.OptionalInt;
import jorn.art.Side;
import jorn.calendar.Occasion;
import jorn.calendar.Span;
import jorn.calendar.WeekRule;
import jorn.press.BindingOffer.PageRule;

/**
 * Which page of the book is which page of which run: the book's pages in order, blanks and all.
 *
 * @param slots page 1 first
 * @param planned pages of the runs and the blanks between them, before rounding up for the press
 */
public record Pagination(List<Slot> slots, int planned) {
    /** A blank that no run asked for. */
    public static final int NO_RUN = -1;

    /**
     * One page.
     *
     * @param number from 1
     * @param run index of its run, or {@link #NO_RUN} for a blank
     * @param index which page of the run, from 0
     * @param design which design of its run: 0, or 1 for the facing one
     * @param occasion what it stands for
     * @param round which round of its outermost cycle, from 1; 0 outside of cycles
     */
    public record Slot(int number, int run, int index, int design, Occasion occasion, int round) {
        public Side side() {
            return Side.of(number);
        }

        public boolean isBlank() {
            return run == NO_RUN;
        }

        /**
         * What tells the page from the others of its run, and stays when pages before it come or go: its date where it has
         * one, otherwise which one it is.
         */
        public String key(WeekRule weeks) {
            String day = occasion.id(weeks);
            boolean whole = occasion.span().filter(s -> s == Span.YEAR).isPresent();
            return day.isEmpty() || whole ? "#" + (index + 1) : day + "/" + design;
        }
    }

    public Pagination {
        slots = List.copyOf(slots);
    }

    /**
     * Lays out a book's runs. The first filling run takes what the others leave of the wanted page count, but at least one
     * page. Where there is none, or the count is still no multiple that the press binds, blanks are put where the book says.
     */
    public static Pagination of(Book book) {
        PageRule rule = book.brief().offer().pages();
        int target = rule.multipleFrom(book.brief().pages());
        int fill = fill(book, target);
        int planned = lay(book, fill, 0).size();
        int whole = Math.min(Brief.MOST_PAGES, Math.max(target, rule.multipleFrom(planned)));
        int blanks = Math.max(0, whole - planned);
        List<Slot> slots = lay(book, fill, blanks);
        // A blank in the middle may make a run begin on its side without one of its own, or need one more.
        while (slots.size() != rule.multipleFrom(Math.max(slots.size(), target)) && slots.size() < Brief.MOST_PAGES) {
            slots.add(blank(slots));
        }
        return new Pagination(slots, planned);
    }

    /** How many pages the filling run gets; blanks that bring later runs to their side depend on it, so a few are tried. */
    private static int fill(Book book, int target) {
        int guess = Math.max(1, target - (lay(book, 1, 0).size() - 1));
        for (int fill = guess + 1; fill >= Math.max(1, guess - 1); fill--) {
            if (lay(book, fill, 0).size() == target) {
                return fill;
            }
        }
        return guess;
    }

    private static Slot blank(List<Slot> slots) {
        return new Slot(slots.size() + 1, NO_RUN, 0, 0, Occasion.NONE, 0);
    }

    private static List<Slot> lay(Book book, int fill, int blanks) {
        return new Layer(book, fill, blanks, placeOfBlanks(book)).lay();
    }

    static void addBlanks(List<Slot> slots, int blanks) {
        for (int i = 0; i < blanks; i++) {
            slots.add(blank(slots));
        }
    }

    /** Index of the run before which blanks go; the number of runs for the end. */
    private static int placeOfBlanks(Book book) {
        List<Run> runs = book.runs();
        int place = runs.size();
        if (book.blanksAt() == BlanksAt.BEFORE_BACK_MATTER) {
            while (place > 0 && runs.get(place - 1).matter() == Run.Matter.BACK) {
                place--;
            }
        } else if (book.blanksAt() == BlanksAt.AFTER_FRONT_MATTER) {
            place = 0;
            while (place < runs.size() && runs.get(place).matter() == Run.Matter.FRONT) {
                place++;
            }
        }
        return place;
    }

    /** How many pages the bound book has. */
    public int pageCount() {
        return slots.size();
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
