package jorn.check;

import jorn.book.Book;
import jorn.book.Pagination;
import jorn.cover.CoverGeometry;
import jorn.makeup.Composer;
import jorn.makeup.PageGeometry;
import jorn.measure.Length;
import jorn.measure.Unit;

/**
 * What a rule looks at: the book, its pages and its measures.
 *
 * @param composer makes the pages
 * @param cover the cover's measures
 * @param unit for lengths in messages
 */
public record Proof(Composer composer, CoverGeometry cover, Unit unit) {
    public static Proof of(Book book, Unit unit) {
        return of(new Composer(book), unit);
    }

    /** A proof of pages that are composed already. */
    public static Proof of(Composer composer, Unit unit) {
        return new Proof(
                composer,
                CoverGeometry.of(composer.book(), composer.pagination().pageCount()),
                unit);
    }

    public Book book() {
        return composer.book();
    }

    public Pagination pagination() {
        return composer.pagination();
    }

    public PageGeometry page() {
        return composer.geometry();
    }

    String press() {
        return book().brief().press().name();
    }

    String text(Length length) {
        return length.format(unit);
    }
}
