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
import jorn.cover.drawing.CoverDrawings;
import jorn.json.Required;
import org.jspecify.annotations.Nullable;

/**
 * Something that is drawn by rule: a pattern over its whole place, a wreath, a landscape.
 *
 * @param drawing id of the rule
 * @param inks what it is drawn with, in the order that the rule knows
 * @param scale times its own size; 1 where not given
 * @param behind a ground under it; absent for none
 */
public record RuleDrawn(
        @Required String drawing, @Required List<CoverRole> inks, double scale, @Nullable CoverRole behind)
        implements CoverBlock {
    public RuleDrawn {
        CoverDrawings.of(drawing);
        inks = List.copyOf(inks);
        scale = scale <= 0 ? 1 : scale;
    }

    @Override
    public void draw(Box at, PartEdit edit, CoverStage stage, List<Mark> out) {
        if (behind != null) {
            out.add(new Mark.Fill(Path.box(at), stage.ink(behind)));
        }
        List<Ink> own = inks.stream().map(stage::ink).toList();
        double times = scale * edit.size().orElse(1.0);
        out.addAll(CoverDrawings.of(drawing).draw(at, own, stage.height(), times, stage.seed(drawing)));
    }
}
