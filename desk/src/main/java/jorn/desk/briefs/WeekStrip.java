package jorn.desk.briefs;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import jorn.desk.view.CanvasPane;
import jorn.desk.view.Theme;
import jorn.say.Wording;

/** The work as a strip of weeks, from the day it begins to the day it is done. */
final class WeekStrip extends CanvasPane {
    /** More weeks than these are drawn as a bar only. */
    private static final int MOST_CELLS = 160;

    private final LocalDate start;
    private final LocalDate finish;

    WeekStrip(LocalDate start, LocalDate finish, double em) {
        this.start = start;
        this.finish = finish;
        setEm(em);
        setMinHeight(em * 4.2);
        setPrefHeight(em * 4.2);
        setId("week-strip");
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        LocalDate monday = start.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        long weeks = ChronoUnit.WEEKS.between(monday, finish) + 1;
        double cell = Math.min(em() * 1.5, (width - 8) / Math.max(1, weeks));
        double top = em() * 1.4;
        double high = em() * 1.3;
        DateTimeFormatter month =
                DateTimeFormatter.ofPattern("LLL", Wording.language().locale());
        DateTimeFormatter monthYear =
                DateTimeFormatter.ofPattern("LLL yyyy", Wording.language().locale());
        g.setTextBaseline(VPos.BASELINE);
        g.setTextAlign(TextAlignment.LEFT);
        double last = -100;
        for (long i = 0; i < weeks; i++) {
            LocalDate at = monday.plusWeeks(i);
            double x = 2 + i * cell;
            g.setFill(Theme.THREAD.deriveColor(0, 1, 1, i == weeks - 1 ? 0.9 : 0.28));
            if (weeks <= MOST_CELLS) {
                g.fillRect(x + 1, top, Math.max(1, cell - 2), high);
            } else {
                g.fillRect(x, top, cell + 0.5, high);
            }
            boolean begins = i == 0 || at.getDayOfMonth() <= 7;
            String name = (i == 0 || at.getMonthValue() == 1 ? monthYear : month).format(at.plusDays(6));
            if (begins && x > last + 8) {
                g.setStroke(Theme.HAIRLINE);
                g.strokeLine(x, top - 3, x, top + high + 3);
                write(g, name, x, top - em() * 0.4, Theme.SOFT_INK, false);
                last = x + widthOf(name);
            }
        }
        String words = Wording.of("desk.week-strip.weeks", weeks);
        write(g, words, 2, top + high + em() * 1.2, Theme.INK, false);
    }
}
