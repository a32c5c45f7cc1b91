package jorn.store;

import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import jorn.art.Picture;
import jorn.book.Book;
import jorn.measure.Trouble;

/**
 * All that is kept of one book beside its own file: work of each window that is not saved yet, and its earlier versions. It lies in
 * the user's data folder, for a book's file is given away.
 */
public final class KeptBook {
    /** One writer at a time in this program; the lock on the disk is between programs. */
    private static final Object MINE = new Object();

    private static final String WINDOW = ".window.json";

    private final Path folder;
    private final Parts parts;
    /** Under which name a book is kept that this window has kept before. */
    private final IdentityHashMap<Book, String> roots = new IdentityHashMap<>();

    /** Read once for all the states that have them. */
    private final Map<String, Picture> pictures = new HashMap<>();

    KeptBook(Path folder) {
        this.folder = folder;
        this.parts = new Parts(folder.resolve("parts"));
    }

    /** Work of windows that ended without saving it, the latest first. */
    public List<Waiting> waiting() {
        List<Waiting> all = new ArrayList<>();
        for (Path file : windows()) {
            if (!UnsavedWork.isHeld(file)) {
                Waiting.read(this, file).ifPresent(all::add);
            }
        }
        all.sort((a, b) -> b.when().compareTo(a.when()));
        return all;
    }

    /** Whether another window has the book on its desk now. */
    public boolean isOpenElsewhere() {
        return list().stream().anyMatch(UnsavedWork::isHeldLock);
    }

    /** A window's place to keep work in; nobody else's while it is open. */
    public UnsavedWork open() {
        return UnsavedWork.open(this, folder.resolve(UUID.randomUUID() + WINDOW));
    }

    /** The earlier versions. */
    public Versions versions() {
        return new Versions(this, folder.resolve("versions.json"));
    }

    private List<Path> windows() {
        return list().stream().filter(f -> f.toString().endsWith(WINDOW)).toList();
    }

    private List<Path> list() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(folder)) {
            return all.toList();
        } catch (IOException e) {
            throw Trouble.because(e, "store.kept-book.unreadable", folder);
        }
    }

    /** Keeps a state; call it {@link #alone}. */
    synchronized String keep(Book book) {
        String known = roots.get(book);
        // Another window may have tidied away what nobody needed when it looked.
        if (known == null || !parts.has(known)) {
            book.pictures().values().forEach(parts::keep);
            known = parts.keep(BookTree.of(book));
            roots.put(book, known);
        }
        return known;
    }

    /** The state under a name. */
    synchronized Book book(String root) {
        Book book = BookTree.book(parts.tree(root), jorn.say.Wording.of("store.parts.kept-state"));
        Map<String, Picture> whole = new TreeMap<>();
        for (Picture picture : book.pictures().values()) {
            whole.put(picture.id(), pictures.computeIfAbsent(picture.id(), id -> read(picture)));
        }
        Book now = whole.isEmpty() ? book : book.withPictures(whole);
        roots.put(now, root);
        return now;
    }

    private Picture read(Picture picture) {
        try (InputStream in = parts.picture(picture.id())) {
            return picture.withFile(in, Long.MAX_VALUE - 1);
        } catch (IOException e) {
            throw Trouble.because(e, "store.parts.damaged");
        }
    }

    /** Does something to the folder that nobody else must do at the same time. */
    <T> T alone(Supplier<T> deed) {
        synchronized (MINE) {
            try {
                OwnFolder.made(folder);
                // Held until the channel is closed.
                try (FileChannel channel = FileChannel.open(
                        folder.resolve("writing"), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
                    OwnFolder.close(folder.resolve("writing"));
                    channel.lock();
                    return deed.get();
                }
            } catch (IOException e) {
                throw SafeFile.refusal(folder, e);
            }
        }
    }

    /** Removes the parts that nothing kept needs any more; call it {@link #alone}. */
    synchronized void tidy() {
        Set<String> needed = new HashSet<>(versions().roots());
        for (Path file : windows()) {
            Waiting.read(this, file).ifPresent(w -> needed.addAll(w.state().roots()));
        }
        if (needed.isEmpty()) {
            removeAll();
        } else if (Files.isDirectory(folder.resolve("parts"))) {
            parts.removeAllBut(needed);
        }
        roots.values().retainAll(needed);
    }

    /** Nothing is kept any more. */
    private void removeAll() {
        roots.clear();
        Path all = folder.resolve("parts");
        if (Files.isDirectory(all)) {
            parts.removeAllBut(Set.of());
        }
    }
}
