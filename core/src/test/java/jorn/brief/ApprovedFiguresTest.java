package jorn.brief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.book.Starter;
import jorn.measure.Unit;
import jorn.press.BindingOffer;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;

/**
 * All figures of each starter, and of a journal at each press in each binding, held against those that were looked at and
 * approved. With {@code -Dapprove=FOLDER} they are written anew.
 */
class ApprovedFiguresTest {
    private static List<String> figures() {
        List<String> lines = new ArrayList<>();
        for (Starter starter : Starter.values()) {
            Book book = starter.begin().withTitle("Hive Notes").withAuthor("Skep & Sedge");
            add(lines, starter.id(), starter.isDated() ? in2027(book) : book);
        }
        PressShelf shelf = PressShelf.shipped();
        for (PressProfile press : shelf.profiles()) {
            for (BindingOffer offer : press.bindings()) {
                Book book = EarlierBooks.linedJournal().withTitle("Hive Notes");
                book = book.withBrief(
                        book.brief().at(press).withBinding(offer.binding()).withBleed(true));
                add(lines, press.id() + " " + offer.binding().id(), book);
            }
        }
        return lines;
    }

    private static Book in2027(Book book) {
        return book.withCalendar(book.calendar().dated(LocalDate.of(2027, 1, 1), LocalDate.of(2027, 12, 31)));
    }

    private static void add(List<String> lines, String name, Book book) {
        Measures.of(book)
                .all()
                .forEach((key, figure) -> lines.add(name + " " + key + " = " + figure.text(Unit.MILLIMETRE)));
    }

    @Test
    void areTheApprovedOnes() throws IOException {
        List<String> now = figures();
        String folder = System.getProperty("approve");
        if (folder != null) {
            Files.write(Path.of(folder, "figures.txt"), now);
        }
        try (InputStream in = ApprovedFiguresTest.class.getResourceAsStream("/approved/figures.txt")) {
            List<String> then = new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList();
            assertTrue(then.size() > 500, "few figures were approved");
            assertEquals(String.join("\n", then), String.join("\n", now));
        }
    }
}
