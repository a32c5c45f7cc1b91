package jorn.print.export;

import com.fasterxml.jackson.annotation.JsonValue;
import java.nio.file.Path;

/**
 * A file that was written for a hand-over.
 *
 * @param role what it is
 * @param file where it is
 * @param pages how many pages it has
 * @param bytes its length
 */
public record Delivery(Role role, Path file, int pages, long bytes) {
    /** What a file is to the one who gets it. */
    public enum Role {
        INTERIOR("interior"),
        COVER("cover");

        private final String id;

        Role(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }
}
