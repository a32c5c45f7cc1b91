package jorn.recipe;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import jorn.measure.Length;
import jorn.recipe.TextBlock.Align;
import jorn.recipe.TextBlock.Voice;
import jorn.text.Typeface.Style;

/** The kinds of block that a design can be made of, each with the settings that it begins with. */
public final class Blocks {
    /**
     * A kind of block.
     *
     * @param id short and lasting
     * @param name as people see it
     * @param says what it is for, in a few words
     * @param fresh one with customary settings
     */
    public record Kind(String id, String name, String says, Node fresh) {}

    private static final List<Kind> ALL = List.of(
            kind("heading", "Heading", "words in the heading face", Make.heading("Heading")),
            kind("text", "Text", "words, with fields such as {month}", body("Text")),
            kind("prompt", "Prompt", "taken in turn from the run's list", body("{prompt}")),
            kind("quote", "Quote", "words set apart", new Quote("Words to keep", "", Length.points(14), true)),
            kind("lines", "Ruled lines", "to write on", new RuledLines(Ruling.customary())),
            kind("notes", "Titled box", "a box with a title and lines", Make.notes("Notes")),
            kind("dots", "Dots", "5 mm apart", new Guides(Guides.Kind.DOTS, Length.mm(5))),
            kind("squares", "Squares", "5 mm", new Guides(Guides.Kind.SQUARES, Length.mm(5))),
            kind(
                    "isometric",
                    "Isometric grid",
                    "for drawing in depth",
                    new Guides(Guides.Kind.ISOMETRIC, Length.mm(6))),
            kind("hexagons", "Hexagons", "6 mm", new Guides(Guides.Kind.HEXAGONS, Length.mm(6))),
            kind("staves", "Music staves", "five lines", new Guides(Guides.Kind.STAVES, Length.mm(8))),
            kind("hand", "Handwriting lines", "three lines each", new Guides(Guides.Kind.HANDWRITING, Length.mm(6))),
            kind("pen", "Calligraphy lines", "slanted", new Guides(Guides.Kind.CALLIGRAPHY, Length.mm(5))),
            kind("check-list", "Check list", "lines to tick", Make.checks(8)),
            kind("priorities", "Priorities", "numbered", new Priorities(3, Length.mm(9), CheckList.Sign.CIRCLE)),
            kind("writing-line", "Label and line", "something to fill in", Make.writing("Name")),
            kind("date-line", "Date line", "the date, or a line for it", new DateLine("Date", pt(10), Align.RIGHT)),
            kind("day-circles", "Day circles", "which day it is", new DayCircles(Length.mm(6), Align.RIGHT)),
            kind("day", "Day", "a day of the week with lines", Make.day(0)),
            kind("week-strip", "Week strip", "seven days side by side", new WeekStrip(Length.mm(24), true)),
            kind("month", "Month", "six rows of days to write in", new MonthGrid(false, false, true, 0)),
            kind("small-month", "Small month", "to look up a date", new MonthGrid(true, false, false, 0)),
            kind("year", "Year at a glance", "twelve small months", new YearGrid(3, 12)),
            kind("time-slots", "Time slots", "the hours of a day", new TimeSlots(7, 20, 2, false)),
            kind("tracker", "Habit grid", "a box for each day", new TrackerGrid(8, 0, false)),
            kind("mood-ring", "Mood ring", "a field for each day", mood(MoodRing.Form.RING)),
            kind("mood-grid", "Mood grid", "a field for each day", mood(MoodRing.Form.GRID)),
            kind("scale", "Scale 1 to 10", "one is marked", Make.scale("Energy")),
            kind("stars", "Stars", "one to five", Make.stars("Rating")),
            kind("table", "Table", "with headings of your own", Make.table(8, "What", "How many", "Done")),
            kind("picture", "Picture", "one that was brought in", new PictureBlock("", null, Length.mm(50), 1)),
            kind(
                    "ornament",
                    "Ornament",
                    "a small drawing",
                    new Ornament(Ornament.Shape.SPRIG, Length.mm(9), Align.CENTRE)),
            kind("border", "Border", "lines round a part", Border.plain(new Space())),
            kind("contents", "Contents", "what is on which page", new ContentsList(Length.mm(8), pt(11))),
            kind("folio", "Page number", "mirrors on left-hand pages", Folio.customary(Folio.Place.FORE_EDGE)),
            kind("running-head", "Running head", "title and part", RunningHead.customary()),
            kind("space", "Empty", "bare paper", new Space()));

    /** Blocks that take whatever room there is. */
    private static final Set<Class<? extends Node>> FILLING = Set.of(
            RuledLines.class,
            Guides.class,
            CheckList.class,
            DayBlock.class,
            MonthGrid.class,
            YearGrid.class,
            TimeSlots.class,
            TrackerGrid.class,
            MoodRing.class,
            TableBlock.class,
            ContentsList.class,
            Framed.class,
            Border.class,
            Row.class,
            Column.class,
            Space.class);

    private Blocks() {}

    private static Kind kind(String id, String name, String says, Node fresh) {
        return new Kind(id, name, says, fresh);
    }

    private static Length pt(double points) {
        return Length.points(points);
    }

    private static TextBlock body(String words) {
        return new TextBlock(words, Voice.BODY, Style.REGULAR, pt(11), Align.LEFT);
    }

    private static MoodRing mood(MoodRing.Form form) {
        return new MoodRing(form, List.of("Bright", "Calm", "Tired", "Low"));
    }

    /** All kinds. */
    public static List<Kind> all() {
        return ALL;
    }

    public static Optional<Kind> find(String id) {
        return ALL.stream().filter(k -> k.id().equals(id)).findFirst();
    }

    /** Whether a part takes whatever room there is, instead of a height of its own. */
    public static boolean fills(Node node) {
        return FILLING.contains(node.getClass());
    }

    /** What a part is called. */
    public static String nameOf(Node node) {
        if (node instanceof Column) {
            return "Column";
        }
        if (node instanceof Row) {
            return "Row";
        }
        if (node instanceof Framed) {
            return "Box";
        }
        if (node instanceof TextBlock t) {
            return t.voice() == Voice.HEADING ? "Heading" : t.text().contains("{prompt}") ? "Prompt" : "Text";
        }
        if (node instanceof Guides g) {
            return named(n -> n instanceof Guides o && o.kind() == g.kind());
        }
        if (node instanceof MonthGrid m) {
            return named(n -> n instanceof MonthGrid o && o.small() == m.small());
        }
        if (node instanceof MoodRing m) {
            return named(n -> n instanceof MoodRing o && o.form() == m.form());
        }
        if (node instanceof Scale s) {
            return s.sign() == CheckList.Sign.CIRCLE ? "Scale" : "Rating";
        }
        return named(n -> n.getClass() == node.getClass());
    }

    private static String named(java.util.function.Predicate<Node> like) {
        return ALL.stream()
                .filter(k -> like.test(k.fresh()))
                .map(Kind::name)
                .findFirst()
                .orElse("Part");
    }
}
