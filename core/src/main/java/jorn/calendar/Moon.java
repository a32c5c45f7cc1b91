package jorn.calendar;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Optional;
import jorn.say.Wording;
import org.shredzone.commons.suncalc.MoonPhase;

/** The four phases of the moon, by the day (UTC) on which they fall, from the commons-suncalc library. */
public enum Moon {
    NEW(Wording.of("calendar.moon.new-moon"), MoonPhase.Phase.NEW_MOON),
    FIRST_QUARTER(Wording.of("calendar.moon.first-quarter"), MoonPhase.Phase.FIRST_QUARTER),
    FULL(Wording.of("calendar.moon.full-moon"), MoonPhase.Phase.FULL_MOON),
    LAST_QUARTER(Wording.of("calendar.moon.last-quarter"), MoonPhase.Phase.LAST_QUARTER);

    private final String word;
    private final MoonPhase.Phase phase;

    Moon(String word, MoonPhase.Phase phase) {
        this.word = word;
        this.phase = phase;
    }

    public String word() {
        return word;
    }

    /** The phase that falls on a day, if one does. */
    public static Optional<Moon> phaseOn(LocalDate day) {
        for (Moon moon : values()) {
            LocalDate next = MoonPhase.compute()
                    .on(day.atStartOfDay(ZoneOffset.UTC))
                    .phase(moon.phase)
                    .execute()
                    .getTime()
                    .withZoneSameInstant(ZoneOffset.UTC)
                    .toLocalDate();
            if (next.equals(day)) {
                return Optional.of(moon);
            }
        }
        return Optional.empty();
    }
}
