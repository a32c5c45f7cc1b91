package jorn.check;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Optional;
import jorn.art.Box;
import jorn.say.Message;
import jorn.say.Wording;

/**
 * Something that a check found.
 *
 * @param id of the rule: {@code page-count}
 * @param severity how bad it is
 * @param place where
 * @param found what is wrong, in a sentence
 * @param has what was measured; may be nothing
 * @param wants what is asked for; may be nothing
 * @param advice what to do, in a sentence
 */
public record Finding(
        String id, Severity severity, Place place, Message found, Message has, Message wants, Message advice) {
    /** How bad a finding is. */
    public enum Severity {
        /** The press will refuse it, or the book will be spoiled. */
        ERROR("error"),
        /** It can be printed, but probably not as meant. */
        WARNING("warning"),
        /** Good to know. */
        NOTE("note");

        private final String id;

        Severity(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    /** What is wrong, in a sentence. */
    public String message() {
        return found.text();
    }

    /** What was measured; may be empty. */
    public String measured() {
        return has.text();
    }

    /** What is asked for; may be empty. */
    public String required() {
        return wants.text();
    }

    /** What to do, in a sentence. */
    public String remedy() {
        return advice.text();
    }

    /**
     * Where a finding is.
     *
     * @param page page number, or 0 for the whole book or the cover
     * @param onCover whether it is on the cover
     * @param box the place on the page, in points from the trim's corner
     */
    public record Place(int page, boolean onCover, Optional<Box> box) {
        public static Place book() {
            return new Place(0, false, Optional.empty());
        }

        public static Place page(int number) {
            return new Place(number, false, Optional.empty());
        }

        public static Place page(int number, Box box) {
            return new Place(number, false, Optional.of(box));
        }

        public static Place cover(Optional<Box> box) {
            return new Place(0, true, box);
        }

        /** "page 5", "cover", "book". */
        public String inWords() {
            return onCover
                    ? Wording.of("check.finding.cover")
                    : page > 0 ? Wording.of("check.finding.page", page) : Wording.of("check.finding.book");
        }
    }
}
