package jorn.check;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.book.Book;
import jorn.book.Pagination;
import jorn.book.Slot;
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
 * @param elsewhere the cover of files that were made elsewhere, if it is these that are checked: the book is then only what is known of them
 */
public record Proof(Edition edition, Unit unit, Map<String, String> others, Optional<CoverElsewhere> elsewhere) {
    /** What stands on a cover that was made elsewhere, from its trim's corner; nothing where there is no cover. */
    public record CoverElsewhere(List<Mark> marks) {
        public CoverElsewhere {
            marks = List.copyOf(marks);
        }
    }

    public Proof {
        others = Map.copyOf(others);
    }

    /** Of a book of Jorn's own. */
    public Proof(Edition edition, Unit unit, Map<String, String> others) {
        this(edition, unit, others, Optional.empty());
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

    /** What stands on the outside of the cover, where the press prints one, or the first and last pages bear it. */
    List<Marks.Standing> coverMarks() {
        if (elsewhere.isPresent()) {
            return Marks.standing(elsewhere.get().marks());
        }
        return cover().isDelivered() || book().hasCoverOnPages()
                ? Marks.standing(edition.cover().atSize().marks())
                : List.of();
    }

    /** By which pages are told apart, of which one is told of: by their design, or each by itself where nothing is known of that. */
    Object sort(Slot slot) {
        return elsewhere.isPresent() ? (Object) slot.number() : book().variantOf(slot);
    }

    String press() {
        return book().brief().press().name();
    }

    String text(Length length) {
        return length.format(unit);
    }
}
