package jorn.recipe;

import static jorn.recipe.Make.*;

import java.util.List;
import jorn.measure.Length;
import jorn.recipe.Catalogue.Entry;
import jorn.recipe.TextBlock.Align;

/** Logs and journals for one thing at a time. */
final class LogDesigns {
    private static final String GROUP = "Logs and journals";

    private LogDesigns() {}

    static List<Entry> all() {
        return List.of(
                e(
                        "prompt",
                        "A prompt and lines",
                        "question journal",
                        stack(3, wide(italic("{prompt}", 15)), fill(lines(7.1)))),
                e(
                        "journal-day",
                        "Journal with date and day",
                        "diary daily prompt",
                        stack(
                                3,
                                wide(beside(
                                        new DayCircles(mm(6), Align.LEFT),
                                        new DateLine("Date", Length.points(10), Align.RIGHT))),
                                wide(italic("{prompt}", 12)),
                                fill(lines(8)))),
                e(
                        "photo",
                        "Picture and lines",
                        "photo memory scrapbook",
                        stack(
                                4,
                                fill(2, Border.plain(new PictureBlock("", PictureBlock.Fit.WHOLE, mm(60), 1))),
                                wide(new DateLine("When", Length.points(10), Align.LEFT)),
                                fill(1, lines(8)))),
                e(
                        "gratitude",
                        "Gratitude",
                        "thankful daily",
                        page(
                                "Grateful for",
                                wide(writing("Date")),
                                wide(numbered()),
                                fill(notes("What made today good")),
                                wide(stars("Today")))),
                e(
                        "dream",
                        "Dream log",
                        "night sleep",
                        page(
                                "A dream",
                                wide(fields("Date", "Woke at")),
                                fill(3, notes("What happened")),
                                fill(1, beside(notes("Who was there"), notes("How it felt"))),
                                wide(scale("Clear")))),
                e(
                        "reading",
                        "Reading log",
                        "books review",
                        page(
                                "A book read",
                                wide(writing("Title")),
                                wide(fields("Author", "Pages")),
                                wide(fields("Begun", "Finished")),
                                wide(stars("Liked")),
                                fill(2, notes("What it was about")),
                                fill(1, notes("Words to keep")))),
                e(
                        "reading-list",
                        "Books to read",
                        "list library",
                        page("Books to read", fill(weighed(8, List.of(3.0, 2.0, 1.0), "Title", "Author", "Read")))),
                e(
                        "travel",
                        "Travel day",
                        "trip journey holiday",
                        page(
                                "On the way",
                                wide(fields("Date", "Place")),
                                wide(fields("Weather", "Company")),
                                fill(2, notes("What we saw")),
                                fill(1, beside(notes("Eaten"), notes("Spent"))),
                                wide(stars("The day")))),
                e(
                        "packing",
                        "Packing list",
                        "trip travel luggage",
                        page(
                                "To pack",
                                fill(beside(box("Clothes", checks(7)), box("Papers", checks(7)))),
                                fill(beside(box("Washbag", checks(7)), box("Other", checks(7)))))),
                e(
                        "recipe",
                        "Recipe",
                        "cooking kitchen food",
                        page(
                                "A recipe",
                                wide(writing("Name")),
                                wide(fields("Serves", "Takes")),
                                fill(
                                        2,
                                        new Row(
                                                List.of(
                                                        Row.Part.share(1, box("Ingredients", checks(6.5))),
                                                        Row.Part.share(1.6, notes("What to do"))),
                                                mm(3),
                                                false)),
                                fill(0.6, notes("Next time")))),
                e(
                        "garden",
                        "Garden log",
                        "plants sowing",
                        page(
                                "In the garden",
                                wide(fields("Date", "Weather")),
                                fill(weighed(8, List.of(2.0, 1.0, 1.0, 1.0), "Plant", "Sown", "Planted", "Picked")),
                                fill(notes("Seen and done")))),
                e(
                        "inspection",
                        "Hive inspection",
                        "bees apiary colony",
                        page(
                                "Hive inspection",
                                wide(fields("Date", "Hive", "Weather")),
                                wide(beside(
                                        box("Queen", stack(1, wide(new Scale("", 2, CheckList.Sign.BOX)))),
                                        box("Brood frames", new Scale("", 8, CheckList.Sign.CIRCLE)))),
                                wide(scale("Temper")),
                                wide(scale("Stores")),
                                fill(notes("Seen")),
                                fill(box("To do", checks(7))))),
                e(
                        "forage",
                        "Forage diary",
                        "bees flowers bloom",
                        page(
                                "Forage diary",
                                wide(fields("Week of", "Place")),
                                fill(weighed(
                                        9, List.of(2.0, 1.0, 1.0, 2.0), "In flower", "Begins", "Ends", "Seen on it")))),
                e(
                        "honey-ledger",
                        "Honey ledger",
                        "harvest bees jars",
                        page(
                                "Honey ledger",
                                fill(weighed(
                                        8,
                                        List.of(1.0, 1.0, 1.0, 1.0, 1.4),
                                        "Date",
                                        "Hive",
                                        "Frames",
                                        "Weight",
                                        "Jars and buyer")))),
                e(
                        "workout",
                        "Workout log",
                        "exercise gym training fitness",
                        page(
                                "Training",
                                wide(fields("Date", "Time", "Weight")),
                                fill(weighed(
                                        8,
                                        List.of(2.4, 1.0, 1.0, 1.0, 1.0),
                                        "Exercise",
                                        "Set 1",
                                        "Set 2",
                                        "Set 3",
                                        "Set 4")),
                                wide(scale("Effort")),
                                fill(0.4, notes("Notes")))),
                e(
                        "running",
                        "Running log",
                        "exercise sport distance",
                        page(
                                "Runs",
                                fill(weighed(
                                        8,
                                        List.of(1.0, 1.0, 1.0, 1.0, 2.0),
                                        "Date",
                                        "Distance",
                                        "Time",
                                        "Pace",
                                        "How it went")))),
                e(
                        "meals",
                        "Meals of a week",
                        "food menu plan",
                        page(
                                "Meals",
                                wide(writing("Week of")),
                                fill(weighed(13, List.of(1.0, 1.5, 1.5, 1.5), "Day", "Morning", "Noon", "Evening")),
                                fill(0.7, box("To buy", beside(checks(6.5), checks(6.5)))))),
                e("shopping", "Shopping list", "groceries buy", page("To buy", fill(beside(checks(7.5), checks(7.5))))),
                e(
                        "budget",
                        "Month's budget",
                        "money income expenses finance",
                        page(
                                "Budget",
                                wide(fields("Month", "Goal")),
                                fill(1, weighed(7.5, List.of(2.4, 1.0, 1.0), "Coming in", "Planned", "Came")),
                                fill(2, weighed(7.5, List.of(2.4, 1.0, 1.0), "Going out", "Planned", "Went")),
                                wide(fields("Left over", "Put by")))),
                e(
                        "expenses",
                        "Expenses",
                        "money spending finance",
                        page(
                                "Spent",
                                fill(weighed(7.5, List.of(1.0, 2.6, 1.2, 1.0), "Date", "What for", "Kind", "Amount")))),
                e(
                        "income",
                        "Sales",
                        "money income orders business",
                        page(
                                "Sold",
                                fill(weighed(7.5, List.of(1.0, 2.0, 2.0, 1.0), "Date", "What", "To whom", "Amount")))),
                e(
                        "addresses",
                        "Addresses",
                        "contacts people telephone",
                        page("Addresses", fill(card()), fill(card()), fill(card()), fill(card()))),
                e(
                        "birthdays",
                        "Birthdays",
                        "dates people year",
                        page("Birthdays", fill(weighed(8, List.of(1.0, 2.4, 1.6), "Day", "Name", "Born")))),
                e(
                        "project",
                        "Project page",
                        "work task plan",
                        page(
                                "A project",
                                wide(writing("Name")),
                                wide(fields("Begins", "Due")),
                                fill(1, notes("What it shall be")),
                                fill(2, box("Steps", checks(7.1))),
                                fill(1, beside(notes("Needs"), notes("Waits for"))))),
                e(
                        "meeting",
                        "Meeting notes",
                        "work minutes",
                        page(
                                "Meeting",
                                wide(fields("Date", "With")),
                                wide(writing("About")),
                                fill(2, notes("Said")),
                                fill(1, weighed(7.5, List.of(3.0, 1.2, 1.0), "To do", "Who", "By when")))),
                e(
                        "lesson",
                        "Lesson plan",
                        "teacher school class",
                        page(
                                "A lesson",
                                wide(fields("Class", "Date")),
                                wide(writing("Aim")),
                                fill(weighed(
                                        12, List.of(0.7, 2.0, 2.0), "Minutes", "What the class does", "What I do")),
                                fill(0.6, beside(box("Bring", checks(7)), notes("Homework"))))),
                e(
                        "practice",
                        "Practice log",
                        "music instrument",
                        page(
                                "Practice",
                                wide(fields("Week of", "Aim")),
                                fill(weighed(9, List.of(1.0, 2.4, 1.0, 1.0), "Day", "Piece", "Minutes", "Tempo")),
                                fill(0.5, new Guides(Guides.Kind.STAVES, mm(7))))),
                e(
                        "film",
                        "Film log",
                        "movie watch review",
                        page(
                                "Seen",
                                wide(writing("Title")),
                                wide(fields("With", "Date")),
                                wide(stars("Liked")),
                                fill(notes("What stays")))),
                e(
                        "letter",
                        "Letter to myself",
                        "self future journal",
                        page("Dear me", fill(lines(8.7)), wide(fields("Written on", "Open on")))),
                e(
                        "observation",
                        "Observation sheet",
                        "nature field birds",
                        page(
                                "Seen outdoors",
                                wide(fields("Date", "Time", "Place")),
                                fill(2, box("Drawn from life", new Space())),
                                fill(1, notes("Notes")))),
                e(
                        "car",
                        "Vehicle log",
                        "mileage service fuel",
                        page(
                                "On the road",
                                fill(weighed(
                                        8,
                                        List.of(1.0, 1.2, 1.0, 1.0, 1.8),
                                        "Date",
                                        "Mileage",
                                        "Fuel",
                                        "Paid",
                                        "Done")))));
    }

    private static Entry e(String id, String name, String words, Node root) {
        return entry(GROUP, id, name, words, root);
    }

    private static Node numbered() {
        return stack(0, wide(writing("1")), wide(writing("2")), wide(writing("3")));
    }

    private static Node card() {
        return box(
                "",
                stack(
                        0,
                        wide(writing("Name")),
                        wide(writing("Street")),
                        wide(fields("Town", "Telephone")),
                        wide(writing("Post"))));
    }
}
