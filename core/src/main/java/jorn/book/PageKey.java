package jorn.book;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jorn.measure.Trouble;

/**
 * What tells a page from the others of its run, and stays when pages before it come or go: its date where it has one,
 * otherwise which one it is. Written {@code 2026-W41/0} or {@code #3}.
 */
public sealed interface PageKey extends Comparable<PageKey> {
    /**
     * A page with a date.
     *
     * @param date as {@link jorn.calendar.Occasion#id} writes it
     * @param design which design of its run: 0, or 1 for the facing one
     */
    record Dated(String date, int design) implements PageKey {
        @Override
        public String toString() {
            return date + "/" + design;
        }
    }

    /**
     * A page that is counted.
     *
     * @param place from 1
     */
    record Counted(int place) implements PageKey {
        @Override
        public String toString() {
            return "#" + place;
        }
    }

    /** As a file has it. */
    @JsonValue
    default String written() {
        return toString();
    }

    @Override
    default int compareTo(PageKey other) {
        if (this instanceof Counted a && other instanceof Counted b) {
            return Integer.compare(a.place, b.place);
        }
        return toString().compareTo(other.toString());
    }

    /**
     * Reads what {@link #written} wrote.
     *
     * @throws Trouble where it is no such thing
     */
    @JsonCreator
    static PageKey valueOf(String text) {
        Matcher counted = Pattern.compile("#([1-9]\\d{0,4})").matcher(text);
        if (counted.matches()) {
            return new Counted(Integer.parseInt(counted.group(1)));
        }
        Matcher dated = Pattern.compile("(\\d{4}[-\\dWQ]*)/([01])").matcher(text);
        if (dated.matches()) {
            return new Dated(dated.group(1), Integer.parseInt(dated.group(2)));
        }
        throw Trouble.of("book.page-key.names-no-page-run", text);
    }
}
