package jorn.print.reception;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import jorn.measure.Trouble;
import jorn.press.PdfRule;
import jorn.press.PressProfile;

/**
 * The files that were sent, by what they are.
 *
 * @param inside the pages; with the cover in it where there is one file alone for both
 * @param cover apart, if there is one
 */
record SentFiles(Path inside, Optional<Path> cover) {
    private static final String ENDING = ".pdf";
    private static final String WHOLE = "-book.pdf";
    private static final List<String> COVER = List.of("cover", "umschlag", "jacket");

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
        List<Path> covers = all.stream().filter(SentFiles::isCover).toList();
        List<Path> insides = new ArrayList<>(all);
        insides.removeAll(covers);
        if (insides.isEmpty()) {
            throw Trouble.of("print.reception.no-inside", place);
        }
        if (insides.size() > 1) {
            List<Path> named = insides.stream().filter(SentFiles::isInside).toList();
            insides = named.isEmpty() ? insides : named;
        }
        if (insides.size() > 1 || covers.size() > 1) {
            throw Trouble.of("print.reception.too-many", place, all.size());
        }
        return new SentFiles(insides.get(0), covers.stream().findFirst());
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

    private static boolean isCover(Path file) {
        String name = name(file);
        return COVER.stream().anyMatch(name::contains);
    }

    private static boolean isInside(Path file) {
        String name = name(file);
        return name.contains("interior") || name.contains("inside") || name.contains("-book");
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
