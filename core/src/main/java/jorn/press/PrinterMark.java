package jorn.press;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import jorn.measure.Trouble;

/** A mark beside the trim of a sheet, for those who print and cut it. */
public enum PrinterMark {
    /** Where the knife cuts. */
    CUT("cut"),
    /** Crossed circles by which the inks are laid over each other. */
    REGISTER("register"),
    /** Fields of each ink, full and half. */
    BARS("bars"),
    /** Book, sheet and file in words. */
    WORDS("words");

    private final String id;

    PrinterMark(String id) {
        this.id = id;
    }

    @JsonValue
    public String id() {
        return id;
    }

    /**
     * The mark of this id.
     *
     * @throws Trouble that names those there are
     */
    public static PrinterMark ofId(String id) {
        String all =
                String.join(", ", Arrays.stream(values()).map(PrinterMark::id).toList());
        return Arrays.stream(values())
                .filter(m -> m.id.equals(id.strip()))
                .findFirst()
                .orElseThrow(() -> Trouble.of("press.printer-mark.none", id.strip(), all));
    }
}
