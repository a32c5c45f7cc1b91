package jorn.print.bindery;

import java.nio.file.Path;
import java.util.Optional;

/**
 * What comes next in a joined file: pages of a PDF, or blanks.
 *
 * @param file nothing for blanks
 * @param pages which of its pages, see {@link jorn.impose.PageRanges}; all where nothing is said; how many where they are blanks
 * @param turn clockwise, in degrees, a multiple of 90
 * @param word that opens it where it is locked
 */
public record JoinPart(Optional<Path> file, String pages, int turn, Optional<String> word) {
    /** All pages of a file. */
    public static JoinPart of(Path file) {
        return new JoinPart(Optional.of(file), "", 0, Optional.empty());
    }

    /** So many blanks, as large as the page before. */
    public static JoinPart blanks(int count) {
        return new JoinPart(Optional.empty(), Integer.toString(count), 0, Optional.empty());
    }

    public JoinPart withPages(String ranges) {
        return new JoinPart(file, ranges, turn, word);
    }

    public JoinPart turned(int degrees) {
        return new JoinPart(file, pages, degrees, word);
    }

    public JoinPart opened(Optional<String> by) {
        return new JoinPart(file, pages, turn, by);
    }
}
