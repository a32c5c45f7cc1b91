package jorn.calendar;

import java.time.LocalDate;

/**
 * A holiday on a day.
 *
 * @param key of its name
 * @param substitute whether it is off because the holiday itself falls on a day that is off anyhow
 */
record NamedDay(LocalDate day, String key, boolean substitute) {}
