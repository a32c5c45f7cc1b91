package jorn.desk.model;

import jorn.book.Book;
import jorn.book.Pagination;
import jorn.brief.Measures;
import jorn.cover.CoverGeometry;
import jorn.edition.Edition;

/**
 * The book at one moment, with all that follows from it.
 *
 * @param edition its pages, cover and measures
 */
public record BookState(Edition edition) {
    public static BookState of(Book book) {
        return new BookState(Edition.of(book));
    }

    public Book book() {
        return edition.book();
    }

    public Pagination pagination() {
        return edition.pagination();
    }

    /** All figures. */
    public Measures measures() {
        return edition.measures();
    }

    /** The cover's measures. */
    public CoverGeometry cover() {
        return edition.cover().geometry();
    }
}
