package jorn.print.bindery;

import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What comes next in a joined file: pages of a PDF, or blanks.
 *
 * @param file nothing for blanks
 * @param pages which of its pages, see {@link jorn.impose.PageRanges}; all where nothing is said; how many where they are blanks
 * @param turn clockwise, in degrees, a multiple of 90
 * @param turns of single pages of the file, by their numbers from 1, on top of that
 * @param word that opens it where it is locked
 */
public record JoinPart(
        Optional<Path> file, String pages, int turn, Map<Integer, Integer> turns, Optional<String> word) {
    private static final int FULL = 360;

    public JoinPart {
        turns = Map.copyOf(turns);
    }

    /** All pages of a file. */
    public static JoinPart of(Path file) {
        return new JoinPart(Optional.of(file), "", 0, Map.of(), Optional.empty());
    }

    /** So many blanks, as large as the page before. */
    public static JoinPart blanks(int count) {
        return new JoinPart(Optional.empty(), Integer.toString(count), 0, Map.of(), Optional.empty());
    }

    public JoinPart withPages(String ranges) {
        return new JoinPart(file, ranges, turn, turns, word);
    }

    public JoinPart turned(int degrees) {
        return new JoinPart(file, pages, degrees, turns, word);
    }

    /** With one page turned further, clockwise. */
    public JoinPart turned(int page, int degrees) {
        Map<Integer, Integer> now = new TreeMap<>(turns);
        now.merge(page, degrees, (was, more) -> Math.floorMod(was + more, FULL));
        return new JoinPart(file, pages, turn, now, word);
    }

    /** By how much a page of the file is turned in all. */
    public int turnOf(int page) {
        return Math.floorMod(turn + turns.getOrDefault(page, 0), FULL);
    }

    public JoinPart opened(Optional<String> by) {
        return new JoinPart(file, pages, turn, turns, by);
    }
}
