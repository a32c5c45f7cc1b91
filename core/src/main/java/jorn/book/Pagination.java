package jorn.book;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import jorn.page.Side;
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
     */
    public record Slot(int number, int run, int index) {
        public Side side() {
            return Side.of(number);
        }

        public boolean isBlank() {
            return run == NO_RUN;
        }
    }

    public Pagination {
        slots = List.copyOf(slots);
    }

    /**
     * Lays out a book's runs. The first filling run takes what the others leave of the wanted page count, but at least one page;
     * the whole is rounded up to what the press binds, with blanks at the end.
     */
    public static Pagination of(Book book) {
        PageRule rule = book.brief().offer().pages();
        int target = target(rule, book.brief().pages());
        int besides = lay(book, 1, 0).size() - 1;
        int fill = Math.max(1, target - besides);
        List<Slot> slots = lay(book, fill, target);
        int planned = slots.size();
        while (slots.size() < Brief.MOST_PAGES && slots.size() % rule.multiple() != 0) {
            slots.add(new Slot(slots.size() + 1, NO_RUN, 0));
        }
        return new Pagination(slots, planned);
    }

    /** The wanted page count, made a multiple of what the press binds. */
    private static int target(PageRule rule, int pages) {
        return (pages + rule.multiple() - 1) / rule.multiple() * rule.multiple();
    }

    private static List<Slot> lay(Book book, int fill, int target) {
        List<Slot> slots = new ArrayList<>(Math.max(16, target));
        boolean filled = false;
        for (int r = 0; r < book.runs().size(); r++) {
            Run run = book.runs().get(r);
            if (run.isFilling() && filled) {
                continue;
            }
            int count = run.count().orElse(fill);
            filled |= run.isFilling();
            Side next = Side.of(slots.size() + 1);
            if (run.start() == Run.Start.RECTO && next == Side.VERSO
                    || run.start() == Run.Start.VERSO && next == Side.RECTO) {
                slots.add(new Slot(slots.size() + 1, NO_RUN, 0));
            }
            for (int i = 0; i < count; i++) {
                slots.add(new Slot(slots.size() + 1, r, i));
            }
        }
        return slots;
    }

    /** How many pages the bound book has. */
    public int pageCount() {
        return slots.size();
    }

    /** Blanks at the end, put there for the press. */
    public int blanksAdded() {
        return slots.size() - planned;
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
