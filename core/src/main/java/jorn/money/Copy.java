package jorn.money;

import java.util.OptionalInt;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.Plans;

/**
 * One copy of a book, as far as its money hangs on it.
 *
 * @param brief how it is made
 * @param plans what the user reckons with
 * @param pages its pages
 * @param stationery whether it is taxed as stationery
 * @param coloured how many of its pages have colour on them; as good as all of them where that is not known
 */
public record Copy(Brief brief, Plans plans, int pages, boolean stationery, OptionalInt coloured) {
    /** A book as it is, of which nobody has counted the coloured pages. */
    public static Copy of(Book book, int pages) {
        return of(book, pages, OptionalInt.empty());
    }

    /** A book as it is. */
    public static Copy of(Book book, int pages, OptionalInt coloured) {
        return new Copy(book.brief(), book.plans(), pages, book.isStationery(), coloured);
    }

    /** The same printed with another ink. */
    Copy inInk(String ink) {
        return new Copy(brief.withInk(ink), plans, pages, stationery, coloured);
    }
}
