package jorn.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.TimeUnit;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.book.History;
import jorn.book.Run;
import jorn.scratch.Leftovers;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A program that is killed while it saves leaves the book as it was before or after, whole. */
class KilledWhileSavingTest {
    @TempDir
    Path folder;

    /** Saves one and the other of two books for ever. */
    static final class Saver {
        public static void main(String[] args) {
            Path file = Path.of(args[0]);
            Book one = book("One");
            Book[] books = {one, book("Other").withIdentity(one.identity().withTitle("Other"))};
            KeptBook kept = new KeptBooks(file.resolveSibling("kept"))
                    .of(books[0].identity().id());
            UnsavedWork work = kept.open();
            for (int i = 0; ; i++) {
                BookFile.save(books[i % 2], file);
                work.keep(new History(books[i % 2]), new Waiting.Whereabouts(Optional.empty(), FileStamp.NONE, 1, ""));
                kept.versions().add(books[i % 2], file);
                if (i == 1) {
                    System.out.println("saving");
                }
            }
        }
    }

    private static Book book(String title) {
        // Large enough that a save takes a while.
        List<String> words = java.util.stream.IntStream.range(0, 4000)
                .mapToObj(i -> title + " " + i * 7919L % 10_007)
                .toList();
        Book book = EarlierBooks.linedJournal().withTitle(title);
        return book.withRun(2, (Run r) -> r.withInTurn(words));
    }

    @Test
    void afterFourKillsTheFileIsOneOfTheTwoBooks() throws IOException, InterruptedException {
        assertTrue(seenAfter(4).size() > 0);
    }

    @Test
    @Tag("long")
    void afterAHundredKillsBothHaveBeenSeen() throws IOException, InterruptedException {
        assertEquals(Set.of("One", "Other"), seenAfter(100), "it was killed before and after a change");
    }

    /** The titles that the file had after each of so many kills. */
    private Set<String> seenAfter(int kills) throws IOException, InterruptedException {
        Path file = folder.resolve("hive.jorn");
        Random random = new Random(20261126);
        Set<String> seen = new TreeSet<>();
        for (int i = 0; i < kills; i++) {
            Process saver = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-cp",
                            System.getProperty("java.class.path"),
                            "-XX:TieredStopAtLevel=1",
                            Saver.class.getName(),
                            file.toString())
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            try {
                assertEquals('s', saver.getInputStream().read(), "the saver has begun");
                assertTrue(!saver.waitFor(random.nextInt(120), TimeUnit.MILLISECONDS), "it goes on saving");
            } finally {
                saver.destroyForcibly().waitFor();
            }
            Book book = BookFile.load(file);
            seen.add(book.title());
            assertEquals(4000, book.runs().get(2).inTurn().size());
            unsavedWorkIsWhole(file.resolveSibling("kept"));
            Leftovers.removeFrom(folder);
            try (var left = Files.list(folder)) {
                assertEquals(2, left.count(), "the book and what is kept of it, and nothing half-written");
            }
        }
        return seen;
    }

    private static void unsavedWorkIsWhole(Path kept) {
        for (Waiting waiting : new KeptBooks(kept).waiting()) {
            Waiting.Resumed resumed = waiting.resume();
            assertEquals(4000, resumed.history().now().runs().get(2).inTurn().size());
            resumed.work().forget();
            resumed.work().letGo();
        }
    }
}
