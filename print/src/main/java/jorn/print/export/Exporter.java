package jorn.print.export;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CancellationException;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.cover.CoverArt;
import jorn.cover.CoverGeometry;
import jorn.makeup.Composer;
import jorn.measure.Trouble;
import jorn.print.export.Delivery.Role;
import jorn.print.pdf.PdfSink;
import jorn.store.SafeFile;

/** Writes the files that a press takes: the interior, and the cover where one is wanted. */
public final class Exporter {
    private final Composer composer;
    private final CoverGeometry cover;
    private final Progress progress;

    private Exporter(Composer composer, Progress progress) {
        this.composer = composer;
        this.cover = CoverGeometry.of(composer.book(), composer.pagination().pageCount());
        this.progress = progress;
    }

    /**
     * Writes all files of a book to a folder.
     *
     * @throws Trouble where the folder cannot be written to
     * @throws CancellationException where the progress stopped it; earlier files stay as they were
     */
    public static List<Delivery> export(Book book, Path folder, Progress progress) {
        return new Exporter(new Composer(book), progress).run(folder);
    }

    /** The files that {@link #export} would write. */
    public static List<Path> files(Book book, Path folder) {
        List<Path> files = new ArrayList<>();
        files.add(file(book, folder, Role.INTERIOR));
        if (CoverGeometry.of(book, 2).isDelivered()) {
            files.add(file(book, folder, Role.COVER));
        }
        return files;
    }

    private List<Delivery> run(Path folder) {
        Book book = composer.book();
        prepare(folder);
        List<Delivery> written = new ArrayList<>();
        int pages = composer.pagination().pageCount();
        int steps = pages + (cover.isDelivered() ? 2 : 1);
        Path interior = file(book, folder, Role.INTERIOR);
        SafeFile.write(interior, out -> {
            try (PdfSink sink = new PdfSink(book.shownTitle(), book.author())) {
                for (int n = 1; n <= pages; n++) {
                    step(n - 1, steps, "Page " + n + " of " + pages);
                    sink.add(composer.page(n));
                }
                step(pages, steps, "Writing the interior");
                sink.writeTo(out);
            }
        });
        written.add(delivery(Role.INTERIOR, interior, pages));
        if (cover.isDelivered()) {
            Path file = file(book, folder, Role.COVER);
            List<PageArt> coverPages = CoverArt.pages(book, cover);
            SafeFile.write(file, out -> {
                step(pages + 1, steps, "Writing the cover");
                try (PdfSink sink = new PdfSink(book.shownTitle() + " – cover", book.author())) {
                    for (PageArt page : coverPages) {
                        sink.add(page);
                    }
                    sink.writeTo(out);
                }
            });
            written.add(delivery(Role.COVER, file, coverPages.size()));
        }
        return written;
    }

    private static void prepare(Path folder) {
        if (Files.exists(folder) && !Files.isDirectory(folder)) {
            throw Trouble.of(folder + " is a file, not a folder.", "Choose a folder to write to.");
        }
    }

    private void step(int done, int of, String what) {
        if (!progress.at(done, of, what)) {
            throw new CancellationException("stopped at: " + what);
        }
    }

    private static Delivery delivery(Role role, Path file, int pages) {
        try {
            return new Delivery(role, file, pages, Files.size(file));
        } catch (IOException e) {
            throw Trouble.because(file + " has gone since it was written.", "Write the files again.", e);
        }
    }

    private static Path file(Book book, Path folder, Role role) {
        return folder.resolve(fileName(book.shownTitle()) + "-" + role.id() + ".pdf");
    }

    /** A title as a file name that every system takes: "Hive Notes" becomes "hive-notes". */
    public static String fileName(String title) {
        String plain = Normalizer.normalize(title, Normalizer.Form.NFKD).replaceAll("\\p{M}", "");
        String name = plain.toLowerCase(Locale.ROOT)
                .replaceAll("['’]", "")
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-+|-+$", "");
        return name.isEmpty() ? "untitled" : name.substring(0, Math.min(60, name.length()));
    }
}
