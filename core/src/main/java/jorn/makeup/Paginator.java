package jorn.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import jorn.book.BlanksAt;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.Pagination;
import jorn.book.Run;
import jorn.book.Slot;
import jorn.content.Request;
import jorn.press.BindingOffer.PageRule;

/**
 * Decides which page is which page of which run.
 *
 * <p>The first filling run takes what the others leave of the wanted page count, but at least one page. Where there is none,
 * or the count is still no multiple that the press binds, blanks are put where the book says. Where the press keeps the last page for a
 * code of its own, that page is a blank too.
 *
 * <p>The gutter hangs on the page count, the room on the gutter, and what a source makes may hang on the room: so the runs
 * are laid again until the count that was reckoned with is the one that comes out. Where two counts call for each other in
 * turn, the larger one is kept, whose gutter is wide enough for both, and the pagination says that it is not settled.
 */
public final class Paginator {
    /** More rounds than counts can climb through the steps of a press's gutters. */
    private static final int MOST_ROUNDS = 8;

    private final Book book;
    private final PageRule rule;
    private final int target;
    /** A last page that stays blank, because the press prints a code of its own there. */
    private final int kept;

    private Paginator(Book book) {
        this.book = book;
        this.rule = book.brief().pageRule();
        this.target = rule.multipleFrom(book.brief().pages());
        this.kept = book.brief().press().limits().lastPageBlank() ? 1 : 0;
    }

    public static Pagination of(Book book) {
        return new Paginator(book).settle();
    }

    private Pagination settle() {
        List<Integer> tried = new ArrayList<>();
        int count = target;
        for (int i = 0; i < MOST_ROUNDS; i++) {
            tried.add(count);
            PageRooms rooms = PageRooms.of(book, count);
            Pagination pages = paginate(rooms, count);
            if (pages.pageCount() == count || rooms.isAsLargeAs(PageRooms.of(book, pages.pageCount()))) {
                return new Pagination(pages.slots(), pages.planned(), pages.pageCount());
            }
            count = pages.pageCount();
            if (tried.contains(count)) {
                break;
            }
        }
        int largest =
                Math.max(count, tried.stream().mapToInt(Integer::intValue).max().orElse(count));
        return paginate(PageRooms.of(book, largest), largest);
    }

    private Pagination paginate(Function<Run, Request.Room> rooms, int marginsFor) {
        int fill = fill(rooms);
        int planned = lay(fill, 0, rooms).size();
        int whole = Math.min(Brief.MOST_PAGES, Math.max(target, rule.multipleFrom(planned + kept)));
        List<Slot> slots = lay(fill, Math.max(0, whole - planned - kept), rooms);
        if (kept > 0 && slots.size() < Brief.MOST_PAGES) {
            slots.add(Slot.blank(slots.size() + 1));
        }
        // A blank in the middle may make a run begin on its side without one of its own, or need one more.
        while (slots.size() != rule.multipleFrom(Math.max(slots.size(), target)) && slots.size() < Brief.MOST_PAGES) {
            slots.add(Slot.blank(slots.size() + 1));
        }
        return new Pagination(slots, planned, marginsFor);
    }

    /** How many pages the filling run gets; blanks that bring later runs to their side depend on it, so a few are tried. */
    private int fill(Function<Run, Request.Room> rooms) {
        if (book.runs().stream().noneMatch(Run::isFilling)) {
            return 1;
        }
        int room = target - kept;
        int guess = Math.max(1, room - (lay(1, 0, rooms).size() - 1));
        for (int fill = guess + 1; fill >= Math.max(1, guess - 1); fill--) {
            if (lay(fill, 0, rooms).size() == room) {
                return fill;
            }
        }
        return guess;
    }

    private List<Slot> lay(int fill, int blanks, Function<Run, Request.Room> rooms) {
        return new RunLayer(book, new RunLayer.Plan(fill, blanks, placeOfBlanks(), rooms)).lay();
    }

    /** Index of the run before which blanks go; the number of runs for the end. */
    private int placeOfBlanks() {
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
}
