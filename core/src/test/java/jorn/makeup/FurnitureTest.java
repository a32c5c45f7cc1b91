package jorn.makeup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.PageFrame;
import jorn.art.Side;
import jorn.book.Book;
import jorn.book.Furniture;
import jorn.book.Numbering;
import jorn.book.Run;
import jorn.book.Starter;
import jorn.recipe.Catalogue;
import jorn.recipe.Flow;
import jorn.recipe.Folio;
import jorn.recipe.Recipe;
import jorn.recipe.RunningHead;
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
        return Starter.LINED_JOURNAL.begin().withTitle("Hive Notes").withFurniture(furniture);
    }

    private static List<Mark.Words> words(Composer composer, int page) {
        return jorn.art.Marks.single(composer.page(page).marks())
                .flatMap(m -> m instanceof Mark.Words w ? Stream.of(w) : Stream.empty())
                .toList();
    }

    private static Mark.Words word(Composer composer, int page, String text) {
        return words(composer, page).stream()
                .filter(w -> w.run().text().equals(text))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no “" + text + "” on page " + page));
    }

    @ParameterizedTest
    @CsvSource({"FORE_EDGE, 1, 0", "GUTTER, 0, 1", "MIDDLE, 0.5, 0.5"})
    void theNumberMirrorsOnLeftHandPages(Folio.Place place, double recto, double verso) {
        Composer c = new Composer(journal(Furniture.NONE.withFolio(Optional.of(Folio.customary(place)))));
        for (int page : new int[] {9, 10}) {
            Mark.Words number = word(c, page, Integer.toString(page));
            Box text = c.frame(Side.of(page)).text();
            double spare = text.width() - number.run().width();
            double at = (number.x() - text.x()) / spare;
            assertEquals(page % 2 == 1 ? recto : verso, at, 0.01, "page " + page);
            assertTrue(number.y() <= text.bottom() + 0.01 && number.y() > text.bottom() - 14, "at the foot");
        }
    }

    @ParameterizedTest
    @EnumSource(Folio.Place.class)
    void neverDoNumberAndHeadStandInTheDesignsRoom(Folio.Place place) {
        RunningHead line = RunningHead.customary();
        RunningHead head = new RunningHead(line.verso(), line.recto(), place, line.size(), true);
        for (boolean atHead : new boolean[] {false, true}) {
            Book book = journal(
                    new Furniture(Optional.of(Folio.customary(Folio.Place.FORE_EDGE)), atHead, Optional.of(head)));
            Composer c = new Composer(book);
            for (int page : new int[] {9, 10}) {
                Box room = c.room(c.pagination().page(page));
                Box text = c.frame(Side.of(page)).text();
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
        Composer c = new Composer(journal(Furniture.NONE.withHead(Optional.of(RunningHead.customary()))));
        assertTrue(words(c, 3).stream().noneMatch(w -> w.run().text().equals("Belongs to")));
        word(c, 10, "Hive Notes");
        word(c, 11, "Lined pages");
    }

    @Test
    void displayPagesAreCountedAndBearNoNumber() {
        Composer c =
                new Composer(journal(Furniture.NONE.withFolio(Optional.of(Folio.customary(Folio.Place.FORE_EDGE)))));
        assertTrue(words(c, 1).stream().noneMatch(w -> w.run().text().equals("1")));
        word(c, 5, "5");
    }

    @Test
    void theContentsSayThePageThatIsPrintedOnIt() {
        Book year = Starter.DATED_PLANNER.begin().withTitle("The Apiary Year");
        Book dated = year.withCalendar(year.calendar().dated(LocalDate.of(2028, 1, 1), LocalDate.of(2028, 12, 31)));
        int months = 0;
        while (!dated.runs().get(months).recipe().id().equals("month")) {
            months++;
        }
        int run = months;
        Book listed = dated.withRun(
                run, r -> r.inContents(true).numbered(new Numbering(Numbering.Style.ARABIC, Optional.of(1))));
        Composer c = new Composer(listed);
        List<Flow.Entry> contents = c.contents();
        assertEquals(12, contents.size());
        assertTrue(
                contents.get(1).toString().contains("February 2028"),
                contents.get(1).toString());
        List<Integer> pages = c.pagination().slots().stream()
                .filter(s -> s.run() == run)
                .map(s -> s.number())
                .toList();
        for (int i = 0; i < 12; i++) {
            assertTrue(
                    contents.get(i).toString().contains(c.folios().of(pages.get(i))),
                    contents.get(i).toString());
        }
    }

    @Test
    void theContentsPageListsWhatIsToBeListed() {
        Book book = journal(Furniture.NONE);
        Run list =
                Run.of("Contents", design("contents-list"), 1, Run.Start.RECTO).as(Run.Matter.FRONT);
        Run notes = Run.of("Swarm notes", design("dotted"), 8, Run.Start.RECTO).inContents(true);
        Run log =
                Run.of("Hive log", design("inspection"), 8, Run.Start.ANYWHERE).inContents(true);
        Composer c = new Composer(book.withRuns(List.of(list, notes, log)));
        word(c, 1, "Swarm notes");
        word(c, 1, "3");
        word(c, 1, "Hive log");
        word(c, 1, "11");
    }

    @Test
    void aDesignWithoutSidesIsOneStampOnBothHands() {
        Composer c = new Composer(journal(Furniture.NONE));
        Mark.Place recto = (Mark.Place) c.page(9).marks().get(0);
        Mark.Place verso = (Mark.Place) c.page(10).marks().get(0);
        assertEquals(recto.stamp(), verso.stamp());
        PageFrame left = c.frame(Side.VERSO);
        assertEquals(left.text().x() - c.frame(Side.RECTO).text().x(), verso.dx(), 1e-9);
        assertTrue(left.text().holds(verso.bounds()));
        assertTrue(verso.dx() <= 0, "towards the fore-edge");
    }
}
