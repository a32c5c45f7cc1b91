package jorn.block.cover;

import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.json.Required;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.say.Wording;
import jorn.text.Face;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * Title and subtitle in the upper half of a front cover, as large as their room allows.
 *
 * @param panel whether they stand on a panel with a fine line round it
 * @param panelInk colour of that panel
 * @param ink colour of the words and the line
 */
public record TitlePanel(boolean panel, @Required Ink panelInk, @Required Ink ink) implements Node {
    static final NodeKind<TitlePanel> KIND =
            NodeKind.of("title-panel", TitlePanel.class).filling().called(t -> Wording.of("block.title-panel.title"));

    /** Where the panel lies, as shares of width and height. */
    private static final double SIDE = 0.12;

    private static final double TOP = 0.16;
    private static final double BOTTOM = 0.44;
    private static final double RULE = 0.018;
    private static final double INSIDE = 0.05;
    private static final double SUBTITLE_ROOM = 0.28;
    private static final double LARGEST_TITLE = 0.13;
    private static final double LARGEST_SUBTITLE = 0.04;

    @Override
    public void draw(Box front, Flow flow, List<Mark> out) {
        double w = front.width();
        double h = front.height();
        Box box = Box.between(
                front.x() + SIDE * w, front.y() + TOP * h, front.right() - SIDE * w, front.y() + BOTTOM * h);
        if (panel) {
            out.add(new Mark.Fill(Path.box(box), panelInk));
            out.add(new Mark.Stroke(Path.box(box.inset(RULE * w)), 0.75, ink));
        }
        String title = flow.fill("{title}");
        String subtitle = flow.fill("{subtitle}");
        Box room = box.inset(INSIDE * w);
        Box titleRoom = subtitle.isBlank() ? room : room.inset(0, 0, room.height() * SUBTITLE_ROOM, 0);
        if (!title.isBlank()) {
            Face bold = flow.face(Voice.HEADING).face(Style.BOLD);
            out.addAll(
                    TitleSetter.fit(bold, title, titleRoom, LARGEST_TITLE * h).centred(titleRoom, ink));
        }
        if (!subtitle.isBlank()) {
            Face italic = flow.face(Voice.BODY).face(Style.ITALIC);
            Box under = Box.between(room.x(), titleRoom.bottom() + 0.01 * h, room.right(), room.bottom());
            out.addAll(TitleSetter.fit(italic, subtitle, under, LARGEST_SUBTITLE * h)
                    .centred(under, ink));
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return 0;
    }
}
