package jorn.print.bindery;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import jorn.impose.PageRanges;
import jorn.measure.Trouble;
import jorn.print.export.Authorship;
import jorn.print.export.Progress;
import jorn.say.PlainWords;
import jorn.store.SafeFile;

/** Splits a file into several. */
public final class Splitter {
    private static final String PDF = ".pdf";
    private static final int LONGEST_NAME = 60;
    private static final int MOST_FILES = 5000;

    private Splitter() {}

    /**
     * One of the new files.
     *
     * @param name without folder and ending
     * @param pages from 1
     */
    public record Piece(String name, List<Integer> pages) {}

    /**
     * So many pages in each.
     *
     * @throws Trouble where that is no number of pages
     */
    public static List<Piece> every(PdfSource source, int pages) {
        if (pages < 1) {
            throw Trouble.of("print.bindery.every", pages);
        }
        List<Piece> all = new ArrayList<>();
        for (int from = 1; from <= source.count(); from += pages) {
            all.add(piece(
                    source,
                    IntStream.rangeClosed(from, Math.min(source.count(), from + pages - 1))
                            .boxed()
                            .toList()));
        }
        return all;
    }

    /** Odd pages and even ones. */
    public static List<Piece> oddAndEven(PdfSource source) {
        List<Piece> all = new ArrayList<>();
        all.add(new Piece(source.title() + "-odd", PageRanges.of("odd", source.count())));
        if (source.count() > 1) {
            all.add(new Piece(source.title() + "-even", PageRanges.of("even", source.count())));
        }
        return all;
    }

    /** A file for each range, see {@link PageRanges}. */
    public static List<Piece> ranges(PdfSource source, String ranges) {
        return PageRanges.each(ranges, source.count()).stream()
                .map(pages -> piece(source, pages))
                .toList();
    }

    /**
     * A file for each of the uppermost bookmarks, called like it; what stands before the first is a file of its own.
     *
     * @throws Trouble where it has none
     */
    public static List<Piece> atBookmarks(PdfSource source) {
        Map<Integer, String> begins = new LinkedHashMap<>();
        for (Outline.Entry each : Outline.entries(source)) {
            if (each.depth() == 0 && each.page() > 0) {
                begins.putIfAbsent(each.page(), each.title());
            }
        }
        if (begins.isEmpty()) {
            throw Trouble.of("print.bindery.no-bookmarks", source.name());
        }
        List<Integer> starts = begins.keySet().stream().sorted().toList();
        List<Piece> all = new ArrayList<>();
        if (starts.get(0) > 1) {
            all.add(piece(source, IntStream.range(1, starts.get(0)).boxed().toList()));
        }
        for (int i = 0; i < starts.size(); i++) {
            int end = i + 1 < starts.size() ? starts.get(i + 1) : source.count() + 1;
            String title = begins.getOrDefault(starts.get(i), "").strip();
            String number = String.format(Locale.ROOT, "%02d", i + 1);
            all.add(new Piece(
                    fileName(number + " " + title),
                    IntStream.range(starts.get(i), end).boxed().toList()));
        }
        return all;
    }

    /**
     * Files no larger than that, as many pages in each as go into it; a page that is larger alone is a file of its own.
     *
     * @param bytes the most
     */
    public static List<Piece> bySize(PdfSource source, long bytes) throws IOException {
        if (bytes < 1) {
            throw Trouble.of("print.bindery.size", bytes);
        }
        List<Piece> all = new ArrayList<>();
        int from = 1;
        while (from <= source.count()) {
            // As many as fit: first doubled, then halved.
            int fits = 1;
            int step = 1;
            while (from + fits + step - 1 <= source.count() && weight(source, from, fits + step) <= bytes) {
                fits += step;
                step *= 2;
            }
            for (; step >= 1; step /= 2) {
                if (from + fits + step - 1 <= source.count() && weight(source, from, fits + step) <= bytes) {
                    fits += step;
                }
            }
            all.add(piece(source, IntStream.range(from, from + fits).boxed().toList()));
            from += fits;
        }
        return all;
    }

    private static long weight(PdfSource source, int from, int count) throws IOException {
        List<PageUse> uses =
                IntStream.range(from, from + count).mapToObj(PageUse::of).toList();
        try (CountingStream counted = new CountingStream(OutputStream.nullOutputStream())) {
            assemble(source, uses, counted);
            return counted.count();
        }
    }

    private static void assemble(PdfSource source, List<PageUse> uses, OutputStream out) throws IOException {
        Assembler assembler = new Assembler(out, uses.size(), source.version());
        if (uses.stream().noneMatch(u -> u.page() == 1)) {
            // Attached files go with the first page, not with every part.
            assembler.leaveAttachments();
        }
        assembler.take(source, uses, IntStream.range(0, uses.size()).toArray(), "");
        assembler.finish();
    }

    private static Piece piece(PdfSource source, List<Integer> pages) {
        int digits = Integer.toString(source.count()).length();
        String first = String.format(Locale.ROOT, "%0" + digits + "d", pages.get(0));
        String last = String.format(Locale.ROOT, "%0" + digits + "d", pages.get(pages.size() - 1));
        return new Piece(source.title() + "-" + first + (pages.size() == 1 ? "" : "-" + last), pages);
    }

    /** As a file may be called anywhere. */
    private static String fileName(String title) {
        String plain = PlainWords.line(title)
                .replaceAll("[\\\\/:*?\"<>|]", " ")
                .replaceAll("\\s+", " ")
                .strip();
        return plain.length() > LONGEST_NAME ? plain.substring(0, LONGEST_NAME).strip() : plain;
    }

    /**
     * Writes the new files into a folder, two of one name told apart; nothing that others wrote is written over.
     *
     * @return the files
     * @throws CancellationException where it was stopped; files that were written by then stay
     */
    public static List<Path> write(PdfSource source, List<Piece> pieces, Path folder, Progress progress) {
        if (pieces.size() > MOST_FILES) {
            throw Trouble.of("print.bindery.too-many-files", pieces.size(), MOST_FILES);
        }
        List<Path> files = new ArrayList<>();
        for (Piece piece : pieces) {
            Path file = folder.resolve(piece.name() + PDF);
            for (int i = 2; files.contains(file); i++) {
                file = folder.resolve(piece.name() + "-" + i + PDF);
            }
            files.add(file);
        }
        Authorship.refuseStrangers(files);
        for (int i = 0; i < pieces.size(); i++) {
            if (!progress.at(i, pieces.size(), pieces.get(i).name())) {
                throw new CancellationException();
            }
            List<PageUse> uses = pieces.get(i).pages().stream().map(PageUse::of).toList();
            SafeFile.write(files.get(i), out -> assemble(source, uses, out));
        }
        return files;
    }
}
