package jorn.print.reception;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.logging.Logger;
import java.util.stream.Stream;
import jorn.deliver.SheetPlan.FileRole;
import jorn.measure.Trouble;
import jorn.press.PdfRule;
import jorn.press.PressProfile;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * The files that were sent, by what they are.
 *
 * @param inside the pages; with the cover in it where there is one file alone for both
 * @param cover apart, if there is one
 */
record SentFiles(Path inside, Optional<Path> cover) {
    private static final String ENDING = ".pdf";
    private static final String WHOLE = FileRole.BOOK.ending();
    private static final List<String> COVER = List.of(FileRole.COVER.ending(), "-jacket.pdf");
    private static final List<String> INSIDES = List.of(FileRole.INTERIOR.ending(), WHOLE);
    private static final int MOST_COVER_PAGES = 2;

    /**
     * What is in a folder, or the file that it is.
     *
     * @throws Trouble where there is none, or more than can be told apart
     */
    static SentFiles in(Path place) {
        List<Path> all = Files.isDirectory(place) ? pdfs(place) : Files.exists(place) ? List.of(place) : List.of();
        if (all.isEmpty()) {
            throw Trouble.of("print.reception.none", place);
        }
        if (all.size() == 1) {
            if (isOwn(all.get(0), COVER)) {
                throw Trouble.of("print.reception.no-inside", place);
            }
            return new SentFiles(all.get(0), Optional.empty());
        }
        return byOwnNames(all)
                .or(() -> bySize(all))
                .orElseThrow(() -> Trouble.of("print.reception.too-many", place, all.size()));
    }

    /** By the endings that Jorn gives, and that of a jacket; what stands before them is a title, which may have any words. */
    private static Optional<SentFiles> byOwnNames(List<Path> all) {
        List<Path> insides = all.stream().filter(f -> isOwn(f, INSIDES)).toList();
        List<Path> covers = all.stream().filter(f -> isOwn(f, COVER)).toList();
        List<Path> others = new ArrayList<>(all);
        others.removeAll(insides);
        others.removeAll(covers);
        if (insides.isEmpty() && covers.size() == 1 && others.size() == 1) {
            return Optional.of(new SentFiles(others.get(0), Optional.of(covers.get(0))));
        }
        boolean clear = insides.size() == 1 && covers.size() <= 1;
        if (clear && covers.isEmpty() && others.size() == 1) {
            return Optional.of(new SentFiles(insides.get(0), Optional.of(others.get(0))));
        }
        return clear && (others.isEmpty() || covers.size() == 1)
                ? Optional.of(new SentFiles(insides.get(0), covers.stream().findFirst()))
                : Optional.empty();
    }

    /** Of two files, a cover is the one that has a page or two, and is the broader where both have so few. */
    private static Optional<SentFiles> bySize(List<Path> all) {
        if (all.size() != 2) {
            return Optional.empty();
        }
        Extent first = Extent.of(all.get(0));
        Extent second = Extent.of(all.get(1));
        if (first.pages() == 0 || second.pages() == 0) {
            return Optional.empty();
        }
        int order = Boolean.compare(first.pages() > MOST_COVER_PAGES, second.pages() > MOST_COVER_PAGES);
        if (order == 0 && first.pages() <= MOST_COVER_PAGES) {
            order = Double.compare(second.wide(), first.wide());
        }
        return order == 0
                ? Optional.empty()
                : Optional.of(
                        order > 0
                                ? new SentFiles(all.get(0), Optional.of(all.get(1)))
                                : new SentFiles(all.get(1), Optional.of(all.get(0))));
    }

    /**
     * How much is in a file.
     *
     * @param pages 0 where it cannot be read
     * @param wide its first page, in whole points
     */
    private record Extent(int pages, double wide) {
        static Extent of(Path file) {
            try (PDDocument document = Loader.loadPDF(file.toFile())) {
                int pages = document.getNumberOfPages();
                return new Extent(
                        pages,
                        pages == 0
                                ? 0
                                : Math.rint(document.getPage(0).getMediaBox().getWidth()));
            } catch (IOException | RuntimeException e) {
                Logger.getLogger(SentFiles.class.getName()).fine(() -> "Not read: " + e);
                return new Extent(0, 0);
            }
        }
    }

    /** Whether the pages have their cover round them. */
    boolean isWhole(PressProfile press) {
        boolean asked = press.pdf().map(PdfRule::oneFile).orElse(false);
        return cover.isEmpty() && (asked || name(inside).endsWith(WHOLE));
    }

    List<Path> all() {
        List<Path> all = new ArrayList<>(List.of(inside));
        cover.ifPresent(all::add);
        return all;
    }

    private static boolean isOwn(Path file, List<String> endings) {
        String name = name(file);
        return endings.stream().anyMatch(name::endsWith);
    }

    private static String name(Path file) {
        return file.getFileName().toString().toLowerCase(Locale.ROOT);
    }

    private static List<Path> pdfs(Path folder) {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> name(f).endsWith(ENDING) && Files.isRegularFile(f))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            throw Trouble.because(e, "print.reception.unreadable", folder);
        }
    }
}
