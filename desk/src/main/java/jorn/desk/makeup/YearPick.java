package jorn.desk.makeup;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.YearMonth;
import java.time.format.TextStyle;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.VPos;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jorn.desk.view.CanvasPane;
import jorn.desk.view.Theme;
import jorn.say.Wording;

/** A year drawn as a year, twelve small months, in which the book's days are marked and one is chosen by a click. */
final class YearPick extends CanvasPane {
    private static final Color WITHIN = Color.web("#A1352A", 0.16);
    private static final int COLUMNS = 4;

    private final DayOfWeek firstDay;
    private final Optional<LocalDate> from;
    private final Optional<LocalDate> to;
    private int year;
    private Optional<LocalDate> over = Optional.empty();

    /** @param onDay hears of the day that is clicked */
    YearPick(
            int year,
            DayOfWeek firstDay,
            Optional<LocalDate> from,
            Optional<LocalDate> to,
            double em,
            Consumer<LocalDate> onDay) {
        this.year = year;
        this.firstDay = firstDay;
        this.from = from;
        this.to = to;
        setEm(em);
        setPrefSize(em * 27, em * 18.4);
        setMinSize(em * 27, em * 18.4);
        setId("year-pick");
        setCursor(Cursor.HAND);
        addEventHandler(MouseEvent.MOUSE_MOVED, e -> {
            over = dayAt(e.getX(), e.getY());
            redraw();
        });
        addEventHandler(MouseEvent.MOUSE_EXITED, e -> {
            over = Optional.empty();
            redraw();
        });
        addEventHandler(MouseEvent.MOUSE_CLICKED, e -> dayAt(e.getX(), e.getY()).ifPresent(onDay));
    }

    int year() {
        return year;
    }

    void turn(int years) {
        year = Math.max(1900, Math.min(2200, year + years));
        redraw();
    }

    private double monthWide() {
        return getWidth() / COLUMNS;
    }

    private double monthHigh() {
        return getHeight() / 3;
    }

    private double cell() {
        return (monthWide() - em() * 0.8) / 7;
    }

    private double line() {
        return (monthHigh() - em() * 1.5) / 6;
    }

    private int column(LocalDate day) {
        return (day.getDayOfWeek().getValue() - firstDay.getValue() + 7) % 7;
    }

    private Optional<LocalDate> dayAt(double x, double y) {
        int month = (int) Math.floor(y / monthHigh()) * COLUMNS + (int) Math.floor(x / monthWide());
        if (month < 0 || month > 11) {
            return Optional.empty();
        }
        YearMonth in = YearMonth.of(year, month + 1);
        int column = (int) Math.floor((x % monthWide()) / cell());
        int row = (int) Math.floor((y % monthHigh() - em() * 1.3) / line());
        int day = row * 7 + column - column(in.atDay(1)) + 1;
        boolean there = column >= 0 && column < 7 && row >= 0 && day >= 1 && day <= in.lengthOfMonth();
        return there ? Optional.of(in.atDay(day)) : Optional.empty();
    }

    /** Where a day is drawn: the middle of its figure. */
    javafx.geometry.Point2D placeOf(LocalDate day) {
        int month = day.getMonthValue() - 1;
        int at = column(day.withDayOfMonth(1)) + day.getDayOfMonth() - 1;
        int band = month / COLUMNS;
        int row = at / 7;
        return new javafx.geometry.Point2D(
                month % COLUMNS * monthWide() + (at % 7 + 0.5) * cell(),
                band * monthHigh() + em() * 1.3 + (row + 0.5) * line());
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        Locale locale = Wording.language().locale();
        g.setTextBaseline(VPos.CENTER);
        for (Month month : Month.values()) {
            double x = (month.getValue() - 1) % COLUMNS * monthWide();
            int band = (month.getValue() - 1) / COLUMNS;
            double y = band * monthHigh();
            g.setTextAlign(TextAlignment.LEFT);
            write(g, month.getDisplayName(TextStyle.FULL_STANDALONE, locale), x + 3, y + em() * 0.6, Theme.INK, true);
            YearMonth in = YearMonth.of(year, month);
            for (int d = 1; d <= in.lengthOfMonth(); d++) {
                day(g, in.atDay(d));
            }
        }
    }

    private void day(GraphicsContext g, LocalDate day) {
        var at = placeOf(day);
        boolean end =
                from.filter(day::equals).isPresent() || to.filter(day::equals).isPresent();
        boolean within = from.isPresent() && to.isPresent() && !day.isBefore(from.get()) && !day.isAfter(to.get());
        if (within) {
            g.setFill(end ? Theme.THREAD : WITHIN);
            g.fillRect(at.getX() - cell() / 2, at.getY() - line() / 2, cell(), line() - 1);
        }
        if (over.filter(day::equals).isPresent()) {
            g.setStroke(Theme.THREAD);
            g.setLineWidth(1.5);
            g.strokeRect(at.getX() - cell() / 2, at.getY() - line() / 2, cell(), line() - 1);
        }
        g.setTextAlign(TextAlignment.CENTER);
        g.setFont(javafx.scene.text.Font.font(Theme.SANS, em() * 0.78));
        g.setFill(end ? Theme.SHEET : Theme.INK);
        g.fillText(Integer.toString(day.getDayOfMonth()), at.getX(), at.getY());
    }
}
