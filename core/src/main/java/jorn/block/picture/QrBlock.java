package jorn.block.picture;

import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.code.QrSymbol;
import jorn.json.Required;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.Wording;

/**
 * A QR code on a page: black on white with its light margin, in the middle of its place.
 *
 * @param text what a reader gets; fields are filled; up to 600 letters
 * @param side its side with the light margin; never so small that it could not be read
 */
public record QrBlock(
        @Label("block.qr-block.says") @Required String text, @Label("block.qr-block.side") @Required Length side)
        implements Node {
    static final NodeKind<QrBlock> KIND = NodeKind.of("qr", QrBlock.class)
            .offered(
                    "qr",
                    Wording.of("block.qr-block.qr"),
                    Wording.of("block.qr-block.about"),
                    () -> new QrBlock("{title}", Length.mm(25)));

    private static final Length LEAST = Length.mm(8);
    private static final Length MOST = Length.mm(120);

    public QrBlock {
        if (!text.isBlank()) {
            QrSymbol.of(text);
        }
        side = side.compareTo(LEAST) < 0 ? LEAST : side.compareTo(MOST) > 0 ? MOST : side;
    }

    private double drawn(String said) {
        return Math.max(side.points(), QrSymbol.of(said).smallestSide().points());
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        String said = flow.fill(text).strip();
        if (said.isEmpty()) {
            return;
        }
        double s = drawn(said);
        out.addAll(QrSymbol.of(said)
                .marks(new Box(area.centreX() - s / 2, area.y() + Math.max(0, area.height() - s) / 2, s, s)));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        String said = flow.fill(text).strip();
        return said.isEmpty() ? side.points() : drawn(said);
    }
}
