package jorn.check;

import java.util.function.UnaryOperator;
import jorn.book.Book;
import jorn.say.Message;

/**
 * A change of the book that mends what a finding tells of, where it can be made without asking. Two of the same words are the same remedy.
 *
 * @param label what is done, as a deed: "Add a page"
 * @param mend the change; it may refuse in words
 */
public record Mend(Message label, UnaryOperator<Book> mend) {
    static Mend of(UnaryOperator<Book> mend, String key, Object... arguments) {
        return new Mend(Message.of("check.remedy." + key, arguments), mend);
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Mend r && label.equals(r.label);
    }

    @Override
    public int hashCode() {
        return label.hashCode();
    }
}
