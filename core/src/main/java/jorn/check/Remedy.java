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
public record Remedy(Message label, UnaryOperator<Book> mend) {
    static Remedy of(UnaryOperator<Book> mend, String key, Object... arguments) {
        return new Remedy(Message.of("check.remedy." + key, arguments), mend);
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Remedy r && label.equals(r.label);
    }

    @Override
    public int hashCode() {
        return label.hashCode();
    }
}
