package jorn.text;

import java.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Breaks text into lines at the places where its language allows it. */
public final class LineBreaker {
    private LineBreaker() {}

    /**
     * Lines no wider than the measure; a word that is wider stands alone on its line.
     *
     * @param width in points
     */
    public static List<String> breakAt(Face face, double size, String text, double width) {
        List<String> lines = new ArrayList<>();
        for (String paragraph : text.split("\\R", -1)) {
            breakParagraph(face, size, paragraph.strip(), width, lines);
        }
        return lines;
    }

    private static void breakParagraph(Face face, double size, String text, double width, List<String> lines) {
        BreakIterator places = BreakIterator.getLineInstance(Locale.ROOT);
        places.setText(text);
        int from = 0;
        int last = 0;
        for (int end = places.next(); end != BreakIterator.DONE; end = places.next()) {
            String upToHere = text.substring(from, end).stripTrailing();
            if (last > from && Shaper.widthPerPoint(face, upToHere) * size > width + 0.01) {
                lines.add(text.substring(from, last).stripTrailing());
                from = last;
            }
            last = end;
        }
        lines.add(text.substring(from).stripTrailing());
    }
}
