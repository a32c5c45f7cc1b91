package jorn.book;

import com.fasterxml.jackson.annotation.JsonValue;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Where the pages of a run may stand.
 *
 * @param start on which side it begins
 * @param bareBack whether the back of each page stays bare
 */
@RecordBuilder
public record Placement(Start start, boolean bareBack) implements PlacementBuilder.With {
    /** Where a run may begin. A blank is put before it where needed. */
    public enum Start {
        ANYWHERE("anywhere"),
        RECTO("recto"),
        VERSO("verso");

        private final String id;

        Start(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    public Placement {
        start = start == null ? Start.ANYWHERE : start;
    }

    public static Placement at(Start start) {
        return new Placement(start, false);
    }
}
