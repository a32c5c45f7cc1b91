package jorn.measure;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;

/** Days as Jorn reads them. */
public final class Days {
    private Days() {}

    /**
     * Reads a day as ISO 8601 writes it: 2026-11-25.
     *
     * @throws Trouble with an example
     */
    public static LocalDate read(String text) {
        try {
            return LocalDate.parse(text.strip());
        } catch (DateTimeParseException e) {
            throw Trouble.because(e, "measure.days.no-day", text.strip());
        }
    }
}
