package jorn.cover.part;

import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.book.PartEdit;
import jorn.cover.CoverBlock;
import jorn.cover.CoverRole;
import jorn.cover.CoverStage;
import jorn.json.Required;
import org.jspecify.annotations.Nullable;

/**
 * A colour over its whole place, or one that passes into another from head to foot.
 *
 * @param ink the colour
 * @param to what it passes into; absent for one colour
 */
public record Flood(@Required CoverRole ink, @Nullable CoverRole to) implements CoverBlock {
    @Override
    public void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out) {
        Ink own = edit.ink().orElseGet(() -> stage.ink(ink));
        if (to == null) {
            out.add(new Mark.Fill(Path.box(at), own));
        } else {
            Mark.Shade.Ends down = new Mark.Shade.Ends(at.x(), at.y(), at.x(), at.bottom());
            out.add(new Mark.Shade(Path.box(at), own, stage.ink(to), down));
        }
    }
}
