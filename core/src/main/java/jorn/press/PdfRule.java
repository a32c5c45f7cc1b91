package jorn.press;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import java.util.Optional;
import jorn.json.Required;

/**
 * What kind of PDF a press takes.
 *
 * @param standard such as PDF/X-1a; absent for an ordinary PDF
 * @param colour the inks in which colours must be given
 * @param transparency whether it may hold transparency
 * @param totalInk most ink in one place, the sum of the four inks in per cent
 * @param boxes whether trim and bleed must be told by boxes of their own
 * @param oneFile whether cover and inside come in one file
 * @param marks that it wants beside the trim; none where absent
 */
public record PdfRule(
        Optional<String> standard,
        @Required Colour colour,
        boolean transparency,
        Optional<Integer> totalInk,
        boolean boxes,
        boolean oneFile,
        List<PrinterMark> marks) {
    /** The inks of a file. */
    public enum Colour {
        RGB("rgb"),
        CMYK("cmyk"),
        GREY("grey");

        private final String id;

        Colour(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    public PdfRule {
        marks = marks == null ? List.of() : List.copyOf(marks);
    }

    /** Apart, without marks, in whatever boxes. */
    public PdfRule(Optional<String> standard, Colour colour, boolean transparency, Optional<Integer> totalInk) {
        this(standard, colour, transparency, totalInk, false, false, List.of());
    }
}
