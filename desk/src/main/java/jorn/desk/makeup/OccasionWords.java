package jorn.desk.makeup;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import jorn.calendar.Occasion;
import jorn.calendar.Span;
import jorn.calendar.WeekRule;
import jorn.say.Wording;

/** What a page stands for, as one says it: "week 53, 28 December to 3 January", "October 2026". */
final class OccasionWords {
    private OccasionWords() {}

    /** @return nothing where the page stands for no stretch of the calendar */
    static String of(Occasion occasion, WeekRule weeks) {
        if (occasion.span().isEmpty()) {
            return "";
        }
        if (occasion.from().isEmpty()) {
            return occasion.number() > 0
                    ? Wording.of("desk.occasion.undated", occasion.span().get().word(), occasion.number())
                    : "";
        }
        LocalDate from = occasion.from().get();
        return switch (occasion.span().get()) {
            case DAY -> written("d MMMM yyyy", from);
            case WEEK, FOUR_WEEKS -> Wording.of(
                    "desk.occasion.week",
                    weeks.number(from),
                    written("d MMM", from),
                    written("d MMM yyyy", occasion.to().orElseThrow()));
            case MONTH -> written("LLLL yyyy", from);
            case QUARTER -> Wording.of("desk.occasion.quarter", (from.getMonthValue() + 2) / 3, from.getYear());
            case YEAR -> Integer.toString(from.getYear());
        };
    }

    /** The same in few words, for choices: "week 41", "October 2026". */
    static String brief(Occasion occasion, WeekRule weeks) {
        boolean week = occasion.span().filter(s -> s == Span.WEEK).isPresent();
        return week && occasion.from().isPresent()
                ? Wording.of(
                        "desk.occasion.week-brief", weeks.number(occasion.from().get()))
                : of(occasion, weeks);
    }

    private static String written(String pattern, LocalDate day) {
        return DateTimeFormatter.ofPattern(pattern, locale()).format(day);
    }

    static Locale locale() {
        return Wording.language().locale();
    }
}
