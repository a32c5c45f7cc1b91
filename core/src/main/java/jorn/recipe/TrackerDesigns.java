package jorn.recipe;

import static jorn.recipe.Make.*;

import java.util.List;
import jorn.recipe.Catalogue.Entry;

/** Trackers: something small to fill in every day. */
final class TrackerDesigns {
    private static final String GROUP = "Trackers";

    private TrackerDesigns() {}

    static List<Entry> all() {
        return List.of(
                e(
                        "habits",
                        "Habits of a month",
                        "habit daily",
                        page("Habits", wide(monthLine()), fill(new TrackerGrid(16, 0, false)))),
                e(
                        "habits-few",
                        "Five habits and notes",
                        "habit daily",
                        page(
                                "Habits",
                                wide(monthLine()),
                                fill(1, new TrackerGrid(5, 0, true)),
                                fill(1.4, notes("What helped")))),
                e(
                        "habits-week",
                        "Habits of a week",
                        "habit weekly",
                        page("This week", wide(writing("Week of")), fill(new TrackerGrid(12, 7, true)))),
                e(
                        "mood",
                        "Mood of a month",
                        "feelings mental",
                        page(
                                "How I felt",
                                wide(monthLine()),
                                fill(new TrackerGrid(5, 0, true)),
                                fill(notes("What moved me")))),
                e(
                        "mood-ring",
                        "Mood ring of a month",
                        "feelings colour wheel",
                        page(
                                "How I felt",
                                wide(monthLine()),
                                fill(
                                        3,
                                        new MoodRing(
                                                MoodRing.Form.RING,
                                                List.of("Bright", "Calm", "Tired", "Low", "Cross"))),
                                fill(1, notes("What moved me")))),
                e(
                        "mood-days",
                        "Mood of each day",
                        "feelings colour squares",
                        page(
                                "How I felt",
                                wide(monthLine()),
                                fill(3, new MoodRing(MoodRing.Form.GRID, List.of("Bright", "Calm", "Tired", "Low"))),
                                fill(2, notes("What moved me")))),
                e(
                        "water",
                        "Water",
                        "drink glasses health",
                        page("Water", wide(monthLine()), fill(new TrackerGrid(31, 8, true)))),
                e(
                        "sleep",
                        "Sleep",
                        "night rest hours health",
                        page(
                                "Sleep",
                                wide(monthLine()),
                                fill(weighed(
                                        5.6,
                                        List.of(0.7, 1.0, 1.0, 1.0, 2.0),
                                        "Day",
                                        "To bed",
                                        "Up",
                                        "Hours",
                                        "How it was")))),
                e(
                        "savings",
                        "Savings",
                        "money goal finance",
                        page(
                                "Put by",
                                wide(fields("For", "Goal")),
                                fill(new TrackerGrid(10, 10, false)),
                                wide(fields("Begun", "Reached")))),
                e("period", "Cycle", "health body calendar", page("Cycle", fill(new TrackerGrid(12, 31, false)))),
                e(
                        "weight",
                        "Weight and measures",
                        "health body",
                        page(
                                "Measures",
                                fill(weighed(
                                        8,
                                        List.of(1.0, 1.0, 1.0, 1.0, 1.6),
                                        "Date",
                                        "Weight",
                                        "Waist",
                                        "Hips",
                                        "Notes")))),
                e(
                        "medicine",
                        "Medicine",
                        "health pills doses",
                        page(
                                "Medicine",
                                wide(fields("Name", "Dose")),
                                fill(new TrackerGrid(14, 7, false)),
                                fill(0.5, notes("Notes")))),
                e(
                        "symptoms",
                        "Symptoms",
                        "health pain doctor",
                        page(
                                "How it was",
                                fill(weighed(9, List.of(1.0, 1.0, 2.0, 1.0), "Date", "Time", "What", "How bad")))),
                e(
                        "cleaning",
                        "Cleaning",
                        "home house chores",
                        page("The house", wide(monthLine()), fill(new TrackerGrid(18, 4, false)))),
                e(
                        "plants",
                        "Watering the plants",
                        "garden care home",
                        page("Plants", wide(monthLine()), fill(new TrackerGrid(12, 0, true)))));
    }

    private static Node monthLine() {
        return new WritingLine("Month  {month} {year}", mm(8));
    }

    private static Entry e(String id, String name, String words, Node root) {
        return entry(GROUP, id, name, words, root);
    }
}
