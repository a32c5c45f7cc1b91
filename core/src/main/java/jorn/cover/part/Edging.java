package jorn.cover.part;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import java.util.Locale;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.art.Turn;
import jorn.book.PartEdit;
import jorn.cover.CoverBlock;
import jorn.cover.CoverRole;
import jorn.cover.CoverStage;
import jorn.json.Required;
import jorn.style.Motifs;

/**
 * A frame round its place.
 *
 * @param form of what lines
 * @param ink their colour
 */
public record Edging(EdgingForm form, @Required CoverRole ink) implements CoverBlock {
    /** Kinds of frame. */
    public enum EdgingForm {
        SINGLE,
        /** A strong line and a fine one inside it. */
        DOUBLE,
        /** As double, with the style's small ornament in each corner. */
        CORNERS,
        /** A row of stitches. */
        STITCHED,
        /** Lines that cross in the corners. */
        CROSSED,
        BROAD;

        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public Edging {
        form = form == null ? EdgingForm.DOUBLE : form;
    }

    @JsonIgnore
    @Override
    public boolean runsOff() {
        return false;
    }

    @Override
    public void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out) {
        Ink own = edit.ink().orElseGet(() -> stage.ink(ink));
        double u = stage.height() * 0.0022;
        switch (form) {
            case SINGLE -> out.add(new Mark.Stroke(Path.box(at), Math.max(0.7, u * 0.7), own));
            case BROAD -> out.add(new Mark.Stroke(Path.box(at.inset(u * 2)), u * 4, own));
            case DOUBLE -> doubled(at, u, own, out);
            case STITCHED -> out.add(new Mark.Stroke(Path.box(at), Math.max(0.9, u), own, List.of(u * 4, u * 3)));
            case CROSSED -> crossed(at, u, own, out);
            case CORNERS -> {
                doubled(at, u, own, out);
                double s = stage.height() * 0.07;
                Box corner = new Box(at.x() + u * 5, at.y() + u * 5, s, s);
                List<Mark> one = Motifs.of(
                                stage.book().style().details().ornaments().small())
                        .draw(corner, stage.palette(false).recoloured((r, i) -> own), 7);
                for (int i = 0; i < 4; i++) {
                    Turn turn = new Turn(
                            i % 2 == 0 ? 1 : -1,
                            0,
                            0,
                            i < 2 ? 1 : -1,
                            i % 2 == 0 ? 0 : 2 * at.centreX(),
                            i < 2 ? 0 : 2 * at.centreY());
                    out.add(new Mark.Turned(turn, one));
                }
            }
        }
    }

    private static void doubled(Box at, double u, Ink own, List<Mark> out) {
        out.add(new Mark.Stroke(Path.box(at), u * 1.5, own));
        out.add(new Mark.Stroke(Path.box(at.inset(u * 3.4)), Math.max(0.5, u * 0.5), own));
    }

    private static void crossed(Box at, double u, Ink own, List<Mark> out) {
        double over = u * 9;
        double w = Math.max(0.7, u * 0.8);
        out.add(new Mark.Stroke(Path.line(at.x() - over, at.y(), at.right() + over, at.y()), w, own));
        out.add(new Mark.Stroke(Path.line(at.x() - over, at.bottom(), at.right() + over, at.bottom()), w, own));
        out.add(new Mark.Stroke(Path.line(at.x(), at.y() - over, at.x(), at.bottom() + over), w, own));
        out.add(new Mark.Stroke(Path.line(at.right(), at.y() - over, at.right(), at.bottom() + over), w, own));
    }
}
