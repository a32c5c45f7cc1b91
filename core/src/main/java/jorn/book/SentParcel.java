package jorn.book;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import jorn.json.Required;

/**
 * What was handed over to a press, and when.
 *
 * @param when date and time, as ISO 8601 writes them: 2026-11-27T10:30
 * @param press name of the profile
 * @param files that were written
 * @param accepted whether the reception at home let them pass
 * @param overridden ids of the errors that stood when the user had them written all the same; none where there were none
 */
public record SentParcel(
        @Required String when,
        @Required String press,
        List<SentFile> files,
        boolean accepted,
        List<String> overridden) {
    private static final DateTimeFormatter MINUTE = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm", Locale.ROOT);

    /**
     * A file of a parcel.
     *
     * @param checksum SHA-256, by which it is known again
     */
    public record SentFile(@Required String name, int pages, long bytes, @Required String checksum) {}

    /** A moment as records keep it. */
    public static String when(LocalDateTime moment) {
        return moment.format(MINUTE);
    }

    public SentParcel {
        files = files == null ? List.of() : List.copyOf(files);
        overridden = overridden == null ? List.of() : List.copyOf(overridden);
    }
}
