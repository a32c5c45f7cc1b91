package jorn.makeup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Side;
import jorn.block.paper.Framed;
import jorn.block.paper.Sign;
import jorn.block.paper.Space;
import jorn.block.paper.TableBlock;
import jorn.block.paper.WritingLine;
import jorn.block.text.Folio;
import jorn.block.text.RunningHead;
import jorn.block.text.Scale;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.book.Furniture;
import jorn.book.Numbering;
import jorn.book.Placement;
import jorn.book.Run;
import jorn.book.Starter;
import jorn.calendar.Span;
import jorn.edition.Edition;
import jorn.layout.ContentsEntry;
import jorn.layout.Part;
import jorn.layout.Stack;
import jorn.measure.Length;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Page numbers, running heads and the contents: what makes a book out of pages. */
class FurnitureTest {
    private static Recipe design(String id) {
        return Catalogue.find(id).orElseThrow().recipe();
    }

    private static Book journal(Furniture furniture) {
        return EarlierBooks.linedJournal().withTitle("Hive Notes").withFurniture(furniture);
    }

    private static List<Mark.Words> words(Edition composer, int page) {
        return Marks.single(composer.page(page).marks())
                .flatMap(m -> m instanceof Mark.Words w ? Stream.of(w) : Stream.empty())
                .toList();
    }

    private static Mark.Words word(Edition composer, int page, String text) {
        return words(composer, page).stream()
                .filter(w -> w.run().text().equals(text))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no “" + text + "” on page " + page));
    }

    @ParameterizedTest
    @CsvSource({"FORE_EDGE, 1, 0", "GUTTER, 0, 1", "MIDDLE, 0.5, 0.5"})
    void theNumberMirrorsOnLeftHandPages(Folio.FolioPlace place, double recto, double verso) {
        Edition c = Edition.of(journal(Furniture.NONE.withFolio(Optional.of(Folio.customary(place)))));
        for (int page : new int[] {9, 10}) {
            Mark.Words number = word(c, page, Integer.toString(page));
            Box text = c.pages().frame(Side.of(page)).text();
            double spare = text.width() - number.run().width();
            double at = (number.x() - text.x()) / spare;
            assertEquals(page % 2 == 1 ? recto : verso, at, 0.01, "page " + page);
            assertTrue(number.y() <= text.bottom() + 0.01 && number.y() > text.bottom() - 14, "at the foot");
        }
    }

    /** A design that names its run, in a box, in a table, in a rating and beside a line, where nothing used to notice. */
    @Test
    void fieldsInAnyBlockFollowThePage() {
        Recipe names = new Recipe(
                "names",
                "Names",
                Stack.down(
                        Part.fixed(Length.mm(20), Framed.titled("{run}", new Space())),
                        Part.natural(new Scale("{run}", 5, Sign.STAR)),
                        Part.natural(new WritingLine("{run} {page}", Length.mm(9))),
                        Part.share(1, new TableBlock(List.of("{run}", "{page}"), List.of(), Length.mm(8), false))));
        Book year = EarlierBooks.earlier(Starter.DATED_PLANNER.begin());
        Book named = year.withCalendar(year.calendar().dated(LocalDate.of(2027, 1, 1), LocalDate.of(2027, 3, 31)))
                .withCycles(List.of())
                .withRuns(List.of(Run.per(Span.MONTH, "{month} pages", names, Placement.Start.ANYWHERE)));
        Edition edition = Edition.of(named);
        for (int page = 1; page <= 3; page++) {
            String month = List.of("January", "February", "March").get(page - 1) + " pages";
            List<String> said =
                    words(edition, page).stream().map(w -> w.run().text()).toList();
            assertEquals(List.of(month, month, month + " " + page, month, "" + page), said, "page " + page);
        }
    }

    @ParameterizedTest
    @EnumSource(Folio.FolioPlace.class)
    void neverDoNumberAndHeadStandInTheDesignsRoom(Folio.FolioPlace place) {
        RunningHead line = RunningHead.customary();
        RunningHead head = new RunningHead(line.verso(), line.recto(), place, line.size(), true);
        for (boolean atHead : new boolean[] {false, true}) {
            Book book = journal(
                    new Furniture(Optional.of(Folio.customary(Folio.FolioPlace.FORE_EDGE)), atHead, Optional.of(head)));
            Edition c = Edition.of(book);
            for (int page : new int[] {9, 10}) {
                Box room = c.pages().room(c.pagination().page(page));
                Box text = c.pages().frame(Side.of(page)).text();
                assertTrue(text.holds(room) && room.height() < text.height());
                for (Mark.Words w : words(c, page)) {
                    assertTrue(text.holds(w.bounds()), w.run().text());
                    assertTrue(
                            w.bounds().bottom() <= room.y() + 0.01 || w.bounds().y() >= room.bottom() - 0.01,
                            w.run().text() + " stands in the design");
                }
                List<Mark.Words> all = words(c, page);
                assertEquals(2, all.size());
                Box a = all.get(0).bounds();
                Box b = all.get(1).bounds();
                boolean apart = a.right() <= b.x() || b.right() <= a.x() || a.bottom() <= b.y() || b.bottom() <= a.y();
                assertTrue(apart, "number and head are apart");
            }
        }
    }

    @Test
    void theHeadStandsOnPagesOfTheBodyAlone() {
        Edition c = Edition.of(journal(Furniture.NONE.withHead(Optional.of(RunningHead.customary()))));
        assertTrue(words(c, 3).stream().noneMatch(w -> w.run().text().equals("Belongs to")));
        word(c, 10, "Hive Notes");
        word(c, 11, "Lined pages");
    }

    @Test
    void displayPagesAreCountedAndBearNoNumber() {
        Edition c =
                Edition.of(journal(Furniture.NONE.withFolio(Optional.of(Folio.customary(Folio.FolioPlace.FORE_EDGE)))));
        assertTrue(words(c, 1).stream().noneMatch(w -> w.run().text().equals("1")));
        word(c, 5, "5");
    }

    @Test
    void theContentsSayThePageThatIsPrintedOnIt() {
        Book year = Starter.DATED_PLANNER.begin().withTitle("The Apiary Year");
        Book dated = year.withCalendar(year.calendar().dated(LocalDate.of(2028, 1, 1), LocalDate.of(2028, 12, 31)));
        int months = 0;
        while (!dated.runs().get(months).recipe().id().equals("month-left")) {
            months++;
        }
        int run = months;
        Book listed = dated.withRun(
                run, r -> r.inContents(true).numbered(new Numbering(Numbering.FolioStyle.ARABIC, Optional.of(1))));
        Edition c = Edition.of(listed);
        List<ContentsEntry> contents = c.pages().contents();
        assertEquals(12, contents.size());
        assertTrue(
                contents.get(1).toString().contains("February 2028"),
                contents.get(1).toString());
        List<Integer> pages = c.pagination().slots().stream()
                .filter(s -> s.run() == run && s.design() == 0)
                .map(s -> s.number())
                .toList();
        for (int i = 0; i < 12; i++) {
            assertTrue(
                    contents.get(i).toString().contains(c.pages().folios().of(pages.get(i))),
                    contents.get(i).toString());
        }
    }

    @Test
    void theContentsPageListsWhatIsToBeListed() {
        Book book = journal(Furniture.NONE);
        Run list = Run.of("Contents", design("contents-list"), 1, Placement.Start.RECTO)
                .as(Run.Matter.FRONT);
        Run notes = Run.of("Swarm notes", design("dotted"), 8, Placement.Start.RECTO)
                .inContents(true);
        Run log = Run.of("Hive log", design("inspection"), 8, Placement.Start.ANYWHERE)
                .inContents(true);
        Edition c = Edition.of(book.withRuns(List.of(list, notes, log)));
        word(c, 1, "Swarm notes");
        word(c, 1, "3");
        word(c, 1, "Hive log");
        word(c, 1, "11");
    }

    @Test
    void aDesignWithoutSidesIsOneStampOnBothHands() {
        Edition c = Edition.of(journal(Furniture.NONE));
        Mark.Stamped recto = (Mark.Stamped) c.page(9).marks().get(0);
        Mark.Stamped verso = (Mark.Stamped) c.page(10).marks().get(0);
        assertEquals(recto.stamp(), verso.stamp());
        Frame left = c.pages().frame(Side.VERSO);
        assertEquals(left.text().x() - c.pages().frame(Side.RECTO).text().x(), verso.dx(), 1e-9);
        assertTrue(left.text().holds(verso.bounds()));
        assertTrue(verso.dx() <= 0, "towards the fore-edge");
    }

    /** 1 January 2027 is a Friday: its week begins on 28 December, and its fourth day is the 31st. It stands in January's part all the same. */
    @Test
    void aWeekCarriesTheTabOfThePartInWhichItStands() {
        Book year = Starter.DATED_PLANNER.begin();
        Edition edition = Edition.of(year.withCalendar(
                year.calendar().withLanguage("en").dated(LocalDate.of(2027, 1, 1), LocalDate.of(2027, 12, 31))));
        int seen = 0;
        for (var slot : edition.pagination().slots()) {
            if (slot.round() > 0 && slot.occasion().span().equals(Optional.of(Span.WEEK))) {
                seen++;
                String wanted = java.time.Month.of(slot.round())
                        .getDisplayName(java.time.format.TextStyle.SHORT, java.util.Locale.ENGLISH);
                assertTrue(
                        words(edition, slot.number()).stream()
                                .anyMatch(w -> w.run().text().equalsIgnoreCase(wanted)),
                        "page " + slot.number() + " has no tab of " + wanted);
            }
        }
        assertTrue(seen >= 106, "weeks on two pages each: " + seen);
    }
}
