package jorn.layout;

import java.util.Optional;
import java.util.OptionalInt;
import jorn.calendar.Occasion;
import jorn.content.Subjects;

/** What is true of one page, other than its measures. Asked for piece by piece, since most designs read little of it. */
public interface PageFacts {
    /** The name of the field that holds the page number; what reads it differs on every page. */
    String PAGE = "page";

    /** Of a surface that is no page of the book. */
    PageFacts NONE = new PageFacts() {
        @Override
        public Optional<String> field(String name) {
            return Optional.empty();
        }

        @Override
        public Subjects subjects() {
            return Subjects.NONE;
        }

        @Override
        public OptionalInt pageOf(Object subject) {
            return OptionalInt.empty();
        }
    };

    /** The words of a field, such as {@code title} or {@code month}; nothing where there is no such field. */
    Optional<String> field(String name);

    /** What it is about. */
    Subjects subjects();

    /** The page on which a subject stands first, if it stands on one. */
    OptionalInt pageOf(Object subject);

    /** The number that is printed on the page on which a subject stands; where none is printed, which page of the book it is. */
    default Optional<String> folioOf(Object subject) {
        OptionalInt page = pageOf(subject);
        return page.isPresent() ? Optional.of(Integer.toString(page.getAsInt())) : Optional.empty();
    }

    /** The stretch of the calendar that it is about. */
    default Occasion occasion() {
        return subjects().get(Occasion.class).orElse(Occasion.NONE);
    }
}
