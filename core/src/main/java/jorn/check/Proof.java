package jorn.check;

import java.util.Map;
import jorn.book.Book;
import jorn.book.Pagination;
import jorn.cover.CoverGeometry;
import jorn.edition.Edition;
import jorn.makeup.PageGeometry;
import jorn.measure.Length;
import jorn.measure.Unit;

/**
 * What a rule looks at: the book and all that follows from it.
 *
 * @param unit for lengths in messages
 * @param others titles of the user's other books by their ISBN, without hyphens; as far as they are known
 */
public record Proof(Edition edition, Unit unit, Map<String, String> others) {
    public Proof {
        others = Map.copyOf(others);
    }

    /** Without knowledge of other books. */
    public Proof(Edition edition, Unit unit) {
        this(edition, unit, Map.of());
    }

    public static Proof of(Book book, Unit unit) {
        return new Proof(Edition.of(book), unit);
    }

    public Book book() {
        return edition.book();
    }

    public Pagination pagination() {
        return edition.pagination();
    }

    public PageGeometry page() {
        return edition.geometry();
    }

    /** The cover's measures. */
    public CoverGeometry cover() {
        return edition.cover().geometry();
    }

    String press() {
        return book().brief().press().name();
    }

    String text(Length length) {
        return length.format(unit);
    }
}
