package jorn.calendar;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.io.TimezoneInfo;
import biweekly.property.DateEnd;
import biweekly.property.DateStart;
import biweekly.property.DurationProperty;
import biweekly.property.ICalProperty;
import biweekly.util.Frequency;
import biweekly.util.ICalDate;
import biweekly.util.com.google.ical.compat.javautil.DateIterator;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Date;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TimeZone;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BiConsumer;
import java.util.regex.Pattern;
import jorn.calendar.Occasion.Period;
import jorn.measure.Trouble;

/**
 * Events of an iCalendar file (RFC 5545): all that lie in a period, on each of their days, in their own time zone. What comes
 * round again comes as often as it does in the period, less what was taken out; what was moved stands where it was moved to;
 * what was cancelled is left out.
 */
final class CalendarFile {
    /** More occurrences than this are not a person's calendar. */
    private static final int MOST = 50_000;

    /** More events are not read: so many take a second. */
    private static final int MOST_EVENTS = 20_000;

    private static final Pattern EVENT = Pattern.compile("(?im)^BEGIN:VEVENT\\s*$");

    private static final Set<Frequency> WITHIN_A_DAY = Set.of(Frequency.SECONDLY, Frequency.MINUTELY, Frequency.HOURLY);

    private static final int LONGEST_DAYS = 366;

    /** For all events together. Rules that never come round are legal, and the library looks for their next day for ever. */
    private static final int MOST_SECONDS = 2;

    private static final int SHOWN = 60;

    private final ICalendar calendar;
    private final Period period;
    private final BiConsumer<LocalDate, String> each;
    /** Which rounds of a repeated event stand elsewhere, by the event's own id. */
    private final Map<String, Set<Instant>> moved = new HashMap<>();

    private int seen;

    private CalendarFile(ICalendar calendar, Period period, BiConsumer<LocalDate, String> each) {
        this.calendar = calendar;
        this.period = period;
        this.each = each;
    }

    /**
     * Reads all events.
     *
     * @param each hears of each day of each event, with its words
     * @throws Trouble where there are more than can be used
     */
    static void read(String text, Period period, BiConsumer<LocalDate, String> each) {
        long events = EVENT.matcher(text).results().count();
        if (events > MOST_EVENTS) {
            throw Trouble.of("calendar.calendar-file.too-many-events", events, MOST_EVENTS);
        }
        List<CalendarFile> all = Biweekly.parse(text).all().stream()
                .map(calendar -> new CalendarFile(calendar, period, each))
                .toList();
        AtomicReference<String> present = new AtomicReference<>("");
        FutureTask<Boolean> work = new FutureTask<>(
                () -> {
                    for (CalendarFile calendar : all) {
                        calendar.run(present);
                    }
                },
                true);
        Thread hand = new Thread(work, "calendar");
        hand.setDaemon(true);
        hand.start();
        try {
            work.get(MOST_SECONDS, TimeUnit.SECONDS);
        } catch (TimeoutException e) {
            work.cancel(true);
            throw Trouble.because(e, "calendar.calendar-file.no-end", present.get(), MOST_SECONDS);
        } catch (InterruptedException e) {
            work.cancel(true);
            Thread.currentThread().interrupt();
            throw new CancellationException();
        } catch (ExecutionException e) {
            throw e.getCause() instanceof Trouble t ? t : new IllegalStateException(e.getCause());
        }
    }

    /** @param present hears which event is looked at */
    private void run(AtomicReference<String> present) {
        for (VEvent event : calendar.getEvents()) {
            if (event.getRecurrenceId() != null && event.getUid() != null) {
                moved.computeIfAbsent(event.getUid().getValue(), k -> new HashSet<>())
                        .add(event.getRecurrenceId().getValue().toInstant());
            }
        }
        for (VEvent event : calendar.getEvents()) {
            boolean cancelled = event.getStatus() != null && event.getStatus().isCancelled();
            String words = event.getSummary() == null ? "" : event.getSummary().getValue();
            if (!cancelled && event.getDateStart() != null && words != null && !words.isBlank()) {
                String said = words.replaceAll("\\s+", " ").strip();
                present.set(said.length() > SHOWN ? said.substring(0, SHOWN) + " …" : said);
                read(event, said);
            }
        }
    }

    /** The library has no words for rules that mean nothing. */
    private void read(VEvent event, String words) {
        try {
            occurrences(event, words);
        } catch (Trouble t) {
            throw t;
        } catch (RuntimeException | AssertionError e) {
            throw Trouble.because(e, "calendar.calendar-file.no-rule", words);
        }
    }

    private void occurrences(VEvent event, String words) {
        if (event.getRecurrenceRule() != null
                && !EventRules.means(event.getRecurrenceRule().getValue())) {
            throw Trouble.of("calendar.calendar-file.no-rule", words);
        }
        DateStart start = event.getDateStart();
        ICalDate first = start.getValue();
        ZoneId zone = zone(start);
        long length = length(event, first);
        if (event.getRecurrenceId() != null
                || (event.getRecurrenceRule() == null
                        && event.getRecurrenceDates().isEmpty())) {
            days(first.toInstant(), first.hasTime(), length, zone, words);
            return;
        }
        Set<Instant> elsewhere = event.getUid() == null
                ? Set.of()
                : moved.getOrDefault(event.getUid().getValue(), Set.of());
        DateIterator rounds = event.getDateIterator(TimeZone.getTimeZone(zone));
        Instant end = period.to().plusDays(1).atStartOfDay(zone).toInstant();
        Date from = Date.from(
                period.from().minusDays(LONGEST_DAYS).atStartOfDay(zone).toInstant());
        // What comes round within a day is counted from its beginning: advancing through years of seconds has no end.
        boolean withinDay = event.getRecurrenceRule() != null
                && WITHIN_A_DAY.contains(event.getRecurrenceRule().getValue().getFrequency());
        if (first.before(from) && !withinDay) {
            rounds.advanceTo(from);
        }
        while (rounds.hasNext() && !Thread.currentThread().isInterrupted()) {
            Instant round = rounds.next().toInstant();
            if (!round.isBefore(end)) {
                return;
            }
            if (withinDay && round.isBefore(from.toInstant())) {
                count();
                continue;
            }
            if (!elsewhere.contains(round)) {
                days(round, first.hasTime(), length, zone, words);
            }
        }
    }

    /** Where nothing says in which zone a time is meant, it is the time on the wall: this machine's. */
    private ZoneId zone(ICalProperty property) {
        TimezoneInfo zones = calendar.getTimezoneInfo();
        if (zones.isFloating(property) || zones.getTimezone(property) == null) {
            return ZoneId.systemDefault();
        }
        return zones.getTimezone(property).getTimeZone().toZoneId();
    }

    private static long length(VEvent event, ICalDate first) {
        DateEnd end = event.getDateEnd();
        if (end != null && end.getValue() != null) {
            return Math.max(0, end.getValue().getTime() - first.getTime());
        }
        DurationProperty duration = event.getDuration();
        return duration == null || duration.getValue() == null
                ? 0
                : Math.max(0, duration.getValue().toMillis());
    }

    private void count() {
        if (++seen > MOST) {
            throw Trouble.of("calendar.calendar-file.calendar-has-more-than", MOST);
        }
    }

    /** Each day that an event touches; one that ends at midnight does not touch the day that begins then. */
    private void days(Instant from, boolean timed, long length, ZoneId zone, String words) {
        count();
        // Days without a time are read as midnight on this machine's wall.
        ZoneId wall = timed ? zone : ZoneId.systemDefault();
        LocalDateTime start = LocalDateTime.ofInstant(from, wall);
        LocalDateTime end = LocalDateTime.ofInstant(from.plusMillis(length), wall);
        LocalDate last = end.toLocalTime().equals(LocalTime.MIDNIGHT) && end.isAfter(start)
                ? end.toLocalDate().minusDays(1)
                : end.toLocalDate();
        LocalDate day = start.toLocalDate();
        for (int i = 0; i < LONGEST_DAYS && !day.isAfter(last); i++) {
            if (period.holds(day)) {
                each.accept(day, words);
            }
            day = day.plusDays(1);
        }
    }
}
