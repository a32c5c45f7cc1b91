package jorn.order;

import com.fasterxml.jackson.annotation.JsonCreator;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.json.Json;
import jorn.json.Required;
import jorn.measure.SmallFile;
import jorn.say.Wording;

/** The reminders at hand: those that ship, and the user's own file in their place where there is one. */
public final class Reminders {
    /** The name of the user's own file. */
    public static final String FILE = "reminders.json";

    private static final int LARGEST_MB = 2;

    private final Map<String, List<String>> groups;
    private final List<Reminder> all;

    private record File(Map<String, List<String>> groups, @Required List<Reminder> reminders) {
        @JsonCreator
        File {
            groups = groups == null ? Map.of() : groups;
            reminders = List.copyOf(reminders);
        }
    }

    private Reminders(File file) {
        this.groups = new LinkedHashMap<>(file.groups());
        this.all = file.reminders();
    }

    /** Those that ship with Jorn. */
    public static Reminders shipped() {
        return Holder.SHIPPED;
    }

    /** They are read when they are first asked for, once. */
    private static final class Holder {
        private static final Reminders SHIPPED = load();
    }

    private static Reminders load() {
        try (InputStream in = Reminders.class.getResourceAsStream(FILE)) {
            return new Reminders(Json.read(in.readAllBytes(), File.class, "The reminders"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * The user's own, or those that ship where there are none.
     *
     * @param folder that of the user's settings
     * @throws jorn.measure.Trouble that names what is wrong with the file
     */
    public static Reminders in(Path folder) {
        Path own = folder.resolve(FILE);
        return Files.isRegularFile(own)
                ? new Reminders(
                        Json.read(SmallFile.read(own, LARGEST_MB), File.class, Wording.of("order.reminders.file", own)))
                : shipped();
    }

    public List<Reminder> all() {
        return all;
    }

    /**
     * Those that hold for a book and have not been read yet.
     *
     * @param country where the user lives, two letters; may be empty
     */
    public List<Reminder> unread(Book book, String country) {
        return applying(book, country).stream()
                .filter(r -> !book.plans().selling().read().contains(r.id()))
                .toList();
    }

    /** Those that hold for a book: for what it is, where it is sold, and where its maker lives. */
    public List<Reminder> applying(Book book, String country) {
        Set<String> places = places(book, country);
        Set<String> kinds = kinds(book);
        return all.stream()
                .filter(r -> r.where().stream().anyMatch(places::contains))
                .filter(r -> r.kinds().stream().anyMatch(kinds::contains))
                .toList();
    }

    private Set<String> places(Book book, String country) {
        Set<String> all = new TreeSet<>();
        book.brief().press().markets().forEach(m -> all.add(m.id()));
        String own = country.toLowerCase(Locale.ROOT);
        all.add(own);
        groups.forEach((group, members) -> {
            if (members.contains(own)) {
                all.add(group);
            }
        });
        return all;
    }

    private static Set<String> kinds(Book book) {
        Set<String> all = new TreeSet<>(Set.of("any"));
        if (book.starter().equals(Starter.ZINE.id())) {
            all.add("periodical");
        }
        if (Set.of(Starter.PICTURE_BOOK.id(), Starter.COLOURING_BOOK.id()).contains(book.starter())) {
            all.add("children");
        }
        if (!book.isbn().isEmpty()) {
            all.add("isbn");
        }
        return all;
    }
}
