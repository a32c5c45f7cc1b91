package jorn.block.picture;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Picture;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.measure.Length;
import jorn.photo.PhotoItem;
import jorn.photo.PhotoSheet;
import jorn.say.Label;
import jorn.say.Wording;
import org.jspecify.annotations.Nullable;

/**
 * One of the photographs that come to a page from its run, with its caption; never out of proportion. Where there is none, nothing is drawn.
 *
 * @param place which of them, from 1
 * @param fit whole, or filling its area and cropped
 */
public record PhotoBlock(
        @Label("block.photo-block.place") int place, @Label("block.photo-block.fit") PictureBlock.Fit fit)
        implements Node {
    static final NodeKind<PhotoBlock> KIND = NodeKind.of("photo", PhotoBlock.class)
            .filling()
            .offered(
                    "photo",
                    Wording.of("block.photo-block.name"),
                    Wording.of("block.photo-block.says"),
                    () -> new PhotoBlock(1, PictureBlock.Fit.WHOLE));

    private static final int MOST = 4;
    private static final double SIZE = 9;
    private static final double LEAST = 6.5;
    private static final double ROOM = 16;

    public PhotoBlock {
        place = Math.max(1, Math.min(MOST, place));
        fit = fit == null ? PictureBlock.Fit.WHOLE : fit;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Optional<PhotoItem> item = flow.subject(PhotoSheet.class)
                .filter(s -> s.items().size() >= place)
                .map(s -> s.items().get(place - 1));
        if (item.isEmpty() || area.width() < 1 || area.height() <= 2 * ROOM) {
            if (item.isEmpty() && flow.subject(PhotoSheet.class).isEmpty()) {
                new Pen(flow, out).box(area, 0.6, Role.LINE);
            }
            return;
        }
        String caption = item.get().caption();
        double below = caption.isEmpty() ? 0 : ROOM;
        Box frame =
                frame(area.inset(0, 0, below, 0), flow.pictures().get(item.get().picture()));
        new PictureBlock(item.get().picture(), fit, Length.points(frame.height()), 1.0).draw(frame, flow, out);
        if (!caption.isEmpty()) {
            Box words = new Box(area.x(), frame.bottom(), area.width(), ROOM);
            caption(caption, words, flow, out);
        }
    }

    /** Where the picture comes to stand: no higher than it is when it is shown whole, so that its caption stands below it. */
    private Box frame(Box room, @Nullable Picture picture) {
        if (fit == PictureBlock.Fit.FILL || picture == null || picture.isMissing()) {
            return room;
        }
        double high = Math.min(room.height(), room.width() * picture.height() / picture.width());
        return new Box(room.x(), room.centreY() - high / 2, room.width(), high);
    }

    /** On one line, as large as captions customarily are, smaller where it is long. */
    private static void caption(String text, Box at, Flow flow, List<Mark> out) {
        StyledPen pen = new StyledPen(flow, out);
        Lettering as = pen.text().sized(SIZE).at(Align.CENTRE);
        double wide = pen.width(text, as);
        Lettering fitting = wide > at.width() ? as.sized(Math.max(LEAST, SIZE * at.width() / wide)) : as;
        pen.words(text, at, at.bottom() - ROOM / 4, fitting);
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return width * 0.7;
    }
}
