package jorn.print.bindery;

import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jorn.impose.PageRanges;
import jorn.measure.NaturalOrder;
import jorn.measure.TextFile;
import jorn.measure.Trouble;

/**
 * What is to be joined, as a text: a line for each file, with what is said of it after upright strokes: {@code part 1.pdf | 3-10, 12 | turn 90}.
 * {@code turn 90 of 3-5} turns only those pages, {@code blank | 2} puts two blanks. Lines that begin with # say nothing. Files stand beside the list where no folder is told.
 */
public final class JoinList {
    private static final int QUARTER = 90;
    private static final int FULL = 360;
    /** Single pages are turned up to this one. */
    private static final int MOST_PAGES = 9999;

    private JoinList() {}

    /**
     * Reads a list.
     *
     * @throws Trouble where it cannot be read, or a line says what is not understood
     */
    public static List<JoinPart> read(Path list) {
        Path folder = Optional.ofNullable(list.toAbsolutePath().getParent()).orElseGet(() -> Path.of(""));
        List<JoinPart> all = new ArrayList<>();
        int number = 0;
        for (String line : TextFile.read(list).lines().toList()) {
            number++;
            String said = line.strip();
            if (!said.isEmpty() && !said.startsWith("#")) {
                all.add(part(said, number, folder));
            }
        }
        if (all.isEmpty()) {
            throw Trouble.of("print.bindery.list-empty", list.getFileName());
        }
        return all;
    }

    private static JoinPart part(String line, int number, Path folder) {
        String[] said = line.split("\\|");
        String name = said[0].strip();
        JoinPart part = name.equalsIgnoreCase("blank") ? JoinPart.blanks(1) : JoinPart.of(folder.resolve(name));
        for (int i = 1; i < said.length; i++) {
            String each = said[i].strip();
            if (each.toLowerCase(Locale.ROOT).startsWith("turn")) {
                part = turned(part, each.substring(4).strip(), line, number);
            } else if (!each.isEmpty()) {
                part = part.withPages(each);
            }
        }
        return part;
    }

    private static JoinPart turned(JoinPart part, String said, String line, int number) {
        String[] turn = said.split("\\s+of\\s+", 2);
        int degrees = turn(turn[0], line, number);
        if (turn.length == 1) {
            return part.turned(degrees);
        }
        JoinPart now = part;
        for (int page : PageRanges.of(turn[1], MOST_PAGES)) {
            now = now.turned(page, degrees);
        }
        return now;
    }

    private static int turn(String said, String line, int number) {
        try {
            int degrees = Integer.parseInt(said.replace("°", "").strip());
            if (degrees % QUARTER == 0) {
                return Math.floorMod(degrees, FULL);
            }
            throw Trouble.of("print.bindery.list-line", number, line);
        } catch (NumberFormatException e) {
            throw Trouble.because(e, "print.bindery.list-line", number, line);
        }
    }

    /**
     * All PDFs of a folder, in the order of their names, 2 before 10.
     *
     * @throws Trouble where there are none
     */
    public static List<JoinPart> folder(Path folder) {
        List<Path> files = new ArrayList<>();
        try (DirectoryStream<Path> all = Files.newDirectoryStream(folder)) {
            for (Path each : all) {
                String name = String.valueOf(each.getFileName()).toLowerCase(Locale.ROOT);
                if (name.endsWith(".pdf") && Files.isRegularFile(each)) {
                    files.add(each);
                }
            }
        } catch (IOException e) {
            throw Trouble.because(e, "print.bindery.no-folder", folder.getFileName());
        }
        if (files.isEmpty()) {
            throw Trouble.of("print.bindery.folder-empty", folder.getFileName());
        }
        files.sort(Comparator.comparing(f -> String.valueOf(f.getFileName()), NaturalOrder.NAMES));
        return files.stream().map(JoinPart::of).toList();
    }

    /** Every part opened by a word. */
    public static List<JoinPart> opened(List<JoinPart> parts, Optional<String> word) {
        return parts.stream().map(p -> p.opened(word)).toList();
    }
}
