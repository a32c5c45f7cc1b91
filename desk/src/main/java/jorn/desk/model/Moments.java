package jorn.desk.model;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import jorn.say.Wording;

/** Moments as people say them. */
public final class Moments {
    private Moments() {}

    /** "26 Nov 2026, 07:15", in the language that is spoken and this machine's time zone. */
    public static String inWords(Instant when) {
        return DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM, FormatStyle.SHORT)
                .withLocale(Wording.language().locale())
                .format(when.atZone(ZoneId.systemDefault()));
    }
}
