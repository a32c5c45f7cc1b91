package jorn.block.cover;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.text.Face;
import jorn.text.LineBreaker;
import jorn.text.Shaper;

/** Sets a title as large as its room allows, on up to three lines, for buyers see it at the size of a stamp. */
final class TitleSetter {
    private static final double LEADING = 1.08;
    private static final int MOST_LINES = 3;

    private TitleSetter() {}

    /** Lines of a title and the type size at which they fill their room. */
    record Set(List<String> lines, double size, Face face) {
        double height() {
            return size * (face.capHeight() + LEADING * (lines.size() - 1));
        }

        /** The marks, centred in a box. */
        List<Mark> centred(Box box, Ink ink) {
            return at(box, box.centreY() - height() / 2, ink);
        }

        /** The marks, centred across a box, the first capitals' tops at y. */
        List<Mark> at(Box box, double y, Ink ink) {
            List<Mark> marks = new ArrayList<>();
            double base = y + size * face.capHeight();
            for (String line : lines) {
                GlyphRun run = Shaper.shape(face, size, line);
                marks.add(new Mark.Words(box.centreX() - run.width() / 2, base, run, ink));
                base += size * LEADING;
            }
            return marks;
        }
    }

    /**
     * The largest setting.
     *
     * @param largest no larger than this, in points
     */
    static Set fit(Face face, String title, Box room, double largest) {
        Set best = onLines(face, title, room, largest, 1);
        for (int lines = 2; lines <= MOST_LINES; lines++) {
            Set set = onLines(face, title, room, largest, lines);
            if (set.size > best.size * 1.12) {
                best = set;
            }
        }
        return best;
    }

    private static Set onLines(Face face, String title, Box room, double largest, int lines) {
        double low = 0.5;
        double high = largest;
        for (int i = 0; i < 24; i++) {
            double size = (low + high) / 2;
            if (fits(face, title, room, size, lines)) {
                low = size;
            } else {
                high = size;
            }
        }
        return new Set(LineBreaker.breakAt(face, low, title, room.width()), low, face);
    }

    private static boolean fits(Face face, String title, Box room, double size, int lines) {
        List<String> broken = LineBreaker.breakAt(face, size, title, room.width());
        return broken.size() <= lines
                && size * (face.capHeight() + 0.25 + LEADING * (broken.size() - 1)) <= room.height()
                && broken.stream().allMatch(l -> Shaper.widthPerPoint(face, l) * size <= room.width() + 0.01);
    }
}
