package jorn.pattern.run;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.PatternRuns;
import jorn.book.Slot;
import jorn.book.Starter;
import jorn.edition.Edition;
import jorn.json.Json;
import jorn.measure.Trouble;
import jorn.pattern.motif.OutlineMotif;
import jorn.pattern.page.PatternSpec;
import jorn.pattern.page.PatternWindow;
import jorn.press.Binding;
import jorn.press.PressShelf;
import jorn.scan.Cleaning;
import org.junit.jupiter.api.Test;

/** Runs of pages to colour: each another one, the same every time, changed one by one. */
class PatternsTest {
    private static List<PatternSpec> all(Patterns p) {
        return IntStream.rangeClosed(1, p.count()).mapToObj(p::page).toList();
    }

    @Test
    void fiftyPagesAreAllDifferentAndUseAllGroupsInTurn() {
        List<PatternSpec> pages = all(Patterns.of(50, 7));
        assertEquals(50, pages.stream().distinct().count());
        for (int from : new int[] {0, 17}) {
            assertEquals(
                    17,
                    pages.subList(from, from + 17).stream()
                            .map(s -> s.repeat().group())
                            .distinct()
                            .count());
        }
        assertEquals(50, pages.stream().map(s -> s.hold().motif()).distinct().count(), "no motif twice");
        assertEquals(pages, all(Patterns.of(50, 7)));
        assertNotEquals(pages, all(Patterns.of(50, 8)));
    }

    @Test
    void mandalasAndChangesComeAsOftenAsIsSaid() {
        Patterns p = Patterns.of(24, 3);
        assertEquals(
                4,
                all(p).stream().filter(s -> s.surround().mandala().isPresent()).count());
        Patterns none = p.withRule(p.rule().withMandalas(0).withChanges(0));
        assertTrue(all(none).stream().allMatch(s -> s.surround().mandala().isEmpty()));
        assertTrue(all(none).stream().allMatch(s -> s.gradual().equals(jorn.pattern.page.Gradual.NONE)));
    }

    @Test
    void windowsComeInTurn() {
        Patterns p = Patterns.of(6, 3);
        List<PatternWindow> two = List.of(PatternWindow.parse("letter:A"), PatternWindow.parse("shape:heart"));
        List<PatternSpec> pages = all(p.withRule(p.rule().withWindows(two).withMandalas(0)));
        for (int i = 0; i < 6; i++) {
            assertEquals(two.get(i % 2), pages.get(i).surround().window());
        }
    }

    @Test
    void onePageIsExchangedAndAllOthersStay() {
        Patterns p = Patterns.of(10, 4);
        Patterns now = p.choosing(3, PatternChoice.NONE.withSeed(Optional.of(99L)));
        for (int i = 1; i <= 10; i++) {
            assertEquals(i != 3, p.page(i).equals(now.page(i)), "page " + i);
        }
        assertEquals(p.page(3).repeat().group(), now.page(3).repeat().group());
        Patterns pinned = now.choosing(3, now.choice(3).withPinned(true)).anew(1234);
        assertEquals(now.page(3), pinned.page(3));
        assertNotEquals(now.page(4), pinned.page(4));
        assertEquals(p, now.choosing(3, PatternChoice.NONE));
    }

    @Test
    void aBookOfPatternsIsKeptAsItIs() {
        Patterns p = Patterns.of(3, 4);
        Patterns own = p.choosing(
                2,
                new PatternChoice(
                        Optional.empty(),
                        true,
                        Optional.of(
                                p.page(1).withHold(p.page(1).hold().withMotif(OutlineMotif.drawn("mine", new double[] {
                                    0, 0, 4, 0, 2, 3
                                })))),
                        "Mine"));
        byte[] written = Json.write(own);
        assertEquals(own, Json.read(written, Patterns.class, "patterns"));
        assertTrue(new String(written, StandardCharsets.UTF_8).contains("Mine"));
    }

    private static Book book(Patterns p) {
        Book book = Starter.COLOURING_BOOK.begin();
        for (int i = 0; i < book.runs().size(); i++) {
            if (PatternRuns.of(book.runs().get(i)).isPresent()) {
                return PatternRuns.with(book, i, p);
            }
        }
        throw new AssertionError("no patterns");
    }

    @Test
    void picturesStandOnRectosWithTheirBacksBehindThemAndInTheContents() {
        Patterns p = Patterns.of(4, 4).choosing(1, PatternChoice.NONE.withTitle("The first of all"));
        Edition edition = Edition.of(book(p));
        List<Slot> slots = edition.pagination().slots();
        for (Slot slot : slots) {
            Optional<PatternSheet> sheet = slot.subjects().get(PatternSheet.class);
            if (sheet.isPresent()) {
                assertEquals(1, slot.number() % 2);
                PatternBack back = edition.pagination()
                        .page(slot.number() + 1)
                        .subjects()
                        .get(PatternBack.class)
                        .orElseThrow();
                assertEquals(sheet.get(), back.of());
            }
        }
        String contents = edition.page(4).marks().toString();
        assertTrue(edition.pagination().page(4).number() == 4 && !contents.isEmpty());
        assertEquals(
                4,
                slots.stream()
                        .filter(s -> s.subjects().get(PatternSheet.class).isPresent())
                        .count());
    }

    @Test
    void withoutBacksPicturesFollowEachOther() {
        Edition edition = Edition.of(book(Patterns.of(4, 4).withBack(Patterns.Back.NONE)));
        List<Integer> pages = edition.pagination().slots().stream()
                .filter(s -> s.subjects().get(PatternSheet.class).isPresent())
                .map(Slot::number)
                .toList();
        assertEquals(pages.get(0) + 3, pages.get(3));
    }

    /** Common practice: single sheets are printed on one side, so a file of them has no blank pages. */
    @Test
    void looseSheetsHaveNoBlankBacksButBoundOnesHave() {
        Starter kind = Starter.COLOURING_BOOK;
        Brief loose = kind.usualBrief().at(PressShelf.shipped().find("home"));
        assertEquals(Binding.LOOSE, loose.binding());
        ArtItem item = new ArtItem("a", "a", 0, Cleaning.NONE, "Hive");
        Book without = kind.begin(loose);
        assertEquals(List.of(Patterns.Back.NONE), backs(without));
        assertEquals(List.of(Patterns.Back.BLANK), backs(kind.begin()));
        assertEquals(List.of(Patterns.Back.NONE), artBacks(PatternRuns.taking(without, List.of(item), List.of())));
        assertEquals(
                List.of(Patterns.Back.BLANK), artBacks(PatternRuns.taking(kind.begin(), List.of(item), List.of())));
        Book other = Starter.EMPTY.begin(loose);
        assertEquals(List.of(Patterns.Back.NONE), artBacks(PatternRuns.taking(other, List.of(item), List.of())));
        assertEquals(List.of(Patterns.Back.NONE), backs(PatternRuns.adding(other, 0, Patterns.of(3, 1))));
        assertEquals(
                List.of(Patterns.Back.BLANK), backs(PatternRuns.adding(Starter.EMPTY.begin(), 0, Patterns.of(3, 1))));
    }

    private static List<Patterns.Back> backs(Book book) {
        return book.runs().stream()
                .flatMap(r -> PatternRuns.of(r).stream())
                .map(Patterns::back)
                .toList();
    }

    private static List<Patterns.Back> artBacks(Book book) {
        return book.runs().stream()
                .flatMap(r -> PatternRuns.art(r).stream())
                .map(ArtPages::back)
                .toList();
    }

    @Test
    void drawingsBecomeAPageEach() {
        List<ArtItem> items = List.of(
                new ArtItem("a", "a", 0, Cleaning.NONE, "Hive"), new ArtItem("b", "b", 0, Cleaning.LINE_ART, ""));
        Book book = PatternRuns.taking(Starter.COLOURING_BOOK.begin(), items, List.of());
        Edition edition = Edition.of(book);
        List<Slot> sheets = edition.pagination().slots().stream()
                .filter(s -> s.subjects().get(ArtSheet.class).isPresent())
                .toList();
        assertEquals(2, sheets.size());
        assertTrue(sheets.stream().allMatch(s -> s.number() % 2 == 1));
        assertEquals(
                "Hive",
                sheets.get(0).subjects().get(ArtSheet.class).orElseThrow().title("en"));
        assertEquals(
                "2", sheets.get(1).subjects().get(ArtSheet.class).orElseThrow().title("en"));
    }

    @Test
    void tooManyOrNoneAreRefused() {
        assertThrows(Trouble.class, () -> Patterns.of(0, 1));
        assertThrows(Trouble.class, () -> Patterns.of(5000, 1));
        assertThrows(Trouble.class, () -> new ArtPages(List.of(), Patterns.Back.BLANK));
        assertThrows(Trouble.class, () -> PatternRule.CUSTOMARY.withSize(4));
        assertThrows(Trouble.class, () -> PatternRule.CUSTOMARY.withMandalas(-1));
        assertEquals(1, PatternRule.CUSTOMARY.withMandalas(1).mandalas());
    }

    @Test
    void aDrawingWithTooManyPointsOrNoneIsRefused() {
        StringBuilder d = new StringBuilder("M0 0");
        for (int i = 0; i < 100_100; i++) {
            d.append('L').append(i % 317).append(' ').append(i * 7 % 311);
        }
        byte[] many = ("<svg xmlns='http://www.w3.org/2000/svg'><path d='" + d + "'/></svg>")
                .getBytes(StandardCharsets.UTF_8);
        assertTrue(assertThrows(Trouble.class, () -> OutlineMotif.of(many, "many.svg"))
                .what()
                .contains("many.svg"));
        byte[] none = "<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.UTF_8);
        assertThrows(Trouble.class, () -> OutlineMotif.of(none, "none.svg"));
        byte[] damaged = "<svg><path d='M0".getBytes(StandardCharsets.UTF_8);
        assertThrows(Trouble.class, () -> OutlineMotif.of(damaged, "damaged.svg"));
    }

    /** A half circle by an arc is as wide as its diameter, and turned parts lie where they are turned to. */
    @Test
    void arcsAndTurnsOfADrawingAreFollowed() {
        byte[] svg = ("<svg xmlns='http://www.w3.org/2000/svg'><g transform='translate(10 20) rotate(90)'>"
                        + "<path d='M0 0A10 10 0 0120 0Z'/></g><script>x</script><use href='http://elsewhere/x'/></svg>")
                .getBytes(StandardCharsets.UTF_8);
        String line = jorn.shape.SvgOutline.lines(svg, "arc.svg").get(0);
        double left = 1e9;
        double right = -1e9;
        double top = 1e9;
        double bottom = -1e9;
        for (String spot : line.split(" ")) {
            String[] xy = spot.split(",");
            left = Math.min(left, Double.parseDouble(xy[0]));
            right = Math.max(right, Double.parseDouble(xy[0]));
            top = Math.min(top, Double.parseDouble(xy[1]));
            bottom = Math.max(bottom, Double.parseDouble(xy[1]));
        }
        assertEquals(20, bottom - top, 0.05);
        assertEquals(20, top, 0.05);
        assertEquals(10, right - left, 0.05);
        assertEquals(20, right, 0.05);
    }
}
