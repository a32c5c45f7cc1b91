package jorn.check;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
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
 * @param grounds on whose word it is asked for, and what can be done about it at once
 */
public record Finding(
        String id,
        Severity severity,
        Place place,
        Message found,
        Message has,
        Message wants,
        Message advice,
        Grounds grounds) {
    /**
     * Why it is asked for, and what can be done.
     *
     * @param clause of a press's profile, or the practice of the trade; may be nothing
     * @param remedies that mend it at once, the likeliest first; may be none
     */
    public record Grounds(Message clause, List<Mend> remedies) {
        public Grounds {
            remedies = List.copyOf(remedies);
        }
    }

    /** By the practice of the trade, without a remedy that could be made at once. */
    public Finding(
            String id, Severity severity, Place place, Message found, Message has, Message wants, Message advice) {
        this(id, severity, place, found, has, wants, advice, new Grounds(Clause.practice(), List.of()));
    }

    /** The same on the word of a clause. */
    Finding by(Message clause) {
        return new Finding(id, severity, place, found, has, wants, advice, new Grounds(clause, grounds.remedies()));
    }

    /** The same with something that mends it. */
    Finding mendedBy(Mend... remedies) {
        return new Finding(
                id, severity, place, found, has, wants, advice, new Grounds(grounds.clause(), List.of(remedies)));
    }

    /** On whose word it is asked for; may be empty. */
    public String clause() {
        return grounds.clause().text();
    }

    /** What mends it at once; may be none. */
    public List<Mend> remedies() {
        return grounds.remedies();
    }

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
