package jorn.block.picture;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Picture;
import jorn.art.Turn;
import jorn.block.picture.PictureBlock.Fit;
import jorn.json.Required;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.say.SettingKind;

/**
 * A drawing or a picture that stands on every page of a run, behind what is written there.
 *
 * @param shape what is drawn; used where there is no picture
 * @param picture id of a picture of the book
 * @param anchor which corner or side
 * @param size its height, 2 mm to 500 mm
 * @param opacity 1 as it is, towards 0 fainter; 1 where it is not given
 * @param mirrored whether it changes sides on left-hand pages, and is turned over with them
 * @param inTurn whether every other page of the run has it turned over from left to right
 * @param toEdge whether it runs off the page, into the bleed, instead of keeping to the safe area
 */
public record Decoration(
        @Label("block.decoration.drawing") Ornament.Shape shape,
        @Label(value = "block.decoration.picture", as = SettingKind.PICTURE) Optional<String> picture,
        @Label("block.decoration.where") @Required Anchor anchor,
        @Label("block.decoration.height") @Required Length size,
        @Label(value = "block.decoration.opacity", as = SettingKind.PER_CENT) Double opacity,
        @Label("block.decoration.mirrored-on-versos") boolean mirrored,
        @Label("block.decoration.turned-over-turn") boolean inTurn,
        @Label("block.decoration.runs-off-page") boolean toEdge) {
    /** Where on a right-hand page. */
    public enum Anchor {
        HEAD_LEFT("head-left", 0, 0),
        HEAD("head", 0.5, 0),
        HEAD_RIGHT("head-right", 1, 0),
        LEFT("left", 0, 0.5),
        MIDDLE("middle", 0.5, 0.5),
        RIGHT("right", 1, 0.5),
        FOOT_LEFT("foot-left", 0, 1),
        FOOT("foot", 0.5, 1),
        FOOT_RIGHT("foot-right", 1, 1);

        private final String id;
        private final double across;
        private final double down;

        Anchor(String id, double across, double down) {
            this.id = id;
            this.across = across;
            this.down = down;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    private static final double WIDTH_OF_SHAPE = 1.6;

    public Decoration {
        shape = shape == null ? Ornament.Shape.SPRIG : shape;
        picture = picture == null ? Optional.empty() : picture.filter(p -> !p.isBlank());
        opacity = Limits.opacity(opacity);
        if (size.compareTo(Length.mm(2)) < 0 || size.compareTo(Length.mm(500)) > 0) {
            throw Trouble.of("block.decoration.ornament-cannot-drawn", size);
        }
    }

    /** A drawing at the head's right corner, mirrored on left-hand pages. */
    public static Decoration customary() {
        return new Decoration(
                Ornament.Shape.SPRIG, Optional.empty(), Anchor.HEAD_RIGHT, Length.mm(12), 0.6, true, false, false);
    }

    /**
     * Draws it.
     *
     * @param safe where it must keep to, unless it runs off the page
     * @param everyOther whether it is every other page of its run, on which it is turned over where it turns
     */
    public List<Mark> draw(Box safe, Flow flow, boolean everyOther) {
        boolean over = mirrored && !flow.gutterAtLeft();
        boolean turned = over ^ (inTurn && everyOther);
        Box room = toEdge && picture.isPresent() ? flow.frame().bleed() : safe;
        double across = over ? 1 - anchor.across : anchor.across;
        Optional<Picture> found = picture.map(flow.pictures()::get).filter(p -> !p.isMissing());
        double ratio = found.map(p -> (double) p.width() / p.height())
                .orElse(shape == Ornament.Shape.DIAMONDS ? 4.0 : WIDTH_OF_SHAPE);
        double h = Math.min(size.points(), Math.min(room.height(), room.width() / ratio));
        Box at = new Box(
                room.x() + (room.width() - h * ratio) * across,
                room.y() + (room.height() - h) * anchor.down,
                h * ratio,
                h);
        List<Mark> marks = new ArrayList<>();
        if (found.isPresent()) {
            marks.add(PictureBlock.place(found.get(), at, Fit.WHOLE, opacity));
        } else if (picture.isEmpty()) {
            new Ornament(shape, Length.points(h), Align.CENTRE).draw(at, flow.faded(opacity), marks);
        }
        return turned && !marks.isEmpty()
                ? List.of(new Mark.Turned(new Turn(-1, 0, 0, 1, 2 * at.centreX(), 0), marks))
                : marks;
    }

    /** Whether the book needs bleed for it. */
    public boolean reachesEdge() {
        return toEdge && picture.isPresent();
    }
}
