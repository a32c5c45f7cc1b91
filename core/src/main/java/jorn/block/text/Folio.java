package jorn.block.text;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.json.Required;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.SettingKind;
import jorn.say.Wording;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * The page number.
 *
 * @param place at the fore-edge, in the middle or at the gutter, so that it mirrors on left-hand pages
 * @param size type size
 * @param around what stands before and after it: "– ", or nothing
 */
public record Folio(
        @Label("block.folio.where") FolioPlace place,
        @Label(value = "block.folio.type-size", as = SettingKind.TYPE_SIZE) @Required Length size,
        @Label("block.folio.signs-around") String around)
        implements Node {
    static final NodeKind<Folio> KIND = NodeKind.of("folio", Folio.class)
            .offered(
                    "folio",
                    Wording.of("block.folio.page-number"),
                    Wording.of("block.folio.mirrors-on-left-hand"),
                    () -> customary(FolioPlace.FORE_EDGE));

    /** Where in its width, seen from the spine. */
    public enum FolioPlace {
        @Label("block.folio.fore-edge")
        FORE_EDGE("fore-edge"),
        MIDDLE("middle"),
        GUTTER("gutter");

        private final String id;

        FolioPlace(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }

        /** On a page whose spine is at the left, or at the right. */
        public Align on(boolean gutterAtLeft) {
            return switch (this) {
                case MIDDLE -> Align.CENTRE;
                case FORE_EDGE -> gutterAtLeft ? Align.RIGHT : Align.LEFT;
                case GUTTER -> gutterAtLeft ? Align.LEFT : Align.RIGHT;
            };
        }
    }

    private static final double ROOM = 1.4;

    public Folio {
        size = Limits.type(size);
        place = place == null ? FolioPlace.FORE_EDGE : place;
        around = Limits.heading(around);
    }

    /** In the middle, in a customary size. */
    public static Folio customary(FolioPlace place) {
        return new Folio(place, Length.points(9.5), "");
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        String number = flow.fill("{page}");
        if (number.isBlank()) {
            return;
        }
        String words = around.isBlank() ? number : around.strip() + " " + number + " " + around.strip();
        new Pen(flow, out)
                .words(
                        words,
                        area,
                        area.bottom() - size.points() * 0.3,
                        size.points(),
                        Voice.FIGURES,
                        Style.REGULAR,
                        Role.TEXT,
                        place.on(flow.gutterAtLeft()));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return size.points() * ROOM;
    }
}
