package jorn.check;

import java.util.List;
import java.util.Optional;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.measure.Unit;

/** A book that is fit to go, and what checking finds of books like it. */
final class Checked {
    static final Book GOOD = EarlierBooks.linedJournal().withTitle("Hive Notes").withAuthor("Skep & Sedge");

    private Checked() {}

    /** All findings. */
    static List<Finding> check(Book book) {
        return Checker.check(Proof.of(book, Unit.INCH));
    }

    /** The findings of one rule. */
    static List<Finding> findings(Book book, String id) {
        return check(book).stream().filter(f -> f.id().equals(id)).toList();
    }

    /** The first finding of one rule. */
    static Optional<Finding> finding(Book book, String id) {
        return findings(book, id).stream().findFirst();
    }
}
