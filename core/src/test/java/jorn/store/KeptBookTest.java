package jorn.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import jorn.art.Picture;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.book.History;
import jorn.measure.Trouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Unsaved work of each window by itself, and earlier versions, kept in parts. */
class KeptBookTest {
    private static final Waiting.Whereabouts PLACE =
            new Waiting.Whereabouts(Optional.of("/books/hive.jorn"), new FileStamp(7, 8), 5, "MAKEUP");

    @TempDir
    Path folder;

    private final Book book = EarlierBooks.linedJournal().withTitle("Hive Notes");

    private KeptBooks books() {
        return new KeptBooks(folder);
    }

    private KeptBook kept() {
        return books().of(book.identity().id());
    }

    private static History history(Book... books) {
        History history = new History(books[0]);
        for (int i = 1; i < books.length; i++) {
            history.change(books[i], "step " + i);
        }
        return history;
    }

    private void leave(Book... steps) {
        UnsavedWork work = kept().open();
        work.keep(history(steps), PLACE);
        work.letGo();
    }

    /** What somebody is writing is nobody else's to read, also where an earlier Jorn left it open. */
    @Test
    void whatIsKeptIsItsOwnersAlone() throws IOException {
        assumeTrue(folder.getFileSystem().supportedFileAttributeViews().contains("posix"));
        Path own = folder.resolve(book.identity().id().toString());
        Files.createDirectories(
                own, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwxr-xr-x")));
        leave(book, book.withTitle("Two"));
        try (Stream<Path> all = Files.walk(own)) {
            for (Path each : all.toList()) {
                assertEquals(
                        Files.isDirectory(each) ? "rwx------" : "rw-------",
                        PosixFilePermissions.toString(Files.getPosixFilePermissions(each)),
                        each.toString());
            }
        }
    }

    @Test
    void workComesBackWithItsFileItsPlaceAndItsSteps() {
        Book two = book.withTitle("Two");
        Book three = two.withTitle("Three");
        History history = history(book, two, three);
        history.undo();
        UnsavedWork work = kept().open();
        work.keep(history, PLACE);
        work.letGo();

        Waiting waiting = kept().waiting().get(0);
        assertEquals("Two", waiting.title());
        Waiting.Resumed resumed = waiting.resume();
        assertEquals(PLACE, resumed.place());
        assertEquals(Optional.of(Path.of("/books/hive.jorn")), resumed.place().path());
        assertEquals(two, resumed.history().now());
        resumed.history().undo();
        assertEquals(book, resumed.history().now());
        resumed.history().redo();
        resumed.history().redo();
        assertEquals(three, resumed.history().now());
        resumed.work().letGo();
    }

    @Test
    void whatAWindowHoldsIsNobodyElses() {
        UnsavedWork first = kept().open();
        first.keep(history(book, book.withTitle("First")), PLACE);
        assertTrue(kept().isOpenElsewhere());
        assertEquals(List.of(), kept().waiting(), "it is not given away while its window is open");

        UnsavedWork second = kept().open();
        second.keep(history(book, book.withTitle("Second")), PLACE);
        first.letGo();
        second.letGo();
        assertFalse(kept().isOpenElsewhere());
        List<String> titles =
                kept().waiting().stream().map(Waiting::title).sorted().toList();
        assertEquals(List.of("First", "Second"), titles, "neither has overwritten the other");

        Waiting one = kept().waiting().get(0);
        Waiting.Resumed resumed = one.resume();
        assertThrows(Trouble.class, one::resume, "two windows cannot go on with one work");
        resumed.work().letGo();
    }

    @Test
    void whatIsSavedOrThrownAwayLeavesNothing() throws IOException {
        leave(book, book.withTitle("Two"));
        kept().waiting().get(0).drop();
        assertEquals(List.of(), kept().waiting());
        assertEquals(List.of(), books().waiting());
        try (Stream<Path> parts = Files.walk(folder)) {
            assertEquals(
                    List.of("writing"),
                    parts.filter(Files::isRegularFile)
                            .map(f -> f.getFileName().toString())
                            .toList());
        }
    }

    @Test
    void damagedWorkStopsNobodyAndStaysWhereItIs() throws IOException {
        leave(book, book.withTitle("Two"));
        Path state;
        try (Stream<Path> all = Files.walk(folder)) {
            state = all.filter(f -> f.toString().endsWith(".window.json"))
                    .findFirst()
                    .orElseThrow();
        }
        String whole = Files.readString(state);
        Files.writeString(state, "{ \"title\": ");
        assertEquals(List.of(), kept().waiting());
        assertTrue(Files.exists(state));
        Files.writeString(state, whole);
        Path parts = state.resolveSibling("parts");
        try (Stream<Path> all = Files.list(parts)) {
            Path one = all.max(
                            java.util.Comparator.comparingLong(f -> f.toFile().length()))
                    .orElseThrow();
            Files.writeString(one, "rubbish");
        }
        Trouble t = assertThrows(Trouble.class, () -> kept().waiting().get(0).resume());
        assertTrue(t.what().contains("damaged"), t.what());
        assertEquals(1, kept().waiting().size(), "it has been let go again");
    }

    @Test
    void whatLiesAboutInTheFolderIsPassedOver() throws IOException {
        Files.writeString(folder.resolve("notes.txt"), "mine");
        leave(book, book.withTitle("Two"));
        assertEquals(1, books().waiting().size());
    }

    @Test
    void equalPartsAreThereOnce() throws IOException {
        List<String> words =
                IntStream.range(0, 3000).mapToObj(i -> "prompt " + i).toList();
        Book large = book.withRun(2, r -> r.withInTurn(words));
        List<Book> steps = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            steps.add(large.withTitle("Title " + i));
        }
        leave(large);
        long one = size();
        leave(steps.toArray(Book[]::new));
        assertTrue(size() < one * 5, size() + " bytes for thirty states, " + one + " for one");
    }

    private long size() throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(Files::isRegularFile)
                    .mapToLong(f -> f.toFile().length())
                    .sum();
        }
    }

    @Test
    void picturesComeBackAndGoWhenNoStateHasThem() throws IOException {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB), "png", png);
        Picture picture = Picture.of("hive.png", png.toByteArray());
        leave(book.with(picture));
        Waiting.Resumed resumed = kept().waiting().get(0).resume();
        Picture back = resumed.history().now().pictures().get(picture.id());
        assertEquals(Optional.empty(), back.file().harm());
        assertEquals(30, back.width());
        kept().versions().add(book, Path.of("a.jorn"));
        assertTrue(hasPicture(picture), "the unsaved work needs it");
        resumed.work().forget();
        assertFalse(hasPicture(picture), "the version does not");
        resumed.work().letGo();
    }

    private boolean hasPicture(Picture picture) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.anyMatch(f -> f.toString().endsWith(picture.id()));
        }
    }

    @Test
    void theLastTwentyAndOneOfEachDayForAMonthAreKept() {
        LocalDate today = LocalDate.of(2026, 11, 26);
        for (int day = 60; day >= 0; day--) {
            for (int hour = 8; hour < 11; hour++) {
                Instant at = today.minusDays(day).atTime(hour, 0).toInstant(ZoneOffset.UTC);
                kept().versions()
                        .add(
                                book.withTitle(day + " days ago at " + hour),
                                Path.of("hive.jorn"),
                                Clock.fixed(at, ZoneOffset.UTC));
            }
        }
        List<Versions.Version> all = kept().versions().all();
        List<String> titles =
                all.stream().map(v -> kept().versions().book(v).title()).toList();
        assertEquals("0 days ago at 10", titles.get(0));
        assertEquals("6 days ago at 9", titles.get(19));
        assertEquals("7 days ago at 10", titles.get(20));
        assertEquals("30 days ago at 10", titles.get(titles.size() - 1));
        assertEquals(20 + 24, titles.size());
    }

    @Test
    void theSameStateSavedAgainIsOneVersion() {
        kept().versions().add(book, Path.of("a.jorn"));
        kept().versions().add(book.withTitle("Two"), Path.of("a.jorn"));
        kept().versions().add(book, Path.of("b.jorn"));
        List<Versions.Version> all = kept().versions().all();
        assertEquals(2, all.size());
        assertTrue(all.get(0).file().endsWith("b.jorn"), all.get(0).file());
        assertEquals(book, kept().versions().book(all.get(0)));
    }

    @Test
    void versionsThatCannotBeReadAreNone() throws IOException {
        kept().versions().add(book, Path.of("a.jorn"));
        Files.writeString(folder.resolve(book.identity().id().toString()).resolve("versions.json"), "[");
        assertEquals(List.of(), kept().versions().all());
    }

    @Test
    void aPlaceMayNameAFileThatThisMachineCannotHave() {
        assertEquals(Optional.empty(), new Waiting.Whereabouts(Optional.of("a\0b"), FileStamp.NONE, 1, "BRIEF").path());
    }

    @Test
    void whatAnotherWindowTidiedAwayIsKeptAgain() {
        Book two = book.withTitle("Two");
        KeptBook here = kept();
        UnsavedWork work = here.open();
        work.keep(history(book, two), PLACE);
        work.forget();
        // Another window, which needs none of it.
        kept().versions().add(EarlierBooks.notebook(), Path.of("other.jorn"));
        work.keep(history(book, two), PLACE);
        work.letGo();
        Waiting.Resumed resumed = kept().waiting().get(0).resume();
        resumed.history().undo();
        assertEquals(book, resumed.history().now());
        resumed.work().letGo();
    }
}
