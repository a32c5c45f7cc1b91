package jorn.recipe;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Palette;
import jorn.art.Side;
import jorn.block.calendar.TimeSlots;
import jorn.block.paper.Guides;
import jorn.block.paper.TableBlock;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion;
import jorn.calendar.Span;
import jorn.json.Json;
import jorn.layout.Flow;
import jorn.layout.SampleFlow;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.say.Language;
import jorn.say.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CatalogueTest {
    private static Flow flow(String trim, Side side, Occasion occasion, String language) {
        Box page = Box.of(jorn.measure.Size.parse(trim, Unit.INCH));
        boolean left = side == Side.RECTO;
        Box text = page.inset(27, left ? 27 : 36, 27, left ? 36 : 27);
        CalendarChoice calendar = CalendarChoice.UNDATED.withLanguage(language);
        return SampleFlow.of(
                new Frame(side, left, page, page, text),
                Map.of(
                        "prompt",
                        "What did the bees bring home?",
                        "month",
                        "September",
                        "year",
                        "2026",
                        "weekday",
                        "Wednesday",
                        "day",
                        "30",
                        "week",
                        "40",
                        "week.start",
                        "28 Sep",
                        "week.end",
                        "4 Oct",
                        "quarter",
                        "3",
                        "title",
                        "Hive Notes"),
                Palette.shipped().get(1),
                occasion,
                calendar);
    }

    private static List<Mark> draw(Recipe recipe, Flow flow) {
        List<Mark> marks = new ArrayList<>();
        recipe.root().draw(flow.frame().text(), flow, marks);
        return marks;
    }

    @Test
    void thereAreAtLeastEightyDesignsAndEachIsFound() {
        assertTrue(Catalogue.all().size() >= 80, "designs: " + Catalogue.all().size());
        for (Catalogue.Entry e : Catalogue.all()) {
            assertTrue(Catalogue.search(e.name()).contains(e), e.id());
            assertTrue(e.id().matches("[a-z0-9-]+"), e.id());
        }
        assertTrue(Catalogue.search("dot grid").stream().anyMatch(e -> e.id().equals("dotted")));
        assertTrue(Catalogue.search("no such thing at all").isEmpty());
        assertThrows(Trouble.class, () -> Catalogue.recipe("nonsense"));
    }

    @Test
    void theListNamesEveryFileAndEveryGroupHasWords() {
        assertEquals(
                187,
                Catalogue.all().stream().map(Catalogue.Entry::recipe).distinct().count());
        assertEquals(
                List.of(
                        "Paper",
                        "Planning",
                        "Trackers",
                        "Money and trade",
                        "Health",
                        "Home and family",
                        "School and work",
                        "Memories",
                        "Pastimes",
                        "Front and back"),
                Catalogue.groups());
    }

    @Test
    void everyDesignSaysInOneLineWhatItIsForInBothLanguages() {
        for (Catalogue.Entry e : Catalogue.all()) {
            for (Language language : Language.values()) {
                String purpose = Wording.in(language, "designs.design." + e.id() + ".for");
                assertTrue(purpose.length() >= 10 && purpose.length() <= 80, e.id() + ": " + purpose);
                assertFalse(purpose.equals(Wording.in(language, "designs.design." + e.id())), e.id());
            }
        }
    }

    /** What is added has a sum, and what runs over pages is carried (the ledgers' purpose). */
    @Test
    void moneyIsSummedOrCarried() {
        for (String id : List.of("budget", "year-money", "wedding-budget", "pricing", "market-day", "stock")) {
            assertTrue(Catalogue.recipe(id).root().toString().contains("sums=Optional[@total]"), id);
        }
        for (String id : List.of("expenses", "income", "sales", "honey-ledger", "car", "wedding-guests")) {
            assertTrue(Catalogue.recipe(id).root().toString().contains("carried=true"), id);
        }
    }

    @Test
    void everyDesignSurvivesItsFile() {
        assertTrue(Catalogue.all().iterator().hasNext(), "there is something to look at");
        for (Catalogue.Entry e : Catalogue.all()) {
            assertEquals(e.recipe(), Json.read(Json.write(e.recipe()), Recipe.class, e.id()));
        }
    }

    /** From A6 to letter, on rectos and versos, dated and undated: nothing leaves the margins. */
    @ParameterizedTest
    @ValueSource(strings = {"A6", "5x8in", "A5", "6x9in", "8.25x6in", "8.5x8.5in", "A4", "8.5x11in"})
    void everyDesignStaysWithinTheMargins(String trim) {
        for (Catalogue.Entry e : Catalogue.all()) {
            for (Side side : Side.values()) {
                for (Occasion occasion : List.of(Occasion.NONE, Occasion.of(span(e.id()), LocalDate.of(2026, 8, 1)))) {
                    Flow flow = flow(trim, side, occasion, "en");
                    for (Mark m : draw(e.recipe(), flow)) {
                        assertTrue(
                                flow.frame().text().outset(0.6).holds(m.bounds()),
                                () -> e.id() + " on " + trim + " " + side + " "
                                        + occasion.id(flow.calendar().weeks()) + ": " + m.bounds() + " outside "
                                        + flow.frame().text());
                    }
                }
            }
        }
    }

    private static Span span(String id) {
        return id.startsWith("day")
                ? Span.DAY
                : id.startsWith("week") ? Span.WEEK : id.startsWith("year") ? Span.YEAR : Span.MONTH;
    }

    @Test
    void namesOfDaysAndMonthsComeInTheBooksLanguage() {
        assertTrue(
                words("month", "de").contains("Montag") || words("month", "de").contains("Mo"),
                words("month", "de").toString());
        assertTrue(words("week-boxes", "fr").contains("Lundi 28")
                || words("week-boxes", "fr").stream().anyMatch(w -> w.startsWith("Lundi")));
        assertFalse(words("year", "es").isEmpty());
    }

    private static List<String> words(String id, String language) {
        List<String> all = new ArrayList<>();
        for (Mark m : draw(
                Catalogue.recipe(id),
                flow("8.5x11in", Side.RECTO, Occasion.of(span(id), LocalDate.of(2026, 9, 28)), language))) {
            if (m instanceof Mark.Words w) {
                all.add(w.run().text());
            }
        }
        return all;
    }

    @Test
    void gridsAreWholeCellsCentredInTheirSpace() {
        Flow flow = flow("6x9in", Side.RECTO, Occasion.NONE, "en");
        Box space = new Box(10, 10, 333, 444);
        List<Mark> marks = new ArrayList<>();
        new Guides(Guides.GuideKind.SQUARES, jorn.measure.Length.mm(5)).draw(space, flow, marks);
        Box grid = Marks.bounds(marks);
        double cell = jorn.measure.Length.mm(5).points();
        assertEquals(0, Math.abs(grid.width() / cell - Math.round(grid.width() / cell)), 1e-6);
        assertEquals(0, Math.abs(grid.height() / cell - Math.round(grid.height() / cell)), 1e-6);
        assertEquals(space.centreX(), grid.centreX(), 1e-6);
        assertEquals(space.centreY(), grid.centreY(), 1e-6);
    }

    @Test
    void aMonthOfThirtyOneDaysThatBeginsLateShowsItsLastDay() {
        List<String> august = words("month", "en");
        assertTrue(august.contains("30"), august.toString());
        List<Mark> marks = draw(
                Catalogue.recipe("month"),
                flow("8.5x11in", Side.RECTO, Occasion.of(Span.MONTH, LocalDate.of(2026, 8, 1)), "en"));
        assertTrue(
                marks.stream()
                        .anyMatch(
                                m -> m instanceof Mark.Words w && w.run().text().equals("31")),
                "August 2026 needs six rows");
    }

    @Test
    void absurdSettingsAreRefused() {
        assertThrows(Trouble.class, () -> new Guides(Guides.GuideKind.DOTS, jorn.measure.Length.mm(0.1)));
        assertThrows(Trouble.class, () -> new TimeSlots(9, 7, 1, false));
        assertThrows(Trouble.class, () -> new TableBlock(List.of(), List.of(), jorn.measure.Length.mm(7), false));
    }
}
