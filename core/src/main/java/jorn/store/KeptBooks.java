package jorn.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import jorn.measure.Trouble;

/** What is kept of each book, by its id, in a folder of the user's. */
public final class KeptBooks {
    private final Path folder;

    public KeptBooks(Path folder) {
        this.folder = folder;
    }

    public KeptBook of(UUID book) {
        return new KeptBook(folder.resolve(book.toString()));
    }

    /** Work that waits of any book, the latest first. */
    public List<Waiting> waiting() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        List<Waiting> all = new ArrayList<>();
        try (Stream<Path> books = Files.list(folder)) {
            books.forEach(b -> idOf(b).ifPresent(id -> all.addAll(of(id).waiting())));
        } catch (IOException e) {
            throw Trouble.because(e, "store.kept-book.unreadable", folder);
        }
        all.sort((a, b) -> b.when().compareTo(a.when()));
        return all;
    }

    private static Optional<UUID> idOf(Path folder) {
        try {
            return Optional.of(UUID.fromString(String.valueOf(folder.getFileName())));
        } catch (IllegalArgumentException e) {
            // Something else that lies there.
            return Optional.empty();
        }
    }
}
