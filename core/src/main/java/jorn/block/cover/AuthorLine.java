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
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * Who made the book, at the foot of the front.
 *
 * @param ink colour of the words
 */
public record AuthorLine(@Required Ink ink) implements Node {
    static final NodeKind<AuthorLine> KIND =
            NodeKind.of("author-line", AuthorLine.class).filling().called(a -> Wording.of("block.author-line.author"));

    /** Shares of the front's height. */
    private static final double ABOVE_SAFE = 0.02;

    private static final double ROOM = 0.05;
    private static final double LARGEST = 0.032;

    @Override
    public void draw(Box front, Flow flow, List<Mark> out) {
        String author = flow.fill("{author}");
        if (author.isBlank()) {
            return;
        }
        double h = front.height();
        Face face = flow.face(Voice.BODY).face(Style.REGULAR);
        Box safe = flow.frame().text().inset(ABOVE_SAFE * h);
        Box line = Box.between(safe.x(), safe.bottom() - ROOM * h, safe.right(), safe.bottom());
        out.addAll(TitleSetter.fit(face, author, line, LARGEST * h).centred(line, ink));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return 0;
    }
}
