package jorn.recipe;

import static jorn.recipe.Make.*;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.measure.Length;
import jorn.recipe.Catalogue.Entry;
import jorn.recipe.TextBlock.Align;
import jorn.recipe.TextBlock.Voice;
import jorn.text.Typeface.Style;

/** Days, weeks, months and years, dated or not. */
final class PlannerDesigns {
    private static final String GROUP = "Planner pages";

    private PlannerDesigns() {}

    static List<Entry> all() {
        return List.of(
                e(
                        "day-slots",
                        "Day with hours",
                        "daily schedule times",
                        stack(
                                2.5,
                                wide(dayHead()),
                                fill(3, new TimeSlots(7, 21, 1, false)),
                                fill(1, beside(box("To do", checks(6.5)), box("Notes", lines(6.5)))))),
                e("day-lines", "Day with lines", "daily diary", stack(2.5, wide(dayHead()), fill(lines(7.1)))),
                e(
                        "day-priorities",
                        "Day with priorities",
                        "daily focus tasks",
                        stack(
                                2.5,
                                wide(dayHead()),
                                fill(1.2, box("First", new CheckList(mm(8), CheckList.Sign.STAR))),
                                fill(3, beside(new TimeSlots(7, 20, 1, false), box("To do", checks(7.1)))),
                                wide(new Scale("Water", 8, CheckList.Sign.CIRCLE)))),
                e("day-half", "Two days to a page", "daily", stack(4, fill(halfDay()), fill(halfDay()))),
                e(
                        "week",
                        "Week on one page",
                        "weekly",
                        stack(
                                2.4,
                                wide(weekHead()),
                                fill(d(0)),
                                fill(d(1)),
                                fill(d(2)),
                                fill(d(3)),
                                fill(d(4)),
                                fill(d(5)),
                                fill(d(6)))),
                e(
                        "week-left",
                        "Week on two pages, left",
                        "weekly spread four columns verso",
                        stack(3, wide(weekHead()), fill(columns(0, 4, false)))),
                e(
                        "week-right",
                        "Week on two pages, right",
                        "weekly spread columns recto notes",
                        stack(3, wide(monthName()), fill(columns(4, 3, true)))),
                e(
                        "week-strips-left",
                        "Week in strips, left",
                        "weekly horizontal verso",
                        stack(3, wide(weekHead()), fill(strip(0)), fill(strip(1)), fill(strip(2)), fill(strip(3)))),
                e(
                        "week-strips-right",
                        "Week in strips, right",
                        "weekly horizontal recto",
                        stack(
                                3,
                                wide(monthName()),
                                fill(strip(4)),
                                fill(strip(5)),
                                fill(strip(6)),
                                fill(box("Notes", lines(6.35))))),
                e(
                        "week-hours",
                        "Week with hours",
                        "weekly vertical schedule times",
                        stack(2.5, wide(weekHead()), fill(hours()))),
                e(
                        "week-boxes",
                        "Week in boxes",
                        "weekly eight",
                        stack(
                                3,
                                wide(weekHead()),
                                fill(pair(0, 1)),
                                fill(pair(2, 3)),
                                fill(pair(4, 5)),
                                fill(beside(framedDay(6), box("Notes", lines(6.35)))))),
                e(
                        "week-todo",
                        "Week's tasks",
                        "weekly list to-do",
                        stack(
                                3,
                                wide(weekHead()),
                                fill(beside(box("Must", checks(7.1)), box("Should", checks(7.1)))),
                                fill(beside(box("Could", checks(7.1)), box("Next week", checks(7.1)))))),
                e(
                        "term",
                        "Four weeks in strips",
                        "term school weekly table",
                        stack(4, fill(termWeek()), fill(termWeek()), fill(termWeek()), fill(termWeek()))),
                e(
                        "month",
                        "Month on one page",
                        "monthly calendar",
                        stack(
                                3,
                                wide(new TextBlock(
                                                "{month} {year}",
                                                Voice.HEADING,
                                                Style.BOLD,
                                                Length.points(24),
                                                Align.LEFT)
                                        .orLine("Month")),
                                fill(4, new MonthGrid(false, true, true, 0)),
                                fill(
                                        1,
                                        beside(
                                                box("This month", lines(6.35)),
                                                box("Next month", new MonthGrid(true, false, false, 1)))))),
                e(
                        "month-left",
                        "Month on two pages, left",
                        "monthly calendar spread",
                        stack(
                                3,
                                wide(new TextBlock("{month}", Voice.HEADING, Style.BOLD, Length.points(24), Align.LEFT)
                                        .orLine("Month")),
                                fill(new MonthGrid(false, true, true, 0, MonthGrid.Days.FIRST_FOUR)))),
                e(
                        "month-right",
                        "Month on two pages, right",
                        "monthly calendar spread",
                        stack(
                                3,
                                wide(new TextBlock("{year}", Voice.HEADING, Style.BOLD, Length.points(24), Align.RIGHT)
                                        .orLine("Year")),
                                fill(beside(
                                        new MonthGrid(false, false, true, 0, MonthGrid.Days.LAST_THREE),
                                        notes("Notes"))))),
                e(
                        "week-strip",
                        "Week across the head, notes below",
                        "weekly strip overview",
                        stack(
                                3,
                                wide(weekHead()),
                                wide(new WeekStrip(mm(46), true)),
                                wide(new Priorities(3, mm(9), CheckList.Sign.CIRCLE)),
                                fill(notes("Notes")))),
                e(
                        "month-boxes",
                        "Month with boxes",
                        "monthly calendar goals",
                        stack(
                                3,
                                wide(monthName()),
                                fill(1, beside(box("This month", checks(6.5)), box("Not to forget", lines(6.5)))),
                                fill(3, new MonthGrid(false, false, false, 0)),
                                fill(1, beside(box("Next month", checks(6.5)), box("Notes", lines(6.5)))))),
                e(
                        "month-list",
                        "Month as a list",
                        "monthly days",
                        stack(
                                2,
                                wide(monthName()),
                                fill(weighed(5.4, List.of(0.5, 3.0, 2.0), "Day", "What", "Notes")))),
                e("month-notes", "Month's notes", "monthly review", stack(3, wide(monthName()), fill(lines(7.1)))),
                e(
                        "month-review",
                        "Looking back on the month",
                        "monthly review reflect",
                        stack(
                                3,
                                wide(monthName()),
                                fill(notes("What went well")),
                                fill(notes("What did not")),
                                fill(notes("What I will change")),
                                wide(stars("The month")))),
                e(
                        "quarter",
                        "Quarter",
                        "quarterly goals",
                        stack(
                                3,
                                wide(centred("Quarter {quarter}  {year}", 22).orLine("Quarter")),
                                fill(1, new YearGrid(3, 3)),
                                fill(1.2, box("Goals", new CheckList(mm(8), CheckList.Sign.STAR))),
                                fill(1, notes("Notes")))),
                e(
                        "year",
                        "Year at a glance",
                        "yearly calendar",
                        stack(4, wide(centred("{year}", 30).orLine("Year")), fill(new YearGrid(3, 12)))),
                e(
                        "year-plan",
                        "Year month by month",
                        "yearly planning goals",
                        stack(
                                3,
                                wide(centred("{year}", 24).orLine("Year")),
                                fill(months("1", "2", "3")),
                                fill(months("4", "5", "6")),
                                fill(months("7", "8", "9")),
                                fill(months("10", "11", "12")))),
                e("todo", "To-do list", "tasks checklist", page("To do", fill(checks(7.5)))),
                e(
                        "todo-two",
                        "To-do in two columns",
                        "tasks checklist",
                        page("To do", fill(beside(checks(7.5), checks(7.5))))),
                e(
                        "todo-priorities",
                        "Most important first",
                        "tasks priorities",
                        page(
                                "What matters",
                                fill(1, box("First", new CheckList(mm(8.5), CheckList.Sign.HEART))),
                                fill(2, box("Then", checks(7.5))),
                                fill(1, box("If there is time", checks(7.5))))),
                e(
                        "bucket-list",
                        "Some day",
                        "bucket list wishes life",
                        page(
                                "Some day",
                                fill(new TableBlock(
                                        List.of("I want to", "Done on"), List.of(4.0, 1.0), mm(9), false)))),
                e(
                        "goal",
                        "A goal",
                        "aim target plan",
                        page(
                                "A goal",
                                wide(writing("What")),
                                wide(fields("Why", "By when")),
                                fill(2, box("Steps", checks(7.5))),
                                fill(1, beside(notes("In the way"), notes("Who helps"))),
                                wide(scale("Come so far")))),
                e(
                        "goals-year",
                        "Goals of the year",
                        "aims yearly",
                        page(
                                "This year",
                                fill(beside(notes("Work"), notes("Home"))),
                                fill(beside(notes("Health"), notes("Learning"))),
                                fill(beside(notes("Money"), notes("Joy"))))));
    }

    private static Entry e(String id, String name, String words, Node root) {
        return entry(GROUP, id, name, words, root);
    }

    private static Node dayHead() {
        return new Row(
                List.of(
                        Row.Part.share(
                                1.6,
                                new TextBlock(
                                                "{weekday} {day} {month}",
                                                Voice.HEADING,
                                                Style.BOLD,
                                                Length.points(17),
                                                Align.LEFT)
                                        .orLine("Date")),
                        Row.Part.share(1, new WritingLine("", mm(8)))),
                mm(4),
                false);
    }

    private static Node weekHead() {
        return new Row(
                List.of(
                        Row.Part.share(
                                1,
                                new TextBlock(
                                                "{week.start} – {week.end}",
                                                Voice.HEADING,
                                                Style.BOLD,
                                                Length.points(15),
                                                Align.LEFT)
                                        .orLine("Week of")),
                        Row.Part.share(
                                0.6,
                                new TextBlock(
                                                "Week {week}",
                                                Voice.HEADING,
                                                Style.ITALIC,
                                                Length.points(15),
                                                Align.RIGHT)
                                        .orLine(""))),
                mm(4),
                false);
    }

    private static Node monthName() {
        return new TextBlock("{month} {year}", Voice.HEADING, Style.BOLD, Length.points(15), Align.LEFT)
                .orLine("Month");
    }

    private static Node d(int day) {
        return dayBeside(day);
    }

    private static Node strip(int day) {
        return new Framed(dayBeside(day), mm(1.5), day % 2 == 0, 0, "");
    }

    private static Node framedDay(int day) {
        return new Framed(Make.day(day), mm(2), false, 0.5, "");
    }

    private static Node pair(int a, int b) {
        return beside(framedDay(a), framedDay(b));
    }

    private static Node columns(int from, int count, boolean notes) {
        List<Row.Part> parts = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            parts.add(Row.Part.share(1, new Framed(Make.day(from + i), mm(1.5), false, 0, "")));
        }
        if (notes) {
            parts.add(Row.Part.share(
                    1, new Framed(stack(1, wide(small("Notes")), fill(lines(6.35))), mm(1.5), false, 0, "")));
        }
        return new Row(parts, mm(1), true);
    }

    private static Node hours() {
        List<Row.Part> parts = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            parts.add(Row.Part.share(
                    1, stack(1, wide(new DayBlock(i, Optional.empty(), false)), fill(new TimeSlots(7, 20, 1, false)))));
        }
        return new Row(parts, mm(1), true);
    }

    private static Node halfDay() {
        return stack(2, wide(writing("Date")), fill(beside(new TimeSlots(8, 18, 1, false), box("To do", checks(6.5)))));
    }

    private static Node termWeek() {
        return stack(
                1,
                wide(writing("Week of")),
                fill(new TableBlock(List.of("Mo", "Tu", "We", "Th", "Fr", "Sa", "Su"), List.of(), mm(9), false)));
    }

    private static Node months(String... numbers) {
        return beside(
                java.util.Arrays.stream(numbers).map(n -> box(n, lines(6))).toArray(Node[]::new));
    }
}
