package jorn.print.export;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import jorn.book.SentParcel.SentFile;
import jorn.deliver.SheetPlan.FileRole;
import jorn.edition.Edition;
import jorn.measure.Trouble;
import jorn.scratch.Checksum;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The files of a book that really lie in a folder, with what they really hold. */
public final class FilesThere {
    private FilesThere() {}

    /**
     * The files of a book that were written last: inside and cover, or both in one.
     *
     * @param folders where they may lie
     * @return none where there are none
     * @throws Trouble where one cannot be read
     */
    public static List<SentFile> of(Edition edition, List<Path> folders) {
        return folders.stream()
                .map(f -> in(edition, f))
                .filter(all -> !all.isEmpty())
                .max(Comparator.comparing(all -> written(all.get(0))))
                .map(all -> all.stream().map(FilesThere::told).toList())
                .orElse(List.of());
    }

    /** A folder, and those in it. */
    public static List<Path> around(Path folder) {
        List<Path> all = new ArrayList<>(List.of(folder));
        try (Stream<Path> inside = Files.list(folder)) {
            inside.filter(Files::isDirectory).sorted().forEach(all::add);
        } catch (IOException e) {
            throw Trouble.because(e, "print.reception.unreadable", folder);
        }
        return all;
    }

    /** Inside and cover, or the one file, whichever was written last. */
    private static List<Path> in(Edition edition, Path folder) {
        Path inside = Exporter.file(edition.book(), folder, FileRole.INTERIOR);
        Path cover = Exporter.file(edition.book(), folder, FileRole.COVER);
        Path whole = Exporter.file(edition.book(), folder, FileRole.BOOK);
        boolean one = Files.exists(whole) && (!Files.exists(inside) || written(whole) > written(inside));
        return Stream.of(one ? whole : inside, one ? whole : cover)
                .distinct()
                .filter(Files::exists)
                .toList();
    }

    private static long written(Path file) {
        try {
            return Files.getLastModifiedTime(file).toMillis();
        } catch (IOException e) {
            throw Trouble.because(e, "print.exporter.has-gone-since-was", file);
        }
    }

    private static SentFile told(Path file) {
        try (PDDocument document = Loader.loadPDF(file.toFile());
                InputStream in = Files.newInputStream(file)) {
            return new SentFile(
                    file.getFileName().toString(), document.getNumberOfPages(), Files.size(file), Checksum.of(in));
        } catch (IOException e) {
            throw Trouble.because(e, "print.exporter.unreadable", file.getFileName());
        }
    }
}
