package jorn.cover.part;

import com.ibm.icu.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import jorn.text.Face;
import jorn.text.Shaper;

/**
 * Sets a title as large as its room allows, on lines of about the same length: of all ways to break it into a number of lines the one
 * whose longest line is shortest.
 *
 * @param lines what stands on each
 * @param size type size in points
 * @param face in which it is set
 * @param tracking room between letters, in type sizes
 * @param leading from line to line, in type sizes
 */
record LineFit(List<String> lines, double size, Face face, double tracking, double leading) {
    /** What the letters that hang below the last line take, in type sizes. */
    private static final double BELOW = 0.24;

    /** One line more must make the letters so much larger. */
    private static final double WORTH = 1.1;

    /** A line that ends with a small word counts as this much longer: "of" and "the" belong to what follows. */
    private static final double SMALL_WORD = 1.07;

    /** A longest line so much longer is taken for evenness. */
    private static final double EVEN = 1.04;

    /** What a title is set in. */
    record Manner(Face face, double tracking, double leading) {}

    /**
     * @param largest no larger, in points
     * @param mostLines no more lines, unless its own words stand on more
     */
    static LineFit of(String text, Manner manner, double width, double height, double largest, int mostLines) {
        String[] own = text.strip().split("\\R");
        if (own.length > 1) {
            return sized(List.of(own), manner, width, height, largest);
        }
        List<String> words = words(text.strip());
        LineFit best = sized(List.of(text.strip()), manner, width, height, largest);
        for (int n = 2; n <= Math.min(mostLines, words.size()); n++) {
            LineFit tried = sized(balanced(words, manner, n), manner, width, height, largest);
            if (tried.size > best.size * WORTH) {
                best = tried;
            }
        }
        return best;
    }

    private static LineFit sized(List<String> lines, Manner manner, double width, double height, double largest) {
        double widest = lines.stream().mapToDouble(l -> wide(l, manner)).max().orElse(1);
        double high = manner.face.capHeight() + manner.leading * (lines.size() - 1) + BELOW;
        double size = Math.min(largest, Math.min(width / Math.max(0.01, widest), height / high));
        return new LineFit(lines, size, manner.face, manner.tracking, manner.leading);
    }

    private static double wide(String line, Manner manner) {
        return Shaper.shape(manner.face, 1, line, manner.tracking).width();
    }

    /** Where the language allows a line to end. */
    private static List<String> words(String text) {
        BreakIterator places = BreakIterator.getLineInstance(Locale.ROOT);
        places.setText(text);
        List<String> words = new ArrayList<>();
        int from = 0;
        for (int end = places.next(); end != BreakIterator.DONE; end = places.next()) {
            words.add(text.substring(from, end));
            from = end;
        }
        return words;
    }

    /** The shortest that the longest line can be comes first; of the ways to reach that about, the most even one is taken. */
    private static List<String> balanced(List<String> words, Manner manner, int lines) {
        double[][] wide = new double[words.size() + 1][words.size() + 1];
        for (int begin = 0; begin < words.size(); begin++) {
            for (int end = begin + 1; end <= words.size(); end++) {
                wide[begin][end] = weight(words, begin, end, manner);
            }
        }
        double longest = new Breaks(wide, lines, (before, own) -> Math.max(before, own)).cost();
        double room = longest * EVEN;
        Breaks even = new Breaks(
                wide, lines, (before, own) -> own > room ? Double.MAX_VALUE : before + (room - own) * (room - own));
        List<String> all = new ArrayList<>();
        int end = words.size();
        for (int line = lines; line > 0; line--) {
            int begin = even.from[line][end];
            all.add(0, joined(words, begin, end));
            end = begin;
        }
        return all;
    }

    /** What a line adds to the cost of those before it. */
    private interface Cost {
        double with(double before, double wide);
    }

    /** The cheapest way to break words into a number of lines, found line by line (dynamic programming). */
    private static final class Breaks {
        private final double[][] cost;
        private final int[][] from;

        Breaks(double[][] wide, int lines, Cost each) {
            int n = wide.length - 1;
            cost = new double[lines + 1][n + 1];
            from = new int[lines + 1][n + 1];
            for (double[] row : cost) {
                java.util.Arrays.fill(row, Double.MAX_VALUE);
            }
            cost[0][0] = 0;
            for (int line = 1; line <= lines; line++) {
                for (int end = line; end <= n; end++) {
                    for (int begin = line - 1; begin < end; begin++) {
                        double before = cost[line - 1][begin];
                        double own = before == Double.MAX_VALUE ? before : each.with(before, wide[begin][end]);
                        if (own < cost[line][end]) {
                            cost[line][end] = own;
                            from[line][end] = begin;
                        }
                    }
                }
            }
        }

        double cost() {
            return cost[cost.length - 1][cost[0].length - 1];
        }
    }

    private static double weight(List<String> words, int begin, int end, Manner manner) {
        String line = joined(words, begin, end);
        boolean small = end < words.size() && words.get(end - 1).strip().length() <= 3;
        return wide(line, manner) * (small ? SMALL_WORD : 1);
    }

    private static String joined(List<String> words, int begin, int end) {
        return String.join("", words.subList(begin, end)).strip();
    }

    /** From the tops of the first line's capitals to the last line's baseline. */
    double height() {
        return size * (face.capHeight() + leading * (lines.size() - 1));
    }

    /** Of the longest line. */
    double width() {
        return lines.stream()
                .mapToDouble(l -> Shaper.shape(face, size, l, tracking).width())
                .max()
                .orElse(0);
    }
}
