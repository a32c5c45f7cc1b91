package jorn.book;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Span;
import jorn.content.PromptList;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.press.MarginSchool;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import jorn.say.Wording;
import jorn.style.PageStyle;

/** A book of one spread that shows a design as it would stand in a book: in a style, at a trim, dated or not. */
public final class Specimen {
    /** A month that begins late and takes six rows, with a week that straddles. */
    private static final LocalDate DAY = LocalDate.of(2027, 5, 1);

    private Specimen() {}

    /**
     * A design on its page, and facing it the design that customarily does, or the same again.
     *
     * @param dated whether it stands for a stretch of 2027, where it can
     */
    public static Book of(Catalogue.Entry entry, PageStyle style, Size trim, boolean dated) {
        Recipe facing = entry.facing().map(Catalogue.Entry::recipe).orElse(entry.recipe());
        return of(entry.recipe(), facing, dated ? entry.span() : Optional.empty(), style, trim);
    }

    /** Two designs on a spread. */
    public static Book of(Recipe left, Recipe right, Optional<Span> span, PageStyle style, Size trim) {
        Starter base = Starter.NOTEBOOK;
        Brief brief = base.usualBrief().withTrim(trim).withInk("colour");
        Run pages = Run.of(left.name(), left, 2, Placement.Start.VERSO).facing(right);
        Book book = base.begin(brief);
        CalendarChoice calendar =
                CalendarChoice.UNDATED.withLanguage(book.calendar().language()).withHolidays("DE");
        Run opening = Run.of("", Catalogue.recipe("blank"), 1, Placement.Start.RECTO);
        if (span.isPresent()) {
            LocalDate from = span.get() == Span.YEAR ? DAY.withDayOfYear(1) : DAY;
            LocalDate to = span.get() == Span.YEAR
                    ? from.plusYears(1).minusDays(1)
                    : from.plusMonths(3).minusDays(1);
            calendar = calendar.dated(from, to);
            pages = Run.per(span.get(), left.name(), left, Placement.Start.VERSO)
                    .facing(right);
        }
        if (left.shows("prompt")) {
            String question = PromptList.in(calendar.language()).get(0).words().get(0);
            pages = pages.per().isPresent()
                    ? pages.withInTurn(List.of(question))
                    : pages.withItems(List.of(question, question));
        }
        return book.withTitle(Wording.of("book.specimen.title"))
                .withRuns(List.of(opening, pages))
                .withCycles(List.of())
                .withCalendar(calendar)
                .withMargins(MarginChoice.ofSchool(Optional.of(MarginSchool.DESIGNED)))
                .onPitch(pitch(trim))
                .inStyle(style);
    }

    /** The pitch that books of a trim customarily have: closer on small pages (common practice). */
    public static Length pitch(Size trim) {
        double width = trim.width().points();
        return width < Length.mm(125).points()
                ? Length.mm(6)
                : width < Length.mm(149).points() ? Length.mm(6.5) : Length.mm(7);
    }
}
