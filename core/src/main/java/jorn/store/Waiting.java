package jorn.store;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.logging.Level;
import java.util.logging.Logger;
import jorn.book.Book;
import jorn.book.History;
import jorn.json.Json;
import jorn.json.Required;
import jorn.measure.SmallFile;
import jorn.measure.Trouble;

/** Work that a window did not save and that waits for somebody to go on with it. */
public final class Waiting {
    private static final int LARGEST_MB = 20;
    private static final Logger LOG = Logger.getLogger(Waiting.class.getName());

    /**
     * Where somebody stood in a book.
     *
     * @param file that the book has, if it has one
     * @param stamp of that file when it was last read or written
     * @param page that was looked at, from 1
     * @param bench that was worked at, by its name
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    public record Whereabouts(Optional<String> file, @Required FileStamp stamp, int page, @Required String bench) {
        public Whereabouts {
            file = file == null ? Optional.empty() : file;
        }

        /** The file as a path, where its name is one on this machine. */
        @JsonIgnore
        public Optional<Path> path() {
            try {
                return file.map(Path::of);
            } catch (java.nio.file.InvalidPathException e) {
                return Optional.empty();
            }
        }
    }

    /**
     * A window's work as it is kept: books by the names of their roots.
     *
     * @param when in milliseconds since 1970: two windows may be closed within a second
     */
    record State(
            @Required String title,
            long when,
            @Required Whereabouts place,
            @Required String now,
            @Required List<String> past,
            @Required List<String> future) {
        List<String> roots() {
            List<String> all = new ArrayList<>(past);
            all.addAll(future);
            all.add(now);
            return all;
        }
    }

    private final KeptBook book;
    private final Path file;
    private final State state;

    private Waiting(KeptBook book, Path file, State state) {
        this.book = book;
        this.file = file;
        this.state = state;
    }

    /** Nothing where it cannot be read: it is left where it is, and stops nobody. */
    static Optional<Waiting> read(KeptBook book, Path file) {
        try {
            State state = Json.read(
                    SmallFile.read(file, LARGEST_MB), State.class, jorn.say.Wording.of("store.parts.kept-state"));
            return Optional.of(new Waiting(book, file, state));
        } catch (Trouble e) {
            LOG.log(Level.WARNING, "Kept work cannot be read: " + file, e);
            return Optional.empty();
        }
    }

    State state() {
        return state;
    }

    public Instant when() {
        return Instant.ofEpochMilli(state.when());
    }

    public String title() {
        return state.title();
    }

    public Whereabouts place() {
        return state.place();
    }

    /**
     * Work that is gone on with.
     *
     * @param history the books that it was and is
     * @param work where it goes on being kept
     */
    public record Resumed(History history, Whereabouts place, UnsavedWork work) {}

    /**
     * Goes on with it: it is this window's now. Steps back that cannot be read any more are left out.
     *
     * @throws Trouble where the work itself cannot be read, or another window goes on with it already
     */
    public Resumed resume() {
        UnsavedWork work = UnsavedWork.open(book, file);
        try {
            Book now = book.book(state.now());
            return new Resumed(History.of(books(state.past()), now, books(state.future())), state.place(), work);
        } catch (Trouble t) {
            work.letGo();
            throw t;
        }
    }

    /** Steps from the nearest on, up to one that cannot be read. */
    private List<Book> books(List<String> roots) {
        List<Book> all = new ArrayList<>();
        for (String root : roots) {
            try {
                all.add(book.book(root));
            } catch (Trouble t) {
                LOG.log(Level.WARNING, "A step back cannot be read.", t);
                return all;
            }
        }
        return all;
    }

    /** Throws it away. */
    public void drop() {
        UnsavedWork work = UnsavedWork.open(book, file);
        work.forget();
        work.letGo();
    }
}
