package jorn.block.days;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Pen;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.layout.TypeStep;
import jorn.style.DayForm;
import jorn.style.DayForm.Badge;
import jorn.style.DayForm.DayHolder;
import jorn.style.DayForm.NameForm;
import jorn.style.LetterForm;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * A day's figure, its name and what is noted on it, as the style badges days: above its lines, or in a column beside them.
 *
 * @param name as the style writes it
 * @param figure the day of the month; absent on undated pages
 * @param notes holidays and the like, in one line; may be empty
 * @param isDay whether it is a day, rather than something else that stands where one could
 */
record DayBadge(String name, Optional<String> figure, String notes, boolean isDay) {
    private static final Role[] BY_TURNS = {Role.ACCENT, Role.SECOND, Role.THIRD, Role.FOURTH};

    /** The day of a page's week. */
    static DayBadge of(int day, Flow flow) {
        return of(day, 0, flow);
    }

    /** The same day some weeks later. */
    static DayBadge of(int day, int weeks, Flow flow) {
        Optional<LocalDate> date = flow.date()
                .map(flow.calendar().weeks()::startOf)
                .map(d -> d.plusWeeks(weeks).plusDays(day));
        DayForm form = flow.style().days();
        DayOfWeek column = flow.calendar().weeks().column(day);
        TextStyle style = form.name() == NameForm.SHORT ? TextStyle.SHORT_STANDALONE : TextStyle.FULL_STANDALONE;
        return new DayBadge(
                flow.calendar().name(column, style),
                date.map(d -> Integer.toString(d.getDayOfMonth())),
                date.map(d -> String.join(", ", flow.calendar().notes(d))).orElse(""),
                true);
    }

    /**
     * The same with its name in the longest form in which all seven days' names have room, so that they are all of one form.
     *
     * @param room for the name, in points
     */
    DayBadge named(int day, double room, Flow flow, StyledPen pen) {
        if (!isDay) {
            return this;
        }
        List<TextStyle> forms = pen.style().days().name() == NameForm.SHORT
                ? List.of(TextStyle.SHORT_STANDALONE, TextStyle.NARROW_STANDALONE)
                : List.of(TextStyle.FULL_STANDALONE, TextStyle.SHORT_STANDALONE, TextStyle.NARROW_STANDALONE);
        TextStyle fitting = forms.stream()
                .filter(form -> Arrays.stream(DayOfWeek.values())
                        .allMatch(d -> pen.width(flow.calendar().name(d, form), name(pen)) <= room))
                .findFirst()
                .orElse(TextStyle.NARROW_STANDALONE);
        String name = flow.calendar().name(flow.calendar().weeks().column(day), fitting);
        return new DayBadge(name, figure, notes, true);
    }

    /** Something else that stands where a day could: notes, the coming week. */
    static DayBadge titled(String title) {
        return new DayBadge(title, Optional.empty(), "", false);
    }

    /** The colour of one of several, by turns. */
    static Role turn(int i) {
        return BY_TURNS[i % BY_TURNS.length];
    }

    static Lettering name(StyledPen pen) {
        Lettering label = pen.label();
        boolean strong =
                pen.style().days().badge() == Badge.TAB || pen.style().days().badge() == Badge.LARGE;
        return new Lettering(
                label.voice(),
                strong ? Style.BOLD : label.style(),
                label.size(),
                pen.style().days().letters(),
                Align.LEFT,
                pen.ink(Role.TEXT));
    }

    /** Width of the column beside the lines; 0 where the badge stands above them. */
    static double side(StyledPen pen, double width) {
        Badge badge = pen.style().days().badge();
        if (!badge.beside()) {
            return 0;
        }
        return Math.min(width * 0.3, pen.step() * (badge == Badge.COLUMN ? 1.9 : 2.1));
    }

    /**
     * Draws it.
     *
     * @param at the column beside, or the row above
     * @param turn which of several, for styles whose days have colours by turns
     */
    void draw(Box at, StyledPen pen, int turn) {
        switch (pen.style().days().badge()) {
            case PLAIN -> plain(at, pen);
            case CIRCLE -> circle(at, pen);
            case TAB -> tab(at, pen);
            case LARGE -> large(at, pen);
            case DISC -> disc(at, pen, turn);
            case COLUMN -> column(at, pen);
        }
    }

    private void plain(Box at, StyledPen pen) {
        double base = pen.base(at.y());
        double x = at.x();
        if (figure.isPresent()) {
            Lettering large = pen.figure(TypeStep.FIGURE).in(pen.ink(Role.HEADING));
            double room = pen.width("30", large);
            pen.words(figure.get(), new Box(x, at.y(), room + 1, at.height()), base, large);
            x += room + pen.step() * 0.35;
        }
        Box rest = Box.orEmpty(x, at.y(), at.right() - x, at.height());
        double used = pen.words(name, rest, base, name(pen));
        notes(Box.orEmpty(x + used + 6, at.y(), at.right() - x - used - 6, at.height()), base, pen, Align.RIGHT);
    }

    private void circle(Box at, StyledPen pen) {
        double r = pen.step() * 0.42;
        double cy = at.y() + pen.step() * 0.5;
        double x = at.x();
        if (isDay) {
            pen.outline(Pen.circle(at.x() + r, cy, r - 0.3), pen.style().lines().frame());
            figure.ifPresent(f -> {
                Lettering as = pen.figure(TypeStep.TEXT).at(Align.CENTRE);
                pen.words(f, new Box(at.x(), at.y(), 2 * r, pen.step()), cy + as.size() * 0.34, as);
            });
            x += 2 * r + pen.step() * 0.25;
        }
        double base = cy + name(pen).size() * 0.32;
        double used = pen.words(name, Box.orEmpty(x, at.y(), at.right() - x, at.height()), base, name(pen));
        notes(Box.orEmpty(x + used + 6, at.y(), at.right() - x - used - 6, at.height()), base, pen, Align.RIGHT);
    }

    private void tab(Box at, StyledPen pen) {
        double base = pen.base(at.y());
        Lettering as = name(pen).in(isDay ? Ink.WHITE : pen.ink(Role.HEADING));
        double wide = Math.min(at.width() * 0.6, pen.width(name, as) + pen.step() * 0.5);
        double high = pen.step() * 0.74;
        double x = at.x();
        if (isDay) {
            pen.fill(Path.box(new Box(x, at.y(), wide, high)), pen.ink(Role.TEXT));
        }
        double pad = isDay ? pen.step() * 0.25 : 0;
        pen.words(
                name,
                Box.orEmpty(x + pad, at.y(), at.width() * 0.6 - 2 * pad, high),
                at.y() + high / 2 + as.size() * 0.34,
                as);
        x += wide + pen.step() * 0.3;
        if (figure.isPresent()) {
            Lettering large = pen.figure(TypeStep.FIGURE);
            pen.words(figure.get(), Box.orEmpty(x, at.y(), at.right() - x, at.height()), base, large);
            x += pen.width("30", large) + 6;
        }
        notes(Box.orEmpty(x, at.y(), at.right() - x, at.height()), base, pen, Align.RIGHT);
    }

    private void large(Box at, StyledPen pen) {
        if (!isDay) {
            pen.words(name, at, pen.base(at.y()), name(pen).in(pen.ink(Role.HEADING)));
            return;
        }
        double base = pen.base(at.y());
        if (figure.isPresent()) {
            double size = Math.min(pen.step() * 1.35, at.width() * 0.72);
            Lettering big = pen.figure(TypeStep.FIGURE).sized(Math.max(pen.size(TypeStep.STRONG), size));
            double figureBase = at.y() + pen.step() * 0.14 + big.size() * 0.74;
            pen.words(figure.get(), at, figureBase, big);
            base = figureBase + name(pen).size() * 1.12;
        }
        pen.words(name, at, base, name(pen));
        notes(at.inset(0, 2, 0, 0), base + pen.size(TypeStep.NOTE) * 1.25, pen, Align.LEFT);
    }

    private void disc(Box at, StyledPen pen, int turn) {
        boolean panel = pen.style().days().holder() == DayHolder.PANEL;
        double r = Math.min(pen.step() * 0.5, at.width() * 0.36);
        double cx = at.centreX();
        double top = at.y() + pen.step() * (panel ? 0.3 : 0.16);
        double base = at.y() + pen.step() * 0.73;
        Ink ink = pen.ink(turn(turn));
        if (isDay) {
            if (figure.isPresent()) {
                pen.fill(Pen.circle(cx, top + r, r), ink);
                Lettering as = pen.figure(TypeStep.STRONG)
                        .at(Align.CENTRE)
                        .in(Ink.WHITE)
                        .in(Style.BOLD);
                pen.words(figure.get(), new Box(cx - r, top, 2 * r, 2 * r), top + r + as.size() * 0.35, as);
            } else {
                Path ring = Pen.circle(cx, top + r, r - 0.6);
                pen.fill(ring, Ink.WHITE);
                pen.outline(ring, pen.style().lines().frame().withRole(turn(turn)));
            }
            base = top + 2 * r + name(pen).size() * 1.2;
        }
        pen.words(name, at.inset(0, 1, 0, 1), base, name(pen).at(Align.CENTRE).in(isDay ? pen.ink(Role.TEXT) : ink));
        notes(at.inset(0, 1, 0, 1), base + pen.size(TypeStep.NOTE) * 1.25, pen, Align.CENTRE);
    }

    private void column(Box at, StyledPen pen) {
        double base = pen.base(at.y());
        if (figure.isPresent()) {
            Lettering large = pen.figure(TypeStep.FIGURE).at(Align.CENTRE);
            double figureBase = at.y() + pen.step() * 0.28 + large.size() * 0.66;
            pen.words(figure.get(), at.inset(0, 2, 0, 0), figureBase, large);
            base = figureBase + name(pen).size() * 1.25;
        }
        Lettering as = name(pen).at(Align.CENTRE).in(pen.ink(Role.ACCENT));
        pen.words(name, at.inset(0, 3, 0, 0), base, as);
        notes(at.inset(0, 3, 0, 0), base + pen.size(TypeStep.NOTE) * 1.25, pen, Align.CENTRE);
    }

    private void notes(Box in, double base, StyledPen pen, Align align) {
        if (!notes.isBlank() && in.width() > pen.step() && base <= in.bottom() + 1) {
            Lettering as = new Lettering(
                    Voice.BODY,
                    Style.ITALIC,
                    pen.size(TypeStep.NOTE),
                    LetterForm.AS_WRITTEN,
                    align,
                    pen.ink(Role.ACCENT));
            pen.words(notes, in, base, as);
        }
    }
}
