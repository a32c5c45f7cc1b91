package jorn.block.cover;

import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.json.Required;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.say.Wording;
import jorn.text.Face;
import jorn.text.LineBreaker;
import jorn.text.Shaper;
import jorn.text.Voice;

/**
 * Words on the back, above what is kept free there.
 *
 * @param words may be empty
 * @param ink colour of the words
 */
public record Blurb(@Required String words, @Required Ink ink) implements Node {
    static final NodeKind<Blurb> KIND =
            NodeKind.of("blurb", Blurb.class).filling().called(b -> Wording.of("block.blurb.words-on-back"));

    /** Shares of the back's width and height. */
    private static final double SIDE = 0.14;

    private static final double TOP = 0.16;
    private static final double CLEAR = 12;
    private static final double SIZE = 12.5;
    private static final double SMALLEST = 7;
    private static final double LEADING = 1.35;

    @Override
    public void draw(Box back, Flow flow, List<Mark> out) {
        String text = words.strip();
        if (text.isEmpty()) {
            return;
        }
        double bottom = flow.frame().keptFree().stream()
                .mapToDouble(b -> b.y() - CLEAR)
                .min()
                .orElse(flow.frame().text().bottom());
        Box room = Box.between(
                back.x() + SIDE * back.width(),
                back.y() + TOP * back.height(),
                back.right() - SIDE * back.width(),
                bottom);
        Face face = flow.face(Voice.BODY).regular();
        double size = SIZE;
        List<String> lines = LineBreaker.breakAt(face, size, text, room.width());
        while (lines.size() * size * LEADING > room.height() && size > SMALLEST) {
            size -= 0.5;
            lines = LineBreaker.breakAt(face, size, text, room.width());
        }
        double y = room.y() + size;
        for (String line : lines) {
            if (!line.isBlank()) {
                out.add(new Mark.Words(room.x(), y, Shaper.shape(face, size, line), ink));
            }
            y += size * LEADING;
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return 0;
    }
}
