package jorn.block.cover;

import java.util.List;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Turn;
import jorn.json.Required;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.say.Wording;
import jorn.text.Face;
import jorn.text.Shaper;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * Title and author on the spine, reading downward and centred; nothing where they could not be read.
 *
 * @param ink colour of the words
 */
public record SpineLine(@Required Ink ink) implements Node {
    static final NodeKind<SpineLine> KIND =
            NodeKind.of("spine-line", SpineLine.class).filling().called(s -> Wording.of("block.spine-line.spine"));

    /** Smaller spine text than this cannot be read (from memory). */
    public static final double SMALLEST = 5;

    private static final double LARGEST = 18;
    /** What a line of text may take above and below its baseline, as shares of the type size. */
    private static final double ABOVE = 0.75;

    private static final double BELOW = 0.25;

    /** What stands on the spine: the title, and the author where there is one. */
    public static String words(String title, String author) {
        return author.isBlank() ? title.strip() : title.strip() + "   ·   " + author.strip();
    }

    /** Type size at which words fit the safe part of a spine, in points; 0 where there is nothing to set or no room. */
    public static double size(Face face, String words, Box safe) {
        if (words.isBlank()) {
            return 0;
        }
        double half = face.capHeight() / 2;
        double depth = 2 * Math.max(ABOVE - half, BELOW + half);
        return Math.min(LARGEST, Math.min(safe.width() / depth, safe.height() / Shaper.widthPerPoint(face, words)));
    }

    @Override
    public void draw(Box safe, Flow flow, List<Mark> out) {
        Face bold = flow.face(Voice.HEADING).face(Style.BOLD);
        String title = flow.fill("{title}");
        String words = words(title, flow.fill("{author}"));
        double size = title.isBlank() ? 0 : size(bold, words, safe);
        if (size < SMALLEST) {
            return;
        }
        Box spine = flow.frame().trim();
        GlyphRun run = Shaper.shape(bold, size, words);
        double x = spine.centreX() - size * bold.capHeight() / 2;
        double y = spine.centreY() - run.width() / 2;
        out.add(new Mark.Turned(Turn.quarterDown(x, y), List.of(new Mark.Words(0, 0, run, ink))));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return 0;
    }
}
