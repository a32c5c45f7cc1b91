package jorn.order;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.Contributor;
import jorn.book.Starter;
import jorn.edition.Edition;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.order.OrderSlip.Line;
import jorn.press.Finish;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class OrderSlipTest {
    private static Book book() {
        Book book = Starter.LINED_JOURNAL.begin().withTitle("Hive Notes").withAuthor("Skep & Sedge");
        return book.withPlans(book.plans()
                .withPrice("us", Optional.of(7.99))
                .withSelling(book.plans()
                        .selling()
                        .withContributors(List.of(new Contributor("pictures", "Bo Ling")))
                        .withChannel("wider", true)));
    }

    private static List<Line> lines(Book book) {
        return OrderSlip.of(Edition.of(book), Unit.INCH);
    }

    private static Line line(Book book, String key) {
        return lines(book).stream().filter(l -> l.key().equals(key)).findFirst().orElseThrow();
    }

    @Test
    void saysEveryChoiceInTheOrderInWhichPeopleAreAsked() {
        assertEquals(
                List.of(
                        "language",
                        "title",
                        "author",
                        "contributors",
                        "kind",
                        "isbn",
                        "year",
                        "press",
                        "ink",
                        "paper",
                        "trim",
                        "bleed",
                        "pages",
                        "binding",
                        "edge",
                        "reading",
                        "finish",
                        "cover",
                        "price.us",
                        "price.uk",
                        "price.eu",
                        "channels"),
                lines(book()).stream().map(Line::key).toList());
    }

    @Test
    void saysItAsThePressWantsToHearIt() {
        assertEquals("6 × 9 in", line(book(), "trim").value());
        assertEquals("152.4 × 228.6 mm", line(book(), "trim").note());
        assertEquals("none", line(book(), "bleed").value());
        assertEquals("120", line(book(), "pages").value());
        assertEquals("at the left", line(book(), "edge").value());
        assertEquals("Bo Ling (pictures)", line(book(), "contributors").value());
        assertEquals("7.99 USD", line(book(), "price.us").value());
        assertEquals("you keep 2.35 USD", line(book(), "price.us").note(), "7.99 × 0.6 − 2.44 = 2.354");
        assertEquals("12.52 × 9.25 in", line(book(), "cover").value());
        assertEquals("spine 0.270 in", line(book(), "cover").note());
        assertEquals(
                "the press's own shop; other shops and libraries",
                line(book(), "channels").value());
        Book bled = book().withBrief(book().brief().withBleed(true));
        assertEquals("0.125 in at head, foot and fore-edge", line(bled, "bleed").value());
        assertTrue(
                line(bled, "bleed").note().contains("6.125 × 9.25 in"),
                line(bled, "bleed").note());
    }

    @Test
    void whatIsNotDecidedSaysSo() {
        assertTrue(line(book(), "finish").open());
        assertTrue(line(book(), "price.uk").open());
        String text = OrderSlip.text(lines(book()));
        assertTrue(text.contains("Finish of the cover: to be decided\n"), text);
        assertTrue(text.contains("Trim: 6 × 9 in (152.4 × 228.6 mm)\n"), text);
        Book decided = book().withBrief(
                        book().brief().withWishes(book().brief().wishes().withFinish(Optional.of(Finish.MATTE))));
        assertEquals("matte", line(decided, "finish").value());
    }

    @Test
    void theSheetHoldsEveryLineInsideItsMargins() {
        Book book = book();
        book = book.withTitle("A very long title that goes on and on ".repeat(7).strip());
        List<Line> lines = lines(book);
        assertEquals(
                1, SlipSheet.of("Order slip: Hive Notes", lines(book())).size(), "an ordinary book takes one sheet");
        List<PageArt> sheets = SlipSheet.of("Order slip", lines);
        String all = String.join(
                " ",
                sheets.stream()
                        .flatMap(s -> Marks.single(s.marks()))
                        .filter(Mark.Words.class::isInstance)
                        .map(m -> ((Mark.Words) m).run().text())
                        .toList());
        for (Line line : lines) {
            assertTrue(all.contains(line.label()), line.label());
        }
        for (PageArt sheet : sheets) {
            Box inside = sheet.trim().inset(40);
            Marks.walk(
                    sheet.marks(),
                    s -> assertTrue(
                            inside.holds(s.bounds().outset(-1)) || s.bounds().isEmpty(), s.toString()));
        }
    }

    @Test
    void manyContributorsGoOnASecondSheet() {
        List<Line> many = new java.util.ArrayList<>();
        for (int i = 0; i < 40; i++) {
            many.add(new Line("k" + i, "Label " + i, "Value " + i, "note"));
        }
        assertEquals(2, SlipSheet.of("Order slip", many).size());
    }

    @Test
    void contributorsWithoutANameAreRefused() {
        Assertions.assertThrows(Trouble.class, () -> new Contributor("pictures", " "));
        Assertions.assertThrows(Trouble.class, () -> new Contributor("x".repeat(61), "Bo"));
    }

    @TempDir
    Path folder;

    @Test
    void remindersAreThoseOfThePlaceAndTheKind() throws Exception {
        Reminders shipped = Reminders.shipped();
        List<String> german = ids(shipped.unread(book(), "DE"));
        assertTrue(german.contains("maker-address") && german.contains("printer-and-publisher"), german.toString());
        assertFalse(german.contains("children") || german.contains("deposit-copies"), german.toString());
        Book shopOnly = book().withBrief(
                        book().brief().at(jorn.press.PressShelf.shipped().find("copyshop")));
        assertEquals(List.of(), ids(shipped.unread(shopOnly, "US")), "nothing of the union across the sea");
        assertTrue(ids(shipped.unread(shopOnly, "PT")).contains("maker-address"), "Portugal is in the union");
        assertTrue(ids(shipped.unread(Starter.ZINE.begin(), "DE")).contains("responsible-person"));
        assertTrue(ids(shipped.unread(Starter.PICTURE_BOOK.begin(), "US")).contains("children"));
        Book read = book();
        read = read.withPlans(read.plans().withSelling(read.plans().selling().withReminderRead("maker-address")));
        assertFalse(ids(shipped.unread(read, "DE")).contains("maker-address"), "it is shown once");
        assertTrue(ids(shipped.applying(read, "DE")).contains("maker-address"));
        for (Reminder each : shipped.all()) {
            assertTrue(each.ask().startsWith("Ask "), "never advice: " + each.ask());
        }
        Files.writeString(
                folder.resolve(Reminders.FILE),
                "{\"reminders\": [{\"id\": \"own\", \"where\": [\"us\"], \"kinds\": [\"any\"],"
                        + " \"text\": \"A\", \"ask\": \"Ask B\", \"source\": \"C\"}]}");
        assertEquals(List.of("own"), ids(Reminders.in(folder).unread(book(), "US")));
        Files.writeString(folder.resolve(Reminders.FILE), "{\"reminders\": [{\"id\": \"own\"}]}");
        Trouble t = Assertions.assertThrows(Trouble.class, () -> Reminders.in(folder));
        assertTrue(t.what().contains("where"), t.what());
    }

    private static List<String> ids(List<Reminder> reminders) {
        return reminders.stream().map(Reminder::id).toList();
    }
}
