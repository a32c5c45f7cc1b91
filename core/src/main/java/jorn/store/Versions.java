package jorn.store;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.logging.Level;
import java.util.logging.Logger;
import jorn.book.Book;
import jorn.json.Json;
import jorn.json.Required;
import jorn.measure.SmallFile;
import jorn.measure.Trouble;

/** Earlier versions of a book: the last twenty states that were saved, and the last of each day for a month. */
public final class Versions {
    private static final int LARGEST_MB = 20;
    private static final Logger LOG = Logger.getLogger(Versions.class.getName());

    /** How many of the last states are kept in any case. */
    public static final int LAST = 20;

    /** For how many days the last state of each is kept. */
    public static final int DAYS = 31;

    /**
     * One of them.
     *
     * @param root by which it is found
     * @param when it was saved, in seconds since 1970
     * @param file that it was saved to
     */
    public record Version(@Required String root, long when, @Required String file) {
        public Instant saved() {
            return Instant.ofEpochSecond(when);
        }
    }

    private record Content(@Required List<Version> versions) {}

    private final KeptBook book;
    private final Path file;

    Versions(KeptBook book, Path file) {
        this.book = book;
        this.file = file;
    }

    /** All that there are, the latest first; none where the list of them cannot be read. */
    public List<Version> all() {
        if (!Files.isRegularFile(file)) {
            return List.of();
        }
        try {
            return Json.read(
                            SmallFile.read(file, LARGEST_MB),
                            Content.class,
                            jorn.say.Wording.of("store.versions.versions"))
                    .versions();
        } catch (Trouble e) {
            LOG.log(Level.WARNING, "The earlier versions cannot be read: " + file, e);
            return List.of();
        }
    }

    Set<String> roots() {
        Set<String> roots = new HashSet<>();
        all().forEach(v -> roots.add(v.root()));
        return roots;
    }

    /**
     * The book as it was.
     *
     * @throws Trouble where that cannot be read any more
     */
    public Book book(Version version) {
        return book.book(version.root());
    }

    /** Adds a state that was saved. */
    public void add(Book saved, Path to) {
        add(saved, to, Clock.system(ZoneId.systemDefault()));
    }

    void add(Book saved, Path to, Clock clock) {
        book.alone(() -> {
            String root = book.keep(saved);
            List<Version> now = new ArrayList<>();
            now.add(new Version(
                    root, clock.instant().getEpochSecond(), to.toAbsolutePath().toString()));
            all().stream().filter(v -> !v.root().equals(root)).forEach(now::add);
            byte[] json = Json.write(new Content(worthKeeping(now, LocalDate.now(clock), clock.getZone())));
            SafeFile.writeOwn(file, out -> out.write(json));
            book.tidy();
            return root;
        });
    }

    /** @param all the latest first */
    static List<Version> worthKeeping(List<Version> all, LocalDate today, ZoneId zone) {
        List<Version> kept = new ArrayList<>();
        Set<LocalDate> days = new HashSet<>();
        for (Version each : all) {
            LocalDate day = LocalDate.ofInstant(each.saved(), zone);
            boolean lastOfItsDay = days.add(day) && day.isAfter(today.minusDays(DAYS));
            if (kept.size() < LAST || lastOfItsDay) {
                kept.add(each);
            }
        }
        return kept;
    }
}
