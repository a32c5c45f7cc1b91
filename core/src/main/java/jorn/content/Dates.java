package jorn.content;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion;
import jorn.calendar.Occasion.Period;
import jorn.calendar.Span;
import jorn.json.Required;

/**
 * A page, or a pair of pages, for each day, week, month, quarter or year of the stretch that its run lies in.
 *
 * @param per once for each of these
 * @param count always so many; absent for as many as there are
 */
public record Dates(@Required Span per, Optional<Integer> count) implements Source {
    public Dates {
        count = count == null ? Optional.empty() : count;
    }

    @Override
    public List<Batch> batches(Request request) {
        List<Batch> all = new ArrayList<>();
        for (Occasion occasion : occasions(per, count, request.about(), request.stretch(), request.calendar())) {
            all.add(Batch.of(Subjects.of(occasion), request.together()));
        }
        return all;
    }

    /**
     * The stretches of a length that lie in a stretch of the book: those of the calendar where it is dated, undated ones
     * where it is not or where more are wanted than there are.
     *
     * @param about what the stretch of the book stands for
     * @param stretch from which day to which; absent in an undated book
     */
    public static List<Occasion> occasions(
            Span span, Optional<Integer> count, Occasion about, Optional<Period> stretch, CalendarChoice calendar) {
        List<Occasion> all = new ArrayList<>();
        if (stretch.isPresent()) {
            Period whole =
                    new Period(calendar.from().orElseThrow(), calendar.to().orElseThrow());
            all.addAll(Occasion.in(span, stretch.get(), whole, calendar.weeks(), calendar.straddle()));
            if (count.isEmpty()) {
                return all;
            }
        }
        boolean withinMonth = about.span().filter(s -> s == Span.MONTH).isPresent();
        int wanted = count.orElse(customary(span, withinMonth));
        while (all.size() < wanted) {
            all.add(Occasion.undated(span, all.size() + 1));
        }
        return all.subList(0, wanted);
    }

    /** How often such a stretch comes in a year, or in its month for weeks and days; enough for any (common practice). */
    static int customary(Span span, boolean withinMonth) {
        return switch (span) {
            case DAY -> withinMonth ? 31 : 366;
            case WEEK -> withinMonth ? 5 : 53;
            case FOUR_WEEKS -> withinMonth ? 2 : 14;
            case MONTH -> 12;
            case QUARTER -> 4;
            case YEAR -> 1;
        };
    }
}
